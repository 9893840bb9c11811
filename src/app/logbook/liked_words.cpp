#include "app/logbook/liked_words.h"

#include "app/logbook/back_words.h"
#include "app/numbers/numbers.h"
#include "app/session/wording.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct LikedText {
    Q_DECLARE_TR_FUNCTIONS(LikedPanel)
};

QString likedThere(const LikedShift& shift) {
    const QString name = QString::fromStdString(shift.name);
    switch (shift.when) {
    case LikedShift::When::WithPlayer:
        return LikedText::tr("With %1").arg(name);
    case LikedShift::When::InPlace:
        return LikedText::tr("At %1").arg(name);
    case LikedShift::When::Cold:
        break;
    }
    return LikedText::tr("In the cold (below %1 °C)").arg(number(kColdBelow.value, 0));
}

QString otherwise(const LikedShift& shift) {
    const bool isMore = shift.by > 0.0;
    switch (shift.what) {
    case Differs::Interval:
        return isMore ? LikedText::tr("the interval is liked wider")
                      : LikedText::tr("the interval is liked narrower");
    case Differs::Evenness:
        return isMore ? LikedText::tr("the batter is liked less even")
                      : LikedText::tr("the batter is liked more even");
    case Differs::Strainer:
        return isMore ? LikedText::tr("the wires are liked tighter")
                      : LikedText::tr("the wires are liked looser");
    case Differs::Ring:
        return isMore ? LikedText::tr("the ring is liked longer")
                      : LikedText::tr("the ring is liked shorter");
    default:
        return isMore ? LikedText::tr("the batter is liked higher")
                      : LikedText::tr("the batter is liked lower");
    }
}

QString byHowMuch(const LikedShift& shift) {
    const double by = std::abs(shift.by);
    switch (shift.what) {
    case Differs::Strainer:
        return LikedText::tr("%1 ± %2 turns").arg(number(by, 2), number(std::max(shift.error, 0.01), 2));
    case Differs::Ring:
        return LikedText::tr("%1 ± %2 s").arg(number(by, 2), number(std::max(shift.error, 0.01), 2));
    default:
        return LikedText::tr("%1 ± %2 cents").arg(number(by, 0), number(std::ceil(shift.error), 0));
    }
}

/// Without its unit, which the other end of a range has.
QString bareFigure(Differs what, double value) {
    switch (what) {
    case Differs::BatterPitch:
        return number(value, 1);
    case Differs::Strainer:
        return turnsFigure(Turns{value});
    case Differs::Ring:
        return number(value, 2);
    default:
        return number(value, 0);
    }
}

} // namespace

QString likedShiftText(const LikedShift& shift) {
    return LikedText::tr("%1 %2: by %3 (%4 evenings against %5).")
        .arg(likedThere(shift), otherwise(shift), byHowMuch(shift))
        .arg(shift.there)
        .arg(shift.others);
}

QString likedRangeText(const LikedFigure& figure) {
    return figure.low == figure.high
               ? figureText(figure.what, figure.low)
               : LikedText::tr("%1 to %2")
                     .arg(bareFigure(figure.what, figure.low), figureText(figure.what, figure.high));
}

} // namespace bombo
