#include "app/faults/faults_page.h"

#include "app/faults/causes_strip.h"
#include "app/faults/complaint_chooser.h"
#include "app/faults/fault_figure_words.h"
#include "app/faults/fault_words.h"
#include "app/faults/question_card.h"
#include "app/faults/verdict_card.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMenu>
#include <QVBoxLayout>
#include <cmath>

namespace bombo {
namespace {

constexpr std::size_t kShownCauses = 8; // at most; fewer where fewer fit

} // namespace

FaultsPage::FaultsPage(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller), m_finder(controller) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(8);
    m_title = textLabel("title");
    m_title->setObjectName(QStringLiteral("faultsTitle"));
    auto* header = new QHBoxLayout;
    header->addWidget(m_title, 1);
    m_leave = secondaryButton(tr("Back to the first page"));
    m_leave->setObjectName(QStringLiteral("faultsLeave"));
    connect(m_leave, &QPushButton::clicked, this, &FaultsPage::left);
    header->addWidget(m_leave);
    column->addLayout(header);
    m_what = textLabel("quiet");
    m_what->setObjectName(QStringLiteral("faultsWhat"));
    m_what->setWordWrap(true);
    column->addWidget(m_what);
    m_stack = new QStackedWidget;
    m_chooser = new ComplaintChooser;
    connect(m_chooser, &ComplaintChooser::chosen, &m_finder, &FaultFinder::complain);
    m_stack->addWidget(m_chooser);
    m_stack->addWidget(searchSide());
    column->addWidget(m_stack, 1);
    connect(&m_finder, &FaultFinder::changed, this, &FaultsPage::refresh);
}

QWidget* FaultsPage::searchSide() {
    auto* side = new QWidget;
    auto* row = new QHBoxLayout(side);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(14);
    m_cards = new QStackedWidget;
    m_question = new QuestionCard;
    connect(m_question, &QuestionCard::answered, this, [this](int level) {
        if (const auto& next = m_finder.says().next)
            m_finder.answer(m_finder.net().tests[next->test].id,
                            level < 0 ? std::nullopt : std::optional(level));
    });
    m_cards->addWidget(m_question);
    m_verdict = new VerdictCard(m_finder);
    connect(m_verdict, &VerdictCard::stationChosen, this, &FaultsPage::stationChosen);
    connect(m_verdict, &VerdictCard::leftForWork, this, &FaultsPage::left);
    m_cards->addWidget(m_verdict);
    row->addWidget(m_cards, 5);

    auto* right = new QVBoxLayout;
    right->setSpacing(12);
    QFrame* causes = card();
    auto* inside = new QVBoxLayout(causes);
    inside->setContentsMargins(20, 14, 20, 10);
    inside->setSpacing(8);
    inside->addWidget(textLabel("heading", tr("What it may be")));
    m_strip = new CausesStrip;
    m_strip->setObjectName(QStringLiteral("causesStrip"));
    inside->addWidget(m_strip, 1);
    right->addWidget(causes, 1);
    QFrame* why = card();
    auto* lower = new QVBoxLayout(why);
    lower->setContentsMargins(20, 12, 20, 12);
    lower->setSpacing(6);
    m_whyTitle = textLabel("strong", tr("Why this question"));
    lower->addWidget(m_whyTitle);
    m_why = textLabel("quiet");
    m_why->setObjectName(QStringLiteral("faultWhy"));
    m_why->setWordWrap(true);
    lower->addWidget(m_why);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(8);
    const auto add = [&](const QString& text, const char* name) {
        QPushButton* button = secondaryButton(text);
        button->setObjectName(QLatin1String(name));
        buttons->addWidget(button);
        return button;
    };
    m_back = add(tr("One back"), "faultBack");
    connect(m_back, &QPushButton::clicked, &m_finder, &FaultFinder::stepBack);
    m_know = add(tr("I know what it is…"), "faultKnow");
    connect(m_know, &QPushButton::clicked, this, &FaultsPage::knowIt);
    lower->addLayout(buttons);
    m_other = secondaryButton(tr("Something else is wrong"));
    m_other->setObjectName(QStringLiteral("faultOther"));
    connect(m_other, &QPushButton::clicked, &m_finder, &FaultFinder::leave);
    lower->addWidget(m_other);
    right->addWidget(why);
    row->addLayout(right, 3);
    return side;
}

bool FaultsPage::isAsking() {
    const FaultCase& now = *m_finder.current();
    return now.cause.empty() && !now.ended && !m_finder.says().stands && m_finder.says().next;
}

void FaultsPage::refresh() {
    m_leave->setVisible(!m_controller.hasSession());
    if (m_finder.current() == nullptr) {
        m_title->setText(tr("What is wrong with it?"));
        m_what->setText(
            m_controller.hasSession()
                ? tr("Choose what you hear or see. What the workbook knows of %1 counts from the start.")
                      .arg(QString::fromStdString(m_controller.session().drum.name))
                : tr("Choose what you hear or see. No drum is in front: the questions alone have to "
                     "tell."));
        m_stack->setCurrentIndex(0);
        return;
    }
    m_stack->setCurrentIndex(1);
    m_title->setText(complaintName(m_finder.current()->complaint));
    if (isAsking()) {
        showQuestion();
    } else {
        m_verdict->refresh(rods(), strands());
        m_cards->setCurrentWidget(m_verdict);
        const int asked = static_cast<int>(m_finder.current()->answers.size());
        m_what->setText(asked == 0 ? tr("Known without a question.")
                                   : tr("After %n question(s).", nullptr, asked));
    }
    showStrip();
    showWhy();
    const QWidget* focus = QApplication::focusWidget();
    if (isVisible() && (focus == nullptr || isAncestorOf(focus))) // not from the stand view
        if (PrimaryButton* space = primary())
            space->setFocus(Qt::OtherFocusReason);
}

