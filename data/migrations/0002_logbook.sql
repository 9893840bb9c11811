-- The workbook, version 2: the logbook of saved setups, and every reading in a table of its own for looking back.
CREATE TABLE log_entries (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    saved_at TEXT NOT NULL,
    drum_id TEXT NOT NULL REFERENCES drums(id),
    tone_id TEXT NOT NULL,
    summary TEXT NOT NULL,
    session_state TEXT
);
CREATE INDEX log_entries_by_drum ON log_entries(drum_id, saved_at);
CREATE TABLE readings (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    session_id INTEGER NOT NULL REFERENCES sessions(id) ON DELETE CASCADE,
    position INTEGER NOT NULL,
    heard_at TEXT NOT NULL,
    head TEXT NOT NULL,
    rod INTEGER NOT NULL,
    frequency_hz REAL NOT NULL,
    t60_s REAL
);
CREATE INDEX readings_by_session ON readings(session_id, position);
