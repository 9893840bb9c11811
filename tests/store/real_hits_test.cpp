/// Recorded drums of Debian's sampled kits, fetched by test.sh. Their pitches are not known from elsewhere:
/// what can be tested is that several hits of one drum agree, that wires are told from no wires, and that
/// nothing crashes.
#include "store/sound_file.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <regex>

namespace bombo {
namespace {

const char* const kFolder = "/usr/share/hydrogen/data/drumkits";

std::vector<std::filesystem::path> recordings(const std::string& pattern) {
    std::vector<std::filesystem::path> files;
    const std::regex wanted(pattern);
    std::error_code error;
    for (const auto& entry : std::filesystem::recursive_directory_iterator(kFolder, error))
        if (entry.is_regular_file() && std::regex_match(entry.path().filename().string(), wanted))
            files.push_back(entry.path());
    std::sort(files.begin(), files.end());
    return files;
}

/// One portrait a file; every file holds one hit.
std::vector<HitPortrait> hitsNamed(const std::string& pattern, std::size_t count) {
    const auto files = recordings(pattern);
    EXPECT_EQ(files.size(), count) << "no recordings in " << kFolder
                                   << "; run ./test.sh, which installs them";
    std::vector<HitPortrait> hits;
    for (const auto& file : files) {
        const auto found = hitsOf(file);
        EXPECT_TRUE(found) << file;
        if (!found)
            continue;
        EXPECT_EQ(found->size(), 1U) << file;
        hits.insert(hits.end(), found->begin(), found->end());
    }
    return hits;
}

double widestCents(const std::vector<HitPortrait>& hits) {
    const auto [low, high] = std::minmax_element(
        hits.begin(), hits.end(), [](const auto& a, const auto& b) { return a.centre < b.centre; });
    return hits.empty() ? 0.0 : centsBetween(low->centre, high->centre).value;
}

TEST(RealHits, WiresOffFiveDynamicsOneDrum) {
    const auto hits = hitsNamed(R"(SnareOff-[0-4]\.wav)", 5);
    for (const HitPortrait& hit : hits) {
        EXPECT_FALSE(hit.buzz);
        EXPECT_TRUE(hit.ring);
    }
    // Louder strokes stretch the head: up to a third of a semitone at the start of the tone.
    EXPECT_LT(widestCents(hits), 35.0);
}

TEST(RealHits, WiresOnFiveDynamicsOneDrum) {
    const auto hits = hitsNamed(R"(Snare-[0-4]\.wav)", 5);
    std::vector<double> buzz;
    for (const HitPortrait& hit : hits) {
        ASSERT_TRUE(hit.buzz);
        buzz.push_back(hit.buzz->value);
    }
    EXPECT_LT(widestCents(hits), 50.0); // the wires' noise blurs it
    ASSERT_FALSE(buzz.empty());
    EXPECT_LT(*std::max_element(buzz.begin(), buzz.end()), 1.5 * *std::min_element(buzz.begin(), buzz.end()));
}

TEST(RealHits, AnotherDrumFiveLayers) {
    const auto hits = hitsNamed(R"(rsnare_0[1-5]\.flac)", 5);
    EXPECT_LT(widestCents(hits), 60.0);
    for (const HitPortrait& hit : hits) {
        EXPECT_TRUE(hit.buzz);
        ASSERT_TRUE(hit.edge);
        EXPECT_NEAR(*hit.edge / hit.centre, 1.5, 0.1); // close to the ratio that drummers speak of
    }
}

TEST(RealHits, EverySoundOfTheKitsIsReadWithoutHarm) {
    const auto files = recordings(R"(.*\.(wav|flac))");
    ASSERT_GT(files.size(), 300U) << "run ./test.sh, which installs them";
    int read = 0;
    for (std::size_t i = 0; i < files.size(); i += 4) {
        const auto hits = hitsOf(files[i]);
        if (!hits) {
            EXPECT_FALSE(problemText(hits.fault()).empty());
            continue;
        }
        ++read;
        for (const HitPortrait& hit : *hits) {
            EXPECT_GT(hit.centre.value, 50.0) << files[i];
            EXPECT_TRUE(std::isfinite(hit.brightness.value)) << files[i];
        }
    }
    EXPECT_GT(read, 70);
}

} // namespace
} // namespace bombo
