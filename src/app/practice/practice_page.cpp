#include "app/practice/practice_page.h"

#include "app/files/file_questions.h"
#include "app/files/save_file.h"
#include "app/listening/ear.h"
#include "app/listening/sound_output.h"
#include "app/practice/ears_words.h"
#include "app/practice/tom_words.h"
#include "app/practice/tuning_words.h"
#include "app/theme/choice_button.h"
#include "app/theme/choices.h"
#include "core/practice/ear_recording.h"
#include "store/exchange/practice_csv.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QVBoxLayout>

namespace bombo {
namespace {

/// Two stand side by side.
class ExerciseButton : public ChoiceButton {
public:
    using ChoiceButton::ChoiceButton;
    QSize sizeHint() const override { return scaled(QSize(280, 96)); }
    QSize minimumSizeHint() const override { return scaled(QSize(210, 68)); }
};

constexpr std::array kHandNames{kSameTap, kEvenBackbeats, kTurnByFeel}; // as the tiles stand

/// By the tile's place: the tom is the last.
const char* taskAt(std::size_t tile) {
    return tile < kTuningTasks.size() ? tuningTaskName(kTuningTasks.at(tile)) : kTomTask;
}

} // namespace

PracticePage::PracticePage(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(8);
    auto* top = new QHBoxLayout;
    top->addWidget(textLabel("title", tr("Practice")), 1);
    m_tabs = viewTabs("practiceTabs",
                      {tr("What your ear tells apart"), tr("A drum to put right"), tr("Your hands")});
    top->addWidget(m_tabs);
    column->addLayout(top);
    m_what = textLabel("quiet");
    m_what->setObjectName(QStringLiteral("practiceWhat"));
    m_what->setWordWrap(true);
    column->addWidget(m_what);
    m_stack = new QStackedWidget;
    m_stack->addWidget(chooserSide());
    m_ear = new EarRound(controller);
    m_stack->addWidget(m_ear);
    m_bench = new TuningBench(controller);
    m_stack->addWidget(m_bench);
    m_tomBench = new TomBench(controller);
    m_stack->addWidget(m_tomBench);
    connect(m_tomBench, &TomBench::left, this, &PracticePage::toChooser);
    m_feel = new FeelRound(controller);
    m_hands = {new HandsRound(controller), new BackbeatRound(controller), m_feel};
    for (HandsCard* round : m_hands) {
        m_stack->addWidget(round);
        connect(round, &HandsCard::left, this, &PracticePage::toChooser);
    }
    column->addWidget(m_stack, 1);
    connect(m_ear, &EarRound::left, this, &PracticePage::toChooser);
    connect(m_bench, &TuningBench::left, this, &PracticePage::toChooser);
    connect(m_tabs, &QTabBar::currentChanged, this, [this] { refresh(); });
    connect(&controller, &SessionController::workbookChanged, this, [this] {
        m_strokesOf.reset();
        stopAll();
    });
    connect(&controller.ear(), &Ear::strokeSoundKept, this, [this] { m_strokesOf.reset(); });
}

QWidget* PracticePage::chooserSide() {
    auto* side = new QWidget;
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 4, 0, 0);
    column->setSpacing(10);
    auto* name = new QHBoxLayout;
    name->setSpacing(10);
    name->addWidget(textLabel("strong", tr("Who practises")));
    m_who = new QLineEdit;
    m_who->setObjectName(QStringLiteral("practiceWho"));
    m_who->setAccessibleName(tr("Who practises"));
    m_who->setPlaceholderText(tr("a name, if there are several"));
    m_who->setMaxLength(40);
    m_who->setMinimumWidth(240);
    connect(m_who, &QLineEdit::textEdited, this, &PracticePage::refresh);
    name->addWidget(m_who);
    name->addStretch();
    auto* table = secondaryButton(tr("As a table…"));
    table->setProperty("small", true);
    table->setObjectName(QStringLiteral("practiceTable"));
    table->setToolTip(tr("Everything that was practised in this workbook, for a spreadsheet."));
    connect(table, &QPushButton::clicked, this, &PracticePage::saveTable);
    name->addWidget(table);
    m_help = new QComboBox;
    m_help->setObjectName(QStringLiteral("tuningHelp"));
    m_help->setAccessibleName(tr("What is shown meanwhile"));
    Choices<TuningHelp> helps;
    for (const TuningHelp help : kTuningHelps)
        helps.emplace_back(helpName(help), help);
    addChoices(m_help, helps);
    name->addWidget(m_help);
    m_source = new QComboBox;
    m_source->setObjectName(QStringLiteral("earSource"));
    m_source->setAccessibleName(tr("What you hear"));
    connect(m_source, &QComboBox::activated, this, &PracticePage::refresh);
    name->addWidget(m_source);
    column->addLayout(name);

