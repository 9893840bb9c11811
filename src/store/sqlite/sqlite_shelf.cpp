/// SqliteWorkbook: drums, tones, and what is at hand for the work.
#include "core/record/earlier_figures.h"
#include "core/record/json_values.h"
#include "store/sqlite/sql.h"
#include "store/sqlite/sqlite_workbook.h"

#include <algorithm>
#include <utility>

namespace bombo {
namespace {

QString text(const Json& json) {
    return QString::fromStdString(json.dump());
}

} // namespace

void SqliteWorkbook::setAside(SetAside one) const {
    if (std::find(m_setAside.begin(), m_setAside.end(), one) == m_setAside.end())
        m_setAside.push_back(std::move(one));
}

void SqliteWorkbook::setAside(SetAside::What what, const Json& json, const InputProblem& problem) const {
    QString name;
    if (json.is_object())
        for (const char* key : {"id", "name"})
            if (json.contains(key) && json[key].is_string())
                name = QString::fromStdString(json[key].get<std::string>());
    setAside({what, name.left(80), QString::fromStdString(problem.text())});
}

std::vector<SetAside> SqliteWorkbook::takeSetAside() {
    return std::exchange(m_setAside, {});
}

SqliteWorkbook::Outcome<std::vector<DrumRow>> SqliteWorkbook::drums() const {
    Statement read(
        m_database,
        QStringLiteral("SELECT description, practice_seed, tone_id, retired FROM drums ORDER BY position"));
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::vector<DrumRow> rows;
    while (read.query().next()) {
        const Json json = parsedJson(read.query().value(0).toString().toStdString());
        auto drum = drumFromJson(json, {});
        if (!drum) {
            setAside(SetAside::What::Drum, json, drum.fault());
            continue;
        }
        renewSwelling(drum->shell);
        rows.push_back({*drum, static_cast<std::uint64_t>(read.query().value(1).toLongLong()),
                        read.query().value(2).toString().toStdString(), read.query().value(3).toBool()});
    }
    if (read.brokeOff())
        return failure(problemOf(read.error(), m_path));
    return rows;
}

SqliteWorkbook::Outcome<std::vector<Tone>> SqliteWorkbook::tones() const {
    Statement read(m_database, QStringLiteral("SELECT description FROM tones ORDER BY position"));
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::vector<Tone> tones;
    while (read.query().next()) {
        const Json json = parsedJson(read.query().value(0).toString().toStdString());
        auto tone = toneFromJson(json);
        if (tone)
            tones.push_back(*tone);
        else
            setAside(SetAside::What::Tone, json, tone.fault());
    }
    if (read.brokeOff())
        return failure(problemOf(read.error(), m_path));
    return tones;
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::addDrum(const DrumRow& row) {
    if (auto problem = beforeWriting())
        return failure(*problem);
    const QString id = QString::fromStdString(row.drum.id);
    if (auto problem = makeRoom(QStringLiteral("drums"), id))
        return failure(*problem);
    Statement add(m_database,
                  QStringLiteral(
                      "INSERT INTO drums(id, position, description, practice_seed, tone_id) "
                      "VALUES(?, (SELECT COUNT(*) FROM drums), ?, ?, ?) ON CONFLICT(id) DO UPDATE SET "
                      "description = excluded.description, practice_seed = excluded.practice_seed, tone_id = "
                      "excluded.tone_id WHERE description = ''"),
                  {id, text(toJson(row.drum)), static_cast<qint64>(row.practiceSeed),
                   QString::fromStdString(row.toneId)});
    if (add.ok() && add.query().numRowsAffected() == 0)
        return failure(WorkbookProblem{WorkbookFault::Exists, m_path, {}});
    if (!add.ok())
        return failure(problemOf(add.error(), m_path));
    return Done{};
}

/// A description that is no drum or tone any more goes among the damaged, so that a whole one can take its
/// place; the row itself stays, for others refer to it.
SqliteWorkbook::Problem SqliteWorkbook::makeRoom(const QString& table, const QString& id) {
    Statement read(m_database, QStringLiteral("SELECT description FROM %1 WHERE id = ?").arg(table), {id});
    if (!read.ok())
        return problemOf(read.error(), m_path);
    if (!read.query().next())
        return std::nullopt;
    const QVariant kept = read.query().value(0);
    const Json json = parsedJson(kept.toString().toStdString());
    if (table == QLatin1String("drums") ? bool(drumFromJson(json, {})) : bool(toneFromJson(json)))
        return std::nullopt;
    if (auto problem = keepDamaged(table, id, kept))
        return problem;
    Statement clear(m_database, QStringLiteral("UPDATE %1 SET description = '' WHERE id = ?").arg(table),
                    {id});
    return clear.ok() ? std::nullopt : Problem(problemOf(clear.error(), m_path));
}

std::optional<DrumRow> SqliteWorkbook::lostDrum(const std::string& id) const {
    const auto row = [&](const Work& work) -> std::optional<DrumRow> {
        if (work.drum.id != id)
            return std::nullopt;
        return DrumRow{work.drum, work.practiceSeed, work.tone.id};
    };
    const std::vector<SetAside> before = m_setAside; // what is damaged there is told when it is opened
    std::optional<DrumRow> found;
    if (const auto sessions = sessionsOf(id))
        for (const SessionLine& line : *sessions)
            if (!found)
                if (const auto session = loadSession(line.id))
                    found = row(session->work);
    m_setAside = before;
    Statement entries(
        m_database,
        QStringLiteral("SELECT id FROM log_entries WHERE drum_id = ? AND session_state IS NOT NULL "
                       "ORDER BY saved_utc DESC, id DESC"),
        {QString::fromStdString(id)});
    while (!found && entries.ok() && entries.query().next())
        if (const auto setup = logSetup(entries.query().value(0).toLongLong()))
            found = row(setup->work);
    return found;
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::retireDrum(const std::string& id, bool isRetired) {
    if (auto problem = beforeWriting())
        return failure(*problem);
    Statement mark(m_database, QStringLiteral("UPDATE drums SET retired = ? WHERE id = ?"),
                   {isRetired, QString::fromStdString(id)});
    if (!mark.ok())
        return failure(problemOf(mark.error(), m_path));
    return Done{};
}

/// The row of a drum that a step made another, within that step's transaction.
SqliteWorkbook::Problem SqliteWorkbook::followDrum(const Drum& before, const Drum& after,
                                                   const std::optional<Drum>& rowDrum) {
    if (before == after)
        return std::nullopt;
    // Another program may have described it otherwise since this session was read.
    Statement read(m_database, QStringLiteral("SELECT description FROM drums WHERE id = ?"),
                   {QString::fromStdString(after.id)});
    if (read.ok() && read.query().next()) {
        const auto kept = drumFromJson(parsedJson(read.query().value(0).toString().toStdString()), {});
        if (!kept) {
            if (auto problem = makeRoom(QStringLiteral("drums"), QString::fromStdString(after.id)))
                return problem;
        } else if (toJson(*kept) != toJson(rowDrum.value_or(before)) && toJson(*kept) != toJson(after)) {
            return WorkbookProblem{WorkbookFault::ChangedElsewhere, m_path, {}};
        }
    }
    Statement write(m_database, QStringLiteral("UPDATE drums SET description = ? WHERE id = ?"),
                    {text(toJson(after)), QString::fromStdString(after.id)});
    return write.ok() ? std::nullopt : Problem(problemOf(write.error(), m_path));
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::addTone(const Tone& tone) {
    if (auto problem = beforeWriting())
        return failure(*problem);
    if (auto problem = makeRoom(QStringLiteral("tones"), QString::fromStdString(tone.id)))
        return failure(*problem);
    Statement add(
        m_database,
        QStringLiteral(
            "INSERT INTO tones(id, position, description) VALUES(?, (SELECT COUNT(*) FROM tones), ?) ON "
            "CONFLICT(id) DO UPDATE SET description = excluded.description WHERE description = ''"),
        {QString::fromStdString(tone.id), text(toJson(tone))});
    if (!add.ok())
        return failure(problemOf(add.error(), m_path));
    return Done{};
}

namespace {

/// Two points that come from one pair of rounds: a session that was opened from an entry finds them again.
/// The mark is what was read; the tension was worked out from a pitch, by the physics of its day.
const QString kSamePoint =
    QStringLiteral("ABS(mark - one.mark) <= 1e-9 * mark AND ABS(tension - one.tension) <= 1e-3 * tension");

struct RigRow {
    std::string value = "{}";
    qint64 revision = -1; ///< none yet
};

} // namespace

SqliteWorkbook::Outcome<StoredRig> SqliteWorkbook::rig(const std::string& drumId, qint64 sessionId) const {
    const auto row = [&](const QString& id) -> Outcome<RigRow> {
        Statement read(m_database, QStringLiteral("SELECT value, revision FROM rig WHERE drum_id = ?"), {id});
        if (!read.ok())
            return failure(problemOf(read.error(), m_path));
        if (!read.query().next())
            return RigRow{};
        return RigRow{read.query().value(0).toString().toStdString(), read.query().value(1).toLongLong()};
    };
    const auto ofDrum = row(QString::fromStdString(drumId));
    const auto ofPlace = row(QStringLiteral(""));
    if (!ofDrum || !ofPlace)
        return failure(ofDrum ? ofPlace.fault() : ofDrum.fault());
    StoredRig stored{{}, ofDrum->revision, ofPlace->revision};
    const auto note = [&](const QString& name, const std::vector<InputProblem>& damage) {
        for (const InputProblem& one : damage)
            setAside({SetAside::What::Rig, name, QString::fromStdString(one.text())});
    };
    const AsFarAsRead<DrumRig> drum = drumRigAsFarAsRead(ofDrum->value);
    static_cast<DrumRig&>(stored.rig) = drum.rig;
    note(QString::fromStdString(drumId), drum.damage);
    const AsFarAsRead<PlaceRig> place = placeRigAsFarAsRead(ofPlace->value);
    static_cast<PlaceRig&>(stored.rig) = place.rig;
    note({}, place.damage);
    auto points = gaugePoints(QString::fromStdString(stored.rig.gauge.name), sessionId);
    if (!points)
        return failure(points.fault());
    stored.rig.gauge.points = std::move(points).value();
    return stored;
}

/// @param revision of the row as it was read, -1 where there was none
SqliteWorkbook::Problem SqliteWorkbook::writeRig(const QString& drumId, const std::string& value,
                                                 qint64 revision) {
    Statement before(m_database, QStringLiteral("SELECT value FROM rig WHERE drum_id = ?"), {drumId});
    if (before.ok() && before.query().next()) {
        const std::string kept = before.query().value(0).toString().toStdString();
        const bool isWhole = drumId.isEmpty() ? bool(placeRigFromText(kept)) : bool(drumRigFromText(kept));
        if (!isWhole)
            if (auto problem = keepDamaged(QStringLiteral("rig"), drumId, before.query().value(0)))
                return problem;
    }
    Statement write(
        m_database,
        revision < 0
            ? QStringLiteral("INSERT OR IGNORE INTO rig(value, drum_id, revision) VALUES(?, ?, ? + 1)")
            : QStringLiteral("UPDATE rig SET value = ?, revision = revision + 1 "
                             "WHERE drum_id = ? AND revision = ?"),
        {QString::fromStdString(value), drumId, revision});
    if (!write.ok())
        return problemOf(write.error(), m_path);
    if (write.query().numRowsAffected() != 1)
        return WorkbookProblem{WorkbookFault::ChangedElsewhere, m_path, {}};
    return std::nullopt;
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::keepRig(StoredRig& stored, const std::string& drumId,
                                                      const Rig& rig) {
    const auto drumText = readableText(static_cast<const DrumRig&>(rig));
    const auto placeText = readableText(static_cast<const PlaceRig&>(rig));
    if (!drumText || !placeText)
        return failure(unreadable(drumText ? placeText.fault() : drumText.fault()));
    const std::string& drum = *drumText;
    const std::string& place = *placeText;
    const bool drumChanged = drum != drumRigText(stored.rig);
    const bool placeChanged = place != placeRigText(stored.rig);
    Transaction transaction = writing();
    if (!transaction.begun())
        return failure(transaction.problem(m_path));
    if (drumChanged)
        if (auto problem = writeRig(QString::fromStdString(drumId), drum, stored.drumRevision))
            return failure(*problem);
    if (placeChanged)
        if (auto problem = writeRig(QStringLiteral(""), place, stored.placeRevision))
            return failure(*problem);
    if (!transaction.commit())
        return failure(transaction.problem(m_path));
    stored.rig = rig;
    stored.drumRevision += drumChanged;
    stored.placeRevision += placeChanged;
    return Done{};
}

SqliteWorkbook::Outcome<QStringList> SqliteWorkbook::gaugeNames() const {
    Statement read(m_database, QStringLiteral("SELECT DISTINCT gauge FROM gauge_points ORDER BY gauge"));
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    QStringList names;
    while (read.query().next())
        names << read.query().value(0).toString();
    if (read.brokeOff())
        return failure(problemOf(read.error(), m_path));
    return names;
}

SqliteWorkbook::Outcome<std::vector<GaugePoint>> SqliteWorkbook::gaugePoints(const QString& gauge,
                                                                             qint64 sessionId) const {
    Statement read(
        m_database,
        QStringLiteral("SELECT mark, tension FROM gauge_points AS one WHERE gauge = ? AND "
                       "(session_id IS NULL OR session_id <> ?) AND NOT EXISTS (SELECT 1 FROM "
                       "gauge_points WHERE gauge = one.gauge AND session_id = ? AND %1) ORDER BY id")
            .arg(kSamePoint),
        {gauge, sessionId, sessionId});
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::vector<GaugePoint> points;
    while (read.query().next())
        points.push_back({read.query().value(0).toDouble(), Tension{read.query().value(1).toDouble()}});
    if (read.brokeOff())
        return failure(problemOf(read.error(), m_path));
    return points;
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::keepGaugePoints(qint64 sessionId,
                                                              const std::vector<GaugeRecord>& found) {
    if (found.empty()) { // the usual case, and no reason to write
        Statement kept(m_database, QStringLiteral("SELECT 1 FROM gauge_points WHERE session_id = ? LIMIT 1"),
                       {sessionId});
        if (kept.ok() && !kept.query().next())
            return Done{};
    }
    Transaction transaction = writing();
    if (!transaction.begun())
        return failure(transaction.problem(m_path));
    Statement drop(m_database, QStringLiteral("DELETE FROM gauge_points WHERE session_id = ?"), {sessionId});
    if (!drop.ok())
        return failure(problemOf(drop.error(), m_path));
    for (const GaugeRecord& gauge : found)
        for (const GaugePoint& point : gauge.points) {
            // One that was kept before points were told apart by session is this one: it moves here. Its mark
            // is what was read; the tension was reckoned from a pitch, by the physics of its day.
            Statement take(
                m_database,
                QStringLiteral("DELETE FROM gauge_points WHERE session_id IS NULL AND gauge = ? AND "
                               "ABS(mark - ?) <= 1e-9 * mark AND ABS(tension - ?) <= 0.05 * tension"),
                {QString::fromStdString(gauge.name), point.mark, point.tension.value});
            if (!take.ok())
                return failure(problemOf(take.error(), m_path));
            Statement add(m_database,
                          QStringLiteral("INSERT INTO gauge_points(gauge, session_id, mark, tension) "
                                         "VALUES(?, ?, ?, ?)"),
                          {QString::fromStdString(gauge.name), sessionId, point.mark, point.tension.value});
            if (!add.ok())
                return failure(problemOf(add.error(), m_path));
        }
    if (!transaction.commit())
        return failure(transaction.problem(m_path));
    return Done{};
}

} // namespace bombo
