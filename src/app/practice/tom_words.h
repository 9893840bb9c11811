#pragma once
/// What is said of a tom that sets the wires going, and of how it was silenced.
#include "core/practice/tom_job.h"

#include <QString>
#include <QStringList>

namespace bombo {

/// "A tom makes the wires buzz".
QString tomTitle();
QString tomGoal();
/// "The tom", "Both heads of the drum", "The knob".
QString handleName(TomHandle handle);
/// Where a handle stands now: "The tom is 45 cents higher than it was."
QString handleText(const TomJob& job, TomHandle handle);
/// How it went, line by line.
QStringList tomLines(const TomScore& score, Seconds took);

} // namespace bombo
