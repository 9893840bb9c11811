#include "app/language/language.h"

#include <QApplication>
#include <QLibraryInfo>
#include <QTranslator>
#include <algorithm>

namespace bombo {
namespace {

QTranslator& ours() {
    static QTranslator translator;
    return translator;
}
QTranslator& qts() {
    static QTranslator translator;
    return translator;
}

} // namespace

const std::vector<Language>& languages() {
    static const std::vector<Language> all{{QStringLiteral("en"), QStringLiteral("English")},
                                           {QStringLiteral("de"), QStringLiteral("Deutsch")},
                                           {QStringLiteral("es"), QStringLiteral("Español")}};
    return all;
}

QString languageFor(const QString& chosen, const QStringList& ordered) {
    const auto known = [](const QString& code) {
        return std::any_of(languages().begin(), languages().end(),
                           [&](const Language& one) { return one.code == code; });
    };
    if (known(chosen))
        return chosen;
    for (const QString& wanted : ordered)
        if (const QString code = wanted.section(QLatin1Char('-'), 0, 0); known(code))
            return code;
    return languages().front().code;
}

void speak(QApplication& application, const QString& chosen) {
    const QString code = languageFor(chosen);
    application.removeTranslator(&qts());
    application.removeTranslator(&ours());
    // English has a file too: the plurals.
    if (qts().load(QStringLiteral("qtbase_") + code, QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        application.installTranslator(&qts());
    if (ours().load(QStringLiteral(":/translations/bombo_") + code))
        application.installTranslator(&ours());
}

QString catalogueText(const std::string& english) {
    return QCoreApplication::translate("Catalogue", english.c_str());
}

} // namespace bombo