    auto* middle = new QHBoxLayout;
    middle->setSpacing(14);
    m_kinds = new QStackedWidget;
    const auto tiles = [this](Tab tab, std::size_t count, const auto& make) {
        auto* page = new QWidget;
        auto* grid = new QGridLayout(page);
        grid->setContentsMargins(0, 0, 0, 0);
        grid->setSpacing(10);
        for (std::size_t i = 0; i < count; ++i) {
            auto* button = make(i);
            button->installEventFilter(this);
            button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
            grid->addWidget(button, static_cast<int>(i) / 2, static_cast<int>(i) % 2);
            m_tiles.at(tab).push_back(button);
        }
        const int rows = static_cast<int>(count + 1) / 2;
        for (int row = 0; row < rows; ++row)
            grid->setRowStretch(row, 3);
        if (rows < 4) // few stand at the top, not all over
            grid->setRowStretch(rows, 2);
        m_kinds->addWidget(page);
    };
    tiles(kEar, kEarExercises.size(), [this](std::size_t i) {
        const EarExercise exercise = kEarExercises.at(i);
        auto* button =
            new ExerciseButton(earQuestion(exercise), earPurpose(exercise), QString::number(i + 1));
        button->setObjectName(QStringLiteral("ear-%1").arg(QLatin1String(earExerciseName(exercise))));
        connect(button, &QPushButton::clicked, this, [this, exercise] { begin(exercise); });
        return button;
    });
    tiles(kDrums, kTuningTasks.size() + 1, [this](std::size_t i) {
        if (i == kTuningTasks.size()) {
            auto* button = new ExerciseButton(tomTitle(), {}, QString::number(i + 1));
            button->setObjectName(QStringLiteral("task-%1").arg(QLatin1String(kTomTask)));
            connect(button, &QPushButton::clicked, this, &PracticePage::beginTom);
            return button;
        }
        const TuningTask task = kTuningTasks.at(i);
        auto* button = new ExerciseButton(taskTitle(task), {}, QString::number(i + 1));
        button->setObjectName(QStringLiteral("task-%1").arg(QLatin1String(tuningTaskName(task))));
        connect(button, &QPushButton::clicked, this, [this, task] { begin(task); });
        return button;
    });
    tiles(kHands, kHandNames.size(), [this](std::size_t i) {
        const std::pair<QString, QString> texts[]{
            {tr("The same tap again"), tr("How alike are your taps?")},
            {tr("Even backbeats"), tr("Equally loud, at one place, with a goal")},
            {tr("A quarter turn by feel"), tr("The drum says what it was")}};
        auto* button = new ExerciseButton(texts[i].first, texts[i].second, QString::number(i + 1));
        button->setObjectName(QStringLiteral("hands-%1").arg(QLatin1String(kHandNames.at(i))));
        connect(button, &QPushButton::clicked, this, [this, i] { beginHands(i); });
        return button;
    });
    middle->addWidget(m_kinds, 3);
    QFrame* frame = card();
    auto* inside = new QVBoxLayout(frame);
    inside->setContentsMargins(14, 10, 14, 8);
    inside->setSpacing(6);
    m_daysTitle = textLabel("heading");
    m_daysTitle->setObjectName(QStringLiteral("practiceDays"));
    m_daysTitle->setWordWrap(true);
    inside->addWidget(m_daysTitle);
    m_days = new EarsView;
    inside->addWidget(m_days, 1);
    middle->addWidget(frame, 2);
    column->addLayout(middle, 1);
    m_lesson = new ChoiceButton(
        tr("The first lesson"),
        tr("Twenty minutes on the practice drum: from nothing to an even head, step by step, "
           "and why."),
        QStringLiteral("F"));
    m_lesson->setObjectName(QStringLiteral("firstLesson"));
    connect(m_lesson, &QPushButton::clicked, this, &PracticePage::lessonWanted);
    column->addWidget(m_lesson);
    m_level = primaryButton();
    m_level->setText(tr("Play one tap, to set the loudness"));
    connect(m_level, &QPushButton::clicked, this, &PracticePage::testLevel);
    column->addWidget(m_level);
    return side;
}

