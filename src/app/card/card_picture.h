#pragma once
/// The pitch card drawn: four places on the two heads, what each said, where the next tap goes.
#include "core/record/session.h"

#include <QRectF>
#include <QString>

class QPainter;

namespace bombo {

struct CardRow {
    CardPlace place = CardPlace::BatterEdge;
    bool due = false;
    std::vector<Cents> taps;        ///< each against the middle of its place
    std::vector<int> outliers;      ///< 0-based
    std::optional<Hertz> frequency; ///< their middle
};
struct CardPicture {
    std::array<CardRow, 4> rows;
};

CardPicture cardPicture(const PitchCard& card);
/// "batter, near the hoop": where a place is.
QString placeWords(CardPlace place);
/// "snare side muted by a palm": what else holds there.
QString placeHold(CardPlace place);
/// What the places say together, a sentence each.
QStringList cardSentences(const Drum& drum, const CardSays& says);
/// The same card in words.
QString cardSummary(const CardPicture& picture);

/// One row a place: the head seen from above with the spot to tap, the figure, and its taps as ticks on a
/// line of
/// +- 20 cents.
void paintCardPicture(QPainter& painter, const QRectF& area, const CardPicture& picture);

} // namespace bombo
