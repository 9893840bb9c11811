#include "app/practice/tuning_bench.h"

#include "app/listening/sound_output.h"
#include "app/practice/deal.h"
#include "app/practice/ear_round.h"
#include "app/practice/tuning_words.h"
#include "app/session/wording.h"
#include "core/record/reckoned.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace bombo {
namespace {

struct TurnChoice {
    Turns turns;
    const char* key;
    const char* name;
};
constexpr std::array kTurnChoices{
    TurnChoice{Turns{-0.25}, QT_TRANSLATE_NOOP("bombo::TuningBench", "Shift ↓"), "turn-4"},
    TurnChoice{Turns{-1.0 / 16.0}, QT_TRANSLATE_NOOP("bombo::TuningBench", "↓"), "turn-1"},
    TurnChoice{Turns{1.0 / 16.0}, QT_TRANSLATE_NOOP("bombo::TuningBench", "↑"), "turn+1"},
    TurnChoice{Turns{0.25}, QT_TRANSLATE_NOOP("bombo::TuningBench", "Shift ↑"), "turn+4"}};

} // namespace

TuningBench::TuningBench(SessionController& controller, QWidget* parent)
    : KeyedBench(parent), m_controller(controller) {
    auto* outside = new QVBoxLayout(this);
    outside->setContentsMargins(0, 0, 0, 0);
    QFrame* frame = card();
    outside->addWidget(frame);
    auto* column = new QVBoxLayout(frame);
    column->setContentsMargins(20, 12, 20, 12);
    column->setSpacing(6);
    auto* top = new QHBoxLayout;
    m_title = textLabel("figure");
    m_title->setObjectName(QStringLiteral("tuningTitle"));
    top->addWidget(m_title, 1);
    m_clock = textLabel("heading");
    m_clock->setObjectName(QStringLiteral("tuningClock"));
    top->addWidget(m_clock);
    column->addLayout(top);
    m_goal = textLabel("quiet");
    m_goal->setObjectName(QStringLiteral("tuningGoal"));
    m_goal->setWordWrap(true);
    column->addWidget(m_goal);
    m_said = textLabel("lead");
    m_said->setObjectName(QStringLiteral("tuningSaid"));
    m_said->setWordWrap(true);
    column->addWidget(m_said);
    m_pictures = new QStackedWidget;
    m_hoop = new HoopView;
    m_hoop->setObjectName(QStringLiteral("tuningHoop"));
    m_pictures->addWidget(m_hoop);
    m_sweep = new SweepView;
    m_pictures->addWidget(m_sweep);
    column->addWidget(m_pictures, 1);
    connect(m_hoop, &HoopView::rodSelected, this, [this](std::optional<int> rod) {
        if (rod)
            choose(*rod);
    });
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    const auto add = [&](const QString& key, const char* name) {
        auto* button = new AnswerButton(key);
        button->setObjectName(QLatin1String(name));
        button->installEventFilter(this);
        row->addWidget(button, 1);
        return button;
    };
    m_tap = add(tr("Space"), "tuningTap");
    connect(m_tap, &QPushButton::clicked, this, &TuningBench::press);
    m_loud = add(QStringLiteral("L"), "tuningLoud");
    m_loud->setText(tr("A loud stroke in the middle"));
    connect(m_loud, &QPushButton::clicked, this, [this] { strike(Dynamic::Loud); });
    for (const TurnChoice& choice : kTurnChoices) {
        AnswerButton* button = add(tr(choice.key), choice.name);
        button->setText((choice.turns.value < 0.0 ? tr("%1 looser") : tr("%1 tighter"))
                            .arg(turnsFigure(Turns{std::abs(choice.turns.value)})));
        connect(button, &QPushButton::clicked, this, [this, turns = choice.turns] { turn(turns); });
        m_turns.push_back(button);
    }
    m_hearGoal = add(QStringLiteral("G"), "tuningGoalTap");
    m_hearGoal->setText(tr("Hear the goal"));
    connect(m_hearGoal, &QPushButton::clicked, this, &TuningBench::hearGoal);
    m_freshHead = add(QStringLiteral("F"), "tuningFreshHead");
    m_freshHead->setText(tr("Fit a fresh head"));
    connect(m_freshHead, &QPushButton::clicked, this, &TuningBench::fitFreshHead);
    m_done = add(QStringLiteral("D"), "tuningDone");
    m_done->setText(tr("That is it"));
    connect(m_done, &QPushButton::clicked, this, &TuningBench::finish);
    column->addLayout(row);
    m_leave = secondaryButton({});
    m_leave->setObjectName(QStringLiteral("tuningLeave"));
    connect(m_leave, &QPushButton::clicked, this, [this] {
        stop();
        emit left();
    });
    column->addWidget(m_leave);
    for (AnswerButton* button :
         {m_loud, m_freshHead}) // until it is wanted: the page need not be wider for it
        button->hide();
    m_second.setInterval(1000);
    connect(&m_second, &QTimer::timeout, this, [this] {
        if (m_job->within() && took() >= *m_job->within())
            finish();
        else
            m_clock->setText(clockText());
    });
}

