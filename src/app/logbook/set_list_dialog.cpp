#include "app/logbook/set_list_dialog.h"

#include "app/logbook/show_view.h"
#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/record/json_values.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QDateTime>
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
constexpr std::size_t kMostDrums = 5; // every choice is looked at

struct SetListText {
    Q_DECLARE_TR_FUNCTIONS(SetList)
};

QString turned(Turns turns, bool isBatter) {
    const QString size = turnsText(Turns{std::abs(turns.value)});
    if (isBatter)
        return turns.value > 0.0 ? SetListText::tr("batter %1 tighter").arg(size)
                                 : SetListText::tr("batter %1 looser").arg(size);
    return turns.value > 0.0 ? SetListText::tr("snare side %1 tighter").arg(size)
                             : SetListText::tr("snare side %1 looser").arg(size);
}

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
        if (const auto stored = controller.workbook()->loadSession(**latest))
            static_cast<Work&>(session) = stored->work;
    session.weather = controller.session().weather; // one room for all
    return session;
}

} // namespace

QString showStepText(const ShowStep& step) {
    if (!step.drum)
        return SetListText::tr("no drum here can have it");
    const ToneChange& change = step.change;
    QStringList parts;
    if (change.batter.value != 0.0)
        parts << turned(change.batter, true);
    if (change.snareSide.value != 0.0)
        parts << turned(change.snareSide, false);
    if (change.strainer)
        parts << (change.strainer->value > 0.0
                      ? SetListText::tr("strainer %1 tighter").arg(turnsText(*change.strainer))
                      : SetListText::tr("strainer %1 looser").arg(turnsText(Turns{-change.strainer->value})));
    if (change.padsMoved > 0)
        parts << SetListText::tr("%n mufflers", nullptr, change.padsMoved);
    if (parts.isEmpty())
        return SetListText::tr("as it stands");
    QString text = parts.join(QStringLiteral(", ")) + QLatin1Char('\n') +
                   SetListText::tr("%1 s, sure to %2 cents")
                       .arg(number(change.takes.value, 0), number(std::ceil(change.batterError.value), 0));
    if (change.snareSideStays && std::abs(change.snareSideOff.value) >= 1.0)
        text += QStringLiteral(", ") +
                SetListText::tr("snare side stays %1 cents off").arg(centsText(change.snareSideOff));
    if (!step.fits)
        text += QStringLiteral(", ") + SetListText::tr("no time for it");
    return text;
}

SetListDialog::SetListDialog(SessionController& controller, QWidget* parent)
    : QDialog(parent), m_controller(controller) {
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
    m_table = new QTableWidget(0, 2);
    m_table->setObjectName(QStringLiteral("numbers"));
    m_table->setAccessibleName(tr("Numbers of the show"));
    m_table->setHorizontalHeaderLabels({tr("Tone"), tr("Minutes before")});
    m_table->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    m_table->horizontalHeader()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
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
        addLine({m_controller.tones().front().id, 3.0}, m_table->rowCount());
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
    m_sum = textLabel("strong");
    m_sum->setObjectName(QStringLiteral("showSum"));
    m_sum->setWordWrap(true);
    left->addWidget(m_sum);
    row->addLayout(left, 5);
    m_view = new ShowView;
    auto* scroll = new QScrollArea;
    scroll->setWidget(m_view);
    scroll->setWidgetResizable(true);
    scroll->setMinimumWidth(440);
    row->addWidget(scroll, 7);
    resize(1120, 620);
    lookAtDrums();
    load();
    plan();
}

/// Once: nothing is done to a drum while the show is planned.
void SetListDialog::lookAtDrums() {
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
}

std::vector<SetListDialog::Line> SetListDialog::lines() const {
    std::vector<Line> all;
    for (int row = 0; row < m_table->rowCount(); ++row)
        all.push_back(
            {static_cast<QComboBox*>(m_table->cellWidget(row, 0))->currentData().toString().toStdString(),
             static_cast<NumberBox*>(m_table->cellWidget(row, 1))->value()});
    return all;
}

/// As it was left; before there was one, every own tone once.
void SetListDialog::load() {
    const Json kept = Json::parse(m_controller.workbook()->value(kKey).toStdString(), nullptr, false);
    if (kept.is_array()) {
        for (const Json& one : kept)
            if (one.is_object() && one.contains("tone") && one["tone"].is_string() &&
                m_table->rowCount() < kMostNumbers) {
                const bool hasMinutes = one.contains("minutes") && one["minutes"].is_number();
                addLine({one["tone"].get<std::string>(), hasMinutes ? one["minutes"].get<double>() : 0.0},
                        m_table->rowCount());
            }
        return;
    }
    for (std::size_t i = 0; i < m_controller.ownTones(); ++i)
        addLine({m_controller.tones()[i].id, i == 0 ? 0.0 : 3.0}, m_table->rowCount());
}

void SetListDialog::keep() {
    Json all = Json::array();
    for (const Line& line : lines())
        all.push_back({{"tone", line.tone}, {"minutes", line.minutes}});
    if (!m_controller.isReadOnly())
        if (const auto kept = m_controller.workbook()->setValue(kKey, QString::fromStdString(all.dump()));
            !kept)
            m_controller.tell(problemText(kept.fault()));
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

void SetListDialog::plan() {
    std::vector<Tone> tones;
    std::vector<ShowNumber> numbers;
    ShowPicture picture;
    for (const Line& line : lines()) {
        const auto known =
            std::find_if(tones.begin(), tones.end(), [&](const Tone& one) { return one.id == line.tone; });
        numbers.push_back({static_cast<std::size_t>(known - tones.begin()), line.minutes});
        if (known == tones.end())
            for (const Tone& one : m_controller.tones())
                if (one.id == line.tone)
                    tones.push_back(one);
        picture.tones << cueName(line.tone, m_controller.tones());
        picture.minutes.push_back(line.minutes);
    }
    std::vector<DrumInShow> drums;
    for (const Played& one : m_played) {
        drums.push_back(drumInShow(one.session, one.entries, tones, QDateTime::currentSecsSinceEpoch()));
        picture.drums << QString::fromStdString(one.session.drum.name);
    }
    picture.steps = planShow(drums, numbers);
    int misfits = 0;
    double seconds = 0.0;
    for (const ShowStep& step : picture.steps) {
        picture.texts << showStepText(step);
        misfits += step.fits ? 0 : 1;
        seconds += step.change.takes.value;
    }
    QString sum = picture.steps.empty() ? tr("Add the first tone.")
                  : misfits == 0 ? tr("All of it fits: %1 min of turning.").arg(number(seconds / 60.0, 1))
                                 : tr("%n changes do not fit. Another drum, more minutes, or another order.",
                                      nullptr, misfits);
    for (std::size_t drum = 0; drum < drums.size(); ++drum)
        if (drums[drum].isGuessed && std::any_of(picture.steps.begin(), picture.steps.end(),
                                                 [&](const ShowStep& step) { return step.drum == drum; }))
            sum += QLatin1Char(' ') +
                   tr("%1 was never heard: it is taken to stand in its own tone. Tune it first.")
                       .arg(picture.drums[static_cast<qsizetype>(drum)]);
    m_sum->setText(sum);
    m_view->show(std::move(picture));
}

} // namespace bombo
