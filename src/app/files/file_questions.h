#pragma once
/// Which file, asked with the desktop's own dialog.
#include <QString>
#include <QStringList>

class QWidget;

namespace bombo {

class Settings;

/// What a file is for; each kind has a folder of its own.
enum class FileKind { Workbook, Sound, Logbook, Card, Table, Calendar, Report };

/// The folder where the last file of its kind was, also after a restart; Documents where none was or that
/// folder is gone.
QString folderFor(Settings& settings, FileKind kind);

/// @param name offered, without a folder; may be empty
/// @param filters as of QFileDialog; @param chosen takes the one that was picked
/// @return empty: given up
QString askWhereToSave(Settings& settings, FileKind kind, QWidget* parent, const QString& title,
                       const QString& name, const QString& filters, QString* chosen = nullptr);
/// @return empty: given up
QString askWhichFile(Settings& settings, FileKind kind, QWidget* parent, const QString& title,
                     const QString& filters);
QStringList askWhichFiles(Settings& settings, FileKind kind, QWidget* parent, const QString& title,
                          const QString& filters);

} // namespace bombo
