#include "app/logbook/logbook_page.h"
#include "app/logbook/bin_dialog.h"

#include "app/language/language.h"
#include "app/logbook/back_panel.h"
#include "app/logbook/back_words.h"
#include "app/logbook/compare_panel.h"
#include "app/logbook/due_panel.h"
#include "app/logbook/filter_bar.h"
#include "app/logbook/liked_panel.h"
#include "app/logbook/season_view.h"
#include "app/logbook/words_panel.h"
#include "app/proof/setup_card.h"
#include "app/session/wording.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QSortFilterProxyModel>
#include <QVBoxLayout>
#include <algorithm>

namespace bombo {

LogbookPage::LogbookPage(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller), m_biography(controller) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(10);
    auto* header = new QHBoxLayout;
    header->setSpacing(8);
    m_title = textLabel("title");
    m_title->setObjectName(QStringLiteral("logTitle"));
    header->addWidget(m_title);
    header->addStretch();
    m_restore = secondaryButton({});
    m_restore->setObjectName(QStringLiteral("entryRestore"));
    m_restore->hide();
    connect(m_restore, &QPushButton::clicked, this, [this] {
        const std::vector<qint64> back = m_deleted;
        if (!back.empty() && m_controller.deleteEntries(back, false)) {
            m_restore->hide();
            choose(back.front());
        }
    });
    header->addWidget(m_restore);
    m_bin = secondaryButton({});
    m_bin->setObjectName(QStringLiteral("entryBin"));
    m_bin->setToolTip(tr("Deleted entries stay in the bin until you empty it."));
    m_bin->hide();
    connect(m_bin, &QPushButton::clicked, this, [this] { BinDialog(m_controller, window()).exec(); });
    connect(&controller, &SessionController::logChanged, this, &LogbookPage::showBin);
    header->addWidget(m_bin);
    m_search = new QLineEdit;
    m_search->setObjectName(QStringLiteral("logSearch"));
    m_search->setPlaceholderText(tr("Search notes and figures"));
    m_search->setAccessibleName(tr("Search the logbook"));
    m_search->setClearButtonEnabled(true);
    m_search->setMinimumWidth(200);
    connect(m_search, &QLineEdit::textChanged, this, [this](const QString& words) {
        m_sorted->setFilterFixedString(words);
        sayCount();
    });
    header->addWidget(m_search);
    const auto combo = [&](const char* name, const QString& label) {
        auto* box = new QComboBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(label);
        connect(box, &QComboBox::activated, this, &LogbookPage::fill);
        header->addWidget(box);
        return box;
    };
    m_tone = combo("logTone", tr("Show entries of the tone"));
    m_drum = combo("logDrum", tr("Show entries of"));
    m_asList = secondaryButton({});
    m_asList->setObjectName(QStringLiteral("asList"));
    connect(m_asList, &QPushButton::clicked, this, [this] { showAsList(!isList()); });
    header->addWidget(m_asList);
    column->addLayout(header);
    m_what = textLabel("quiet");
    m_what->setWordWrap(true);
    column->addWidget(m_what);
    m_filter = new FilterBar;
    connect(m_filter, &FilterBar::changed, this, &LogbookPage::fill);
    column->addWidget(m_filter);

    m_stack = new QStackedWidget;
    m_stack->addWidget(seasonSide());
    m_stack->addWidget(listSide());
    column->addWidget(m_stack, 7);
    column->addWidget(lowerSide(), 9);
    showAsList(false);
    connect(&controller, &SessionController::logChanged, this, [this] {
        m_biography.forget();
        if (isVisible())
            refresh();
    });
    connect(&controller, &SessionController::workbookChanged, this, [this] {
        m_biography.forget();
        m_chosen = 0;
        m_restore->hide();
        showBin();
        if (isVisible())
            refresh();
    });
}

QWidget* LogbookPage::seasonSide() {
    m_season = new SeasonView;
    connect(m_season, &SeasonView::entryChosen, this, [this] {
        if (const Entry* entry = m_season->chosen())
            m_chosen = entry->id;
        showChosen();
    });
    return m_season;
}

