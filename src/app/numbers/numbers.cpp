#include "app/numbers/numbers.h"

#include <QRegularExpression>
#include <cmath>

namespace bombo {

void useNumbersOf(const QString& language) {
    QLocale locale = QLocale::system();
    // A system without a locale says nothing of figures: then they are written as the words are.
    if (QLocale(locale.name()).language() == QLocale::C && !language.isEmpty())
        locale = QLocale(language);
    locale.setNumberOptions(QLocale::OmitGroupSeparator | QLocale::RejectGroupSeparator);
    QLocale::setDefault(locale);
}

QString number(double value, int decimals) {
    return QLocale().toString(value, 'f', decimals);
}

QString figures(double value, int count) {
    return QLocale().toString(value, 'g', count);
}

std::optional<double> numberTyped(const QString& text) {
    QString plain = text.trimmed();
    plain.replace(QLatin1Char(','), QLatin1Char('.'));
    if (plain.startsWith(QChar(0x2212))) // the typographic minus
        plain.replace(0, 1, QLatin1Char('-'));
    if (plain.count(QLatin1Char('.')) > 1) // 1.234,5: a slip rather than a figure
        return std::nullopt;
    bool isNumber = false;
    const double value = QLocale::c().toDouble(plain, &isNumber);
    return isNumber && std::isfinite(value) ? std::optional(value) : std::nullopt;
}

QString NumberBox::withoutUnits(const QString& text) const {
    QString bare = text;
    if (!prefix().isEmpty() && bare.startsWith(prefix()))
        bare.remove(0, prefix().size());
    if (!suffix().isEmpty() && bare.endsWith(suffix()))
        bare.chop(suffix().size());
    return bare.trimmed();
}

QValidator::State NumberBox::validate(QString& text, int& position) const {
    Q_UNUSED(position)
    if (!specialValueText().isEmpty() && text == specialValueText())
        return QValidator::Acceptable;
    const QString bare = withoutUnits(text);
    if (bare.isEmpty() || bare == QLatin1String("-") || bare == QString(QChar(0x2212)))
        return QValidator::Intermediate;
    const auto typed = numberTyped(bare);
    if (!typed)
        return QValidator::Invalid;
    const qsizetype mark = bare.lastIndexOf(QRegularExpression(QStringLiteral("[.,]")));
    if (mark >= 0 && bare.size() - mark - 1 > decimals())
        return QValidator::Invalid; // finer than the box can hold
    return *typed >= minimum() && *typed <= maximum() ? QValidator::Acceptable : QValidator::Intermediate;
}

double NumberBox::valueFromText(const QString& text) const {
    return numberTyped(withoutUnits(text)).value_or(value());
}

} // namespace bombo
