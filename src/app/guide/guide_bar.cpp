#include "app/guide/guide_bar.h"

#include "app/guide/guide_words.h"
#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace bombo {

GuideBar::GuideBar(QWidget* parent) : QFrame(parent) {
    setObjectName(QStringLiteral("guide"));
    setAccessibleName(tr("Guide"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(28, 6, 12, 6);
    row->setSpacing(10);
    auto* words = new QVBoxLayout;
    words->setSpacing(0);
    m_gesture = textLabel("strong");
    m_gesture->setObjectName(QStringLiteral("guideGesture"));
    m_gesture->setWordWrap(true);
    words->addWidget(m_gesture);
    m_reason = textLabel("quiet");
    m_reason->setObjectName(QStringLiteral("guideReason"));
    m_reason->setWordWrap(true);
    words->addWidget(m_reason);
    row->addLayout(words, 1);
    auto* more = secondaryButton(tr("More"));
    more->setObjectName(QStringLiteral("guideMore"));
    connect(more, &QPushButton::clicked, this, &GuideBar::moreWanted);
    row->addWidget(more);
    auto* dismiss = secondaryButton(tr("Not now"));
    dismiss->setObjectName(QStringLiteral("guideDismiss"));
    connect(dismiss, &QPushButton::clicked, this, &GuideBar::dismissed);
    row->addWidget(dismiss);
    hide();
}

void GuideBar::show(GuideStep step) {
    const GuideWords words = guideWords(step);
    m_gesture->setText(words.gesture);
    m_reason->setText(words.reason);
    setAccessibleDescription(words.gesture + QLatin1Char(' ') + words.reason);
    QFrame::show();
}

} // namespace bombo
