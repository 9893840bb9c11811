#pragma once
/// What differs between two entries, or an entry and the drum now, and what of it can be heard.
#include "app/logbook/biography.h"

#include <QComboBox>
#include <QLabel>
#include <QWidget>

namespace bombo {

class CompareView;

class ComparePanel : public QWidget {
    Q_OBJECT
public:
    explicit ComparePanel(QWidget* parent = nullptr);
    /// @param names of the entries' tones by entry id
    void show(Biography& biography, const Entry* entry, const std::vector<Tone>& tones);

    /// Compares with this entry from now on, where it is offered.
    void against(std::int64_t entry);

private:
    void compare();

    Biography* m_biography = nullptr;
    std::int64_t m_entry = 0;
    std::int64_t m_wanted = 0; ///< that is to be compared with once it is shown; 0: as the box says
    QComboBox* m_with;
    CompareView* m_view;
    QLabel* m_stars;
    std::vector<Tone> m_tones;
};

} // namespace bombo
