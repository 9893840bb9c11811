#pragma once
#include "app/drum/drum_elevation.h"
#include "app/route/station_page.h"

#include <QButtonGroup>
#include <QLabel>

class QVBoxLayout;

namespace bombo {

class DrumCard;

/// What is to be described: the drum in front, another like it, or one that is not here yet.
enum class Describe { Edit, Copy, New };

/// Choose the drum, and go on with its work or start afresh.
class DrumPage : public StationPage {
    Q_OBJECT
public:
    explicit DrumPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh() override;
    PrimaryButton* primary() override { return m_primary; }

signals:
    void describeDrum(bombo::Describe what);

private:
    void rebuild();
    void sayStates();
    void showEvent(QShowEvent* event) override;

    QVBoxLayout* m_list;
    QButtonGroup m_choices;
    std::vector<DrumRow> m_shown;
    DrumCard* m_card;
    QLabel* m_where;
    QLabel* m_lately;
    QLabel* m_lookOver;
    QPushButton* m_earlier;
    QPushButton* m_fresh;
    PrimaryButton* m_primary;
};

} // namespace bombo
