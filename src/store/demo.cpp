#include "store/demo.h"

#include "store/resources.h"

#include <stdexcept>

namespace bombo {

std::vector<DrumRow> demoDrums() {
    const Catalogue known = catalogue();
    const Json demo = demoJson(); // kept: the loop below walks inside it
    std::vector<DrumRow> rows;
    for (const Json& entry : demo.at("drums")) {
        auto drum = drumFromJson(entry, known);
        if (!drum)
            throw std::runtime_error("data/demo.json: " + drum.fault().text());
        rows.push_back(
            {*drum, entry.at("practice_seed").get<std::uint64_t>(), entry.at("tone").get<std::string>()});
    }
    return rows;
}

std::vector<Tone> demoTones() {
    return tonesFrom(demoJson(), "data/demo.json");
}

namespace {

std::optional<WorkbookProblem> fillDemo(Workbook& book) {
    for (const Tone& tone : demoTones())
        if (auto added = book.addTone(tone); !added)
            return added.fault();
    for (const DrumRow& row : demoDrums())
        if (auto added = book.addDrum(row); !added)
            return added.fault();
    const Json demo = demoJson();
    for (const Json& entry : demo.at("log")) {
        const LogEntry row{0,
                           QString::fromStdString(entry.at("when").get<std::string>()),
                           entry.at("drum").get<std::string>(),
                           entry.at("tone").get<std::string>(),
                           QString::fromStdString(entry.at("setup").dump()),
                           false};
        if (auto added = book.addLogEntry(row); !added)
            return added.fault();
    }
    return std::nullopt;
}

} // namespace

Workbook::Outcome<std::unique_ptr<Workbook>> createDemoWorkbook(const QString& path) {
    return Workbook::create(path, fillDemo);
}

} // namespace bombo
