#pragma once
/// The drum in front: what is on it and since when, and what can be done to it.
#include "app/session/session_controller.h"
#include "app/theme/parts.h"

namespace bombo {

class DrumCard : public QFrame {
    Q_OBJECT
public:
    explicit DrumCard(SessionController& controller, QWidget* parent = nullptr);
    void refresh();

signals:
    void editAsked();
    void copyAsked();

private:
    struct Part {
        QLabel* name;
        QLabel* since;
    };
    Part addPart(class QVBoxLayout* column, const QString& heading, const QString& replace,
                 const char* object, const std::function<void()>& replaced);
    void fitHead(HeadSide side);
    void fitWires();

    SessionController& m_controller;
    Part m_batter;
    Part m_snareSide;
    Part m_wires;
    QPushButton* m_retire;
};

/// "on since 12 Nov 2026, 17 days", or that nobody knows. @param now seconds since 1970
QString ageText(std::int64_t since, std::int64_t now);

} // namespace bombo