QWidget* LogbookPage::listSide() {
    m_entries = new LogModel(this);
    m_sorted = new QSortFilterProxyModel(this);
    m_sorted->setSourceModel(m_entries);
    m_sorted->setSortRole(LogModel::kSortRole);
    m_sorted->setFilterRole(LogModel::kSearchRole);
    m_sorted->setFilterKeyColumn(0);
    m_sorted->setFilterCaseSensitivity(Qt::CaseInsensitive);
    m_table = new QTableView;
    m_table->setModel(m_sorted);
    m_table->setObjectName(QStringLiteral("log"));
    m_table->setAccessibleName(tr("Saved setups"));
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    m_table->verticalHeader()->setDefaultSectionSize(30);
    m_table->horizontalHeader()->setResizeContentsPrecision(0); // by the rows in view: an old logbook is long
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(LogModel::kColumns - 1, QHeaderView::Stretch);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_table->setSortingEnabled(true);
    m_table->sortByColumn(0, Qt::DescendingOrder);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_table->setShowGrid(false);
    m_table->setAlternatingRowColors(true);
    m_table->setTabKeyNavigation(false);
    connect(m_table->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            [this](const QModelIndex& current) {
                if (const Entry* entry = m_entries->entry(m_sorted->mapToSource(current).row());
                    entry && isList()) {
                    m_chosen = entry->id;
                    compareSelected();
                    showChosen();
                }
            });
    connect(m_table->selectionModel(), &QItemSelectionModel::selectionChanged, this, [this] {
        compareSelected();
        m_words->countToDelete(static_cast<int>(inHand().size()));
    });
    return m_table;
}

/// Of the whole setup where it was kept, else of the figures.
void LogbookPage::saveCard() {
    const Entry* entry = chosen();
    if (entry == nullptr)
        return;
    const QString made = QLocale().toString(QDateTime::fromSecsSinceEpoch(entry->at), QLocale::ShortFormat);
    if (entry->isRestorable) {
        if (const auto setup = m_controller.setupOf(entry->id))
            askForSetupCard(m_controller, sheetOf(*setup, made), this);
        return;
    }
    Drum drum = m_controller.session().drum;
    for (const DrumRow& row : m_controller.drums())
        if (row.drum.id == entry->drumId)
            drum = row.drum;
    QString tone = QString::fromStdString(entry->toneId);
    for (const Tone& one : m_controller.tones())
        if (one.id == entry->toneId)
            tone = catalogueText(one.name);
    askForSetupCard(m_controller, sheetOf(*entry, drum, tone, m_controller.session(), made), this);
}

QWidget* LogbookPage::lowerSide() {
    auto* lower = new QWidget;
    auto* row = new QHBoxLayout(lower);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(14);
    QFrame* panel = card();
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(14, 8, 14, 12);
    column->setSpacing(6);
    m_tabs = viewTabs("logTabs", {tr("Back to it"), tr("What differs"), tr("What works"), tr("In words")});
    auto* top = new QHBoxLayout;
    top->setSpacing(3);
    top->addWidget(m_tabs);
    top->addStretch();
    m_open = secondaryButton(tr("Open as it was"));
    m_open->setProperty("small", true);
    m_open->setObjectName(QStringLiteral("openAsItWas"));
    m_open->setToolTip(
        tr("A new session that begins with the whole setup as it was saved, its turns counted on."));
    connect(m_open, &QPushButton::clicked, this, [this] {
        if (const Entry* entry = chosen())
            if (m_controller.openLogEntry(entry->id))
                emit setupOpened();
    });
    m_card = secondaryButton(tr("Setup card…"));
    m_card->setProperty("small", true);
    m_card->setObjectName(QStringLiteral("setupCard"));
    m_card->setToolTip(
        tr("One page as PDF: the turns of every rod, the knob, what lay on the head, and how it was known."));
    connect(m_card, &QPushButton::clicked, this, &LogbookPage::saveCard);
    column->addLayout(top);
    m_panels = new QStackedWidget;
    m_backPanel = new BackPanel;
    m_compare = new ComparePanel(m_controller);
    m_liked = new LikedPanel(m_controller);
    m_words = new WordsPanel;
    for (QWidget* one : std::initializer_list<QWidget*>{m_backPanel, m_compare, m_liked, m_words})
        m_panels->addWidget(one);
    connect(m_tabs, &QTabBar::currentChanged, this, [this](int tab) {
        m_panels->setCurrentIndex(tab);
        showChosen();
    });
    connect(m_words, &WordsPanel::changed, this,
            [this](qint64 id, const EntryWords& before, const EntryWords& words) {
                m_controller.keepWords(id, before, words);
            });
    connect(m_words, &WordsPanel::deleteAsked, this, &LogbookPage::remove);
    column->addWidget(m_panels, 1);
    row->addWidget(panel, 9);

    auto* side = new QVBoxLayout;
    side->setSpacing(10);
    m_due = new DuePanel(m_controller);
    side->addWidget(m_due, 1);
    auto* wholeSetup = new QHBoxLayout;
    wholeSetup->setSpacing(6);
    wholeSetup->addWidget(m_card);
    wholeSetup->addWidget(m_open, 1);
    side->addLayout(wholeSetup);
    m_back = primaryButton();
    m_back->setText(tr("Take me back"));
    connect(m_back, &QPushButton::clicked, this, &LogbookPage::takeBack);
    side->addWidget(m_back);
    row->addLayout(side, 5);
    return lower;
}

