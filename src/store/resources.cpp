#include "store/resources.h"

#include <QDir>
#include <QFile>
#include <algorithm>
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

/// A data file of the build. A broken one is a bug of the build: throws.
static Json dataJson(const char* name) {
    return Json::parse(contents(QStringLiteral(":/store/%1").arg(QLatin1String(name))).toStdString());
}

Catalogue catalogue() {
    auto read = catalogueFromJson(dataJson("heads.json"), dataJson("shells.json"), dataJson("hoops.json"),
                                  dataJson("wires.json"));
    if (!read)
        throw std::runtime_error("data: " + read.fault().text());
    return std::move(read).value();
}

std::vector<Tone> catalogueTones() {
    return tonesFrom(dataJson("tones.json"), "data/tones.json");
}

std::vector<Tone> withCatalogueTones(std::vector<Tone> own) {
    for (const Tone& tone : catalogueTones())
        if (std::none_of(own.begin(), own.end(), [&](const Tone& t) { return t.id == tone.id; }))
            own.push_back(tone);
    return own;
}

std::vector<Tone> tonesFrom(const Json& json, const char* file) {
    std::vector<Tone> tones;
    for (const Json& entry : json.at("tones")) {
        auto tone = toneFromJson(entry);
        if (!tone)
            throw std::runtime_error(std::string(file) + ": " + tone.fault().text());
        tones.push_back(std::move(tone).value());
    }
    return tones;
}

const FaultNet& faultNet() {
    static const FaultNet net = [] {
        auto read = faultNetFromJson(dataJson("faults.json"));
        if (!read)
            throw std::runtime_error("data/faults.json: " + read.fault().text());
        return std::move(read).value();
    }();
    return net;
}

Json demoJson() {
    return dataJson("demo.json");
}

} // namespace bombo
