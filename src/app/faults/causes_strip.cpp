#include "app/faults/causes_strip.h"

#include "app/numbers/numbers.h"
#include "app/theme/fitted_type.h"
#include "app/theme/movement.h"
#include "app/theme/parts.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct StripText {
    Q_DECLARE_TR_FUNCTIONS(CausesStrip)
};

constexpr int kMovingFor = 350; // ms
constexpr double kRow = 56.0;

} // namespace

QString oddsText(double odds) {
    const double hundredths = std::round(100.0 * odds);
    return hundredths < 1.0 ? StripText::tr("under 1 in 100")
                            : StripText::tr("%1 in 100").arg(number(hundredths, 0));
}

void paintCauses(QPainter& painter, const QRectF& area, const std::vector<CauseBar>& bars, double progress,
                 bool areBefore) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto fitting = static_cast<std::size_t>(std::max(1.0, std::floor(area.height() / kRow)));
    for (std::size_t i = 0; i < std::min(bars.size(), fitting); ++i) {
        const CauseBar& bar = bars[i];
        const double top = area.top() + static_cast<double>(i) * kRow;
        const bool isFirst = i == 0;
        const double odds = bar.before + (bar.odds - bar.before) * progress;
        painter.setPen(p.ink);
        painter.setFont(typeface(14, isFirst ? QFont::Bold : QFont::Normal));
        const QString figure = oddsText(bar.odds);
        const double width = painter.fontMetrics().horizontalAdvance(figure) + 4.0;
        const QRectF line(area.left(), top, area.width(), 21);
        painter.drawText(line, Qt::AlignRight | Qt::AlignVCenter, figure);
        painter.setFont(
            typefaceFor(bar.name, area.width() - width - 8.0, 16, isFirst ? QFont::Bold : QFont::Normal));
        painter.drawText(line.adjusted(0, 0, -width - 8.0, 0), Qt::AlignLeft | Qt::AlignVCenter, bar.name);
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.line);
        painter.drawRect(QRectF(area.left(), top + 23, area.width(), 9));
        painter.setBrush(isFirst ? p.accent : p.quiet);
        painter.drawRect(QRectF(area.left(), top + 23, odds * area.width(), 9));
        if (areBefore) { // where it stood before the answer
            painter.setBrush(p.ink);
            painter.drawRect(QRectF(area.left() + bar.before * area.width() - 1.0, top + 21, 2, 13));
        }
        painter.setPen(p.quiet);
        painter.setFont(typefaceFor(bar.why, area.width(), 13));
        painter.drawText(QRectF(area.left(), top + 33, area.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                         bar.why);
    }
}

CausesStrip::CausesStrip(QWidget* parent) : QWidget(parent) {
    setAccessibleName(StripText::tr("What it may be"));
    m_moving.setStartValue(0.0);
    m_moving.setEndValue(1.0);
    m_moving.setDuration(kMovingFor);
    m_moving.setEasingCurve(QEasingCurve::OutCubic);
    connect(&m_moving, &QVariantAnimation::valueChanged, this, [this] { update(); });
}

void CausesStrip::show(std::vector<CauseBar> bars, bool areBefore) {
    QStringList said;
    bool moved = bars.size() != m_bars.size();
    for (std::size_t i = 0; i < bars.size(); ++i) {
        said << StripText::tr("%1, %2, %3").arg(bars[i].name, oddsText(bars[i].odds), bars[i].why);
        moved = moved || bars[i].odds != m_bars[i].odds || bars[i].name != m_bars[i].name;
    }
    describe(this, said.join(QStringLiteral("; ")));
    m_bars = std::move(bars);
    m_areBefore = areBefore;
    if (moved && areBefore && isVisible() && picturesMove()) {
        m_moving.stop();
        m_moving.start();
    }
    update();
}

void CausesStrip::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCauses(painter, drawnRect(*this), m_bars, isMoving() ? m_moving.currentValue().toDouble() : 1.0,
                m_areBefore);
}

} // namespace bombo
