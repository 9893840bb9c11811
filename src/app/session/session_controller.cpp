#include "app/session/session_controller.h"

#include "app/listening/ear.h"
#include "app/listening/sound_output.h"
#include "app/practice/practice_player.h"
#include "app/reminder/wall_clock.h"
#include "app/session/damage_watch.h"
#include "app/session/wording.h"
#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "store/demo.h"
#include "store/rescue.h"
#include "store/resources.h"
#include "store/times.h"
#include "store/usual_drum.h"
#include "store/way_back.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QRandomGenerator>
#include <QStandardPaths>
#include <QUuid>

namespace bombo {
namespace {

const QString kCurrentDrum = QStringLiteral("current_drum"); // stored name, untranslated

} // namespace

SessionController::SessionController(Settings& settings, QObject* parent)
    : QObject(parent), m_settings(settings), m_ear(new Ear(*this, this)),
      m_practice(new PracticePlayer(*this, this)), m_output(new SoundOutput(*this, this)),
      m_wallClock(new WallClock(*this, this)), m_damageWatch(new DamageWatch(this)) {
    qRegisterMetaType<Notice>();
    connect(&m_journal, &SessionJournal::changed, this, &SessionController::onSessionChanged);
    connect(&m_journal, &SessionJournal::failed, this,
            [this](const WorkbookProblem& problem) { tell(problemText(problem)); });
    connect(m_ear, &Ear::sourceChanged, this, &SessionController::sessionChanged);
    connect(m_damageWatch, &DamageWatch::found, this, [this](const WorkbookProblem& problem) {
        if (problem.path == workbookPath()) // not of one that was closed meanwhile
            onOpenFailed(problem);
    });
}

void SessionController::say(const QString& text, Notice::Kind kind) {
    emit notice({kind, text});
}

bool SessionController::said(const SessionJournal::Problem& problem) {
    if (problem)
        say(problemText(*problem), Notice::Kind::Problem);
    if (problem && problem->fault == WorkbookFault::Moved)
        emit workbookMoved(problem->path);
    return problem.has_value();
}

// The workbook ----------------------------------------------------------------------------------------------

bool SessionController::openWorkbook(const QString& path) {
    auto book = Workbook::open(path);
    if (!book) {
        onOpenFailed(book.fault());
        return false;
    }
    return adopt(std::move(book).value());
}

void SessionController::onOpenFailed(const WorkbookProblem& problem) {
    say(problemText(problem), Notice::Kind::Problem);
    const bool isRubbish = problem.fault == WorkbookFault::NotAWorkbook && !backupsOf(problem.path).empty();
    if (problem.fault == WorkbookFault::Damaged || isRubbish)
        emit damageFound(problem.path);
}

void SessionController::closeWorkbook() {
    noteRecent();
    m_damageWatch->end();
    m_ear->listener().stopMicrophone();
    m_ear->forgetWorkbook();
    m_journal.setWorkbook(nullptr);
    m_drums.clear();
    emit workbookChanged();
}

/// What stands in the open workbook, for the start page.
void SessionController::noteRecent() {
    if (!hasSession())
        return;
    m_settings.noteRecent({workbookPath(), QString::fromStdString(session().drum.name),
                           QString::fromStdString(session().tone.name), static_cast<int>(session().station),
                           QDateTime::currentSecsSinceEpoch()});
}

bool SessionController::goBackTo(const WayBack& way, const QString& path) {
    if (workbookPath() == path)
        closeWorkbook();
    const auto aside = bombo::goBackTo(way.copy, path);
    if (!aside)
        return !said(aside.fault());
    if (!openWorkbook(path))
        return false;
    say(tr("You are back at the copy of %1. The damaged workbook is kept as %2.")
            .arg(QLocale().toString(way.copy.madeAt, QStringLiteral("d MMM yyyy, hh:mm")),
                 QFileInfo(*aside).fileName()));
    return true;
}

bool SessionController::rescue(const QString& path) {
    const QFileInfo file(path);
    const QString stem = file.absoluteDir().filePath(tr("%1, rescued").arg(file.completeBaseName()));
    QString to = stem + QStringLiteral(".bombo");
    for (int count = 2; QFileInfo::exists(to); ++count)
        to = QStringLiteral("%1 %2.bombo").arg(stem).arg(count);
    const auto rescued = rescueWorkbook(path, to);
    if (!rescued)
        return !said(rescued.fault());
    if (!openWorkbook(to))
        return false;
    constexpr qsizetype most = 4;
    QStringList lost = rescued->lost.mid(0, most);
    if (rescued->lost.size() > most)
        lost << tr("and %n more", nullptr, static_cast<int>(rescued->lost.size() - most));
    say(lost.isEmpty() ? tr("Everything could be read; it stands in %1 now.").arg(QFileInfo(to).fileName())
                       : tr("What could be read stands in %1 now. Lost: %2.")
                             .arg(QFileInfo(to).fileName(), lost.join(QStringLiteral("; "))),
        lost.isEmpty() ? Notice::Kind::Note : Notice::Kind::Problem);
    return true;
}

bool SessionController::newWorkbook(const QString& path) {
    auto book = Workbook::create(path);
    if (!book) {
        say(problemText(book.fault()), Notice::Kind::Problem);
        return false;
    }
    return adopt(std::move(book).value());
}

QString SessionController::demoPath() {
    return QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation))
        .filePath(QStringLiteral("picture-house.bombo"));
}

