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
        const Json json = Json::parse(read.query().value(0).toString().toStdString(), nullptr, false);
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
        const Json json = Json::parse(read.query().value(0).toString().toStdString(), nullptr, false);
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
    beforeWriting();
    Statement add(m_database,
                  QStringLiteral("INSERT INTO drums(id, position, description, practice_seed, tone_id) "
                                 "VALUES(?, (SELECT COUNT(*) FROM drums), ?, ?, ?)"),
                  {QString::fromStdString(row.drum.id), text(toJson(row.drum)),
                   static_cast<qint64>(row.practiceSeed), QString::fromStdString(row.toneId)});
    if (!add.ok())
        return failure(problemOf(add.error(), m_path));
    return Done{};
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::retireDrum(const std::string& id, bool isRetired) {
    beforeWriting();
    Statement mark(m_database, QStringLiteral("UPDATE drums SET retired = ? WHERE id = ?"),
                   {isRetired, QString::fromStdString(id)});
    if (!mark.ok())
        return failure(problemOf(mark.error(), m_path));
    return Done{};
}

/// The row of a drum that a step made another, within that step's transaction.
SqliteWorkbook::Problem SqliteWorkbook::followDrum(const Drum& before, const Drum& after) {
    if (before == after)
        return std::nullopt;
    Statement write(m_database, QStringLiteral("UPDATE drums SET description = ? WHERE id = ?"),
                    {text(toJson(after)), QString::fromStdString(after.id)});
    return write.ok() ? std::nullopt : Problem(problemOf(write.error(), m_path));
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::addTone(const Tone& tone) {
    beforeWriting();
    Statement add(
        m_database,
        QStringLiteral(
            "INSERT INTO tones(id, position, description) VALUES(?, (SELECT COUNT(*) FROM tones), ?)"),
        {QString::fromStdString(tone.id), text(toJson(tone))});
    if (!add.ok())
        return failure(problemOf(add.error(), m_path));
    return Done{};
}

namespace {

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
    if (const auto drum = drumRigFromText(ofDrum->value))
        static_cast<DrumRig&>(stored.rig) = *drum;
    else
        setAside({SetAside::What::Rig, QString::fromStdString(drumId),
                  QString::fromStdString(drum.fault().text())});
    if (const auto place = placeRigFromText(ofPlace->value))
        static_cast<PlaceRig&>(stored.rig) = *place;
    else
        setAside({SetAside::What::Rig, {}, QString::fromStdString(place.fault().text())});
    auto points = gaugePoints(QString::fromStdString(stored.rig.gauge.name), sessionId);
    if (!points)
        return failure(points.fault());
    stored.rig.gauge.points = std::move(points).value();
    return stored;
}

/// @param revision of the row as it was read, -1 where there was none
SqliteWorkbook::Problem SqliteWorkbook::writeRig(const QString& drumId, const std::string& value,
                                                 qint64 revision) {
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
    const std::string drum = drumRigText(rig);
    const std::string place = placeRigText(rig);
    const bool drumChanged = drum != drumRigText(stored.rig);
    const bool placeChanged = place != placeRigText(stored.rig);
    Transaction transaction = writing();
    if (!transaction.begun())
        return failure(problemOf(transaction.error(), m_path));
    if (drumChanged)
        if (auto problem = writeRig(QString::fromStdString(drumId), drum, stored.drumRevision))
            return failure(*problem);
    if (placeChanged)
        if (auto problem = writeRig(QStringLiteral(""), place, stored.placeRevision))
            return failure(*problem);
    if (!transaction.commit())
        return failure(problemOf(transaction.error(), m_path));
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
    Statement read(m_database,
                   QStringLiteral("SELECT mark, tension FROM gauge_points WHERE gauge = ? AND "
                                  "(session_id IS NULL OR session_id <> ?) ORDER BY id"),
                   {gauge, sessionId});
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
        return failure(problemOf(transaction.error(), m_path));
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
        return failure(problemOf(transaction.error(), m_path));
    return Done{};
}

} // namespace bombo
