#include "app/drum/new_drum_dialog.h"

#include "app/theme/parts.h"
#include "store/resources.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QUuid>
#include <QVBoxLayout>

namespace bombo {
namespace {

QDoubleSpinBox* inchBox(double low, double high, double value) {
    auto* box = new QDoubleSpinBox;
    box->setRange(low, high);
    box->setDecimals(2);
    box->setSingleStep(0.5);
    box->setValue(value);
    box->setSuffix(QObject::tr(" in"));
    return box;
}

} // namespace

NewDrumDialog::NewDrumDialog(const std::vector<DrumRow>& known, QWidget* parent)
    : QDialog(parent), m_known(known), m_heads(catalogueHeads()) {
    setWindowTitle(tr("Add a drum"));
    auto* form = new QFormLayout;
    m_name = new QLineEdit;
    m_name->setObjectName(QStringLiteral("name"));
    m_name->setPlaceholderText(tr("what you call it"));
    m_diameter = inchBox(8, 20, 14);
    m_depth = inchBox(2, 20, 5.5);
    m_material = new QLineEdit(tr("wood"));
    m_rods = new QSpinBox;
    m_rods->setRange(kFewestRods, kMostRods);
    m_rods->setValue(8);
    m_batter = new QComboBox;
    m_snareSide = new QComboBox;
    for (std::size_t i = 0; i < m_heads.size(); ++i) {
        const bool thin =
            m_heads[i].thickness.value < 1e-4; // catalogue: only snare-side film is thinner than 0.1 mm
        (thin ? m_snareSide : m_batter)
            ->addItem(QString::fromStdString(m_heads[i].name), static_cast<int>(i));
    }
    m_strands = new QSpinBox;
    m_strands->setRange(1, 60);
    m_strands->setValue(20);
    form->addRow(tr("Name"), m_name);
    form->addRow(tr("Across"), m_diameter);
    form->addRow(tr("Deep"), m_depth);
    form->addRow(tr("Shell of"), m_material);
    form->addRow(tr("Rods a side"), m_rods);
    form->addRow(tr("Batter head"), m_batter);
    form->addRow(tr("Snare-side head"), m_snareSide);
    form->addRow(tr("Strands"), m_strands);
    m_problem = new QLabel;
    m_problem->setWordWrap(true);
    m_problem->setObjectName(QStringLiteral("problem"));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &NewDrumDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* column = new QVBoxLayout(this);
    column->addLayout(form);
    column->addWidget(m_problem);
    column->addWidget(buttons);
}

void NewDrumDialog::accept() {
    const QString name = m_name->text().trimmed();
    if (name.isEmpty()) {
        m_problem->setText(tr("Give the drum a name."));
        m_name->setFocus();
        return;
    }
    for (const DrumRow& row : m_known)
        if (QString::fromStdString(row.drum.name).compare(name, Qt::CaseInsensitive) == 0) {
            m_problem->setText(tr("There is a drum of that name; give another."));
            m_name->setFocus();
            return;
        }
    Drum drum;
    drum.id = QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
    drum.name = name.toStdString();
    drum.shell = {inches(m_diameter->value()), inches(m_depth->value()),
                  m_material->text().trimmed().toStdString()};
    drum.rods = m_rods->value();
    drum.batterHead = m_heads[static_cast<std::size_t>(m_batter->currentData().toInt())];
    drum.snareSideHead = m_heads[static_cast<std::size_t>(m_snareSide->currentData().toInt())];
    drum.wires.strands = m_strands->value();
    drum.wires.mass = Kilograms{0.0008 * m_strands->value()};
    auto checked = checkedDrum(drum);
    if (!checked) {
        m_problem->setText(QString::fromStdString(checked.fault().text()));
        return;
    }
    m_row = {*checked, std::hash<std::string>{}(drum.id) % 100000 + 1, {}};
    QDialog::accept();
}

} // namespace bombo
