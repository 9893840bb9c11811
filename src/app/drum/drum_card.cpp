#include "app/drum/drum_card.h"

#include "app/drum/fit_dialog.h"
#include "app/language/language.h"
#include "store/resources.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QLocale>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace bombo {

QString ageText(std::int64_t since, std::int64_t now) {
    if (since == 0)
        return DrumCard::tr("since when: not known");
    const int days = static_cast<int>(std::max<std::int64_t>(
        0, QDateTime::fromSecsSinceEpoch(since).date().daysTo(QDateTime::fromSecsSinceEpoch(now).date())));
    const QString day =
        QLocale().toString(QDateTime::fromSecsSinceEpoch(since).date(), QStringLiteral("d MMM yyyy"));
    return days == 0 ? DrumCard::tr("on since today")
                     : DrumCard::tr("on since %1, %n days", nullptr, days).arg(day);
}

DrumCard::DrumCard(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(18, 14, 18, 14);
    column->setSpacing(6);
    column->addWidget(textLabel("heading", tr("What is on it")));
    m_batter = addPart(column, tr("Batter head"), tr("New head\u2026"), "newBatter",
                       [this] { fitHead(HeadSide::Batter); });
    m_snareSide = addPart(column, tr("Snare-side head"), tr("New head\u2026"), "newSnareSide",
                          [this] { fitHead(HeadSide::SnareSide); });
    m_wires = addPart(column, tr("Wires"), tr("New set\u2026"), "newWires", [this] { fitWires(); });
    auto* row = new QHBoxLayout;
    const auto add = [&](const QString& text, const char* name, const QString& tip) {
        auto* button = secondaryButton(text);
        button->setObjectName(QLatin1String(name));
        button->setToolTip(tip);
        row->addWidget(button);
        return button;
    };
    connect(add(tr("Edit\u2026"), "editDrum", tr("Its size, rods, name and whatever else was described.")),
            &QPushButton::clicked, this, &DrumCard::editAsked);
    connect(add(tr("Copy\u2026"), "copyDrum", tr("Another drum like it, to change where it differs.")),
            &QPushButton::clicked, this, &DrumCard::copyAsked);
    m_retire = add(tr("Retire"), "retireDrum", tr("It is no longer played; its logbook stays."));
    connect(m_retire, &QPushButton::clicked, this,
            [this] { m_controller.retireDrum(m_controller.session().drum.id, true); });
    row->addStretch();
    column->addSpacing(4);
    column->addLayout(row);
}

DrumCard::Part DrumCard::addPart(QVBoxLayout* column, const QString& heading, const QString& replace,
                                 const char* object, const std::function<void()>& replaced) {
    auto* row = new QHBoxLayout;
    auto* words = new QVBoxLayout;
    words->setSpacing(0);
    Part part{textLabel("strong"), textLabel("quiet")};
    part.name->setAccessibleName(heading);
    part.name->setWordWrap(true);
    part.since->setObjectName(QStringLiteral("%1Since").arg(QLatin1String(object)));
    words->addWidget(part.name);
    words->addWidget(part.since);
    row->addLayout(words, 1);
    auto* button = secondaryButton(replace);
    button->setObjectName(QLatin1String(object));
    button->setAccessibleName(QStringLiteral("%1: %2").arg(heading, replace));
    connect(button, &QPushButton::clicked, this, replaced);
    row->addWidget(button, 0, Qt::AlignTop);
    column->addLayout(row);
    return part;
}

void DrumCard::refresh() {
    const Drum& drum = m_controller.session().drum;
    const std::int64_t now = QDateTime::currentSecsSinceEpoch();
    const auto head = [&](const Part& part, const HeadSpec& spec, bool isGuessed, std::int64_t since,
                          double before, const QString& unknown, const QString& known) {
        part.name->setText(isGuessed ? unknown : known.arg(catalogueText(spec.name)));
        part.since->setText(
            before > 0.0 ? tr("%1; played %n hours before", nullptr, static_cast<int>(std::lround(before)))
                               .arg(ageText(since, now))
                         : ageText(since, now));
    };
    head(m_batter, drum.batterHead, drum.guessed.batter, drum.fittedAt.batter, drum.playedBefore.batter,
         tr("Batter: not known which"), tr("Batter: %1"));
    head(m_snareSide, drum.snareSideHead, drum.guessed.snareSide, drum.fittedAt.snareSide,
         drum.playedBefore.snareSide, tr("Snare side: not known which"), QStringLiteral("%1"));
    m_wires.name->setText(
        drum.guessed.wires
            ? tr("Wires: not known which")
            : tr("Wires: %1 strands, %2").arg(drum.wires.strands).arg(catalogueText(drum.wires.material)));
    m_wires.since->setText(ageText(drum.fittedAt.wires, now));
    m_retire->setEnabled(!m_controller.isReadOnly());
}

void DrumCard::fitHead(HeadSide side) {
    const std::vector<DrumRow>& rows = m_controller.drums();
    std::vector<Drum> drums;
    std::transform(rows.begin(), rows.end(), std::back_inserter(drums),
                   [](const DrumRow& row) { return row.drum; });
    const Drum& front = m_controller.session().drum;
    FitDialog dialog(front, side,
                     usedHeads(front, side, drums, m_controller.entries(), catalogue().heads,
                               QDateTime::currentSecsSinceEpoch()),
                     rows, this);
    if (dialog.exec() == QDialog::Accepted)
        m_controller.perform(FitHead{side, dialog.head(), dialog.at(), dialog.hoursBefore()});
}

void DrumCard::fitWires() {
    FitDialog dialog(m_controller.session().drum, std::nullopt, {}, {}, this);
    if (dialog.exec() == QDialog::Accepted)
        m_controller.perform(FitWires{dialog.wires(), dialog.at()});
}

} // namespace bombo
