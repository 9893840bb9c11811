#pragma once
/// What the logbook knows of the drum in front, reckoned once until something changes.
#include "app/logbook/now_and_then.h"
#include "app/session/session_controller.h"
#include "core/life/life.h"
#include "core/record/drum_now.h"

namespace bombo {

class Biography {
public:
    explicit Biography(SessionController& controller);

    /// An entry was added, changed or deleted, or another workbook is open.
    void forget();
    /// Of every drum, the oldest first.
    const std::vector<Entry>& entries();
    /// Of the drum in front. @pre the controller has a session
    const std::vector<Entry>& own();
    const Entry* entry(std::int64_t id);

    // Of the drum in front. @pre the controller has a session
    BackTo backTo(const Entry& then, SameAs same);
    /// Both ends of that way, drawn.
    NowAndThen nowAndThen(const Entry& then, const BackTo& plan) const;
    /// What moved a head between the entry before this one and when it was found for this one.
    std::optional<Moved> movedBefore(const Entry& entry, HeadSide side);
    /// What moved it since its newest entry, where this session found it untouched.
    std::optional<Moved> movedSince(HeadSide side);
    PartLife life(Part part);
    std::optional<DueDays> dueDays(const PartLife& life);
    /// What to expect of a head now, in the weather of the session; empty where the logbook has not heard it.
    std::optional<Expected> expectedNow(HeadSide side);
    /// The drum as this session has it, as an entry.
    Entry now();
    /// The entry before this one of the same drum; null for the first.
    const Entry* before(const Entry& entry);

    static std::int64_t clock(); ///< seconds since 1970, UTC

private:
    const Session& session() const { return m_controller.session(); }
    SettlingBelief settling(HeadSide side);

    SessionController& m_controller;
    std::optional<std::vector<Entry>> m_entries;
    std::optional<std::vector<Entry>> m_own; ///< of the drum m_ownOf
    std::string m_ownOf;
    std::vector<HeadSpec> m_heads;
};

} // namespace bombo
