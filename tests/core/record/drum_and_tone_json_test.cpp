#include "core/procedure/head_rounds.h"
#include "core/record/entry_figures.h"
#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "support/sessions.h"

#include <gtest/gtest.h>

#include <cmath>

namespace bombo {
namespace drum_and_tone_json_test {

using testing::plover;

Json ploverJson() {
    return toJson(plover());
}

TEST(DrumJson, RoundTrips) {
    const auto back = drumFromJson(ploverJson(), {});
    ASSERT_TRUE(back);
    EXPECT_EQ(*back, plover());
}

TEST(DrumJson, HeadsByName) {
    Json j = ploverJson();
    j["batter"] = "single-coated-25";
    const auto drum = drumFromJson(j, Catalogue{{testing::coated25()}, {}, {}, {}});
    ASSERT_TRUE(drum);
    EXPECT_EQ(drum->batterHead, testing::coated25());
    j["batter"] = "no-such-head";
    const auto wrong = drumFromJson(j, Catalogue{{testing::coated25()}, {}, {}, {}});
    ASSERT_FALSE(wrong);
    EXPECT_EQ(wrong.fault().key, "batter");
    EXPECT_NE(wrong.fault().message.find("no-such-head"), std::string::npos);
}

struct Spoilt {
    const char* key; ///< that the problem must name
    void (*spoil)(Json&);
};

TEST(DrumJson, ProblemsNameTheKey) {
    const Spoilt rows[] = {
        {"diameter_m", [](Json& j) { j.erase("diameter_m"); }},
        {"diameter_m",
         [](Json& j) {
             j.erase("diameter_m");
             j["diameter_mm"] = 330;
         }},
        {"diameter_m", [](Json& j) { j["diameter_m"] = "0.33"; }},
        {"diameter_m", [](Json& j) { j["diameter_m"] = nullptr; }},
        {"depth_m", [](Json& j) { j["depth_m"] = -0.1; }},
        {"rods", [](Json& j) { j["rods"] = 0; }},
        {"rods", [](Json& j) { j["rods"] = 40; }},
        {"rods", [](Json& j) { j["rods"] = 7.5; }},
        {"rods", [](Json& j) { j["rods"] = 1e30; }},
        {"batter", [](Json& j) { j.erase("batter"); }},
        {"batter.thickness_m", [](Json& j) { j["batter"].erase("thickness_m"); }},
        {"snare_side.areal_density_kg_per_m2",
         [](Json& j) { j["snare_side"]["areal_density_kg_per_m2"] = -1; }},
        {"wires.strands", [](Json& j) { j["wires"]["strands"] = "many"; }},
    };
    for (const Spoilt& row : rows) {
        Json j = ploverJson();
        row.spoil(j);
        const auto drum = drumFromJson(j, {});
        ASSERT_FALSE(drum) << row.key;
        EXPECT_EQ(drum.fault().key, row.key) << drum.fault().text();
        EXPECT_FALSE(drum.fault().message.empty());
    }
    EXPECT_FALSE(drumFromJson(Json::array(), {}));
    EXPECT_FALSE(drumFromJson(Json(3), {}));
}

TEST(DrumJson, AWrongUnitIsPointedOut) {
    Json j = ploverJson();
    j.erase("depth_m");
    j["depth_in"] = 6;
    const auto drum = drumFromJson(j, {});
    ASSERT_FALSE(drum);
    EXPECT_NE(drum.fault().message.find("depth_in"), std::string::npos) << drum.fault().message;
}

TEST(ToneJson, RoundTripsAndRefuses) {
    const auto back = toneFromJson(toJson(testing::chase()));
    ASSERT_TRUE(back);
    EXPECT_EQ(*back, testing::chase());
    for (const char* key :
         {"id", "name", "batter_edge_at_14_in_hz", "snare_side_above_cents", "ring_s", "wire_margin"}) {
        Json j = toJson(testing::chase());
        j.erase(key);
        const auto tone = toneFromJson(j);
        ASSERT_FALSE(tone) << key;
        EXPECT_EQ(tone.fault().key, key);
    }
    for (const auto& [key, value] : std::vector<std::pair<std::string, Json>>{{"ring_s", 0},
                                                                              {"wire_margin", 1.2},
                                                                              {"ring_span_factor", 0.5},
                                                                              {"wires_off", "yes"},
                                                                              {"reasons", {{"batter", 3}}}}) {
        Json j = toJson(testing::chase());
        j[key] = value;
        const auto tone = toneFromJson(j);
        ASSERT_FALSE(tone) << key;
        EXPECT_TRUE(tone.fault().key.starts_with(key)) << tone.fault().text();
    }
}

TEST(ToneJson, KeepsWhatARecordingSaid) {
    Tone tone = testing::chase();
    tone.origin = "recording";
    tone.buzz = Seconds{0.21};
    tone.brightness = Hertz{1800};
    tone.wiresOff = true;
    tone.reasons = {"low", "high", "loose", "none"};
    EXPECT_EQ(toneFromJson(toJson(tone)).value(), tone);
}

Catalogue smallCatalogue() {
    return catalogueFromJson(
               {{"heads", Json::array({toJson(testing::coated25()), toJson(testing::film76())})}},
               Json::parse(R"({"shells": [{"id": "ash", "name": "ash, plies", "source": "book",
                                 "expansion_per_kelvin": 5e-6, "expansion_per_humidity": 4e-4}]})"),
               Json::parse(R"({"hoops": [{"kind": "cast", "name": "cast metal", "source": "estimate",
                                 "per_turn_n_per_m": 2700}]})"),
               Json::parse(R"({"wires": [{"id": "steel-20", "name": "20 steel strands",
                                 "strands": 20, "material": "steel", "mass_kg": 0.016, "source": "estimate"}]})"))
        .value();
}

