#pragma once
/// Texts that say nearly the same one after the other, small: deflated, with an earlier one as the
/// dictionary.
#include <QByteArray>
#include <optional>
#include <string>

namespace bombo {

/// @param base a text that whoever unpacks it has as well; may be empty
/// @param basePosition where it stands; comes back by basePositionOf. Below 0: none
QByteArray packedText(const std::string& text, const std::string& base = {}, int basePosition = -1);

/// Whether it was made by packedText.
bool isPacked(const QByteArray& bytes);
/// Where the base stands that it needs; empty if it needs none. @pre isPacked
std::optional<int> basePositionOf(const QByteArray& bytes);
/// Empty where it is damaged or the base is another one.
std::optional<std::string> unpackedText(const QByteArray& bytes, const std::string& base = {});

} // namespace bombo
