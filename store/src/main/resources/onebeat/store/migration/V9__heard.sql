-- How long after the feed a repetition's answer was heard, in milliseconds, and whether its judgement was heard.
ALTER TABLE repetition ADD COLUMN one_beat_ms REAL;
ALTER TABLE repetition ADD COLUMN heard INTEGER NOT NULL DEFAULT 0;
