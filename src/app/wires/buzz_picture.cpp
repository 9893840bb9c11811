#include "app/wires/buzz_picture.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"
#include "core/record/heads_say.h"

#include <QCoreApplication>
#include <QPainter>

namespace bombo {
namespace {

struct BuzzPictureText {
    Q_DECLARE_TR_FUNCTIONS(BuzzPicture)
};

/// Each kind has a shape of its own.
void paintMark(QPainter& painter, QPointF at, NeighbourKind kind, double r) {
    switch (kind) {
    case NeighbourKind::Tom:
        painter.drawRect(QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r));
        break;
    case NeighbourKind::BassDrum:
        painter.drawEllipse(at, 1.2 * r, 1.2 * r);
        break;
    case NeighbourKind::BassNote:
        painter.drawPolygon(
            QPolygonF{at + QPointF(0, -1.3 * r), at + QPointF(1.2 * r, r), at + QPointF(-1.2 * r, r)});
        break;
    case NeighbourKind::Voice:
        painter.drawPolygon(QPolygonF{at + QPointF(0, -1.4 * r), at + QPointF(1.4 * r, 0),
                                      at + QPointF(0, 1.4 * r), at + QPointF(-1.4 * r, 0)});
        break;
    case NeighbourKind::Other:
        painter.drawRect(QRectF(at.x() - 0.4 * r, at.y() - 1.4 * r, 0.8 * r, 2.8 * r));
        break;
    }
}

void paintAxis(QPainter& painter, const BuzzMap& map) {
    const Palette& p = ink();
    const QRectF field = map.field();
    painter.setFont(typeface(13));
    for (const int hertz : {50, 100, 200, 400, 800}) {
        const double x = map.xOf(Hertz{static_cast<double>(hertz)});
        painter.setPen(QPen(p.line, 1, Qt::DotLine));
        painter.drawLine(QPointF(x, field.top()), QPointF(x, field.bottom()));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(x - 30, field.bottom() + 2, 60, 18), Qt::AlignCenter, QString::number(hertz));
    }
    painter.drawText(QRectF(map.area().left() + 8, field.bottom() + 2, 76, 18), Qt::AlignRight,
                     BuzzPictureText::tr("Hz"));
}

void paintOwn(QPainter& painter, const BuzzMap& map, const BuzzPicture& picture) {
    const Palette& p = ink();
    const double y = map.ownRow();
    painter.setFont(typeface(14, QFont::DemiBold));
    painter.setPen(p.ink);
    painter.drawText(QRectF(map.area().left() + 2, y - 20, 104, 40), Qt::AlignRight | Qt::AlignVCenter,
                     BuzzPictureText::tr("this drum"));
    for (const OwnTone& tone : picture.own) {
        const double x = map.xOf(tone.frequency);
        painter.setPen(tone.isSnareSide ? QPen(p.snareSide, 3, Qt::DashLine, Qt::FlatCap)
                                        : QPen(p.batter, 3, Qt::SolidLine, Qt::FlatCap));
        painter.drawLine(QPointF(x, y - 16), QPointF(x, y + 16));
    }
}

} // namespace

BuzzPicture buzzPicture(const Reckoned& reckoned) {
    return buzzPicture(reckoned.session().drum, knownState(reckoned), reckoned.session().neighbours);
}

BuzzPicture buzzPicture(const Drum& drum, const DrumState& state, const std::vector<Neighbour>& neighbours) {
    BuzzPicture picture;
    picture.neighbours = neighbours;
    for (const CoupledMode& free : coupledModes(state))
        if (const CoupledMode mode = withWiresOn(free, drum); mode.frequency.value < BuzzMap::kHighest)
            picture.own.push_back({mode.m, mode.order, mode.frequency, mode.snareSideShare > 0.5});
    std::sort(picture.own.begin(), picture.own.end(),
              [](const OwnTone& a, const OwnTone& b) { return a.frequency < b.frequency; });
    picture.strongest = meetings(drum, state, neighbours);
    picture.total = wireEnergy(picture.strongest);
    if (picture.strongest.size() > kMeetingsShown)
        picture.strongest.resize(kMeetingsShown);
    return picture;
}

double under(const Meeting& meeting, const BuzzPicture& picture) {
    return 10.0 * std::log10(picture.strongest.front().energy / std::max(meeting.energy, 1e-300));
}

QString meetingText(const Meeting& meeting, const BuzzPicture& picture) {
    const Neighbour& neighbour = picture.neighbours[static_cast<std::size_t>(meeting.neighbour)];
    const double cents = centsBetween(meeting.ours, meeting.theirs).value;
    const QString apart = std::abs(cents) < 1000.0
                              ? BuzzPictureText::tr("%1 cents").arg(centsText(Cents{cents}))
                              : BuzzPictureText::tr("%1 octaves").arg(number(cents / 1200.0, 1));
    return BuzzPictureText::tr("%1 %2 meets %3, %4")
        .arg(QString::fromStdString(neighbour.name), hertzText(meeting.theirs), hertzText(meeting.ours),
             apart);
}

