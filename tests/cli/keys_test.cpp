/// Keys and values that a slip of the hand, or malice, puts into the input of a verb.
#include "cli/keys.h"
#include "cli/verbs.h"
#include "store/demo.h"
#include "store/resources.h"
#include "support/json_places.h"

#include <QFile>
#include <QTemporaryDir>
#include <functional>
#include <gtest/gtest.h>
#include <random>

namespace bombo::cli {
namespace {

/// The least input in which a key of the table stands, with that name for its last part.
Json around(const std::string& path, const std::string& last, const Json& value) {
    const auto dot = path.find('.');
    if (dot == std::string::npos)
        return Json{{last, value}};
    const std::string first = path.substr(0, dot);
    const Json inner = around(path.substr(dot + 1), last, value);
    if (first.ends_with("[]"))
        return Json{{first.substr(0, first.size() - 2), Json::array({inner})}};
    return Json{{first, inner}};
}

std::string lastOf(const std::string& path) {
    const auto dot = path.rfind('.');
    return dot == std::string::npos ? path : path.substr(dot + 1);
}

TEST(Keys, AMisspeltOneIsRefusedWithTheNearest) {
    int tried = 0;
    for (const std::string& verb : verbsWithKeys())
        for (const Key& key : keysOf(verb)) {
            const std::string name = lastOf(key.path);
            if (name.ends_with("[]") || name.size() < 4)
                continue; // of three letters others are as near
            std::string slip = name;
            std::swap(slip[1], slip[2]);
            slip += "x";
            const auto problem = checkKeys(verb, around(key.path, slip, 1.0));
            ASSERT_TRUE(problem) << verb << ": " << slip;
            EXPECT_TRUE(problem->key.ends_with(slip)) << problem->text();
            EXPECT_NE(problem->message.find("\"" + name + "\""), std::string::npos) << problem->text();
            ++tried;
        }
    EXPECT_GT(tried, 276); // as many as were once taken in silence
}

TEST(Keys, OneOfAnotherFormOrSizeIsRefusedByName) {
    for (const std::string& verb : verbsWithKeys())
        for (const Key& key : keysOf(verb)) {
            if ((key.form & kFree) != 0)
                continue;
            const std::string name = lastOf(key.path);
            for (const Json& wrong : {Json(nullptr), Json(1e300), Json(-1e300), Json("\x01nothing like it"),
                                      Json::array({Json::array()}), Json{{"no-such-key", 1}}}) {
                const bool anyText = wrong.is_string() && (key.form & kText) != 0 && key.choices.empty();
                const bool unlimited = wrong.is_number() && std::isinf(key.highest);
                if (anyText || unlimited)
                    continue;
                const auto problem = checkKeys(verb, around(key.path, name, wrong));
                ASSERT_TRUE(problem) << verb << ": " << key.path << " = " << wrong.dump();
                EXPECT_NE(problem->key.find(name), std::string::npos) << problem->text();
            }
        }
}

TEST(Keys, TheManualListsThemAsTheyAre) {
    QFile manual(QStringLiteral(BOMBO_DOCS "/cli.md"));
    ASSERT_TRUE(manual.open(QIODevice::ReadOnly));
    EXPECT_TRUE(manual.readAll().contains(QByteArray::fromStdString(keysAsMarkdown())))
        << "put what bombo-cli keys prints into docs/cli.md";
}

/// A call of each verb that works.
std::vector<std::pair<std::string, Json>> goodCalls() {
    return {
        {"modes",
         {{"drum", "Plover"}, {"batter_tension_n_per_m", 3000}, {"snare_side_tension_n_per_m", 2400}}},
        {"plan",
         {{"drum", "Plover"},
          {"tone", "chase"},
          {"wish", {{"high", 0.5}}},
          {"school", {{"level", "matched"}}}}},
        {"correct",
         {{"drum", "Plover"}, {"tone", "chase"}, {"heard", {{"batter_edge_hz", 288}, {"centre_hz", 196}}}}},
        {"weather", {{"drum", "Nightjar"}, {"tone", "storm"}, {"to", {{"temperature_c", 5}}}}},
        {"even",
         {{"drum", "Wren"},
          {"target_hz", 400},
          {"rods_hz", {396, 401, 404, 397, 400, 405}},
          {"turns", {2, 2, 2, 2, 2, 2}},
          {"history",
           {{{"moves", {{{"rod", 1}, {"turns", 0.25}}}}, {"rods_hz", {390, 391, 392, 393, 394, 395}}}}}}},
        {"wires",
         {{"drum", "Plover"},
          {"tests",
           {{{"turns", 1}, {"place", "edge"}, {"dynamic", "whisper"}, {"answer", "answered"}},
            {{"turns", 2}, {"place", "edge"}, {"dynamic", "whisper"}, {"answer", "choked"}}}}}},
        {"buzz",
         {{"drum", "Plover"}, {"neighbours", {{{"name", "tom"}, {"kind", "tom"}, {"pitch_hz", 185}}}}}},
        {"muffle",
         {{"drum", "Plover"}, {"items", {{{"kind", "gel-pad"}, {"radius_m", 0.13}, {"angle_deg", 60}}}}}},
        {"practice", {{"drum", "Wren"}, {"seed", 5}, {"turns", {2, 2, 2, 2, 2, 2}}}},
    };
}

/// As the program does it: keys first, then the verb.
Answer called(const std::string& verb, const Json& in, const Shelf& shelf, const std::filesystem::path& out) {
    if (auto problem = checkKeys(verb, in))
        return *problem;
    const std::pair<const char*, std::function<Answer()>> verbs[]{
        {"modes", [&] { return modes(in, shelf); }},
        {"plan", [&] { return plan(in, shelf); }},
        {"correct", [&] { return correct(in, shelf); }},
        {"weather", [&] { return weather(in, shelf); }},
        {"even", [&] { return even(in, shelf); }},
        {"wires", [&] { return wires(in, shelf); }},
        {"buzz", [&] { return buzz(in, shelf); }},
        {"muffle", [&] { return muffle(in, shelf); }},
        {"practice", [&] { return practice(in, shelf, out); }}};
    for (const auto& [name, call] : verbs)
        if (verb == name)
            return call();
    throw std::logic_error("no such verb");
}

bool isFinite(const Json& json) {
    if (json.is_number_float())
        return std::isfinite(json.get<double>());
    if (json.is_structured())
        for (const auto& part : json)
            if (!isFinite(part))
                return false;
    return true;
}

TEST(Keys, WhateverIsPutInAVerbAnswersOrRefuses) {
    Shelf shelf{demoDrums(), withCatalogueTones(demoTones()), catalogue()};
    QTemporaryDir folder;
    const std::filesystem::path out = folder.filePath(QStringLiteral("taps.wav")).toStdString();
    std::mt19937 random(18);
    const std::vector<Json> values{-1,
                                   0,
                                   1,
                                   3,
                                   7,
                                   1e9,
                                   -1e9,
                                   1e300,
                                   1e-300,
                                   0.5,
                                   25,
                                   400,
                                   true,
                                   nullptr,
                                   "",
                                   "chase",
                                   "Plover",
                                   Json::array(),
                                   Json::object(),
                                   Json::array({1, 2}),
                                   4294967296LL};
    const auto any = [&](std::size_t size) {
        return std::uniform_int_distribution<std::size_t>(0, size - 1)(random);
    };
    int answered = 0;
    int refused = 0;
    for (const auto& [verb, good] : goodCalls()) {
        ASSERT_TRUE(std::holds_alternative<Json>(called(verb, good, shelf, out))) << verb;
        const auto places = testing::placesIn(good);
        for (int i = 0; i < 60; ++i) {
            Json in = good;
            for (int changes = 1 + i % 2; changes > 0; --changes)
                if (const auto& place = places[1 + any(places.size() - 1)]; in.contains(place)) {
                    if (in[place].is_array() && i % 3 == 0 && !in[place].empty())
                        in[place].push_back(in[place][0]);
                    else if (in[place].is_number() && i % 3 == 1)
                        in[place] = in[place].get<double>() * (i % 2 == 0 ? 2.0 : 0.3);
                    else
                        in[place] = values[any(values.size())];
                }
            std::filesystem::remove(out);
            const Answer answer = called(verb, in, shelf, out);
            if (const auto* json = std::get_if<Json>(&answer)) {
                EXPECT_TRUE(isFinite(*json)) << verb << ' ' << in.dump();
                ++answered;
            } else if (const auto* problem = std::get_if<InputProblem>(&answer)) {
                EXPECT_FALSE(problem->message.empty()) << verb << ' ' << in.dump();
                ++refused;
            }
        }
    }
    EXPECT_GT(answered, 50);
    EXPECT_GT(refused, 100);
}

} // namespace
} // namespace bombo::cli
