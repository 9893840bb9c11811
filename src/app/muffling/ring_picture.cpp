#include "app/muffling/ring_picture.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"
#include "core/record/heads_say.h"
#include "core/record/muffling_says.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>

namespace bombo {
namespace {

constexpr double kQuietest = -30.0; // dB against the strongest

struct RingPictureText {
    Q_DECLARE_TR_FUNCTIONS(RingPicture)
};

struct RingRow {
    QString label;
    double level = 1.0; ///< 0 to 1
    Seconds before;
    Seconds after;
    bool isWhole = false;
};

/// The whole tone, then the partials that a backbeat excites within 30 dB of the strongest, the strongest
/// nine in the order of pitch.
std::vector<RingRow> rowsOf(const RingPicture& picture) {
    constexpr std::size_t most = 9;
    std::vector<MuffledPartial> kept = picture.prediction.partials;
    std::sort(kept.begin(), kept.end(),
              [](const auto& a, const auto& b) { return a.amplitude > b.amplitude; });
    const double strongest = kept.empty() ? 1.0 : kept.front().amplitude;
    const auto levelDb = [&](const MuffledPartial& p) {
        return 20.0 * std::log10(std::max(1e-9, p.amplitude / strongest));
    };
    std::erase_if(kept, [&](const MuffledPartial& p) { return levelDb(p) < kQuietest; });
    // Where nothing lies the members of a pair are one and the same.
    if (!picture.hasPads)
        kept.erase(std::unique(kept.begin(), kept.end(),
                               [](const auto& a, const auto& b) {
                                   return a.m == b.m && a.order == b.order && a.m > 0;
                               }),
                   kept.end());
    if (kept.size() > most)
        kept.resize(most);
    std::sort(kept.begin(), kept.end(),
              [](const auto& a, const auto& b) { return a.frequencyAfter < b.frequencyAfter; });
    std::vector<RingRow> rows{{RingPictureText::tr("whole"), 1.0, picture.prediction.ringBefore,
                               picture.prediction.ringAfter, true}};
    for (const MuffledPartial& p : kept)
        rows.push_back({RingPictureText::tr("%1 Hz").arg(number(p.frequencyAfter.value, 0)),
                        1.0 - levelDb(p) / kQuietest, p.t60Before, p.t60After});
    return rows;
}

QPolygonF wedge(double left, double right, double base, double height) {
    return {QPointF(left, base - height), QPointF(left, base), QPointF(right, base)};
}

} // namespace

RingPicture ringPicture(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return {mufflingOf(reckoned), ringWanted(briefOf(session)), !session.pads.empty(), {}};
}

std::vector<RingThere> ringsThere(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    std::vector<RingThere> there;
    for (const HeardFrom from : {HeardFrom::Player, HeardFrom::Room, HeardFrom::Microphone}) {
        if (from == HeardFrom::Microphone && !session.microphone)
            continue;
        const MufflingPrediction heard = mufflingOf(reckoned, from);
        there.push_back({from, heard.ringBefore, heard.ringAfter});
    }
    return there;
}

QString ringSummary(const RingPicture& picture) {
    QString text =
        RingPictureText::tr("Ring of the whole tone: %1 s with nothing on the head, %2 s now, %3 s wanted.")
            .arg(number(picture.prediction.ringBefore.value, 2))
            .arg(number(picture.prediction.ringAfter.value, 2))
            .arg(number(picture.wanted.value, 2));
    for (const RingThere& there : picture.there)
        text +=
            QLatin1Char(' ') +
            RingPictureText::tr("%1 %2 s.").arg(heardFromName(there.from)).arg(number(there.after.value, 2));
    return text;
}

void paintRing(QPainter& painter, const QRectF& area, const RingPicture& picture) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const std::vector<RingRow> rows = rowsOf(picture);
    double longest = std::max(picture.wanted.value, 0.2);
    for (const RingRow& row : rows)
        longest = std::max({longest, row.before.value, row.after.value});
    const double ceiling = std::ceil(longest * 5.0 + 0.2) / 5.0;
    const QRectF field(area.left() + 74, area.top() + 40, area.width() - 96, area.height() - 112);
    const auto xOf = [&](Seconds t) { return field.left() + field.width() * t.value / ceiling; };
    painter.setFont(typeface(13));
    const double step = ceiling > 1.2 ? 0.4 : 0.2;
    for (double t = 0.0; t <= ceiling + 1e-9; t += step) {
        painter.setPen(QPen(p.line, 1, t == 0.0 ? Qt::SolidLine : Qt::DotLine));
        painter.drawLine(QPointF(xOf(Seconds{t}), field.top()), QPointF(xOf(Seconds{t}), field.bottom()));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(xOf(Seconds{t}) - 24, field.bottom() + 3, 48, 18), Qt::AlignCenter,
                         RingPictureText::tr("%1 s").arg(number(t, 1)));
    }
    painter.drawText(QRectF(area.left() + 14, area.top() + 6, area.width() - 28, 18), Qt::AlignLeft,
                     picture.hasPads
                         ? RingPictureText::tr("each partial dying away: outline open, filled now")
                         : RingPictureText::tr("each partial dying away by 60 dB"));
    const double share = field.height() / (static_cast<double>(rows.size()) + 0.8);
    double base = field.top();
    for (const RingRow& row : rows) {
        base += row.isWhole ? 1.8 * share : share;
        const double height = (row.isWhole ? 1.5 : 0.8) * share * std::max(0.12, row.level);
        painter.setPen(Qt::NoPen);
        painter.setBrush(row.isWhole ? p.ink : p.batter);
        painter.drawPolygon(wedge(field.left(), xOf(row.after), base, height));
        painter.setPen(QPen(row.isWhole ? p.ink : p.batter, 1.4));
        painter.setBrush(Qt::NoBrush);
        painter.drawPolygon(wedge(field.left(), xOf(row.before), base, height));
        painter.setPen(row.isWhole ? p.ink : p.quiet);
        painter.setFont(typeface(13, row.isWhole ? QFont::DemiBold : QFont::Normal));
        painter.drawText(QRectF(area.left() + 4, base - share, 64, share), Qt::AlignRight | Qt::AlignVCenter,
                         row.label);
    }
    const double wanted = xOf(picture.wanted);
    painter.setPen(QPen(p.accent, 2.5, Qt::DashLine));
    painter.drawLine(QPointF(wanted, field.top() - 2), QPointF(wanted, field.bottom()));
    painter.setPen(p.accent);
    painter.setFont(typeface(14, QFont::DemiBold));
    const QString label = RingPictureText::tr("wanted %1 s").arg(number(picture.wanted.value, 2));
    const double width = painter.fontMetrics().horizontalAdvance(label) + 2;
    const bool toTheLeft = wanted + 6 + width > area.right();
    painter.drawText(QRectF(toTheLeft ? wanted - 6 - width : wanted + 6, field.top() - 16, width, 18),
                     (toTheLeft ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter, label);

    QStringList there;
    for (const RingThere& ring : picture.there)
        there
            << RingPictureText::tr("%1 %2 s").arg(heardFromName(ring.from)).arg(number(ring.after.value, 2));
    painter.setPen(p.ink);
    painter.setFont(typeface(13));
    painter.drawText(QRectF(area.left() + 14, field.bottom() + 26, area.width() - 28, 40),
                     Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                     RingPictureText::tr("Whole ring: %1").arg(there.join(QStringLiteral("  ·  "))));
}

RingView::RingView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(RingPictureText::tr("Ring time"));
    setObjectName(QStringLiteral("ring"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void RingView::show(const RingPicture& picture) {
    m_picture = picture;
    describe(this, ringSummary(picture));
    update();
}

void RingView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCard(painter, *this);
    paintRing(painter, drawnRect(*this), m_picture);
}

} // namespace bombo
