/// The JSON of every verb of bombo-cli: an answer in finite figures, a reason, or the place of the fault.
#include "json_mutator.h"

#include "cli/keys.h"
#include "cli/verbs.h"

#include <QCoreApplication>
#include <QTemporaryDir>
#include <cmath>
#include <cstdio>
#include <cstdlib>

namespace {

using namespace bombo;
using cli::Answer;
using cli::Shelf;

struct Verb {
    const char* name;
    const char* seed;
    Answer (*answer)(const Json&, const Shelf&);
};

std::filesystem::path soundOut() {
    static const QTemporaryDir folder;
    return folder.filePath(QStringLiteral("round.wav")).toStdString();
}

const std::vector<Verb>& verbs() {
    static const std::vector<Verb> all{
        {"modes",
         R"({"diameter_m":0.33,"depth_m":0.15,"air":"both","batter":{"areal_density_kg_per_m2":0.385,
             "tension_n_per_m":3000},"snare_side":{"areal_density_kg_per_m2":0.106,"tension_n_per_m":2400}})",
         cli::modes},
        {"plan", R"({"drum":"Plover","tone":"chase","wish":{"high":0.2},"weather":{"temperature_c":5}})",
         cli::plan},
        {"correct", R"({"drum":"Plover","tone":"chase","heard":{"batter_edge_hz":288,"centre_hz":196}})",
         cli::correct},
        {"weather",
         R"({"drum":"Nightjar","tone":"storm","from":{"temperature_c":22},
             "to":{"temperature_c":5,"relative_humidity":0.8}})",
         cli::weather},
        {"even",
         R"({"drum":"Wren","head":"batter","target_hz":400,"rods_hz":[396,401,404,397,400,405],
             "turns":[2,2,2,2,2,2],"tolerance_cents":8})",
         cli::even},
        {"wires",
         R"({"drum":"Plover","tone":"chase","strainer_turns":1,
             "tests":[{"turns":1,"place":"edge","dynamic":"whisper","answer":"answered"}]})",
         cli::wires},
        {"buzz",
         R"({"drum":"Plover","tone":"chase","neighbours":[{"name":"high tom","kind":"tom","pitch_hz":185}]})",
         cli::buzz},
        {"muffle",
         R"({"drum":"Plover","tone":"chase","items":[{"kind":"gel-pad","radius_m":0.13,"angle_deg":60}]})",
         cli::muffle},
        {"practice", R"({"drum":"Wren","seed":5,"turns":[2,2,2,2,2,2]})",
         [](const Json& in, const Shelf& shelf) { return cli::practice(in, shelf, soundOut(), true); }}};
    return all;
}

const fuzz::Seeds& seeds() {
    static const fuzz::Seeds all = [] {
        fuzz::Seeds texts;
        for (const Verb& verb : verbs())
            texts.emplace_back(verb.seed);
        return texts;
    }();
    return all;
}

bool isFinite(const Json& json) {
    if (json.is_number_float())
        return std::isfinite(json.get<double>());
    if (json.is_structured())
        for (const Json& one : json)
            if (!isFinite(one))
                return false;
    return true;
}

} // namespace

extern "C" std::size_t LLVMFuzzerCustomMutator(std::uint8_t* data, std::size_t size, std::size_t maxSize,
                                               unsigned seed) {
    return fuzz::mutateJson(data, size, maxSize, seed, seeds());
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static int argc = 0;
    static const QCoreApplication application(argc, nullptr);
    static const Shelf shelf = cli::openShelf({}).value();
    if (size < 1)
        return 0;
    const Verb& verb = verbs()[data[0] % verbs().size()];
    const auto json = cli::inputOf(verb.name, std::string(reinterpret_cast<const char*>(data) + 1, size - 1));
    if (!json)
        return 0;
    const Answer answer = verb.answer(*json, shelf);
    if (const auto* given = std::get_if<Json>(&answer); given != nullptr && !isFinite(*given)) {
        std::fprintf(stderr, "%s: a figure that is none in %s\n", verb.name, given->dump().c_str());
        std::abort();
    }
    return 0;
}
