#pragma once
#include "core/record/session.h"

#include <QLabel>
#include <QSlider>
#include <QWidget>
#include <array>

namespace bombo {

/// The four plain questions: how high, how long, how much wire, how it feels. Each moves inside the tone's
/// own range.
class QuestionPanel : public QWidget {
    Q_OBJECT
public:
    explicit QuestionPanel(QWidget* parent = nullptr);
    /// @param targets of the session with its wish
    void show(const Session& session, const Targets& targets);

signals:
    /// While a slider is dragged.
    void wishTried(const bombo::Wish& wish);
    /// Once it is let go, or moved by a key.
    void wishChosen(const bombo::Wish& wish);

private:
    struct Question {
        QSlider* slider;
        QLabel* figure;
    };
    Wish wish() const;

    std::array<Question, 4> m_questions{};
    bool m_showing = false; ///< sliders are being set, not moved
};

} // namespace bombo
