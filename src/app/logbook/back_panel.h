#pragma once
/// The way back to an entry: the first move in large, the rest in the order of work, and what moved it
/// meanwhile.
#include "app/logbook/biography.h"
#include "app/logbook/moved_bar.h"
#include "app/logbook/way_picture.h"

#include <QComboBox>
#include <QLabel>
#include <QWidget>

namespace bombo {

class BackPanel : public QWidget {
    Q_OBJECT
public:
    explicit BackPanel(QWidget* parent = nullptr);
    void show(Biography& biography, const Entry* entry, int rods);
    /// Empty while no entry is chosen.
    const std::optional<BackTo>& plan() const { return m_plan; }

private:
    void reckon();
    void showMoved(const Entry& entry);

    Biography* m_biography = nullptr;
    std::int64_t m_entry = 0;
    int m_rods = 8;
    std::optional<BackTo> m_plan;
    QLabel* m_headline;
    QLabel* m_steps;
    QLabel* m_but;
    QComboBox* m_same;
    WayView* m_way;
    MovedBar* m_moved;
};

} // namespace bombo
