#include "app/listening/tap_paint.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/palette.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct TapPaintText {
    Q_DECLARE_TR_FUNCTIONS(TapPaint)
};

constexpr double kQuietestDb = -40.0;
constexpr double kRow = 19.0;   ///< px
constexpr double kName = 128.0; ///< px, of name and pitch

/// The partials that the figure was read from: those beside it, and the nearest wherever it lies, since of a
/// split pair in a room the figure is where neither is.
bool isChosen(const Reading& reading, const Partial& partial) {
    constexpr double beside = 60.0; // cents
    if (!reading.hasFigure())
        return false;
    const auto away = [&](const Partial& p) {
        return std::abs(centsBetween(*reading.frequency, p.frequency).value);
    };
    return away(partial) < beside ||
           std::none_of(reading.partials.begin(), reading.partials.end(),
                        [&](const Partial& other) { return away(other) < away(partial); });
}

QString modeName(const Mode& mode) {
    if (mode == Mode{1, 1})
        return TapPaintText::tr("edge");
    if (mode == Mode{0, 1})
        return TapPaintText::tr("centre");
    return QStringLiteral("(%1,%2)").arg(mode.m).arg(mode.n);
}

struct Row {
    Partial partial;
    double db; ///< against the strongest
    bool chosen;
};

/// The strongest partial of each name, those without a name as they are; at most `most`, ascending in pitch.
std::vector<Row> rowsOf(const Reading& reading, std::size_t most) {
    double strongest = 1e-9;
    for (const Partial& partial : reading.partials)
        strongest = std::max(strongest, partial.amplitude);
    std::vector<Row> rows;
    for (const Partial& partial : reading.partials) {
        const Row row{partial, 20.0 * std::log10(partial.amplitude / strongest), isChosen(reading, partial)};
        if (row.db < kQuietestDb && !row.chosen)
            continue;
        const auto same = std::find_if(rows.begin(), rows.end(), [&](const Row& r) {
            return (row.chosen && r.chosen) || (partial.mode && r.partial.mode == partial.mode);
        });
        if (same == rows.end()) {
            rows.push_back(row);
            continue;
        }
        const bool chosen = row.chosen || same->chosen; // of a pair, whichever is the louder
        if (row.db > same->db)
            *same = row;
        same->chosen = chosen;
    }
    std::stable_sort(rows.begin(), rows.end(), [](const Row& a, const Row& b) {
        return a.chosen != b.chosen ? a.chosen : a.db > b.db;
    });
    rows.resize(std::min(rows.size(), most));
    std::sort(rows.begin(), rows.end(),
              [](const Row& a, const Row& b) { return a.partial.frequency < b.partial.frequency; });
    return rows;
}

QString rowName(const Row& row) {
    const QString pitch = number(row.partial.frequency.value, row.chosen ? 1 : 0);
    const QString name = row.partial.mode ? modeName(*row.partial.mode) : QString();
    return name.isEmpty() ? TapPaintText::tr("%1 Hz").arg(pitch)
                          : TapPaintText::tr("%1 %2 Hz").arg(name, pitch);
}

} // namespace

void paintPartials(QPainter& painter, const QRectF& area, const Reading& reading) {
    const Palette& p = ink();
    const auto most = static_cast<std::size_t>(std::max(1.0, std::floor((area.height() - 20.0) / kRow)));
    const std::vector<Row> rows = rowsOf(reading, most);
    if (rows.empty())
        return;
    double longest = 0.1;
    for (const Row& row : rows)
        longest = std::max(longest, row.partial.t60.value);
    const double step = longest > 1.2 ? 0.5 : longest > 0.45 ? 0.2 : 0.1;
    const double left = area.left() + kName;
    const double width = area.right() - left - 16;
    const double end = step * std::ceil(longest / step);
    auto xOf = [&](double seconds) { return left + width * seconds / end; };
    const double floor = area.top() + kRow * static_cast<double>(rows.size());

    painter.setFont(typeface(12));
    for (double t = 0.0; t <= end + 1e-9; t += step) {
        painter.setPen(QPen(p.line, 1, t == 0.0 ? Qt::SolidLine : Qt::DotLine));
        painter.drawLine(QPointF(xOf(t), area.top()), QPointF(xOf(t), floor));
        painter.setPen(p.quiet);
        const bool last = t + step > end + 1e-9;
        painter.drawText(QRectF(xOf(t) - 30, floor + 1, 60, 17), Qt::AlignCenter,
                         last ? TapPaintText::tr("%1 s").arg(figures(t, 2)) : figures(t, 2));
    }
    double y = area.top();
    for (const Row& row : rows) {
        painter.setPen(row.chosen ? p.ink : p.quiet);
        painter.setFont(typeface(13, row.chosen ? QFont::Bold : QFont::Normal));
        painter.drawText(QRectF(area.left(), y, kName - 8, kRow), Qt::AlignRight | Qt::AlignVCenter,
                         rowName(row));
        const double half = std::max(1.0, 0.42 * kRow * (1.0 - row.db / kQuietestDb));
        const double middle = y + 0.5 * kRow;
        const QPolygonF wedge{QPointF(left, middle - half), QPointF(xOf(row.partial.t60.value), middle),
                              QPointF(left, middle + half)};
        painter.setPen(QPen(row.chosen ? p.ink : p.quiet, row.chosen ? 2.0 : 1.0));
        painter.setBrush(row.chosen ? QBrush(p.ink) : QBrush(p.band));
        painter.drawPolygon(wedge);
        y += kRow;
    }
}

QString partialsSummary(const Reading& reading) {
    QStringList parts;
    for (const Row& row : rowsOf(reading, reading.partials.size()))
        parts << (row.chosen ? TapPaintText::tr("%1, the one that counts, falls in %2 s")
                             : TapPaintText::tr("%1, falls in %2 s"))
                     .arg(rowName(row))
                     .arg(number(row.partial.t60.value, 2));
    return parts.isEmpty() ? TapPaintText::tr("No partials.")
                           : TapPaintText::tr("Partials: %1.").arg(parts.join(QStringLiteral("; ")));
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
