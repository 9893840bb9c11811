#include "core/log/back_to.h"

#include "core/tuning/targets.h"
#include "core/wires/wire_sweep.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace bombo {
namespace {

constexpr double kFinest = 16.0;       // a sixteenth is the least a hand can turn with purpose
constexpr Cents kBackWithin{4.0};      // of every rod
constexpr Metres kSamePlace{0.02};     // two pads this near lie in one place
constexpr Turns kStretchSeen{0.125};   // of the wires
constexpr double kHearingError = 0.01; // of tension, from one round to another of the same head

Turns sixteenths(double turns) {
    return {std::round(turns * kFinest) / kFinest + 0.0}; // never -0
}

class Way {
public:
    Way(const DrumNow& now, const Entry& then, SameAs same, std::span<const HeadSpec> heads,
        std::span<const PadKind> pads)
        : m_now(now), m_then(then), m_same(same), m_heads(heads), m_kinds(pads) {}

    BackTo plan() {
        m_back.order = m_now.order;
        const auto& diameter = m_then.figures.diameter;
        if (m_then.drumId != m_now.drum.id) {
            if (diameter)
                m_scale = *diameter / m_now.drum.shell.diameter;
            note(NotTheSame::OtherDrum, {}, m_scale);
        }
        m_back.batter = head(HeadSide::Batter);
        m_back.snareSide = head(HeadSide::SnareSide);
        wires();
        pads();
        return std::move(m_back);
    }

private:
    void note(NotTheSame what, std::optional<HeadSide> side = {}, double amount = 0.0) {
        m_back.but.push_back({what, side, amount});
    }

    /// The drum as it was, as far as the entry names its head.
    Drum drumThen(HeadSide side) const {
        Drum drum = m_now.drum;
        const std::string& kind = m_then.figures.head(side).kind;
        for (const HeadSpec& spec : m_heads)
            if (spec.id == kind)
                (side == HeadSide::Batter ? drum.batterHead : drum.snareSideHead) = spec;
        if (m_then.figures.diameter)
            drum.shell.diameter = *m_then.figures.diameter;
        return drum;
    }

    void compareHeads(HeadSide side, const HeadFigures& was) {
        if (m_then.drumId != m_now.drum.id)
            return;
        const Drum& drum = m_now.drum;
        const std::int64_t fitted = side == HeadSide::Batter ? drum.fittedAt.batter : drum.fittedAt.snareSide;
        if (!was.kind.empty() && was.kind != drum.head(side).id)
            note(NotTheSame::HeadChanged, side);
        else if (fitted > m_then.at)
            note(NotTheSame::FreshHead, side);
    }

    /// The tension that makes the head what it was, in the sense that is wanted, within what it bears.
    Tension wantedTension(HeadSide side, Tension then, Hertz wished) {
        const Tension least = kFingerTight;
        const Tension most = tensionAtLoad(m_now.drum.head(side), kFilmLoadLimit);
        Tension wanted = then;
        if (m_same != SameAs::Tensions)
            wanted = tensionFromHeard(m_now.drum, side, wished, airAt(m_now.weather.weather));
        if (wanted > most) {
            note(NotTheSame::TooTight, side, kCentsPerShare * std::log(wanted / most));
            return most;
        }
        if (wanted < least) {
            note(NotTheSame::TooSlack, side,
                 kCentsPerShare * std::log(least / std::max(wanted, Tension{1.0})));
            return least;
        }
        return wanted;
    }

