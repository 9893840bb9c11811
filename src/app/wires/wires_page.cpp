#include "app/wires/wires_page.h"
#include "app/listening/ear.h"
#include "app/logbook/back_strip.h"
#include "app/practice/practice_player.h"

#include "app/head/begin_tools.h"
#include "app/listening/heard_words.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "app/wires/set_words.h"
#include "core/record/wires_say.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QShortcut>
#include <QVBoxLayout>
#include <cmath>

namespace bombo {
namespace {

std::optional<bool> answerAt(const WireWork& wires, StrokePlace place, Dynamic dynamic) {
    for (const WireTest& test : wires.tests)
        if (test.turns == wires.strainer && test.place == place && test.dynamic == dynamic)
            return test.answered;
    return std::nullopt;
}

constexpr std::array kJudgings{WireJudging::AsTone, WireJudging::LoosestClean, WireJudging::EqualLengths,
                               WireJudging::Dry, WireJudging::Wet};

std::optional<bool> rattleAt(const WireWork& wires) {
    for (const RattleTest& test : wires.rattles)
        if (test.turns == wires.strainer)
            return test.rattled;
    return std::nullopt;
}

} // namespace

WiresPage::WiresPage(SessionController& controller, QWidget* parent) : StationPage(controller, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(12);
    m_views = viewTabs("wireViews", {tr("Fit"), tr("Strainer"), tr("Buzz with others")});
    m_views->setCurrentIndex(1);
    auto* header = new QHBoxLayout;
    m_title = textLabel("title");
    m_judging = toolBox("wireJudging", tr("By what the setting is judged"));
    for (const WireJudging judging : kJudgings) {
        addChoices<WireJudging>(m_judging, {{tr("aim: %1").arg(judgingName(judging)), judging}});
        m_judging->setItemData(m_judging->count() - 1, judgingMeaning(judging), Qt::ToolTipRole);
    }
    connect(m_judging, &QComboBox::activated, this,
            [this] { this->controller().perform(JudgeWires{chosenIn<WireJudging>(m_judging)}); });
    header->addWidget(m_title);
    header->addStretch();
    header->addWidget(m_judging);
    header->addSpacing(14);
    header->addWidget(m_views);
    column->addLayout(header);
    m_conditions = textLabel("quiet");
    m_conditions->setWordWrap(true);
    column->addWidget(m_conditions);
    m_backStrip = new BackStrip(controller, BackStrip::Of::Strainer);
    column->addWidget(m_backStrip);
    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    m_sweep = new SweepView;
    m_underside = new UndersideView;
    m_buzz = new BuzzView;
    m_left = new QStackedWidget;
    for (QWidget* view : std::initializer_list<QWidget*>{m_underside, m_sweep, m_buzz})
        m_left->addWidget(view);
    auto* left = new QVBoxLayout;
    left->setSpacing(12);
    left->addWidget(m_left, 1);
    left->addWidget(stepPanel());
    row->addLayout(left, 8);
    auto* strainer = new QWidget;
    auto* right = new QVBoxLayout(strainer);
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(8);
    right->addWidget(knobPanel());
    right->addWidget(answersPanel());
    m_listening = new ListeningStrip(controller);
    right->addWidget(m_listening, 1);
    m_fit = new FitPanel(controller);
    m_neighbours = new BuzzPanel(controller);
    m_voice = new VoicePanel(controller);
    auto* others = new QWidget;
    auto* beside = new QVBoxLayout(others);
    beside->setContentsMargins(0, 0, 0, 0);
    beside->setSpacing(8);
    beside->addWidget(m_neighbours, 1);
    beside->addWidget(m_voice);
    m_right = new QStackedWidget;
    for (QWidget* view : std::initializer_list<QWidget*>{m_fit, strainer, others})
        m_right->addWidget(view);
    row->addWidget(m_right, 4);
    column->addLayout(row, 1);
    connect(m_views, &QTabBar::currentChanged, this, &WiresPage::showView);
    showView(1);

    auto* no = new QShortcut(QKeySequence(Qt::Key_N), this);
    no->setContext(Qt::WidgetWithChildrenShortcut);
    connect(no, &QShortcut::activated, this, [this] {
        if (m_no->isVisible())
            m_no->click();
    });
}

QWidget* WiresPage::stepPanel() {
    QFrame* panel = card();
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(18, 12, 18, 14);
    column->setSpacing(4);
    m_now = textLabel("now");
    m_now->setWordWrap(true);
    m_now->setObjectName(QStringLiteral("now"));
    m_figure = textLabel("figure");
    m_figure->setWordWrap(true);
    m_figure->setObjectName(QStringLiteral("step"));
    m_detail = textLabel("quiet");
    m_detail->setObjectName(QStringLiteral("detail"));
    m_detail->setWordWrap(true);
    column->addWidget(m_now);
    column->addWidget(m_figure);
    column->addWidget(m_detail);
    auto* buttons = new QHBoxLayout;
    auto* undo = secondaryButton(tr("Undo last"));
    connect(undo, &QPushButton::clicked, &controller().undoStack(), &QUndoStack::undo);
    m_no = secondaryButton({});
    m_no->setObjectName(QStringLiteral("no"));
    connect(m_no, &QPushButton::clicked, this, [this] {
        if (const auto stroke = nextStroke(sweepOf(reckoned())))
            answer(*stroke, false);
    });
    m_primary = primaryButton();
    connect(m_primary, &QPushButton::clicked, this, &WiresPage::act);
    buttons->addWidget(undo);
    buttons->addStretch();
    buttons->addWidget(m_no);
    buttons->addWidget(m_primary);
    column->addSpacing(6);
    column->addLayout(buttons);
    return panel;
}

QWidget* WiresPage::knobPanel() {
    QFrame* panel = card();
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(18, 8, 18, 10);
    column->addWidget(textLabel("heading", tr("Knob, from first contact")));
    m_knob = textLabel("figure");
    m_knob->setObjectName(QStringLiteral("knob"));
    column->addWidget(m_knob);
    m_fromLoose = textLabel("quiet");
    m_fromLoose->setObjectName(QStringLiteral("fromLoose"));
    column->addWidget(m_fromLoose);
    auto* steps = new QGridLayout;
    int place = 0;
    for (const double by : {-0.25, -0.125, 0.125, 0.25}) {
        auto* button = secondaryButton((by < 0 ? QStringLiteral("\u2212") : QStringLiteral("+")) +
                                       turnsFigure(Turns{by}));
        button->setProperty("small", true);
        button->setObjectName(QStringLiteral("knob%1").arg(place));
        button->setAccessibleName(by < 0 ? tr("Loosen %1").arg(turnsText(Turns{by}))
                                         : tr("Tighten %1").arg(turnsText(Turns{by})));
        connect(button, &QPushButton::clicked, this, [this, by] {
            controller().perform(SetStrainer{Turns{std::max(0.0, session().wires.strainer.value + by)}});
        });
        steps->addWidget(button, 0, place++);
    }
    column->addLayout(steps);
    return panel;
}

QWidget* WiresPage::answersPanel() {
    QFrame* panel = card();
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(18, 8, 18, 10);
    column->addWidget(textLabel("heading", tr("At this stop")));
    auto* grid = new QGridLayout;
    grid->addWidget(textLabel("quiet", tr("middle")), 0, 1);
    grid->addWidget(textLabel("quiet", tr("edge")), 0, 2);
    int line = 1;
    for (const Dynamic dynamic : kDynamics) {
        grid->addWidget(new QLabel(dynamicName(dynamic)), line, 0);
        for (const StrokePlace at : kPlaces) {
            auto* cell = secondaryButton({});
            cell->setProperty("small", true);
            cell->setObjectName(
                QStringLiteral("answer-%1-%2").arg(static_cast<int>(dynamic)).arg(static_cast<int>(at)));
            connect(cell, &QPushButton::clicked, this, [this, at, dynamic] { cellClicked({at, dynamic}); });
            m_cells[{dynamic, at}] = cell;
            grid->addWidget(cell, line, at == StrokePlace::Middle ? 1 : 2);
        }
        ++line;
    }
    column->addLayout(grid);
    m_rattle = secondaryButton({});
    m_rattle->setProperty("small", true);
    m_rattle->setObjectName(QStringLiteral("rattle"));
    connect(m_rattle, &QPushButton::clicked, this, [this] {
        answer({StrokePlace::Middle, Dynamic::Loud, true}, rattleAt(session().wires).value_or(true));
    });
    column->addWidget(m_rattle);
    return panel;
}

WiresPage::Step WiresPage::step(const WireAdvice& advice) const {
    const WireWork& wires = session().wires;
    if (m_views->currentIndex() != 1)
        return m_views->currentIndex() == 0 ? Step::Fit : Step::Buzz;
    if (!wires.begun)
        return Step::Begin;
    if (nextStroke(sweepOf(reckoned())))
        return Step::TryStroke;
    return nextStopOf(advice, sweepOf(reckoned())) == wires.strainer ? Step::Finished : Step::TurnKnob;
}

void WiresPage::showView(int view) {
    m_left->setCurrentIndex(view);
    m_right->setCurrentIndex(view);
    m_judging->setVisible(view == 1);
    m_title->setText(view == 0   ? tr("Lay the wires")
                     : view == 1 ? tr("Set the strainer")
                                 : tr("Calm the buzz"));
    m_conditions->setText(
        view == 0   ? tr("Before they are clamped: where the wires lie, and how the knob stands. "
                           "Wires loose before anything is pushed under them.")
        : view == 1 ? QString()
                    : tr("Which instruments set the wires going, and what to change first. Lever "
                         "on while they play."));
    followView();
    if (controller().hasSession())
        refresh();
}

/// Beside the sweep a stroke answers nothing, and in front of another instrument it is not the drum's.
void WiresPage::followView() {
    if (isVisible())
        controller().ear().listenTo(m_views->currentIndex() == 1   ? StrokesOf::Wires
                                    : m_views->currentIndex() == 2 ? StrokesOf::Neighbours
                                                                   : StrokesOf::Drum);
}

void WiresPage::showEvent(QShowEvent* event) {
    StationPage::showEvent(event);
    followView();
}

void WiresPage::hideEvent(QHideEvent* event) {
    controller().ear().listenTo(StrokesOf::Drum);
    StationPage::hideEvent(event);
}

void WiresPage::refresh() {
    m_backStrip->refresh();
    m_listening->refresh();
    switch (m_views->currentIndex()) { // what is hidden need not be reckoned
    case 0:
        m_underside->show(undersidePicture(session()));
        m_fit->refresh();
        break;
    case 2:
        m_buzz->show(buzzPicture(reckoned()));
        m_neighbours->refresh();
        m_voice->refresh();
        break;
    default:
        break;
    }
    const WireWork& wires = session().wires;
    const SweepPicture picture = sweepPicture(reckoned());
    m_sweep->show(picture);
    m_knob->setText(wires.begun ? turnsText(wires.strainer) : tr("not counted"));
    const auto& layout = session().layout;
    const auto contact = layout ? layout->knob : std::nullopt;
    m_fromLoose->setText(contact ? tr("%1 from its loose end").arg(turnsText(*contact + wires.strainer))
                                 : QString());
    m_fromLoose->setVisible(contact && wires.begun);
    choose(m_judging, wires.judging);
    m_judging->setToolTip(judgingMeaning(wires.judging));
    const bool practice = session().source == SoundSource::Practice;
    for (const auto& [key, cell] : m_cells) {
        const auto known = answerAt(wires, key.second, key.first);
        cell->setText(!known ? tr("not tried") : *known ? tr("● answers") : tr("✕ silent"));
        cell->setAccessibleName(
            tr("%1 at the %2: %3").arg(dynamicName(key.first), placeName(key.second), cell->text()));
        cell->setEnabled(wires.begun);
    }
    const auto rattles = rattleAt(wires);
    m_rattle->setText(!rattles   ? tr("Loud: does it rattle on?")
                      : *rattles ? tr("Loud: rattles on")
                                 : tr("Loud: clean"));
    m_rattle->setEnabled(wires.begun);

    const WireAdvice& advice = picture.advice;
    m_no->setVisible(false);
    if (m_views->currentIndex() == 1)
        m_conditions->setText(advice.contradictory
                                  ? tr("Two answers contradict each other; the odd one counts for less. Try "
                                       "the strokes at that stop again.")
                                  : tr("Wires centred, lever on, drum the right way up. Count the knob from "
                                       "where the strands first "
                                       "touch."));
    const Step now = step(advice);
    switch (now) {
    case Step::Fit:
    case Step::Buzz:
        showAside(now);
        break;
    case Step::Begin:
        m_now->setText(tr("Now lever on, knob to first contact"));
        m_figure->setText(tr("Then tighten %1").arg(turnsText(nextStopOf(advice, sweepOf(reckoned())))));
        m_detail->setText(
            tr("First contact: a fingertip on the snare side just feels the strands lift off the film."));
        m_primary->setText(tr("Knob is there"));
        break;
    case Step::TryStroke: {
        const Stroke stroke = *nextStroke(sweepOf(reckoned()));
        m_now->setText(
            stroke.asksRattle
                ? tr("Now one loud stroke at the middle")
                : tr("Now a %1 stroke at the %2").arg(dynamicName(stroke.dynamic), placeName(stroke.place)));
        m_figure->setText(stroke.asksRattle ? tr("Do the wires fall silent with the drum?")
                                            : tr("Do the wires answer?"));
        m_detail->setText(
            stroke.asksRattle ? tr("Clean: they stop with the tone. Rattling: they hiss on after it.")
            : practice        ? tr("Play it as quietly as you would on the stand, and listen for the hiss.")
                       : tr("Play it as quietly as you would on the stand. What is heard answers; or say "
                            "it yourself."));
        m_primary->setText(practice ? tr("Strike it") : stroke.asksRattle ? tr("Clean") : tr("They answer"));
        m_no->setText(stroke.asksRattle ? tr("They rattle on  (N)") : tr("No answer  (N)"));
        m_no->setVisible(!practice);
        break;
    }
    case Step::TurnKnob: {
        const Turns to = nextStopOf(advice, sweepOf(reckoned()));
        const Turns by = to - wires.strainer;
        m_now->setText(tr("Now the knob"));
        m_figure->setText(by.value > 0.0 ? tr("Tighten %1").arg(turnsText(by))
                                         : tr("Loosen %1").arg(turnsText(by)));
        m_detail->setText(
            advice.noUsableSpan
                ? tr("It rattles before it stops choking: tighten the snare side, or the strands are worn.")
                : tr("To %1 from first contact. %2")
                      .arg(turnsText(to), to == advice.recommended ? tr("That is the best so far.")
                                                                   : tr("That stop tells most.")));
        m_primary->setText(tr("Turned"));
        break;
    }
    case Step::Finished:
        m_now->setText(advice.noUsableSpan ? tr("As good as it gets") : tr("In the usable span"));
        m_figure->setText(tr("Leave it at %1").arg(turnsText(wires.strainer)));
        m_detail->setText(setWords(reckoned(), advice));
        m_primary->setText(tr("On to the muffling"));
        break;
    }
}

/// Beside the sweep: the one thing that the picture asks for, and the way back to the strainer.
void WiresPage::showAside(Step step) {
    m_primary->setText(tr("On to the strainer"));
    if (step == Step::Fit) {
        const UndersidePicture picture = undersidePicture(session());
        const double shift = picture.fit.towardsStrainer.value;
        const auto& problems = picture.fit.problems;
        m_now->setText(picture.isMeasured ? tr("Now the wires") : tr("Now take a rule"));
        m_figure->setText(!picture.isMeasured                         ? tr("Measure strands and gaps")
                          : problems.empty()                          ? tr("They lie well")
                          : problems.front() != FitProblem::OffCentre ? tr("See what is said on the right")
                          : shift > 0.0                               ? tr("Shift them to the strainer")
                                                                      : tr("Shift them to the butt plate"));
        m_detail->setText(
            picture.isMeasured && problems.empty()
                ? tr("Check that the lever closes, and that the plates lie flat.")
                : tr("Lever off, strands loose. Done when both gaps are the same and the plates "
                     "lie over the inner wall."));
        return;
    }
    const auto& remedies = m_neighbours->remedies();
    m_now->setText(remedies.empty() ? tr("Now the others play") : tr("Change one thing, then listen again"));
    if (remedies.empty()) {
        m_figure->setText(tr("Which of them sets it off?"));
        m_detail->setText(
            tr("Lever on, strike each of them alone, and enter those that make the wires hiss."));
        return;
    }
    const CalmingWords words = calmingWords(remedies.front(), session().neighbours);
    m_figure->setText(words.what);
    m_detail->setText(tr("%1 Predicted: the ear decides.").arg(words.effect));
}

void WiresPage::answer(const Stroke& stroke, bool yes) {
    if (stroke.asksRattle)
        controller().perform(AnswerWires{{stroke.place, stroke.dynamic, std::nullopt, !yes}});
    else
        controller().perform(AnswerWires{{stroke.place, stroke.dynamic, yes, std::nullopt}});
}

void WiresPage::cellClicked(const Stroke& stroke) {
    if (session().source == SoundSource::Practice)
        controller().practice().strikeWires(stroke.place, stroke.dynamic);
    else // first click: answered; each further one the opposite
        answer(stroke, !answerAt(session().wires, stroke.place, stroke.dynamic).value_or(false));
}

void WiresPage::act() {
    const WireAdvice advice = wireAdviceOf(reckoned());
    switch (step(advice)) {
    case Step::Begin:
    case Step::TurnKnob:
        controller().perform(SetStrainer{nextStopOf(advice, sweepOf(reckoned()))});
        break;
    case Step::TryStroke: {
        const Stroke stroke = *nextStroke(sweepOf(reckoned()));
        if (session().source == SoundSource::Practice)
            controller().practice().strikeWires(stroke.place, stroke.dynamic);
        else
            answer(stroke, true);
        break;
    }
    case Step::Finished:
        controller().goTo(Station::Muffling);
        break;
    case Step::Fit:
    case Step::Buzz:
        m_views->setCurrentIndex(1);
        break;
    }
}

} // namespace bombo
