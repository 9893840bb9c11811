#include "app/tone/ask_strip.h"

#include "app/session/wording.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"

#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>
#include <cmath>

namespace bombo {
namespace {

QString tr(const char* text, const char* comment = nullptr, int n = -1) {
    return QCoreApplication::translate("AskStrip", text, comment, n);
}

QString wireWords(double margin) {
    return margin < 0.35   ? tr("loose end of the clean span")
           : margin < 0.65 ? tr("middle of the clean span")
                           : tr("tight end of the clean span");
}

Turns expectedTurns(const Session& session, HeadSide side, Tension tension, Turns& error) {
    const TurnResponse response = turnResponseOf(session.head(side), briefFor(session, side));
    const Turns turns = response.turnsFor(tension);
    error = Turns{response.spreadAt(turns).value / response.perTurn().value};
    return turns;
}

QString about(Turns turns, Turns error) {
    return tr("%1 ± %2")
        .arg(turnsText(Turns{std::round(turns.value * 8.0) / 8.0}))
        .arg(error.value, 0, 'f', 1);
}

/// Two decays on one time axis: the tone wanted, filled, and the open drum, outlined.
void paintDecays(QPainter& painter, const QRectF& area, const AskPicture& picture) {
    const Palette& p = ink();
    const double longest = std::max({picture.ring.value, picture.openRing.value, 0.5});
    auto decay = [&](Seconds t60) {
        QPainterPath path(area.bottomLeft());
        for (int i = 0; i <= 60; ++i) {
            const double t = longest * i / 60.0;
            path.lineTo(area.left() + area.width() * i / 60.0,
                        area.bottom() - area.height() * std::exp(-3.45 * t / t60.value));
        }
        path.lineTo(area.bottomRight());
        return path;
    };
    painter.setPen(QPen(p.ink, 1.5));
    painter.setBrush(p.band);
    painter.drawPath(decay(picture.ring));
    painter.setPen(QPen(p.quiet, 1.5, Qt::DashLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(decay(picture.openRing));
}

void paintSpan(QPainter& painter, const QRectF& area, double margin) {
    const Palette& p = ink();
    const double y = area.center().y();
    const QRectF span(area.left() + 0.2 * area.width(), y - 9, 0.6 * area.width(), 18);
    painter.setPen(QPen(p.quiet, 1.5));
    painter.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    painter.fillRect(span, p.band);
    painter.drawRect(span);
    const double x = span.left() + margin * span.width();
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    painter.drawPolygon(QPolygonF{QPointF(x, y - 3), QPointF(x - 8, y - 19), QPointF(x + 8, y - 19)});
    painter.setFont(typeface(13));
    painter.setPen(p.quiet);
    painter.drawText(QRectF(area.left(), y + 11, 0.4 * area.width(), 16), Qt::AlignLeft, tr("rattles"));
    painter.drawText(QRectF(area.right() - 0.4 * area.width(), y + 11, 0.4 * area.width(), 16),
                     Qt::AlignRight, tr("chokes"));
}

} // namespace

AskPicture askPicture(const Session& session, const Targets& targets) {
    AskPicture picture;
    picture.ring = ringWanted(briefOf(session));
    const DrumState tuned =
        drumState(session.drum, targets.batter.tension, targets.snareSide.tension, airAt(session.weather));
    picture.openRing = predictMuffling(session.drum, tuned, {}).ringBefore;
    picture.wireMargin = wireMarginWanted(briefOf(session));
    picture.batterTurns =
        expectedTurns(session, HeadSide::Batter, targets.batter.tension, picture.batterError);
    picture.snareSideTurns =
        expectedTurns(session, HeadSide::SnareSide, targets.snareSide.tension, picture.snareSideError);
    return picture;
}

QString askSummary(const AskPicture& picture) {
    return tr("Ring wanted %1 s, the open drum rings %2 s. Wires at the %3. From finger-tight: batter %4, "
              "snare side %5.")
        .arg(picture.ring.value, 0, 'f', 2)
        .arg(picture.openRing.value, 0, 'f', 2)
        .arg(wireWords(picture.wireMargin), about(picture.batterTurns, picture.batterError),
             about(picture.snareSideTurns, picture.snareSideError));
}

void paintAsk(QPainter& painter, const QRectF& area, const AskPicture& picture) {
    const Palette& p = ink();
    const double third = area.width() / 3.0;
    auto heading = [&](int column, const QString& title, const QString& words) {
        painter.setPen(p.ink);
        painter.setFont(typeface(15, QFont::DemiBold));
        painter.drawText(QRectF(area.left() + column * third + 20, area.top() + 12, third - 28, 20),
                         Qt::AlignLeft, title);
        painter.setFont(typeface(14));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(area.left() + column * third + 20, area.top() + 33, third - 26, 36),
                         Qt::AlignLeft | Qt::TextWordWrap, words);
    };
    const QRectF drawing(area.left() + 20, area.top() + 74, third - 60, area.height() - 90);
    heading(0, tr("Ring %1 s").arg(picture.ring.value, 0, 'f', 2),
            tr("dashed: the open drum, %1 s").arg(picture.openRing.value, 0, 'f', 2));
    paintDecays(painter, drawing, picture);
    heading(1, tr("Wires"), wireWords(picture.wireMargin));
    paintSpan(painter, drawing.translated(third, 0), picture.wireMargin);
    heading(2, tr("Turns from finger-tight"), tr("batter, then snare side"));
    painter.setFont(typeface(15));
    const double x = area.left() + 2 * third + 20;
    painter.setPen(p.batter);
    painter.drawText(QRectF(x, drawing.top() - 2, third - 24, 22), Qt::AlignLeft,
                     about(picture.batterTurns, picture.batterError));
    painter.setPen(p.snareSide);
    painter.drawText(QRectF(x, drawing.top() + 22, third - 24, 22), Qt::AlignLeft,
                     about(picture.snareSideTurns, picture.snareSideError));
}

AskStrip::AskStrip(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("What the tone asks besides"));
    setObjectName(QStringLiteral("ask"));
    setFixedHeight(144);
}

void AskStrip::show(const AskPicture& picture) {
    m_picture = picture;
    describe(this, askSummary(picture));
    update();
}

void AskStrip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    paintCard(painter, *this);
    if (m_picture.ring.value > 0.0)
        paintAsk(painter, rect(), m_picture);
}

} // namespace bombo
