#pragma once
#include "core/drum/catalogue.h"
#include "store/workbook.h"

#include <QComboBox>
#include <QDialog>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>

namespace bombo {

/// Asks for a drum's figures; accepts only one that can be computed.
class NewDrumDialog : public QDialog {
    Q_OBJECT
public:
    explicit NewDrumDialog(const std::vector<DrumRow>& known, QWidget* parent = nullptr);
    DrumRow row() const { return m_row; }

    void accept() override;

private:
    const std::vector<DrumRow>& m_known;
    Catalogue m_catalogue;
    QLineEdit* m_name;
    QComboBox* m_material;
    QComboBox* m_hoop;
    QComboBox* m_wires;
    QDoubleSpinBox* m_diameter;
    QDoubleSpinBox* m_depth;
    QSpinBox* m_rods;
    QComboBox* m_batter;
    QComboBox* m_snareSide;
    QLabel* m_problem;
    DrumRow m_row;
};

} // namespace bombo
