#include "cli/keys.h"
#include "cli/verbs.h"
#include "core/reading/steady_tone.h"
#include "store/demo.h"
#include "store/times.h"

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <QDateTime>
#include <filesystem>
#include <fstream>
#include <iostream>

namespace {

using namespace bombo;

constexpr int kDone = 0;
constexpr int kCannot = 1;
constexpr int kWrongCall = 2;

/// A message with what somebody wrote in it: no control characters, and no longer than a screen.
std::string printable(std::string text) {
    constexpr std::size_t most = 2000;
    if (text.size() > most)
        text = text.substr(0, most) + "...";
    for (char& c : text)
        if ((c >= 0 && c < 0x20 && c != '\n') || c == 0x7f)
            c = '?';
    return text;
}

int print(const cli::Answer& answer) {
    if (const auto* json = std::get_if<Json>(&answer)) {
        std::cout << json->dump(2, ' ', false, Json::error_handler_t::replace) << '\n';
        return kDone;
    }
    if (const auto* cannot = std::get_if<cli::Cannot>(&answer)) {
        std::cerr << "bombo-cli: " << printable(cannot->reason) << '\n';
        return kCannot;
    }
    std::cerr << "bombo-cli: " << printable(std::get<InputProblem>(answer).text()) << '\n';
    return kWrongCall;
}

/// JSON of a file, or of standard input for "-", with keys that the verb knows.
Result<Json, InputProblem> readJson(const std::string& verb, const std::string& path) {
    std::string text;
    try {
        if (path == "-") {
            text.assign(std::istreambuf_iterator<char>(std::cin), {});
        } else {
            if (std::filesystem::is_directory(path))
                return failure(InputProblem{path, "is a folder; give a file"});
            std::ifstream file(path);
            if (!file)
                return failure(InputProblem{path, "cannot be read; check the name"});
            text.assign(std::istreambuf_iterator<char>(file), {});
        }
    } catch (const std::exception& error) {
        return failure(InputProblem{path, std::string("cannot be read: ") + error.what()});
    }
    return cli::inputOf(verb, text);
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv); // the SQL driver is a Qt plug-in
    CLI::App app{"Bombo on the command line: every computation, JSON in and JSON out.\n"
                 "Exit 0 done, 1 cannot (the reason is printed), 2 wrong call."};
    app.require_subcommand(1);
    std::string workbook;
    app.add_option("--workbook", workbook, "Look up drums and tones here instead of in the demo");
    std::string input = "-";
    int code = kDone;

    auto withInput = [&](CLI::App* verb, auto answer) {
        verb->add_option("input", input, "JSON file; - or nothing: standard input");
        verb->footer(verb->get_footer() + "\n" + cli::keysAsText(verb->get_name()));
        verb->callback([&, answer, verb] {
            const auto shelf = cli::openShelf(workbook);
            if (!shelf) {
                code = print(cli::Cannot{problemText(shelf.fault()).toStdString()});
                return;
            }
            const auto json = readJson(verb->get_name(), input);
            code = json ? print(answer(*json, *shelf)) : print(json.fault());
        });
    };

    auto* modes = app.add_subcommand("modes", "Modes of the two heads and the air between them");
    modes->footer(R"(Example: echo '{"diameter_m":0.33,"depth_m":0.15,"air":"both",
 "batter":{"areal_density_kg_per_m2":0.385,"tension_n_per_m":3000},
 "snare_side":{"areal_density_kg_per_m2":0.106,"tension_n_per_m":2400}}' | bombo-cli modes)");
    withInput(modes, cli::modes);

    auto* plan = app.add_subcommand("plan", "From a tone or a pair of pitches to the targets of both heads");
    plan->footer(R"(Example: echo '{"drum":"Plover","tone":"chase"}' | bombo-cli plan)");
    withInput(plan, cli::plan);

