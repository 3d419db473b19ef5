-- What is done otherwise than planned: another exercise in its place, another load, or left out with a reason.
ALTER TABLE "set_logs" ADD COLUMN "instead_of" text;--> statement-breakpoint
ALTER TABLE "set_logs" ADD COLUMN "load_kg" double precision;--> statement-breakpoint
ALTER TABLE "set_logs" ADD COLUMN "skipped" text;--> statement-breakpoint
-- The next easier and harder exercises as they were sent along; worked out when a phone first asks, and anew when the session changes.
ALTER TABLE "sessions" ADD COLUMN "other_ways" jsonb;--> statement-breakpoint
CREATE TABLE "session_readiness" (
	"session_id" uuid PRIMARY KEY NOT NULL REFERENCES "sessions"("id") ON DELETE cascade,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"content" jsonb NOT NULL,
	"told_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "push_subscriptions" (
	"id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"athlete_id" uuid NOT NULL REFERENCES "athletes"("id") ON DELETE cascade,
	"endpoint" text NOT NULL UNIQUE,
	"keys" jsonb NOT NULL,
	"wishes" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE INDEX "push_subscriptions_athlete_id_index" ON "push_subscriptions" USING btree ("athlete_id");--> statement-breakpoint
CREATE TABLE "reminders" (
	"subscription_id" uuid NOT NULL REFERENCES "push_subscriptions"("id") ON DELETE cascade,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"key" text NOT NULL,
	"came" text NOT NULL,
	"sent_at" timestamp with time zone NOT NULL,
	PRIMARY KEY ("subscription_id", "key")
);
--> statement-breakpoint
-- One pair of keys a server, by which push services know it; made when the server is prepared.
CREATE TABLE "push_keys" (
	"only" boolean PRIMARY KEY DEFAULT true CHECK ("only"),
	"public_key" text NOT NULL,
	"private_key" text NOT NULL
);
--> statement-breakpoint
GRANT SELECT ON "push_keys" TO tropaeum_app;--> statement-breakpoint
DO $$
DECLARE
  owned text;
BEGIN
  FOREACH owned IN ARRAY ARRAY['session_readiness','push_subscriptions','reminders'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', owned);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', owned);
    EXECUTE format(
      'CREATE POLICY own_organisation ON %I USING (organisation_id = nullif(current_setting(''tropaeum.organisation'', true), '''')::uuid) WITH CHECK (organisation_id = nullif(current_setting(''tropaeum.organisation'', true), '''')::uuid)',
      owned
    );
    EXECUTE format('GRANT SELECT, INSERT, UPDATE, DELETE ON %I TO tropaeum_app', owned);
  END LOOP;
END $$;
--> statement-breakpoint
CREATE POLICY own_squads ON session_readiness AS RESTRICTIVE TO tropaeum_app USING (NOT (SELECT is_limited()) OR sees_session(session_id));--> statement-breakpoint
CREATE POLICY own_squads ON push_subscriptions AS RESTRICTIVE TO tropaeum_app USING (NOT (SELECT is_limited()) OR sees_athlete(athlete_id));--> statement-breakpoint
CREATE TRIGGER note_change AFTER INSERT OR UPDATE OR DELETE ON session_readiness FOR EACH ROW EXECUTE FUNCTION note_change();--> statement-breakpoint
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
      SELECT named INTO stranger FROM jsonb_to_recordset(given) AS l(variant text, "insteadOf" text), unnest(ARRAY[l.variant, l."insteadOf"]) AS named
        WHERE named IS NOT NULL AND NOT named = ANY (asked.sent_variants) LIMIT 1;
      IF FOUND THEN RETURN 'variant ' || stranger; END IF;
      INSERT INTO set_logs (id, organisation_id, session_id, variant, set_number, side, amount, reserve, note, done_at, instead_of, load_kg, skipped)
        SELECT l.id, holder.organisation_id, for_session, l.variant, l."setNumber", l.side, l.amount, l.reserve, l.note, l."doneAt", l."insteadOf", l."loadKg", l.skipped
        FROM jsonb_to_recordset(given) AS l(id uuid, variant text, "setNumber" smallint, side text, amount float8, reserve smallint, note text, "doneAt" timestamptz, "insteadOf" text, "loadKg" float8, skipped text)
        ON CONFLICT (session_id, id) DO UPDATE SET amount = excluded.amount, reserve = excluded.reserve, note = excluded.note,
          variant = excluded.variant, instead_of = excluded.instead_of, load_kg = excluded.load_kg, skipped = excluded.skipped;
      IF (SELECT count(*) FROM set_logs WHERE session_id = for_session) > most THEN
        RAISE EXCEPTION 'too many logs' USING ERRCODE = 'TR001';
      END IF;
      UPDATE sessions SET results_revision = results_revision + 1, results_at = now() WHERE id = for_session;
      RETURN 'kept';
    END
  $$;
