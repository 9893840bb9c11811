#include "store/packed_figures.h"

#include "core/record/entry_figures.h"

#include <QDataStream>
#include <QIODevice>
#include <cmath>
#include <concepts>

namespace bombo {
namespace {

constexpr quint16 kVersion = 4;
constexpr quint32 kMost = 1000; // elements of any list: more is damage

/// What follows what, for both ways.
template <class Io, class T> void inOrder(Io& io, T& value) {
    using Plain = std::remove_const_t<T>;
    if constexpr (std::same_as<Plain, HeardHead>) {
        io(value.edge, value.error, value.rods);
    } else if constexpr (std::same_as<Plain, HeadFigures>) {
        io(value.wanted, value.found, value.left, value.evenTo, value.turns, value.countedFromSlack,
           value.perTurn, value.perTurnError, value.kind, value.fittedAt, value.look, value.playedBefore);
    } else if constexpr (std::same_as<Plain, HeadLook>) {
        io(value.coating, value.isDished);
    } else if constexpr (std::same_as<Plain, LaidPad>) {
        io(value.kind, value.fromCentre, value.angle);
    } else if constexpr (std::same_as<Plain, WeatherSaid>) {
        io(value.temperature, value.humidity, value.pressure);
    } else if constexpr (std::same_as<Plain, EntryWords>) {
        io(value.note, value.player, value.place, value.tags, value.stars, value.isPinned, value.hours);
    } else {
        static_assert(std::same_as<Plain, EntryFigures>);
        io(value.batter, value.snareSide, value.strainer, value.ringPredicted, value.ringHeard, value.pads,
           value.padsKnown, value.wiresSlack, value.wiresFittedAt, value.wires, value.diameter, value.weather,
           value.words);
    }
}

class Writer {
public:
    explicit Writer(QDataStream& stream) : m_stream(stream) {}
    template <class... T> void operator()(const T&... values) { (one(values), ...); }

private:
    template <class T> void one(const T& value) { inOrder(*this, value); }
    void one(const double& value) { m_stream << value; }
    void one(const bool& value) { m_stream << value; }
    void one(const int& value) { m_stream << static_cast<qint32>(value); }
    void one(const std::int64_t& value) { m_stream << static_cast<qint64>(value); }
    void one(const std::string& value) {
        m_stream << QByteArray::fromRawData(value.data(), static_cast<qsizetype>(value.size()));
    }
    template <class Tag> void one(const Quantity<Tag>& value) { one(value.value); }
    template <class T> void one(const std::optional<T>& value) {
        one(value.has_value());
        if (value)
            one(*value);
    }
    template <class T> void one(const std::vector<T>& values) {
        m_stream << static_cast<quint32>(values.size());
        for (const T& value : values)
            one(value);
    }

    QDataStream& m_stream;
};

class Reader {
public:
    explicit Reader(QDataStream& stream) : m_stream(stream) {}
    template <class... T> void operator()(T&... values) { (one(values), ...); }

private:
    template <class T> void one(T& value) { inOrder(*this, value); }
    void one(double& value) {
        m_stream >> value;
        if (!std::isfinite(value))
            m_stream.setStatus(QDataStream::ReadCorruptData);
    }
    void one(bool& value) { m_stream >> value; }
    void one(int& value) { value = whole<qint32>(); }
    void one(std::int64_t& value) { value = whole<qint64>(); }
    void one(std::string& value) {
        QByteArray read;
        m_stream >> read;
        value.assign(read.constData(), static_cast<std::size_t>(read.size()));
    }
    template <class Tag> void one(Quantity<Tag>& value) { one(value.value); }
    template <class T> void one(std::optional<T>& value) {
        bool isThere = false;
        one(isThere);
        value.reset();
        if (isThere)
            one(value.emplace());
    }
    template <class T> void one(std::vector<T>& values) {
        const auto count = whole<quint32>();
        if (count > kMost)
            m_stream.setStatus(QDataStream::ReadCorruptData);
        values.clear();
        for (quint32 i = 0; i < count && m_stream.status() == QDataStream::Ok; ++i)
            one(values.emplace_back());
    }
    template <class T> T whole() {
        T read{};
        m_stream >> read;
        return read;
    }

    QDataStream& m_stream;
};

bool canBe(const HeadFigures& head) {
    const auto pitch = [](const std::optional<HeardHead>& heard) {
        return !heard ||
               (heard->edge.value >= 1.0 && heard->edge.value <= 5000.0 && heard->error.value >= 0.0 &&
                heard->rods.size() <= static_cast<std::size_t>(kMostRods));
    };
    return pitch(head.found) && pitch(head.left) &&
           head.turns.size() <= static_cast<std::size_t>(kMostRods) &&
           (!head.wanted || head.wanted->value >= 1.0) && (!head.perTurn || head.perTurn->value > 0.0) &&
           head.fittedAt >= 0 && (!head.look.coating || (*head.look.coating >= 0 && *head.look.coating <= 2));
}

/// Nothing from a file is trusted, not even what was written here.
bool canBe(const EntryFigures& figures) {
    const auto& [temperature, humidity, pressure] = figures.weather;
    return canBe(figures.batter) && canBe(figures.snareSide) && figures.words.stars >= 0 &&
           figures.words.stars <= 5 &&
           (!figures.words.hours || (*figures.words.hours >= 0.0 && *figures.words.hours <= kMostHours)) &&
           (!figures.diameter || figures.diameter->value > 0.05) &&
           (!temperature || std::abs(temperature->value) <= 100.0) &&
           (!humidity || (*humidity >= 0.0 && *humidity <= 1.0)) &&
           (!pressure || (pressure->value >= 1e4 && pressure->value <= 2e5)) &&
           (!figures.ringPredicted || figures.ringPredicted->value >= 0.0) &&
           (!figures.ringHeard || figures.ringHeard->value >= 0.0);
}

} // namespace

QByteArray packedFigures(const EntryFigures& figures) {
    QByteArray bytes;
    QDataStream stream(&bytes, QIODevice::WriteOnly);
    stream.setVersion(QDataStream::Qt_6_0);
    stream << kVersion;
    Writer write(stream);
    write(figures);
    return bytes;
}

std::optional<EntryFigures> unpackedFigures(const QByteArray& bytes) {
    QDataStream stream(bytes);
    stream.setVersion(QDataStream::Qt_6_0);
    quint16 version = 0;
    stream >> version;
    if (version != kVersion)
        return std::nullopt;
    EntryFigures figures;
    Reader read(stream);
    read(figures);
    return stream.status() == QDataStream::Ok && stream.atEnd() && canBe(figures)
               ? std::optional(std::move(figures))
               : std::nullopt;
}

} // namespace bombo
