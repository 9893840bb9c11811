#include "core/record/drum_now.h"

#include "core/procedure/head_rounds.h"
#include "core/record/entry_figures.h"
#include "core/record/head_heard.h"
#include "core/record/heads_say.h"
#include "core/record/json_values.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

/// The newest entry that heard the head that is on now.
const Entry* lastOf(const Drum& drum, HeadSide side, std::span<const Entry> entries) {
    const std::int64_t fitted = side == HeadSide::Batter ? drum.fittedAt.batter : drum.fittedAt.snareSide;
    for (auto entry = entries.rbegin(); entry != entries.rend(); ++entry) {
        const HeadFigures& head = entry->figures.head(side);
        const bool isOtherHead =
            (fitted > 0 && entry->at < fitted) || (!head.kind.empty() && head.kind != drum.head(side).id);
        if (isOtherHead)
            return nullptr; // and so are those before it
        if (head.left)
            return &*entry;
    }
    return nullptr;
}

/// The line through where the head stands, with the slope that is known best.
TurnResponse through(TurnResponse own, const HeadFigures* kept, Tension tension, Tension error, Turns turns) {
    if (kept != nullptr && kept->perTurn && kept->perTurnError.value > 0.0 &&
        kept->perTurnError.value < own.line.slopeSpread()) {
        own.line.slope = kept->perTurn->value;
        own.line.slopeVariance = kept->perTurnError.value * kept->perTurnError.value;
        own.line.start = tension.value - own.line.slope * turns.value;
        own.line.startVariance =
            error.value * error.value + own.line.slopeVariance * turns.value * turns.value;
        own.line.covariance = -own.line.slopeVariance * turns.value;
    }
    return own;
}

HeadReading readingOf(const Entry& entry, HeadSide side) {
    return {entry.at, *entry.figures.head(side).left, weatherThen(entry.figures.weather, entry.at)};
}

std::vector<Stay> staysOf(std::span<const Entry> entries, HeadSide side) {
    return bombo::staysOf(std::vector<Entry>(entries.begin(), entries.end()), side);
}

/// With the turns that were counted on the head since, none of them heard.
Expected turnedSince(Expected expected, const Session& session, HeadSide side, const TurnResponse& response) {
    const double turns = session.head(side).meanTurns().value;
    const double before = expected.tension.value;
    const double tension = std::max(1.0, before + response.line.slope * turns);
    const double error =
        std::hypot(expected.tensionError.value * tension / before, response.line.slopeSpread() * turns);
    expected.tension = Tension{tension};
    expected.tensionError = Tension{error};
    expected.edge =
        edgePitch(drumState(session.drum, expected.tension, expected.tension, airAt(session.weather)), side);
    expected.error = Cents{kCentsPerShare * error / tension};
    return expected;
}

std::int64_t fittedAt(const Drum& drum, HeadSide side) {
    return side == HeadSide::Batter ? drum.fittedAt.batter : drum.fittedAt.snareSide;
}

HeadNow headNow(const Reckoned& reckoned, HeadSide side, std::span<const Entry> entries, std::int64_t at) {
    const Session& session = reckoned.session();
    const HeadWork& work = session.head(side);
    const HeadBrief brief = briefFor(reckoned, side);
    const Entry* last = lastOf(session.drum, side, entries);
    const HeadFigures* kept = last != nullptr ? &last->figures.head(side) : nullptr;
    HeadNow now;
    now.turns = work.rodTurns;
    now.countedFromSlack =
        work.stage != HeadStage::FingerTight && work.condition != HeadCondition::AsItStands;
    now.response = turnResponseOf(work, brief);
    now.floor = slackFloor(work, brief);
    const FinishedRound* round = work.history.empty() ? nullptr : heardHere(work);
    if (round != nullptr || now.countedFromSlack || !work.history.empty()) {
        now.by = round != nullptr ? KnownBy::Heard : KnownBy::Counted;
        now.tension = tensionNow(work, brief);
        if (round != nullptr && round->rodTurns == work.rodTurns) {
            now.rods = estimateNow(work, brief);
            now.evening = eveningOf(work, brief, now.response);
            now.error = now.tension * (errorOf(*round).value / kCentsPerShare);
        } else {
            now.by = KnownBy::Counted;
            now.error = now.response.spreadAt(work.meanTurns());
        }
    } else if (const auto expected = expectedNow(reckoned, side, entries, at)) {
        now.by = session.head(side).meanTurns().value == 0.0 ? KnownBy::Foretold : KnownBy::Counted;
        now.tension = expected->tension;
        now.error = expected->tensionError;
    }
    now.response = through(now.response, kept, now.tension, now.error, work.meanTurns());
    return now;
}

} // namespace

