#include "app/tone/question_panel.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "app/tone/wish_slider.h"
#include "core/record/heads_say.h"

#include <QGridLayout>
#include <cmath>

namespace bombo {
namespace {

constexpr int kNotches = 20; // of a slider to either side
constexpr int kHigh = 0;
constexpr int kLonger = 1;
constexpr int kWire = 2;
constexpr int kFeel = 3;

} // namespace

QuestionPanel::QuestionPanel(QWidget* parent) : QWidget(parent) {
    struct Words {
        QString question;
        QString low;
        QString high;
        const char* name;
    };
    const std::array<Words, 4> words{{{tr("How high?"), tr("lower"), tr("higher"), "wishHigh"},
                                      {tr("How long?"), tr("shorter"), tr("longer"), "wishLonger"},
                                      {tr("How much wire?"), tr("dry"), tr("plenty"), "wishWire"},
                                      {tr("Under the stick?"), tr("softer"), tr("harder"), "wishFeel"}}};
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(14, 8, 14, 8);
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(4);
    grid->setColumnStretch(2, 5);
    grid->setColumnStretch(4, 4);
    for (int i = 0; i < 4; ++i) {
        const Words& w = words[static_cast<std::size_t>(i)];
        auto* slider = new WishSlider;
        slider->setRange(-kNotches, kNotches);
        slider->setPageStep(kNotches / 2);
        slider->setObjectName(QLatin1String(w.name));
        slider->setAccessibleName(tr("%1 %2 to %3").arg(w.question, w.low, w.high));
        auto* figure = textLabel("quiet");
        figure->setWordWrap(true);
        figure->setMinimumWidth(124);
        grid->addWidget(textLabel("strong", w.question), i, 0);
        grid->addWidget(textLabel("quiet", w.low), i, 1, Qt::AlignRight);
        grid->addWidget(slider, i, 2);
        grid->addWidget(textLabel("quiet", w.high), i, 3);
        grid->addWidget(figure, i, 4);
        m_questions[static_cast<std::size_t>(i)] = {slider, figure};
        connect(slider, &QSlider::valueChanged, this, [this, slider] {
            if (m_showing)
                return;
            if (slider->isSliderDown())
                emit wishTried(wish());
            else
                emit wishChosen(wish());
        });
        connect(slider, &QSlider::sliderReleased, this, [this] { emit wishChosen(wish()); });
    }
}

Wish QuestionPanel::wish() const {
    auto at = [this](int i) {
        return static_cast<double>(m_questions[static_cast<std::size_t>(i)].slider->value()) / kNotches;
    };
    return {at(kHigh), at(kLonger), at(kWire), at(kFeel)};
}

void QuestionPanel::show(const Session& session, const Targets& targets) {
    const ToneBrief brief = briefOf(session);
    m_showing = true;
    const std::array values{brief.wish.high, brief.wish.longer, brief.wish.wire, brief.wish.feel};
    for (std::size_t i = 0; i < 4; ++i)
        if (!m_questions[i].slider->isSliderDown())
            m_questions[i].slider->setValue(static_cast<int>(std::lround(values[i] * kNotches)));
    m_showing = false;

    const DrumState tuned = tunedState(session.drum, targets, airAt(session.weather));
    const Seconds open = predictMuffling(session.drum, tuned, {}).ringBefore;
    const Seconds ring = ringWanted(brief);
    auto say = [this](int i, const QString& text) {
        m_questions[static_cast<std::size_t>(i)].figure->setText(text);
        m_questions[static_cast<std::size_t>(i)].slider->setAccessibleDescription(text);
    };
    say(kHigh, pitchText(targets.batter.edgePitch));
    say(kLonger, ring.value > 1.1 * open.value
                     ? tr("%1 s; open drum only %2 s").arg(number(ring.value, 2)).arg(number(open.value, 2))
                     : tr("ring %1 s; open drum %2 s").arg(number(ring.value, 2)).arg(number(open.value, 2)));
    say(kWire, session.tone.wiresOff ? tr("lever off in this tone") : wireWords(wireMarginWanted(brief)));
    say(kFeel, tr("film %1 % over %2 %")
                   .arg(qRound(100 * targets.batter.filmLoad))
                   .arg(qRound(100 * targets.snareSide.filmLoad)));
}

} // namespace bombo
