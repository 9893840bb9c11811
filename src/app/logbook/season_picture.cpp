#include "app/logbook/season_picture.h"

#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/head_ink.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct SeasonText {
    Q_DECLARE_TR_FUNCTIONS(SeasonPicture)
};

constexpr double kLeft = 72.0;    // of the scales
constexpr double kRight = 18.0;   // beside the last entry
constexpr double kNear = 14.0;    // a pointer this near means an entry
constexpr double kSpareDay = 1.0; // of time in view beside the first and last
constexpr double kPause = 42.0;   // days without an entry that part one season from another
constexpr std::size_t kFewestInView = 4;
constexpr Cents kWantedWithin{8.0};

std::optional<double> leftOf(const Entry& entry, HeadSide side) {
    const auto& left = entry.figures.head(side).left;
    return left ? std::optional(left->edge.value) : std::nullopt;
}

/// Pitches up and down in one band, by the logarithm.
class PitchScale {
public:
    PitchScale(const QRectF& band, const SeasonPicture& picture, HeadSide side) : m_band(band) {
        double low = 1e9;
        double high = 0.0;
        const auto reach = [&](std::optional<double> hertz) {
            if (!hertz)
                return;
            low = std::min(low, *hertz);
            high = std::max(high, *hertz);
        };
        for (const Entry& entry : picture.entries) {
            reach(leftOf(entry, side));
            const HeadFigures& head = entry.figures.head(side);
            if (head.wanted)
                reach(head.wanted->value);
            if (head.found)
                reach(head.found->edge.value);
        }
        if (high <= 0.0)
            return;
        m_isEmpty = false;
        const double spread = std::max(1.03, high / low);
        m_low = low / std::pow(spread, 0.08);
        m_high = high * std::pow(spread, 0.08);
        if (high / low < 1.03) {
            m_low = low / 1.015;
            m_high = high * 1.015;
        }
    }
    bool isEmpty() const { return m_isEmpty; }
    double yOf(double hertz) const {
        return m_band.bottom() - m_band.height() * std::log(hertz / m_low) / std::log(m_high / m_low);
    }
    /// Round figures, as many as can be read one above the other.
    std::vector<double> ticks() const {
        std::vector<double> found;
        const double most = std::clamp(m_band.height() / 20.0, 1.0, 4.0);
        for (const double step : {2.0, 5.0, 10.0, 20.0, 25.0, 50.0, 100.0}) {
            found.clear();
            for (double at = std::ceil(m_low / step) * step; at < m_high; at += step)
                if (yOf(at) > m_band.top() + 4.0 && yOf(at) < m_band.bottom() - 6.0) // clear of the names
                    found.push_back(at);
            if (static_cast<double>(found.size()) <= most)
                break;
        }
        return found;
    }

private:
    QRectF m_band;
    double m_low = 1.0;
    double m_high = 2.0;
    bool m_isEmpty = true;
};

QString dateText(std::int64_t at, const QString& form) {
    return QLocale().toString(QDateTime::fromSecsSinceEpoch(at), form);
}

/// A pitch against time: what was wanted behind it, each drift a line, each tuning a step.
class HeadPainter {
public:
    HeadPainter(QPainter& painter, const SeasonLayout& layout, const QRectF& band, HeadSide side)
        : m_painter(painter), m_layout(layout), m_band(band), m_side(side),
          m_scale(band, layout.picture, side) {}

    void paint() {
        if (m_scale.isEmpty())
            return;
        ticks();
        m_painter.save();
        m_painter.setClipRect(m_layout.field);
        wanted();
        lines();
        points();
        m_painter.restore();
        name();
    }

private:
    void ticks() {
        m_painter.setFont(typeface(13));
        for (const double hertz : m_scale.ticks()) {
            const double y = m_scale.yOf(hertz);
            m_painter.setPen(QPen(ink().line, 1, Qt::DotLine));
            m_painter.drawLine(QPointF(m_layout.field.left(), y), QPointF(m_layout.field.right(), y));
            m_painter.setPen(ink().quiet);
            m_painter.drawText(QRectF(m_layout.field.left() - 66, y - 9, 58, 18),
                               Qt::AlignRight | Qt::AlignVCenter,
                               SeasonText::tr("%1 Hz").arg(number(hertz, 0)));
        }
    }

