#include "app/files/file_questions.h"

#include "app/settings.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QStandardPaths>

namespace bombo {
namespace {

/// Stored, untranslated.
QString keyOf(FileKind kind) {
    switch (kind) {
    case FileKind::Workbook:
        return QStringLiteral("workbook");
    case FileKind::Sound:
        return QStringLiteral("sound");
    case FileKind::Logbook:
        return QStringLiteral("logbook");
    case FileKind::Card:
        return QStringLiteral("card");
    case FileKind::Table:
        return QStringLiteral("table");
    case FileKind::Calendar:
        return QStringLiteral("calendar");
    case FileKind::Report:
        break;
    }
    return QStringLiteral("report");
}

void remember(Settings& settings, FileKind kind, const QString& file) {
    if (!file.isEmpty())
        settings.setFolderOf(keyOf(kind), QFileInfo(file).absolutePath());
}

} // namespace

QString folderFor(Settings& settings, FileKind kind) {
    const QString last = settings.folderOf(keyOf(kind));
    return !last.isEmpty() && QFileInfo(last).isDir()
               ? last
               : QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
}

QString askWhereToSave(Settings& settings, FileKind kind, QWidget* parent, const QString& title,
                       const QString& name, const QString& filters, QString* chosen) {
    const QString folder = folderFor(settings, kind);
    // A workbook is never written over: whoever makes one says so.
    const auto options =
        kind == FileKind::Workbook ? QFileDialog::DontConfirmOverwrite : QFileDialog::Options{};
    const QString file = QFileDialog::getSaveFileName(
        parent, title, name.isEmpty() ? folder : QDir(folder).filePath(name), filters, chosen, options);
    remember(settings, kind, file);
    return file;
}

QString askWhichFile(Settings& settings, FileKind kind, QWidget* parent, const QString& title,
                     const QString& filters) {
    const QString file = QFileDialog::getOpenFileName(parent, title, folderFor(settings, kind), filters);
    remember(settings, kind, file);
    return file;
}

QStringList askWhichFiles(Settings& settings, FileKind kind, QWidget* parent, const QString& title,
                          const QString& filters) {
    const QStringList files =
        QFileDialog::getOpenFileNames(parent, title, folderFor(settings, kind), filters);
    remember(settings, kind, files.value(0));
    return files;
}

} // namespace bombo
