#include "app/logbook/show_view.h"

#include "app/numbers/numbers.h"
#include "app/theme/fitted_type.h"
#include "app/theme/parts.h"

#include <QPainter>
#include <algorithm>

namespace bombo {
namespace {

constexpr double kHead = 30.0;  // of the drums' names
constexpr double kRow = 70.0;   // of a number
constexpr double kLane = 104.0; // of a drum

} // namespace

ShowView::ShowView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("showView"));
    setAccessibleName(tr("Which drum plays what"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::MinimumExpanding);
}

void ShowView::show(ShowPicture picture) {
    m_picture = std::move(picture);
    QStringList lines;
    for (qsizetype i = 0; i < m_picture.tones.size(); ++i)
        lines << tr("%1: %2").arg(m_picture.tones[i], m_picture.texts[i]);
    describe(this, lines.join(QStringLiteral("; ")));
    setToolTip({});
    updateGeometry();
    update();
}

QSize ShowView::sizeHint() const {
    return scaled(QSize(
        static_cast<int>(kLane * static_cast<double>(std::max<qsizetype>(1, m_picture.drums.size()))) + 260,
        static_cast<int>(kHead + kRow * static_cast<double>(m_picture.tones.size()) + 16)));
}

void ShowView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCard(painter, *this);
    const QRectF area = drawnRect(*this).adjusted(14, 8, -14, -8);
    const auto laneX = [&](std::size_t drum) {
        return area.left() + kLane * (static_cast<double>(drum) + 0.5);
    };
    const double textX = area.left() + kLane * static_cast<double>(m_picture.drums.size()) + 12.0;
    const double bottom = area.top() + kHead + kRow * static_cast<double>(m_picture.tones.size());
    for (qsizetype drum = 0; drum < m_picture.drums.size(); ++drum) {
        const double x = laneX(static_cast<std::size_t>(drum));
        painter.setPen(QPen(ink().line, 1.5));
        painter.drawLine(QPointF(x, area.top() + kHead), QPointF(x, bottom));
        painter.setPen(ink().ink);
        painter.setFont(typefaceFor(m_picture.drums[drum], kLane - 8, 14, QFont::DemiBold));
        painter.drawText(QRectF(x - 0.5 * kLane, area.top(), kLane, kHead - 6), Qt::AlignCenter,
                         m_picture.drums[drum]);
    }
    for (qsizetype i = 0; i < m_picture.tones.size(); ++i) {
        const auto at = static_cast<std::size_t>(i);
        const ShowStep& step = m_picture.steps[at];
        const double y = area.top() + kHead + kRow * (static_cast<double>(i) + 0.5);
        if (step.drum) {
            const double x = laneX(*step.drum);
            const QRectF block(x - 47, y - 20, 94, 40);
            painter.setPen(QPen(step.fits ? ink().ink : ink().accent, step.fits ? 1.4 : 2.5));
            painter.setBrush(step.change.takes.value > 0.0 ? ink().accentSoft : ink().band);
            painter.drawRoundedRect(block, 4, 4);
            painter.setPen(ink().ink);
            painter.setFont(typeface(13, QFont::DemiBold));
            painter.drawText(block.adjusted(3, 0, -3, 0), Qt::AlignCenter | Qt::TextWordWrap,
                             m_picture.tones[i]);
        }
        const QString& text = m_picture.texts[i];
        const QRectF place(textX, y - 0.5 * kRow + 4, area.right() - textX, kRow - 8);
        painter.setPen(step.fits ? ink().ink : ink().accent);
        painter.setFont(typeface(13, step.fits ? QFont::Normal : QFont::DemiBold));
        painter.drawText(place, Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
                         step.drum ? text : tr("%1: %2").arg(m_picture.tones[i], text));
    }
}

} // namespace bombo
