#include "support/season.h"

#include "core/acoustics/film.h"
#include "core/acoustics/pitches.h"
#include "core/acoustics/tension_field.h"
#include "core/tuning/evening_share.h"
#include "support/drums.h"
#include "support/resting_tension.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bombo::testing {
namespace {

constexpr std::array kSides{HeadSide::Batter, HeadSide::SnareSide};

double centsOf(double from, double to) {
    return 600.0 * std::log2(to / from);
}

} // namespace

namespace {

Drum woodenOne(int rods) {
    Drum drum = plover(rods);
    drum.shell.expansionPerHumidity = 1.3e-3;
    drum.fittedAt.batter = 1'790'000'000 - 86400 * 200;
    drum.fittedAt.snareSide = 1'790'000'000 - 86400 * 400;
    return drum;
}

} // namespace

HiddenSeason::HiddenSeason(std::uint64_t seed, int rods) : HiddenSeason(woodenOne(rods), seed) {}

HiddenSeason::HiddenSeason(Drum described, std::uint64_t seed) : drum(std::move(described)), m_dice(seed) {
    const int rods = drum.rods;
    m_true = drum;
    m_true.shell.expansionPerHumidity *= std::max(0.2, 1.0 + 0.4 * m_dice.normal());
    for (HeadSpec* head : {&m_true.batterHead, &m_true.snareSideHead}) {
        head->expansionPerHumidity *= 1.0 + 0.15 * m_dice.normal();
        head->modulusPerKelvin *= m_dice.uniform(0.8, 1.2);
    }
    m_follows = m_dice.uniform(20.0, 60.0);
    for (const HeadSide side : kSides) {
        const std::size_t i = of(side);
        m_creep[i] = m_dice.uniform(8.0, 45.0);
        m_creepFrom[i] = std::exp(m_dice.uniform(std::log(0.5), std::log(6.0)));
        const EveningShare share = eveningPrior(drum, side);
        m_heardShare[i] = share.mean + share.spread * m_dice.normal();
        perTurn[i] = tensionPerTurnPrior(drum, side).value * m_dice.uniform(0.75, 1.3);
        tensions[i].assign(static_cast<std::size_t>(rods), side == HeadSide::Batter ? 2900.0 : 2100.0);
    }
}

double HiddenSeason::mean(HeadSide side) const {
    double sum = 0.0;
    for (const double t : tensions[of(side)])
        sum += t;
    return sum / static_cast<double>(tensions[of(side)].size());
}

/// Cents that the film has come down since it was put on, by the logarithm of time; over after ten days.
double HiddenSeason::creptBy(HeadSide side, std::int64_t when) const {
    const std::int64_t fitted = side == HeadSide::Batter ? drum.fittedAt.batter : drum.fittedAt.snareSide;
    const double hours = std::clamp(static_cast<double>(when - fitted) / 3600.0, 0.0, 240.0);
    const double from = m_creepFrom[of(side)];
    return m_creep[of(side)] * std::log1p(hours / from) / std::log1p(240.0 / from);
}

Hertz HiddenSeason::truePitch(HeadSide side) const {
    const Tension t{mean(side)};
    return edgePitch(drumState(drum, t, t, airAt(weather)), side);
}

HeadReading HiddenSeason::hear(HeadSide side) {
    const std::size_t i = of(side);
    const auto rods = static_cast<Eigen::Index>(tensions[i].size());
    Eigen::VectorXd own(rods);
    for (Eigen::Index rod = 0; rod < rods; ++rod)
        own[rod] = centsOf(mean(side), tensions[i][static_cast<std::size_t>(rod)]);
    const Eigen::VectorXd heard = heardKernel(drum.rods, 1, m_heardShare[i]) * own;
    HeadReading reading;
    reading.at = now;
    reading.weather = weatherNow(weather);
    double sum = 0.0;
    std::vector<double> cents;
    for (Eigen::Index rod = 0; rod < rods; ++rod) {
        cents.push_back(heard[rod] + 2.2 * m_dice.normal());
        sum += cents.back() / static_cast<double>(rods);
    }
    for (const double c : cents)
        reading.heard.rods.push_back(Cents{c - sum});
    reading.heard.edge = moved(truePitch(side), Cents{sum + 1.0 * m_dice.normal()});
    reading.heard.error = Cents{1.3};
    return reading;
}

std::array<HiddenSeason::Parts, 2> HiddenSeason::leaveUntil(std::int64_t later, const Weather& there,
                                                            bool played) {
    const double hours = static_cast<double>(later - now) / 3600.0;
    const double dampNow =
        there.relativeHumidity + (m_shellDamp - there.relativeHumidity) * std::exp(-hours / m_follows);
    std::array<Parts, 2> parts;
    for (const HeadSide side : kSides) {
        const std::size_t i = of(side);
        std::vector<double>& own = tensions[i];
        const double before = mean(side);
        const Hertz airBefore = truePitch(side);

        // The shell follows the damp by its own share: as if it had taken on so much of what film meets.
        const double damper = there.relativeHumidity - weather.relativeHumidity;
        const double follows = std::abs(damper) > 1e-9 ? (dampNow - m_shellDamp) / damper : 0.0;
        Drum shell = m_true;
        double rested = restingTension(shell, before, weather, there, follows, side);
        if (std::abs(damper) <= 1e-9) { // damp as before, but the shell still follows
            Weather as = there;
            as.relativeHumidity = weather.relativeHumidity + 1e-6;
            rested = restingTension(shell, before, weather, as, (dampNow - m_shellDamp) / 1e-6, side);
        }
        const Tension t{before};
        const Hertz airAfter = edgePitch(drumState(drum, t, t, airAt(there)), side);
        parts[i].weather = centsOf(before, rested) + centsBetween(airBefore, airAfter).value;
        parts[i].settled = creptBy(side, now) - creptBy(side, later);
        parts[i].other = 3.0 * m_dice.normal();
        const double all = (rested / before) * std::exp2((parts[i].settled + parts[i].other) / 600.0);
        for (double& one : own)
            one *= all;
        if (played && m_dice.uniform(0.0, 1.0) < 0.35) {
            const double was = mean(side);
            parts[i].rod = static_cast<int>(m_dice.uniform(0.0, static_cast<double>(own.size()) - 1e-9));
            own[static_cast<std::size_t>(parts[i].rod)] -= m_dice.uniform(0.05, 0.3) * perTurn[i];
            parts[i].backedOff = centsOf(was, mean(side));
        }
    }
    m_shellDamp = dampNow;
    weather = there;
    now = later;
    return parts;
}

void HiddenSeason::fit(HeadSide side, std::int64_t when, double tension) {
    const std::size_t i = of(side);
    (side == HeadSide::Batter ? drum.fittedAt.batter : drum.fittedAt.snareSide) = when;
    now = std::max(now, when);
    m_creep[i] = std::clamp(m_creep[i] * m_dice.uniform(0.85, 1.15), 5.0, 60.0);
    std::fill(tensions[i].begin(), tensions[i].end(), tension);
}

void HiddenSeason::turn(HeadSide side, const std::vector<Turns>& turns) {
    for (std::size_t rod = 0; rod < turns.size(); ++rod)
        tensions[of(side)][rod] += perTurn[of(side)] * turns[rod].value * m_dice.uniform(0.97, 1.0);
}

} // namespace bombo::testing
