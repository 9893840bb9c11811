#include "app/ears/ears_page.h"

#include "app/ears/ears_words.h"
#include "app/listening/sound_output.h"
#include "app/theme/choice_button.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QRandomGenerator>
#include <QVBoxLayout>

namespace bombo {
namespace {

constexpr double kRate = 48000.0;
/// Taps are made for a microphone; a loudspeaker starts soft.
constexpr float kSoft = 0.35F;
constexpr double kBetween = 0.35; ///< s

/// Three stand side by side.
class ExerciseButton : public ChoiceButton {
public:
    using ChoiceButton::ChoiceButton;
    QSize sizeHint() const override { return scaled(QSize(260, 84)); }
    QSize minimumSizeHint() const override { return scaled(QSize(220, 84)); }
};

std::vector<float> oneAfterTheOther(const EarPair& pair) {
    std::vector<float> both = pair.first;
    both.insert(both.end(), static_cast<std::size_t>(kBetween * kRate), 0.0F);
    both.insert(both.end(), pair.second.begin(), pair.second.end());
    for (float& sample : both)
        sample *= kSoft;
    return both;
}

} // namespace

EarsPage::EarsPage(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller), m_seed(QRandomGenerator::global()->generate()) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(8);
    m_title = textLabel("title");
    m_title->setObjectName(QStringLiteral("earsTitle"));
    column->addWidget(m_title);
    m_what = textLabel("quiet");
    m_what->setObjectName(QStringLiteral("earsWhat"));
    m_what->setWordWrap(true);
    column->addWidget(m_what);
    m_stack = new QStackedWidget;
    m_stack->addWidget(chooserSide());
    m_stack->addWidget(roundSide());
    column->addWidget(m_stack, 1);
}

QWidget* EarsPage::chooserSide() {
    auto* side = new QWidget;
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 8, 0, 0);
    column->setSpacing(12);
    auto* name = new QHBoxLayout;
    name->setSpacing(10);
    name->addWidget(textLabel("strong", tr("Who listens")));
    m_who = new QLineEdit;
    m_who->setObjectName(QStringLiteral("earsWho"));
    m_who->setAccessibleName(tr("Who listens"));
    m_who->setPlaceholderText(tr("a name, if several practise here"));
    m_who->setMaxLength(40);
    m_who->setMinimumWidth(260);
    connect(m_who, &QLineEdit::textEdited, this, &EarsPage::refresh);
    name->addWidget(m_who);
    name->addStretch();
    column->addLayout(name);
    auto* exercises = new QHBoxLayout;
    exercises->setSpacing(14);
    for (const EarExercise exercise : kEarExercises) {
        QFrame* frame = card();
        auto* inside = new QVBoxLayout(frame);
        inside->setContentsMargins(12, 12, 12, 8);
        inside->setSpacing(10);
        const QString key = QString::number(static_cast<int>(exercise) + 1);
        auto* button = new ExerciseButton(earQuestion(exercise), earPurpose(exercise), key);
        button->setObjectName(QStringLiteral("ear-%1").arg(QLatin1String(earExerciseName(exercise))));
        connect(button, &QPushButton::clicked, this, [this, exercise] { begin(exercise); });
        m_choices.push_back(button);
        inside->addWidget(button);
        m_histories.push_back(new EarsView);
        inside->addWidget(m_histories.back(), 1);
        exercises->addWidget(frame, 1);
    }
    column->addLayout(exercises, 1);
    m_level = primaryButton();
    m_level->setText(tr("Play one tap, to set the loudness"));
    connect(m_level, &QPushButton::clicked, this, &EarsPage::testLevel);
    column->addWidget(m_level);
    return side;
}

QWidget* EarsPage::roundSide() {
    QFrame* frame = card();
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
    const auto add = [&](const QString& key, const QString& text, const char* name) {
        auto* button = new AnswerButton(key);
        button->setObjectName(QLatin1String(name));
        button->setText(text);
        row->addWidget(button, 1);
        return button;
    };
    m_first = add(QStringLiteral("1"), tr("The first"), "earFirst");
    connect(m_first, &QPushButton::clicked, this, [this] { answer(false); });
    m_second = add(QStringLiteral("2"), tr("The second"), "earSecond");
    connect(m_second, &QPushButton::clicked, this, [this] { answer(true); });
    m_again = add(tr("Space"), tr("Hear them again"), "earAgain");
    connect(m_again, &QPushButton::clicked, this, [this] {
        if (isUnderWay())
            play();
        else
            begin(m_exercise);
    });
    column->addLayout(row);
    m_stop = secondaryButton({});
    m_stop->setObjectName(QStringLiteral("earStop"));
    connect(m_stop, &QPushButton::clicked, this, &EarsPage::stop);
    column->addWidget(m_stop);
    return frame;
}

QString EarsPage::who() const {
    QString name = m_who->text().trimmed();
    while (name.toUtf8().size() > static_cast<qsizetype>(kLongestWho))
        name.chop(1);
    return name;
}

std::vector<EarResult> EarsPage::resultsOf(EarExercise exercise) const {
    std::vector<EarResult> own;
    for (const EarResult& result : m_controller.session().earResults)
        if (result.exercise == earExerciseName(exercise) && result.who == who().toStdString())
            own.push_back(result);
    return own;
}

