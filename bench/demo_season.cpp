/// Makes the log of data/demo.json: two seasons in the picture house, played by drums with a hidden nature.
///
///     bombo-demo-season data/demo.json > new.json
#include "core/acoustics/film.h"
#include "core/log/entry.h"
#include "core/record/json_values.h"
#include "core/tuning/targets.h"
#include "store/demo.h"
#include "support/season.h"

#include <QDateTime>
#include <cmath>
#include <fstream>
#include <iostream>
#include <map>

namespace {

using namespace bombo;

enum class Hands { Tune, LeaveAlone, NoTime };

struct Evening {
    const char* when;
    const char* drum;
    const char* tone;
    double celsius, humidity, strainer;
    int stars;
    const char* player;
    const char* place;
    const char* note; ///< %1 stands for how many cents the batter had come down
    Hands hands = Hands::Tune;
    int padsOnBatter = 0;
    int backedOff = -1; ///< a rod, 0-based, that lost a fifth of a turn
};

constexpr const char* kHouse = "Picture house";
constexpr const char* kHall = "Town hall";
constexpr const char* kRoom = "Rehearsal room";

// In order of time.
const Evening kEvenings[]{
    {"2026-04-10T18:15:00", "plover", "waltz", 19, 0.45, 1.375, 4, "House drummer", kHouse,
     "First show of the spring."},
    {"2026-04-11T18:20:00", "wren", "newsreel", 19, 0.46, 1.75, 4, "House drummer", kHouse,
     "The old heads still do."},
    {"2026-04-17T18:10:00", "plover", "chase", 18, 0.5, 1.5, 4, "House drummer", kHouse, "", Hands::Tune, 1},
    {"2026-04-24T18:30:00", "plover", "ghost", 20, 0.44, 0.875, 5, "House drummer", kHouse,
     "A whisper, and they all heard it."},
    {"2026-04-25T18:05:00", "nightjar", "storm", 20, 0.44, 1.125, 3, "Stand-in", kHouse,
     "Heads are old; broad enough.", Hands::Tune, 1},
    {"2026-05-02T15:00:00", "plover", "chase", 21, 0.48, 1.5, 3, "House drummer", kRoom,
     "Rehearsal for the chase reel.", Hands::Tune, 1},
    {"2026-05-08T18:20:00", "plover", "chase", 20, 0.52, 1.5, 4, "House drummer", kHouse, "", Hands::Tune, 1},
    {"2026-05-15T18:15:00", "wren", "newsreel", 21, 0.5, 1.75, 5, "House drummer", kHouse,
     "New heads and wires last week: crisp again."},
    {"2026-05-22T18:40:00", "plover", "storm", 22, 0.55, 1.0, 3, "Stand-in", kHouse, "", Hands::Tune, 2},
    {"2026-05-29T18:20:00", "plover", "chase", 23, 0.56, 1.5, 3, "House drummer", kHouse,
     "It rings on, more than last month.", Hands::Tune, 1},
    {"2026-06-05T18:10:00", "plover", "waltz", 24, 0.58, 1.375, 3, "House drummer", kHall,
     "Town hall, warm. Open."},
    {"2026-06-12T18:30:00", "wren", "newsreel", 24, 0.58, 1.75, 4, "House drummer", kHall, ""},
    {"2026-06-19T18:20:00", "plover", "chase", 25, 0.6, 1.5, 2, "House drummer", kHouse,
     "Batter is dead in the middle and rings at the edge. New one after the summer.", Hands::Tune, 2},
    {"2026-09-04T18:20:00", "plover", "chase", 22, 0.55, 1.5, 4, "House drummer", kHouse,
     "Season opens. New batter head last week, settled.", Hands::Tune, 1},
    {"2026-09-04T18:55:00", "nightjar", "storm", 22, 0.55, 1.25, 5, "Stand-in", kHouse,
     "Good and broad. One pad at two o'clock.", Hands::Tune, 1},
    {"2026-09-05T18:15:00", "plover", "chase", 22, 0.54, 1.5, 4, "House drummer", kHouse, "", Hands::Tune, 1},
    {"2026-09-11T18:10:00", "wren", "newsreel", 20, 0.52, 1.75, 5, "House drummer", kHouse,
     "Crisp to the back row."},
    {"2026-09-12T18:20:00", "plover", "waltz", 20, 0.52, 1.375, 4, "House drummer", kHouse, ""},
    {"2026-09-18T18:30:00", "plover", "ghost", 19, 0.5, 0.875, 5, "House drummer", kHouse,
     "Answers brushes down to nothing."},
    {"2026-09-25T18:20:00", "plover", "chase", 11, 0.72, 1.5, 3, "House drummer", kHouse,
     "The heating failed: 11 degrees and damp. %1 cents down before a key was turned.", Hands::Tune, 1},
    {"2026-09-25T19:05:00", "nightjar", "storm", 14, 0.7, 1.25, 2, "Stand-in", kHouse,
     "Cold and damp, the heating failed. It had moved; ran out of time to even it.", Hands::NoTime, 1},
    {"2026-09-26T18:15:00", "plover", "chase", 10, 0.74, 1.5, 3, "House drummer", kHouse, "Still no heating.",
     Hands::LeaveAlone, 1},
    {"2026-10-02T18:15:00", "plover", "chase", 18, 0.5, 3.75, 1, "House drummer", kHouse,
     "Strainer set far too tight: no answer to soft strokes near the edge, sounded like a tom. Should have "
     "swept from loose.",
     Hands::Tune, 1},
    {"2026-10-03T17:40:00", "plover", "chase", 19, 0.48, 1.5, 5, "House drummer", kHouse,
     "Back to one and a half turns: the wires are alive again.", Hands::Tune, 1},
    {"2026-10-09T18:20:00", "wren", "newsreel", 20, 0.46, 1.75, 3, "House drummer", kHouse,
     "Rods 2 and 5 had backed off a little.", Hands::Tune, 0, 1},
    {"2026-10-10T18:10:00", "plover", "chase", 20, 0.46, 1.5, 5, "House drummer", kHouse, "", Hands::Tune, 1},
    {"2026-10-16T18:25:00", "nightjar", "waltz", 20, 0.45, 1.625, 2, "Stand-in", kHouse,
     "Wires loose at full travel: the strands have stretched. New set ordered."},
    {"2026-10-17T18:20:00", "plover", "chase", 20, 0.44, 1.5, 4, "House drummer", kHouse,
     "One rod had let go.", Hands::Tune, 1, 4},
    {"2026-10-23T18:00:00", "plover", "waltz", 21, 0.44, 1.375, 5, "House drummer", kHouse,
     "Left open, no pads. The trumpet liked it."},
    {"2026-10-24T15:00:00", "plover", "waltz", 20, 0.44, 1.25, 4, "Stand-in", kRoom,
     "For the stand-in: a little looser."},
    {"2026-10-30T19:10:00", "plover", "storm", 20, 0.42, 1.0, 3, "Stand-in", kHouse,
     "Two pads. Nightjar is waiting for wires, Plover stood in.", Hands::Tune, 2},
    {"2026-10-31T18:15:00", "plover", "ghost", 19, 0.42, 0.875, 5, "House drummer", kHouse, ""},
    {"2026-11-01T15:30:00", "nightjar", "storm", 19, 0.42, 1.375, 2, "Stand-in", kRoom,
     "Tried it with the old wires once more.", Hands::Tune, 1},
    {"2026-11-06T17:30:00", "plover", "chase", 17, 0.42, 1.5, 5, "House drummer", kHouse, "", Hands::Tune, 1},
    {"2026-11-06T18:20:00", "wren", "newsreel", 17, 0.42, 1.75, 4, "House drummer", kHouse,
     "New snare-side film, pulled up in small steps and left overnight."},
    {"2026-11-07T18:10:00", "wren", "newsreel", 18, 0.42, 1.75, 5, "House drummer", kHouse,
     "The new film had come down %1 cents."},
    {"2026-11-08T15:00:00", "wren", "chase", 20, 0.4, 1.5, 3, "Stand-in", kRoom,
     "The small one for a chase, to try."},
    {"2026-11-13T18:35:00", "plover", "chase", 11, 0.28, 1.5, 3, "House drummer", kHouse,
     "A week untouched and a cold hall: %1 cents down. Batter looks worn in the middle, change it soon.",
     Hands::LeaveAlone, 1, 6},
    {"2026-11-20T18:20:00", "wren", "newsreel", 18, 0.4, 1.75, 4, "House drummer", kHouse, ""},
    {"2026-11-21T18:15:00", "plover", "chase", 18, 0.4, 1.5, 4, "House drummer", kHouse,
     "Up again where it was.", Hands::Tune, 1},
};

std::int64_t utcOf(const char* when) {
    return QDateTime::fromString(QString::fromLatin1(when), Qt::ISODate).toSecsSinceEpoch();
}

/// To so many parts of one.
double rounded(double value, double parts) {
    return std::round(value * parts) / parts;
}

Json heardJson(const HeardHead& heard) {
    Json rods = Json::array();
    for (const Cents cents : heard.rods)
        rods.push_back(rounded(cents.value, 10.0));
    return {{"measured_hz", rounded(heard.edge.value, 10.0)},
            {"error_cents", rounded(heard.error.value, 10.0)},
            {"rods_cents", rods}};
}

double widest(const HeardHead& heard) {
    double most = 0.0;
    for (const Cents cents : heard.rods)
        most = std::max(most, std::abs(cents.value));
    return std::round(most);
}

/// One drum of the house with all that became of it so far.
class Played {
public:
    Played(const Drum& drum, std::uint64_t seed)
        : m_season(drum, seed), m_dice(seed * 17), m_fitted(drum.fittedAt) {
        m_season.now = utcOf("2026-04-01T18:00:00");
        m_season.weather = {Celsius{19}, 0.45, Pascal{101325}};
        const std::int64_t old = utcOf("2025-10-01T10:00:00");
        for (std::int64_t* at : {&m_season.drum.fittedAt.batter, &m_season.drum.fittedAt.snareSide})
            *at = std::min(*at, old);
    }

