#include "app/logbook/back_words.h"

#include "app/muffling/head_from_above.h"
#include "app/numbers/numbers.h"
#include "app/session/wording.h"

#include <QCoreApplication>
#include <QDateTime>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct BackText {
    Q_DECLARE_TR_FUNCTIONS(BackWords)
};

Turns size(Turns turns) {
    return {std::abs(turns.value)};
}

/// "1/8 turn tighter".
QString turned(Turns turns) {
    return turns.value > 0.0 ? BackText::tr("%1 tighter").arg(turnsText(size(turns)))
                             : BackText::tr("%1 looser").arg(turnsText(size(turns)));
}

QString sided(HeadSide side, const QString& text) {
    return side == HeadSide::Batter ? BackText::tr("Batter: %1").arg(text)
                                    : BackText::tr("Snare side: %1").arg(text);
}

std::array<HeadSide, 2> inOrder(const BackTo& plan) {
    return plan.order == HeadOrder::BatterFirst ? std::array{HeadSide::Batter, HeadSide::SnareSide}
                                                : std::array{HeadSide::SnareSide, HeadSide::Batter};
}

QString padText(const Pad& pad) {
    return pad.kind.footprint == Footprint::Disc
               ? BackText::tr("%1 at %2").arg(kindName(pad.kind), clockWords(pad.angle))
               : kindName(pad.kind);
}

QString reservationText(const Reservation& one) {
    const bool isBatter = one.side == HeadSide::Batter;
    switch (one.what) {
    case NotTheSame::NoFigures:
        return isBatter ? BackText::tr("The entry does not say how high the batter was.")
                        : BackText::tr("The entry does not say how high the snare side was.");
    case NotTheSame::HeadChanged:
        return isBatter
                   ? BackText::tr("Another kind of batter head is on: the same pitch, another voice.")
                   : BackText::tr("Another kind of snare-side head is on: the same pitch, another voice.");
    case NotTheSame::FreshHead:
        return isBatter ? BackText::tr("The batter head is newer than the entry.")
                        : BackText::tr("The snare-side head is newer than the entry.");
    case NotTheSame::TooTight:
        return isBatter
                   ? BackText::tr("The batter film ends %1 cents below it.").arg(number(one.amount, 0))
                   : BackText::tr("The snare-side film ends %1 cents below it.").arg(number(one.amount, 0));
    case NotTheSame::TooSlack:
        return isBatter ? BackText::tr("The batter would hang loose: it stays %1 cents above.")
                              .arg(number(one.amount, 0))
                        : BackText::tr("The snare side would hang loose: it stays %1 cents above.")
                              .arg(number(one.amount, 0));
    case NotTheSame::FeelsHarder:
        return isBatter
                   ? BackText::tr("The same pitch needs %1 % more tension today: the batter feels harder.")
                         .arg(number(100.0 * one.amount, 0))
                   : BackText::tr("The snare side needs %1 % more tension today.")
                         .arg(number(100.0 * one.amount, 0));
    case NotTheSame::FeelsSofter:
        return isBatter
                   ? BackText::tr("The same pitch needs %1 % less tension today: the batter feels softer.")
                         .arg(number(-100.0 * one.amount, 0))
                   : BackText::tr("The snare side needs %1 % less tension today.")
                         .arg(number(-100.0 * one.amount, 0));
    case NotTheSame::CountsDiffer:
        return isBatter
                   ? BackText::tr(
                         "Turns of the batter were not counted from one beginning: by its pitch instead.")
                   : BackText::tr("Turns of the snare side were not counted from one beginning: by its pitch "
                                  "instead.");
    case NotTheSame::NotHeard:
        return isBatter
                   ? BackText::tr("Nobody knows how the batter stands now: tap a round on it first.")
                   : BackText::tr("Nobody knows how the snare side stands now: tap a round on it first.");
    case NotTheSame::OtherDrum:
        return BackText::tr("Another drum: pitches are scaled by its size, to %1 of what they were.")
            .arg(number(one.amount, 2));
    case NotTheSame::OtherWires:
        return BackText::tr("Other wires are on: the knob is a place to begin from, sweep from there.");
    case NotTheSame::WiresStretched:
        return BackText::tr("The strands have stretched by %1 of the knob since.")
            .arg(turnsText(Turns{one.amount}));
    case NotTheSame::NoStrainer:
        return BackText::tr("The entry does not say where the strainer stood.");
    case NotTheSame::StrainerBeyond:
        return BackText::tr("The entry puts the strainer at %1, beyond the knob's travel: set it by a sweep.")
            .arg(turnsText(Turns{one.amount}));
    case NotTheSame::PadOffDrum:
        return BackText::tr("A muffler of the entry does not fit on this drum where it lay.");
    case NotTheSame::UnknownPad:
        break;
    }
    return BackText::tr("A muffler of a kind that is no longer at hand lay on it.");
}

