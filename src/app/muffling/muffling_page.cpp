#include "app/muffling/muffling_page.h"
#include "app/listening/sound_output.h"
#include "app/logbook/back_strip.h"
#include "app/numbers/numbers.h"
#include "app/proof/proof_words.h"
#include "core/preview/stroke_sound.h"

#include "app/head/begin_tools.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/record/heads_say.h"
#include "core/record/muffling_says.h"
#include "core/record/strokes_say.h"

#include <QHBoxLayout>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <cmath>
#include <numbers>
#include <optional>

namespace bombo {
namespace {

enum View { kRing, kWays, kOwn };

std::vector<PadKind> kindsOf(const Session& session) {
    std::vector<PadKind> kinds(padKinds().begin(), padKinds().end());
    kinds.insert(kinds.end(), session.ownKinds.begin(), session.ownKinds.end());
    return kinds;
}

} // namespace

MufflingPage::MufflingPage(SessionController& controller, QWidget* parent) : StationPage(controller, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(10);
    m_views = viewTabs("mufflingViews", {tr("Ring"), tr("Ways to shorten it"), tr("Your own muffler")});
    auto* header = new QHBoxLayout;
    header->addWidget(textLabel("title", tr("Muffle, last and least")));
    header->addStretch();
    header->addWidget(m_views);
    column->addLayout(header);
    auto* words = textLabel(
        "quiet",
        tr("First evenness, then pitch, then the stroke, then things on the head. Lever off while you "
           "listen for ring."));
    words->setWordWrap(true);
    column->addWidget(words);
    m_backStrip = new BackStrip(controller, BackStrip::Of::Pads);
    column->addWidget(m_backStrip);

    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    row->addWidget(headPanel(), 1);
    m_ring = new RingView;
    m_ways = new WaysPanel(controller);
    m_own = new OwnPanel(controller);
    m_right = new QStackedWidget;
    for (QWidget* view : std::initializer_list<QWidget*>{m_ring, m_ways, m_own})
        m_right->addWidget(view);
    connect(m_views, &QTabBar::currentChanged, this, [this](int view) {
        m_right->setCurrentIndex(view);
        if (this->controller().hasSession())
            refresh();
    });
    row->addWidget(m_right, 1);
    column->addLayout(row, 1);

    auto* lower = new QHBoxLayout;
    lower->setSpacing(14);
    lower->addWidget(stepPanel(), 8);
    m_listening = new ListeningStrip(controller);
    lower->addWidget(m_listening, 6);
    column->addLayout(lower);
}

QWidget* MufflingPage::headPanel() {
    auto* panel = new QWidget;
    auto* pads = new QVBoxLayout(panel);
    pads->setContentsMargins(0, 0, 0, 0);
    m_head = new HeadFromAbove;
    connect(m_head, &HeadFromAbove::padMoved, this, [this](int index, const Pad& pad) {
        controller().perform(MovePad{index, pad});
    });
    connect(m_head, &HeadFromAbove::padRemoved, this,
            [this](int index) { controller().perform(RemovePad{index}); });
    connect(m_head, &HeadFromAbove::headClicked, this, &MufflingPage::layAt);
    connect(m_head, &HeadFromAbove::microphoneMoved, this,
            [this](const MicrophonePlace& place) { controller().perform(PlaceMicrophone{place}); });
    connect(m_head, &HeadFromAbove::padSelected, this, &MufflingPage::showSelected);
    pads->addWidget(m_head, 1);

    m_kind = toolBox("padKind", tr("What is laid next"), {});
    m_kind->setMinimumWidth(178); // the longest name in the longest language
    auto* add = secondaryButton(tr("Lay it"));
    add->setObjectName(QStringLiteral("addPad"));
    add->setToolTip(tr("Where it shortens the ring most; or click the head where you want it."));
    connect(add, &QPushButton::clicked, this, &MufflingPage::addPad);
    m_remove = secondaryButton(tr("Take off"));
    m_remove->setObjectName(QStringLiteral("removePad"));
    connect(m_remove, &QPushButton::clicked, this, [this] {
        if (const auto pad = m_head->selected())
            controller().perform(RemovePad{*pad});
    });
    m_microphone = new QCheckBox(tr("Close mic"));
    m_microphone->setObjectName(QStringLiteral("closeMicrophone"));
    m_microphone->setFocusPolicy(Qt::TabFocus);
    m_microphone->setToolTip(
        tr("A close microphone: drag it, or M and the arrow keys; Page up and down for its "
           "height."));
    connect(m_microphone, &QCheckBox::clicked, this, [this](bool on) {
        MicrophonePlace place;
        place.angle = Radians{7.0 * std::numbers::pi / 6.0}; // at two o'clock, clear of what lies far off
        place.fromCentre = session().drum.shell.radius() - Metres{0.03};
        if (controller().perform(PlaceMicrophone{on ? std::optional(place) : std::nullopt}) && on)
            m_head->selectMicrophone();
    });
    auto* tools = new QHBoxLayout;
    tools->addWidget(m_kind, 1);
    tools->addWidget(add);
    tools->addWidget(m_remove);
    tools->addWidget(m_microphone);
    pads->addLayout(tools);
    m_place = textLabel("quiet");
    m_place->setObjectName(QStringLiteral("padPlace"));
    m_place->setWordWrap(true);
    pads->addWidget(m_place);
    return panel;
}

QWidget* MufflingPage::stepPanel() {
    QFrame* panel = card();
    auto* words = new QVBoxLayout(panel);
    words->setContentsMargins(18, 8, 18, 8);
    words->setSpacing(4);
    m_now = textLabel("now");
    m_now->setWordWrap(true);
    m_figure = textLabel("figure");
    m_figure->setObjectName(QStringLiteral("ringFigure"));
    m_figure->setWordWrap(true);
    m_detail = textLabel("quiet");
    m_detail->setObjectName(QStringLiteral("ringDetail"));
    m_detail->setWordWrap(true);
    words->addWidget(m_now);
    words->addWidget(m_figure);
    words->addWidget(m_detail);
    words->addStretch();
    auto* undo = secondaryButton(tr("Undo last"));
    connect(undo, &QPushButton::clicked, &controller().undoStack(), &QUndoStack::undo);
    auto* listen = secondaryButton(tr("Listen"));
    listen->setObjectName(QStringLiteral("listen"));
    listen->setToolTip(tr("How a stroke sounds with what lies on the head, as predicted."));
    connect(listen, &QPushButton::clicked, this, [this] {
        PreviewStroke stroke{knownState(reckoned()), session().pads, dampingLearned(session()), {}, {}};
        controller().output().hear(stroke);
    });
    m_primary = primaryButton();
    m_primary->setText(tr("On to the proof"));
    connect(m_primary, &QPushButton::clicked, this, [this] { controller().goTo(Station::Proof); });
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(undo);
    buttons->addWidget(listen);
    buttons->addStretch();
    buttons->addWidget(m_primary);
    words->addLayout(buttons);
    return panel;
}

void MufflingPage::fillKinds() {
    const std::vector<PadKind> kinds = kindsOf(session());
    if (m_kind->count() == static_cast<int>(kinds.size()) &&
        m_kind->itemText(m_kind->count() - 1) == kindName(kinds.back()))
        return;
    const QSignalBlocker quiet(m_kind);
    const int chosen = std::max(0, m_kind->currentIndex());
    m_kind->clear();
    for (const PadKind& kind : kinds)
        m_kind->addItem(kindName(kind));
    m_kind->setCurrentIndex(std::min(chosen, m_kind->count() - 1));
}

PadKind MufflingPage::kindAtHand() const {
    return kindsOf(session()).at(static_cast<std::size_t>(std::max(0, m_kind->currentIndex())));
}

void MufflingPage::layAt(const Pad& at) {
    Pad pad = at;
    pad.kind = kindAtHand();
    if (pad.kind.footprint != Footprint::Disc)
        pad.fromCentre = Metres{};
    if (controller().perform(AddPad{pad}))
        m_head->select(static_cast<int>(session().pads.size()) - 1);
}

/// Where it shortens the ring most, of 24 angles: the members of each pair that the other things leave alone.
/// 20 mm from the hoop, or as far in as there is room.
std::optional<Pad> MufflingPage::bestPlace() const {
    constexpr int angles = 24;
    const Shell& shell = session().drum.shell;
    const Muffler muffler(session().drum, knownState(reckoned()));
    std::optional<Pad> best;
    Seconds shortest;
    for (const double inward : {0.020, 0.030, 0.045}) {
        for (int place = 0; place < angles; ++place) {
            Pad pad;
            pad.kind = kindAtHand();
            if (pad.kind.footprint == Footprint::Disc)
                pad.fromCentre = shell.radius() - pad.kind.radius - Metres{inward};
            pad.angle = Radians{1.5 * std::numbers::pi +
                                2.0 * std::numbers::pi * place / angles}; // from the far side on
            if (checkPad(pad, session().pads, shell) != PadProblem::None)
                continue;
            std::vector<Pad> with = session().pads;
            with.push_back(pad);
            const Seconds ring = muffler.ringWith(with);
            if (!best || ring < shortest - Seconds{1e-4}) {
                best = pad;
                shortest = ring;
            }
        }
        if (best)
            break;
    }
    return best;
}

void MufflingPage::addPad() {
    Pad pad; // where there is no place for it, the refusal says why
    pad.kind = kindAtHand();
    if (pad.kind.footprint == Footprint::Disc)
        pad.fromCentre = session().drum.shell.radius() - pad.kind.radius - Metres{0.020};
    if (controller().perform(AddPad{bestPlace().value_or(pad)}))
        m_head->select(static_cast<int>(session().pads.size()) - 1);
}

void MufflingPage::refresh() {
    m_backStrip->refresh();
    m_listening->refresh();
    fillKinds();
    m_microphone->setChecked(session().microphone.has_value());
    m_head->show(session().drum, session().pads, session().microphone);
    RingPicture picture = ringPicture(reckoned());
    switch (m_views->currentIndex()) { // what is hidden need not be reckoned
    case kWays:
        m_ways->refresh();
        break;
    case kOwn:
        m_own->refresh();
        break;
    default:
        picture.there = ringsThere(reckoned());
        m_ring->show(picture);
        break;
    }
    showStep(picture);
    showSelected();
}

void MufflingPage::showStep(const RingPicture& picture) {
    const double after = picture.prediction.ringAfter.value;
    const double wanted = picture.wanted.value;
    m_figure->setText(
        picture.hasPads
            ? tr("%1 s → %2 s").arg(number(picture.prediction.ringBefore.value, 2)).arg(number(after, 2))
            : tr("%1 s").arg(number(after, 2)));
    const double ratio = after / wanted;
    if (std::abs(ratio - 1.0) < 0.08)
        m_now->setText(tr("Ring as wanted"));
    else if (ratio > 1.0)
        m_now->setText(picture.hasPads ? tr("Still rings longer than wanted")
                                       : tr("Rings longer than wanted"));
    else
        m_now->setText(picture.hasPads ? tr("Shorter than wanted: take less")
                                       : tr("Short enough with nothing on it"));
    QStringList detail{
        tr("predicted; %1 s wanted for %2").arg(number(wanted, 2)).arg(cueName(session().tone))};
    if (session().batter.history.empty())
        detail << tr("from the targets, since the batter was not heard yet");
    if (const double damping = dampingLearned(session()); damping != 1.0)
        detail << tr("with this drum's own damping, %1 of usual").arg(number(damping, 2));
    else if (!picture.hasPads && !strokesSay(session()).ring)
        detail << tr("strike it, and its own damping counts");
    if (const StrokesSay says = strokesSay(session()); says.ring)
        detail << tr("heard %1 s").arg(withErrorText(says.ring->value, says.ringError->value, 2));
    if (picture.hasPads && picture.prediction.reboundLoss >= 0.005)
        detail << tr("the stick loses %1 % of its rebound")
                      .arg(std::lround(100.0 * picture.prediction.reboundLoss));
    m_detail->setText(detail.join(QStringLiteral("; ")));
}

void MufflingPage::showSelected() {
    const auto pad = m_head->selected();
    const bool valid = pad && *pad < static_cast<int>(session().pads.size());
    m_remove->setEnabled(valid);
    if (valid) {
        const Pad& chosen = session().pads[static_cast<std::size_t>(*pad)];
        m_place->setText(tr("%1, %2: %3. Arrows nudge it.")
                             .arg(*pad + 1)
                             .arg(kindName(chosen.kind), padPlace(chosen, session().drum.shell)));
    } else if (m_head->isMicrophoneSelected() && session().microphone)
        m_place->setText(
            tr("microphone: %1").arg(microphonePlace(*session().microphone, session().drum.shell)));
    else
        m_place->setText(
            session().pads.empty()
                ? tr("Nothing lies on the head. Click it to lay something there.")
                : tr("Things on the head: %1. Choose one by its number.").arg(session().pads.size()));
}

} // namespace bombo
