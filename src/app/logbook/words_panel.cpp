#include "app/logbook/words_panel.h"

#include "app/numbers/numbers.h"
#include "app/theme/parts.h"
#include "core/life/life.h"
#include "core/record/entry_figures.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <utility>

namespace bombo {
namespace {

constexpr double kHoursStep = 0.25;
constexpr int kTypingPause = 700; // ms without a key, and what was typed is kept

} // namespace

WordsPanel::WordsPanel(QWidget* parent) : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(14);
    auto* left = new QVBoxLayout;
    m_note = new QPlainTextEdit;
    m_note->setObjectName(QStringLiteral("entryNote"));
    m_note->setAccessibleName(tr("Note of the entry"));
    m_note->setTabChangesFocus(true);
    m_note->setMinimumHeight(56);
    left->addWidget(m_note, 1);
    auto* stars = new QHBoxLayout;
    stars->setSpacing(4);
    for (int star = 1; star <= 5; ++star) {
        auto* button = secondaryButton(QString(QChar(0x2606)));
        button->setProperty("small", true);
        button->setObjectName(QStringLiteral("entryStar-%1").arg(star));
        button->setAccessibleName(tr("%n stars", nullptr, star));
        connect(button, &QPushButton::clicked, this, [this, star] {
            m_stars = m_stars == star ? 0 : star;
            keep();
        });
        stars->addWidget(button);
        m_starButtons.push_back(button);
    }
    stars->addStretch();
    left->addLayout(stars);
    row->addLayout(left, 5);

    auto* form = new QFormLayout;
    form->setVerticalSpacing(6);
    const auto line = [&](const char* name, const QString& label) {
        auto* edit = new QLineEdit;
        edit->setObjectName(QLatin1String(name));
        edit->setMaxLength(60);
        edit->setAccessibleName(label);
        connect(edit, &QLineEdit::editingFinished, this, &WordsPanel::keep);
        form->addRow(textLabel("quiet", label), edit);
        return edit;
    };
    m_player = line("entryPlayer", tr("Player"));
    m_place = line("entryPlace", tr("Place"));
    m_tags = line("entryTags", tr("Tags"));
    m_tags->setPlaceholderText(tr("dry, for the balcony"));
    m_hours = new NumberBox;
    m_hours->setObjectName(QStringLiteral("entryHours"));
    m_hours->setAccessibleName(tr("Hours played"));
    m_hours->setRange(-kHoursStep, kMostHours); // the least: nobody said
    m_hours->setSingleStep(kHoursStep);
    m_hours->setDecimals(2);
    m_hours->setSuffix(tr(" h"));
    m_hours->setSpecialValueText(tr("%1 h, a usual show").arg(number(kShowHours, 1)));
    m_hours->setKeyboardTracking(false);
    connect(m_hours, &QDoubleSpinBox::valueChanged, this, &WordsPanel::keep);
    form->addRow(textLabel("quiet", tr("Played")), m_hours);
    m_pinned = new QCheckBox(tr("Pinned: kept in sight"));
    m_pinned->setObjectName(QStringLiteral("entryPinned"));
    connect(m_pinned, &QCheckBox::clicked, this, &WordsPanel::keep);
    form->addRow(m_pinned);
    auto* buttons = new QHBoxLayout;
    m_delete = secondaryButton(tr("Delete entry"));
    m_delete->setObjectName(QStringLiteral("entryDelete"));
    connect(m_delete, &QPushButton::clicked, this, [this] { emit deleteAsked(); });
    m_keep = secondaryButton(tr("Keep these words"));
    m_keep->setObjectName(QStringLiteral("entryKeep"));
    connect(m_keep, &QPushButton::clicked, this, &WordsPanel::keep);
    buttons->addWidget(m_delete);
    buttons->addStretch();
    buttons->addWidget(m_keep);
    auto* right = new QVBoxLayout;
    right->addLayout(form);
    right->addStretch();
    right->addLayout(buttons);
    row->addLayout(right, 6);
    // What was typed is not lost when one goes on to another entry without a button.
    m_pause.setSingleShot(true);
    m_pause.setInterval(kTypingPause);
    connect(&m_pause, &QTimer::timeout, this, &WordsPanel::keep);
    connect(m_note, &QPlainTextEdit::textChanged, this, [this] {
        m_keep->setEnabled(said() != m_kept);
        m_pause.start();
    });
}

void WordsPanel::show(const Entry* shown) {
    const std::optional<Entry> entry = shown != nullptr ? std::optional(*shown) : std::nullopt;
    if (m_id != 0 && (!entry || entry->id != m_id))
        keep(); // of the one that is left
    const bool isSame = entry && entry->id == m_id;
    m_id = entry ? entry->id : 0;
    setEnabled(m_id != 0);
    const EntryWords words = entry ? entry->figures.words : EntryWords{};
    if (isSame && words == m_kept && said() == m_kept)
        return;
    m_kept = words;
    const QSignalBlocker quiet(m_note);
    const QString note = QString::fromStdString(words.note);
    if (m_note->toPlainText() != note)
        m_note->setPlainText(note);
    m_player->setText(QString::fromStdString(words.player));
    m_place->setText(QString::fromStdString(words.place));
    QStringList tags;
    for (const std::string& tag : words.tags)
        tags << QString::fromStdString(tag);
    m_tags->setText(tags.join(QStringLiteral(", ")));
    m_pinned->setChecked(words.isPinned);
    const QSignalBlocker still(m_hours);
    m_hours->setValue(words.hours.value_or(-kHoursStep));
    m_stars = words.stars;
    for (std::size_t i = 0; i < m_starButtons.size(); ++i)
        m_starButtons[i]->setText(QString(QChar(static_cast<int>(i) < m_stars ? 0x2605 : 0x2606)));
    m_keep->setEnabled(false);
}

void WordsPanel::countToDelete(int entries) {
    m_delete->setText(entries > 1 ? tr("Delete %n entries", nullptr, entries) : tr("Delete entry"));
}

EntryWords WordsPanel::said() const {
    EntryWords words;
    words.note = m_note->toPlainText().toStdString();
    if (words.note.size() > kLongestNote)
        words.note = m_note->toPlainText().left(static_cast<qsizetype>(kLongestNote / 4)).toStdString();
    words.player = m_player->text().trimmed().toStdString();
    words.place = m_place->text().trimmed().toStdString();
    const QStringList tags = m_tags->text().split(QLatin1Char(','), Qt::SkipEmptyParts);
    for (const QString& tag : tags)
        if (!tag.trimmed().isEmpty() && words.tags.size() < kMostTags)
            words.tags.push_back(tag.trimmed().toStdString());
    words.stars = m_stars;
    words.isPinned = m_pinned->isChecked();
    if (m_hours->value() >= 0.0)
        words.hours = m_hours->value();
    return words;
}

void WordsPanel::keep() {
    m_pause.stop();
    const EntryWords words = said();
    if (m_id == 0 || words == m_kept)
        return;
    emit changed(m_id, std::exchange(m_kept, words), words);
}

} // namespace bombo
