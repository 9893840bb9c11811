#include "app/drum/drum_page.h"

#include "app/drum/sessions_dialog.h"

#include "app/drum/drum_card.h"
#include "app/listening/listen_menu.h"
#include "app/logbook/drum_state.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/log/entry_filter.h"
#include "core/record/entry_figures.h"
#include "core/record/stations.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QLocale>
#include <QScrollArea>
#include <QVBoxLayout>

namespace bombo {
namespace {

/// "13 Nov: Chase, 297.0 Hz over 399.4 Hz".
QString latelyLine(const LogEntry& entry, const std::vector<Tone>& tones) {
    const QString when =
        QLocale().toString(QDateTime::fromString(entry.savedAt, Qt::ISODate), QStringLiteral("d MMM"));
    const QString tone = cueName(entry.toneId, tones);
    const auto figures = entryFiguresFrom(entry.summary.toStdString());
    return figures && figures->batter.left && figures->snareSide.left
               ? DrumPage::tr("%1: %2, %3 over %4")
                     .arg(when, tone, hertzText(figures->batter.left->edge),
                          hertzText(figures->snareSide.left->edge))
               : DrumPage::tr("%1: %2").arg(when, tone);
}

} // namespace

DrumPage::DrumPage(SessionController& controller, QWidget* parent) : StationPage(controller, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(12);
    column->addWidget(textLabel("title", tr("Which drum is on the stool?")));

    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    auto* holder = new QWidget;
    m_list = new QVBoxLayout(holder);
    m_list->setContentsMargins(0, 0, 6, 0);
    m_list->setSpacing(10);
    auto* scroll = new QScrollArea;
    scroll->setWidget(holder);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    row->addWidget(scroll, 5);

    auto* beside = new QVBoxLayout;
    beside->setSpacing(10);
    m_card = new DrumCard(controller);
    connect(m_card, &DrumCard::editAsked, this, [this] { emit describeDrum(Describe::Edit); });
    connect(m_card, &DrumCard::copyAsked, this, [this] { emit describeDrum(Describe::Copy); });
    beside->addWidget(m_card);
    QFrame* side = card();
    auto* notes = new QVBoxLayout(side);
    notes->setContentsMargins(18, 14, 18, 14);
    notes->setSpacing(8);
    notes->addWidget(textLabel("heading", tr("This session")));
    m_where = textLabel("quiet");
    m_where->setObjectName(QStringLiteral("where"));
    m_where->setWordWrap(true);
    notes->addWidget(m_where);
    m_fresh = secondaryButton(tr("Start afresh"));
    m_fresh->setObjectName(QStringLiteral("startFresh"));
    m_fresh->setToolTip(
        tr("Starts a new session from finger-tight. You can go back to this one under Earlier sessions."));
    connect(m_fresh, &QPushButton::clicked, &controller, &SessionController::startFresh);
    m_earlier = secondaryButton(tr("Earlier sessions…"));
    m_earlier->setObjectName(QStringLiteral("earlierSessions"));
    connect(m_earlier, &QPushButton::clicked, this,
            [this] { SessionsDialog(this->controller(), window()).exec(); });
    auto* sessions = new QHBoxLayout;
    sessions->addWidget(m_fresh);
    sessions->addWidget(m_earlier);
    sessions->addStretch();
    notes->addLayout(sessions);
    notes->addSpacing(10);
    notes->addWidget(textLabel("heading", tr("Lately in the logbook")));
    m_lately = textLabel("quiet");
    m_lately->setObjectName(QStringLiteral("lately"));
    m_lately->setWordWrap(true);
    notes->addWidget(m_lately);
    notes->addSpacing(10);
    notes->addWidget(textLabel("heading", tr("Look it over first")));
    m_lookOver = textLabel("quiet", tr("Wires off, lever open.\n"
                                       "Film still dished when slack? Worn: have a spare.\n"
                                       "Hoop round and flat, the same gap all round.\n"
                                       "Rods straight, clean, lightly greased.\n"
                                       "Washers there; lug and strainer screws snug.\n"
                                       "Strands whole, none bent or slack.\n"
                                       "Travel left both ways on the strainer knob."));
    m_lookOver->setWordWrap(true);
    notes->addWidget(m_lookOver);
    notes->addStretch();
    auto* view = new QScrollArea; // on a low screen its last lines are scrolled to
    view->setWidget(side);
    view->setWidgetResizable(true);
    view->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    view->setFocusPolicy(Qt::NoFocus);
    beside->addWidget(view, 1);
    row->addLayout(beside, 3);
    column->addLayout(row, 1);

    auto* foot = new QHBoxLayout;
    auto* add = secondaryButton(tr("Add a drum\u2026"));
    add->setObjectName(QStringLiteral("addDrum"));
    connect(add, &QPushButton::clicked, this, [this] { emit describeDrum(Describe::New); });
    foot->addWidget(add);
    auto* pitchCard = secondaryButton(tr("Hear what it is now\u2026"));
    pitchCard->setObjectName(QStringLiteral("pitchCard"));
    pitchCard->setToolTip(tr("The pitch card: middle and edge of both heads in a minute."));
    connect(pitchCard, &QPushButton::clicked, this, [this] { showPitchCard(this->controller(), window()); });
    foot->addWidget(pitchCard);
    foot->addStretch();
    m_primary = primaryButton();
    m_primary->setText(tr("On to the tone"));
    connect(m_primary, &QPushButton::clicked, this, [this] { this->controller().goTo(Station::Tone); });
    foot->addWidget(m_primary);
    column->addLayout(foot);
}

void DrumPage::rebuild() {
    m_shown.clear();
    while (QLayoutItem* item = m_list->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    std::vector<QPushButton*> backs; // of retired drums, at the end
    for (const DrumRow& row : controller().drums()) {
        m_shown.push_back(row);
        if (row.isRetired) {
            auto* back = secondaryButton(
                tr("%1 is retired: bring it back").arg(QString::fromStdString(row.drum.name)));
            back->setObjectName(QStringLiteral("unretire-%1").arg(QString::fromStdString(row.drum.id)));
            connect(
                back, &QPushButton::clicked, this,
                [this, id = row.drum.id] { controller().retireDrum(id, false); }, Qt::QueuedConnection);
            backs.push_back(back);
            continue;
        }
        auto* button = new DrumButton(row.drum);
        connect(button, &QAbstractButton::clicked, this, [this, id = row.drum.id] {
            if (id != session().drum.id)
                controller().chooseDrum(id);
            controller().goTo(Station::Drum);
        });
        m_choices.addButton(button);
        button->setProperty("drumId", QString::fromStdString(row.drum.id));
        m_list->addWidget(button);
    }
    for (QPushButton* back : backs)
        m_list->addWidget(back, 0, Qt::AlignLeft);
    m_list->addStretch();
    sayStates();
}

/// Read from the whole logbook: when the page comes in front, not at every step.
void DrumPage::sayStates() {
    if (!controller().hasSession())
        return;
    const std::vector<Entry> entries = controller().entries();
    for (QAbstractButton* button : m_choices.buttons())
        for (const DrumRow& row : m_shown)
            if (button->property("drumId").toString().toStdString() == row.drum.id) {
                const Entry* last = newestOf(entries, row.drum.id);
                const QString tone =
                    last != nullptr ? cueName(last->toneId, controller().tones()) : QString();
                const DrumStateLine line = drumStateLine(row.drum, entries, tone, session().weather,
                                                         QDateTime::currentSecsSinceEpoch());
                static_cast<DrumButton*>(button)->say(line.text, line.due);
            }
}

void DrumPage::showEvent(QShowEvent* event) {
    StationPage::showEvent(event);
    sayStates();
}

void DrumPage::refresh() {
    const auto& rows = controller().drums();
    const bool same = std::equal(rows.begin(), rows.end(), m_shown.begin(), m_shown.end(),
                                 [](const DrumRow& row, const DrumRow& shown) {
                                     return row.drum == shown.drum && row.isRetired == shown.isRetired;
                                 });
    if (!same)
        rebuild();
    for (QAbstractButton* button : m_choices.buttons())
        if (button->property("drumId").toString().toStdString() == session().drum.id)
            button->setChecked(true);
    m_card->refresh();

    QStringList lines;
    for (const Station station : kStations)
        if (station != Station::Drum && stationState(reckoned(), station) != StationState::Open)
            lines << tr("%1: %2").arg(stationName(station), stateName(stationState(reckoned(), station)));
    m_where->setText(lines.isEmpty()
                         ? tr("Nothing done yet on %1.").arg(QString::fromStdString(session().drum.name))
                         : lines.join(QLatin1Char('\n')));
    m_fresh->setVisible(!lines.isEmpty());
    m_earlier->setVisible(controller().sessions().size() > 1);

    QStringList lately;
    for (const LogEntry& entry : controller().logEntries(session().drum.id, 4))
        lately << latelyLine(entry, controller().tones());
    m_lately->setText(lately.isEmpty() ? tr("Nothing saved for this drum yet.")
                                       : lately.join(QLatin1Char('\n')));
}

} // namespace bombo
