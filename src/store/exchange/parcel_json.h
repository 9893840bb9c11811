#pragma once
/// A workbook's logbook, or a drum's, as open JSON (docs/schema/parcel.schema.json).
#include "core/record/json_values.h"
#include "store/records.h"

namespace bombo {

inline constexpr int kParcelVersion = 1;

Json parcelJson(const Parcel& parcel);
/// Checked from end to end: what is not a drum, a tone or an entry is named by its place.
Result<Parcel, InputProblem> parcelFromJson(const Json& json);
Result<Parcel, InputProblem> parcelFromText(const std::string& text);

} // namespace bombo