bool SessionController::openDemo() {
    const QDir folder(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    const QString path = demoPath();
    if (QFileInfo::exists(path)) {
        auto known = Workbook::open(path);
        if (known)
            return adopt(std::move(known).value());
        const WorkbookFault fault = known.fault().fault;
        if (fault != WorkbookFault::NotAWorkbook && fault != WorkbookFault::Damaged)
            return !said(known.fault());
        // Nothing of the user's is in a demo that does not even open, but nothing is thrown away either.
        const QString aside = path + QStringLiteral(".damaged");
        QFile::remove(aside);
        if (!QFile::rename(path, aside))
            return !said(known.fault());
        say(tr("The demo was damaged and is made anew; the old file stands beside it as %1.").arg(aside));
    }
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

bool SessionController::openPractice() {
    const QDir folder(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    const QString path = folder.filePath(QStringLiteral("practice.bombo"));
    if (QFileInfo::exists(path))
        return openWorkbook(path);
    if (!folder.mkpath(QStringLiteral("."))) {
        say(tr("The folder %1 cannot be made; check your rights there.").arg(folder.path()),
            Notice::Kind::Problem);
        return false;
    }
    DrumRow row;
    row.drum = usualDrum();
    row.drum.name = tr("Practice drum").toStdString();
    row.practiceSeed = QRandomGenerator::global()->bounded(100000) + 1;
    auto book = Workbook::create(path, [&](Workbook& made) -> std::optional<WorkbookProblem> {
        const auto added = made.addDrum(row);
        return added ? std::nullopt : std::optional(added.fault());
    });
    if (!book) {
        say(problemText(book.fault()), Notice::Kind::Problem);
        return false;
    }
    return adopt(std::move(book).value());
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
    if (isReadOnly() || !QFileInfo::exists(workbookPath())) // the only place to go on
        return openWorkbook(path);
    say(tr("Copy saved as %1. You are still working in %2.")
            .arg(QFileInfo(path).fileName(), QFileInfo(workbookPath()).fileName()));
    return true;
}

bool SessionController::writeAgain() {
    if (const auto done = workbook()->writeAgain(); !done)
        return !said(done.fault());
    say(tr("The workbook is back in its place. Do your last step again."));
    return true;
}

bool SessionController::adopt(std::unique_ptr<Workbook> book) {
    auto drums = book->drums();
    auto tones = book->tones();
    if (!drums || !tones) { // the workbook that is open stays so
        say(problemText(drums ? tones.fault() : drums.fault()), Notice::Kind::Problem);
        return false;
    }
    m_ear->listener().stopMicrophone();
    m_ear->forgetWorkbook();
    noteRecent(); // of the one before
    m_damageWatch->end();
    m_hasLeftOut = false;
    m_journal.setWorkbook(std::move(book));
    if (!workbook()->isChecked())
        m_damageWatch->begin(workbookPath());
    m_journal.setUsualHand(m_settings.leftHanded());
    fillShelf(std::move(drums).value(), std::move(tones).value());
    m_settings.setLastWorkbook(workbookPath());
    if (const DrumRow* first = inFront(m_journal.workbook()->value(kCurrentDrum).toStdString()))
        chooseDrum(first->drum.id);
    noteRecent();
    emit workbookChanged();
    m_wallClock->begin();
    if (isReadOnly())
        say(problemText({WorkbookFault::ReadOnly, workbookPath(), {}}), Notice::Kind::Problem);
    saySetAside();
    return true;
}

/// That drum, or else the first that is played; null where there is none.
const DrumRow* SessionController::inFront(const std::string& wished) const {
    const DrumRow* found = nullptr;
    for (const DrumRow& row : m_drums)
        if (!row.isRetired && (found == nullptr || row.drum.id == wished))
            found = &row;
    return found != nullptr || m_drums.empty() ? found : &m_drums.front();
}

/// What was damaged in the workbook and is left out, so that the rest works.
void SessionController::saySetAside() {
    if (!hasWorkbook())
        return;
    if (const std::vector<SetAside> left = m_journal.workbook()->takeSetAside(); !left.empty()) {
        m_hasLeftOut = true;
        say(setAsideText(left), Notice::Kind::Problem);
    }
}

void SessionController::fillShelf(std::vector<DrumRow> drums, std::vector<Tone> tones) {
    m_drums = std::move(drums);
    m_ownTones = tones.size();
    m_tones = withCatalogueTones(std::move(tones));
}

bool SessionController::loadShelf() {
    auto drums = m_journal.workbook()->drums();
    auto tones = m_journal.workbook()->tones();
    if (!drums || !tones)
        return !said(drums ? tones.fault() : drums.fault());
    fillShelf(std::move(drums).value(), std::move(tones).value());
    return true;
}

// The session -----------------------------------------------------------------------------------------------

void SessionController::chooseDrum(const std::string& id) {
    Workbook& book = *m_journal.workbook();
    const auto row =
        std::find_if(m_drums.begin(), m_drums.end(), [&](const DrumRow& r) { return r.drum.id == id; });
    if (row == m_drums.end() || m_tones.empty())
        return;
    m_ear->forget();
    const auto latest = book.latestSession(id);
    if (!latest) {
        said(latest.fault());
        return;
    }
    if (latest.value()) {
        const auto problem = m_journal.resume(**latest);
        if (problem && (problem->fault != WorkbookFault::Damaged || isReadOnly())) {
            said(problem);
            return;
        }
        if (problem) { // nothing of it can be read: it stays in the file, and the drum can be worked on
            beginOn(*row);
            say(tr("The last session of %1 is damaged and was left as it is; a fresh one was begun.")
                    .arg(QString::fromStdString(row->drum.name)),
                Notice::Kind::Problem);
        }
    } else {
        beginOn(*row);
    }
    if (!hasSession() || session().drum.id != id)
        return;
    keepInFront(id);
    m_wallClock->sayOthers(); // the drum that was in front is one of the others now
}

/// The first session on a drum.
void SessionController::beginOn(const DrumRow& row) {
    const auto tone =
        std::find_if(m_tones.begin(), m_tones.end(), [&](const Tone& t) { return t.id == row.toneId; });
    const Session start =
        newSession(row.drum, tone == m_tones.end() ? m_tones.front() : *tone, row.practiceSeed);
    said(m_journal.begin(start, start));
}

/// The next start goes on with this drum.
void SessionController::keepInFront(const std::string& drumId) {
    if (isReadOnly())
        return;
    if (const auto kept = workbook()->setValue(kCurrentDrum, QString::fromStdString(drumId)); !kept)
        said(kept.fault());
}

void SessionController::startFresh() {
    Session start = newSession(session().drum, session().tone, session().practiceSeed);
    start.source = session().source;
    start.nearestRod = session().nearestRod;
    start.reminder = session().reminder;
    m_ear->forget();
    if (!said(m_journal.begin(start, start)))
        say(tr("New session started. The one before it is under Drum, Earlier sessions."));
}

std::vector<SessionLine> SessionController::sessions() {
    if (!hasSession())
        return {};
    auto lines = workbook()->sessionsOf(session().drum.id);
    if (lines)
        return std::move(lines).value();
    said(lines.fault());
    return {};
}

bool SessionController::openSession(qint64 id) {
    if (id == sessionId())
        return true;
    m_ear->forget();
    if (!isReadOnly())
        if (const auto done = workbook()->bringForward(id); !done)
            return !said(done.fault());
    if (said(m_journal.resume(id)))
        return false;
    emit workbookChanged();
    return true;
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

bool SessionController::retireDrum(const std::string& id, bool isRetired) {
    const auto played = [&](const DrumRow& row) { return !row.isRetired && row.drum.id != id; };
    if (isRetired && std::none_of(m_drums.begin(), m_drums.end(), played)) {
        say(tr("It is the only drum here. Add another one first."), Notice::Kind::Problem);
        return false;
    }
    if (const auto done = m_journal.workbook()->retireDrum(id, isRetired); !done)
        return !said(done.fault());
    if (!loadShelf())
        return false;
    if (isRetired && hasSession() && session().drum.id == id)
        if (const DrumRow* next = inFront({}))
            chooseDrum(next->drum.id);
    if (!isRetired)
        chooseDrum(id);
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
    if (said(m_journal.put(QString::fromLatin1(commandName(command)), touchedBy(command), *after, readings)))
        return false;
    if (rounds(session()) > before)
        m_wallClock->dropMet();
    if (const auto* fit = std::get_if<FitHead>(&command))
        m_wallClock->dropWorn(fit->side == HeadSide::Batter ? ReminderKind::BatterWorn
                                                            : ReminderKind::SnareSideWorn);
    if (std::holds_alternative<FitWires>(command))
        m_wallClock->dropWorn(ReminderKind::WiresWorn);
    return true;
}

void SessionController::goTo(Station station) {
    if (!hasSession() || session().station == station)
        return;
    m_ear->forget();
    perform(GoTo{station});
}

void SessionController::setNote(const QString& note) {
    if (hasSession() && noteNow(session()) != note.toStdString())
        perform(SetNote{note.toStdString()});
}

/// A verdict that was undone, redone or taken back takes what it taught the house with it.
void SessionController::followVerdict() {
    if (isReadOnly() || !session().faults)
        return;
    const FaultCase& faults = *session().faults;
    const FoundCause wanted{faults.begunAt, session().drum.id, faults.ended ? faults.cause : std::string()};
    const auto& known = session().foundCauses;
    const auto same = std::find_if(known.begin(), known.end(), [&](const FoundCause& one) {
        return one.caseAt == wanted.caseAt && one.drumId == wanted.drumId;
    });
    const std::string kept = same == known.end() ? std::string() : same->cause;
    if (kept != wanted.cause)
        perform(KeepFound{wanted});
}

void SessionController::onSessionChanged() {
    followVerdict();
    // A step, or its undoing, may have changed the drum itself.
    const auto row = std::find_if(m_drums.begin(), m_drums.end(),
                                  [&](const DrumRow& r) { return r.drum.id == session().drum.id; });
    if (row != m_drums.end() && row->drum != session().drum)
        row->drum = session().drum;
    m_ear->follow();
    m_wallClock->follow();
    saySetAside();
    emit sessionChanged();
}

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

bool SessionController::beginHurry(double minutes) {
    return perform(BeginHurry{minutes, QDateTime::currentSecsSinceEpoch() + std::llround(60.0 * minutes)});
}

// What is at hand -------------------------------------------------------------------------------------------

QStringList SessionController::gaugeNames() {
    if (!hasWorkbook())
        return {};
    auto names = workbook()->gaugeNames();
    if (names)
        return std::move(names).value();
    said(names.fault());
    return {};
}

void SessionController::chooseGauge(const QString& name) {
    if (!hasSession() || session().gauge.name == name.toStdString())
        return;
    auto points = workbook()->gaugePoints(name, sessionId());
    if (!points)
        said(points.fault());
    else
        perform(ChooseGauge{{name.toStdString(), std::move(points).value()}});
}

void SessionController::setLeftHanded(bool left) {
    m_settings.setLeftHanded(left);
    m_journal.setUsualHand(left);
    if (hasSession() && session().leftHanded != left)
        perform(SetHand{left});
}

void SessionController::setNearestRod(std::optional<int> rod) {
    perform(SetNearestRod{rod});
}

} // namespace bombo
