#include "app/drum/new_drum_dialog.h"
#include "app/language/language.h"
#include "app/numbers/numbers.h"

#include "app/theme/parts.h"
#include "store/resources.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QUuid>
#include <QVBoxLayout>

namespace bombo {
namespace {

// What most drums carry.
const std::string kUsualBatter = "single-coated-25";
const std::string kUsualSnareSide = "snare-film-76";

QDoubleSpinBox* inchBox(double low, double high, double value) {
    auto* box = new NumberBox;
    box->setRange(low, high);
    box->setDecimals(2);
    box->setSingleStep(0.5);
    box->setValue(value);
    box->setSuffix(QObject::tr(" in"));
    return box;
}

} // namespace

NewDrumDialog::NewDrumDialog(const std::vector<DrumRow>& known, QWidget* parent)
    : QDialog(parent), m_known(known), m_catalogue(catalogue()) {
    setWindowTitle(tr("Add a drum"));
    auto* form = new QFormLayout;
    m_name = new QLineEdit;
    m_name->setObjectName(QStringLiteral("name"));
    m_name->setPlaceholderText(tr("what you call it"));
    m_diameter = inchBox(8, 20, 14);
    m_depth = inchBox(2, 20, 5.5);
    m_material = new QComboBox;
    m_material->setObjectName(QStringLiteral("material"));
    for (const ShellKind& kind : m_catalogue.shells)
        m_material->addItem(catalogueText(kind.name), QString::fromStdString(kind.id));
    m_material->setCurrentIndex(m_material->findData(QStringLiteral("wood")));
    m_rods = new QSpinBox;
    m_rods->setRange(kFewestRods, kMostRods);
    m_rods->setValue(8);
    m_batter = new QComboBox;
    m_snareSide = new QComboBox;
    for (std::size_t i = 0; i < m_catalogue.heads.size(); ++i) {
        const HeadSpec& head = m_catalogue.heads[i];
        QComboBox* choices = head.thickness < kThinnestBatter ? m_snareSide : m_batter;
        choices->addItem(catalogueText(head.name), static_cast<int>(i));
        if (head.id == kUsualBatter || head.id == kUsualSnareSide)
            choices->setCurrentIndex(choices->count() - 1);
    }
    m_hoop = new QComboBox;
    for (const HoopKind& kind : m_catalogue.hoops)
        m_hoop->addItem(catalogueText(kind.name));
    m_wires = new QComboBox;
    for (const WireKind& kind : m_catalogue.wires)
        m_wires->addItem(catalogueText(kind.name));
    form->addRow(tr("Name"), m_name);
    form->addRow(tr("Across"), m_diameter);
    form->addRow(tr("Deep"), m_depth);
    form->addRow(tr("Shell of"), m_material);
    form->addRow(tr("Rods a side"), m_rods);
    form->addRow(tr("Batter head"), m_batter);
    form->addRow(tr("Snare-side head"), m_snareSide);
    form->addRow(tr("Hoops"), m_hoop);
    form->addRow(tr("Wires"), m_wires);
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
    const ShellKind& shell = m_catalogue.shells[static_cast<std::size_t>(m_material->currentIndex())];
    drum.shell = {inches(m_diameter->value()), inches(m_depth->value()), shell.id, shell.expansionPerKelvin,
                  shell.expansionPerHumidity};
    drum.rods = m_rods->value();
    drum.batterHead = m_catalogue.heads[static_cast<std::size_t>(m_batter->currentData().toInt())];
    drum.snareSideHead = m_catalogue.heads[static_cast<std::size_t>(m_snareSide->currentData().toInt())];
    drum.hoop = m_catalogue.hoops[static_cast<std::size_t>(m_hoop->currentIndex())].hoop;
    drum.wires = m_catalogue.wires[static_cast<std::size_t>(m_wires->currentIndex())].wires;
    auto checked = checkedDrum(drum);
    if (!checked) {
        m_problem->setText(QString::fromStdString(checked.fault().text()));
        return;
    }
    m_row = {*checked, std::hash<std::string>{}(drum.id) % 100000 + 1, {}};
    QDialog::accept();
}

} // namespace bombo
