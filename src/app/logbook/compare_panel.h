#pragma once
/// What differs between two entries, or an entry and the drum now, and what of it can be heard.
#include "app/logbook/biography.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QWidget>

namespace bombo {

class CompareView;

class ComparePanel : public QWidget {
    Q_OBJECT
public:
    explicit ComparePanel(SessionController& controller, QWidget* parent = nullptr);
    /// @param names of the entries' tones by entry id
    void show(Biography& biography, const Entry* entry, const std::vector<Tone>& tones);

    /// Compares with this entry from now on, where it is offered.
    void against(std::int64_t entry);

private:
    void compare();
    const Entry& other();
    void hearBoth();
    QString drumNamed(const std::string& id) const;

    SessionController& m_controller;
    Biography* m_biography = nullptr;
    std::int64_t m_entry = 0;
    std::int64_t m_wanted = 0; ///< that is to be compared with once it is shown; 0: as the box says
    QComboBox* m_with;
    QPushButton* m_hear;
    CompareView* m_view;
    QLabel* m_stars;
    std::vector<Tone> m_tones;
    Entry m_now; ///< the drum as it is, when that is what is compared with
};

} // namespace bombo