    void wanted() {
        const auto& entries = m_layout.picture.entries;
        for (std::size_t i = 0; i < entries.size(); ++i) {
            const auto& asked = entries[i].figures.head(m_side).wanted;
            if (!asked)
                continue;
            const double from = m_layout.xOf(entries[i].at);
            const double to =
                i + 1 < entries.size() ? m_layout.xOf(entries[i + 1].at) : m_layout.xOf(m_layout.picture.now);
            const double high = m_scale.yOf(moved(*asked, kWantedWithin).value);
            const double low = m_scale.yOf(moved(*asked, -kWantedWithin).value);
            const double height = std::max(6.0, low - high);
            m_painter.fillRect(
                QRectF(from, 0.5 * (high + low) - 0.5 * height, std::min(to - from, 90.0), height),
                ink().band);
        }
    }

    void lines() {
        const auto& entries = m_layout.picture.entries;
        const QPen drift(headColour(m_side), 2.2, headLine(m_side));
        const QPen tuned(headColour(m_side), 1.0);
        const Entry* before = nullptr;
        for (const Entry& entry : entries) {
            const HeadFigures& head = entry.figures.head(m_side);
            const double x = m_layout.xOf(entry.at);
            const bool isSameHead =
                before != nullptr && before->figures.head(m_side).fittedAt == head.fittedAt;
            if (head.found && isSameHead && leftOf(*before, m_side)) {
                m_painter.setPen(drift);
                m_painter.drawLine(QPointF(m_layout.xOf(before->at), m_scale.yOf(*leftOf(*before, m_side))),
                                   QPointF(x, m_scale.yOf(head.found->edge.value)));
            }
            if (head.found && head.left) { // hands with a key
                m_painter.setPen(tuned);
                m_painter.drawLine(QPointF(x, m_scale.yOf(head.found->edge.value)),
                                   QPointF(x, m_scale.yOf(head.left->edge.value)));
            } else if (!head.found && isSameHead && head.left && leftOf(*before, m_side)) {
                m_painter.setPen(QPen(ink().line, 1.4, headLine(m_side)));
                m_painter.drawLine(QPointF(m_layout.xOf(before->at), m_scale.yOf(*leftOf(*before, m_side))),
                                   QPointF(x, m_scale.yOf(head.left->edge.value)));
            }
            if (head.left)
                before = &entry;
        }
        if (before != nullptr)
            today(*before);
    }

    /// Where it should be by now, and how sure that is.
    void today(const Entry& last) {
        const auto& expected = m_layout.picture.expected[m_side == HeadSide::Batter ? 0 : 1];
        if (!expected)
            return;
        const QPointF from(m_layout.xOf(last.at), m_scale.yOf(*leftOf(last, m_side)));
        const double x = m_layout.xOf(m_layout.picture.now);
        const auto at = [&](double errors) {
            return QPointF(x, m_scale.yOf(moved(expected->edge, expected->error * errors).value));
        };
        QColor soft = headColour(m_side);
        soft.setAlpha(50);
        m_painter.setPen(Qt::NoPen);
        m_painter.setBrush(soft);
        m_painter.drawPolygon(QPolygonF({from, at(1.0), at(-1.0)}));
        m_painter.setPen(QPen(headColour(m_side), 1.4, Qt::DotLine));
        m_painter.drawLine(from, at(0.0));
        m_painter.drawLine(at(1.0), at(-1.0));
    }

    void points() {
        const auto& picture = m_layout.picture;
        for (std::size_t i = 0; i < picture.entries.size(); ++i) {
            const HeadFigures& head = picture.entries[i].figures.head(m_side);
            const double x = m_layout.xOf(picture.entries[i].at);
            const bool isLooked =
                static_cast<int>(i) == picture.chosen || static_cast<int>(i) == picture.hovered;
            if (head.found) {
                m_painter.setPen(QPen(headColour(m_side), 1.5));
                m_painter.setBrush(ink().card);
                m_painter.drawEllipse(QPointF(x, m_scale.yOf(head.found->edge.value)), 3, 3);
            }
            if (!head.left)
                continue;
            m_painter.setPen(
                QPen(static_cast<int>(i) == picture.chosen ? ink().accent : headColour(m_side), 2));
            m_painter.setBrush(
                isLooked ? (static_cast<int>(i) == picture.chosen ? ink().accent : headColour(m_side))
                         : headColour(m_side));
            const double radius = isLooked ? 7.0 : 4.5;
            m_painter.drawEllipse(QPointF(x, m_scale.yOf(head.left->edge.value)), radius, radius);
        }
    }

