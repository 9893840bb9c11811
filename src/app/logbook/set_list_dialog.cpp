#include "app/logbook/set_list_dialog.h"

#include "app/logbook/show_stand.h"
#include "app/logbook/show_view.h"
#include "app/logbook/show_words.h"
#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"
#include "core/record/json_values.h"

#include <QCheckBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QDateTime>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

const QString kKey = QStringLiteral("set_list");
constexpr int kMostNumbers = 60;
constexpr std::size_t kMostDrums = 5; // lanes beside each other

/// A drum's newest session, or a fresh one, for looking at.
std::optional<Session> sessionOf(SessionController& controller, const DrumRow& row) {
    if (controller.session().drum.id == row.drum.id)
        return controller.session();
    if (controller.tones().empty())
        return std::nullopt;
    Tone usual = controller.tones().front();
    for (const Tone& tone : controller.tones())
        if (tone.id == row.toneId)
            usual = tone;
    Session session = newSession(row.drum, usual, row.practiceSeed);
    if (const auto latest = controller.workbook()->latestSession(row.drum.id); latest && *latest)
        if (const auto stored = controller.workbook()->loadSession(**latest)) {
            static_cast<Work&>(session) = stored->work;
            if (const auto rig = controller.workbook()->rig(row.drum.id, stored->id)) // things of one's own
                static_cast<Rig&>(session) = rig->rig;
        }
    session.weather = controller.session().weather; // one room for all
    return session;
}

} // namespace

