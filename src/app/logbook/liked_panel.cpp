#include "app/logbook/liked_panel.h"

#include "app/logbook/liked_view.h"
#include "app/logbook/liked_words.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "app/tone/name_tone_dialog.h"
#include "core/log/entry_filter.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

namespace bombo {

LikedPanel::LikedPanel(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* top = new QHBoxLayout;
    m_says = textLabel("strong");
    m_says->setObjectName(QStringLiteral("likedSays"));
    m_says->setWordWrap(true);
    top->addWidget(m_says, 1);
    m_keep = secondaryButton(tr("Keep as a tone…"));
    m_keep->setObjectName(QStringLiteral("likedTone"));
    connect(m_keep, &QPushButton::clicked, this, &LikedPanel::keepTone);
    top->addWidget(m_keep, 0, Qt::AlignTop);
    column->addLayout(top);
    m_view = new LikedView;
    column->addWidget(m_view, 1);
    column->addStretch();
}

void LikedPanel::show(Biography& biography, const Entry* entry) {
    std::vector<Entry> alike;
    Tone tone;
    if (entry != nullptr) {
        alike = passing(biography.entries(), {.drumId = entry->drumId, .toneId = entry->toneId});
        for (const Tone& one : m_controller.tones())
            if (one.id == entry->toneId)
                tone = one;
    }
    LikedPicture picture{likedOf(alike), {}};
    const Drum& front = m_controller.session().drum;
    m_tone.reset();
    if (entry != nullptr && entry->drumId == front.id) {
        const Entry now = biography.now();
        for (std::size_t i = 0; i < kLikedFigures.size(); ++i)
            picture.now[i] = figureOf(now.figures, kLikedFigures[i]);
        if (!tone.id.empty())
            m_tone = likedTone(picture.liked, tone, front.shell.diameter);
    }
    QStringList says;
    for (const LikedShift& shift : picture.liked.shifts)
        says << likedShiftText(shift);
    const bool hasRange = std::any_of(picture.liked.figures.begin(), picture.liked.figures.end(),
                                      [](const LikedFigure& one) { return one.isRange(); });
    if (!hasRange)
        says << tr("Give each evening its stars (tab “In words”). %1 evenings of one tone with %2 stars and "
                   "more make a range; %n evenings have stars so far.",
                   nullptr, picture.liked.starred)
                    .arg(kFewestLiked)
                    .arg(kLikedStars);
    else if (says.isEmpty())
        says << tr(
            "What was liked, over %n evenings with stars. Player, place and cold make no difference that "
            "chance would not make as well.",
            nullptr, picture.liked.starred);
    m_says->setText(says.join(QLatin1Char('\n')));
    m_view->show(std::move(picture));
    m_keep->setEnabled(m_tone.has_value() && !m_controller.isReadOnly());
    m_keep->setToolTip(m_keep->isEnabled()
                           ? tr("The middle of what was liked becomes a tone of this workbook, as wide as it "
                                "reached, and is aimed at from now on")
                           : tr("Once enough evenings of the drum in front have stars"));
}

void LikedPanel::keepTone() {
    if (!m_tone)
        return;
    const Tone tone = *m_tone;
    auto* dialog = new NameToneDialog(
        tr("Keep what works as a tone"), {},
        {tr("Kept: the middle of the pitches and of the ring that got the stars, as wide as they reached. It "
            "scales to other drums.")},
        this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this,
            [this, dialog, tone] { m_controller.addTone(tone, dialog->name()); });
    dialog->open();
}

} // namespace bombo
