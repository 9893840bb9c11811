#include "app/head/prep_words.h"

#include "app/session/wording.h"
#include "core/record/heads_say.h"

#include <QCoreApplication>

namespace bombo {
namespace {

struct PrepWordsText {
    Q_DECLARE_TR_FUNCTIONS(PrepWords)
};

QString wiresAwayText(WiresAway way) {
    switch (way) {
    case WiresAway::Stick:
        return PrepWordsText::tr(
            "Lever off, loosen them, then a smooth stick under the strands; out again before they are "
            "pulled: it can stretch or mark them.");
    case WiresAway::Lifted:
        return PrepWordsText::tr(
            "Lever off; lift the strands by hand while you tap, so that none leans on the film.");
    case WiresAway::Removed:
        return PrepWordsText::tr(
            "Open the strainer's clamp, where the adjustment is, and note where the straps stood. Wire "
            "ends are sharp.");
    }
    return {};
}

QString lookText(HeadSide side, HeadCondition condition) {
    const QString film =
        side == HeadSide::Batter
            ? PrepWordsText::tr("Film not dished, dented or bare?")
            : PrepWordsText::tr("Film without dent or wrinkle, strands all there and none bent?");
    const QString hardware =
        PrepWordsText::tr("Rods straight, clean, with washers; hoop flat; lug screws snug.");
    return QStringList{
        film, hardware,
        (condition == HeadCondition::AsItStands
             ? PrepWordsText::tr("Nothing is slackened: the count starts where it stands.")
             : PrepWordsText::tr("Spare head at hand before you slacken a worn one: it may not come back."))}
        .join(QLatin1Char(' '));
}

} // namespace

QString orderText(const std::vector<std::vector<int>>& groups) {
    QStringList parts;
    for (const auto& group : groups) {
        QStringList numbers;
        for (const int rod : group)
            numbers << QString::number(rod + 1);
        parts << numbers.join(QStringLiteral("+"));
    }
    return parts.join(QStringLiteral(", "));
}

StepWords prepWords(const Reckoned& reckoned, HeadSide side) {
    const Session& session = reckoned.session();
    const HeadWork& work = session.head(side);
    const auto steps = preparationOf(work, briefFor(reckoned, side));
    const std::size_t at = std::min(static_cast<std::size_t>(work.prepared), steps.size() - 1);
    const PrepStep& step = steps[at];
    const bool batter = side == HeadSide::Batter;
    StepWords words;
    words.prep = step.kind;
    const bool byHand = step.kind == PrepKind::Touch || step.kind == PrepKind::FingerTight;
    words.kind = byHand ? StepKind::Fingers : StepKind::Prepare;
    switch (step.kind) {
    case PrepKind::WiresAway:
        words.now = PrepWordsText::tr("Now the wires");
        words.figure = PrepWordsText::tr("Off and away");
        words.detail = wiresAwayText(session.wiresAway) + QLatin1Char(' ') +
                       PrepWordsText::tr("Done when a tap below rings without a hiss.");
        words.button = PrepWordsText::tr("They are away");
        break;
    case PrepKind::LookOver:
        words.now = PrepWordsText::tr("Now look it over");
        words.figure = PrepWordsText::tr("Head, hoop, rods");
        words.detail = lookText(side, work.condition);
        words.button = PrepWordsText::tr("Looked over");
        break;
    case PrepKind::LetDown:
        words.kind = StepKind::Turn;
        words.turns = step.each;
        words.now = PrepWordsText::tr("Now let it down, pass by pass");
        words.figure = PrepWordsText::tr("%1 looser").arg(turnsText(step.each));
        words.detail = PrepWordsText::tr(
                           "In the order %1, again and again: pulled on one side a hoop warps. Done when the "
                           "fingers can turn every rod.")
                           .arg(orderText(step.rods));
        words.button = PrepWordsText::tr("All loose");
        break;
    case PrepKind::TakeOff:
        words.now = PrepWordsText::tr("Now take it off");
        words.figure = PrepWordsText::tr("Rods, hoop, old head");
        words.detail =
            batter ? PrepWordsText::tr(
                         "Note where the hoop sat. Wipe the shell out and run a finger round the edge: "
                         "clean, and no nick. A driver may spin loose rods, no more.")
                   : PrepWordsText::tr(
                         "Note where the hoop sat: its gates belong over the snare beds. Wipe the edge "
                         "clean. Wire ends are sharp.");
        words.button = PrepWordsText::tr("It is off");
        break;
    case PrepKind::PutOn:
        words.now = PrepWordsText::tr("Now lay the new one on");
        words.figure = PrepWordsText::tr("Head, then hoop");
        words.detail =
            batter ? PrepWordsText::tr(
                         "A mark of the head at the strainer, so that it goes back the same way. Hoop "
                         "ears over the lugs. Done when it lies flat and turns freely.")
                   : PrepWordsText::tr(
                         "A mark at the strainer, gates of the hoop over the beds. Thin film: no palm on "
                         "it. Done when it lies flat and turns freely.");
        words.button = PrepWordsText::tr("It is on");
        break;
    case PrepKind::Touch:
        words.now = PrepWordsText::tr("Now every rod, by hand");
        words.figure = PrepWordsText::tr("Until it just touches");
        words.detail =
            PrepWordsText::tr(
                "Order %1. A rod that goes hard here has a burr: clean it, never force it. Done when "
                "every washer meets the hoop and the head still shifts.")
                .arg(orderText(step.rods));
        words.button = PrepWordsText::tr("They touch");
        break;
    case PrepKind::FingerTight:
        words.now = PrepWordsText::tr("Now every rod, by hand");
        words.figure = PrepWordsText::tr("Finger-tight");
        words.detail =
            PrepWordsText::tr(
                "By opposites: %1. With two fingers, no key. Done when each holds alike; the count of "
                "turns starts from here.")
                .arg(orderText(step.rods));
        words.button = PrepWordsText::tr("All finger-tight");
        break;
    case PrepKind::Centre:
        words.now = PrepWordsText::tr("Now centre the head");
        words.figure = PrepWordsText::tr("Equal collar all round");
        words.detail = PrepWordsText::tr(
            "Look down on it: the film's rim as wide at every rod, the hoop as high above the shell. "
            "Off centre it wrinkles on one side: loosen, shift, finger-tight again.");
        words.button = PrepWordsText::tr("It is centred");
        break;
    case PrepKind::Seat:
        words.now = PrepWordsText::tr("Now seat it");
        words.figure = PrepWordsText::tr("One palm, in the middle");
        words.detail = PrepWordsText::tr(
            "Flat hand, on floor or carpet, never on a seat that presses the wires. Crackle of glue "
            "is normal. Then finger-tight once more where a rod came loose.");
        words.button = PrepWordsText::tr("Pressed");
        break;
    }
    words.count = PrepWordsText::tr("step %1 of %2").arg(at + 1).arg(steps.size());
    return words;
}

} // namespace bombo
