#include "app/logbook/compare_overlays.h"

#include "app/logbook/back_words.h"
#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/palette.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct OverlayText {
    Q_DECLARE_TR_FUNCTIONS(CompareOverlays)
};

constexpr double kCaption = 18.0; // px above each picture
constexpr double kGap = 18.0;     // between two
constexpr double kDot = 4.0;

enum class Overlay { Rods, Ring, Knob };

std::vector<Cents> rodsOf(const EntryFigures& figures) {
    return figures.batter.left ? figures.batter.left->rods : std::vector<Cents>{};
}

bool has(Overlay overlay, const ComparePicture& picture) {
    switch (overlay) {
    case Overlay::Rods:
        return !rodsOf(picture.inHand).empty() &&
               rodsOf(picture.inHand).size() == rodsOf(picture.other).size();
    case Overlay::Ring:
        return figureOf(picture.inHand, Differs::Ring) && figureOf(picture.other, Differs::Ring);
    case Overlay::Knob:
        break;
    }
    return picture.inHand.strainer && picture.other.strainer;
}

std::vector<Overlay> overlaysOf(const ComparePicture& picture) {
    std::vector<Overlay> found;
    for (const Overlay one : {Overlay::Rods, Overlay::Ring, Overlay::Knob})
        if (has(one, picture))
            found.push_back(one);
    return found;
}

void paintCaption(QPainter& painter, const QRectF& box, const QString& text) {
    painter.setFont(typefaceFor(text, box.width(), 12));
    painter.setPen(ink().quiet);
    painter.drawText(QRectF(box.left(), box.top(), box.width(), kCaption), Qt::AlignLeft | Qt::AlignVCenter,
                     text);
}

/// The entry in hand hollow, the other full.
void paintDot(QPainter& painter, QPointF place, bool isInHand, const QColor& colour) {
    painter.setPen(QPen(colour, 1.6));
    painter.setBrush(isInHand ? ink().card : colour);
    painter.drawEllipse(place, kDot, kDot);
}

/// The batter laid flat, rod by rod.
void paintRods(QPainter& painter, const QRectF& box, const ComparePicture& picture) {
    const std::array rods{rodsOf(picture.inHand), rodsOf(picture.other)};
    double most = 8.0;
    for (const auto& one : rods)
        for (const Cents cents : one)
            most = std::max(most, std::abs(cents.value));
    paintCaption(painter, box,
                 OverlayText::tr("Batter rod by rod, ± %1 cents").arg(number(std::ceil(most), 0)));
    const QRectF field = box.adjusted(0, kCaption + kDot, 0, -16);
    painter.setPen(QPen(ink().line, 1));
    painter.drawLine(QPointF(field.left(), field.center().y()), QPointF(field.right(), field.center().y()));
    const auto count = static_cast<double>(rods[0].size());
    for (std::size_t rod = 0; rod < rods[0].size(); ++rod) {
        const double x = field.left() + field.width() * (static_cast<double>(rod) + 0.5) / count;
        const auto place = [&](const std::vector<Cents>& of) {
            return QPointF(x, field.center().y() - 0.5 * field.height() * of[rod].value / most);
        };
        painter.setPen(QPen(ink().batter, 1.4));
        painter.drawLine(place(rods[0]), place(rods[1]));
        paintDot(painter, place(rods[1]), false, ink().batter);
        paintDot(painter, place(rods[0]), true, ink().batter);
        painter.setPen(ink().quiet);
        painter.setFont(typeface(11));
        painter.drawText(QRectF(x - 15, field.bottom() + 2, 30, 14), Qt::AlignCenter,
                         QString::number(rod + 1));
    }
}

