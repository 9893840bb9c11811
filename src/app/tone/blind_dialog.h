#pragma once
#include "core/preview/stroke_sound.h"

#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <random>

namespace bombo {

/// Two strokes in a hidden order, level-matched: which one is the wanted? Keeps a tally over the tries.
class BlindDialog : public QDialog {
    Q_OBJECT
public:
    BlindDialog(const PreviewStroke& wanted, const PreviewStroke& present, quint32 seed,
                QWidget* parent = nullptr);
    int tries() const { return m_tries; }
    int right() const { return m_right; }
    /// Whether the hidden order puts the wanted sound first; for tests.
    bool wantedIsFirst() const { return m_wantedFirst; }

signals:
    void play(const bombo::PreviewStroke& stroke);

private:
    void answer(bool first);
    void shuffle();

    PreviewStroke m_wanted;
    PreviewStroke m_present;
    std::mt19937 m_dice;
    bool m_wantedFirst = true;
    int m_tries = 0;
    int m_right = 0;
    QLabel* m_tally;
};

} // namespace bombo