void TuningBench::begin(TuningTask task, TuningHelp help, const QString& who) {
    const Reckoned& now = m_controller.reckoned();
    m_job = std::make_unique<TuningJob>(
        task, m_controller.session().drum, practiceTension(now, HeadSide::Batter),
        practiceTension(now, HeadSide::SnareSide), practiceDeal().bounded(1U, 1'000'000U));
    m_help = help;
    m_who = who;
    m_advice.reset();
    m_score.reset();
    m_reply.clear();
    m_rod = 0;
    m_isSilent = false;
    m_began.start();
    m_second.start();
    m_pictures->setCurrentIndex(m_job->isWires() ? 1 : 0);
    refresh();
    m_tap->setFocus(Qt::OtherFocusReason);
}

void TuningBench::stop() {
    m_second.stop();
    m_job.reset();
}

Seconds TuningBench::took() const {
    return m_score ? m_took : Seconds{static_cast<double>(m_began.elapsed()) / 1000.0};
}

QString TuningBench::clockText() const {
    return m_job->within()
               ? tr("%1 left").arg(clockWords(Seconds{std::max(0.0, (*m_job->within() - took()).value)}))
               : clockWords(took());
}

/// With figures an output is nice to have; it is missed but once.
void TuningBench::play(const std::vector<float>& samples) {
    if (!m_isSilent)
        m_isSilent = !m_controller.output().play(softly(samples), kPracticeRate);
}

void TuningBench::press() {
    if (!m_job)
        return;
    if (m_score)
        begin(m_job->task(), m_help, m_who);
    else if (m_job->isWires())
        strike(Dynamic::Whisper);
    else
        tapHere();
}

void TuningBench::tapHere() {
    m_advice.reset();
    const std::vector<float> samples =
        m_job->tap(m_rod, m_controller.settings().practiceRoom(), kPracticeRate);
    play(samples);
    const auto heard = m_job->hear(samples, kPracticeRate);
    const QString rod = rodsText({m_rod});
    if (!showsFigures())
        m_reply = m_isSilent ? benchSilence() : tr("You hear %1.").arg(rod);
    else if (!heard)
        m_reply = tr("Not heard clearly: tap %1 again.").arg(rod);
    else
        m_reply = tr("Heard at %1: %2, %3 cents from the goal.")
                      .arg(rod, pitchText(heard->frequency),
                           centsText(centsBetween(m_job->goal(), heard->frequency)));
    if (m_help == TuningHelp::Advice && m_job->isRoundWhole()) {
        m_advice = m_job->advice(m_controller.session().tolerance);
        m_reply = movesText(*m_advice);
    }
    if (const auto ring = m_job->ring();
        showsFigures() && m_job->task() == TuningTask::WornHead && m_job->isRoundWhole() && ring) {
        if (m_help == TuningHelp::Advice && ring->isWorn()) {
            m_advice.reset();
            m_reply = tr("Bombo would fit a fresh head.");
        }
        m_reply = ringText(*ring) + QLatin1Char(' ') + m_reply;
    }
    if (heard && showsFigures() && !m_job->isRoundWhole()) // on to the next that was not heard
        for (int step = 1; step < m_job->drum().rods; ++step)
            if (const int next = (m_rod + step) % m_job->drum().rods;
                !m_job->readings()[static_cast<std::size_t>(next)]) {
                m_rod = next;
                break;
            }
    refresh();
}

