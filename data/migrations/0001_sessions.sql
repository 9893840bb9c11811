-- The workbook, version 1: drums, tones and the sessions with every acknowledged step.
CREATE TABLE drums (
    id TEXT PRIMARY KEY,
    position INTEGER NOT NULL,
    description TEXT NOT NULL,
    practice_seed INTEGER NOT NULL DEFAULT 1,
    tone_id TEXT
);
CREATE TABLE tones (
    id TEXT PRIMARY KEY,
    position INTEGER NOT NULL,
    description TEXT NOT NULL
);
CREATE TABLE sessions (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    drum_id TEXT NOT NULL REFERENCES drums(id),
    started_at TEXT NOT NULL,
    position INTEGER NOT NULL DEFAULT 0,
    revision INTEGER NOT NULL DEFAULT 0
);
CREATE TABLE steps (
    session_id INTEGER NOT NULL REFERENCES sessions(id) ON DELETE CASCADE,
    position INTEGER NOT NULL,
    command TEXT NOT NULL,
    made_at TEXT NOT NULL,
    state TEXT NOT NULL,
    PRIMARY KEY (session_id, position)
) WITHOUT ROWID;
CREATE TABLE workbook (
    key TEXT PRIMARY KEY,
    value TEXT
);
