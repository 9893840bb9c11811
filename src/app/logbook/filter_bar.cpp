#include "app/logbook/filter_bar.h"

#include "app/theme/parts.h"

#include <QHBoxLayout>

namespace bombo {
namespace {

void fill(QComboBox* box, const QString& all, const std::vector<std::string>& names) {
    const QVariant kept = box->currentData();
    box->clear();
    box->addItem(all, QString());
    for (const std::string& name : names)
        box->addItem(QString::fromStdString(name), QString::fromStdString(name));
    box->setCurrentIndex(std::max(0, box->findData(kept)));
    box->setEnabled(!names.empty());
}

} // namespace

FilterBar::FilterBar(QWidget* parent) : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    const auto combo = [&](const char* name, const QString& label) {
        auto* box = new QComboBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(label);
        connect(box, &QComboBox::activated, this, &FilterBar::changed);
        row->addWidget(box);
        return box;
    };
    m_player = combo("logPlayer", tr("Show entries of the player"));
    m_place = combo("logPlace", tr("Show entries made at"));
    m_stars = combo("logStars", tr("Show entries with stars"));
    m_stars->addItem(tr("any stars"), 0);
    for (const int least : {5, 4, 3})
        m_stars->addItem(least == 5 ? QString(5, QChar(0x2605))
                                    : tr("%1 and more").arg(QString(least, QChar(0x2605))),
                         least);
    m_air = combo("logAir", tr("Show entries made in weather"));
    const auto air = [&](AirThen value, const QString& name) {
        m_air->addItem(name, static_cast<int>(value));
    };
    air(AirThen::Any, tr("any weather"));
    air(AirThen::Cold, tr("cold: below %1 °C").arg(kColdBelow.value));
    air(AirThen::Warm, tr("warm: above %1 °C").arg(kWarmAbove.value));
    air(AirThen::Damp, tr("damp: above %1 %").arg(100.0 * kDampAbove));
    air(AirThen::Dry, tr("dry: below %1 %").arg(100.0 * kDryBelow));
    air(AirThen::NotSaid, tr("weather not said"));
    m_all = secondaryButton(tr("Show all"));
    m_all->setProperty("small", true);
    m_all->setObjectName(QStringLiteral("logShowAll"));
    connect(m_all, &QPushButton::clicked, this, &FilterBar::clear);
    row->addWidget(m_all);
    row->addStretch();
    offer({});
    connect(this, &FilterBar::changed, this, &FilterBar::showWhetherAll);
}

void FilterBar::offer(const std::vector<Entry>& entries) {
    fill(m_player, tr("any player"), playersIn(entries));
    fill(m_place, tr("any place"), placesIn(entries));
    showWhetherAll(); // who was chosen may be gone
}

void FilterBar::showWhetherAll() {
    m_all->setVisible(filter() != EntryFilter{});
}

EntryFilter FilterBar::filter() const {
    EntryFilter filter;
    filter.player = m_player->currentData().toString().toStdString();
    filter.place = m_place->currentData().toString().toStdString();
    filter.leastStars = m_stars->currentData().toInt();
    filter.air = static_cast<AirThen>(m_air->currentData().toInt());
    return filter;
}

void FilterBar::clear() {
    for (QComboBox* box : {m_player, m_place, m_stars, m_air})
        box->setCurrentIndex(0);
    emit changed();
}

} // namespace bombo
