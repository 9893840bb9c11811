#include "app/logbook/compare_panel.h"

#include "app/listening/sound_output.h"
#include "app/logbook/back_words.h"
#include "app/logbook/compare_view.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/log/entry_filter.h"
#include "core/record/session_sound.h"
#include "core/record/wires_say.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

namespace bombo {

ComparePanel::ComparePanel(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* row = new QHBoxLayout;
    row->addWidget(textLabel("quiet", tr("against")));
    m_with = new QComboBox;
    m_with->setObjectName(QStringLiteral("compareWith"));
    m_with->setAccessibleName(tr("Compare with"));
    m_with->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    m_with->setMinimumContentsLength(18);
    connect(m_with, &QComboBox::activated, this, &ComparePanel::compare);
    row->addWidget(m_with, 1);
    m_hear = secondaryButton(tr("Hear both"));
    m_hear->setObjectName(QStringLiteral("hearBoth"));
    connect(m_hear, &QPushButton::clicked, this, &ComparePanel::hearBoth);
    row->addWidget(m_hear);
    column->addLayout(row);
    m_view = new CompareView;
    column->addWidget(m_view, 1);
    m_stars = textLabel("quiet");
    m_stars->setObjectName(QStringLiteral("explainsStars"));
    m_stars->setWordWrap(true);
    column->addWidget(m_stars);
}

void ComparePanel::show(Biography& biography, const Entry* entry, const std::vector<Tone>& tones) {
    m_biography = &biography;
    m_tones = tones;
    m_entry = entry != nullptr ? entry->id : 0;
    const QVariant kept = m_wanted != 0 ? QVariant::fromValue<qlonglong>(m_wanted) : m_with->currentData();
    m_wanted = 0;
    m_with->clear();
    const Session& session = m_controller.session();
    const bool isInFront = entry == nullptr || entry->drumId == session.drum.id;
    m_with->addItem(isInFront ? tr("the drum as it is now")
                              : tr("%1 as it is now").arg(QString::fromStdString(session.drum.name)),
                    QVariant::fromValue<qlonglong>(0));
    const std::int64_t now = Biography::clock();
    const auto& all = biography.entries();
    for (auto one = all.rbegin(); one != all.rend(); ++one) {
        if (entry == nullptr || one->id == entry->id)
            continue;
        const QString name = tr("%1: %2").arg(dayText(one->at, now), cueName(one->toneId, tones));
        if (one->drumId == entry->drumId)
            m_with->addItem(name, QVariant::fromValue<qlonglong>(one->id));
        else if (one->id == kept.toLongLong()) // that was selected beside it
            m_with->addItem(tr("%1, %2").arg(drumNamed(one->drumId), name),
                            QVariant::fromValue<qlonglong>(one->id));
    }
    m_with->setCurrentIndex(std::max(0, m_with->findData(kept)));
    compare();
}

QString ComparePanel::drumNamed(const std::string& id) const {
    for (const DrumRow& row : m_controller.drums())
        if (row.drum.id == id)
            return QString::fromStdString(row.drum.name);
    return QString::fromStdString(id);
}

void ComparePanel::against(std::int64_t entry) {
    m_wanted = entry;
    if (const int at = m_with->findData(QVariant::fromValue<qlonglong>(entry)); at >= 0) {
        m_with->setCurrentIndex(at);
        compare();
    } else if (m_biography != nullptr) { // of another drum
        show(*m_biography, m_biography->entry(m_entry), std::vector<Tone>(m_tones));
    }
}

/// What the entry is compared with. @pre show() was called
const Entry& ComparePanel::other() {
    if (const Entry* entry = m_biography->entry(m_with->currentData().toLongLong()))
        return *entry;
    m_now = m_biography->now();
    return m_now;
}

void ComparePanel::hearBoth() {
    const Entry* entry = m_biography->entry(m_entry);
    if (entry == nullptr)
        return;
    const auto one = strokeThen(m_controller.session(), entry->figures);
    const auto two = strokeThen(m_controller.session(), other().figures);
    if (one && two)
        m_controller.output().hear(*one, *two);
}

void ComparePanel::compare() {
    const Entry* entry = m_biography != nullptr ? m_biography->entry(m_entry) : nullptr;
    m_view->show({});
    m_stars->clear();
    m_stars->hide();
    m_hear->setEnabled(false);
    if (entry == nullptr)
        return;
    const Entry& with = other();
    ComparePicture picture{differences(*entry, with), entry->figures, with.figures, {}};
    const std::string& front = m_controller.session().drum.id;
    const bool isInFront = entry->drumId == front && with.drumId == front;
    if (isInFront)
        picture.wires = wireAdviceOf(m_controller.reckoned());
    const bool sounds = isInFront && canSound(m_controller.session(), picture.inHand) &&
                        canSound(m_controller.session(), picture.other);
    m_view->show(std::move(picture));
    m_hear->setEnabled(sounds);
    m_hear->setToolTip(sounds ? tr("A stroke of this entry, then one of the other, equally loud: as they are "
                                   "predicted, not recorded")
                       : !isInFront
                           ? tr("Only of the drum in front")
                           : tr("One of them does not say how high both heads were, or had another head"));
    const std::vector<Entry> alike =
        passing(m_biography->entries(), {.drumId = entry->drumId, .toneId = entry->toneId});
    if (const auto explained = explainsStars(alike)) {
        m_stars->setText(
            tr("Over %n entries of this tone the stars go with the %1: best near %2.", nullptr,
               explained->entries)
                .arg(differsName(explained->what), figureText(explained->what, explained->best)));
        m_stars->show();
    }
}

} // namespace bombo
