#include "store/resources.h"

#include <QDir>
#include <QFile>
#include <stdexcept>

static void initStoreResources() {
    Q_INIT_RESOURCE(store);
} // outside the namespace, as the macro wants

namespace bombo {
namespace {

QByteArray contents(const QString& path) {
    initStoreResources();
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        throw std::runtime_error("missing resource " + path.toStdString());
    return file.readAll();
}

} // namespace

QStringList migrationFiles() {
    initStoreResources();
    const QDir folder(QStringLiteral(":/store/migrations"));
    QStringList files;
    for (const QString& name : folder.entryList({QStringLiteral("*.sql")}, QDir::Files, QDir::Name))
        files << folder.filePath(name);
    return files;
}

QStringList statementsOf(const QString& file) {
    QString sql;
    for (const QByteArray& line : contents(file).split('\n'))
        if (!line.trimmed().startsWith("--"))
            sql += QString::fromUtf8(line) + QLatin1Char('\n');
    QStringList statements;
    for (const QString& part : sql.split(QLatin1Char(';')))
        if (!part.trimmed().isEmpty())
            statements << part.trimmed();
    return statements;
}

std::vector<HeadSpec> catalogueHeads() {
    const Json json = Json::parse(contents(QStringLiteral(":/store/heads.json")).toStdString());
    std::vector<HeadSpec> heads;
    for (const Json& entry : json.at("heads")) {
        auto head = headFromJson(entry);
        if (!head)
            throw std::runtime_error("data/heads.json: " + head.fault().text());
        heads.push_back(std::move(head).value());
    }
    return heads;
}

Json demoJson() {
    return Json::parse(contents(QStringLiteral(":/store/demo.json")).toStdString());
}

} // namespace bombo
