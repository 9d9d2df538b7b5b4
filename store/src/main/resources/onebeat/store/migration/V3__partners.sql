-- Partners, who of them stands across tonight, the odds of a line's reads, and how a round is drawn.
CREATE TABLE partner (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  stance TEXT NOT NULL,
  height_cm REAL NOT NULL,
  span_cm REAL NOT NULL,
  plays_opponent INTEGER NOT NULL,
  gear TEXT NOT NULL,
  jab TEXT NOT NULL,
  sore TEXT NOT NULL,
  feeds TEXT NOT NULL,
  up_to TEXT NOT NULL
);

ALTER TABLE card ADD COLUMN partner TEXT NOT NULL DEFAULT '';
ALTER TABLE drill ADD COLUMN odds TEXT NOT NULL DEFAULT '';
ALTER TABLE round_plan ADD COLUMN rung TEXT NOT NULL DEFAULT 'WHOLE';
ALTER TABLE round_plan ADD COLUMN seed INTEGER NOT NULL DEFAULT 0;
ALTER TABLE round_plan ADD COLUMN most_run INTEGER NOT NULL DEFAULT 3;
ALTER TABLE round_plan ADD COLUMN gap_spread INTEGER NOT NULL DEFAULT 0;
