#pragma once
/// What the ear was asked for: a ticket goes out with the task and comes back with the reading, so that what
/// was heard is never filed where it does not belong.
#include "core/reading/hit_portrait.h"
#include "core/record/commands/command.h"

#include <cstdint>
#include <optional>

namespace bombo {

/// Whose strokes are heard at the stations after the heads.
enum class StrokesOf {
    Drum,
    Wires,     ///< of the drum, and each answers the stroke that is tried at the strainer
    Neighbours ///< of instruments beside it: nothing to file
};

/// What is being listened for beside what the session itself says.
struct Attention {
    bool card = false; ///< the pitch card is open: its places are due, not the rods of a round
    StrokesOf strokes = StrokesOf::Drum;
    bool operator==(const Attention&) const = default;
};

enum class DueKind { Nothing, RodTap, CardTap, Stroke };

/// The place of one reading in a session.
struct Due {
    DueKind kind = DueKind::Nothing;
    HeadSide side = HeadSide::Batter; ///< of a rod's tap
    std::size_t round = 0;            ///< of a rod's tap: rounds finished on that head before it
    std::optional<int> rod;           ///< the one whose turn it is, 0-based
    std::optional<CardPlace> place;
    Station station = Station::Drum; ///< of a stroke
    Turns strainer;                  ///< of a stroke: where the knob stood
    int stoodSince = 0;              ///< of a stroke: clock when heads or pads were last changed
    bool operator==(const Due&) const = default;
};

struct Ticket {
    std::int64_t id = 0;      ///< grows with each task
    std::int64_t session = 0; ///< as stored
    Due due{};
    bool operator==(const Ticket&) const = default;
};

/// What a reading would be filed as now.
Due dueNow(const Session& session, const Attention& attention);
/// Whether a reading that was asked for as `asked` still has its place.
/// @param rodIsSure it was made in front of just that rod, and is no other's
bool isStillDue(const Due& asked, const Due& now, bool rodIsSure);

/// What was heard, with what came along with it.
struct Heard {
    Reading reading;
    std::optional<HitPortrait> stroke;
    std::optional<int> rod; ///< 0-based, where a marker names it
    std::optional<WireAnswer> known;
};

/// The command that files it, or nothing where it holds no figure. @pre it is still due
std::optional<Command> filing(const Session& session, const Attention& attention, const Heard& heard);

/// A stroke as the session keeps it.
HeardStroke strokeFrom(const HitPortrait& hit, double levelDb);
/// What a stroke says of the wires where `tried` is due; empty where noise hid it: then the ear says.
std::optional<WireAnswer> answerFrom(const HitPortrait& hit, const Stroke& tried);
/// Two lengths that differ by this factor differ to the ear.
inline constexpr double kLongBuzz = 1.3;

} // namespace bombo
