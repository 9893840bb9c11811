#pragma once
/// Asks a session everything that the window asks, and does to it what hands would: nothing of it may crash,
/// whatever file the session came from.
#include "core/record/session.h"

namespace bombo::testing {

void exercise(const Session& session);

} // namespace bombo::testing
