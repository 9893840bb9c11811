#pragma once
/// Stored names of the ways in which rods are read: in the work, and in tables.
#include "core/procedure/head_work.h"
#include "core/record/json_enum.h"

namespace bombo {

BOMBO_STORED_NAMES(TapKind, {{TapKind::FingerDamped, "finger_damped"},
                             {TapKind::Open, "open"},
                             {TapKind::Gauge, "gauge"},
                             {TapKind::HoopGap, "hoop_gap"},
                             {TapKind::Feel, "feel"}})

} // namespace bombo