    std::optional<HeadBack> head(HeadSide side) {
        const HeadFigures& was = m_then.figures.head(side);
        const HeadNow& now = m_now.head(side);
        if (!was.left) {
            note(NotTheSame::NoFigures, side);
            return std::nullopt;
        }
        compareHeads(side, was);
        (side == HeadSide::Batter ? m_back.batterThen : m_back.snareSideThen) = was.left->edge * m_scale;
        if (now.by == KnownBy::Nothing) {
            note(NotTheSame::NotHeard, side);
            return std::nullopt;
        }
        const WeatherThen weather = weatherThen(m_then.figures.weather, m_then.at);
        const Tension then = tensionFromHeard(drumThen(side), side, was.left->edge, airAt(weather.weather));
        HeadBack back;
        back.by = now.by;
        back.tensionNow = now.tension;
        back.now = pitchAt(side, now.tension);
        if (m_same == SameAs::Counts && byCount(side, was, now, back))
            return back;
        back.tensionWanted = wantedTension(side, then, was.left->edge * m_scale);
        back.wanted = pitchAt(side, back.tensionWanted);
        if (m_same == SameAs::Pitches && m_then.drumId == m_now.drum.id) {
            const double more = back.tensionWanted / then - 1.0;
            if (std::abs(more) > kFeltFrom)
                note(more > 0 ? NotTheSame::FeelsHarder : NotTheSame::FeelsSofter, side, more);
        }
        move(side, now, back);
        finish(now, back);
        return back;
    }

    bool byCount(HeadSide side, const HeadFigures& was, const HeadNow& now, HeadBack& back) {
        const bool isOneCount =
            was.countedFromSlack && now.countedFromSlack && was.turns.size() == now.turns.size() &&
            !was.turns.empty() && m_then.drumId == m_now.drum.id &&
            was.fittedAt ==
                (side == HeadSide::Batter ? m_now.drum.fittedAt.batter : m_now.drum.fittedAt.snareSide);
        if (!isOneCount) {
            note(NotTheSame::CountsDiffer, side);
            return false;
        }
        for (std::size_t rod = 0; rod < now.turns.size(); ++rod)
            back.net.push_back(sixteenths((was.turns[rod] - now.turns[rod]).value));
        Turns mean;
        for (const Turns turns : back.net)
            mean += turns / static_cast<double>(back.net.size());
        back.tensionWanted = std::max(kFingerTight, now.tension + now.response.perTurn() * mean.value);
        back.wanted = pitchAt(side, back.tensionWanted);
        std::map<double, std::vector<int>> alike;
        for (std::size_t rod = 0; rod < back.net.size(); ++rod)
            alike[back.net[rod].value].push_back(static_cast<int>(rod));
        for (const auto& [turns, rods] : alike) // what most of them get is everybody's
            if (2 * rods.size() > back.net.size())
                back.all = Turns{turns};
        for (const auto& [turns, rods] : alike)
            if (Turns{turns} != back.all)
                back.own.push_back({rods, Turns{turns} - back.all});
        finish(now, back);
        return true;
    }

    /// Every rod alike first, in sixteenths; what is left, and what differs from rod to rod, by the fewest
    /// moves.
    void move(HeadSide side, const HeadNow& now, HeadBack& back) const {
        const auto rods = static_cast<std::size_t>(m_now.drum.rods);
        const Tension perTurn = now.response.perTurn();
        back.all = sixteenths((back.tensionWanted - now.tension) / perTurn);
        back.net.assign(rods, back.all);
        if (!now.rods)
            return;
        const bool isWithin =
            back.all.value == 0.0 && farthestHeard(*now.rods, back.wanted) <= m_now.tolerance;
        if (isWithin)
            return; // no key does better
        EvennessEstimate there = *now.rods;
        there.mean = pitchAt(side, now.tension + perTurn * back.all.value);
        MoveLimits limits;
        limits.tolerance = Cents{std::min(kBackWithin.value, m_now.tolerance.value)};
        limits.evening = now.evening;
        limits.floor = now.floor;
        std::vector<Turns> turned = now.turns;
        for (Turns& one : turned)
            one += back.all;
        back.own = planMoves(there, back.wanted, turned, now.response, m_now.drum.head(side), limits).moves;
        for (const RodMove& one : back.own)
            for (const int rod : one.rods)
                back.net[static_cast<std::size_t>(rod)] += one.turns;
    }

