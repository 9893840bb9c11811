/// SessionController: what it hears, from which source, and where a tap goes.
#include "app/listening/cue_sounds.h"
#include "app/session/session_controller.h"
#include "app/session/wording.h"
#include "core/practice/practice_session.h"
#include "store/sound_file.h"

#include <QDateTime>
#include <QFileInfo>
#include <algorithm>
#include <cmath>
#include <utility>

namespace bombo {

std::optional<HeadSide> SessionController::headAtHand() const {
    if (!hasSession())
        return std::nullopt;
    switch (session().station) {
    case Station::SnareSide:
        return HeadSide::SnareSide;
    case Station::Batter:
        return HeadSide::Batter;
    default:
        return std::nullopt;
    }
}

/// The reader is told where the model expects the next tap.
void SessionController::listenForWhatIsDue() {
    if (m_checked != Checked::Nothing) {
        m_listener.setTask(EarTask::Check, {});
        return;
    }
    if (!hasSession())
        return;
    if (m_cardOpen) {
        if (nextPlace(session().card))
            m_listener.setTask(EarTask::Tap, {.expected = cardExpectation(session())});
        return;
    }
    if (hearsStrokes()) {
        m_listener.setTask(EarTask::WholeStroke, {.expected = strokeExpectation(session())});
        return;
    }
    if (const auto side = headAtHand(); side && nextRodToTap(session().head(*side)))
        m_listener.setTask(EarTask::Tap,
                           {.expected = expectationNow(session().head(*side), briefFor(session(), *side))});
}

bool SessionController::hearsStrokes() const {
    if (!hasSession() || m_calibrating || m_cardOpen || m_checked != Checked::Nothing)
        return false;
    const Station at = session().station;
    return at == Station::Wires || at == Station::Muffling || at == Station::Proof;
}

void SessionController::forgetReading() {
    m_lastReading.reset();
    m_lastStroke.reset();
    m_strokeSound = {};
}

/// The microphone is open while something listens to it, and closed elsewhere.
void SessionController::followSource() {
    const bool listens = hasSession() && session().source == SoundSource::Microphone &&
                         (headAtHand() || m_cardOpen || hearsStrokes());
    const bool wanted = listens || m_calibrating || m_checked == Checked::Microphone;
    if (wanted && !m_listener.isMicrophoneOn())
        m_listener.startMicrophone(m_settings.inputDevice(), [this](const QByteArray& id) {
            // While a clock is compared, it shows what it reads without any correction.
            return m_calibrating ? Cents{} : m_settings.clockOf(id);
        });
    else if (!wanted && m_listener.isMicrophoneOn())
        m_listener.stopMicrophone();
}

void SessionController::openCard(bool open) {
    m_cardOpen = open;
    forgetReading();
    listenForWhatIsDue();
    followSource();
}

void SessionController::calibrate(bool on) {
    m_calibrating = on;
    m_listener.stopMicrophone(); // it starts again by its own clock, or by the corrected one
    followSource();
}

void SessionController::beginCheck(Checked what) {
    m_checked = what;
    m_listener.setTask(EarTask::Tap, {}); // whatever is due takes its place
    listenForWhatIsDue();
    followSource();
    if (what == Checked::Nothing && hasSession())
        emit sessionChanged(); // the strip no longer offers what was done
}

bool SessionController::isTapDue() const {
    if (!hasSession() || m_calibrating || m_checked != Checked::Nothing)
        return false;
    const auto side = headAtHand();
    if (m_cardOpen)
        return nextPlace(session().card).has_value();
    return side && !isSilent(session().head(*side).way.kind) &&
           nextRodToTap(session().head(*side)).has_value();
}

void SessionController::chooseSource(SoundSource source) {
    if (hasSession() && session().source != source)
        amend(apply(session(), ChooseSource{source}).value());
}

void SessionController::chooseMicrophone(const QByteArray& device) {
    m_settings.setInputDevice(device);
    m_listener.stopMicrophone();
    followSource();
}

PracticeSound SessionController::practiceSound() const {
    PracticeSound sound;
    sound.room = m_settings.practiceRoom();
    sound.room.seed = session().practiceSeed;
    if (m_settings.practiceHum())
        sound.humDb = -24.0;
    return sound;
}

void SessionController::strikePractice() {
    if (!isTapDue() || m_listener.isReading())
        return;
    const Session& now = session();
    const HiddenNature nature = drawNature(now.drum, now.practiceSeed);
    const PracticeSound sound = practiceSound();
    PracticeTap tap{.stroke = static_cast<std::uint64_t>(now.clock) * 64 + m_strokes++ % 64};
    tap.hands.sloppiness = m_settings.practiceSloppiness();
    if (m_cardOpen) {
        const CardPlace place = *nextPlace(now.card);
        tap.side = headOf(place);
        tap.hands.mutes = !isMiddle(place);
        if (isMiddle(place))
            tap.rod.reset();
    } else {
        tap.side = *headAtHand();
        tap.rod = nextRodToTap(now.head(tap.side));
        tap.hands.finger = now.head(tap.side).way.kind == TapKind::FingerDamped;
    }
    auto samples = practiceTap(now.drum, nature, practiceStateOf(now), tap, now.weather, sound);
    playAloud(samples, sound.sampleRate);
    m_listener.readSamples(std::move(samples), sound.sampleRate);
}

void SessionController::strikeForCheck() {
    if (m_checked != Checked::Practice || !hasSession() || m_listener.isReading())
        return;
    const Session& now = session();
    const PracticeSound sound = practiceSound();
    PracticeTap tap{.stroke = static_cast<std::uint64_t>(now.clock) * 64 + m_strokes++ % 64};
    tap.rod = static_cast<int>(m_strokes % static_cast<std::uint64_t>(now.drum.rods));
    tap.hands.sloppiness = 0.0; // the microphone is checked, not the hand
    auto samples = practiceTap(now.drum, drawNature(now.drum, now.practiceSeed), practiceStateOf(now), tap,
                               now.weather, sound);
    playAloud(samples, sound.sampleRate);
    m_listener.readSamples(std::move(samples), sound.sampleRate);
}

void SessionController::strikeWires(StrokePlace place, Dynamic dynamic) {
    if (!hasSession())
        return;
    const Session& now = session();
    const PracticeSound sound;
    const PracticeWireStroke stroke =
        practiceWireStroke(now.drum, drawNature(now.drum, now.practiceSeed), practiceStateOf(now), place,
                           dynamic, static_cast<std::uint64_t>(now.clock), now.weather, sound);
    playAloud(stroke.samples, sound.sampleRate);
    m_listener.readSamples(stroke.samples, sound.sampleRate);
    if (perform(AnswerWires{place, dynamic, stroke.answered}) && dynamic == Dynamic::Loud &&
        place == StrokePlace::Middle)
        perform(AnswerRattle{stroke.rattled});
}

void SessionController::strikeWhole() {
    if (!hearsStrokes() || m_listener.isReading())
        return;
    const Session& now = session();
    const PracticeSound sound;
    PracticeHands hands;
    hands.sloppiness = m_settings.practiceSloppiness();
    hands.backbeat = true;
    auto stroke = practiceWireStroke(now.drum, drawNature(now.drum, now.practiceSeed), practiceStateOf(now),
                                     StrokePlace::Middle, Dynamic::Loud,
                                     static_cast<std::uint64_t>(now.clock) * 64 + m_strokes++ % 64,
                                     now.weather, sound, hands);
    playAloud(stroke.samples, sound.sampleRate);
    m_listener.readSamples(std::move(stroke.samples), sound.sampleRate);
}

void SessionController::playAloud(const std::vector<float>& samples, double rate) {
    if (m_settings.practiceAudible())
        m_player.play(samples, rate);
}

void SessionController::hear(const PreviewStroke& stroke) {
    const StrokeSound sound;
    playSound(bombo::strokeSound(session().drum, stroke, sound), sound.sampleRate);
}

bool SessionController::playSound(const std::vector<float>& samples, double rate) {
    if (m_player.play(samples, rate))
        return true;
    say(tr("There is no sound output to play it on; plug in a loudspeaker or headphones."),
        Notice::Kind::Problem);
    return false;
}

bool SessionController::keepStrokeSound(Take take) {
    if (!hasSession() || !hasStrokeSound())
        return false;
    Recording kept = m_strokeSound;
    kept.madeAt = QDateTime::currentDateTime().toString(Qt::ISODate);
    const auto done = workbook()->keepRecording(sessionId(), take, kept);
    if (!done) {
        say(problemText(done.fault()), Notice::Kind::Problem);
        return false;
    }
    emit strokeSoundKept();
    return true;
}

std::optional<Recording> SessionController::strokeSound(Take take) {
    if (!hasSession())
        return std::nullopt;
    auto kept = workbook()->recording(sessionId(), take);
    if (kept)
        return std::move(kept).value();
    say(problemText(kept.fault()), Notice::Kind::Problem);
    return std::nullopt;
}

void SessionController::readHits(const QString& path) {
    m_listener.readHits(path);
}

void SessionController::onHitsDone(const HitReport& report) {
    if (report.problem)
        say(QString::fromStdString(problemText(*report.problem)), Notice::Kind::Problem);
    else if (report.hits.empty())
        say(tr("%1 holds no hit that can be read. Record one clear stroke near the middle, not clipped, with "
               "silence after it.")
                .arg(QFileInfo(report.path).fileName()),
            Notice::Kind::Problem);
    else if (hasSession())
        emit hitsRead(report.path, report.hits);
}

void SessionController::hearVoice(bool leverOn) {
    if (!hasSession() || isHearingVoice())
        return;
    if (session().source == SoundSource::Microphone) {
        m_voiceHeldFor = leverOn;
        m_listener.hearVoice();
        emit voiceChanged();
        return;
    }
    PracticeState state = practiceStateOf(session());
    state.leverOn = leverOn;
    const PracticeSound sound;
    const auto samples =
        practiceVoice(drawNature(session().drum, session().practiceSeed), state, m_strokes++, sound);
    playAloud(samples, sound.sampleRate);
    onVoice(leverOn, hissOverVoice(samples, sound.sampleRate));
}

void SessionController::hearVoiceFile(bool leverOn, const QString& path) {
    const auto sound = readSoundFile(path.toStdString());
    if (!sound)
        say(QString::fromStdString(problemText(sound.fault())), Notice::Kind::Problem);
    else
        onVoice(leverOn, hissOverVoice(sound->samples, sound->sampleRate));
}

void SessionController::onVoice(bool leverOn, const Result<double, VoiceFault>& hiss) {
    m_voiceHeldFor.reset();
    if (!hiss)
        say(hiss.fault() == VoiceFault::TooQuiet
                ? tr("No voice was heard. Come nearer to the microphone, or turn its level up.")
                : tr("That was too short. Hum for at least a second."),
            Notice::Kind::Problem);
    else if (!leverOn)
        m_voiceWithout = *hiss;
    else if (m_voiceWithout)
        perform(VoiceHeard{*hiss - *std::exchange(m_voiceWithout, std::nullopt)});
    emit voiceChanged();
}

void SessionController::openSoundFiles(const QStringList& paths) {
    m_filesWaiting += paths;
    if (!m_listener.isReading())
        readNextFile();
}

void SessionController::readNextFile() {
    if (m_filesWaiting.isEmpty())
        return;
    if (!isTapDue() && !hearsStrokes()) {
        m_filesWaiting.clear();
        say(tr("No tap is due now. Finish the step at hand first, then give the file."));
        return;
    }
    const int wanted = hearsStrokes() ? static_cast<int>(kMostStrokes)
                       : m_cardOpen   ? kMostTapsAtARod * static_cast<int>(kCardPlaces.size())
                                      : session().head(*headAtHand()).tapsAtMost();
    m_takenFromFile = 0;
    m_listener.readFile(m_filesWaiting.takeFirst(), wanted);
}

/// A stroke is kept without a step of its own to undo: it is what the drum did, not what was done to it.
bool SessionController::takeStroke(const HeardTap& tap) {
    if (!tap.stroke)
        return false;
    const HitPortrait& hit = *tap.stroke;
    HeardStroke stroke{hit.centre, hit.ring, hit.buzz, tap.reading.levelDb, hit.wires, {}, {}};
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
    return amend(apply(session(), StrokeHeard{stroke}).value());
}

void SessionController::onHeard(const HeardTap& tap) {
    if (tap.look) {
        if (m_checked != Checked::Nothing)
            emit lookedAt(*tap.look);
        return;
    }
    m_lastReading = tap.reading;
    m_lastStroke = tap.stroke;
    if (tap.stroke)
        m_strokeSound = {tap.sampleRate, tap.sound, {}};
    const bool stroke = hearsStrokes() && tap.task == EarTask::WholeStroke;
    const bool due = stroke || (isTapDue() && tap.task == EarTask::Tap);
    emit readingHeard(tap.reading);
    if (!due)
        return;
    const bool clear = stroke ? takeStroke(tap) : tap.reading.hasFigure();
    m_takenFromFile += clear;
    if (stroke) {
        if (!m_settings.cueOutput().isEmpty())
            m_cuePlayer.play(cueSound(clear ? Cue::Heard : Cue::Again), kCueRate, m_settings.cueOutput());
        return;
    }
    if (clear && m_cardOpen)
        perform(CardTapHeard{rodReadingFrom(tap.reading)});
    else if (clear)
        perform(TapHeard{*headAtHand(), rodReadingFrom(tap.reading), tap.rod});
    if (!m_settings.cueOutput().isEmpty())
        m_cuePlayer.play(cueSound(clear ? Cue::Heard : Cue::Again), kCueRate, m_settings.cueOutput());
}

void SessionController::onFileDone(const FileReport& report) {
    if (report.problem) {
        say(QString::fromStdString(problemText(*report.problem)), Notice::Kind::Problem);
        readNextFile();
        return;
    }
    const QString name = QFileInfo(report.path).fileName();
    QStringList parts{(hearsStrokes() ? tr("%1: strokes taken %2") : tr("%1: taps taken %2"))
                          .arg(name)
                          .arg(m_takenFromFile)};
    if (report.clear > m_takenFromFile)
        parts << tr("left over %1, since the round was full").arg(report.clear - m_takenFromFile);
    if (!report.unclear.empty())
        parts << tr("not used %1 (%2)").arg(report.unclear.size()).arg(verdictText(report.unclear.front()));
    if (report.summary.invalidSamples > 0)
        parts << tr("broken samples taken as silence %1").arg(report.summary.invalidSamples);
    if (report.summary.unmarkedHits > 0)
        parts << tr("hits without a marker left out %1").arg(report.summary.unmarkedHits);
    if (report.summary.endsEarly)
        parts << tr("the file ends before its header says");
    QString text = parts.join(QStringLiteral("; ")) + QLatin1Char('.');
    const auto side = m_cardOpen ? std::nullopt : headAtHand();
    if (const auto rod = side ? nextRodToTap(session().head(*side)) : std::nullopt)
        text += QLatin1Char(' ') +
                tr("The round goes on at rod %1: give another file or choose another source.").arg(*rod + 1);
    say(text);
    readNextFile();
}

void SessionController::onMicrophoneFailed(Microphone::Fault fault, const QString& name) {
    m_voiceHeldFor.reset();
    emit voiceChanged();
    if (m_calibrating || m_checked == Checked::Microphone || !hasSession() ||
        session().source != SoundSource::Microphone)
        return; // the dialog that listens says it; or nobody listens any more
    const QString others = tr("The round is kept. Choose the practice drum or sound files meanwhile.");
    switch (fault) {
    case Microphone::Fault::NoDevice:
        say(tr("No microphone was found. Plug one in and choose Microphone again.") + QLatin1Char(' ') +
                others,
            Notice::Kind::Problem);
        break;
    case Microphone::Fault::CannotOpen:
        say(tr("%1 cannot be opened; another program may hold it.").arg(name) + QLatin1Char(' ') + others,
            Notice::Kind::Problem);
        break;
    case Microphone::Fault::Unplugged:
        say(tr("%1 is gone. Plug it in and the round goes on where it was; or choose another source.")
                .arg(name),
            Notice::Kind::Problem);
        emit sessionChanged(); // the strip says that it is waited for
        return;
    }
    // Back to files, so that the choice can be made again and nothing waits for a silent device.
    chooseSource(SoundSource::File);
}

} // namespace bombo
