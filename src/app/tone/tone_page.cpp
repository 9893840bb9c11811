#include "app/tone/tone_page.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "app/tone/tone_button.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace bombo {
namespace {

/// What a tone asks of this drum, or that it cannot be had.
QString askOf(const Session& session, const Tone& tone) {
    const auto targets = targetsFor(session.drum, tone, airAt(session.weather));
    if (!targets)
        return TonePage::tr("out of reach of this drum");
    return TonePage::tr("%1 over %2, ring %3 s")
        .arg(hertzText(targets->batter.edgePitch), hertzText(targets->snareSide.edgePitch))
        .arg(tone.ring.value, 0, 'f', 2);
}

} // namespace

TonePage::TonePage(SessionController& controller, QWidget* parent) : StationPage(controller, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(12);
    m_title = textLabel("title", tr("What should it sound like?"));
    column->addWidget(m_title);
    m_reason = textLabel("quiet");
    m_reason->setWordWrap(true);
    column->addWidget(m_reason);

    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    QFrame* list = card();
    list->setFixedWidth(262);
    m_list = new QVBoxLayout(list);
    m_list->setContentsMargins(8, 8, 8, 8);
    m_list->setSpacing(4);
    row->addWidget(list);
    m_cutaway = new CutawayView;
    m_ask = new AskStrip;
    auto* right = new QVBoxLayout;
    right->setSpacing(12);
    right->addWidget(m_cutaway, 1);
    right->addWidget(m_ask);
    row->addLayout(right, 1);
    column->addLayout(row, 1);

    auto* foot = new QHBoxLayout;
    m_wants = textLabel("quiet");
    m_wants->setWordWrap(true);
    foot->addWidget(m_wants, 1);
    m_primary = primaryButton();
    m_primary->setText(tr("Take this tone"));
    connect(m_primary, &QPushButton::clicked, this, [this] {
        if (session().toneAt > 0 || this->controller().perform(ChooseTone{session().tone}))
            this->controller().goTo(Station::SnareSide);
    });
    foot->addWidget(m_primary);
    column->addLayout(foot);
    m_choices.setExclusive(true);
}

void TonePage::rebuild() {
    m_shown.clear();
    m_askedOf.reset();
    for (const Tone& tone : controller().tones())
        m_shown.push_back(tone.id);
    while (QLayoutItem* item = m_list->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    for (const Tone& tone : controller().tones()) {
        auto* choice = new ToneButton(tone);
        connect(choice, &QAbstractButton::clicked, this, [this, tone] {
            controller().perform(ChooseTone{tone});
            refresh(); // a refused choice must not stay pressed
        });
        m_choices.addButton(choice);
        m_list->addWidget(choice);
    }
    m_list->addStretch();
}

void TonePage::refresh() {
    std::vector<std::string> ids;
    for (const Tone& tone : controller().tones())
        ids.push_back(tone.id);
    if (ids != m_shown)
        rebuild();
    if (m_askedOf != session().drum) { // five inverse problems: only when the drum is another
        m_askedOf = session().drum;
        for (std::size_t i = 0; i < m_shown.size(); ++i)
            static_cast<ToneButton*>(m_choices.buttons()[static_cast<qsizetype>(i)])
                ->showAsk(askOf(session(), controller().tones()[i]));
    }
    const Tone& tone = session().tone;
    for (std::size_t i = 0; i < m_shown.size(); ++i)
        if (m_shown[i] == tone.id)
            m_choices.buttons()[static_cast<qsizetype>(i)]->setChecked(true);
    m_reason->setText(tr("%1. %2").arg(cueName(tone), QString::fromStdString(tone.reason)));

    const auto targets = targetsOf(session());
    m_primary->setEnabled(static_cast<bool>(targets));
    m_primary->setText(session().toneAt > 0 ? tr("On to the snare side") : tr("Take this tone"));
    if (!targets) {
        m_cutaway->show(std::nullopt);
        m_wants->setText(outOfReachText(targets.fault()));
        return;
    }
    m_cutaway->show(cutawayPicture(session(), *targets));
    m_ask->show(askPicture(session(), *targets));
    QString wants = tr("Edge pitches with the other head muted. Change the tone here at any time.");
    if (targets->limit == TargetLimit::SnareSideFilm)
        wants = tr("The snare side was wished at %1; its film allows %2.")
                    .arg(hertzText(targets->snareSideWished), hertzText(targets->snareSide.edgePitch));
    m_wants->setText(wants);
}

} // namespace bombo
