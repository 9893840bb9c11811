#pragma once
/// What every station's page has in common.
#include "app/session/session_controller.h"
#include "core/record/reckoned.h"

#include "app/theme/parts.h"

#include <QWidget>

namespace bombo {

class StationPage : public QWidget {
    Q_OBJECT
public:
    explicit StationPage(SessionController& controller, QWidget* parent = nullptr)
        : QWidget(parent), m_controller(controller) {}

    /// Shows the session as it is now. Called while the page is in front. @pre controller has a session
    virtual void refresh() = 0;
    /// The button that the space bar, a foot key or one big key presses; may be null.
    virtual PrimaryButton* primary() = 0;

protected:
    SessionController& controller() { return m_controller; }
    const Session& session() const { return m_controller.session(); }
    /// The same with what was reckoned from it, shared by all that show it.
    const Reckoned& reckoned() const { return m_controller.reckoned(); }

private:
    SessionController& m_controller;
};

} // namespace bombo