/// How each dies away: level falls in a straight line to a thousandth of the pressure at its ring time.
void paintRing(QPainter& painter, const QRectF& box, const ComparePicture& picture) {
    const std::array rings{*figureOf(picture.inHand, Differs::Ring), *figureOf(picture.other, Differs::Ring)};
    paintCaption(painter, box, OverlayText::tr("How it dies away, 60 dB down"));
    const QRectF field = box.adjusted(0, kCaption + 2, -kDot, -16);
    const double longest = std::max(rings[0], rings[1]) * 1.05;
    painter.setPen(QPen(ink().line, 1));
    painter.drawLine(field.bottomLeft(), field.bottomRight());
    const std::size_t longer = rings[0] > rings[1] ? 0 : 1;
    // The longer one's figure finds its place first, that of the shorter one left of it.
    double end = box.right();
    for (const std::size_t which : {longer, 1 - longer}) {
        const double x = field.left() + field.width() * rings[which] / longest;
        painter.setPen(QPen(ink().accent, which == 0 ? 1.4 : 2.4, which == 0 ? Qt::DashLine : Qt::SolidLine));
        painter.drawLine(field.topLeft(), QPointF(x, field.bottom()));
        paintDot(painter, QPointF(x, field.bottom()), which == 0, ink().accent);
        const QString text = figureText(Differs::Ring, rings[which]);
        painter.setFont(typeface(11));
        painter.setPen(ink().quiet);
        const double wide = painter.fontMetrics().horizontalAdvance(text) + 6.0;
        const double left = std::min(x - 0.5 * wide, end - wide);
        painter.drawText(QRectF(left, field.bottom() + 3, wide, 13), Qt::AlignCenter, text);
        end = left;
    }
}

/// Where the knob stood, along the way that it may go on this drum.
void paintKnob(QPainter& painter, const QRectF& box, const ComparePicture& picture) {
    const std::array knobs{*picture.inHand.strainer, *picture.other.strainer};
    const bool hasSpan = picture.wires && !picture.wires->noUsableSpan &&
                         picture.wires->chokeAbove > picture.wires->rattleBelow;
    paintCaption(painter, box,
                 hasSpan ? OverlayText::tr("Knob in its span") : OverlayText::tr("Knob, in turns"));
    double most = std::max({1.0, knobs[0].value, knobs[1].value});
    double least = std::min({0.0, knobs[0].value, knobs[1].value});
    if (hasSpan)
        most = std::max(most, picture.wires->chokeAbove.value);
    const double margin = 0.06 * (most - least);
    most += margin;
    least -= margin;
    const QRectF field = box.adjusted(kDot, kCaption, -kDot, -16);
    const auto xOf = [&](Turns turns) {
        return field.left() + field.width() * (turns.value - least) / (most - least);
    };
    const double y = field.top() + 0.55 * field.height();
    if (hasSpan)
        painter.fillRect(QRectF(QPointF(xOf(picture.wires->rattleBelow), y - 9),
                                QPointF(xOf(picture.wires->chokeAbove), y + 9)),
                         ink().band);
    painter.setPen(QPen(ink().line, 1));
    painter.drawLine(QPointF(field.left(), y), QPointF(field.right(), y));
    for (const std::size_t which : {std::size_t{1}, std::size_t{0}}) {
        const double x = xOf(knobs[which]);
        paintDot(painter, QPointF(x, y), which == 0, ink().ink);
        const QString text = turnsText(knobs[which]);
        painter.setFont(typeface(11));
        const double wide = painter.fontMetrics().horizontalAdvance(text) + 4.0;
        const double left = std::clamp(x - 0.5 * wide, box.left(), std::max(box.left(), box.right() - wide));
        painter.setPen(ink().quiet);
        // The one in hand above, the other below: they may stand in one place.
        painter.drawText(QRectF(left, which == 0 ? y - 24.0 : y + 11.0, wide, 13), Qt::AlignCenter, text);
    }
}

} // namespace

bool hasOverlays(const ComparePicture& picture) {
    return !overlaysOf(picture).empty();
}

void paintOverlays(QPainter& painter, const QRectF& box, const ComparePicture& picture) {
    const std::vector<Overlay> drawn = overlaysOf(picture);
    const QString key = OverlayText::tr("○ this entry  ● the other");
    painter.setFont(typeface(12));
    painter.setPen(ink().quiet);
    painter.drawText(QRectF(box.left(), box.top(), box.width(), kCaption), Qt::AlignRight | Qt::AlignVCenter,
                     key);
    const QRectF row = box.adjusted(0, kCaption, 0, 0);
    // Rods need the room of two.
    const auto share = [](Overlay one) { return one == Overlay::Rods ? 2.0 : 1.3; };
    double shares = 0.0;
    for (const Overlay one : drawn)
        shares += share(one);
    const double wide = row.width() - kGap * static_cast<double>(drawn.size() - 1);
    double x = row.left();
    for (const Overlay one : drawn) {
        const QRectF place(x, row.top(), wide * share(one) / shares, row.height());
        x = place.right() + kGap;
        if (one == Overlay::Rods)
            paintRods(painter, place, picture);
        else if (one == Overlay::Ring)
            paintRing(painter, place, picture);
        else
            paintKnob(painter, place, picture);
    }
}

} // namespace bombo
