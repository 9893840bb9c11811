#pragma once
#include "app/route/station_page.h"
#include "app/tone/ask_strip.h"
#include "app/tone/cutaway.h"

#include <QButtonGroup>
#include <QLabel>

class QVBoxLayout;

namespace bombo {

/// Choose a cue, see what it asks of this drum.
class TonePage : public StationPage {
    Q_OBJECT
public:
    explicit TonePage(SessionController& controller, QWidget* parent = nullptr);
    void refresh() override;
    QPushButton* primary() override { return m_primary; }

private:
    void rebuild();

    QVBoxLayout* m_list;
    QButtonGroup m_choices;
    std::vector<std::string> m_shown; ///< ids in the list, in order
    std::optional<Drum> m_askedOf;
    QLabel* m_title;
    QLabel* m_reason;
    QLabel* m_wants;
    CutawayView* m_cutaway;
    AskStrip* m_ask;
    QPushButton* m_primary;
};

} // namespace bombo
