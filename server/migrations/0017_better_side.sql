-- What an athlete says of the sides at the end of a session: which went better.
ALTER TABLE "session_reports" ADD COLUMN "better_side" text;
