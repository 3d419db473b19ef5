-- The attention desk: what rules say of results, what a coach has seen to, the dose of a decision, the morning after.
-- A message may be about no session.
ALTER TABLE "messages" ALTER COLUMN "session_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "decisions" ADD COLUMN "rule" text;--> statement-breakpoint
ALTER TABLE "decisions" ADD COLUMN "next" jsonb;--> statement-breakpoint
ALTER TABLE "decisions" ADD COLUMN "reason" text;--> statement-breakpoint
ALTER TABLE "session_reports" ADD COLUMN "morning" jsonb;--> statement-breakpoint
ALTER TABLE "session_reports" ADD COLUMN "morning_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "planned_effort" smallint;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "written_for" date;--> statement-breakpoint
-- Counts what comes of a session, so that it is known what was worked out before the latest of it.
ALTER TABLE "sessions" ADD COLUMN "results_revision" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "results_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "sessions" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
UPDATE "sessions" SET "written_for" = nullif("brief"->'season'->>'nextFixture', '')::date;--> statement-breakpoint
ALTER TABLE "sessions" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE OR REPLACE FUNCTION keep_logs(link_hash text, for_session uuid, given jsonb, most integer) RETURNS text
  LANGUAGE plpgsql SECURITY INVOKER SET search_path = public
  AS $$
    DECLARE
      holder record;
      asked record;
      stranger text;
    BEGIN
      SELECT * INTO holder FROM door_link(link_hash);
      IF NOT FOUND THEN RETURN 'no link'; END IF;
      PERFORM set_config('tropaeum.organisation', holder.organisation_id::text, true);
      SELECT status, sent_variants INTO asked FROM sessions WHERE id = for_session AND athlete_id = holder.athlete_id;
      IF NOT FOUND OR asked.status = 'draft' THEN RETURN 'no session'; END IF;
      SELECT l.variant INTO stranger FROM jsonb_to_recordset(given) AS l(variant text)
        WHERE NOT l.variant = ANY (asked.sent_variants) LIMIT 1;
      IF FOUND THEN RETURN 'variant ' || stranger; END IF;
      INSERT INTO set_logs (id, organisation_id, session_id, variant, set_number, side, amount, reserve, note, done_at)
        SELECT l.id, holder.organisation_id, for_session, l.variant, l."setNumber", l.side, l.amount, l.reserve, l.note, l."doneAt"
        FROM jsonb_to_recordset(given) AS l(id uuid, variant text, "setNumber" smallint, side text, amount float8, reserve smallint, note text, "doneAt" timestamptz)
        ON CONFLICT (session_id, id) DO UPDATE SET amount = excluded.amount, reserve = excluded.reserve, note = excluded.note;
      IF (SELECT count(*) FROM set_logs WHERE session_id = for_session) > most THEN
        RAISE EXCEPTION 'too many logs' USING ERRCODE = 'TR001';
      END IF;
      UPDATE sessions SET results_revision = results_revision + 1, results_at = now() WHERE id = for_session;
      RETURN 'kept';
    END
  $$;
--> statement-breakpoint
CREATE TABLE "session_reviews" (
	"session_id" uuid PRIMARY KEY NOT NULL REFERENCES "sessions"("id") ON DELETE cascade,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"athlete_id" uuid NOT NULL REFERENCES "athletes"("id") ON DELETE cascade,
	"basis" text NOT NULL,
	"content" jsonb NOT NULL
);
--> statement-breakpoint
CREATE INDEX "session_reviews_athlete_id_index" ON "session_reviews" USING btree ("athlete_id");--> statement-breakpoint
CREATE TABLE "desk_marks" (
	"id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"athlete_id" uuid NOT NULL REFERENCES "athletes"("id") ON DELETE cascade,
	"key" text NOT NULL,
	"until" date,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "desk_marks_athlete_id_key_unique" UNIQUE("athlete_id","key")
);
--> statement-breakpoint
DO $$
DECLARE
  owned text;
BEGIN
  FOREACH owned IN ARRAY ARRAY['session_reviews','desk_marks'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', owned);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', owned);
    EXECUTE format(
      'CREATE POLICY own_organisation ON %I USING (organisation_id = nullif(current_setting(''tropaeum.organisation'', true), '''')::uuid) WITH CHECK (organisation_id = nullif(current_setting(''tropaeum.organisation'', true), '''')::uuid)',
      owned
    );
    EXECUTE format('CREATE POLICY own_squads ON %I AS RESTRICTIVE TO tropaeum_app USING (NOT (SELECT is_limited()) OR sees_athlete(athlete_id))', owned);
    EXECUTE format('GRANT SELECT, INSERT, UPDATE, DELETE ON %I TO tropaeum_app', owned);
  END LOOP;
END $$;
