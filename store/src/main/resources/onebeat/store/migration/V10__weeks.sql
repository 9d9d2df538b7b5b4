-- What the coach asks of the camp's weeks, and the plan that was taken for them.
CREATE TABLE plan_setting (
  key TEXT PRIMARY KEY,
  value TEXT NOT NULL,
  seat INTEGER NOT NULL DEFAULT 0
);

CREATE TABLE kept_round (
  id TEXT PRIMARY KEY,
  date TEXT NOT NULL,
  drill_id TEXT NOT NULL,
  partner_id TEXT NOT NULL,
  seat INTEGER NOT NULL DEFAULT 0
);

-- How hard a session was, from 0 to 10.
ALTER TABLE session ADD COLUMN effort INTEGER;
