#include "app/preferences/preferences_dialog.h"

#include "app/language/language.h"
#include "app/listening/ear.h"
#include "app/numbers/numbers.h"
#include "app/theme/choices.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/movement.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"
#include "audio/microphone.h"
#include "audio/player.h"

#include <QCheckBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QKeySequenceEdit>
#include <QLineEdit>
#include <QVBoxLayout>

namespace bombo {
namespace {

QComboBox* devices(const QString& none, const std::vector<std::pair<QString, QByteArray>>& all,
                   const QByteArray& chosen) {
    auto* box = new QComboBox;
    box->addItem(none, QByteArray());
    for (const auto& [name, id] : all)
        box->addItem(name, id);
    if (box->findData(chosen) < 0)
        box->addItem(PreferencesDialog::tr("one that is not plugged in"), chosen);
    box->setCurrentIndex(box->findData(chosen));
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(24);
    return box;
}

} // namespace

PreferencesDialog::PreferencesDialog(SessionController& controller, QWidget* parent)
    : QDialog(parent), m_controller(controller), m_language(controller.settings().language()) {
    keepWordsWhole(this);
    setObjectName(QStringLiteral("preferences"));
    setWindowTitle(tr("Settings"));
    setMinimumWidth(scaled(640));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 16, 24, 16);
    column->setSpacing(10);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(18);
    grid->setVerticalSpacing(8);
    grid->setColumnStretch(1, 1);
    addLook(*grid);
    addFigures(*grid);
    addHands(*grid);
    addSound(*grid);
    column->addLayout(grid);
    auto* note = textLabel("quiet", tr("What is chosen here holds at once, for every workbook."));
    note->setWordWrap(true);
    column->addWidget(note);
    auto* row = new QHBoxLayout;
    row->addStretch();
    auto* done = primaryButton();
    done->setObjectName(QStringLiteral("preferencesDone"));
    done->setText(tr("Done"));
    connect(done, &QPushButton::clicked, this, &QDialog::accept);
    row->addWidget(done);
    column->addLayout(row);
    done->setFocus(); // the space bar is its
}

void PreferencesDialog::heading(QGridLayout& grid, const QString& words) {
    grid.addWidget(textLabel("strong", words), grid.rowCount(), 0, 1, 2);
}

void PreferencesDialog::line(QGridLayout& grid, const QString& label, QWidget* field, const char* name) {
    const int row = grid.rowCount();
    field->setObjectName(QLatin1String(name));
    if (!label.isEmpty()) {
        field->setAccessibleName(label);
        grid.addWidget(textLabel("quiet", label), row, 0);
    }
    grid.addWidget(field, row, 1);
}

void PreferencesDialog::addLook(QGridLayout& grid) {
    heading(grid, tr("Words and look"));
    auto* languageBox = new QComboBox;
    languageBox->addItem(tr("As the system"), QString());
    for (const Language& language : languages())
        languageBox->addItem(language.name, language.code);
    languageBox->setCurrentIndex(std::max(0, languageBox->findData(m_language)));
    connect(languageBox, &QComboBox::activated, this,
            [this, languageBox] { m_language = languageBox->currentData().toString(); });
    line(grid, tr("Language"), languageBox, "prefLanguage");

    auto* look = new QComboBox;
    addChoices<ThemeChoice>(look, {{tr("As the system"), ThemeChoice::System},
                                   {tr("Day"), ThemeChoice::Day},
                                   {tr("Night"), ThemeChoice::Night}});
    choose(look, m_controller.settings().theme());
    connect(look, &QComboBox::activated, this,
            [this, look] { emit themeChosen(chosenIn<ThemeChoice>(look)); });
    line(grid, tr("Colours"), look, "prefLook");

    auto* words = new QComboBox;
    for (const int percent : kWordSizes)
        words->addItem(percent == 0 ? tr("As the window affords") : tr("%1 %").arg(percent), percent);
    words->setCurrentIndex(std::max(0, words->findData(m_controller.settings().wordsPercent())));
    connect(words, &QComboBox::activated, this,
            [this, words] { emit wordsChosen(words->currentData().toInt()); });
    line(grid, tr("Size of words"), words, "prefWords");
    auto* guide = new QCheckBox(tr("A line above the page walks along with the job"));
    guide->setChecked(m_controller.settings().guide().value_or(false));
    connect(guide, &QCheckBox::clicked, this, &PreferencesDialog::guideChosen);
    line(grid, {}, guide, "prefGuide");
    auto* movement = new QCheckBox(tr("Pictures may move"));
    movement->setChecked(picturesMove());
    connect(movement, &QCheckBox::clicked, this, [this](bool move) {
        m_controller.settings().setPicturesMove(move);
        setPicturesMove(move);
    });
    line(grid, {}, movement, "prefMovement");
}

