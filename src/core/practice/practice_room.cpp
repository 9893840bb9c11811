#include "core/practice/practice_room.h"

#include "core/units/dice.h"
#include "core/units/fourier.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

constexpr double kSpeedOfSound = 343.0; // m/s
constexpr double kImagesUntil = 0.045;  // s

constexpr std::array<RoomNature, 3> kRooms{{
    {{4.1, 3.3, 2.5}, Seconds{0.35}, -46.0, Metres{0.2}, Metres{0.7}},
    {{5.6, 4.4, 2.7}, Seconds{0.45}, -44.0, Metres{0.22}, Metres{0.9}},
    {{13.0, 9.0, 5.2}, Seconds{1.2}, -48.0, Metres{0.3}, Metres{1.6}},
}};

/// Reflection of pressure at each wall, after Eyring.
double reflectionOf(const RoomNature& nature) {
    const auto [x, y, z] = nature.size;
    const double volume = x * y * z;
    const double surface = 2.0 * (x * y + y * z + z * x);
    return std::exp(-0.5 * 0.161 * volume / (surface * nature.rt60.value));
}

/// Adds an arrival between two samples.
void addArrival(std::vector<double>& h, double at, double gain) {
    const auto before = static_cast<std::size_t>(at);
    const double share = at - static_cast<double>(before);
    if (before + 1 >= h.size())
        return;
    h[before] += gain * (1.0 - share);
    h[before + 1] += gain * share;
}

/// Two poles of high-pass, as small capsules have.
void cutBass(std::vector<double>& sound, double sampleRate, double corner) {
    const double pole = std::exp(-2.0 * std::numbers::pi * corner / sampleRate);
    for (int order = 0; order < 2; ++order) {
        double in = 0.0;
        double out = 0.0;
        for (double& s : sound) {
            out = 0.5 * (1.0 + pole) * (s - in) + pole * out;
            in = s;
            s = out;
        }
    }
}

/// The driver shuts when the level has stayed 25 dB under the blow for 60 ms: within 10 ms all is gone.
void gate(std::vector<float>& sound, double sampleRate, std::size_t lead) {
    const auto hold = static_cast<std::size_t>(0.06 * sampleRate);
    const double fades = std::exp(-kRateOf60Db / (0.01 * sampleRate));
    double peak = 0.0;
    for (const float s : sound)
        peak = std::max(peak, std::abs(static_cast<double>(s)));
    std::size_t quiet = hold; // shut before the blow
    double gain = 0.0;
    double power = 0.0;
    const double smooth = 1.0 / (0.004 * sampleRate);
    for (std::size_t i = 0; i < sound.size(); ++i) {
        power += smooth * (static_cast<double>(sound[i]) * sound[i] - power);
        const bool loud = power > 0.5 * std::pow(0.08 * peak, 2);
        quiet = loud || i == lead ? 0 : quiet + 1;
        gain = quiet < hold ? std::min(1.0, gain + 1000.0 / sampleRate) : gain * fades;
        sound[i] *= static_cast<float>(gain);
    }
}

/// The driver turns its gain down within 3 ms as the level rises, by 19 dB at most, and up again within a
/// second.
void followGain(std::vector<float>& sound, double sampleRate) {
    const double rises = 1.0 - std::exp(-1.0 / (0.003 * sampleRate));
    const double falls = std::exp(-1.0 / (0.7 * sampleRate));
    double peak = 1e-12;
    for (const float s : sound)
        peak = std::max(peak, std::abs(static_cast<double>(s)));
    double level = 0.0;
    double highest = 1e-12;
    for (float& s : sound) {
        const double now = std::abs(static_cast<double>(s)) / peak;
        level = now > level ? level + rises * (now - level) : level * falls;
        s = static_cast<float>(s / (1.0 + 8.0 * level));
        highest = std::max(highest, std::abs(static_cast<double>(s)));
    }
    for (float& s : sound)
        s = static_cast<float>(s * peak / highest);
}

/// A floor with more bass than treble, as fans and streets have.
void addFloor(std::vector<float>& sound, double rms, Dice& dice) {
    double slow = 0.0;
    for (float& s : sound) {
        const double hiss = dice.rough();
        slow = 0.98 * slow + 0.199 * hiss;
        s += static_cast<float>(rms * (0.4 * hiss + 0.917 * slow));
    }
}

} // namespace

const RoomNature& natureOf(RoomKind kind) {
    return kRooms[static_cast<std::size_t>(kind) - 1];
}

