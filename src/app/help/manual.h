#pragma once
/// The manual that ships inside the program: docs/manual, in the order to read it.
#include <QString>
#include <QStringList>
#include <vector>

namespace bombo {

struct ManualPage {
    QString file;  ///< "wires.md"
    QString title; ///< its first heading
    QString text;  ///< Markdown
};
/// Pages that are missing from the program are left out; empty where all are.
const std::vector<ManualPage>& manualPages();

/// A paragraph that holds what was looked for.
struct ManualFind {
    int page = 0; ///< index of manualPages
    QString line; ///< without marks of Markdown
};
/// Paragraphs that hold every word, in any form ("choked" finds "choke"); titles first. At most thirty.
std::vector<ManualFind> searchManual(const QString& words);

} // namespace bombo
