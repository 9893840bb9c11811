#pragma once
/// The station Practice: what the ear tells apart, and drums to put right; of one's own drum's kind and
/// pitch.
#include "app/practice/backbeat_round.h"
#include "app/practice/ear_round.h"
#include "app/practice/feel_round.h"
#include "app/practice/hands_round.h"
#include "app/practice/tom_bench.h"
#include "app/practice/tuning_bench.h"

#include <QComboBox>
#include <QLineEdit>
#include <QStackedWidget>
#include <QTabBar>
#include <array>

namespace bombo {

class ChoiceButton;

class PracticePage : public QWidget {
    Q_OBJECT
public:
    explicit PracticePage(SessionController& controller, QWidget* parent = nullptr);
    /// @pre the controller has a session
    void refresh();
    PrimaryButton* primary();
    /// Digits answer, or choose an exercise. @return whether the key was one of them
    bool takeKey(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    EarRound& ear() { return *m_ear; }
    TuningBench& bench() { return *m_bench; }
    TomBench& tomBench() { return *m_tomBench; }
    FeelRound& feel() { return *m_feel; }

signals:
    void lessonWanted();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* chooserSide();
    void testLevel();
    void begin(EarExercise exercise);
    void begin(TuningTask task);
    void beginTom();
    void toChooser();
    /// Ends whatever is under way: it belonged to another drum, or another workbook.
    void stopAll();
    void showDays();
    void beginHands(std::size_t which);
    void saveTable();
    enum Tab { kEar, kDrums, kHands };
    enum Side { kChooser, kEarSide, kBenchSide, kTomSide, kHandsSide };
    bool isAtTasks() const { return m_tabs->currentIndex() == kDrums; }
    bool isAtHands() const { return m_tabs->currentIndex() == kHands; }
    void offerRecordings();
    std::optional<Recording> ownStroke(EarExercise exercise) const;
    QString who() const;

    SessionController& m_controller;
    std::uint64_t m_seed = 1;
    std::string m_drumId;              ///< that what is under way was begun with
    std::optional<qint64> m_strokesOf; ///< the session whose recorded strokes these are
    std::array<std::optional<Recording>, 2> m_strokes;
    std::array<std::size_t, 3> m_reached{}; ///< the tile of each tab whose days are shown

    QLabel* m_what;
    QTabBar* m_tabs;
    QStackedWidget* m_stack;
    QLineEdit* m_who;
    QComboBox* m_help;
    QComboBox* m_source; ///< of what the ear hears
    QStackedWidget* m_kinds;
    std::array<std::vector<ChoiceButton*>, 3> m_tiles; ///< by tab
    ChoiceButton* m_lesson;
    QLabel* m_daysTitle;
    EarsView* m_days;
    PrimaryButton* m_level;
    EarRound* m_ear;
    std::array<HandsCard*, 3> m_hands; ///< in the order of the tiles
    FeelRound* m_feel;
    TuningBench* m_bench;
    TomBench* m_tomBench;
};

} // namespace bombo
