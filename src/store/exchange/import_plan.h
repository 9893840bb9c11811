#pragma once
/// What taking in a parcel would do to a workbook: what is added, what is there already, what cannot be.
#include "store/exchange/progress.h"
#include "store/records.h"

namespace bombo {

struct ImportPlan {
    Parcel adds;
    int restored = 0; ///< of the entries, those that lay in the bin
    int same = 0;     ///< drums, tones and entries that are there already, word for word
    /// There already, but said otherwise: what is here stays.
    QStringList differs;
    /// What is damaged, belongs to no drum, or cannot be: a sentence each, with its place.
    QStringList refused;

    bool addsNothing() const { return adds.drums.empty() && adds.tones.empty() && adds.entries.empty(); }
};

/// Taken in twice, a parcel adds nothing the second time.
/// @param now seconds since 1970, UTC: what was saved later than tomorrow cannot be
/// @return empty where it was given up
std::optional<ImportPlan> planImport(const Parcel& here, const Parcel& given, qint64 now,
                                     const Progress& progress = {});

} // namespace bombo
