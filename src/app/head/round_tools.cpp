#include "app/head/round_tools.h"

#include "app/head/begin_tools.h"

#include <QHBoxLayout>
#include <QInputDialog>

namespace bombo {

RoundTools::RoundTools(SessionController& controller, HeadSide side, QWidget* parent)
    : QWidget(parent), m_controller(controller), m_side(side) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    m_kind = toolBox("tapKind", tr("How the rods are compared"),
                     Choices<TapKind>{{tr("Finger on the middle"), TapKind::FingerDamped},
                                      {tr("Nothing on this head"), TapKind::Open},
                                      {tr("In silence, by gauge"), TapKind::Gauge},
                                      {tr("In silence, hoop gap"), TapKind::HoopGap},
                                      {tr("In silence, by feel"), TapKind::Feel}});
    m_kind->setToolTip(
        tr("A light finger takes the centre pitch away, at the same pressure each time. Taps with and "
           "without it are never compared: changing it begins the round again. What is read beside the "
           "rods in silence also tells opposite rods apart, which no tap can: do it before or after "
           "a round of taps, with no turn between."));
    m_extent = toolBox("tapExtent", tr("Rods of a round"), {tr("Every rod"), tr("Half the rods")});
    m_taps =
        toolBox("tapCount", tr("Taps at each rod"), {tr("1 tap each"), tr("2 taps each"), tr("3 taps each")});
    m_taps->setToolTip(tr("The middle of several taps counts; one that stands apart is named and left out."));
    m_gauge = toolBox("gauge", tr("Which gauge"));
    m_gauge->setToolTip(
        tr("A round by gauge and a round of taps with no turn between them tell what its marks "
           "stand for; that is kept in the workbook under its name."));
    for (QComboBox* combo : {m_kind, m_extent, m_taps}) {
        row->addWidget(combo);
        connect(combo, &QComboBox::activated, this, &RoundTools::choose);
    }
    row->addWidget(m_gauge);
    m_gauge->hide();
    connect(m_gauge, &QComboBox::activated, this, &RoundTools::chooseGauge);
}

void RoundTools::choose() {
    RoundWay way;
    way.kind = chosenIn<TapKind>(m_kind);
    way.half = m_extent->currentIndex() == 1;
    way.tapsPerRod = m_taps->currentIndex() + 1;
    if (way != m_controller.session().head(m_side).way)
        m_controller.perform(ChooseWay{m_side, way});
}

void RoundTools::chooseGauge(int index) {
    QString name = m_gauge->itemText(index);
    if (index == m_gauge->count() - 1) {
        bool given = false;
        name = QInputDialog::getText(this, tr("Another gauge"), tr("What you call it:"), QLineEdit::Normal,
                                     {}, &given)
                   .trimmed();
        if (!given || name.isEmpty()) {
            refresh();
            return;
        }
    }
    m_controller.chooseGauge(name);
}

void RoundTools::refresh() {
    const Session& session = m_controller.session();
    const HeadWork& work = session.head(m_side);
    const bool byGauge = work.way.kind == TapKind::Gauge;
    const bool silent = isSilent(work.way.kind);
    bombo::choose(m_kind, work.way.kind);
    m_extent->setCurrentIndex(work.way.half ? 1 : 0);
    m_extent->setToolTip(
        halfRoundIsEnough(work)
            ? tr("Opposite rods read alike in the last whole round: half of them say as much.")
            : tr("Opposite rods sound almost alike. Tap one whole round before you trust half."));
    m_taps->setCurrentIndex(work.way.tapsPerRod - 1);
    m_gauge->clear();
    const QString mine = QString::fromStdString(session.gauge.name);
    QStringList names = m_controller.gaugeNames();
    if (!names.contains(mine))
        names.prepend(mine);
    for (const QString& name : names)
        m_gauge->addItem(name.isEmpty() ? tr("Gauge without a name") : name);
    m_gauge->addItem(tr("Another gauge\u2026"));
    m_gauge->setCurrentIndex(static_cast<int>(names.indexOf(mine)));
    const std::pair<QWidget*, bool> tools[]{
        {m_extent, !silent && work.rodTurns.size() % 2 == 0}, {m_taps, !silent}, {m_gauge, byGauge}};
    for (const bool show : {false, true}) // hide before show: showing lays out at once
        for (const auto& [tool, isWanted] : tools)
            if (isWanted == show)
                tool->setVisible(show);
}

} // namespace bombo
