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

private:
    void compare();

    Biography* m_biography = nullptr;
    std::int64_t m_entry = 0;
    QComboBox* m_with;
    CompareView* m_view;
    QLabel* m_stars;
    std::vector<Tone> m_tones;
};

} // namespace bombo
