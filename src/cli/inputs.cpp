#include "cli/verbs.h"
#include "store/demo.h"
#include "store/resources.h"

#include <algorithm>
#include <fmt/format.h>

namespace bombo::cli {

Result<Shelf, WorkbookProblem> openShelf(const std::string& workbookPath) {
    if (workbookPath.empty())
        return Shelf{demoDrums(), withCatalogueTones(demoTones()), catalogue()};
    const auto book = Workbook::open(QString::fromStdString(workbookPath));
    if (!book)
        return failure(book.fault());
    const auto drums = book.value()->drums();
    if (!drums)
        return failure(drums.fault());
    const auto tones = book.value()->tones();
    if (!tones)
        return failure(tones.fault());
    return Shelf{*drums, withCatalogueTones(*tones), catalogue()};
}

Result<Drum, InputProblem> drumAt(const Json& in, const Shelf& shelf) {
    const auto found = in.find("drum");
    if (found == in.end())
        return failure(InputProblem{"drum", "is missing; give a drum's name or its figures"});
    if (!found->is_string()) {
        auto drum = drumFromJson(*found, shelf.catalogue);
        if (!drum)
            return failure(InputProblem{"drum." + drum.fault().key, drum.fault().message});
        return drum;
    }
    const auto name = found->get<std::string>();
    for (const DrumRow& row : shelf.drums)
        if (row.drum.name == name || row.drum.id == name)
            return row.drum;
    std::string known;
    for (const DrumRow& row : shelf.drums)
        known += (known.empty() ? "" : ", ") + row.drum.name;
    return failure(InputProblem{"drum", fmt::format("there is no drum \"{}\"; known are {}", name, known)});
}

Result<Tone, InputProblem> toneAt(const Json& in, const Shelf& shelf) {
    const auto found = in.find("tone");
    if (found == in.end())
        return failure(InputProblem{"tone", "is missing; give a tone's id or its figures"});
    if (!found->is_string())
        return toneFromJson(*found);
    const auto id = found->get<std::string>();
    for (const Tone& tone : shelf.tones)
        if (tone.id == id)
            return tone;
    std::string known;
    for (const Tone& tone : shelf.tones)
        known += (known.empty() ? "" : ", ") + tone.id;
    return failure(InputProblem{"tone", fmt::format("there is no tone \"{}\"; known are {}", id, known)});
}

Result<HeadSide, InputProblem> sideAt(const Json& in) {
    if (!in.contains("head"))
        return HeadSide::Batter;
    const auto text = textAt(in, "head");
    if (!text)
        return failure(text.fault());
    if (*text == "batter")
        return HeadSide::Batter;
    if (*text == "snare_side")
        return HeadSide::SnareSide;
    return failure(InputProblem{"head", "must be \"batter\" or \"snare_side\""});
}

Result<std::vector<double>, InputProblem> numbersAt(const Json& in, const std::string& key, int count) {
    const auto found = in.find(key);
    if (found == in.end())
        return failure(InputProblem{key, "is missing; give an array of numbers"});
    if (!found->is_array())
        return failure(InputProblem{key, "must be an array of numbers"});
    if (count > 0 && static_cast<int>(found->size()) != count)
        return failure(InputProblem{
            key, fmt::format("has {} numbers where {} are needed, one a rod", found->size(), count)});
    std::vector<double> numbers;
    for (const Json& entry : *found) {
        if (!entry.is_number())
            return failure(InputProblem{key, "must hold numbers only"});
        numbers.push_back(entry.get<double>());
    }
    return numbers;
}

Json pitchesJson(const NamedPitches& p) {
    return {{"batter_edge_hz", p.batterEdge.value},
            {"snare_side_edge_hz", p.snareSideEdge.value},
            {"centre_hz", p.centre.value},
            {"edge_over_centre", p.edgeOverCentre}};
}

} // namespace bombo::cli
