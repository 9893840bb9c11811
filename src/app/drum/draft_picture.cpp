#include "app/drum/draft_picture.h"

#include "app/drum/drum_elevation.h"
#include "app/drum/drum_sights.h"
#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QPainter>

namespace bombo {

DraftPicture::DraftPicture(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("The drum as described"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void DraftPicture::show(const Drum& drum) {
    m_drum = drum;
    describe(this, tr("%1, %2 rods a side").arg(sizeText(drum.shell)).arg(drum.rods));
    update();
}

void DraftPicture::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    PicturePainter painter(this);
    paintCard(painter, *this);
    const QRectF area = drawnRect(*this).adjusted(18, 16, -18, -16);
    // Side by side where it is wide, else one above the other.
    const bool isWide = area.width() > 1.8 * area.height();
    const double share = isWide ? 0.5 : 0.56;
    const QRectF side(area.left(), area.top(), isWide ? share * area.width() : area.width(),
                      isWide ? area.height() : share * area.height());
    paintElevation(painter, side, m_drum);
    const double top = isWide ? area.top() : side.bottom() + 8;
    const double left = isWide ? side.right() : area.left();
    const double half = 0.5 * (area.right() - left);
    const double below = area.bottom() - 24 - top;
    const QRectF above(left, top, half, below);
    paintRods(painter, above, m_drum.rods, m_drum.markedRod);
    const QRectF head(left + half, top, half, below);
    paintHeadSight(painter, head, sightOf(m_drum.batterHead));
    painter.setPen(p.quiet);
    const auto caption = [&](const QRectF& over, const QString& words) {
        painter.setFont(typefaceFor(words, over.width(), 13));
        painter.drawText(QRectF(over.left(), area.bottom() - 18, over.width(), 20), Qt::AlignCenter, words);
    };
    caption(above, tr("%1 rods, strainer at the left").arg(m_drum.rods));
    caption(head, m_drum.guessed.batter ? tr("batter: not known")
                                        : tr("batter: %1").arg(sightName(sightOf(m_drum.batterHead))));
}

} // namespace bombo
