#include "app/notice/notice_bar.h"

#include "app/theme/parts.h"

#include <QAccessible>
#include <QHBoxLayout>
#include <QTimer>
#include <algorithm>

namespace bombo {
namespace {

constexpr int kNoteStays = 8000;      // ms
constexpr std::size_t kMostLines = 3; // more would hide the page

} // namespace

NoticeBar::NoticeBar(QWidget* parent) : QFrame(parent) {
    setObjectName(QStringLiteral("notice"));
    m_rows = new QVBoxLayout(this);
    m_rows->setContentsMargins(28, 6, 12, 6);
    m_rows->setSpacing(4);
    hide();
}

NoticeBar::Line NoticeBar::make() {
    auto* row = new QWidget;
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    auto* text = new QLabel;
    text->setObjectName(QStringLiteral("noticeText"));
    text->setWordWrap(true);
    text->setTextFormat(Qt::PlainText);
    text->setTextInteractionFlags(Qt::TextSelectableByMouse);
    line->addWidget(text, 1);
    auto* close = secondaryButton(tr("Dismiss"));
    close->setObjectName(QStringLiteral("noticeClose"));
    connect(close, &QPushButton::clicked, this, [this, row] { drop(row); });
    line->addWidget(close);
    auto* fade = new QTimer(row);
    fade->setSingleShot(true);
    fade->setInterval(kNoteStays);
    connect(fade, &QTimer::timeout, this, [this, row] { drop(row); });
    m_rows->addWidget(row);
    row->show();
    return {row, text, fade, Notice::Kind::Note};
}

void NoticeBar::show(const Notice& notice) {
    const auto same = std::find_if(m_lines.begin(), m_lines.end(),
                                   [&](const Line& line) { return line.text->text() == notice.text; });
    if (same != m_lines.end())
        drop(same->row);                // said again: it moves to the end
    if (m_lines.size() >= kMostLines) { // the oldest note gives way, a problem only to problems
        const auto note = std::find_if(m_lines.begin(), m_lines.end(),
                                       [](const Line& line) { return line.kind == Notice::Kind::Note; });
        drop(note != m_lines.end() ? note->row : m_lines.front().row);
    }
    Line line = make();
    line.kind = notice.kind;
    line.text->setText(notice.text);
    const bool problem = notice.kind == Notice::Kind::Problem;
    if (!problem)
        line.fade->start();
    m_lines.push_back(line);
    setAccessibleName(problem ? tr("Problem") : tr("Note"));
    setAccessibleDescription(text());
    QFrame::show();
    QAccessibleEvent event(this, QAccessible::Alert);
    QAccessible::updateAccessibility(&event);
}

void NoticeBar::drop(QWidget* row) {
    std::erase_if(m_lines, [&](const Line& line) { return line.row == row; });
    m_rows->removeWidget(row);
    row->hide();
    row->deleteLater();
    setVisible(!m_lines.empty());
}

std::vector<Notice> NoticeBar::notices() const {
    std::vector<Notice> all;
    for (const Line& line : m_lines)
        all.push_back({line.kind, line.text->text()});
    return all;
}

QString NoticeBar::text() const {
    QStringList lines;
    for (const Line& line : m_lines)
        lines << line.text->text();
    return lines.join(QLatin1Char('\n'));
}

} // namespace bombo
