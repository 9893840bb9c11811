#include "app/head/head_page.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/acoustics/film.h"

#include <QDragEnterEvent>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QMimeData>
#include <QVBoxLayout>

namespace bombo {
namespace {

constexpr std::array kTolerances{Cents{5.0}, Cents{8.0}, Cents{12.0}}; ///< to choose from

} // namespace

HeadPage::HeadPage(SessionController& controller, HeadSide side, QWidget* parent)
    : StationPage(controller, parent), m_side(side) {
    setAcceptDrops(true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 12);
    column->setSpacing(12);

    m_title = textLabel("title");
    m_conditions = textLabel("quiet");
    m_conditions->setWordWrap(true);
    m_target = textLabel(side == HeadSide::Batter ? "batter" : "snareSide");
    m_mean = textLabel("quiet");
    m_mean->setObjectName(QStringLiteral("mean"));
    auto* header = new QGridLayout;
    header->setVerticalSpacing(2);
    header->addWidget(m_title, 0, 0);
    header->addWidget(m_conditions, 1, 0);
    header->addWidget(m_target, 0, 1, Qt::AlignRight | Qt::AlignBottom);
    header->addWidget(m_mean, 1, 1, Qt::AlignRight);
    header->setColumnStretch(0, 1);
    column->addLayout(header);

    m_hoop = new HoopView;
    connect(m_hoop, &HoopView::rodSelected, this, &HeadPage::showRodTools);
    column->addWidget(m_hoop, 1);
    column->addWidget(rodTools());

    m_listening = new ListeningStrip(controller);
    auto* lower = new QHBoxLayout;
    lower->setSpacing(14);
    lower->addWidget(stepPanel(), 8);
    lower->addWidget(m_listening, 5);
    column->addLayout(lower);

    m_ownLoad = new LoadWedge;
    m_otherLoad = new LoadWedge;
    auto* loads = new QHBoxLayout;
    loads->addWidget(textLabel("quiet", tr("Film load,\nshare of yield")));
    loads->addWidget(m_ownLoad, 1);
    loads->addWidget(m_otherLoad, 1);
    column->addLayout(loads);
}

QWidget* HeadPage::stepPanel() {
    QFrame* panel = card();
    m_dial = new StepDial;
    m_now = textLabel("now");
    m_now->setWordWrap(true);
    m_now->setObjectName(QStringLiteral("now"));
    m_figure = textLabel("figure");
    m_figure->setObjectName(QStringLiteral("step"));
    m_detail = textLabel("quiet");
    m_detail->setWordWrap(true);
    m_detail->setMinimumHeight(54); // three lines, so that the panel never cuts them
    m_count = textLabel("heading");
    m_count->setObjectName(QStringLiteral("count"));
    m_primary = primaryButton();
    connect(m_primary, &QPushButton::clicked, this, &HeadPage::act);

    auto* left = new QVBoxLayout;
    m_dial->setFixedWidth(172); // so that the words do not wander from step to step
    m_count->setAlignment(Qt::AlignCenter);
    left->addWidget(m_dial, 1);
    left->addWidget(m_count);
    auto* words = new QVBoxLayout;
    words->addWidget(m_now);
    words->addWidget(m_figure);
    words->addWidget(m_detail);
    words->addStretch();
    words->addWidget(m_primary, 0, Qt::AlignRight);
    auto* row = new QHBoxLayout(panel);
    row->setContentsMargins(18, 12, 18, 14);
    row->setSpacing(18);
    row->addLayout(left);
    row->addLayout(words, 1);
    return panel;
}

QWidget* HeadPage::rodTools() {
    auto* bar = new QWidget;
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(0, 0, 0, 0);
    m_rodText = textLabel("quiet");
    m_rodText->setWordWrap(true);
    m_rodText->setMinimumWidth(150); // three lines of the longest hint at the smallest window
    m_rodText->setObjectName(QStringLiteral("rodText"));
    m_again = secondaryButton(tr("Start this head again"));
    m_again->setObjectName(QStringLiteral("again"));
    m_again->setToolTip(tr("A new head, or the count is lost: back to finger-tight. Undo brings it back."));
    connect(m_again, &QPushButton::clicked, this, [this] { controller().perform(StartHeadAgain{m_side}); });
    m_startHere = secondaryButton({});
    m_startHere->setObjectName(QStringLiteral("startHere"));
    connect(m_startHere, &QPushButton::clicked, this, [this] {
        controller().perform(
            BeginTapping{m_side, m_hoop->selected().value_or(0), session().head(m_side).direction});
    });
    m_tapAgain = secondaryButton({});
    m_tapAgain->setObjectName(QStringLiteral("tapAgain"));
    m_tapAgain->setToolTip(tr("One more tap at this rod; its figure becomes the middle of its taps."));
    connect(m_tapAgain, &QPushButton::clicked, this, [this] {
        if (const auto rod = rodToTapAgain())
            controller().perform(AskAgain{m_side, *rod});
    });
    m_otherWay = secondaryButton(tr("The other way round"));
    m_otherWay->setObjectName(QStringLiteral("otherWay"));
    connect(m_otherWay, &QPushButton::clicked, this, [this] {
        const HeadWork& work = session().head(m_side);
        const Direction other =
            work.direction == Direction::Clockwise ? Direction::CounterClockwise : Direction::Clockwise;
        controller().perform(BeginTapping{m_side, work.startRod, other});
    });
    m_lessTurned = secondaryButton(tr("Count \u22121/8"));
    m_lessTurned->setToolTip(tr("I turned this rod an eighth less than was counted."));
    connect(m_lessTurned, &QPushButton::clicked, this, [this] { correct(Turns{-0.125}); });
    m_moreTurned = secondaryButton(tr("Count +1/8"));
    m_moreTurned->setToolTip(tr("I turned this rod an eighth more than was counted."));
    m_moreTurned->setObjectName(QStringLiteral("moreTurned"));
    connect(m_moreTurned, &QPushButton::clicked, this, [this] { correct(Turns{0.125}); });
    m_undo = secondaryButton(tr("Undo last"));
    m_undo->setObjectName(QStringLiteral("undo"));
    connect(m_undo, &QPushButton::clicked, &controller().undoStack(), &QUndoStack::undo);
    m_listenNow = secondaryButton({});
    m_listenNow->setObjectName(QStringLiteral("listenNow"));
    connect(m_listenNow, &QPushButton::clicked, this, [this] {
        controller().perform(BeginTapping{m_side, 0, session().head(m_side).direction});
    });
    row->addWidget(m_rodText, 1);
    row->addWidget(wayTools());
    row->addWidget(handlingTools());
    row->addStretch();
    for (QPushButton* button :
         {m_again, m_startHere, m_tapAgain, m_otherWay, m_lessTurned, m_moreTurned, m_listenNow, m_undo}) {
        row->addWidget(button);
        button->setVisible(button == m_undo); // the others when refresh() finds a use for them
    }
    m_way->hide();
    m_handling->hide();
    return bar;
}

QComboBox* HeadPage::box(QWidget* parent, const char* name, const QString& says, const QStringList& choices) {
    auto* combo = new QComboBox;
    combo->setObjectName(QString::fromLatin1(name));
    combo->setAccessibleName(says);
    combo->setFocusPolicy(Qt::TabFocus);
    combo->addItems(choices);
    parent->layout()->addWidget(combo);
    return combo;
}

QWidget* HeadPage::handlingTools() {
    m_handling = new QWidget;
    auto* row = new QHBoxLayout(m_handling);
    row->setContentsMargins(0, 0, 0, 0);
    m_path = box(m_handling, "turnPath", tr("In which order rods are turned"),
                 {tr("Opposite pairs, two keys"), tr("Across, one key"), tr("Round, one key")});
    m_path->setToolTip(tr("Across or in pairs the film stays centred; round the head only in small steps."));
    QStringList tolerances;
    for (const Cents c : kTolerances)
        tolerances << tr("Even to \u00b1%1 cents").arg(c.value);
    m_tolerance = box(m_handling, "evenWithin", tr("How even the head is to be"), tolerances);
    m_tolerance->setToolTip(tr("Five takes a pass more; twelve is enough for a dead or noisy sound."));
    for (QComboBox* combo : {m_path, m_tolerance})
        connect(combo, &QComboBox::activated, this, [this] {
            controller().perform(
                ChooseHandling{static_cast<Path>(m_path->currentIndex()),
                               kTolerances.at(static_cast<std::size_t>(m_tolerance->currentIndex()))});
        });
    return m_handling;
}

void HeadPage::showHandling() {
    const bool pairs = session().drum.rods % 2 == 0;
    m_path->setItemText(0, pairs ? tr("Opposite pairs, two keys") : tr("Far apart, one key"));
    m_path->setCurrentIndex(static_cast<int>(session().path));
    std::size_t nearest = 0;
    for (std::size_t i = 0; i < kTolerances.size(); ++i)
        if (std::abs(kTolerances[i].value - session().tolerance.value) <
            std::abs(kTolerances[nearest].value - session().tolerance.value))
            nearest = i;
    m_tolerance->setCurrentIndex(static_cast<int>(nearest));
}

QWidget* HeadPage::wayTools() {
    m_way = new QWidget;
    auto* row = new QHBoxLayout(m_way);
    row->setContentsMargins(0, 0, 0, 0);
    m_kind = box(m_way, "tapKind", tr("What damps this head"),
                 {tr("Finger on the middle"), tr("Nothing on this head")});
    m_kind->setToolTip(
        tr("A light finger takes the body tone away, at the same pressure each time. Taps with and "
           "without it are never compared: changing it begins the round again."));
    m_extent = box(m_way, "tapExtent", tr("Rods of a round"), {tr("Every rod"), tr("Half the rods")});
    m_taps = box(m_way, "tapCount", tr("Taps at each rod"),
                 {tr("1 tap each"), tr("2 taps each"), tr("3 taps each")});
    m_taps->setToolTip(tr("The middle of several taps counts; one that stands apart is named and left out."));
    for (QComboBox* combo : {m_kind, m_extent, m_taps})
        connect(combo, &QComboBox::activated, this, &HeadPage::chooseWay);
    return m_way;
}

void HeadPage::chooseWay() {
    RoundWay way;
    way.kind = m_kind->currentIndex() == 0 ? TapKind::FingerDamped : TapKind::Open;
    way.half = m_extent->currentIndex() == 1;
    way.tapsPerRod = m_taps->currentIndex() + 1;
    if (way != session().head(m_side).way)
        controller().perform(ChooseWay{m_side, way});
}

void HeadPage::showWay() {
    const HeadWork& work = session().head(m_side);
    m_kind->setCurrentIndex(work.way.kind == TapKind::FingerDamped ? 0 : 1);
    m_extent->setCurrentIndex(work.way.half ? 1 : 0);
    m_extent->setVisible(work.rodTurns.size() % 2 == 0);
    m_extent->setToolTip(
        halfRoundIsEnough(work)
            ? tr("Opposite rods read alike in the last whole round: half of them say as much.")
            : tr("Opposite rods sound alike to the ear's first order. Tap one whole round before "
                 "you trust half."));
    m_taps->setCurrentIndex(work.way.tapsPerRod - 1);
}

std::optional<int> HeadPage::rodToTapAgain() const {
    const HeadWork& work = session().head(m_side);
    const auto chosen = m_hoop->selected();
    if (!chosen)
        return strayRod(work);
    const auto rod = static_cast<std::size_t>(*chosen);
    const bool fresh = !work.history.empty() && work.history.back().rodTurns == work.rodTurns &&
                       (work.stage == HeadStage::Turning || work.stage == HeadStage::Done);
    const bool tapped = work.stage == HeadStage::Tapping ? !work.taps[rod].empty() : fresh;
    return tapped ? chosen : std::nullopt;
}

void HeadPage::correct(Turns by) {
    if (const auto rod = m_hoop->selected())
        controller().perform(CorrectCount{m_side, *rod, by});
}

void HeadPage::refresh() {
    const HeadWork& work = session().head(m_side);
    const HeadBrief brief = briefFor(session(), m_side);
    const bool batter = m_side == HeadSide::Batter;
    switch (work.stage) {
    case HeadStage::FingerTight:
        m_title->setText(batter ? tr("Put the batter on") : tr("Put the snare side on"));
        break;
    case HeadStage::Raising:
        m_title->setText(batter ? tr("Raise the batter") : tr("Raise the snare side"));
        break;
    case HeadStage::Tapping:
        m_title->setText(batter ? tr("Listen round the batter") : tr("Listen round the snare side"));
        break;
    case HeadStage::Turning:
        m_title->setText(batter ? tr("Even the batter") : tr("Even the snare side"));
        break;
    case HeadStage::Done:
        m_title->setText(batter ? tr("The batter stands") : tr("The snare side stands"));
        break;
    }
    const bool finger = work.way.kind == TapKind::FingerDamped;
    QString conditions =
        batter ? finger ? tr("Wires off, snare side muted, finger on the middle.")
                        : tr("Wires off, snare side muted, nothing on this head.")
               : tr("Drum upturned, wires off and held away, batter muted. No palm on this film.");
    if (!work.history.empty())
        conditions =
            tr("Round %1. ").arg(work.history.size() + (work.stage == HeadStage::Done ? 0 : 1)) + conditions;
    m_conditions->setText(conditions);
    m_target->setText(tr("target %1").arg(pitchText(brief.target)));
    if (const auto estimate = lastEstimate(work)) {
        const double off = centsBetween(brief.target, estimate->mean).value;
        m_mean->setText(tr("last mean %1, %2 cents; spread ± %3")
                            .arg(hertzText(estimate->mean), centsText(Cents{off}))
                            .arg(estimate->widest.value, 0, 'f', 0));
    } else {
        m_mean->setText(tr("edge pitch, other head muted"));
    }

    m_hoop->show(hoopPicture(session(), m_side));
    const StepWords words = stepWords(session(), m_side);
    m_dial->show(words.kind, words.turns);
    m_now->setText(words.now);
    m_figure->setText(words.figure);
    m_detail->setText(words.detail);
    m_count->setText(words.count);
    m_primary->setText(words.button);
    m_primary->setAccessibleDescription(words.now + QStringLiteral(", ") + words.figure);
    const bool waits = work.stage == HeadStage::Tapping && session().source == SoundSource::Microphone;
    m_primary->setEnabled(!waits);
    m_undo->setEnabled(controller().undoStack().canUndo());
    m_listenNow->setText(work.stage == HeadStage::Done ? tr("Tap the round again") : tr("Listen now"));
    m_listening->refresh();

    auto showLoad = [this](LoadWedge* wedge, HeadSide side) {
        const HeadWork& its = session().head(side);
        wedge->show(side, filmLoad(session().drum.head(side), tensionNow(its, briefFor(session(), side))),
                    its.stage != HeadStage::FingerTight);
    };
    showLoad(m_ownLoad, m_side);
    showLoad(m_otherLoad, batter ? HeadSide::SnareSide : HeadSide::Batter);
    const auto move = moveAtHand(work, session().path);
    if (const auto stray = strayRod(work))
        m_hint =
            tr("Rod %1 does not fit the others. If it stays so when it is tapped again, look at the edge and "
               "the hoop there.")
                .arg(*stray + 1);
    else if (work.stage == HeadStage::Turning && move && move->rods.size() == 2)
        m_hint = tr("Taps cannot tell %1 apart. If only one feels slack, turn that one and correct the count "
                    "of both.")
                     .arg(rodsText(move->rods));
    else if (!batter && work.stage != HeadStage::FingerTight)
        m_hint = tr("Thin film: eyes clear of the hoop, stop if the resistance jumps. Rods at the snare beds "
                    "never read quite like the rest.");
    else
        m_hint = tr(
            "Click a rod, or choose it with the arrow keys, to start a round there or to correct its count.");
    showRodTools();
}

void HeadPage::showRodTools() {
    const auto rod = m_hoop->selected();
    const HeadWork& work = session().head(m_side);
    const bool started = work.stage != HeadStage::FingerTight;
    const bool offersWay = !rod && work.stage == HeadStage::Tapping;
    m_rodText->setText(rod ? rodSummary(m_hoop->picture(), *rod) : m_hint);
    showWay();
    showHandling();
    const auto again = rodToTapAgain();
    m_tapAgain->setText(again ? tr("Tap rod %1 again").arg(*again + 1) : QString());
    m_startHere->setText(rod ? tr("Start at rod %1").arg(*rod + 1) : QString());
    const bool between =
        work.stage == HeadStage::Raising || work.stage == HeadStage::Turning || work.stage == HeadStage::Done;
    const std::pair<QWidget*, bool> tools[]{
        {m_rodText, !offersWay},
        {m_way, offersWay},
        {m_handling, !started},
        {m_tapAgain, again.has_value()},
        {m_again, !rod && started && work.stage != HeadStage::Tapping},
        {m_startHere, rod && started},
        {m_lessTurned, rod && started},
        {m_moreTurned, rod && started},
        {m_listenNow, between},
        {m_otherWay, work.stage == HeadStage::Tapping && work.rodsHeard() == 0}};
    // Showing lays out at once, and the window would grow for what is about to be hidden.
    for (const bool show : {false, true})
        for (const auto& [tool, isWanted] : tools)
            if (isWanted == show)
                tool->setVisible(show);
}

void HeadPage::act() {
    const HeadWork& work = session().head(m_side);
    switch (work.stage) {
    case HeadStage::FingerTight:
        controller().perform(FingerTight{m_side});
        break;
    case HeadStage::Raising:
        controller().perform(GroupTurned{m_side});
        break;
    case HeadStage::Turning:
        controller().perform(MoveMade{m_side});
        break;
    case HeadStage::Tapping:
        if (session().source == SoundSource::Practice)
            controller().strikePractice();
        else if (session().source == SoundSource::File)
            m_listening->askForFiles();
        break;
    case HeadStage::Done:
        if (needsAnotherRound(session(), m_side)) {
            controller().perform(BeginTapping{m_side, 0, work.direction});
            break;
        }
        controller().goTo(stationAfter(session(), session().station));
        break;
    }
}

void HeadPage::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void HeadPage::dropEvent(QDropEvent* event) {
    QStringList paths;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile())
            paths << url.toLocalFile();
    controller().openSoundFiles(paths);
}

} // namespace bombo
