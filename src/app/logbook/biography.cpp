#include "app/logbook/biography.h"

#include "app/logbook/back_words.h"
#include "core/record/heads_say.h"
#include "store/resources.h"

#include <QDateTime>
#include <algorithm>

namespace bombo {
namespace {

HeadReading readingOf(const Entry& entry, const HeardHead& heard) {
    return {entry.at, heard, weatherThen(entry.figures.weather, entry.at)};
}

} // namespace

Biography::Biography(SessionController& controller) : m_controller(controller), m_heads(catalogue().heads) {}

void Biography::forget() {
    m_entries.reset();
    m_own.reset();
}

std::int64_t Biography::clock() {
    return QDateTime::currentSecsSinceEpoch();
}

const std::vector<Entry>& Biography::entries() {
    if (!m_entries)
        m_entries = m_controller.entries();
    return *m_entries;
}

const std::vector<Entry>& Biography::own() {
    const std::string& drum = session().drum.id;
    if (!m_own || m_ownOf != drum) {
        m_own.emplace();
        m_ownOf = drum;
        for (const Entry& entry : entries())
            if (entry.drumId == drum)
                m_own->push_back(entry);
    }
    return *m_own;
}

const Entry* Biography::entry(std::int64_t id) {
    const auto found =
        std::find_if(entries().begin(), entries().end(), [id](const Entry& one) { return one.id == id; });
    return found == entries().end() ? nullptr : &*found;
}

const Entry* Biography::before(const Entry& entry) {
    const Entry* last = nullptr;
    for (const Entry& one : entries()) {
        if (one.id == entry.id)
            return last;
        if (one.drumId == entry.drumId)
            last = &one;
    }
    return nullptr;
}

BackTo Biography::backTo(const Entry& then, SameAs same) {
    std::vector<PadKind> kinds(padKinds().begin(), padKinds().end());
    kinds.insert(kinds.end(), session().ownKinds.begin(), session().ownKinds.end());
    return bombo::backTo(drumNow(m_controller.reckoned(), own(), clock()), then, same, m_heads, kinds);
}

NowAndThen Biography::nowAndThen(const Entry& then, const BackTo& plan) const {
    const Shell& now = session().drum.shell;
    Shell shell = now;
    for (const DrumRow& row : m_controller.drums())
        if (row.drum.id == then.drumId)
            shell = row.drum.shell;
    NowAndThen drums = bombo::nowAndThen(plan, then.figures, session().pads, now, shell);
    drums[1].when = dayText(then.at, clock());
    return drums;
}

SettlingBelief Biography::settling(HeadSide side) {
    return settlingOf(session().drum, side, staysOf(own(), side),
                      turnModelOf(m_controller.reckoned()).head(side).perTurn());
}

std::optional<Moved> Biography::movedBefore(const Entry& entry, HeadSide side) {
    const Entry* last = before(entry);
    const HeadFigures& head = entry.figures.head(side);
    if (last == nullptr || !head.found || !last->figures.head(side).left ||
        last->figures.head(side).fittedAt != head.fittedAt || entry.drumId != session().drum.id)
        return std::nullopt;
    const Tension perTurn = head.perTurn.value_or(turnModelOf(m_controller.reckoned()).head(side).perTurn());
    return whatMoved(session().drum, side, readingOf(*last, *last->figures.head(side).left),
                     readingOf(entry, *head.found), head.fittedAt, settling(side), perTurn);
}

std::optional<Moved> Biography::movedSince(HeadSide side) {
    return bombo::movedSince(m_controller.reckoned(), side, own(), clock());
}

PartLife Biography::life(Part part) {
    return lifeOf(session().drum, part, own(), playsOf(own()), clock());
}

std::optional<DueDays> Biography::dueDays(const PartLife& life) {
    return daysUntilDue(life, playsOf(own()), clock());
}

std::optional<Expected> Biography::expectedNow(HeadSide side) {
    return bombo::expectedNow(m_controller.reckoned(), side, own(), clock());
}

Entry Biography::now() {
    return entryOf(m_controller.reckoned(), clock());
}

} // namespace bombo
