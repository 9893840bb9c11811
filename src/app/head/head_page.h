#pragma once
/// The station of one head: raise, listen, even. Snare side and batter are two of these.
#include "app/head/hoop_view.h"
#include "app/head/step_dial.h"
#include "app/listening/listening_strip.h"
#include "app/route/station_page.h"
#include "app/theme/load_wedge.h"

#include <QComboBox>

namespace bombo {

/// What the step panel says of the step at hand. Also read out and shown in the stand view.
struct StepWords {
    StepKind kind = StepKind::Fingers;
    Turns turns;
    QString now;    ///< "Now both rods 2 and 6"
    QString figure; ///< "1/8 turn tighter"
    QString detail; ///< what comes after, what to expect
    QString count;  ///< "pair 1 of 2"
    QString button; ///< what the one big button does
};
StepWords stepWords(const Session& session, HeadSide side);
/// The head was finished for another tone: what was heard no longer says whether it is right.
bool needsAnotherRound(const Session& session, HeadSide side);

class HeadPage : public StationPage {
    Q_OBJECT
public:
    HeadPage(SessionController& controller, HeadSide side, QWidget* parent = nullptr);
    void refresh() override;
    QPushButton* primary() override { return m_primary; }
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
    static QComboBox* box(QWidget* parent, const char* name, const QString& says, const QStringList& choices);
    QWidget* handlingTools();
    void showHandling();
    QWidget* wayTools();
    void chooseWay();
    void showWay();
    std::optional<int> rodToTapAgain() const;

    HeadSide m_side;
    QLabel* m_title;
    QLabel* m_conditions;
    QLabel* m_target;
    QLabel* m_mean;
    HoopView* m_hoop;
    QLabel* m_rodText;
    QPushButton* m_again;
    QPushButton* m_startHere;
    QPushButton* m_tapAgain;
    QWidget* m_handling; ///< how the rods are turned, and how even the head is to be
    QComboBox* m_path;
    QComboBox* m_tolerance;
    QWidget* m_way; ///< how the rounds are tapped
    QComboBox* m_kind;
    QComboBox* m_extent;
    QComboBox* m_taps;
    QPushButton* m_otherWay;
    QPushButton* m_lessTurned;
    QPushButton* m_moreTurned;
    StepDial* m_dial;
    QLabel* m_now;
    QLabel* m_figure;
    QLabel* m_detail;
    QLabel* m_count;
    QPushButton* m_primary;
    QPushButton* m_undo;
    QPushButton* m_listenNow;
    ListeningStrip* m_listening;
    LoadWedge* m_ownLoad;
    LoadWedge* m_otherLoad;
    QString m_hint; ///< shown while no rod is chosen
};

} // namespace bombo
