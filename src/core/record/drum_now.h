#pragma once
/// How the drum of a session stands, as heard, as counted, or as foretold from its logbook.
#include "core/log/back_to.h"
#include "core/record/reckoned.h"
#include "core/record/session.h"

#include <span>

namespace bombo {

/// A head that was neither heard nor counted in this session is taken from the newest entry that heard it,
/// carried to `at` by weather, settling and what nobody can foretell.
/// @param entries of this drum, in order of time; may be empty
/// @param at now, seconds since 1970, UTC
DrumNow drumNow(const Reckoned& reckoned, std::span<const Entry> entries, std::int64_t at);
/// What lay on the batter by an entry, of kinds that are at hand.
std::vector<Pad> padsIn(const EntryFigures& entry, const Session& session);
/// What the session would say of itself in an entry.
Entry entryOf(const Reckoned& reckoned, std::int64_t at);

/// What to expect of a head at `at`, in the weather of the session, from the newest entry that heard it and
/// the turns that were counted since; empty where none did, or where the head was let down since.
std::optional<Expected> expectedNow(const Reckoned& reckoned, HeadSide side, std::span<const Entry> entries,
                                    std::int64_t at);

/// What moved a head from the newest entry that heard it to the round that found it in this session; empty
/// where there is no such pair.
std::optional<Moved> movedSince(const Reckoned& reckoned, HeadSide side, std::span<const Entry> entries,
                                std::int64_t at);

} // namespace bombo
