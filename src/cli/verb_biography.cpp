/// What the logbook answers: the way back, what differs, drift and life, export and import.
#include "cli/opened_workbook.h"
#include "core/life/life.h"
#include "core/log/compare.h"
#include "core/record/drum_in_show.h"
#include "core/record/heads_say.h"
#include "store/exchange/exchange.h"
#include "store/resources.h"

#include <QDateTime>
#include <algorithm>

namespace bombo::cli {
namespace {

const char* sideKey(HeadSide side) {
    return side == HeadSide::Batter ? "batter" : "snare_side";
}

const char* knownName(KnownBy by) {
    switch (by) {
    case KnownBy::Heard:
        return "heard";
    case KnownBy::Counted:
        return "counted";
    case KnownBy::Foretold:
        return "foretold";
    case KnownBy::Nothing:
        break;
    }
    return "nothing";
}

const char* reservationName(NotTheSame what) {
    switch (what) {
    case NotTheSame::NoFigures:
        return "no_figures";
    case NotTheSame::HeadChanged:
        return "head_changed";
    case NotTheSame::FreshHead:
        return "fresh_head";
    case NotTheSame::TooTight:
        return "too_tight";
    case NotTheSame::TooSlack:
        return "too_slack";
    case NotTheSame::FeelsHarder:
        return "feels_harder";
    case NotTheSame::FeelsSofter:
        return "feels_softer";
    case NotTheSame::CountsDiffer:
        return "counts_differ";
    case NotTheSame::NotHeard:
        return "not_heard";
    case NotTheSame::OtherDrum:
        return "other_drum";
    case NotTheSame::OtherWires:
        return "other_wires";
    case NotTheSame::WiresStretched:
        return "wires_stretched";
    case NotTheSame::NoStrainer:
        return "no_strainer";
    case NotTheSame::StrainerBeyond:
        return "strainer_beyond";
    case NotTheSame::PadOffDrum:
        return "pad_off_drum";
    case NotTheSame::UnknownPad:
        break;
    }
    return "unknown_pad";
}

const char* differsKey(Differs what) {
    switch (what) {
    case Differs::BatterPitch:
        return "batter_hz";
    case Differs::SnareSidePitch:
        return "snare_side_hz";
    case Differs::Interval:
        return "interval_cents";
    case Differs::Evenness:
        return "batter_even_cents";
    case Differs::Strainer:
        return "strainer_turns";
    case Differs::Ring:
        return "ring_s";
    case Differs::Pads:
        return "pads";
    case Differs::BatterHead:
        return "batter_head";
    case Differs::SnareSideHead:
        return "snare_side_head";
    case Differs::Wires:
        return "wires";
    case Differs::Temperature:
        break;
    }
    return "temperature_c";
}

Json turnsJson(const std::vector<Turns>& turns) {
    Json list = Json::array();
    for (const Turns one : turns)
        list.push_back(one.value);
    return list;
}

Json padsJson(const std::vector<Pad>& pads) {
    Json list = Json::array();
    for (const Pad& pad : pads)
        list.push_back({{"kind", pad.kind.id},
                        {"radius_m", pad.fromCentre.value},
                        {"angle_deg", pad.angle.value * 360.0 / kTwoPi}});
    return list;
}

Json headJson(const HeadBack& head) {
    Json own = Json::array();
    for (const RodMove& move : head.own) {
        Json rods = Json::array();
        for (const int rod : move.rods)
            rods.push_back(rod + 1);
        own.push_back({{"rods", rods}, {"turns", move.turns.value}});
    }
    return {{"known_by", knownName(head.by)},   {"now_hz", head.now.value},
            {"wanted_hz", head.wanted.value},   {"off_cents", head.off.value},
            {"all_rods_turns", head.all.value}, {"then", own},
            {"net_turns", turnsJson(head.net)}, {"standard_error_cents", head.afterError.value}};
}

Json shareJson(const Share& share) {
    return {{"cents", share.cents.value}, {"standard_error_cents", share.error.value}};
}

Json movedJson(const Moved& moved) {
    Json json{{"total", shareJson(moved.total)},
              {"weather", shareJson(moved.weather)},
              {"settled", shareJson(moved.settled)},
              {"backed_off", shareJson(moved.backedOff)},
              {"unexplained", shareJson(moved.unexplained)},
              {"hours", moved.hours}};
    if (moved.rod) {
        json["rods"] = Json::array({moved.rod->rod + 1});
        if (moved.rod->orOpposite)
            json["rods"].push_back(*moved.rod->orOpposite + 1);
        json["rod_lost_turns"] = moved.rod->lost.value;
    }
    return json;
}

const char* reasonName(DueBecause because) {
    switch (because) {
    case DueBecause::RingsLonger:
        return "rings_longer";
    case DueBecause::Looks:
        return "looks";
    case DueBecause::Age:
        return "age";
    case DueBecause::Creeps:
        return "strands_stretched";
    case DueBecause::NotKnown:
        break;
    }
    return "not_known";
}

Json lifeJson(const PartLife& life, std::span<const Play> plays, std::int64_t now) {
    const auto days = daysUntilDue(life, plays, now);
    return {{"shows_low", life.low},
            {"shows_high", life.high},
            {"days_low", days ? Json(days->low) : Json()},
            {"days_high", days ? Json(days->high) : Json()},
            {"shows_played", life.shows},
            {"hours", life.hours},
            {"because", reasonName(life.because)},
            {"amount", life.amount}};
}

} // namespace

Answer wayBack(const std::string& workbook, std::int64_t id, const std::string& same, const std::string& drum,
               std::int64_t now) {
    const auto from = opened(workbook);
    if (!from)
        return from.fault();
    const auto entry = entryNumber(*from, id);
    if (!entry)
        return entry.fault();
    const auto session = sessionOf(*from, drum.empty() ? entry->drumId : drum);
    if (!session)
        return session.fault();
    const Reckoned reckoned(*session);
    const std::vector<Entry> own = of(*from, session->drum.id);
    std::vector<PadKind> kinds(padKinds().begin(), padKinds().end());
    kinds.insert(kinds.end(), session->ownKinds.begin(), session->ownKinds.end());
    const SameAs as = same == "feel" ? SameAs::Tensions : same == "turns" ? SameAs::Counts : SameAs::Pitches;
    const std::vector<HeadSpec> heads = catalogue().heads;
    const BackTo plan = backTo(drumNow(reckoned, own, now), *entry, as, heads, kinds);
    Json out{{"entry", id}, {"drum", session->drum.id}, {"same", same}};
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        out[sideKey(side)] = plan.head(side) ? headJson(*plan.head(side)) : Json();
    out["first"] = plan.order == HeadOrder::BatterFirst ? "batter" : "snare_side";
    out["strainer_to_turns"] = valueOrNull(plan.strainerTo);
    out["strainer_by_turns"] = valueOrNull(plan.strainerBy);
    out["take_off"] = padsJson(plan.takeOff);
    out["lay_on"] = padsJson(plan.layOn);
    out["but"] = Json::array();
    for (const Reservation& one : plan.but) {
        Json said{{"what", reservationName(one.what)}, {"amount", one.amount}};
        if (one.side)
            said["head"] = sideKey(*one.side);
        out["but"].push_back(said);
    }
    return out;
}

Answer compareEntries(const std::string& workbook, std::int64_t id, std::int64_t other) {
    const auto from = opened(workbook);
    if (!from)
        return from.fault();
    const auto one = entryNumber(*from, id);
    if (!one)
        return one.fault();
    const auto second = entryNumber(*from, other);
    if (!second)
        return second.fault();
    Json out = Json::array();
    for (const Difference& d : differences(*one, *second))
        out.push_back({{"what", differsKey(d.what)},
                       {"from", d.from},
                       {"to", d.to},
                       {"by", d.by},
                       {"just_noticeable_steps", d.steps},
                       {"heard", d.isHeard()}});
    return out;
}

Answer driftOf(const std::string& workbook, const std::string& drum, std::int64_t now) {
    const auto from = opened(workbook);
    if (!from)
        return from.fault();
    const auto session = sessionOf(*from, drum);
    if (!session)
        return session.fault();
    const Reckoned reckoned(*session);
    const std::vector<Entry> own = of(*from, session->drum.id);
    Json out{{"drum", session->drum.id}, {"entries", own.size()}};
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        Json head = Json::object();
        const Tension perTurn = turnModelOf(reckoned).head(side).perTurn();
        const std::vector<Stay> stays = staysOf(own, side);
        const SettlingBelief settling = settlingOf(session->drum, side, stays, perTurn);
        const auto constant = settling.timeConstant();
        head["settling_hours"] = {{"median", constant.hours}, {"low", constant.low}, {"high", constant.high}};
        head["expected"] = nullptr;
        if (const auto expected = expectedNow(reckoned, side, own, now))
            head["expected"] = {{"moves_cents", expected->moves.value},
                                {"standard_error_cents", expected->error.value},
                                {"edge_hz", expected->edge.value},
                                {"weather", shareJson(expected->weather)},
                                {"settled", shareJson(expected->settled)}};
        head["moved"] = Json::array();
        for (const Stay& stay : stays)
            head["moved"].push_back(movedJson(
                whatMoved(session->drum, side, stay.left, stay.found, stay.fittedAt, settling, perTurn)));
        out[sideKey(side)] = head;
    }
    const auto plays = playsOf(own);
    for (const auto& [name, part] :
         {std::pair{"batter", Part::Batter}, {"snare_side", Part::SnareSide}, {"wires", Part::Wires}})
        out["due"][name] = lifeJson(lifeOf(session->drum, part, own, plays, now), plays, now);
    return out;
}

