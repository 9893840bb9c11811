#pragma once
/// The listening strip, the same at every station that listens: source, level, the last tap and what it said.
#include "app/session/session_controller.h"

#include <QComboBox>
#include <QFrame>
#include <QLabel>
#include <QPushButton>

namespace bombo {

class TapView : public QWidget {
    Q_OBJECT
public:
    explicit TapView(QWidget* parent = nullptr);
    void show(const std::optional<Reading>& reading);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<Reading> m_reading;
};

class LevelMeter : public QWidget {
    Q_OBJECT
public:
    explicit LevelMeter(QWidget* parent = nullptr);
    void show(double db);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    double m_db = -120.0;
};

class ListeningStrip : public QFrame {
    Q_OBJECT
public:
    explicit ListeningStrip(SessionController& controller, QWidget* parent = nullptr);
    void refresh();
    /// Asks for files and hands them to the controller.
    void askForFiles();

private:
    void fillDevices();
    void showReading(const std::optional<Reading>& reading);
    void showStroke();
    bool wasHeard() const;
    void offerCheck();

    SessionController& m_controller;
    QPushButton* m_check;  ///< of a microphone that was never checked, or not found good
    QPushButton* m_stroke; ///< asks for a whole stroke, at the stations that hear them
    QComboBox* m_source;
    QComboBox* m_device;
    LevelMeter* m_level;
    QLabel* m_figure;
    QLabel* m_note;
    QLabel* m_verdict;
    QLabel* m_remedy;
    TapView* m_tap;
};

} // namespace bombo
