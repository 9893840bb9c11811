#pragma once
/// What data/faults.json is called on screen; nothing there is text.
#include "core/faults/fault_net.h"

#include <QString>

namespace bombo {

/// Complaints as they stand together on the page.
struct ComplaintGroup {
    const char* name; ///< English; title() is translated
    std::vector<std::string> complaints;
    QString title() const;
};
const std::vector<ComplaintGroup>& complaintGroups();

// By id.
QString complaintName(const std::string& id);
QString complaintMeaning(const std::string& id);
QString causeName(const std::string& id);
/// One kind sentence of what it means.
QString causeMeaning(const std::string& id);
/// What to do, in a line.
QString testTitle(const std::string& id);
/// And how, with what to take care of.
QString testHow(const std::string& id);
QString answerName(const std::string& id);
QString remedyStepText(const std::string& id);

} // namespace bombo
