CREATE TABLE "rate_limits" (
	"key" varchar(255) PRIMARY KEY NOT NULL,
	"points" integer DEFAULT 0 NOT NULL,
	"expire" bigint
);
--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON "rate_limits" TO tropaeum_app;
--> statement-breakpoint
ALTER TABLE "athlete_links" ADD COLUMN "created_at" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "athlete_links" ADD COLUMN "ended_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "athlete_links" ADD COLUMN "ended_by" text;--> statement-breakpoint
-- Of several open links of an athlete the one that lasts longest is the latest.
UPDATE athlete_links l SET ended_at = now(), ended_by = 'newer'
  WHERE EXISTS (
    SELECT 1 FROM athlete_links o
    WHERE o.athlete_id = l.athlete_id AND (o.expires_at, o.token_hash) > (l.expires_at, l.token_hash)
  );
--> statement-breakpoint
CREATE UNIQUE INDEX "athlete_links_open" ON "athlete_links" USING btree ("athlete_id") WHERE ended_at is null;--> statement-breakpoint
ALTER TABLE "calendar_links" ADD COLUMN "id" uuid;--> statement-breakpoint
ALTER TABLE "calendar_links" ADD COLUMN "expires_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "calendar_links" ADD COLUMN "read_at" timestamp with time zone;--> statement-breakpoint
UPDATE calendar_links SET id = gen_random_uuid(), expires_at = now() + interval '1 year';--> statement-breakpoint
ALTER TABLE "calendar_links" ALTER COLUMN "id" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "calendar_links" ALTER COLUMN "expires_at" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "calendar_links" ADD CONSTRAINT "calendar_links_id_unique" UNIQUE("id");--> statement-breakpoint
ALTER TABLE "feeds" ADD COLUMN "parsed" jsonb;--> statement-breakpoint
-- Every feed is due at once: what it says is kept beside its copy from now on.
UPDATE feeds SET tried_at = NULL;--> statement-breakpoint
ALTER TABLE "messages" ADD COLUMN "link_hash" text;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "planned" double precision;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "session_type" text;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "sent_variants" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
UPDATE sessions SET
  planned = coalesce((plan->'minutes'->>'planned')::float, 0),
  session_type = brief->>'sessionType',
  sent_variants = CASE WHEN status = 'draft' THEN '{}' ELSE array(
    SELECT DISTINCT jsonb_path_query(plan, '$.blocks[*].items[*].variant') #>> '{}'
  ) END;
--> statement-breakpoint
ALTER TABLE "sessions" ALTER COLUMN "planned" SET NOT NULL;--> statement-breakpoint
CREATE INDEX "sessions_organisation_id_on_index" ON "sessions" USING btree ("organisation_id","on");--> statement-breakpoint

-- The doors belong to a role that nobody signs in as. Row-level security binds it as everybody, and it sees just what a door needs. The owner
-- is a member, to hand functions over; the condition keeps it from seeing as the doors do.
GRANT CREATE, USAGE ON SCHEMA public TO tropaeum_doors;--> statement-breakpoint
GRANT SELECT ON coaches, sign_ins, athlete_links, calendar_links, feeds TO tropaeum_doors;--> statement-breakpoint
GRANT DELETE ON sign_ins, athlete_links, calendar_links, rate_limits TO tropaeum_doors;--> statement-breakpoint
GRANT SELECT ON rate_limits TO tropaeum_doors;--> statement-breakpoint
CREATE POLICY doors ON coaches FOR SELECT TO tropaeum_doors USING (current_user = 'tropaeum_doors');--> statement-breakpoint
CREATE POLICY doors ON sign_ins TO tropaeum_doors USING (current_user = 'tropaeum_doors');--> statement-breakpoint
CREATE POLICY doors ON athlete_links TO tropaeum_doors USING (current_user = 'tropaeum_doors');--> statement-breakpoint
CREATE POLICY doors ON calendar_links TO tropaeum_doors USING (current_user = 'tropaeum_doors');--> statement-breakpoint
CREATE POLICY doors ON feeds FOR SELECT TO tropaeum_doors USING (current_user = 'tropaeum_doors');--> statement-breakpoint

