#include "app/listening/clock_dialog.h"
#include "app/listening/ear.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace bombo {

QString steadyFaultText(SteadyFault fault, Hertz reference) {
    switch (fault) {
    case SteadyFault::TooShort:
        return ClockDialog::tr("Too short. Let the tone sound for three seconds and listen again.");
    case SteadyFault::NoTone:
        return ClockDialog::tr("No steady tone near %1 was heard. Is it loud enough, and is that its pitch?")
            .arg(hertzText(reference));
    case SteadyFault::Unsteady:
        return ClockDialog::tr(
            "The tone wavered or stopped. A voice or an instrument will not do: take a tone from a "
            "device, alone in the room.");
    case SteadyFault::OutOfRange:
        break;
    }
    return ClockDialog::tr("Take a tone between 80 and 4000 Hz.");
}

ClockDialog::ClockDialog(SessionController& controller, QWidget* parent)
    : QDialog(parent), m_controller(controller) {
    keepWordsWhole(this);
    setWindowTitle(tr("Calibrate the sound card's clock"));
    setObjectName(QStringLiteral("clockDialog"));
    setMinimumWidth(780);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 14);
    column->setSpacing(10);
    auto* why = textLabel(
        "quiet", tr("No sound card's clock is quite right, and every pitch is off by as much. Play a "
                    "steady tone from a device that you trust, beside the microphone. Or tap the "
                    "drum, read the pitch on the other device and enter that."));
    why->setWordWrap(true);
    column->addWidget(why);
    auto* form = new QFormLayout;
    m_device = textLabel("strong");
    m_device->setObjectName(QStringLiteral("clockDevice"));
    form->addRow(tr("Microphone"), m_device);
    m_kept = textLabel("quiet");
    m_kept->setObjectName(QStringLiteral("clockKept"));
    form->addRow(tr("Kept"), m_kept);
    m_reference = new NumberBox;
    m_reference->setObjectName(QStringLiteral("clockReference"));
    m_reference->setRange(80.0, 4000.0);
    m_reference->setDecimals(2);
    m_reference->setValue(440.0);
    m_reference->setSuffix(tr(" Hz"));
    m_reference->setAccessibleName(tr("Pitch by the device that is trusted"));
    form->addRow(tr("The tone is"), m_reference);
    column->addLayout(form);
    m_result = textLabel("heading", tr("Nothing was compared yet."));
    m_result->setObjectName(QStringLiteral("clockResult"));
    m_result->setWordWrap(true);
    m_result->setMinimumHeight(38); // its longest sentence
    column->addWidget(m_result);

    auto* foot = new QHBoxLayout;
    m_forget = secondaryButton(tr("Forget what is kept"));
    m_forget->setObjectName(QStringLiteral("clockForget"));
    connect(m_forget, &QPushButton::clicked, this, [this] { save(Cents{}); });
    m_measure = secondaryButton(tr("Listen for three seconds"));
    m_measure->setObjectName(QStringLiteral("clockMeasure"));
    connect(m_measure, &QPushButton::clicked, this, &ClockDialog::measure);
    m_save = secondaryButton(tr("Keep for this microphone"));
    m_save->setObjectName(QStringLiteral("clockSave"));
    m_save->setEnabled(false);
    connect(m_save, &QPushButton::clicked, this, [this] { save(m_sharp.value_or(Cents{})); });
    auto* close = secondaryButton(tr("Close"));
    close->setObjectName(QStringLiteral("clockClose"));
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    foot->addWidget(m_forget);
    foot->addStretch();
    for (QPushButton* button : {m_measure, m_save, close})
        foot->addWidget(button);
    column->addLayout(foot);

    connect(&controller.ear().listener(), &Listener::toneMeasured, this, &ClockDialog::showTone);
    connect(&controller.ear().listener(), &Listener::microphoneStarted, this, &ClockDialog::showKept);
    connect(&controller.ear(), &Ear::readingHeard, this, &ClockDialog::showTap);
    connect(&controller.ear().listener(), &Listener::microphoneFailed, this, [this] {
        m_device->setText(tr("none"));
        m_kept->setText(tr("nothing"));
        m_result->setText(tr("There is no microphone to listen with. Plug one in and open this again."));
        m_measure->setEnabled(false);
    });
    m_device->setText(tr("opening\u2026"));
    m_measure->setEnabled(false);
    m_forget->setEnabled(false);
    m_controller.ear().useFor(Ear::Use::Clock);
}

ClockDialog::~ClockDialog() {
    m_controller.ear().listener().giveUpTone();
    m_controller.ear().useFor(Ear::Use::Work);
}

void ClockDialog::showKept() {
    const Cents kept = m_controller.settings().clockOf(m_controller.ear().listener().microphoneId());
    m_device->setText(m_controller.ear().listener().microphoneName());
    m_kept->setText(kept.value == 0.0 ? tr("nothing: its clock is taken as right")
                                      : tr("reads %1 cents %2, and is corrected")
                                            .arg(number(std::abs(kept.value), 2))
                                            .arg(kept.value > 0.0 ? tr("sharp") : tr("flat")));
    m_forget->setEnabled(kept.value != 0.0);
    m_measure->setEnabled(true);
}

void ClockDialog::measure() {
    m_measure->setEnabled(false);
    m_result->setText(tr("Listening\u2026"));
    m_controller.ear().listener().measureTone(Hertz{m_reference->value()});
}

void ClockDialog::showTone(const ToneReport& report) {
    m_measure->setEnabled(true);
    if (report.tone) {
        take(report.tone->frequency, tr("The tone reads"));
        return;
    }
    m_sharp.reset();
    m_save->setEnabled(false);
    m_result->setText(steadyFaultText(report.fault, Hertz{m_reference->value()}));
}

void ClockDialog::showTap(const Reading& reading) {
    if (reading.verdict == Verdict::Clear)
        take(*reading.frequency, tr("The tap reads"));
}

void ClockDialog::take(Hertz heard, const QString& how) {
    const Cents sharp = clockOffset(heard, Hertz{m_reference->value()});
    const bool plausible = std::abs(sharp.value) <= kFarthestClock.value;
    m_sharp = plausible ? std::optional(sharp) : std::nullopt;
    m_save->setEnabled(plausible);
    const QString text = tr("%1 %2 Hz: %3 cents %4.")
                             .arg(how)
                             .arg(number(heard.value, 3))
                             .arg(number(std::abs(sharp.value), 2))
                             .arg(sharp.value >= 0.0 ? tr("sharp") : tr("flat"));
    m_result->setText(
        plausible ? text : text + QLatin1Char(' ') + tr("No clock is off by so much: it was another tone."));
}

void ClockDialog::save(Cents sharp) {
    m_controller.settings().setClockOf(m_controller.ear().listener().microphoneId(), sharp);
    m_save->setEnabled(false);
    showKept();
}

} // namespace bombo
