-- The program that made the camp or brought it to this schema.
CREATE TABLE program (
  id TEXT PRIMARY KEY CHECK (id = 'program'),
  version TEXT NOT NULL
);
