#include "app/logbook/drum_state.h"

#include "app/logbook/back_words.h"
#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "core/acoustics/film.h"
#include "core/log/entry_filter.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct StateText {
    Q_DECLARE_TR_FUNCTIONS(DrumState)
};

constexpr double kSoon = 6.0; // shows

} // namespace

DrumStateLine drumStateLine(const Drum& drum, const std::vector<Entry>& entries, const QString& tone,
                            const Weather& weather, std::int64_t now) {
    DrumStateLine line;
    const Entry* last = newestOf(entries, drum.id);
    if (last == nullptr)
        return line;
    std::vector<Entry> own;
    std::copy_if(entries.begin(), entries.end(), std::back_inserter(own),
                 [&](const Entry& entry) { return entry.drumId == drum.id; });
    line.text = StateText::tr("%1: %2").arg(dayText(last->at, now), tone);
    const auto& left = last->figures.batter.left;
    if (left && last->at <= now && last->at >= drum.fittedAt.batter) {
        const SettlingBelief settling = settlingOf(drum, HeadSide::Batter, staysOf(own, HeadSide::Batter),
                                                   tensionPerTurnPrior(drum, HeadSide::Batter));
        const Expected expected = expectedAt(drum, HeadSide::Batter,
                                             {last->at, *left, weatherThen(last->figures.weather, last->at)},
                                             now, weatherNow(weather), drum.fittedAt.batter, settling);
        line.text =
            StateText::tr("%1, batter now %2 ± %3 cents")
                .arg(line.text, centsText(expected.moves), number(std::ceil(expected.error.value), 0));
    }
    const auto plays = playsOf(own);
    for (const Part part : {Part::Batter, Part::SnareSide, Part::Wires}) {
        const PartLife life = lifeOf(drum, part, own, plays, now);
        if (life.because == DueBecause::NotKnown || life.low > kSoon)
            continue;
        line.due = StateText::tr("Soon due: %1, %2").arg(partName(part), horizonText(life));
        break; // the batter wears first
    }
    return line;
}

} // namespace bombo
