#include "store/exchange/written_file.h"

#include <QCoreApplication>
#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

namespace bombo {
namespace {

struct WrittenFileText {
    Q_DECLARE_TR_FUNCTIONS(Store)
};

bool isDatabase(const QString& file) {
    QFile head(file);
    return QFileInfo(file).isFile() && head.open(QIODevice::ReadOnly) &&
           head.read(16) == QByteArray("SQLite format 3\0", 16);
}

/// The log of a database that stands beside it.
bool belongsToDatabase(const QString& file) {
    for (const char* part : {"-wal", "-shm", "-journal"})
        if (file.endsWith(QLatin1String(part)) && isDatabase(file.chopped(qstrlen(part))))
            return true;
    return false;
}

} // namespace

std::optional<ExchangeProblem> whyNotWriteTo(const QString& file, Overwrite overwrite) {
    const QFileInfo there(file);
    const QString real = there.exists() ? there.canonicalFilePath() : there.absoluteFilePath();
    if (isDatabase(real) || belongsToDatabase(real))
        return ExchangeProblem{
            WrittenFileText::tr(
                "%1 is a workbook or belongs to one, and was left as it is. Choose another name.")
                .arg(file)};
    if (there.exists() && !there.isFile())
        return ExchangeProblem{WrittenFileText::tr("%1 is no ordinary file. Choose another name.").arg(file)};
    if (there.exists() && overwrite == Overwrite::No)
        return ExchangeProblem{
            WrittenFileText::tr("%1 exists already. Choose another name, or add --replace.").arg(file)};
    return std::nullopt;
}

std::optional<ExchangeProblem> writeFile(const QString& file, const QByteArray& bytes, Overwrite overwrite) {
    if (auto problem = whyNotWriteTo(file, overwrite))
        return problem;
    QSaveFile out(file);
    // commit alone does not notice that the last of it found no room
    if (out.open(QIODevice::WriteOnly) && out.write(bytes) == bytes.size() && out.flush() && out.commit())
        return std::nullopt;
    const bool isFull = out.error() == QFileDevice::ResourceError || out.error() == QFileDevice::WriteError;
    return ExchangeProblem{
        isFull ? WrittenFileText::tr(
                     "%1 cannot be written: the disk may be full. Free some space or choose another "
                     "folder.")
                     .arg(file)
               : WrittenFileText::tr("%1 cannot be written (%2). Choose another folder.")
                     .arg(file, out.errorString())};
}

} // namespace bombo
