#include "app/tone/tone_page.h"
#include "app/language/language.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "app/tone/correction_panel.h"
#include "app/tone/cutaway_view.h"
#include "app/tone/liked_offer.h"
#include "app/tone/listen_bar.h"
#include "app/tone/question_panel.h"
#include "app/tone/school_panel.h"
#include "app/tone/tone_list.h"
#include "app/tone/weather_panel.h"
#include "core/record/heads_say.h"
#include "core/record/stations.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace bombo {

TonePage::TonePage(SessionController& controller, QWidget* parent) : StationPage(controller, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 10, 28, 12);
    column->setSpacing(8);
    column->addWidget(textLabel("title", tr("What should it sound like?")));
    m_reason = textLabel("quiet");
    m_reason->setWordWrap(true);
    m_reason->setObjectName(QStringLiteral("reason"));
    column->addWidget(m_reason);
    m_offer = new LikedOffer(controller);
    connect(m_offer, &LikedOffer::toneTaken, this, [this](const Tone& tone) { attempt(ChooseTone{tone}); });
    column->addWidget(m_offer);

    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    m_list = new ToneList(controller);
    m_list->setMinimumWidth(246);
    m_list->setMaximumWidth(268);
    row->addWidget(m_list, 1);
    m_cutaway = new CutawayView;
    m_tabs = new QTabWidget;
    m_tabs->setObjectName(QStringLiteral("toneTabs"));
    m_tabs->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    m_questions = new QuestionPanel;
    m_schools = new SchoolPanel;
    m_weather = new WeatherPanel;
    m_correction = new CorrectionPanel;
    m_tabs->addTab(m_questions, tr("Questions"));
    m_tabs->addTab(m_schools, tr("School"));
    m_tabs->addTab(m_weather, tr("Weather"));
    m_tabs->addTab(m_correction, tr("Both heads"));
    m_tabs->setFixedHeight(221);
    auto* right = new QVBoxLayout;
    right->setSpacing(10);
    right->addWidget(m_cutaway, 1);
    right->addWidget(m_tabs);
    row->addLayout(right, 2);
    column->addLayout(row, 1);

    auto* foot = new QHBoxLayout;
    m_listen = new ListenBar(controller);
    foot->addWidget(m_listen);
    foot->addStretch();
    m_primary = primaryButton();
    foot->addWidget(m_primary);
    column->addLayout(foot);

    connect(m_list, &ToneList::toneChosen, this, [this](const Tone& tone) { attempt(ChooseTone{tone}); });
    connect(m_questions, &QuestionPanel::wishTried, this, [this](const Wish& wish) {
        Session tried = session();
        tried.wish = wish;
        showTargets(tried);
    });
    connect(m_questions, &QuestionPanel::wishChosen, this, [this](const Wish& wish) {
        if (wish != session().wish)
            attempt(SetWish{wish});
    });
    connect(m_schools, &SchoolPanel::schoolChosen, this, [this](const School& school) {
        if (school != session().school)
            attempt(ChooseSchool{school});
    });
    connect(m_weather, &WeatherPanel::weatherChosen, this,
            [this](const Weather& weather) { attempt(SetWeather{weather}); });
    connect(m_correction, &CorrectionPanel::bothTurned, this, [this](Turns batter, Turns snareSide) {
        attempt(BothTurned{batter, snareSide});
    });
    connect(m_primary, &QPushButton::clicked, this, [this] {
        if (session().toneAt > 0 || this->controller().perform(ChooseTone{session().tone}))
            this->controller().goTo(stationAfter(session(), Station::Tone));
    });
}

/// A refused command must not leave its widget where it was pushed.
void TonePage::attempt(const Command& command) {
    if (!controller().perform(command))
        refresh();
}

void TonePage::refresh() {
    m_list->refresh();
    m_offer->refresh();
    const bool onToBatter = stationAfter(session(), Station::Tone) == Station::Batter;
    m_primary->setText(session().toneAt == 0 ? tr("Take this tone")
                       : onToBatter          ? tr("On to the batter")
                                             : tr("On to the snare side"));
    showTargets(session());
}

void TonePage::showTargets(const Session& shown) {
    const auto targets = targetsOf(shown);
    QString reason = tr("%1. %2").arg(cueName(shown.tone), catalogueText(shown.tone.reason));
    m_primary->setEnabled(static_cast<bool>(targets));
    m_listen->refresh(static_cast<bool>(targets));
    if (!targets) {
        m_cutaway->show(std::nullopt);
        m_reason->setText(reason + QLatin1Char(' ') + outOfReachText(targets.fault()));
        return;
    }
    if (targets->limit != TargetLimit::None)
        reason +=
            QLatin1Char(' ') + tr("The snare side stops at %1: beyond it %2.")
                                   .arg(hertzText(targets->snareSide.edgePitch), limitWords(targets->limit));
    else if (!shown.tone.muffling.empty())
        reason += QLatin1Char(' ') + tr("Muffling: %1.").arg(catalogueText(shown.tone.muffling));
    m_reason->setText(reason);
    m_cutaway->show(cutawayPicture(shown, *targets));
    m_questions->show(shown, *targets);
    m_schools->show(shown);
    m_weather->show(shown, *targets);
    m_correction->show(shown, *targets);
}

} // namespace bombo
