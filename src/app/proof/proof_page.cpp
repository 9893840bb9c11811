#include "app/proof/proof_page.h"
#include "app/language/language.h"

#include "app/proof/proof_sheet.h"
#include "app/proof/proof_words.h"
#include "app/proof/setup_card.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/record/heads_say.h"
#include "core/record/own_names.h"
#include "core/record/stations.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QPrintDialog>
#include <QPrinter>
#include <QVBoxLayout>

namespace bombo {
namespace {

enum View { kLines, kStrokes, kChange };

QString madeNow() {
    return QLocale().toString(QDateTime::currentDateTime(), QLocale::ShortFormat);
}

} // namespace

ProofPage::ProofPage(SessionController& controller, QWidget* parent) : StationPage(controller, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(10);
    m_views = viewTabs("proofViews", {tr("Line by line"), tr("Player or drum"), tr("One change")});
    auto* header = new QHBoxLayout;
    header->addWidget(textLabel("title", tr("Is it what was asked for?")));
    header->addStretch();
    header->addWidget(m_views);
    column->addLayout(header);
    m_brief = textLabel("quiet");
    m_brief->setWordWrap(true);
    column->addWidget(m_brief);
    m_stack = new QStackedWidget;
    for (QWidget* view : std::initializer_list<QWidget*>{linesView(), strokesView(), changeView()})
        m_stack->addWidget(view);
    connect(m_views, &QTabBar::currentChanged, this, [this](int view) {
        m_stack->setCurrentIndex(view);
        if (this->controller().hasSession())
            refresh();
    });
    column->addWidget(m_stack, 1);

    auto* lower = new QHBoxLayout;
    lower->setSpacing(14);
    lower->addWidget(noteSide(), 4);
    m_listening = new ListeningStrip(controller);
    lower->addWidget(m_listening, 5);
    lower->addWidget(saveSide(), 3);
    column->addLayout(lower);
}

QWidget* ProofPage::linesView() {
    m_table = new QTableWidget(0, 5);
    m_table->setObjectName(QStringLiteral("proof"));
    m_table->setAccessibleName(tr("Brief against what was reached"));
    m_table->setHorizontalHeaderLabels(
        {tr("What"), tr("Wanted"), tr("Reached"), tr("Source"), tr("Verdict")});
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(31);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    for (const int asWide : {0, 1, 2, 3})
        m_table->horizontalHeader()->setSectionResizeMode(asWide, QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionMode(QAbstractItemView::NoSelection);
    m_table->setFocusPolicy(Qt::TabFocus);
    m_table->setTabKeyNavigation(false);
    m_table->setShowGrid(false);
    m_table->setAlternatingRowColors(true);
    m_picture = new ProofPicture;
    m_picture->setObjectName(QStringLiteral("proofPicture"));
    m_lines = new QStackedWidget;
    m_lines->addWidget(m_picture);
    m_lines->addWidget(m_table);
    return m_lines;
}

void ProofPage::showAsTable(bool isTable) {
    m_lines->setCurrentIndex(isTable ? 1 : 0);
    m_asTable->setText(isTable ? tr("As a picture") : tr("As a table"));
}

void ProofPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_T && m_views->currentIndex() == kLines)
        return showAsTable(m_lines->currentIndex() == 0);
    StationPage::keyPressEvent(event);
}

QWidget* ProofPage::strokesView() {
    auto* view = new QWidget;
    auto* row = new QHBoxLayout(view);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(14);
    m_scatter = new ScatterView;
    row->addWidget(m_scatter, 8);
    QFrame* panel = card();
    auto* words = new QVBoxLayout(panel);
    words->setContentsMargins(16, 10, 16, 12);
    m_scatterNow = textLabel("now");
    m_scatterNow->setObjectName(QStringLiteral("scatterNow"));
    m_scatterFigures = textLabel("strong");
    m_scatterFigures->setObjectName(QStringLiteral("scatterFigures"));
    m_scatterAdvice = textLabel("quiet");
    for (QLabel* label : {m_scatterNow, m_scatterFigures, m_scatterAdvice}) {
        label->setWordWrap(true);
        words->addWidget(label);
    }
    words->addSpacing(14);
    m_steady = new SteadyView;
    words->addWidget(m_steady, 1);
    row->addWidget(panel, 4);
    return view;
}

QWidget* ProofPage::changeView() {
    auto* view = new QWidget;
    auto* row = new QHBoxLayout(view);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(14);
    m_experiment = new ExperimentPanel(controller());
    m_blind = new BlindPanel(controller());
    row->addWidget(m_experiment, 1);
    row->addWidget(m_blind, 1);
    return view;
}

QWidget* ProofPage::noteSide() {
    auto* side = new QWidget;
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    auto* label = textLabel("quiet", tr("In your own words, for the next time"));
    label->setWordWrap(true);
    column->addWidget(label);
    m_note = new QPlainTextEdit;
    m_note->setObjectName(QStringLiteral("note"));
    m_note->setAccessibleName(tr("Note"));
    m_note->setMinimumHeight(64);
    m_note->setTabChangesFocus(true);
    connect(m_note, &QPlainTextEdit::textChanged, this, [this] {
        QString note = m_note->toPlainText();
        if (note.toUtf8().size() > static_cast<qsizetype>(kLongestNote)) {
            while (note.toUtf8().size() > static_cast<qsizetype>(kLongestNote))
                note.chop(std::max<qsizetype>(
                    1, (note.toUtf8().size() - static_cast<qsizetype>(kLongestNote)) / 4));
            controller().tell(
                tr("A note holds %1 characters at most. The rest was left out.").arg(kLongestNote));
            const QSignalBlocker still(m_note);
            m_note->setPlainText(note);
        }
        controller().setNote(note);
    });
    column->addWidget(m_note);
    auto* stars = new QHBoxLayout;
    stars->setSpacing(2);
    for (int star = 1; star <= kMostStars; ++star) {
        auto* button = secondaryButton({});
        button->setProperty("small", true);
        button->setFixedWidth(34);
        button->setObjectName(QStringLiteral("star%1").arg(star));
        button->setAccessibleName(tr("%1 of %2 stars").arg(star).arg(kMostStars));
        connect(button, &QPushButton::clicked, this, [this, star] {
            controller().perform(SetStars{session().stars == star ? 0 : star}); // once more: not judged
        });
        m_stars.push_back(button);
        stars->addWidget(button);
    }
    stars->addStretch();
    column->addLayout(stars);
    return side;
}

