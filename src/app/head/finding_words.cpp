#include "app/head/finding_words.h"

#include "app/session/wording.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

struct FindingWordsText {
    Q_DECLARE_TR_FUNCTIONS(FindingWords)
};

} // namespace

QString findingText(const HeadFinding& finding) {
    const long cents = std::lround(std::abs(finding.amount.value));
    QString rods = finding.rods.empty() ? QString() : rodsText(finding.rods);
    rods.replace(0, 1, rods.left(1).toUpper());
    switch (finding.fault) {
    case HeadFault::FallsBack:
        return FindingWordsText::
            tr("It fell %1 cents with no rod turned: a new head settles. Press the middle or let it rest, "
               "then "
               "tap again; if it goes on falling, the film is at its end.")
                .arg(cents);
    case HeadFault::PitchStaysBehind:
        return FindingWordsText::
            tr("The pitch came up %1 cents less than the turns should bring: rods that bind, or film that "
               "gives "
               "way. Grease the rods; near the load limit stop here.")
                .arg(cents);
    case HeadFault::EqualTurnsUnequalPitch:
        return FindingWordsText::tr(
                   "Every rod was turned alike, yet they lie up to %1 cents apart: friction, hoop, edge or "
                   "film. "
                   "That is not your count; the moves even it out.")
            .arg(cents);
    case HeadFault::RodStands:
        return FindingWordsText::tr(
                   "%1 was turned, but its mark hardly moved: a burr, a dry thread or a bent rod. Back it "
                   "off, "
                   "clean and grease it, never force it; then read again.")
            .arg(rods);
    case HeadFault::BedsDiffer:
        if (finding.amount.value > 0.0)
            return FindingWordsText::tr(
                       "%1, beside the beds, read %2 cents higher than the rest, and beds "
                       "only lower them: a rod or two ahead, or the hoop's gates off the beds.")
                .arg(rods)
                .arg(cents);
        return FindingWordsText::tr("%1, beside the beds, read %2 cents lower than the rest. The edge sinks "
                                    "there: beds 1 mm deep make some %3 cents with these hoops. Do not chase "
                                    "the last cents.")
            .arg(rods)
            .arg(cents)
            .arg(std::lround(finding.usual.value));
    }
    return {};
}

std::optional<Cents> missedBy(const HeadWork& work, Hertz target) {
    if (work.history.empty() || work.history.back().predicted.empty())
        return std::nullopt;
    const FinishedRound& last = work.history.back();
    double farthest = 0.0;
    for (std::size_t rod = 0; rod < last.readings.size(); ++rod)
        if (last.readings[rod])
            farthest = std::max(farthest, std::abs(centsBetween(target, last.readings[rod]->frequency).value -
                                                   last.predicted[rod].value));
    return Cents{farthest};
}

} // namespace bombo
