#include "app/tone/cutaway.h"

#include "app/session/wording.h"
#include "app/theme/load_wedge.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"

#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>

namespace bombo {
namespace {

QString tr(const char* text, const char* comment = nullptr, int n = -1) {
    return QCoreApplication::translate("Cutaway", text, comment, n);
}

CutawayHead headOf(const Session& session, const Targets& targets, HeadSide side) {
    CutawayHead head;
    head.wanted = targets.head(side).edgePitch;
    head.filmLoad = targets.head(side).filmLoad;
    head.capped = side == HeadSide::SnareSide && targets.limit == TargetLimit::SnareSideFilm;
    if (const auto estimate = lastEstimate(session.head(side)))
        head.now = estimate->mean;
    return head;
}

/// A head at rest and, faint, its bow in the lowest mode: both heads moving the same way.
void paintHead(QPainter& painter, const QRectF& shell, double y, const QColor& colour, Qt::PenStyle style) {
    QPainterPath bow(QPointF(shell.left(), y));
    for (int i = 1; i <= 40; ++i) {
        const double r = std::abs(i / 20.0 - 1.0);
        bow.lineTo(shell.left() + shell.width() * i / 40.0, y + 13.0 * (1.0 - r * r) * (1.0 - 0.3 * r * r));
    }
    QColor faint = colour;
    faint.setAlpha(110);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(faint, 1.5, Qt::DotLine));
    painter.drawPath(bow);
    painter.setPen(QPen(colour, 4, style));
    painter.drawLine(QPointF(shell.left() - 4, y), QPointF(shell.right() + 4, y));
}

void paintLeader(QPainter& painter, QPointF from, QPointF to) {
    painter.setPen(QPen(ink().quiet, 1));
    painter.setBrush(ink().quiet);
    painter.drawEllipse(from, 2.5, 2.5);
    painter.drawPolyline(QPolygonF{from, QPointF(to.x() - 22, to.y()), QPointF(to.x() - 8, to.y())});
}

void paintHeadFigures(QPainter& painter, QPointF at, double width, const QString& name,
                      const CutawayHead& head, HeadSide side) {
    const Palette& p = ink();
    painter.setPen(side == HeadSide::Batter ? p.batter : p.snareSide);
    painter.setFont(typeface(15, QFont::DemiBold));
    painter.drawText(QRectF(at.x(), at.y(), width, 20), Qt::AlignLeft, name);
    painter.setPen(p.ink);
    painter.setFont(typeface(26, QFont::Bold));
    painter.drawText(QRectF(at.x(), at.y() + 18, width, 34), Qt::AlignLeft | Qt::AlignVCenter,
                     pitchText(head.wanted));
    painter.setFont(typeface(14));
    painter.setPen(p.quiet);
    const QString now = head.now
                            ? tr("now %1, %2 cents away")
                                  .arg(hertzText(*head.now), centsText(centsBetween(head.wanted, *head.now)))
                            : tr("edge pitch wanted; not heard yet");
    painter.drawText(QRectF(at.x(), at.y() + 52, width, 20), Qt::AlignLeft, now);
    paintLoadWedge(painter, QRectF(at.x(), at.y() + 78, 120, 14), head.filmLoad, side);
    painter.setPen(p.ink);
    painter.setFont(typeface(14));
    QString load = tr("film load %1 %").arg(qRound(100 * head.filmLoad));
    if (head.capped)
        load += tr(": at its limit, lower than wished");
    painter.drawText(QRectF(at.x() + 130, at.y() + 75, width - 130, 20), Qt::AlignLeft, load);
}

} // namespace

CutawayPicture cutawayPicture(const Session& session, const Targets& targets) {
    CutawayPicture picture;
    picture.shell = session.drum.shell;
    picture.batter = headOf(session, targets, HeadSide::Batter);
    picture.snareSide = headOf(session, targets, HeadSide::SnareSide);
    picture.centre = targets.pitches.centre;
    picture.edgeOverCentre = targets.pitches.edgeOverCentre;
    picture.strands = session.drum.wires.strands;
    if (session.wires.begun)
        picture.strainer = session.wires.strainer;
    return picture;
}

QString cutawaySummary(const CutawayPicture& picture) {
    return tr("Drum cut through. Batter edge pitch %1, film load %2 percent. Centre pitch %3. Snare-side "
              "edge pitch %4, film load %5 percent.")
        .arg(pitchText(picture.batter.wanted))
        .arg(qRound(100 * picture.batter.filmLoad))
        .arg(pitchText(picture.centre), pitchText(picture.snareSide.wanted))
        .arg(qRound(100 * picture.snareSide.filmLoad));
}

