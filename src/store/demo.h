#pragma once
#include "store/workbook.h"

namespace bombo {

/// The demo's drums and tones, without a file.
std::vector<DrumRow> demoDrums();
std::vector<Tone> demoTones();

/// Makes the demo workbook at `path`: three drums, five cues, a season of log entries.
Workbook::Outcome<std::unique_ptr<Workbook>> createDemoWorkbook(const QString& path);

} // namespace bombo
