#pragma once
/// The verbs of bombo-cli: JSON in, JSON out. Keys carry SI units; docs/cli.md lists them.
#include "core/record/json_values.h"
#include "store/workbook.h"

#include <filesystem>
#include <variant>

namespace bombo::cli {

/// Exit 1: the question was understood but there is no answer; the text says why and what is possible.
struct Cannot {
    std::string reason;
};
/// Exit 2 is an InputProblem: the call itself is wrong.
using Answer = std::variant<Json, Cannot, InputProblem>;

/// Where drums and tones are looked up by name: a workbook, or the built-in demo.
struct Shelf {
    std::vector<DrumRow> drums;
    std::vector<Tone> tones;
    Catalogue catalogue;
};
Result<Shelf, WorkbookProblem> openShelf(const std::string& workbookPath);

/// "drum": a name or id of the shelf, or an object (docs/cli.md).
Result<Drum, InputProblem> drumAt(const Json& in, const Shelf& shelf);
Result<Tone, InputProblem> toneAt(const Json& in, const Shelf& shelf);
/// {temperature_c, relative_humidity, altitude_m} at a key; 20 C, half humid, at the sea without it.
/// @param usual  what is left out is as there
Result<Weather, InputProblem> weatherAt(const Json& in, const char* key = "weather",
                                        const Weather& usual = {});
/// "tone", and with it "wish" and "school".
Result<ToneBrief, InputProblem> briefAt(const Json& in, const Shelf& shelf);
/// A pair of wishes about pitch by its keys (docs/cli.md); empty when none of them is there.
Result<std::optional<PitchWish>, InputProblem> pitchWishAt(const Json& in);
/// What stands in the way, as half a sentence.
std::string limitWords(TargetLimit limit);
/// "head": "batter" (the default) or "snare_side".
Result<HeadSide, InputProblem> sideAt(const Json& in);
/// An array of numbers at `key`, of `count` entries if count > 0.
Result<std::vector<double>, InputProblem> numbersAt(const Json& in, const std::string& key, int count);
/// A quantity's value; null without one.
template <class T> Json valueOrNull(const std::optional<T>& value) {
    return value ? Json(value->value) : Json();
}

Answer modes(const Json& in, const Shelf& shelf);
Answer plan(const Json& in, const Shelf& shelf);
/// The tuned drum taken into other weather.
Answer weather(const Json& in, const Shelf& shelf);
Answer correct(const Json& in, const Shelf& shelf);
Json pitchesJson(const NamedPitches& pitches);
/// A recorded hit as a tone for a drum.
Answer toneFrom(const std::string& file, const std::string& drum, const Shelf& shelf);
Answer even(const Json& in, const Shelf& shelf);
Answer wires(const Json& in, const Shelf& shelf);
/// Other instruments beside the drum in a tone: where they meet, and what calms the wires.
Answer buzz(const Json& in, const Shelf& shelf);
Answer muffle(const Json& in, const Shelf& shelf);
Answer practice(const Json& in, const Shelf& shelf, const std::filesystem::path& out,
                bool mayReplace = false);

struct ListenOptions {
    std::vector<std::string> files;
    std::string drum;
    std::string head = "batter";
    double edgeHz = 0;     ///< expected edge pitch; 0: from the drum's middle range, or none without a drum
    int round = 0;         ///< expected number of clear taps; 0: any
    double clockCents = 0; ///< by how much the recorder's clock reads sharp
};
Answer listen(const ListenOptions& options, const Shelf& shelf);
/// How sharp the clock reads that recorded a steady tone of known pitch.
Answer calibrate(const std::string& file, double referenceHz);

/// What can be read of a damaged workbook, with a list of what could not.
Answer rescue(const std::string& from, const std::string& to);
Answer listLog(const std::string& workbookPath);
/// The moves from the drum as its newest session has it to an entry. @param same pitches, feel or turns
/// @param drum another one than the entry's; empty: that one @param now seconds since 1970, UTC
Answer wayBack(const std::string& workbook, std::int64_t id, const std::string& same, const std::string& drum,
               std::int64_t now);
Answer compareEntries(const std::string& workbook, std::int64_t id, std::int64_t other);
/// What moved a drum between its entries, what to expect now, and what is due.
Answer driftOf(const std::string& workbook, const std::string& drum, std::int64_t now);
/// A show: which drum plays each number, and what is done to it before. @param now seconds since 1970, UTC
Answer show(const std::string& workbook, const Json& in, std::int64_t now);
/// What may be wrong with a drum, the next thing to try, or the remedy. @param workbook empty: nothing is
/// known of the drum @param now seconds since 1970, UTC
Answer faults(const std::string& workbook, const Json& in, std::int64_t now);
/// By the ending of the file: .json or .csv. @param drum empty: all
Answer exportLog(const std::string& workbook, const std::string& file, const std::string& drum,
                 bool isReadings, bool mayReplace);
/// Restores entries, or removes all in the bin for good. @return what is in the bin then
Answer logBin(const std::string& workbook, const std::vector<std::int64_t>& restore, bool isEmptied);
Answer importLog(const std::string& workbook, const std::string& file, bool isPreview);
Answer saveLog(const std::string& workbookPath, const Json& in, const std::string& now);

} // namespace bombo::cli
