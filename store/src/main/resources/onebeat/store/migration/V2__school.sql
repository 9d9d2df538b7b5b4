-- The camp's school: its rules, and how much each finding matters. No words are the usual school.
ALTER TABLE card ADD COLUMN school TEXT NOT NULL DEFAULT '';
