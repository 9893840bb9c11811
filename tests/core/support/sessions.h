#pragma once
/// Sessions for tests, made by commands as the program makes them.
#include "core/record/commands/command.h"
#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "support/drums.h"

#include <stdexcept>

namespace bombo::testing {

inline Session fresh() {
    return newSession(plover(), chase(), 8);
}

/// The session after a command that must not be refused.
inline Session done(const Session& session, const Command& command) {
    auto after = apply(session, command);
    if (!after)
        throw std::runtime_error(std::string("refused: ") + commandName(command));
    return std::move(after).value();
}

/// All three kinds of state as they are kept.
inline std::string textOf(const Session& session) {
    return workText(session) + contextText(session) + drumRigText(session) + placeRigText(session);
}

/// The session as it is read again; throws where a part is refused.
inline Session readAgain(const Session& session) {
    Session again{
        workFromText(workText(session)).value(),
        contextFromText(contextText(session)).value(),
        {drumRigFromText(drumRigText(session)).value(), placeRigFromText(placeRigText(session)).value()}};
    again.gauge.points = session.gauge.points; // kept by the sessions that found them
    return again;
}

/// Raises a head by the count and hears it even and at pitch.
inline Session finishHead(Session session, HeadSide side) {
    if (session.head(side).stage == HeadStage::FingerTight)
        session = done(session, FingerTight{side});
    session = done(session, BeginTapping{side, 0, Direction::CounterClockwise});
    RodReading heard;
    heard.frequency = briefFor(session, side).target;
    heard.standardError = Hertz{0.1};
    heard.t60 = Seconds{0.4};
    heard.second = heard.frequency * 1.37;
    heard.levelDb = -14.5;
    while (nextRodToTap(session.head(side)))
        session = done(session, TapHeard{side, heard});
    return session;
}

/// Every station done.
inline Session fullSession() {
    Session s = done(fresh(), ChooseTone{chase()});
    s = finishHead(s, HeadSide::SnareSide);
    s = finishHead(s, HeadSide::Batter);
    s = done(s, SetStrainer{Turns{1.25}});
    s = done(s, AnswerWires{{StrokePlace::Edge, Dynamic::Whisper, true, {}}});
    s = done(s, AnswerWires{{StrokePlace::Middle, Dynamic::Loud, {}, false}});
    Pad pad;
    pad.fromCentre = Metres{0.13};
    pad.angle = Radians{1.0};
    s = done(s, AddPad{pad});
    return done(s, SetNote{"dry \"quick\" – ü"});
}

} // namespace bombo::testing
