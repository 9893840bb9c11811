#pragma once
/// Files that Bombo writes beside workbooks: whole or not at all, and never over one that is something else.
#include <QByteArray>
#include <QString>
#include <optional>

namespace bombo {

/// What cannot be read or written, in the language of the program, with the file and what to do.
struct ExchangeProblem {
    QString text;
    bool isGivenUp = false; ///< the user said so: nothing to tell
};

/// Whether a file of that name may make room. A workbook, its log and its copies never do.
enum class Overwrite { No, IfAsked };

/// Why nothing may be written there; empty: it may.
std::optional<ExchangeProblem> whyNotWriteTo(const QString& file, Overwrite overwrite);
/// Writes bytes to a file, whole or not at all.
std::optional<ExchangeProblem> writeFile(const QString& file, const QByteArray& bytes, Overwrite overwrite);

} // namespace bombo
