#include "app/theme/load_wedge.h"

#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"
#include "core/acoustics/film.h"

#include <QPainter>

namespace bombo {

void paintLoadWedge(QPainter& painter, const QRectF& area, double load, HeadSide side) {
    const Palette& p = ink();
    constexpr double thin = 0.3; // of the height, at the slack end: even a light load must show
    const double share = std::clamp(load, 0.0, 1.0);
    auto upTo = [&](double end) {
        const double x = area.left() + end * area.width();
        return QPolygonF{area.bottomLeft(), QPointF(area.left(), area.bottom() - thin * area.height()),
                         QPointF(x, area.bottom() - (thin + (1.0 - thin) * end) * area.height()),
                         QPointF(x, area.bottom())};
    };
    const QPolygonF wedge = upTo(1.0);
    const QPolygonF filled = upTo(share);
    const QColor colour = side == HeadSide::Batter ? p.batter : p.snareSide;
    painter.setPen(Qt::NoPen);
    painter.setBrush(side == HeadSide::Batter ? QBrush(colour) : QBrush(colour, Qt::Dense2Pattern));
    painter.drawPolygon(filled);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(p.ink, 1.3));
    painter.drawPolygon(wedge);
    const double limit = area.left() + kFilmLoadLimit * area.width();
    painter.setPen(QPen(p.ink, 2));
    painter.drawLine(QPointF(limit, area.top() - 2), QPointF(limit, area.bottom() + 3));
}

LoadWedge::LoadWedge(QWidget* parent) : QWidget(parent) {
    setFixedHeight(34);
    setAccessibleName(tr("Film load"));
}

void LoadWedge::show(HeadSide side, double load, bool isKnown) {
    m_side = side;
    m_load = load;
    m_known = isKnown;
    describe(this, tr("%1: %2 percent of yield, limit %3 percent")
                       .arg(sideName(side))
                       .arg(qRound(100 * load))
                       .arg(qRound(100 * kFilmLoadLimit)));
    update();
}

void LoadWedge::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    const QRectF all = drawnRect(*this);
    const QRectF area(1, 9, std::clamp(all.width() - 210.0, 60.0, 190.0), 17);
    paintLoadWedge(painter, area, m_known ? m_load : 0.0, m_side);
    painter.setPen(ink().ink);
    const QString text = m_known ? tr("%1 %2 %, limit %3 %")
                                       .arg(sideName(m_side))
                                       .arg(qRound(100 * m_load))
                                       .arg(qRound(100 * kFilmLoadLimit))
                                 : tr("%1: slack so far").arg(sideName(m_side));
    const double room = all.width() - area.right() - 12;
    painter.setFont(typefaceFor(text, room, 14));
    painter.drawText(QRectF(area.right() + 12, 0, room, all.height()), Qt::AlignVCenter | Qt::AlignLeft,
                     text);
}

} // namespace bombo
