#pragma once
/// What may be wrong with a snare drum, as a net: causes, what people complain of, tests and measured
/// figures.
#include <array>
#include <optional>
#include <string>
#include <vector>

namespace bombo {

/// Where a cause lives.
enum class CauseKind {
    SnareSide,
    Batter,
    Wires,
    Fittings,
    Weather,
    Neighbours,
    Player,
    Microphone,
    Room,
    Worth ///< the drum itself is no better
};

/// A step of what is done about a cause. `station` is the id of one of the route.
struct RemedyStep {
    std::string station;
    std::string step;
    bool operator==(const RemedyStep&) const = default;
};

struct FaultCause {
    std::string id; ///< stored name, untranslated; likewise below
    CauseKind kind = CauseKind::Batter;
    double share = 0; ///< of drums that are complained of, how many have it
    std::vector<RemedyStep> remedy;
};

/// What somebody says is wrong.
struct Complaint {
    std::string id;
    double unexplained = 0; ///< chance that none of the causes brings it
    std::vector<double> by; ///< by cause: chance that it alone brings the complaint
};

/// What a test does to the drum.
enum class Harm {
    None,        ///< looked at, pressed, struck
    Turned,      ///< something is turned or taken off that can be put back
    Irreversible ///< a head comes down: an old one may not come back
};

/// A thing to try, with answers from harmless to telling.
struct FaultTest {
    std::string id;
    std::string drawing; ///< how it is drawn
    double seconds = 0;  ///< that it takes
    Harm harm = Harm::None;
    std::vector<std::string> answers;
    std::vector<double> usual;              ///< chances of the answers where no cause is at work
    std::vector<std::vector<double>> under; ///< by cause: where it alone is; empty: as usual
    std::vector<bool> asked;                ///< by complaint: whether it makes sense there
    std::string knownBy; ///< measure that answers it: not asked where its figure is known; empty: none
};

/// A figure that the workbook may know.
struct FaultMeasure {
    struct Moved {
        double shift = 0;
        double spread = 0; ///< standard deviation
    };
    std::string id;
    std::string unit;
    double usual = 0; ///< mean without a cause
    double spread = 0;
    std::vector<std::optional<Moved>> under; ///< by cause: what it adds
};

struct FaultNet {
    double slip = 0; ///< share of answers that are wrong
    std::vector<FaultCause> causes;
    std::vector<Complaint> complaints;
    std::vector<FaultTest> tests;
    std::vector<FaultMeasure> measures;
};

/// Index of what has this id; empty without one.
template <class T> std::optional<std::size_t> indexOf(const std::vector<T>& all, const std::string& id) {
    for (std::size_t i = 0; i < all.size(); ++i)
        if (all[i].id == id)
            return i;
    return std::nullopt;
}

} // namespace bombo
