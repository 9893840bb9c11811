/// The ear against what it was not made from: recorded drums whose partials three independent estimators
/// agree on, and taps in rooms of an independent simulation (tests/data; their notes say how they were made).
#include "core/tuning/evenness.h"
#include "core/units/json.h"
#include "core/units/median.h"
#include "store/sound_file.h"
#include "support/rooms.h"

#include <QCryptographicHash>
#include <QFile>
#include <algorithm>
#include <complex>
#include <fstream>
#include <gtest/gtest.h>
#include <map>

namespace bombo {
namespace {

using nlohmann::json;

json reference(const std::string& name) {
    std::ifstream in(std::string(BOMBO_TEST_DATA) + "/" + name);
    return json::parse(in);
}

std::vector<Tap> tapsOfFile(const std::filesystem::path& path) {
    std::vector<Tap> taps;
    EXPECT_TRUE(splitSoundFile(path, [&](Tap&& tap, const auto&) {
        taps.push_back(std::move(tap));
        return true;
    })) << path;
    return taps;
}

Reading readNear(const Tap& tap, double hint) {
    Expectation expected = testing::expectingInRoom(hint, 0.0);
    expected.spread = Cents{150.0};
    return readTap(tap, {.expected = expected});
}

TEST(RoomsOfTheReference, EveryTapIsReadWithinThreeStatedErrors) {
    const json truth = reference("rooms/truth.json");
    std::vector<double> off;
    std::vector<double> hann;
    int withinTwo = 0;
    for (const auto& [file, says] : truth["taps"].items()) {
        const auto taps = tapsOfFile(std::string(BOMBO_TEST_DATA) + "/rooms/" + file);
        ASSERT_EQ(taps.size(), 1U) << file;
        const Hertz edge{says["frequency_hz"].get<double>()};
        const double hint = says["hint_hz"].get<double>();
        const Reading reading = readNear(taps[0], hint);
        ASSERT_TRUE(reading.hasFigure()) << file << ' ' << verdictName(reading.verdict);
        const double away = std::abs(centsBetween(edge, *reading.frequency).value);
        EXPECT_LT(away, 3.0 * reading.error().value) << file;
        if (says["wires"].get<bool>()) {
            EXPECT_EQ(reading.caution, Caution::WiresOn) << file;
            continue;
        }
        off.push_back(away);
        hann.push_back(std::abs(centsBetween(edge, Hertz{testing::hannPeak(taps[0], hint)}).value));
        withinTwo += away < 2.0 * reading.error().value;
    }
    ASSERT_EQ(off.size(), 18U);
    EXPECT_LT(medianOf(off), 0.8 * medianOf(hann));
    EXPECT_GE(withinTwo, 15); // of 18; with an honest error 16 to 18, and 15 once in ten
}

TEST(RoomsOfTheReference, RoundsAreHeardWhole) {
    const json truth = reference("rooms/truth.json");
    for (const auto& [file, says] : truth["rounds"].items()) {
        const auto taps = tapsOfFile(std::string(BOMBO_TEST_DATA) + "/rooms/" + file);
        const auto heard = says["heard_cents"].get<std::vector<double>>();
        ASSERT_EQ(taps.size(), heard.size()) << file;
        std::vector<std::optional<RodPitches>> round;
        for (const Tap& tap : taps) {
            const Reading reading = readNear(tap, says["base_hz"].get<double>());
            ASSERT_TRUE(reading.hasFigure()) << file;
            round.push_back(RodPitches{*reading.frequency, std::nullopt, reading.error(), {}});
        }
        const EvennessEstimate estimate = estimateEvenness(round);
        const double bound = says["drr_db"].get<double>() >= 12.0 ? 5.0 : 8.0; // cents
        for (std::size_t rod = 0; rod < heard.size(); ++rod)
            EXPECT_NEAR(estimate.heard[rod].value, heard[rod], bound) << file << " rod " << rod + 1;
    }
}

/// Files of the kits by the hash of what is in them.
std::map<std::string, std::filesystem::path> kitsByHash() {
    std::map<std::string, std::filesystem::path> files;
    std::error_code error;
    for (const auto& entry :
         std::filesystem::recursive_directory_iterator("/usr/share/hydrogen/data/drumkits", error)) {
        QFile file(QString::fromStdString(entry.path().string()));
        if (!entry.is_regular_file() || !file.open(QIODevice::ReadOnly))
            continue;
        QCryptographicHash hash(QCryptographicHash::Sha256);
        hash.addData(&file);
        files[hash.result().toHex().toStdString()] = entry.path();
    }
    return files;
}

/// How one reading compares with the reference's strongest partial.
enum class Against { Within, InTheGlide, Off };

Against against(const Reading& reading, const json& partial) {
    const double truth = partial["f_hz"].get<double>();
    const double allowed =
        std::max(partial["unc_hz"].get<double>(), truth * (std::exp2(10.0 / 1200.0) - 1.0));
    if (!reading.hasFigure())
        return Against::Off;
    if (std::abs(reading.frequency->value - truth) <= allowed)
        return Against::Within;
    // A drum that falls has no one pitch: the reference's is a mean over what sounds, the reading says both
    // ends.
    const double start = reading.frequency->value * std::exp2(reading.glide.value_or(Cents{}).value / 1200.0);
    return reading.glide && truth > reading.frequency->value - allowed && truth < start + allowed
               ? Against::InTheGlide
               : Against::Off;
}

/// Every hit of the reference that has partials and one of the states, with its file's first tap.
template <class Judge> void eachHit(const std::vector<std::string>& states, Judge judge) {
    const auto files = kitsByHash();
    const json all = reference("real_hits.json");
    for (const json& hit : all["hits"]) {
        if (std::find(states.begin(), states.end(), hit["status"].get<std::string>()) == states.end())
            continue;
        const auto file = files.find(hit["sha256"].get<std::string>());
        ASSERT_NE(file, files.end()) << "run ./test.sh, which installs the recordings";
        const auto taps = tapsOfFile(file->second);
        ASSERT_FALSE(taps.empty()) << file->second;
        judge(file->second.filename().string(), taps.front(), hit["partials"][0]);
    }
}

struct Tally {
    int judged = 0;
    int within = 0;
    int inTheGlide = 0;

