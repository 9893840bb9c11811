#include "app/faults/fault_drawing.h"

#include "app/faults/fault_scenes.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>
#include <cmath>
#include <numbers>
#include <unordered_map>
#include <vector>

namespace bombo {
namespace {

/// What is done, at a place of the scene.
enum class Does {
    Pad,
    Mic,
    Thumb,
    Hand,
    Eye,
    Ear,
    Blow,
    Soft,
    Loud,
    Arrow,
    TurnOn,
    TurnBack,
    Ring,
    Worn,
    Gap,
    Round
};

struct Mark {
    Does does;
    double x;
    double y;
    double toX = 0; ///< of arrows and gaps; of an eye where it looks
    double toY = 0;
};
struct Drawing {
    FaultScene scene;
    std::vector<Mark> marks;
};

const Drawing* drawingOf(const std::string& name) {
    using enum Does;
    using S = FaultScene;
    static const std::unordered_map<std::string, Drawing> all{
        {"press_snare_side", {S::Underside, {{Thumb, 0.5, 0.72}}}},
        {"press_batter", {S::Above, {{Thumb, 0.5, 0.72}}}},
        {"tap_round", {S::Above, {{Round, 0.5, 0.5}, {Ear, 0.5, 0.5}}}},
        {"listen_lever_off", {S::Above, {{Blow, 0.5, 0.5}, {Ear, 0.72, 0.30}}}},
        {"look_batter", {S::Above, {{Worn, 0.5, 0.5}, {Eye, 0.80, 0.20, 0.56, 0.44}}}},
        {"look_marks", {S::Above, {{Worn, 0.58, 0.55}, {Eye, 0.82, 0.20, 0.64, 0.47}}}},
        {"calendar", {S::Calendar, {{Ring, 0.628, 0.565}}}},
        {"look_slack_batter", {S::Slack, {{Eye, 0.02, 0.24, 0.32, 0.42}, {Gap, 0.5, 0.36, 0.5, 0.42}}}},
        {"lever_off", {S::Strainer, {{Arrow, 0.60, 0.34, 0.78, 0.52}, {Blow, 0.5, 0.12}}}},
        {"lever_force", {S::Strainer, {{Arrow, 0.70, 0.52, 0.57, 0.32}}}},
        {"lever_loose_end", {S::Strainer, {{TurnBack, 0.50, 0.53}, {Arrow, 0.70, 0.44, 0.57, 0.30}}}},
        {"knob_looser", {S::Strainer, {{TurnBack, 0.50, 0.53}}}},
        {"knob_tighter", {S::Strainer, {{TurnOn, 0.50, 0.53}}}},
        {"knob_travel", {S::Strainer, {{TurnOn, 0.50, 0.53}, {Eye, 0.80, 0.34, 0.58, 0.48}}}},
        {"clamp_anew", {S::Strainer, {{Ring, 0.50, 0.655}, {Arrow, 0.62, 0.88, 0.62, 0.74}}}},
        {"screws", {S::Strainer, {{TurnOn, 0.16, 0.51}, {TurnOn, 0.84, 0.51}, {Ring, 0.50, 0.56}}}},
        {"strike_soft_middle", {S::Above, {{Soft, 0.5, 0.5}, {Ear, 0.72, 0.30}}}},
        {"strike_soft_edge", {S::Above, {{Soft, 0.5, 0.80}, {Ear, 0.72, 0.30}}}},
        {"strike_loud", {S::Above, {{Loud, 0.5, 0.5}, {Ear, 0.76, 0.26}}}},
        {"strike_middle", {S::Above, {{Blow, 0.5, 0.5}, {Ring, 0.5, 0.5}}}},
        {"strike_ten",
         {S::Above, {{Blow, 0.5, 0.5}, {Blow, 0.47, 0.53}, {Blow, 0.53, 0.47}, {Ear, 0.74, 0.28}}}},
        {"look_along_wires", {S::Section, {{Eye, 0.02, 0.84, 0.28, 0.77}}}},
        {"look_under",
         {S::Underside,
          {{Gap, 0.10, 0.62, 0.145, 0.62}, {Gap, 0.855, 0.62, 0.90, 0.62}, {Eye, 0.5, 0.78, 0.5, 0.60}}}},
        {"look_plate", {S::Section, {{Ring, 0.17, 0.75}, {Ring, 0.83, 0.75}, {Eye, 0.5, 0.92, 0.26, 0.79}}}},
        {"hold_wires", {S::Underside, {{Hand, 0.5, 0.52}}}},
        {"strike_others", {S::TwoDrums, {{Blow, 0.77, 0.24}, {Ear, 0.24, 0.32}}}},
        {"damp_other", {S::TwoDrums, {{Hand, 0.86, 0.26}, {Blow, 0.68, 0.24}, {Ear, 0.24, 0.32}}}},
        {"press_other", {S::TwoDrums, {{Thumb, 0.90, 0.27}, {Blow, 0.72, 0.24}, {Ear, 0.24, 0.32}}}},
        {"another_drum", {S::TwoDrums, {{Arrow, 0.56, 0.20, 0.28, 0.20}, {Blow, 0.77, 0.24}}}},
        {"look_hoop",
         {S::Section,
          {{Gap, 0.02, 0.365, 0.02, 0.40}, {Gap, 0.98, 0.365, 0.98, 0.40}, {Eye, 0.5, 0.20, 0.88, 0.36}}}},
        {"look_collar",
         {S::Above, {{Gap, 0.10, 0.5, 0.16, 0.5}, {Gap, 0.84, 0.5, 0.90, 0.5}, {Eye, 0.5, 0.5, 0.80, 0.5}}}},
        {"feel_edge", {S::Lifted, {{Thumb, 0.15, 0.38}, {Arrow, 0.5, 0.36, 0.5, 0.24}}}},
        {"hoop_on_table", {S::Hoop, {{Thumb, 0.14, 0.52}, {Gap, 0.88, 0.61, 0.88, 0.66}}}},
        {"turn_rod", {S::Rod, {{TurnOn, 0.40, 0.21}}}},
        {"roll_rod", {S::Rod, {{Arrow, 0.40, 0.16, 0.40, 0.02}, {Arrow, 0.68, 0.20, 0.90, 0.20}}}},
        {"swap_rod", {S::Rod, {{Arrow, 0.46, 0.12, 0.86, 0.12}, {Arrow, 0.86, 0.20, 0.52, 0.20}}}},
        {"feel_rods", {S::Above, {{TurnOn, 0.12, 0.34}, {TurnOn, 0.88, 0.34}, {TurnOn, 0.66, 0.88}}}},
        {"weather", {S::Sky, {}}},
        {"listen_away", {S::Listener, {{Blow, 0.18, 0.48}, {Ear, 0.84, 0.56}}}},
        {"microphone_up", {S::Microphone, {{Arrow, 0.90, 0.40, 0.90, 0.16}, {Blow, 0.36, 0.46}}}},
        {"microphone_round",
         {S::Above, {{Mic, 0.84, 0.30, 0.5, 0.5}, {Arrow, 0.80, 0.14, 0.58, 0.05}, {Blow, 0.5, 0.5}}}},
        {"another_room", {S::Walls, {{Arrow, 0.66, 0.48, 0.90, 0.30}, {Blow, 0.45, 0.46}}}},
        {"pads_off", {S::Above, {{Pad, 0.64, 0.36}, {Arrow, 0.69, 0.29, 0.88, 0.08}}}},
        {"batter_up",
         {S::Above,
          {{TurnOn, 0.12, 0.34}, {TurnOn, 0.88, 0.66}, {TurnOn, 0.66, 0.12}, {TurnOn, 0.34, 0.88}}}},
        {"snare_side_up",
         {S::Underside,
          {{TurnOn, 0.14, 0.30}, {TurnOn, 0.86, 0.70}, {TurnOn, 0.66, 0.12}, {TurnOn, 0.34, 0.88}}}},
        {"look_fittings",
         {S::Strainer, {{Ring, 0.50, 0.56}, {Ring, 0.16, 0.51}, {Eye, 0.94, 0.10, 0.60, 0.44}}}},
    };
    const auto found = all.find(name);
    return found == all.end() ? nullptr : &found->second;
}

class SceneMarker {
public:
    SceneMarker(QPainter& painter, const SceneBox& box, int rods)
        : m_painter(painter), m_box(box), m_rods(rods) {}

