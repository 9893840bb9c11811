#include "app/muffling/muffling_page.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <cmath>
#include <numbers>
#include <optional>

namespace bombo {

MufflingPage::MufflingPage(SessionController& controller, QWidget* parent) : StationPage(controller, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(10);
    column->addWidget(textLabel("title", tr("Muffle, last and least")));
    auto* words = textLabel(
        "quiet", tr("First evenness, then pitch, then the stroke, then pads. Click the head to lay a gel "
                    "pad; drag it, or choose it with its number and nudge it with the arrow keys. Lever off "
                    "while you listen "
                    "for ring."));
    words->setWordWrap(true);
    column->addWidget(words);

    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    m_head = new HeadFromAbove;
    connect(m_head, &HeadFromAbove::padMoved, this, [this](int index, const Pad& pad) {
        this->controller().perform(MovePad{index, pad});
    });
    connect(m_head, &HeadFromAbove::padRemoved, this,
            [this](int index) { this->controller().perform(RemovePad{index}); });
    connect(m_head, &HeadFromAbove::headClicked, this, [this](const Pad& at) {
        if (this->controller().perform(AddPad{at}))
            m_head->select(static_cast<int>(session().pads.size()) - 1);
    });
    connect(m_head, &HeadFromAbove::padSelected, this, &MufflingPage::showSelected);
    auto* pads = new QVBoxLayout;
    pads->addWidget(m_head, 1);
    m_place = textLabel("quiet");
    m_place->setObjectName(QStringLiteral("padPlace"));
    m_place->setWordWrap(true);
    m_remove = secondaryButton(tr("Take pad off"));
    m_remove->setObjectName(QStringLiteral("removePad"));
    connect(m_remove, &QPushButton::clicked, this, [this] {
        if (const auto pad = m_head->selected())
            this->controller().perform(RemovePad{*pad});
    });
    auto* add = secondaryButton(tr("Lay a pad"));
    add->setObjectName(QStringLiteral("addPad"));
    connect(add, &QPushButton::clicked, this, &MufflingPage::addPad);
    auto* padTools = new QHBoxLayout;
    padTools->addWidget(m_place, 1);
    padTools->addWidget(m_remove);
    padTools->addWidget(add);
    pads->addLayout(padTools);
    row->addLayout(pads, 1);
    m_ring = new RingView;
    row->addWidget(m_ring, 1);
    column->addLayout(row, 1);

    auto* lower = new QHBoxLayout;
    lower->setSpacing(14);
    lower->addWidget(stepPanel(), 8);
    m_listening = new ListeningStrip(controller);
    lower->addWidget(m_listening, 6);
    column->addLayout(lower);
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
    m_detail->setWordWrap(true);
    words->addWidget(m_now);
    words->addWidget(m_figure);
    words->addWidget(m_detail);
    words->addStretch();
    auto* undo = secondaryButton(tr("Undo last"));
    connect(undo, &QPushButton::clicked, &controller().undoStack(), &QUndoStack::undo);
    m_primary = primaryButton();
    m_primary->setText(tr("On to the proof"));
    connect(m_primary, &QPushButton::clicked, this, [this] { controller().goTo(Station::Proof); });
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(undo);
    buttons->addStretch();
    buttons->addWidget(m_primary);
    words->addLayout(buttons);
    return panel;
}

/// Lays it 20 mm from the hoop, of 24 angles where it shortens the ring most: the members of each pair that
/// the other pads leave alone.
void MufflingPage::addPad() {
    constexpr int angles = 24;
    const Shell& shell = session().drum.shell;
    const DrumState state = knownState(session());
    std::optional<Pad> best;
    double shortest = 0.0;
    for (int place = 0; place < angles; ++place) {
        Pad pad;
        pad.fromCentre = Metres{shell.radius().value - pad.kind.radius.value - 0.020};
        pad.angle =
            Radians{1.5 * std::numbers::pi + 2.0 * std::numbers::pi * place / angles}; // from the far side on
        if (checkPad(pad, session().pads, shell) != PadProblem::None)
            continue;
        std::vector<Pad> with = session().pads;
        with.push_back(pad);
        const double ring = predictMuffling(session().drum, state, with).ringAfter.value;
        if (!best || ring < shortest - 1e-4) {
            best = pad;
            shortest = ring;
        }
    }
    if (best && controller().perform(AddPad{*best}))
        m_head->select(static_cast<int>(session().pads.size()) - 1);
}

void MufflingPage::refresh() {
    m_listening->refresh();
    m_head->show(session().drum.shell, session().drum.rods, session().pads);
    const RingPicture picture{predictMuffling(session().drum, knownState(session()), session().pads),
                              ringWanted(briefOf(session())), !session().pads.empty()};
    m_ring->show(picture);
    const double after = picture.prediction.ringAfter.value;
    const double wanted = picture.wanted.value;
    m_figure->setText(
        picture.hasPads
            ? tr("%1 s → %2 s").arg(picture.prediction.ringBefore.value, 0, 'f', 2).arg(after, 0, 'f', 2)
            : tr("%1 s").arg(after, 0, 'f', 2));
    const double ratio = after / wanted;
    if (std::abs(ratio - 1.0) < 0.08)
        m_now->setText(tr("Ring as wanted"));
    else if (ratio > 1.0)
        m_now->setText(picture.hasPads ? tr("Still rings longer than wanted")
                                       : tr("Rings longer than wanted"));
    else
        m_now->setText(picture.hasPads ? tr("Shorter than wanted: less pad")
                                       : tr("Short enough without a pad"));
    QString detail = tr("predicted; %1 s wanted for %2").arg(wanted, 0, 'f', 2).arg(cueName(session().tone));
    if (session().batter.history.empty())
        detail += tr("; from the targets, since the batter was not heard yet");
    if (const auto heard = strokesSay(session()).ring)
        detail += tr("; heard %1 s").arg(heard->value, 0, 'f', 2);
    m_detail->setText(detail);
    showSelected();
}

void MufflingPage::showSelected() {
    const auto pad = m_head->selected();
    const bool valid = pad && *pad < static_cast<int>(session().pads.size());
    m_remove->setEnabled(valid);
    m_place->setText(
        valid ? tr("pad %1: %2")
                    .arg(*pad + 1)
                    .arg(padPlace(session().pads[static_cast<std::size_t>(*pad)], session().drum.shell))
              : tr("pads on the head: %1").arg(session().pads.size()));
}

} // namespace bombo
