#include "app/logbook/back_strip.h"

#include "app/logbook/back_words.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <cmath>

namespace bombo {

BackStrip::BackStrip(SessionController& controller, Of of, QWidget* parent)
    : QFrame(parent), m_controller(controller), m_of(of) {
    setProperty("card", true);
    setObjectName(of == Of::Strainer ? QStringLiteral("backStrainer") : QStringLiteral("backPads"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 6, 10, 6);
    m_words = textLabel("strong");
    m_words->setWordWrap(true);
    row->addWidget(m_words, 1);
    m_so = secondaryButton(of == Of::Strainer ? tr("It stands there now") : tr("They lie so now"));
    m_so->setObjectName(objectName() + QStringLiteral("So"));
    connect(m_so, &QPushButton::clicked, this, &BackStrip::makeSo);
    row->addWidget(m_so);
    hide();
}

void BackStrip::refresh() {
    const Session& session = m_controller.session();
    const auto& back = session.goingBack;
    if (m_of == Of::Strainer) {
        const bool isThere = back && back->strainer && session.wires.begun &&
                             std::abs((session.wires.strainer - *back->strainer).value) < 1.0 / 32.0;
        setVisible(back && back->strainer && !isThere);
        if (isVisibleTo(parentWidget()))
            m_words->setText(tr("%1: turn the knob to %2 from first contact.")
                                 .arg(QString::fromStdString(back->to), turnsText(*back->strainer)));
        return;
    }
    setVisible(back && back->pads && *back->pads != session.pads);
    if (isVisibleTo(parentWidget()))
        m_words->setText(back->pads->empty()
                             ? tr("%1: nothing lay on the head.").arg(QString::fromStdString(back->to))
                             : tr("%1: %2.").arg(QString::fromStdString(back->to), padList(*back->pads)));
}

void BackStrip::makeSo() {
    const auto& back = m_controller.session().goingBack;
    if (!back)
        return;
    if (m_of == Of::Strainer && back->strainer)
        m_controller.perform(SetStrainer{*back->strainer});
    else if (m_of == Of::Pads && back->pads)
        m_controller.perform(LayPads{*back->pads});
}

} // namespace bombo
