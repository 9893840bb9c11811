/// SessionController: the user's own hands and gauges.
#include "app/session/session_controller.h"
#include "core/practice/practice_session.h"
#include "core/record/json_values.h"

namespace bombo {
namespace {

const QString kGauges = QStringLiteral("gauges"); // stored name, untranslated

} // namespace

std::vector<GaugeRecord> SessionController::gauges() {
    std::vector<GaugeRecord> records;
    if (!hasWorkbook())
        return records;
    const QString text = m_journal.workbook()->value(kGauges);
    const Json kept = Json::parse(text.toStdString(), nullptr, false);
    if (!kept.is_array())
        return records; // none was kept yet, or what was is not ours: gauges can be calibrated anew
    for (const Json& one : kept) {
        const auto record = gaugeFromJson(one);
        if (record)
            records.push_back(*record);
    }
    return records;
}

QStringList SessionController::gaugeNames() {
    QStringList names;
    for (const GaugeRecord& record : gauges())
        names << QString::fromStdString(record.name);
    return names;
}

void SessionController::chooseGauge(const QString& name) {
    GaugeRecord chosen{name.toStdString(), {}};
    for (const GaugeRecord& record : gauges())
        if (record.name == chosen.name)
            chosen = record;
    if (hasSession() && session().gauge.name != chosen.name)
        perform(ChooseGauge{chosen});
}

/// What this session found of its gauge goes into the workbook, for the sessions to come.
void SessionController::keepGauge() {
    if (!hasSession() || isReadOnly())
        return;
    const GaugeRecord mine{session().gauge.name, gaugePoints(session())};
    if (mine.points.size() == session().gauge.points.size())
        return; // nothing of its own
    std::vector<GaugeRecord> records = gauges();
    const auto same = std::find_if(records.begin(), records.end(),
                                   [&](const GaugeRecord& record) { return record.name == mine.name; });
    if (same != records.end() && *same == mine)
        return;
    if (same != records.end())
        *same = mine;
    else
        records.push_back(mine);
    Json kept = Json::array();
    for (const GaugeRecord& record : records)
        kept.push_back(toJson(record));
    if (const auto done = m_journal.workbook()->setValue(kGauges, QString::fromStdString(kept.dump())); !done)
        said(done.fault());
}

void SessionController::readPracticeGauge() {
    const auto side = headAtHand();
    const auto rod = side ? nextRodToTap(session().head(*side)) : std::nullopt;
    if (!rod)
        return;
    const Session& now = session();
    const TapKind kind = now.head(*side).way.kind;
    const auto read = kind == TapKind::HoopGap ? practiceGap
                      : kind == TapKind::Feel  ? practiceFeel
                                               : practiceGauge;
    perform(GaugeRead{*side, read(drawNature(now.drum, now.practiceSeed), practiceStateOf(now), *side, *rod,
                                  static_cast<std::uint64_t>(now.clock) * 64 + m_strokes++ % 64)});
}

void SessionController::setLeftHanded(bool left) {
    m_settings.setLeftHanded(left);
    if (hasSession() && session().leftHanded != left)
        amend(apply(session(), SetHand{left}).value());
}

void SessionController::setNearestRod(std::optional<int> rod) {
    if (!hasSession())
        return;
    if (const auto after = apply(session(), SetNearestRod{rod}))
        amend(*after);
}

} // namespace bombo
