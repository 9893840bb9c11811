#include "app/muffling/head_from_above.h"

#include "app/theme/palette.h"
#include "app/theme/parts.h"

#include <QCoreApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

namespace bombo {
namespace {

QString tr(const char* text, const char* comment = nullptr, int n = -1) {
    return QCoreApplication::translate("HeadFromAbove", text, comment, n);
}

void paintPad(QPainter& painter, const HeadMap& map, const Pad& pad, int number, bool selected, bool fits) {
    const Palette& p = ink();
    const QPointF at = map.toPixel(pad.fromCentre, pad.angle);
    const double r = std::max(10.0, map.pixels(pad.kind.radius));
    painter.setPen(QPen(selected ? p.accent : p.ink, selected ? 3.5 : 2, fits ? Qt::SolidLine : Qt::DotLine));
    painter.setBrush(fits ? p.accentSoft : QColor(Qt::transparent));
    painter.drawEllipse(at, r, r);
    painter.setPen(p.ink);
    painter.setFont(typeface(14, QFont::Bold));
    painter.drawText(QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r), Qt::AlignCenter, QString::number(number));
}

} // namespace

QString padPlace(const Pad& pad, const Shell& shell) {
    const double hour = clockHour(pad.angle);
    const int halves = static_cast<int>(std::lround(hour * 2.0));
    const int whole = (halves / 2 + 11) % 12 + 1;
    const double gap = shell.radius().value - pad.fromCentre.value - pad.kind.radius.value;
    return tr("%1 o'clock, %2 mm from the hoop")
        .arg(halves % 2 == 0 ? QString::number(whole) : tr("half past %1").arg(whole))
        .arg(qRound(1000.0 * gap));
}

QString padSummary(const PadPicture& picture) {
    if (picture.pads.empty())
        return tr("The batter from above, strainer at nine o'clock. No pads.");
    QStringList places;
    for (std::size_t i = 0; i < picture.pads.size(); ++i)
        places << tr("pad %1: %2").arg(i + 1).arg(padPlace(picture.pads[i], picture.shell));
    return tr("The batter from above, strainer at nine o'clock. %1.").arg(places.join(QStringLiteral("; ")));
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
    painter.drawText(QRectF(centre.x() - 60, centre.y() - 20, 120, 40), Qt::AlignCenter,
                     tr("stick\nlands here"));
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
}

HeadFromAbove::HeadFromAbove(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Batter from above"));
    setObjectName(QStringLiteral("head"));
    setFocusPolicy(Qt::TabFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

HeadMap HeadFromAbove::map() const {
    return {QRectF(rect()), m_picture.shell.radius()};
}

void HeadFromAbove::show(const Shell& shell, int rods, const std::vector<Pad>& pads) {
    m_picture.shell = shell;
    m_picture.rods = rods;
    m_picture.pads = pads;
    m_picture.dragged.reset();
    if (m_picture.selected && *m_picture.selected >= static_cast<int>(pads.size()))
        select(std::nullopt);
    describe(this, padSummary(m_picture));
    update();
}

void HeadFromAbove::select(std::optional<int> pad) {
    m_picture.selected = pad;
    update();
    emit padSelected(pad);
}

bool HeadFromAbove::fits(const Pad& pad) const {
    std::vector<Pad> others = m_picture.pads;
    if (m_picture.selected)
        others.erase(others.begin() + *m_picture.selected);
    return checkPad(pad, others, m_picture.shell) == PadProblem::None;
}

void HeadFromAbove::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    paintCard(painter, *this);
    if (m_picture.shell.diameter.value > 0.0)
        paintHeadFromAbove(painter, map(), m_picture);
}

void HeadFromAbove::mousePressEvent(QMouseEvent* event) {
    const HeadMap m = map();
    for (std::size_t i = 0; i < m_picture.pads.size(); ++i) {
        const Pad& pad = m_picture.pads[i];
        const QPointF d = event->position() - m.toPixel(pad.fromCentre, pad.angle);
        if (std::hypot(d.x(), d.y()) <= std::max(14.0, m.pixels(pad.kind.radius))) {
            select(static_cast<int>(i));
            return;
        }
    }
    if (m_picture.selected) {
        select(std::nullopt);
        return;
    }
    emit headClicked(m.padAt(Pad{}, event->position()));
}

void HeadFromAbove::mouseMoveEvent(QMouseEvent* event) {
    if (!m_picture.selected || !(event->buttons() & Qt::LeftButton))
        return;
    m_picture.dragged =
        map().padAt(m_picture.pads[static_cast<std::size_t>(*m_picture.selected)], event->position());
    m_picture.draggedFits = fits(*m_picture.dragged);
    update();
}

void HeadFromAbove::mouseReleaseEvent(QMouseEvent*) {
    if (!m_picture.dragged || !m_picture.selected)
        return;
    const Pad pad = *m_picture.dragged;
    m_picture.dragged.reset();
    update();
    emit padMoved(*m_picture.selected, pad);
}

void HeadFromAbove::keyPressEvent(QKeyEvent* event) {
    const int digit = event->key() - Qt::Key_1;
    if (digit >= 0 && digit < static_cast<int>(std::min<std::size_t>(9, m_picture.pads.size()))) {
        select(digit);
        return;
    }
    if (m_picture.selected) {
        Pad pad = m_picture.pads[static_cast<std::size_t>(*m_picture.selected)];
        constexpr double nudge = 0.005;                  // m
        constexpr double turn = std::numbers::pi / 36.0; // 5 degrees
        switch (event->key()) {
        case Qt::Key_Up:
            pad.fromCentre += Metres{nudge};
            break; // towards the hoop
        case Qt::Key_Down:
            pad.fromCentre += Metres{-nudge};
            break;
        case Qt::Key_Left:
            pad.angle += Radians{turn};
            break; // counter-clockwise
        case Qt::Key_Right:
            pad.angle += Radians{-turn};
            break;
        case Qt::Key_Delete:
        case Qt::Key_Backspace:
            emit padRemoved(*m_picture.selected);
            return;
        default:
            QWidget::keyPressEvent(event);
            return;
        }
        emit padMoved(*m_picture.selected, pad);
        return;
    }
    QWidget::keyPressEvent(event);
}

} // namespace bombo