/// Rods that are turned alike in one move.
std::vector<RodMove> alikeTogether(const std::vector<RodMove>& moves) {
    std::vector<RodMove> together;
    for (const RodMove& move : moves) {
        const auto alike = std::find_if(together.begin(), together.end(),
                                        [&](const RodMove& one) { return one.turns == move.turns; });
        if (alike == together.end())
            together.push_back(move);
        else
            alike->rods.insert(alike->rods.end(), move.rods.begin(), move.rods.end());
    }
    for (RodMove& one : together)
        std::sort(one.rods.begin(), one.rods.end());
    return together;
}

} // namespace

QString padList(const std::vector<Pad>& pads) {
    QStringList names;
    for (const Pad& pad : pads)
        names << padText(pad);
    return names.join(QStringLiteral(", "));
}

QString dayText(std::int64_t at, std::int64_t now) {
    const QDate day = QDateTime::fromSecsSinceEpoch(at).date();
    const bool isThisYear = day.year() == QDateTime::fromSecsSinceEpoch(now).date().year();
    return QLocale().toString(day, isThisYear ? QStringLiteral("d MMM") : QStringLiteral("d MMM yyyy"));
}

QString headBackText(const HeadBack& head) {
    if (head.isThere())
        return BackText::tr("stays as it is");
    QStringList parts;
    if (head.all.value != 0.0)
        parts << BackText::tr("every rod %1").arg(turned(head.all));
    for (const RodMove& move : alikeTogether(head.own)) {
        const QString rods = rodsText(move.rods);
        parts << (head.all.value != 0.0 && parts.size() == 1 ? BackText::tr("then %1: %2")
                                                             : QStringLiteral("%1: %2"))
                     .arg(rods)
                     .arg(turned(move.turns));
    }
    return parts.join(QStringLiteral(", "));
}

QString backHeadline(const BackTo& plan) {
    if (plan.isThere())
        return BackText::tr("It is there already");
    for (const HeadSide side : inOrder(plan)) {
        const auto& head = plan.head(side);
        if (!head || head->isThere())
            continue;
        if (head->all.value != 0.0) {
            const QString turns = turnsText(size(head->all));
            const bool isUp = head->all.value > 0.0;
            if (side == HeadSide::Batter)
                return isUp ? BackText::tr("%1 tighter on every batter rod").arg(turns)
                            : BackText::tr("%1 looser on every batter rod").arg(turns);
            return isUp ? BackText::tr("%1 tighter on every snare-side rod").arg(turns)
                        : BackText::tr("%1 looser on every snare-side rod").arg(turns);
        }
        return sided(
            side,
            BackText::tr("%1 %2").arg(rodsText(head->own.front().rods)).arg(turned(head->own.front().turns)));
    }
    if (plan.strainerBy && size(*plan.strainerBy).value >= 1.0 / 16.0)
        return plan.strainerBy->value > 0.0
                   ? BackText::tr("Strainer %1 tighter").arg(turnsText(size(*plan.strainerBy)))
                   : BackText::tr("Strainer %1 looser").arg(turnsText(size(*plan.strainerBy)));
    if (!plan.takeOff.empty())
        return BackText::tr("Take off %1").arg(padList(plan.takeOff));
    if (!plan.layOn.empty())
        return BackText::tr("Lay on %1").arg(padList(plan.layOn));
    return BackText::tr("Tap a round on each head first");
}

QStringList backSteps(const BackTo& plan) {
    QStringList steps;
    for (const HeadSide side : inOrder(plan))
        if (const auto& head = plan.head(side))
            steps << sided(side,
                           BackText::tr("%1 → %2, %3")
                               .arg(hertzText(head->now), hertzText(head->wanted), headBackText(*head)));
    if (plan.strainerTo)
        steps << (plan.strainerBy && size(*plan.strainerBy).value < 1.0 / 16.0
                      ? BackText::tr("Strainer: stays at %1 from first contact")
                            .arg(turnsText(*plan.strainerTo))
                      : BackText::tr("Strainer: to %1 from first contact").arg(turnsText(*plan.strainerTo)));
    if (!plan.takeOff.empty())
        steps << BackText::tr("Take off: %1").arg(padList(plan.takeOff));
    if (!plan.layOn.empty())
        steps << BackText::tr("Lay on: %1").arg(padList(plan.layOn));
    return steps;
}

QStringList backReservations(const BackTo& plan) {
    QStringList said;
    for (const Reservation& one : plan.but)
        said << reservationText(one);
    return said;
}

QString backSureness(const BackTo& plan) {
    bool isForetold = false;
    bool isCounted = false;
    double error = 0.0;
    for (const HeadSide side : inOrder(plan))
        if (const auto& head = plan.head(side)) {
            isForetold = isForetold || head->by == KnownBy::Foretold;
            isCounted = isCounted || head->by == KnownBy::Counted;
            error = std::max(error, head->afterError.value);
        }
    if (!plan.batter && !plan.snareSide)
        return {};
    const QString sure = BackText::tr("Sure to %1 cents.").arg(number(std::ceil(error), 0));
    if (isForetold)
        return sure + QLatin1Char(' ') +
               BackText::tr("From the logbook and the weather alone: a round of taps makes it surer.");
    if (isCounted)
        return sure + QLatin1Char(' ') +
               BackText::tr("By the count since the last round: a round of taps makes it surer.");
    return sure;
}