    auto* correct = app.add_subcommand("correct", "From heard pitches to the turns on both heads, in one go");
    correct->footer(R"(Example: echo '{"drum":"Plover","tone":"chase",
 "heard":{"batter_edge_hz":288,"centre_hz":196}}' | bombo-cli correct)");
    withInput(correct, cli::correct);

    auto* weather = app.add_subcommand("weather", "What the tuned drum does in other weather, no rod turned");
    weather->footer(R"(Example: echo '{"drum":"Nightjar","tone":"storm","from":{"temperature_c":22},
 "to":{"temperature_c":5,"relative_humidity":0.8}}' | bombo-cli weather)");
    withInput(weather, cli::weather);

    std::string hitFile;
    std::string hitDrum;
    auto* tone = app.add_subcommand("tone", "A recorded hit as a tone for a drum");
    tone->add_option("file", hitFile, "WAV or FLAC file of one or more hits, wires on")->required();
    tone->add_option("--drum", hitDrum, "Drum by name")->required();
    tone->footer("Example: bombo-cli tone round.wav --drum Wren");
    tone->callback([&] {
        const auto shelf = cli::openShelf(workbook);
        code = shelf ? print(cli::toneFrom(hitFile, hitDrum, *shelf))
                     : print(cli::Cannot{problemText(shelf.fault()).toStdString()});
    });

    auto* even = app.add_subcommand("even", "From a round of edge taps to the fewest key moves");
    even->footer(R"(Example: echo '{"drum":"Wren","head":"batter","target_hz":400,
 "rods_hz":[396,401,404,397,400,405],"turns":[2,2,2,2,2,2],"tolerance_cents":8}' | bombo-cli even)");
    withInput(even, cli::even);

    auto* wires = app.add_subcommand("wires", "From answers at strainer stops to the setting");
    wires->footer(R"(Example: echo '{"drum":"Plover","tone":"chase","strainer_turns":1,
 "tests":[{"turns":1,"place":"edge","dynamic":"whisper","answer":"answered"}]}' | bombo-cli wires)");
    withInput(wires, cli::wires);

    auto* buzz = app.add_subcommand("buzz", "Which instruments set the wires going, and what calms them");
    buzz->footer(R"(Example: echo '{"drum":"Plover","tone":"chase",
 "neighbours":[{"name":"high tom","kind":"tom","pitch_hz":185}]}' | bombo-cli buzz)");
    withInput(buzz, cli::buzz);

    auto* muffle = app.add_subcommand("muffle", "Ring time with pads on the batter");
    muffle->footer(R"(Example: echo '{"drum":"Plover","tone":"chase",
 "items":[{"kind":"gel-pad","radius_m":0.13,"angle_deg":60}]}' | bombo-cli muffle)");
    withInput(muffle, cli::muffle);

    std::string soundOut;
    auto* practice = app.add_subcommand("practice", "A round of taps on the practice drum, as a WAV file");
    practice->add_option("--out", soundOut, "WAV file to write")->required();
    bool mayReplace = false;
    practice->add_flag("--replace", mayReplace, "Write over a file of that name");
    practice->footer(
        R"(Example: echo '{"drum":"Wren","seed":5,"turns":[2,2,2,2,2,2]}' | bombo-cli practice --out round.wav)");
    withInput(practice, [&soundOut, &mayReplace](const Json& in, const cli::Shelf& shelf) {
        return cli::practice(in, shelf, soundOut, mayReplace);
    });

