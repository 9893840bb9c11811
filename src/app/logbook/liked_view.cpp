#include "app/logbook/liked_view.h"

#include "app/logbook/back_words.h"
#include "app/logbook/liked_words.h"
#include "app/theme/fitted_type.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kNameWide = 0.25; // shares of the width
constexpr double kRangeWide = 0.28;
constexpr int kMostStars = 5;

/// A line is so wide at least, in the figure's unit: what nobody hears does not fill it.
double narrowest(Differs what, double value) {
    switch (what) {
    case Differs::Interval:
        return 8.0 * kPitchJnd.value;
    case Differs::Evenness:
        return 2.0 * kEvennessJnd.value;
    case Differs::Strainer:
        return 4.0 * kStrainerJnd.value;
    case Differs::Ring:
        return 3.0 * kRingJnd * value;
    default:
        return moved(Hertz{value}, 4.0 * kPitchJnd).value - value;
    }
}

/// A figure's line, its stars above each other.
void paintFigure(QPainter& painter, const QRectF& row, const LikedFigure& figure,
                 const std::optional<double>& now) {
    const QRectF name(row.left(), row.top(), kNameWide * row.width() - 10, row.height());
    const QRectF range(row.right() - kRangeWide * row.width() + 10, row.top(), kRangeWide * row.width() - 10,
                       row.height());
    const QRectF field(name.right() + 16, row.top() + 4, range.left() - name.right() - 32, row.height() - 8);
    painter.setPen(ink().ink);
    painter.setFont(typefaceFor(differsName(figure.what), name.width(), 14));
    painter.drawText(name, Qt::AlignRight | Qt::AlignVCenter, differsName(figure.what));
    if (figure.isRange()) {
        painter.setFont(typefaceFor(likedRangeText(figure), range.width(), 14, QFont::DemiBold));
        painter.drawText(range, Qt::AlignLeft | Qt::AlignVCenter, likedRangeText(figure));
    }

    double least = figure.points.front().value;
    double most = least;
    for (const LikedFigure::Point& point : figure.points) {
        least = std::min(least, point.value);
        most = std::max(most, point.value);
    }
    if (now) {
        least = std::min(least, *now);
        most = std::max(most, *now);
    }
    const double span = std::max(most - least, narrowest(figure.what, most));
    least = 0.5 * (least + most - span);
    const auto xOf = [&](double value) { return field.left() + field.width() * (value - least) / span; };
    constexpr double wide = 5.0; // of the band beyond its outermost marks
    if (figure.isRange()) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(ink().band);
        painter.drawRoundedRect(QRectF(QPointF(xOf(figure.low) - wide, field.top()),
                                       QPointF(xOf(figure.high) + wide, field.bottom())),
                                3, 3);
    }
    painter.setPen(QPen(ink().line, 1));
    painter.drawLine(field.bottomLeft(), field.bottomRight());
    for (const LikedFigure::Point& point : figure.points) {
        const double y =
            field.bottom() - field.height() * (static_cast<double>(point.stars) - 0.5) / kMostStars;
        painter.setPen(QPen(point.isLiked() ? ink().ink : ink().quiet, 1.4));
        painter.setBrush(point.isLiked() ? ink().ink : ink().card);
        painter.drawEllipse(QPointF(xOf(point.value), y), point.isLiked() ? 3.5 : 3.0,
                            point.isLiked() ? 3.5 : 3.0);
    }
    if (!now)
        return;
    const double x = xOf(*now);
    painter.setPen(QPen(ink().accent, 2));
    painter.drawLine(QPointF(x, field.top() - 2), QPointF(x, field.bottom() + 2));
}

} // namespace

LikedView::LikedView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("likedView"));
    setAccessibleName(tr("What got the stars"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void LikedView::show(LikedPicture picture) {
    m_picture = std::move(picture);
    QStringList lines;
    for (const LikedFigure& figure : m_picture.liked.figures)
        if (figure.isRange())
            lines << tr("%1: liked from %2").arg(differsName(figure.what), likedRangeText(figure));
    describe(this, lines.join(QStringLiteral("; ")));
    setToolTip({});
    setVisible(!m_picture.liked.figures.empty());
    update();
}

void LikedView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    const QRectF area = drawnRect(*this);
    const auto& figures = m_picture.liked.figures;
    if (figures.empty())
        return;
    constexpr double key = 16.0;
    const double high = std::min(44.0, (area.height() - key) / static_cast<double>(figures.size()));
    double y = area.top();
    for (const LikedFigure& figure : figures) {
        const auto at = static_cast<std::size_t>(
            std::find(kLikedFigures.begin(), kLikedFigures.end(), figure.what) - kLikedFigures.begin());
        paintFigure(painter, QRectF(area.left(), y, area.width(), high), figure, m_picture.now[at]);
        y += high;
    }
    const QString text = tr("Higher: more stars.  ● four and more  ○ fewer  | the drum now");
    painter.setPen(ink().quiet);
    painter.setFont(typefaceFor(text, area.width(), 12));
    painter.drawText(QRectF(area.left(), y, area.width(), key), Qt::AlignHCenter | Qt::AlignVCenter, text);
}

} // namespace bombo
