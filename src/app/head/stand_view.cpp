#include "app/head/stand_view.h"

#include "app/faults/fault_drawing.h"
#include "app/head/prep_paint.h"
#include "app/session/wording.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "core/record/reckoned.h"

#include <QKeyEvent>
#include <QMetaMethod>
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

/// What to do, and the answers with their keys.
void paintAsked(QPainter& painter, const QRectF& area, const StandWords& words, double unit) {
    const Palette& p = ink();
    const auto text = [&](double top, double height, double size, const QString& what, QFont::Weight weight) {
        int pixels = static_cast<int>(size * unit);
        const QRectF room(area.left(), area.top() + top * unit, area.width(), height * unit);
        QFont font = typeface(pixels, weight);
        while (pixels > 20 &&
               QFontMetricsF(font).boundingRect(room, Qt::TextWordWrap, what).height() > room.height())
            font.setPixelSize(pixels -= 2);
        painter.setFont(font);
        painter.drawText(room, Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap, what);
    };
    painter.setPen(p.accent);
    text(0.6, 2.6, 0.95, words.now, QFont::Bold);
    painter.setPen(p.ink);
    text(3.3, 2.1, 0.48, words.heard, QFont::Normal);
    for (qsizetype i = 0; i < words.answers.size(); ++i)
        text(5.6 + 0.9 * static_cast<double>(i), 0.85, 0.62,
             QStringLiteral("%1   %2").arg(i + 1).arg(words.answers[i]), QFont::DemiBold);
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
    if (!words.drawing.empty())
        paintFaultDrawing(painter, left, words.drawing, words.rods, words.strands);
    const bool hasDial = words.kind == StepKind::Turn || isReading(words.kind) ||
                         words.kind == StepKind::Prepare || !words.drawing.empty();
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
    if (!words.answers.isEmpty()) {
        paintAsked(painter, QRectF(x, area.top(), width, area.height()), words, unit);
        line(8.9, 0.45, StandView::tr("Space: %1").arg(words.button), p.quiet, QFont::Normal);
        return;
    }
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
    describe(this, (QStringList{words.now, words.figure, words.count, words.heard} + words.answers)
                       .join(QStringLiteral(". ")));
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
    case Qt::Key_Backspace:
    case Qt::Key_PageUp:
    case Qt::Key_Left:
        if (isSignalConnected(QMetaMethod::fromSignal(&StandView::goBack))) {
            emit goBack();
            break;
        }
        [[fallthrough]];
    default:
        QWidget::keyPressEvent(event);
    }
}

void StandView::mousePressEvent(QMouseEvent*) {
    emit goOn();
}

} // namespace bombo