    cli::ListenOptions listening;
    auto* listen = app.add_subcommand("listen", "What the taps in sound files say");
    listen->add_option("files", listening.files, "WAV or FLAC files")->required();
    listen->add_option("--round", listening.round, "Fail unless each file holds this many clear taps")
        ->check(CLI::Range(1, 40));
    listen->add_option("--drum", listening.drum, "Drum by name, to tell its modes apart");
    listen->add_option("--head", listening.head, "batter or snare_side");
    listen->add_option("--edge-hz", listening.edgeHz, "Edge pitch to expect")
        ->check(CLI::Range(20.0, 2000.0));
    listen->add_option("--clock-cents", listening.clockCents, "How sharp the recorder's clock reads")
        ->check(CLI::Range(-kFarthestClock.value, kFarthestClock.value));
    listen->footer("Example: bombo-cli listen round.wav --drum Wren --round 6");
    listen->callback([&] {
        const auto shelf = cli::openShelf(workbook);
        code = shelf ? print(cli::listen(listening, *shelf))
                     : print(cli::Cannot{problemText(shelf.fault()).toStdString()});
    });

    std::string toneFile;
    double referenceHz = 440.0;
    auto* calibrate =
        app.add_subcommand("calibrate", "How sharp a recorder's clock reads, from a steady tone");
    calibrate->add_option("file", toneFile, "WAV or FLAC file with the tone")->required();
    calibrate->add_option("--reference-hz", referenceHz, "What the tone is by the device that is trusted")
        ->check(CLI::Range(80.0, 4000.0));
    calibrate->footer("Example: bombo-cli calibrate tone.wav --reference-hz 440");
    calibrate->callback([&] { code = print(cli::calibrate(toneFile, referenceHz)); });

    bool save = false;
    auto* log = app.add_subcommand("log", "The logbook of a workbook: list it, or save a setup to it");
    log->add_flag("--save", save, "Save the setup given as JSON");
    log->add_option("input", input, "JSON file; - or nothing: standard input");
    log->footer(
        R"(Example: echo '{"drum":"plover","tone":"chase","setup":{"strainer_turns":1.5}}' | bombo-cli --workbook my.bombo log --save)");
    const auto needsWorkbook = [&](auto answer) {
        return [&workbook, &code, answer] {
            code = workbook.empty() ? print(InputProblem{"--workbook", "is needed before log"}) : answer();
        };
    };
    const auto nowUtc = [] { return QDateTime::currentSecsSinceEpoch(); };
    std::int64_t entryId = 0;
    std::int64_t otherId = 0;
    std::string same = "pitches";
    std::string logDrum;
    std::string logFile;
    bool isPreview = false;
    bool isReadings = false;
    auto* back = log->add_subcommand("back", "The moves from the drum as it stands to an entry");
    back->add_option("entry", entryId, "Number of the entry")->required();
    back->add_option("--same", same, "What is to be the same")
        ->check(CLI::IsMember({"pitches", "feel", "turns"}));
    back->add_option("--drum", logDrum, "Another drum than the entry's");
    back->callback(
        needsWorkbook([&] { return print(cli::wayBack(workbook, entryId, same, logDrum, nowUtc())); }));
    auto* compare =
        log->add_subcommand("compare", "What differs between two entries, and what of it is heard");
    compare->add_option("entry", entryId, "Number of an entry")->required();
    compare->add_option("other", otherId, "Number of the other")->required();
    compare->callback(needsWorkbook([&] { return print(cli::compareEntries(workbook, entryId, otherId)); }));
    auto* drift = log->add_subcommand("drift", "What moved a drum between its entries, and what is due");
    drift->add_option("drum", logDrum, "Drum by name or id")->required();
    drift->callback(needsWorkbook([&] { return print(cli::driftOf(workbook, logDrum, nowUtc())); }));
    auto* exporting = log->add_subcommand("export", "Drums, tones and entries as JSON, or entries as CSV");
    exporting->add_option("file", logFile, "File to make, .json or .csv")->required();
    exporting->add_option("--drum", logDrum, "One drum alone");
    exporting->add_flag("--readings", isReadings,
                        "Every reading of every rod as CSV, instead of the entries");
    exporting->add_flag("--replace", mayReplace, "Write over a file of that name; never over a workbook");
    exporting->callback(needsWorkbook(
        [&] { return print(cli::exportLog(workbook, logFile, logDrum, isReadings, mayReplace)); }));
    auto* bin = log->add_subcommand("bin", "Deleted entries, until the bin is emptied");
    std::vector<std::int64_t> fromBin;
    bool isEmptied = false;
    bin->add_option("--restore", fromBin, "Numbers of entries to restore");
    bin->add_flag("--empty", isEmptied, "Remove them for good");
    bin->callback(needsWorkbook([&] { return print(cli::logBin(workbook, fromBin, isEmptied)); }));
    auto* importing = log->add_subcommand("import", "Takes in what export has made, or a table");
    importing->add_option("file", logFile, "File to take in, .json or .csv")->required();
    importing->add_flag("--preview", isPreview, "Only say what would be added");
    importing->callback(needsWorkbook([&] { return print(cli::importLog(workbook, logFile, isPreview)); }));
    log->callback([&] {
        if (!log->get_subcommands().empty())
            return;
        needsWorkbook([&] {
            if (!save)
                return print(cli::listLog(workbook));
            const auto json = readJson("log", input);
            return json ? print(cli::saveLog(workbook, *json, timeNow().toStdString())) : print(json.fault());
        })();
    });

