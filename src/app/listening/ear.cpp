#include "app/listening/ear.h"
#include "app/numbers/numbers.h"

#include "app/listening/sound_output.h"
#include "app/practice/practice_player.h"
#include "app/session/session_controller.h"
#include "app/session/wording.h"
#include "core/record/heads_say.h"
#include "core/record/strokes_say.h"
#include "store/sound_file.h"
#include "store/times.h"

#include <QFileInfo>
#include <utility>

namespace bombo {

Ear::Ear(SessionController& controller, QObject* parent)
    : QObject(parent), m_controller(controller), m_played(controller, this) {
    connect(&m_listener, &Listener::heard, this, &Ear::onHeard);
    connect(&m_listener, &Listener::samplesDone, this, &Ear::onSoundDone);
    connect(&m_listener, &Listener::fileDone, this, &Ear::onFileDone);
    connect(&m_listener, &Listener::hitsDone, this, &Ear::onHitsDone);
    connect(&m_listener, &Listener::voiceHeard, this, &Ear::onVoiceReport);
    connect(&m_listener, &Listener::microphoneFailed, this, &Ear::onMicrophoneFailed);
    connect(&m_listener, &Listener::soundLost, this, [this](Seconds length) {
        m_controller.tell(tr("The computer was too busy: %1 s of sound were lost. A tap in that time was not "
                             "heard; make it again.")
                              .arg(number(length.value, 2)));
    });
    connect(&m_listener, &Listener::microphoneBack, this, [this](const QString& name) {
        m_controller.say(tr("%1 is back; go on tapping.").arg(name));
        emit sourceChanged();
    });
}

void Ear::follow() {
    listenForWhatIsDue();
    followSource();
}

void Ear::forget() {
    m_lastReading.reset();
    m_lastStroke.reset();
    m_strokeSound = {};
    if (isHearingVoice()) { // a hum is of where one was
        m_listener.giveUpTone();
        m_voiceHeldFor.reset();
        emit voiceChanged();
    }
}

void Ear::readSamples(std::vector<float> samples, double sampleRate, const std::optional<WireAnswer>& known) {
    m_listener.readSamples(std::move(samples), sampleRate, known);
}

Due Ear::due() const {
    return dueNow(m_controller.session(), m_attention);
}

void Ear::useFor(Use use) {
    const bool clock = use == Use::Clock || m_use == Use::Clock;
    m_use = use;
    if (clock)
        m_listener.stopMicrophone(); // it starts again by its own clock, or by the corrected one
    follow();
    if (use == Use::Work && m_controller.hasSession())
        emit sourceChanged(); // the strip no longer offers what was done
}

void Ear::useForEdgeTaps(const Expectation& expected) {
    m_edgeExpected = expected;
    useFor(Use::EdgeTaps);
}

/// The reader is told what is due, and where the model expects it.
void Ear::listenForWhatIsDue() {
    if (m_use == Use::CheckMicrophone || m_use == Use::CheckPractice) {
        m_listener.setOrder({.task = EarTask::Check});
        return;
    }
    if (!m_controller.hasSession())
        return;
    EarOrder order;
    order.ticket = {++m_tickets, m_controller.sessionId(), m_use == Use::Work ? due() : Due{}};
    const HeadSide side = order.ticket.due.side;
    switch (order.ticket.due.kind) {
    case DueKind::RodTap:
        order.options.expected =
            expectationNow(m_controller.session().head(side), briefFor(m_controller.reckoned(), side));
        break;
    case DueKind::CardTap:
        order.options.expected = cardExpectation(m_controller.reckoned());
        break;
    case DueKind::Stroke:
        order.task = EarTask::WholeStroke;
        order.options.expected = strokeExpectation(m_controller.reckoned());
        break;
    case DueKind::Nothing:
        if (m_use == Use::Backbeats) {
            order.task = EarTask::WholeStroke;
            order.options.expected = strokeExpectation(m_controller.reckoned());
        } else if (m_use == Use::EdgeTaps) {
            order.options.expected = m_edgeExpected;
        } else if (hearsStrokes()) // another instrument: the model of the drum expects nothing of it
            order.task = EarTask::WholeStroke;
        break;
    }
    m_listener.setOrder(order);
}

bool Ear::hearsStrokes() const {
    if (!m_controller.hasSession() || m_attention.card || m_use != Use::Work)
        return false;
    const Station at = m_controller.session().station;
    return at == Station::Wires || at == Station::Muffling || at == Station::Proof;
}

void Ear::listenTo(StrokesOf strokes) {
    if (m_attention.strokes == strokes)
        return;
    m_attention.strokes = strokes;
    listenForWhatIsDue();
}

/// The microphone is open while something listens to it, and closed elsewhere.
void Ear::followSource() {
    const bool listens = m_controller.hasSession() &&
                         m_controller.session().source == SoundSource::Microphone &&
                         (m_controller.headAtHand() || m_attention.card || hearsStrokes());
    const bool wanted = listens || m_use == Use::Clock || m_use == Use::CheckMicrophone ||
                        ((m_use == Use::Backbeats || m_use == Use::EdgeTaps) && m_controller.hasSession() &&
                         m_controller.session().source == SoundSource::Microphone);
    if (wanted && !m_listener.isMicrophoneOn())
        m_listener.startMicrophone(m_controller.settings().inputDevice(), [this](const QByteArray& id) {
            // While a clock is compared, it shows what it reads without any correction.
            return m_use == Use::Clock ? Cents{} : m_controller.settings().clockOf(id);
        });
    else if (!wanted && m_listener.isMicrophoneOn())
        m_listener.stopMicrophone();
}

void Ear::openCard(bool open) {
    m_attention.card = open;
    forget();
    listenForWhatIsDue();
    followSource();
}

bool Ear::isTapDue() const {
    if (!m_controller.hasSession() || m_use != Use::Work)
        return false;
    const DueKind kind = due().kind;
    return kind == DueKind::RodTap || kind == DueKind::CardTap;
}

void Ear::chooseSource(SoundSource source) {
    if (m_controller.hasSession() && m_controller.session().source != source)
        m_controller.perform(ChooseSource{source});
}

void Ear::chooseMicrophone(const QByteArray& device) {
    m_controller.settings().setInputDevice(device);
    m_listener.stopMicrophone();
    followSource();
}

bool Ear::keepStrokeSound(Take take) {
    if (!m_controller.hasSession() || !hasStrokeSound())
        return false;
    Recording kept = m_strokeSound;
    kept.madeAt = timeNow();
    const auto done = m_controller.workbook()->keepRecording(m_controller.sessionId(), take, kept);
    if (!done) {
        m_controller.say(problemText(done.fault()), Notice::Kind::Problem);
        return false;
    }
    emit strokeSoundKept();
    return true;
}

void Ear::dropStrokeSounds() {
    if (m_controller.isReadOnly())
        return;
    if (const auto done = m_controller.workbook()->dropRecordings(m_controller.sessionId()); !done)
        m_controller.tell(problemText(done.fault()));
}

void Ear::forgetWorkbook() {
    forget();
    m_voiceWithout.reset();
    m_filesWaiting.clear();
    m_filesFor = {};
}

std::optional<Recording> Ear::strokeSound(Take take) {
    if (!m_controller.hasSession())
        return std::nullopt;
    auto kept = m_controller.workbook()->recording(m_controller.sessionId(), take);
    if (kept)
        return std::move(kept).value();
    m_controller.say(problemText(kept.fault()), Notice::Kind::Problem);
    return std::nullopt;
}

void Ear::readHits(const QString& path) {
    m_listener.readHits(path);
}

void Ear::onHitsDone(const HitReport& report) {
    readNextFile(); // those that waited meanwhile
    if (report.problem)
        m_controller.say(QString::fromStdString(problemText(*report.problem)), Notice::Kind::Problem);
    else if (report.hits.empty())
        m_controller.say(
            tr("%1 holds no hit that can be read. Record one clear stroke near the middle, not clipped, with "
               "silence after it.")
                .arg(QFileInfo(report.path).fileName()),
            Notice::Kind::Problem);
    else if (isOfThisSession(report.ticket))
        emit hitsRead(report.path, report.hits);
    else
        sayAside();
}

void Ear::hearVoice(bool leverOn) {
    if (!m_controller.hasSession() || isHearingVoice())
        return;
    if (m_controller.session().source == SoundSource::Microphone) {
        m_voiceHeldFor = leverOn;
        m_listener.hearVoice();
        emit voiceChanged();
        return;
    }
    double rate = 0.0;
    const auto samples = m_controller.practice().hum(leverOn, rate);
    onVoice(leverOn, hissOverVoice(samples, rate));
}

void Ear::hearVoiceFile(bool leverOn, const QString& path) {
    const auto sound = readSoundFile(path.toStdString());
    if (!sound)
        m_controller.say(QString::fromStdString(problemText(sound.fault())), Notice::Kind::Problem);
    else
        onVoice(leverOn, hissOverVoice(sound->samples, sound->sampleRate));
}

void Ear::onVoiceReport(const VoiceReport& report) {
    const auto leverOn = std::exchange(m_voiceHeldFor, std::nullopt);
    if (!leverOn)
        return;
    if (isOfThisSession(report.ticket))
        onVoice(*leverOn, report.hissDb ? Result<double, VoiceFault>(*report.hissDb)
                                        : Result<double, VoiceFault>(failure(report.fault)));
    else
        sayAside();
    emit voiceChanged();
}

std::optional<double> Ear::voiceWithout() const {
    const bool holds =
        m_voiceWithout && m_controller.hasSession() && m_voiceWithout->session == m_controller.sessionId();
    return holds ? std::optional(m_voiceWithout->hissDb) : std::nullopt;
}

/// Both hums are of one session: one with the lever off before another drum was in front does not count.
void Ear::onVoice(bool leverOn, const Result<double, VoiceFault>& hiss) {
    if (!hiss)
        m_controller.say(hiss.fault() == VoiceFault::TooQuiet
                             ? tr("No voice was heard. Come nearer to the microphone, or turn its level up.")
                             : tr("That was too short. Hum for at least a second."),
                         Notice::Kind::Problem);
    else if (!leverOn)
        m_voiceWithout = OpenHum{*hiss, m_controller.sessionId()};
    else if (const auto without = voiceWithout();
             without && m_controller.perform(VoiceHeard{*hiss - *without}))
        m_voiceWithout.reset();
    emit voiceChanged();
}

void Ear::openSoundFiles(const QStringList& paths) {
    if (m_filesWaiting.isEmpty() && m_controller.hasSession())
        m_filesFor = {0, m_controller.sessionId(), due()};
    m_filesWaiting += paths;
    if (!m_listener.isReading())
        readNextFile();
}

void Ear::readNextFile() {
    if (m_filesWaiting.isEmpty())
        return;
    const Due now = m_controller.hasSession() ? due() : Due{};
    const bool elsewhere = m_filesFor.due.kind != DueKind::Nothing &&
                           (!isOfThisSession(m_filesFor) || now.kind != m_filesFor.due.kind ||
                            now.side != m_filesFor.due.side || now.station != m_filesFor.due.station);
    if (now.kind == DueKind::Nothing || elsewhere) {
        m_filesWaiting.clear();
        m_controller.say(
            elsewhere
                ? tr("You went on while files were waiting; they were put aside. Give them again where they "
                     "belong.")
                : tr("No tap is due now. Finish the step at hand first, then give the file."));
        return;
    }
    const int wanted = now.kind == DueKind::Stroke    ? static_cast<int>(kMostStrokes)
                       : now.kind == DueKind::CardTap ? kMostTapsAtARod * static_cast<int>(kCardPlaces.size())
                                                      : m_controller.session().head(now.side).tapsAtMost();
    m_takenFromFile = 0;
    m_listener.readFile(m_filesWaiting.takeFirst(), wanted);
}

bool Ear::isOfThisSession(const Ticket& ticket) const {
    return m_controller.hasSession() && ticket.session == m_controller.sessionId();
}

void Ear::sayAside() {
    m_controller.say(
        tr("What was heard belonged to where you were before; it was put aside. Make it again there if it is "
           "still wanted."));
}

void Ear::onHeard(const HeardTap& tap) {
    if (tap.look) {
        if (m_use != Use::Work)
            emit lookedAt(*tap.look);
        return;
    }
    if (!m_controller.hasSession())
        return; // its workbook was closed meanwhile
    if (m_use == Use::Backbeats) {
        if (tap.heard.stroke)
            emit backbeatHeard(strokeFrom(*tap.heard.stroke, tap.heard.reading.levelDb));
        return;
    }
    if (m_use == Use::Work && hearsStrokes() && m_controller.session().source == SoundSource::Microphone &&
        isOfThisSession(tap.ticket))
        m_played.strokeHeard();
    const bool asked = tap.ticket.due.kind != DueKind::Nothing && m_use == Use::Work;
    const bool isDue =
        asked && isOfThisSession(tap.ticket) && isStillDue(tap.ticket.due, due(), tap.rodIsSure);
    if (asked && !isDue) {
        sayAside();
        return;
    }
    m_lastReading = tap.heard.reading;
    m_lastStroke = tap.heard.stroke;
    if (tap.heard.stroke)
        m_strokeSound = {tap.sampleRate, tap.sound, {}};
    emit readingHeard(tap.heard.reading);
    if (isDue)
        file(tap.heard);
}

/// What was heard becomes a step, and the cue says whether it was taken.
void Ear::file(const Heard& heard) {
    const auto command = filing(m_controller.session(), m_attention, heard);
    const bool taken = command && m_controller.perform(*command);
    m_takenFromFile += taken;
    m_controller.output().confirm(taken);
}

/// A stroke too soft to be heard as one may say something of the wires all the same.
void Ear::onSoundDone(const SoundReport& report) {
    readNextFile(); // those that waited meanwhile
    if (report.taps > 0)
        return;
    const bool isDue = isOfThisSession(report.ticket) && isStillDue(report.ticket.due, due(), true);
    if (report.known && isDue)
        file({{}, std::nullopt, std::nullopt, report.known});
    else
        m_controller.say(tr("No tap was heard. Tap again."));
}

void Ear::onFileDone(const FileReport& report) {
    if (report.problem) {
        m_controller.say(QString::fromStdString(problemText(*report.problem)), Notice::Kind::Problem);
        readNextFile();
        return;
    }
    const QString name = QFileInfo(report.path).fileName();
    QStringList parts{
        (report.ticket.due.kind == DueKind::Stroke ? tr("%1: strokes taken %2") : tr("%1: taps taken %2"))
            .arg(name)
            .arg(m_takenFromFile)};
    if (report.clear > m_takenFromFile)
        parts
            << tr("left over %1, since they have no place in the round").arg(report.clear - m_takenFromFile);
    if (!report.unclear.empty())
        parts << tr("not used %1 (%2)").arg(report.unclear.size()).arg(verdictText(report.unclear.front()));
    if (report.summary.invalidSamples > 0)
        parts << tr("broken samples taken as silence %1").arg(report.summary.invalidSamples);
    if (report.summary.unmarkedHits > 0)
        parts << tr("hits without a marker left out %1").arg(report.summary.unmarkedHits);
    if (report.summary.oneChannelOnly)
        parts << tr("the channels are of opposite phase: the louder one was read");
    if (report.summary.endsEarly)
        parts << tr("the file ends before its header says");
    QString text = parts.join(QStringLiteral("; ")) + QLatin1Char('.');
    if (m_controller.hasSession())
        if (const Due now = due(); now.kind == DueKind::RodTap)
            text += QLatin1Char(' ') +
                    tr("The round goes on at rod %1: give another file or choose another source.")
                        .arg(*now.rod + 1);
    m_controller.say(text);
    readNextFile();
}

void Ear::onMicrophoneFailed(Microphone::Fault fault, const QString& name) {
    m_listener.giveUpTone();
    m_voiceHeldFor.reset();
    emit voiceChanged();
    if (m_use != Use::Work || !m_controller.hasSession() ||
        m_controller.session().source != SoundSource::Microphone)
        return; // the dialog that listens says it; or nobody listens any more
    const QString others = tr("The round is kept. Choose the practice drum or sound files meanwhile.");
    switch (fault) {
    case Microphone::Fault::NoDevice:
        m_controller.say(tr("No microphone was found. Plug one in and choose Microphone again.") +
                             QLatin1Char(' ') + others,
                         Notice::Kind::Problem);
        break;
    case Microphone::Fault::CannotOpen:
        m_controller.say(tr("%1 cannot be opened; another program may hold it.").arg(name) +
                             QLatin1Char(' ') + others,
                         Notice::Kind::Problem);
        break;
    case Microphone::Fault::Unplugged:
        m_controller.say(
            tr("%1 is gone. Plug it in and the round goes on where it was; or choose another source.")
                .arg(name),
            Notice::Kind::Problem);
        emit sourceChanged(); // the strip says that it is waited for
        return;
    }
    // Back to files, so that the choice can be made again and nothing waits for a silent device.
    chooseSource(SoundSource::File);
}

} // namespace bombo
