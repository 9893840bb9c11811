#include "app/practice/practice_player.h"

#include "app/practice/ear_round.h"

#include "app/listening/ear.h"
#include "app/listening/sound_output.h"
#include "app/session/session_controller.h"
#include "core/practice/practice_session.h"

namespace bombo {

PracticePlayer::PracticePlayer(SessionController& controller, QObject* parent)
    : QObject(parent), m_controller(controller) {}

PracticeSound PracticePlayer::sound() const {
    PracticeSound sound;
    sound.room = m_controller.settings().practiceRoom();
    sound.room.seed = m_controller.session().practiceSeed;
    if (m_controller.settings().practiceHum())
        sound.humDb = -24.0;
    return sound;
}

std::uint64_t PracticePlayer::nextStroke() {
    return static_cast<std::uint64_t>(m_controller.session().clock) * 64 + m_strokes++ % 64;
}

void PracticePlayer::send(std::vector<float> samples, double rate) {
    m_controller.output().playPractice(samples, rate);
    m_controller.ear().readSamples(std::move(samples), rate);
}

void PracticePlayer::strike() {
    Ear& ear = m_controller.ear();
    if (!ear.isTapDue() || ear.isReading())
        return;
    const Session& now = m_controller.session();
    const PracticeSound room = sound();
    PracticeTap tap{.stroke = nextStroke()};
    tap.hands.sloppiness = m_controller.settings().practiceSloppiness();
    if (ear.isCardOpen()) {
        const CardPlace place = *nextPlace(now.card);
        tap.side = headOf(place);
        tap.hands.mutes = !isMiddle(place);
        if (isMiddle(place))
            tap.rod.reset();
    } else {
        tap.side = *m_controller.headAtHand();
        tap.rod = nextRodToTap(now.head(tap.side));
        tap.hands.finger = now.head(tap.side).way.kind == TapKind::FingerDamped;
    }
    send(practiceTap(now.drum, drawNature(now.drum, now.practiceSeed), practiceStateOf(now), tap, now.weather,
                     room),
         room.sampleRate);
}

void PracticePlayer::strikeForCheck() {
    if (!m_controller.hasSession() || m_controller.ear().isReading())
        return;
    const Session& now = m_controller.session();
    const PracticeSound room = sound();
    PracticeTap tap{.stroke = nextStroke()};
    tap.rod = static_cast<int>(m_strokes % static_cast<std::uint64_t>(now.drum.rods));
    tap.hands.sloppiness = 0.0; // the microphone is checked, not the hand
    send(practiceTap(now.drum, drawNature(now.drum, now.practiceSeed), practiceStateOf(now), tap, now.weather,
                     room),
         room.sampleRate);
}

void PracticePlayer::strikeSamePlace(Turns turned) {
    if (!m_controller.hasSession() || m_controller.ear().isReading())
        return;
    const Session& now = m_controller.session();
    const PracticeSound room = sound();
    PracticeTap tap{.rod = 0, .stroke = nextStroke()};
    const HiddenNature nature = drawNature(now.drum, now.practiceSeed);
    PracticeState state = practiceStateOf(now);
    for (const HeadSide side :
         {HeadSide::Batter, HeadSide::SnareSide}) // a slack head is practised at its pitch
        if (const Tension wanted = practiceTension(m_controller.reckoned(), side);
            trueMeanTension(nature, state, side) < 0.5 * wanted.value)
            state.turns(side) = evenTurns(nature, state, side, wanted);
    if (!state.batterTurns.empty())
        state.batterTurns.front() = state.batterTurns.front() + turned;
    tap.hands.sloppiness = m_controller.settings().practiceSloppiness();
    send(practiceTap(now.drum, nature, state, tap, now.weather, room), room.sampleRate);
}

void PracticePlayer::strikeWires(StrokePlace place, Dynamic dynamic) {
    Ear& ear = m_controller.ear();
    if (!ear.hearsStrokes() || ear.isReading())
        return;
    const Session& now = m_controller.session();
    const PracticeSound room = sound();
    PracticeWireStroke stroke =
        practiceWireStroke(now.drum, drawNature(now.drum, now.practiceSeed), practiceStateOf(now), place,
                           dynamic, static_cast<std::uint64_t>(now.clock), now.weather, room);
    WireAnswer known{place, dynamic, stroke.answered, std::nullopt};
    if (dynamic == Dynamic::Loud && place == StrokePlace::Middle)
        known.rattled = stroke.rattled;
    m_controller.output().playPractice(stroke.samples, room.sampleRate);
    ear.readSamples(std::move(stroke.samples), room.sampleRate, known);
}

void PracticePlayer::strikeWhole() {
    if (m_controller.ear().hearsStrokes())
        strikeBackbeat();
}

void PracticePlayer::strikeBackbeat() {
    if (!m_controller.hasSession() || m_controller.ear().isReading())
        return;
    const Session& now = m_controller.session();
    const PracticeSound room = sound();
    PracticeHands hands;
    hands.sloppiness = m_controller.settings().practiceSloppiness();
    hands.backbeat = true;
    send(practiceWireStroke(now.drum, drawNature(now.drum, now.practiceSeed), practiceStateOf(now),
                            StrokePlace::Middle, Dynamic::Loud, nextStroke(), now.weather, room, hands)
             .samples,
         room.sampleRate);
}

void PracticePlayer::readGauge() {
    const auto side = m_controller.headAtHand();
    const auto rod = side ? nextRodToTap(m_controller.session().head(*side)) : std::nullopt;
    if (!rod)
        return;
    const Session& now = m_controller.session();
    const TapKind kind = now.head(*side).way.kind;
    const auto read = kind == TapKind::HoopGap ? practiceGap
                      : kind == TapKind::Feel  ? practiceFeel
                                               : practiceGauge;
    m_controller.perform(GaugeRead{*side, read(drawNature(now.drum, now.practiceSeed), practiceStateOf(now),
                                               *side, *rod, nextStroke())});
}

std::vector<float> PracticePlayer::hum(bool leverOn, double& sampleRate) {
    const Session& now = m_controller.session();
    PracticeState state = practiceStateOf(now);
    state.leverOn = leverOn;
    const PracticeSound room = sound();
    auto samples = practiceVoice(drawNature(now.drum, now.practiceSeed), state, m_strokes++, room);
    m_controller.output().playPractice(samples, room.sampleRate);
    sampleRate = room.sampleRate;
    return samples;
}

} // namespace bombo