namespace {

Result<std::vector<Tone>, InputProblem> tonesOf(const Json& numbers, const std::vector<Tone>& known,
                                                std::vector<ShowNumber>& show) {
    std::vector<Tone> tones;
    std::size_t i = 0;
    for (const Json& number : numbers) {
        const std::string at = "numbers." + std::to_string(i++);
        const auto name = textAt(number, "tone");
        if (!name)
            return failure(InputProblem{at + ".tone", name.fault().message});
        const auto tone = std::find_if(known.begin(), known.end(), [&](const Tone& one) {
            return one.id == *name || one.name == *name || one.name.substr(0, one.name.find(':')) == *name;
        });
        if (tone == known.end())
            return failure(InputProblem{at + ".tone", "there is no tone \"" + *name + "\" in this workbook"});
        const auto same =
            std::find_if(tones.begin(), tones.end(), [&](const Tone& one) { return one.id == tone->id; });
        show.push_back({static_cast<std::size_t>(same - tones.begin()), number.value("minutes", 0.0)});
        if (same == tones.end())
            tones.push_back(*tone);
    }
    return tones;
}

Json stepJson(const ShowStep& step, const std::vector<DrumInShow>& drums) {
    if (!step.drum)
        return {{"drum", nullptr}, {"fits", false}};
    const ToneChange& change = step.change;
    Json json{{"drum", drums[*step.drum].drum.id},
              {"batter_turns", change.batter.value},
              {"batter_error_cents", change.batterError.value},
              {"snare_side_turns", change.snareSide.value},
              {"snare_side_error_cents", change.snareSideError.value},
              {"strainer_by_turns", valueOrNull(change.strainer)},
              {"pads_moved", change.padsMoved},
              {"takes_s", change.takes.value},
              {"fits", step.fits},
              {"guessed", drums[*step.drum].isGuessed}};
    if (change.snareSideStays)
        json["snare_side_off_cents"] = change.snareSideOff.value;
    return json;
}

} // namespace

