#pragma once
/// Colours and type of the program: warm paper and ink by day, dark by night, one accent for "turn this".
#include <QColor>
#include <QFont>
#include <QPalette>

class QApplication;

namespace bombo {

enum class ThemeChoice { System, Day, Night };

struct Palette {
    QColor paper;      ///< ground of the window
    QColor rail;       ///< ground of the route
    QColor card;       ///< ground of a panel
    QColor ink;        ///< text and figures
    QColor quiet;      ///< lesser text; still 4.5:1 on paper, rail and card
    QColor line;       ///< rules and frames; decoration only
    QColor accent;     ///< turn this, tap this: the one next thing
    QColor accentSoft; ///< a surface of it
    QColor onAccent;   ///< text on accent
    QColor batter;     ///< always beside a solid line
    QColor snareSide;  ///< always beside a dashed line
    QColor band;       ///< tolerance, usable span

    bool operator==(const Palette&) const = default;
};

const Palette& dayPalette();
const Palette& nightPalette();
/// The palette in force, for paint functions. Set by applyTheme.
const Palette& ink();

/// While it lives ink() is that of the day, for what is printed. Main thread; nests.
class PrintedInk {
public:
    PrintedInk();
    ~PrintedInk();
    PrintedInk(const PrintedInk&) = delete;
    PrintedInk& operator=(const PrintedInk&) = delete;

private:
    const Palette* m_before;
};

/// Relative contrast of two opaque colours after the web accessibility guidelines, 1 to 21.
double contrast(const QColor& a, const QColor& b);

/// Type that ships with the program, in device-independent pixels.
QFont typeface(int pixels, QFont::Weight weight = QFont::Normal);

/// Loads the typeface and sets colours and style sheet of the whole program.
void applyTheme(QApplication& application, ThemeChoice choice);

} // namespace bombo
