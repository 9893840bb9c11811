-- The workbook, version 6: a drum that is no longer played is retired; its logbook stays.
ALTER TABLE drums ADD COLUMN retired INTEGER NOT NULL DEFAULT 0;