QString PracticePage::who() const {
    QString name = m_who->text().trimmed();
    while (name.toUtf8().size() > static_cast<qsizetype>(kLongestWho))
        name.chop(1);
    return name;
}

/// What was recorded in this session can be listened to as well.
void PracticePage::offerRecordings() {
    if (m_strokesOf != m_controller.sessionId()) {
        m_strokesOf = m_controller.sessionId();
        m_strokes = {m_controller.ear().strokeSound(Take::Before),
                     m_controller.ear().strokeSound(Take::After)};
    }
    const int chosen = std::max(0, m_source->currentIndex());
    const QSignalBlocker quiet(m_source);
    m_source->clear();
    m_source->addItem(tr("The practice drum"));
    const std::array names{tr("Your stroke before"), tr("Your stroke after")};
    for (std::size_t take = 0; take < names.size(); ++take)
        if (m_strokes.at(take))
            m_source->addItem(names.at(take), static_cast<int>(take));
    m_source->setCurrentIndex(chosen < m_source->count() ? chosen : 0);
    m_source->setVisible(m_tabs->currentIndex() == kEar && m_source->count() > 1);
}

std::optional<Recording> PracticePage::ownStroke(EarExercise exercise) const {
    if (m_source->currentIndex() < 1 || !canUseRecording(exercise))
        return std::nullopt;
    return m_strokes.at(m_source->currentData().toUInt());
}

void PracticePage::refresh() {
    if (m_drumId != m_controller.session().drum.id)
        stopAll();
    m_drumId = m_controller.session().drum.id;
    offerRecordings();
    const QString drum = QString::fromStdString(m_controller.session().drum.name);
    m_what->setText(
        isAtHands() ? tr("On your own drum with a microphone; else the practice drum is tapped, by hands "
                         "that Listen gives it.")
        : m_tabs->currentIndex() == kEar && m_source->currentIndex() > 0
            ? tr("Higher and longer are asked of your own stroke; the rest of the practice drum, which can "
                 "be "
                 "turned.")
        : isAtTasks() ? tr("A practice drum like %1, in its room, with something wrong in it. At the end: "
                           "your turns beside the shortest way.")
                            .arg(drum)
                      : tr("Taps of the practice drum at the pitch of %1, in its room. It gets harder as "
                           "you are right; twenty to forty of them.")
                            .arg(drum));
    m_kinds->setCurrentIndex(m_tabs->currentIndex());
    m_help->setVisible(isAtTasks());
    m_lesson->setVisible(isAtTasks());
    const PlaceRig& rig = m_controller.session();
    for (std::size_t i = 0; i < kEarExercises.size(); ++i) {
        const EarExercise exercise = kEarExercises.at(i);
        const auto before = earResultsOf(rig, exercise, who());
        m_tiles.at(kEar)[i]->say(
            earQuestion(exercise),
            before.empty() ? earPurpose(exercise)
                           : tr("Last time: %1").arg(earDifference(exercise, before.back().threshold)));
    }
    const QString none = tr("Not tried yet");
    for (std::size_t i = 0; i <= kTuningTasks.size(); ++i) {
        const QString last = lastTime(rig, taskAt(i), who());
        m_tiles.at(kDrums)[i]->say(i < kTuningTasks.size() ? taskTitle(kTuningTasks.at(i)) : tomTitle(),
                                   last.isEmpty() ? none : last);
    }
    showDays();
    m_ear->refresh();
}

/// Of the tile that was last reached.
void PracticePage::showDays() {
    const auto tab = static_cast<std::size_t>(m_tabs->currentIndex());
    const std::size_t at = m_reached.at(tab);
    const ChoiceButton* tile = m_tiles.at(tab)[at];
    m_daysTitle->setText(tile->text());
    const PlaceRig& rig = m_controller.session();
    m_days->show(isAtHands()   ? handsPicture(rig, kHandNames.at(at), who())
                 : isAtTasks() ? tuningPicture(rig, taskAt(at), who())
                               : earsPicture(rig, kEarExercises.at(at), who()),
                 tile->accessibleDescription());
}

