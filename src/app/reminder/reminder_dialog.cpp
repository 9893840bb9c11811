#include "app/reminder/reminder_dialog.h"

#include "app/files/save_file.h"
#include "app/reminder/calendar_file.h"
#include "app/theme/choices.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <QLocale>
#include <QVBoxLayout>

namespace bombo {

ReminderDialog::ReminderDialog(SessionController& controller, QWidget* parent, std::optional<Reminder> wished)
    : QDialog(parent), m_controller(controller) {
    keepWordsWhole(this);
    setObjectName(QStringLiteral("reminderDialog"));
    setWindowTitle(tr("Remind me"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 16, 20, 16);
    column->setSpacing(12);
    auto* lead =
        textLabel("quiet", tr("A new head drifts in its first night, and weather moves all of them. The "
                              "reminder shows when the program starts, and on the desktop while it runs."));
    lead->setWordWrap(true);
    column->addWidget(lead);
    if (const auto& now = controller.session().reminder) { // a drum has one
        auto* replaces = textLabel(
            "strong", tr("This replaces the reminder set for %1: %2.")
                          .arg(QLocale().toString(QDateTime::fromSecsSinceEpoch(now->due),
                                                  QStringLiteral("d MMM yyyy, hh:mm")),
                               reminderText(*now, QString::fromStdString(controller.session().drum.name))));
        replaces->setObjectName(QStringLiteral("reminderReplaces"));
        replaces->setWordWrap(true);
        column->addWidget(replaces);
    }
    m_kind = new QComboBox;
    m_kind->setObjectName(QStringLiteral("reminderKind"));
    m_kind->setAccessibleName(tr("About what"));
    addChoices<ReminderKind>(m_kind, {{tr("The head has rested: tap it once more"), ReminderKind::RestOver},
                                      {tr("Look at the tuning again"), ReminderKind::Recheck},
                                      {tr("Is the batter head worn?"), ReminderKind::BatterWorn},
                                      {tr("Is the snare-side head worn?"), ReminderKind::SnareSideWorn},
                                      {tr("Are the wires worn?"), ReminderKind::WiresWorn}});
    column->addWidget(m_kind);
    m_when = new QDateTimeEdit;
    m_when->setObjectName(QStringLiteral("reminderWhen"));
    m_when->setAccessibleName(tr("When"));
    m_when->setDisplayFormat(QStringLiteral("dddd d MMMM yyyy  HH:mm"));
    m_when->setCalendarPopup(true);
    const auto& set = controller.session().reminder;
    const std::optional<Reminder> kept = wished ? wished : set;
    const QDateTime tomorrow(QDate::currentDate().addDays(1), QTime(10, 0));
    m_when->setDateTime(kept ? QDateTime::fromSecsSinceEpoch(kept->due) : tomorrow);
    choose(m_kind, kept ? kept->kind : ReminderKind::RestOver);
    column->addWidget(m_when);
    auto* quick = new QHBoxLayout;
    for (const auto& [text, days] : {std::pair{tr("Tomorrow morning"), 1}, {tr("In a week"), 7}}) {
        auto* button = secondaryButton(text);
        button->setObjectName(QStringLiteral("inDays%1").arg(days));
        connect(button, &QPushButton::clicked, this, [this, days = days] {
            m_when->setDateTime(QDateTime(QDate::currentDate().addDays(days), QTime(10, 0)));
        });
        quick->addWidget(button);
    }
    quick->addStretch();
    column->addLayout(quick);
    column->addStretch();
    auto* calendar = secondaryButton(tr("Save for a calendar\u2026"));
    calendar->setObjectName(QStringLiteral("calendar"));
    connect(calendar, &QPushButton::clicked, this, [this] {
        const QString path = askForCalendar(m_controller.settings(), this);
        if (!path.isEmpty())
            saveCalendar(path);
    });
    auto* none = secondaryButton(tr("No reminder"));
    none->setObjectName(QStringLiteral("noReminder"));
    none->setEnabled(set.has_value());
    connect(none, &QPushButton::clicked, this, [this] {
        if (m_controller.perform(SetReminder{}))
            accept();
    });
    auto* remind = primaryButton();
    remind->setText(tr("Remind me"));
    remind->setObjectName(QStringLiteral("setReminder"));
    connect(remind, &QPushButton::clicked, this, [this] {
        if (m_controller.perform(SetReminder{chosen()}))
            accept();
    });
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(calendar);
    buttons->addWidget(none);
    buttons->addStretch();
    buttons->addWidget(remind);
    column->addLayout(buttons);
    remind->setFocus(); // the space bar is its
}

Reminder ReminderDialog::chosen() const {
    return {chosenIn<ReminderKind>(m_kind), m_when->dateTime().toSecsSinceEpoch()};
}

bool ReminderDialog::saveCalendar(const QString& path) {
    const Reminder reminder = chosen();
    const QString drum = QString::fromStdString(m_controller.session().drum.name);
    const QString of = QString::fromStdString(m_controller.session().drum.id) + QStringLiteral(" reminder");
    return saveFile(m_controller, path,
                    calendarFile({{reminder.due, reminderText(reminder, drum), {}, of}},
                                 QDateTime::currentDateTimeUtc()));
}

} // namespace bombo
