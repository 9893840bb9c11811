#include "cli/verbs.h"

namespace bombo::cli {

Answer listLog(const std::string& workbookPath) {
    const auto book = Workbook::open(QString::fromStdString(workbookPath));
    if (!book)
        return Cannot{problemText(book.fault()).toStdString()};
    const auto entries = book.value()->logEntries();
    if (!entries)
        return Cannot{problemText(entries.fault()).toStdString()};
    Json out = Json::array();
    for (const LogEntry& entry : *entries)
        out.push_back({{"id", entry.id},
                       {"saved_at", entry.savedAt.toStdString()},
                       {"drum", entry.drumId},
                       {"tone", entry.toneId},
                       {"setup", Json::parse(entry.summary.toStdString(), nullptr, false)}});
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
    const LogEntry entry{
        0, QString::fromStdString(now), *drum, *tone, QString::fromStdString(in["setup"].dump()), false};
    const auto id = book.value()->addLogEntry(entry);
    if (!id)
        return Cannot{problemText(id.fault()).toStdString()};
    return Json{{"id", *id}};
}

} // namespace bombo::cli
