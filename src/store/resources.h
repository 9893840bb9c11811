#pragma once
/// Data that ships inside the program: migrations, heads, tones, the demo.
#include "core/record/json_values.h"

#include <QString>
#include <QStringList>
#include <vector>

namespace bombo {

/// Resource paths of the numbered migrations, in order.
QStringList migrationFiles();
/// Statements of a migration file, comments dropped.
QStringList statementsOf(const QString& file);

// A broken file is a bug of the build: these throw std::runtime_error.
/// Heads, shells, hoops and wires of data/.
Catalogue catalogue();
/// The tones of data/tones.json.
std::vector<Tone> catalogueTones();
/// A workbook's own tones, and after them those of the catalogue that are not among them.
std::vector<Tone> withCatalogueTones(std::vector<Tone> own);
/// The array "tones" of a data file.
std::vector<Tone> tonesFrom(const Json& json, const char* file);
/// data/faults.json; read once.
const FaultNet& faultNet();
Json demoJson();

} // namespace bombo
