#include "app/tone/cutaway_view.h"

#include "app/theme/movement.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>
#include <numbers>

namespace bombo {
namespace {

constexpr int kFrameMilliseconds = 33;
constexpr double kPhasePerFrame = 0.13; // a swing in about 1.6 s

} // namespace

CutawayView::CutawayView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Drum, cut through"));
    setObjectName(QStringLiteral("cutaway"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(10, 8, 8, 8);
    column->addStretch();
    auto* row = new QHBoxLayout;
    row->setSpacing(3);
    const std::pair<QString, const char*> names[]{{tr("Still"), "motionStill"},
                                                  {tr("Together"), "motionTogether"},
                                                  {tr("Against"), "motionAgainst"},
                                                  {tr("Edge"), "motionEdge"}};
    const QStringList meanings{tr("Heads at rest"), tr("Both heads move together: the centre pitch"),
                               tr("The heads move against each other and press the air"),
                               tr("The edge pitch: one half up, the other down")};
    for (const auto& [name, objectName] : names) {
        QPushButton* button = secondaryButton(name);
        button->setCheckable(true);
        button->setProperty("small", true);
        button->setObjectName(QLatin1String(objectName));
        const int index = static_cast<int>(m_buttons.size());
        button->setToolTip(meanings[index]);
        button->setAccessibleName(meanings[index]);
        connect(button, &QPushButton::clicked, this, [this, index] {
            setMotion(index == 0 ? std::nullopt
                                 : std::optional(kMotions[static_cast<std::size_t>(index - 1)]));
        });
        m_buttons.push_back(button);
        row->addWidget(button);
    }
    m_buttons.front()->setChecked(true);
    row->addStretch();
    column->addLayout(row);
    m_timer.setInterval(kFrameMilliseconds);
    connect(&m_timer, &QTimer::timeout, this, [this] {
        m_moment.phase += kPhasePerFrame;
        update();
    });
}

void CutawayView::show(const std::optional<CutawayPicture>& picture) {
    m_picture = picture;
    describe(this, picture ? cutawaySummary(*picture) : QString());
    for (QAbstractButton* button : m_buttons)
        button->setEnabled(picture.has_value());
    update();
}

void CutawayView::setMotion(std::optional<MotionKind> motion) {
    // Begins bent, so that the shape is seen at once, and stays so where nothing may move.
    m_moment = {motion, picturesMove() ? 1.2 : 0.5 * std::numbers::pi};
    const std::size_t chosen = motion ? static_cast<std::size_t>(*motion) + 1 : 0;
    for (std::size_t i = 0; i < m_buttons.size(); ++i)
        m_buttons[i]->setChecked(i == chosen);
    if (motion && picturesMove())
        m_timer.start();
    else
        m_timer.stop();
    update();
}

void CutawayView::hideEvent(QHideEvent*) {
    setMotion(std::nullopt); // nothing moves unseen
}

void CutawayView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    const QRectF frame = drawnRect(*this).adjusted(1, 1, -1, -1);
    paintCard(painter, *this);
    if (m_picture)
        paintCutaway(painter, CutawayMap(frame, m_picture->shell), *m_picture, m_moment);
}

} // namespace bombo
