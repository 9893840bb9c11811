#include "core/record/commands/proof.h"

#include "core/record/commands/with_answer.h"
#include "core/record/heads_say.h"
#include "core/record/own_names.h"
#include "core/record/strokes_say.h"

#include <algorithm>

namespace bombo {
namespace {

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

Outcome StrokeHeard::carryOut(Session session) const {
    if (!strokesHold(session))
        session.strokes.clear();
    if (session.strokes.size() >= kMostStrokes)
        session.strokes.erase(session.strokes.begin());
    session.strokes.push_back(stroke);
    session.strokes.back().strainer = session.wires.strainer;
    session.strokesAt = session.clock;
    learnOpenRing(session);
    return answer ? withAnswer(std::move(session), *answer) : session;
}

Outcome BeginExperiment::carryOut(Session session) const {
    if (session.experiment)
        return failure(Refusal::ExperimentUnderWay);
    if (what.size() > kLongestName)
        return failure(Refusal::TooLongAName);
    const StrokesSay before = strokesSay(session);
    if (before.strokes == 0)
        return failure(Refusal::NothingHeardYet);
    session.experiment = Experiment{what, session.pads, session.wires.strainer, before, session.clock};
    return session;
}

Outcome EndExperiment::carryOut(Session session) const {
    if (!session.experiment)
        return failure(Refusal::NoExperiment);
    const Experiment experiment = *session.experiment;
    const Changed changed = changedSince(session);
    if (!keep && std::max(session.batterAt, session.snareSideAt) > experiment.at)
        return failure(Refusal::HeadsTurnedInIt);
    // What was heard before the change is not what the change did.
    const StrokesSay after = changed == Changed::Nothing ? StrokesSay{} : strokesSay(session);
    session.experiments.push_back({experiment.what, experiment.before, after, keep});
    session.experiment.reset();
    if (keep)
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

Outcome JudgeBlind::carryOut(Session session) const {
    session.blind = result;
    return session;
}

Outcome SetStars::carryOut(Session session) const {
    if (stars < 0 || stars > kMostStars)
        return failure(Refusal::StarsOutOfRange);
    session.stars = stars;
    return session;
}

Outcome MarkSaved::carryOut(Session session) const {
    session.savedAt = session.clock;
    return session;
}

} // namespace bombo
