#include "cli/opened_workbook.h"

#include "store/resources.h"

#include <algorithm>

namespace bombo::cli {

Cannot cannot(const WorkbookProblem& problem) {
    return {problemText(problem).toStdString()};
}

Result<Opened, Answer> opened(const std::string& path) {
    auto book = Workbook::open(QString::fromStdString(path));
    if (!book)
        return failure(Answer(cannot(book.fault())));
    auto entries = book.value()->entries({});
    if (!entries)
        return failure(Answer(cannot(entries.fault())));
    return Opened{std::move(book).value(), std::move(entries).value()};
}

Result<Entry, Answer> entryNumber(const Opened& from, std::int64_t id) {
    for (const Entry& entry : from.entries)
        if (entry.id == id)
            return entry;
    return failure(Answer(InputProblem{"id", "there is no entry " + std::to_string(id) +
                                                 " in this logbook; list them with bombo-cli log"}));
}

std::vector<Entry> of(const Opened& from, const std::string& drumId) {
    std::vector<Entry> own;
    std::copy_if(from.entries.begin(), from.entries.end(), std::back_inserter(own),
                 [&](const Entry& entry) { return entry.drumId == drumId; });
    return own;
}

Result<Session, Answer> sessionOf(const Opened& from, const std::string& drum) {
    const auto drums = from.book->drums();
    if (!drums)
        return failure(Answer(cannot(drums.fault())));
    const auto row = std::find_if(drums->begin(), drums->end(), [&](const DrumRow& one) {
        return one.drum.id == drum || one.drum.name == drum;
    });
    if (row == drums->end())
        return failure(Answer(InputProblem{"drum", "there is no drum \"" + drum + "\" in this workbook"}));
    const auto tones = from.book->tones();
    const std::vector<Tone> known = withCatalogueTones(tones ? *tones : std::vector<Tone>{});
    const auto tone =
        std::find_if(known.begin(), known.end(), [&](const Tone& one) { return one.id == row->toneId; });
    Session session = newSession(row->drum, tone == known.end() ? known.front() : *tone, row->practiceSeed);
    if (const auto latest = from.book->latestSession(row->drum.id); latest && *latest)
        if (const auto stored = from.book->loadSession(**latest)) {
            static_cast<Work&>(session) = stored->work;
            static_cast<Context&>(session) = stored->context;
            if (const auto rig = from.book->rig(row->drum.id, stored->id))
                static_cast<Rig&>(session) = rig->rig;
        }
    return session;
}

} // namespace bombo::cli
