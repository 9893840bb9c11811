#include "core/record/entry_figures.h"

#include "core/record/json_values.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kHighestEdge = 5000.0; // Hz

/// A part of a summary; nothing in it is trusted.
class Figures {
public:
    explicit Figures(const Json& json) : m_json(json) {}

    Figures at(const char* key) const {
        static const Json nothing = Json::object();
        const auto found = m_json.is_object() ? m_json.find(key) : m_json.end();
        return Figures(m_json.is_object() && found != m_json.end() ? *found : nothing);
    }
    template <class T> std::optional<T> figure(const char* key, double lowest, double highest) const {
        const Json& value = at(key).m_json;
        if (!value.is_number())
            return std::nullopt;
        const double number = value.get<double>();
        if (!(number >= lowest && number <= highest))
            return std::nullopt;
        return T{number};
    }
    std::int64_t time(const char* key) const {
        return static_cast<std::int64_t>(figure<double>(key, 0.0, kLatestTime).value_or(0.0));
    }
    bool isTrue(const char* key) const {
        const Json& value = at(key).m_json;
        return value.is_boolean() && value.get<bool>();
    }
    std::string text(const char* key, std::size_t longest) const {
        const Json& value = at(key).m_json;
        if (!value.is_string())
            return {};
        std::string text = value.get<std::string>();
        if (text.size() > longest) { // not in the middle of a letter
            while (longest > 0 && (static_cast<unsigned char>(text[longest]) & 0xC0U) == 0x80U)
                --longest;
            text.resize(longest);
        }
        return text;
    }
    /// All numbers within the bounds, or nothing of it. @param fits how many there may be
    template <class T> std::vector<T> list(const char* key, double lowest, double highest) const {
        std::vector<T> values;
        const Json& array = at(key).m_json;
        if (!array.is_array() || array.size() > static_cast<std::size_t>(kMostRods))
            return {};
        for (const Json& value : array) {
            if (!value.is_number() || !(std::abs(value.get<double>()) <= std::max(-lowest, highest)))
                return {};
            values.push_back(T{value.get<double>()});
        }
        return values;
    }
    bool has(const char* key) const { return m_json.is_object() && m_json.contains(key); }
    const Json& json() const { return m_json; }

private:
    const Json& m_json;
};

std::optional<HeardHead> heardHead(const Figures& at) {
    const auto edge = at.figure<Hertz>("measured_hz", 1.0, kHighestEdge);
    if (!edge)
        return std::nullopt;
    return HeardHead{*edge, at.figure<Cents>("error_cents", 0.0, 1200.0).value_or(kErrorUnstated),
                     at.list<Cents>("rods_cents", -2400.0, 2400.0)};
}

HeadFigures headFigures(const Figures& at) {
    HeadFigures head;
    head.wanted = at.figure<Hertz>("target_hz", 1.0, kHighestEdge);
    head.left = heardHead(at);
    head.found = heardHead(at.at("found"));
    head.evenTo = at.figure<Cents>("widest_cents", 0.0, 12000.0);
    head.turns = at.list<Turns>("turns", -1000.0, 1000.0);
    head.countedFromSlack = at.isTrue("counted_from_slack");
    head.perTurn = at.figure<Tension>("per_turn_n_per_m", 10.0, 1e5);
    head.perTurnError = at.figure<Tension>("per_turn_error_n_per_m", 0.0, 1e5).value_or(Tension{});
    head.kind = at.text("head", kLongestName);
    head.fittedAt = at.time("fitted_at");
    head.playedBefore = at.figure<double>("played_before_hours", 0.0, kMostPlayedBefore).value_or(0.0);
    const Figures look = at.at("look");
    for (std::size_t i = 0; i < kCoatingLooks.size(); ++i)
        if (look.text("coating", kLongestName) == kCoatingLooks[i])
            head.look.coating = static_cast<int>(i);
    if (look.at("dished").json().is_boolean())
        head.look.isDished = look.isTrue("dished");
    return head;
}

EntryWords wordsOf(const Figures& at) {
    EntryWords words;
    words.note = at.text("note", kLongestNote);
    words.player = at.text("player", kLongestName);
    words.place = at.text("place", kLongestName);
    words.stars = static_cast<int>(at.figure<double>("stars", 0.0, 5.0).value_or(0.0));
    words.isPinned = at.isTrue("pinned");
    words.hours = at.figure<double>("hours", 0.0, kMostHours);
    const Json& tags = at.at("tags").json();
    if (tags.is_array())
        for (const Json& tag : tags)
            if (tag.is_string() && words.tags.size() < kMostTags &&
                tag.get<std::string>().size() <= kLongestName)
                words.tags.push_back(tag.get<std::string>());
    return words;
}

} // namespace

Result<EntryFigures, InputProblem> entryFiguresFrom(const std::string& text) {
    const Json summary = parsedJson(text);
    if (!summary.is_object())
        return failure(InputProblem{"summary", "is no JSON object"});
    const Figures at(summary);
    EntryFigures figures;
    figures.batter = headFigures(at.at("batter"));
    figures.snareSide = headFigures(at.at("snare_side"));
    figures.strainer = at.figure<Turns>("strainer_turns", -100.0, 100.0);
    figures.ringPredicted = at.figure<Seconds>("ring_predicted_s", 0.0, 60.0);
    figures.ringHeard = at.at("heard").figure<Seconds>("ring_s", 0.0, 60.0);
    figures.diameter = at.figure<Metres>("diameter_m", 0.1, 1.0);
    const Json& pads = at.at("pads").json();
    figures.padsKnown = pads.is_array() && pads.size() <= 50;
    if (figures.padsKnown)
        for (const Json& one : pads) {
            const Figures pad(one);
            const auto angle = pad.figure<double>("angle_deg", -3600.0, 3600.0);
            figures.pads.push_back({pad.text("kind", kLongestName),
                                    pad.figure<Metres>("radius_m", 0.0, 1.0).value_or(Metres{}),
                                    Radians{angle.value_or(0.0) * kTwoPi / 360.0}});
        }
    const Figures wires = at.at("wires");
    figures.wires = wires.text("set", kLongestName);
    figures.wiresSlack = wires.figure<Turns>("slack_turns", -100.0, 100.0);
    figures.wiresFittedAt = wires.time("fitted_at");
    if (!at.has("weather_said") || at.isTrue("weather_said")) {
        figures.weather.temperature = at.figure<Celsius>("temperature_c", -100.0, 100.0);
        figures.weather.humidity = at.figure<double>("relative_humidity", 0.0, 1.0);
        figures.weather.pressure = at.figure<Pascal>("pressure_pa", 1e4, 2e5);
    }
    figures.words = wordsOf(at);
    return figures;
}

std::string entryWordsText(const EntryWords& words) {
    Json text{{"note", words.note}, {"player", words.player}, {"place", words.place},
              {"tags", words.tags}, {"stars", words.stars},   {"pinned", words.isPinned}};
    if (words.hours)
        text["hours"] = *words.hours;
    return text.dump(-1, ' ', false, Json::error_handler_t::replace);
}

Result<EntryWords, InputProblem> entryWordsFrom(const std::string& text) {
    const Json words = parsedJson(text);
    if (!words.is_object())
        return failure(InputProblem{"words", "is no JSON object"});
    return wordsOf(Figures(words));
}

} // namespace bombo
