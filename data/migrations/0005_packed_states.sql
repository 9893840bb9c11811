-- The workbook, version 5: states are packed (store/packed_text), most of them with an earlier one of their
-- session as the dictionary. What was kept as plain text stays readable as it is.
UPDATE workbook SET value = value WHERE key IS NULL;
