#include "app/card/card_picture.h"

#include "app/session/units_shown.h"
#include "app/session/wording.h"
#include "app/theme/head_ink.h"
#include "core/acoustics/film.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct CardPictureText {
    Q_DECLARE_TR_FUNCTIONS(CardPicture)
};

constexpr double kScale = 20.0; ///< cents either way on the line of taps

void paintHead(QPainter& painter, QPointF centre, double radius, const CardRow& row) {
    const Palette& p = ink();
    const HeadSide side = headOf(row.place);
    painter.setPen(QPen(headColour(side), 2.4, headLine(side)));
    painter.setBrush(p.card);
    painter.drawEllipse(centre, radius, radius);
    const QPointF spot = isMiddle(row.place) ? centre : centre - QPointF(0, 0.78 * radius);
    painter.setPen(Qt::NoPen);
    painter.setBrush(row.due ? p.accent : p.ink);
    painter.drawEllipse(spot, row.due ? 7.0 : 4.0, row.due ? 7.0 : 4.0);
    if (row.due) {
        painter.setPen(QPen(p.accent, 4, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(spot, spot + QPointF(0.75 * radius, 0.62 * radius));
    }
}

void paintTaps(QPainter& painter, const QRectF& line, const CardRow& row) {
    const Palette& p = ink();
    auto xOf = [&](double cents) {
        return line.center().x() + 0.5 * line.width() * std::clamp(cents / kScale, -1.0, 1.0);
    };
    const double y = line.center().y();
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.band);
    painter.drawRect(QRectF(QPointF(xOf(-kTapsAgree.value), y - 10), QPointF(xOf(kTapsAgree.value), y + 10)));
    painter.setPen(QPen(p.line, 1));
    painter.drawLine(QPointF(line.left(), y), QPointF(line.right(), y));
    painter.setFont(typeface(12));
    for (std::size_t i = 0; i < row.taps.size(); ++i) {
        const double x = xOf(row.taps[i].value);
        const bool out =
            std::find(row.outliers.begin(), row.outliers.end(), static_cast<int>(i)) != row.outliers.end();
        painter.setPen(QPen(out ? p.quiet : p.ink, out ? 1.5 : 3));
        painter.drawLine(QPointF(x, y - 9), QPointF(x, y + 9));
        if (out) { // crossed out: left out of the middle
            painter.drawLine(QPointF(x - 5, y - 5), QPointF(x + 5, y + 5));
            painter.drawLine(QPointF(x - 5, y + 5), QPointF(x + 5, y - 5));
        }
    }
    painter.setPen(p.quiet);
    painter.drawText(QRectF(line.left() - 30, y + 10, 60, 16), Qt::AlignCenter, centsText(Cents{-kScale}));
    painter.drawText(QRectF(line.right() - 34, y + 10, 68, 16), Qt::AlignCenter,
                     CardPictureText::tr("%1 cents").arg(centsText(Cents{kScale})));
}

} // namespace

CardPicture cardPicture(const PitchCard& card) {
    CardPicture picture;
    const auto due = nextPlace(card);
    for (std::size_t i = 0; i < kCardPlaces.size(); ++i) {
        CardRow& row = picture.rows[i];
        row.place = kCardPlaces[i];
        row.due = due == row.place;
        const auto settled = settledAt(card, row.place);
        if (!settled)
            continue;
        row.frequency = settled->middle.frequency;
        row.outliers = settled->outliers;
        for (const RodReading& tap : card.at(row.place))
            row.taps.push_back(centsBetween(*row.frequency, tap.frequency));
    }
    return picture;
}

QString placeWords(CardPlace place) {
    switch (place) {
    case CardPlace::BatterEdge:
        return CardPictureText::tr("Batter, near the hoop");
    case CardPlace::BatterMiddle:
        return CardPictureText::tr("Batter, in the middle");
    case CardPlace::SnareSideEdge:
        return CardPictureText::tr("Snare side, near the hoop");
    case CardPlace::SnareSideMiddle:
        return CardPictureText::tr("Snare side, in the middle");
    }
    return {};
}

QString placeHold(CardPlace place) {
    switch (place) {
    case CardPlace::BatterEdge:
        return CardPictureText::tr("30 mm in, snare side muted");
    case CardPlace::BatterMiddle:
        return CardPictureText::tr("both heads free");
    case CardPlace::SnareSideEdge:
        return CardPictureText::tr("turn the drum over; batter muted");
    case CardPlace::SnareSideMiddle:
        return CardPictureText::tr("both heads free");
    }
    return {};
}

