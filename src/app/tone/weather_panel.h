#pragma once
#include "core/acoustics/weather.h"
#include "core/record/session.h"

#include <QLabel>
#include <QSpinBox>
#include <QWidget>
#include <array>

namespace bombo {

/// The weather at hand, and what the drum would do if it were taken elsewhere without a turn of a rod.
class WeatherPanel : public QWidget {
    Q_OBJECT
public:
    explicit WeatherPanel(QWidget* parent = nullptr);
    void show(const Session& session, const Targets& targets);

signals:
    void weatherChosen(const bombo::Weather& weather);

private:
    struct Fields {
        QSpinBox* temperature;
        QSpinBox* humidity;
        QSpinBox* altitude;
        Weather weather() const;
        void set(const Weather& weather);
    };
    Fields fields(const char* prefix, int row, class QGridLayout* grid);
    static constexpr int kPitches = 3;
    using Column = std::array<QLabel*, kPitches + 1>; ///< a heading, then by pitch
    void compare();
    /// @return false where a head falls slack there
    bool fill(Column& column, ShellFollows follows);
    /// What brings the pitches back there; empty where nothing needs to.
    QString wayBack() const;

    Fields m_here{};
    Fields m_there{};
    QLabel* m_change;
    std::vector<QLabel*> m_rows; ///< what each row is about
    Column m_soon{};
    Column m_days{};
    std::optional<Session> m_session;
    std::optional<Targets> m_targets;
    bool m_showing = false;
};

} // namespace bombo
