#pragma once
/// The manual in a window beside the work: its pages, a search, and the page that is read.
#include <QDialog>

class QLineEdit;
class QListWidget;
class QTextBrowser;
class QUrl;

namespace bombo {

class HelpWindow : public QDialog {
    Q_OBJECT
public:
    explicit HelpWindow(QWidget* parent = nullptr);
    /// Opens at a page. @param file e.g. "wires.md"; one that is not there: the first
    void open(const QString& file);
    QString page() const { return m_page; }

private:
    void listPages();
    void search(const QString& words);
    void follow(const QUrl& link);
    /// @param line that a paragraph begins with, to be brought into view @param word of it, to be marked
    void showPage(int index, const QString& line = {}, const QString& word = {});

    QLineEdit* m_search;
    QListWidget* m_list;
    QTextBrowser* m_text;
    QString m_page;
};

/// Who made what this is built on, and under which licence it stands.
void showAbout(QWidget* parent);

} // namespace bombo
