#pragma once
/// The drum cut through, at true proportions, each figure where it lives.
#include "core/record/session.h"

#include <QRectF>
#include <QString>
#include <QWidget>

class QPainter;

namespace bombo {

struct CutawayHead {
    Hertz wanted;
    std::optional<Hertz> now; ///< last measured mean
    double filmLoad = 0;
    bool capped = false; ///< the film's limit stood in the way of the wish
};

struct CutawayPicture {
    Shell shell;
    CutawayHead batter;
    CutawayHead snareSide;
    Hertz centre; ///< lowest mode, both heads open
    double edgeOverCentre = 1;
    int strands = 0;
    std::optional<Turns> strainer;
};

CutawayPicture cutawayPicture(const Session& session, const Targets& targets);
QString cutawaySummary(const CutawayPicture& picture);

/// Drum lengths to pixels: the shell sits in the left part, figures stand to its right.
class CutawayMap {
public:
    CutawayMap(QRectF area, const Shell& shell);
    QRectF shell() const { return m_shell; } ///< outline between the heads
    double figuresX() const { return m_figuresX; }
    QRectF area() const { return m_area; }

private:
    QRectF m_area;
    QRectF m_shell;
    double m_figuresX;
};

void paintCutaway(QPainter& painter, const CutawayMap& map, const CutawayPicture& picture);

class CutawayView : public QWidget {
    Q_OBJECT
public:
    explicit CutawayView(QWidget* parent = nullptr);
    void show(const std::optional<CutawayPicture>& picture);
    QSize minimumSizeHint() const override { return {480, 276}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<CutawayPicture> m_picture;
};

} // namespace bombo
