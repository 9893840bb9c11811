#include "core/record/ticket.h"

#include "core/record/hand_at_work.h"
#include "core/record/wires_say.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

bool hearsStrokes(Station at) {
    return at == Station::Wires || at == Station::Muffling || at == Station::Proof;
}

} // namespace

Due dueNow(const Session& session, const Attention& attention) {
    Due due;
    if (attention.card) {
        due.place = nextPlace(session.card);
        due.kind = due.place ? DueKind::CardTap : DueKind::Nothing;
        return due;
    }
    if (hearsStrokes(session.station)) {
        if (session.station == Station::Wires && attention.strokes == StrokesOf::Neighbours)
            return due;
        due.kind = DueKind::Stroke;
        due.station = session.station;
        due.strainer = session.wires.strainer;
        due.stoodSince = std::max({session.batterAt, session.snareSideAt, session.padsAt});
        return due;
    }
    if (session.station != Station::Batter && session.station != Station::SnareSide)
        return due;
    due.side = session.station == Station::Batter ? HeadSide::Batter : HeadSide::SnareSide;
    const HeadWork& work = session.head(due.side);
    due.round = work.history.size();
    due.rod = isSilent(work.way.kind) ? std::nullopt : nextRodToTap(work);
    due.kind = due.rod ? DueKind::RodTap : DueKind::Nothing;
    return due;
}

bool isStillDue(const Due& asked, const Due& now, bool rodIsSure) {
    if (asked.kind == DueKind::Nothing)
        return false;
    Due place = now;
    if (!rodIsSure) // rods are tapped in turn: the next tap is the next rod's
        place.rod = asked.rod;
    if (asked.kind == DueKind::CardTap && now.kind == DueKind::CardTap)
        place.place = rodIsSure ? now.place : asked.place;
    return place == asked;
}

HeardStroke strokeFrom(const HitPortrait& hit, double levelDb) {
    HeardStroke stroke{hit.centre, hit.ring, hit.buzz, levelDb, hit.wires, {}, {}};
    stroke.centreError = hit.centreError;
    stroke.toneError = hit.ringError;
    stroke.buzzError = hit.buzzError;
    double strongest = 1e-12;
    for (const Partial& partial : hit.partials)
        strongest = std::max(strongest, partial.amplitude);
    for (const Partial& partial : hit.partials) {
        std::optional<Mode> mode = partial.mode;
        if (!mode && hit.centreFound && partial.frequency == hit.centre)
            mode = Mode{0, 1};
        else if (!mode && partial.frequency == hit.edge)
            mode = Mode{1, 1};
        if (mode)
            stroke.partials.push_back({mode->m, mode->n, partial.frequency, partial.t60,
                                       20.0 * std::log10(std::max(1e-6, partial.amplitude / strongest))});
    }
    return stroke;
}

std::optional<WireAnswer> answerFrom(const HitPortrait& hit, const Stroke& tried) {
    WireAnswer answer{tried.place, tried.dynamic, std::nullopt, std::nullopt};
    if (!tried.asksRattle)
        answer.answered = hit.wires;
    else if (hit.ring && (!hit.wires || hit.buzz)) // else noise hid how long they sound
        answer.rattled = hit.wires && hit.buzz->value > kLongBuzz * hit.ring->value;
    else
        return std::nullopt;
    return answer;
}

std::optional<Command> filing(const Session& session, const Attention& attention, const Heard& heard) {
    const Due due = dueNow(session, attention);
    switch (due.kind) {
    case DueKind::RodTap:
        if (heard.reading.hasFigure())
            return TapHeard{due.side, withHand(rodReadingFrom(heard.reading), session), heard.rod};
        break;
    case DueKind::CardTap:
        if (heard.reading.hasFigure())
            return CardTapHeard{rodReadingFrom(heard.reading)};
        break;
    case DueKind::Stroke: {
        if (!heard.stroke) {
            if (heard.known) // struck too softly to be measured: whether they answered is known all the same
                return AnswerWires{*heard.known};
            break;
        }
        StrokeHeard command{strokeFrom(*heard.stroke, heard.reading.levelDb), heard.known};
        const bool asks = session.station == Station::Wires && attention.strokes == StrokesOf::Wires &&
                          session.wires.begun && !heard.known;
        if (const auto tried = asks ? nextStroke(sweepOf(session)) : std::nullopt)
            command.answer = answerFrom(*heard.stroke, *tried);
        return command;
    }
    case DueKind::Nothing:
        break;
    }
    return std::nullopt;
}

} // namespace bombo
