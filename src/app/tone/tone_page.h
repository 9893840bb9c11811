#pragma once
#include "app/route/station_page.h"

#include <QLabel>
#include <QTabWidget>

namespace bombo {

class CorrectionPanel;
class CutawayView;
class LikedOffer;
class ListenBar;
class QuestionPanel;
class SchoolPanel;
class ToneList;
class WeatherPanel;

/// Choose a tone, shape it by four questions, see and hear what it asks of this drum.
class TonePage : public StationPage {
    Q_OBJECT
public:
    explicit TonePage(SessionController& controller, QWidget* parent = nullptr);
    void refresh() override;
    PrimaryButton* primary() override { return m_primary; }

private:
    void showTargets(const Session& shown);
    void attempt(const Command& command);

    QLabel* m_reason;
    LikedOffer* m_offer;
    ToneList* m_list;
    CutawayView* m_cutaway;
    QTabWidget* m_tabs;
    QuestionPanel* m_questions;
    SchoolPanel* m_schools;
    WeatherPanel* m_weather;
    CorrectionPanel* m_correction;
    ListenBar* m_listen;
    PrimaryButton* m_primary;
};

} // namespace bombo
