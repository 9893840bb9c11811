#include "app/tone/weather_panel.h"

#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/acoustics/pitches_in_weather.h"
#include "core/record/heads_say.h"
#include "core/tuning/turns_in_weather.h"

#include <QGridLayout>
#include <algorithm>
#include <cmath>

namespace bombo {

Weather WeatherPanel::Fields::weather() const {
    return {Celsius{static_cast<double>(temperature->value())}, humidity->value() / 100.0,
            pressureAt(Metres{static_cast<double>(altitude->value())})};
}

void WeatherPanel::Fields::set(const Weather& weather) {
    temperature->setValue(static_cast<int>(std::lround(weather.temperature.value)));
    humidity->setValue(static_cast<int>(std::lround(100.0 * weather.relativeHumidity)));
    altitude->setValue(static_cast<int>(std::lround(altitudeOf(weather.pressure).value)));
}

WeatherPanel::Fields WeatherPanel::fields(const char* prefix, int row, QGridLayout* grid) {
    auto box = [&](const char* name, int low, int high, int step, const QString& suffix,
                   const QString& meaning) {
        auto* spin = new QSpinBox;
        spin->setRange(low, high);
        spin->setSingleStep(step);
        spin->setSuffix(suffix);
        spin->setKeyboardTracking(false);
        spin->setObjectName(QLatin1String(prefix) + QLatin1String(name));
        spin->setAccessibleName(meaning);
        return spin;
    };
    Fields made{box("Temperature", static_cast<int>(kColdest.value), static_cast<int>(kHottest.value), 1,
                    tr(" °C"), tr("Temperature")),
                box("Humidity", 0, 100, 5, tr(" % humid"), tr("Relative humidity")),
                box("Altitude", -500, static_cast<int>(kHighest.value), 100, tr(" m high"),
                    tr("Height above the sea"))};
    grid->addWidget(made.temperature, row, 1);
    grid->addWidget(made.humidity, row, 2);
    grid->addWidget(made.altitude, row, 3);
    return made;
}

WeatherPanel::WeatherPanel(QWidget* parent) : QWidget(parent) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(14, 10, 14, 8);
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(6);
    grid->addWidget(textLabel("strong", tr("Here")), 0, 0);
    m_here = fields("here", 0, grid);
    grid->addWidget(textLabel("strong", tr("Taken to")), 1, 0);
    m_there = fields("there", 1, grid);
    m_there.set({Celsius{5}, 0.8, Pascal{101325}});
    m_change = textLabel("quiet");
    m_change->setWordWrap(true);
    m_change->setObjectName(QStringLiteral("weatherChange"));
    grid->addWidget(m_change, 2, 0, 1, 5);
    auto* table = new QGridLayout;
    table->setHorizontalSpacing(24);
    table->setVerticalSpacing(1);
    const QStringList names{tr("batter"), tr("snare side"), tr("centre")};
    for (int row = 0; row <= kPitches; ++row) {
        QLabel* name = textLabel("quiet", row == 0 ? QString() : names[row - 1]);
        table->addWidget(name, row, 0);
        m_rows.push_back(name);
        for (int when = 0; when < 2; ++when) {
            QLabel* cell = textLabel(row == 0 ? "strong" : "quiet");
            cell->setObjectName(QStringLiteral("weather%1%2").arg(when == 0 ? "Soon" : "Days").arg(row));
            table->addWidget(cell, row, when + 1);
            (when == 0 ? m_soon : m_days)[static_cast<std::size_t>(row)] = cell;
        }
    }
    m_days[0]->setText(tr("after days"));
    m_days[0]->setToolTip(tr("Once the shell has followed the damp."));
    table->setColumnStretch(3, 1);
    grid->addLayout(table, 3, 0, 1, 5);
    grid->setColumnStretch(4, 1);
    grid->setRowStretch(4, 1);
    for (QSpinBox* spin : {m_here.temperature, m_here.humidity, m_here.altitude})
        connect(spin, &QSpinBox::valueChanged, this, [this] {
            if (!m_showing)
                emit weatherChosen(m_here.weather());
        });
    for (QSpinBox* spin : {m_there.temperature, m_there.humidity, m_there.altitude})
        connect(spin, &QSpinBox::valueChanged, this, &WeatherPanel::compare);
}

