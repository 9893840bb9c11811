#include "app/proof/proof_sheet.h"
#include "app/numbers/numbers.h"

#include "app/drum/rod_mark.h"
#include "app/head/hoop_map.h"
#include "app/muffling/head_from_above.h"
#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/head_ink.h"
#include "app/theme/load_wedge.h"
#include "app/theme/palette.h"

#include <QCoreApplication>
#include <QPageLayout>
#include <QPageSize>
#include <QPagedPaintDevice>
#include <QPainter>

namespace bombo {
namespace {

constexpr double kPageWidth = 720.0; // the page is laid out in these units, a quarter of a millimetre each

struct ProofSheetText {
    Q_DECLARE_TR_FUNCTIONS(ProofSheet)
};

constexpr double kHoop = 122.0; // height of a hoop with its turns

/// A head's rods in the order in which one goes round it, each with its net turns; and how near its film is
/// to its limit.
void paintHead(QPainter& painter, const QRectF& area, const SheetHead& head, const Drum& drum,
               HeadSide side) {
    const Palette& p = ink();
    painter.setFont(typeface(14, QFont::DemiBold));
    painter.setPen(p.ink);
    const QString which = head.load
                              ? (side == HeadSide::Batter ? ProofSheetText::tr("Batter: film load %1 %")
                                                          : ProofSheetText::tr("Snare side: film load %1 %"))
                                    .arg(number(100.0 * *head.load, 0))
                              : stationName(side == HeadSide::Batter ? Station::Batter : Station::SnareSide);
    painter.drawText(QRectF(area.left(), area.top(), 300, 20), Qt::AlignLeft | Qt::AlignVCenter, which);
    if (head.load)
        paintLoadWedge(painter, QRectF(area.right() - 190, area.top() + 2, 180, 18), *head.load, side);
    painter.setFont(typeface(13));
    painter.setPen(p.quiet);
    painter.drawText(QRectF(area.left(), area.top() + 20, area.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                     head.turns.empty() ? ProofSheetText::tr("no turns were counted")
                     : head.fromStanding
                         ? ProofSheetText::tr("turns since it was found standing, from the strainer on")
                         : ProofSheetText::tr("turns since finger-tight, from the strainer on"));
    const int rods = drum.rods;
    const HoopLayout layout{rods, side == HeadSide::SnareSide, std::nullopt};
    const QRectF strip(area.left(), area.top() + 70, area.width(), 26);
    painter.setPen(QPen(headColour(side), 2, headLine(side)));
    painter.setBrush(p.rail);
    painter.drawRoundedRect(strip, 5, 5);
    for (int rod = 0; rod < rods; ++rod) {
        const double x = strip.left() + strip.width() * (layout.placeOf(rod) + 0.5) / rods;
        const QRectF ear(x - 16, strip.top() - 3, 32, strip.height() + 6);
        painter.setPen(QPen(p.line, 1.5));
        painter.setBrush(p.card);
        painter.drawRoundedRect(ear, 5, 5);
        painter.setPen(p.ink);
        painter.setFont(typeface(14));
        painter.drawText(ear, Qt::AlignCenter, QString::number(rod + 1));
        if (!head.turns.empty()) {
            const Turns turned = head.turns[static_cast<std::size_t>(rod)];
            painter.setFont(typeface(17, QFont::DemiBold));
            painter.drawText(QRectF(x - 44, strip.top() - 30, 88, 24), Qt::AlignCenter,
                             (turned.value < 0.0 ? QStringLiteral("\u2212") : QString()) +
                                 turnsFigure(turned));
        }
        if (drum.markedRod == rod + 1)
            paintRodMark(painter, {ear.right() + 8, strip.center().y()});
    }
}

/// @return y below the table
double paintTable(QPainter& painter, const QRectF& area, const std::vector<QStringList>& rows) {
    const Palette& p = ink();
    const std::array widths{0.33, 0.165, 0.165, 0.17, 0.17};
    const double row = 25.0;
    double y = area.top();
    const auto write = [&](const QStringList& cells, QFont::Weight weight) {
        double x = area.left();
        painter.setPen(p.ink);
        for (qsizetype i = 0; i < cells.size(); ++i) {
            const double width = area.width() * widths.at(static_cast<std::size_t>(i));
            painter.setFont(typefaceFor(cells[i], width - 6, 13, weight));
            painter.drawText(QRectF(x, y, width - 6, row), Qt::AlignLeft | Qt::AlignVCenter, cells[i]);
            x += width;
        }
        y += row;
        painter.setPen(QPen(p.line, 1));
        painter.drawLine(QPointF(area.left(), y), QPointF(area.right(), y));
    };
    write({ProofSheetText::tr("What"), ProofSheetText::tr("Wanted"), ProofSheetText::tr("Reached"),
           ProofSheetText::tr("Source"), ProofSheetText::tr("Verdict")},
          QFont::DemiBold);
    for (const QStringList& cells : rows)
        write(cells, QFont::Normal);
    return y;
}

} // namespace

void paintSheet(QPainter& painter, const QRectF& page, const SheetContent& content) {
    const PrintedInk printed; // whatever the window wears, paper is white
    const Palette& p = ink();
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(page.topLeft());
    painter.scale(page.width() / kPageWidth, page.width() / kPageWidth);
    const double height = kPageWidth * page.height() / page.width();
    painter.setPen(p.ink);
    painter.setFont(typeface(25, QFont::Bold));
    painter.drawText(QRectF(0, 0, kPageWidth, 34), Qt::AlignLeft | Qt::AlignVCenter, content.title);
    painter.setFont(typeface(13));
    painter.setPen(p.quiet);
    painter.drawText(QRectF(0, 34, kPageWidth, 20), Qt::AlignLeft | Qt::AlignVCenter, content.what);
    double y = paintTable(painter, QRectF(0, 66, kPageWidth, height), content.rows) + 16;
    const double head = 230.0;
    const PadPicture picture = padPicture(content.drum, content.pads, content.microphone);
    paintHeadFromAbove(
        painter, HeadMap(QRectF(kPageWidth - head, y, head, head), content.drum.shell.radius()), picture);
    const double headEnds = y + head;
    painter.setFont(typeface(13));
    const double hoops = height - 30 - 2 * kHoop;
    for (const QString& line : content.lines) {
        const double width = y < headEnds ? kPageWidth - head - 20 : kPageWidth;
        const QRectF room(0, y, width, hoops - y - 8);
        if (room.height() < 20)
            break; // one page: what is left stands in the logbook
        painter.setPen(p.ink);
        QRectF used;
        painter.drawText(room, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, line, &used);
        y = used.bottom() + 5;
    }
    paintHead(painter, QRectF(0, hoops, kPageWidth, kHoop), content.snareSide, content.drum,
              HeadSide::SnareSide);
    paintHead(painter, QRectF(0, hoops + kHoop, kPageWidth, kHoop), content.batter, content.drum,
              HeadSide::Batter);
    painter.setPen(p.quiet);
    painter.setFont(typeface(12));
    painter.drawText(
        QRectF(0, height - 22, kPageWidth, 18), Qt::AlignLeft | Qt::AlignVCenter,
        ProofSheetText::tr(
            "Measured: heard by the microphone. Predicted: from the model and what was heard. Counted: as "
            "the hands said."));
    painter.restore();
}

bool printSheet(QPagedPaintDevice& device, const SheetContent& content) {
    device.setPageSize(QPageSize(QPageSize::A4));
    device.setPageMargins(QMarginsF(15, 15, 15, 15), QPageLayout::Millimeter);
    QPainter painter;
    if (!painter.begin(&device))
        return false;
    paintSheet(painter, QRectF(0, 0, device.width(), device.height()), content);
    return painter.end();
}

} // namespace bombo
