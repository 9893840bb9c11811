#include "app/muffling/own_panel.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/record/own_kind.h"
#include "core/record/strokes_say.h"
#include "core/units/median.h"

#include <QFormLayout>
#include <QVBoxLayout>
#include <algorithm>

namespace bombo {
namespace {

/// Strokes with the lever off of the drum as it stands.
std::size_t openStrokes(const Session& session) {
    if (!strokesHold(session))
        return 0;
    return static_cast<std::size_t>(std::count_if(session.strokes.begin(), session.strokes.end(),
                                                  [](const HeardStroke& s) { return !s.wires; }));
}

} // namespace

QString OwnPanel::whyNot(CalibrationFault fault) {
    switch (fault) {
    case CalibrationFault::TooFewPartials:
        return tr("Too few partials were heard both times. Nearer the middle, and let it ring.");
    case CalibrationFault::NothingChanged:
        return tr("It changed nothing that can be heard. Lay it further in and play again.");
    case CalibrationFault::DoesNotFit:
        break;
    }
    return tr(
        "No weight at that place moves the pitch like this. Check where it lies, change nothing else, and "
        "play both again.");
}

OwnPanel::OwnPanel(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    // Sessions are numbered by workbook: the same number in another one is another session.
    connect(&controller, &SessionController::workbookChanged, this, [this] { m_session = 0; });
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 8, 14, 10);
    column->setSpacing(6);
    column->addWidget(textLabel("heading", tr("A muffler of your own")));
    auto* words = textLabel("quiet", tr("Coin, sponge, key ring: two hearings tell what it weighs and takes. "
                                        "Lever off, the same stroke each time."));
    words->setWordWrap(true);
    column->addWidget(words);
    auto* form = new QFormLayout;
    m_name = new QLineEdit;
    m_name->setObjectName(QStringLiteral("ownName"));
    m_name->setAccessibleName(tr("What you call it"));
    m_name->setPlaceholderText(tr("sponge"));
    m_name->setMaxLength(40);
    connect(m_name, &QLineEdit::textChanged, this, &OwnPanel::refresh);
    m_across = new NumberBox;
    m_across->setObjectName(QStringLiteral("ownAcross"));
    m_across->setAccessibleName(tr("How wide it is"));
    m_across->setRange(4.0, 120.0);
    m_across->setDecimals(0);
    m_across->setValue(30.0);
    m_across->setSuffix(tr(" mm"));
    form->addRow(tr("Name"), m_name);
    form->addRow(tr("Across"), m_across);
    column->addLayout(form);
    m_now = textLabel("now");
    m_now->setObjectName(QStringLiteral("ownNow"));
    m_now->setWordWrap(true);
    column->addWidget(m_now);
    m_next = secondaryButton({});
    m_next->setObjectName(QStringLiteral("ownNext"));
    connect(m_next, &QPushButton::clicked, this, &OwnPanel::act);
    column->addWidget(m_next);
    m_known = textLabel("quiet");
    m_known->setObjectName(QStringLiteral("ownKinds"));
    m_known->setWordWrap(true);
    column->addWidget(m_known);
    column->addSpacing(8);
    m_view = new OwnView;
    column->addWidget(m_view, 1);
}

std::string OwnPanel::id() const {
    return "own:" + m_name->text().trimmed().toStdString();
}

OwnPanel::Step OwnPanel::step() const {
    if (m_without.empty() || m_session != m_controller.sessionId())
        return Step::HearWithout;
    const auto& pads = m_controller.session().pads;
    const bool lies =
        std::any_of(pads.begin(), pads.end(), [&](const Pad& p) { return p.kind.id == m_laid; });
    return lies ? Step::HearWith : Step::Lay;
}