void WeatherPanel::show(const Session& session, const Targets& targets) {
    m_session = session;
    m_targets = targets;
    m_showing = true;
    m_here.set(session.weather);
    m_showing = false;
    compare();
}

void WeatherPanel::compare() {
    if (!m_session)
        return;
    const Weather there = m_there.weather();
    const bool damp = m_session->drum.shell.expansionPerHumidity > 0.0 &&
                      there.relativeHumidity != m_session->weather.relativeHumidity;
    m_soon[0]->setText(damp ? tr("this evening") : tr("within an hour"));
    const bool slack =
        !fill(m_soon, ShellFollows::ThisEvening) || (damp && !fill(m_days, ShellFollows::AfterDays));
    const QString back = slack ? QString() : wayBack();
    m_change->setText(slack ? tr("There a head would fall slack: it swells more than it was drawn down.")
                      : back.isEmpty()
                          ? tr("Tuned here and taken there, no rod turned:")
                          : tr("Taken there, it comes back to pitch with: %1. Left as it is:").arg(back));
    for (QLabel* name : m_rows)
        name->setVisible(!slack);
    for (QLabel* cell : m_soon)
        cell->setVisible(!slack);
    for (QLabel* cell : m_days)
        cell->setVisible(!slack && damp);
}

/// Rods are turned by sixteenths: less is left as it is.
QString WeatherPanel::wayBack() const {
    const TurnModel model = turnModelOf(*m_session);
    const Weather to = m_there.weather();
    QStringList moves;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        const HeadTarget& target = m_targets->head(side);
        const CarriedTension there = tensionInWeather(m_session->drum, side, target.tension,
                                                      m_session->weather, to, ShellFollows::ThisEvening);
        const auto back =
            turnsInWeather(m_session->drum, side, there, airAt(to), target.edgePitch, model.head(side));
        if (!back)
            return {};
        const Turns turns{std::round(back->turns.value * 16.0) / 16.0};
        if (turns.value == 0.0)
            continue;
        const QString head = side == HeadSide::Batter ? tr("batter") : tr("snare side");
        const QString amount = turnsText(Turns{std::abs(turns.value)});
        const QString error = number(std::max(0.01, back->error.value), 2);
        moves << (turns.value > 0.0 ? tr("%1, every rod %2 tighter (± %3)").arg(head, amount, error)
                                    : tr("%1, every rod %2 looser (± %3)").arg(head, amount, error));
    }
    return moves.join(QStringLiteral("; "));
}

bool WeatherPanel::fill(Column& column, ShellFollows follows) {
    const PitchesInWeather there =
        pitchesInWeather(m_session->drum, m_targets->batter.tension, m_targets->snareSide.tension,
                         m_session->weather, m_there.weather(), follows);
    if (there.isSlack())
        return false;
    const NamedPitches now = m_targets->pitches;
    const NamedPitches& then = there.pitches;
    int row = 1;
    for (Hertz NamedPitches::*pitch :
         {&NamedPitches::batterEdge, &NamedPitches::snareSideEdge, &NamedPitches::centre}) {
        const double error = std::abs(centsBetween(then.*pitch, there.above.*pitch).value);
        const QString cents = centsText(centsBetween(now.*pitch, then.*pitch));
        column[static_cast<std::size_t>(row++)]->setText(
            error < 0.5 ? tr("%1 → %2 (%3 cents)").arg(hertzText(now.*pitch), hertzText(then.*pitch), cents)
                        : tr("%1 → %2 (%3 ± %4 cents)")
                              .arg(hertzText(now.*pitch), hertzText(then.*pitch), cents)
                              .arg(std::lround(error)));
    }
    return true;
}

} // namespace bombo
