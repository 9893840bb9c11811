#pragma once
/// Cuts a stream of sound into taps. The same code hears the microphone, files and the practice drum.
#include "core/units/quantities.h"

#include <array>
#include <optional>
#include <span>
#include <vector>

namespace bombo {

/// One strike, recorded.
struct Tap {
    double sampleRate = 48000; ///< Hz
    Seconds onset;             ///< since the start of the stream
    std::vector<float> before; ///< up to 100 ms of what sounded before; full scale = 1
    std::vector<float> after;  ///< from the onset on, at most 1 s and at most to the next onset
    bool struckTwice = false;  ///< a second onset within 120 ms
};

struct SplitterOptions {
    Seconds longest{1.0};
    Seconds shortest{0.06}; ///< refractory time; a far stronger event overrides it
    double riseDb = 10.0;   ///< above the 8 to 20 ms before
    double overFloorDb = 12.0;
    double quietestDb = -75.0; ///< peak frame level below which nothing counts; dB full scale
};

/// The part of a sound above 3 kHz, where heads hardly ring and the stick's contact does: its mean square,
/// millisecond by millisecond.
class BrightPart {
public:
    explicit BrightPart(double sampleRate);
    void push(float sample);
    /// Ends the millisecond.
    void mark();
    /// Mean square of the last 3 ms, and of the 5 to 16 ms before the newest.
    double now() const;
    double justBefore() const;

private:
    double m_pole;
    std::array<double, 2> m_in{}; ///< two one-pole high-passes, one behind the other
    std::array<double, 2> m_out{};
    double m_sum = 0;
    int m_count = 0;
    std::array<double, 16> m_past{}; ///< newest first
};

/// Feed samples in any block size; memory is bounded by about two seconds of sound.
class TapSplitter {
public:
    explicit TapSplitter(double sampleRate, SplitterOptions options = {});

    /// @return taps that became complete, in order of time
    std::vector<Tap> push(std::span<const float> samples);
    /// End of the stream: the tap still open, if long enough.
    std::vector<Tap> finish();
    /// Level of the last 8 ms frame, dB full scale.
    double levelDb() const;

private:
    struct Open {
        long onset; ///< sample
        double peakEnergy;
        bool struckTwice;
        double brightPeak = 0.0;  ///< mean square of the bright part of the blow
        double secondBlow = -1.0; ///< when it came, seconds since the first
    };
    void frame(std::vector<Tap>& done);
    bool brightBlow(double since);
    void open(long onsetNear, double energy, bool struckTwice);
    void close(long end, std::vector<Tap>& done);
    long refineOnset(long near) const;
    float at(long sample) const { return m_buffer[static_cast<std::size_t>(sample - m_bufferStart)]; }
    void forget();

    double m_rate;
    SplitterOptions m_options;
    long m_hop;
    long m_frame;
    std::vector<float> m_buffer;
    long m_bufferStart = 0;
    long m_next = 0;              ///< end of the next frame, absolute sample
    std::vector<double> m_energy; ///< mean squares of the last frames, newest last
    double m_floor = 0;
    std::optional<Open> m_open;
    float m_lastIn = 0;
    float m_lastOut = 0;
    std::vector<float> m_filtered; ///< high-passed, parallel to m_buffer
    BrightPart m_bright;
};

} // namespace bombo
