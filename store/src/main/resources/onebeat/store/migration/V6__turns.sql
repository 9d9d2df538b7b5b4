-- Two athletes take turns: whose round, run and repetition it is, empty for the camp's own athlete. Notes on drills.
ALTER TABLE round_plan ADD COLUMN worker TEXT NOT NULL DEFAULT '';
ALTER TABLE round_run ADD COLUMN worker TEXT NOT NULL DEFAULT '';
ALTER TABLE repetition ADD COLUMN worker TEXT NOT NULL DEFAULT '';

CREATE TABLE note (
  id TEXT PRIMARY KEY,
  drill_id TEXT NOT NULL,
  date TEXT NOT NULL,
  text TEXT NOT NULL,
  worker TEXT NOT NULL DEFAULT ''
);
