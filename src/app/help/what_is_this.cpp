#include "app/help/what_is_this.h"

#include "core/record/reckoned.h"

#include <QCoreApplication>
#include <QHash>
#include <QWidget>

namespace bombo {
namespace {

struct WhatText {
    Q_DECLARE_TR_FUNCTIONS(WhatIsThis)
};

/// By the class of a view, or the name of a label.
const QHash<QString, const char*>& explanations() {
    static const QHash<QString, const char*> all{
        {QStringLiteral("HoopView"),
         QT_TRANSLATE_NOOP(
             "WhatIsThis",
             "The hoop laid flat, a rod at each place. Pegs: the edge pitch before each rod against the "
             "target, in cents (a hundredth of a semitone), heard by taps with the other head muted. The "
             "shaded band is the tolerance. While turns are counted, columns show turns from finger-tight.")},
        {QStringLiteral("LoadWedge"),
         QT_TRANSLATE_NOOP("WhatIsThis", "Film load: how hard the film is pulled, in per cent of what makes "
                                         "it stretch for good. Reckoned from the pitch heard, or the turns "
                                         "counted, and the film's thickness. Bombo stops at the mark.")},
        {QStringLiteral("StepDial"),
         QT_TRANSLATE_NOOP("WhatIsThis", "What to do now, drawn. The angle is that of the key, seen from "
                                         "above: an eighth of a turn is 45 degrees.")},
        {QStringLiteral("TapView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "The partials of the last tap: pitch across in Hz, loudness up. The marked one is "
                           "the one that was wanted; the others tell which it is.")},
        {QStringLiteral("LevelMeter"),
         QT_TRANSLATE_NOOP("WhatIsThis", "How loud the microphone hears, in dB below the most it can take. A "
                                         "tap should reach the right half and not the end.")},
        {QStringLiteral("heardFigure"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "What was heard last: of a tap its pitch in Hz with the nearest note and cents, "
                           "of a stroke how long the tone rings, in seconds until it is inaudible (60 dB).")},
        {QStringLiteral("CutawayView"),
         QT_TRANSLATE_NOOP(
             "WhatIsThis",
             "The drum cut through, to scale. Edge pitches: each head tapped near the hoop, the other muted. "
             "Centre pitch: both heads and the air between, struck in the middle. Reckoned for this drum "
             "from its size, heads and the weather; what was heard comes in where it is known.")},
        {QStringLiteral("UndersideView"),
         QT_TRANSLATE_NOOP("WhatIsThis", "The wires from below, to scale, lengths in millimetres. Drawn from "
                                         "what you measured with a rule, else as it usually is.")},
        {QStringLiteral("SweepView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "Turns of the knob across, from first contact; whisper to loud up. Discs: you "
                           "said the wires answered; crosses: they did not. The shaded span is clean and "
                           "answers everything; thin lines say how sure that is.")},
        {QStringLiteral("BuzzView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "Pitches in Hz: above those of the instruments beside the drum, below the drum's "
                           "own, the snare side dashed. A line joins two that meet; the thick one sets the "
                           "wires going most. Predicted: the ear decides.")},
        {QStringLiteral("RingView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "Each partial dying away: seconds across. The outline is the bare head, filled is "
                           "the head as it is now; the dashed line is what the tone wants. Predicted with "
                           "this drum's own damping; below stands what was heard.")},
        {QStringLiteral("HeadFromAbove"),
         QT_TRANSLATE_NOOP(
             "WhatIsThis",
             "The batter from above, to scale; the circle is where the stick lands. What lies on it can be "
             "dragged, or chosen by its number and nudged with the arrows; near the edge it does most.")},
        {QStringLiteral("ProofPicture"),
         QT_TRANSLATE_NOOP(
             "WhatIsThis",
             "Each line of the brief: where it was wanted, where it is, and how that is known. Measured: "
             "heard. Predicted: from the model and what was heard. Counted: as the hands said.")},
        {QStringLiteral("ScatterView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "Each stroke: how far from the middle it landed, in millimetres, by the balance "
                           "of middle and edge; and how loud, in dB against the usual one. Scattered dots "
                           "with an even ring are the hands; near dots with a scattered ring are the drum.")},
        {QStringLiteral("ChangeView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "What the strokes said before the change (ring) and say after it (dot). The bars "
                           "are how sure each is; where they lie over each other the strokes do not tell the "
                           "two apart.")},
        {QStringLiteral("SteadyView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "How far level, place and ring differ from stroke to stroke. Within the shaded "
                           "part they count as steady; beyond it level and place are the hands, the ring "
                           "the drum.")},
        {QStringLiteral("WaysView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "Each way to a shorter ring, dying away over the seconds, against the dashed line "
                           "that is wanted: full where it gets there, pale where not. Hatched: the wires "
                           "over it.")},
        {QStringLiteral("OwnView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "Strokes heard without your own thing and with it, a dot each, and how long the "
                           "drum rang both times.")},
        {QStringLiteral("SeasonView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "Edge pitch in Hz over time: batter full, snare side dashed, thin what was "
                           "wanted; a step is what a key did. Below: how uneven, in cents, and the weather; "
                           "triangles are entries. Arrows walk from entry to entry.")},
        {QStringLiteral("WayView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "The drum now and then, cut through, with the pitch of each head, the knob and "
                           "what lay on it. Below: what each rod is turned on the way back, in parts of a "
                           "turn; an arrow away from the shell is tighter.")},
        {QStringLiteral("BackStrip"),
         QT_TRANSLATE_NOOP(
             "WhatIsThis",
             "The way back to a saved sound, as far as it is made: heads, knob, and what lay on the head.")},
        {QStringLiteral("MovedBar"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "What moved this head since it was last left, in cents: weather, new film that "
                           "settles, rods that backed off, and what is left over; each with its error.")},
        {QStringLiteral("CompareView"),
         QT_TRANSLATE_NOOP("WhatIsThis", "What differs between two entries. Orange lines are beyond what "
                                         "most ears tell apart, the dashed line is where that begins.")},
        {QStringLiteral("DueView"),
         QT_TRANSLATE_NOOP("WhatIsThis", "How many more shows something is good for, from the shows so far "
                                         "and what wore; always with its reason.")},
        {QStringLiteral("ShowView"),
         QT_TRANSLATE_NOOP("WhatIsThis",
                           "The numbers of the evening from top to bottom, a drum in each column: which "
                           "plays what, what is turned before it, how long that takes, and how sure it is.")},
        {QStringLiteral("CausesStrip"),
         QT_TRANSLATE_NOOP(
             "WhatIsThis",
             "What may be behind the complaint, each with its odds in per cent, from experience, your "
             "answers and what the workbook knows. They move with every answer.")},
        {QStringLiteral("EarsView"),
         QT_TRANSLATE_NOOP(
             "WhatIsThis",
             "Differences up, easier above. Full dots were right, rings wrong; the band is what is known of "
             "your ear in this round; squares are the days before, with their errors.")},
        {QStringLiteral("HandsView"),
         QT_TRANSLATE_NOOP(
             "WhatIsThis",
             "Each tap: its pitch against the middle one, in cents, and its loudness, in dB. The band is how "
             "far one tap differs from the next; a ring lies beyond the picture.")},
        {QStringLiteral("FeelView"),
         QT_TRANSLATE_NOOP(
             "WhatIsThis",
             "Each turn as the drum tells it, against the quarter that was asked for. The line on a "
             "bar is how far the ear may be off.")},
        {QStringLiteral("RouteRail"),
         QT_TRANSLATE_NOOP("WhatIsThis", "The order of the work. Tick: done. Diamond: under way. Triangle: "
                                         "something before it changed since, look again. Ring: not begun.")},
        {QStringLiteral("ListeningStrip"),
         QT_TRANSLATE_NOOP("WhatIsThis", "Who listens, and what was heard last: the pitch in Hz and as a "
                                         "note, or why it has to be made again.")},
        {QStringLiteral("note"),
         QT_TRANSLATE_NOOP("WhatIsThis", "Your own words to this setup. They are kept as you type.")},
        {QStringLiteral("GuideBar"),
         QT_TRANSLATE_NOOP("WhatIsThis", "What to do at this step, and why. It goes away with Not now; Help, "
                                         "Walk me through brings it back.")},
    };
    return all;
}

} // namespace

QString explanationOf(const QWidget& widget) {
    QString kind = QString::fromLatin1(widget.metaObject()->className());
    kind = kind.mid(kind.lastIndexOf(QLatin1Char(':')) + 1);
    auto found = explanations().constFind(kind);
    if (found == explanations().constEnd())
        found = explanations().constFind(widget.objectName());
    return found == explanations().constEnd() ? QString() : WhatText::tr(*found);
}

void explainAll(QWidget& window) {
    for (QWidget* widget : window.findChildren<QWidget*>())
        if (const QString words = explanationOf(*widget); !words.isEmpty())
            widget->setWhatsThis(words);
    window.setWhatsThis(
        WhatText::tr("Point at a picture or a figure, and click. F1 opens the manual at this page."));
}

} // namespace bombo