    void finish(const HeadNow& now, HeadBack& back) const {
        back.off = centsBetween(back.now, back.wanted);
        const double exact = (back.tensionWanted - now.tension) / now.response.perTurn();
        const double ofNow = std::hypot(now.error.value, kHearingError * now.tension.value);
        const double perTurn = now.response.perTurn().value;
        back.error = Turns{std::hypot(exact * now.response.perTurnShare(), ofNow / perTurn)};
        back.afterError =
            Cents{kCentsPerShare * back.error.value * perTurn / std::max(1.0, back.tensionWanted.value)};
    }

    Hertz pitchAt(HeadSide side, Tension tension) const {
        return edgePitch(drumState(m_now.drum, tension, tension, airAt(m_now.weather.weather)), side);
    }

    void wires() {
        const EntryFigures& was = m_then.figures;
        if (!was.strainer) {
            note(NotTheSame::NoStrainer);
            return;
        }
        if (was.strainer->value < 0.0 || was.strainer->value > kFarthestStrainer) {
            note(NotTheSame::StrainerBeyond, {}, was.strainer->value);
            return;
        }
        if (m_then.drumId == m_now.drum.id &&
            (m_now.drum.fittedAt.wires > m_then.at ||
             (!was.wires.empty() && was.wires != wiresText(m_now.drum.wires))))
            note(NotTheSame::OtherWires);
        else if (was.wiresSlack && m_now.drum.wires.slackTurns - was.wiresSlack->value >= kStretchSeen.value)
            note(NotTheSame::WiresStretched, {}, m_now.drum.wires.slackTurns - was.wiresSlack->value);
        m_back.strainerTo = was.strainer;
        if (m_now.strainer)
            m_back.strainerBy = *was.strainer - *m_now.strainer;
    }

    static bool isSame(const Pad& a, const Pad& b) {
        if (a.kind.id != b.kind.id)
            return false;
        if (a.kind.footprint == Footprint::Ring)
            return true;
        const double x =
            a.fromCentre.value * std::cos(a.angle.value) - b.fromCentre.value * std::cos(b.angle.value);
        const double y =
            a.fromCentre.value * std::sin(a.angle.value) - b.fromCentre.value * std::sin(b.angle.value);
        return std::hypot(x, y) < kSamePlace.value;
    }

    void pads() {
        if (!m_then.figures.padsKnown)
            return;
        std::vector<Pad> was;
        const double scale = 1.0 / m_scale;
        for (const LaidPad& laid : m_then.figures.pads) {
            const auto kind = std::find_if(m_kinds.begin(), m_kinds.end(),
                                           [&](const PadKind& one) { return one.id == laid.kind; });
            if (kind == m_kinds.end()) {
                note(NotTheSame::UnknownPad);
                continue;
            }
            const Pad pad{laid.fromCentre * scale, laid.angle, *kind};
            if (was.size() < kMostPads && checkPad(pad, was, m_now.drum.shell) == PadProblem::None)
                was.push_back(pad);
            else
                note(NotTheSame::PadOffDrum);
        }
        m_back.padsThen = was;
        std::vector<Pad> lies = m_now.pads;
        for (const Pad& pad : was) {
            const auto same =
                std::find_if(lies.begin(), lies.end(), [&](const Pad& one) { return isSame(one, pad); });
            if (same == lies.end())
                m_back.layOn.push_back(pad);
            else
                lies.erase(same);
        }
        m_back.takeOff = std::move(lies);
    }

    const DrumNow& m_now;
    const Entry& m_then;
    SameAs m_same;
    std::span<const HeadSpec> m_heads;
    std::span<const PadKind> m_kinds;
    double m_scale = 1.0; ///< of pitches, by the size of another drum
    BackTo m_back;
};

} // namespace

bool BackTo::isThere() const {
    const auto still = [](const std::optional<HeadBack>& head) { return head && head->isThere(); };
    return still(batter) && still(snareSide) &&
           (!strainerBy || std::abs(strainerBy->value) < 1.0 / kFinest) && takeOff.empty() && layOn.empty();
}

BackTo backTo(const DrumNow& now, const Entry& then, SameAs same, std::span<const HeadSpec> heads,
              std::span<const PadKind> pads) {
    return Way(now, then, same, heads, pads).plan();
}

} // namespace bombo