TEST(CatalogueJson, NamesStandForFigures) {
    const auto drum = drumFromJson(Json::parse(R"({"diameter_m": 0.33, "depth_m": 0.15, "material": "ash",
        "batter": "single-coated-25", "snare_side": "snare-film-76", "hoop": "cast"})"),
                                   smallCatalogue());
    ASSERT_TRUE(drum) << drum.fault().text();
    EXPECT_EQ(drum->batterHead, testing::coated25());
    EXPECT_EQ(drum->hoop.perTurn, Tension{2700});
    EXPECT_EQ(drum->shell.expansionPerHumidity, 4e-4);
    Json unknown = toJson(*drum);
    unknown["hoop"] = "rope";
    EXPECT_EQ(drumFromJson(unknown, smallCatalogue()).fault().key, "hoop");
}

TEST(CatalogueJson, ABrokenEntryIsNamedByItsPlace) {
    Json heads{{"heads", Json::array({toJson(testing::coated25()), toJson(testing::film76())})}};
    heads["heads"][1].erase("thickness_m");
    const auto broken = catalogueFromJson(heads, {}, {}, {});
    ASSERT_FALSE(broken);
    EXPECT_EQ(broken.fault().key, "heads.1.thickness_m");
}

TEST(SetupSummary, HoldsWhatIsNeededToFindItAgain) {
    const Json summary = setupSummary(testing::fullSession());
    EXPECT_EQ(summary["drum"], "Plover");
    EXPECT_EQ(summary["batter"]["turns"].size(), 8U);
    EXPECT_NEAR(summary["batter"]["measured_hz"].get<double>(), 301.54, 0.01);
    EXPECT_TRUE(summary["snare_side"]["within_tolerance"].get<bool>());
    EXPECT_EQ(summary["strainer_turns"], 1.25);
    ASSERT_EQ(summary["pads"].size(), 1U);
    EXPECT_NEAR(summary["pads"][0]["angle_deg"].get<double>(), 57.2958, 1e-3);
    const auto figures = entryFiguresFrom(summary.dump());
    ASSERT_TRUE(figures);
    EXPECT_NEAR(figures->batter.left->edge.value, 301.54, 0.01);
    EXPECT_EQ(figures->strainer, Turns{1.25});
    EXPECT_EQ(figures->words.note, testing::fullSession().note);
}

