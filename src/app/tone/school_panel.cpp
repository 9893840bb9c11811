#include "app/tone/school_panel.h"
#include "app/numbers/numbers.h"
#include "app/theme/choices.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/record/heads_say.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

namespace bombo {
namespace {

constexpr std::array kLevels{SnareSideLevel::AsTone,      SnareSideLevel::Interval,
                             SnareSideLevel::LittleAbove, SnareSideLevel::Matched,
                             SnareSideLevel::NearLimit,   SnareSideLevel::EdgeOverCentre,
                             SnareSideLevel::CountedTurns};
constexpr std::array kOrders{HeadOrder::SnareSideFirst, HeadOrder::BatterFirst, HeadOrder::BothAsOne};

Session withLevel(const Session& session, SnareSideLevel level) {
    Session other = session;
    other.school.level = level;
    return other;
}

} // namespace

SchoolPanel::SchoolPanel(QWidget* parent) : QWidget(parent) {
    m_table = new QTableWidget(static_cast<int>(kLevels.size()), 4);
    m_table->setObjectName(QStringLiteral("schools"));
    m_table->setAccessibleName(tr("How high the snare side stands, by school"));
    m_table->setHorizontalHeaderLabels({tr("Snare side"), tr("edge"), tr("film"), tr("ratio")});
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setMinimumSectionSize(17);
    m_table->verticalHeader()->setDefaultSectionSize(19);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_table->setProperty("dense", true);
    m_table->setTabKeyNavigation(false);
    for (int row = 0; row < m_table->rowCount(); ++row)
        for (int column = 0; column < m_table->columnCount(); ++column) {
            auto* item = new QTableWidgetItem;
            if (column > 0)
                item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            m_table->setItem(row, column, item);
        }
    connect(m_table, &QTableWidget::currentCellChanged, this, [this](int row) {
        if (!m_showing && row >= 0)
            choose(kLevels[static_cast<std::size_t>(row)]);
    });

    m_interval = new QComboBox;
    m_interval->setObjectName(QStringLiteral("schoolInterval"));
    for (const double cents : {300.0, 400.0, 500.0, 700.0, 900.0, 1200.0})
        m_interval->addItem(intervalName(Cents{cents}), cents);
    connect(m_interval, &QComboBox::activated, this, [this] { choose(SnareSideLevel::Interval); });
    m_ratio = new NumberBox;
    m_ratio->setObjectName(QStringLiteral("schoolRatio"));
    m_ratio->setRange(1.2, 1.9);
    m_ratio->setSingleStep(0.01);
    m_ratio->setKeyboardTracking(false);
    connect(m_ratio, &QDoubleSpinBox::valueChanged, this, [this] {
        if (!m_showing)
            choose(SnareSideLevel::EdgeOverCentre);
    });
    m_order = new QComboBox;
    m_order->setObjectName(QStringLiteral("headOrder"));
    m_order->setMinimumContentsLength(17); // the longest in any language
    for (const HeadOrder order : kOrders)
        addChoices<HeadOrder>(m_order, {{orderName(order), order}});
    connect(m_order, &QComboBox::activated, this, [this] {
        School school = m_session->school;
        school.order = chosenIn<HeadOrder>(m_order);
        emit schoolChosen(school);
    });
    m_cost = textLabel("quiet");
    m_cost->setWordWrap(true);
    m_cost->setObjectName(QStringLiteral("schoolCost"));
    m_cost->setAlignment(Qt::AlignTop | Qt::AlignLeft);

    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(8, 8, 12, 8);
    row->setSpacing(12);
    row->addWidget(m_table, 3);
    auto* side = new QVBoxLayout;
    side->setSpacing(4);
    auto* form = new QFormLayout;
    form->setVerticalSpacing(4);
    form->addRow(tr("Interval"), m_interval);
    form->addRow(tr("Ratio"), m_ratio);
    form->addRow(tr("Order"), m_order);
    m_order->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    side->addLayout(form);
    side->addWidget(m_cost, 1);
    row->addLayout(side, 2);
}

void SchoolPanel::choose(SnareSideLevel level) {
    School school = m_session->school;
    school.level = level;
    school.interval = Cents{m_interval->currentData().toDouble()};
    school.edgeOverCentre = m_ratio->value();
    emit schoolChosen(school);
}

void SchoolPanel::show(const Session& session) {
    m_session = session;
    m_filled = false;
    if (isVisible())
        fill();
}

void SchoolPanel::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    if (m_session && !m_filled)
        fill();
}

void SchoolPanel::fill() {
    m_filled = true;
    m_showing = true;
    const School& school = m_session->school;
    m_ratio->setValue(school.edgeOverCentre);
    m_interval->setCurrentIndex(std::max(0, m_interval->findData(school.interval.value)));
    bombo::choose(m_order, school.order);
    QString cost = schoolCost(school.level);
    const auto own = targetsOf(withLevel(*m_session, SnareSideLevel::AsTone));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const SnareSideLevel level = kLevels[static_cast<std::size_t>(row)];
        const auto targets = targetsOf(withLevel(*m_session, level));
        auto set = [&](int column, const QString& text) {
            m_table->item(row, column)->setText(text);
            m_table->item(row, column)->setToolTip(text); // where the window is narrow
        };
        set(0, schoolName(level));
        if (!targets) {
            for (int column = 1; column < 4; ++column)
                set(column, tr("–"));
            continue;
        }
        set(1, tr("%1 Hz").arg(number(targets->snareSide.edgePitch.value, 0)));
        set(2, tr("%1 %").arg(qRound(100 * targets->snareSide.filmLoad)) +
                   (targets->limit == TargetLimit::None ? QString() : QStringLiteral(" ▲")));
        set(3, number(targets->pitches.edgeOverCentre, 2));
        m_table->item(row, 2)->setToolTip(limitWords(targets->limit));
        if (level == school.level) {
            m_table->setCurrentCell(row, 0);
            if (own && level != SnareSideLevel::AsTone)
                cost +=
                    QLatin1Char(' ') +
                    tr("Against the tone's own: snare side %1 cents, film %2 to %3 %, centre %4 cents.")
                        .arg(centsText(centsBetween(own->snareSide.edgePitch, targets->snareSide.edgePitch)))
                        .arg(qRound(100 * own->snareSide.filmLoad))
                        .arg(qRound(100 * targets->snareSide.filmLoad))
                        .arg(centsText(centsBetween(own->pitches.centre, targets->pitches.centre)));
            if (targets->limit != TargetLimit::None)
                cost += QLatin1Char(' ') + tr("▲ held back: %1.").arg(limitWords(targets->limit));
        }
    }
    m_cost->setText(cost);
    m_showing = false;
}

} // namespace bombo
