-- The workbook, version 4: the work alone is a chain of steps. Where one is and what one noted is one row a
-- session; what is at hand (gauge, layout of the wires, neighbours, own mufflers, hands) has rows of its own.
ALTER TABLE sessions ADD COLUMN context TEXT NOT NULL DEFAULT '{}';
UPDATE sessions SET context = COALESCE((
    SELECT CASE WHEN json_valid(state) THEN json_patch('{}', json_object(
        'station', json_extract(state, '$.station'),
        'source', json_extract(state, '$.source'),
        'nearestRod', json_extract(state, '$.nearestRod'),
        'showAt', json_extract(state, '$.hurry.until'),
        'reminder', json_extract(state, '$.reminder'),
        'note', json_extract(state, '$.note'))) END
    FROM steps WHERE steps.session_id = sessions.id AND steps.position = sessions.position), '{}');

-- Of a drum, or with an empty drum_id of the whole workbook.
CREATE TABLE rig (
    drum_id TEXT PRIMARY KEY,
    value TEXT NOT NULL,
    revision INTEGER NOT NULL DEFAULT 0
) WITHOUT ROWID;
CREATE TEMP VIEW states AS
    SELECT sessions.id AS session_id, sessions.drum_id AS drum_id, steps.state AS state
    FROM sessions JOIN steps ON steps.session_id = sessions.id AND steps.position = sessions.position
    WHERE json_valid(steps.state);
INSERT INTO rig(drum_id, value)
    SELECT id, json_patch('{}', json_object(
        'layout', (SELECT json_extract(state, '$.wires.layout') FROM states
                   WHERE drum_id = drums.id AND json_extract(state, '$.wires.layout') IS NOT NULL
                   ORDER BY session_id DESC LIMIT 1),
        'microphone', (SELECT json_extract(state, '$.microphone') FROM states
                       WHERE drum_id = drums.id AND json_extract(state, '$.microphone') IS NOT NULL
                       ORDER BY session_id DESC LIMIT 1),
        'gauge', (SELECT json_extract(state, '$.gauge.name') FROM states
                  WHERE drum_id = drums.id AND json_extract(state, '$.gauge.name') <> ''
                  ORDER BY session_id DESC LIMIT 1)))
    FROM drums WHERE id IN (SELECT drum_id FROM states);
INSERT INTO rig(drum_id, value)
    SELECT '', json_object(
        'ownKinds', json(COALESCE((SELECT json_group_array(json(kind)) FROM
            (SELECT own.value AS kind, MAX(session_id) FROM states, json_each(state, '$.ownKinds') AS own
             GROUP BY json_extract(own.value, '$.id'))), '[]')),
        'neighbours', json(COALESCE((SELECT json_extract(state, '$.wires.neighbours') FROM states
            WHERE json_array_length(state, '$.wires.neighbours') > 0
            ORDER BY session_id DESC LIMIT 1), '[]')),
        'leftHanded', json(COALESCE((SELECT CASE WHEN json_extract(state, '$.leftHanded') THEN 'true' END FROM states
            ORDER BY drum_id = (SELECT value FROM workbook WHERE key = 'current_drum') DESC, session_id DESC LIMIT 1),
            'false')))
    WHERE EXISTS (SELECT 1 FROM states);
DROP VIEW states;

-- What sessions found of gauges; no session: found before points were kept by session.
CREATE TABLE gauge_points (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    gauge TEXT NOT NULL,
    session_id INTEGER REFERENCES sessions(id) ON DELETE CASCADE,
    mark REAL NOT NULL,
    tension REAL NOT NULL
);
INSERT INTO gauge_points(gauge, mark, tension)
    SELECT json_extract(record.value, '$.name'), json_extract(point.value, '$.mark'),
           json_extract(point.value, '$.tension')
    FROM workbook, json_each(CASE WHEN json_valid(workbook.value) THEN workbook.value ELSE '[]' END) AS record,
         json_each(record.value, '$.points') AS point
    WHERE workbook.key = 'gauges' AND json_extract(record.value, '$.name') IS NOT NULL
          AND json_extract(point.value, '$.mark') > 0 AND json_extract(point.value, '$.tension') > 0;
DELETE FROM workbook WHERE key = 'gauges' OR key LIKE 'reminder.%';

-- Entries in order of time, whatever the clocks on the wall did.
ALTER TABLE log_entries ADD COLUMN saved_utc INTEGER NOT NULL DEFAULT 0;
UPDATE log_entries SET saved_utc = COALESCE(CAST(strftime('%s', saved_at, 'utc') AS INTEGER), 0);
