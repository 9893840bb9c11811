#include "store/packed_text.h"

#include "core/record/state_text.h"

#include <QtEndian>
#include <algorithm>
#include <zlib.h>

namespace bombo {
namespace {

// "Bz", version 1, then little-endian: position of the base, length of the text; then the zlib stream.
constexpr char kMark[]{'B', 'z', '\1'};
constexpr qsizetype kHeader = 3 + 4 + 4;
constexpr quint32 kLongest = kLongestState; ///< bytes; far beyond any state, and no bomb
constexpr std::size_t kWindow = 32768;      ///< of a dictionary deflate sees no more than its end

/// @return the part of a base that serves
std::pair<const Bytef*, uInt> dictionaryOf(const std::string& base) {
    const std::size_t from = base.size() > kWindow ? base.size() - kWindow : 0;
    return {reinterpret_cast<const Bytef*>(base.data()) + from, static_cast<uInt>(base.size() - from)};
}

} // namespace

QByteArray packedText(const std::string& text, const std::string& base, int basePosition) {
    QByteArray packed(kMark, sizeof(kMark));
    packed.resize(kHeader);
    qToLittleEndian<qint32>(basePosition, packed.data() + 3);
    qToLittleEndian<quint32>(static_cast<quint32>(text.size()), packed.data() + 7);
    z_stream stream{};
    deflateInit(&stream, Z_BEST_COMPRESSION);
    if (basePosition >= 0) {
        const auto [data, size] = dictionaryOf(base);
        deflateSetDictionary(&stream, data, size);
    }
    const auto room = static_cast<qsizetype>(deflateBound(&stream, text.size()));
    packed.resize(kHeader + room);
    stream.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(text.data())); // zlib takes no const
    stream.avail_in = static_cast<uInt>(text.size());
    stream.next_out = reinterpret_cast<Bytef*>(packed.data() + kHeader);
    stream.avail_out = static_cast<uInt>(room);
    deflate(&stream, Z_FINISH);
    packed.resize(kHeader + static_cast<qsizetype>(stream.total_out));
    deflateEnd(&stream);
    return packed;
}

bool isPacked(const QByteArray& bytes) {
    return bytes.size() >= kHeader && std::equal(std::begin(kMark), std::end(kMark), bytes.begin());
}

std::optional<int> basePositionOf(const QByteArray& bytes) {
    const auto position = qFromLittleEndian<qint32>(bytes.constData() + 3);
    return position < 0 ? std::nullopt : std::optional<int>(position);
}

std::optional<std::string> unpackedText(const QByteArray& bytes, const std::string& base) {
    if (!isPacked(bytes))
        return std::nullopt;
    const auto length = qFromLittleEndian<quint32>(bytes.constData() + 7);
    if (length > kLongest)
        return std::nullopt;
    std::string text(length, '\0');
    z_stream stream{};
    inflateInit(&stream);
    stream.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(bytes.constData() + kHeader));
    stream.avail_in = static_cast<uInt>(bytes.size() - kHeader);
    stream.next_out = reinterpret_cast<Bytef*>(text.data());
    stream.avail_out = length;
    int state = inflate(&stream, Z_FINISH);
    if (state == Z_NEED_DICT) {
        const auto [data, size] = dictionaryOf(base);
        if (inflateSetDictionary(&stream, data, size) == Z_OK) // told by its checksum from any other
            state = inflate(&stream, Z_FINISH);
    }
    const bool whole = state == Z_STREAM_END && stream.total_out == length;
    inflateEnd(&stream);
    return whole ? std::optional(std::move(text)) : std::nullopt;
}

} // namespace bombo
