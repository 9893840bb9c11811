#pragma once
/// What a session and its drum's logbook know that tells of faults.
#include "core/faults/fault_case.h"
#include "core/log/entry.h"
#include "core/record/reckoned.h"
#include "core/record/session.h"

#include <span>

namespace bombo {

/// Figures in the units of data/faults.json, each with what is known of its error; what nobody measured is
/// left out.
///   batter_pitch, snare_side_pitch  cents of edge pitch over what the tone wants
///   batter_evenness    log2 of the rods' spread (rms) over the tolerance, in the last round
///   ring_longer        ln of the open ring heard over that predicted
///   batter_hours       log10 of hours played on it
///   batter_days        log10 of days since it was put on, a quarter at least
///   fell_unturned      cents that the batter fell between two rounds with no turn between them
///   pitch_followed     share of what its last turns should have brought
///   apart_at_equal     log2 of the widest rod over 20 cents when every rod had been turned alike; only
///                      where later rounds say how even it is now
///   rod_lazy           share of its own turn that the most lazy rod did not follow
///   knob_above_choke, knob_below_rattle  turns
///   strand_slack       turns of the knob
///   plates_apart       mm from one end's gap to the other's
///   travel_left        turns that the knob can still be tightened
///   rods_lost          rods that backed off since the entry before
///   weather_cents      cents that weather moved the batter since then, without its sign
///   strokes_level      dB, strokes_place: share of the radius
///   ring_short         ln of the ring with what lies on the head over that wanted
///   microphone_longer  ln of the ring at the close microphone over that in the room
///   neighbour_apart    cents between the strongest partial of another instrument and the mode it meets
/// @param entries of this drum, in order of time; may be empty @param now seconds since 1970, UTC
std::vector<FaultFigure> faultFigures(const Reckoned& reckoned, std::span<const Entry> entries,
                                      std::int64_t now);

} // namespace bombo
