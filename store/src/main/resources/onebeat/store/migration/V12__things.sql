-- What an edit brought, by its key. As long as the edit is done, the thing itself says what it was: of the later edits
-- none is left when this one is taken back. Its row is written down only then.
ALTER TABLE history ADD COLUMN thing TEXT;
