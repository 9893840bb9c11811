#pragma once
/// SQL on a closed workbook, as no Bombo would run it. For tests that link the store.
#include <QString>
#include <QVariant>
#include <QtSql/QSqlDatabase>
#include <QtSql/QSqlError>
#include <QtSql/QSqlQuery>
#include <gtest/gtest.h>

namespace bombo::testing {

/// @return the first figure of the answer, if there is one
inline QVariant runSql(const QString& file, const QString& sql) {
    QVariant first;
    {
        QSqlDatabase raw = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("raw-sql"));
        raw.setDatabaseName(file);
        EXPECT_TRUE(raw.open()) << file.toStdString();
        QSqlQuery query(raw);
        EXPECT_TRUE(query.exec(sql)) << sql.toStdString() << ": " << query.lastError().text().toStdString();
        if (query.next())
            first = query.value(0);
    }
    QSqlDatabase::removeDatabase(QStringLiteral("raw-sql"));
    return first;
}

} // namespace bombo::testing
