#include "core/record/state_check.h"

#include "core/record/commands/muffling.h"
#include "core/record/commands/rig.h"
#include "core/record/commands/tone.h"
#include "core/record/head_check.h"
#include "core/record/heads_say.h"

namespace bombo {
namespace {

constexpr double kLongest = 1000.0; ///< seconds that anything sounds
constexpr std::size_t kMostAnswers = 20000;
constexpr std::size_t kLongestWords = 100000;
constexpr std::size_t kMostGauges = 100000;
constexpr double kMostClock = 1e9;

void siftTone(Sieve& sieve, const Tone& tone) {
    sieve.between(tone.batterEdgeAt14, 20.0, 2000.0, "tone.batterEdgeAt14");
    sieve.between(tone.snareSideAbove, -4800.0, 4800.0, "tone.snareSideAbove");
    sieve.between(tone.ring, 0.001, kLongest, "tone.ring");
    sieve.between(tone.wireMargin, 0.0, 1.0, "tone.wireMargin");
    sieve.between(tone.pitchSpan, 0.0, 4800.0, "tone.pitchSpan");
    sieve.between(tone.intervalSpan, 0.0, 4800.0, "tone.intervalSpan");
    sieve.between(tone.ringSpan, 1.0, 100.0, "tone.ringSpan");
    sieve.between(tone.wireSpan, 0.0, 10.0, "tone.wireSpan");
    sieve.between(tone.buzz, 0.0, kLongest, "tone.buzz");
    sieve.between(tone.brightness, 0.0, 100000.0, "tone.brightness");
}

void siftPad(Sieve& sieve, const std::string& at, const PadKind& kind) {
    sieve.between(kind.mass, 0.0, 5.0, at + ".mass");
    sieve.between(kind.lossFactor, 0.0, 10.0, at + ".lossFactor");
    sieve.between(kind.lossRises, -2.0, 2.0, at + ".lossRises");
    sieve.between(kind.radius, 0.0001, 1.0, at + ".radius");
    sieve.between(kind.resistance, 0.0, 1e5, at + ".resistance");
    sieve.between(kind.stiffness, 0.0, 1e8, at + ".stiffness");
    sieve.between(kind.delay, 0.0, 10.0, at + ".delay");
    sieve.atMost(kind.id.size(), kLongestWords, at + ".id");
}

void siftPads(Sieve& sieve, const std::string& at, const std::vector<Pad>& pads, const Shell& shell) {
    sieve.atMost(pads.size(), kMostPads, at);
    for (const Pad& pad : pads) {
        siftPad(sieve, at + ".kind", pad.kind);
        sieve.between(pad.fromCentre, 0.0, shell.radius().value, at + ".fromCentre");
        sieve.between(pad.angle, -100.0, 100.0, at + ".angle");
    }
}

void siftSays(Sieve& sieve, const std::string& at, const StrokesSay& says) {
    sieve.between(says.ring, 0.0, kLongest, at + ".ring");
    sieve.between(says.tone, 0.0, kLongest, at + ".tone");
    sieve.between(says.buzz, 0.0, kLongest, at + ".buzz");
    sieve.between(says.centre, 1.0, kHighestPitchKept, at + ".centre");
    sieve.between(says.strokes, 0, 1e6, at + ".strokes");
    for (const auto& error : {says.ringError, says.toneError, says.buzzError})
        sieve.between(error, 0.0, kLongest, at + ".error");
    sieve.between(says.centreError, 0.0, kHighestPitchKept, at + ".centreError");
}

void siftStrokes(Sieve& sieve, const std::vector<HeardStroke>& strokes) {
    sieve.atMost(strokes.size(), kMostStrokes, "strokes");
    for (const HeardStroke& stroke : strokes) {
        sieve.between(stroke.centre, 1.0, kHighestPitchKept, "strokes.centre");
        sieve.between(stroke.tone, 0.0, kLongest, "strokes.tone");
        sieve.between(stroke.buzz, 0.0, kLongest, "strokes.buzz");
        for (const auto& error : {stroke.toneError, stroke.buzzError})
            sieve.between(error, 0.0, kLongest, "strokes.error");
        sieve.between(stroke.centreError, 0.0, kHighestPitchKept, "strokes.centreError");
        sieve.between(stroke.levelDb, -400.0, 400.0, "strokes.levelDb");
        sieve.between(stroke.strainer, 0.0, kFarthestStrainer, "strokes.strainer");
        sieve.atMost(stroke.partials.size(), 100, "strokes.partials");
        for (const StrokePartial& partial : stroke.partials) {
            sieve.between(partial.m, 0, kHighestM, "strokes.partials.m");
            sieve.between(partial.order, 1, 20, "strokes.partials.order");
            sieve.between(partial.frequency, 1.0, kHighestPitchKept, "strokes.partials.frequency");
            sieve.between(partial.t60, 0.0, kLongest, "strokes.partials.t60");
            sieve.between(partial.levelDb, -400.0, 400.0, "strokes.partials.levelDb");
        }
    }
}

void siftWires(Sieve& sieve, const WireWork& wires) {
    sieve.between(wires.strainer, 0.0, kFarthestStrainer, "wires.strainer");
    sieve.atMost(wires.tests.size(), kMostAnswers, "wires.tests");
    for (const WireTest& test : wires.tests)
        sieve.between(test.turns, 0.0, kFarthestStrainer, "wires.tests.turns");
    sieve.atMost(wires.rattles.size(), kMostAnswers, "wires.rattles");
    for (const RattleTest& test : wires.rattles)
        sieve.between(test.turns, 0.0, kFarthestStrainer, "wires.rattles.turns");
    if (wires.voice) {
        sieve.between(wires.voice->gainDb, -400.0, 400.0, "wires.voice.gainDb");
        sieve.between(wires.voice->strainer, 0.0, kFarthestStrainer, "wires.voice.strainer");
    }
}

void siftExperiments(Sieve& sieve, const Work& work) {
    if (work.openRing) {
        sieve.between(work.openRing->heard, 0.0, kLongest, "openRing.heard");
        sieve.between(work.openRing->predicted, 1e-6, kLongest, "openRing.predicted");
    }
    if (work.experiment) {
        siftPads(sieve, "experiment.pads", work.experiment->pads, work.drum.shell);
        sieve.between(work.experiment->strainer, 0.0, kFarthestStrainer, "experiment.strainer");
        siftSays(sieve, "experiment.before", work.experiment->before);
    }
    sieve.atMost(work.experiments.size(), kMostAnswers, "experiments");
    for (const ExperimentResult& result : work.experiments) {
        siftSays(sieve, "experiments.before", result.before);
        siftSays(sieve, "experiments.after", result.after);
    }
    if (work.goingBack) {
        sieve.between(work.goingBack->strainer, 0.0, kFarthestStrainer, "goingBack.strainer");
        if (work.goingBack->pads)
            siftPads(sieve, "goingBack.pads", *work.goingBack->pads, work.drum.shell);
    }
    if (work.blind) {
        sieve.between(work.blind->trials, 0, 1e6, "blind.trials");
        sieve.between(work.blind->before, 0, work.blind->trials, "blind.before");
        sieve.between(work.blind->after, 0, work.blind->trials - work.blind->before, "blind.after");
    }
}

constexpr std::size_t kLongestId = 100;
constexpr double kLatest = 1e11; ///< seconds since 1970

void siftFaults(Sieve& sieve, const FaultCase& faults) {
    sieve.between(static_cast<double>(faults.begunAt), 0.0, kLatest, "faults.begunAt");
    sieve.needs(!faults.complaint.empty(), "faults.complaint", "is missing");
    sieve.atMost(faults.complaint.size(), kLongestId, "faults.complaint");
    sieve.atMost(faults.cause.size(), kLongestId, "faults.cause");
    sieve.needs(!faults.ended || !faults.cause.empty(), "faults.ended", "says that nothing has helped");
    sieve.atMost(faults.answers.size(), kMostFaultAnswers, "faults.answers");
    for (const FaultAnswer& answer : faults.answers) {
        sieve.atMost(answer.test.size(), kLongestId, "faults.answers.test");
        if (answer.level)
            sieve.between(*answer.level, 0, kHighestAnswer, "faults.answers.level");
    }
    sieve.atMost(faults.before.size(), 100, "faults.before");
    for (const FaultFigure& figure : faults.before) {
        sieve.atMost(figure.measure.size(), kLongestId, "faults.before.measure");
        sieve.between(figure.value, -1e9, 1e9, "faults.before.value");
        sieve.between(figure.error, 0.0, 1e9, "faults.before.error");
    }
    sieve.atMost(faults.tried.size(), 100, "faults.tried");
    for (const std::string& cause : faults.tried)
        sieve.atMost(cause.size(), kLongestId, "faults.tried");
}

void siftHandling(Sieve& sieve, const Work& work) {
    for (const double part : {work.wish.high, work.wish.longer, work.wish.wire, work.wish.feel})
        sieve.between(part, -1.0, 1.0, "wish");
    sieve.between(work.school.interval, -4800.0, 4800.0, "school.interval");
    sieve.between(work.school.edgeOverCentre, 0.1, 10.0, "school.edgeOverCentre");
    sift(sieve, "weather", work.weather);
    sieve.between(work.tolerance, 0.5, 200.0, "tolerance");
    sieve.between(work.largestStep, 0.01, 4.0, "largestStep");
    if (work.hurry) {
        sieve.between(work.hurry->minutes, kFewestMinutes, kMostMinutes, "hurry.minutes");
        sieve.between(work.hurry->tolerance, 0.5, 200.0, "hurry.tolerance");
        for (const auto& way : {work.hurry->batterWay, work.hurry->snareSideWay})
            if (way)
                sift(sieve, "hurry.way", *way, work.drum.rods);
    }
}

void siftClocks(Sieve& sieve, const Work& work) {
    sieve.between(work.clock, 0, kMostClock, "clock");
    for (const int at : {work.toneAt, work.weatherAt, work.snareSideAt, work.batterAt, work.snareSideHeardAt,
                         work.batterHeardAt, work.wiresAt, work.padsAt, work.cardAt, work.strokesAt,
                         work.savedAt, work.setupAt})
        sieve.between(at, 0, kMostClock, "clock");
    sieve.between(work.stars, 0, kMostStars, "stars");
}

} // namespace

std::optional<InputProblem> faultIn(const Work& work) {
    if (const auto drum = checkedDrum(work.drum); !drum)
        return InputProblem{"drum." + drum.fault().key, drum.fault().message};
    Sieve sieve;
    siftTone(sieve, work.tone);
    siftHandling(sieve, work);
    siftClocks(sieve, work);
    siftWires(sieve, work.wires);
    siftPads(sieve, "pads", work.pads, work.drum.shell);
    siftStrokes(sieve, work.strokes);
    siftExperiments(sieve, work);
    if (work.faults)
        siftFaults(sieve, *work.faults);
    sift(sieve, "card.weather", work.card.weather);
    for (const auto& taps : work.card.taps) {
        sieve.atMost(taps.size(), 100, "card.taps");
        for (const RodReading& tap : taps)
            sift(sieve, "card.taps", tap);
    }
    if (sieve.holds())
        sift(sieve, "snareSide", work.snareSide, work.drum.rods, work.path);
    if (sieve.holds())
        sift(sieve, "batter", work.batter, work.drum.rods, work.path);
    if (sieve.holds()) { // last, for it reckons with all of the above
        Session session;
        static_cast<Work&>(session) = work;
        sieve.needs(bool(targetsOf(session)), "tone", "is beyond what the drum can do");
    }
    return sieve.problem();
}

std::optional<InputProblem> faultIn(const Context& context, int rods) {
    Sieve sieve;
    if (context.nearestRod)
        sieve.index(*context.nearestRod, static_cast<std::size_t>(rods), "nearestRod");
    sieve.atMost(context.note.size(), kLongestWords, "note");
    sieve.between(static_cast<double>(context.showAt), 0.0, kLatest, "showAt");
    if (context.reminder)
        sieve.between(static_cast<double>(context.reminder->due), 0.0, kLatest, "reminder.due");
    return sieve.problem();
}

std::optional<InputProblem> faultIn(const DrumRig& rig) {
    Sieve sieve;
    if (rig.layout)
        sieve.take(checkLayout(*rig.layout), "layout");
    if (rig.microphone) {
        sieve.between(rig.microphone->height, 0.0, 1.0, "microphone.height");
        sieve.between(rig.microphone->fromCentre, 0.0, 1.0, "microphone.fromCentre");
        sieve.between(rig.microphone->angle, -100.0, 100.0, "microphone.angle");
    }
    sieve.atMost(rig.gauge.points.size(), kMostGauges, "gauge");
    for (const GaugePoint& point : rig.gauge.points) {
        sieve.between(point.mark, kLowestMark, kHighestMark, "gauge.mark");
        sieve.between(point.tension, 1.0, 1e5, "gauge.tension");
    }
    return sieve.problem();
}

std::optional<InputProblem> faultIn(const PlaceRig& rig) {
    Sieve sieve;
    sieve.atMost(rig.ownKinds.size(), 1000, "ownKinds");
    for (const PadKind& kind : rig.ownKinds)
        siftPad(sieve, "ownKinds", kind);
    sieve.atMost(rig.neighbours.size(), kMostNeighbours, "neighbours");
    for (const Neighbour& neighbour : rig.neighbours)
        sieve.take(checkNeighbour(neighbour), "neighbours");
    sieve.atMost(rig.earResults.size(), kMostEarResults, "earResults");
    for (const EarResult& result : rig.earResults) {
        sieve.between(static_cast<double>(result.at), 0.0, kLatest, "earResults.at");
        sieve.atMost(result.who.size(), kLongestWords, "earResults.who");
        sieve.atMost(result.exercise.size(), kLongestId, "earResults.exercise");
        sieve.between(result.threshold, 0.0, 1e6, "earResults.threshold");
        sieve.between(result.error, 0.0, 100.0, "earResults.error");
        sieve.between(result.trials, 0, 1e6, "earResults.trials");
    }
    sieve.atMost(rig.tuningResults.size(), kMostTuningResults, "tuningResults");
    for (const TuningResult& result : rig.tuningResults) {
        sieve.between(static_cast<double>(result.at), 0.0, kLatest, "tuningResults.at");
        sieve.atMost(result.who.size(), kLongestWords, "tuningResults.who");
        sieve.atMost(result.task.size(), kLongestId, "tuningResults.task");
        sieve.atMost(result.help.size(), kLongestId, "tuningResults.help");
        for (const double cents : {result.widestBefore, result.widestAfter, result.offAfter})
            sieve.between(cents, -1e5, 1e5, "tuningResults.cents");
        for (const int count : {result.passes, result.placements, result.fewest})
            sieve.between(count, 0, 1e6, "tuningResults.count");
        sieve.between(result.load, 0.0, 100.0, "tuningResults.load");
        sieve.between(result.seconds, 0.0, 1e7, "tuningResults.seconds");
    }
    sieve.atMost(rig.foundCauses.size(), kMostFound, "foundCauses");
    for (const FoundCause& found : rig.foundCauses) {
        sieve.between(static_cast<double>(found.caseAt), 0.0, kLatest, "foundCauses.caseAt");
        sieve.atMost(found.drumId.size(), kLongestWords, "foundCauses.drumId");
        sieve.atMost(found.cause.size(), kLongestId, "foundCauses.cause");
    }
    return sieve.problem();
}

} // namespace bombo
