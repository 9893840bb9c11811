/// How well a stream of sound is listened to: onsets found, spoilt taps named, buzz length, and memory over
/// hours. Tables for docs/performance.md. Run: build/release/bench/bombo-streams [hours]
#include "core/reading/hit_portrait.h"
#include "core/reading/read_tap.h"
#include "core/tap/taps_in.h"
#include "support/synthesis.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <functional>
#include <map>
#include <string>

namespace {

using namespace bombo;
using bombo::testing::addNoise;
using bombo::testing::addSteady;
using bombo::testing::addTones;
using bombo::testing::edgeTap;
using bombo::testing::expecting;
using bombo::testing::silence;

constexpr double kRate = 48000;

class Random {
public:
    explicit Random(unsigned seed) : m_engine(seed) {}
    double uniform(double low, double high) {
        return low + (high - low) * (static_cast<double>(m_engine()) / 4294967296.0);
    }

private:
    std::mt19937 m_engine;
};

// Onsets ----------------------------------------------------------------------------------------------------

struct Score {
    int found = 0;
    int missed = 0;
    int invented = 0;
    double f1() const { return 2.0 * found / std::max(1, 2 * found + missed + invented); }
};

/// Twelve taps of 0.1 to 0.4 at random distances; one that is heard within 10 ms counts.
Score onsets(double noiseDb, double shortestGap, double longestGap, unsigned seed) {
    Random random(seed);
    std::vector<double> truth;
    double at = 0.4;
    for (int i = 0; i < 12; ++i, at += random.uniform(shortestGap, longestGap))
        truth.push_back(at);
    auto sound = silence(at + 1.0);
    for (const double onset : truth)
        addTones(sound, edgeTap(random.uniform(150, 450), random.uniform(0.1, 0.9), random.uniform(0.1, 0.4)),
                 onset);
    addNoise(sound, 0.25 * std::pow(10.0, -noiseDb / 20.0), seed);
    Score score;
    std::vector<bool> taken(truth.size(), false);
    for (const Tap& tap : tapsIn(sound)) {
        bool right = false;
        for (std::size_t i = 0; i < truth.size() && !right; ++i)
            if (!taken[i] && std::abs(tap.onset.value - truth[i]) < 0.01)
                right = taken[i] = true;
        right ? ++score.found : ++score.invented;
    }
    score.missed = static_cast<int>(std::count(taken.begin(), taken.end(), false));
    return score;
}

void onsetTable() {
    std::printf(
        "| onsets | noise under the taps | found | missed | invented | F1 |\n|---|---|---|---|---|---|\n");
    struct Case {
        const char* name;
        double noiseDb;
        double shortest;
        double longest;
    };
    const Case cases[] = {{"0.6 to 2 s apart", 40, 0.6, 2.0},
                          {"0.6 to 2 s apart", 30, 0.6, 2.0},
                          {"0.6 to 2 s apart", 20, 0.6, 2.0},
                          {"0.25 to 0.6 s apart, faster than the tail", 40, 0.25, 0.6},
                          {"0.25 to 0.6 s apart, faster than the tail", 20, 0.25, 0.6}};
    for (const Case& c : cases) {
        Score all;
        for (unsigned seed = 1; seed <= 60; ++seed) {
            const Score one = onsets(c.noiseDb, c.shortest, c.longest, seed);
            all.found += one.found;
            all.missed += one.missed;
            all.invented += one.invented;
        }
        std::printf("| %s | %.0f dB | %d | %d | %d | %.4f |\n", c.name, c.noiseDb, all.found, all.missed,
                    all.invented, all.f1());
    }
}

// Spoilt taps -----------------------------------------------------------------------------------------------

void addWires(std::vector<float>& sound, double at, double level, double t60, unsigned seed) {
    std::mt19937 engine(seed);
    std::normal_distribution<double> normal(0.0, level);
    double before = 0.0;
    for (auto i = static_cast<std::size_t>(at * kRate); i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / kRate - at;
        const double noise = normal(engine);
        sound[i] +=
            static_cast<float>(std::exp(-std::log(1000.0) / t60 * t) * (noise - before) * 0.7); // bright
        before = noise;
    }
}

using Spoil = std::function<void(std::vector<float>&, double edge, Random&, unsigned seed)>;

/// What becomes of spoilt taps: the right word, a figure that is right all the same, another word, a wrong
/// figure.
void spoiltRow(const char* name, Verdict right, bool withTap, const Spoil& spoil) {
    constexpr int count = 200;
    int named = 0;
    int goodFigure = 0;
    int wrongFigure = 0;
    int otherWord = 0;
    int unheard = 0;
    Random random(77);
    for (int i = 0; i < count; ++i) {
        const double edge = random.uniform(150, 450);
        auto sound = silence(1.6);
        addNoise(sound, 0.0015, static_cast<unsigned>(i));
        if (withTap)
            addTones(sound, edgeTap(edge, random.uniform(0.15, 0.7), 0.3), 0.4);
        spoil(sound, edge, random, static_cast<unsigned>(i));
        const auto taps = tapsIn(sound);
        if (taps.empty()) {
            ++unheard;
            continue;
        }
        const Reading reading =
            readTap(taps.front(), {.expected = expecting(edge, random.uniform(-200, 200))});
        const bool clear = reading.verdict == Verdict::Clear;
        const bool exact = clear && std::abs(centsBetween(Hertz{edge}, *reading.frequency).value) < 5.0;
        if (reading.verdict == right && !clear)
            ++named;
        else if (exact && withTap)
            ++goodFigure;
        else if (clear)
            ++wrongFigure;
        else
            ++otherWord;
    }
    auto percent = [](int n) { return 100.0 * n / count; };
    std::printf("| %s | %s | %.1f %% | %.1f %% | %.1f %% | %.1f %% | %.1f %% |\n", name, verdictName(right),
                percent(named), percent(goodFigure), percent(otherWord), percent(unheard),
                percent(wrongFigure));
}

void spoiltTable() {
    std::printf("\n| spoilt by | word | said so | figure right all the same | asked again for another reason "
                "| not taken "
                "for a tap | wrong figure |\n|---|---|---|---|---|---|---|\n");
    spoiltRow("clipping at half of the peak", Verdict::Clipped, true,
              [](auto& sound, double, Random&, unsigned) {
                  for (float& s : sound)
                      s = std::clamp(s, -0.2F, 0.2F);
              });
    spoiltRow("a second blow 40 to 110 ms later", Verdict::StruckTwice, true,
              [](auto& sound, double edge, Random& random, unsigned) {
                  addTones(sound, edgeTap(edge, 0.3, 0.3), 0.4 + random.uniform(0.04, 0.11));
              });
    spoiltRow("wires on, -20 to -6 dB", Verdict::WiresOn, true,
              [](auto& sound, double, Random& random, unsigned seed) {
                  addWires(sound, 0.4, 0.3 * std::pow(10.0, random.uniform(-20.0, -6.0) / 20.0),
                           random.uniform(0.3, 0.8), seed);
              });
    spoiltRow("a knock, no tone", Verdict::NoTone, false,
              [](auto& sound, double, Random& random, unsigned seed) {
                  addNoise(sound, 0.2, seed + 500, 0.4, 0.4 + random.uniform(0.002, 0.01));
              });
    spoiltRow("a click track", Verdict::NoTone, false, [](auto& sound, double, Random&, unsigned) {
        addTones(sound, {{1000, 0.05, 0.4}, {1600, 0.05, 0.2}}, 0.4); // a dry beep
    });
    spoiltRow("a voice", Verdict::NoTone, false, [](auto& sound, double, Random& random, unsigned) {
        const double pitch = random.uniform(95, 220);
        double phase = 0;
        for (std::size_t i = static_cast<std::size_t>(0.4 * kRate); i < sound.size(); ++i) {
            const double t = static_cast<double>(i) / kRate - 0.4;
            const double swell = std::pow(std::sin(std::numbers::pi * std::min(1.0, t / 0.45)), 2);
            phase += 2 * std::numbers::pi * pitch * (1.0 + 0.08 * std::sin(9.0 * t)) / kRate;
            double s = 0;
            for (int k = 1; k <= 14; ++k)
                s += std::sin(k * phase) / k;
            sound[i] += static_cast<float>(0.12 * swell * s);
        }
    });
}

// Buzz length -----------------------------------------------------------------------------------------------

double median(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    return values.empty() ? 0.0 : values[values.size() / 2];
}

void buzzTable() {
    std::printf("\n| wires under the tap | heard | buzz length off by, median | worst of nine in ten "
                "|\n|---|---|---|---|\n");
    for (const double level : {-6.0, -12.0, -20.0}) {
        std::vector<double> off;
        Random random(5);
        constexpr int count = 150;
        for (int i = 0; i < count; ++i) {
            const double t60 = random.uniform(0.15, 0.9);
            auto sound = silence(1.6);
            addNoise(sound, 3e-4, static_cast<unsigned>(i));
            addTones(sound, edgeTap(random.uniform(150, 450), random.uniform(0.2, 0.8), 0.3), 0.4);
            addWires(sound, 0.4, 0.3 * std::pow(10.0, level / 20.0), t60, static_cast<unsigned>(900 + i));
            const auto taps = tapsIn(sound);
            const auto buzz = taps.empty() ? std::nullopt : lengthsOf(taps.front()).buzz;
            if (buzz)
                off.push_back(std::abs(buzz->value / t60 - 1.0));
        }
        std::sort(off.begin(), off.end());
        std::printf("| %.0f dB | %.0f %% | %.1f %% | %.1f %% |\n", level,
                    100.0 * static_cast<double>(off.size()) / count, 100.0 * median(off),
                    off.empty() ? 0.0 : 100.0 * off[off.size() * 9 / 10]);
    }
}

// Hours -----------------------------------------------------------------------------------------------------

double residentMegabytes() {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with("VmRSS:"))
            return std::atof(line.c_str() + 6) / 1024.0;
    return 0.0;
}

