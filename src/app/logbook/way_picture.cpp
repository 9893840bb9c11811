#include "app/logbook/way_picture.h"

#include "app/logbook/back_words.h"
#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/head_ink.h"
#include "app/theme/parts.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kKnobWide = 88.0;
constexpr double kWayHigh = 112.0; // at least, where the drums are drawn above it
constexpr double kDrumsHigh = 62.0;
constexpr double kMostDrumsHigh = 110.0;

/// "+1/8", with a real minus sign; a dot for nothing.
QString signedTurns(Turns turns) {
    if (std::abs(turns.value) < 1.0 / 32.0)
        return QStringLiteral("·");
    return (turns.value > 0.0 ? QStringLiteral("+") : QString(QChar(0x2212))) +
           turnsFigure(Turns{std::abs(turns.value)});
}

/// One head's rods: arrows away from the shell are turns that tighten.
void paintHead(QPainter& painter, const QRectF& box, const std::optional<HeadBack>& head, HeadSide side,
               int rods) {
    const bool isAbove = side == HeadSide::Batter;
    const double hoop = isAbove ? box.bottom() : box.top();
    const double away = isAbove ? -1.0 : 1.0;
    painter.setPen(QPen(headColour(side), 3, headLine(side)));
    painter.drawLine(QPointF(box.left(), hoop), QPointF(box.right(), hoop));
    if (!head) {
        painter.setPen(ink().quiet);
        painter.setFont(typeface(13));
        painter.drawText(box, Qt::AlignCenter, QStringLiteral("–"));
        return;
    }
    double most = 1.0 / 8.0;
    for (const Turns turns : head->net)
        most = std::max(most, std::abs(turns.value));
    const double reach = std::max(6.0, box.height() - 34.0);
    for (int rod = 0; rod < rods && rod < static_cast<int>(head->net.size()); ++rod) {
        const int place = isAbove ? rod : rods - 1 - rod; // turned over, the numbers run the other way
        const double x = box.left() + box.width() * (place + 0.5) / rods;
        const Turns turns = head->net[static_cast<std::size_t>(rod)];
        const double length = reach * std::abs(turns.value) / most;
        const double root = hoop + away * 4.0;
        const double tip = root + away * std::max(2.0, length);
        const bool isTurned = std::abs(turns.value) >= 1.0 / 32.0;
        const bool tightens = turns.value > 0.0;
        painter.setPen(QPen(isTurned ? ink().accent : ink().line, isTurned ? 3.0 : 1.6));
        painter.drawLine(QPointF(x, root), QPointF(x, tip));
        if (isTurned) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(ink().accent);
            const double point = tightens ? tip : root;
            const double back = tightens ? -away * 7.0 : away * 7.0;
            painter.drawPolygon(
                QPolygonF({QPointF(x, point), QPointF(x - 5, point + back), QPointF(x + 5, point + back)}));
        }
        const bool isEverybodys = head->all.value != 0.0 && turns == head->all;
        painter.setPen(isTurned ? ink().ink : ink().quiet);
        const QString text = isEverybodys ? QString() : signedTurns(turns); // said once, beside them
        painter.setFont(
            typefaceFor(text, box.width() / rods - 1, 13, isTurned ? QFont::DemiBold : QFont::Normal));
        const double y = isAbove ? tip - 18.0 : tip + 2.0;
        painter.drawText(QRectF(x - 30, y, 60, 16), Qt::AlignCenter, text);
        painter.setPen(ink().quiet);
        painter.setFont(typeface(11));
        painter.drawText(QRectF(x - 20, isAbove ? hoop + 3.0 : hoop - 17.0, 40, 14), Qt::AlignCenter,
                         QString::number(rod + 1));
    }
}

/// What every rod of a head is turned, beside its hoop.
void paintEach(QPainter& painter, const QRectF& box, const std::optional<HeadBack>& head, bool isAbove) {
    if (!head || head->all.value == 0.0)
        return;
    const QString text = WayView::tr("each %1").arg(signedTurns(head->all));
    const QRectF place(box.left() - kKnobWide, isAbove ? box.bottom() - 24 : box.top() + 6, kKnobWide - 6,
                       18);
    painter.setPen(ink().ink);
    painter.setFont(typefaceFor(text, place.width(), 13, QFont::DemiBold));
    painter.drawText(place, Qt::AlignRight | Qt::AlignVCenter, text);
}

void paintKnob(QPainter& painter, const QRectF& shell, const BackTo& plan) {
    if (!plan.strainerTo)
        return;
    const bool isTurned = plan.strainerBy && std::abs(plan.strainerBy->value) >= 1.0 / 32.0;
    const QPointF middle(shell.left() - 26, shell.center().y() - 6);
    painter.setPen(QPen(isTurned ? ink().accent : ink().quiet, 2));
    painter.setBrush(ink().card);
    painter.drawRect(QRectF(shell.left() - 8, middle.y() - 5, 8, 10));
    painter.drawEllipse(middle, 11, 11);
    painter.drawLine(middle, middle + QPointF(0, -11));
    painter.setPen(isTurned ? ink().ink : ink().quiet);
    painter.setFont(typeface(12, isTurned ? QFont::DemiBold : QFont::Normal));
    painter.drawText(QRectF(middle.x() - 34, middle.y() + 12, 68, 16), Qt::AlignCenter,
                     isTurned ? signedTurns(*plan.strainerBy) : turnsFigure(*plan.strainerTo));
}

} // namespace

void paintWay(QPainter& painter, const QRectF& area, const BackTo& plan, int rods) {
    painter.setRenderHint(QPainter::Antialiasing);
    const double shellHigh = std::clamp(0.24 * area.height(), 34.0, 64.0);
    const QRectF shell(area.left() + kKnobWide, area.center().y() - 0.5 * shellHigh,
                       area.width() - kKnobWide - 6, shellHigh);
    painter.setPen(QPen(ink().quiet, 1.2));
    painter.setBrush(ink().rail);
    painter.drawRect(shell);
    const double high = shell.top() - area.top();
    paintHead(painter, QRectF(shell.left(), area.top(), shell.width(), high), plan.batter, HeadSide::Batter,
              rods);
    paintHead(painter, QRectF(shell.left(), shell.bottom(), shell.width(), high), plan.snareSide,
              HeadSide::SnareSide, rods);
    paintEach(painter, QRectF(shell.left(), area.top(), shell.width(), high), plan.batter, true);
    paintEach(painter, QRectF(shell.left(), shell.bottom(), shell.width(), high), plan.snareSide, false);
    paintKnob(painter, shell, plan);
}

WayView::WayView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("wayBack"));
    setAccessibleName(tr("What each rod is turned"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void WayView::show(const std::optional<BackTo>& plan, const std::optional<NowAndThen>& drums, int rods) {
    m_plan = plan;
    m_drums = drums;
    m_rods = rods;
    QStringList told;
    if (drums)
        for (const DrumSketch& drum : *drums)
            told << sketchText(drum);
    if (plan)
        told << backSteps(*plan);
    describe(this, told.join(QStringLiteral("; ")));
    update();
}

void WayView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    if (!m_plan)
        return;
    QRectF area = drawnRect(*this);
    const double spare = area.height() - kWayHigh;
    if (m_drums && spare >= kDrumsHigh) {
        const double high = std::min(kMostDrumsHigh, spare - 8.0);
        paintNowAndThen(painter, QRectF(area.left(), area.top(), area.width(), high), *m_drums);
        area.setTop(area.top() + high + 8.0);
    }
    paintWay(painter, area, *m_plan, m_rods);
}

} // namespace bombo