Answer show(const std::string& workbook, const Json& in, std::int64_t now) {
    const auto from = opened(workbook);
    if (!from)
        return from.fault();
    if (!in.contains("numbers") || !in["numbers"].is_array() || in["numbers"].empty())
        return InputProblem{"numbers", "is missing; give the tones in the order of the show"};
    if (in["numbers"].size() > 200)
        return InputProblem{"numbers", "may hold 200 at most"};
    const auto own = from->book->tones();
    if (!own)
        return cannot(own.fault());
    std::vector<ShowNumber> numbers;
    const auto tones = tonesOf(in["numbers"], withCatalogueTones(*own), numbers);
    if (!tones)
        return tones.fault();
    std::vector<std::string> names;
    if (in.contains("drums")) {
        if (!in["drums"].is_array())
            return InputProblem{"drums", "must be a list of names"};
        for (const Json& name : in["drums"])
            if (name.is_string())
                names.push_back(name.get<std::string>());
    } else {
        const auto rows = from->book->drums();
        if (!rows)
            return cannot(rows.fault());
        for (const DrumRow& row : *rows)
            if (!row.isRetired)
                names.push_back(row.drum.id);
    }
    constexpr std::size_t most = 6; // every choice is looked at
    if (names.empty() || names.size() > most)
        return InputProblem{"drums", "must be 1 to 6; name those to choose among"};
    std::vector<DrumInShow> drums;
    for (const std::string& name : names) {
        const auto session = sessionOf(*from, name);
        if (!session)
            return session.fault();
        drums.push_back(drumInShow(*session, of(*from, session->drum.id), *tones, now));
    }
    Json out = Json::array();
    const std::vector<ShowStep> steps = planShow(drums, numbers);
    for (std::size_t i = 0; i < steps.size(); ++i) {
        Json step = stepJson(steps[i], drums);
        step["tone"] = (*tones)[numbers[i].tone].id;
        step["minutes"] = numbers[i].minutes;
        out.push_back(std::move(step));
    }
    return out;
}

