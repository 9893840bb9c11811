#include "core/record/commands/rig.h"
#include "core/record/own_names.h"

namespace bombo {
namespace {

/// Figures that a thing on a head can have.
bool isUsable(const PadKind& kind) {
    const auto within = [](double value, double low, double high) { return value >= low && value <= high; };
    return within(kind.mass.value, 0.0, 0.5) && within(kind.lossFactor, 0.0, 2.0) &&
           within(kind.lossRises, -2.0, 2.0) && within(kind.radius.value, 0.001, 0.2) &&
           within(kind.resistance, 0.0, 500.0) && within(kind.stiffness, 0.0, 1e5) &&
           within(kind.delay.value, 0.0, 0.5);
}

} // namespace

Outcome SetHand::carryOut(Session session) const {
    session.leftHanded = left;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        HeadWork& work = session.head(side);
        if (work.rodsHeard() == 0) // a round that is half heard goes on as it began
            work.direction = left ? Direction::Clockwise : Direction::CounterClockwise;
    }
    return session;
}

Outcome ChooseGauge::carryOut(Session session) const {
    session.gauge = gauge;
    return session;
}

Outcome MeasureWires::carryOut(Session session) const {
    if (checkLayout(layout))
        return failure(Refusal::LayoutOutOfRange);
    session.layout = layout;
    return session;
}

Outcome SetNeighbours::carryOut(Session session) const {
    if (neighbours.size() > kMostNeighbours)
        return failure(Refusal::NeighbourOutOfRange);
    for (const Neighbour& neighbour : neighbours)
        if (checkNeighbour(neighbour))
            return failure(Refusal::NeighbourOutOfRange);
    session.neighbours = neighbours;
    return session;
}

Outcome PlaceMicrophone::carryOut(Session session) const {
    if (microphone && (microphone->height < kLowestMicrophone || microphone->height > kHighestMicrophone ||
                       microphone->fromCentre.value < 0.0 || microphone->fromCentre > kFarthestMicrophone))
        return failure(Refusal::MicrophoneOutOfRange);
    session.microphone = microphone;
    return session;
}

Outcome KeepEarResult::carryOut(Session session) const {
    if (result.who.size() > kLongestWho)
        return failure(Refusal::TooLongAName);
    session.earResults.push_back(result);
    if (session.earResults.size() > kMostEarResults)
        session.earResults.erase(session.earResults.begin());
    return session;
}

Outcome KeepTuningResult::carryOut(Session session) const {
    if (result.who.size() > kLongestWho)
        return failure(Refusal::TooLongAName);
    session.tuningResults.push_back(result);
    if (session.tuningResults.size() > kMostTuningResults)
        session.tuningResults.erase(session.tuningResults.begin());
    return session;
}

Outcome KeepKind::carryOut(Session session) const {
    if (!isOwnKind(kind) || kind.id.size() > kLongestName || !isUsable(kind))
        return failure(Refusal::KindOutOfRange);
    std::erase_if(session.ownKinds, [&](const PadKind& known) { return known.id == kind.id; });
    session.ownKinds.push_back(kind);
    return session;
}

} // namespace bombo