void PracticePage::testLevel() {
    const EarSounds one = soundsLike(m_controller, EarExercise::Higher, 1.0, ++m_seed);
    if (m_controller.output().play(softly(one.sounds.front()), kPracticeRate))
        m_level->setText(tr("Again; it should be as loud as quiet talk"));
}

void PracticePage::begin(EarExercise exercise) {
    m_stack->setCurrentIndex(kEarSide);
    m_tabs->hide();
    m_ear->begin(exercise, who(), ownStroke(exercise));
}

void PracticePage::begin(TuningTask task) {
    m_stack->setCurrentIndex(kBenchSide);
    m_tabs->hide();
    m_bench->begin(task, chosenIn<TuningHelp>(m_help), who());
}

void PracticePage::beginTom() {
    m_stack->setCurrentIndex(kTomSide);
    m_tabs->hide();
    m_tomBench->begin(chosenIn<TuningHelp>(m_help), who());
}

void PracticePage::saveTable() {
    const QString file =
        askWhereToSave(m_controller.settings(), FileKind::Table, this, tr("Save what was practised"),
                       QStringLiteral("practice.csv"), tr("For a spreadsheet (*.csv)"));
    if (file.isEmpty())
        return;
    if (saveFile(m_controller, file, practiceCsv(m_controller.session()).toUtf8()))
        m_controller.say(tr("What was practised was written to %1.").arg(file));
}

void PracticePage::beginHands(std::size_t which) {
    m_stack->setCurrentWidget(m_hands.at(which));
    m_tabs->hide();
    m_hands.at(which)->begin(who());
}

/// Another page is in front: the ear goes back to the work.
void PracticePage::hideEvent(QHideEvent* event) {
    if (m_stack->currentIndex() >= kHandsSide && !event->spontaneous()) // minimised it goes on
        stopAll();
    QWidget::hideEvent(event);
}

void PracticePage::stopAll() {
    m_ear->stop();
    m_bench->stop();
    m_tomBench->stop();
    for (HandsCard* round : m_hands)
        round->leave();
    m_stack->setCurrentIndex(kChooser);
    m_tabs->show();
}

void PracticePage::toChooser() {
    stopAll();
    refresh();
    m_level->setFocus(Qt::OtherFocusReason);
}

PrimaryButton* PracticePage::primary() {
    switch (m_stack->currentIndex()) {
    case kEarSide:
        return m_ear->primary();
    case kBenchSide:
        return m_bench->primary();
    case kTomSide:
        return m_tomBench->primary();
    case kChooser:
        return m_level;
    default:
        return m_hands.at(static_cast<std::size_t>(m_stack->currentIndex() - kHandsSide))->primary();
    }
}

bool PracticePage::takeKey(int key, Qt::KeyboardModifiers modifiers) {
    if (m_stack->currentIndex() == kEarSide)
        return m_ear->takeKey(key);
    if (m_stack->currentIndex() == kBenchSide)
        return m_bench->takeKey(key, modifiers);
    if (m_stack->currentIndex() == kTomSide)
        return m_tomBench->takeKey(key, modifiers);
    if (m_stack->currentIndex() >= kHandsSide || m_who->hasFocus())
        return false;
    if (key == Qt::Key_F && isAtTasks()) {
        emit lessonWanted();
        return true;
    }
    const std::vector<ChoiceButton*>& tiles = m_tiles.at(static_cast<std::size_t>(m_tabs->currentIndex()));
    const int index = key - Qt::Key_1;
    if (index < 0 || index >= static_cast<int>(tiles.size()))
        return false;
    tiles[static_cast<std::size_t>(index)]->click();
    return true;
}

void PracticePage::keyPressEvent(QKeyEvent* event) {
    if (event->isAutoRepeat() || !takeKey(event->key(), event->modifiers()))
        QWidget::keyPressEvent(event);
}

bool PracticePage::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Enter || event->type() == QEvent::FocusIn)
        for (std::size_t tab = 0; tab < m_tiles.size(); ++tab)
            for (std::size_t i = 0; i < m_tiles[tab].size(); ++i)
                if (m_tiles[tab][i] == watched) {
                    m_reached[tab] = i;
                    showDays();
                }
    return QWidget::eventFilter(watched, event);
}

} // namespace bombo