    void name() {
        const QString name =
            m_side == HeadSide::Batter ? SeasonText::tr("batter") : SeasonText::tr("snare side");
        const QRectF place(m_layout.field.left() - kLeft - 8, m_band.top() - 20, kLeft + 2, 16);
        m_painter.setFont(typefaceFor(name, place.width(), 13, QFont::DemiBold));
        m_painter.setPen(headColour(m_side));
        m_painter.drawText(place, Qt::AlignRight | Qt::AlignVCenter, name);
    }

    QPainter& m_painter;
    const SeasonLayout& m_layout;
    QRectF m_band;
    HeadSide m_side;
    PitchScale m_scale;
};

/// How far the rods of the batter were apart when it was left: a bar each.
void paintUneven(QPainter& painter, const SeasonLayout& layout) {
    constexpr double most = 20.0; // cents
    const QRectF& band = layout.uneven;
    painter.setFont(typeface(12));
    painter.setPen(ink().quiet);
    painter.drawText(QRectF(band.left() - 66, band.top(), 58, band.height()),
                     Qt::AlignRight | Qt::AlignVCenter, SeasonText::tr("uneven"));
    painter.setPen(QPen(ink().line, 1));
    painter.drawLine(band.bottomLeft(), band.bottomRight());
    painter.save();
    painter.setClipRect(layout.field);
    for (const Entry& entry : layout.picture.entries) {
        const auto& even = entry.figures.batter.evenTo;
        if (!even)
            continue;
        const double height = band.height() * std::min(1.0, even->value / most);
        painter.fillRect(QRectF(layout.xOf(entry.at) - 2.5, band.bottom() - height, 5, height),
                         even->value > kWantedWithin.value ? ink().accent : ink().batter);
    }
    painter.restore();
}

void paintWeather(QPainter& painter, const SeasonLayout& layout) {
    const QRectF& band = layout.weather;
    painter.fillRect(band, ink().rail);
    std::vector<const Entry*> known;
    double low = 100.0;
    double high = -100.0;
    for (const Entry& entry : layout.picture.entries)
        if (entry.figures.weather.temperature) {
            known.push_back(&entry);
            low = std::min(low, entry.figures.weather.temperature->value);
            high = std::max(high, entry.figures.weather.temperature->value);
        }
    painter.setFont(typeface(12));
    painter.setPen(ink().quiet);
    if (known.empty()) {
        painter.drawText(band.adjusted(8, 0, -8, 0), Qt::AlignVCenter | Qt::AlignLeft,
                         SeasonText::tr("The weather was never entered."));
        return;
    }
    const double middle = 0.5 * (low + high);
    const double half = std::max(4.0, 0.5 * (high - low) + 1.0);
    const auto yOf = [&](double celsius) {
        return band.center().y() - 0.42 * band.height() * (celsius - middle) / half;
    };
    for (const double celsius : {low, high}) {
        painter.drawText(QRectF(band.left() - 66, yOf(celsius) - 8, 58, 16),
                         Qt::AlignRight | Qt::AlignVCenter, SeasonText::tr("%1 °C").arg(number(celsius, 0)));
        if (high - low < 3.0)
            break;
    }
    painter.save();
    painter.setClipRect(layout.field);
    QPolygonF line;
    for (const Entry* entry : known)
        line << QPointF(layout.xOf(entry->at), yOf(entry->figures.weather.temperature->value));
    painter.setPen(QPen(ink().quiet, 1.6));
    painter.drawPolyline(line);
    painter.restore();
}

