#include "app/muffling/ways_picture.h"

#include "app/muffling/ways_panel.h"
#include "app/numbers/numbers.h"
#include "app/theme/fitted_type.h"
#include "app/theme/parts.h"

#include <QPainter>
#include <QPolygonF>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kLowestWays = 96.0; // px: below it nothing is drawn
constexpr double kMostNames = 0.48;  // share of the width
constexpr double kFoot = 20.0;       // of the times
constexpr double kHead = 20.0;       // of the time that is wanted

QString timeText(double seconds, int digits) {
    return WaysView::tr("%1 s").arg(number(seconds, digits));
}

QPolygonF dyingAway(double left, double right, double base, double height) {
    return {QPointF(left, base - height), QPointF(left, base), QPointF(right, base)};
}

} // namespace

void paintWays(QPainter& painter, const QRectF& area, const WaysPicture& picture) {
    if (area.height() < kLowestWays || picture.plans.empty())
        return;
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    double longest = picture.wanted.value;
    for (const RingPlan& plan : picture.plans)
        longest = std::max({longest, plan.ring.value, plan.buzz.value_or(Seconds{}).value});
    const double ceiling = std::ceil(longest * 5.0 + 0.2) / 5.0;
    painter.setFont(typeface(13, QFont::DemiBold));
    double names = 0.0;
    for (const RingPlan& plan : picture.plans)
        names = std::max(names, painter.fontMetrics().horizontalAdvance(ringSchoolName(plan.school)) + 10.0);
    names = std::min(names, kMostNames * area.width());
    const QRectF field(area.left() + names, area.top() + kHead, area.width() - names - 30,
                       area.height() - kHead - kFoot);
    const auto xOf = [&](double seconds) { return field.left() + field.width() * seconds / ceiling; };
    painter.setFont(typeface(12));
    const double step = ceiling > 1.2 ? 0.4 : 0.2;
    for (double t = 0.0; t <= ceiling + 1e-9; t += step) {
        painter.setPen(QPen(p.line, 1, t == 0.0 ? Qt::SolidLine : Qt::DotLine));
        painter.drawLine(QPointF(xOf(t), field.top()), QPointF(xOf(t), field.bottom()));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(xOf(t) - 24, field.bottom() + 3, 48, 16), Qt::AlignCenter, timeText(t, 1));
    }
    const double row = std::min(44.0, field.height() / static_cast<double>(picture.plans.size()));
    double base = field.top();
    for (const RingPlan& plan : picture.plans) {
        base += row;
        const double high = 0.72 * row;
        painter.setPen(QPen(p.batter, 1.2));
        painter.setBrush(plan.reaches ? p.batter : p.band);
        painter.drawPolygon(dyingAway(field.left(), xOf(plan.ring.value), base, high));
        if (plan.buzz) { // the wires lie over the ring, as loud as it
            painter.setPen(QPen(p.ink, 1.2));
            painter.setBrush(QBrush(p.ink, Qt::BDiagPattern));
            painter.drawPolygon(dyingAway(field.left(), xOf(plan.buzz->value), base, high));
        }
        painter.setPen(plan.reaches ? p.ink : p.quiet);
        const QString name = ringSchoolName(plan.school);
        painter.setFont(typefaceFor(name, field.left() - area.left() - 8, 13,
                                    plan.reaches ? QFont::DemiBold : QFont::Normal));
        painter.drawText(QRectF(area.left(), base - row, field.left() - area.left() - 8, row),
                         Qt::AlignRight | Qt::AlignVCenter, name);
    }
    const double wanted = xOf(picture.wanted.value);
    painter.setPen(QPen(p.accent, 2.5, Qt::DashLine));
    painter.drawLine(QPointF(wanted, field.top() - 2), QPointF(wanted, field.bottom()));
    painter.setPen(p.accent);
    const QString label = WaysView::tr("wanted %1").arg(timeText(picture.wanted.value, 2));
    painter.setFont(typeface(13, QFont::DemiBold));
    const double wide = painter.fontMetrics().horizontalAdvance(label) + 2.0;
    painter.drawText(QRectF(std::min(wanted - 0.5 * wide, area.right() - wide), area.top(), wide, 16),
                     Qt::AlignCenter, label);
}

WaysView::WaysView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("waysView"));
    setAccessibleName(tr("How long it rings each way"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
}

void WaysView::show(WaysPicture picture) {
    m_picture = std::move(picture);
    QStringList lines;
    for (const RingPlan& plan : m_picture.plans)
        lines << QStringLiteral("%1: %2").arg(ringSchoolName(plan.school), timeText(plan.ring.value, 2));
    describe(this, lines.join(QStringLiteral("; ")));
    update();
}

void WaysView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintWays(painter, drawnRect(*this), m_picture);
}

} // namespace bombo
