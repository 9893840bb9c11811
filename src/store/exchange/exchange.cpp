#include "store/exchange/exchange.h"

#include "store/exchange/entries_csv.h"
#include "store/exchange/names.h"
#include "store/exchange/parcel_json.h"
#include "store/exchange/readings_csv.h"
#include "store/resources.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QFile>
#include <QFileInfo>

namespace bombo {
namespace {

struct ExchangeText {
    Q_DECLARE_TR_FUNCTIONS(Store)
};

constexpr qint64 kMostBytes = 64LL * 1024 * 1024;

bool isTable(const QString& file) {
    return QFileInfo(file).suffix().compare(QLatin1String("csv"), Qt::CaseInsensitive) == 0;
}

Failure<ExchangeProblem> cannot(const QString& file, const QString& why) {
    return failure(ExchangeProblem{QStringLiteral("%1: %2").arg(file, why)});
}

/// Drums and tones of a table are named as people name them, too. What names none, or more than one, is left
/// out and said.
void findByName(Parcel& given, const Parcel& here) {
    Names drums;
    for (const DrumRow& row : here.drums)
        drums.add(row.drum.id, row.drum.name);
    Names tones;
    for (const Tone& tone : withCatalogueTones(here.tones))
        tones.add(tone.id, tone.name);
    std::vector<KeptEntry> found;
    for (KeptEntry& kept : given.entries) {
        const auto settle = [&](const char* what, const Names& names, std::string& cell) {
            const auto id = names.idOf(what, cell);
            if (id)
                cell = *id;
            else
                given.leftOut << kept.entry.savedAt + QStringLiteral(": ") +
                                     QString::fromStdString(id.fault().message);
            return bool(id);
        };
        if (settle("drum", drums, kept.entry.drumId) && settle("tone", tones, kept.entry.toneId))
            found.push_back(std::move(kept));
    }
    given.entries = std::move(found);
}

} // namespace

Result<ExportDone, ExchangeProblem> exportTo(const QString& file, const Workbook& book,
                                             const std::optional<std::string>& drumId, Exported what,
                                             Overwrite overwrite) {
    const bool isJson = QFileInfo(file).suffix().compare(QLatin1String("json"), Qt::CaseInsensitive) == 0;
    if (what == Exported::Readings && !isTable(file))
        return failure(ExchangeProblem{
            ExchangeText::tr("%1: readings go out as a table. Give the file a name that ends with .csv.")
                .arg(file)});
    if (!isJson && !isTable(file))
        return failure(ExchangeProblem{
            ExchangeText::tr(
                "%1: give the file a name that ends with .json (everything) or .csv (a table). For a "
                "copy of the workbook, choose Workbook > Save a copy.")
                .arg(file)});
    if (auto problem = whyNotWriteTo(file, overwrite)) // before the work
        return failure(std::move(*problem));
    ExportDone done;
    QByteArray bytes;
    if (what == Exported::Readings) {
        const auto readings = readingsCsv(book, drumId, done.leftOut);
        if (!readings)
            return failure(ExchangeProblem{problemText(readings.fault())});
        bytes = readings->toUtf8();
    } else if (isTable(file)) {
        const auto entries = book.entries(drumId);
        if (!entries)
            return failure(ExchangeProblem{problemText(entries.fault())});
        bytes = entriesCsv(*entries).toUtf8();
    } else {
        const auto parcel = book.parcel(drumId, Setups::Included);
        if (!parcel)
            return failure(ExchangeProblem{problemText(parcel.fault())});
        done.leftOut = parcel->leftOut;
        bytes = QByteArray::fromStdString(
                    parcelJson(*parcel).dump(1, ' ', false, Json::error_handler_t::replace)) +
                '\n';
    }
    if (auto problem = writeFile(file, bytes, overwrite))
        return failure(std::move(*problem));
    return done;
}

Result<ImportPlan, ExchangeProblem> importPlanOf(const QString& file, const Workbook& book) {
    const auto here = book.parcel(std::nullopt, Setups::LeftOut);
    if (!here)
        return failure(ExchangeProblem{problemText(here.fault())});
    return importPlanOf(file, *here, {});
}

Result<ImportPlan, ExchangeProblem> importPlanOf(const QString& file, const Parcel& here,
                                                 const Progress& progress) {
    if (QFileInfo::exists(file) && !QFileInfo(file).isFile()) // a pipe is waited for, a device never ends
        return cannot(file, ExchangeText::tr("is no ordinary file"));
    QFile in(file);
    if (!in.open(QIODevice::ReadOnly))
        return cannot(file, ExchangeText::tr("cannot be read (%1)").arg(in.errorString()));
    if (in.size() > kMostBytes)
        return cannot(file, ExchangeText::tr("is too large for a logbook"));
    const QByteArray bytes = in.readAll();
    const auto part = [&](double from, double to) -> Progress { // of the whole way
        if (!progress)
            return {};
        return [&progress, from, to](double share) { return progress(from + (to - from) * share); };
    };
    auto given = isTable(file) ? entriesFromCsv(bytes, part(0.0, 0.5)) : parcelFromText(bytes.toStdString());
    if (!given)
        return given.fault().message == kGivenUp
                   ? Result<ImportPlan, ExchangeProblem>(failure(ExchangeProblem{{}, true}))
                   : cannot(file, QString::fromStdString(given.fault().text()));
    if (isTable(file))
        findByName(*given, here);
    auto plan = planImport(here, *given, QDateTime::currentSecsSinceEpoch(), part(0.5, 1.0));
    if (!plan)
        return failure(ExchangeProblem{{}, true});
    return std::move(*plan);
}

} // namespace bombo