    auto* show =
        app.add_subcommand("show", "A show: which drum plays each number, and what is turned before it");
    show->add_option("input", input, "JSON file; - or nothing: standard input");
    show->footer(std::string(R"(Example: echo '{"numbers":[{"tone":"chase"},{"tone":"storm","minutes":4}]}' |
 bombo-cli --workbook my.bombo show)") +
                 "\n" + cli::keysAsText("show"));
    show->callback([&] {
        if (workbook.empty()) {
            code = print(InputProblem{"--workbook", "is needed before show"});
            return;
        }
        const auto json = readJson("show", input);
        code = json ? print(cli::show(workbook, *json, nowUtc())) : print(json.fault());
    });

    auto* faults = app.add_subcommand("faults", "What may be wrong with a drum, and what to try next");
    faults->add_option("input", input, "JSON file; - or nothing: standard input");
    faults->footer(
        std::string(
            R"(Example: echo '{"complaint":"dull","answers":{"thumb_snare":"slack"}}' | bombo-cli faults)") +
        "\n" + cli::keysAsText("faults"));
    faults->callback([&] {
        const auto json = readJson("faults", input);
        code = json ? print(cli::faults(workbook, *json, nowUtc())) : print(json.fault());
    });

    auto* keys = app.add_subcommand("keys", "Every key of every verb, as the tables of docs/cli.md");
    keys->callback([] { std::cout << cli::keysAsMarkdown(); });

    std::string rescueFrom;
    std::string rescueTo;
    auto* rescue = app.add_subcommand("rescue", "What can still be read of a damaged workbook, in a new one");
    rescue->add_option("file", rescueFrom, "The damaged workbook; it is only read")->required();
    rescue->add_option("out", rescueTo, "The new one to make")->required();
    rescue->footer("Example: bombo-cli rescue season.bombo season-rescued.bombo");
    rescue->callback([&] { code = print(cli::rescue(rescueFrom, rescueTo)); });

    std::string demoPath;
    auto* demo = app.add_subcommand("demo", "Make the demo workbook");
    demo->add_option("path", demoPath, "File to make")->required();
    demo->footer("Example: bombo-cli demo picture-house.bombo");
    demo->callback([&] {
        const auto made = createDemoWorkbook(QString::fromStdString(demoPath));
        code = made ? print(Json{{"workbook", demoPath}})
                    : print(cli::Cannot{problemText(made.fault()).toStdString()});
    });

    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        return app.exit(error) == 0 ? kDone : kWrongCall;
    } catch (const std::exception& error) { // a bug; it is told and not thrown at the user
        std::cerr << "bombo-cli: this should not happen, please report it: " << error.what() << '\n';
        return kCannot;
    }
    return code;
}
