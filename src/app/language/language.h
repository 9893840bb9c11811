#pragma once
/// The language of the window: English, or one of translations/. Figures follow the system, see app/numbers.
#include <QLocale>
#include <QString>
#include <QStringList>
#include <string>
#include <vector>

class QApplication;

namespace bombo {

struct Language {
    QString code; ///< e.g. "de", as in the file's name
    QString name; ///< in that language itself
};

/// English first.
const std::vector<Language>& languages();

/// The code of the language that the window speaks for a choice: the first of the system's where there is a
/// translation, English where there is none.
/// @param chosen a code; empty: as the system
/// @param ordered as the system names them: "de-AT", "de", the one that is liked best first
QString languageFor(const QString& chosen, const QStringList& ordered = QLocale::system().uiLanguages());

/// From now on tr() speaks that language, Qt's own words included where they are installed. Widgets that
/// exist keep what they show: make the window anew.
void speak(QApplication& application, const QString& chosen);

/// A name or sentence of data/ in the language of the window; what the user wrote comes back as it is.
QString catalogueText(const std::string& english);

} // namespace bombo