/// A minute of room, hum and ten taps, over and over.
void hours(double count) {
    auto minute = silence(60.0);
    addNoise(minute, 0.001, 3);
    addSteady(minute, 50.0, 0.002);
    for (int i = 0; i < 10; ++i)
        addTones(minute, edgeTap(250.0 + i, 0.4, 0.2), 2.0 + 5.7 * i);
    TapSplitter splitter(kRate);
    long taps = 0;
    std::map<int, double> memory;
    const auto start = std::chrono::steady_clock::now();
    const int minutes = static_cast<int>(60.0 * count);
    for (int m = 1; m <= minutes; ++m) {
        for (std::size_t at = 0; at < minute.size(); at += 480)
            for (const Tap& tap : splitter.push(std::span(minute).subspan(at, 480)))
                taps += readTap(tap).verdict == Verdict::Clear;
        if (m == 1 || m == minutes / 8 || m == minutes)
            memory[m] = residentMegabytes();
    }
    const double seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    std::printf("\n%.1f hours of listening in %.0f s: %ld clear taps of %d;", count, seconds, taps,
                10 * minutes);
    for (const auto& [m, mb] : memory)
        std::printf(" after %d min %.1f MB resident;", m, mb);
    std::printf("\n");
}

} // namespace

int main(int argc, char** argv) {
    onsetTable();
    spoiltTable();
    buzzTable();
    hours(argc > 1 ? std::max(0.05, std::atof(argv[1])) : 0.5);
    return 0;
}
