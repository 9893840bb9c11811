#include "app/proof/scatter_picture.h"
#include "app/numbers/numbers.h"

#include "app/proof/proof_words.h"
#include "app/theme/fitted_type.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"
#include "core/record/strokes_say.h"
#include "core/units/median.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kRangeDb = 12.0; // up and down

struct ScatterPictureText {
    Q_DECLARE_TR_FUNCTIONS(ScatterPicture)
};

double usualLevel(const std::vector<Backbeat>& strokes) {
    std::vector<double> levels;
    for (const Backbeat& stroke : strokes)
        levels.push_back(stroke.levelDb);
    return medianOf(std::move(levels));
}

} // namespace

ScatterPicture scatterPicture(const Session& session) {
    const std::vector<Backbeat> strokes = backbeatsOf(session);
    return {scatterOf(strokes), strokes, session.drum.shell.radius()};
}

QString scatterFigures(const ScatterPicture& picture) {
    const StrokeScatter& scatter = picture.scatter;
    if (scatter.verdict == PlayerOrDrum::TooFew)
        return ScatterPictureText::tr("strokes heard: %1 of %2").arg(scatter.strokes).arg(kBackbeats);
    QStringList parts{ScatterPictureText::tr("%1 strokes").arg(scatter.strokes),
                      ScatterPictureText::tr("level ± %1 dB").arg(number(scatter.levelDb, 1))};
    if (scatter.place)
        parts << ScatterPictureText::tr("place ± %1 mm")
                     .arg(qRound(1e3 * *scatter.place * picture.radius.value));
    if (scatter.ring)
        parts << ScatterPictureText::tr("ring ± %1 %").arg(qRound(100.0 * *scatter.ring));
    return parts.join(QStringLiteral(",  "));
}

QString scatterSummary(const ScatterPicture& picture) {
    return ScatterPictureText::tr("%1: %2.").arg(playerOrDrumName(picture.scatter.verdict),
                                                 scatterFigures(picture));
}

void paintScatter(QPainter& painter, const QRectF& area, const ScatterPicture& picture) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF field(area.left() + 70, area.top() + 36, area.width() - 96, area.height() - 92);
    const auto xOf = [&](double place) { return field.left() + field.width() * std::clamp(place, 0.0, 1.0); };
    const auto yOf = [&](double db) {
        return field.center().y() - 0.5 * field.height() * std::clamp(db, -kRangeDb, kRangeDb) / kRangeDb;
    };
    painter.setFont(typeface(13));
    painter.fillRect(QRectF(xOf(0.0), field.top(), xOf(kLandingArea) - xOf(0.0), field.height()),
                     p.accentSoft);
    for (const double db : {-12.0, -6.0, 0.0, 6.0, 12.0}) {
        painter.setPen(QPen(p.line, 1, db == 0.0 ? Qt::SolidLine : Qt::DotLine));
        painter.drawLine(QPointF(field.left(), yOf(db)), QPointF(field.right(), yOf(db)));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(area.left() + 4, yOf(db) - 10, 60, 20), Qt::AlignRight | Qt::AlignVCenter,
                         ScatterPictureText::tr("%1 dB").arg(db > 0.0 ? QStringLiteral("+%1").arg(db)
                                                                      : QString::number(db)));
    }
    painter.setPen(QPen(p.ink, 2));
    painter.drawLine(field.bottomLeft(), field.bottomRight());
    painter.setPen(p.quiet);
    const double radius = 1e3 * picture.radius.value;
    for (double mm = 0.0; mm < radius - 30.0; mm += 40.0)
        painter.drawText(QRectF(xOf(mm / radius) - 30, field.bottom() + 3, 60, 18), Qt::AlignCenter,
                         mm == 0.0 ? ScatterPictureText::tr("middle")
                                   : ScatterPictureText::tr("%1 mm").arg(number(mm, 0)));
    painter.drawText(QRectF(field.right() - 40, field.bottom() + 3, 60, 18), Qt::AlignCenter,
                     ScatterPictureText::tr("hoop"));
    const auto caption = [&](double y, const QString& words) {
        painter.setFont(typefaceFor(words, area.width() - 28, 13));
        painter.drawText(QRectF(area.left() + 14, y, area.width() - 28, 18), Qt::AlignLeft, words);
    };
    caption(area.top() + 8,
            ScatterPictureText::tr(
                "each stroke: how far from the middle, how loud against the usual one; shaded, where the "
                "stick should land"));
    caption(field.bottom() + 26,
            ScatterPictureText::tr(
                "place by the balance of edge and middle; the usual one is taken for a fifth of the way "
                "out"));
    painter.setFont(typeface(13));
    if (picture.strokes.empty())
        return;
    const double usual = usualLevel(picture.strokes);
    for (std::size_t i = 0; i < picture.strokes.size(); ++i) {
        const Backbeat& stroke = picture.strokes[i];
        const bool last = i + 1 == picture.strokes.size();
        const double y = yOf(stroke.levelDb - usual);
        painter.setPen(QPen(last ? p.accent : p.ink, 2));
        painter.setBrush(last ? p.accent : p.card);
        if (stroke.place)
            painter.drawEllipse(QPointF(xOf(*stroke.place), y), 6, 6);
        else
            painter.drawLine(QPointF(field.left(), y), QPointF(field.left() + 10, y));
    }
}

ScatterView::ScatterView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(ScatterPictureText::tr("Strokes on the head"));
    setObjectName(QStringLiteral("scatter"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void ScatterView::show(const ScatterPicture& picture) {
    m_picture = picture;
    describe(this, scatterSummary(picture));
    update();
}

void ScatterView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCard(painter, *this);
    paintScatter(painter, drawnRect(*this), m_picture);
}

} // namespace bombo
