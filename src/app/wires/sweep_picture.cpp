#include "app/wires/sweep_picture.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"
#include "core/record/wires_say.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>

namespace bombo {
namespace {

struct SweepPictureText {
    Q_DECLARE_TR_FUNCTIONS(SweepPicture)
};

void paintRows(QPainter& painter, const SweepMap& map, const SweepPicture& picture) {
    const Palette& p = ink();
    for (const Dynamic dynamic : kDynamics) {
        const QRectF upper = map.row(StrokePlace::Middle, dynamic);
        painter.setPen(p.ink);
        painter.setFont(typeface(15, QFont::DemiBold));
        painter.drawText(QRectF(map.area().left() + 8, upper.top(), 80, 2 * upper.height()),
                         Qt::AlignRight | Qt::AlignVCenter, dynamicName(dynamic));
        painter.setPen(QPen(p.line, 1));
        painter.drawLine(upper.topLeft(), upper.topRight());
        for (const StrokePlace place : kPlaces) {
            const QRectF row = map.row(place, dynamic);
            if (!picture.isAdvised)
                continue;
            const ChokePlace& choke = picture.advice.choke(place, dynamic);
            const auto xOf = [&](double turns) {
                return map.xOf(Turns{std::clamp(turns, 0.0, kChartTurns)});
            };
            const double end = xOf(choke.turns.value);
            const QRectF bar(row.left(), row.center().y() - 4, std::max(0.0, end - row.left()), 8);
            painter.setPen(Qt::NoPen);
            painter.setBrush(place == StrokePlace::Middle ? QBrush(p.line)
                                                          : QBrush(p.line, Qt::Dense4Pattern));
            painter.drawRect(bar);
            painter.setPen(QPen(p.quiet, 1.5)); // how sure its end is
            const double from = xOf(choke.from.value);
            const double to = xOf(choke.to.value);
            painter.drawLine(QPointF(from, row.center().y()), QPointF(to, row.center().y()));
            if (choke.to.value < kChartTurns) // else it goes on beyond the chart
                painter.drawLine(QPointF(to, row.center().y() - 3), QPointF(to, row.center().y() + 3));
        }
    }
    painter.setPen(QPen(p.line, 1));
    painter.drawLine(map.field().bottomLeft(), map.field().bottomRight());
}

void paintTests(QPainter& painter, const SweepMap& map, const SweepPicture& picture) {
    const Palette& p = ink();
    for (const WireTest& test : picture.tests) {
        const QRectF row = map.row(test.place, test.dynamic);
        const QPointF at(map.xOf(test.turns), row.center().y());
        painter.setPen(QPen(p.ink, 2.4));
        if (test.answered) {
            painter.setBrush(p.ink);
            painter.drawEllipse(at, 6, 6);
        } else {
            painter.drawLine(at + QPointF(-6, -6), at + QPointF(6, 6));
            painter.drawLine(at + QPointF(-6, 6), at + QPointF(6, -6));
        }
    }
    painter.setFont(typeface(13));
    for (const RattleTest& test : picture.rattles) {
        const double x = map.xOf(test.turns);
        const double y = map.field().top() - 14;
        painter.setPen(QPen(p.ink, 2));
        QPolygonF line;
        for (int i = -8; i <= 8; ++i)
            line << QPointF(x + i, y + (test.rattled ? 4.0 * ((i & 1) != 0 ? 1 : -1) : 0.0));
        painter.drawPolyline(line);
    }
}

void paintMarks(QPainter& painter, const SweepMap& map, const SweepPicture& picture) {
    const Palette& p = ink();
    const QRectF field = map.field();
    const double base = field.bottom();
    if (picture.begun) {
        const double x = map.xOf(picture.current);
        painter.setPen(QPen(p.accent, 3));
        painter.drawLine(QPointF(x, field.top() - 4), QPointF(x, base + 6));
        painter.setBrush(p.accent);
        painter.drawEllipse(QPointF(x, base + 10), 7, 7);
    }
    if (!picture.isAdvised)
        return;
    const double r = map.xOf(picture.advice.recommended);
    painter.setPen(QPen(p.ink, 2));
    const double spread = map.xOf(picture.advice.recommended + picture.advice.error) - r;
    painter.drawLine(QPointF(r - spread, field.top() - 30), QPointF(r + spread, field.top() - 30));
    painter.setBrush(p.ink);
    painter.drawPolygon(QPolygonF{QPointF(r, field.top() - 22), QPointF(r - 7, field.top() - 36),
                                  QPointF(r + 7, field.top() - 36)});
    painter.setFont(typeface(13));
    painter.drawText(QRectF(r - 120, field.top() - 55, 240, 18), Qt::AlignCenter,
                     SweepPictureText::tr("best: %1 ± %2")
                         .arg(turnsText(picture.advice.recommended))
                         .arg(number(picture.advice.error.value, 2)));
}

} // namespace

SweepPicture sweepPicture(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return {session.wires.strainer, session.wires.begun, wireAdviceOf(reckoned), session.wires.tests,
            session.wires.rattles};
}

QString sweepSummary(const SweepPicture& picture) {
    QStringList tried;
    for (const WireTest& test : picture.tests)
        tried << SweepPictureText::tr("%1, %2 at the %3: %4")
                     .arg(turnsText(test.turns), dynamicName(test.dynamic), placeName(test.place),
                          test.answered ? SweepPictureText::tr("answered")
                                        : SweepPictureText::tr("no answer"));
    const QString all =
        tried.isEmpty() ? SweepPictureText::tr("nothing yet") : tried.join(QStringLiteral("; "));
    if (!picture.isAdvised)
        return SweepPictureText::tr("Strainer now at %1. Tried: %2.").arg(turnsText(picture.current), all);
    return SweepPictureText::tr(
               "Usable span from %1 to %2; best %3, sure to %4 turns. Strainer now at %5. Tried: %6.")
        .arg(turnsText(picture.advice.rattleBelow), turnsText(picture.advice.chokeAbove),
             turnsText(picture.advice.recommended))
        .arg(number(picture.advice.error.value, 2))
        .arg(turnsText(picture.current), all);
}

void paintSweep(QPainter& painter, const SweepMap& map, const SweepPicture& picture) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF field = map.field();
    const double left = map.xOf(picture.advice.rattleBelow);
    const double right = map.xOf(Turns{std::min(kChartTurns, picture.advice.chokeAbove.value)});
    if (picture.isAdvised && right > left)
        painter.fillRect(QRectF(left, field.top() - 20, right - left, field.height() + 20), p.band);
    paintRows(painter, map, picture);
    painter.setFont(typeface(13));
    for (int quarter = 0; quarter <= 4 * kChartTurns; ++quarter) {
        const double x = map.xOf(Turns{quarter / 4.0});
        painter.setPen(QPen(p.quiet, 1));
        painter.drawLine(QPointF(x, field.bottom()), QPointF(x, field.bottom() + (quarter % 4 == 0 ? 6 : 3)));
        if (quarter % 4 == 0)
            painter.drawText(QRectF(x - 30, field.bottom() + 18, 60, 18), Qt::AlignCenter,
                             QString::number(quarter / 4));
    }
    painter.drawText(QRectF(field.left(), field.bottom() + 36, field.width(), 18), Qt::AlignCenter,
                     SweepPictureText::tr("strainer turns from first contact"));
    const QString words =
        picture.isAdvised
            ? SweepPictureText::tr("shaded: usable; disc: answered, cross: no answer; thin line: how "
                                   "sure\nbars: should answer, "
                                   "full at the middle, hatched at the edge")
            : SweepPictureText::tr(
                  "disc: answered, cross: no answer; above: a straight line is clean, a jagged one rattled");
    const QStringList legend = words.split(QLatin1Char('\n'));
    double y = field.bottom() + 54;
    for (const QString& line : legend) {
        const QRectF row(map.area().left() + 8, y, map.area().width() - 16, 18);
        painter.setFont(typefaceFor(line, row.width(), 13));
        painter.drawText(row, Qt::AlignHCenter, line);
        y += 18;
    }
    painter.setFont(typeface(13));
    paintTests(painter, map, picture);
    paintMarks(painter, map, picture);
}

SweepView::SweepView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(SweepPictureText::tr("Sweep of the strainer"));
    setObjectName(QStringLiteral("sweep"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void SweepView::show(const SweepPicture& picture) {
    m_picture = picture;
    describe(this, sweepSummary(picture));
    update();
}

void SweepView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCard(painter, *this);
    paintSweep(painter, SweepMap(drawnRect(*this)), m_picture);
}

} // namespace bombo
