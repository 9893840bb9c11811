#pragma once
/// The station of one head: raise, listen, even. Snare side and batter are two of these.
#include "app/head/begin_tools.h"
#include "app/head/hoop_view.h"
#include "app/head/round_tools.h"
#include "app/head/step_dial.h"
#include "app/listening/listening_strip.h"
#include "app/route/station_page.h"
#include "app/theme/load_wedge.h"
#include "core/record/reckoned.h"

#include <QDoubleSpinBox>

namespace bombo {

/// What the step panel says of the step at hand. Also read out and shown in the stand view.
struct StepWords {
    StepKind kind = StepKind::Fingers;
    Turns turns;
    QString now;                        ///< "Now both rods 2 and 6"
    QString figure;                     ///< "1/8 turn tighter"
    QString detail;                     ///< what comes after, what to expect
    QString count;                      ///< "pair 1 of 2"
    QString button;                     ///< what the one big button does
    PrepKind prep = PrepKind::LookOver; ///< of StepKind::Prepare
};
StepWords stepWords(const Reckoned& reckoned, HeadSide side);
/// The head was finished for another tone: what was heard no longer says whether it is right.
bool needsAnotherRound(const Reckoned& reckoned, HeadSide side);
/// Both heads as one system: this one is raised, and the other is before either is evened.
bool raisesOtherFirst(const Session& session, HeadSide side);

class HeadPage : public StationPage {
    Q_OBJECT
public:
    HeadPage(SessionController& controller, HeadSide side, QWidget* parent = nullptr);
    void refresh() override;
    PrimaryButton* primary() override { return m_primary; }
    HoopView* hoop() { return m_hoop; }

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void act();
    void showRodTools();
    void correct(Turns by);
    QWidget* stepPanel();
    QWidget* rodTools();
    QString hintFor(const HeadWork& work, const HeadBrief& brief) const;
    void showGauge();
    void readMark();
    std::optional<int> rodToTapAgain() const;

    HeadSide m_side;
    QLabel* m_title;
    QLabel* m_conditions;
    QLabel* m_target;
    QLabel* m_mean;
    HoopView* m_hoop;
    QLabel* m_rodText;
    QPushButton* m_ledger;
    QPushButton* m_resists;
    QPushButton* m_nearest;
    QPushButton* m_trial;
    QPushButton* m_startHere;
    QPushButton* m_tapAgain;
    BeginTools* m_begin;
    RoundTools* m_way;
    QPushButton* m_otherWay;
    QPushButton* m_lessTurned;
    QPushButton* m_moreTurned;
    StepDial* m_dial;
    QLabel* m_now;
    QLabel* m_figure;
    QLabel* m_detail;
    QLabel* m_count;
    QDoubleSpinBox* m_mark; ///< of a gauge, or the gap in mm
    QComboBox* m_feel;
    PrimaryButton* m_primary;
    QPushButton* m_undo;
    QPushButton* m_listenNow;
    ListeningStrip* m_listening;
    LoadWedge* m_ownLoad;
    LoadWedge* m_otherLoad;
    QString m_hint; ///< shown while no rod is chosen
};

} // namespace bombo
