#pragma once
/// The manual that ships inside the program: docs/manual, in the order to read it.
#include <QString>
#include <QStringList>
#include <vector>

namespace bombo {

struct ManualPage {
    QString file;  ///< "wires.md"
    QString title; ///< its first heading
    QString text;  ///< Markdown, with the words that a paragraph is found by too
};
/// Pages that are missing from the program are left out; empty where all are.
const std::vector<ManualPage>& manualPages();
/// The Markdown that is read.
QString shownText(const ManualPage& page);

/// A paragraph that holds what was looked for.
struct ManualFind {
    int page = 0;     ///< index of manualPages
    QString line;     ///< without marks of Markdown
    qsizetype at = 0; ///< where in it the first word looked for stands
    QString word{};   ///< that word as it stands there; empty where the paragraph says it otherwise
};
/// Paragraphs that hold every word, in any form ("choked" finds "choke") or by another name ("lug" finds
/// "rod"); titles first. At most thirty.
std::vector<ManualFind> searchManual(const QString& words);

} // namespace bombo
