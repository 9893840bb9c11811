#include "app/listening/tap_paint.h"

#include "app/session/wording.h"
#include "app/theme/palette.h"

#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

QString tr(const char* text, const char* comment = nullptr, int n = -1) {
    return QCoreApplication::translate("TapPicture", text, comment, n);
}

constexpr double kLowestHz = 80.0;
constexpr double kHighestHz = 1400.0;
constexpr double kQuietestDb = -40.0;

bool isChosen(const Reading& reading, const Partial& partial) {
    return reading.verdict == Verdict::Clear && reading.frequency &&
           std::abs(centsBetween(*reading.frequency, partial.frequency).value) < 60.0;
}

QString modeName(const Mode& mode) {
    if (mode == Mode{1, 1})
        return tr("edge");
    if (mode == Mode{0, 1})
        return tr("centre");
    return QStringLiteral("(%1,%2)").arg(mode.m).arg(mode.n);
}

} // namespace

void paintPartials(QPainter& painter, const QRectF& area, const Reading& reading) {
    const Palette& p = ink();
    painter.setFont(typeface(13));
    const double floor = area.bottom() - 22;
    painter.setPen(QPen(p.line, 1));
    painter.drawLine(QPointF(area.left(), floor), QPointF(area.right(), floor));
    double strongest = 1e-9;
    for (const Partial& partial : reading.partials)
        strongest = std::max(strongest, partial.amplitude);
    auto xOf = [&](double hz) {
        return area.left() + 8 +
               (area.width() - 70) * std::log(hz / kLowestHz) / std::log(kHighestHz / kLowestHz);
    };
    double labelled = -1e9;
    for (const Partial& partial : reading.partials) {
        if (partial.frequency.value > kHighestHz)
            continue;
        const double db = 20.0 * std::log10(partial.amplitude / strongest);
        if (db < kQuietestDb)
            continue;
        const double height = (floor - area.top() - 4) * (1.0 - db / kQuietestDb);
        const double length = std::min(64.0, 90.0 * partial.t60.value); // px a second
        const double x = xOf(partial.frequency.value);
        const bool chosen = isChosen(reading, partial);
        QPainterPath fall(QPointF(x, floor));
        fall.lineTo(x, floor - height);
        for (int i = 1; i <= 16; ++i)
            fall.lineTo(x + length * i / 16.0, floor - height * std::exp(-3.5 * i / 16.0));
        fall.lineTo(x + length, floor);
        painter.setPen(QPen(chosen ? p.ink : p.quiet, chosen ? 2.5 : 1.2));
        painter.setBrush(chosen ? QBrush(p.band) : QBrush(Qt::NoBrush));
        painter.drawPath(fall);
        if ((chosen || (partial.mode && db > -26.0)) && x - labelled > 46.0) {
            painter.setPen(chosen ? p.ink : p.quiet);
            painter.drawText(QPointF(x - 2, area.bottom() - 6),
                             chosen ? tr("edge") : modeName(*partial.mode));
            labelled = x;
        }
    }
}

QString partialsSummary(const Reading& reading) {
    QStringList parts;
    for (const Partial& partial : reading.partials)
        parts << tr("%1, falls in %2 s").arg(hertzText(partial.frequency)).arg(partial.t60.value, 0, 'f', 2);
    return parts.isEmpty() ? tr("No partials.") : tr("Partials: %1.").arg(parts.join(QStringLiteral("; ")));
}

void paintLevel(QPainter& painter, const QRectF& area, double db) {
    const Palette& p = ink();
    auto xOf = [&](double level) {
        return area.left() + area.width() * std::clamp((level + 60.0) / 60.0, 0.0, 1.0);
    };
    const QRectF bar(area.left(), area.center().y() - 5, area.width(), 10);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.band);
    painter.drawRect(QRectF(xOf(-36), bar.top() - 4, xOf(-3) - xOf(-36), bar.height() + 8));
    painter.setBrush(p.ink);
    painter.drawRect(QRectF(bar.left(), bar.top(), xOf(db) - bar.left(), bar.height()));
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(p.quiet, 1));
    painter.drawRect(bar);
}

} // namespace bombo
