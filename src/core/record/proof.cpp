#include "core/record/proof.h"

#include "core/procedure/head_rounds.h"
#include "core/record/heads_say.h"
#include "core/record/muffling_says.h"
#include "core/record/stations.h"
#include "core/record/strokes_say.h"
#include "core/record/wires_say.h"
#include "core/tuning/inverse.h"

#include <cmath>
#include <set>

namespace bombo {
namespace {

constexpr double kCentreSettled = 12.0; // cents
constexpr double kRatioSettled = 0.01;
constexpr double kRingSettled = 0.10;
constexpr double kBuzzSettled = 0.25;
constexpr double kRingSpread = 0.20; // of a ring time that is reckoned; estimate
constexpr double kKnobSettled = 0.13;

ProofVerdict byDistance(double distance, double settled, double near) {
    const double d = std::abs(distance);
    return d <= settled ? ProofVerdict::Settled : d <= near ? ProofVerdict::Near : ProofVerdict::Off;
}

void judge(ProofLine& line, double distance, double settled, double near) {
    line.off = distance / settled;
    line.verdict = byDistance(distance, settled, near);
}

ProofLine line(ProofItem item, double wanted, Known known) {
    ProofLine result{};
    result.item = item;
    result.wanted = wanted;
    result.known = known;
    return result;
}

/// Of the mean of the round that was heard last, by the errors of its taps; none of them is trusted to less
/// than two cents.
std::optional<Cents> errorOfMean(const HeadWork& work) {
    const FinishedRound* heard = heardHere(work);
    if (heard == nullptr)
        return std::nullopt;
    double weights = 0.0;
    for (const auto& reading : heard->readings)
        if (reading)
            weights += 1.0 / (4.0 + std::pow(errorOf(*reading).value_or(Cents{}).value, 2));
    return weights > 0.0 ? std::optional(Cents{1.0 / std::sqrt(weights)}) : std::nullopt;
}

void addHead(std::vector<ProofLine>& lines, const Reckoned& reckoned, HeadSide side, bool isStale) {
    const Session& session = reckoned.session();
    const bool batter = side == HeadSide::Batter;
    const HeadBrief brief = briefFor(reckoned, side);
    const HeadWork& work = session.head(side);
    const double tolerance = brief.tolerance.value;
    ProofLine pitch = line(batter ? ProofItem::BatterPitch : ProofItem::SnareSidePitch, brief.target.value,
                           Known::Measured);
    ProofLine evenness =
        line(batter ? ProofItem::BatterEvenness : ProofItem::SnareSideEvenness, tolerance, Known::Measured);
    evenness.isOneSided = true;
    if (const auto estimate = lastEstimate(work)) {
        const double off = centsBetween(brief.target, estimate->mean).value;
        pitch.reached = estimate->mean.value;
        judge(pitch, off, tolerance, 3.0 * tolerance);
        if (const auto error = errorOfMean(work))
            pitch.error = error->value / tolerance;
        evenness.reached = estimate->widest.value;
        // A reading trusted to 2 cents cannot settle a tolerance to less than that.
        const double allowed = (estimate->isLocal ? kLocalTolerance : 1.0) * tolerance;
        judge(evenness, evenness.reached.value(), allowed + 1.0, 2.0 * allowed);
    }
    if (isProvisional(work)) // read off a gauge: near at best until it is heard
        for (ProofLine* known : {&pitch, &evenness}) {
            known->known = Known::ByGauge;
            if (known->verdict == ProofVerdict::Settled)
                known->verdict = ProofVerdict::Near;
        }
    // Turned since it was last heard, or aimed at another tone.
    const bool turnedSince = work.stage != HeadStage::Done && !work.history.empty();
    for (ProofLine known : {pitch, evenness}) {
        known.isStale = isStale || turnedSince;
        lines.push_back(known);
    }
}

/// Centre pitch and ratio: heard for the pitch card if neither head was turned since, else what the edges
/// that were heard imply.
void addDrumPitches(std::vector<ProofLine>& lines, const Reckoned& reckoned, int lastTurned) {
    const Session& session = reckoned.session();
    const Targets targets = targetsOf(reckoned).value();
    ProofLine centre = line(ProofItem::CentrePitch, targets.pitches.centre.value, Known::Predicted);
    ProofLine ratio = line(ProofItem::EdgeOverCentre, targets.pitches.edgeOverCentre, Known::Predicted);
    const bool bothWorked = !session.batter.history.empty() && !session.snareSide.history.empty();
    if (bothWorked) {
        const NamedPitches now = namedPitches(knownState(reckoned));
        centre.reached = now.centre.value;
        ratio.reached = now.edgeOverCentre;
    }
    const auto card = cardSays(session);
    if (card && card->centre && (session.cardAt > lastTurned || !bothWorked)) {
        centre.reached = card->centre->value;
        centre.known = Known::Measured;
        if (card->snareSide) {
            const DrumState heard =
                drumState(session.drum, *card->batter, *card->snareSide, airAt(session.card.weather));
            ratio.reached = namedPitches(heard).batterEdgeOpen.value / card->centre->value;
            ratio.known = card->snareSideInferred ? Known::Predicted : Known::Measured;
        }
        centre.isStale = ratio.isStale = session.cardAt < std::max(lastTurned, session.weatherAt);
    }
    if (centre.reached && centre.known == Known::Predicted)
        centre.error = centsBetween(Hertz{1.0}, Hertz{1.0 + kCentrePitchSpread}).value / kCentreSettled;
    if (ratio.reached && ratio.known == Known::Predicted)
        ratio.error = std::hypot(kCentrePitchSpread, kModelPitchSpread) / kRatioSettled;
    if (centre.reached)
        judge(centre, centsBetween(targets.pitches.centre, Hertz{*centre.reached}).value, kCentreSettled,
              30.0);
    if (ratio.reached)
        judge(ratio, *ratio.reached / ratio.wanted - 1.0, kRatioSettled, 0.03);
    lines.push_back(centre);
    lines.push_back(ratio);
}

/// How far the knob stands from the nearer end of the clean span; a quarter turn is safe.
void addSpan(std::vector<ProofLine>& lines, const Session& session, const WireAdvice& advice, bool isStale) {
    constexpr double safe = 0.25; // turns
    ProofLine margin = line(ProofItem::WireMargin, safe, Known::Predicted);
    margin.isOneSided = true;
    if (session.wires.begun) {
        const double knob = session.wires.strainer.value;
        margin.reached = std::min(knob - advice.rattleBelow.value, advice.chokeAbove.value - knob);
        margin.known = session.wires.tests.empty() ? Known::Predicted : Known::Said;
        margin.verdict = *margin.reached >= safe - 1e-9 ? ProofVerdict::Settled
                         : *margin.reached >= 0.0       ? ProofVerdict::Near
                                                        : ProofVerdict::Off;
        margin.off = 2.0 - *margin.reached / safe;
        margin.error = advice.error.value / safe;
        margin.isStale = isStale;
    }
    lines.push_back(margin);
}

/// The wires' own length, and the instruments that set them going.
void addBuzz(std::vector<ProofLine>& lines, const Reckoned& reckoned, int lastTurned) {
    const Session& session = reckoned.session();
    if (!session.tone.wiresOff) {
        const ToneBrief brief = briefOf(session);
        ProofLine buzz =
            line(ProofItem::Buzz, buzzAt(wireMarginWanted(brief), ringWanted(brief)).value, Known::Measured);
        if (const StrokesSay says = strokesSay(session); says.buzz) {
            buzz.reached = says.buzz->value;
            judge(buzz, *buzz.reached / buzz.wanted - 1.0, kBuzzSettled, 0.6);
            buzz.error = says.buzzError->value / buzz.wanted / kBuzzSettled;
        }
        lines.push_back(buzz);
    }
    if (session.neighbours.empty())
        return;
    ProofLine sympathy = line(ProofItem::Sympathy, 0.0, Known::Predicted);
    constexpr double meets = 40.0; // cents: nearer than this a mode takes nearly all it can
    std::set<int> near;
    for (const Meeting& meeting : meetings(session.drum, knownState(reckoned), session.neighbours))
        if (std::abs(centsBetween(meeting.ours, meeting.theirs).value) < meets)
            near.insert(meeting.neighbour);
    sympathy.reached = static_cast<double>(near.size());
    sympathy.isOneSided = true;
    sympathy.off = near.empty() ? 0.0 : 1.0 + *sympathy.reached;
    sympathy.verdict = near.empty() ? ProofVerdict::Settled : ProofVerdict::Off;
    sympathy.isStale = session.wiresAt > 0 && session.wiresAt < lastTurned;
    lines.push_back(sympathy);
}

} // namespace

std::vector<ProofLine> proofLines(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    std::vector<ProofLine> lines;
    const int lastTurned = std::max(session.batterAt, session.snareSideAt);
    addHead(lines, reckoned, HeadSide::SnareSide,
            stationState(reckoned, Station::SnareSide) == StationState::Stale);
    addHead(lines, reckoned, HeadSide::Batter,
            stationState(reckoned, Station::Batter) == StationState::Stale);

    addDrumPitches(lines, reckoned, lastTurned);

    const WireAdvice advice = wireAdviceOf(reckoned);
    ProofLine strainer = line(ProofItem::Strainer, advice.recommended.value, Known::Said);
    if (session.wires.begun) {
        strainer.reached = session.wires.strainer.value;
        judge(strainer, session.wires.strainer.value - advice.recommended.value, kKnobSettled, 0.4);
        strainer.error = advice.error.value / kKnobSettled;
        strainer.isStale = session.wiresAt < lastTurned;
    }
    lines.push_back(strainer);
    addSpan(lines, session, advice, strainer.isStale);

    ProofLine ring = line(ProofItem::Ring, ringWanted(briefOf(session)).value, Known::Predicted);
    if (!session.batter.history.empty()) {
        ring.reached = mufflingOf(reckoned).ringAfter.value;
        judge(ring, *ring.reached / ring.wanted - 1.0, kRingSettled, 0.25);
        ring.error = kRingSpread * *ring.reached / ring.wanted / kRingSettled;
        ring.isStale = session.padsAt > 0 && session.padsAt < lastTurned;
    }
    if (const StrokesSay says = strokesSay(session); says.ring) {
        ring.reached = says.ring->value;
        ring.known = Known::Measured;
        judge(ring, *ring.reached / ring.wanted - 1.0, kRingSettled, 0.25);
        ring.error = says.ringError->value / ring.wanted / kRingSettled;
        ring.isStale = false;
    }
    lines.push_back(ring);
    addBuzz(lines, reckoned, lastTurned);
    return lines;
}

const char* proofItemName(ProofItem item) {
    switch (item) {
    case ProofItem::SnareSidePitch:
        return "snare_side_edge_hz";
    case ProofItem::SnareSideEvenness:
        return "snare_side_evenness_cents";
    case ProofItem::BatterPitch:
        return "batter_edge_hz";
    case ProofItem::BatterEvenness:
        return "batter_evenness_cents";
    case ProofItem::CentrePitch:
        return "centre_hz";
    case ProofItem::EdgeOverCentre:
        return "edge_over_centre";
    case ProofItem::Strainer:
        return "strainer_turns";
    case ProofItem::WireMargin:
        return "strainer_margin_turns";
    case ProofItem::Ring:
        return "ring_s";
    case ProofItem::Buzz:
        return "buzz_s";
    case ProofItem::Sympathy:
        return "instruments_that_buzz";
    }
    return "";
}

const char* proofVerdictName(ProofVerdict verdict) {
    switch (verdict) {
    case ProofVerdict::Settled:
        return "settled";
    case ProofVerdict::Near:
        return "near";
    case ProofVerdict::Off:
        return "off";
    case ProofVerdict::NotMeasured:
        break;
    }
    return "not_measured";
}

} // namespace bombo
