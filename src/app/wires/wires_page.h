#pragma once
#include "app/listening/listening_strip.h"
#include "app/route/station_page.h"
#include "app/wires/buzz_panel.h"
#include "app/wires/buzz_picture.h"
#include "app/wires/fit_panel.h"
#include "app/wires/sweep_picture.h"
#include "app/wires/underside.h"
#include "app/wires/voice_panel.h"

#include <QLabel>
#include <QStackedWidget>
#include <QTabBar>
#include <map>

namespace bombo {

class BackStrip;

/// Strainer stops, strokes tried at them, and what to do with the knob.
class WiresPage : public StationPage {
    Q_OBJECT
public:
    explicit WiresPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh() override;
    PrimaryButton* primary() override { return m_primary; }

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    enum class Step { Begin, TryStroke, TurnKnob, Finished, Fit, Buzz };
    void showAside(Step step);
    Step step(const WireAdvice& advice) const;
    void act();
    void answer(const Stroke& stroke, bool yes);
    void cellClicked(const Stroke& stroke);
    QWidget* stepPanel();
    QWidget* knobPanel();
    QWidget* answersPanel();

    void showView(int view);
    void followView();

    BackStrip* m_backStrip;
    QTabBar* m_views; ///< fit, strainer, buzz
    QStackedWidget* m_left;
    QStackedWidget* m_right;
    UndersideView* m_underside;
    FitPanel* m_fit;
    BuzzView* m_buzz;
    BuzzPanel* m_neighbours;
    VoicePanel* m_voice;
    SweepView* m_sweep;
    QLabel* m_title;
    QLabel* m_conditions;
    QLabel* m_now;
    QLabel* m_figure;
    QLabel* m_detail;
    QComboBox* m_judging;
    QLabel* m_knob;
    QLabel* m_fromLoose; ///< the same, so that it can be found again
    PrimaryButton* m_primary;
    ListeningStrip* m_listening;
    QPushButton* m_no;
    std::map<std::pair<Dynamic, StrokePlace>, QPushButton*> m_cells;
    QPushButton* m_rattle;
};

} // namespace bombo
