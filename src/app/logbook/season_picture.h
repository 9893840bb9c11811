#pragma once
/// A drum's life as one picture over time: both heads as they drifted and as they were tuned, what was
/// wanted, how uneven they were left, new heads and wires, the weather.
#include "core/log/what_moved.h"

#include <QRectF>
#include <QString>
#include <array>

class QPainter;

namespace bombo {

struct SeasonPicture {
    /// Something new was put on.
    struct Flag {
        std::int64_t at = 0;
        QString text;
    };
    std::vector<Entry> entries; ///< of one drum, the oldest first
    std::vector<QString> tones; ///< of each entry
    std::vector<Flag> flags;
    std::int64_t now = 0;
    std::array<std::optional<Expected>, 2> expected; ///< now: batter, snare side
    int chosen = -1;                                 ///< index of an entry
    int hovered = -1;
    std::int64_t from = 0; ///< what is in view
    std::int64_t to = 0;
};

/// All of it in view. @param tones names by entry
SeasonPicture seasonPicture(std::vector<Entry> entries, std::vector<QString> tones, std::int64_t now);
/// "21 Nov 2026: Chase, four stars, 300.9 Hz over 402.4 Hz, even within 2 cents, 18 °C".
QString entryLine(const Entry& entry, const QString& tone);
QString seasonSummary(const SeasonPicture& picture);

/// Where things lie in an area.
struct SeasonLayout {
    SeasonLayout(const QRectF& area, const SeasonPicture& picture);
    double xOf(std::int64_t at) const;
    std::int64_t timeAt(double x) const;
    /// The entry nearest to a place; -1 where none is near.
    int entryAt(double x) const;

    const SeasonPicture& picture;
    QRectF caption;   ///< the entry that is looked at
    QRectF field;     ///< all that goes over time
    QRectF snareSide; ///< bands, from the top
    QRectF batter;
    QRectF uneven;
    QRectF weather;
    QRectF marks; ///< of the entries, and dates
};

void paintSeason(QPainter& painter, const QRectF& area, const SeasonPicture& picture);

} // namespace bombo
