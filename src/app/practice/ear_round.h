#pragma once
/// A round of an exercise of the ear: sounds, an answer, and the next ones, until it is known what the ear
/// tells apart.
#include "app/practice/ears_picture.h"
#include "app/session/session_controller.h"
#include "app/theme/answer_button.h"
#include "core/practice/ear_exercise.h"
#include "core/practice/listener_threshold.h"
#include "core/record/reckoned.h"
#include "store/records.h"

#include <memory>

namespace bombo {

inline constexpr double kPracticeRate = 48000.0;

class EarRound : public QWidget {
    Q_OBJECT
public:
    explicit EarRound(SessionController& controller, QWidget* parent = nullptr);
    /// @param own a stroke of one's own instead of the practice drum's, where the exercise can use it
    void begin(EarExercise exercise, const QString& who, std::optional<Recording> own = std::nullopt);
    void refresh();
    /// Nothing of the round at hand is kept.
    void stop() { m_staircase.reset(); }
    PrimaryButton* primary() { return m_again; }
    /// A digit answers. @return whether the key was one
    bool takeKey(int key);
    /// For tests: which of the sounds at hand is the one that is asked for.
    int due() const { return m_sounds.due; }
    double difference() const { return m_difference; }
    double rate() const { return m_rate; }

signals:
    void left();

private:
    void nextSounds();
    EarSounds makeSounds();
    int answers() const; ///< among which one is right
    void play();
    void answer(int which);
    bool isUnderWay() const { return m_staircase && !m_staircase->isDone(); }
    void finish();

    SessionController& m_controller;
    EarExercise m_exercise = EarExercise::Higher;
    QString m_who;
    std::optional<Recording> m_own;
    std::unique_ptr<ListenerThreshold> m_staircase; ///< of the round at hand, done or under way
    std::vector<EarTrial> m_trials;
    EarSounds m_sounds;
    double m_difference = 0;
    double m_rate = kPracticeRate; ///< Hz, of the sounds at hand
    std::uint64_t m_seed;
    QString m_reply;
    bool m_isKept = false;
    bool m_isSilent = false; ///< sounds of this round could not be played: it is not kept

    QLabel* m_question;
    QLabel* m_said;
    EarsView* m_view;
    std::vector<AnswerButton*> m_answers;
    AnswerButton* m_again;
    QPushButton* m_stop;
};

/// Results of one listener in one exercise, the oldest first.
std::vector<EarResult> earResultsOf(const PlaceRig& rig, EarExercise exercise, const QString& who);
/// The axis of an exercise and the days before.
EarsPicture earsPicture(const PlaceRig& rig, EarExercise exercise, const QString& who);
/// A head as the exercises take it: as the drum at hand is known to stand; while it is let down, as it is
/// wanted.
Tension practiceTension(const Reckoned& reckoned, HeadSide side);
EarSounds soundsLike(SessionController& controller, EarExercise exercise, double difference,
                     std::uint64_t seed);
/// Taps are made for a microphone; a loudspeaker starts soft.
std::vector<float> softly(std::vector<float> samples);

} // namespace bombo
