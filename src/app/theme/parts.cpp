#include "app/theme/parts.h"

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

QPushButton* primaryButton() {
    auto* button = new QPushButton;
    button->setProperty("primary", true);
    button->setObjectName(QStringLiteral("primary"));
    return button;
}

QPushButton* secondaryButton(const QString& text) {
    auto* button = new QPushButton(text);
    button->setFocusPolicy(Qt::TabFocus);
    return button;
}

void describe(QWidget* view, const QString& summary) {
    if (view->accessibleDescription() != summary)
        view->setAccessibleDescription(summary);
}

} // namespace bombo
