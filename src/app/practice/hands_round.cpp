#include "app/practice/hands_round.h"

#include "app/listening/ear.h"
#include "app/numbers/numbers.h"
#include "app/practice/practice_player.h"

#include <QPainter>
#include <cmath>

namespace bombo {
namespace {

constexpr double kLeastCents = 12.0; // of the axis, either way
constexpr double kLeastDb = 6.0;

/// A strip of dots around zero.
void paintStrip(QPainter& painter, const QRectF& area, const QString& unit, const std::vector<double>& values,
                double half, double band) {
    const Palette& p = ink();
    painter.setFont(typeface(13));
    const QRectF plot = area.adjusted(76, 4, -8, -4);
    const auto yOf = [&](double value) {
        return plot.center().y() - std::clamp(value / half, -1.0, 1.0) * 0.5 * plot.height();
    };
    if (band > 0.0)
        painter.fillRect(QRectF(plot.left(), yOf(band), plot.width(), yOf(-band) - yOf(band)), p.band);
    for (const double mark : {-half, 0.0, half}) {
        painter.setPen(QPen(p.line, 1, mark == 0.0 ? Qt::SolidLine : Qt::DotLine));
        painter.drawLine(QPointF(plot.left(), yOf(mark)), QPointF(plot.right(), yOf(mark)));
        painter.setPen(p.quiet);
        const double y = std::clamp(yOf(mark), area.top() + 9.0, area.bottom() - 9.0);
        painter.drawText(
            QRectF(area.left(), y - 10, 70, 20), Qt::AlignRight | Qt::AlignVCenter,
            mark == 0.0
                ? unit
                : (mark > 0.0 ? QStringLiteral("+%1") : QStringLiteral("\u2212%1")).arg(number(half, 0)));
    }
    painter.setPen(QPen(p.ink, 2));
    for (std::size_t i = 0; i < values.size(); ++i) {
        const bool isFar = std::abs(values[i]) > half;
        painter.setBrush(isFar ? QBrush(p.card) : QBrush(p.ink));
        painter.drawEllipse(
            QPointF(plot.left() + plot.width() * (static_cast<double>(i) + 0.5) / kTapsOfAHand,
                    yOf(values[i])),
            6, 6);
    }
}

} // namespace

EarsPicture handsPicture(const PlaceRig& rig, const char* exercise, const QString& who) {
    const std::string_view name = exercise;
    EarsPicture picture;
    if (name == kEvenBackbeats)
        picture.marks = {0.3, 1, 3, 10};
    else if (name == kTurnByFeel)
        picture.marks = {0.01, 0.03, 0.1, 0.3};
    else
        picture.marks = {0.3, 1, 3, 10, 30};
    picture.smallest = picture.marks.front();
    picture.largest = picture.marks.back();
    for (const double mark : picture.marks) {
        const QString figure = number(mark, mark < 0.1 ? 2 : mark < 1.0 ? 1 : 0);
        picture.labels.push_back((name == kEvenBackbeats ? HandsRound::tr("%1 dB")
                                  : name == kTurnByFeel  ? HandsRound::tr("%1 turns off")
                                                         : HandsRound::tr("%1 cents"))
                                     .arg(figure));
    }
    picture.whereNone = HandsRound::tr("here stands how alike they were, day by day");
    for (const EarResult& result : rig.earResults)
        if (result.exercise == name && result.who == who.toStdString())
            picture.days.push_back({result.threshold, result.error});
    return picture;
}

HandsView::HandsView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Taps at one place"));
}

void HandsView::show(std::vector<TapAtMicrophone> taps, const std::optional<HandSpread>& spread,
                     const QString& words) {
    m_taps = std::move(taps);
    m_spread = spread;
    describe(this, words);
    update();
}

void HandsView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    std::vector<double> cents;
    std::vector<double> levels;
    const Hertz middle = m_spread                             ? m_spread->middle
                         : !m_taps.empty() && m_taps[0].pitch ? *m_taps[0].pitch
                                                              : Hertz{300.0};
    double level = 0.0;
    for (const TapAtMicrophone& tap : m_taps)
        level += tap.peakDb / static_cast<double>(m_taps.size());
    for (const TapAtMicrophone& tap : m_taps) {
        cents.push_back(tap.pitch ? centsBetween(middle, *tap.pitch).value : 1e6);
        levels.push_back(tap.peakDb - level);
    }
    const QRectF area = drawnRect(*this);
    const double halfCents = m_spread ? std::max(kLeastCents, 4.0 * m_spread->pitch.value) : kLeastCents;
    const double halfDb = m_spread ? std::max(kLeastDb, 4.0 * m_spread->levelDb) : kLeastDb;
    paintStrip(painter, QRectF(area.left(), area.top(), area.width(), 0.55 * area.height()), tr("cents"),
               cents, halfCents, m_spread ? m_spread->pitch.value : 0.0);
    paintStrip(painter,
               QRectF(area.left(), area.top() + 0.6 * area.height(), area.width(), 0.4 * area.height()),
               tr("dB"), levels, halfDb, m_spread ? m_spread->levelDb : 0.0);
}

HandsRound::HandsRound(SessionController& controller) : HandsRound(controller, new HandsView) {}

HandsRound::HandsRound(SessionController& controller, HandsView* view)
    : HandsCard(controller, tr("The same tap again"), view), m_view(view) {
    connect(&controller.ear(), &Ear::lookedAt, this, &HandsRound::take);
}

void HandsRound::listen() {
    m_controller.ear().useFor(isPractice() ? Ear::Use::CheckPractice : Ear::Use::CheckMicrophone);
}

void HandsRound::strikePractice() {
    m_controller.practice().strikeSamePlace();
}

void HandsRound::take(const TapAtMicrophone& tap) {
    if (!isListening() || isDone())
        return;
    m_taps.push_back(tap);
    if (isDone())
        if (const auto spread = handSpread(m_taps))
            keep(kSameTap, spread->pitch.value, spread->error, spread->taps);
    refresh();
}

void HandsRound::refresh() {
    const auto spread = handSpread(m_taps);
    const int heard = static_cast<int>(m_taps.size());
    QString said;
    if (!isDone()) {
        said = isPractice()
                   ? tr("The practice drum is tapped before rod 1, by the hands that Listen gives it.")
                   : tr("Tap twelve times before one rod, always alike: the same place, the same strength, "
                        "a second apart.");
        if (heard > 0)
            said += QLatin1Char(' ') + tr("%n of 12 heard.", nullptr, heard);
    } else if (!spread) {
        said = tr(
            "Too few of them had a pitch. Other head muted, lever off, the microphone a hand's width away.");
    } else {
        const double tolerance = m_controller.session().tolerance.value;
        said = tr("One tap differs from the next by %1 cents and %2 dB.")
                   .arg(number(spread->pitch.value, 1), number(spread->levelDb, 1)) +
               QLatin1Char(' ') +
               (spread->pitch.value < 0.5 * tolerance
                    ? tr("Fine enough for this drum's tolerance of %1 cents: one tap a rod will do.")
                          .arg(number(tolerance, 0))
                    : tr("Much against this drum's tolerance of %1 cents: take two or three taps a rod.")
                          .arg(number(tolerance, 0)));
        if (spread->astray > 0)
            said += QLatin1Char(' ') + tr("%n went astray.", nullptr, spread->astray);
    }
    m_view->show(m_taps, spread, said);
    show(said, tr("Tap it"));
}

} // namespace bombo
