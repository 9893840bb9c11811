-- The workbook, version 8: what is damaged and has to make room is kept as it was found; an earlier session can
-- come in front again; entries know the clock that they were saved by.
CREATE TABLE damaged (
    id INTEGER PRIMARY KEY AUTOINCREMENT,
    part TEXT NOT NULL,
    place TEXT NOT NULL,
    value BLOB,
    set_aside_at TEXT NOT NULL
);
ALTER TABLE sessions ADD COLUMN opened INTEGER NOT NULL DEFAULT 0;
DROP TABLE entry_lines;
CREATE TABLE entry_lines (
    entry_id INTEGER PRIMARY KEY REFERENCES log_entries(id) ON DELETE CASCADE,
    drum_id TEXT NOT NULL,
    at INTEGER NOT NULL,
    utc_offset INTEGER NOT NULL,
    tone_id TEXT NOT NULL,
    restorable INTEGER NOT NULL,
    figures BLOB NOT NULL
);
CREATE INDEX entry_lines_by_time ON entry_lines(drum_id, at);