QString sameAsName(SameAs same) {
    switch (same) {
    case SameAs::Pitches:
        return BackText::tr("same pitches");
    case SameAs::Tensions:
        return BackText::tr("same feel");
    case SameAs::Counts:
        break;
    }
    return BackText::tr("same turns");
}

QString partName(Part part) {
    switch (part) {
    case Part::Batter:
        return BackText::tr("batter head");
    case Part::SnareSide:
        return BackText::tr("snare-side head");
    case Part::Wires:
        break;
    }
    return BackText::tr("wires");
}

QString horizonText(const PartLife& life) {
    if (life.because == DueBecause::NotKnown)
        return BackText::tr("not known");
    if (life.isDue())
        return BackText::tr("due now");
    if (life.low >= kShowsForeseen)
        return BackText::tr("more than %1 shows").arg(number(kShowsForeseen, 0));
    const long low = std::lround(std::floor(life.low));
    const long high = std::lround(std::ceil(life.high));
    if (low == high)
        return BackText::tr("%1 more shows").arg(high);
    return BackText::tr("%1 to %2 more shows").arg(low).arg(high);
}

QString lifeReason(const PartLife& life) {
    const QString played = BackText::tr("%n shows", nullptr, life.shows);
    switch (life.because) {
    case DueBecause::RingsLonger:
        return life.amount >= 0.01 ? BackText::tr("rings %1 % longer than new, %2")
                                         .arg(number(100.0 * life.amount, 0), played)
                                   : BackText::tr("rings as when it was new, %1").arg(played);
    case DueBecause::Creeps:
        return life.amount >= 1.0 / 16.0
                   ? BackText::tr("strands stretched by %1, %2").arg(turnsText(Turns{life.amount}), played)
                   : BackText::tr("strands as when new, %1").arg(played);
    case DueBecause::Looks:
        return life.amount >= 3.0   ? BackText::tr("it stays dished, %1").arg(played)
               : life.amount >= 2.0 ? BackText::tr("its coating is gone or dented, %1").arg(played)
               : life.amount >= 1.0 ? BackText::tr("its coating is worn, %1").arg(played)
                                    : BackText::tr("it looks as new, %1").arg(played);
    case DueBecause::Age:
        return BackText::tr("by its age: %1").arg(played);
    case DueBecause::NotKnown:
        break;
    }
    return BackText::tr("say on the drum's page when it was put on");
}

QString differsName(Differs what) {
    switch (what) {
    case Differs::BatterPitch:
        return BackText::tr("batter edge pitch");
    case Differs::SnareSidePitch:
        return BackText::tr("snare-side edge pitch");
    case Differs::Interval:
        return BackText::tr("interval between the heads");
    case Differs::Evenness:
        return BackText::tr("batter even within");
    case Differs::Strainer:
        return BackText::tr("strainer");
    case Differs::Ring:
        return BackText::tr("ring");
    case Differs::Pads:
        return BackText::tr("mufflers");
    case Differs::BatterHead:
        return BackText::tr("batter head");
    case Differs::SnareSideHead:
        return BackText::tr("snare-side head");
    case Differs::Wires:
        return BackText::tr("wires");
    case Differs::Temperature:
        break;
    }
    return BackText::tr("temperature");
}

QString figureText(Differs what, double value) {
    switch (what) {
    case Differs::BatterPitch:
    case Differs::SnareSidePitch:
        return hertzText(Hertz{value});
    case Differs::Strainer:
        return turnsText(Turns{value});
    case Differs::Ring:
        return BackText::tr("%1 s").arg(number(value, 2));
    case Differs::Temperature:
        return BackText::tr("%1 °C").arg(number(value, 0));
    default:
        return BackText::tr("%1 cents").arg(number(value, 0));
    }
}

QString differenceText(const Difference& d) {
    const auto arrow = [](const QString& from, const QString& to) {
        return BackText::tr("%1 → %2").arg(from, to);
    };
    switch (d.what) {
    case Differs::BatterPitch:
    case Differs::SnareSidePitch:
        return BackText::tr("%1, %2 cents")
            .arg(arrow(hertzText(Hertz{d.from}), hertzText(Hertz{d.to})), centsText(Cents{d.by}));
    case Differs::Interval:
    case Differs::Evenness:
        return BackText::tr("%1 cents").arg(arrow(number(d.from, 0), number(d.to, 0)));
    case Differs::Strainer:
        return arrow(turnsText(Turns{d.from}), turnsText(Turns{d.to}));
    case Differs::Ring:
        return BackText::tr("%1 s").arg(arrow(number(d.from, 2), number(d.to, 2)));
    case Differs::Pads:
        return d.from == d.to ? BackText::tr("laid elsewhere") : arrow(number(d.from, 0), number(d.to, 0));
    case Differs::Temperature:
        return BackText::tr("%1 °C").arg(arrow(number(d.from, 0), number(d.to, 0)));
    case Differs::BatterHead:
    case Differs::SnareSideHead:
    case Differs::Wires:
        break;
    }
    return BackText::tr("another one");
}

} // namespace bombo