    Json entry(const Evening& evening, const Tone& tone) {
        const std::int64_t at = utcOf(evening.when);
        fitNew(at);
        const Weather weather{Celsius{evening.celsius}, evening.humidity, Pascal{101325}};
        const auto parts = m_season.leaveUntil(at, weather, false);
        (void)parts;
        if (evening.backedOff >= 0)
            m_season.tensions[0][static_cast<std::size_t>(evening.backedOff)] -= 0.2 * m_season.perTurn[0];
        const Targets targets = *targetsFor(m_season.drum, tone, airAt(weather));
        Json setup;
        double down = 0.0;
        for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
            const HeardHead found = m_season.hear(side).heard;
            const bool isBatter = side == HeadSide::Batter;
            const std::size_t i = isBatter ? 0 : 1;
            const bool isFresh = m_left[i].value == 0.0;
            if (m_left[i].value > 0.0 && std::abs(centsBetween(m_left[i], found.edge).value) > std::abs(down))
                down = centsBetween(found.edge, m_left[i]).value;
            if (evening.hands != Hands::LeaveAlone)
                tune(side, targets.head(side), evening.hands == Hands::NoTime ? 90.0 : 8.0);
            const HeardHead left = evening.hands == Hands::LeaveAlone ? found : m_season.hear(side).heard;
            m_left[i] = left.edge;
            Json head = heardJson(left);
            head["target_hz"] = rounded(targets.head(side).edgePitch.value, 10.0);
            head["widest_cents"] = widest(left);
            head["head"] = m_season.drum.head(side).id;
            head["fitted_at"] = isBatter ? m_season.drum.fittedAt.batter : m_season.drum.fittedAt.snareSide;
            head["per_turn_n_per_m"] = rounded(m_season.perTurn[i] * (1.0 + 0.02 * m_dice.normal()), 1.0);
            head["per_turn_error_n_per_m"] = rounded(0.05 * m_season.perTurn[i], 1.0);
            if (!isFresh)
                head["found"] = heardJson(found);
            setup[isBatter ? "batter" : "snare_side"] = head;
        }
        m_hours += kShow;
        words(setup, evening, tone, down);
        return {{"when", evening.when}, {"drum", m_season.drum.id}, {"tone", evening.tone}, {"setup", setup}};
    }

private:
    static constexpr double kShow = 2.5;

