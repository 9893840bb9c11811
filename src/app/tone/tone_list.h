#pragma once
#include "app/session/session_controller.h"
#include "app/tone/tone_button.h"
#include "core/reading/hit_portrait.h"

#include <QPushButton>
#include <QScrollArea>

class QVBoxLayout;

namespace bombo {

/// The tones by their ear-words, one's own first, and the two ways to make another.
class ToneList : public QFrame {
    Q_OBJECT
public:
    explicit ToneList(SessionController& controller, QWidget* parent = nullptr);
    void refresh();

signals:
    void toneChosen(const bombo::Tone& tone);

private:
    void rebuild();
    void openRecording();
    void keepSetup();
    void onHitsRead(const QString& path, const std::vector<HitPortrait>& hits);

    SessionController& m_controller;
    QVBoxLayout* m_column;
    QScrollArea* m_scroll;
    std::vector<ToneButton*> m_buttons;
    std::vector<Tone> m_shown;
    std::optional<Drum> m_askedOf;
    std::optional<Weather> m_askedIn;
    QPushButton* m_keep;
};

} // namespace bombo