std::vector<Pad> padsIn(const EntryFigures& entry, const Session& session) {
    std::vector<Pad> pads;
    for (const LaidPad& laid : entry.pads) {
        std::optional<PadKind> kind = padKindNamed(laid.kind);
        for (const PadKind& own : session.ownKinds)
            if (own.id == laid.kind)
                kind = own;
        if (kind)
            pads.push_back({laid.fromCentre, laid.angle, *kind});
    }
    return pads;
}

std::optional<Expected> expectedNow(const Reckoned& reckoned, HeadSide side, std::span<const Entry> entries,
                                    std::int64_t at) {
    const Session& session = reckoned.session();
    const HeadWork& work = session.head(side);
    const Entry* last = lastOf(session.drum, side, entries);
    if (last == nullptr || last->at > at) // a clock that was wrong foretells nothing
        return std::nullopt;
    const bool isCountedOnly = work.history.empty() && work.stage != HeadStage::FingerTight;
    if (isCountedOnly && work.condition != HeadCondition::AsItStands) // it was let down since
        return std::nullopt;
    const TurnResponse own = turnResponseOf(work, briefFor(reckoned, side));
    const Expected expected = expectedAt(
        session.drum, side, readingOf(*last, side), at, weatherNow(session.weather),
        fittedAt(session.drum, side), settlingOf(session.drum, side, staysOf(entries, side), own.perTurn()));
    if (!isCountedOnly)
        return expected;
    return turnedSince(expected, session, side,
                       through(own, &last->figures.head(side), expected.tension, expected.tensionError, {}));
}

DrumNow drumNow(const Reckoned& reckoned, std::span<const Entry> entries, std::int64_t at) {
    const Session& session = reckoned.session();
    DrumNow now;
    now.drum = session.drum;
    now.weather = weatherNow(session.weather);
    now.batter = headNow(reckoned, HeadSide::Batter, entries, at);
    now.snareSide = headNow(reckoned, HeadSide::SnareSide, entries, at);
    if (session.wires.begun)
        now.strainer = session.wires.strainer;
    else
        for (auto entry = entries.rbegin(); entry != entries.rend() && !now.strainer; ++entry)
            if (entry->at >= session.drum.fittedAt.wires)
                now.strainer = entry->figures.strainer;
    now.pads = session.pads;
    if (session.padsAt == 0) // nobody has touched them since the newest entry that says so
        for (auto entry = entries.rbegin(); entry != entries.rend(); ++entry)
            if (entry->figures.padsKnown) {
                now.pads = padsIn(entry->figures, session);
                break;
            }
    now.order = session.school.order;
    now.tolerance = session.tolerance;
    return now;
}

Entry entryOf(const Reckoned& reckoned, std::int64_t at) {
    const Session& session = reckoned.session();
    auto figures =
        entryFiguresFrom(setupSummary(session).dump(-1, ' ', false, Json::error_handler_t::replace));
    return {
        0, at, session.drum.id, session.tone.id, true, figures ? std::move(figures).value() : EntryFigures{}};
}

std::optional<Moved> movedSince(const Reckoned& reckoned, HeadSide side, std::span<const Entry> entries,
                                std::int64_t at) {
    const Session& session = reckoned.session();
    const HeadWork& work = session.head(side);
    const FinishedRound* found = asFound(work);
    const Entry* last = lastOf(session.drum, side, entries);
    if (found == nullptr || last == nullptr || last->at > at)
        return std::nullopt;
    std::vector<Cents> rods;
    for (const double cents : rodsOf(*found))
        rods.push_back(Cents{cents});
    const HeadReading now{
        at, {estimateOf(*found).mean, errorOf(*found), std::move(rods)}, weatherNow(found->weather)};
    const Tension perTurn = turnResponseOf(work, briefFor(reckoned, side)).perTurn();
    return whatMoved(session.drum, side, readingOf(*last, side), now, fittedAt(session.drum, side),
                     settlingOf(session.drum, side, staysOf(entries, side), perTurn), perTurn);
}

} // namespace bombo