QString buzzSummary(const BuzzPicture& picture) {
    if (picture.neighbours.empty())
        return BuzzPictureText::tr("No other instruments yet.");
    QStringList lines;
    for (const Meeting& meeting : picture.strongest)
        lines << BuzzPictureText::tr("%1: %2 dB under the strongest")
                     .arg(meetingText(meeting, picture))
                     .arg(number(under(meeting, picture), 0));
    return BuzzPictureText::tr("Where other instruments set the wires going, the strongest first. %1.")
        .arg(lines.join(QStringLiteral("; ")));
}

void paintBuzz(QPainter& painter, const BuzzMap& map, const BuzzPicture& picture) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF field = map.field();
    if (picture.neighbours.empty()) {
        painter.setPen(p.quiet);
        painter.setFont(typeface(16));
        painter.drawText(
            map.area().adjusted(40, 20, -40, -20), Qt::AlignCenter | Qt::TextWordWrap,
            BuzzPictureText::tr(
                "Which instruments set the wires going? Enter their pitch on the right, or play one and "
                "take what was heard. What meets this drum's own tones stands here."));
        return;
    }
    paintAxis(painter, map);
    paintOwn(painter, map, picture);
    // Lines of the meetings first, so that marks lie over them: the thicker, the more the wires get.
    for (auto meeting = picture.strongest.rbegin(); meeting != picture.strongest.rend(); ++meeting) {
        const double width = std::max(1.0, 6.0 - 0.3 * under(*meeting, picture));
        const bool first = &*meeting == &picture.strongest.front();
        painter.setPen(QPen(first ? p.accent : p.quiet, width, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(QPointF(map.xOf(meeting->theirs), map.rowOf(meeting->neighbour)),
                         QPointF(map.xOf(meeting->ours), map.ownRow() - 16));
    }
    for (std::size_t n = 0; n < picture.neighbours.size(); ++n) {
        const Neighbour& neighbour = picture.neighbours[n];
        const double y = map.rowOf(static_cast<int>(n));
        painter.setPen(p.ink);
        painter.setFont(typeface(14));
        const QRectF label(map.area().left() + 8, y - 10, 96, 20);
        painter.drawText(
            label, Qt::AlignRight | Qt::AlignVCenter,
            painter.fontMetrics().elidedText(QString::fromStdString(neighbour.name), Qt::ElideRight, 96));
        painter.setPen(QPen(p.line, 1));
        painter.drawLine(QPointF(field.left(), y), QPointF(field.right(), y));
        painter.setPen(QPen(p.ink, 1.5));
        painter.setBrush(p.card);
        for (const NeighbourPartial& partial : neighbour.partials)
            if (partial.frequency.value >= BuzzMap::kLowest && partial.frequency.value <= BuzzMap::kHighest)
                paintMark(painter, {map.xOf(partial.frequency), y}, neighbour.kind, 5.0);
    }
    painter.setPen(p.quiet);
    const QString legend =
        BuzzPictureText::tr("above: their partials; below: this drum's, dashed the snare side's");
    painter.setFont(typefaceFor(legend, map.area().width() - 16, 13));
    painter.drawText(QRectF(map.area().left() + 8, map.area().top() + 6, map.area().width() - 16, 20),
                     Qt::AlignLeft, legend);
    double y = field.bottom() + 24;
    for (std::size_t i = 0; i < std::min<std::size_t>(4, picture.strongest.size()); ++i) {
        const Meeting& meeting = picture.strongest[i];
        const auto weight = i == 0 ? QFont::DemiBold : QFont::Normal;
        const double width = map.area().width() - 150;
        painter.setFont(typefaceFor(meetingText(meeting, picture), width, 14, weight));
        painter.setPen(i == 0 ? p.accent : p.ink);
        painter.drawText(QRectF(map.area().left() + 20, y, width, 20), Qt::AlignLeft,
                         painter.fontMetrics().elidedText(meetingText(meeting, picture), Qt::ElideRight,
                                                          static_cast<int>(width)));
        painter.setFont(typeface(14, weight));
        painter.drawText(QRectF(map.area().right() - 130, y, 110, 20), Qt::AlignRight,
                         i == 0 ? BuzzPictureText::tr("strongest")
                                : BuzzPictureText::tr("%1 dB under").arg(number(under(meeting, picture), 0)));
        y += 23;
    }
}

BuzzView::BuzzView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(BuzzPictureText::tr("Buzz with others"));
}

void BuzzView::show(const BuzzPicture& picture) {
    m_picture = picture;
    describe(this, buzzSummary(picture));
    update();
}

void BuzzView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCard(painter, *this);
    paintBuzz(painter, BuzzMap(drawnRect(*this), static_cast<int>(m_picture.neighbours.size())), m_picture);
}

} // namespace bombo
