#include "app/wires/fit_panel.h"
#include "app/numbers/numbers.h"

#include "app/head/begin_tools.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "app/wires/underside.h"

#include <QCoreApplication>
#include <QFormLayout>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace bombo {
namespace {

constexpr double kUnknownGap = -20.0; ///< mm: the field's lowest value stands for "not measured"

} // namespace

QString fitProblemText(FitProblem problem) {
    switch (problem) {
    case FitProblem::LongerThanShell:
        return FitPanel::tr(
            "Too long for this shell: the plates would stand over its face. Take a shorter set.");
    case FitProblem::StrandsOnEdge:
        return FitPanel::tr(
            "The strands reach over the inner wall and will ride on the edge. Take a shorter set.");
    case FitProblem::PlatesOnFilm:
        return FitPanel::tr(
            "The plates end inside the wall and lie on the film, which they may cut. Take a longer set.");
    case FitProblem::OffCentre:
        return FitPanel::tr("Off centre: shift them as drawn, lever off, both clamps loose.");
    case FitProblem::GapsDisagree:
        return FitPanel::tr("Gaps and lengths do not add up to the shell: measure one of them again.");
    case FitProblem::TravelUnknown:
        return FitPanel::tr("Travel not known: count the knob once from its loose to its tight end.");
    case FitProblem::LittleTighter:
        return FitPanel::tr("Less than a turn is left to tighten: clamp again with the knob further out.");
    case FitProblem::LittleLooser:
        return FitPanel::tr("Hardly anything is left to loosen: clamp again with the knob further in.");
    }
    return {};
}

QString fitWords(const WireFit& fit, const WireLayout& layout) {
    QStringList lines;
    const QString straps = layout.attachment == Attachment::Cord
                               ? FitPanel::tr("Cord to cut: %1 and %2 free, knots beside.")
                               : FitPanel::tr("Straps free: %1 at the strainer, %2 at the butt plate.");
    lines << straps.arg(millimetresText(fit.strainerStrap), millimetresText(fit.buttStrap));
    if (layout.travel)
        lines << (layout.school == RefitSchool::StrainerFirst
                      ? FitPanel::tr("Knob to %1 from its loose end, lever off. Clamp the strainer, then the "
                                     "butt plate, snug.")
                      : FitPanel::tr(
                            "Knob to %1 from its loose end, lever on. Clamp the butt plate, then the "
                            "strainer, snug."))
                     .arg(turnsText(fit.knobBeforeClamping));
    if (fit.tighter)
        lines << FitPanel::tr("Left: %1 tighter, %2 looser.")
                     .arg(turnsText(*fit.tighter), turnsText(*fit.looser));
    for (const FitProblem problem : fit.problems)
        lines << fitProblemText(problem);
    return lines.join(QLatin1Char('\n'));
}

QString fitStepText(const FitStep& step) {
    switch (step.remedy) {
    case WireRemedy::LoosenKnob:
        return FitPanel::tr("loosen the knob %1").arg(turnsText(step.turns));
    case WireRemedy::TightenKnob:
        return FitPanel::tr("tighten the knob %1").arg(turnsText(step.turns));
    case WireRemedy::GiveOutStrap:
        return FitPanel::tr("give %1 of strap out at the strainer's clamp").arg(millimetresText(step.length));
    case WireRemedy::TakeInStrap:
        return FitPanel::tr("take %1 of strap in at the strainer's clamp").arg(millimetresText(step.length));
    case WireRemedy::ResetRange:
        return FitPanel::tr("set the range again: knob back %1, strap in by %2")
            .arg(turnsText(step.turns), millimetresText(step.length));
    case WireRemedy::ReplaceStrands:
        return FitPanel::tr("if it comes back, the strands are stretched or bent: replace them");
    case WireRemedy::CentreWires:
        return FitPanel::tr("centre the wires, %1").arg(millimetresText(Metres{std::abs(step.length.value)}));
    case WireRemedy::UseStraps:
        return FitPanel::tr("take flat straps: they lie lower than cord");
    case WireRemedy::LevelClamps:
        return FitPanel::tr("straps must leave the plate level with the film, the same at both clamps");
    }
    return {};
}

