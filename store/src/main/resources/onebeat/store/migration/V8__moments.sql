-- When the rounds of a reel begin, in seconds apart by spaces (empty: one after the other), and when an exchange lands.
ALTER TABLE reel ADD COLUMN round_starts TEXT NOT NULL DEFAULT '';
ALTER TABLE exchange ADD COLUMN contact_s REAL;
