#include "app/wires/buzz_panel.h"
#include "app/listening/ear.h"
#include "app/numbers/numbers.h"

#include "app/head/begin_tools.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/record/wires_say.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <cmath>

namespace bombo {
namespace {

QString kindName(NeighbourKind kind) {
    switch (kind) {
    case NeighbourKind::Tom:
        return BuzzPanel::tr("tom");
    case NeighbourKind::BassDrum:
        return BuzzPanel::tr("bass drum");
    case NeighbourKind::BassNote:
        return BuzzPanel::tr("bass note");
    case NeighbourKind::Voice:
        return BuzzPanel::tr("voice");
    case NeighbourKind::Other:
        return BuzzPanel::tr("something else");
    }
    return {};
}

constexpr std::array kKinds{NeighbourKind::Tom, NeighbourKind::BassDrum, NeighbourKind::BassNote,
                            NeighbourKind::Voice, NeighbourKind::Other};

/// Of a reading with a figure: toms and bass drums fall while they sound, and both ends are theirs.
QString heardLast(const Reading& heard) {
    constexpr double falls = 15.0; // cents
    if (!heard.hasFigure())
        return {};
    if (!heard.glide || heard.glide->value < falls)
        return BuzzPanel::tr("Heard last: %1").arg(hertzText(*heard.frequency));
    return BuzzPanel::tr("Heard last: %1, falling from %2")
        .arg(hertzText(*heard.frequency),
             hertzText(*heard.frequency * std::exp2(heard.glide->value / 1200.0)));
}

} // namespace

CalmingWords calmingWords(const Calming& calming, const std::vector<Neighbour>& neighbours) {
    const QString name =
        calming.neighbour < 0
            ? QString()
            : QString::fromStdString(neighbours[static_cast<std::size_t>(calming.neighbour)].name);
    const long gain = std::lround(calming.gainDb);
    switch (calming.kind) {
    case CalmingKind::RetuneNeighbour:
        return {BuzzPanel::tr("%1 to %2").arg(name, hertzText(calming.to)),
                BuzzPanel::tr("By %1 cents: %2 dB less of it. Costs this drum nothing.")
                    .arg(centsText(calming.by))
                    .arg(gain)};
    case CalmingKind::ShortenNeighbour:
        return {BuzzPanel::tr("%1 half as long, with a pad").arg(name),
                BuzzPanel::tr("%1 dB less of it. Costs it its tail.").arg(gain)};
    case CalmingKind::TightenWires:
        return {BuzzPanel::tr("Wires %1 tighter").arg(turnsText(calming.turns)),
                BuzzPanel::tr("%1 dB less. Costs answer to a whisper.").arg(gain)};
    case CalmingKind::RetuneBoth:
        return {BuzzPanel::tr("Both heads of this drum %1 cents").arg(centsText(calming.by)),
                BuzzPanel::tr("%1 dB less. Costs the tone that was asked for.").arg(gain)};
    case CalmingKind::SlackenBedRods:
        return {BuzzPanel::tr("Rods beside the beds %1 looser").arg(turnsText(-calming.turns)),
                BuzzPanel::tr("At Snare side, Uneven: %1 dB less. Costs quick answer.").arg(gain)};
    case CalmingKind::LeverOff:
        return {BuzzPanel::tr("Accept it"), BuzzPanel::tr("Throw the lever off where the piece is still.")};
    }
    return {};
}

BuzzPanel::BuzzPanel(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 8, 14, 10);
    column->setSpacing(6);
    column->addWidget(textLabel("heading", tr("Who plays beside it?")));
    m_name = new QLineEdit;
    m_name->setObjectName(QStringLiteral("neighbourName"));
    m_name->setAccessibleName(tr("What you call it"));
    m_name->setPlaceholderText(tr("name, if you like"));
    m_name->setMaxLength(40);
    m_kind = toolBox("neighbourKind", tr("Kind of instrument"));
    for (const NeighbourKind kind : kKinds)
        addChoices<NeighbourKind>(m_kind, {{kindName(kind), kind}});
    m_pitch = new NumberBox;
    m_pitch->setObjectName(QStringLiteral("neighbourPitch"));
    m_pitch->setAccessibleName(tr("Its pitch"));
    m_pitch->setRange(25.0, 1000.0);
    m_pitch->setDecimals(1);
    m_pitch->setSuffix(tr(" Hz"));
    m_pitch->setValue(110.0);
    for (QWidget* field : std::initializer_list<QWidget*>{m_name, m_pitch, m_kind})
        field->setMinimumWidth(96);
    auto* add = secondaryButton(tr("Add"));
    add->setObjectName(QStringLiteral("neighbourAdd"));
    connect(add, &QPushButton::clicked, this, &BuzzPanel::add);
    m_heard = secondaryButton(tr("Take what was heard"));
    m_heard->setObjectName(QStringLiteral("neighbourHeard"));
    m_heard->setToolTip(
        tr("Play the other instrument alone, lever off: its partials as they were heard last."));
    connect(m_heard, &QPushButton::clicked, this, &BuzzPanel::addHeard);
    auto* grid = new QGridLayout;
    grid->addWidget(m_name, 0, 0);
    grid->addWidget(m_kind, 0, 1);
    grid->addWidget(m_pitch, 1, 0);
    grid->addWidget(add, 1, 1);
    column->addLayout(grid);
    column->addWidget(m_heard);
    m_heardWords = textLabel("quiet");
    m_heardWords->setObjectName(QStringLiteral("neighbourHeardWords"));
    m_heardWords->setWordWrap(true);
    column->addWidget(m_heardWords);
    m_list = toolBox("neighbourList", tr("Instruments around the drum"), {});
    m_remove = secondaryButton(tr("Remove"));
    m_remove->setObjectName(QStringLiteral("neighbourRemove"));
    connect(m_remove, &QPushButton::clicked, this, &BuzzPanel::remove);
    auto* row = new QHBoxLayout;
    row->addWidget(m_list, 1);
    row->addWidget(m_remove);
    column->addLayout(row);
    column->addWidget(textLabel("heading", tr("What calms it, least harm first")));
    m_remedies = textLabel("quiet");
    m_remedies->setObjectName(QStringLiteral("remedies"));
    m_remedies->setWordWrap(true);
    column->addWidget(m_remedies);
    column->addStretch();
}

