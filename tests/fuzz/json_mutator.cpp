#include "json_mutator.h"

#include "support/json_places.h"

#include <algorithm>
#include <cstring>
#include <random>

extern "C" std::size_t LLVMFuzzerMutate(std::uint8_t* data, std::size_t size, std::size_t maxSize);

namespace bombo::fuzz {
namespace {

using Json = nlohmann::json;

std::size_t pick(std::mt19937& random, std::size_t count) {
    return std::uniform_int_distribution<std::size_t>(0, count - 1)(random);
}

Json strange(std::mt19937& random, const Json& was) {
    static const std::vector<Json> values{-1,
                                          0,
                                          1,
                                          7,
                                          77,
                                          100000000,
                                          -2147483648LL,
                                          4294967296LL,
                                          1e300,
                                          -1e300,
                                          1e-300,
                                          0.5,
                                          true,
                                          nullptr,
                                          "",
                                          "batter",
                                          "snare_side",
                                          "../../x",
                                          Json::array(),
                                          Json::object(),
                                          std::string(5000, 'n')};
    if (was.is_number() && pick(random, 2) == 0)
        return was.get<double>() * std::uniform_real_distribution<double>(-2.0, 4.0)(random);
    if (was.is_array() && !was.empty() && pick(random, 2) == 0) {
        Json changed = was;
        if (pick(random, 2) == 0)
            changed.erase(pick(random, changed.size()));
        else
            changed.insert(changed.begin(), changed[pick(random, changed.size())]);
        return changed;
    }
    return values[pick(random, values.size())];
}

void changeOnePlace(Json& json, std::mt19937& random) {
    const auto places = testing::placesIn(json);
    const auto& at = places[pick(random, places.size())];
    Json& here = json[at];
    if (here.is_object() && !here.empty() && pick(random, 2) == 0) { // a key goes, or another is misspelt
        auto one = here.begin();
        std::advance(one, static_cast<std::ptrdiff_t>(pick(random, here.size())));
        const std::string key = one.key();
        const Json value = one.value();
        here.erase(key);
        if (pick(random, 3) == 0)
            here[key + "x"] = value;
        return;
    }
    here = strange(random, here);
}

} // namespace

std::size_t mutateJson(std::uint8_t* data, std::size_t size, std::size_t maxSize, unsigned seed,
                       const Seeds& seeds) {
    std::mt19937 random(seed);
    if (size > 1 && pick(random, 8) == 0)
        return LLVMFuzzerMutate(data, size, maxSize);
    auto choice = static_cast<std::uint8_t>(size > 0 ? data[0] % seeds.size() : 0);
    Json json =
        size > 1 ? Json::parse(data + 1, data + size, nullptr, false) : Json(Json::value_t::discarded);
    if (json.is_discarded() || pick(random, 20) == 0) {
        choice = static_cast<std::uint8_t>(pick(random, seeds.size()));
        json = Json::parse(seeds[choice], nullptr, false);
    }
    for (std::size_t times = 1 + pick(random, 3); times > 0 && !json.is_discarded(); --times)
        changeOnePlace(json, random);
    const std::string text = json.dump(-1, ' ', false, Json::error_handler_t::replace);
    const std::size_t length = std::min(text.size(), maxSize - 1);
    data[0] = choice;
    std::memcpy(data + 1, text.data(), length);
    return length + 1;
}

} // namespace bombo::fuzz
