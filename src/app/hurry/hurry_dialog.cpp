#include "app/hurry/hurry_dialog.h"
#include "app/numbers/numbers.h"
#include "core/procedure/quick_plan.h"

#include "app/hurry/hurry_words.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

namespace bombo {

HurryDialog::HurryDialog(SessionController& controller, QWidget* parent)
    : QDialog(parent), m_controller(controller) {
    keepWordsWhole(this);
    setObjectName(QStringLiteral("hurryDialog"));
    setWindowTitle(tr("Minutes before the show"));
    resize(820, 440);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 16, 20, 16);
    column->setSpacing(12);
    auto* top = new QHBoxLayout;
    top->addWidget(textLabel("now", tr("How long have you got?")));
    m_minutes = new NumberBox;
    m_minutes->setObjectName(QStringLiteral("minutes"));
    m_minutes->setAccessibleName(tr("Minutes"));
    m_minutes->setRange(kFewestMinutes, kMostMinutes);
    m_minutes->setDecimals(0);
    m_minutes->setSuffix(tr(" min"));
    m_minutes->setValue(controller.session().hurry ? controller.session().hurry->minutes : 5.0);
    connect(m_minutes, &QDoubleSpinBox::valueChanged, this, &HurryDialog::refresh);
    top->addWidget(m_minutes);
    top->addStretch();
    column->addLayout(top);
    m_plan = new QTableWidget(0, 3);
    m_plan->setObjectName(QStringLiteral("plan"));
    m_plan->setAccessibleName(tr("What fits into it"));
    m_plan->setHorizontalHeaderLabels({tr("From"), tr("Takes"), tr("What")});
    m_plan->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_plan->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
    m_plan->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_plan->verticalHeader()->hide();
    m_plan->verticalHeader()->setMinimumSectionSize(46);
    connect(m_plan->horizontalHeader(), &QHeaderView::sectionResized, m_plan,
            &QTableWidget::resizeRowsToContents);
    m_plan->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_plan->setSelectionMode(QAbstractItemView::NoSelection);
    m_plan->setShowGrid(false);
    m_plan->setFocusPolicy(Qt::TabFocus);
    column->addWidget(m_plan, 1);
    auto* words =
        textLabel("quiet", tr("No head is changed and no rod goes further than a quarter: whoever is called "
                              "on stage may stop after any line, and undo brings everything back."));
    words->setWordWrap(true);
    column->addWidget(words);
    auto* over = secondaryButton(tr("No show any more"));
    over->setObjectName(QStringLiteral("endHurry"));
    over->setEnabled(controller.session().hurry.has_value());
    connect(over, &QPushButton::clicked, this, [this] {
        if (m_controller.perform(EndHurry{}))
            accept();
    });
    auto* begin = primaryButton();
    begin->setText(tr("Begin"));
    begin->setObjectName(QStringLiteral("beginHurry"));
    connect(begin, &QPushButton::clicked, this, [this] {
        if (m_controller.beginHurry(m_minutes->value()))
            accept();
    });
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(over);
    buttons->addStretch();
    buttons->addWidget(begin);
    column->addLayout(buttons);
    refresh();
}

void HurryDialog::refresh() {
    const Session& session = m_controller.session();
    const auto plan = quickPlan(session.drum, session.path, m_minutes->value());
    m_plan->setRowCount(static_cast<int>(plan.size()));
    for (int row = 0; row < m_plan->rowCount(); ++row) {
        const QuickStep& step = plan[static_cast<std::size_t>(row)];
        m_plan->setItem(row, 0, new QTableWidgetItem(minutesText(step.from)));
        m_plan->setItem(row, 1, new QTableWidgetItem(minutesText(step.takes)));
        m_plan->setItem(row, 2, new QTableWidgetItem(quickText(step)));
    }
    m_plan->resizeRowsToContents();
}

} // namespace bombo
