#include "app/muffling/head_from_above.h"

#include "app/drum/rod_mark.h"
#include "app/session/wording.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QCoreApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

namespace bombo {
namespace {

constexpr double kDegrees = 180.0 / std::numbers::pi;

struct HeadFromAboveText {
    Q_DECLARE_TR_FUNCTIONS(HeadFromAbove)
};

/// Where its number stands.
QPointF labelPlace(const HeadMap& map, const Pad& pad) {
    switch (pad.kind.footprint) {
    case Footprint::Ring:
        return map.toPixel(map.radius() - 0.5 * pad.kind.radius, pad.angle);
    case Footprint::Arc:
        return map.toPixel(map.radius() - 0.5 * pad.kind.radius, pad.angle);
    case Footprint::Across:
        return map.toPixel(0.75 * map.radius(), pad.angle);
    case Footprint::Disc:
        break;
    }
    return map.toPixel(pad.fromCentre, pad.angle);
}

void paintPad(QPainter& painter, const HeadMap& map, const Pad& pad, int number, bool selected, bool fits) {
    const Palette& p = ink();
    QColor fill = p.accentSoft;
    if (pad.kind.footprint != Footprint::Disc || pad.kind.beneath)
        fill.setAlphaF(0.55F);
    // Inside the drum or part of the head: drawn as what is seen through the film.
    const Qt::PenStyle line = !fits                                     ? Qt::DotLine
                              : pad.kind.beneath || pad.kind.partOfHead ? Qt::DashLine
                                                                        : Qt::SolidLine;
    painter.setPen(QPen(selected ? p.accent : p.ink, selected ? 3.5 : 2, line));
    painter.setBrush(fits ? fill : QColor(Qt::transparent));
    painter.drawPath(padOutline(map, pad));
    const QPointF at = labelPlace(map, pad);
    if (pad.kind.footprint != Footprint::Disc || pad.kind.beneath) {
        painter.setPen(QPen(p.ink, 1));
        painter.setBrush(p.card);
        painter.drawEllipse(at, 10, 10);
    }
    if (pad.kind.delay.value > 0.0) { // it jumps: two short arcs over it
        painter.setPen(QPen(p.ink, 1.5));
        painter.setBrush(Qt::NoBrush);
        painter.drawArc(QRectF(at.x() - 14, at.y() - 20, 28, 16), 30 * 16, 120 * 16);
        painter.drawArc(QRectF(at.x() - 9, at.y() - 26, 18, 12), 30 * 16, 120 * 16);
    }
    painter.setPen(p.ink);
    painter.setFont(typeface(14, QFont::Bold));
    painter.drawText(QRectF(at.x() - 12, at.y() - 12, 24, 24), Qt::AlignCenter, QString::number(number));
}

/// A capsule seen from above with its stand reaching outward, and how high it is.
void paintMicrophone(QPainter& painter, const HeadMap& map, const MicrophonePlace& place, bool selected) {
    const Palette& p = ink();
    const QPointF at = map.toPixel(place.fromCentre, place.angle);
    const QPointF out = map.toPixel(place.fromCentre + Metres{0.045}, place.angle);
    painter.setPen(QPen(selected ? p.accent : p.ink, selected ? 5 : 4, Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(at, out);
    painter.setPen(QPen(selected ? p.accent : p.ink, selected ? 3 : 2));
    painter.setBrush(p.card);
    const QPointF along = (out - at) / std::max(1.0, std::hypot((out - at).x(), (out - at).y()));
    painter.save();
    painter.translate(at);
    painter.rotate(std::atan2(along.y(), along.x()) * kDegrees);
    painter.drawRoundedRect(QRectF(-11, -7, 22, 14), 7, 7);
    painter.drawLine(QPointF(-4, -7), QPointF(-4, 7));
    painter.restore();
    painter.setFont(typeface(12, QFont::DemiBold));
    painter.setPen(p.ink);
    painter.drawText(QRectF(at.x() - 60, at.y() + 9, 120, 18), Qt::AlignCenter,
                     HeadFromAboveText::tr("mic, %1 mm up").arg(qRound(1e3 * place.height.value)));
}

/// How far an arrow key goes: along the radius, up outward, or round, left counter-clockwise.
struct Nudge {
    Metres out;
    Radians round;
};
std::optional<Nudge> nudgeOf(int key) {
    const Metres step{0.005};
    const Radians turn{std::numbers::pi / 36.0}; // 5 degrees
    switch (key) {
    case Qt::Key_Up:
        return Nudge{step, {}};
    case Qt::Key_Down:
        return Nudge{-step, {}};
    case Qt::Key_Left:
        return Nudge{{}, turn};
    case Qt::Key_Right:
        return Nudge{{}, -turn};
    default:
        return std::nullopt;
    }
}

} // namespace

QString clockWords(Radians angle) {
    const int halves = static_cast<int>(std::lround(clockHour(angle) * 2.0));
    const int whole = (halves / 2 + 11) % 12 + 1;
    return halves % 2 == 0 ? HeadFromAboveText::tr("%1 o'clock").arg(whole)
                           : HeadFromAboveText::tr("half past %1").arg(whole);
}

QString padPlace(const Pad& pad, const Shell& shell) {
    switch (pad.kind.footprint) {
    case Footprint::Ring:
        return HeadFromAboveText::tr("all round the hoop");
    case Footprint::Across:
        return HeadFromAboveText::tr("from %1 to %2")
            .arg(clockWords(pad.angle), clockWords(pad.angle + Radians{std::numbers::pi}));
    case Footprint::Arc:
        return HeadFromAboveText::tr("%1, %2 mm in from the hoop")
            .arg(clockWords(pad.angle))
            .arg(qRound(1000.0 * pad.kind.radius.value));
    case Footprint::Disc:
        break;
    }
    const double gap = shell.radius().value - pad.fromCentre.value - pad.kind.radius.value;
    return HeadFromAboveText::tr("%1, %2 mm from the hoop")
        .arg(clockWords(pad.angle))
        .arg(qRound(1000.0 * gap));
}

QString microphonePlace(const MicrophonePlace& place, const Shell& shell) {
    const double inside = shell.radius().value - place.fromCentre.value;
    return (inside >= 0.0 ? HeadFromAboveText::tr("%1, %2 mm inside the hoop, %3 mm high")
                          : HeadFromAboveText::tr("%1, %2 mm outside the hoop, %3 mm high"))
        .arg(clockWords(place.angle))
        .arg(qRound(1000.0 * std::abs(inside)))
        .arg(qRound(1000.0 * place.height.value));
}

PadPicture padPicture(const Drum& drum, const std::vector<Pad>& pads,
                      const std::optional<MicrophonePlace>& microphone) {
    PadPicture picture;
    picture.shell = drum.shell;
    picture.rods = drum.rods;
    if (drum.markedRod > 0)
        picture.markedRod = drum.markedRod - 1;
    picture.pads = pads;
    picture.microphone = microphone;
    return picture;
}

QString padSummary(const PadPicture& picture) {
    QStringList places;
    for (std::size_t i = 0; i < picture.pads.size(); ++i)
        places << HeadFromAboveText::tr("%1, %2: %3")
                      .arg(i + 1)
                      .arg(kindName(picture.pads[i].kind), padPlace(picture.pads[i], picture.shell));
    if (places.isEmpty())
        places << HeadFromAboveText::tr("Nothing lies on it");
    if (picture.microphone)
        places << HeadFromAboveText::tr("microphone: %1")
                      .arg(microphonePlace(*picture.microphone, picture.shell));
    return HeadFromAboveText::tr("The batter from above, strainer at nine o'clock. %1.")
        .arg(places.join(QStringLiteral("; ")));
}

QPainterPath padOutline(const HeadMap& map, const Pad& pad) {
    QPainterPath path;
    const QPointF centre = map.centre();
    const double hoop = map.pixels(map.radius());
    const double inner = hoop - map.pixels(pad.kind.radius);
    switch (pad.kind.footprint) {
    case Footprint::Ring:
        path.addEllipse(centre, hoop, hoop);
        path.addEllipse(centre, inner, inner);
        return path;
    case Footprint::Across: {
        const double half = map.pixels(pad.kind.radius);
        QPainterPath strip;
        strip.addRect(QRectF(-hoop, -half, 2 * hoop, 2 * half));
        QPainterPath head;
        head.addEllipse(centre, hoop, hoop);
        const QTransform turn =
            QTransform::fromTranslate(centre.x(), centre.y()).rotate(-pad.angle.value * kDegrees);
        return turn.map(strip).intersected(head);
    }
    case Footprint::Arc: {
        // Qt's angles run counter-clockwise from the right; ours from the left, the strainer.
        const double from = 180.0 + (pad.angle.value - kArcHalf) * kDegrees;
        const double sweep = 2.0 * kArcHalf * kDegrees;
        path.arcMoveTo(QRectF(centre.x() - hoop, centre.y() - hoop, 2 * hoop, 2 * hoop), from);
        path.arcTo(QRectF(centre.x() - hoop, centre.y() - hoop, 2 * hoop, 2 * hoop), from, sweep);
        path.arcTo(QRectF(centre.x() - inner, centre.y() - inner, 2 * inner, 2 * inner), from + sweep,
                   -sweep);
        path.closeSubpath();
        return path;
    }
    case Footprint::Disc:
        break;
    }
    const double r = std::max(10.0, map.pixels(pad.kind.radius));
    path.addEllipse(map.toPixel(pad.fromCentre, pad.angle), r, r);
    return path;
}

void paintHeadFromAbove(QPainter& painter, const HeadMap& map, const PadPicture& picture) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const double r = map.pixels(map.radius());
    const QPointF centre = map.centre();
    painter.setPen(QPen(p.ink, 1.5));
    painter.setBrush(p.rail);
    painter.drawEllipse(centre, r + 11, r + 11);
    painter.setPen(QPen(p.batter, 2));
    painter.setBrush(p.card);
    painter.drawEllipse(centre, r, r);
    painter.setPen(QPen(p.quiet, 1.3, Qt::DashLine));
    painter.setBrush(p.paper);
    painter.drawEllipse(centre, kLandingArea * r, kLandingArea * r);
    painter.setPen(p.quiet);
    painter.setFont(typeface(13));
    if (kLandingArea * r > 36.0) // else the words are wider than the place
        painter.drawText(QRectF(centre.x() - 60, centre.y() - 20, 120, 40), Qt::AlignCenter,
                         HeadFromAboveText::tr("stick\nlands here"));
    for (int rod = 0; rod < picture.rods; ++rod) {
        const QPointF at =
            map.toPixel(map.radius() + Metres{6.0 * map.radius().value / r}, rodAngle(rod, picture.rods));
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.ink);
        painter.drawRect(QRectF(at.x() - 3.5, at.y() - 3.5, 7, 7));
        const QPointF label =
            map.toPixel(map.radius() + Metres{22.0 * map.radius().value / r}, rodAngle(rod, picture.rods));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(label.x() - 14, label.y() - 10, 28, 20), Qt::AlignCenter,
                         QString::number(rod + 1));
        if (picture.markedRod == rod)
            paintRodMark(painter, {label.x() + 14, label.y()});
    }
    const QPointF strainer = map.toPixel(map.radius() + Metres{14.0 * map.radius().value / r}, Radians{0.0});
    painter.setPen(QPen(p.ink, 3));
    painter.drawLine(strainer + QPointF(-2, -9), strainer + QPointF(-2, 9));
    for (std::size_t i = 0; i < picture.pads.size(); ++i) {
        const bool selected = picture.selected == static_cast<int>(i);
        if (selected && picture.dragged)
            paintPad(painter, map, *picture.dragged, static_cast<int>(i) + 1, true, picture.draggedFits);
        else
            paintPad(painter, map, picture.pads[i], static_cast<int>(i) + 1, selected, true);
    }
    if (picture.microphone)
        paintMicrophone(painter, map, *picture.microphone, picture.microphoneSelected);
}

