#include "app/faults/verdict_card.h"

#include "app/faults/causes_strip.h"
#include "app/faults/fault_drawing.h"
#include "app/faults/fault_figure_words.h"
#include "app/faults/fault_words.h"
#include "app/session/wording.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace bombo {

Station stationNamed(const std::string& id) {
    static const std::array<std::pair<const char*, Station>, 7> all{{{"drum", Station::Drum},
                                                                     {"tone", Station::Tone},
                                                                     {"snare_side", Station::SnareSide},
                                                                     {"batter", Station::Batter},
                                                                     {"wires", Station::Wires},
                                                                     {"muffling", Station::Muffling},
                                                                     {"proof", Station::Proof}}};
    for (const auto& [name, station] : all)
        if (id == name)
            return station;
    return Station::Drum;
}

VerdictCard::VerdictCard(FaultFinder& finder, QWidget* parent) : QFrame(parent), m_finder(finder) {
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 18, 24, 18);
    column->setSpacing(10);
    const auto label = [&](const char* role, const char* name) {
        QLabel* made = textLabel(role);
        made->setObjectName(QLatin1String(name));
        made->setWordWrap(true);
        column->addWidget(made);
        return made;
    };
    m_title = label("figure", "verdictTitle");
    m_meaning = label("lead", "verdictMeaning");
    m_reasons = label("quiet", "verdictReasons");
    column->addSpacing(4);
    m_steps = new QWidget;
    m_stepRows = new QVBoxLayout(m_steps);
    m_stepRows->setContentsMargins(0, 0, 0, 0);
    m_stepRows->setSpacing(8);
    column->addWidget(m_steps);
    m_proof = label("strong", "verdictProof");
    m_drawing = new FaultDrawing;
    column->addWidget(m_drawing, 1);
    m_ask = label("heading", "verdictAsk");
    auto* row = new QHBoxLayout;
    row->setSpacing(10);
    const std::array<QString, 3> names{tr("It is gone"), tr("It is better"), tr("Still there")};
    for (std::size_t i = 0; i < names.size(); ++i) {
        auto* button = new AnswerButton(QString::number(i + 1));
        button->setObjectName(QStringLiteral("helped-%1").arg(i));
        button->setText(names.at(i));
        connect(button, &QPushButton::clicked, this, [this, i] { m_finder.judge(static_cast<Helped>(i)); });
        m_helped.at(i) = button;
        row->addWidget(button);
    }
    column->addLayout(row);
    m_primary = primaryButton();
    connect(m_primary, &QPushButton::clicked, this, &VerdictCard::act);
    column->addWidget(m_primary);
}

VerdictCard::State VerdictCard::state() const {
    const FaultCase& now = *m_finder.current();
    if (now.ended)
        return State::Ended;
    if (!now.cause.empty())
        return State::UnderWay;
    return m_finder.says().stands ? State::Stands : State::NothingStands;
}

/// Of the remedy under way, else of what stands, else the likeliest.
std::size_t VerdictCard::causeIndex() const {
    const FaultCase& now = *m_finder.current();
    if (const auto taken = indexOf(m_finder.net().causes, now.cause))
        return *taken;
    const FaultsSay& say = m_finder.says();
    return say.stands.value_or(say.causes.front().cause);
}

namespace {

/// The test that shows a cause most plainly, and few others.
const FaultTest& plainest(const FaultNet& net, std::size_t cause) {
    const auto shows = [&](const FaultTest& test) {
        if (test.under[cause].empty())
            return 0.0;
        const auto shown = std::count_if(test.under.begin(), test.under.end(),
                                         [](const std::vector<double>& under) { return !under.empty(); });
        double unlike = 0.0; // half the sum of the differences: 1 where no answer is common
        for (std::size_t i = 0; i < test.usual.size(); ++i)
            unlike += 0.5 * std::abs(test.under[cause][i] - test.usual[i]);
        return unlike / std::sqrt(static_cast<double>(shown));
    };
    return *std::max_element(net.tests.begin(), net.tests.end(),
                             [&](const FaultTest& a, const FaultTest& b) { return shows(a) < shows(b); });
}

} // namespace

void VerdictCard::refresh(int rods, int strands) {
    const State now = state();
    const std::size_t index = causeIndex();
    const FaultCause& cause = m_finder.net().causes[index];
    showCause(index);
    m_drawing->show(plainest(m_finder.net(), index).drawing, causeName(cause.id), rods, strands);
    showSteps(cause);
    showReasons(index);
    const bool isAsked = now == State::UnderWay;
    showProof(cause);
    m_ask->setVisible(isAsked);
    m_ask->setText(tr("And when that is done: has it helped?"));
    for (AnswerButton* button : m_helped)
        button->setVisible(isAsked);
    switch (now) {
    case State::NothingStands:
        m_primary->setText(tr("Try this remedy first"));
        break;
    case State::Stands:
        m_primary->setText(tr("Mend it"));
        break;
    case State::UnderWay:
        m_primary->setText(
            tr("To the station: %1").arg(stationName(stationNamed(cause.remedy.front().station))));
        break;
    case State::Ended:
        m_primary->setText(tr("Back to the work"));
        break;
    }
}

