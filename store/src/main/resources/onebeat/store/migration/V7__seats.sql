-- Where each thing stands among its kind, so that what is taken back stands where it stood.
ALTER TABLE reel ADD COLUMN seat INTEGER NOT NULL DEFAULT 0;
ALTER TABLE exchange ADD COLUMN seat INTEGER NOT NULL DEFAULT 0;
ALTER TABLE drill ADD COLUMN seat INTEGER NOT NULL DEFAULT 0;
ALTER TABLE own_line ADD COLUMN seat INTEGER NOT NULL DEFAULT 0;
ALTER TABLE session ADD COLUMN seat INTEGER NOT NULL DEFAULT 0;
ALTER TABLE round_plan ADD COLUMN seat INTEGER NOT NULL DEFAULT 0;
ALTER TABLE round_run ADD COLUMN seat INTEGER NOT NULL DEFAULT 0;
ALTER TABLE repetition ADD COLUMN seat INTEGER NOT NULL DEFAULT 0;
ALTER TABLE partner ADD COLUMN seat INTEGER NOT NULL DEFAULT 0;
ALTER TABLE note ADD COLUMN seat INTEGER NOT NULL DEFAULT 0;
ALTER TABLE history ADD COLUMN seat INTEGER;

UPDATE reel SET seat = rowid;
UPDATE exchange SET seat = rowid;
UPDATE drill SET seat = rowid;
UPDATE own_line SET seat = rowid;
UPDATE session SET seat = rowid;
UPDATE round_plan SET seat = rowid;
UPDATE round_run SET seat = rowid;
UPDATE repetition SET seat = rowid;
UPDATE partner SET seat = rowid;
UPDATE note SET seat = rowid;

-- Rows that nobody can make sense of. They are kept word for word, and why they are here.
CREATE TABLE aside (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  place TEXT NOT NULL,
  row TEXT NOT NULL,
  why TEXT NOT NULL
);
