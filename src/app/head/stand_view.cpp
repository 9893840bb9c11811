#include "app/head/stand_view.h"

#include "app/head/prep_paint.h"
#include "app/session/wording.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"

#include <QKeyEvent>
#include <QPainter>

namespace bombo {
namespace {

/// The largest size at which the text fits the width.
QFont fitted(const QString& text, int pixels, QFont::Weight weight, double width) {
    QFont font = typeface(pixels, weight);
    while (pixels > 20 && QFontMetricsF(font).horizontalAdvance(text) > width) {
        pixels -= 4;
        font.setPixelSize(pixels);
    }
    return font;
}

} // namespace

StandWords standWords(const Reckoned& reckoned, const std::optional<Reading>& reading,
                      const QPushButton* primary) {
    const Session& session = reckoned.session();
    StandWords words;
    const bool onHead = session.station == Station::SnareSide || session.station == Station::Batter;
    if (onHead) {
        const StepWords step =
            stepWords(reckoned, session.station == Station::Batter ? HeadSide::Batter : HeadSide::SnareSide);
        words = {step.kind,
                 step.turns,
                 step.now,
                 step.figure,
                 step.count,
                 {},
                 step.button,
                 step.prep,
                 session.station == Station::Batter ? HeadSide::Batter : HeadSide::SnareSide};
    } else {
        words.kind = StepKind::Settled;
        words.now = stationName(session.station);
        words.figure = primary != nullptr ? primary->text() : QString();
    }
    if (primary != nullptr)
        words.button = primary->isEnabled() ? primary->text() : QString();
    if (onHead && reading)
        words.heard = reading->hasFigure() ? StandView::tr("heard %1").arg(pitchText(*reading->frequency))
                                           : StandView::tr("again: %1").arg(verdictText(reading->verdict));
    return words;
}

void paintStand(QPainter& painter, const QRectF& area, const StandWords& words) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const double dial = 0.46 * std::min(area.width(), area.height());
    const QRectF left(area.left() + 0.04 * area.width(), area.center().y() - 0.5 * dial, dial, dial);
    if (words.kind == StepKind::Turn)
        paintTurn(painter, left, words.turns);
    else if (isReading(words.kind))
        paintReading(painter, left, words.kind);
    else if (words.kind == StepKind::Prepare)
        paintPrep(painter, left, words.prep, words.side);
    const bool hasDial =
        words.kind == StepKind::Turn || isReading(words.kind) || words.kind == StepKind::Prepare;
    const double x = hasDial ? left.right() + 0.05 * area.width() : area.left() + 0.06 * area.width();
    const double width = area.right() - x - 0.04 * area.width();
    const double unit = area.height() / 10.0;
    auto line = [&](double top, double size, const QString& text, const QColor& colour,
                    QFont::Weight weight) {
        painter.setPen(colour);
        painter.setFont(fitted(text, static_cast<int>(size * unit), weight, width));
        painter.drawText(QRectF(x, area.top() + top * unit, width, 1.3 * size * unit),
                         Qt::AlignLeft | Qt::AlignVCenter, text);
    };
    line(1.6, 0.7, words.now, p.accent, QFont::Bold);
    line(2.8, 1.6, words.figure, p.ink, QFont::Bold);
    line(5.2, 0.8, QString(words.count).replace(QLatin1Char('\n'), QStringLiteral(", ")), p.ink,
         QFont::DemiBold);
    line(6.6, 0.8, words.heard, p.ink, QFont::DemiBold);
    if (!words.button.isEmpty())
        line(8.6, 0.45, StandView::tr("Space: %1").arg(words.button), p.quiet, QFont::Normal);
}

StandView::StandView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("stand"));
    setAccessibleName(tr("Stand view"));
    setFocusPolicy(Qt::StrongFocus);
    setAutoFillBackground(true);
    hide();
    parent->installEventFilter(this);
}

bool StandView::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Resize)
        setGeometry(parentWidget()->rect());
    return QWidget::eventFilter(watched, event);
}

void StandView::show(const StandWords& words) {
    m_words = words;
    describe(this, QStringList{words.now, words.figure, words.count, words.heard}.join(QStringLiteral(". ")));
    update();
}

void StandView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    paintStand(painter, rect(), m_words);
}

void StandView::keyPressEvent(QKeyEvent* event) {
    if (event->isAutoRepeat())
        return;
    switch (event->key()) {
    case Qt::Key_Space:
    case Qt::Key_Return:
    case Qt::Key_PageDown: // page-turners and foot keys send these
    case Qt::Key_Right:
        emit goOn();
        break;
    case Qt::Key_Escape:
        emit leave();
        break;
    default:
        QWidget::keyPressEvent(event);
    }
}

void StandView::mousePressEvent(QMouseEvent*) {
    emit goOn();
}

} // namespace bombo
