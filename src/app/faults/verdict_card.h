#pragma once
/// The cause that stands, what to do about it, and whether it helped.
#include "app/faults/fault_finder.h"
#include "app/theme/answer_button.h"

#include <array>

class QVBoxLayout;

namespace bombo {

class FaultDrawing;

class VerdictCard : public QFrame {
    Q_OBJECT
public:
    explicit VerdictCard(FaultFinder& finder, QWidget* parent = nullptr);
    /// @param rods, strands of the drum at hand
    void refresh(int rods, int strands);
    PrimaryButton* primary() { return m_primary; }
    QString title() const { return m_title->text(); }
    bool press(int answer);

signals:
    void stationChosen(bombo::Station station);
    void leftForWork();

private:
    enum class State { NothingStands, Stands, UnderWay, Ended };
    State state() const;
    void showCause(std::size_t cause);
    void showSteps(const FaultCause& cause);
    void showReasons(std::size_t cause);
    void showProof(const FaultCause& cause);
    void act();
    std::size_t causeIndex() const;

    FaultFinder& m_finder;
    QLabel* m_title;
    QLabel* m_meaning;
    QLabel* m_reasons;
    QWidget* m_steps;
    QVBoxLayout* m_stepRows;
    QLabel* m_proof;
    FaultDrawing* m_drawing;
    QLabel* m_ask;
    std::array<AnswerButton*, 3> m_helped{};
    PrimaryButton* m_primary;
};

/// The station of a remedy's step.
Station stationNamed(const std::string& id);

} // namespace bombo
