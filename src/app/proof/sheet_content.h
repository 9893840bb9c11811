#pragma once
/// What stands on the page of a setup, of a session or of an entry of the logbook that is figures alone.
#include "core/log/entry.h"
#include "core/record/reckoned.h"
#include "core/record/session.h"

#include <QString>
#include <QStringList>
#include <optional>
#include <vector>

namespace bombo {

struct SheetHead {
    std::vector<Turns> turns; ///< net, by rod; empty where nobody counted
    bool fromStanding = false;
    std::optional<double> load; ///< of the film, share of yield; empty where it is not known
};

struct SheetContent {
    QString title;
    QString what;                  ///< below it, small
    std::vector<QStringList> rows; ///< what, wanted, reached, source, verdict
    QStringList lines;             ///< beside the rows
    Drum drum;
    std::vector<Pad> pads;
    std::optional<MicrophonePlace> microphone;
    SheetHead batter;
    SheetHead snareSide;
};

/// @param made "26 November 2026, 20:05", where the page says when
SheetContent sheetOf(const Reckoned& reckoned, const QString& made);
/// @param house whose own mufflers may have lain on the head, and whose drum and tolerance it is
SheetContent sheetOf(const Entry& entry, const Drum& drum, const QString& tone, const Session& house,
                     const QString& made);
/// What stands on the page of a session beside the lines of the proof, line by line.
QStringList sheetLines(const Session& session);

} // namespace bombo