void TuningBench::strike(Dynamic dynamic) {
    if (!m_job || m_score || !m_job->isWires())
        return;
    PracticeWireStroke stroke = m_job->strike(dynamic, m_controller.settings().practiceRoom(), kPracticeRate);
    play(dynamic == Dynamic::Whisper ? closeBy(stroke.samples) : stroke.samples);
    m_reply = !showsFigures() && m_isSilent
                  ? benchSilence()
                  : wireReply(dynamic, stroke.answered, stroke.rattled, showsFigures());
    if (m_help == TuningHelp::Advice)
        m_reply += QLatin1Char(' ') +
                   tr("Bombo would go to %1.").arg(turnsText(adviseWires(m_job->sweep()).recommended));
    refresh();
}

void TuningBench::hearGoal() {
    if (m_job && !m_score && !m_job->isWires())
        play(m_job->goalTap(m_controller.settings().practiceRoom(), kPracticeRate));
}

void TuningBench::fitFreshHead() {
    if (!m_job || m_score || !m_job->fitFreshHead())
        return;
    m_advice.reset();
    m_reply = tr("A fresh head is on, seated and near its pitch. Even it.");
    m_rod = 0;
    refresh();
    m_tap->setFocus(Qt::OtherFocusReason);
}

void TuningBench::turn(Turns turns) {
    if (!m_job || m_score)
        return;
    const bool turned = m_job->turn(m_rod, turns);
    if (m_job->isTorn())
        return finish();
    if (!turned)
        m_reply = m_job->isWires() ? tr("The knob ends here.") : tr("That rod is loose already.");
    else if (m_job->isWires())
        m_reply = tr("The knob stands at %1.").arg(turnsText(m_job->knob()));
    else
        m_reply = tr("Turned at %1: %2 since the beginning.")
                      .arg(rodsText({m_rod}), turnsText(m_job->turnedAt(m_rod)));
    if (m_advice)
        m_reply = movesText(*m_advice) + QLatin1Char(' ') + m_reply;
    refresh();
}

void TuningBench::choose(int rod) {
    if (!m_job || m_score)
        return;
    m_rod = rod;
    refresh();
    m_tap->setFocus(Qt::OtherFocusReason);
}

void TuningBench::finish() {
    if (m_score || !m_job)
        return;
    m_took = took();
    m_second.stop();
    m_advice.reset();
    m_score = m_job->score(m_controller.session().tolerance);
    QStringList lines = scoreLines(*m_job, *m_score, m_took);
    const bool isKept = showsFigures() || !m_isSilent;
    if (isKept)
        m_controller.perform(KeepTuningResult{{.at = QDateTime::currentSecsSinceEpoch(),
                                               .who = m_who.toStdString(),
                                               .task = tuningTaskName(m_job->task()),
                                               .help = tuningHelpName(m_help),
                                               .isDone = m_score->isDone && !m_job->isTorn(),
                                               .widestBefore = m_score->widestBefore.value,
                                               .widestAfter = m_score->widestAfter.value,
                                               .offAfter = m_score->offAfter.value,
                                               .passes = m_score->passes,
                                               .placements = m_score->placements,
                                               .fewest = m_score->fewest,
                                               .load = m_score->load,
                                               .seconds = m_took.value}});
    else
        lines << tr("Nothing was heard, so nothing is kept.");
    m_reply = lines.join(QLatin1Char('\n'));
    refresh();
    m_tap->setFocus(Qt::OtherFocusReason);
}