HeadFromAbove::HeadFromAbove(QWidget* parent) : QWidget(parent) {
    setAccessibleName(HeadFromAboveText::tr("Batter from above"));
    setObjectName(QStringLiteral("head"));
    setFocusPolicy(Qt::TabFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

HeadMap HeadFromAbove::map() const {
    return {drawnRect(*this), m_picture.shell.radius()};
}

void HeadFromAbove::show(const Drum& drum, const std::vector<Pad>& pads,
                         const std::optional<MicrophonePlace>& microphone) {
    const std::optional<int> selected = m_picture.selected;
    const bool microphoneSelected = m_picture.microphoneSelected && microphone;
    m_picture = padPicture(drum, pads, microphone);
    m_picture.selected = selected;
    m_picture.microphoneSelected = microphoneSelected;
    if (m_picture.selected && *m_picture.selected >= static_cast<int>(pads.size()))
        select(std::nullopt);
    describe(this, padSummary(m_picture));
    update();
}

void HeadFromAbove::select(std::optional<int> pad) {
    m_picture.selected = pad;
    m_picture.microphoneSelected = false;
    update();
    emit padSelected(pad);
}

void HeadFromAbove::selectMicrophone() {
    m_picture.selected.reset();
    m_picture.microphoneSelected = m_picture.microphone.has_value();
    update();
    emit padSelected(std::nullopt);
}

bool HeadFromAbove::fits(const Pad& pad) const {
    std::vector<Pad> others = m_picture.pads;
    if (m_picture.selected)
        others.erase(others.begin() + *m_picture.selected);
    return checkPad(pad, others, m_picture.shell) == PadProblem::None;
}

QPointF HeadFromAbove::microphonePixel() const {
    return map().toPixel(m_picture.microphone->fromCentre, m_picture.microphone->angle);
}

void HeadFromAbove::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCard(painter, *this);
    if (m_picture.shell.diameter.value > 0.0)
        paintHeadFromAbove(painter, map(), m_picture);
}

void HeadFromAbove::mousePressEvent(QMouseEvent* event) {
    const HeadMap m = map();
    if (m_picture.microphone) {
        const QPointF d = drawnPoint(event->position()) - microphonePixel();
        if (std::hypot(d.x(), d.y()) <= 14.0) {
            selectMicrophone();
            m_microphoneHeld = true;
            return;
        }
    }
    for (std::size_t i = m_picture.pads.size(); i-- > 0;)
        if (padOutline(m, m_picture.pads[i]).contains(drawnPoint(event->position()))) {
            select(static_cast<int>(i));
            return;
        }
    if (m_picture.selected || m_picture.microphoneSelected) {
        select(std::nullopt);
        return;
    }
    emit headClicked(m.padAt(Pad{}, drawnPoint(event->position())));
}

void HeadFromAbove::mouseMoveEvent(QMouseEvent* event) {
    if (!(event->buttons() & Qt::LeftButton))
        return;
    if (m_microphoneHeld && m_picture.microphone) {
        const Pad under = map().padAt(Pad{}, drawnPoint(event->position()));
        m_picture.microphone->fromCentre = std::min(under.fromCentre, kFarthestMicrophone);
        m_picture.microphone->angle = under.angle;
        update();
        return;
    }
    if (!m_picture.selected)
        return;
    m_picture.dragged = map().padAt(m_picture.pads[static_cast<std::size_t>(*m_picture.selected)],
                                    drawnPoint(event->position()));
    m_picture.draggedFits = fits(*m_picture.dragged);
    update();
}

void HeadFromAbove::mouseReleaseEvent(QMouseEvent*) {
    if (std::exchange(m_microphoneHeld, false) && m_picture.microphone) {
        emit microphoneMoved(*m_picture.microphone);
        return;
    }
    if (!m_picture.dragged || !m_picture.selected)
        return;
    const Pad pad = *m_picture.dragged;
    m_picture.dragged.reset();
    update();
    emit padMoved(*m_picture.selected, pad);
}

bool HeadFromAbove::nudgePad(int key) {
    Pad pad = m_picture.pads[static_cast<std::size_t>(*m_picture.selected)];
    if (key == Qt::Key_Delete || key == Qt::Key_Backspace) {
        emit padRemoved(*m_picture.selected);
        return true;
    }
    const auto nudge = nudgeOf(key);
    if (!nudge)
        return false;
    if (pad.kind.footprint == Footprint::Disc)
        pad.fromCentre += nudge->out;
    pad.angle += nudge->round;
    emit padMoved(*m_picture.selected, pad);
    return true;
}

bool HeadFromAbove::nudgeMicrophone(int key) {
    MicrophonePlace place = *m_picture.microphone;
    if (key == Qt::Key_PageUp || key == Qt::Key_PageDown)
        place.height += Metres{key == Qt::Key_PageUp ? 0.01 : -0.01};
    else if (const auto nudge = nudgeOf(key)) {
        place.fromCentre = std::max(Metres{}, place.fromCentre + nudge->out);
        place.angle += nudge->round;
    } else
        return false;
    emit microphoneMoved(place);
    return true;
}

void HeadFromAbove::keyPressEvent(QKeyEvent* event) {
    const int digit = event->key() - Qt::Key_1;
    if (digit >= 0 && digit < static_cast<int>(std::min<std::size_t>(9, m_picture.pads.size()))) {
        select(digit);
        return;
    }
    if (event->key() == Qt::Key_M && m_picture.microphone) {
        selectMicrophone();
        return;
    }
    const bool used = m_picture.selected             ? nudgePad(event->key())
                      : m_picture.microphoneSelected ? nudgeMicrophone(event->key())
                                                     : false;
    if (!used)
        QWidget::keyPressEvent(event);
}

} // namespace bombo