    void paint(const Mark& mark) {
        const QPointF at = m_box.at(mark.x, mark.y);
        const QPointF to = m_box.at(mark.toX, mark.toY);
        switch (mark.does) {
        case Does::Thumb:
            return thumb(at);
        case Does::Hand:
            return hand(at);
        case Does::Eye:
            return eye(at, to);
        case Does::Ear:
            return ear(at);
        case Does::Blow:
            return blow(at, 2);
        case Does::Soft:
            return blow(at, 1);
        case Does::Loud:
            return blow(at, 4);
        case Does::Arrow:
            return arrow(at, to);
        case Does::TurnOn:
            return turn(at, 1.0);
        case Does::TurnBack:
            return turn(at, -1.0);
        case Does::Ring:
            return ring(at);
        case Does::Worn:
            return worn(at);
        case Does::Gap:
            return gap(at, to);
        case Does::Round:
            return round();
        case Does::Pad:
            return pad(at);
        case Does::Mic:
            return microphone(at, to);
        }
    }

private:
    void accent(double width) {
        m_painter.setPen(QPen(ink().accent, width, Qt::SolidLine, Qt::RoundCap));
        m_painter.setBrush(Qt::NoBrush);
    }
    double unit(double share) const { return m_box.length(share); }

    /// A fingertip that presses where its tip is.
    void thumb(QPointF tip) {
        m_painter.setPen(QPen(ink().accent, 3));
        m_painter.setBrush(ink().accentSoft);
        m_painter.drawEllipse(tip, unit(0.07), unit(0.07));
        const double w = unit(0.042);
        QPainterPath finger(tip + QPointF(-w, unit(0.24)));
        finger.lineTo(tip + QPointF(-w, 0));
        finger.cubicTo(tip + QPointF(-w, -1.25 * w), tip + QPointF(w, -1.25 * w), tip + QPointF(w, 0));
        finger.lineTo(tip + QPointF(w, unit(0.24)));
        m_painter.setPen(QPen(ink().ink, 2));
        m_painter.setBrush(ink().card);
        m_painter.drawPath(finger);
        m_painter.drawRoundedRect(QRectF(tip + QPointF(-0.45 * w, -0.5 * w), QSizeF(0.9 * w, 1.1 * w)), 4, 4);
    }
    void hand(QPointF at) {
        m_painter.setPen(QPen(ink().accent, 2.5));
        m_painter.setBrush(ink().accentSoft);
        const double w = unit(0.026);
        for (int i = 0; i < 4; ++i)
            m_painter.drawRoundedRect(
                QRectF(at + QPointF((i - 2) * 2.1 * w, -unit(0.10 + (i == 0 || i == 3 ? -0.015 : 0.0))),
                       QSizeF(1.9 * w, unit(0.13))),
                w, w);
        m_painter.drawRoundedRect(QRectF(at + QPointF(-4.3 * w, 0), QSizeF(8.4 * w, unit(0.10))), 10, 10);
    }
    void eye(QPointF at, QPointF to) {
        m_painter.setPen(QPen(ink().accent, 2.5, Qt::DashLine));
        m_painter.drawLine(at, to);
        const double w = unit(0.06);
        QPainterPath lids(at + QPointF(-w, 0));
        lids.quadTo(at + QPointF(0, -1.1 * w), at + QPointF(w, 0));
        lids.quadTo(at + QPointF(0, 1.1 * w), at + QPointF(-w, 0));
        m_painter.setPen(QPen(ink().accent, 3));
        m_painter.setBrush(ink().card);
        m_painter.drawPath(lids);
        m_painter.setBrush(ink().accent);
        m_painter.drawEllipse(at, 0.36 * w, 0.36 * w);
    }
    void ear(QPointF at) {
        accent(3.5);
        const double w = unit(0.05);
        QPainterPath shape(at + QPointF(-0.6 * w, 0.2 * w));
        shape.cubicTo(at + QPointF(-w, -1.8 * w), at + QPointF(1.5 * w, -1.7 * w), at + QPointF(0.9 * w, 0));
        shape.cubicTo(at + QPointF(0.7 * w, 0.5 * w), at + QPointF(0.1 * w, 0.6 * w),
                      at + QPointF(0.1 * w, 1.1 * w));
        shape.cubicTo(at + QPointF(0, 1.6 * w), at + QPointF(-0.7 * w, 1.5 * w), at + QPointF(-0.6 * w, w));
        m_painter.setBrush(ink().card);
        m_painter.drawPath(shape);
        m_painter.setBrush(Qt::NoBrush);
        m_painter.drawArc(QRectF(at + QPointF(-0.25 * w, -0.8 * w), QSizeF(0.8 * w, 0.9 * w)), -60 * 16,
                          220 * 16);
    }
    /// A stroke: rings that widen with its strength.
    void blow(QPointF at, int rings) {
        m_painter.setPen(Qt::NoPen);
        m_painter.setBrush(ink().accent);
        m_painter.drawEllipse(at, unit(0.016), unit(0.016));
        for (int i = 1; i <= rings; ++i) {
            accent(i == 1 ? 3.0 : 2.0);
            m_painter.drawEllipse(at, unit(0.016 + 0.024 * i), unit(0.016 + 0.024 * i));
        }
    }
    void arrow(QPointF from, QPointF to) {
        const double length = std::max(1.0, std::hypot((to - from).x(), (to - from).y()));
        const QPointF along = (to - from) / length;
        const QPointF across(-along.y(), along.x());
        accent(5);
        m_painter.drawLine(from, to - 12 * along);
        m_painter.setPen(Qt::NoPen);
        m_painter.setBrush(ink().accent);
        m_painter.drawPolygon(QPolygonF{to, to - 17 * along + 9 * across, to - 17 * along - 9 * across});
    }
    /// Three quarters of a circle with a head. @param way 1: clockwise, on
    void turn(QPointF at, double way) {
        const double r = unit(0.07);
        accent(4.5);
        const int from = way > 0 ? 200 : -20;
        m_painter.drawArc(QRectF(at - QPointF(r, r), QSizeF(2 * r, 2 * r)), from * 16,
                          static_cast<int>(-way * 250) * 16);
        const double end = (from - way * 250) * std::numbers::pi / 180.0;
        const QPointF tip = at + r * QPointF(std::cos(end), -std::sin(end));
        const QPointF along = way * QPointF(std::sin(end), std::cos(end));
        const QPointF across(-along.y(), along.x());
        m_painter.setPen(Qt::NoPen);
        m_painter.setBrush(ink().accent);
        m_painter.drawPolygon(QPolygonF{tip + 13 * along, tip + 8 * across, tip - 8 * across});
    }
    void ring(QPointF at) {
        accent(4);
        m_painter.drawEllipse(at, unit(0.07), unit(0.07));
    }
    void worn(QPointF at) {
        m_painter.setPen(Qt::NoPen);
        m_painter.setBrush(ink().line);
        m_painter.drawEllipse(at, unit(0.11), unit(0.10));
        m_painter.setBrush(ink().quiet);
        for (const QPointF dot :
             {QPointF(-0.03, 0.01), QPointF(0.02, -0.03), QPointF(0.04, 0.03), QPointF(-0.01, 0.05)})
            m_painter.drawEllipse(at + unit(1.0) * dot, 3, 3);
    }
    void gap(QPointF from, QPointF to) {
        accent(3);
        m_painter.drawLine(from, to);
        const bool isFlat = std::abs((to - from).x()) > std::abs((to - from).y());
        const QPointF tick = isFlat ? QPointF(0, 8) : QPointF(8, 0);
        for (const QPointF end : {from, to})
            m_painter.drawLine(end - tick, end + tick);
    }
    void pad(QPointF at) {
        m_painter.setPen(QPen(ink().ink, 2));
        m_painter.setBrush(ink().band);
        m_painter.drawEllipse(at, unit(0.06), unit(0.06));
    }
    /// Seen from above, its head towards a place.
    void microphone(QPointF at, QPointF to) {
        m_painter.save();
        m_painter.translate(at);
        m_painter.rotate(std::atan2((to - at).y(), (to - at).x()) * 180.0 / std::numbers::pi);
        m_painter.setPen(QPen(ink().ink, 2));
        m_painter.setBrush(ink().quiet);
        m_painter.drawRoundedRect(QRectF(-unit(0.12), -unit(0.03), unit(0.14), unit(0.06)), 5, 5);
        m_painter.setBrush(ink().card);
        m_painter.drawEllipse(QPointF(unit(0.02), 0), unit(0.036), unit(0.036));
        m_painter.restore();
    }
    /// A tap in front of every rod, one after the other.
    void round() {
        for (int rod = 0; rod < m_rods; ++rod) {
            const double angle = 2.0 * std::numbers::pi * (rod + 0.5) / m_rods;
            const QPointF at = m_box.at(0.5 - 0.335 * std::cos(angle), 0.5 + 0.335 * std::sin(angle));
            blow(at, 1);
        }
    }

