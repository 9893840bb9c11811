#include "app/help/help_window.h"

#include "app/help/manual.h"
#include "app/theme/scale.h"

#include <QCoreApplication>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QMessageBox>
#include <QScrollBar>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextDocument>
#include <QTextList>
#include <QUrl>
#include <QVBoxLayout>

namespace bombo {
namespace {

enum Role { kPage = Qt::UserRole, kLine, kWord };

constexpr qsizetype kShown = 110; // letters of a paragraph that was found

/// The paragraph from its beginning, or from shortly before the word when that stands far down.
QString aroundFind(const ManualFind& find) {
    qsizetype begin = 0;
    if (find.at + find.word.size() > kShown)
        begin = find.line.lastIndexOf(QLatin1Char(' '), find.at - kShown / 3) + 1;
    QString shown = find.line.mid(begin);
    if (shown.size() > kShown)
        shown = shown.left(shown.lastIndexOf(QLatin1Char(' '), kShown)) + QStringLiteral(" …");
    return begin > 0 ? QStringLiteral("… ") + shown : shown;
}

/// Markdown comes without room between its paragraphs.
void airParagraphs(QTextDocument& document) {
    for (QTextBlock block = document.begin(); block.isValid(); block = block.next()) {
        QTextBlockFormat format = block.blockFormat();
        format.setBottomMargin(scaled(block.textList() != nullptr ? 5 : 11));
        if (!block.text().startsWith(QChar::ObjectReplacementCharacter)) // a picture stands close to its text
            format.setLineHeight(118, QTextBlockFormat::ProportionalHeight);
        QTextCursor(block).setBlockFormat(format);
    }
}

} // namespace

namespace {

constexpr int kPicture = 620; // px across

/// Pictures stand beside the pages; no wider than the page.
class PageBrowser : public QTextBrowser {
public:
    QVariant loadResource(int type, const QUrl& name) override {
        if (type != QTextDocument::ImageResource)
            return QTextBrowser::loadResource(type, name);
        const QImage picture(QStringLiteral(":/screenshots/") + name.fileName());
        const int width = std::min(scaled(kPicture), viewport()->width() - scaled(24));
        return picture.isNull() ? QVariant()
                                : picture.scaledToWidth(std::max(200, width), Qt::SmoothTransformation);
    }
};

} // namespace

HelpWindow::HelpWindow(QWidget* parent) : QDialog(parent) {
    setObjectName(QStringLiteral("helpWindow"));
    setWindowTitle(tr("The manual"));
    resize(980, 680);
    auto* row = new QHBoxLayout(this);
    row->setSpacing(14);
    auto* left = new QVBoxLayout;
    m_search = new QLineEdit;
    m_search->setObjectName(QStringLiteral("helpSearch"));
    m_search->setPlaceholderText(tr("Search the manual"));
    m_search->setAccessibleName(tr("Search the manual"));
    m_search->setClearButtonEnabled(true);
    connect(m_search, &QLineEdit::textChanged, this, &HelpWindow::search);
    left->addWidget(m_search);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("helpPages"));
    m_list->setAccessibleName(tr("Pages of the manual"));
    m_list->setWordWrap(true);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(m_list, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        if (item != nullptr && item->data(kPage).isValid())
            showPage(item->data(kPage).toInt(), item->data(kLine).toString(), item->data(kWord).toString());
    });
    left->addWidget(m_list, 1);
    row->addLayout(left, 2);
    m_text = new PageBrowser;
    m_text->setObjectName(QStringLiteral("helpText"));
    m_text->setAccessibleName(tr("The page"));
    m_text->setOpenLinks(false);
    connect(m_text, &QTextBrowser::anchorClicked, this, &HelpWindow::follow);
    row->addWidget(m_text, 5);
    listPages();
}

void HelpWindow::listPages() {
    m_list->clear();
    for (int i = 0; i < static_cast<int>(manualPages().size()); ++i) {
        auto* item = new QListWidgetItem(manualPages()[static_cast<std::size_t>(i)].title, m_list);
        item->setData(kPage, i);
    }
    if (m_list->count() == 0)
        m_text->setPlainText(
            tr("The manual is missing from this build; it stands in docs/manual of the source tree."));
}

void HelpWindow::open(const QString& file) {
    m_search->clear();
    int index = 0;
    for (int i = 0; i < static_cast<int>(manualPages().size()); ++i)
        if (manualPages()[static_cast<std::size_t>(i)].file == file)
            index = i;
    m_list->setCurrentRow(index);
    show();
    raise();
    activateWindow();
    m_text->setFocus(Qt::OtherFocusReason);
}

void HelpWindow::search(const QString& words) {
    if (words.trimmed().isEmpty())
        return listPages();
    const std::vector<ManualFind> found = searchManual(words);
    m_list->clear();
    for (const ManualFind& one : found) {
        const QString line = aroundFind(one);
        auto* item = new QListWidgetItem(
            manualPages()[static_cast<std::size_t>(one.page)].title + QLatin1Char('\n') + line, m_list);
        item->setData(kPage, one.page);
        item->setData(kLine, one.line.left(40));
        item->setData(kWord, one.word);
    }
    if (!found.empty())
        m_list->setCurrentRow(0);
    else
        new QListWidgetItem(tr("Nothing in the manual says so. Try another word."), m_list);
}

void HelpWindow::follow(const QUrl& link) {
    for (int i = 0; i < static_cast<int>(manualPages().size()); ++i)
        if (manualPages()[static_cast<std::size_t>(i)].file == link.path())
            return showPage(i);
}

void HelpWindow::showPage(int index, const QString& line, const QString& word) {
    const ManualPage& page = manualPages()[static_cast<std::size_t>(index)];
    m_page = page.file;
    m_text->setMarkdown(shownText(page));
    airParagraphs(*m_text->document());
    m_text->moveCursor(QTextCursor::Start);
    if (!line.isEmpty() && m_text->find(line)) { // else it is a table: the word alone
        QTextCursor paragraph = m_text->textCursor();
        paragraph.setPosition(paragraph.selectionStart());
        if (!word.isEmpty())
            m_text->setTextCursor(paragraph);
    }
    if (!word.isEmpty())
        m_text->find(word);
    if (!line.isEmpty()) { // with what stands before it and after it
        QScrollBar* scroll = m_text->verticalScrollBar();
        scroll->setValue(scroll->value() + m_text->cursorRect().top() - m_text->viewport()->height() / 3);
    }
}

void showAbout(QWidget* parent) {
    QMessageBox about(parent);
    about.setObjectName(QStringLiteral("about"));
    about.setWindowTitle(HelpWindow::tr("About Bombo"));
    about.setIconPixmap(
        QPixmap(QStringLiteral(":/icon/bombo-128.png")).scaledToWidth(scaled(96), Qt::SmoothTransformation));
    about.setText(HelpWindow::tr("Bombo %1").arg(QCoreApplication::applicationVersion()));
    about.setInformativeText(HelpWindow::tr("Tunes a snare drum with you.\n\nFree software under the GNU "
                                            "General Public License, version 3 or later. Built on "
                                            "Qt, Eigen, FFTW, libsndfile, nlohmann-json, fmt, CLI11 and "
                                            "SQLite, each under its own free licence; the typeface is "
                                            "Inter, under the Open Font License."));
    about.exec();
}

} // namespace bombo