HoopPicture TuningBench::hoop() const {
    HoopPicture picture;
    picture.side = m_job->side();
    picture.tolerance = m_controller.session().tolerance;
    picture.isNet = picture.fromStanding = true;
    const auto& readings = m_job->readings();
    picture.showsCents = showsFigures() && !m_score;
    for (std::size_t rod = 0; rod < readings.size(); ++rod) {
        HoopPeg peg;
        peg.turned = m_job->turnedAt(static_cast<int>(rod));
        if (picture.showsCents && readings[rod]) {
            peg.frequency = readings[rod]->frequency;
            peg.heard = centsBetween(m_job->goal(), *peg.frequency);
            peg.error = errorOf(*readings[rod]);
        }
        if (m_score)
            peg.wanted = m_score->best[rod];
        else
            peg.due = static_cast<int>(rod) == m_rod;
        if (m_advice)
            for (const RodMove& move : m_advice->moves)
                for (const int one : move.rods)
                    if (one == static_cast<int>(rod))
                        peg.inMove = true;
        picture.pegs.push_back(peg);
    }
    return picture;
}

void TuningBench::refresh() {
    const bool isWires = m_job->isWires();
    const bool isOver = m_score.has_value();
    m_title->setText(taskTitle(m_job->task()));
    m_clock->setText(helpName(m_help) + QStringLiteral(" · ") + clockText());
    m_goal->setText(taskGoal(*m_job));
    m_said->setText(!m_reply.isEmpty() ? m_reply
                    : isWires
                        ? tr("The knob stands at %1.").arg(turnsText(m_job->knob()))
                        : tr("Arrows to the sides choose a rod, up and down turn it; the space bar taps."));
    if (isWires) {
        SweepPicture picture;
        picture.current = m_job->knob();
        picture.begun = true;
        picture.isAdvised = m_help == TuningHelp::Advice && !isOver;
        if (picture.isAdvised)
            picture.advice = adviseWires(m_job->sweep());
        if (showsFigures() || isOver) {
            picture.tests = m_job->sweep().tests;
            picture.rattles = m_job->sweep().rattles;
        }
        m_sweep->show(picture);
    } else {
        const QSignalBlocker quiet(m_hoop);
        m_hoop->show(hoop());
        m_hoop->select(isOver ? std::nullopt : std::optional(m_rod));
    }
    m_tap->setText(isOver    ? tr("Another one")
                   : isWires ? tr("A whisper near the edge")
                             : tr("Tap %1").arg(rodsText({m_rod})));
    for (AnswerButton* button : m_turns)
        button->setVisible(!isOver);
    m_loud->setVisible(!isOver && isWires);
    m_hearGoal->setVisible(!isOver && !isWires);
    m_freshHead->setVisible(!isOver && m_job->task() == TuningTask::WornHead && !m_job->isFreshHead());
    m_done->setVisible(!isOver);
    m_leave->setText(isOver ? tr("Back to the exercises") : tr("Leave it; nothing is kept"));
}

bool TuningBench::takeKey(int key, Qt::KeyboardModifiers modifiers) {
    if (!m_job || m_score)
        return false;
    const int rods = m_job->drum().rods;
    const bool isQuarter = (modifiers & Qt::ShiftModifier) != 0;
    switch (key) {
    case Qt::Key_Left:
    case Qt::Key_Right: {
        const HoopLayout layout = hoopLayout(m_hoop->picture());
        const int place = layout.placeOf(m_rod) + (key == Qt::Key_Right ? 1 : rods - 1);
        if (!m_job->isWires())
            choose(layout.rodAt(place % rods));
        return true;
    }
    case Qt::Key_Up:
        turn(isQuarter ? Turns{0.25} : kSmallestTurn);
        return true;
    case Qt::Key_Down:
        turn(isQuarter ? Turns{-0.25} : -kSmallestTurn);
        return true;
    case Qt::Key_L:
        strike(Dynamic::Loud);
        return true;
    case Qt::Key_G:
        hearGoal();
        return true;
    case Qt::Key_F:
        fitFreshHead();
        return true;
    case Qt::Key_D:
        finish();
        return true;
    default:
        return false;
    }
}

} // namespace bombo