    void fitNew(std::int64_t before) {
        for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
            const bool isBatter = side == HeadSide::Batter;
            const std::int64_t fitted = isBatter ? m_fitted.batter : m_fitted.snareSide;
            const std::int64_t on =
                isBatter ? m_season.drum.fittedAt.batter : m_season.drum.fittedAt.snareSide;
            if (fitted <= on || fitted > before)
                continue;
            m_season.leaveUntil(std::max(m_season.now, fitted), m_season.weather, false);
            m_season.fit(side, fitted, isBatter ? 2600.0 : 1800.0);
            m_left[isBatter ? 0 : 1] = Hertz{};
            if (isBatter)
                m_hours = 0.0;
        }
    }

    /// Hands with a key: the mean within two cents of the target, rods within what was asked.
    void tune(HeadSide side, const HeadTarget& target, double scatter) {
        std::vector<double>& own = m_season.tensions[side == HeadSide::Batter ? 0 : 1];
        const double most = 0.99 * tensionAtLoad(m_season.drum.head(side), kFilmLoadLimit).value;
        double mean = 0.0;
        for (double& one : own) {
            one = std::min(target.tension.value, most) * std::exp2(scatter * m_dice.normal() / 600.0);
            mean += one / static_cast<double>(own.size());
        }
        const double aim =
            std::min(target.tension.value, most) * std::exp2((1.2 * m_dice.normal() - 0.8) / 600.0);
        for (double& one : own)
            one *= aim / mean;
    }

    void words(Json& setup, const Evening& evening, const Tone& tone, double down) {
        const double pads = std::exp(-0.12 * evening.padsOnBatter);
        const double predicted = tone.ring.value * pads * 1.02;
        const double worn = 1.0 + 0.25 * std::pow(m_hours / 48.0, 1.1);
        setup["ring_predicted_s"] = rounded(predicted, 100.0);
        setup["heard"]["ring_s"] = rounded(predicted * worn * (1.0 + 0.02 * m_dice.normal()), 100.0);
        setup["strainer_turns"] = evening.strainer;
        m_slack = std::min(m_season.drum.wires.slackTurns, m_slack + m_season.drum.wires.slackTurns / 4.0);
        setup["wires"] = {{"set", wiresText(m_season.drum.wires)},
                          {"slack_turns", rounded(m_slack, 8.0)},
                          {"fitted_at", m_season.drum.fittedAt.wires}};
        setup["diameter_m"] = m_season.drum.shell.diameter.value;
        Json laid = Json::array();
        for (int pad = 0; pad < evening.padsOnBatter; ++pad)
            laid.push_back({{"kind", "gel-pad"},
                            {"radius_m", rounded(0.8 * m_season.drum.shell.radius().value, 1000.0)},
                            {"angle_deg", pad == 0 ? 60.0 : 200.0}});
        setup["pads"] = laid;
        setup["weather_said"] = true;
        setup["temperature_c"] = evening.celsius;
        setup["relative_humidity"] = evening.humidity;
        setup["stars"] = evening.stars;
        setup["player"] = evening.player;
        setup["place"] = evening.place;
        setup["note"] = QString::fromUtf8(evening.note)
                            .replace(QLatin1String("%1"), QString::number(std::lround(std::abs(down))))
                            .toStdString();
    }

    testing::HiddenSeason m_season;
    Dice m_dice;
    FittedAt m_fitted;
    std::array<Hertz, 2> m_left{};
    double m_hours = 30.0; ///< on the batter, before the first entry
    double m_slack = 0.0;
};

} // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::cerr << "bombo-demo-season data/demo.json > new.json\n";
        return 2;
    }
    std::ifstream file(argv[1]);
    const std::string old((std::istreambuf_iterator<char>(file)), {});
    const std::string begins = "\"log\": [";
    const std::size_t at = old.find(begins);
    if (at == std::string::npos) {
        std::cerr << argv[1] << " has no log\n";
        return 1;
    }
    std::map<std::string, Played> played;
    for (const DrumRow& row : demoDrums())
        played.emplace(row.drum.id, Played(row.drum, row.practiceSeed));
    std::map<std::string, Tone> tones;
    for (const Tone& tone : demoTones())
        tones.emplace(tone.id, tone);
    std::cout << old.substr(0, at) << begins; // an entry a line
    const char* between = "\n    ";
    for (const Evening& evening : kEvenings) {
        std::cout << between << played.at(evening.drum).entry(evening, tones.at(evening.tone)).dump();
        between = ",\n    ";
    }
    std::cout << "\n  ]\n}\n";
    return 0;
}