void EarsPage::refresh() {
    const bool isRound = m_stack->currentIndex() == 1;
    m_title->setText(tr("Practice: what your ear tells apart"));
    m_what->setText(
        tr("Two taps of the practice drum at the pitch of %1, in its room. It gets harder as you are right; "
           "twenty to forty pairs.")
            .arg(QString::fromStdString(m_controller.session().drum.name)));
    for (std::size_t i = 0; i < m_choices.size(); ++i) {
        const EarExercise exercise = kEarExercises.at(i);
        const std::vector<EarResult> before = resultsOf(exercise);
        m_choices[i]->say(earQuestion(exercise),
                          before.empty()
                              ? earPurpose(exercise)
                              : tr("Last time: %1").arg(earDifference(exercise, before.back().threshold)));
        m_histories[i]->show(pictureOf(exercise),
                             before.empty()
                                 ? QString()
                                 : earThreshold(exercise, before.back().threshold, before.back().error));
    }
    if (isRound)
        showPicture();
}

void EarsPage::testLevel() {
    EarPair one = earPair(EarExercise::Higher, m_controller.session().drum,
                          knownState(m_controller.reckoned()).batter.tension, 1.0,
                          m_controller.settings().practiceRoom(), kRate, ++m_seed);
    for (float& sample : one.first)
        sample *= kSoft;
    if (m_controller.output().play(one.first, kRate))
        m_level->setText(tr("Again; it should be as loud as quiet talk"));
}

void EarsPage::begin(EarExercise exercise) {
    m_exercise = exercise;
    const EarRange range = rangeOf(exercise);
    m_staircase = std::make_unique<ListenerThreshold>(range.usual, range.smallest, range.largest);
    m_trials.clear();
    m_reply.clear();
    m_isSilent = m_isKept = false;
    m_stack->setCurrentIndex(1);
    nextPair();
}

void EarsPage::nextPair() {
    m_difference = m_staircase->next();
    m_pair =
        earPair(m_exercise, m_controller.session().drum, knownState(m_controller.reckoned()).batter.tension,
                m_difference, m_controller.settings().practiceRoom(), kRate, ++m_seed);
    refresh();
    play();
    m_again->setFocus(Qt::OtherFocusReason);
}

void EarsPage::play() {
    if (m_controller.output().play(oneAfterTheOther(m_pair), kRate))
        return;
    m_isSilent = true;
    showPicture();
}

void EarsPage::answer(bool second) {
    if (!isUnderWay())
        return;
    const bool isRight = second == m_pair.isSecond;
    m_staircase->answer(m_difference, isRight);
    m_trials.push_back({m_difference, isRight});
    m_reply = earReply(m_exercise, m_difference, m_pair.isSecond, isRight);
    if (m_staircase->isDone())
        finish();
    else
        nextPair();
}

void EarsPage::finish() {
    EarResult result;
    result.at = QDateTime::currentSecsSinceEpoch();
    result.who = who().toStdString();
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

void EarsPage::stop() {
    m_staircase.reset();
    m_stack->setCurrentIndex(0);
    refresh();
    m_level->setFocus(Qt::OtherFocusReason);
}

EarsPicture EarsPage::pictureOf(EarExercise exercise) const {
    const EarRange range = rangeOf(exercise);
    EarsPicture picture;
    picture.smallest = range.smallest;
    picture.largest = range.largest;
    picture.marks = earMarks(exercise);
    for (const double mark : picture.marks)
        picture.labels.push_back(earDifference(exercise, mark));
    picture.results = resultsOf(exercise);
    return picture;
}

void EarsPage::showPicture() {
    const bool isAsking = isUnderWay();
    m_question->setText(isAsking ? earQuestion(m_exercise) : tr("Done."));
    m_said->setText(
        isAsking && m_isSilent
            ? tr("Nothing can be heard: plug in a loudspeaker or headphones and begin again. This "
                 "round will not be kept.")
        : m_reply.isEmpty() ? tr("The first, then the second. Guess if you must: that tells, too.")
                            : m_reply);
    m_first->setVisible(isAsking);
    m_second->setVisible(isAsking);
    m_again->setText(isAsking ? tr("Hear them again") : tr("Another round"));
    m_stop->setText(isAsking ? tr("Stop here; this round is not kept") : tr("Back to the exercises"));
    EarsPicture picture = pictureOf(m_exercise);
    picture.trials = m_trials;
    picture.threshold = m_staircase->threshold();
    picture.error = m_staircase->error();
    if (m_isKept && !picture.results.empty())
        picture.results.pop_back(); // the round itself is on the left
    const int trials = static_cast<int>(m_trials.size());
    m_view->show(picture,
                 tr("%n pair(s) heard.", nullptr, trials) + QLatin1Char(' ') +
                     (trials > 0 ? earThreshold(m_exercise, picture.threshold, picture.error) : QString()));
}

PrimaryButton* EarsPage::primary() {
    return m_stack->currentIndex() == 1 ? static_cast<PrimaryButton*>(m_again) : m_level;
}

bool EarsPage::takeKey(int key) {
    const int index = key - Qt::Key_1;
    if (m_stack->currentIndex() == 0) {
        if (index < 0 || index >= static_cast<int>(kEarExercises.size()) || m_who->hasFocus())
            return false;
        begin(kEarExercises.at(static_cast<std::size_t>(index)));
        return true;
    }
    if (!isUnderWay() || index < 0 || index > 1)
        return false;
    answer(index == 1);
    return true;
}

void EarsPage::keyPressEvent(QKeyEvent* event) {
    if (event->isAutoRepeat() || !takeKey(event->key()))
        QWidget::keyPressEvent(event);
}

} // namespace bombo
