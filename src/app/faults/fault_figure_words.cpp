#include "app/faults/fault_figure_words.h"

#include "app/faults/fault_words.h"
#include "app/numbers/numbers.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

struct FigureText {
    Q_DECLARE_TR_FUNCTIONS(FaultFigures)
};

QString size(double value, int decimals) {
    return number(std::abs(value), decimals);
}

/// Of a ratio given by its logarithm, how much more or less in hundredths.
QString share(double logarithm) {
    return number(100.0 * std::abs(std::exp(logarithm) - 1.0), 0);
}

} // namespace

QString figureText(const FaultFigure& figure) {
    const std::string& what = figure.measure;
    const double value = figure.value;
    if (what == "batter_pitch" || what == "snare_side_pitch") {
        const QString head = what == "batter_pitch" ? FigureText::tr("batter") : FigureText::tr("snare side");
        return value < 0 ? FigureText::tr("%1 %2 cents under its target").arg(head, size(value, 0))
                         : FigureText::tr("%1 %2 cents over its target").arg(head, size(value, 0));
    }
    if (what == "batter_evenness")
        return FigureText::tr("rods apart by %1 times the tolerance").arg(number(std::exp2(value), 1));
    if (what == "ring_longer")
        return value > 0 ? FigureText::tr("rings %1 % longer than its kind").arg(share(value))
                         : FigureText::tr("rings %1 % shorter than its kind").arg(share(value));
    if (what == "batter_hours")
        return FigureText::tr("about %1 hours played on it").arg(number(std::pow(10.0, value), 0));
    if (what == "batter_days")
        return value < 0 ? FigureText::tr("put on today")
                         : FigureText::tr("on for %n day(s)", nullptr,
                                          static_cast<int>(std::lround(std::pow(10.0, value))));
    if (what == "fell_unturned")
        return value > 0 ? FigureText::tr("fell %1 cents with no rod turned").arg(size(value, 0))
                         : FigureText::tr("rose %1 cents with no rod turned").arg(size(value, 0));
    if (what == "pitch_followed")
        return FigureText::tr("pitch followed the turns by %1 %")
            .arg(number(100.0 * std::max(0.0, value), 0));
    if (what == "apart_at_equal")
        return FigureText::tr("rods %1 cents apart after equal turns")
            .arg(number(20.0 * std::exp2(value), 0));
    if (what == "rod_lazy")
        return FigureText::tr("a rod lost %1 % of its turn").arg(number(100.0 * std::max(0.0, value), 0));
    if (what == "knob_above_choke")
        return value > 0 ? FigureText::tr("knob %1 turns above choke").arg(size(value, 1))
                         : FigureText::tr("knob %1 turns below choke").arg(size(value, 1));
    if (what == "knob_below_rattle")
        return value > 0 ? FigureText::tr("knob %1 turns below clean").arg(size(value, 1))
                         : FigureText::tr("knob %1 turns above rattle").arg(size(value, 1));
    if (what == "strand_slack")
        return FigureText::tr("strands ate up %1 turns of the knob").arg(number(value, 1));
    if (what == "plates_apart")
        return FigureText::tr("end gaps differ by %1 mm").arg(number(value, 0));
    if (what == "travel_left")
        return FigureText::tr("%1 turns left to tighten").arg(number(value, 1));
    if (what == "rods_lost")
        return value > 0.5 ? FigureText::tr("a rod lost turns since the last entry")
                           : FigureText::tr("no rod lost turns since the last entry");
    if (what == "weather_cents")
        return FigureText::tr("weather moved it %1 cents").arg(number(value, 0));
    if (what == "strokes_level")
        return FigureText::tr("strokes differ by %1 dB").arg(number(value, 1));
    if (what == "strokes_place")
        return FigureText::tr("strokes land %1 % of the radius out").arg(number(100.0 * value, 0));
    if (what == "ring_short")
        return value < 0 ? FigureText::tr("rings %1 % shorter than wanted").arg(share(value))
                         : FigureText::tr("rings %1 % longer than wanted").arg(share(value));
    if (what == "microphone_longer")
        return value > 0 ? FigureText::tr("rings %1 % longer at the microphone").arg(share(value))
                         : FigureText::tr("rings %1 % shorter at the microphone").arg(share(value));
    if (what == "neighbour_apart")
        return FigureText::tr("%1 cents from another instrument").arg(number(value, 0));
    return QString::fromStdString(what);
}

QString answerText(const FaultNet& net, const FaultAnswer& answer) {
    const auto test = indexOf(net.tests, answer.test);
    if (!test)
        return {};
    const std::vector<std::string>& names = net.tests[*test].answers;
    if (!answer.level)
        return FigureText::tr("Not sure");
    return *answer.level >= 0 && *answer.level < static_cast<int>(names.size())
               ? answerName(names[static_cast<std::size_t>(*answer.level)])
               : QString();
}

QString reasonText(const FaultNet& net, const FaultCase& faultCase, const std::vector<FaultFigure>& figures,
                   const FaultReason& reason) {
    if (reason.isFigure)
        return figureText(figures.at(reason.index));
    return FigureText::tr("you found: %1").arg(answerText(net, faultCase.answers.at(reason.index)));
}

QString reasonText(const FaultNet& net, const FaultCase& faultCase, const std::vector<FaultFigure>& figures,
                   const CauseOdds& cause) {
    return cause.reasons.empty() ? FigureText::tr("nothing known of it yet")
                                 : reasonText(net, faultCase, figures, cause.reasons.front());
}

} // namespace bombo
