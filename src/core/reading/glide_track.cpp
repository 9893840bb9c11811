#include "core/reading/glide_track.h"

#include "core/reading/heterodyne.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace bombo {
namespace {

constexpr double kWindow = 0.05;    // s
constexpr double kHop = 0.01;       // s
constexpr double kFirst = 0.005;    // s; the click before that has all pitches
constexpr double kFarthest = 400.0; // cents, that a head can glide
constexpr double kBelow = 60.0;     // cents under where it settles that are looked at
constexpr double kGrid = 5.0;       // cents

/// Power of the partial's band on a grid of pitches, and the hills of it.
class Track {
public:
    Track(std::span<const float> after, double sampleRate, Hertz settled)
        : m_settled(settled),
          m_slow(heterodyne(after.first(std::min(after.size(), static_cast<std::size_t>(0.5 * sampleRate))),
                            sampleRate, centre(), width())) {}

    std::size_t windows() const {
        const double length = static_cast<double>(m_slow.samples.size()) / m_slow.rate;
        return length < kWindow + kFirst ? 0
                                         : static_cast<std::size_t>((length - kWindow - kFirst) / kHop) + 1;
    }

    struct Hill {
        double cents; ///< above where it settles
        double power;
    };
    std::vector<Hill> hills(std::size_t window) const {
        std::vector<double> power;
        for (double cents = -kBelow; cents <= kFarthest; cents += kGrid)
            power.push_back(powerAt(window, cents));
        std::vector<Hill> found;
        for (std::size_t i = 1; i + 1 < power.size(); ++i)
            if (power[i] > power[i - 1] && power[i] >= power[i + 1])
                found.push_back({-kBelow + kGrid * static_cast<double>(i), power[i]});
        return found;
    }

private:
    Hertz centre() const { return m_settled * std::exp2(0.5 * (kFarthest - kBelow) / 1200.0); }
    /// Half of what is let through, with room at the sides.
    Hertz width() const { return 0.35 * m_settled; }

    double powerAt(std::size_t window, double cents) const {
        const double offset = m_settled.value * std::exp2(cents / 1200.0) - centre().value;
        const auto first =
            static_cast<std::size_t>((kFirst + kHop * static_cast<double>(window)) * m_slow.rate);
        const auto length = static_cast<std::size_t>(kWindow * m_slow.rate);
        const std::complex<double> by = std::polar(1.0, -kTwoPi * offset / m_slow.rate);
        std::complex<double> turn = 1.0;
        std::complex<double> sum{};
        for (std::size_t i = 0; i < length && first + i < m_slow.samples.size(); ++i) {
            const double phase = kTwoPi * (static_cast<double>(i) + 0.5) / static_cast<double>(length);
            sum += (0.5 - 0.5 * std::cos(phase)) * m_slow.samples[first + i] * turn;
            turn *= by;
        }
        return std::norm(sum);
    }

    Hertz m_settled;
    SlowSamples m_slow;
};

const Track::Hill* highest(const std::vector<Track::Hill>& hills, double from, double to) {
    const Track::Hill* best = nullptr;
    for (const Track::Hill& hill : hills)
        if (hill.cents >= from && hill.cents <= to && (best == nullptr || hill.power > best->power))
            best = &hill;
    return best;
}

} // namespace

std::optional<Cents> glideFollowed(std::span<const float> after, double sampleRate, Hertz settled) {
    constexpr double atTheEnd = 30.0; // cents, where the way back begins
    constexpr double mostDown = 12.0; // cents a hop that it may seem to go down on the way back
    constexpr double mostUp = 60.0;   // cents a hop
    constexpr double faint = 1e-3;    // of the first window's power, where the way back begins at the latest
    constexpr double leading = 0.25;  // share of the band's strongest that it must be at its beginning
    constexpr double least = 25.0;    // cents
    const Track track(after, sampleRate, settled);
    if (track.windows() < 5)
        return std::nullopt;
    const auto first = track.hills(0);
    const Track::Hill* loudest = highest(first, -kBelow, kFarthest);
    if (loudest == nullptr)
        return std::nullopt;
    // From the last window in which the settled partial still stands out.
    std::size_t window = track.windows();
    double at = 0.0;
    while (window > 0) {
        const auto hills = track.hills(--window);
        const Track::Hill* hill = highest(hills, -atTheEnd, atTheEnd);
        if (hill != nullptr && hill->power > faint * loudest->power &&
            hill->power >= leading * highest(hills, -kBelow, kFarthest)->power) {
            at = hill->cents;
            break;
        }
    }
    // Back to the first, and on to the blow itself by the pace of the last few windows.
    constexpr std::size_t pace = 3;                   // windows
    constexpr double middle = kFirst + 0.5 * kWindow; // s, of the first
    constexpr double mostBeyond = 2.5;                // times what the first window has
    double before = at;
    while (window > 0) {
        const auto hills = track.hills(--window);
        const Track::Hill* hill = highest(hills, at - mostDown, at + mostUp);
        if (hill == nullptr || (window == 0 && hill->power < leading * loudest->power))
            return std::nullopt;
        at = hill->cents;
        if (window == pace)
            before = at;
    }
    if (at < least)
        return std::nullopt;
    const double grows = at / std::max(before, 0.3 * at); // over the pace
    const double further = std::pow(grows, middle / (kHop * static_cast<double>(pace)));
    return Cents{at * std::clamp(further, 1.0, mostBeyond)};
}

} // namespace bombo
