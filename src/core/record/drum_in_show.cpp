#include "core/record/drum_in_show.h"

#include "core/record/heads_say.h"

#include <algorithm>

namespace bombo {
namespace {

/// Where hands left knob and mufflers for a tone last time.
void asLastTime(DrumInTone& tone, const std::string& id, std::span<const Entry> entries,
                const Session& session) {
    for (auto entry = entries.rbegin(); entry != entries.rend(); ++entry) {
        if (entry->toneId != id)
            continue;
        if (!tone.strainer && entry->at >= session.drum.fittedAt.wires)
            tone.strainer = entry->figures.strainer;
        if (!tone.pads && entry->figures.padsKnown)
            tone.pads = padsIn(entry->figures, session);
    }
}

} // namespace

DrumInShow drumInShow(const Reckoned& reckoned, std::span<const Entry> entries, std::span<const Tone> tones,
                      std::int64_t at) {
    const Session& session = reckoned.session();
    const DrumNow now = drumNow(reckoned, entries, at);
    DrumInShow show;
    show.drum = session.drum;
    show.turns = {now.batter.response, now.snareSide.response};
    const auto standing = [&](HeadSide side) {
        const HeadNow& head = now.head(side);
        return head.by == KnownBy::Nothing ? briefFor(reckoned, side).targetTension : head.tension;
    };
    show.now = {standing(HeadSide::Batter), standing(HeadSide::SnareSide), now.strainer, now.pads};
    show.isGuessed = now.batter.by == KnownBy::Nothing || now.snareSide.by == KnownBy::Nothing;
    for (const Tone& tone : tones) {
        const auto targets = targetsFor(session.drum, tone, airAt(session.weather));
        if (!targets) {
            show.tones.push_back(std::nullopt);
            continue;
        }
        DrumInTone in{targets->batter.tension, targets->snareSide.tension, {}, {}};
        asLastTime(in, tone.id, entries, session);
        show.tones.push_back(std::move(in));
    }
    return show;
}

} // namespace bombo
