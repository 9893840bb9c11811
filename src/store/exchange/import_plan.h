#pragma once
/// What taking in a parcel would do to a workbook: what is added, what is there already, what cannot be.
#include "store/records.h"

namespace bombo {

struct ImportPlan {
    Parcel adds;
    int same = 0; ///< drums, tones and entries that are there already, word for word
    /// There already, but said otherwise: what is here stays.
    QStringList differs;
    /// Entries that belong to no drum, here or in the parcel.
    QStringList refused;

    bool addsNothing() const { return adds.drums.empty() && adds.tones.empty() && adds.entries.empty(); }
};

/// Taken in twice, a parcel adds nothing the second time.
ImportPlan planImport(const Parcel& here, const Parcel& given);

} // namespace bombo