QWidget* ProofPage::saveSide() {
    auto* side = new QWidget;
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    m_summary = textLabel("heading");
    m_summary->setWordWrap(true);
    column->addWidget(m_summary);
    column->addStretch();
    m_savePage = secondaryButton(tr("Setup card…"));
    m_savePage->setObjectName(QStringLiteral("savePage"));
    connect(m_savePage, &QPushButton::clicked, this,
            [this] { askForSetupCard(controller(), sheetOf(reckoned(), madeNow()), this); });
    m_print = secondaryButton(tr("Print…"));
    m_print->setObjectName(QStringLiteral("print"));
    connect(m_print, &QPushButton::clicked, this, &ProofPage::print);
    m_asTable = secondaryButton(tr("As a table"));
    m_asTable->setObjectName(QStringLiteral("asTable"));
    m_asTable->setToolTip(tr("The same as figures alone, and back. Key T."));
    connect(m_asTable, &QPushButton::clicked, this, [this] { showAsTable(m_lines->currentIndex() == 0); });
    column->addWidget(m_asTable, 0, Qt::AlignRight);
    auto* page = new QHBoxLayout;
    page->addStretch();
    page->addWidget(m_savePage);
    page->addWidget(m_print);
    column->addLayout(page);
    m_primary = primaryButton();
    connect(m_primary, &QPushButton::clicked, this, [this] { controller().saveToLog(); });
    column->addWidget(m_primary, 0, Qt::AlignRight);
    return side;
}

bool ProofPage::savePage(const QString& path) {
    return saveSetupCard(controller(), sheetOf(reckoned(), madeNow()), path);
}

void ProofPage::print() {
    QPrinter printer;
    QPrintDialog dialog(&printer, this);
    if (dialog.exec() == QDialog::Accepted && !printSheet(printer, sheetOf(reckoned(), madeNow())))
        controller().tell(tr("The printer took no page. Save it as PDF and print that."));
}

void ProofPage::fillTable(const std::vector<ProofLine>& lines) {
    m_table->setRowCount(static_cast<int>(lines.size()));
    for (int row = 0; row < static_cast<int>(lines.size()); ++row) {
        const ProofLine& line = lines[static_cast<std::size_t>(row)];
        const QStringList cells{proofItemWords(line.item), proofValueText(line.item, line.wanted),
                                line.reached ? proofValueText(line.item, *line.reached) : QStringLiteral("–"),
                                knownWords(line), verdictWords(line)};
        for (int c = 0; c < static_cast<int>(cells.size()); ++c)
            m_table->setItem(row, c, new QTableWidgetItem(cells[c]));
    }
}

void ProofPage::refresh() {
    m_listening->refresh();
    m_brief->setText(
        tr("%1 on %2.").arg(catalogueText(session().tone.name), QString::fromStdString(session().drum.name)));
    if (m_note->toPlainText() != QString::fromStdString(noteNow(session())))
        m_note->setPlainText(QString::fromStdString(noteNow(session())));
    for (std::size_t i = 0; i < m_stars.size(); ++i)
        m_stars[i]->setText(QChar(static_cast<int>(i) < session().stars ? 0x2605 : 0x2606));
    const bool reachable = static_cast<bool>(targetsOf(reckoned()));
    for (QPushButton* button : std::initializer_list<QPushButton*>{m_savePage, m_print, m_primary})
        button->setEnabled(reachable);
    m_views->setEnabled(reachable);
    m_asTable->setVisible(m_views->currentIndex() == kLines);
    if (!reachable) {
        m_table->setRowCount(0);
        m_picture->show({});
        m_summary->setText(outOfReachText(targetsOf(reckoned()).fault()));
        return;
    }
    const auto lines = proofLines(reckoned());
    switch (m_views->currentIndex()) {
    case kStrokes: {
        const ScatterPicture picture = scatterPicture(session());
        m_scatter->show(picture);
        m_steady->show(picture);
        m_scatterNow->setText(playerOrDrumName(picture.scatter.verdict));
        m_scatterFigures->setText(scatterFigures(picture));
        m_scatterAdvice->setText(playerOrDrumAdvice(picture.scatter.verdict));
        break;
    }
    case kChange:
        m_experiment->refresh();
        m_blind->refresh();
        break;
    default:
        fillTable(lines);
        m_picture->show(lines);
        break;
    }
    const auto settled = std::count_if(lines.begin(), lines.end(), [](const ProofLine& line) {
        return line.verdict == ProofVerdict::Settled && !line.isStale;
    });
    m_summary->setText(tr("%1 of %2 settled").arg(settled).arg(lines.size()));
    const bool saved = stationState(reckoned(), Station::Proof) == StationState::Done;
    m_primary->setText(saved ? tr("Save once more") : tr("Save to the logbook"));
}

} // namespace bombo
