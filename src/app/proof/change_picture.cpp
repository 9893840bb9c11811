#include "app/proof/change_picture.h"

#include "app/numbers/numbers.h"
#include "app/proof/proof_words.h"
#include "app/theme/fitted_type.h"
#include "app/theme/parts.h"

#include <QPainter>
#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace bombo {
namespace {

constexpr double kChangeRowHigh = 46.0;
constexpr double kChangeFoot = 22.0;
constexpr double kLowestChangeRow = 30.0; // px: below it nothing is drawn
constexpr double kNamesWide = 0.3;        // share of the width

struct Told {
    double value;
    std::optional<double> error; ///< not known of strokes of old workbooks
};

struct ChangeRow {
    QString name;
    QString unit;
    int decimals;
    Told before;
    std::optional<Told> after;
};

template <class Quantity>
std::optional<Told> toldOf(const std::optional<Quantity>& value, const std::optional<Quantity>& error) {
    return value ? std::optional(Told{value->value, error ? std::optional(error->value) : std::nullopt})
                 : std::nullopt;
}

std::vector<ChangeRow> changeRows(const ChangePicture& picture) {
    const StrokesSay& b = picture.before;
    const StrokesSay& a = picture.after;
    std::vector<ChangeRow> rows;
    const auto add = [&](const QString& name, const QString& unit, int decimals,
                         const std::optional<Told>& before, const std::optional<Told>& after) {
        if (before)
            rows.push_back({name, unit, decimals, *before, after});
    };
    const QString seconds = ChangeView::tr("s");
    add(ChangeView::tr("ring"), seconds, 2, toldOf(b.ring, b.ringError), toldOf(a.ring, a.ringError));
    add(ChangeView::tr("tone with wires"), seconds, 2, toldOf(b.tone, b.toneError),
        toldOf(a.tone, a.toneError));
    add(ChangeView::tr("buzz"), seconds, 2, toldOf(b.buzz, b.buzzError), toldOf(a.buzz, a.buzzError));
    add(ChangeView::tr("centre pitch"), ChangeView::tr("Hz"), 1, toldOf(b.centre, b.centreError),
        toldOf(a.centre, a.centreError));
    return rows;
}

QString toldText(const Told& told, const ChangeRow& row) {
    return ChangeView::tr("%1 %2").arg(withErrorText(told.value, told.error, row.decimals), row.unit);
}

/// A figure with how sure it is.
void paintTold(QPainter& painter, double y, const Told& told, double from, double perPixel, bool isFull) {
    const Palette& p = ink();
    const auto xOf = [&](double value) { return from + value / perPixel; };
    if (told.error) {
        painter.setPen(QPen(p.ink, 1.4));
        const double low = xOf(told.value - *told.error);
        const double high = xOf(told.value + *told.error);
        painter.drawLine(QPointF(low, y), QPointF(high, y));
        for (const double end : {low, high})
            painter.drawLine(QPointF(end, y - 4), QPointF(end, y + 4));
    }
    painter.setPen(QPen(isFull ? p.accent : p.ink, 2.0));
    painter.setBrush(isFull ? p.accent : p.card);
    painter.drawEllipse(QPointF(xOf(told.value), y), 6, 6);
    painter.setBrush(Qt::NoBrush);
}

} // namespace

void paintChange(QPainter& painter, const QRectF& area, const ChangePicture& picture) {
    const std::vector<ChangeRow> rows = changeRows(picture);
    if (rows.empty())
        return;
    const double high =
        std::min(kChangeRowHigh, (area.height() - kChangeFoot) / static_cast<double>(rows.size()));
    if (high < kLowestChangeRow)
        return;
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    double top = area.top();
    for (const ChangeRow& row : rows) {
        const double names = kNamesWide * area.width();
        const double middleY = top + 0.5 * high;
        painter.setPen(p.quiet);
        painter.setFont(typefaceFor(row.name, names - 8, 13));
        painter.drawText(QRectF(area.left(), middleY - 10, names - 8, 20), Qt::AlignLeft | Qt::AlignVCenter,
                         row.name);
        double low = row.before.value;
        double most = row.before.value;
        for (const Told& told : {row.before, row.after.value_or(row.before)}) {
            low = std::min(low, told.value - 1.5 * told.error.value_or(0.0));
            most = std::max(most, told.value + 1.5 * told.error.value_or(0.0));
        }
        // Never so near that hundredths look like worlds.
        const double least = 0.2 * row.before.value;
        if (most - low < least) {
            const double middle = 0.5 * (low + most);
            low = middle - 0.5 * least;
            most = middle + 0.5 * least;
        }
        const double left = area.left() + names;
        const double perPixel = (most - low) / (area.width() - names - 10);
        painter.setPen(QPen(p.line, 1.5));
        painter.drawLine(QPointF(left, middleY), QPointF(area.right() - 10, middleY));
        paintTold(painter, middleY - 7, row.before, left - low / perPixel, perPixel, false);
        if (row.after)
            paintTold(painter, middleY + 7, *row.after, left - low / perPixel, perPixel, true);
        top += high;
    }
    // What the marks are.
    painter.setFont(typeface(12));
    double x = area.left() + kNamesWide * area.width() + 8;
    for (const bool isAfter : {false, true}) {
        if (isAfter && picture.after.strokes == 0)
            break;
        painter.setPen(QPen(isAfter ? p.accent : p.ink, 2.0));
        painter.setBrush(isAfter ? p.accent : p.card);
        painter.drawEllipse(QPointF(x, top + 10), 5, 5);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(p.quiet);
        const QString text = isAfter ? ChangeView::tr("after") : ChangeView::tr("before");
        painter.drawText(QPointF(x + 11, top + 14), text);
        x += 24 + painter.fontMetrics().horizontalAdvance(text);
    }
}

QString changeSummary(const ChangePicture& picture) {
    QStringList lines;
    for (const ChangeRow& row : changeRows(picture))
        lines << (row.after ? ChangeView::tr("%1: before %2, after %3")
                                  .arg(row.name, toldText(row.before, row), toldText(*row.after, row))
                            : ChangeView::tr("%1: before %2").arg(row.name, toldText(row.before, row)));
    return lines.join(QStringLiteral("; "));
}

ChangeView::ChangeView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("changeView"));
    setAccessibleName(tr("Before and after"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void ChangeView::show(const ChangePicture& picture) {
    m_picture = picture;
    describe(this, changeSummary(picture));
    update();
}

void ChangeView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintChange(painter, drawnRect(*this), m_picture);
}

} // namespace bombo
