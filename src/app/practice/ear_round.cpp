#include "app/practice/ear_round.h"

#include "app/listening/sound_output.h"
#include "app/practice/deal.h"
#include "app/practice/ears_words.h"
#include "core/practice/ear_recording.h"
#include "core/record/heads_say.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace bombo {
namespace {

constexpr double kBetween = 0.35; ///< s
constexpr int kMostAnswers = 5;

std::vector<float> oneAfterTheOther(const EarSounds& all, double rate) {
    std::vector<float> joined;
    for (const std::vector<float>& sound : all.sounds) {
        if (!joined.empty())
            joined.insert(joined.end(), static_cast<std::size_t>(kBetween * rate), 0.0F);
        joined.insert(joined.end(), sound.begin(), sound.end());
    }
    return softly(std::move(joined));
}

} // namespace

std::vector<float> softly(std::vector<float> samples) {
    constexpr float soft = 0.35F;
    for (float& sample : samples)
        sample *= soft;
    return samples;
}

std::vector<EarResult> earResultsOf(const PlaceRig& rig, EarExercise exercise, const QString& who) {
    std::vector<EarResult> own;
    for (const EarResult& result : rig.earResults)
        if (result.exercise == earExerciseName(exercise) && result.who == who.toStdString())
            own.push_back(result);
    return own;
}

EarsPicture earsPicture(const PlaceRig& rig, EarExercise exercise, const QString& who) {
    const EarRange range = rangeOf(exercise);
    EarsPicture picture;
    picture.smallest = range.smallest;
    picture.largest = range.largest;
    picture.marks = earMarks(exercise);
    for (const double mark : picture.marks)
        picture.labels.push_back(earDifference(exercise, mark));
    for (const EarResult& result : earResultsOf(rig, exercise, who))
        picture.days.push_back({result.threshold, result.error});
    return picture;
}

Tension practiceTension(const Reckoned& reckoned, HeadSide side) {
    const DrumState known = knownState(reckoned);
    const Tension now = side == HeadSide::Batter ? known.batter.tension : known.snareSide.tension;
    const Tension wanted = briefFor(reckoned, side).targetTension;
    return now < 0.5 * wanted ? wanted : now;
}

EarSounds soundsLike(SessionController& controller, EarExercise exercise, double difference,
                     std::uint64_t seed) {
    const Reckoned& now = controller.reckoned();
    return earSounds(exercise, controller.session().drum, practiceTension(now, HeadSide::Batter),
                     practiceTension(now, HeadSide::SnareSide), difference,
                     controller.settings().practiceRoom(), kPracticeRate, seed);
}

EarRound::EarRound(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller), m_seed(0) {
    auto* outside = new QVBoxLayout(this);
    outside->setContentsMargins(0, 0, 0, 0);
    QFrame* frame = card();
    outside->addWidget(frame);
    auto* column = new QVBoxLayout(frame);
    column->setContentsMargins(24, 18, 24, 18);
    column->setSpacing(8);
    m_question = textLabel("figure");
    m_question->setObjectName(QStringLiteral("earQuestion"));
    column->addWidget(m_question);
    m_said = textLabel("lead");
    m_said->setObjectName(QStringLiteral("earSaid"));
    m_said->setWordWrap(true);
    column->addWidget(m_said);
    m_view = new EarsView;
    column->addWidget(m_view, 1);
    auto* row = new QHBoxLayout;
    row->setSpacing(10);
    for (int which = 0; which < kMostAnswers; ++which) {
        auto* button = new AnswerButton(QString::number(which + 1));
        button->setObjectName(QStringLiteral("earAnswer-%1").arg(which + 1));
        connect(button, &QPushButton::clicked, this, [this, which] { answer(which); });
        m_answers.push_back(button);
        row->addWidget(button, 1);
    }
    m_again = new AnswerButton(tr("Space"));
    m_again->setObjectName(QStringLiteral("earAgain"));
    row->addWidget(m_again, 1);
    connect(m_again, &QPushButton::clicked, this, [this] {
        if (isUnderWay())
            play();
        else
            begin(m_exercise, m_who, m_own);
    });
    column->addLayout(row);
    m_stop = secondaryButton({});
    m_stop->setObjectName(QStringLiteral("earStop"));
    connect(m_stop, &QPushButton::clicked, this, [this] {
        stop();
        emit left();
    });
    column->addWidget(m_stop);
}

int EarRound::answers() const {
    return answersOf(m_exercise, m_controller.session().drum);
}