    void count(const std::string& name, const Reading& reading, const json& partial) {
        const Against how = against(reading, partial);
        ++judged;
        within += how == Against::Within;
        inTheGlide += how == Against::InTheGlide;
        if (how != Against::Within)
            std::printf("%s: %s %.1f Hz%s, reference %.1f\n", name.c_str(), verdictName(reading.verdict),
                        reading.frequency ? reading.frequency->value : 0.0,
                        how == Against::InTheGlide ? " and above it at the start" : "",
                        partial["f_hz"].get<double>());
    }
};

// Wanted is all but one (docs/performance.md has what is missed): a whole stroke with its wires on has
// several partials as strong, and the one that is taken for the strongest is often another than the
// reference's.

TEST(RecordedHits, StrongestPartialAsThreeEstimatorsHaveIt) {
    Tally tally;
    eachHit({"stable", "stable_late"}, [&](const std::string& name, const Tap& tap, const json& partial) {
        tally.count(name, readTap(tap), partial);
    });
    EXPECT_GE(tally.judged, 20);
    EXPECT_GE(tally.within, 15);
    EXPECT_GE(tally.within + tally.inTheGlide, 19);
}

/// The highest point of a plain Hann spectrum of the first 40 ms, from a semitone below to four above.
double earlyPeak(const Tap& tap, double settled) {
    const auto length = static_cast<std::size_t>(0.04 * tap.sampleRate);
    double best = 0.0;
    double at = settled;
    for (double cents = -100.0; cents <= 400.0; cents += 5.0) {
        const double hz = settled * std::exp2(cents / 1200.0);
        std::complex<double> sum{};
        for (std::size_t i = 0; i < length; ++i) {
            const double t = static_cast<double>(i) / tap.sampleRate;
            const double window =
                0.5 - 0.5 * std::cos(kTwoPi * static_cast<double>(i) / static_cast<double>(length));
            sum += window * static_cast<double>(tap.after[i]) * std::polar(1.0, -kTwoPi * hz * t);
        }
        if (std::abs(sum) > best) {
            best = std::abs(sum);
            at = hz;
        }
    }
    return at;
}

TEST(RecordedHits, ThoseThatFallSayWhereTheyBegan) {
    int told = 0;
    eachHit({"stable", "stable_late"}, [&](const std::string& name, const Tap& tap, const json& partial) {
        const Reading reading = readTap(tap);
        if (against(reading, partial) != Against::InTheGlide)
            return;
        ++told;
        const Hertz start = moved(*reading.frequency, *reading.glide);
        const Hertz early{earlyPeak(tap, reading.frequency->value)};
        std::printf("%s: from %.1f Hz, plain peak of its first 40 ms %.1f, to %.1f\n", name.c_str(),
                    start.value, early.value, reading.frequency->value);
        EXPECT_NEAR(centsBetween(early, start).value, 0.0, 70.0) << name;
    });
    EXPECT_GE(told, 4);
}

TEST(RecordedHits, WhereTheyAreExpectedWithinAHalfTone) {
    for (const double beside : {-60.0, 60.0}) { // cents
        Tally tally;
        eachHit({"stable", "stable_late"}, [&](const std::string& name, const Tap& tap, const json& partial) {
            const double hint = partial["f_hz"].get<double>() * std::exp2(beside / 1200.0);
            tally.count(name, readNear(tap, hint), partial);
        });
        EXPECT_GE(tally.within, 15) << beside;
        EXPECT_GE(tally.within + tally.inTheGlide, 19) << beside;
    }
}

} // namespace
} // namespace bombo