std::vector<double> roomResponse(const PracticeRoom& room, double sampleRate, double asideX, double asideY) {
    const RoomNature& nature = natureOf(room.kind);
    const auto [lx, ly, lz] = nature.size;
    Dice dice(room.seed * 0x9E3779B9ULL + static_cast<std::uint64_t>(room.kind) * 131 +
              static_cast<std::uint64_t>(room.distance));
    const double distance = (room.distance == RoomDistance::Near ? nature.near : nature.far).value;
    const std::array<double, 3> drum{dice.uniform(0.25, 0.75) * lx, dice.uniform(0.25, 0.75) * ly, 0.75};
    const double around = dice.uniform(0.0, 2.0 * std::numbers::pi);
    const double up = dice.uniform(0.3, 0.9);
    const std::array<double, 3> ear{drum[0] + distance * std::cos(around) * std::cos(up),
                                    drum[1] + distance * std::sin(around) * std::cos(up),
                                    drum[2] + distance * std::sin(up)};
    const std::array<double, 3> source{drum[0] + asideX, drum[1] + asideY, drum[2]};
    const double fall = kRateOf60Db / nature.rt60.value;
    std::vector<double> h(static_cast<std::size_t>(std::min(1.3, 1.05 * nature.rt60.value) * sampleRate),
                          0.0);

    // Images: along each axis the source stands at 2 n L + x and 2 n L - x, behind |2n| and |2n - 1| walls.
    const double wall = reflectionOf(nature);
    const double reach = kSpeedOfSound * kImagesUntil + distance;
    struct Image {
        double at;
        int walls;
    };
    const auto along = [&](double x, double length) {
        std::vector<Image> images;
        const int most = static_cast<int>(reach / (2.0 * length)) + 1;
        for (int n = -most; n <= most; ++n) {
            images.push_back({2.0 * n * length + x, std::abs(2 * n)});
            images.push_back({2.0 * n * length - x, std::abs(2 * n - 1)});
        }
        return images;
    };
    for (const Image& x : along(source[0], lx))
        for (const Image& y : along(source[1], ly))
            for (const Image& z : along(source[2], lz)) {
                const int walls = x.walls + y.walls + z.walls;
                const double away = std::hypot(x.at - ear[0], y.at - ear[1], z.at - ear[2]);
                if (walls == 0 || away > reach)
                    continue;
                addArrival(h, (away - distance) / kSpeedOfSound * sampleRate,
                           std::pow(wall, walls) * distance / away);
            }
    // A diffuse field of 4 pi c / V images a second, each 1 / (c t) strong.
    const double volume = lx * ly * lz;
    const double level = distance * std::sqrt(4.0 * std::numbers::pi * kSpeedOfSound / volume / sampleRate);
    const double pole = std::exp(-2.0 * std::numbers::pi * 1200.0 / sampleRate);
    const double aside = std::hypot(asideX, asideY); // another place, in part another tail
    Dice own(room.seed * 31 + static_cast<std::uint64_t>(1e6 * (asideX + 10.0)) * 7 +
             static_cast<std::uint64_t>(1e6 * (asideY + 10.0)));
    const double other = std::min(0.35, aside);
    double low = 0.0;
    for (auto i = static_cast<std::size_t>(kImagesUntil * sampleRate); i < h.size(); ++i) {
        const double t = static_cast<double>(i) / sampleRate;
        const double noise = std::sqrt(1.0 - other * other) * dice.rough() + other * own.rough();
        low = pole * low + (1.0 - pole) * noise;
        h[i] += level * (low * std::exp(-fall * t) + (noise - low) * std::exp(-1.6 * fall * t));
    }
    h[0] += 1.0;
    return h;
}

void hearInRoom(std::vector<float>& sound, const PracticeRoom& room, double sampleRate, std::size_t lead,
                double asideX, double asideY, std::uint64_t stroke) {
    if (room.kind == RoomKind::Dry || sound.size() <= lead)
        return;
    Dice dice(room.seed ^ (stroke * 0x2545F491ULL + 99));
    float peak = 0.0F;
    for (const float s : sound)
        peak = std::max(peak, std::abs(s));
    const std::vector<double> dry(sound.begin() + static_cast<std::ptrdiff_t>(lead), sound.end());
    std::vector<double> wet = convolved(dry, roomResponse(room, sampleRate, asideX, asideY), dry.size());
    const bool builtIn = room.microphone == MicrophoneKind::BuiltIn;
    if (builtIn)
        cutBass(wet, sampleRate, 160.0);
    double highest = 1e-12;
    for (const double s : wet)
        highest = std::max(highest, std::abs(s));
    for (std::size_t i = 0; i < wet.size(); ++i)
        sound[lead + i] = static_cast<float>(wet[i] * peak / highest);
    addFloor(sound, 0.35 * std::pow(10.0, (natureOf(room.kind).floorDb + (builtIn ? 6.0 : 0.0)) / 20.0),
             dice);
}

void passDriver(std::vector<float>& sound, const PracticeRoom& room, double sampleRate, std::size_t lead) {
    if (room.microphone == MicrophoneKind::BuiltIn)
        gate(sound, sampleRate, lead);
    if (room.microphone == MicrophoneKind::FollowsGain)
        followGain(sound, sampleRate);
}

} // namespace bombo
