#include "app/logbook/due_panel.h"

#include "app/files/save_file.h"
#include "app/logbook/back_words.h"
#include "app/numbers/numbers.h"
#include "app/reminder/calendar_file.h"
#include "app/reminder/reminder_dialog.h"
#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/head_ink.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <array>
#include <cmath>

namespace bombo {

/// A part a line: what it is, how much of its life is over, for how many more shows, and why.
class DueView : public QWidget {
public:
    DueView() {
        setObjectName(QStringLiteral("due"));
        setAccessibleName(DuePanel::tr("What is due"));
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    }
    void show(const std::array<PartLife, 3>& lives) {
        m_lives = lives;
        QStringList lines;
        for (const PartLife& life : m_lives)
            lines << DuePanel::tr("%1: %2, %3").arg(partName(life.part), horizonText(life), lifeReason(life));
        describe(this, lines.join(QStringLiteral("; ")));
        update();
    }
    QSize minimumSizeHint() const override { return scaled(QSize(230, 156)); }

protected:
    void paintEvent(QPaintEvent*) override {
        PicturePainter painter(this);
        const QRectF area = drawnRect(*this);
        const double high = std::min(66.0, area.height() / 3.0);
        double y = area.top();
        for (const PartLife& life : m_lives) {
            line(painter, QRectF(area.left(), y, area.width(), high), life);
            y += high;
        }
    }

private:
    static void line(QPainter& painter, const QRectF& box, const PartLife& life) {
        const QColor colour = life.part == Part::Batter      ? ink().batter
                              : life.part == Part::SnareSide ? ink().snareSide
                                                             : ink().ink;
        const bool isNear = life.because != DueBecause::NotKnown && life.high < 6.0;
        const QString horizon = horizonText(life);
        painter.setPen(isNear ? ink().accent : ink().ink);
        painter.setFont(
            typefaceFor(horizon, 0.56 * box.width(), 14, isNear ? QFont::DemiBold : QFont::Normal));
        painter.drawText(QRectF(box.left(), box.top(), box.width(), 18), Qt::AlignRight | Qt::AlignVCenter,
                         horizon);
        painter.setPen(ink().ink);
        painter.setFont(typefaceFor(partName(life.part), 0.44 * box.width(), 14, QFont::DemiBold));
        painter.drawText(QRectF(box.left(), box.top(), box.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                         partName(life.part));
        // A strand that thins towards its end: what is over is drawn in ink, where the end may lie is
        // hatched.
        const QRectF strand(box.left(), box.top() + 21, box.width(), 8);
        const auto thick = [&](double share) { return 1.0 + 7.0 * (1.0 - std::clamp(share, 0.0, 1.0)); };
        const auto part = [&](double from, double to) {
            const double a = strand.left() + strand.width() * from;
            const double b = strand.left() + strand.width() * to;
            const double middle = strand.center().y();
            return QPolygonF({QPointF(a, middle - 0.5 * thick(from)), QPointF(b, middle - 0.5 * thick(to)),
                              QPointF(b, middle + 0.5 * thick(to)), QPointF(a, middle + 0.5 * thick(from))});
        };
        const double used = std::clamp(life.used, 0.0, 1.0);
        painter.setPen(QPen(ink().quiet, 1));
        painter.setBrush(ink().card);
        painter.drawPolygon(part(0.0, 1.0));
        painter.setPen(Qt::NoPen);
        painter.setBrush(colour);
        painter.drawPolygon(part(0.0, used));
        if (life.because != DueBecause::NotKnown && life.shows > 0) {
            const double whole = life.shows / std::max(0.02, used); // shows in all, as a length
            const double from = std::min(1.0, (life.shows + life.low) / whole);
            painter.setBrush(QBrush(ink().accent, Qt::BDiagPattern));
            painter.drawPolygon(part(std::min(from, 0.97), 1.0));
        }
        const QString reason = lifeReason(life);
        painter.setPen(ink().quiet);
        painter.setFont(typefaceFor(reason, box.width(), 13));
        painter.drawText(QRectF(box.left(), box.top() + 32, box.width(), 18),
                         Qt::AlignLeft | Qt::AlignVCenter, reason);
    }

    std::array<PartLife, 3> m_lives{};
};

namespace {

QDate dayAfter(double days) {
    return QDate::currentDate().addDays(std::max<qint64>(1, static_cast<qint64>(std::floor(days))));
}

/// In the morning of the first day on which it may be due; seconds since 1970, UTC.
std::int64_t soonest(const DueDays& days) {
    return QDateTime(dayAfter(days.low), QTime(10, 0)).toSecsSinceEpoch();
}

/// When to look at a part, and why.
CalendarEvent eventOf(const PartLife& life, const DueDays& days, const Drum& of) {
    const QString drum = QString::fromStdString(of.name);
    constexpr std::array parts{"batter", "snare side", "wires"};
    const QString what = QStringLiteral("%1 %2").arg(
        QString::fromStdString(of.id), QLatin1String(parts[static_cast<std::size_t>(life.part)]));
    const auto written = [](double after) {
        return QLocale().toString(dayAfter(after), QLocale::ShortFormat);
    };
    return {soonest(days),
            DuePanel::tr("%1: look at the %2, %3").arg(drum, partName(life.part), horizonText(life)),
            life.isDue() ? lifeReason(life)
                         : DuePanel::tr("%1. At the pace of your shows it is due between %2 and %3.")
                               .arg(lifeReason(life), written(days.low), written(days.high)),
            what};
}

} // namespace

DuePanel::DuePanel(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 10, 16, 12);
    column->setSpacing(6);
    m_remind = secondaryButton(tr("Remind me…"));
    m_remind->setObjectName(QStringLiteral("dueRemind"));
    m_remind->setProperty("small", true);
    connect(m_remind, &QPushButton::clicked, this, &DuePanel::remind);
    auto* head = new QHBoxLayout;
    head->addWidget(textLabel("heading", tr("How long it lasts")));
    head->addStretch();
    head->addWidget(m_remind);
    column->addLayout(head);
    m_view = new DueView;
    column->addWidget(m_view, 1);
    m_tonight = textLabel("quiet");
    m_tonight->setObjectName(QStringLiteral("tonight"));
    m_tonight->setWordWrap(true);
    column->addWidget(m_tonight);
    m_calendar = secondaryButton(tr("Save for a calendar…"));
    m_calendar->setObjectName(QStringLiteral("dueCalendar"));
    connect(m_calendar, &QPushButton::clicked, this, &DuePanel::saveCalendar);
    column->addWidget(m_calendar, 0, Qt::AlignLeft);
}

void DuePanel::remind() {
    const auto first = std::min_element(m_due.begin(), m_due.end(), [](const auto& one, const auto& other) {
        return one.second.low < other.second.low;
    });
    constexpr std::array kinds{ReminderKind::BatterWorn, ReminderKind::SnareSideWorn,
                               ReminderKind::WiresWorn};
    ReminderDialog(m_controller, this,
                   Reminder{kinds[static_cast<std::size_t>(first->first.part)], soonest(first->second)})
        .exec();
}

void DuePanel::saveCalendar() {
    const QString path = askForCalendar(m_controller.settings(), this);
    if (path.isEmpty())
        return;
    std::vector<CalendarEvent> events;
    for (const auto& [life, days] : m_due)
        events.push_back(eventOf(life, days, m_controller.session().drum));
    if (saveFile(m_controller, path, calendarFile(events, QDateTime::currentDateTimeUtc())))
        m_controller.say(tr("What is due was written to %1; open it with your calendar.").arg(path));
}

void DuePanel::show(Biography& biography) {
    const std::array lives{biography.life(Part::Batter), biography.life(Part::SnareSide),
                           biography.life(Part::Wires)};
    m_view->show(lives);
    m_due.clear();
    for (const PartLife& life : lives)
        if (const auto days = biography.dueDays(life); days && life.low < kShowsForeseen)
            m_due.emplace_back(life, *days);
    m_calendar->setEnabled(!m_due.empty());
    m_remind->setEnabled(!m_due.empty());
    for (QPushButton* button : {m_calendar, m_remind})
        button->setToolTip(
            m_due.empty() ? tr("Once four shows are in the logbook and something is due within %1 of them")
                                .arg(number(kShowsForeseen, 0))
                          : QString());
    const auto isTurned = [&](HeadSide side) {
        return m_controller.session().head(side).meanTurns().value != 0.0;
    };
    const auto isHeard = [&](HeadSide side) { return !m_controller.session().head(side).history.empty(); };
    const bool isAnyTurned = isTurned(HeadSide::Batter) || isTurned(HeadSide::SnareSide);
    QStringList heads;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        if (const auto expected = biography.expectedNow(side);
            expected && !(isTurned(side) && isHeard(side))) { // the ear knows better
            const QString error = number(std::ceil(expected->error.value), 0);
            const QString stands = isAnyTurned ? tr("%1 ± %2 cents").arg(hertzText(expected->edge), error)
                                               : tr("%1 ± %2 cents").arg(centsText(expected->moves), error);
            heads << (side == HeadSide::Batter ? tr("batter %1").arg(stands)
                                               : tr("snare side %1").arg(stands));
        }
    const QString all = heads.join(QStringLiteral(", "));
    m_tonight->setText(heads.isEmpty() ? QString()
                       : isAnyTurned
                           ? tr("Expected, with the turns counted since the last entry: %1.").arg(all)
                           : tr("Since the last entry, if nobody turned a rod: %1.").arg(all));
    m_tonight->setVisible(!heads.isEmpty());
}

} // namespace bombo