FitPanel::FitPanel(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 8, 14, 10);
    column->setSpacing(6);
    column->addWidget(textLabel("heading", tr("By the rule")));
    m_form = new QFormLayout;
    m_form->setVerticalSpacing(4);
    m_strands = length("fitStrands", tr("Strands"), 100, 600);
    m_plate = length("fitPlate", tr("Each end plate"), 5, 60);
    m_wall = length("fitWall", tr("Shell wall"), 0.5, 40);
    m_strainerGap = length("fitStrainerGap", tr("Gap at the strainer"), kUnknownGap, 150);
    m_buttGap = length("fitButtGap", tr("Gap at the butt plate"), kUnknownGap, 150);
    for (QDoubleSpinBox* gap : {m_strainerGap, m_buttGap}) {
        gap->setSpecialValueText(tr("not measured"));
        gap->setToolTip(
            tr("From the end plate to the shell's outer face; negative where the plate stands over it."));
    }
    m_travel = length("fitTravel", tr("Knob's travel"), 0, 60);
    m_travel->setSuffix(tr(" turns"));
    m_travel->setSpecialValueText(tr("not known"));
    m_knob = length("fitKnob", tr("First contact at"), -0.25, 60);
    m_knob->setSuffix(tr(" turns"));
    m_knob->setSingleStep(0.25);
    m_knob->setDecimals(2);
    m_knob->setSpecialValueText(tr("not counted"));
    m_knob->setToolTip(tr("Turns from the knob's loose end to where the strands first touch, lever on."));
    const auto choice = [](const char* name, const QString& label, const auto& choices) {
        QComboBox* box = toolBox(name, label, choices);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(8);
        return box;
    };
    m_attachment =
        choice("fitAttachment", tr("Held by"),
               Choices<Attachment>{{tr("flat straps"), Attachment::Strap}, {tr("cord"), Attachment::Cord}});
    m_school =
        choice("fitSchool", tr("Clamped"),
               Choices<RefitSchool>{{tr("clamp the strainer first, lever off"), RefitSchool::StrainerFirst},
                                    {tr("clamp the butt plate first, lever on"), RefitSchool::ButtFirst}});
    m_form->addRow(tr("Held by"), m_attachment);
    m_form->addRow(m_school);
    connect(m_attachment, &QComboBox::activated, this, &FitPanel::measure);
    connect(m_school, &QComboBox::activated, this, &FitPanel::measure);
    column->addLayout(m_form);
    m_says = textLabel("quiet");
    m_says->setObjectName(QStringLiteral("fitSays"));
    m_says->setWordWrap(true);
    column->addWidget(m_says);
    m_symptom = choice("fitSymptom", tr("What is wrong"), QStringList{tr("What is wrong?")});
    addChoices<WireSymptom>(m_symptom, {{tr("The lever will not close"), WireSymptom::LeverWillNotClose},
                                        {tr("No contact when on"), WireSymptom::NoContactWhenOn},
                                        {tr("Loose at full travel"), WireSymptom::LooseAtFullTravel},
                                        {tr("A plate stands up"), WireSymptom::PlateStandsUp}});
    column->addWidget(m_symptom);
    m_remedy = textLabel("quiet");
    m_remedy->setObjectName(QStringLiteral("fitRemedy"));
    m_remedy->setWordWrap(true);
    column->addWidget(m_remedy);
    column->addStretch();
    connect(m_symptom, &QComboBox::activated, this, &FitPanel::diagnose);
}

QDoubleSpinBox* FitPanel::length(const char* name, const QString& label, double lowest, double highest) {
    auto* box = new NumberBox;
    box->setObjectName(QString::fromLatin1(name));
    box->setAccessibleName(label);
    box->setRange(lowest, highest);
    box->setDecimals(1);
    box->setSuffix(tr(" mm"));
    box->setKeyboardTracking(false);
    box->setMinimumWidth(
        96); // the longest figure; the words of the lowest value may be cut before the panel grows
    m_form->addRow(label, box);
    connect(box, &QDoubleSpinBox::valueChanged, this, &FitPanel::measure);
    return box;
}

WireLayout FitPanel::entered() const {
    const auto metres = [](const QDoubleSpinBox* box) { return Metres{box->value() / 1000.0}; };
    const auto optional = [](const QDoubleSpinBox* box) { return box->value() > box->minimum(); };
    const Session& session = m_controller.session();
    WireLayout layout = session.layout.value_or(usualLayout(session.drum));
    layout.strands = metres(m_strands);
    layout.plate = metres(m_plate);
    layout.wall = metres(m_wall);
    layout.strainerGap = optional(m_strainerGap) ? std::optional(metres(m_strainerGap)) : std::nullopt;
    layout.buttGap = optional(m_buttGap) ? std::optional(metres(m_buttGap)) : std::nullopt;
    layout.travel = optional(m_travel) ? std::optional(Turns{m_travel->value()}) : std::nullopt;
    layout.knob = optional(m_knob) ? std::optional(Turns{m_knob->value()}) : std::nullopt;
    layout.attachment = chosenIn<Attachment>(m_attachment);
    layout.school = chosenIn<RefitSchool>(m_school);
    return layout;
}

void FitPanel::measure() {
    if (!m_controller.perform(MeasureWires{entered()}))
        refresh();
}

void FitPanel::diagnose() {
    QStringList lines;
    if (m_symptom->currentData().isValid()) { // the first line only asks
        const auto picture = undersidePicture(m_controller.session());
        int number = 0;
        for (const FitStep& step :
             diagnoseWires(chosenIn<WireSymptom>(m_symptom), picture.shell, picture.layout))
            lines << tr("%1. %2.").arg(++number).arg(fitStepText(step));
    }
    m_remedy->setText(lines.join(QLatin1Char('\n')));
}

void FitPanel::refresh() {
    const UndersidePicture picture = undersidePicture(m_controller.session());
    const WireLayout& layout = picture.layout;
    const auto put = [](QDoubleSpinBox* box, double value) {
        const QSignalBlocker quiet(box);
        box->setValue(value);
    };
    put(m_strands, 1000.0 * layout.strands.value);
    put(m_plate, 1000.0 * layout.plate.value);
    put(m_wall, 1000.0 * layout.wall.value);
    put(m_strainerGap, layout.strainerGap ? 1000.0 * layout.strainerGap->value : m_strainerGap->minimum());
    put(m_buttGap, layout.buttGap ? 1000.0 * layout.buttGap->value : m_buttGap->minimum());
    put(m_travel, layout.travel ? layout.travel->value : m_travel->minimum());
    put(m_knob, layout.knob ? layout.knob->value : m_knob->minimum());
    choose(m_attachment, layout.attachment);
    choose(m_school, layout.school);
    m_says->setText(fitWords(picture.fit, layout));
    diagnose();
}

} // namespace bombo