/// Dates below: the first of a month, or days where few are in view.
void paintDates(QPainter& painter, const SeasonLayout& layout) {
    const SeasonPicture& picture = layout.picture;
    const double days = static_cast<double>(picture.to - picture.from) / kSecondsADay;
    painter.setFont(typeface(13));
    QDate date = QDateTime::fromSecsSinceEpoch(picture.from).date().addDays(1);
    const bool byMonth = days > 75.0;
    double free = layout.marks.left() - 20.0;
    const double today = layout.xOf(picture.now);
    const double y = layout.marks.bottom() - 18;
    const auto caption = [&](double x, const QString& text) {
        const double width = painter.fontMetrics().horizontalAdvance(text) + 12.0;
        if (x - 0.5 * width < free || x + 0.5 * width > layout.marks.right() + 14.0)
            return;
        painter.drawText(QRectF(x - 0.5 * width, y, width, 18), Qt::AlignCenter, text);
        free = x + 0.5 * width;
    };
    painter.setPen(ink().quiet);
    for (; date.startOfDay().toSecsSinceEpoch() < picture.to; date = date.addDays(1)) {
        const bool isTick = byMonth ? date.day() == 1 : days > 16.0 ? date.dayOfWeek() == 1 : true;
        const double x = layout.xOf(date.startOfDay().toSecsSinceEpoch());
        if (!isTick || x > today - 46.0)
            continue;
        const bool withYear = byMonth && date.month() == 1;
        painter.setPen(QPen(ink().line, 1));
        painter.drawLine(QPointF(x, layout.weather.bottom()), QPointF(x, layout.weather.bottom() + 5));
        painter.setPen(ink().quiet);
        caption(x, QLocale().toString(date, withYear  ? QStringLiteral("d MMM yyyy")
                                            : byMonth ? QStringLiteral("d MMM")
                                                      : QStringLiteral("ddd d MMM")));
    }
    if (today <= layout.marks.right() + 2.0)
        painter.drawText(QRectF(today - 70, y, 88, 18), Qt::AlignRight | Qt::AlignVCenter,
                         SeasonText::tr("today"));
}

void paintMarks(QPainter& painter, const SeasonLayout& layout) {
    const SeasonPicture& picture = layout.picture;
    painter.save();
    painter.setClipRect(layout.field.united(layout.marks));
    for (std::size_t i = 0; i < picture.entries.size(); ++i) {
        const double x = layout.xOf(picture.entries[i].at);
        const double y = layout.weather.bottom() + 12.0;
        const bool isChosen = static_cast<int>(i) == picture.chosen;
        const EntryWords& words = picture.entries[i].figures.words;
        painter.setPen(Qt::NoPen);
        painter.setBrush(isChosen ? ink().accent : ink().ink);
        QPainterPath mark;
        if (words.isPinned) {
            mark.addRect(QRectF(x - 4, y - 5, 8, 9)); // a pin with its head
            mark.addRect(QRectF(x - 1, y + 4, 2, 4));
        } else {
            mark.moveTo(x, y - 5);
            mark.lineTo(x + 5, y + 4);
            mark.lineTo(x - 5, y + 4);
            mark.closeSubpath();
        }
        painter.drawPath(mark);
    }
    painter.restore();
}

void paintFlags(QPainter& painter, const SeasonLayout& layout) {
    painter.save();
    painter.setClipRect(layout.field.adjusted(0, -4, 0, 0));
    painter.setFont(typeface(12, QFont::DemiBold));
    double free = -1e9;
    int row = 0;
    for (const SeasonPicture::Flag& flag : layout.picture.flags) {
        const double x = layout.xOf(flag.at);
        if (x < layout.field.left() || x > layout.field.right())
            continue;
        const double width = painter.fontMetrics().horizontalAdvance(flag.text) + 18.0;
        const bool isLeft = x + width > layout.field.right();
        const double left = isLeft ? x - width : x;
        row = left < free ? row + 1 : 0; // beside the one before, or below it
        const QRectF cloth(left, layout.field.top() + 24.0 * row, width, 20);
        painter.setPen(QPen(ink().ink, 1.4));
        painter.drawLine(QPointF(x, cloth.top()), QPointF(x, layout.weather.top()));
        painter.setPen(Qt::NoPen);
        painter.setBrush(ink().ink);
        const double tip = isLeft ? cloth.left() : cloth.right();
        const double notch = isLeft ? 6.0 : -6.0;
        painter.drawPolygon(QPolygonF({QPointF(x, cloth.top()), QPointF(tip, cloth.top()),
                                       QPointF(tip + notch, cloth.center().y()), QPointF(tip, cloth.bottom()),
                                       QPointF(x, cloth.bottom())}));
        painter.setPen(ink().card);
        painter.drawText(cloth.adjusted(isLeft ? 10 : 6, 0, isLeft ? -4 : -8, 0),
                         Qt::AlignVCenter | Qt::AlignLeft, flag.text);
        free = left + width + 6.0;
    }
    painter.restore();
}

} // namespace

