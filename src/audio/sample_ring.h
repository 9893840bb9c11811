#pragma once
/// Lock-free ring between the audio thread (the only writer) and one reader.
#include <algorithm>
#include <atomic>
#include <bit>
#include <cstddef>
#include <span>
#include <vector>

namespace bombo {

/// Thread contract: push() from one thread, pop() and dropped() from one other. Neither locks, allocates,
/// logs or signals. What does not fit is dropped and counted, so that a stuck reader never blocks the sound.
class SampleRing {
public:
    /// @param least samples that must fit; rounded up to a power of two
    explicit SampleRing(std::size_t least) : m_samples(std::bit_ceil(least)), m_mask(m_samples.size() - 1) {}

    std::size_t capacity() const { return m_samples.size(); }

    /// @return samples taken; the rest was dropped
    std::size_t push(std::span<const float> samples) noexcept {
        const std::size_t write = m_write.load(std::memory_order_relaxed);
        const std::size_t room = m_samples.size() - (write - m_read.load(std::memory_order_acquire));
        const std::size_t count = std::min(room, samples.size());
        for (std::size_t i = 0; i < count; ++i)
            m_samples[(write + i) & m_mask] = samples[i];
        m_write.store(write + count, std::memory_order_release);
        if (count < samples.size())
            m_dropped.fetch_add(samples.size() - count, std::memory_order_relaxed);
        return count;
    }

    /// @return samples written to the front of `out`
    std::size_t pop(std::span<float> out) noexcept {
        const std::size_t read = m_read.load(std::memory_order_relaxed);
        const std::size_t count = std::min(m_write.load(std::memory_order_acquire) - read, out.size());
        for (std::size_t i = 0; i < count; ++i)
            out[i] = m_samples[(read + i) & m_mask];
        m_read.store(read + count, std::memory_order_release);
        return count;
    }

    std::size_t dropped() const noexcept { return m_dropped.load(std::memory_order_relaxed); }

private:
    std::vector<float> m_samples;
    std::size_t m_mask;
    alignas(64) std::atomic<std::size_t> m_write{0}; // ever growing; wraps with the type
    alignas(64) std::atomic<std::size_t> m_read{0};
    std::atomic<std::size_t> m_dropped{0};
};

} // namespace bombo