/// Turned since and not heard: an entry says where it stands by the count, not what was heard before.
TEST(SetupSummary, AHeadThatWasTurnedSinceStandsByTheCount) {
    Session session = testing::fullSession();
    const double heard = lastEstimate(session.batter)->mean.value;
    const double error = entryFiguresFrom(setupSummary(session).dump())->batter.left->error.value;
    for (Turns& turns : session.batter.rodTurns)
        turns += Turns{-0.25};
    const auto batter = entryFiguresFrom(setupSummary(session).dump())->batter;
    ASSERT_TRUE(batter.left);
    const TurnResponse response = turnResponseOf(session.batter, briefFor(session, HeadSide::Batter));
    // Pitch goes with the root of the tension; a little less, since film and air weigh on it.
    const double tension =
        tensionFromHeard(session.drum, HeadSide::Batter, Hertz{heard}, airAt(session.weather)).value;
    const double expected = 600.0 / std::log(2.0) * std::log1p(-0.25 * response.perTurn().value / tension);
    EXPECT_NEAR(centsBetween(Hertz{heard}, batter.left->edge).value, expected, 0.08 * std::abs(expected));
    EXPECT_GT(batter.left->error.value, error);
    EXPECT_TRUE(batter.left->rods.empty());
    EXPECT_FALSE(batter.evenTo);
    EXPECT_TRUE(setupSummary(session)["batter"]["counted"].get<bool>());
    EXPECT_FALSE(setupSummary(session)["snare_side"].contains("counted"));
}

TEST(SetupSummary, WhatTheFaultFinderSawOfTheBatterIsKept) {
    Session session = testing::fullSession();
    session.faults = begunCase("dull", 2'000'000'000);
    session.faults->answers = {{"coating_look", 1}, {"slack_dish", 0}, {"coating_look", {}}};
    auto look = [&] { return entryFiguresFrom(setupSummary(session).dump())->batter.look; };
    EXPECT_EQ(look(), (HeadLook{1, false}));
    EXPECT_EQ(entryFiguresFrom(setupSummary(session).dump())->snareSide.look, HeadLook{});
    session.drum.fittedAt.batter = 2'000'000'001; // it was changed since: seen of the one before
    EXPECT_EQ(look(), HeadLook{});
    const auto odd = entryFiguresFrom(R"({"batter":{"look":{"coating":"shiny","dished":"very"}}})");
    EXPECT_EQ(odd->batter.look, HeadLook{});
}

TEST(SetupSummary, WhatIsNotKnownIsNull) {
    const Json summary = setupSummary(testing::fresh());
    EXPECT_TRUE(summary["batter"]["measured_hz"].is_null());
    EXPECT_TRUE(summary["strainer_turns"].is_null());
    EXPECT_FALSE(entryFiguresFrom(summary.dump())->batter.left);
    EXPECT_FALSE(entryFiguresFrom(R"({"batter":3,"strainer_turns":"two","note":7})")->strainer);
    EXPECT_FALSE(entryFiguresFrom(R"({"batter":{"measured_hz":-4}})")->batter.left);
    for (const char* none : {"", "[]", "null", "{\"a\":"})
        EXPECT_FALSE(entryFiguresFrom(none)) << none;
}

TEST(NumberAt, RefusesWhatIsNoNumber) {
    const Json j{{"a", 1.5}, {"b", "x"}, {"c", nullptr}, {"d_hz", 3}};
    EXPECT_EQ(*numberAt(j, "a"), 1.5);
    for (const char* key : {"b", "c", "missing"})
        EXPECT_FALSE(numberAt(j, key)) << key;
    EXPECT_NE(numberAt(j, "d_m").fault().message.find("d_hz"), std::string::npos);
    EXPECT_FALSE(numberAt(Json::array(), "a"));
    EXPECT_FALSE(textAt(j, "a"));
}

} // namespace drum_and_tone_json_test
} // namespace bombo