namespace {

Json listOf(const QStringList& lines) {
    Json all = Json::array();
    for (const QString& line : lines)
        all.push_back(line.toStdString());
    return all;
}

} // namespace

Answer exportLog(const std::string& workbook, const std::string& file, const std::string& drum,
                 bool isReadings, bool mayReplace) {
    const auto from = opened(workbook);
    if (!from)
        return from.fault();
    std::optional<std::string> only;
    if (!drum.empty()) {
        const auto session = sessionOf(*from, drum);
        if (!session)
            return session.fault();
        only = session->drum.id;
    }
    const auto done = exportTo(QString::fromStdString(file), *from->book, only,
                               isReadings ? Exported::Readings : Exported::ByEnding,
                               mayReplace ? Overwrite::IfAsked : Overwrite::No);
    if (!done)
        return Cannot{done.fault().text.toStdString()};
    return Json{{"file", file}, {"left_out", listOf(done->leftOut)}};
}

Answer logBin(const std::string& workbook, const std::vector<std::int64_t>& restore, bool isEmptied) {
    const auto from = opened(workbook);
    if (!from)
        return from.fault();
    const auto lying = from->book->bin();
    if (!lying)
        return cannot(lying.fault());
    for (const std::int64_t id : restore)
        if (std::none_of(lying->begin(), lying->end(), [id](const Entry& one) { return one.id == id; }))
            return InputProblem{"--restore", "there is no entry " + std::to_string(id) + " in the bin"};
    if (!restore.empty())
        if (const auto done = from->book->deleteEntries({restore.begin(), restore.end()}, false); !done)
            return cannot(done.fault());
    if (isEmptied)
        if (const auto done = from->book->emptyBin(); !done)
            return cannot(done.fault());
    Json entries = Json::array();
    const auto left = from->book->bin();
    for (const Entry& entry : left ? *left : *lying)
        entries.push_back(
            {{"id", entry.id},
             {"saved_at",
              QDateTime::fromSecsSinceEpoch(entry.at, Qt::UTC).toString(Qt::ISODate).toStdString()},
             {"drum", entry.drumId},
             {"tone", entry.toneId}});
    return Json{{"bin", std::move(entries)}, {"restored", restore.size()}};
}

Answer importLog(const std::string& workbook, const std::string& file, bool isPreview) {
    const auto from = opened(workbook);
    if (!from)
        return from.fault();
    const auto plan = importPlanOf(QString::fromStdString(file), *from->book);
    if (!plan)
        return Cannot{plan.fault().text.toStdString()};
    Json out{{"drums", plan->adds.drums.size()},
             {"tones", plan->adds.tones.size()},
             {"entries", plan->adds.entries.size()},
             {"restored", plan->restored},
             {"same", plan->same},
             {"differs", listOf(plan->differs)},
             {"refused", listOf(plan->refused)},
             {"added", !isPreview}};
    if (!isPreview && !plan->addsNothing())
        if (const auto taken = from->book->takeIn(plan->adds); !taken)
            return cannot(taken.fault());
    return out;
}

} // namespace bombo::cli
