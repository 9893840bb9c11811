/// SessionController: what it hears, from which source, and where a tap goes.
#include "app/listening/cue_sounds.h"
#include "app/session/session_controller.h"
#include "app/session/wording.h"
#include "core/practice/practice_session.h"

#include <QFileInfo>

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
    if (!hasSession() || m_calibrating || m_cardOpen)
        return false;
    const Station at = session().station;
    return at == Station::Wires || at == Station::Muffling || at == Station::Proof;
}

void SessionController::forgetReading() {
    m_lastReading.reset();
    m_lastStroke.reset();
}

/// The microphone is open while something listens to it, and closed elsewhere.
void SessionController::followSource() {
    const bool listens = hasSession() && session().source == SoundSource::Microphone &&
                         (headAtHand() || m_cardOpen || hearsStrokes());
    const bool wanted = listens || m_calibrating;
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

bool SessionController::isTapDue() const {
    if (!hasSession() || m_calibrating)
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

void SessionController::strikePractice() {
    if (!isTapDue() || m_listener.isReading())
        return;
    const Session& now = session();
    const HiddenNature nature = drawNature(now.drum, now.practiceSeed);
    PracticeSound sound;
    sound.humDb = m_settings.practiceHum() ? -24.0 : sound.humDb;
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
    auto stroke = practiceWireStroke(
        now.drum, drawNature(now.drum, now.practiceSeed), practiceStateOf(now), StrokePlace::Middle,
        Dynamic::Medium, static_cast<std::uint64_t>(now.clock) * 64 + m_strokes++ % 64, now.weather, sound);
    playAloud(stroke.samples, sound.sampleRate);
    m_listener.readSamples(std::move(stroke.samples), sound.sampleRate);
}

void SessionController::playAloud(const std::vector<float>& samples, double rate) {
    if (m_settings.practiceAudible())
        m_player.play(samples, rate);
}

void SessionController::hear(const PreviewStroke& stroke) {
    const StrokeSound sound;
    if (!m_player.play(strokeSound(session().drum, stroke, sound), sound.sampleRate))
        say(tr("There is no sound output to play it on; plug in a loudspeaker or headphones."),
            Notice::Kind::Problem);
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
    return amend(
        apply(session(), StrokeHeard{{hit.centre, hit.ring, hit.buzz, tap.reading.levelDb, hit.wires, {}}})
            .value());
}

void SessionController::onHeard(const HeardTap& tap) {
    m_lastReading = tap.reading;
    m_lastStroke = tap.stroke;
    const bool stroke = hearsStrokes() && tap.task == EarTask::WholeStroke;
    const bool due = stroke || (isTapDue() && tap.task == EarTask::Tap);
    emit readingHeard(tap.reading);
    if (!due)
        return;
    const bool clear = stroke ? takeStroke(tap) : tap.reading.verdict == Verdict::Clear;
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
    if (m_calibrating || !hasSession() || session().source != SoundSource::Microphone)
        return; // the one who compares the clock sees it there; or nobody listens any more
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
