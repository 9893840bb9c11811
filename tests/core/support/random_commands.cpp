#include "support/random_commands.h"

#include "core/record/drum_now.h"
#include "core/record/heads_say.h"
#include "core/record/state_text.h"
#include "support/sessions.h"

#include <cmath>
#include <limits>

namespace bombo::testing {
namespace {

class Hands {
public:
    Hands(Dice& dice, const Session& session) : m_dice(dice), m_session(session) {}

    /// What the window would have one do next.
    Command onward() {
        const HeadSide side = anySide();
        const HeadWork& work = m_session.head(side);
        // What was begun is ended now and then.
        if (!m_session.experiment && !m_session.strokes.empty() && chance(0.1))
            return BeginExperiment{"one"};
        if (m_session.pads.empty() && chance(0.05))
            return AddPad{Pad{Metres{0.12}, Radians{1.0}, padKinds().front()}};
        if (m_session.experiment && chance(0.1))
            return EndExperiment{chance(0.5)};
        if (m_session.faults && !m_session.faults->cause.empty() && chance(0.3))
            return JudgeRemedy{static_cast<Helped>(below(3))};
        if (work.trial && chance(0.2))
            return EndTrial{side};
        if (work.above && work.stage == HeadStage::Done)
            return Rested{side};
        switch (work.stage) {
        case HeadStage::FingerTight:
            return chance(0.5) ? Command(Prepared{side}) : Command(FingerTight{side});
        case HeadStage::Raising:
            return chance(0.9) ? Command(GroupTurned{side})
                               : Command(BeginTapping{side, below(m_session.drum.rods)});
        case HeadStage::Tapping:
            return isSilent(work.way.kind) ? Command(GaugeRead{side, mark(work.way.kind)})
                                           : Command(TapHeard{side, reading(side)});
        case HeadStage::Turning:
            return MoveMade{side};
        case HeadStage::Done:
            if (const int first = below(m_session.drum.rods - 1); chance(0.3))
                return BeginTrial{side, static_cast<TrialKind>(below(3)), {first, first + 1}, Turns{0.25}};
            break;
        }
        return chance(0.5) ? Command(BeginTapping{side, below(m_session.drum.rods)})
                           : Command(StrokeHeard{stroke()});
    }

