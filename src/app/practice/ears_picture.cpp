#include "app/practice/ears_picture.h"

#include "app/theme/palette.h"
#include "app/theme/parts.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QLocale>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct EarsPictureText {
    Q_DECLARE_TR_FUNCTIONS(EarsPicture)
};

constexpr double kMostShown = 12; ///< of earlier days

} // namespace

void paintEars(QPainter& painter, const QRectF& area, const EarsPicture& picture) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(typeface(13));
    double labels = 30.0;
    for (const QString& label : picture.labels)
        labels = std::max(labels, static_cast<double>(painter.fontMetrics().horizontalAdvance(label)) + 10.0);
    const QRectF plot = area.adjusted(labels, 8, -8, -40);
    const double span = std::log(picture.largest / picture.smallest);
    const auto down = [&](double difference) {
        const double share =
            std::log(std::clamp(difference, picture.smallest, picture.largest) / picture.smallest);
        return plot.bottom() - plot.height() * share / span;
    };
    for (std::size_t i = 0; i < picture.marks.size(); ++i) {
        const double y = down(picture.marks[i]);
        painter.setPen(QPen(p.line, 1));
        painter.drawLine(QPointF(plot.left(), y), QPointF(plot.right(), y));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(area.left(), y - 10, labels - 6, 20), Qt::AlignRight | Qt::AlignVCenter,
                         picture.labels[i]);
    }
    const bool isRound = !picture.trials.empty();
    const double middle = isRound ? plot.left() + 0.62 * plot.width() : plot.left() - 14;
    const QRectF round(plot.left(), plot.top(), middle - plot.left() - 14, plot.height());
    if (picture.threshold > 0.0 && !picture.trials.empty()) {
        const double top = down(picture.threshold * std::exp(picture.error));
        const double bottom = down(picture.threshold * std::exp(-picture.error));
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.band);
        painter.drawRect(QRectF(round.left(), top, round.width(), bottom - top));
        painter.setPen(QPen(p.accent, 2.5));
        painter.drawLine(QPointF(round.left(), down(picture.threshold)),
                         QPointF(round.right(), down(picture.threshold)));
    }
    const double step = round.width() / std::max(20.0, static_cast<double>(picture.trials.size()) + 1.0);
    for (std::size_t i = 0; i < picture.trials.size(); ++i) {
        const QPointF at(round.left() + (static_cast<double>(i) + 0.7) * step,
                         down(picture.trials[i].difference));
        painter.setPen(QPen(p.ink, 2));
        painter.setBrush(picture.trials[i].isRight ? QBrush(p.ink) : QBrush(p.card));
        painter.drawEllipse(at, 5, 5);
    }
    if (isRound) {
        painter.setPen(QPen(p.line, 1, Qt::DashLine));
        painter.drawLine(QPointF(middle, plot.top()), QPointF(middle, plot.bottom()));
    }
    const QRectF days(middle + 14, plot.top(), plot.right() - middle - 14, plot.height());
    const std::size_t shown =
        std::min<std::size_t>(picture.days.size(), static_cast<std::size_t>(kMostShown));
    QPointF before;
    for (std::size_t i = 0; i < shown; ++i) {
        const EarsDay& day = picture.days[picture.days.size() - shown + i];
        const double x = days.left() + (static_cast<double>(i) + 0.5) * days.width() /
                                           std::max<double>(4.0, static_cast<double>(shown));
        const QPointF at(x, down(day.value));
        painter.setPen(QPen(p.quiet, 2));
        if (i > 0)
            painter.drawLine(before, at);
        painter.drawLine(QPointF(x, down(day.value * std::exp(day.error))),
                         QPointF(x, down(day.value * std::exp(-day.error))));
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.batter);
        painter.drawRect(QRectF(at - QPointF(5, 5), QSizeF(10, 10)));
        before = at;
    }
    painter.setPen(p.quiet);
    painter.setFont(typeface(13));
    if (isRound)
        painter.drawText(QRectF(round.left(), plot.bottom() + 6, round.width(), 34),
                         Qt::AlignLeft | Qt::TextWordWrap,
                         EarsPictureText::tr("this round: full dot right, ring wrong"));
    painter.drawText(
        QRectF(days.left(), plot.bottom() + 6, days.width(), 34), Qt::AlignLeft | Qt::TextWordWrap,
        shown > 0 || isRound          ? EarsPictureText::tr("days before")
        : picture.whereNone.isEmpty() ? EarsPictureText::tr("here stands what you tell apart, day by day")
                                      : picture.whereNone);
}

EarsView::EarsView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(EarsPictureText::tr("What the ear tells apart"));
}

void EarsView::show(EarsPicture picture, const QString& words) {
    m_picture = std::move(picture);
    describe(this, words);
    update();
}

void EarsView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintEars(painter, drawnRect(*this), m_picture);
}

} // namespace bombo
