#pragma once
#include "app/listening/listening_strip.h"
#include "app/muffling/head_from_above.h"
#include "app/muffling/ring_picture.h"
#include "app/route/station_page.h"

#include <QLabel>

namespace bombo {

/// Pads on the batter, and what they do to the ring.
class MufflingPage : public StationPage {
    Q_OBJECT
public:
    explicit MufflingPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh() override;
    QPushButton* primary() override { return m_primary; }

private:
    QWidget* stepPanel();
    void addPad();
    void showSelected();

    HeadFromAbove* m_head;
    RingView* m_ring;
    QLabel* m_now;
    QLabel* m_figure;
    QLabel* m_detail;
    QLabel* m_place;
    QPushButton* m_remove;
    QPushButton* m_primary;
    ListeningStrip* m_listening;
};

} // namespace bombo
