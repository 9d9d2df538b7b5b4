-- One camp, one file. Times of day are text in ISO 8601, days are ISO dates.
CREATE TABLE card (
  id TEXT PRIMARY KEY CHECK (id = 'card'),
  name TEXT NOT NULL,
  athlete_name TEXT NOT NULL,
  athlete_stance TEXT NOT NULL,
  athlete_height_cm REAL NOT NULL,
  athlete_span_cm REAL NOT NULL,
  opponent_name TEXT NOT NULL,
  opponent_stance TEXT NOT NULL,
  opponent_height_cm REAL NOT NULL,
  opponent_span_cm REAL NOT NULL,
  first_day TEXT NOT NULL,
  fight_night TEXT NOT NULL
);

CREATE TABLE reel (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  seconds REAL NOT NULL,
  round_seconds REAL NOT NULL
);

CREATE TABLE exchange (
  id TEXT PRIMARY KEY,
  reel_id TEXT NOT NULL,
  time_s REAL NOT NULL,
  round INTEGER NOT NULL,
  starter TEXT NOT NULL,
  athlete_stance TEXT NOT NULL,
  partner_stance TEXT NOT NULL,
  range TEXT,
  line TEXT NOT NULL,
  outcome TEXT NOT NULL,
  note TEXT NOT NULL
);

CREATE TABLE drill (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  line TEXT NOT NULL,
  bpm INTEGER NOT NULL,
  made TEXT NOT NULL,
  source TEXT NOT NULL
);

CREATE TABLE own_line (
  name TEXT PRIMARY KEY,
  text TEXT NOT NULL
);

CREATE TABLE session (
  id TEXT PRIMARY KEY,
  date TEXT NOT NULL,
  name TEXT NOT NULL,
  scheme_id TEXT NOT NULL
);

CREATE TABLE round_plan (
  id TEXT PRIMARY KEY,
  session_id TEXT NOT NULL,
  position INTEGER NOT NULL,
  drill_id TEXT NOT NULL,
  bpm INTEGER NOT NULL,
  gap_beats INTEGER NOT NULL
);

CREATE TABLE round_run (
  id TEXT PRIMARY KEY,
  round_id TEXT NOT NULL,
  drill_id TEXT NOT NULL,
  date TEXT NOT NULL,
  bpm INTEGER NOT NULL,
  seconds INTEGER NOT NULL,
  called INTEGER NOT NULL
);

CREATE TABLE repetition (
  id TEXT PRIMARY KEY,
  round_id TEXT NOT NULL,
  drill_id TEXT NOT NULL,
  date TEXT NOT NULL,
  bpm INTEGER NOT NULL,
  at_ms INTEGER NOT NULL,
  judgement TEXT NOT NULL
);

-- Every edit, in order. An edit of several changes has several rows with one number. Rows are kept as JSON made by the
-- database itself, so that a later version can still read them.
CREATE TABLE history (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  edit INTEGER NOT NULL,
  place TEXT NOT NULL,
  row_before TEXT,
  row_after TEXT,
  undone INTEGER NOT NULL DEFAULT 0
);

CREATE INDEX history_edit ON history (edit);

-- What stands half written in a call line. Not a part of the camp and not undone with it.
CREATE TABLE draft (
  place TEXT PRIMARY KEY,
  text TEXT NOT NULL
);
