/// The keys of each verb.
#include "cli/keys.h"
#include "store/resources.h"

#include <map>

namespace bombo::cli {
namespace {

using Keys = std::vector<Key>;

Keys joined(std::initializer_list<Keys> parts) {
    Keys all;
    for (const Keys& part : parts)
        all.insert(all.end(), part.begin(), part.end());
    return all;
}

Keys headOf(const std::string& at, const std::string& words) {
    return {{at, kText | kObject, {}, {}, "", words},
            {at + ".id", kText},
            {at + ".name", kText},
            {at + ".thickness_m", kNumber, 1e-5, 2e-3, "", "of the film that carries, all plies"},
            {at + ".areal_density_kg_per_m2", kNumber, 0.02, 2.0},
            {at + ".modulus_pa", kNumber, 1e8, 1e11, "", "4.5e9 without it"},
            {at + ".poisson", kNumber, 0.0, 0.5, "", "0.38 without it"},
            {at + ".yield_pa", kNumber, 1e6, 1e10, "", "1e8 without it"},
            {at + ".loss_factor", kNumber, 0.0, 1.0, "", "0.007 without it"},
            {at + ".source", kText},
            {at + ".plies", kWhole, 1, 4},
            {at + ".coating", kText},
            {at + ".reinforcement", kText},
            {at + ".vents", kWhole, 0, 100},
            {at + ".modulus_per_kelvin", kNumber, -0.1, 0.1},
            {at + ".expansion_per_kelvin", kNumber, -1e-3, 1e-3},
            {at + ".expansion_per_humidity", kNumber, -0.1, 0.1}};
}

Keys drumKeys() {
    return joined(
        {{{"drum", kText | kObject, {}, {}, "", "a name or id, or the drum itself"},
          {"drum.id", kText},
          {"drum.name", kText},
          {"drum.diameter_m", kNumber, 0.15, 0.6},
          {"drum.depth_m", kNumber, 0.03, 0.6},
          {"drum.material", kText, {}, {}, "", "of data/shells.json or any other word; wood without it"},
          {"drum.expansion_per_kelvin", kNumber, -1e-3, 1e-3},
          {"drum.expansion_per_humidity", kNumber, -0.1, 0.1},
          {"drum.rods", kWhole, kFewestRods, kMostRods, "", "a side; 8 without it"}},
         headOf("drum.batter", "an id of data/heads.json, or the head itself"),
         headOf("drum.snare_side", "likewise"),
         {{"drum.hoop", kText | kObject, {}, {}, "", "a kind of data/hoops.json, or the hoop itself"},
          {"drum.hoop.kind", kText},
          {"drum.hoop.per_turn_n_per_m", kNumber, 200, 20000},
          {"drum.wires", kObject},
          {"drum.wires.strands", kWhole, 1, 60},
          {"drum.wires.material", kText},
          {"drum.wires.mass_kg", kNumber, 0.001, 0.1},
          {"drum.wires.slack_turns", kNumber, -10, 10},
          {"drum.marked_rod", kWhole, 0, kMostRods, "", "the one beside the badge; 0: none"},
          {"drum.fitted_at", kObject, {}, {}, "", "since when each part is on, seconds since 1970"},
          {"drum.fitted_at.batter", kWhole, 0, kLatestTime},
          {"drum.fitted_at.snare_side", kWhole, 0, kLatestTime},
          {"drum.fitted_at.wires", kWhole, 0, kLatestTime},
          {"drum.played_before_hours", kObject, {}, {}, "", "of a used head, before it came onto this drum"},
          {"drum.played_before_hours.batter", kNumber, 0, kMostPlayedBefore},
          {"drum.played_before_hours.snare_side", kNumber, 0, kMostPlayedBefore},
          {"drum.guessed", kObject, {}, {}, "", "what its owner does not know"},
          {"drum.guessed.shell", kFlag},
          {"drum.guessed.batter", kFlag},
          {"drum.guessed.snare_side", kFlag},
          {"drum.guessed.wires", kFlag},
          {"drum.guessed.hoop", kFlag}}});
}

std::string joinedWith(const std::vector<std::string>& names, const std::string& last = {}) {
    std::string all;
    for (const std::string& name : names)
        all += (all.empty() ? "" : "|") + name;
    return last.empty() ? all : all + "|" + last;
}

Keys faultKeys() {
    const FaultNet& net = faultNet();
    std::vector<std::string> complaints;
    for (const Complaint& complaint : net.complaints)
        complaints.push_back(complaint.id);
    Keys keys{{"complaint", kText, {}, {}, joinedWith(complaints), "what is wrong, in plain words"},
              {"drum", kText, {}, {}, "", "a name or id of the workbook; nothing is known of it without it"},
              {"answers", kObject, {}, {}, "", "what was found so far"}};
    for (const FaultTest& test : net.tests)
        keys.push_back({"answers." + test.id, kText, {}, {}, joinedWith(test.answers, "not_sure"), ""});
    return keys;
}

Keys toneKeys() {
    return {{"tone", kText | kObject, {}, {}, "", "an id, or the tone itself"},
            {"tone.id", kText},
            {"tone.name", kText},
            {"tone.reason", kText},
            {"tone.batter_edge_at_14_in_hz", kNumber, 20, 2000},
            {"tone.batter_edge_span_cents", kNumber, 0, 4800, "", "120 without it"},
            {"tone.snare_side_above_cents", kNumber, -4800, 4800},
            {"tone.snare_side_span_cents", kNumber, 0, 4800, "", "150 without it"},
            {"tone.ring_s", kNumber, 0.001, 100},
            {"tone.ring_span_factor", kNumber, 1, 100, "", "1.3 without it"},
            {"tone.wire_margin", kNumber, 0, 1},
            {"tone.wire_span", kNumber, 0, 10, "", "0.2 without it"},
            {"tone.muffling", kText},
            {"tone.origin", kText},
            {"tone.wires_off", kFlag},
            {"tone.buzz_s", kNumber, 0, 100},
            {"tone.brightness_hz", kNumber, 0, 100000},
            {"tone.reasons", kObject},
            {"tone.reasons.batter", kText},
            {"tone.reasons.snare_side", kText},
            {"tone.reasons.wires", kText},
            {"tone.reasons.muffling", kText}};
}

Keys wishKeys() {
    return {{"wish", kObject, {}, {}, "", "within the tone's own spans; 0 without it"},
            {"wish.high", kNumber, -1, 1},
            {"wish.longer", kNumber, -1, 1},
            {"wish.wire", kNumber, -1, 1},
            {"wish.feel", kNumber, -1, 1}};
}

Keys schoolKeys() {
    return {{"school", kObject, {}, {}, "", "how high the snare side stands"},
            {"school.level",
             kText,
             {},
             {},
             "as_tone|interval|little_above|matched|near_limit|edge_over_centre|counted_turns",
             "as_tone without it"},
            {"school.interval_cents", kNumber, -4800, 4800},
            {"school.edge_over_centre", kNumber, 0.1, 10}};
}

Keys weatherKeys(const std::string& at = "weather") {
    return {{at, kObject, {}, {}, "", "20 C, half humid, at the sea without it"},
            {at + ".temperature_c", kNumber, -20, 50},
            {at + ".relative_humidity", kNumber, 0, 1},
            {at + ".altitude_m", kNumber, -500, 6000}};
}

Keys tunedKeys() {
    return joined({drumKeys(), toneKeys(), wishKeys(), schoolKeys(), weatherKeys()});
}

const Key kHead{"head", kText, {}, {}, "batter|snare_side", "batter without it"};
const Key kStrainer{"strainer_turns", kNumber, 0, 6, "", "of the knob from first contact"};

Keys pairKeys() {
    return {
        {"batter_edge_hz", kNumber, 20, 2000, "", "instead of a tone: with one of the next three"},
        {"snare_side_edge_hz", kNumber, 20, 2000},
        {"interval_cents", kNumber, -4800, 4800},
        {"snare_side_film_load", kNumber, 0, 1},
        {"centre_hz", kNumber, 20, 2000, "", "instead of a tone: with interval_cents or edge_over_centre"},
        {"edge_over_centre", kNumber, 0.1, 10},
        {"batter_turns", kNumber, 0, 60, "", "instead of a tone: with snare_side_turns"},
        {"snare_side_turns", kNumber, 0, 60}};
}

/// A round of taps, at the top or in a past one.
Keys roundKeys(const std::string& at) {
    Keys keys{
        {at + "rods_hz", kNumbers, 20, 5000, "", "one a rod, or readings"},
        {at + "second_hz", kNumbers, 0, 5000, "", "the (2,1) pair, one a rod; 0 where it was not heard"},
        {at + "readings", kList, {}, {}, "", "as listen gives them; several at a rod settle to one"},
        {at + "readings[].rod", kWhole, 1, kMostRods},
        {at + "readings[].frequency_hz", kNumber, 20, 5000},
        {at + "readings[].partials", kList},
        {at + "readings[].partials[].frequency_hz", kNumber, 0, 100000},
        {at + "readings[].partials[].amplitude", kNumber, 0, 1e6}};
    // What listen says beside; not needed here.
    for (const char* other : {"onset_s", "marker", "verdict", "caution", "reason", "standard_error_hz",
                              "beat_hz", "glide_cents", "at_start_hz", "second_hz", "t60_s", "level_db"})
        keys.push_back({at + "readings[]." + other, kFree, {}, {}, "", "passed over"});
    for (const char* other : {"m", "order", "t60_s", "level_db", "standard_error_hz"})
        keys.push_back({at + "readings[].partials[]." + other, kFree, {}, {}, "", "passed over"});
    return keys;
}

Keys evenKeys() {
    return joined({drumKeys(),
                   {kHead,
                    {"target_hz", kNumber, 20, 2000, "", "edge pitch, other head muted"},
                    {"turns", kNumbers, -60, 60, "", "since finger-tight, one a rod"},
                    {"tolerance_cents", kNumber, 0.1, 200, "", "10 without it"},
                    {"school", kText, {}, {}, "to_target|raise_only|lower_only", "to_target without it"},
                    {"gauge", kNumbers, 0.01, 10000, "", "marks, one a rod"},
                    {"hoop_gap_mm", kNumbers, 0.1, 60, "", "from hoop to shell, one a rod"}},
                   roundKeys(""),
                   {{"history", kList, {}, {}, "", "rounds before this one, oldest first"},
                    {"history[].moves", kList, {}, {}, "", "made after that round"},
                    {"history[].moves[].rod", kWhole, 1, kMostRods},
                    {"history[].moves[].turns", kNumber, -12, 12}},
                   roundKeys("history[].")});
}

Keys wiresKeys() {
    return joined({drumKeys(),
                   toneKeys(),
                   wishKeys(),
                   weatherKeys(),
                   {kStrainer,
                    {"school",
                     kText,
                     {},
                     {},
                     "as_tone|loosest_clean|equal_lengths|dry|wet",
                     "by what the setting is judged"},
                    {"tests", kList, {}, {}, "", "answers at stops of the knob"},
                    {"tests[].turns", kNumber, 0, 6},
                    {"tests[].place", kText, {}, {}, "middle|edge"},
                    {"tests[].dynamic", kText, {}, {}, "whisper|soft|medium|loud"},
                    {"tests[].answer", kText, {}, {}, "answered|late|not|choked|rattled|clean"},
                    {"lengths", kList, {}, {}, "", "buzz and tone heard at stops"},
                    {"lengths[].turns", kNumber, 0, 6},
                    {"lengths[].buzz_s", kNumber, 0.001, 100},
                    {"lengths[].tone_s", kNumber, 0.001, 100},
                    {"voice", kObject, {}, {}, "", "a voice beside the drum, as sound files"},
                    {"voice.lever_off", kText},
                    {"voice.lever_on", kText},
                    {"layout", kObject, {}, {}, "", "of the wires, by the rule"},
                    {"layout.strands_m", kNumber, 0.05, 0.6},
                    {"layout.plate_m", kNumber, 0, 0.2},
                    {"layout.wall_m", kNumber, 0, 0.1},
                    {"layout.strainer_drop_m", kNumber, 0, 0.3},
                    {"layout.butt_drop_m", kNumber, 0, 0.3},
                    {"layout.m_per_turn", kNumber, 0, 0.02},
                    {"layout.travel_turns", kNumber, 0, 100},
                    {"layout.knob_turns", kNumber, -10, 100},
                    {"layout.strainer_gap_m", kNumber, -0.3, 0.3},
                    {"layout.butt_gap_m", kNumber, -0.3, 0.3},
                    {"layout.attachment", kText, {}, {}, "strap|cord"},
                    {"layout.school", kText, {}, {}, "strainer_first|butt_first"}}});
}

Keys buzzKeys() {
    return joined({tunedKeys(),
                   {{"neighbours", kList},
                    {"neighbours[].name", kText},
                    {"neighbours[].kind", kText, {}, {}, "tom|bass_drum|bass_note|voice|other"},
                    {"neighbours[].pitch_hz", kNumber, 10, 5000, "", "or partials"},
                    {"neighbours[].partials", kList},
                    {"neighbours[].partials[].frequency_hz", kNumber, 10, 20000},
                    {"neighbours[].partials[].t60_s", kNumber, 0.001, 100},
                    {"neighbours[].partials[].level_db", kNumber, -200, 200},
                    {"room_to_choke_turns", kNumber, 0, 6}}});
}

Keys muffleKeys() {
    return joined(
        {tunedKeys(),
         {kStrainer,
          {"target_t60_s", kNumber, 0.01, 20, "", "the ring that is wanted; the tone's own without it"},
          {"items", kList, {}, {}, "", "what lies on the batter"},
          {"items[].kind", kText | kObject, {}, {}, "", "a name, or a thing of your own"},
          {"items[].kind.name", kText},
          {"items[].kind.mass_kg", kNumber, 0, 0.5},
          {"items[].kind.loss_factor", kNumber, 0, 2},
          {"items[].kind.across_m", kNumber, 0.002, 0.3},
          {"items[].kind.resistance_ns_m", kNumber, 0, 500, "", "drag over its face, N s/m"},
          {"items[].radius_m", kNumber, 0, 0.5, "", "from the middle; rings and strips do without"},
          {"items[].angle_deg", kNumber, -3600, 3600, "", "from the strainer, counter-clockwise from above"},
          {"microphone", kObject},
          {"microphone.angle_deg", kNumber, -3600, 3600},
          {"microphone.distance_m", kNumber, 0, 0.5},
          {"microphone.height_m", kNumber, 0.01, 0.5},
          {"calibrate", kObject, {}, {}, "", "a thing of your own from two hearings"},
          {"calibrate.name", kText},
          {"calibrate.radius_m", kNumber, 0, 0.5},
          {"calibrate.angle_deg", kNumber, -3600, 3600},
          {"calibrate.across_m", kNumber, 0.002, 0.3},
          {"calibrate.partials", kList},
          {"calibrate.partials[].m", kWhole, 0, 4},
          {"calibrate.partials[].order", kWhole, 1, 20},
          {"calibrate.partials[].without_hz", kNumber, 1, 5000},
          {"calibrate.partials[].with_hz", kNumber, 1, 5000},
          {"calibrate.partials[].t60_without_s", kNumber, 0.001, 100},
          {"calibrate.partials[].t60_with_s", kNumber, 0.001, 100}}});
}

Keys practiceKeys() {
    return joined({drumKeys(),
                   {kHead,
                    {"seed", kWhole, 0, 9007199254740991.0, "", "which practice drum it is"},
                    {"turns", kNumbers, -60, 60, "", "since finger-tight, one a rod"},
                    {"first_stroke", kWhole, 0, 1e9, "", "0 without it; other strokes fall otherwise"},
                    {"sloppiness", kNumber, 0, 5, "", "0 a machine, 1 without it"},
                    {"room", kText, {}, {}, "dry|bedroom|rehearsal|hall", "dry without it"},
                    {"far", kFlag, {}, {}, "", "the microphone an arm's length away"},
                    {"microphone", kText, {}, {}, "good|built_in|follows_gain", "good without it"},
                    {"striker", kText, {}, {}, "finger|key|stick|mallet", "finger without it"},
                    {"fidgets", kFlag, {}, {}, "", "hands knock and rustle on the drum beside the taps"}}});
}

Keys modesKeys() {
    return joined({drumKeys(),
                   {{"batter_tension_n_per_m", kNumber, 10, 60000, "", "with drum"},
                    {"snare_side_tension_n_per_m", kNumber, 10, 60000, "", "with drum"},
                    {"diameter_m", kNumber, 0.15, 0.6, "", "without drum; likewise the next"},
                    {"depth_m", kNumber, 0.03, 0.6},
                    {"batter", kObject},
                    {"batter.areal_density_kg_per_m2", kNumber, 0.02, 2},
                    {"batter.tension_n_per_m", kNumber, 10, 60000},
                    {"snare_side", kObject},
                    {"snare_side.areal_density_kg_per_m2", kNumber, 0.02, 2},
                    {"snare_side.tension_n_per_m", kNumber, 10, 60000},
                    {"air", kText, {}, {}, "none|inside|both", "both without it"}},
                   weatherKeys()});
}

Keys correctKeys() {
    return joined({tunedKeys(),
                   {{"heard", kObject},
                    {"heard.batter_edge_hz", kNumber, 20, 2000},
                    {"heard.edge_heard", kText, {}, {}, "muted|open", "muted without it"},
                    {"heard.snare_side_edge_hz", kNumber, 20, 2000, "", "or centre_hz"},
                    {"heard.centre_hz", kNumber, 20, 2000}}});
}

const std::map<std::string, Keys>& table() {
    static const std::map<std::string, Keys> all{
        {"modes", modesKeys()},
        {"plan", joined({tunedKeys(), pairKeys()})},
        {"correct", correctKeys()},
        {"weather",
         joined({drumKeys(), toneKeys(), wishKeys(), schoolKeys(), weatherKeys("from"), weatherKeys("to")})},
        {"even", evenKeys()},
        {"wires", wiresKeys()},
        {"buzz", buzzKeys()},
        {"muffle", muffleKeys()},
        {"practice", practiceKeys()},
        {"log",
         {{"drum", kText, {}, {}, "", "an id of the workbook"},
          {"tone", kText, {}, {}, "", "likewise"},
          {"setup", kFree, {}, {}, "", "an object with what was reached; kept as it is"}}},
        {"show",
         {{"numbers", kList, {}, {}, "", "in the order of the show"},
          {"numbers[].tone", kText, {}, {}, "", "a tone of the workbook or the catalogue"},
          {"numbers[].minutes", kNumber, 0, 600, "", "before it, free for the drum; 0 without it"},
          {"drums", kFree, {}, {}, "", "names or ids to choose among; all that are played without it"}}},
        {"faults", faultKeys()}};
    return all;
}

} // namespace

const std::vector<std::string>& verbsWithKeys() {
    static const std::vector<std::string> verbs{"modes", "plan",   "correct",  "weather", "even", "wires",
                                                "buzz",  "muffle", "practice", "log",     "show", "faults"};
    return verbs;
}

const std::vector<Key>& keysOf(const std::string& verb) {
    static const Keys none;
    const auto found = table().find(verb);
    return found == table().end() ? none : found->second;
}

} // namespace bombo::cli
