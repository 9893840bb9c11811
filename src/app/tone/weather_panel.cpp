#include "app/tone/weather_panel.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/acoustics/weather.h"

#include <QGridLayout>
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
    grid->setVerticalSpacing(8);
    grid->addWidget(textLabel("strong", tr("Here")), 0, 0);
    m_here = fields("here", 0, grid);
    grid->addWidget(textLabel("strong", tr("Taken to")), 1, 0);
    m_there = fields("there", 1, grid);
    m_there.set({Celsius{5}, 0.8, Pascal{101325}});
    m_change = textLabel("quiet");
    m_change->setWordWrap(true);
    m_change->setObjectName(QStringLiteral("weatherChange"));
    m_change->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    grid->addWidget(m_change, 2, 0, 1, 5);
    grid->setColumnStretch(4, 1);
    grid->setRowStretch(2, 1);
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
    auto taken = [&](HeadSide side) {
        return tensionInWeather(m_session->drum, side, m_targets->head(side).tension, m_session->weather,
                                there);
    };
    const Tension batter = taken(HeadSide::Batter);
    const Tension snareSide = taken(HeadSide::SnareSide);
    if (batter.value < 1.0 || snareSide.value < 1.0) {
        m_change->setText(tr("There a head would fall slack: it swells more than it was drawn down."));
        return;
    }
    const NamedPitches now = m_targets->pitches;
    const NamedPitches then = namedPitches(drumState(m_session->drum, batter, snareSide, airAt(there)));
    auto change = [](const QString& name, Hertz from, Hertz to) {
        return tr("%1 %2 → %3 (%4 cents)")
            .arg(name, hertzText(from), hertzText(to), centsText(centsBetween(from, to)));
    };
    m_change->setText(
        tr("Tuned here and taken there, no rod turned:\n%1\n%2\n%3\nIt settles with the shell, in "
           "an hour for metal and in days for wood.")
            .arg(change(tr("batter"), now.batterEdge, then.batterEdge),
                 change(tr("snare side"), now.snareSideEdge, then.snareSideEdge),
                 change(tr("centre"), now.centre, then.centre)));
}

} // namespace bombo
