/// Commands after the heads: strokes that are heard, wires, muffling, experiments and the proof.
#include "core/record/session_steps.h"

#include <algorithm>

namespace bombo {
namespace {

Refusal refusalOf(PadProblem problem) {
    switch (problem) {
    case PadProblem::OnLandingArea:
        return Refusal::PadOnLandingArea;
    case PadProblem::Overlaps:
        return Refusal::PadsOverlap;
    case PadProblem::BeyondHoop:
    case PadProblem::None:
        break;
    }
    return Refusal::PadBeyondHoop;
}

constexpr std::size_t kLongestName = 120; // bytes

/// Figures that a thing on a head can have.
bool isUsable(const PadKind& kind) {
    const auto within = [](double value, double low, double high) { return value >= low && value <= high; };
    return within(kind.mass.value, 0.0, 0.5) && within(kind.lossFactor, 0.0, 2.0) &&
           within(kind.radius.value, 0.001, 0.2) && within(kind.resistance, 0.0, 500.0) &&
           within(kind.stiffness, 0.0, 1e5) && within(kind.delay.value, 0.0, 0.5);
}

Outcome withPads(Session session, std::vector<Pad> others, const Pad& pad, std::size_t at) {
    const PadProblem problem = checkPad(pad, others, session.drum.shell);
    if (problem != PadProblem::None)
        return failure(refusalOf(problem));
    others.insert(others.begin() + static_cast<std::ptrdiff_t>(at), pad);
    session.pads = std::move(others);
    session.padsAt = session.clock;
    return session;
}

/// An answer about the wires. The same stroke at the same stop again: the newer answer counts.
template <class Test, class Same>
Outcome withAnswer(Session session, std::vector<Test> WireWork::*answers, const Test& test, Same isSame) {
    std::vector<Test>& known = session.wires.*answers;
    const auto same = std::find_if(known.begin(), known.end(), isSame);
    if (same != known.end())
        *same = test;
    else
        known.push_back(test);
    session.wires.begun = true;
    session.wiresAt = session.clock;
    return session;
}

/// With nothing on the head and the lever off, as it is at Muffling, its ring teaches the drum's own
/// damping.
void learnOpenRing(Session& session) {
    if (session.station != Station::Muffling || !session.pads.empty() || !targetsOf(session))
        return;
    if (const auto heard = strokesSay(session).ring)
        session.openRing = OpenRing{*heard, predictMuffling(session.drum, knownState(session), {}).ringBefore,
                                    session.clock};
}

} // namespace

Outcome carryOut(Session session, const StrokeHeard& c) {
    if (!strokesHold(session))
        session.strokes.clear();
    if (session.strokes.size() >= kMostStrokes)
        session.strokes.erase(session.strokes.begin());
    session.strokes.push_back(c.stroke);
    session.strokes.back().strainer = session.wires.strainer;
    session.strokesAt = session.clock;
    learnOpenRing(session);
    return session;
}
Outcome carryOut(Session session, const CardTapHeard& c) {
    const auto place = nextPlace(session.card);
    if (!place)
        return failure(Refusal::CardFull);
    session.card.at(*place).push_back(c.reading);
    session.card.weather = session.weather;
    session.cardAt = session.clock;
    return session;
}
Outcome carryOut(Session session, const StartCard&) {
    session.card = {};
    session.cardAt = session.clock;
    return session;
}
Outcome carryOut(Session session, const SetStrainer& c) {
    if (c.turns.value < 0.0 || c.turns.value > kFarthestStrainer)
        return failure(Refusal::StrainerOutOfRange);
    session.wires.strainer = c.turns;
    session.wires.begun = true;
    session.wiresAt = session.clock;
    return session;
}
Outcome carryOut(Session session, const AnswerWires& c) {
    const WireTest test{session.wires.strainer, c.place, c.dynamic, c.answered};
    return withAnswer(std::move(session), &WireWork::tests, test, [&](const WireTest& t) {
        return t.turns == test.turns && t.place == test.place && t.dynamic == test.dynamic;
    });
}
Outcome carryOut(Session session, const AnswerRattle& c) {
    const RattleTest test{session.wires.strainer, c.rattled};
    return withAnswer(std::move(session), &WireWork::rattles, test,
                      [&](const RattleTest& t) { return t.turns == test.turns; });
}
Outcome carryOut(Session session, const MeasureWires& c) {
    if (checkLayout(c.layout))
        return failure(Refusal::LayoutOutOfRange);
    session.wires.layout = c.layout;
    return session;
}
Outcome carryOut(Session session, const SetNeighbours& c) {
    if (c.neighbours.size() > kMostNeighbours)
        return failure(Refusal::NeighbourOutOfRange);
    for (const Neighbour& neighbour : c.neighbours)
        if (checkNeighbour(neighbour))
            return failure(Refusal::NeighbourOutOfRange);
    session.wires.neighbours = c.neighbours;
    return session;
}
Outcome carryOut(Session session, const JudgeWires& c) {
    session.wires.judging = c.judging;
    return session;
}
Outcome carryOut(Session session, const VoiceHeard& c) {
    session.wires.voice = VoiceAnswer{c.gainDb, session.wires.strainer};
    return session;
}
Outcome carryOut(Session session, const LayPads& c) {
    if (c.pads.size() > kMostPads)
        return failure(Refusal::TooManyPads);
    std::vector<Pad> laid;
    for (const Pad& pad : c.pads) {
        const PadProblem problem = checkPad(pad, laid, session.drum.shell);
        if (problem != PadProblem::None)
            return failure(refusalOf(problem));
        laid.push_back(pad);
    }
    session.pads = std::move(laid);
    session.padsAt = session.clock;
    return session;
}
Outcome carryOut(Session session, const PlaceMicrophone& c) {
    if (c.microphone &&
        (c.microphone->height < kLowestMicrophone || c.microphone->height > kHighestMicrophone ||
         c.microphone->fromCentre.value < 0.0 || c.microphone->fromCentre > kFarthestMicrophone))
        return failure(Refusal::MicrophoneOutOfRange);
    session.microphone = c.microphone;
    return session;
}
Outcome carryOut(Session session, const KeepKind& c) {
    if (!isOwnKind(c.kind) || c.kind.id.size() > kLongestName || !isUsable(c.kind))
        return failure(Refusal::KindOutOfRange);
    std::erase_if(session.ownKinds, [&](const PadKind& kind) { return kind.id == c.kind.id; });
    session.ownKinds.push_back(c.kind);
    return session;
}
Outcome carryOut(Session session, const BeginExperiment& c) {
    if (session.experiment)
        return failure(Refusal::ExperimentUnderWay);
    if (c.what.size() > kLongestName)
        return failure(Refusal::TooLongAName);
    const StrokesSay before = strokesSay(session);
    if (before.strokes == 0)
        return failure(Refusal::NothingHeardYet);
    session.experiment = Experiment{c.what, session.pads, session.wires.strainer, before, session.clock};
    return session;
}
Outcome carryOut(Session session, const EndExperiment& c) {
    if (!session.experiment)
        return failure(Refusal::NoExperiment);
    const Experiment experiment = *session.experiment;
    const Changed changed = changedSince(session);
    if (!c.keep && std::max(session.batterAt, session.snareSideAt) > experiment.at)
        return failure(Refusal::HeadsTurnedInIt);
    // What was heard before the change is not what the change did.
    const StrokesSay after = changed == Changed::Nothing ? StrokesSay{} : strokesSay(session);
    session.experiments.push_back({experiment.what, experiment.before, after, c.keep});
    session.experiment.reset();
    if (c.keep)
        return session;
    if (session.pads != experiment.pads) {
        session.pads = experiment.pads;
        session.padsAt = session.clock;
    }
    if (session.wires.strainer != experiment.strainer) {
        session.wires.strainer = experiment.strainer;
        session.wiresAt = session.clock;
    }
    return session;
}
Outcome carryOut(Session session, const JudgeBlind& c) {
    session.blind = c.result;
    return session;
}
Outcome carryOut(Session session, const SetStars& c) {
    if (c.stars < 0 || c.stars > kMostStars)
        return failure(Refusal::StarsOutOfRange);
    session.stars = c.stars;
    return session;
}
Outcome carryOut(Session session, const AddPad& c) {
    if (session.pads.size() >= kMostPads)
        return failure(Refusal::TooManyPads);
    return withPads(session, session.pads, c.pad, session.pads.size());
}
Outcome carryOut(Session session, const MovePad& c) {
    if (c.index < 0 || c.index >= static_cast<int>(session.pads.size()))
        return failure(Refusal::NoSuchPad);
    std::vector<Pad> others = session.pads;
    others.erase(others.begin() + c.index);
    return withPads(session, std::move(others), c.pad, static_cast<std::size_t>(c.index));
}
Outcome carryOut(Session session, const RemovePad& c) {
    if (c.index < 0 || c.index >= static_cast<int>(session.pads.size()))
        return failure(Refusal::NoSuchPad);
    session.pads.erase(session.pads.begin() + c.index);
    session.padsAt = session.clock;
    return session;
}
Outcome carryOut(Session session, const SetNote& c) {
    session.note = c.note;
    return session;
}
Outcome carryOut(Session session, const MarkSaved&) {
    session.savedAt = session.clock;
    return session;
}

} // namespace bombo
