#include "app/muffling/ring_picture.h"

#include "app/session/wording.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>

namespace bombo {
namespace {

QString tr(const char* text, const char* comment = nullptr, int n = -1) {
    return QCoreApplication::translate("Ring", text, comment, n);
}

/// The partials that a backbeat excites within 30 dB of the strongest, lowest pitch first.
std::vector<MuffledPartial> heardPartials(const MufflingPrediction& prediction) {
    double strongest = 0.0;
    for (const MuffledPartial& p : prediction.partials)
        strongest = std::max(strongest, p.amplitude);
    std::vector<MuffledPartial> kept;
    for (const MuffledPartial& p : prediction.partials)
        if (p.amplitude > 0.03 * strongest && kept.size() < 12)
            kept.push_back(p);
    return kept;
}

} // namespace

QString ringSummary(const RingPicture& picture) {
    return tr("Ring of the whole tone: %1 s without pads, %2 s with them, %3 s wanted.")
        .arg(picture.prediction.ringBefore.value, 0, 'f', 2)
        .arg(picture.prediction.ringAfter.value, 0, 'f', 2)
        .arg(picture.wanted.value, 0, 'f', 2);
}

void paintRing(QPainter& painter, const QRectF& area, const RingPicture& picture) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto partials = heardPartials(picture.prediction);
    double longest = std::max({picture.prediction.ringBefore.value, picture.wanted.value, 0.2});
    for (const MuffledPartial& partial : partials)
        longest = std::max(longest, partial.t60Before.value);
    const double ceiling = std::ceil(longest * 5.0 + 0.2) / 5.0;
    const QRectF field(area.left() + 58, area.top() + 34, area.width() - 78, area.height() - 92);
    auto yOf = [&](Seconds t) { return field.bottom() - field.height() * t.value / ceiling; };
    painter.setFont(typeface(13));
    for (double t = 0.0; t <= ceiling + 1e-9; t += 0.2) {
        painter.setPen(QPen(p.line, 1, t == 0.0 ? Qt::SolidLine : Qt::DotLine));
        painter.drawLine(QPointF(field.left(), yOf(Seconds{t})), QPointF(field.right(), yOf(Seconds{t})));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(area.left() + 4, yOf(Seconds{t}) - 10, 48, 20),
                         Qt::AlignRight | Qt::AlignVCenter, tr("%1 s").arg(t, 0, 'f', 1));
    }
    painter.drawText(QRectF(area.left() + 14, area.top() + 8, area.width() - 28, 18), Qt::AlignLeft,
                     tr("ring of each partial, 60 dB: outline open, filled padded"));
    const double slot = field.width() / static_cast<double>(std::max<std::size_t>(1, partials.size()));
    const double bar = std::min(24.0, 0.56 * slot);
    double labelled = -100.0;
    for (std::size_t i = 0; i < partials.size(); ++i) {
        const double x = field.left() + (static_cast<double>(i) + 0.5) * slot;
        const MuffledPartial& partial = partials[i];
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.batter);
        painter.drawRect(
            QRectF(x - bar / 2, yOf(partial.t60After), bar, field.bottom() - yOf(partial.t60After)));
        painter.setPen(QPen(p.ink, 1.3));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(
            QRectF(x - bar / 2, yOf(partial.t60Before), bar, field.bottom() - yOf(partial.t60Before)));
        if (x - labelled > 34.0) {
            painter.setPen(p.quiet);
            painter.drawText(QRectF(x - 24, field.bottom() + 4, 48, 18), Qt::AlignCenter,
                             QString::number(partial.frequencyAfter.value, 'f', 0));
            labelled = x;
        }
    }
    painter.setPen(p.quiet);
    painter.drawText(QRectF(field.left(), field.bottom() + 24, field.width(), 18), Qt::AlignCenter,
                     tr("pitch, Hz; pairs split in two under a pad"));
    const double wanted = yOf(picture.wanted);
    painter.setPen(QPen(p.accent, 2.5, Qt::DashLine));
    painter.drawLine(QPointF(field.left(), wanted), QPointF(field.right(), wanted));
    const QRectF label(field.right() - 132, wanted - 24, 132, 20);
    painter.fillRect(label, p.card);
    painter.setPen(p.accent);
    painter.setFont(typeface(14, QFont::DemiBold));
    painter.drawText(label, Qt::AlignRight | Qt::AlignVCenter, tr("whole ring wanted"));
}

RingView::RingView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Ring time"));
    setObjectName(QStringLiteral("ring"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void RingView::show(const RingPicture& picture) {
    m_picture = picture;
    describe(this, ringSummary(picture));
    update();
}

void RingView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    paintCard(painter, *this);
    paintRing(painter, rect(), m_picture);
}

} // namespace bombo