bool LogbookPage::isList() const {
    return m_stack->currentIndex() == 1;
}

void LogbookPage::showAsList(bool isList) {
    m_stack->setCurrentIndex(isList ? 1 : 0);
    m_asList->setText(isList ? tr("As a picture") : tr("As a list"));
    m_search->setVisible(isList);
    m_filter->setVisible(isList);
    if (m_controller.hasSession())
        fill();
}

void LogbookPage::refresh() {
    const std::string& front = m_controller.session().drum.id;
    const bool isOther = m_inFront != front; // another drum came in front: it is looked at first
    m_inFront = front;
    const QVariant drum = isOther ? QVariant() : m_drum->currentData();
    m_drum->clear();
    for (const DrumRow& row : m_controller.drums())
        m_drum->addItem(QString::fromStdString(row.drum.name), QString::fromStdString(row.drum.id));
    m_drum->addItem(tr("all drums"), QString());
    const int kept = drum.isValid() ? m_drum->findData(drum) : -1;
    m_drum->setCurrentIndex(kept >= 0 ? kept : std::max(0, m_drum->findData(QString::fromStdString(front))));
    const QVariant tone = m_tone->currentData();
    m_tone->clear();
    m_tone->addItem(tr("all tones"), QString());
    std::vector<std::string> used;
    for (const Entry& entry : m_biography.entries())
        if (std::find(used.begin(), used.end(), entry.toneId) == used.end()) {
            used.push_back(entry.toneId);
            m_tone->addItem(cueName(entry.toneId, m_controller.tones()),
                            QString::fromStdString(entry.toneId));
        }
    m_tone->setCurrentIndex(std::max(0, m_tone->findData(tone)));
    m_filter->offer(m_biography.entries());
    fill();
}

void LogbookPage::fill() {
    if (isList())
        fillList();
    else
        fillSeason();
    showChosen();
}

void LogbookPage::fillSeason() {
    // One picture holds one drum: without a choice it is the one in front.
    QString drum = m_drum->currentData().toString();
    if (drum.isEmpty())
        drum = QString::fromStdString(m_controller.session().drum.id);
    std::vector<Entry> entries =
        passing(m_biography.entries(),
                {.drumId = drum.toStdString(), .toneId = m_tone->currentData().toString().toStdString()});
    std::vector<QString> tones;
    for (const Entry& entry : entries)
        tones.push_back(cueName(entry.toneId, m_controller.tones()));
    SeasonPicture picture = seasonPicture(std::move(entries), std::move(tones), Biography::clock());
    if (drum.toStdString() == m_controller.session().drum.id)
        picture.expected = {m_biography.expectedNow(HeadSide::Batter),
                            m_biography.expectedNow(HeadSide::SnareSide)};
    for (std::size_t i = 0; i < picture.entries.size(); ++i)
        if (picture.entries[i].id == m_chosen)
            picture.chosen = static_cast<int>(i);
    const QString shownAs = drum + QLatin1Char('|') + m_tone->currentData().toString();
    const SeasonPicture& before = m_season->picture();
    if (shownAs == m_shownAs &&
        !before.entries.empty()) { // words were changed: it stays where it was drawn near
        picture.from = before.from;
        picture.to = before.to;
    }
    m_shownAs = shownAs;
    m_chosen = picture.chosen >= 0 ? picture.entries[static_cast<std::size_t>(picture.chosen)].id : 0;
    QString name = drum;
    for (const DrumRow& row : m_controller.drums())
        if (row.drum.id == drum.toStdString())
            name = QString::fromStdString(row.drum.name);
    m_title->setText(tr("%1: the season").arg(name));
    m_what->setText(
        tr("Bars: what was wanted. Lines: how it drifted. Steps: what a key did. Arrow keys walk from entry "
           "to entry, the wheel draws nearer."));
    m_season->show(std::move(picture));
}

