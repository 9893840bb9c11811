#pragma once
#include "app/listening/listening_strip.h"
#include "app/muffling/head_from_above.h"
#include "app/muffling/own_panel.h"
#include "app/muffling/ring_picture.h"
#include "app/muffling/ways_panel.h"
#include "app/route/station_page.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QStackedWidget>
#include <QTabBar>

namespace bombo {

class BackStrip;

/// What lies on the batter, what it does to the ring, and what else would.
class MufflingPage : public StationPage {
    Q_OBJECT
public:
    explicit MufflingPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh() override;
    PrimaryButton* primary() override { return m_primary; }

private:
    QWidget* headPanel();
    QWidget* stepPanel();
    void fillKinds();
    PadKind kindAtHand() const;
    std::optional<Pad> bestPlace() const;
    void addPad();
    void layAt(const Pad& at);
    void showSelected();
    void showStep(const RingPicture& picture);

    HeadFromAbove* m_head;
    BackStrip* m_backStrip;
    QTabBar* m_views;
    QStackedWidget* m_right;
    RingView* m_ring;
    WaysPanel* m_ways;
    OwnPanel* m_own;
    QComboBox* m_kind;
    QCheckBox* m_microphone;
    QLabel* m_now;
    QLabel* m_figure;
    QLabel* m_detail;
    QLabel* m_place;
    QPushButton* m_remove;
    PrimaryButton* m_primary;
    ListeningStrip* m_listening;
};

} // namespace bombo
