#pragma once
/// What a command changes: three kinds of state, kept apart.

namespace bombo {

enum class Touches {
    Work,    ///< what the hands did and the ears heard: a step, undone and redone
    Context, ///< where one is, what one noted: kept, never undone
    Rig,     ///< what is at hand for the work: kept for every session to come, never undone
};

} // namespace bombo