void LogbookPage::fillList() {
    m_title->setText(tr("Logbook"));
    const std::int64_t kept = m_chosen;
    EntryFilter filter = m_filter->filter();
    filter.drumId = m_drum->currentData().toString().toStdString();
    filter.toneId = m_tone->currentData().toString().toStdString();
    m_entries->show(passing(m_biography.entries(), filter), m_controller.drums(), m_controller.tones());
    sayCount();
    m_chosen = kept;
    m_table->setColumnHidden(1, !m_drum->currentData().toString().isEmpty());
    int row = 0;
    for (int i = 0; i < m_sorted->rowCount(); ++i)
        if (const Entry* entry = m_entries->entry(m_sorted->mapToSource(m_sorted->index(i, 0)).row());
            entry != nullptr && entry->id == kept)
            row = i;
    if (m_sorted->rowCount() > 0)
        m_table->selectRow(row);
}

void LogbookPage::sayCount() {
    const int rows = m_sorted->rowCount();
    m_what->setText(rows > 0 ? tr("%n entries. Click on a heading to sort by it; two that are selected "
                                  "(Ctrl) are compared.",
                                  nullptr, rows)
                             : tr("Nothing in the logbook fits what is searched for and chosen here."));
}

const Entry* LogbookPage::chosen() {
    return m_biography.entry(m_chosen);
}

void LogbookPage::choose(std::int64_t id) {
    m_chosen = id;
    fill();
}

void LogbookPage::showChosen() {
    if (!m_controller.hasSession())
        return;
    // By value: words that are kept on the way make the logbook be read anew.
    const std::optional<Entry> entry = chosen() != nullptr ? std::optional(*chosen()) : std::nullopt;
    const Entry* shown = entry ? &*entry : nullptr;
    m_words->show(shown);
    m_words->countToDelete(static_cast<int>(inHand().size()));
    m_open->setEnabled(entry && entry->isRestorable);
    m_card->setEnabled(entry.has_value());
    m_backPanel->show(m_biography, shown, m_controller.session().drum.rods);
    if (m_panels->currentWidget() == m_compare)
        m_compare->show(m_biography, shown, m_controller.tones());
    if (m_panels->currentWidget() == m_liked)
        m_liked->show(m_biography, shown);
    m_due->show(m_biography);
    const auto& plan = m_backPanel->plan();
    m_back->setEnabled(plan && (plan->batter || plan->snareSide) && !plan->isThere());
    m_tabs->setTabText(0, entry ? tr("Back to %1").arg(dayText(entry->at, Biography::clock()))
                                : tr("Back to it"));
}

void LogbookPage::takeBack() {
    const std::optional<Entry> entry = chosen() != nullptr ? std::optional(*chosen()) : std::nullopt;
    const auto plan = m_backPanel->plan();
    if (!entry || !plan)
        return;
    const QString name =
        tr("%1 as on %2")
            .arg(cueName(entry->toneId, m_controller.tones()), dayText(entry->at, Biography::clock()));
    if (m_controller.goBack(*plan, *entry, name))
        emit setupOpened();
}

void LogbookPage::showBin() {
    const auto lying = m_controller.hasWorkbook() ? m_controller.bin() : std::vector<Entry>{};
    m_bin->setVisible(!lying.empty());
    m_bin->setText(tr("Bin (%1)…").arg(lying.size()));
}

void LogbookPage::remove() {
    std::vector<qint64> gone = inHand();
    if (!m_controller.deleteEntries(gone, true))
        return;
    m_deleted = std::move(gone);
    m_restore->setText(tr("Restore %n deleted entries", nullptr, static_cast<int>(m_deleted.size())));
    m_restore->show();
}

void LogbookPage::compareSelected() {
    const std::vector<qint64> rows = selected();
    if (rows.size() == 2)
        m_compare->against(rows[0] == m_chosen ? rows[1] : rows[0]);
}

std::vector<qint64> LogbookPage::inHand() const {
    std::vector<qint64> rows = selected();
    return isList() && rows.size() > 1 ? rows : std::vector<qint64>{m_chosen};
}

std::vector<qint64> LogbookPage::selected() const {
    std::vector<qint64> ids;
    for (const QModelIndex& row : m_table->selectionModel()->selectedRows())
        if (const Entry* entry = m_entries->entry(m_sorted->mapToSource(row).row()))
            ids.push_back(entry->id);
    return ids;
}

} // namespace bombo