/// Of the drum in front, or usual ones.
int FaultsPage::rods() const {
    return m_controller.hasSession() ? m_controller.session().drum.rods : 8;
}
int FaultsPage::strands() const {
    return m_controller.hasSession() ? m_controller.session().drum.wires.strands : 20;
}

void FaultsPage::showQuestion() {
    const FaultsSay& say = m_finder.says();
    m_question->show(m_finder.net().tests[say.next->test], rods(), strands());
    m_cards->setCurrentWidget(m_question);
    const int count = static_cast<int>(m_finder.current()->answers.size()) + 1;
    m_what->setText(
        tr("Question %1, about %2 to go after it. Nothing that cannot be taken back is asked before "
           "everything else.")
            .arg(count)
            .arg(std::max(0, say.toGo - 1)));
}

void FaultsPage::showStrip() {
    const FaultsSay& say = m_finder.says();
    const FaultCase& now = *m_finder.current();
    std::vector<CauseBar> bars;
    for (const CauseOdds& one : say.causes) {
        if (bars.size() == kShownCauses)
            break;
        bars.push_back({causeName(m_finder.net().causes[one.cause].id), one.odds, one.before,
                        reasonText(m_finder.net(), now, m_finder.figures(), one)});
    }
    m_strip->show(std::move(bars), !now.answers.empty());
}

void FaultsPage::showWhy() {
    const FaultsSay& say = m_finder.says();
    QStringList lines;
    const bool asking = isAsking();
    if (asking) {
        const FaultTest& test = m_finder.net().tests[say.next->test];
        const QString time = test.seconds < 60 ? tr("about %1 seconds").arg(std::lround(test.seconds))
                                               : tr("about %n minute(s)", nullptr,
                                                    static_cast<int>(std::lround(test.seconds / 60.0)));
        lines << (test.harm == Harm::None ? tr("It tells most for %1, and nothing is turned.").arg(time)
                  : test.harm == Harm::Turned
                      ? tr("It tells most for %1; what is turned is turned back.").arg(time)
                      : tr("It takes %1 and may not be taken back: everything else has "
                           "been asked.")
                            .arg(time));
        if (!say.after.empty())
            lines << tr("Next would be: %1").arg(testTitle(m_finder.net().tests[say.after.front().test].id));
    }
    if (!say.contradictions.empty()) {
        const FaultContradiction& one = say.contradictions.front();
        lines << tr("You found: %1. The workbook says: %2. Both count.")
                     .arg(answerText(m_finder.net(), m_finder.current()->answers[one.answer]),
                          figureText(m_finder.figures()[one.figure]));
    }
    m_whyTitle->setVisible(asking);
    m_why->setVisible(!lines.isEmpty());
    m_why->setText(lines.join(QLatin1Char('\n')));
    m_know->setVisible(m_finder.current()->cause.empty());
}

void FaultsPage::knowIt() {
    QMenu menu;
    const std::size_t complaint = *indexOf(m_finder.net().complaints, m_finder.current()->complaint);
    for (const CauseOdds& one : m_finder.says().causes) {
        if (m_finder.net().complaints[complaint].by[one.cause] <= 0.0)
            continue;
        const std::string& id = m_finder.net().causes[one.cause].id;
        menu.addAction(causeName(id), &m_finder, [this, id] { m_finder.take(id); });
    }
    menu.exec(m_know->mapToGlobal(QPoint(0, m_know->height())));
}

PrimaryButton* FaultsPage::primary() {
    if (m_finder.current() == nullptr)
        return nullptr;
    return isAsking() ? m_question->notSure() : m_verdict->primary();
}

StandWords FaultsPage::standWords() {
    StandWords words;
    words.kind = StepKind::Settled;
    words.rods = rods();
    words.strands = strands();
    if (PrimaryButton* space = primary(); space != nullptr && space->isEnabled())
        words.button = space->text();
    if (m_finder.current() == nullptr) {
        words.now = tr("Faults");
        words.figure = tr("Choose the complaint first");
    } else if (isAsking()) {
        const FaultTest& test = m_finder.net().tests[m_finder.says().next->test];
        words.now = testTitle(test.id);
        words.heard = testHow(test.id);
        words.drawing = test.drawing;
        for (const std::string& answer : test.answers)
            words.answers << answerName(answer);
    } else {
        words.now = tr("Faults");
        words.figure = m_verdict->title();
    }
    return words;
}

bool FaultsPage::takeKey(int key) {
    if (m_finder.current() == nullptr)
        return false;
    if (key == Qt::Key_Backspace) {
        m_finder.stepBack();
        return true;
    }
    return isAsking() ? m_question->press(key - Qt::Key_1) : m_verdict->press(key - Qt::Key_1);
}

void FaultsPage::keyPressEvent(QKeyEvent* event) {
    if (event->isAutoRepeat() || !takeKey(event->key()))
        QWidget::keyPressEvent(event);
}

} // namespace bombo
