#include "core/life/used_heads.h"

#include "core/life/life.h"
#include "core/log/entry_filter.h"

#include <algorithm>

namespace bombo {
namespace {

/// A head while it was on a drum.
struct TimeOn {
    std::string kind;
    double hoursBefore = 0; ///< played elsewhere before, as far as an entry says
    std::int64_t from = 0;
    std::int64_t to = 0;
};

/// What the entries of a drum say was on it before what is on now, the newest first.
std::vector<TimeOn> takenOff(std::span<const Entry> own, HeadSide side, std::int64_t nowFittedAt) {
    std::vector<TimeOn> times;
    for (const Entry& entry : own) {
        const HeadFigures& head = entry.figures.head(side);
        if (head.fittedAt > 0 && !head.kind.empty() &&
            (times.empty() || times.back().from != head.fittedAt || times.back().kind != head.kind))
            times.push_back({head.kind, head.playedBefore, head.fittedAt, 0});
    }
    for (std::size_t i = 0; i < times.size(); ++i)
        times[i].to = i + 1 < times.size() ? times[i + 1].from : nowFittedAt;
    std::erase_if(times, [](const TimeOn& one) { return one.to <= one.from; }); // it is on still
    std::reverse(times.begin(), times.end());
    return times;
}

} // namespace

std::vector<UsedHead> usedHeads(const Drum& onto, HeadSide side, std::span<const Drum> drums,
                                std::span<const Entry> entries, std::span<const HeadSpec> kinds,
                                std::int64_t now) {
    const bool isBatter = side == HeadSide::Batter;
    std::vector<UsedHead> on;
    std::vector<UsedHead> off;
    for (const Drum& drum : drums) {
        if (drum.shell.diameter != onto.shell.diameter)
            continue;
        const std::vector<Entry> own = passing(entries, {.drumId = drum.id});
        const auto plays = playsOf(own);
        const Part part = isBatter ? Part::Batter : Part::SnareSide;
        const bool isGuessed = isBatter ? drum.guessed.batter : drum.guessed.snareSide;
        if (drum.id != onto.id && !isGuessed)
            on.push_back({drum.id, drum.head(side), true, lifeOf(drum, part, own, plays, now).hours});
        const std::int64_t fitted = isBatter ? drum.fittedAt.batter : drum.fittedAt.snareSide;
        for (const TimeOn& time : takenOff(own, side, fitted))
            for (const HeadSpec& kind : kinds)
                if (kind.id == time.kind)
                    off.push_back(
                        {drum.id, kind, false, time.hoursBefore + hoursPlayed(plays, time.from, time.to)});
    }
    on.insert(on.end(), off.begin(), off.end());
    return on;
}

} // namespace bombo
