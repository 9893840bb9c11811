#include "cli/verbs.h"
#include "store/rescue.h"

namespace bombo::cli {

Answer rescue(const std::string& from, const std::string& to) {
    const auto done = rescueWorkbook(QString::fromStdString(from), QString::fromStdString(to));
    if (!done)
        return Cannot{problemText(done.fault()).toStdString()};
    Json rows = Json::object();
    for (const auto& [table, count] : done->rows)
        rows[table.toStdString()] = count;
    Json lost = Json::array();
    for (const QString& sentence : done->lost)
        lost.push_back(sentence.toStdString());
    return Json{{"workbook", to}, {"rows", rows}, {"lost", lost}};
}

} // namespace bombo::cli
