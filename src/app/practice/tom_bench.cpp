#include "app/practice/tom_bench.h"

#include "app/listening/sound_output.h"
#include "app/numbers/numbers.h"
#include "app/practice/deal.h"
#include "app/practice/ear_round.h"
#include "app/practice/tom_words.h"
#include "app/practice/tuning_words.h"
#include "app/session/wording.h"
#include "app/wires/buzz_panel.h"
#include "core/record/reckoned.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace bombo {

TomBench::TomBench(SessionController& controller, QWidget* parent)
    : KeyedBench(parent), m_controller(controller) {
    auto* outside = new QVBoxLayout(this);
    outside->setContentsMargins(0, 0, 0, 0);
    QFrame* frame = card();
    outside->addWidget(frame);
    auto* column = new QVBoxLayout(frame);
    column->setContentsMargins(20, 12, 20, 12);
    column->setSpacing(6);
    auto* top = new QHBoxLayout;
    m_title = textLabel("figure", tomTitle());
    top->addWidget(m_title, 1);
    m_shown = textLabel("heading");
    top->addWidget(m_shown);
    column->addLayout(top);
    m_goal = textLabel("quiet", tomGoal());
    m_goal->setWordWrap(true);
    column->addWidget(m_goal);
    m_said = textLabel("lead");
    m_said->setObjectName(QStringLiteral("tomSaid"));
    m_said->setWordWrap(true);
    column->addWidget(m_said);
    QStringList names;
    for (const TomHandle one : kTomHandles)
        names << handleName(one);
    m_handles = viewTabs("tomHandles", names);
    connect(m_handles, &QTabBar::currentChanged, this, [this] {
        m_reply.clear();
        refresh();
    });
    column->addWidget(m_handles, 0, Qt::AlignLeft);
    m_picture = new BuzzView;
    column->addWidget(m_picture, 1);
    column->addStretch();
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    const auto add = [&](const QString& key, const char* name, const QString& text, const auto& action) {
        auto* button = new AnswerButton(key);
        button->setObjectName(QLatin1String(name));
        button->setText(text);
        button->installEventFilter(this);
        connect(button, &QPushButton::clicked, this, action);
        row->addWidget(button, 1);
        return button;
    };
    m_strike = add(tr("Space"), "tomStrike", {}, [this] {
        if (m_isOver)
            begin(m_help, m_who);
        else
            strikeTom();
    });
    m_meanwhile = {add(QStringLiteral("W"), "tomWhisper", tr("A whisper near the edge"),
                       [this] { strikeDrum(Dynamic::Whisper); }),
                   add(QStringLiteral("L"), "tomLoud", tr("A loud stroke in the middle"),
                       [this] { strikeDrum(Dynamic::Loud); }),
                   add(QStringLiteral("↓"), "tomLooser", tr("%1 looser").arg(turnsFigure(kSmallestTurn)),
                       [this] { turn(-kSmallestTurn); }),
                   add(QStringLiteral("↑"), "tomTighter", tr("%1 tighter").arg(turnsFigure(kSmallestTurn)),
                       [this] { turn(kSmallestTurn); }),
                   add(QStringLiteral("D"), "tomDone", tr("That is it"), [this] { finish(); })};
    column->addLayout(row);
    m_leave = secondaryButton({});
    m_leave->setObjectName(QStringLiteral("tomLeave"));
    connect(m_leave, &QPushButton::clicked, this, [this] {
        stop();
        emit left();
    });
    column->addWidget(m_leave);
}

void TomBench::begin(TuningHelp help, const QString& who) {
    const Reckoned& now = m_controller.reckoned();
    m_job = std::make_unique<TomJob>(m_controller.session().drum, practiceTension(now, HeadSide::Batter),
                                     practiceTension(now, HeadSide::SnareSide),
                                     practiceDeal().bounded(1U, 1'000'000U));
    m_help = help;
    m_who = who;
    m_reply.clear();
    m_isOver = m_isSilent = false;
    m_began.start();
    m_handles->setCurrentIndex(0);
    refresh();
    m_strike->setFocus(Qt::OtherFocusReason);
}

void TomBench::play(std::vector<float> samples) {
    if (!m_isSilent)
        m_isSilent = !m_controller.output().play(softly(std::move(samples)), kPracticeRate);
}

Neighbour TomBench::namedTom() const {
    Neighbour tom = m_job->tom();
    tom.name = tr("the tom").toStdString();
    return tom;
}

