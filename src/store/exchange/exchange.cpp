#include "store/exchange/exchange.h"

#include "store/exchange/entries_csv.h"
#include "store/exchange/parcel_json.h"
#include "store/exchange/readings_csv.h"

#include <QCoreApplication>
#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

namespace bombo {
namespace {

struct ExchangeText {
    Q_DECLARE_TR_FUNCTIONS(Store)
};

constexpr qint64 kMostBytes = 512LL * 1024 * 1024;

bool isTable(const QString& file) {
    return QFileInfo(file).suffix().compare(QLatin1String("csv"), Qt::CaseInsensitive) == 0;
}

Failure<ExchangeProblem> cannot(const QString& file, const QString& why) {
    return failure(ExchangeProblem{QStringLiteral("%1: %2").arg(file, why)});
}

/// Drums and tones of a table are named as people name them, too.
void findByName(std::vector<KeptEntry>& entries, const Parcel& here) {
    for (KeptEntry& kept : entries) {
        const auto isCalled = [](const std::string& name, const std::string& wanted) {
            return QString::fromStdString(name).compare(QString::fromStdString(wanted),
                                                        Qt::CaseInsensitive) == 0;
        };
        for (const DrumRow& row : here.drums)
            if (isCalled(row.drum.name, kept.entry.drumId))
                kept.entry.drumId = row.drum.id;
        for (const Tone& tone : here.tones)
            if (isCalled(tone.name, kept.entry.toneId) ||
                isCalled(tone.name.substr(0, tone.name.find(':')), kept.entry.toneId))
                kept.entry.toneId = tone.id;
    }
}

} // namespace

std::optional<ExchangeProblem> exportTo(const QString& file, const Workbook& book,
                                        const std::optional<std::string>& drumId, Exported what) {
    QByteArray bytes;
    if (what == Exported::Readings) {
        if (!isTable(file))
            return ExchangeProblem{
                ExchangeText::tr("%1: readings go out as a table. Give the file a name that ends with .csv.")
                    .arg(file)};
        const auto readings = readingsCsv(book, drumId);
        if (!readings)
            return ExchangeProblem{problemText(readings.fault())};
        bytes = readings->toUtf8();
    } else if (isTable(file)) {
        const auto entries = book.entries(drumId);
        if (!entries)
            return ExchangeProblem{problemText(entries.fault())};
        bytes = entriesCsv(*entries).toUtf8();
    } else {
        const auto parcel = book.parcel(drumId);
        if (!parcel)
            return ExchangeProblem{problemText(parcel.fault())};
        bytes = QByteArray::fromStdString(
                    parcelJson(*parcel).dump(1, ' ', false, Json::error_handler_t::replace)) +
                '\n';
    }
    return writeFile(file, bytes);
}

std::optional<ExchangeProblem> writeFile(const QString& file, const QByteArray& bytes) {
    QSaveFile out(file); // whole or not at all
    // commit alone does not notice that the last of it found no room
    if (!out.open(QIODevice::WriteOnly) || out.write(bytes) != bytes.size() || !out.flush() || !out.commit())
        return ExchangeProblem{ExchangeText::tr("%1 cannot be written (%2). Choose another folder.")
                                   .arg(file, out.errorString())};
    return std::nullopt;
}

Result<ImportPlan, ExchangeProblem> importPlanOf(const QString& file, const Workbook& book) {
    QFile in(file);
    if (!in.open(QIODevice::ReadOnly))
        return cannot(file, ExchangeText::tr("cannot be read (%1)").arg(in.errorString()));
    if (in.size() > kMostBytes)
        return cannot(file, ExchangeText::tr("is too large for a logbook"));
    const QByteArray bytes = in.readAll();
    const auto here = book.parcel(std::nullopt);
    if (!here)
        return failure(ExchangeProblem{problemText(here.fault())});
    Parcel given;
    if (isTable(file)) {
        auto entries = entriesFromCsv(bytes);
        if (!entries)
            return cannot(file, QString::fromStdString(entries.fault().text()));
        given.entries = std::move(entries).value();
        findByName(given.entries, *here);
    } else {
        auto parcel = parcelFromText(bytes.toStdString());
        if (!parcel)
            return cannot(file, QString::fromStdString(parcel.fault().text()));
        given = std::move(parcel).value();
    }
    return planImport(*here, given);
}

} // namespace bombo