void EarRound::begin(EarExercise exercise, const QString& who, std::optional<Recording> own) {
    m_exercise = exercise;
    m_who = who;
    m_own = std::move(own);
    const EarRange range = rangeOf(exercise);
    m_staircase = std::make_unique<ListenerThreshold>(range.usual, range.smallest, range.largest, answers(),
                                                      exercise == EarExercise::Interval
                                                          ? ListenerThreshold::Telling::Name
                                                          : ListenerThreshold::Telling::Which);
    m_seed = practiceDeal().generate();
    m_trials.clear();
    m_reply.clear();
    m_isSilent = m_isKept = false;
    if (m_own && !earSoundsOf(exercise, m_own->samples, m_own->sampleRate, range.usual, m_seed)) {
        m_own.reset();
        m_reply =
            tr("What you recorded holds no stroke that dies away within a second: you hear the practice "
               "drum.");
    }
    nextSounds();
}

EarSounds EarRound::makeSounds() {
    ++m_seed;
    if (m_own)
        if (auto own = earSoundsOf(m_exercise, m_own->samples, m_own->sampleRate, m_difference, m_seed)) {
            m_rate = m_own->sampleRate;
            return std::move(*own);
        }
    m_rate = kPracticeRate;
    return soundsLike(m_controller, m_exercise, m_difference, m_seed);
}

void EarRound::nextSounds() {
    m_difference = playable(m_exercise, m_staircase->next());
    m_sounds = makeSounds();
    for (int which = 0; which < answers(); ++which)
        m_answers[static_cast<std::size_t>(which)]->setText(earAnswer(m_exercise, m_sounds, which));
    refresh();
    play();
    m_again->setFocus(Qt::OtherFocusReason);
}

void EarRound::play() {
    if (m_controller.output().play(oneAfterTheOther(m_sounds, m_rate), m_rate))
        return;
    m_isSilent = true;
    refresh();
}

void EarRound::answer(int which) {
    if (!isUnderWay())
        return;
    const bool isRight = which == m_sounds.due;
    m_staircase->answer(m_difference, isRight);
    m_trials.push_back({m_difference, isRight});
    m_reply = earReply(m_exercise, m_sounds, m_difference, isRight);
    if (m_staircase->isDone())
        finish();
    else
        nextSounds();
}

void EarRound::finish() {
    EarResult result;
    result.at = QDateTime::currentSecsSinceEpoch();
    result.who = m_who.toStdString();
    result.exercise = earExerciseName(m_exercise);
    result.threshold = m_staircase->threshold();
    result.error = m_staircase->error();
    result.trials = m_staircase->trials();
    m_reply = earThreshold(m_exercise, result.threshold, result.error) + QLatin1Char(' ') +
              earMeaning(m_exercise, result.threshold, m_controller.session().tolerance.value);
    if (m_isSilent)
        m_reply = tr("Nothing was heard, so nothing is kept.");
    else
        m_isKept = m_controller.perform(KeepEarResult{result});
    refresh();
}

void EarRound::refresh() {
    if (!m_staircase)
        return;
    const bool isAsking = isUnderWay();
    m_question->setText(isAsking ? earQuestion(m_exercise) : tr("Done."));
    m_said->setText(
        isAsking && m_isSilent
            ? tr("Nothing can be heard: plug in a loudspeaker or headphones and begin again. This "
                 "round will not be kept.")
        : !m_reply.isEmpty() ? m_reply
        : m_exercise == EarExercise::Interval
            ? tr("The batter, then the snare side, each with the other muted. Guess if you must: that tells, "
                 "too.")
        : m_sounds.sounds.size() > 2 ? tr("One after the other. Guess if you must: that tells, too.")
                                     : tr("The first, then the second. Guess if you must: that tells, too."));
    for (int which = 0; which < kMostAnswers; ++which)
        m_answers[static_cast<std::size_t>(which)]->setVisible(isAsking && which < answers());
    m_again->setText(isAsking ? tr("Hear them again") : tr("Another round"));
    m_stop->setText(isAsking ? tr("Stop here; this round is not kept") : tr("Back to the exercises"));
    EarsPicture picture = earsPicture(m_controller.session(), m_exercise, m_who);
    picture.trials = m_trials;
    picture.threshold = m_staircase->threshold();
    picture.error = m_staircase->error();
    if (m_isKept && !picture.days.empty())
        picture.days.pop_back(); // the round itself is on the left
    const int trials = static_cast<int>(m_trials.size());
    m_view->show(picture,
                 tr("%n answer(s) given.", nullptr, trials) + QLatin1Char(' ') +
                     (trials > 0 ? earThreshold(m_exercise, picture.threshold, picture.error) : QString()));
}

bool EarRound::takeKey(int key) {
    const int which = key - Qt::Key_1;
    if (!isUnderWay() || which < 0 || which >= answers())
        return false;
    answer(which);
    return true;
}

} // namespace bombo