    QPainter& m_painter;
    const SceneBox& m_box;
    int m_rods;
};

struct FaultDrawingText {
    Q_DECLARE_TR_FUNCTIONS(FaultDrawing)
};

} // namespace

bool hasFaultDrawing(const std::string& drawing) {
    return drawingOf(drawing) != nullptr;
}

void paintFaultDrawing(QPainter& painter, const QRectF& area, const std::string& drawing, int rods,
                       int strands) {
    const Drawing* found = drawingOf(drawing);
    if (found == nullptr)
        return;
    painter.setRenderHint(QPainter::Antialiasing);
    const SceneBox box(area, found->scene);
    paintScene(painter, box, found->scene, rods, strands);
    SceneMarker marker(painter, box, rods);
    for (const Mark& mark : found->marks)
        marker.paint(mark);
    if (found->scene != FaultScene::Underside)
        return;
    painter.setPen(ink().quiet);
    painter.setFont(typeface(13));
    const QString strainer = FaultDrawingText::tr("strainer");
    const double width = painter.fontMetrics().horizontalAdvance(strainer) + 4;
    const QPointF at = box.at(0.04, 0.60);
    painter.drawText(QRectF(at.x() - 0.7 * width, at.y(), 1.2 * width, 20), Qt::AlignHCenter, strainer);
}

FaultDrawing::FaultDrawing(QWidget* parent) : QWidget(parent) {
    setAccessibleName(FaultDrawingText::tr("What to do, drawn"));
}

void FaultDrawing::show(const std::string& drawing, const QString& words, int rods, int strands) {
    m_drawing = drawing;
    m_rods = rods;
    m_strands = strands;
    describe(this, words);
    update();
}

QSize FaultDrawing::minimumSizeHint() const {
    return scaled(QSize(200, 96));
}

void FaultDrawing::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintFaultDrawing(painter, drawnRect(*this).adjusted(30, 6, -30, -6), m_drawing, m_rods, m_strands);
}

} // namespace bombo
