#include "app/theme/parts.h"

#include "app/theme/palette.h"
#include "app/theme/scale.h"

#include <QElapsedTimer>
#include <QKeyEvent>
#include <QPainter>
#include <QStyleOptionButton>
#include <QStylePainter>

namespace bombo {

QLabel* textLabel(const char* role, const QString& text) {
    auto* label = new QLabel(text);
    label->setProperty("role", QLatin1String(role));
    label->setTextFormat(Qt::PlainText);
    return label;
}

QFrame* card() {
    auto* frame = new QFrame;
    frame->setProperty("card", true);
    return frame;
}

void PrimaryButton::paintEvent(QPaintEvent* event) {
    Q_UNUSED(event)
    QStylePainter painter(this);
    QStyleOptionButton option;
    initStyleOption(&option);
    option.text.clear();
    painter.drawControl(QStyle::CE_PushButton, option);
    painter.setPen(isEnabled() ? ink().onAccent : ink().ink);
    QRect words = rect().adjusted(scaled(20), 0, -scaled(16), 0);
    if (isEnabled())
        words.setRight(words.right() - keyWidth() - scaled(10));
    painter.setFont(font());
    painter.drawText(words, Qt::AlignCenter | Qt::TextShowMnemonic, text());
    if (!isEnabled())
        return;
    painter.setFont(typeface(scaled(kKeyPixels)));
    painter.drawText(rect().adjusted(0, 0, -scaled(16), 0), Qt::AlignVCenter | Qt::AlignRight, tr("Space"));
}

int PrimaryButton::keyWidth() {
    return QFontMetrics(typeface(scaled(kKeyPixels))).horizontalAdvance(tr("Space"));
}

QSize PrimaryButton::sizeHint() const {
    return QPushButton::sizeHint() + QSize(keyWidth(), 0);
}

QSize PrimaryButton::minimumSizeHint() const {
    return sizeHint();
}

namespace {

int bounce = PrimaryButton::kBounce;
QElapsedTimer sinceLast; // press that counted

} // namespace

bool PrimaryButton::isAPress() {
    if (sinceLast.isValid() && sinceLast.elapsed() < bounce)
        return false;
    sinceLast.start();
    return true;
}

void PrimaryButton::setBounce(int milliseconds) {
    bounce = milliseconds;
    sinceLast.invalidate();
}

void PrimaryButton::press() {
    if (isEnabled() && isAPress())
        click();
}

bool PrimaryButton::event(QEvent* event) {
    const bool key =
        event->type() == QEvent::KeyPress && (static_cast<QKeyEvent*>(event)->key() == Qt::Key_Space ||
                                              static_cast<QKeyEvent*>(event)->key() == Qt::Key_Select);
    const bool mouse =
        event->type() == QEvent::MouseButtonPress || event->type() == QEvent::MouseButtonDblClick;
    if (key && static_cast<QKeyEvent*>(event)->isAutoRepeat())
        return true;
    if ((key || mouse) && isEnabled() && !isAPress())
        return true; // the release that follows finds the button up and does nothing
    return QPushButton::event(event);
}

PrimaryButton* primaryButton() {
    auto* button = new PrimaryButton;
    button->setProperty("primary", true);
    button->setObjectName(QStringLiteral("primary"));
    return button;
}

QPushButton* secondaryButton(const QString& text) {
    auto* button = new QPushButton(text);
    button->setFocusPolicy(Qt::TabFocus);
    return button;
}

QTabBar* viewTabs(const char* name, const QStringList& views) {
    auto* tabs = new QTabBar;
    tabs->setObjectName(QString::fromLatin1(name));
    tabs->setDrawBase(false);
    tabs->setUsesScrollButtons(false);
    tabs->setElideMode(Qt::ElideNone);
    for (const QString& view : views)
        tabs->addTab(view);
    return tabs;
}

void paintCard(QPainter& painter, const QWidget& view) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(view.hasFocus() ? QPen(ink().ink, 2) : QPen(ink().line, 1));
    painter.setBrush(ink().card);
    painter.drawRoundedRect(drawnRect(view).adjusted(1, 1, -1, -1), 4, 4);
}

void describe(QWidget* view, const QString& summary) {
    if (view->accessibleDescription() != summary)
        view->setAccessibleDescription(summary);
}

} // namespace bombo
