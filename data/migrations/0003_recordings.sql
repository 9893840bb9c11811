-- The workbook, version 3: a stroke as it sounded before a change and after it, one of each a session.
CREATE TABLE recordings (
    session_id INTEGER NOT NULL REFERENCES sessions(id) ON DELETE CASCADE,
    take TEXT NOT NULL,
    made_at TEXT NOT NULL,
    sample_rate REAL NOT NULL,
    samples BLOB NOT NULL,
    PRIMARY KEY (session_id, take)
) WITHOUT ROWID;
