#pragma once
/// Figures as this user's language writes and types them: one home for all of the window.
#include <QDoubleSpinBox>
#include <QLocale>
#include <QString>
#include <optional>

namespace bombo {

/// The system's language and regional figures, without marks between thousands; the default of every QLocale
/// of the program. Before the first widget, and whenever the language is chosen.
/// @param language of the window, which decides where the system has no locale of its own ("C")
void useNumbersOf(const QString& language = {});

/// With so many decimals.
QString number(double value, int decimals);
/// With so many figures that count.
QString figures(double value, int count);

/// A figure as someone typed it: with a comma or a point, whichever the language uses. Empty if it is none.
std::optional<double> numberTyped(const QString& text);

/// A spin box that shows figures in the system's way and understands 72,5 and 72.5 alike.
class NumberBox : public QDoubleSpinBox {
    Q_OBJECT
public:
    using QDoubleSpinBox::QDoubleSpinBox;

protected:
    QValidator::State validate(QString& text, int& position) const override;
    double valueFromText(const QString& text) const override;

private:
    QString withoutUnits(const QString& text) const;
};

} // namespace bombo
