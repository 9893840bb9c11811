#pragma once
/// What is said of an entry now, as a program that shows it would have read it.
#include "store/workbook.h"

namespace bombo::testing {

inline EntryWords wordsOf(const Workbook& book, qint64 id) {
    for (const Entry& entry : book.entries({}).value())
        if (entry.id == id)
            return entry.figures.words;
    return {};
}

} // namespace bombo::testing
