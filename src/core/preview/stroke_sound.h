#pragma once
/// What a stroke would sound like: modal synthesis of the model that gives the advice, for the ear.
#include "core/muffling/muffling.h"

namespace bombo {

struct StrokeSound {
    double sampleRate = 48000; ///< Hz
    Seconds length{1.2};
    Seconds leadIn{0.02};
    double level = 0.04; ///< root mean square of the first 300 ms, so that two sounds compare fairly
};

/// A backbeat slightly off the middle.
struct PreviewStroke {
    DrumState heads;
    std::vector<Pad> pads;
    double damping = 1.0;        ///< see Muffler
    std::optional<Seconds> ring; ///< wished: every partial is shortened alike to reach it, never lengthened
    std::optional<Seconds> buzz; ///< 60 dB fall of the wires; empty: thrown off
};

/// Samples of the stroke, full scale = 1. Deterministic. Partials as predictMuffling gives them, the blow as
/// 3 ms of noise, wires as noise from 2.5 to 9.5 kHz that comes and goes with the heads' lowest mode.
std::vector<float> strokeSound(const Drum& drum, const PreviewStroke& stroke, const StrokeSound& sound = {});

} // namespace bombo
