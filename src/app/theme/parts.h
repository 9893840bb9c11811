#pragma once
/// The few ready-made parts that all pages are built from.
#include "core/units/quantities.h"

#include <QFrame>
#include <QLabel>
#include <QPushButton>
#include <QTabBar>

class QPainter;

namespace bombo {

/// A label with a role of the style sheet: "title", "heading", "figure", "now", "quiet", "batter",
/// "snareSide".
QLabel* textLabel(const char* role, const QString& text = {});
/// Framed panel.
QFrame* card();
/// The one big button of a page; says that the space bar presses it. A foot switch bounces and a key is held
/// down: presses that follow each other closer than kBounce, on whatever page, are one.
class PrimaryButton : public QPushButton {
    Q_OBJECT
public:
    using QPushButton::QPushButton;
    /// As a key does that reaches the button from elsewhere.
    void press();
    static constexpr int kBounce = 300; ///< ms
    /// Whether enough time went by since the last press that counted; then this one does.
    static bool isAPress();
    /// For tests, which are quicker than a foot.
    static void setBounce(int milliseconds);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    static constexpr int kKeyPixels = 13;
    static int keyWidth(); ///< of the key's name on the right
};
PrimaryButton* primaryButton();
/// Lesser button: keeps its hands off the focus when clicked, so that the space bar stays with the big one.
QPushButton* secondaryButton(const QString& text);

/// The views of a page, chosen above on the right.
QTabBar* viewTabs(const char* name, const QStringList& views);

/// The ground of a painted view: a card that fills it, with a stronger frame while it has the focus.
void paintCard(QPainter& painter, const QWidget& view);

/// Accessible description of a painted view; also its tool tip for those who hover.
void describe(QWidget* view, const QString& summary);

} // namespace bombo
