#include "app/proof/steady_picture.h"
#include "core/faults/player_or_drum.h"

#include "app/numbers/numbers.h"
#include "app/theme/fitted_type.h"
#include "app/theme/parts.h"

#include <QPainter>
#include <algorithm>

namespace bombo {
namespace {

constexpr double kRowHigh = 58.0;
constexpr double kFewestRowsHigh = 46.0;
constexpr double kMostShown = 2.5; // times what counts as steady

struct SteadyRow {
    QString name;
    QString figure;
    double share; ///< of what counts as steady
};

std::vector<SteadyRow> steadyRows(const ScatterPicture& picture) {
    const StrokeScatter& scatter = picture.scatter;
    if (scatter.verdict == PlayerOrDrum::TooFew)
        return {};
    std::vector<SteadyRow> rows{{SteadyView::tr("level, the hands"),
                                 SteadyView::tr("± %1 dB").arg(number(scatter.levelDb, 1)),
                                 scatter.levelDb / kSteadyLevel}};
    if (scatter.place)
        rows.push_back({SteadyView::tr("place, the hands"),
                        SteadyView::tr("± %1 mm").arg(number(1e3 * *scatter.place * picture.radius.value, 0)),
                        *scatter.place / kSteadyPlace});
    if (scatter.ring)
        rows.push_back({SteadyView::tr("ring, the drum"),
                        SteadyView::tr("± %1 %").arg(number(100.0 * *scatter.ring, 0)),
                        *scatter.ring / kSteadyRing});
    return rows;
}

} // namespace

void paintSteady(QPainter& painter, const QRectF& area, const ScatterPicture& picture) {
    const std::vector<SteadyRow> rows = steadyRows(picture);
    const double high =
        rows.empty() ? 0.0 : std::min(kRowHigh, (area.height() - 20) / static_cast<double>(rows.size()));
    if (high < kFewestRowsHigh)
        return;
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const double steady = area.left() + area.width() / kMostShown;
    double top = area.top();
    for (const SteadyRow& row : rows) {
        const bool isSteady = row.share <= 1.0;
        painter.setPen(p.quiet);
        painter.setFont(typefaceFor(row.name, 0.62 * area.width(), 13));
        painter.drawText(QRectF(area.left(), top, 0.62 * area.width(), 18), Qt::AlignLeft, row.name);
        painter.setPen(isSteady ? p.ink : p.accent);
        painter.setFont(typeface(14, QFont::DemiBold));
        painter.drawText(QRectF(area.left(), top, area.width(), 18), Qt::AlignRight, row.figure);
        const QRectF field(area.left(), top + 21, area.width(), 14);
        painter.fillRect(QRectF(field.left(), field.top(), steady - field.left(), field.height()), p.band);
        painter.fillRect(QRectF(field.left(), field.top() + 3,
                                field.width() * std::min(kMostShown, row.share) / kMostShown, 8),
                         isSteady ? p.batter : p.accent);
        top += high;
    }
    painter.setPen(QPen(p.quiet, 1.2, Qt::DashLine));
    painter.drawLine(QPointF(steady, area.top() + 18), QPointF(steady, top - high + 38));
    painter.setPen(p.quiet);
    const QString mark = SteadyView::tr("steady up to here");
    painter.setFont(typefaceFor(mark, area.width(), 12));
    painter.drawText(QRectF(area.left(), top - high + 40, area.width(), 16), Qt::AlignLeft, mark);
}

SteadyView::SteadyView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("steadyView"));
    setAccessibleName(tr("Who wanders"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void SteadyView::show(const ScatterPicture& picture) {
    m_picture = picture;
    QStringList lines;
    for (const SteadyRow& row : steadyRows(picture))
        lines << (row.share <= 1.0 ? tr("%1 %2, steady") : tr("%1 %2, not steady")).arg(row.name, row.figure);
    describe(this, lines.join(QStringLiteral("; ")));
    update();
}

void SteadyView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintSteady(painter, drawnRect(*this), m_picture);
}

} // namespace bombo
