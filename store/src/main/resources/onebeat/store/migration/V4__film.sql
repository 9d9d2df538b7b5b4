-- Whom a reel studies (empty: the camp's opponent), and where its film lies (empty: it is drawn).
ALTER TABLE reel ADD COLUMN subject TEXT NOT NULL DEFAULT '';
ALTER TABLE reel ADD COLUMN file TEXT NOT NULL DEFAULT '';
