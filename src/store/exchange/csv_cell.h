#pragma once
#include <QDateTime>
#include <QRegularExpression>
#include <QString>
#include <optional>

namespace bombo {

/// A text as a cell of a table, quoted where it must be.
inline QString quoted(QString cell) {
    if (cell.contains(QRegularExpression(QStringLiteral("[\",;\\n\\r\\t]")))) {
        cell.replace(QLatin1Char('"'), QLatin1String("\"\""));
        return QLatin1Char('"') + cell + QLatin1Char('"');
    }
    // A cell that begins so would be reckoned by a spreadsheet.
    return cell.startsWith(QLatin1Char('=')) || cell.startsWith(QLatin1Char('@')) ? QLatin1Char('\'') + cell
                                                                                  : cell;
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