QStringList cardSentences(const Drum& drum, const CardSays& says) {
    QStringList lines;
    auto load = [&](HeadSide side, Tension tension) {
        const QString percent = QString::number(std::lround(100.0 * filmLoad(drum.head(side), tension)));
        const QString text =
            CardPictureText::tr("The %1 carries %2 % of what its film can bear").arg(sideName(side), percent);
        return unitsShown().details ? CardPictureText::tr("%1, %2").arg(text, tensionText(tension)) : text;
    };
    if (says.batter)
        lines << load(HeadSide::Batter, *says.batter) + QLatin1Char('.');
    if (says.snareSide)
        lines << (says.snareSideInferred ? CardPictureText::tr("%1, as the two places of the batter imply.")
                                               .arg(load(HeadSide::SnareSide, *says.snareSide))
                                         : load(HeadSide::SnareSide, *says.snareSide) + QLatin1Char('.'));
    if (says.sidesApart) {
        const long apart = std::lround(std::abs(says.sidesApart->value));
        lines << (apart <= 10
                      ? CardPictureText::tr("Both middles agree to %1 cents: it is one tone.").arg(apart)
                      : CardPictureText::tr("The two middles lie %1 cents apart, though it is one tone: tap "
                                            "again, wires off "
                                            "and both heads free.")
                            .arg(apart));
    }
    if (says.centreOffModel) {
        const long off = std::lround(says.centreOffModel->value);
        lines << (std::abs(off) <= 60 ? CardPictureText::tr("The centre pitch fits the two edges (%1 cents).")
                                            .arg(centsText(*says.centreOffModel))
                                      : CardPictureText::tr("The centre pitch lies %1 cents from what the "
                                                            "two edges imply: is it the right drum, "
                                                            "and the "
                                                            "right heads?")
                                            .arg(centsText(*says.centreOffModel)));
    }
    return lines;
}

QString cardSummary(const CardPicture& picture) {
    QStringList lines;
    for (const CardRow& row : picture.rows) {
        QStringList parts{
            row.frequency
                ? CardPictureText::tr("%1, taps %2").arg(pitchText(*row.frequency)).arg(row.taps.size())
                : CardPictureText::tr("not heard")};
        if (!row.outliers.empty())
            parts << CardPictureText::tr("left out %1").arg(row.outliers.size());
        if (row.due)
            parts << CardPictureText::tr("tap it now");
        lines << CardPictureText::tr("%1: %2").arg(placeWords(row.place), parts.join(QStringLiteral(", ")));
    }
    return lines.join(QStringLiteral(". ")) + QLatin1Char('.');
}

void paintCardPicture(QPainter& painter, const QRectF& area, const CardPicture& picture) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const double height = area.height() / static_cast<double>(picture.rows.size());
    double y = area.top();
    for (const CardRow& row : picture.rows) {
        const QRectF strip(area.left(), y, area.width(), height);
        if (row.due) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(p.accentSoft);
            painter.drawRoundedRect(strip.adjusted(0, 3, 0, -3), 4, 4);
        }
        const double radius = 0.34 * height;
        paintHead(painter, QPointF(strip.left() + radius + 14, strip.center().y()), radius, row);
        const double x = strip.left() + 2.0 * radius + 34;
        painter.setPen(p.ink);
        painter.setFont(typeface(16, row.due ? QFont::Bold : QFont::DemiBold));
        painter.drawText(QRectF(x, strip.center().y() - 22, 252, 22), Qt::AlignLeft | Qt::AlignVCenter,
                         placeWords(row.place));
        painter.setPen(p.quiet);
        painter.setFont(typeface(13));
        painter.drawText(QRectF(x, strip.center().y() + 2, 252, 20), Qt::AlignLeft | Qt::AlignVCenter,
                         placeHold(row.place));
        const QRectF figure(x + 258, strip.top(), 190, height);
        painter.setPen(row.frequency ? p.ink : p.quiet);
        painter.setFont(typeface(row.frequency ? 22 : 15, row.frequency ? QFont::Bold : QFont::Normal));
        if (row.frequency) {
            painter.drawText(figure.adjusted(0, 0, 0, -20), Qt::AlignLeft | Qt::AlignVCenter,
                             hertzText(*row.frequency));
            painter.setFont(typeface(14));
            painter.setPen(p.quiet);
            painter.drawText(figure.adjusted(0, 30, 0, 0), Qt::AlignLeft | Qt::AlignVCenter,
                             noteWords(*row.frequency));
        } else {
            painter.drawText(figure, Qt::AlignLeft | Qt::AlignVCenter, CardPictureText::tr("not heard"));
        }
        paintTaps(
            painter,
            QRectF(figure.right() + 20, strip.center().y() - 20, strip.right() - figure.right() - 70, 26),
            row);
        y += height;
    }
}

} // namespace bombo
