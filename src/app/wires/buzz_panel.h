#pragma once
/// The instruments around the drum, and what calms the wires with least harm.
#include "app/session/session_controller.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace bombo {

/// One remedy in words, its cost and its gain said.
struct CalmingWords {
    QString what;
    QString effect; ///< how much less of it, and what that costs
};
CalmingWords calmingWords(const Calming& calming, const std::vector<Neighbour>& neighbours);

class BuzzPanel : public QFrame {
    Q_OBJECT
public:
    explicit BuzzPanel(SessionController& controller, QWidget* parent = nullptr);
    void refresh();
    /// What calms the wires, as it was last shown.
    const std::vector<Calming>& remedies() const { return m_calmings; }

private:
    void add();
    void addHeard();
    void remove();
    std::string nameFor(NeighbourKind kind) const;

    SessionController& m_controller;
    QLineEdit* m_name;
    QComboBox* m_kind;
    QDoubleSpinBox* m_pitch;
    QPushButton* m_heard;
    QLabel* m_heardWords;
    QComboBox* m_list;
    QPushButton* m_remove;
    QLabel* m_remedies;
    std::vector<Calming> m_calmings;
};

} // namespace bombo