-- The hash of a password never leaves the database: who signs in is told how to hash, and the result is compared here.
CREATE TABLE door_secrets (secret text NOT NULL);--> statement-breakpoint
INSERT INTO door_secrets VALUES (gen_random_uuid()::text || gen_random_uuid()::text);--> statement-breakpoint
DROP FUNCTION door_coach(text);--> statement-breakpoint
CREATE FUNCTION door_salt(wanted_email text) RETURNS TABLE (hashed_with text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    -- An address that nobody has gets a salt that stays the same, as if somebody had it.
    SELECT coalesce(
      (SELECT regexp_replace(password_hash, '\$[^$]*$', '') FROM coaches WHERE email = wanted_email),
      '$argon2id$v=19$m=19456,t=2,p=1$' || rtrim(encode(substr(sha256(convert_to(secret || wanted_email, 'UTF8')), 1, 16), 'base64'), '=')
    ) FROM door_secrets
  $$;
--> statement-breakpoint
CREATE FUNCTION door_coach(wanted_email text, hashed text) RETURNS TABLE (id uuid, organisation_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT id, organisation_id FROM coaches WHERE email = wanted_email AND password_hash = hashed $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION door_link(wanted_hash text) RETURNS TABLE (organisation_id uuid, athlete_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT organisation_id, athlete_id FROM athlete_links WHERE token_hash = wanted_hash AND ended_at IS NULL AND expires_at > now() $$;
--> statement-breakpoint
CREATE FUNCTION door_closed_link(wanted_hash text) RETURNS TABLE (closed_by text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT coalesce(ended_by, 'age') FROM athlete_links WHERE token_hash = wanted_hash AND (ended_at IS NOT NULL OR expires_at <= now()) $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION door_calendar(wanted_hash text) RETURNS TABLE (organisation_id uuid, squad_id uuid, athlete_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT organisation_id, squad_id, athlete_id FROM calendar_links WHERE token_hash = wanted_hash AND expires_at > now() $$;
--> statement-breakpoint
-- What has run out is of no more use: sign-ins and calendars at once, links after two months in which they say why they do not open.
CREATE FUNCTION door_purge() RETURNS TABLE (gone bigint)
  LANGUAGE sql SECURITY DEFINER SET search_path = public
  AS $$
    WITH
      a AS (DELETE FROM sign_ins WHERE expires_at <= now() RETURNING 1),
      b AS (DELETE FROM calendar_links WHERE expires_at <= now() RETURNING 1),
      c AS (DELETE FROM athlete_links WHERE least(ended_at, expires_at) <= now() - interval '60 days' RETURNING 1),
      d AS (DELETE FROM rate_limits WHERE expire < extract(epoch FROM now()) * 1000 RETURNING 1)
    SELECT (SELECT count(*) FROM a) + (SELECT count(*) FROM b) + (SELECT count(*) FROM c) + (SELECT count(*) FROM d)
  $$;
--> statement-breakpoint
CREATE FUNCTION anybody_there() RETURNS boolean
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT EXISTS (SELECT 1 FROM coaches) $$;
--> statement-breakpoint
DO $$
DECLARE
  door text;
BEGIN
  FOREACH door IN ARRAY ARRAY['door_salt(text)','door_coach(text,text)','door_sign_in(text)','door_link(text)','door_closed_link(text)','door_calendar(text)','door_due_feeds(text)','door_purge()','anybody_there()'] LOOP
    EXECUTE format('REVOKE ALL ON FUNCTION %s FROM PUBLIC', door);
    EXECUTE format('GRANT EXECUTE ON FUNCTION %s TO tropaeum_app', door);
    EXECUTE format('ALTER FUNCTION %s OWNER TO tropaeum_doors', door);
  END LOOP;
END $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION anybody_there() FROM tropaeum_app;--> statement-breakpoint
ALTER TABLE door_secrets OWNER TO tropaeum_doors;--> statement-breakpoint
REVOKE CREATE ON SCHEMA public FROM tropaeum_doors;--> statement-breakpoint
REVOKE ALL ON coaches FROM tropaeum_app;--> statement-breakpoint
GRANT SELECT (id, organisation_id, email, name) ON coaches TO tropaeum_app;--> statement-breakpoint

-- A logged set in one call: the link is opened, its organisation named, and the rest goes by row-level security as everywhere.
CREATE FUNCTION keep_logs(link_hash text, for_session uuid, given jsonb, most integer) RETURNS text
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
      RETURN 'kept';
    END
  $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION keep_logs(text, uuid, jsonb, integer) FROM PUBLIC;--> statement-breakpoint
GRANT EXECUTE ON FUNCTION keep_logs(text, uuid, jsonb, integer) TO tropaeum_app;--> statement-breakpoint

-- From here on the owner is bound as well. A later migration that changes rows says NO FORCE first, and FORCE again at its end.
DO $$
DECLARE
  bound text;
BEGIN
  FOR bound IN SELECT c.relname FROM pg_class c JOIN pg_namespace n ON n.oid = c.relnamespace WHERE n.nspname = 'public' AND c.relrowsecurity LOOP
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', bound);
  END LOOP;
END $$;
