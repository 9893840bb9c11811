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

/// The heads of data/heads.json. A broken file is a bug of the build: throws std::runtime_error.
std::vector<HeadSpec> catalogueHeads();
Json demoJson();

} // namespace bombo