SetListDialog::SetListDialog(SessionController& controller, QWidget* parent)
    : QDialog(parent), m_controller(controller) {
    keepWordsWhole(this);
    setWindowTitle(tr("The show"));
    setObjectName(QStringLiteral("setList"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 14, 16, 14);
    row->setSpacing(14);
    auto* left = new QVBoxLayout;
    auto* words = textLabel(
        "quiet",
        tr("Tones in the order of the show, and the minutes before each in which the drum is free."));
    words->setWordWrap(true);
    left->addWidget(words);
    m_table = new QTableWidget(0, 3);
    m_table->setObjectName(QStringLiteral("numbers"));
    m_table->setAccessibleName(tr("Numbers of the show"));
    m_table->setHorizontalHeaderLabels({tr("Tone"), tr("Minutes before"), tr("Stays")});
    m_table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    m_table->horizontalHeader()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(2, QHeaderView::ResizeToContents);
    m_table->horizontalHeaderItem(2)->setToolTip(
        tr("Keeps its place when a better order is looked for: the opener, the last number"));
    m_table->verticalHeader()->setDefaultSectionSize(36);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setMinimumWidth(390);
    left->addWidget(m_table, 1);
    auto* buttons = new QHBoxLayout;
    const auto button = [&](const QString& text, const char* name, auto act) {
        auto* made = secondaryButton(text);
        made->setObjectName(QLatin1String(name));
        connect(made, &QPushButton::clicked, this, act);
        buttons->addWidget(made);
    };
    button(tr("Add"), "addNumber", [this] {
        if (m_table->rowCount() >= kMostNumbers || m_controller.tones().empty())
            return;
        addLine({nextTone(), 3.0, false}, m_table->rowCount());
        m_table->selectRow(m_table->rowCount() - 1);
        keep();
    });
    button(tr("Remove"), "removeNumber", [this] {
        if (m_table->currentRow() < 0)
            return;
        m_table->removeRow(m_table->currentRow());
        keep();
    });
    button(tr("Earlier"), "earlier", [this] { move(-1); });
    button(tr("Later"), "later", [this] { move(1); });
    left->addLayout(buttons);
    m_order = secondaryButton(tr("Find an order with less turning"));
    m_order->setObjectName(QStringLiteral("betterOrder"));
    connect(m_order, &QPushButton::clicked, this, &SetListDialog::improveOrder);
    left->addWidget(m_order);
    m_sum = textLabel("strong");
    m_sum->setObjectName(QStringLiteral("showSum"));
    m_sum->setWordWrap(true);
    // Room for three lines from the start: no button moves under the hand that presses it.
    m_sum->setMinimumHeight(3 * m_sum->fontMetrics().lineSpacing() + 4);
    m_sum->setAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    left->addWidget(m_sum);
    m_play = primaryButton();
    m_play->setObjectName(QStringLiteral("playShow"));
    m_play->setText(tr("Play it"));
    connect(m_play, &QPushButton::clicked, this, &SetListDialog::toStand);
    connect(m_table, &QTableWidget::currentCellChanged, this, &SetListDialog::namePlay);
    left->addWidget(m_play, 0, Qt::AlignLeft);
    row->addLayout(left, 5);
    m_view = new ShowView;
    auto* scroll = new QScrollArea;
    scroll->setWidget(m_view);
    scroll->setWidgetResizable(true);
    scroll->setMinimumWidth(440);
    row->addWidget(scroll, 7);
    resize(1120, 620);
    m_stand = new ShowStand(m_controller, this);
    connect(m_stand, &StandView::leave, this, &SetListDialog::leaveStand);
    auto* stand = new QAction(this);
    stand->setShortcut(Qt::Key_F11);
    connect(stand, &QAction::triggered, this, [this] { m_stand->isVisible() ? leaveStand() : toStand(); });
    addAction(stand);
    lookAtDrums();
    load();
    plan();
    m_play->setFocus(); // the space bar is its
}

/// Before the show and after it: nothing is done to a drum while it is planned.
void SetListDialog::lookAtDrums() {
    m_played.clear();
    const std::vector<Entry> entries = m_controller.entries();
    for (const DrumRow& row : m_controller.drums()) {
        if (row.isRetired || m_played.size() >= kMostDrums)
            continue;
        auto session = sessionOf(m_controller, row);
        if (!session)
            continue;
        Played played{std::move(*session), {}};
        std::copy_if(entries.begin(), entries.end(), std::back_inserter(played.entries),
                     [&](const Entry& entry) { return entry.drumId == row.drum.id; });
        m_played.push_back(std::move(played));
    }
}

void SetListDialog::addLine(const Line& line, int row) {
    m_table->insertRow(row);
    auto* tone = new QComboBox;
    tone->setAccessibleName(tr("Tone"));
    for (const Tone& one : m_controller.tones())
        tone->addItem(cueName(one), QString::fromStdString(one.id));
    tone->setCurrentIndex(std::max(0, tone->findData(QString::fromStdString(line.tone))));
    connect(tone, &QComboBox::activated, this, &SetListDialog::keep);
    m_table->setCellWidget(row, 0, tone);
    auto* minutes = new NumberBox;
    minutes->setAccessibleName(tr("Minutes before"));
    minutes->setRange(0.0, 600.0);
    minutes->setDecimals(1);
    minutes->setSingleStep(0.5);
    minutes->setSuffix(tr(" min"));
    minutes->setValue(line.minutes);
    connect(minutes, &QDoubleSpinBox::valueChanged, this, &SetListDialog::keep);
    m_table->setCellWidget(row, 1, minutes);
    auto* stays = new QCheckBox;
    stays->setObjectName(QStringLiteral("stays"));
    stays->setAccessibleName(tr("Stays in its place"));
    stays->setStyleSheet(QStringLiteral("margin-left: 12px"));
    stays->setChecked(line.stays);
    connect(stays, &QCheckBox::toggled, this, &SetListDialog::keep);
    m_table->setCellWidget(row, 2, stays);
}

/// The tone of the drum in front to begin with, then those that are not in the show yet.
std::string SetListDialog::nextTone() const {
    const std::vector<Line> all = lines();
    const auto isIn = [&](const std::string& id) {
        return std::any_of(all.begin(), all.end(), [&](const Line& line) { return line.tone == id; });
    };
    if (!isIn(m_controller.session().tone.id))
        return m_controller.session().tone.id;
    for (const Tone& tone : m_controller.tones())
        if (!isIn(tone.id))
            return tone.id;
    return m_controller.tones().front().id;
}

std::vector<SetListDialog::Line> SetListDialog::lines() const {
    std::vector<Line> all;
    for (int row = 0; row < m_table->rowCount(); ++row)
        all.push_back(
            {static_cast<QComboBox*>(m_table->cellWidget(row, 0))->currentData().toString().toStdString(),
             static_cast<NumberBox*>(m_table->cellWidget(row, 1))->value(),
             static_cast<QCheckBox*>(m_table->cellWidget(row, 2))->isChecked()});
    return all;
}

/// As it was left; before there was one, every own tone once.
void SetListDialog::load() {
    m_kept = m_controller.workbook()->value(kKey);
    const Json kept = parsedJson(m_kept.toStdString());
    if (kept.is_array()) {
        for (const Json& one : kept)
            if (one.is_object() && one.contains("tone") && one["tone"].is_string() &&
                m_table->rowCount() < kMostNumbers) {
                const bool hasMinutes = one.contains("minutes") && one["minutes"].is_number();
                addLine({one["tone"].get<std::string>(), hasMinutes ? one["minutes"].get<double>() : 0.0,
                         one.contains("stays") && one["stays"] == true},
                        m_table->rowCount());
            }
        return;
    }
    for (std::size_t i = 0; i < m_controller.ownTones(); ++i)
        addLine({m_controller.tones()[i].id, i == 0 ? 0.0 : 3.0, false}, m_table->rowCount());
}

/// Another window has changed the list meanwhile: that one is shown, and nothing of it is written over.
void SetListDialog::showOther() {
    m_controller.tell(
        tr("Another window has changed the show meanwhile. It is shown here now; make your change again "
           "if you still want it."));
    m_table->setRowCount(0);
    load();
    plan();
}

void SetListDialog::keep() {
    m_before.clear();
    m_order->setText(tr("Find an order with less turning"));
    Json all = Json::array();
    for (const Line& line : lines())
        all.push_back({{"tone", line.tone}, {"minutes", line.minutes}, {"stays", line.stays}});
    const QString text = QString::fromStdString(all.dump());
    if (!m_controller.isReadOnly() && text != m_kept) {
        const auto kept = m_controller.workbook()->changeValue(kKey, m_kept, text);
        if (kept)
            m_kept = text;
        else if (kept.fault().fault == WorkbookFault::ChangedElsewhere)
            return showOther();
        else
            m_controller.tell(problemText(kept.fault()));
    }
    plan();
}

void SetListDialog::move(int by) {
    const int row = m_table->currentRow();
    const int to = row + by;
    if (row < 0 || to < 0 || to >= m_table->rowCount())
        return;
    const Line line = lines()[static_cast<std::size_t>(row)];
    m_table->removeRow(row);
    addLine(line, to);
    m_table->selectRow(to);
    keep();
}

void SetListDialog::putIn(const std::vector<Line>& lines) {
    const int row = m_table->currentRow();
    m_table->setRowCount(0);
    for (const Line& line : lines)
        addLine(line, m_table->rowCount());
    m_table->selectRow(row);
    keep();
}

/// Looks for it; pressed again it goes back to the order as it was.
void SetListDialog::improveOrder() {
    if (!m_before.empty())
        return putIn(std::vector<Line>(m_before));
    const std::vector<Line> was = lines();
    const ShowAtHand show = showFrom(0);
    std::vector<bool> stays;
    for (const Line& line : was)
        stays.push_back(line.stays);
    QGuiApplication::setOverrideCursor(Qt::WaitCursor);
    const ShowOrder order = leastOrder(show.drums, show.numbers, stays);
    QGuiApplication::restoreOverrideCursor();
    if (!order.isBetter()) {
        m_sum->setText(tr("No other order was found that takes less."));
        return;
    }
    std::vector<Line> better = was; // the minutes stay with the place
    for (std::size_t place = 0; place < was.size(); ++place)
        better[place].tone = was[order.numbers[place]].tone;
    putIn(better);
    m_before = was;
    m_order->setText(tr("Back to the order as it was"));
    const QString saved =
        order.misfitsLess > 0 ? tr("%n more changes fit in this order.", nullptr, order.misfitsLess)
        : order.offLess > 0
            ? tr("In this order there is time for the snare side on %n more numbers.", nullptr, order.offLess)
        : order.less.value >= 1.0
            ? tr("This order saves %1 min of turning.").arg(number(order.less.value / 60.0, 1))
            : tr("In this order every rod is turned %1 less, and the count stays surer.")
                  .arg(turnsText(order.turnsLess));
    m_sum->setText(saved + QLatin1Char(' ') + m_sum->text());
}

ShowAtHand SetListDialog::showFrom(int row) const {
    ShowAtHand show;
    show.before = row;
    const std::vector<Line> all = lines();
    for (auto line = all.begin() + row; line != all.end(); ++line) {
        const auto known = std::find_if(show.tones.begin(), show.tones.end(),
                                        [&](const Tone& one) { return one.id == line->tone; });
        show.numbers.push_back({static_cast<std::size_t>(known - show.tones.begin()), line->minutes});
        if (known == show.tones.end())
            for (const Tone& one : m_controller.tones())
                if (one.id == line->tone)
                    show.tones.push_back(one);
    }
    for (const Played& one : m_played)
        show.drums.push_back(
            drumInShow(one.session, one.entries, show.tones, QDateTime::currentSecsSinceEpoch()));
    show.steps = planShow(show.drums, show.numbers);
    return show;
}

void SetListDialog::plan() {
    const ShowAtHand show = showFrom(0);
    ShowPicture picture;
    picture.steps = show.steps;
    for (const DrumInShow& one : show.drums)
        picture.drums << QString::fromStdString(one.drum.name);
    for (const ShowNumber& one : show.numbers) {
        picture.tones << cueName(show.tones[one.tone]);
        picture.minutes.push_back(one.minutes);
    }
    int misfits = 0;
    int stay = 0;
    double seconds = 0.0;
    for (const ShowStep& step : picture.steps) {
        picture.texts << showStepText(step);
        misfits += step.fits ? 0 : 1;
        stay += isOffInterval(step.change) ? 1 : 0;
        seconds += step.change.takes.value;
    }
    QString sum = picture.steps.empty() ? tr("Add the first tone.")
                  : misfits == 0 ? tr("All of it fits: %1 min of turning.").arg(number(seconds / 60.0, 1))
                                 : tr("%n changes do not fit. Another drum, more minutes, or another order.",
                                      nullptr, misfits);
    if (stay > 0)
        sum += QLatin1Char(' ') +
               tr("On %n numbers there is no time for the snare side: it stays where it was.", nullptr, stay);
    for (std::size_t drum = 0; drum < show.drums.size(); ++drum)
        if (show.drums[drum].isGuessed &&
            std::any_of(picture.steps.begin(), picture.steps.end(),
                        [&](const ShowStep& step) { return step.drum == drum; }))
            sum += QLatin1Char(' ') +
                   tr("%1 was never heard: it is taken to stand in its own tone. Tune it first.")
                       .arg(picture.drums[static_cast<qsizetype>(drum)]);
    m_sum->setText(sum);
    m_play->setEnabled(!picture.steps.empty());
    m_order->setEnabled(picture.steps.size() > 2);
    m_view->show(std::move(picture));
}

void SetListDialog::namePlay() {
    m_play->setText(m_table->currentRow() > 0 ? tr("Play from %1").arg(m_table->currentRow() + 1)
                                              : tr("Play it"));
}

/// From the number that is selected on; large, as the stand view of the window is.
void SetListDialog::toStand() {
    if (m_table->rowCount() == 0)
        return;
    m_stand->begin(showFrom(std::max(0, m_table->currentRow())));
    setWindowState(windowState() | Qt::WindowFullScreen);
    m_stand->setGeometry(rect());
    m_stand->setVisible(true);
    m_stand->raise();
    m_stand->setFocus();
}

/// The drums stand elsewhere now; the number at hand is where it goes on.
void SetListDialog::leaveStand() {
    const int number = m_stand->number();
    m_stand->hide();
    setWindowState(windowState() & ~Qt::WindowFullScreen);
    lookAtDrums();
    plan();
    m_table->selectRow(number);
    m_play->setFocus();
}

} // namespace bombo
