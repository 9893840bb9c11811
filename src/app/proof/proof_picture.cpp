#include "app/proof/proof_picture.h"

#include "app/proof/proof_words.h"
#include "app/theme/fitted_type.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QPainter>
#include <algorithm>

namespace bombo {
namespace {

constexpr double kSpan = 3.0; ///< of the axis, in units of what still counts as settled
constexpr double kMark = 7.0; ///< half the size of a mark, px

enum class Group { Heads, Wires, Tone };

Group groupOf(ProofItem item) {
    switch (item) {
    case ProofItem::Strainer:
    case ProofItem::WireMargin:
    case ProofItem::Buzz:
    case ProofItem::Sympathy:
        return Group::Wires;
    case ProofItem::Ring:
        return Group::Tone;
    default:
        return Group::Heads;
    }
}

QString groupName(Group group) {
    return group == Group::Heads   ? ProofPicture::tr("Heads")
           : group == Group::Wires ? ProofPicture::tr("Wires")
                                   : ProofPicture::tr("Tone");
}

QColor colourOf(const ProofLine& line) {
    const Palette& p = ink();
    if (line.verdict == ProofVerdict::Off)
        return p.accent;
    if (line.item == ProofItem::BatterPitch || line.item == ProofItem::BatterEvenness)
        return p.batter;
    if (line.item == ProofItem::SnareSidePitch || line.item == ProofItem::SnareSideEvenness)
        return p.snareSide;
    return p.ink;
}

void paintMark(QPainter& painter, QPointF at, Known known, const QColor& colour) {
    painter.setPen(QPen(colour, 2.5));
    painter.setBrush(known == Known::Predicted ? ink().card : colour);
    switch (known) {
    case Known::Measured:
    case Known::Predicted:
        painter.drawEllipse(at, kMark - 1, kMark - 1);
        break;
    case Known::Said:
        painter.drawRect(QRectF(at.x() - kMark + 1, at.y() - kMark + 1, 2 * kMark - 2, 2 * kMark - 2));
        break;
    case Known::ByGauge:
        painter.drawPolygon(QPolygonF{{at.x(), at.y() - kMark},
                                      {at.x() + kMark, at.y()},
                                      {at.x(), at.y() + kMark},
                                      {at.x() - kMark, at.y()}});
        break;
    }
}

} // namespace

double markAt(const ProofLine& line, double left, double right) {
    const double off = std::clamp(line.off.value_or(0.0), line.isOneSided ? 0.0 : -kSpan, kSpan);
    const double share = line.isOneSided ? off / kSpan : 0.5 + 0.5 * off / kSpan;
    return left + share * (right - left);
}

ProofPicture::ProofPicture(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("What was wanted and what was reached"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void ProofPicture::show(std::vector<ProofLine> lines) {
    m_lines = std::move(lines);
    std::stable_sort(m_lines.begin(), m_lines.end(), [](const ProofLine& a, const ProofLine& b) {
        return groupOf(a.item) < groupOf(b.item);
    });
    QStringList words;
    for (const ProofLine& line : m_lines)
        words << tr("%1: wanted %2, reached %3, %4")
                     .arg(proofItemWords(line.item), proofValueText(line.item, line.wanted),
                          line.reached ? proofValueText(line.item, *line.reached) : QStringLiteral("–"),
                          verdictWords(line));
    describe(this, words.join(QStringLiteral(". ")));
    update();
}

void ProofPicture::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    PicturePainter painter(this);
    paintCard(painter, *this);
    const QRectF area = drawnRect(*this).adjusted(18, 8, -18, -8);
    constexpr double legend = 24.0;
    const double heading = area.height() < 350.0 ? 17.0 : 22.0; // on a low screen all lines still fit
    const double row = std::clamp(
        (area.height() - legend - 3 * heading) / std::max<std::size_t>(1, m_lines.size()), 15.0, 38.0);
    const double width = area.width();
    const double wantedAt = area.left() + 0.25 * width;
    const double axisAt = area.left() + 0.42 * width;
    const double axisEnd = area.left() + 0.67 * width;
    const double reachedAt = area.left() + 0.69 * width;
    const double verdictAt = area.left() + 0.85 * width;
    const auto write = [&](double x, double end, double y, const QString& text, QFont::Weight weight,
                           const QColor& colour) {
        painter.setPen(colour);
        painter.setFont(typefaceFor(text, end - x, 14, weight));
        painter.drawText(QRectF(x, y, end - x, row), Qt::AlignLeft | Qt::AlignVCenter, text);
    };
    double y = area.top();
    std::optional<Group> group;
    for (const ProofLine& line : m_lines) {
        if (group != groupOf(line.item)) {
            const bool isFirst = !group;
            group = groupOf(line.item);
            painter.setPen(p.quiet);
            painter.setFont(typeface(13, QFont::DemiBold));
            painter.drawText(QRectF(area.left(), y, wantedAt - area.left(), heading),
                             Qt::AlignLeft | Qt::AlignVCenter, groupName(*group));
            if (isFirst) {
                painter.drawText(QRectF(wantedAt, y, axisAt - wantedAt, heading),
                                 Qt::AlignLeft | Qt::AlignVCenter, tr("wanted"));
                painter.drawText(QRectF(reachedAt, y, verdictAt - reachedAt, heading),
                                 Qt::AlignLeft | Qt::AlignVCenter, tr("reached"));
            }
            y += heading;
        }
        const bool isOff = line.verdict == ProofVerdict::Off;
        const auto weight = isOff || line.isStale ? QFont::DemiBold : QFont::Normal;
        write(area.left(), wantedAt - 8, y, proofItemWords(line.item), weight, p.ink);
        write(wantedAt, axisAt - 8, y, proofValueText(line.item, line.wanted), QFont::Normal, p.quiet);
        const double middle = y + 0.5 * row;
        painter.setPen(QPen(p.line, 2));
        painter.drawLine(QPointF(axisAt, middle), QPointF(axisEnd, middle));
        const double third = (axisEnd - axisAt) / 3.0;
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.band);
        const double bandHeight = std::min(row - 6, 22.0);
        painter.drawRoundedRect(
            QRectF(line.isOneSided ? axisAt : axisAt + third, middle - 0.5 * bandHeight, third, bandHeight),
            2, 2);
        if (line.off && line.error) { // how sure that is
            ProofLine end = line;
            QPolygonF bar;
            for (const double way : {-1.0, 1.0}) {
                end.off = *line.off + way * *line.error;
                bar << QPointF(markAt(end, axisAt, axisEnd), middle);
            }
            painter.setPen(QPen(colourOf(line), 1.5));
            painter.drawPolyline(bar);
            for (const QPointF& tip : bar)
                painter.drawLine(tip - QPointF(0, 5), tip + QPointF(0, 5));
        }
        if (line.off)
            paintMark(painter, QPointF(markAt(line, axisAt, axisEnd), middle), line.known, colourOf(line));
        write(reachedAt, verdictAt - 8, y,
              line.reached ? proofValueText(line.item, *line.reached) : QStringLiteral("–"), weight, p.ink);
        write(verdictAt, area.right(), y, verdictWords(line), weight, isOff ? p.accent : p.ink);
        y += row;
    }
    double x = area.left();
    const double foot = area.bottom() - 0.5 * legend;
    for (const auto& [known, words] :
         {std::pair{Known::Measured, tr("measured")}, std::pair{Known::Predicted, tr("predicted")},
          std::pair{Known::Said, tr("as counted or answered")}, std::pair{Known::ByGauge, tr("by gauge")}}) {
        paintMark(painter, QPointF(x + kMark, foot), known, p.quiet);
        painter.setPen(p.quiet);
        painter.setFont(typeface(13));
        const double length = painter.fontMetrics().horizontalAdvance(words);
        painter.drawText(QRectF(x + 2 * kMark + 6, foot - 10, length + 4, 20),
                         Qt::AlignLeft | Qt::AlignVCenter, words);
        x += length + 2 * kMark + 30;
    }
    painter.setPen(QPen(p.quiet, 1.5));
    painter.drawLine(QPointF(x, foot), QPointF(x + 22, foot));
    for (const double end : {x, x + 22})
        painter.drawLine(QPointF(end, foot - 5), QPointF(end, foot + 5));
    painter.setPen(p.quiet);
    painter.drawText(QRectF(x + 28, foot - 10, area.right() - x - 28, 20), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("how sure"));
}

} // namespace bombo
