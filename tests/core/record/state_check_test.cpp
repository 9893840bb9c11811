#include "core/record/state_check.h"
#include "support/exercise.h"
#include "support/json_places.h"
#include "support/sessions.h"

#include <gtest/gtest.h>
#include <random>

namespace bombo {
namespace state_check_test {

using testing::done;
using testing::fresh;
using testing::fullSession;

/// A job with a bit of everything.
Session rich() {
    Session session = fullSession();
    session = done(session, SetWish{Wish{0.3, -0.2, 0.1, 0.0}});
    if (session.pads.empty())
        session = done(session, AddPad{Pad{Metres{0.12}, Radians{1.0}, padKinds()[0]}});
    HeardStroke stroke;
    stroke.centre = Hertz{200};
    stroke.tone = Seconds{0.4};
    stroke.partials.push_back({1, 1, Hertz{300}, Seconds{0.3}, -3.0});
    session = done(session, StrokeHeard{stroke});
    session = done(session, BeginExperiment{"knob a quarter looser"});
    return done(session, BeginTapping{HeadSide::Batter, 2, Direction::Clockwise});
}

TEST(StateCheck, WhatTheProgramMadePasses) {
    for (const Session& session : {fresh(), fullSession(), rich()}) {
        EXPECT_FALSE(faultIn(static_cast<const Work&>(session)));
        EXPECT_TRUE(workFromText(workText(session)));
    }
}

TEST(StateCheck, AThingKeptBeforeLossesRoseReadsAsItWasMeant) {
    Json old = Json::parse(workText(rich()));
    old["/pads/0/kind"_json_pointer].erase("lossRises");
    EXPECT_EQ(workFromText(old.dump()).value().pads[0].kind, padKinds()[0]); // gel
    old["/pads/0/kind/id"_json_pointer] = "own:sponge";                      // was fitted without
    EXPECT_EQ(workFromText(old.dump()).value().pads[0].kind.lossRises, 0.0);
}

struct Crafted {
    const char* place; ///< JSON pointer into the stored work
    Json value;
};

TEST(StateCheck, WhatCannotBeIsRefusedByItsPlace) {
    const Json good = Json::parse(workText(rich()));
    const Json move{{"rods", {100000000}}, {"turns", 0.25}};
    const std::vector<Crafted> all{
        {"/batter/moves", Json::array({move})},
        {"/batter/moves", Json::array({{{"rods", Json::array()}, {"turns", 0.25}}})},
        {"/batter/moves", Json::array({{{"rods", {1, 1}}, {"turns", 0.25}}})},
        {"/batter/movesDone", 7},
        {"/batter/movesDone", -1},
        {"/batter/group", 77},
        {"/batter/startRod", 8},
        {"/batter/startRod", -1},
        {"/batter/askedAgain", 1000},
        {"/batter/skip", -5},
        {"/batter/rodTurns", Json::array({1.0})},
        {"/batter/rodTurns/0", 1e300},
        {"/batter/taps", Json::array()},
        {"/batter/predicted", Json::array({1.0, 2.0})},
        {"/batter/history/0/readings", Json::array()},
        {"/batter/history/0/readings/0", nullptr},
        {"/batter/history/0/readings/0/frequency", 0.0},
        {"/batter/history/0/readings/0/frequency", -1e9},
        {"/batter/history/0/rodTurns", Json::array({0, 0, 0})},
        {"/batter/history/0/way/tapsPerRod", 0},
        {"/batter/ledger",
         Json::array({{{"rods", {-3}}, {"turns", 0.25}, {"cause", "round"}, {"round", 0}}})},
        {"/batter/stage", "asleep"},
        {"/snareSide/condition", 3},
        {"/path", "zigzag"},
        {"/drum/rods", 9},
        {"/drum/rods", 1000000},
        {"/drum/fittedAt/batter", -4},
        {"/drum/fittedAt", 7},
        {"/drum/markedRod", 9},
        {"/drum/wires/slackTurns", 1e8},
        {"/drum/shell/diameter", 0.0},
        {"/tone/batterEdgeAt14", 1e12},
        {"/tone/ring", -1.0},
        {"/wish/high", 2.0},
        {"/weather/pressure", 0.0},
        {"/weather/temperature", 4000.0},
        {"/tolerance", 0.0},
        {"/largestStep", -1.0},
        {"/wires/strainer", 1e9},
        {"/pads/0/kind/radius", -1.0},
        {"/pads/0/kind/lossRises", 400.0},
        {"/pads/0/kind/footprint", "cloud"},
        {"/pads/0/fromCentre", 40.0},
        {"/strokes/0/partials/0/m", 99},
        {"/strokes/0/centre", 0.0},
        {"/stars", 12},
        {"/clock", -4},
        {"/drum", "none"},
        {"/batter", nullptr},
    };
    for (const Crafted& one : all) {
        Json state = good;
        const Json::json_pointer place(one.place);
        ASSERT_TRUE(good.contains(place)) << one.place; // or the check says nothing
        state[place] = one.value;
        const auto read = workFromText(state.dump());
        EXPECT_FALSE(read) << one.place << " = " << one.value.dump();
        if (!read) {
            EXPECT_FALSE(read.fault().message.empty());
        }
    }
}

TEST(StateCheck, BrokenTextIsRefused) {
    const std::string good = workText(rich());
    for (const std::string& text : {std::string(), std::string("null"), std::string("[]"), std::string("{}"),
                                    good.substr(0, good.size() / 2), std::string(100000, '['),
                                    "{\"a\":1e999," + good.substr(1), std::string("\xff\xfe{}")})
        EXPECT_FALSE(workFromText(text));
    EXPECT_FALSE(contextFromText(R"({"station":"attic"})"));
    EXPECT_FALSE(contextFromText(R"({"nearestRod":40000})"));
    EXPECT_FALSE(contextFromText(R"({"reminder":{"kind":"recheck","due":-5}})"));
    EXPECT_FALSE(drumRigFromText(R"({"layout":{"strands":-1}})"));
    EXPECT_FALSE(placeRigFromText(
        R"({"neighbours":[{"name":"x","kind":"tom","partials":[{"frequency":-4,"t60":1,"levelDb":0}]}]})"));
}

Json hostile(std::mt19937& random, const Json& was) {
    const std::vector<Json> values{
        -1,     0,      1,   7,    8,       77, 100000000, -2147483648LL, 4294967296LL,  1e300,
        -1e300, 1e-300, 0.5, true, nullptr, "", "batter",  Json::array(), Json::object()};
    const auto pick = std::uniform_int_distribution<std::size_t>(0, values.size() + 2)(random);
    if (pick < values.size())
        return values[pick];
    if (was.is_array() && !was.empty()) { // one more or one less
        Json changed = was;
        if (pick == values.size())
            changed.erase(changed.size() - 1);
        else
            changed.push_back(changed[0]);
        return changed;
    }
    return was.is_number() ? Json(was.get<double>() * 1000.0) : Json(nullptr);
}

TEST(StateCheck, AnythingThatPassesCanBeWorkedOn) {
    std::mt19937 random(18);
    int passed = 0;
    for (const Session& from : {rich(), fullSession()}) {
        const Json good = Json::parse(workText(from));
        const auto places = testing::placesIn(good);
        for (int i = 0; i < 200; ++i) { // thousands more by the fuzz target `state`
            Json state = good;
            for (int changes = 1 + i % 3; changes > 0; --changes) {
                const auto& place =
                    places[std::uniform_int_distribution<std::size_t>(0, places.size() - 1)(random)];
                if (state.contains(place))
                    state[place] = hostile(random, state[place]);
            }
            const auto work = workFromText(state.dump());
            if (!work)
                continue;
            ++passed;
            Session session = from;
            static_cast<Work&>(session) = *work;
            testing::exercise(session);
        }
    }
    EXPECT_GT(passed, 20); // else nothing was tried
}

} // namespace state_check_test
} // namespace bombo
