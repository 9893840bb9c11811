#pragma once
/// A workbook opened for looking back: its entries, and the sessions of its drums.
#include "cli/verbs.h"
#include "core/log/entry.h"

#include <memory>

namespace bombo::cli {

struct Opened {
    std::unique_ptr<Workbook> book;
    std::vector<Entry> entries;
};

Cannot cannot(const WorkbookProblem& problem);
Result<Opened, Answer> opened(const std::string& path);
Result<Entry, Answer> entryNumber(const Opened& from, std::int64_t id);
/// The entries of one drum.
std::vector<Entry> of(const Opened& from, const std::string& drumId);
/// The drum's newest session, or a fresh one. @param drum its name or id
Result<Session, Answer> sessionOf(const Opened& from, const std::string& drum);

} // namespace bombo::cli