void PreferencesDialog::addFigures(QGridLayout& grid) {
    heading(grid, tr("Figures"));
    const auto change = [this](auto set) {
        UnitsShown units = unitsShown();
        set(units);
        emit unitsChosen(units);
    };
    auto* lengths = new QComboBox;
    lengths->addItem(tr("Inches"), false);
    lengths->addItem(tr("Millimetres"), true);
    lengths->setCurrentIndex(unitsShown().millimetres ? 1 : 0);
    connect(lengths, &QComboBox::activated, this,
            [change](int index) { change([index](UnitsShown& units) { units.millimetres = index == 1; }); });
    line(grid, tr("Lengths"), lengths, "prefLengths");
    auto* a4 = new NumberBox;
    a4->setRange(kLowestA4.value, kHighestA4.value);
    a4->setDecimals(1);
    a4->setSuffix(tr(" Hz"));
    a4->setKeyboardTracking(false);
    a4->setValue(unitsShown().a4.value);
    connect(a4, &NumberBox::valueChanged, this,
            [change](double hertz) { change([hertz](UnitsShown& units) { units.a4.value = hertz; }); });
    line(grid, tr("The note A4"), a4, "prefA4");
    auto* tensions = new QCheckBox(tr("Tensions in N/m beside the pitches"));
    tensions->setChecked(unitsShown().details);
    connect(tensions, &QCheckBox::clicked, this,
            [change](bool on) { change([on](UnitsShown& units) { units.details = on; }); });
    line(grid, {}, tensions, "prefTensions");
}

void PreferencesDialog::addHands(QGridLayout& grid) {
    heading(grid, tr("Hands"));
    auto* left = new QCheckBox(tr("Left-handed: rounds run clockwise"));
    left->setChecked(m_controller.settings().leftHanded());
    connect(left, &QCheckBox::clicked, this, [this](bool on) { m_controller.setLeftHanded(on); });
    line(grid, {}, left, "prefLeft");
    auto* row = new QWidget;
    auto* inside = new QHBoxLayout(row);
    inside->setContentsMargins(0, 0, 0, 0);
    auto* key = new QKeySequenceEdit(QKeySequence(m_controller.settings().goOnKey()));
    key->setObjectName(QStringLiteral("prefGoOn"));
    key->setAccessibleName(tr("Foot switch, page turner"));
    if (auto* field = key->findChild<QLineEdit*>())
        field->setPlaceholderText(tr("click here, then press the pedal"));
    connect(key, &QKeySequenceEdit::editingFinished, this, [this, key] {
        const int pressed = key->keySequence().isEmpty() ? 0 : key->keySequence()[0].toCombined();
        m_controller.settings().setGoOnKey(pressed);
        key->setKeySequence(QKeySequence(m_controller.settings().goOnKey())); // a second key is not taken
    });
    inside->addWidget(key, 1);
    auto* none = secondaryButton(tr("None"));
    none->setObjectName(QStringLiteral("prefGoOnNone"));
    connect(none, &QPushButton::clicked, this, [this, key] {
        m_controller.settings().setGoOnKey(0);
        key->clear();
    });
    inside->addWidget(none);
    line(grid, tr("Foot switch, page turner"), row, "prefGoOnRow");
    auto* words =
        textLabel("quiet", tr("Space and Page down always go on. If your pedal sends another key, click "
                              "the field and press the pedal."));
    words->setWordWrap(true);
    grid.addWidget(words, grid.rowCount(), 1);
}

void PreferencesDialog::addSound(QGridLayout& grid) {
    heading(grid, tr("Sound"));
    std::vector<std::pair<QString, QByteArray>> inputs;
    for (const InputDevice& device : Microphone::devices())
        inputs.emplace_back(device.name, device.id);
    auto* microphone = devices(tr("The system's own choice"), inputs, m_controller.settings().inputDevice());
    connect(microphone, &QComboBox::activated, this, [this, microphone] {
        m_controller.ear().chooseMicrophone(microphone->currentData().toByteArray());
    });
    line(grid, tr("Microphone"), microphone, "prefMicrophone");
    std::vector<std::pair<QString, QByteArray>> outputs;
    for (const Player::Output& output : Player::outputs())
        outputs.emplace_back(output.name, output.id);
    auto* cues = devices(tr("Off"), outputs, m_controller.settings().cueOutput());
    connect(cues, &QComboBox::activated, this,
            [this, cues] { m_controller.settings().setCueOutput(cues->currentData().toByteArray()); });
    line(grid, tr("Confirmation sounds"), cues, "prefCues");
    auto* words = textLabel(
        "quiet", tr("Short sounds for heard and once more: on headphones, the microphone must not hear "
                    "them."));
    words->setWordWrap(true);
    grid.addWidget(words, grid.rowCount(), 1);
}

} // namespace bombo