QString TomBench::adviceText() const {
    if (m_help != TuningHelp::Advice)
        return {};
    const std::vector<Calming> ways = m_job->advice();
    if (ways.empty())
        return {};
    const CalmingWords words = calmingWords(ways.front(), {namedTom()});
    return QLatin1Char(' ') + tr("Bombo would first try: %1. %2").arg(words.what, words.effect);
}

void TomBench::strikeTom() {
    if (!m_job)
        return;
    const PracticeTomStroke stroke = m_job->strikeTom(kPracticeRate);
    play(stroke.samples);
    if (!showsFigures())
        m_reply = m_isSilent ? benchSilence() : tr("You hear the tom.");
    else if (stroke.buzz.value > 0.0)
        m_reply =
            tr("They buzz for %1 s at a stroke on the tom.").arg(number(stroke.buzz.value, 2)) + adviceText();
    else
        m_reply = tr("They lie still.");
    refresh();
}

void TomBench::strikeDrum(Dynamic dynamic) {
    if (!m_job || m_isOver)
        return;
    const bool isWhisper = dynamic == Dynamic::Whisper;
    PracticeWireStroke stroke = m_job->strikeDrum(dynamic, kPracticeRate);
    play(isWhisper ? closeBy(std::move(stroke.samples)) : std::move(stroke.samples));
    m_reply = wireReply(dynamic, stroke.answered, stroke.rattled, showsFigures());
    if (!showsFigures() && m_isSilent)
        m_reply = benchSilence();
    refresh();
}

void TomBench::turn(Turns turns) {
    if (!m_job || m_isOver)
        return;
    m_reply = m_job->turn(handle(), turns) ? handleText(*m_job, handle()) : tr("It goes no further.");
    refresh();
}

void TomBench::finish() {
    if (!m_job || m_isOver)
        return;
    m_isOver = true;
    const Seconds took{static_cast<double>(m_began.elapsed()) / 1000.0};
    const TomScore score = m_job->score();
    QStringList lines = tomLines(score, took);
    if (showsFigures() || !m_isSilent)
        m_controller.perform(KeepTuningResult{{.at = QDateTime::currentSecsSinceEpoch(),
                                               .who = m_who.toStdString(),
                                               .task = kTomTask,
                                               .help = tuningHelpName(m_help),
                                               .isDone = score.isDone,
                                               .widestAfter = std::abs(score.tomMoved.value),
                                               .offAfter = score.drumMoved.value,
                                               .passes = score.passes,
                                               .placements = score.placements,
                                               .fewest = 1,
                                               .seconds = took.value}});
    else
        lines << tr("Nothing was heard, so nothing is kept.");
    m_reply = lines.join(QLatin1Char('\n'));
    refresh();
    m_strike->setFocus(Qt::OtherFocusReason);
}

void TomBench::refresh() {
    if (!m_job)
        return;
    m_shown->setText(helpName(m_help));
    m_said->setText(!m_reply.isEmpty() ? m_reply : handleText(*m_job, handle()));
    m_picture->setVisible(showsFigures() || m_isOver);
    if (showsFigures() || m_isOver)
        m_picture->show(buzzPicture(m_job->drum(), m_job->heads(), {namedTom()}));
    m_strike->setText(m_isOver ? tr("Another one") : tr("Strike the tom"));
    m_handles->setVisible(!m_isOver);
    for (AnswerButton* button : m_meanwhile)
        button->setVisible(!m_isOver);
    m_leave->setText(m_isOver ? tr("Back to the exercises") : tr("Leave it; nothing is kept"));
}

bool TomBench::takeKey(int key, Qt::KeyboardModifiers modifiers) {
    if (!m_job || m_isOver)
        return false;
    const Turns step = (modifiers & Qt::ShiftModifier) != 0 ? 4.0 * kSmallestTurn : kSmallestTurn;
    const int handles = m_handles->count();
    switch (key) {
    case Qt::Key_Left:
    case Qt::Key_Right:
        m_handles->setCurrentIndex((m_handles->currentIndex() + (key == Qt::Key_Right ? 1 : handles - 1)) %
                                   handles);
        return true;
    case Qt::Key_Up:
        turn(step);
        return true;
    case Qt::Key_Down:
        turn(-step);
        return true;
    case Qt::Key_W:
        strikeDrum(Dynamic::Whisper);
        return true;
    case Qt::Key_L:
        strikeDrum(Dynamic::Loud);
        return true;
    case Qt::Key_D:
        finish();
        return true;
    default:
        return false;
    }
}

} // namespace bombo
