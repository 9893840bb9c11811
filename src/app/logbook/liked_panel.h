#pragma once
/// What works here: the settings of this drum and tone that got the stars, and a tone made of them.
#include "app/logbook/biography.h"

#include <QLabel>
#include <QPushButton>
#include <QWidget>

namespace bombo {

class LikedView;

class LikedPanel : public QWidget {
    Q_OBJECT
public:
    explicit LikedPanel(SessionController& controller, QWidget* parent = nullptr);
    /// Over the entries of the drum and tone of this one; null: none.
    void show(Biography& biography, const Entry* entry);

private:
    void keepTone();

    SessionController& m_controller;
    std::optional<Tone> m_tone; ///< that would be kept
    QLabel* m_says;
    LikedView* m_view;
    QPushButton* m_keep;
};

} // namespace bombo
