#include "app/head/hoop_picture.h"

#include "app/session/wording.h"
#include "core/procedure/head_rounds.h"
#include "core/record/heads_say.h"

#include <QCoreApplication>
#include <array>
#include <cmath>

namespace bombo {
namespace {

struct HoopPictureText {
    Q_DECLARE_TR_FUNCTIONS(HoopPicture)
};

struct RodSeen {
    RodReading reading;
    bool byOpposite;
};

/// What is known of a rod's pitch in the round under way, or in the last one.
std::optional<RodSeen> rodSeen(const HeadWork& work, std::size_t rod, bool afterwards) {
    if (work.stage == HeadStage::Tapping)
        return work.taps[rod].empty() ? std::nullopt
                                      : std::optional(RodSeen{settle(work.taps[rod]).middle, false});
    if (!afterwards || work.history.empty())
        return std::nullopt;
    const FinishedRound* heard = heardHere(work);
    const auto& readings = (heard != nullptr ? *heard : work.history.back()).readings;
    if (readings[rod])
        return RodSeen{*readings[rod], false};
    const auto& other = readings[(rod + readings.size() / 2) % readings.size()];
    return other ? std::optional(RodSeen{*other, true}) : std::nullopt;
}

} // namespace

HoopPicture hoopPicture(const Reckoned& reckoned, HeadSide side) {
    const Session& session = reckoned.session();
    const HeadWork& work = session.head(side);
    const HeadBrief brief = briefFor(reckoned, side);
    HoopPicture picture;
    picture.side = side;
    picture.stage = work.stage;
    picture.tolerance = brief.tolerance;
    picture.pegs.resize(work.rodTurns.size());
    if (work.condition != HeadCondition::AsItStands)
        for (Turns turns :
             work.stage == HeadStage::FingerTight ? plannedRounds(work, brief) : work.countedRounds)
            picture.countedTotal += turns;

    picture.fromStanding = work.condition == HeadCondition::AsItStands;
    picture.nearest = session.nearestRod;
    if (session.drum.markedRod > 0)
        picture.marked = session.drum.markedRod - 1;
    const bool tapping = work.stage == HeadStage::Tapping;
    picture.showsCents = tapping || work.stage == HeadStage::Turning || work.stage == HeadStage::Done;
    // After a round a rod stands where the whole round puts it; while it goes on, where its own taps do.
    const bool pooled = picture.showsCents && !tapping && !work.history.empty() && heardHere(work) != nullptr;
    const auto round = pooled ? std::optional(estimateNow(work, brief)) : std::nullopt;
    for (std::size_t rod = 0; rod < picture.pegs.size(); ++rod) {
        HoopPeg& peg = picture.pegs[rod];
        peg.turned = work.rodTurns[rod];
        if (rod < work.predicted.size())
            peg.expected = work.predicted[rod];
        const auto seen = rodSeen(work, rod, picture.showsCents);
        if (seen) {
            peg.frequency = seen->reading.frequency;
            peg.taps = seen->reading.taps;
            peg.outliers = seen->reading.outliers;
            peg.byOpposite = seen->byOpposite;
        }
        if (peg.frequency && round)
            peg.frequency = moved(round->mean, round->heard[rod]);
        if (peg.frequency)
            peg.heard = centsBetween(brief.target, *peg.frequency);
        if (seen && tapping)
            peg.error = errorOf(seen->reading);
    }
    for (int done = 0; done < work.movesDone && !tapping; ++done)
        for (int rod : work.moves[static_cast<std::size_t>(done)].rods)
            picture.pegs[static_cast<std::size_t>(rod)].moved = true;
    if (const auto move = moveAtHand(work, session.path))
        for (int rod : move->rods)
            picture.pegs[static_cast<std::size_t>(rod)].inMove = true;
    if (const auto rod = nextRodToTap(work))
        picture.pegs[static_cast<std::size_t>(*rod)].due = true;
    return picture;
}

QString rodSummary(const HoopPicture& picture, int rod) {
    const HoopPeg& peg = picture.pegs[static_cast<std::size_t>(rod)];
    QStringList parts;
    if (picture.marked == rod)
        parts << HoopPictureText::tr("beside the badge or tape");
    if (peg.frequency)
        parts << pitchText(*peg.frequency) << HoopPictureText::tr("%1 cents").arg(centsText(*peg.heard));
    if (peg.error && *peg.error > kClear)
        parts << HoopPictureText::tr("rough, ±%1 cents").arg(std::lround(peg.error->value));
    if (peg.byOpposite)
        parts << HoopPictureText::tr("not tapped: taken to read as the opposite rod");
    else if (peg.outliers > 0)
        parts << HoopPictureText::tr("middle of %1 taps, %2 left out").arg(peg.taps).arg(peg.outliers);
    else if (peg.taps > 1)
        parts << HoopPictureText::tr("middle of %1 taps").arg(peg.taps);
    if (peg.expected)
        parts << HoopPictureText::tr("expected %1").arg(centsText(*peg.expected));
    parts << HoopPictureText::tr("turned %1").arg(turnsText(peg.turned));
    if (peg.wanted)
        parts << HoopPictureText::tr("the shortest way %1").arg(turnsText(*peg.wanted));
    return HoopPictureText::tr("rod %1: %2").arg(rod + 1).arg(parts.join(QStringLiteral(", ")));
}

QString hoopSummary(const HoopPicture& picture) {
    QStringList lines;
    for (int rod = 0; rod < static_cast<int>(picture.pegs.size()); ++rod) {
        QStringList line{rodSummary(picture, rod)};
        const HoopPeg& peg = picture.pegs[static_cast<std::size_t>(rod)];
        if (peg.inMove)
            line << HoopPictureText::tr("turn it now");
        if (peg.due)
            line << HoopPictureText::tr("tap it now");
        lines << line.join(QStringLiteral("; "));
    }
    return HoopPictureText::tr("Rods of the %1 from the strainer on.").arg(sideName(picture.side)) +
           QLatin1Char(' ') + lines.join(QStringLiteral(". ")) + QLatin1Char('.');
}

HoopLayout hoopLayout(const HoopPicture& picture) {
    return {static_cast<int>(picture.pegs.size()), picture.side == HeadSide::SnareSide, picture.nearest};
}

HoopMap hoopMap(const HoopPicture& picture, QRectF area) {
    const HoopLayout rods = hoopLayout(picture);
    if (!picture.showsCents) {
        double top = picture.isNet ? 0.25 : std::max(1.0, picture.countedTotal.value);
        double bottom = picture.isNet ? -0.25 : 0.0;
        for (const HoopPeg& peg : picture.pegs)
            for (const Turns turns : {peg.turned, peg.wanted.value_or(Turns{0.0})}) {
                top = std::max(top, turns.value);
                bottom = picture.isNet ? std::min(bottom, turns.value) : 0.0;
            }
        // The figure over the highest peg stays below the captions, however low the picture is.
        constexpr double figure = 34.0; // px, with half a peg
        const double height = HoopMap(area, rods, 0.0, 1.0).field().height();
        const double room = 1.0 / (1.0 - std::clamp(figure / std::max(1.0, height), 0.0, 0.5));
        return {area, rods, 1.3 * bottom, std::max(picture.isNet ? 1.3 : 1.12, room) * top};
    }
    double widest = 3.0 * picture.tolerance.value;
    for (const HoopPeg& peg : picture.pegs)
        for (const auto& cents : {peg.heard, peg.expected})
            if (cents)
                widest = std::max(widest, 1.15 * std::abs(cents->value));
    static constexpr std::array ranges{30.0, 50.0, 80.0, 120.0, 200.0, 300.0, 500.0, 800.0, 1200.0};
    for (const double range : ranges)
        if (widest <= range)
            return {area, rods, -range, range};
    return {area, rods, -2400.0, 2400.0};
}

} // namespace bombo
