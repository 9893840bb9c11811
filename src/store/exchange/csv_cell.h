#pragma once
#include <QRegularExpression>
#include <QString>

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

} // namespace bombo
