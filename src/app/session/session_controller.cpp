#include "app/session/session_controller.h"

#include "app/session/wording.h"
#include "core/record/json_values.h"
#include "store/demo.h"
#include "store/resources.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QStandardPaths>
#include <QUuid>

namespace bombo {
namespace {

const QString kCurrentDrum = QStringLiteral("current_drum"); // stored name, untranslated

} // namespace

SessionController::SessionController(Settings& settings, QObject* parent)
    : QObject(parent), m_settings(settings) {
    qRegisterMetaType<Notice>();
    connect(&m_journal, &SessionJournal::changed, this, &SessionController::onSessionChanged);
    connect(&m_journal, &SessionJournal::failed, this,
            [this](const WorkbookProblem& problem) { say(problemText(problem), Notice::Kind::Problem); });
    connect(&m_listener, &Listener::heard, this, &SessionController::onHeard);
    connect(&m_listener, &Listener::fileDone, this, &SessionController::onFileDone);
    connect(&m_listener, &Listener::hitsDone, this, &SessionController::onHitsDone);
    connect(&m_listener, &Listener::microphoneFailed, this, &SessionController::onMicrophoneFailed);
    connect(&m_listener, &Listener::voiceHeard, this, [this](const VoiceReport& report) {
        if (m_voiceHeldFor)
            onVoice(*m_voiceHeldFor, report.hissDb ? Result<double, VoiceFault>(*report.hissDb)
                                                   : Result<double, VoiceFault>(failure(report.fault)));
    });
    connect(&m_listener, &Listener::soundLost, this, [this](Seconds length) {
        say(tr("The computer was too busy: %1 s of sound were lost. A tap in that time was not heard; make "
               "it again.")
                .arg(length.value, 0, 'f', 2),
            Notice::Kind::Problem);
    });
    connect(&m_listener, &Listener::microphoneBack, this, [this](const QString& name) {
        say(tr("%1 is back; go on tapping.").arg(name));
        emit sessionChanged();
    });
    m_clock.setSingleShot(true);
    connect(&m_clock, &QTimer::timeout, this, &SessionController::followClock);
    connect(&m_listener, &Listener::samplesDone, this, [this](int taps) {
        if (taps == 0)
            say(tr("No tap was heard. Tap again."));
    });
}

void SessionController::say(const QString& text, Notice::Kind kind) {
    emit notice({kind, text});
}

bool SessionController::said(const SessionJournal::Problem& problem) {
    if (problem)
        say(problemText(*problem), Notice::Kind::Problem);
    return problem.has_value();
}

// The workbook ----------------------------------------------------------------------------------------------

bool SessionController::openWorkbook(const QString& path) {
    auto book = Workbook::open(path);
    if (!book) {
        say(problemText(book.fault()), Notice::Kind::Problem);
        return false;
    }
    return adopt(std::move(book).value());
}

bool SessionController::newWorkbook(const QString& path) {
    auto book = Workbook::create(path);
    if (!book) {
        say(problemText(book.fault()), Notice::Kind::Problem);
        return false;
    }
    return adopt(std::move(book).value());
}

bool SessionController::openDemo() {
    const QDir folder(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    const QString path = folder.filePath(QStringLiteral("picture-house.bombo"));
    if (QFileInfo::exists(path))
        return openWorkbook(path);
    if (!folder.mkpath(QStringLiteral("."))) {
        say(tr("The folder %1 cannot be made; check your rights there.").arg(folder.path()),
            Notice::Kind::Problem);
        return false;
    }
    auto book = createDemoWorkbook(path);
    if (!book) {
        say(problemText(book.fault()), Notice::Kind::Problem);
        return false;
    }
    return adopt(std::move(book).value());
}

QString SessionController::ownWorkbookPath() {
    return QDir(QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation))
        .filePath(QStringLiteral("drums.bombo"));
}

bool SessionController::openOwn() {
    const QString path = ownWorkbookPath();
    if (QFileInfo::exists(path))
        return openWorkbook(path);
    if (const QString folder = QFileInfo(path).path(); !QDir().mkpath(folder)) {
        say(tr("The folder %1 cannot be made; check your rights there.").arg(folder), Notice::Kind::Problem);
        return false;
    }
    return newWorkbook(path);
}

bool SessionController::saveCopy(const QString& path) {
    if (!hasWorkbook())
        return false;
    if (QFileInfo::exists(path)) {
        say(tr("%1 exists; choose another name for the copy.").arg(path), Notice::Kind::Problem);
        return false;
    }
    if (const auto copied = m_journal.workbook()->copyTo(path); !copied) {
        say(problemText(copied.fault()), Notice::Kind::Problem);
        return false;
    }
    return openWorkbook(path);
}

bool SessionController::adopt(std::unique_ptr<Workbook> book) {
    m_listener.stopMicrophone();
    forgetReading();
    m_journal.setWorkbook(std::move(book));
    if (!loadShelf())
        return false;
    m_settings.setLastWorkbook(workbookPath());
    if (!m_drums.empty()) {
        const std::string last = m_journal.workbook()->value(kCurrentDrum).toStdString();
        const bool known =
            std::any_of(m_drums.begin(), m_drums.end(), [&](const DrumRow& r) { return r.drum.id == last; });
        chooseDrum(known ? last : m_drums.front().drum.id);
    }
    emit workbookChanged();
    sayOtherReminders();
    if (isReadOnly())
        say(problemText({WorkbookFault::ReadOnly, workbookPath(), {}}), Notice::Kind::Problem);
    return true;
}

bool SessionController::loadShelf() {
    const auto drums = m_journal.workbook()->drums();
    const auto tones = m_journal.workbook()->tones();
    if (drums && tones) {
        m_drums = *drums;
        m_ownTones = tones->size();
        m_tones = withCatalogueTones(*tones);
        return true;
    }
    say(problemText(drums ? tones.fault() : drums.fault()), Notice::Kind::Problem);
    m_journal.setWorkbook(nullptr);
    m_drums.clear();
    m_tones.clear();
    emit workbookChanged();
    return false;
}

// The session -----------------------------------------------------------------------------------------------

/// A session as it begins under the user's own hand.
Session SessionController::handed(const Session& start) const {
    return m_settings.leftHanded() ? apply(start, SetHand{true}).value() : start;
}

void SessionController::chooseDrum(const std::string& id) {
    Workbook& book = *m_journal.workbook();
    const auto row =
        std::find_if(m_drums.begin(), m_drums.end(), [&](const DrumRow& r) { return r.drum.id == id; });
    if (row == m_drums.end() || m_tones.empty())
        return;
    forgetReading();
    const auto latest = book.latestSession(id);
    if (!latest) {
        said(latest.fault());
        return;
    }
    if (latest.value()) {
        if (said(m_journal.resume(**latest)))
            return;
    } else {
        const auto tone =
            std::find_if(m_tones.begin(), m_tones.end(), [&](const Tone& t) { return t.id == row->toneId; });
        const Session start =
            newSession(row->drum, tone == m_tones.end() ? m_tones.front() : *tone, row->practiceSeed);
        if (said(m_journal.begin(handed(start))))
            return;
    }
    if (!isReadOnly())
        if (const auto kept = book.setValue(kCurrentDrum, QString::fromStdString(id)); !kept)
            said(kept.fault());
}

void SessionController::startFresh() {
    Session start = newSession(session().drum, session().tone, session().practiceSeed);
    start.source = session().source;
    start.gauge = {session().gauge.name, gaugePoints(session())};
    start.nearestRod = session().nearestRod;
    start = handed(start);
    forgetReading();
    if (!said(m_journal.begin(start)))
        say(tr("A fresh session was begun; the earlier one stays in the workbook."));
}

bool SessionController::addDrum(const DrumRow& row) {
    if (const auto added = m_journal.workbook()->addDrum(row); !added)
        return !said(added.fault());
    if (!loadShelf())
        return false;
    chooseDrum(row.drum.id);
    emit workbookChanged();
    return true;
}

bool SessionController::addTone(Tone tone, const QString& name) {
    tone.id = QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
    tone.name = name.trimmed().toStdString();
    if (isReadOnly()) {
        say(problemText({WorkbookFault::ReadOnly, workbookPath(), {}}), Notice::Kind::Problem);
        return false;
    }
    if (const auto added = m_journal.workbook()->addTone(tone); !added)
        return !said(added.fault());
    if (!loadShelf())
        return false;
    if (!perform(ChooseTone{tone})) // kept all the same, for another drum
        emit sessionChanged();
    return true;
}

bool SessionController::perform(const Command& command) {
    if (!hasSession())
        return false;
    auto after = apply(session(), command);
    if (!after) {
        Session wished = session();
        if (const auto* choice = std::get_if<ChooseTone>(&command))
            wished.tone = choice->tone, wished.wish = {};
        if (const auto* wish = std::get_if<SetWish>(&command))
            wished.wish = wish->wish;
        if (const auto targets = targetsOf(wished); after.fault() == Refusal::ToneOutOfReach && !targets) {
            say(outOfReachText(targets.fault()), Notice::Kind::Problem);
        } else {
            say(refusalText(after.fault()), Notice::Kind::Problem);
        }
        return false;
    }
    std::vector<ReadingRow> readings;
    if (const auto* tap = std::get_if<TapHeard>(&command))
        readings.push_back({tap->side, tap->rod ? *tap->rod : nextRodToTap(session().head(tap->side)).value(),
                            tap->reading});
    const auto rounds = [](const Session& s) { return s.batter.history.size() + s.snareSide.history.size(); };
    const std::size_t before = rounds(session());
    if (said(m_journal.add(QString::fromLatin1(commandName(command)), *after, readings)))
        return false;
    if (rounds(session()) > before)
        dropMetReminder();
    return true;
}

bool SessionController::amend(const Session& state) {
    if (isReadOnly()) // looking around is free; nothing is kept
        return m_journal.amendInMemory(state), true;
    return !said(m_journal.amend(state));
}

void SessionController::goTo(Station station) {
    if (!hasSession() || session().station == station)
        return;
    forgetReading();
    amend(apply(session(), GoTo{station}).value());
}

void SessionController::setNote(const QString& note) {
    if (hasSession() && session().note != note.toStdString())
        amend(apply(session(), SetNote{note.toStdString()}).value());
}

void SessionController::onSessionChanged() {
    listenForWhatIsDue();
    followSource();
    keepGauge();
    keepReminder();
    followClock();
    emit sessionChanged();
}

// The logbook -----------------------------------------------------------------------------------------------

bool SessionController::saveToLog() {
    if (!hasSession())
        return false;
    if (isReadOnly()) {
        say(problemText({WorkbookFault::ReadOnly, workbookPath(), {}}), Notice::Kind::Problem);
        return false;
    }
    const auto saved = apply(session(), MarkSaved{});
    const LogEntry entry{0,
                         QDateTime::currentDateTime().toString(Qt::ISODate),
                         session().drum.id,
                         session().tone.id,
                         QString::fromStdString(setupSummary(*saved).dump()),
                         true};
    if (const auto added = m_journal.workbook()->addLogEntry(entry, &*saved); !added)
        return !said(added.fault());
    emit logChanged();
    if (!perform(MarkSaved{}))
        return false;
    say(tr("Saved to the logbook."));
    return true;
}

std::vector<LogEntry> SessionController::logEntries() {
    if (!hasWorkbook())
        return {};
    auto entries = m_journal.workbook()->logEntries();
    if (!entries) {
        said(entries.fault());
        return {};
    }
    return std::move(entries).value();
}

bool SessionController::openLogEntry(qint64 id) {
    const auto kept = m_journal.workbook()->logSession(id);
    if (!kept)
        return !said(kept.fault());
    Session start = *kept;
    start.station = Station::Proof;
    if (said(m_journal.begin(start)))
        return false;
    say(tr("The setup was brought back as a new session; the earlier one stays in the workbook."));
    return true;
}

} // namespace bombo
