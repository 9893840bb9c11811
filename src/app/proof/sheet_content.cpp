#include "app/proof/sheet_content.h"

#include "app/language/language.h"
#include "app/muffling/head_from_above.h"
#include "app/numbers/numbers.h"
#include "app/proof/proof_words.h"
#include "app/session/wording.h"
#include "core/acoustics/film.h"
#include "core/record/drum_now.h"
#include "core/record/heads_say.h"
#include "core/record/strokes_say.h"

#include <QCoreApplication>

namespace bombo {
namespace {

struct SheetText {
    Q_DECLARE_TR_FUNCTIONS(ProofSheet)
};

QString titleOf(const QString& tone, const Drum& drum) {
    return SheetText::tr("%1 on %2").arg(tone, QString::fromStdString(drum.name));
}

QString whatOf(const Drum& drum, const QString& made) {
    return SheetText::tr("%1, %2 rods a side, %3; %4")
        .arg(sizeText(drum.shell))
        .arg(drum.rods)
        .arg(catalogueText(drum.shell.material), made);
}

QString padLine(std::size_t index, const Pad& pad, const Drum& drum) {
    return SheetText::tr("On the head, %1: %2, %3")
        .arg(index + 1)
        .arg(kindName(pad.kind), padPlace(pad, drum.shell));
}

SheetHead headOf(const Reckoned& reckoned, HeadSide side) {
    const Session& session = reckoned.session();
    const HeadWork& work = session.head(side);
    const DrumState known = knownState(reckoned);
    const Tension tension = side == HeadSide::Batter ? known.batter.tension : known.snareSide.tension;
    return {work.rodTurns, work.condition == HeadCondition::AsItStands,
            filmLoad(session.drum.head(side), tension)};
}

SheetHead headOf(const HeadFigures& figures, int rods) {
    SheetHead head;
    if (figures.turns.size() == static_cast<std::size_t>(rods))
        head.turns = figures.turns;
    head.fromStanding = !figures.countedFromSlack;
    return head;
}

/// Pitch and evenness of a head, as far as the entry has them.
void addHead(std::vector<QStringList>& rows, const HeadFigures& head, ProofItem pitch, ProofItem even,
             double tolerance) {
    const QString none = QStringLiteral("–");
    if (head.wanted || head.left)
        rows.push_back({proofItemWords(pitch),
                        head.wanted ? proofValueText(pitch, head.wanted->value) : none,
                        head.left ? proofValueText(pitch, head.left->edge.value) : none,
                        head.left ? SheetText::tr("measured") : QString(),
                        {}});
    if (head.evenTo)
        rows.push_back({proofItemWords(even),
                        proofValueText(even, tolerance),
                        proofValueText(even, head.evenTo->value),
                        SheetText::tr("measured"),
                        {}});
}

} // namespace

SheetContent sheetOf(const Reckoned& reckoned, const QString& made) {
    const Session& session = reckoned.session();
    SheetContent content;
    content.title = titleOf(catalogueText(session.tone.name), session.drum);
    content.what = whatOf(session.drum, made);
    for (const ProofLine& line : proofLines(reckoned))
        content.rows.push_back({proofItemWords(line.item), proofValueText(line.item, line.wanted),
                                line.reached ? proofValueText(line.item, *line.reached) : QStringLiteral("–"),
                                knownWords(line), verdictWords(line)});
    content.lines = sheetLines(session);
    content.drum = session.drum;
    content.pads = session.pads;
    content.microphone = session.microphone;
    content.batter = headOf(reckoned, HeadSide::Batter);
    content.snareSide = headOf(reckoned, HeadSide::SnareSide);
    return content;
}

SheetContent sheetOf(const Entry& entry, const Drum& drum, const QString& tone, const Session& house,
                     const QString& made) {
    const EntryFigures& figures = entry.figures;
    SheetContent content;
    content.title = titleOf(tone, drum);
    content.what = whatOf(drum, made);
    const double tolerance = house.tolerance.value;
    addHead(content.rows, figures.snareSide, ProofItem::SnareSidePitch, ProofItem::SnareSideEvenness,
            tolerance);
    addHead(content.rows, figures.batter, ProofItem::BatterPitch, ProofItem::BatterEvenness, tolerance);
    const QString none = QStringLiteral("–");
    if (figures.strainer)
        content.rows.push_back({proofItemWords(ProofItem::Strainer),
                                none,
                                proofValueText(ProofItem::Strainer, figures.strainer->value),
                                SheetText::tr("as counted"),
                                {}});
    if (const auto ring = figures.ringHeard ? figures.ringHeard : figures.ringPredicted)
        content.rows.push_back({proofItemWords(ProofItem::Ring),
                                none,
                                proofValueText(ProofItem::Ring, ring->value),
                                figures.ringHeard ? SheetText::tr("measured") : SheetText::tr("predicted"),
                                {}});
    content.drum = drum;
    content.pads = padsIn(entry.figures, house);
    for (std::size_t i = 0; i < content.pads.size(); ++i)
        content.lines << padLine(i, content.pads[i], drum);
    if (figures.padsKnown && figures.pads.empty())
        content.lines << SheetText::tr("Nothing lay on the head.");
    if (figures.weather.temperature)
        content.lines << SheetText::tr("Weather: %1 °C").arg(number(figures.weather.temperature->value, 0));
    const EntryWords& words = figures.words;
    if (!words.player.empty())
        content.lines << SheetText::tr("Player: %1").arg(QString::fromStdString(words.player));
    if (!words.place.empty())
        content.lines << SheetText::tr("Place: %1").arg(QString::fromStdString(words.place));
    if (words.stars > 0)
        content.lines << SheetText::tr("Judged: %1").arg(starsText(words.stars));
    if (!words.note.empty())
        content.lines << SheetText::tr("In the player's words: %1").arg(QString::fromStdString(words.note));
    content.batter = headOf(figures.batter, drum.rods);
    content.snareSide = headOf(figures.snareSide, drum.rods);
    return content;
}

QStringList sheetLines(const Session& session) {
    QStringList lines;
    if (session.wires.begun) {
        QStringList wires{
            SheetText::tr("Strainer: %1 from first contact").arg(turnsText(session.wires.strainer))};
        if (session.layout && session.layout->knob)
            wires << SheetText::tr("%1 from its loose end")
                         .arg(turnsText(*session.layout->knob + session.wires.strainer));
        wires << SheetText::tr("judged: %1").arg(judgingName(session.wires.judging));
        lines << wires.join(QStringLiteral("; "));
    }
    for (std::size_t i = 0; i < session.pads.size(); ++i)
        lines << padLine(i, session.pads[i], session.drum);
    if (session.microphone)
        lines
            << SheetText::tr("Microphone: %1").arg(microphonePlace(*session.microphone, session.drum.shell));
    if (strokesSay(session).strokes > 0)
        lines << SheetText::tr("Heard: %1").arg(strokesSayText(strokesSay(session)));
    lines << SheetText::tr("Weather: %1 °C, %2 % humidity")
                 .arg(number(session.weather.temperature.value, 0))
                 .arg(number(100.0 * session.weather.relativeHumidity, 0));
    for (const ExperimentResult& result : session.experiments)
        lines << SheetText::tr("Tried, %1: %2; before %3; after %4")
                     .arg(result.kept ? SheetText::tr("kept") : SheetText::tr("put back"),
                          QString::fromStdString(result.what), strokesSayText(result.before),
                          strokesSayText(result.after));
    if (session.blind)
        lines << SheetText::tr("Heard blind %1 times: after was better %2, before %3")
                     .arg(session.blind->trials)
                     .arg(session.blind->after)
                     .arg(session.blind->before);
    if (session.stars > 0)
        lines << SheetText::tr("Judged: %1").arg(starsText(session.stars));
    if (!noteNow(session).empty())
        lines << SheetText::tr("In the player's words: %1").arg(QString::fromStdString(noteNow(session)));
    return lines;
}

} // namespace bombo
