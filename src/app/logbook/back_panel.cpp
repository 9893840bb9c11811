#include "app/logbook/back_panel.h"

#include "app/logbook/back_words.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <cmath>

namespace bombo {

BackPanel::BackPanel(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    auto* top = new QHBoxLayout;
    m_headline = textLabel("heading");
    m_headline->setObjectName(QStringLiteral("backHeadline"));
    m_headline->setWordWrap(true);
    top->addWidget(m_headline, 1);
    m_same = new QComboBox;
    m_same->setObjectName(QStringLiteral("sameAs"));
    m_same->setAccessibleName(tr("What is to be the same"));
    for (const SameAs same : {SameAs::Pitches, SameAs::Tensions, SameAs::Counts})
        m_same->addItem(sameAsName(same), QVariant::fromValue(static_cast<int>(same)));
    connect(m_same, &QComboBox::activated, this, &BackPanel::reckon);
    top->addWidget(m_same, 0, Qt::AlignTop);
    column->addLayout(top);
    auto* middle = new QHBoxLayout;
    middle->setSpacing(12);
    auto* words = new QVBoxLayout;
    words->setSpacing(4);
    m_steps = textLabel("strong");
    m_steps->setObjectName(QStringLiteral("backSteps"));
    m_but = textLabel("quiet");
    m_but->setObjectName(QStringLiteral("backBut"));
    for (QLabel* label : {m_steps, m_but}) {
        label->setWordWrap(true);
        words->addWidget(label);
    }
    words->addStretch();
    middle->addLayout(words, 1);
    m_way = new WayView;
    middle->addWidget(m_way, 1);
    column->addLayout(middle, 1);
    m_moved = new MovedBar;
    column->addWidget(m_moved);
}

void BackPanel::show(Biography& biography, const Entry* entry, int rods) {
    m_rods = rods;
    m_biography = &biography;
    m_entry = entry != nullptr ? entry->id : 0;
    reckon();
}

void BackPanel::reckon() {
    const Entry* entry = m_biography != nullptr ? m_biography->entry(m_entry) : nullptr;
    m_plan.reset();
    m_same->setEnabled(entry != nullptr);
    m_moved->hide();
    m_way->show({}, {}, m_rods);
    if (entry == nullptr) {
        m_headline->setText(tr("Nothing to go back to yet"));
        m_steps->setText(tr("Save how the drum stands at the last station, Proof."));
        m_but->clear();
        return;
    }
    m_plan = m_biography->backTo(*entry, static_cast<SameAs>(m_same->currentData().toInt()));
    m_way->show(m_plan, m_biography->nowAndThen(*entry, *m_plan), m_rods);
    m_headline->setText(backHeadline(*m_plan));
    m_steps->setText(backSteps(*m_plan).join(QLatin1Char('\n')));
    QStringList notes = backReservations(*m_plan);
    notes.prepend(backSureness(*m_plan));
    notes.removeAll(QString());
    m_but->setText(notes.join(QLatin1Char(' ')));
    showMoved(*entry);
}

void BackPanel::showMoved(const Entry& entry) {
    // Of what this session found first; else of the evening in hand.
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        if (const auto moved = m_biography->movedSince(side)) {
            m_moved->explain(side == HeadSide::Batter
                                 ? tr("Since the last entry the batter moved %1 cents by itself:")
                                       .arg(centsText(moved->total.cents))
                                 : tr("Since the last entry the snare side moved %1 cents by itself:")
                                       .arg(centsText(moved->total.cents)),
                             side, *moved);
            return m_moved->show();
        }
    const auto moved = m_biography->movedBefore(entry, HeadSide::Batter);
    const Entry* before = m_biography->before(entry);
    if (!moved || before == nullptr)
        return;
    m_moved->explain(tr("From %1 until it was found on %2 the batter moved %3 cents by itself:")
                         .arg(dayText(before->at, Biography::clock()), dayText(entry.at, Biography::clock()),
                              centsText(moved->total.cents)),
                     HeadSide::Batter, *moved);
    m_moved->show();
}

} // namespace bombo
