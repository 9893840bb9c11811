#pragma once
#include "app/muffling/head_map.h"
#include "app/theme/scale.h"

#include <QPainterPath>
#include <QString>
#include <QWidget>
#include <optional>

class QPainter;

namespace bombo {

struct PadPicture {
    Shell shell;
    int rods = 8;
    std::optional<int> markedRod; ///< beside the badge or a strip of tape
    std::vector<Pad> pads;
    std::optional<MicrophonePlace> microphone;
    std::optional<int> selected;
    bool microphoneSelected = false;
    std::optional<Pad> dragged; ///< where the selected pad is being held
    bool draggedFits = true;
};

PadPicture padPicture(const Drum& drum, const std::vector<Pad>& pads,
                      const std::optional<MicrophonePlace>& microphone);
/// "half past 4", as on a clock laid on the head.
QString clockWords(Radians angle);
/// "2 o'clock, 22 mm from the hoop".
QString padPlace(const Pad& pad, const Shell& shell);
/// "half past 4, 30 mm inside the hoop, 50 mm high".
QString microphonePlace(const MicrophonePlace& place, const Shell& shell);
QString padSummary(const PadPicture& picture);
/// What a thing covers on the picture.
QPainterPath padOutline(const HeadMap& map, const Pad& pad);
void paintHeadFromAbove(QPainter& painter, const HeadMap& map, const PadPicture& picture);

/// Drag things, or choose one with the number keys (M: the microphone) and nudge it with the arrows; Page up
/// and down for the microphone's height. Delete takes a thing off.
class HeadFromAbove : public QWidget {
    Q_OBJECT
public:
    explicit HeadFromAbove(QWidget* parent = nullptr);
    void show(const Drum& drum, const std::vector<Pad>& pads,
              const std::optional<MicrophonePlace>& microphone);
    HeadMap map() const;
    std::optional<int> selected() const { return m_picture.selected; }
    bool isMicrophoneSelected() const { return m_picture.microphoneSelected; }
    void select(std::optional<int> pad);
    void selectMicrophone();
    QSize minimumSizeHint() const override { return scaled(QSize(320, 260)); }

signals:
    void padMoved(int index, const bombo::Pad& pad);
    void padRemoved(int index);
    void headClicked(const bombo::Pad& at);
    void microphoneMoved(const bombo::MicrophonePlace& place);
    void padSelected(std::optional<int> index);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    bool fits(const Pad& pad) const;
    bool nudgePad(int key);
    bool nudgeMicrophone(int key);
    QPointF microphonePixel() const;
    PadPicture m_picture;
    bool m_microphoneHeld = false;
};

} // namespace bombo
