#pragma once
/// Cells of a table for a spreadsheet: quoted where they must be, and never a formula.
#include <QDateTime>
#include <QString>
#include <optional>

namespace bombo {

/// Whether a cell that begins so is taken for a formula by a spreadsheet, or begins like one that was marked.
inline bool needsMark(const QString& text) {
    return !text.isEmpty() && QStringLiteral("=+-@\t\r'").contains(text.front());
}

/// Words as a cell of a table: marked so that no spreadsheet works them out, then quoted where they must be.
inline QString quoted(QString cell) {
    if (needsMark(cell))
        cell.prepend(QLatin1Char('\''));
    for (const char c : {'"', ',', ';', '\n', '\r', '\t'})
        if (cell.contains(QLatin1Char(c))) {
            cell.replace(QLatin1Char('"'), QLatin1String("\"\""));
            return QLatin1Char('"') + cell + QLatin1Char('"');
        }
    return cell;
}

/// The words of a cell that was written by quoted(), without the mark. Older versions marked fewer.
inline QString wordsIn(const QString& cell) {
    return cell.startsWith(QLatin1Char('\'')) && needsMark(cell.mid(1)) ? cell.mid(1) : cell;
}

/// A figure with a point, in whatever language.
inline QString figure(double value, int digits) {
    return QString::number(value, 'f', digits);
}
/// Empty where it is not known.
template <class T> QString figure(const std::optional<T>& value, int digits) {
    return value ? figure(value->value, digits) : QString();
}

/// @param at seconds since 1970, UTC
inline QString when(std::int64_t at) {
    return QDateTime::fromSecsSinceEpoch(at, Qt::UTC).toString(Qt::ISODate);
}

} // namespace bombo
