#pragma once
/// The other instruments' partials and the drum's own modes on one line of pitch, and where they meet.
#include "app/theme/scale.h"

#include "core/record/reckoned.h"
#include "core/record/session.h"

#include <QRectF>
#include <QWidget>
#include <cmath>

class QPainter;

namespace bombo {

struct OwnTone {
    int m = 0;
    int order = 1;
    Hertz frequency;
    bool isSnareSide = false; ///< it has most of the movement
};

struct BuzzPicture {
    std::vector<Neighbour> neighbours;
    std::vector<OwnTone> own;       ///< ascending
    std::vector<Meeting> strongest; ///< at most kMeetingsShown, the strongest first
    double total = 0;               ///< energy of all meetings
};
inline constexpr std::size_t kMeetingsShown = 5;

BuzzPicture buzzPicture(const Drum& drum, const DrumState& state, const std::vector<Neighbour>& neighbours);
BuzzPicture buzzPicture(const Reckoned& reckoned);
/// "floor tom 180 Hz on (0,2) 362 Hz".
QString meetingText(const Meeting& meeting, const BuzzPicture& picture);
QString buzzSummary(const BuzzPicture& picture);
/// By how much a meeting lies under the strongest, dB, >= 0.
double under(const Meeting& meeting, const BuzzPicture& picture);

class BuzzMap {
public:
    BuzzMap(QRectF area, int rows) : m_area(area), m_rows(std::max(1, rows)) {}
    static constexpr double kLowest = 40.0;
    static constexpr double kHighest = 1000.0;
    QRectF area() const { return m_area; }
    QRectF field() const { return m_area.adjusted(112, 30, -20, -124); }
    double xOf(Hertz pitch) const {
        const double share = std::log(pitch.value / kLowest) / std::log(kHighest / kLowest);
        return field().left() + field().width() * share;
    }
    /// Of a neighbour; the drum's own row is below all of them.
    double rowOf(int neighbour) const {
        return field().top() + 0.62 * field().height() * (neighbour + 0.5) / m_rows;
    }
    double ownRow() const { return field().top() + 0.86 * field().height(); }

private:
    QRectF m_area;
    int m_rows;
};

void paintBuzz(QPainter& painter, const BuzzMap& map, const BuzzPicture& picture);

class BuzzView : public QWidget {
    Q_OBJECT
public:
    explicit BuzzView(QWidget* parent = nullptr);
    void show(const BuzzPicture& picture);
    QSize minimumSizeHint() const override { return scaled(QSize(400, 290)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    BuzzPicture m_picture;
};

} // namespace bombo
