#include "app/theme/fitted_pages.h"

#include <QEvent>
#include <QKeyEvent>
#include <QLayout>
#include <QScrollBar>

namespace bombo {

PageStack::PageStack(QWidget* parent) : QStackedWidget(parent) {
    connect(this, &QStackedWidget::currentChanged, this, [this] { updateGeometry(); });
}

QSize PageStack::sizeHint() const {
    return currentWidget() != nullptr ? currentWidget()->sizeHint() : QSize();
}

QSize PageStack::minimumSizeHint() const {
    return currentWidget() != nullptr ? currentWidget()->minimumSizeHint() : QSize();
}

PageFrame::PageFrame(QWidget* page, QWidget* parent) : QScrollArea(parent) {
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::NoFocus);
    setWidget(page);
    page->installEventFilter(this);
}

bool PageFrame::fits() const {
    return widget()->size().width() <= maximumViewportSize().width() &&
           widget()->size().height() <= maximumViewportSize().height();
}

void PageFrame::keepInSight(QWidget* widget) {
    m_inSight = widget;
    fit();
}

bool PageFrame::eventFilter(QObject* watched, QEvent* event) {
    const bool isLaidOutAnew = watched == widget() && event->type() == QEvent::LayoutRequest;
    const bool isTaken = QScrollArea::eventFilter(watched, event);
    if (isLaidOutAnew)
        fit();
    return isTaken;
}

void PageFrame::resizeEvent(QResizeEvent* event) {
    QScrollArea::resizeEvent(event);
    fit();
}

void PageFrame::keyPressEvent(QKeyEvent* event) {
    event->ignore();
}

void PageFrame::fit() {
    QSize room = maximumViewportSize();
    const QSize least = widget()->minimumSizeHint();
    const bool isTooHigh = least.height() > room.height();
    if (isTooHigh)
        room.rwidth() -= verticalScrollBar()->sizeHint().width();
    if (least.width() > room.width()) {
        room.rheight() -= horizontalScrollBar()->sizeHint().height();
        if (!isTooHigh && least.height() > room.height())
            room.rwidth() -= verticalScrollBar()->sizeHint().width();
    }
    widget()->resize(room.expandedTo(least));
    if (m_inSight && !fits()) {
        widget()->layout()->activate();
        ensureWidgetVisible(m_inSight);
    }
}

} // namespace bombo
