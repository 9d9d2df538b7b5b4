-- Two athletes take turns: whose round, run and repetition it is, empty for the camp's own athlete. Notes on drills,
-- and how long an evening may take.
ALTER TABLE round_plan ADD COLUMN worker TEXT NOT NULL DEFAULT '';
ALTER TABLE round_run ADD COLUMN worker TEXT NOT NULL DEFAULT '';
ALTER TABLE repetition ADD COLUMN worker TEXT NOT NULL DEFAULT '';
ALTER TABLE session ADD COLUMN minutes INTEGER NOT NULL DEFAULT 0;

CREATE TABLE note (
  id TEXT PRIMARY KEY,
  drill_id TEXT NOT NULL,
  date TEXT NOT NULL,
  text TEXT NOT NULL,
  worker TEXT NOT NULL DEFAULT ''
);
