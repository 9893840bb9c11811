/// What the controller does with the logbook: entries saved, changed, taken in and gone back to.
#include "app/session/session_controller.h"

#include "app/listening/ear.h"
#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "core/log/entry_filter.h"
#include "core/record/json_values.h"
#include "store/times.h"

#include <cmath>

namespace bombo {

bool SessionController::saveToLog() {
    if (!hasSession())
        return false;
    if (isReadOnly()) {
        say(problemText({WorkbookFault::ReadOnly, workbookPath(), {}}), Notice::Kind::Problem);
        return false;
    }
    const Session saved = apply(session(), MarkSaved{}).value();
    const LogEntry entry{0,
                         timeNow(),
                         session().drum.id,
                         session().tone.id,
                         QString::fromStdString(setupSummary(saved).dump()),
                         true};
    if (isSaved(entry)) {
        say(tr("This setup is in the logbook already."));
        return true;
    }
    if (said(m_journal.putWithEntry(QString::fromLatin1(MarkSaved::name), saved, entry)))
        return false;
    const double hours = sayPlayed(entry.drumId);
    emit logChanged();
    say(hours > 0.0
            ? tr("Saved to the logbook, with %1 hours that it was heard being played.").arg(number(hours, 1))
            : tr("Saved to the logbook."));
    return true;
}

/// Into the newest entry, where nobody said it. @return the hours; 0: none worth a word
double SessionController::sayPlayed(const std::string& drumId) {
    const double hours = std::round(10.0 * m_ear->played().sinceEntry()) / 10.0;
    if (hours < PlayedHours::kLeast)
        return 0.0;
    const std::vector<Entry> all = entries();
    const Entry* newest = newestOf(all, drumId);
    if (newest == nullptr || newest->figures.words.hours)
        return 0.0;
    EntryWords words = newest->figures.words;
    words.hours = hours;
    if (const auto kept = workbook()->keepWords(newest->id, newest->figures.words, words); !kept) {
        said(kept.fault());
        return 0.0;
    }
    m_ear->played().begin();
    return hours;
}

/// The newest entry of this drum says all of it already, word for word: saved before, or saved and undone.
bool SessionController::isSaved(const LogEntry& entry) {
    const auto kept = workbook()->logEntries(entry.drumId, 1);
    return kept && !kept->empty() && kept->front().summary == entry.summary;
}

std::vector<LogEntry> SessionController::logEntries(const std::optional<std::string>& drumId, int most) {
    if (!hasWorkbook())
        return {};
    auto entries = m_journal.workbook()->logEntries(drumId, most);
    if (!entries) {
        said(entries.fault());
        return {};
    }
    return std::move(entries).value();
}

std::vector<Entry> SessionController::entries() {
    if (!hasWorkbook())
        return {};
    auto entries = workbook()->entries({});
    if (entries)
        return std::move(entries).value();
    said(entries.fault());
    return {};
}

bool SessionController::keepWords(qint64 id, const EntryWords& before, const EntryWords& words) {
    if (const auto kept = workbook()->keepWords(id, before, words); !kept) {
        emit logChanged(); // what another window has said meanwhile is shown
        return !said(kept.fault());
    }
    emit logChanged();
    return true;
}

bool SessionController::deleteEntries(const std::vector<qint64>& ids, bool areDeleted) {
    if (const auto done = workbook()->deleteEntries(ids, areDeleted); !done)
        return !said(done.fault());
    emit logChanged();
    return true;
}

std::vector<Entry> SessionController::bin() {
    auto entries = workbook()->bin();
    if (entries)
        return std::move(entries).value();
    said(entries.fault());
    return {};
}

bool SessionController::emptyBin() {
    if (const auto done = workbook()->emptyBin(); !done)
        return !said(done.fault());
    emit logChanged();
    return true;
}

bool SessionController::takeIn(const Parcel& parcel, const std::function<bool(double)>& progress) {
    if (const auto taken = workbook()->takeIn(parcel, progress); !taken)
        return !said(taken.fault());
    if (!loadShelf())
        return false;
    if (!hasSession())
        if (const DrumRow* first = inFront({}))
            chooseDrum(first->drum.id);
    emit workbookChanged();
    emit logChanged();
    say(tr("Logbook imported."));
    return true;
}

bool SessionController::goBack(const BackTo& plan, const Entry& then, const QString& name) {
    Tone tone = session().tone;
    for (const Tone& one : m_tones)
        if (one.id == then.toneId)
            tone = one;
    if (!perform(GoBack{plan, tone, name.toStdString()}))
        return false;
    const bool snareSideFirst = plan.order != HeadOrder::BatterFirst;
    const auto hasWork = [&](HeadSide side) { return plan.head(side).has_value(); };
    const HeadSide first = snareSideFirst ? HeadSide::SnareSide : HeadSide::Batter;
    const HeadSide second = snareSideFirst ? HeadSide::Batter : HeadSide::SnareSide;
    const HeadSide at = hasWork(first) ? first : second;
    goTo(at == HeadSide::Batter ? Station::Batter : Station::SnareSide);
    return true;
}

std::optional<Session> SessionController::setupOf(qint64 id) {
    const auto kept = m_journal.workbook()->logSetup(id);
    if (!kept) {
        said(kept.fault());
        return std::nullopt;
    }
    Session then;
    static_cast<Work&>(then) = kept->work;
    then.note = kept->note;
    then.noteAt = then.clock;
    return then;
}

bool SessionController::openLogEntry(qint64 id) {
    const auto kept = setupOf(id);
    if (!kept)
        return false;
    Session start = *kept;
    start = apply(start, EndHurry{}).value(); // the show it was tuned for is over
    bool isAsThen = true;
    for (const DrumRow& row : m_drums)
        if (row.drum.id == start.drum.id && row.drum != start.drum) {
            const auto turns = [](const Session& s) { return std::pair(s.batter, s.snareSide); };
            const Session then = start;
            start = onDrumAsItIs(start, row.drum);
            isAsThen = turns(then) == turns(start);
        }
    start.station = Station::Proof;
    if (hasSession())
        start.source = session().source;
    if (const auto reminders = workbook()->reminders()) // the drum's own, set since
        for (const DrumReminder& one : *reminders)
            if (one.drumId == start.drum.id)
                start.reminder = one.reminder;
    m_ear->forget();
    if (said(m_journal.begin(start, start)))
        return false;
    keepInFront(start.drum.id);
    say(isAsThen
            ? tr("The setup was opened as a new session. The one before it is under Drum, Earlier sessions.")
            : tr("The setup was brought back as a new session. A head was changed since: its work begins "
                 "anew, with the same targets."));
    return true;
}

} // namespace bombo
