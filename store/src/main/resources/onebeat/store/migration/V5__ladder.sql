-- Where drills stand on their ladder, what rounds and repetitions were done at, and what an evening holds beside rounds.
ALTER TABLE drill ADD COLUMN rung TEXT NOT NULL DEFAULT 'WHOLE';
ALTER TABLE drill ADD COLUMN overruled TEXT NOT NULL DEFAULT '';
ALTER TABLE round_plan ADD COLUMN stage INTEGER NOT NULL DEFAULT 0;
ALTER TABLE round_plan ADD COLUMN bursts INTEGER NOT NULL DEFAULT 0;
ALTER TABLE round_run ADD COLUMN rung TEXT NOT NULL DEFAULT 'WHOLE';
ALTER TABLE repetition ADD COLUMN rung TEXT NOT NULL DEFAULT 'WHOLE';
ALTER TABLE repetition ADD COLUMN fault TEXT NOT NULL DEFAULT '';
ALTER TABLE session ADD COLUMN template TEXT NOT NULL DEFAULT '';