SeasonPicture seasonPicture(std::vector<Entry> entries, std::vector<QString> tones, std::int64_t now) {
    SeasonPicture picture;
    picture.entries = std::move(entries);
    picture.tones = std::move(tones);
    picture.now = now;
    picture.chosen = static_cast<int>(picture.entries.size()) - 1;
    if (picture.entries.empty())
        return picture;
    const Entry* before = nullptr;
    for (const Entry& entry : picture.entries) {
        const auto flag = [&](std::int64_t was, std::int64_t is, const QString& text) {
            if (before != nullptr && is > 0 && is != was && is > before->at && is <= entry.at)
                picture.flags.push_back({is, text});
        };
        if (before != nullptr) {
            flag(before->figures.batter.fittedAt, entry.figures.batter.fittedAt,
                 SeasonText::tr("new batter head"));
            flag(before->figures.snareSide.fittedAt, entry.figures.snareSide.fittedAt,
                 SeasonText::tr("new snare-side head"));
            flag(before->figures.wiresFittedAt, entry.figures.wiresFittedAt, SeasonText::tr("new wires"));
        }
        before = &entry;
    }
    const auto spare = static_cast<std::int64_t>(kSpareDay * kSecondsADay);
    // What lies behind a long pause is there for whoever goes further back.
    std::int64_t first = picture.entries.front().at;
    for (std::size_t i = 1; i < picture.entries.size(); ++i)
        if (static_cast<double>(picture.entries[i].at - picture.entries[i - 1].at) > kPause * kSecondsADay &&
            picture.entries.size() - i >= kFewestInView)
            first = picture.entries[i].at;
    picture.from = first - spare;
    picture.to = std::max(picture.entries.back().at, now) + spare;
    return picture;
}

QString entryLine(const Entry& entry, const QString& tone) {
    const EntryFigures& figures = entry.figures;
    QStringList parts;
    if (figures.words.stars > 0)
        parts << QString(figures.words.stars, QChar(0x2605));
    if (figures.batter.left && figures.snareSide.left)
        parts << SeasonText::tr("%1 over %2")
                     .arg(hertzText(figures.batter.left->edge), hertzText(figures.snareSide.left->edge));
    if (figures.batter.evenTo)
        parts << SeasonText::tr("even within %1 cents").arg(number(figures.batter.evenTo->value, 0));
    if (figures.strainer)
        parts << SeasonText::tr("wires %1").arg(turnsFigure(*figures.strainer));
    if (figures.weather.temperature)
        parts << SeasonText::tr("%1 °C").arg(number(figures.weather.temperature->value, 0));
    const QString place = QString::fromStdString(figures.words.place);
    if (!place.isEmpty())
        parts << place;
    return SeasonText::tr("%1, %2: %3")
        .arg(dateText(entry.at, QStringLiteral("d MMM yyyy")), tone)
        .arg(parts.join(QStringLiteral(",  ")));
}

QString seasonSummary(const SeasonPicture& picture) {
    if (picture.entries.empty())
        return SeasonText::tr("Nothing saved yet.");
    QString summary =
        SeasonText::tr("%n entries, from %1 on.", nullptr, static_cast<int>(picture.entries.size()))
            .arg(dateText(picture.entries.front().at, QStringLiteral("d MMM yyyy")));
    for (const SeasonPicture::Flag& flag : picture.flags)
        summary += QLatin1Char(' ') +
                   SeasonText::tr("%1: %2.").arg(dateText(flag.at, QStringLiteral("d MMM")), flag.text);
    if (picture.chosen >= 0) {
        const auto at = static_cast<std::size_t>(picture.chosen);
        summary += QLatin1Char(' ') +
                   SeasonText::tr("In hand: %1.").arg(entryLine(picture.entries[at], picture.tones[at]));
    }
    return summary;
}

