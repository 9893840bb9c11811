#include "core/record/backbeats.h"
#include "core/record/reckoned_memo.h"
#include "core/units/with_error.h"

#include <algorithm>
#include <cmath>

namespace bombo {

bool strokesHold(const Session& session) {
    return session.strokesAt >= std::max({session.batterAt, session.snareSideAt, session.padsAt});
}

namespace {

/// A figure of a stroke as it counts among others. Strokes of old workbooks state no error.
template <class Quantity>
void add(std::vector<WithError>& figures, const std::optional<Quantity>& value,
         const std::optional<Quantity>& error, double unstated) {
    if (value)
        figures.push_back({value->value, error ? error->value : unstated * value->value});
}

/// Puts the median and its error where there is one.
template <class Quantity>
void settle(const std::vector<WithError>& figures, std::optional<Quantity>& value,
            std::optional<Quantity>& error) {
    if (figures.empty())
        return;
    const WithError middle = medianWithError(figures);
    value = Quantity{middle.value};
    error = Quantity{middle.error};
}

} // namespace

StrokesSay strokesSay(const Session& session) {
    constexpr double centreUnstated = 0.01; // of the pitch: 17 cents
    constexpr double lengthUnstated = 0.10; // of the length
    StrokesSay says;
    if (!strokesHold(session))
        return says;
    std::vector<WithError> centres;
    std::vector<WithError> rings;
    std::vector<WithError> tones;
    std::vector<WithError> buzzes;
    for (const HeardStroke& stroke : session.strokes) {
        add(centres, std::optional(stroke.centre), stroke.centreError, centreUnstated);
        if (!stroke.wires)
            add(rings, stroke.tone, stroke.toneError, lengthUnstated);
        if (!stroke.wires || stroke.strainer != session.wires.strainer)
            continue;
        add(buzzes, stroke.buzz, stroke.buzzError, lengthUnstated);
        add(tones, stroke.tone, stroke.toneError, lengthUnstated);
    }
    settle(rings, says.ring, says.ringError);
    settle(tones, says.tone, says.toneError);
    settle(buzzes, says.buzz, says.buzzError);
    settle(centres, says.centre, says.centreError);
    says.strokes = static_cast<int>(session.strokes.size());
    return says;
}

bool differ(const StrokesSay& before, const StrokesSay& after) {
    constexpr double sure = 2.0; // standard errors
    constexpr double own = 0.5;  // of what is stated: the room and the microphone's place are in both
    const auto by = [](const auto& one, const auto& oneError, const auto& other, const auto& otherError) {
        if (!one || !other)
            return false;
        // Kept by a version that stated no errors: as sure as it looks.
        const double error =
            std::hypot(oneError ? oneError->value : 0.0, otherError ? otherError->value : 0.0);
        return std::abs(one->value - other->value) > sure * own * error;
    };
    return by(before.ring, before.ringError, after.ring, after.ringError) ||
           by(before.tone, before.toneError, after.tone, after.toneError) ||
           by(before.buzz, before.buzzError, after.buzz, after.buzzError) ||
           by(before.centre, before.centreError, after.centre, after.centreError);
}

std::vector<Backbeat> backbeatsOf(const Session& session) {
    return strokesHold(session) ? backbeatsFrom(session.strokes) : std::vector<Backbeat>{};
}

StrokeScatter scatterOf(const Session& session) {
    return scatterOf(backbeatsOf(session));
}

Changed changedSince(const Session& session) {
    const Experiment& experiment = session.experiment.value();
    std::vector<Changed> changes;
    if (session.pads != experiment.pads)
        changes.push_back(Changed::Pads);
    if (session.wires.strainer != experiment.strainer)
        changes.push_back(Changed::Strainer);
    if (std::max(session.batterAt, session.snareSideAt) > experiment.at)
        changes.push_back(Changed::Heads);
    return changes.empty() ? Changed::Nothing : changes.size() == 1 ? changes.front() : Changed::Several;
}

Expectation strokeExpectation(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return once(reckoned.memo().strokeExpectation, [&] {
        Expectation expected;
        expected.modes = expectedModes(coupledModes(knownState(reckoned)));
        const bool heard = !session.batter.history.empty() && !session.snareSide.history.empty();
        expected.spread = Cents{heard ? 80.0 : 350.0};
        if (heard) // a stroke near the edge hardly sounds the centre: the edge is not to be taken for it
            expected.furthest = Cents{250.0};
        expected.wanted = {0, 1};
        return expected;
    });
}

Expectation cardExpectation(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return expectationAt(session.drum, session.card, nextPlace(session.card).value(), knownState(reckoned));
}

std::optional<CardSays> cardSays(const Session& session) {
    return whatItSays(session.drum, session.card);
}

} // namespace bombo
