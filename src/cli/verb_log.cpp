#include "cli/verbs.h"
#include "core/record/entry_figures.h"
#include "store/resources.h"

#include <algorithm>

namespace bombo::cli {

Answer listLog(const std::string& workbookPath) {
    const auto book = Workbook::open(QString::fromStdString(workbookPath));
    if (!book)
        return Cannot{problemText(book.fault()).toStdString()};
    const auto entries = book.value()->logEntries();
    if (!entries)
        return Cannot{problemText(entries.fault()).toStdString()};
    const auto figures = book.value()->entries({});
    if (!figures)
        return Cannot{problemText(figures.fault()).toStdString()};
    const auto wordsOf = [&](qint64 id) { // as they were changed since
        const auto found =
            std::find_if(figures->begin(), figures->end(), [id](const Entry& one) { return one.id == id; });
        return found == figures->end() ? Json() : Json::parse(entryWordsText(found->figures.words));
    };
    // A summary that is no JSON is named by its entry; the others are listed all the same.
    const auto setupOf = [](const LogEntry& entry) {
        Json setup = Json::parse(entry.summary.toStdString(), nullptr, false);
        return setup.is_discarded() ? Json{{"damaged", true}} : setup;
    };
    Json out = Json::array();
    for (const LogEntry& entry : *entries)
        out.push_back({{"id", entry.id},
                       {"saved_at", entry.savedAt.toStdString()},
                       {"drum", entry.drumId},
                       {"tone", entry.toneId},
                       {"words", wordsOf(entry.id)},
                       {"setup", setupOf(entry)}});
    return out;
}

Answer saveLog(const std::string& workbookPath, const Json& in, const std::string& now) {
    const auto drum = textAt(in, "drum");
    if (!drum)
        return drum.fault();
    const auto tone = textAt(in, "tone");
    if (!tone)
        return tone.fault();
    if (!in.contains("setup") || !in["setup"].is_object())
        return InputProblem{"setup", "is missing; give an object with what was reached"};
    const auto book = Workbook::open(QString::fromStdString(workbookPath));
    if (!book)
        return Cannot{problemText(book.fault()).toStdString()};
    const auto drums = book.value()->drums();
    const auto tones = book.value()->tones();
    if (!drums || !tones)
        return Cannot{problemText(drums ? tones.fault() : drums.fault()).toStdString()};
    if (std::none_of(drums->begin(), drums->end(), [&](const DrumRow& row) { return row.drum.id == *drum; }))
        return InputProblem{"drum", "there is no drum \"" + *drum + "\" in this workbook; give its id"};
    const std::vector<Tone> known = withCatalogueTones(*tones);
    if (std::none_of(known.begin(), known.end(), [&](const Tone& one) { return one.id == *tone; }))
        return InputProblem{"tone", "there is no tone \"" + *tone + "\" in this workbook; give its id"};
    const LogEntry entry{
        0, QString::fromStdString(now), *drum, *tone, QString::fromStdString(in["setup"].dump()), false};
    const auto id = book.value()->addLogEntry(entry);
    if (!id)
        return Cannot{problemText(id.fault()).toStdString()};
    return Json{{"id", *id}};
}

} // namespace bombo::cli
