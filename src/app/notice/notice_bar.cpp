#include "app/notice/notice_bar.h"

#include "app/theme/parts.h"

#include <QAccessible>
#include <QHBoxLayout>

namespace bombo {

NoticeBar::NoticeBar(QWidget* parent) : QFrame(parent) {
    setObjectName(QStringLiteral("notice"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(28, 6, 12, 6);
    m_text = new QLabel;
    m_text->setObjectName(QStringLiteral("noticeText"));
    m_text->setWordWrap(true);
    m_text->setTextFormat(Qt::PlainText);
    m_text->setTextInteractionFlags(Qt::TextSelectableByMouse);
    row->addWidget(m_text, 1);
    auto* close = secondaryButton(tr("Understood"));
    close->setObjectName(QStringLiteral("noticeClose"));
    connect(close, &QPushButton::clicked, this, &QWidget::hide);
    row->addWidget(close);
    m_fade.setSingleShot(true);
    m_fade.setInterval(8000);
    connect(&m_fade, &QTimer::timeout, this, &QWidget::hide);
    hide();
}

void NoticeBar::show(const Notice& notice) {
    const bool problem = notice.kind == Notice::Kind::Problem;
    m_text->setText(notice.text);
    setAccessibleName(problem ? tr("Problem") : tr("Note"));
    setAccessibleDescription(notice.text);
    QFrame::show();
    QAccessibleEvent event(this, QAccessible::Alert);
    QAccessible::updateAccessibility(&event);
    m_fade.stop();
    if (!problem)
        m_fade.start();
}

} // namespace bombo
