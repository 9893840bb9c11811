#include "app/logbook/show_stand.h"

#include "app/logbook/show_words.h"
#include "app/session/session_controller.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"

namespace bombo {

ShowStand::ShowStand(SessionController& controller, QWidget* parent)
    : StandView(parent), m_controller(controller) {
    connect(this, &StandView::goOn, this, &ShowStand::onwards);
    connect(this, &StandView::goBack, this, &ShowStand::backwards);
}

void ShowStand::begin(ShowAtHand show) {
    m_show = std::move(show);
    m_moves = showMoves(m_show.steps);
    m_counted.clear();
    m_problem.clear();
    refresh();
}

int ShowStand::number() const {
    const std::size_t move = std::min(m_counted.size(), m_moves.size() - 1);
    return m_show.before + static_cast<int>(m_moves[move].number);
}

void ShowStand::onwards() {
    if (!PrimaryButton::isAPress())
        return;
    m_problem.clear();
    const auto counted = count(m_moves[m_counted.size()]);
    if (!counted) // the moves after it would take for granted that it was made
        return refresh();
    m_counted.push_back(*counted);
    if (m_counted.size() == m_moves.size())
        emit leave();
    else
        refresh();
}

/// What was counted is taken back; turn it back, too.
void ShowStand::backwards() {
    if (m_counted.empty() || !PrimaryButton::isAPress())
        return;
    m_problem.clear();
    const bool isStep = m_counted.back();
    m_counted.pop_back();
    if (isStep && bringInFront(m_moves[m_counted.size()]) != nullptr)
        m_controller.undoStack().undo();
    refresh();
}

const DrumInShow* ShowStand::bringInFront(const ShowMove& move) {
    const auto& index = m_show.steps[move.number].drum;
    if (!index)
        return nullptr;
    const DrumInShow& drum = m_show.drums[*index];
    if (m_controller.session().drum.id != drum.drum.id)
        m_controller.chooseDrum(drum.drum.id);
    return &drum;
}

std::optional<bool> ShowStand::count(const ShowMove& move) {
    const DrumInShow* drum = bringInFront(move);
    if (drum == nullptr)
        return false;
    const std::size_t index = m_show.numbers[move.number].tone;
    const DrumInTone& wanted = *drum->tones[index];
    const Tone& tone = m_show.tones[index];
    if (move.what == ShowMoveKind::Play && m_controller.session().tone.id == tone.id)
        return false;
    const auto problem = connect(&m_controller, &SessionController::notice, this,
                                 [this](const Notice& notice) { m_problem = notice.text; });
    const bool isStep = [&] {
        switch (move.what) {
        case ShowMoveKind::SnareSide:
            return m_controller.perform(BothTurned{{}, move.turns});
        case ShowMoveKind::Batter:
            return m_controller.perform(BothTurned{move.turns, {}});
        case ShowMoveKind::Strainer:
            return m_controller.perform(SetStrainer{*wanted.strainer});
        case ShowMoveKind::Pads:
            return m_controller.perform(LayPads{*wanted.pads});
        case ShowMoveKind::Play:
            break;
        }
        return m_controller.perform(ChooseTone{tone}); // it stands in that tone now
    }();
    disconnect(problem);
    if (!isStep)
        return std::nullopt;
    m_problem.clear();
    return true;
}

void ShowStand::refresh() {
    show(words());
}

StandWords ShowStand::words() const {
    const ShowMove& move = m_moves[m_counted.size()];
    const ShowStep& step = m_show.steps[move.number];
    const auto nameOf = [&](std::size_t number) {
        return cueName(m_show.tones[m_show.numbers[number].tone]);
    };
    const auto drumOf = [&](const ShowStep& one) {
        return QString::fromStdString(m_show.drums[*one.drum].drum.name);
    };
    StandWords words;
    words.kind = move.what == ShowMoveKind::Play || move.what == ShowMoveKind::Pads ? StepKind::Settled
                                                                                    : StepKind::Turn;
    words.turns = move.turns;
    const QString place = tr("%1 of %2")
                              .arg(m_show.before + static_cast<int>(move.number) + 1)
                              .arg(m_show.before + static_cast<int>(m_show.steps.size()));
    words.now = step.drum ? tr("%1: %2, on %3").arg(place, nameOf(move.number), drumOf(step))
                          : tr("%1: %2").arg(place, nameOf(move.number));
    if (!step.drum) {
        words.figure = tr("No drum here can have it");
    } else if (move.what == ShowMoveKind::Play) {
        words.figure = tr("Play: %1").arg(nameOf(move.number));
        words.count = step.change.takes.value > 0.0 ? sureText(step.change) : QString();
    } else {
        const DrumInTone& wanted = *m_show.drums[*step.drum].tones[m_show.numbers[move.number].tone];
        const std::vector<Pad> pads = wanted.pads.value_or(std::vector<Pad>{});
        words.figure = showMoveText(move, pads);
        words.count = showMovePlace(move, pads);
    }
    if (!m_problem.isEmpty())
        words.heard = tr("Not counted: %1").arg(m_problem);
    else if (move.what != ShowMoveKind::Play)
        words.heard = stayText(step.change);
    else if (move.number + 1 < m_show.steps.size()) {
        const ShowStep& next = m_show.steps[move.number + 1];
        words.heard = next.drum ? tr("then %1, on %2").arg(nameOf(move.number + 1), drumOf(next))
                                : tr("then %1").arg(nameOf(move.number + 1));
    }
    words.button = move.what == ShowMoveKind::Play ? tr("it is played") : tr("done");
    return words;
}

} // namespace bombo
