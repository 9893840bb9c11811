#include "core/record/fault_evidence.h"

#include "core/faults/head_faults.h"
#include "core/life/life.h"
#include "core/record/drum_now.h"
#include "core/record/head_heard.h"
#include "core/record/heads_say.h"
#include "core/record/muffling_says.h"
#include "core/record/strokes_say.h"
#include "core/record/wires_say.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

class KnownFigures {
public:
    KnownFigures(const Reckoned& reckoned, std::span<const Entry> entries, std::int64_t now)
        : m_reckoned(reckoned), m_session(reckoned.session()), m_entries(entries), m_now(now) {}

    std::vector<FaultFigure> all() {
        pitches();
        evenness();
        rounds();
        batterAge();
        wires();
        sinceLastEntry();
        strokes();
        ring();
        neighbours();
        return std::move(m_figures);
    }

private:
    void add(const char* measure, double value, double error) {
        if (std::isfinite(value) && std::isfinite(error))
            m_figures.push_back({measure, value, error});
    }

    void pitches() {
        const auto targets = targetsOf(m_reckoned);
        if (!targets)
            return;
        for (const HeadSide side : {HeadSide::SnareSide, HeadSide::Batter}) {
            const char* measure = side == HeadSide::Batter ? "batter_pitch" : "snare_side_pitch";
            const Hertz wanted = targets->head(side).edgePitch;
            const auto edge = edgeNow(m_reckoned, side);
            if (edge && !edge->isCountedOnly)
                add(measure, centsBetween(wanted, edge->pitch).value, edge->error.value);
            else if (const auto expected = expectedNow(m_reckoned, side, m_entries, m_now))
                add(measure, centsBetween(wanted, expected->edge).value, expected->error.value);
        }
    }

    void evenness() {
        const std::vector<FinishedRound>& rounds = m_session.batter.history;
        const auto heard = std::find_if(rounds.rbegin(), rounds.rend(),
                                        [](const FinishedRound& round) { return !isSilent(round.way.kind); });
        if (heard == rounds.rend() || heard->rodTurns != m_session.batter.rodTurns)
            return;
        double square = 0.0;
        const std::vector<double> rods = rodsOf(*heard);
        for (const double cents : rods)
            square += cents * cents / static_cast<double>(rods.size());
        add("batter_evenness", std::log2(std::max(1.0, std::sqrt(square)) / m_session.tolerance.value), 0.3);
    }

    void rounds() {
        const HeadWork& batter = m_session.batter;
        if (!targetsOf(m_reckoned) || batter.history.empty())
            return;
        const HeadSigns signs = headSigns(batter, briefFor(m_reckoned, HeadSide::Batter));
        if (signs.fell)
            add("fell_unturned", signs.fell->value, 3.0);
        if (signs.followed)
            add("pitch_followed", *signs.followed, signs.followedError);
        if (signs.apart && batter.history.size() > 1)
            add("apart_at_equal", std::log2(std::max(1.0, signs.apart->value) / 20.0), 0.3);
        if (signs.lazy)
            add("rod_lazy", *signs.lazy, signs.lazyError);
    }

    void batterAge() {
        if (m_session.openRing && dampingLearned(m_session) != 1.0)
            add("ring_longer", -std::log(dampingLearned(m_session)), 0.07);
        if (m_session.drum.fittedAt.batter <= 0)
            return;
        constexpr double day = 86'400.0;
        const double days = static_cast<double>(m_now - m_session.drum.fittedAt.batter) / day;
        add("batter_days", std::log10(std::max(0.25, days)), 0.05);
        const std::vector<Play> plays = playsOf(m_entries);
        const double hours =
            m_session.drum.playedBefore.batter + hoursPlayed(plays, m_session.drum.fittedAt.batter, m_now);
        // Hours are counted from entries: what nobody entered makes them more.
        add("batter_hours", std::log10(std::max(1.0, hours)), 0.25);
    }

    void wires() {
        const WireWork& work = m_session.wires;
        if (!work.tests.empty()) {
            const WireAdvice advice = wireAdviceOf(m_reckoned);
            add("knob_above_choke", (work.strainer - advice.chokeAbove).value,
                advice.choke(StrokePlace::Edge, Dynamic::Whisper).error.value);
            if (!work.rattles.empty())
                add("knob_below_rattle", (advice.rattle.turns - work.strainer).value,
                    advice.rattle.error.value);
        }
        if (m_session.drum.wires.slackTurns > 0.0)
            add("strand_slack", m_session.drum.wires.slackTurns, 0.1);
        if (!m_session.layout)
            return;
        const WireFit fit = fitWires(m_session.drum.shell, *m_session.layout);
        if (m_session.layout->strainerGap && m_session.layout->buttGap)
            add("plates_apart", 2e3 * std::abs(fit.towardsStrainer.value), 1.0);
        if (fit.tighter)
            add("travel_left", fit.tighter->value, 0.25);
    }

    void sinceLastEntry() {
        const auto moved = movedSince(m_reckoned, HeadSide::Batter, m_entries, m_now);
        if (moved) {
            add("rods_lost", moved->rod ? 1.0 : 0.0, 0.3);
            add("weather_cents", std::abs(moved->weather.cents.value), moved->weather.error.value);
        } else if (const auto expected = expectedNow(m_reckoned, HeadSide::Batter, m_entries, m_now)) {
            add("weather_cents", std::abs(expected->weather.cents.value), expected->weather.error.value);
        }
    }

    void strokes() {
        const StrokeScatter scatter = scatterOf(m_session);
        if (scatter.verdict == PlayerOrDrum::TooFew)
            return;
        add("strokes_level", scatter.levelDb, 0.4);
        if (scatter.meanPlace)
            add("strokes_place", *scatter.meanPlace, 0.04);
    }

    void ring() {
        if (!targetsOf(m_reckoned))
            return;
        const RingEvidence evidence = ringEvidence(m_reckoned);
        const bool isHeard = strokesSay(m_session).ring.has_value();
        if (!m_session.pads.empty() || isHeard)
            add("ring_short", std::log(evidence.ring.value / evidence.wanted.value), isHeard ? 0.08 : 0.2);
        if (evidence.atMicrophone && evidence.inRoom)
            add("microphone_longer", std::log(evidence.atMicrophone->value / evidence.inRoom->value), 0.1);
    }

    void neighbours() {
        if (m_session.neighbours.empty())
            return;
        const auto met = meetings(m_session.drum, knownState(m_reckoned), m_session.neighbours);
        if (!met.empty())
            add("neighbour_apart", std::abs(centsBetween(met.front().ours, met.front().theirs).value), 15.0);
    }

    const Reckoned& m_reckoned;
    const Session& m_session;
    std::span<const Entry> m_entries;
    std::int64_t m_now;
    std::vector<FaultFigure> m_figures;
};

} // namespace

std::vector<FaultFigure> faultFigures(const Reckoned& reckoned, std::span<const Entry> entries,
                                      std::int64_t now) {
    return KnownFigures(reckoned, entries, now).all();
}

} // namespace bombo
