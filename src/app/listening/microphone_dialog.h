#pragma once
/// "Is it hearing me?": five taps, and what they say of the microphone.
#include "app/session/session_controller.h"
#include "audio/microphone.h"
#include "core/reading/microphone_check.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <QTimer>
#include <vector>

namespace bombo {

class LevelMeter;

/// The taps so far: one mark each, filled once it was heard, split where it was cut off.
class TapMarks : public QWidget {
    Q_OBJECT
public:
    explicit TapMarks(QWidget* parent = nullptr);
    void show(const std::vector<TapAtMicrophone>& taps);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<TapAtMicrophone> m_taps;
};

class MicrophoneDialog : public QDialog {
    Q_OBJECT
public:
    explicit MicrophoneDialog(SessionController& controller, QWidget* parent = nullptr);
    ~MicrophoneDialog() override;

private:
    void choose(int index);
    void begin();
    void take(const TapAtMicrophone& tap);
    void showResult();
    void showFailure(Microphone::Fault fault, const QString& name);
    bool isPractice() const;

    SessionController& m_controller;
    QComboBox* m_device;
    LevelMeter* m_level;
    QLabel* m_levelName;
    TapMarks* m_marks;
    QLabel* m_verdict;
    QLabel* m_remedy;
    QLabel* m_further;
    QPushButton* m_strike;
    QPushButton* m_again;
    QTimer m_nothingYet;
    std::vector<TapAtMicrophone> m_taps;
};

} // namespace bombo
