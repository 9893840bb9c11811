#include "app/logbook/compare_view.h"

#include "app/logbook/back_words.h"
#include "app/logbook/compare_overlays.h"
#include "app/theme/fitted_type.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"

#include <QPainter>
#include <algorithm>

namespace bombo {
namespace {

constexpr double kMostSteps = 5.0; // just noticeable differences that a bar is long at most

QString heardText(const Difference& one) {
    return one.isHeard() ? CompareView::tr("can be heard") : CompareView::tr("not heard by itself");
}

QString noDifference() {
    return CompareView::tr("Nothing that is known in both differs.");
}

} // namespace

CompareView::CompareView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("differences"));
    setAccessibleName(tr("What differs"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void CompareView::show(ComparePicture picture) {
    m_picture = std::move(picture);
    QStringList lines;
    for (const Difference& one : m_picture.differences)
        lines << tr("%1: %2, %3").arg(differsName(one.what), differenceText(one), heardText(one));
    describe(this, lines.isEmpty() ? noDifference() : lines.join(QStringLiteral("; ")));
    setToolTip({});
    update();
}

void CompareView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    const QRectF area = drawnRect(*this);
    if (m_picture.differences.empty()) {
        painter.setFont(typeface(15));
        painter.setPen(ink().quiet);
        painter.drawText(area, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, noDifference());
        return;
    }
    const bool hasBelow = hasOverlays(m_picture);
    const double below = hasBelow ? std::min(112.0, 0.42 * area.height()) : 0.0;
    const double high =
        std::min(24.0, (area.height() - below - 16.0) / static_cast<double>(m_picture.differences.size()));
    if (hasBelow)
        paintOverlays(painter, QRectF(area.left(), area.bottom() - below, area.width(), below), m_picture);
    const double nameEnds = area.left() + 0.32 * area.width();
    const double barBegins = nameEnds + 10.0;
    const double step = 0.05 * area.width(); // of one just noticeable difference
    const double textBegins = barBegins + step * kMostSteps + 12.0;
    painter.setPen(QPen(ink().quiet, 1, Qt::DashLine));
    const double bottom = area.top() + high * static_cast<double>(m_picture.differences.size());
    painter.drawLine(QPointF(barBegins + step, area.top()), QPointF(barBegins + step, bottom));
    double y = area.top();
    for (const Difference& one : m_picture.differences) {
        const bool isHeard = one.isHeard();
        const QFont::Weight weight = isHeard ? QFont::DemiBold : QFont::Normal;
        const QString name = differsName(one.what);
        painter.setPen(isHeard ? ink().ink : ink().quiet);
        painter.setFont(typefaceFor(name, nameEnds - area.left(), 14, weight));
        painter.drawText(QRectF(area.left(), y, nameEnds - area.left(), high),
                         Qt::AlignRight | Qt::AlignVCenter, name);
        if (one.steps > 0.0) {
            const double width = step * std::min(kMostSteps, one.steps);
            painter.fillRect(QRectF(barBegins, y + 0.5 * high - 4, width, 8),
                             isHeard ? ink().accent : ink().quiet);
        }
        const QString text = differenceText(one);
        painter.setPen(isHeard ? ink().ink : ink().quiet);
        painter.setFont(typefaceFor(text, area.right() - textBegins, 14, weight));
        painter.drawText(QRectF(textBegins, y, area.right() - textBegins, high),
                         Qt::AlignLeft | Qt::AlignVCenter, text);
        y += high;
    }
    const QString mark = tr("heard from here on");
    painter.setFont(typeface(12));
    painter.setPen(ink().quiet);
    if (bottom + 16 <= area.bottom())
        painter.drawText(QRectF(barBegins + step + 4, bottom, 240, 16), Qt::AlignLeft | Qt::AlignVCenter,
                         mark);
}

} // namespace bombo
