#include "app/practice/feel_round.h"

#include "app/listening/ear.h"
#include "app/numbers/numbers.h"
#include "app/practice/deal.h"
#include "app/practice/ear_round.h"
#include "app/practice/hands_round.h"
#include "app/practice/practice_player.h"
#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/palette.h"
#include "core/acoustics/pitches.h"
#include "core/procedure/head_rounds.h"
#include "core/reading/rod_reading.h"
#include "core/record/heads_say.h"

#include <QPainter>
#include <cmath>

namespace bombo {
namespace {

constexpr double kFinelyKnown = 0.06; ///< turns: a sixteenth, as fine as rods are turned

} // namespace

RodPull rodPullOf(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    const HeadBrief brief = briefFor(reckoned, HeadSide::Batter);
    const TurnResponse response = turnResponseOf(session.batter, brief);
    const EveningShare share = eveningOf(session.batter, brief, response);
    const double all = kCentsPerShare * response.perTurn() / practiceTension(reckoned, HeadSide::Batter);
    return {all * (1.0 + share.mean) / session.drum.rods,
            std::hypot(response.perTurnShare(), share.spread / (1.0 + share.mean))};
}

FeelView::FeelView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Turns by feel"));
}

void FeelView::show(const std::optional<TurnFeel>& feel, const QString& words) {
    m_feel = feel;
    describe(this, words);
    update();
}

void FeelView::paintEvent(QPaintEvent*) {
    constexpr double highest = 0.5; // turns
    PicturePainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Palette& p = ink();
    const QRectF area = drawnRect(*this);
    const QRectF plot = area.adjusted(140, 10, -10, -30);
    const auto yOf = [&](double turns) {
        return plot.bottom() - std::clamp(turns / highest, 0.0, 1.0) * plot.height();
    };
    painter.setFont(typeface(13));
    for (const double mark : {0.0, 0.125, 0.25, 0.375, 0.5}) {
        const bool isAsked = mark == kTurnAskedFor.value;
        painter.setPen(
            QPen(isAsked ? p.ink : p.line, isAsked ? 2 : 1, isAsked ? Qt::SolidLine : Qt::DotLine));
        painter.drawLine(QPointF(plot.left(), yOf(mark)), QPointF(plot.right(), yOf(mark)));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(area.left(), yOf(mark) - 10, 132, 20), Qt::AlignRight | Qt::AlignVCenter,
                         turnsText(Turns{mark}));
    }
    const double step = plot.width() / kTurnsByFeel;
    for (int i = 0; i < kTurnsByFeel; ++i) {
        const double x = plot.left() + step * (i + 0.5);
        painter.setPen(p.quiet);
        painter.drawText(QRectF(x - 0.5 * step, plot.bottom() + 4, step, 22), Qt::AlignCenter,
                         i % 2 == 0 ? tr("tighter") : tr("looser"));
        if (!m_feel || i >= static_cast<int>(m_feel->turned.size()))
            continue;
        const double turned = m_feel->turned[static_cast<std::size_t>(i)].value;
        const double ear = m_feel->earError.value;
        painter.fillRect(QRectF(x - 0.28 * step, yOf(turned), 0.56 * step, plot.bottom() - yOf(turned)),
                         p.batter);
        painter.setPen(QPen(p.ink, 2));
        painter.drawLine(QPointF(x, yOf(turned - ear)), QPointF(x, yOf(turned + ear)));
    }
}

FeelRound::FeelRound(SessionController& controller) : FeelRound(controller, new FeelView) {}

FeelRound::FeelRound(SessionController& controller, FeelView* view)
    : HandsCard(controller, tr("A quarter turn by feel"), view), m_hand(1), m_view(view) {
    connect(&controller.ear(), &Ear::readingHeard, this, &FeelRound::take);
}

void FeelRound::forget() {
    m_taps.clear();
    m_truth.clear();
    m_wasUnclear = false;
    m_hand = Dice(practiceDeal().generate());
    m_habit = std::exp(0.2 * m_hand.normal());
}

void FeelRound::listen() {
    const Reckoned& now = m_controller.reckoned();
    const DrumState state =
        drumState(m_controller.session().drum, practiceTension(now, HeadSide::Batter),
                  practiceTension(now, HeadSide::SnareSide), airAt(m_controller.session().weather));
    m_controller.ear().useForEdgeTaps({.modes = expectedModes(mutedModes(state, HeadSide::Batter))});
}

/// Its hand turns before each tap but the first; a tap that was not heard is made again without a turn.
void FeelRound::strikePractice() {
    if (m_controller.ear().isReading())
        return;
    if (m_truth.size() < m_taps.size()) {
        const double spread = 0.03 * m_controller.settings().practiceSloppiness();
        m_truth.push_back(Turns{std::max(0.02, m_habit * kTurnAskedFor.value + spread * m_hand.normal())});
    }
    Turns stands{};
    for (std::size_t i = 0; i < m_truth.size(); ++i)
        stands = i % 2 == 0 ? stands + m_truth[i] : stands - m_truth[i];
    m_controller.practice().strikeSamePlace(stands);
}

void FeelRound::take(const Reading& reading) {
    if (!isListening() || isDone())
        return;
    m_wasUnclear = !reading.hasFigure() || reading.error() > kUsable;
    if (!m_wasUnclear)
        m_taps.push_back({*reading.frequency, reading.error()});
    if (isDone() && !m_wasUnclear) {
        const TurnFeel feel = *turnFeel(m_taps, rodPullOf(m_controller.reckoned()));
        const double off = std::max(0.005, std::abs((feel.mean - kTurnAskedFor).value));
        keep(kTurnByFeel, off, std::min(1.0, feel.meanError.value / off), kTurnsByFeel);
    }
    refresh();
}

void FeelRound::refresh() {
    const auto feel = turnFeel(m_taps, rodPullOf(m_controller.reckoned()));
    const int turns = static_cast<int>(m_taps.size());
    QString said;
    if (!isDone()) {
        const QString next = turns == 0 ? tr("Tap in front of rod 1 of the batter, the other head muted.")
                             : turns % 2 == 1
                                 ? tr("Turn rod 1 a quarter tighter by feel, then tap in front of it.")
                                 : tr("Turn rod 1 a quarter looser by feel, then tap in front of it.");
        said = isPractice()
                   ? tr("A hand of the practice drum turns its rod 1, tighter and looser in turn; tap it.")
                   : next;
        if (m_wasUnclear)
            said = tr("Not heard clearly: tap there again, nothing turned.");
        else if (turns > 1)
            said += QLatin1Char(' ') + tr("%n of 8 turns heard.", nullptr, turns - 1);
    } else {
        said =
            tr("Your quarter is %1 turns, give or take %2; one differs from the next by %3.")
                .arg(number(feel->mean.value, 2), number(feel->meanError.value, 2),
                     feel->spread.value > 0.0 ? number(feel->spread.value, 2)
                                              : tr("less than the ear tells")) +
            QLatin1Char(' ') +
            (std::abs((feel->mean - kTurnAskedFor).value) < 2.0 * feel->meanError.value
                 ? feel->meanError.value > kFinelyKnown
                       ? tr("This drum is not known well enough to say more: a few rounds at its heads help.")
                       : tr("Count on it.")
             : feel->mean > kTurnAskedFor ? tr("You turn too far: stop earlier.")
                                          : tr("You stop too early: turn on.")) +
            QLatin1Char(' ') + tr("Rod 1 sounds %1 cents against the beginning.").arg(centsText(feel->left));
    }
    m_view->show(feel, said);
    show(said, turns == 0 ? tr("Tap it") : tr("Turn and tap"));
}

} // namespace bombo
