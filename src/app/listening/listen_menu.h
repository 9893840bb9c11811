#pragma once
class QMenu;
class QWidget;

namespace bombo {

class SessionController;

/// Pitch card, clock, cue sounds, and what the practice drum is like.
void fillListenMenu(QMenu& menu, SessionController& controller, QWidget* window);
/// Opens the pitch card over a window.
void showPitchCard(SessionController& controller, QWidget* window);

} // namespace bombo