/// The name that was given, or its kind and a number.
std::string BuzzPanel::nameFor(NeighbourKind kind) const {
    const QString given = m_name->text().trimmed();
    if (!given.isEmpty())
        return given.toStdString();
    int same = 1;
    for (const Neighbour& neighbour : m_controller.session().neighbours)
        same += neighbour.kind == kind;
    return (same == 1 ? kindName(kind) : tr("%1 %2").arg(kindName(kind)).arg(same)).toStdString();
}

void BuzzPanel::add() {
    const auto kind = chosenIn<NeighbourKind>(m_kind);
    auto neighbours = m_controller.session().neighbours;
    neighbours.push_back(neighbourAt(nameFor(kind), kind, Hertz{m_pitch->value()}));
    if (m_controller.perform(SetNeighbours{std::move(neighbours)}))
        m_name->clear();
}

void BuzzPanel::addHeard() {
    const auto& heard = m_controller.ear().lastReading();
    if (!heard || heard->partials.empty())
        return;
    constexpr std::size_t mostPartials = 8;
    const auto kind = chosenIn<NeighbourKind>(m_kind);
    Neighbour neighbour{nameFor(kind), kind, {}};
    double loudest = 0.0;
    for (const Partial& partial : heard->partials)
        loudest = std::max(loudest, partial.amplitude);
    for (const Partial& partial : heard->partials)
        if (neighbour.partials.size() < mostPartials)
            neighbour.partials.push_back({partial.frequency,
                                          Seconds{std::clamp(partial.t60.value, 0.01, 30.0)},
                                          std::max(-80.0, 20.0 * std::log10(partial.amplitude / loudest))});
    auto neighbours = m_controller.session().neighbours;
    neighbours.push_back(std::move(neighbour));
    if (m_controller.perform(SetNeighbours{std::move(neighbours)}))
        m_name->clear();
}

void BuzzPanel::remove() {
    auto neighbours = m_controller.session().neighbours;
    const int index = m_list->currentIndex();
    if (index < 0 || index >= static_cast<int>(neighbours.size()))
        return;
    neighbours.erase(neighbours.begin() + index);
    m_controller.perform(SetNeighbours{std::move(neighbours)});
}

void BuzzPanel::refresh() {
    const auto& neighbours = m_controller.session().neighbours;
    const int chosen = m_list->currentIndex();
    m_list->clear();
    for (const Neighbour& neighbour : neighbours)
        m_list->addItem(tr("%1, %2").arg(QString::fromStdString(neighbour.name),
                                         hertzText(neighbour.partials.front().frequency)));
    m_list->setCurrentIndex(std::min(std::max(chosen, 0), m_list->count() - 1));
    m_list->setEnabled(!neighbours.empty());
    m_remove->setEnabled(!neighbours.empty());
    const auto& heard = m_controller.ear().lastReading();
    m_heard->setEnabled(heard && !heard->partials.empty());
    m_heardWords->setText(heard ? heardLast(*heard) : QString());
    m_heardWords->setVisible(!m_heardWords->text().isEmpty());
    QStringList lines;
    constexpr std::size_t most = 6; // as many as can be read
    m_calmings = calmingsOf(m_controller.reckoned());
    for (std::size_t i = 0; i < m_calmings.size(); ++i)
        if (i < most - 1 || i + 1 == m_calmings.size()) {
            const CalmingWords words = calmingWords(m_calmings[i], neighbours);
            lines << tr("%1. %2. %3").arg(lines.size() + 1).arg(words.what, words.effect);
        }
    if (!lines.isEmpty())
        lines << tr("Predicted: play it again afterwards and listen.");
    m_remedies->setText(lines.isEmpty() ? tr("Nothing to calm yet.") : lines.join(QLatin1Char('\n')));
}

} // namespace bombo
