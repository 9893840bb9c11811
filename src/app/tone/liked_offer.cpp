#include "app/tone/liked_offer.h"

#include "app/logbook/liked_words.h"
#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <algorithm>

namespace bombo {
namespace {

/// "301.0 to 302.1 Hz, ring 0.34 to 0.36 s (%n evenings)"
QString rangesText(const Liked& liked) {
    QStringList parts;
    int evenings = 0;
    for (const Differs what : {Differs::BatterPitch, Differs::Ring})
        if (const LikedFigure* range = liked.range(what)) {
            evenings = std::max(evenings, range->liked);
            const QString text = likedRangeText(*range);
            parts << (what == Differs::BatterPitch ? LikedOffer::tr("batter %1").arg(text)
                                                   : LikedOffer::tr("ring %1").arg(text));
        }
    return LikedOffer::tr("%1 (%n evenings)", nullptr, evenings).arg(parts.join(QStringLiteral(", ")));
}

} // namespace

LikedOffer::LikedOffer(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(10);
    m_says = textLabel("strong");
    m_says->setObjectName(QStringLiteral("likedOffer"));
    m_says->setWordWrap(true);
    row->addWidget(m_says, 1);
    m_take = secondaryButton({});
    m_take->setProperty("small", true);
    m_take->setObjectName(QStringLiteral("aimAtLiked"));
    connect(m_take, &QPushButton::clicked, this, [this] {
        const bool isAimedAt = m_liked == m_controller.session().tone;
        if (const auto& tone = isAimedAt ? m_asItCame : m_liked)
            emit toneTaken(*tone);
    });
    row->addWidget(m_take);
    connect(&controller, &SessionController::logChanged, this, [this] { m_reckonedFor.clear(); });
    connect(&controller, &SessionController::workbookChanged, this, [this] { m_reckonedFor.clear(); });
}

void LikedOffer::reckon() {
    const Session& session = m_controller.session();
    m_asItCame.reset();
    m_liked.reset();
    for (const Tone& one : m_controller.tones())
        if (one.id == session.tone.id)
            m_asItCame = one;
    if (!m_asItCame)
        return;
    const Liked liked =
        likedRanges(passing(m_controller.entries(), {.drumId = session.drum.id, .toneId = session.tone.id}));
    m_liked = likedTone(liked, *m_asItCame, session.drum.shell.diameter);
    if (!m_liked)
        return;
    m_liked->id = m_asItCame->id;
    m_liked->name = m_asItCame->name;
    m_liked->origin = m_asItCame->origin;
    m_ranges = rangesText(liked);
}

void LikedOffer::refresh() {
    const Session& session = m_controller.session();
    const QString reckonedFor = QString::fromStdString(session.drum.id + '|' + session.tone.id);
    if (m_reckonedFor != reckonedFor) {
        m_reckonedFor = reckonedFor;
        reckon();
    }
    setVisible(m_liked.has_value());
    if (!m_liked)
        return;
    const bool isAimedAt = *m_liked == session.tone;
    m_says->setText(isAimedAt ? tr("Aimed at what got the stars on this drum: %1.").arg(m_ranges)
                              : tr("What got the stars on this drum: %1.").arg(m_ranges));
    m_take->setText(isAimedAt ? tr("As it came") : tr("Aim there"));
    m_take->setToolTip(isAimedAt ? tr("The tone is aimed at by its own figures again")
                                 : tr("The middle of what got four stars and more is aimed at, as wide as it "
                                      "reached; at this drum only"));
}

} // namespace bombo
