#pragma once
#include "app/muffling/head_map.h"

#include <QString>
#include <QWidget>
#include <optional>

class QPainter;

namespace bombo {

struct PadPicture {
    Shell shell;
    int rods = 8;
    std::vector<Pad> pads;
    std::optional<int> selected;
    std::optional<Pad> dragged; ///< where the selected pad is being held
    bool draggedFits = true;
};

/// "2:30, 22 mm from the hoop".
QString padPlace(const Pad& pad, const Shell& shell);
QString padSummary(const PadPicture& picture);
void paintHeadFromAbove(QPainter& painter, const HeadMap& map, const PadPicture& picture);

/// Drag pads, or choose one with the number keys and nudge it with the arrows. Delete takes it off.
class HeadFromAbove : public QWidget {
    Q_OBJECT
public:
    explicit HeadFromAbove(QWidget* parent = nullptr);
    void show(const Shell& shell, int rods, const std::vector<Pad>& pads);
    HeadMap map() const;
    std::optional<int> selected() const { return m_picture.selected; }
    void select(std::optional<int> pad);
    QSize minimumSizeHint() const override { return {320, 320}; }

signals:
    void padMoved(int index, const bombo::Pad& pad);
    void padRemoved(int index);
    void headClicked(const bombo::Pad& at);
    void padSelected(std::optional<int> index);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    bool fits(const Pad& pad) const;
    PadPicture m_picture;
};

} // namespace bombo