CutawayMap::CutawayMap(QRectF area, const Shell& shell) : m_area(area) {
    // One scale for every drum, so that a small drum looks small: 15 in across fills the left part.
    const double left = std::max(200.0, area.width() - 408);
    const double scale = std::min(left / inches(15).value, (area.height() - 110) / inches(8.5).value);
    const double width = scale * shell.diameter.value;
    const double height = scale * shell.depth.value;
    m_shell =
        QRectF(area.left() + 30 + 0.5 * (left - width), area.center().y() - 0.5 * height - 8, width, height);
    m_figuresX = area.left() + left + 72;
}

void paintCutaway(QPainter& painter, const CutawayMap& map, const CutawayPicture& picture) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF s = map.shell();
    // Shell walls in section, hoops around their ends.
    painter.setPen(QPen(p.ink, 1.2));
    painter.setBrush(p.rail);
    for (const double x : {s.left(), s.right() - 9}) {
        painter.drawRect(QRectF(x, s.top(), 9, s.height()));
    }
    painter.setBrush(p.ink);
    for (const double y : {s.top(), s.bottom()})
        for (const double x : {s.left() - 9, s.right() + 3})
            painter.drawRoundedRect(QRectF(x, y - 8, 6, 16), 2, 2);
    paintHead(painter, s, s.top(), p.batter, Qt::SolidLine);
    paintHead(painter, s, s.bottom(), p.snareSide, Qt::DashLine);
    // Wires under the snare side: a coil seen from the side.
    QPainterPath coil(QPointF(s.left() + 0.12 * s.width(), s.bottom() + 9));
    for (double x = 0; x <= 0.76 * s.width(); x += 1.0)
        coil.lineTo(s.left() + 0.12 * s.width() + x, s.bottom() + 9 + 3.0 * std::sin(x * 0.8));
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(p.ink, 1.2));
    painter.drawPath(coil);

    const double x = map.figuresX();
    const double width = map.area().right() - x - 8;
    // Three blocks of 100, 72 and 100 pixels, spread over the height of the card as far as they stay near the
    // drum.
    const double gap = std::clamp((map.area().height() - 292) / 4.0, 4.0, 36.0);
    const double top = map.area().center().y() - 136 - gap - 6;
    const double middle = top + 100 + gap;
    const double bottom = middle + 72 + gap;
    paintLeader(painter, {s.right() - 0.2 * s.width(), s.top()}, {x, top + 34});
    paintLeader(painter, {s.center().x() + 0.3 * s.width(), s.center().y()}, {x, middle + 30});
    paintLeader(painter, {s.right() - 0.2 * s.width(), s.bottom()}, {x, bottom + 34});
    paintHeadFigures(painter, {x, top}, width, tr("Batter"), picture.batter, HeadSide::Batter);
    painter.setPen(p.ink);
    painter.setFont(typeface(15, QFont::DemiBold));
    painter.drawText(QRectF(x, middle, width, 20), Qt::AlignLeft, tr("Both heads and the air"));
    painter.setFont(typeface(21, QFont::Bold));
    painter.drawText(QRectF(x, middle + 18, width, 30), Qt::AlignLeft | Qt::AlignVCenter,
                     pitchText(picture.centre));
    painter.setFont(typeface(14));
    painter.setPen(p.quiet);
    painter.drawText(QRectF(x, middle + 48, width, 20), Qt::AlignLeft,
                     tr("centre pitch; edge over centre %1").arg(picture.edgeOverCentre, 0, 'f', 2));
    paintHeadFigures(painter, {x, bottom}, width, tr("Snare side"), picture.snareSide, HeadSide::SnareSide);

    painter.setPen(p.quiet);
    painter.setFont(typeface(14));
    const QString wires = picture.strainer ? tr("strands: %1\nstrainer %2 from contact")
                                                 .arg(picture.strands)
                                                 .arg(turnsText(*picture.strainer))
                                           : tr("strands: %1\nstrainer not set yet").arg(picture.strands);
    painter.drawText(QRectF(s.left() - 20, s.bottom() + 20, 0.8 * s.width() + 20, 40), Qt::AlignLeft, wires);
    painter.drawText(QRectF(s.left(), s.top() - 32, s.width(), 20), Qt::AlignHCenter,
                     tr("%1 × %2 in, to scale")
                         .arg(toInches(picture.shell.diameter), 0, 'g', 3)
                         .arg(toInches(picture.shell.depth), 0, 'g', 3));
}

CutawayView::CutawayView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Drum, cut through"));
    setObjectName(QStringLiteral("cutaway"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void CutawayView::show(const std::optional<CutawayPicture>& picture) {
    m_picture = picture;
    describe(this, picture ? cutawaySummary(*picture) : QString());
    update();
}

void CutawayView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const QRectF frame = QRectF(rect()).adjusted(1, 1, -1, -1);
    paintCard(painter, *this);
    if (m_picture)
        paintCutaway(painter, CutawayMap(frame, m_picture->shell), *m_picture);
}

} // namespace bombo
