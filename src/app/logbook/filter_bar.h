#pragma once
/// What of the logbook the list shows: by player, place, stars and weather.
#include "core/log/entry_filter.h"

#include <QComboBox>
#include <QPushButton>
#include <QWidget>

namespace bombo {

class FilterBar : public QWidget {
    Q_OBJECT
public:
    explicit FilterBar(QWidget* parent = nullptr);
    /// The names to choose among; what was chosen stays while it is there.
    void offer(const std::vector<Entry>& entries);
    /// Drum and tone are left open.
    EntryFilter filter() const;
    void clear();

signals:
    void changed();

private:
    void showWhetherAll();

    QComboBox* m_player;
    QComboBox* m_place;
    QComboBox* m_stars;
    QComboBox* m_air;
    QPushButton* m_all;
};

} // namespace bombo
