#include "app/logbook/season_view.h"

#include "app/theme/parts.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kNearest = 3.0 * kSecondsADay; // in view at least
constexpr double kStep = 0.8;                   // of a key or a notch of the wheel

} // namespace

SeasonView::SeasonView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("season"));
    setAccessibleName(tr("The season"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void SeasonView::show(SeasonPicture picture) {
    m_picture = std::move(picture);
    const auto day = static_cast<std::int64_t>(kSecondsADay);
    m_first = m_picture.from;
    m_last = m_picture.to;
    if (!m_picture.entries.empty()) {
        m_first = std::min(m_first, m_picture.entries.front().at - day);
        m_last = std::max({m_last, m_picture.entries.back().at + day, m_picture.now + day});
    }
    describe(this, seasonSummary(m_picture));
    setToolTip({}); // the line above the picture says it
    update();
}

const Entry* SeasonView::chosen() const {
    return m_picture.chosen >= 0 ? &m_picture.entries[static_cast<std::size_t>(m_picture.chosen)] : nullptr;
}

void SeasonView::choose(int index) {
    const int last = static_cast<int>(m_picture.entries.size()) - 1;
    index = std::clamp(index, std::min(0, last), last);
    if (index == m_picture.chosen)
        return;
    m_picture.chosen = index;
    bringIntoView();
    setAccessibleDescription(seasonSummary(m_picture));
    update();
    emit entryChosen();
}

void SeasonView::bringIntoView() {
    const Entry* entry = chosen();
    if (entry == nullptr)
        return;
    const std::int64_t span = m_picture.to - m_picture.from;
    const std::int64_t edge = span / 20;
    if (entry->at < m_picture.from + edge)
        m_picture.from = entry->at - edge;
    else if (entry->at > m_picture.to - edge)
        m_picture.from = entry->at + edge - span;
    m_picture.to = m_picture.from + span;
    keepWithin();
}

void SeasonView::keepWithin() {
    const std::int64_t whole = m_last - m_first;
    const std::int64_t span = std::min(m_picture.to - m_picture.from, whole);
    m_picture.from = std::clamp(m_picture.from, m_first, m_last - span);
    m_picture.to = m_picture.from + span;
}

void SeasonView::zoom(double factor, double around) {
    if (m_picture.entries.empty())
        return;
    const auto span = static_cast<double>(m_picture.to - m_picture.from);
    const double whole = static_cast<double>(m_last - m_first);
    const double wanted = std::clamp(span * factor, std::min(kNearest, whole), whole);
    const double held = static_cast<double>(m_picture.from) + around * span;
    m_picture.from = static_cast<std::int64_t>(std::llround(held - around * wanted));
    m_picture.to = m_picture.from + static_cast<std::int64_t>(std::llround(wanted));
    keepWithin();
    update();
}

void SeasonView::pan(double byWidths) {
    const auto by = static_cast<std::int64_t>(byWidths * static_cast<double>(m_picture.to - m_picture.from));
    m_picture.from += by;
    m_picture.to += by;
    keepWithin();
    update();
}

void SeasonView::hover(int index) {
    if (index == m_picture.hovered)
        return;
    m_picture.hovered = index;
    update();
}

void SeasonView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCard(painter, *this);
    paintSeason(painter, drawnRect(*this), m_picture);
}

void SeasonView::wheelEvent(QWheelEvent* event) {
    const SeasonLayout layout(drawnRect(*this), m_picture);
    const double notches = event->angleDelta().y() / 120.0;
    if (notches == 0.0 || m_picture.entries.empty())
        return event->ignore();
    const double x = drawnPoint(event->position()).x();
    zoom(std::pow(kStep, notches),
         std::clamp((x - layout.field.left()) / std::max(1.0, layout.field.width()), 0.0, 1.0));
    event->accept();
}

void SeasonView::mousePressEvent(QMouseEvent* event) {
    const SeasonLayout layout(drawnRect(*this), m_picture);
    const double x = drawnPoint(event->position()).x();
    if (const int at = layout.entryAt(x); at >= 0)
        choose(at);
    else
        m_dragged = x;
}

void SeasonView::mouseMoveEvent(QMouseEvent* event) {
    const SeasonLayout layout(drawnRect(*this), m_picture);
    const double x = drawnPoint(event->position()).x();
    if (m_dragged) {
        pan((*m_dragged - x) / std::max(1.0, layout.field.width()));
        m_dragged = x;
        return;
    }
    hover(layout.entryAt(x));
}

void SeasonView::mouseReleaseEvent(QMouseEvent*) {
    m_dragged.reset();
}

void SeasonView::leaveEvent(QEvent*) {
    hover(-1);
}

void SeasonView::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Left:
        return choose(m_picture.chosen - 1);
    case Qt::Key_Right:
        return choose(m_picture.chosen + 1);
    case Qt::Key_Home:
        return choose(0);
    case Qt::Key_End:
        return choose(static_cast<int>(m_picture.entries.size()) - 1);
    case Qt::Key_Plus:
    case Qt::Key_Equal:
    case Qt::Key_Minus: {
        const SeasonLayout layout(drawnRect(*this), m_picture);
        const double x = chosen() != nullptr ? layout.xOf(chosen()->at) : layout.field.center().x();
        return zoom(event->key() == Qt::Key_Minus ? 1.0 / kStep : kStep,
                    std::clamp((x - layout.field.left()) / std::max(1.0, layout.field.width()), 0.0, 1.0));
    }
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace bombo
