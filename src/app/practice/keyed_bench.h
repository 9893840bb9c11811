#pragma once
/// What the tasks on practice drums share: keys before the buttons that have the focus, and how near a soft
/// stroke is heard.
#include <QKeyEvent>
#include <QWidget>
#include <algorithm>
#include <cmath>
#include <vector>

namespace bombo {

class KeyedBench : public QWidget {
public:
    using QWidget::QWidget;
    /// @return whether the key was one of the task's
    virtual bool takeKey(int key, Qt::KeyboardModifiers modifiers) = 0;

protected:
    /// A button would walk on with the arrows.
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() == QEvent::KeyPress) {
            const auto* key = static_cast<QKeyEvent*>(event);
            if (takeKey(key->key(), key->modifiers()))
                return true;
        }
        return QWidget::eventFilter(watched, event);
    }
};

/// A whisper as it is heard close by: as loud as a tap.
inline std::vector<float> closeBy(std::vector<float> samples) {
    float peak = 1e-6F;
    for (const float sample : samples)
        peak = std::max(peak, std::abs(sample));
    for (float& sample : samples)
        sample *= 0.3F / peak;
    return samples;
}

} // namespace bombo
