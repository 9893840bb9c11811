#include "app/head/hoop_view.h"

#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

namespace bombo {

HoopView::HoopView(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::TabFocus);
    setAccessibleName(tr("Hoop, laid flat"));
    setObjectName(QStringLiteral("hoop"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

HoopMap HoopView::map() const {
    return hoopMap(m_picture, drawnRect(*this).adjusted(1, 1, -1, -1));
}

void HoopView::show(const HoopPicture& picture) {
    const auto selected = m_picture.selected;
    m_picture = picture;
    if (selected && *selected < static_cast<int>(picture.pegs.size()))
        m_picture.selected = selected;
    describe(this, hoopSummary(m_picture));
    update();
}

void HoopView::select(std::optional<int> rod) {
    m_picture.selected = rod;
    update();
    emit rodSelected(rod);
}

void HoopView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCard(painter, *this);
    if (!m_picture.pegs.empty())
        paintHoop(painter, map(), m_picture);
}

void HoopView::mousePressEvent(QMouseEvent* event) {
    if (m_picture.pegs.empty())
        return;
    const auto rod = map().rodAt(drawnPoint(event->position()));
    select(rod == m_picture.selected ? std::nullopt : rod);
}

void HoopView::keyPressEvent(QKeyEvent* event) {
    const int rods = static_cast<int>(m_picture.pegs.size());
    const int step = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
    if (step != 0 && rods > 0) {
        const HoopLayout layout = hoopLayout(m_picture); // the next one as it lies, whatever its number
        const int from = m_picture.selected ? layout.placeOf(*m_picture.selected) : step > 0 ? -1 : rods;
        select(layout.rodAt((from + step + rods) % rods));
        return;
    }
    if (event->key() == Qt::Key_Escape && m_picture.selected) {
        select(std::nullopt);
        return;
    }
    QWidget::keyPressEvent(event);
}

} // namespace bombo
