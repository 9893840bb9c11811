-- The workbook, version 7: words of an entry can be changed afterwards and stand beside its summary (no words: as
-- in the summary); an entry that was deleted can be had back.
ALTER TABLE log_entries ADD COLUMN words TEXT;
ALTER TABLE log_entries ADD COLUMN deleted INTEGER NOT NULL DEFAULT 0;
CREATE INDEX log_entries_kept ON log_entries(id) WHERE deleted = 0;
-- What the season is drawn from, ready to be looked through by the thousand: a copy of what the entries say
-- (store/packed_figures). A line that is missing is made anew.
CREATE TABLE entry_lines (
    entry_id INTEGER PRIMARY KEY REFERENCES log_entries(id) ON DELETE CASCADE,
    drum_id TEXT NOT NULL,
    at INTEGER NOT NULL,
    tone_id TEXT NOT NULL,
    restorable INTEGER NOT NULL,
    figures BLOB NOT NULL
);
CREATE INDEX entry_lines_by_time ON entry_lines(drum_id, at);