SeasonLayout::SeasonLayout(const QRectF& area, const SeasonPicture& shown) : picture(shown) {
    const QRectF inner = area.adjusted(14, 8, -14, -8);
    caption = QRectF(inner.left(), inner.top(), inner.width(), 22);
    field = QRectF(inner.left() + kLeft, caption.bottom() + 6, inner.width() - kLeft - kRight,
                   inner.height() - 28 - 40);
    marks = QRectF(field.left(), field.bottom(), field.width(), 40);
    const double weatherHigh = std::clamp(0.16 * field.height(), 26.0, 54.0);
    weather = QRectF(field.left(), field.bottom() - weatherHigh, field.width(), weatherHigh);
    const double unevenHigh = std::clamp(0.09 * field.height(), 16.0, 30.0);
    uneven = QRectF(field.left(), weather.top() - 6 - unevenHigh, field.width(), unevenHigh);
    const double rest = uneven.top() - 8 - field.top() - 40;
    snareSide = QRectF(field.left(), field.top() + 18, field.width(), 0.46 * rest);
    batter = QRectF(field.left(), snareSide.bottom() + 22, field.width(), 0.54 * rest);
}

double SeasonLayout::xOf(std::int64_t at) const {
    const double span = std::max(1.0, static_cast<double>(picture.to - picture.from));
    return field.left() + field.width() * static_cast<double>(at - picture.from) / span;
}

std::int64_t SeasonLayout::timeAt(double x) const {
    const double share = (x - field.left()) / std::max(1.0, field.width());
    return picture.from + static_cast<std::int64_t>(share * static_cast<double>(picture.to - picture.from));
}

int SeasonLayout::entryAt(double x) const {
    int nearest = -1;
    double least = kNear;
    for (std::size_t i = 0; i < picture.entries.size(); ++i) {
        const double apart = std::abs(xOf(picture.entries[i].at) - x);
        if (apart < least) {
            least = apart;
            nearest = static_cast<int>(i);
        }
    }
    return nearest;
}

void paintSeason(QPainter& painter, const QRectF& area, const SeasonPicture& picture) {
    painter.setRenderHint(QPainter::Antialiasing);
    const SeasonLayout layout(area, picture);
    if (picture.entries.empty()) {
        painter.setFont(typeface(17));
        painter.setPen(ink().quiet);
        painter.drawText(
            area.adjusted(40, 0, -40, 0), Qt::AlignCenter | Qt::TextWordWrap,
            SeasonText::tr("Nothing saved for this drum yet. The last station, Proof, saves how it "
                           "stands; from the second entry on this page shows how it drifts, and brings "
                           "it back."));
        return;
    }
    const int looked = picture.hovered >= 0 ? picture.hovered : picture.chosen;
    if (looked >= 0) {
        const auto at = static_cast<std::size_t>(looked);
        const QString line = entryLine(picture.entries[at], picture.tones[at]);
        painter.setFont(typefaceFor(line, layout.caption.width(), 14, QFont::DemiBold));
        painter.setPen(looked == picture.chosen ? ink().accent : ink().ink);
        painter.drawText(layout.caption, Qt::AlignLeft | Qt::AlignVCenter, line);
    }
    paintWeather(painter, layout);
    paintDates(painter, layout);
    if (picture.chosen >= 0) {
        const double x = layout.xOf(picture.entries[static_cast<std::size_t>(picture.chosen)].at);
        if (x >= layout.field.left() - 1 && x <= layout.field.right() + 1) {
            painter.setPen(QPen(ink().accent, 2));
            painter.drawLine(QPointF(x, layout.field.top()), QPointF(x, layout.weather.bottom() + 6));
        }
    }
    HeadPainter(painter, layout, layout.snareSide, HeadSide::SnareSide).paint();
    HeadPainter(painter, layout, layout.batter, HeadSide::Batter).paint();
    paintUneven(painter, layout);
    paintMarks(painter, layout);
    paintFlags(painter, layout);
}

} // namespace bombo