void VerdictCard::showCause(std::size_t index) {
    const QString name = causeName(m_finder.net().causes[index].id);
    switch (state()) {
    case State::NothingStands:
        m_title->setText(tr("Nothing stands out."));
        m_meaning->setText(
            tr("What was tried leaves several causes open. The likeliest of them: %1. Or it is "
               "something that is not listed here.")
                .arg(name));
        return;
    case State::Stands:
        m_title->setText(name);
        break;
    case State::UnderWay:
        m_title->setText(tr("Being mended: %1").arg(name));
        break;
    case State::Ended:
        m_title->setText(m_finder.current()->ended == Helped::Gone ? tr("Gone. It was: %1").arg(name)
                                                                   : tr("Better. It was: %1").arg(name));
        break;
    }
    m_meaning->setText(causeMeaning(m_finder.net().causes[index].id));
}

void VerdictCard::showReasons(std::size_t cause) {
    const FaultsSay& say = m_finder.says();
    const auto one = std::find_if(say.causes.begin(), say.causes.end(),
                                  [&](const CauseOdds& odds) { return odds.cause == cause; });
    QStringList reasons;
    for (const FaultReason& reason : one->reasons)
        if (reason.weight > 0 && reasons.size() < 4)
            reasons << reasonText(m_finder.net(), *m_finder.current(), m_finder.figures(), reason);
    QString text = state() == State::Ended ? tr("Kept: the next search on this drum knows of it.")
                   : reasons.isEmpty()
                       ? tr("%1, by what is usual.").arg(oddsText(one->odds))
                       : tr("%1: %2.").arg(oddsText(one->odds), reasons.join(QStringLiteral("; ")));
    m_reasons->setText(text);
}

void VerdictCard::showSteps(const FaultCause& cause) {
    while (QLayoutItem* item = m_stepRows->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    m_steps->setVisible(state() != State::Ended);
    int count = 0;
    for (const RemedyStep& step : cause.remedy) {
        auto* line = new QWidget;
        auto* row = new QHBoxLayout(line);
        row->setContentsMargins(0, 0, 0, 0);
        row->setSpacing(12);
        QLabel* number = textLabel("heading", QString::number(++count));
        row->addWidget(number);
        QLabel* words = textLabel("heading", remedyStepText(step.step));
        words->setWordWrap(true);
        words->setObjectName(QStringLiteral("remedyStep-%1").arg(count - 1));
        row->addWidget(words, 1);
        const Station station = stationNamed(step.station);
        QPushButton* go = secondaryButton(stationName(station));
        go->setObjectName(QStringLiteral("remedyGo-%1").arg(count - 1));
        go->setAccessibleName(tr("Go to %1").arg(stationName(station)));
        connect(go, &QPushButton::clicked, this, [this, station] { emit stationChosen(station); });
        row->addWidget(go);
        m_stepRows->addWidget(line);
    }
}

/// What was measured when the remedy began, beside what is known now.
void VerdictCard::showProof(const FaultCause& cause) {
    QStringList lines;
    const State now = state();
    if (now == State::UnderWay || now == State::Ended) {
        const std::size_t index = *indexOf(m_finder.net().causes, cause.id);
        for (const FaultFigure& figure : m_finder.figures()) {
            const auto measure = indexOf(m_finder.net().measures, figure.measure);
            const FaultFigure* before = m_finder.figureBefore(figure.measure);
            if (before != nullptr && *before != figure && measure &&
                m_finder.net().measures[*measure].under[index])
                lines << tr("Before: %1. Now: %2.").arg(figureText(*before), figureText(figure));
        }
    }
    m_proof->setVisible(!lines.isEmpty());
    m_proof->setText(lines.join(QLatin1Char('\n')));
}

bool VerdictCard::press(int answer) {
    if (answer < 0 || answer > 2 || state() != State::UnderWay)
        return false;
    m_helped.at(static_cast<std::size_t>(answer))->click();
    return true;
}

void VerdictCard::act() {
    switch (state()) {
    case State::NothingStands:
    case State::Stands:
        m_finder.take(m_finder.net().causes[causeIndex()].id);
        return;
    case State::UnderWay:
        emit stationChosen(stationNamed(m_finder.net().causes[causeIndex()].remedy.front().station));
        return;
    case State::Ended:
        emit leftForWork();
    }
}

} // namespace bombo