OwnPicture OwnPanel::picture() const {
    const std::vector<HeardStroke>& heard = m_controller.session().strokes;
    const Step now = step();
    const auto hearing = [&](const std::vector<HeardStroke>& strokes, bool isNow) {
        OwnHearing one{0, std::nullopt, isNow};
        std::vector<double> tones;
        for (const HeardStroke& stroke : strokes)
            if (!stroke.wires) {
                ++one.strokes;
                if (stroke.tone)
                    tones.push_back(stroke.tone->value);
            }
        one.strokes = std::min(one.strokes, static_cast<int>(kCalibrationStrokes));
        if (!tones.empty())
            one.tone = Seconds{medianOf(std::move(tones))};
        return one;
    };
    const bool holds = strokesHold(m_controller.session());
    const std::vector<HeardStroke> none;
    const bool isWithout = now == Step::HearWithout;
    return {{hearing(isWithout ? (holds ? heard : none) : m_without, isWithout),
             hearing(now == Step::HearWith && holds ? heard : none, now == Step::HearWith)},
            static_cast<int>(kCalibrationStrokes)};
}

void OwnPanel::act() {
    const Session& session = m_controller.session();
    switch (step()) {
    case Step::HearWithout:
        m_without = session.strokes;
        m_session = m_controller.sessionId();
        break;
    case Step::Lay: {
        PadKind kind;
        kind.id = id();
        kind.mass = Kilograms{}; // not known yet
        kind.lossFactor = 0.0;
        kind.radius = Metres{0.5e-3 * m_across->value()};
        Pad pad{session.drum.shell.radius() - kind.radius - Metres{0.02}, Radians{1.5 * std::numbers::pi},
                kind};
        if (m_controller.perform(AddPad{pad}))
            m_laid = kind.id;
        break;
    }
    case Step::HearWith: {
        const auto kind = calibratedKind(session, m_laid, m_without);
        if (!kind) {
            m_now->setText(whyNot(kind.fault()));
            return;
        }
        std::vector<Pad> pads = session.pads;
        for (Pad& pad : pads)
            if (pad.kind.id == m_laid)
                pad.kind = *kind;
        if (m_controller.perform(KeepKind{*kind}) && m_controller.perform(LayPads{pads}))
            m_without.clear();
        break;
    }
    }
    refresh();
}

void OwnPanel::refresh() {
    if (!m_controller.hasSession())
        return;
    const Session& session = m_controller.session();
    const std::size_t heard = openStrokes(session);
    const bool named = !m_name->text().trimmed().isEmpty();
    switch (step()) {
    case Step::HearWithout:
        m_now->setText(tr("1. Without it: strokes heard %1 of %2").arg(heard).arg(kCalibrationStrokes));
        m_next->setText(tr("That was without it"));
        m_next->setEnabled(heard >= kCalibrationStrokes);
        break;
    case Step::Lay:
        m_now->setText(named ? tr("2. Lay it on the head where it is drawn") : tr("2. Give it a name"));
        m_next->setText(tr("It lies there"));
        m_next->setEnabled(named);
        break;
    case Step::HearWith:
        m_now->setText(tr("3. With it: strokes heard %1 of %2").arg(heard).arg(kCalibrationStrokes));
        m_next->setText(tr("That was with it"));
        m_next->setEnabled(heard >= kCalibrationStrokes);
        break;
    }
    m_view->show(picture());
    QStringList known;
    for (const PadKind& kind : session.ownKinds)
        known << tr("%1: %2 g, damps like a %3 g gel pad")
                     .arg(kindName(kind))
                     .arg(number(1e3 * kind.mass.value, 1))
                     // at 300 Hz, where it matters most
                     .arg(number(1e3 *
                                     (kind.lossFactor * kind.mass.value +
                                      kind.resistance / (600.0 * std::numbers::pi)) /
                                     PadKind{}.lossFactor,
                                 1));
    m_known->setText(known.isEmpty() ? tr("None calibrated yet.")
                                     : tr("Calibrated, and in the list of mufflers to lay:") +
                                           QLatin1Char('\n') + known.join(QLatin1Char('\n')));
}

} // namespace bombo
