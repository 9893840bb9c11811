#pragma once
/// Inputs that are one byte of choice and a JSON text: changed at one place of the JSON far more often than
/// as bytes, so that most of them get past the parser.
#include <cstddef>
#include <cstdint>
#include <string>
#include <vector>

namespace bombo::fuzz {

/// What each begins from; the first byte chooses.
using Seeds = std::vector<std::string>;

/// As libFuzzer's LLVMFuzzerCustomMutator. @return the new size
std::size_t mutateJson(std::uint8_t* data, std::size_t size, std::size_t maxSize, unsigned seed,
                       const Seeds& seeds);

} // namespace bombo::fuzz
