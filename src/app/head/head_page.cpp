#include "app/head/head_page.h"
#include "app/listening/ear.h"
#include "app/numbers/numbers.h"
#include "app/practice/practice_player.h"

#include "app/head/finding_words.h"
#include "app/head/ledger_dialog.h"
#include "app/head/trial_dialog.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/acoustics/film.h"
#include "core/record/heads_say.h"
#include "core/record/stations.h"

#include <QDragEnterEvent>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QMimeData>
#include <QVBoxLayout>

namespace bombo {
HeadPage::HeadPage(SessionController& controller, HeadSide side, QWidget* parent)
    : StationPage(controller, parent), m_side(side) {
    setAcceptDrops(true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 12);
    column->setSpacing(12);

    m_title = textLabel("title");
    m_title->setObjectName(QStringLiteral("title"));
    m_conditions = textLabel("quiet");
    m_conditions->setWordWrap(true);
    m_conditions->setObjectName(QStringLiteral("conditions"));
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
    m_detail->setObjectName(QStringLiteral("detail"));
    m_detail->setMinimumHeight(54); // three lines, so that the panel never cuts them
    m_count = textLabel("heading");
    m_count->setObjectName(QStringLiteral("count"));
    m_mark = new NumberBox;
    m_mark->setObjectName(QStringLiteral("mark"));
    m_mark->setAccessibleName(tr("Mark of the gauge"));
    m_mark->setRange(0.0, kHighestMark);
    m_mark->setDecimals(1);
    m_mark->setButtonSymbols(QAbstractSpinBox::NoButtons);
    m_mark->setFocusPolicy(Qt::StrongFocus);
    m_mark->setMinimumWidth(110);
    m_mark->hide();
    connect(m_mark->findChild<QLineEdit*>(), &QLineEdit::returnPressed, this, &HeadPage::act);
    m_feel =
        toolBox("feel", tr("How this rod feels"),
                {tr("Much looser"), tr("Looser"), tr("Like the others"), tr("Tighter"), tr("Much tighter")});
    m_feel->setCurrentIndex(2);
    m_feel->hide();
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
    auto* act = new QHBoxLayout;
    act->addStretch();
    act->addWidget(m_mark);
    act->addWidget(m_feel);
    act->addWidget(m_primary);
    words->addLayout(act);
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
    m_ledger = secondaryButton(tr("Turns\u2026"));
    m_ledger->setObjectName(QStringLiteral("ledgerButton"));
    m_ledger->setToolTip(tr("Every turn of every rod; retrace them, or start this head again."));
    connect(m_ledger, &QPushButton::clicked, this, [this] {
        LedgerDialog dialog(controller(), m_side, this);
        dialog.exec();
    });
    m_resists = secondaryButton({});
    m_resists->setObjectName(QStringLiteral("resists"));
    connect(m_resists, &QPushButton::clicked, this, [this] {
        controller().perform(Resists{m_side, !session().head(m_side).resists});
    });
    m_trial = secondaryButton({});
    m_trial->setObjectName(QStringLiteral("trial"));
    connect(m_trial, &QPushButton::clicked, this, [this] {
        if (session().head(m_side).trial)
            controller().perform(EndTrial{m_side});
        else
            TrialDialog(controller(), m_side, this).exec();
    });
    m_nearest = secondaryButton(tr("Nearest to me"));
    m_nearest->setObjectName(QStringLiteral("nearest"));
    m_nearest->setToolTip(tr("I stand before this rod: the hoop is laid out from there."));
    connect(m_nearest, &QPushButton::clicked, this, [this] {
        const auto rod = m_hoop->selected();
        controller().setNearestRod(rod == session().nearestRod ? std::nullopt : rod);
    });
    m_startHere = secondaryButton({});
    m_startHere->setObjectName(QStringLiteral("startHere"));
    connect(m_startHere, &QPushButton::clicked, this, [this] {
        controller().perform(
            BeginTapping{m_side, m_hoop->selected().value_or(0), session().head(m_side).direction});
    });
    m_tapAgain = secondaryButton({});
    m_tapAgain->setObjectName(QStringLiteral("tapAgain"));
    m_tapAgain->setToolTip(tr("One more tap at this rod; its reading becomes the median of its taps."));
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
    m_lessTurned = secondaryButton(tr("Count \u2212"
                                      "1/8"));
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
    m_begin = new BeginTools(controller(), m_side);
    m_way = new RoundTools(controller(), m_side);
    row->addWidget(m_rodText, 1);
    row->addWidget(m_way);
    row->addWidget(m_begin, 1);
    row->addStretch();
    for (QPushButton* button : {m_nearest, m_trial, m_startHere, m_tapAgain, m_otherWay, m_lessTurned,
                                m_moreTurned, m_resists, m_listenNow, m_ledger, m_undo}) {
        row->addWidget(button);
        button->setVisible(button == m_undo); // the others when refresh() finds a use for them
    }
    m_way->hide();
    m_begin->hide();
    return bar;
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
    const HeadBrief brief = briefFor(reckoned(), m_side);
    const bool batter = m_side == HeadSide::Batter;
    switch (work.stage) {
    case HeadStage::FingerTight:
        if (work.condition == HeadCondition::New)
            m_title->setText(batter ? tr("Put the batter head on") : tr("Put the snare-side head on"));
        else
            m_title->setText(batter ? tr("Start on the batter head") : tr("Start on the snare-side head"));
        break;
    case HeadStage::Raising:
        m_title->setText(batter ? tr("Raise the batter head") : tr("Raise the snare-side head"));
        break;
    case HeadStage::Tapping:
        m_title->setText(batter ? tr("Tap round the batter head") : tr("Tap round the snare-side head"));
        break;
    case HeadStage::Turning:
        m_title->setText(batter ? tr("Even the batter head") : tr("Even the snare-side head"));
        break;
    case HeadStage::Done:
        m_title->setText(batter ? tr("Batter head: done") : tr("Snare-side head: done"));
        break;
    }
    const bool finger = work.way.kind == TapKind::FingerDamped;
    QString conditions =
        batter ? finger ? tr("Wires off, snare side muted, finger on the middle.")
                        : tr("Wires off, snare side muted, nothing on this head.")
               : tr("Drum upturned, wires off and held away, batter muted. No palm on this film.");
    if (isSilent(work.way.kind) && work.stage != HeadStage::FingerTight)
        conditions = isProvisional(work) || work.history.empty()
                         ? tr("In silence: the result is provisional until it is heard.")
                         : tr("In silence, beside the last taps: together they tell opposite rods apart.");
    if (session().hurry)
        conditions = tr("Before the show, stop by %1.").arg(clockText(session().showAt)) + QLatin1Char(' ') +
                     conditions;
    else if (!work.history.empty())
        conditions = tr("Round %1.").arg(work.history.size() + (work.stage == HeadStage::Done ? 0 : 1)) +
                     QLatin1Char(' ') + conditions;
    m_conditions->setText(conditions);
    m_target->setText(tr("target %1").arg(pitchText(brief.target)));
    if (const auto estimate = lastEstimate(work)) {
        const double off = centsBetween(brief.target, estimate->mean).value;
        m_mean->setText(tr("last mean %1, %2 cents; spread ± %3")
                            .arg(hertzText(estimate->mean), centsText(Cents{off}))
                            .arg(number(estimate->widest.value, 0)));
    } else {
        m_mean->setText(tr("edge pitch, other head muted"));
    }

    m_hoop->show(hoopPicture(reckoned(), m_side));
    const StepWords words = stepWords(reckoned(), m_side);
    m_dial->show(words.kind, words.turns, words.prep, m_side);
    m_now->setText(words.now);
    m_figure->setText(words.figure);
    m_detail->setText(words.detail);
    m_count->setText(words.count);
    m_primary->setText(words.button);
    m_primary->setAccessibleDescription(words.now + QStringLiteral(", ") + words.figure);
    const bool waits = work.stage == HeadStage::Tapping && session().source == SoundSource::Microphone &&
                       !isSilent(work.way.kind) && !raisesOtherFirst(session(), m_side);
    m_primary->setEnabled(!waits);
    m_undo->setEnabled(controller().undoStack().canUndo());
    m_listenNow->setText(work.stage == HeadStage::Done ? tr("Tap the round again") : tr("Listen now"));
    m_listening->refresh();
    showGauge();

    auto showLoad = [this](LoadWedge* wedge, HeadSide side) {
        const HeadWork& its = session().head(side);
        wedge->show(side, filmLoad(session().drum.head(side), tensionNow(its, briefFor(reckoned(), side))),
                    its.stage != HeadStage::FingerTight);
    };
    showLoad(m_ownLoad, m_side);
    showLoad(m_otherLoad, batter ? HeadSide::SnareSide : HeadSide::Batter);
    m_hint = hintFor(work, brief);
    showRodTools();
}

QString HeadPage::hintFor(const HeadWork& work, const HeadBrief& brief) const {
    if (work.resists)
        return tr(
            "It resists: nothing is tightened. Back off the last rod a quarter; burr, grit or a bent rod? "
            "Clean and grease it, never force it. Film load near its limit: stay here.");
    if (const auto stray = strayRod(work))
        return tr("Rod %1 does not fit the others. If it stays so when it is tapped again, look at the edge "
                  "and the hoop there.")
            .arg(*stray + 1);
    const bool justHeard =
        work.stage == HeadStage::Done || (work.stage == HeadStage::Turning && work.movesDone == 0);
    if (const auto findings = headFindings(work, brief); justHeard && !findings.empty())
        return findingText(findings.front());
    if (const auto missed = missedBy(work, brief.target); justHeard && missed)
        return tr("The last moves landed within %1 cents of the prediction.").arg(std::lround(missed->value));
    const auto move = moveAtHand(work, session().path);
    if (work.stage == HeadStage::Turning && move && move->rods.size() == 2)
        return tr("Taps cannot tell %1 apart. If only one feels slack, turn that one and correct the count "
                  "of both; or read hoop gap, gauge or feel (Listen now, In silence).")
            .arg(rodsText(move->rods));
    if (m_side == HeadSide::SnareSide && work.stage != HeadStage::FingerTight)
        return tr("Thin film: eyes clear of the hoop, stop if the resistance jumps. Rods at the snare beds "
                  "never read quite like the rest.");
    return tr(
        "Click a rod, or choose it with the arrow keys, to start a round there, to correct its count or to "
        "lay the hoop out from it.");
}

/// The mark's field beside the big button, while rods are compared by a gauge that is not the practice one.
void HeadPage::showGauge() {
    const HeadWork& work = session().head(m_side);
    const TapKind kind = work.way.kind;
    const bool asks =
        work.stage == HeadStage::Tapping && isSilent(kind) && session().source != SoundSource::Practice;
    m_mark->setVisible(asks && kind != TapKind::Feel);
    m_feel->setVisible(asks && kind == TapKind::Feel);
    if (asks && kind != TapKind::Feel) {
        m_mark->setRange(0.0, marksOf(kind).highest);
        m_mark->setDecimals(kind == TapKind::HoopGap ? 2 : 1);
        m_mark->setSuffix(kind == TapKind::HoopGap ? tr(" mm") : QString());
        m_mark->setAccessibleName(kind == TapKind::HoopGap ? tr("Gap from lug to hoop")
                                                           : tr("Mark of the gauge"));
        m_mark->setFocus(Qt::OtherFocusReason);
        m_mark->selectAll();
    }
}

void HeadPage::showRodTools() {
    const auto rod = m_hoop->selected();
    const HeadWork& work = session().head(m_side);
    const bool started = work.stage != HeadStage::FingerTight;
    const bool offersWay = !rod && work.stage == HeadStage::Tapping && !work.resists;
    const bool offersBegin = !rod && !started;
    m_rodText->setText(rod ? rodSummary(m_hoop->picture(), *rod) : m_hint);
    m_way->refresh();
    m_begin->refresh();
    m_resists->setText(work.resists ? tr("The cause is cleared") : tr("It resists"));
    m_resists->setToolTip(work.resists
                              ? tr("Rods may be tightened again.")
                              : tr("The resistance of a rod jumped: stop, listen, and find out why."));
    m_trial->setText(work.trial ? tr("Turn the trial back") : tr("Uneven\u2026"));
    m_trial->setToolTip(work.trial ? tr("Turns back what was turned for the trial; then the head is evened.")
                                   : tr("Make this head uneven on purpose, as a trial."));
    m_nearest->setText(rod && rod == session().nearestRod ? tr("From the strainer") : tr("Nearest to me"));
    const auto again = rodToTapAgain();
    m_tapAgain->setText(again ? tr("Tap rod %1 again").arg(*again + 1) : QString());
    m_startHere->setText(rod ? tr("Start at rod %1").arg(*rod + 1) : QString());
    const bool between =
        work.stage == HeadStage::Raising || work.stage == HeadStage::Turning || work.stage == HeadStage::Done;
    const std::pair<QWidget*, bool> tools[]{
        {m_rodText, !offersWay && !offersBegin},
        {m_way, offersWay},
        {m_begin, offersBegin},
        {m_tapAgain, again.has_value()},
        {m_ledger, !rod && started && !offersWay},
        {m_resists, !rod && (between || work.resists) && (work.resists || work.stage != HeadStage::Done)},
        {m_trial, !rod && !again && (work.trial || (work.stage == HeadStage::Done && !work.history.empty()))},
        {m_nearest, rod.has_value() && work.stage != HeadStage::Tapping},
        {m_startHere, rod && started},
        {m_lessTurned, rod && started},
        {m_moreTurned, rod && started},
        {m_listenNow, between && !rod},
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
        controller().perform(Prepared{m_side});
        break;
    case HeadStage::Raising:
        controller().perform(GroupTurned{m_side});
        break;
    case HeadStage::Turning:
        controller().perform(MoveMade{m_side});
        break;
    case HeadStage::Tapping:
        if (raisesOtherFirst(session(), m_side))
            controller().goTo(m_side == HeadSide::Batter ? Station::SnareSide : Station::Batter);
        else if (isSilent(work.way.kind))
            readMark();
        else if (session().source == SoundSource::Practice)
            controller().practice().strike();
        else if (session().source == SoundSource::File)
            m_listening->askForFiles();
        break;
    case HeadStage::Done:
        if (work.above) {
            controller().perform(Rested{m_side});
            break;
        }
        if (needsAnotherRound(reckoned(), m_side)) {
            controller().perform(BeginTapping{m_side, 0, work.direction});
            break;
        }
        controller().goTo(stationAfter(session(), session().station));
        break;
    }
}

void HeadPage::readMark() {
    if (session().source == SoundSource::Practice)
        controller().practice().readGauge();
    else if (session().head(m_side).way.kind == TapKind::Feel)
        controller().perform(GaugeRead{m_side, kLoosestFeel + m_feel->currentIndex()});
    else if (m_mark->value() > 0.0)
        controller().perform(GaugeRead{m_side, m_mark->value()});
    else
        m_mark->setFocus(Qt::OtherFocusReason);
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
    controller().ear().openSoundFiles(paths);
}

} // namespace bombo
