#include "app/guide/guide_words.h"

#include <QCoreApplication>

namespace bombo {
namespace {

struct GuideText {
    Q_DECLARE_TR_FUNCTIONS(Guide)
};

} // namespace

GuideWords guideWords(GuideStep step) {
    switch (step) {
    case GuideStep::Drum:
        return {
            GuideText::tr("Look the drum over, then press the big button."),
            GuideText::tr("Heads, rods and wires as they are now: all that follows is reckoned from them.")};
    case GuideStep::ChooseTone:
        return {
            GuideText::tr("Choose the words that come nearest to what you want to hear."),
            GuideText::tr("They stand for pitches: the edge of each head, tapped alone, and the middle, both "
                          "heads together.")};
    case GuideStep::ToneChosen:
        return {GuideText::tr("Press the big button and go on to the heads."),
                GuideText::tr(
                    "One head first, then the other: each turn on one moves the sound of both a little.")};
    case GuideStep::PrepareSnareSide:
        return {GuideText::tr("Drum upturned, wires off: follow the drawing to finger-tight."),
                GuideText::tr(
                    "From finger-tight on, every turn is counted. Never press this film with the palm: it "
                    "is the thinnest there is.")};
    case GuideStep::PrepareBatter:
        return {GuideText::tr("Drum upright, wires off: follow the drawing to finger-tight."),
                GuideText::tr(
                    "Finger-tight is where the fingers alone stop: the one beginning that all rods share.")};
    case GuideStep::Raise:
        return {GuideText::tr("Key where the picture shows, turn by the angle drawn, press space."),
                GuideText::tr(
                    "Opposite rods in turn keep the hoop level. Stop where a rod suddenly resists; never "
                    "force it.")};
    case GuideStep::Tap:
        return {GuideText::tr("One tap before the rod that is shown, three centimetres in from the hoop."),
                GuideText::tr(
                    "Other head muted, a light finger on the middle: so the edge pitch stands alone. Let "
                    "it ring out.")};
    case GuideStep::TapAgain:
        return {GuideText::tr("Once more before the rod that is shown."),
                GuideText::tr(
                    "A tap that cannot be trusted is never counted; what was wrong with it stands below.")};
    case GuideStep::Turn:
        return {GuideText::tr("Turn only what is marked, by what is written, then press space."),
                GuideText::tr("A tap cannot tell a rod from its opposite: that is why pairs are turned.")};
    case GuideStep::SnareSideEven:
        return {GuideText::tr("This head is even; on with the big button."),
                GuideText::tr("Within the shaded band the ear hears one pitch all round.")};
    case GuideStep::BatterEven:
        return {GuideText::tr("An even head: the hardest part is done."),
                GuideText::tr("You could stop here. Wires, muffling and the proof are a few minutes more.")};
    case GuideStep::NotEven:
        return {GuideText::tr("This is as near as it goes; what stands in the way is written below."),
                GuideText::tr(
                    "A worn head, a bent hoop or a rod that sticks: Faults, on the left, finds which.")};
    case GuideStep::WiresTouch:
        return {GuideText::tr("Back the knob off, then come up until the strands just touch."),
                GuideText::tr("That is first contact: from there the turns of the knob are counted.")};
    case GuideStep::WiresTry:
        return {GuideText::tr("Play the stroke that is asked for, and say whether the wires answered."),
                GuideText::tr(
                    "Too tight, and soft strokes die; too loose, and loud ones rattle on. The best stop lies "
                    "between.")};
    case GuideStep::WiresFound:
        return {GuideText::tr("Set the knob where it says, and go on."),
                GuideText::tr("No stick under tensioned wires, no tape on the strands.")};
    case GuideStep::Strike:
        return {GuideText::tr("Strike it once, as in a song."),
                GuideText::tr("Muffling comes last and least. Loud strokes close by: protect your hearing.")};
    case GuideStep::Muffle:
        return {GuideText::tr("Lay the least that helps, or nothing."),
                GuideText::tr(
                    "The ring is measured against what your tone wants; what lies near the edge does most.")};
    case GuideStep::Prove:
        return {GuideText::tr("Look what was asked and what was reached; write a word, and save."),
                GuideText::tr("What is saved can be brought back, rod by rod.")};
    case GuideStep::Saved:
        break;
    }
    return {GuideText::tr("Saved. Next time the logbook takes you back to it."),
            GuideText::tr("That was a whole job. This line can go now.")};
}

} // namespace bombo
