#include "core/log/entry_filter.h"

#include <gtest/gtest.h>

namespace bombo {
namespace entry_filter_test {

Entry entryOf(std::int64_t id, const char* drum, const char* player, int stars, std::optional<double> celsius,
              std::optional<double> humidity = std::nullopt) {
    Entry entry;
    entry.id = id;
    entry.drumId = drum;
    entry.toneId = "chase";
    entry.figures.words.player = player;
    entry.figures.words.place = player[0] == 'I' ? "orchestra pit" : "";
    entry.figures.words.stars = stars;
    if (celsius)
        entry.figures.weather.temperature = Celsius{*celsius};
    entry.figures.weather.humidity = humidity;
    return entry;
}

const std::vector<Entry>& shelf() {
    static const std::vector<Entry> all{
        entryOf(1, "plover", "Ida", 5, 12.0, 0.7), entryOf(2, "plover", "Jon", 0, 15.0),
        entryOf(3, "nightjar", "Ida", 3, 27.0, 0.3), entryOf(4, "plover", "", 4, std::nullopt)};
    return all;
}

std::vector<std::int64_t> found(const EntryFilter& filter) {
    std::vector<std::int64_t> ids;
    for (const Entry& entry : passing(shelf(), filter))
        ids.push_back(entry.id);
    return ids;
}
using Ids = std::vector<std::int64_t>;

TEST(EntryFilter, LetsAllThroughUntilSomethingIsAsked) {
    EXPECT_EQ(found({}), (Ids{1, 2, 3, 4}));
    EXPECT_EQ(found({.drumId = "plover"}), (Ids{1, 2, 4}));
    EXPECT_EQ(found({.toneId = "rain"}), Ids{});
    EXPECT_EQ(found({.player = "Ida"}), (Ids{1, 3}));
    EXPECT_EQ(found({.place = "orchestra pit", .leastStars = 4}), Ids{1});
    EXPECT_EQ(found({.leastStars = 3}), (Ids{1, 3, 4}));
}

TEST(EntryFilter, WeatherIsWhatSomebodySaid) {
    EXPECT_EQ(found({.air = AirThen::Cold}), Ids{1}); // 15 degrees are not cold, nothing said is nothing
    EXPECT_EQ(found({.air = AirThen::Warm}), Ids{3});
    EXPECT_EQ(found({.air = AirThen::Damp}), Ids{1});
    EXPECT_EQ(found({.air = AirThen::Dry}), Ids{3});
    EXPECT_EQ(found({.air = AirThen::NotSaid}), Ids{4});
}

TEST(EntryFilter, OffersEveryNameOnce) {
    EXPECT_EQ(playersIn(shelf()), (std::vector<std::string>{"Ida", "Jon"}));
    EXPECT_EQ(placesIn(shelf()), (std::vector<std::string>{"orchestra pit"}));
    EXPECT_TRUE(playersIn({}).empty());
}

} // namespace entry_filter_test
} // namespace bombo