    template <std::size_t I = 0> Command any(std::size_t which) {
        if constexpr (I < std::variant_size_v<Command>) {
            if (which == I)
                return filled(std::variant_alternative_t<I, Command>{});
            return any<I + 1>(which);
        } else {
            return GoTo{};
        }
    }

private:
    // One for each command; what has no figures is as it is. A new command needs one here only if it has
    // some.
    template <class C> Command filled(C command) {
        if constexpr (requires { command.side; })
            command.side = anySide();
        return with(command);
    }
    template <class C> Command with(C command) { return command; }
    Command with(GoTo c) {
        c.station = kStations[static_cast<std::size_t>(below(static_cast<int>(kStations.size())))];
        return c;
    }
    Command with(SetNote c) {
        c.note = std::string(static_cast<std::size_t>(chance(0.1) ? 5000 : below(40)), 'n');
        return c;
    }
    Command with(SetNearestRod c) {
        c.rod = rod();
        return c;
    }
    Command with(ChooseGauge c) {
        c.gauge = {chance(0.5) ? "mine" : "", {}};
        return c;
    }
    Command with(SetHand c) {
        c.left = chance(0.5);
        return c;
    }
    Command with(ChooseTone c) {
        c.tone = m_session.tone;
        c.tone.id = chance(0.5) ? "chase" : "storm";
        c.tone.batterEdgeAt14 = Hertz{number(30.0, 900.0)};
        c.tone.snareSideAbove = Cents{number(-1500.0, 2500.0)};
        return c;
    }
    Command with(SetWish c) {
        c.wish = {number(-2, 2), number(-2, 2), number(-2, 2), number(-2, 2)};
        return c;
    }
    Command with(ChooseSchool c) {
        c.school.level = static_cast<SnareSideLevel>(below(7));
        c.school.interval = Cents{number(-3000.0, 3000.0)};
        c.school.edgeOverCentre = number(0.5, 3.0);
        return c;
    }
    Command with(SetWeather c) {
        c.weather.temperature = Celsius{number(-40.0, 70.0)};
        c.weather.relativeHumidity = number(-0.2, 1.2);
        c.weather.pressure = Pascal{number(30000.0, 115000.0)};
        return c;
    }
    Command with(ChooseHandling c) {
        c.path = static_cast<Path>(below(4));
        c.tolerance = Cents{number(2.0, 35.0)};
        c.seating = static_cast<Seating>(below(4));
        c.strays = static_cast<StrayRule>(below(3));
        c.skip = below(15);
        c.largestStep = kSteps[static_cast<std::size_t>(below(static_cast<int>(kSteps.size())))];
        return c;
    }
    Command with(ChooseCondition c) {
        c.condition = static_cast<HeadCondition>(below(3));
        return c;
    }
    Command with(BothTurned c) {
        c.batter = turns();
        c.snareSide = chance(0.5) ? Turns{} : turns();
        return c;
    }
    Command with(CorrectCount c) {
        c.rod = rod();
        c.by = turns();
        return c;
    }
    Command with(Resists c) {
        c.resists = chance(0.4);
        return c;
    }
    Command with(BeginTrial c) {
        c.kind = static_cast<TrialKind>(below(3));
        for (int i = below(4); i > 0; --i)
            c.rods.push_back(rod());
        c.amount = Turns{(1 + below(9)) / 8.0};
        return c;
    }
    Command with(BeginTapping c) {
        c.startRod = rod();
        c.direction = chance(0.5) ? Direction::Clockwise : Direction::CounterClockwise;
        return c;
    }
    Command with(TapHeard c) {
        c.reading = reading(c.side);
        if (chance(0.3))
            c.rod = rod();
        return c;
    }
    Command with(GaugeRead c) {
        c.mark = mark(m_session.head(c.side).way.kind);
        return c;
    }
    Command with(ChooseWay c) {
        c.way = {static_cast<TapKind>(below(5)), chance(0.4), below(5)};
        return c;
    }
    Command with(AskAgain c) {
        c.rod = rod();
        return c;
    }
    Command with(BeginHurry c) {
        c.minutes = number(0.0, 40.0);
        c.until = 1'790'000'000;
        return c;
    }
    Command with(CardTapHeard c) {
        c.reading = reading(HeadSide::Batter);
        return c;
    }
    Command with(SetStrainer c) {
        c.turns = Turns{number(-1.0, 7.0)};
        return c;
    }
    Command with(AnswerWires c) {
        c.answer = {chance(0.5) ? StrokePlace::Edge : StrokePlace::Middle, static_cast<Dynamic>(below(4)),
                    chance(0.8) ? std::optional(chance(0.5)) : std::nullopt,
                    chance(0.3) ? std::optional(chance(0.5)) : std::nullopt};
        return c;
    }
    Command with(JudgeWires c) {
        c.judging = static_cast<WireJudging>(below(5));
        return c;
    }
    Command with(VoiceHeard c) {
        c.gainDb = number(-30.0, 60.0);
        return c;
    }
    Command with(AddPad c) {
        c.pad = pad();
        return c;
    }
    Command with(MovePad c) {
        c.index = below(4) - 1;
        c.pad = pad();
        return c;
    }
    Command with(RemovePad c) {
        c.index = below(4) - 1;
        return c;
    }
    Command with(LayPads c) {
        for (int i = below(12); i > 0; --i)
            c.pads.push_back(pad());
        return c;
    }
    Command with(StrokeHeard c) {
        c.stroke = stroke();
        return c;
    }
    Command with(BeginExperiment c) {
        c.what = std::string(static_cast<std::size_t>(below(200)), 'w');
        return c;
    }
    Command with(EndExperiment c) {
        c.keep = chance(0.5);
        return c;
    }
    Command with(JudgeBlind c) {
        c.result = {8, below(9), 0};
        return c;
    }
    Command with(SetStars c) {
        c.stars = below(8) - 1;
        return c;
    }
    Command with(GoBack c) {
        Entry then;
        then.at = 1'780'000'000;
        then.drumId = chance(0.6) ? m_session.drum.id : "another";
        for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
            if (chance(0.8))
                then.figures.head(side).left = HeardHead{Hertz{number(60.0, 700.0)}, Cents{2.0}, {}};
        if (chance(0.6))
            then.figures.strainer = Turns{number(-2.0, 9.0)};
        then.figures.padsKnown = chance(0.6);
        for (int i = below(12); i > 0; --i)
            then.figures.pads.push_back({"gel", Metres{number(0.0, 0.3)}, Radians{number(-4.0, 4.0)}});
        if (chance(0.4))
            then.figures.diameter = inches(number(8.0, 20.0));
        c.tone = m_session.tone;
        c.to = "then";
        if (targetsOf(m_session))
            c.plan = backTo(drumNow(m_session, {}, 1'790'000'000), then, static_cast<SameAs>(below(3)), {},
                            padKinds());
        if (chance(0.1))
            c.plan.strainerTo = Turns{number(-3.0, 9.0)};
        if (chance(0.1))
            c.plan.padsThen = std::vector<Pad>(static_cast<std::size_t>(below(12)), pad());
        return c;
    }
    Command with(DescribeDrum c) {
        c.drum = m_session.drum;
        if (chance(0.6))
            c.drum.shell.diameter = inches(8.0 + below(9));
        if (chance(0.5))
            c.drum.rods = 4 + below(10);
        c.drum.name = "described";
        return c;
    }
    Command with(FitHead c) {
        c.head = m_session.drum.head(chance(0.8) ? c.side : HeadSide::Batter);
        c.at = 1'785'000'000 + below(1000);
        c.hoursBefore = number(-1.0, 50.0);
        return c;
    }
    Command with(FitWires c) {
        c.wires = m_session.drum.wires;
        c.wires.slackTurns = number(0.0, 3.0);
        c.at = 1'785'000'000;
        return c;
    }
    Command with(Complain c) {
        c.complaint = chance(0.9) ? "dull" : "";
        c.at = 1'790'000'000 + below(5);
        return c;
    }
    Command with(AnswerFault c) {
        c.answer = {"thumb_snare", chance(0.8) ? std::optional(below(12)) : std::nullopt};
        return c;
    }
    Command with(TakeCause c) {
        c.cause = chance(0.9) ? "snare_side_slack" : "";
        c.before = {{"batter_pitch", number(-100, 100), 3.0}};
        return c;
    }
    Command with(JudgeRemedy c) {
        c.helped = static_cast<Helped>(below(3));
        return c;
    }
    Command with(KeepFound c) {
        c.found = {1'790'000'000, m_session.drum.id, chance(0.5) ? "snare_side_slack" : ""};
        return c;
    }
    Command with(KeepEarResult c) {
        c.result = {1'790'000'000, "Ada", "beats", number(0.0, 50.0), 0.2, 20};
        return c;
    }
    Command with(KeepTuningResult c) {
        c.result.at = 1'790'000'000;
        c.result.who = "Ada";
        return c;
    }
    Command with(KeepKind c) {
        c.kind = padKinds().front();
        c.kind.id = "own:felt";
        c.kind.mass = Kilograms{number(-0.1, 0.7)};
        return c;
    }
    Command with(MeasureWires c) {
        c.layout.strands = Metres{number(0.1, 0.6)};
        c.layout.knob = Turns{number(-1.0, 9.0)};
        return c;
    }
    Command with(PlaceMicrophone c) {
        c.microphone =
            MicrophonePlace{Radians{number(-4, 4)}, Metres{number(-0.1, 0.4)}, Metres{number(0.0, 0.4)}};
        return c;
    }
    Command with(SetNeighbours c) {
        for (int i = below(3); i > 0; --i)
            c.neighbours.push_back(neighbourAt("tom", NeighbourKind::Tom, Hertz{number(10.0, 5000.0)}));
        return c;
    }

    bool chance(double p) { return m_dice.uniform(0.0, 1.0) < p; }
    int below(int count) { return count <= 0 ? 0 : static_cast<int>(m_dice.uniform(0.0, count)) % count; }
    double number(double low, double high) { return m_dice.uniform(low, high); }
    HeadSide anySide() { return chance(0.5) ? HeadSide::Batter : HeadSide::SnareSide; }
    int rod() { return below(m_session.drum.rods + 2) - 1; }
    Turns turns() { return Turns{(below(49) - 24) / 16.0}; }
    double mark(TapKind kind) {
        if (!isSilent(kind))
            return 70.0;
        const MarkRange range = marksOf(kind);
        return chance(0.9) ? number(range.lowest, range.highest) : number(-5.0, 200.0);
    }
    RodReading reading(HeadSide side) {
        RodReading heard;
        const Hertz near = targetsOf(m_session) ? briefFor(m_session, side).target : Hertz{300.0};
        heard.frequency = chance(0.9) ? moved(near, Cents{number(-80.0, 80.0)}) : Hertz{number(40.0, 900.0)};
        heard.standardError = Hertz{number(0.01, 3.0)};
        heard.t60 = Seconds{number(0.05, 1.0)};
        if (chance(0.3))
            heard.second = heard.frequency * number(1.01, 1.6);
        heard.levelDb = number(-50.0, 0.0);
        return heard;
    }
    HeardStroke stroke() {
        HeardStroke heard;
        heard.centre = Hertz{number(100.0, 400.0)};
        if (chance(0.8))
            heard.tone = Seconds{number(0.05, 2.0)};
        heard.wires = chance(0.5);
        if (heard.wires)
            heard.buzz = Seconds{number(0.05, 1.0)};
        return heard;
    }
    Pad pad() {
        return {Metres{number(0.0, 0.2)}, Radians{number(-4.0, 4.0)},
                padKinds()[static_cast<std::size_t>(below(static_cast<int>(padKinds().size())))]};
    }

    Dice& m_dice;
    const Session& m_session;
};

} // namespace

std::string nameOf(std::size_t index) {
    Dice dice(1);
    const Session session = randomStart(dice);
    return commandName(Hands(dice, session).any(index));
}

Session randomStart(Dice& dice) {
    Drum drum = plover();
    drum.rods = 5 + static_cast<int>(dice.uniform(0.0, 8.0));
    Session session = newSession(drum, chase(), 8);
    if (dice.uniform(0.0, 1.0) < 0.2)
        session.seating = Seating::StretchOvernight;
    if (dice.uniform(0.0, 1.0) < 0.4) // a drum in the middle of its work
        for (const HeadSide side : {HeadSide::SnareSide, HeadSide::Batter})
            session = finishHead(session, side);
    return session;
}

Command randomCommand(Dice& dice, const Session& session) {
    Hands hands(dice, session);
    if (dice.uniform(0.0, 1.0) < 0.55)
        return hands.onward();
    const auto count = static_cast<double>(std::variant_size_v<Command>);
    return hands.any(static_cast<std::size_t>(dice.uniform(0.0, count)));
}

std::optional<std::string> unreadable(const Session& session) {
    const auto back = workFromText(workText(session));
    if (!back)
        return back.fault().text();
    if (*back != static_cast<const Work&>(session))
        return "the work is read as another";
    for (const auto& text : {readableText(static_cast<const Context&>(session)),
                             readableText(static_cast<const DrumRig&>(session)),
                             readableText(static_cast<const PlaceRig&>(session))})
        if (!text)
            return text.fault().text();
    return std::nullopt;
}

namespace {

/// The same commands from the same start; those that are refused are passed over.
std::optional<std::string> faultOf(std::uint64_t seed, const std::vector<Command>& commands) {
    Dice dice(seed);
    Session session = randomStart(dice);
    for (const Command& command : commands)
        if (auto after = apply(session, command))
            session = std::move(after).value();
    return unreadable(session);
}

} // namespace

std::optional<Counterexample> playSequence(std::uint64_t seed, int length, std::vector<int>* carriedOut) {
    Dice dice(seed);
    Session session = randomStart(dice);
    Counterexample found;
    for (int i = 0; i < length; ++i) {
        const Command command = randomCommand(dice, session);
        auto after = apply(session, command);
        if (!after)
            continue;
        session = std::move(after).value();
        found.commands.push_back(command);
        if (carriedOut != nullptr)
            ++(*carriedOut)[command.index()];
        const auto why = unreadable(session);
        if (!why)
            continue;
        found.why = *why;
        for (std::size_t at = 0; at < found.commands.size();) { // the shortest: leave out what is not needed
            std::vector<Command> without = found.commands;
            without.erase(without.begin() + static_cast<std::ptrdiff_t>(at));
            if (faultOf(seed, without))
                found.commands = std::move(without);
            else
                ++at;
        }
        return found;
    }
    if (const auto setup = readableSetup(session); !setup) {
        found.why = "the setup: " + setup.fault().text();
        return found;
    }
    return std::nullopt;
}

} // namespace bombo::testing
