-- People of a club with roles, squads they are limited to, links that are mailed, a second factor, and a trail of who read and changed what.
ALTER TABLE "coaches" RENAME TO "accounts";--> statement-breakpoint
ALTER TABLE "accounts" RENAME CONSTRAINT "coaches_email_unique" TO "accounts_email_unique";--> statement-breakpoint
ALTER TABLE "accounts" RENAME CONSTRAINT "coaches_organisation_id_organisations_id_fk" TO "accounts_organisation_id_organisations_id_fk";--> statement-breakpoint
ALTER TABLE "accounts" ADD COLUMN "role" text DEFAULT 'coach' NOT NULL;--> statement-breakpoint
ALTER TABLE "accounts" ADD COLUMN "created_at" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "accounts" ADD CONSTRAINT "accounts_role_known" CHECK (role IN ('owner', 'coach', 'assistant'));--> statement-breakpoint
CREATE INDEX "accounts_organisation_id_index" ON "accounts" USING btree ("organisation_id");--> statement-breakpoint
-- Whoever was there first owns the club.
ALTER TABLE "accounts" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
UPDATE accounts a SET role = 'owner' WHERE NOT EXISTS (
  SELECT 1 FROM accounts o WHERE o.organisation_id = a.organisation_id AND o.id < a.id
);--> statement-breakpoint
ALTER TABLE "accounts" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "organisations" ADD COLUMN "settings" jsonb DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "sign_ins" RENAME COLUMN "coach_id" TO "account_id";--> statement-breakpoint
ALTER TABLE "sign_ins" RENAME CONSTRAINT "sign_ins_coach_id_coaches_id_fk" TO "sign_ins_account_id_accounts_id_fk";--> statement-breakpoint
ALTER INDEX "sign_ins_coach_id_index" RENAME TO "sign_ins_account_id_index";--> statement-breakpoint
ALTER TABLE "sign_ins" ADD COLUMN "id" uuid DEFAULT gen_random_uuid() NOT NULL;--> statement-breakpoint
ALTER TABLE "sign_ins" ADD CONSTRAINT "sign_ins_id_unique" UNIQUE("id");--> statement-breakpoint
ALTER TABLE "sign_ins" ADD COLUMN "created_at" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "sign_ins" ADD COLUMN "agent" text;--> statement-breakpoint
ALTER TABLE "sign_ins" ADD COLUMN "address" text;--> statement-breakpoint

CREATE TABLE "second_factors" (
	"account_id" uuid PRIMARY KEY NOT NULL REFERENCES "accounts"("id") ON DELETE cascade,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"secret" text NOT NULL,
	"confirmed_at" timestamp with time zone,
	"recovery_hashes" text[] DEFAULT '{}' NOT NULL,
	"last_step" bigint DEFAULT 0 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "account_squads" (
	"account_id" uuid NOT NULL REFERENCES "accounts"("id") ON DELETE cascade,
	"squad_id" uuid NOT NULL REFERENCES "squads"("id") ON DELETE cascade,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	CONSTRAINT "account_squads_account_id_squad_id_pk" PRIMARY KEY("account_id","squad_id")
);
--> statement-breakpoint
CREATE INDEX "account_squads_squad_id_index" ON "account_squads" USING btree ("squad_id");--> statement-breakpoint
CREATE TABLE "mailed_links" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"id" uuid NOT NULL UNIQUE,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"kind" text NOT NULL,
	"account_id" uuid REFERENCES "accounts"("id") ON DELETE cascade,
	"email" text NOT NULL,
	"role" text,
	"squad_ids" uuid[] DEFAULT '{}' NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"used_at" timestamp with time zone
);
--> statement-breakpoint
CREATE INDEX "mailed_links_organisation_id_index" ON "mailed_links" USING btree ("organisation_id");--> statement-breakpoint
-- Belongs to an organisation without a reference: what was done stays when that has gone.
CREATE TABLE "audit_entries" (
	"id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"account_id" uuid,
	"action" text NOT NULL,
	"subject" text NOT NULL,
	"athlete_id" uuid,
	"fields" text[] DEFAULT '{}' NOT NULL,
	"address" text
);
--> statement-breakpoint
CREATE INDEX "audit_entries_organisation_id_at_index" ON "audit_entries" USING btree ("organisation_id","at");--> statement-breakpoint
CREATE INDEX "audit_entries_athlete_id_index" ON "audit_entries" USING btree ("athlete_id");--> statement-breakpoint

DO $$
DECLARE
  owned text;
BEGIN
  FOREACH owned IN ARRAY ARRAY['second_factors','account_squads','mailed_links','audit_entries'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', owned);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', owned);
    EXECUTE format(
      'CREATE POLICY own_organisation ON %I USING (organisation_id = nullif(current_setting(''tropaeum.organisation'', true), '''')::uuid) WITH CHECK (organisation_id = nullif(current_setting(''tropaeum.organisation'', true), '''')::uuid)',
      owned
    );
  END LOOP;
END $$;
--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON second_factors, account_squads, mailed_links TO tropaeum_app;--> statement-breakpoint
-- What is in the trail stays as it is.
GRANT SELECT, INSERT ON audit_entries TO tropaeum_app;--> statement-breakpoint
GRANT UPDATE (name, settings) ON organisations TO tropaeum_app;--> statement-breakpoint
GRANT SELECT (id, organisation_id, email, name, role, created_at), INSERT, UPDATE (name, role, password_hash), DELETE ON accounts TO tropaeum_app;--> statement-breakpoint

-- The setting tropaeum.limited says that whoever asks sees some squads only; the database holds that on every table of an athlete or a squad.
CREATE FUNCTION sees_squad(which uuid) RETURNS boolean LANGUAGE plpgsql STABLE SECURITY INVOKER SET search_path = public
  AS $$
    BEGIN
      RETURN EXISTS (
        SELECT 1 FROM account_squads WHERE account_id = nullif(current_setting('tropaeum.account', true), '')::uuid AND squad_id = which
      );
    END
  $$;
--> statement-breakpoint
CREATE FUNCTION is_limited() RETURNS boolean LANGUAGE sql STABLE
  AS $$ SELECT coalesce(current_setting('tropaeum.limited', true), '') = 'yes' $$;
--> statement-breakpoint
GRANT EXECUTE ON FUNCTION sees_squad(uuid), is_limited() TO tropaeum_app;--> statement-breakpoint
-- Functions that the planner does not look into: who is not limited, that is nearly everybody, is read for as before.
CREATE FUNCTION sees_athlete(which uuid) RETURNS boolean LANGUAGE plpgsql STABLE SECURITY INVOKER SET search_path = public
  AS $$ BEGIN RETURN EXISTS (SELECT 1 FROM athletes WHERE id = which); END $$;
--> statement-breakpoint
CREATE FUNCTION sees_session(which uuid) RETURNS boolean LANGUAGE plpgsql STABLE SECURITY INVOKER SET search_path = public
  AS $$ BEGIN RETURN EXISTS (SELECT 1 FROM sessions WHERE id = which); END $$;
--> statement-breakpoint
GRANT EXECUTE ON FUNCTION sees_athlete(uuid), sees_session(uuid) TO tropaeum_app;--> statement-breakpoint
DO $$
DECLARE
  bound text;
  rule text := 'CREATE POLICY own_squads ON %I AS RESTRICTIVE TO tropaeum_app USING (NOT (SELECT is_limited()) OR %s)';
BEGIN
  EXECUTE format(rule, 'squads', 'sees_squad(id)');
  FOREACH bound IN ARRAY ARRAY['athletes','seasons','feeds','calendar_links'] LOOP
    EXECUTE format(rule, bound, 'sees_squad(squad_id)');
  END LOOP;
  FOREACH bound IN ARRAY ARRAY['restrictions','restriction_changes','sessions','own_seasons','messages','athlete_links'] LOOP
    EXECUTE format(rule, bound, 'sees_athlete(athlete_id)');
  END LOOP;
  FOREACH bound IN ARRAY ARRAY['set_logs','session_reports','decisions'] LOOP
    EXECUTE format(rule, bound, 'sees_session(session_id)');
  END LOOP;
END $$;
--> statement-breakpoint

-- Changes of what is known of somebody's health are put down by the database, in the same transaction. What the owner of the database lays or
-- migrates is no change by anybody of the club.
CREATE FUNCTION note_change() RETURNS trigger
  LANGUAGE plpgsql SECURITY INVOKER SET search_path = public
  AS $$
    DECLARE
      was jsonb := CASE WHEN TG_OP = 'INSERT' THEN '{}' ELSE to_jsonb(OLD) END;
      becomes jsonb := CASE WHEN TG_OP = 'DELETE' THEN '{}' ELSE to_jsonb(NEW) END;
      whole jsonb := CASE WHEN TG_OP = 'DELETE' THEN was ELSE becomes END;
      athlete uuid := coalesce(whole->>'athlete_id', CASE WHEN TG_TABLE_NAME = 'athletes' THEN whole->>'id' END)::uuid;
      changed text[] := ARRAY(
        SELECT key FROM jsonb_each(was || becomes) WHERE was->key IS DISTINCT FROM becomes->key ORDER BY key
      );
    BEGIN
      IF session_user <> 'tropaeum_app' OR changed = '{}' THEN RETURN NULL; END IF;
      IF whole ? 'session_id' THEN
        SELECT athlete_id INTO athlete FROM sessions WHERE id = (whole->>'session_id')::uuid;
      END IF;
      INSERT INTO audit_entries (id, organisation_id, account_id, action, subject, athlete_id, fields, address) VALUES (
        gen_random_uuid(), (whole->>'organisation_id')::uuid, nullif(current_setting('tropaeum.account', true), '')::uuid,
        lower(TG_OP), TG_TABLE_NAME, athlete, changed, nullif(current_setting('tropaeum.address', true), '')
      );
      RETURN NULL;
    END
  $$;
--> statement-breakpoint
CREATE TRIGGER note_change AFTER INSERT OR UPDATE OR DELETE ON athletes FOR EACH ROW EXECUTE FUNCTION note_change();--> statement-breakpoint
CREATE TRIGGER note_change AFTER INSERT OR UPDATE OR DELETE ON restrictions FOR EACH ROW EXECUTE FUNCTION note_change();--> statement-breakpoint
CREATE TRIGGER note_change AFTER INSERT OR UPDATE OR DELETE ON session_reports FOR EACH ROW EXECUTE FUNCTION note_change();--> statement-breakpoint
CREATE TRIGGER note_change AFTER UPDATE OR DELETE ON accounts FOR EACH ROW EXECUTE FUNCTION note_change();--> statement-breakpoint

-- The doors once more: the table has another name, who comes in has a role, and mailed links open too.
DROP FUNCTION door_coach(text, text);--> statement-breakpoint
DROP FUNCTION door_sign_in(text);--> statement-breakpoint
DROP FUNCTION door_salt(text);--> statement-breakpoint
DROP FUNCTION anybody_there();--> statement-breakpoint
GRANT CREATE ON SCHEMA public TO tropaeum_doors;--> statement-breakpoint
GRANT SELECT ON account_squads, mailed_links, second_factors TO tropaeum_doors;--> statement-breakpoint
GRANT DELETE ON mailed_links TO tropaeum_doors;--> statement-breakpoint
CREATE POLICY doors ON account_squads FOR SELECT TO tropaeum_doors USING (current_user = 'tropaeum_doors');--> statement-breakpoint
CREATE POLICY doors ON mailed_links TO tropaeum_doors USING (current_user = 'tropaeum_doors');--> statement-breakpoint
CREATE FUNCTION door_salt(wanted_email text) RETURNS TABLE (hashed_with text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    -- An address that nobody has gets a salt that stays the same, as if somebody had it.
    SELECT coalesce(
      (SELECT regexp_replace(password_hash, '\$[^$]*$', '') FROM accounts WHERE email = wanted_email),
      '$argon2id$v=19$m=19456,t=2,p=1$' || rtrim(encode(substr(sha256(convert_to(secret || wanted_email, 'UTF8')), 1, 16), 'base64'), '=')
    ) FROM door_secrets
  $$;
--> statement-breakpoint
CREATE FUNCTION door_account(wanted_email text, hashed text) RETURNS TABLE (id uuid, organisation_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT id, organisation_id FROM accounts WHERE email = wanted_email AND password_hash = hashed $$;
--> statement-breakpoint
-- Who has this address, to send the way to a new password there.
CREATE FUNCTION door_address(wanted_email text) RETURNS TABLE (id uuid, organisation_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT id, organisation_id FROM accounts WHERE email = wanted_email $$;
--> statement-breakpoint
CREATE FUNCTION door_sign_in(wanted_hash text) RETURNS TABLE (organisation_id uuid, account_id uuid, role text, limited boolean)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    SELECT s.organisation_id, s.account_id, a.role,
      a.role <> 'owner' AND EXISTS (SELECT 1 FROM account_squads l WHERE l.account_id = a.id)
    FROM sign_ins s JOIN accounts a ON a.id = s.account_id
    WHERE s.token_hash = wanted_hash AND s.expires_at > now()
  $$;
--> statement-breakpoint
CREATE FUNCTION door_mailed_link(wanted_hash text) RETURNS TABLE (organisation_id uuid, kind text, account_id uuid, email text, closed_by text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    SELECT organisation_id, kind, account_id, email,
      CASE WHEN used_at IS NOT NULL THEN 'use' WHEN expires_at <= now() THEN 'age' END
    FROM mailed_links WHERE token_hash = wanted_hash
  $$;
--> statement-breakpoint
CREATE FUNCTION anybody_there() RETURNS boolean
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT EXISTS (SELECT 1 FROM accounts) $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION door_purge() RETURNS TABLE (gone bigint)
  LANGUAGE sql SECURITY DEFINER SET search_path = public
  AS $$
    WITH
      a AS (DELETE FROM sign_ins WHERE expires_at <= now() RETURNING 1),
      b AS (DELETE FROM calendar_links WHERE expires_at <= now() RETURNING 1),
      c AS (DELETE FROM athlete_links WHERE least(ended_at, expires_at) <= now() - interval '60 days' RETURNING 1),
      d AS (DELETE FROM rate_limits WHERE expire < extract(epoch FROM now()) * 1000 RETURNING 1),
      e AS (DELETE FROM mailed_links WHERE least(used_at, expires_at) <= now() - interval '60 days' RETURNING 1)
    SELECT (SELECT count(*) FROM a) + (SELECT count(*) FROM b) + (SELECT count(*) FROM c) + (SELECT count(*) FROM d) + (SELECT count(*) FROM e)
  $$;
--> statement-breakpoint
DO $$
DECLARE
  door text;
BEGIN
  FOREACH door IN ARRAY ARRAY['door_salt(text)','door_account(text,text)','door_address(text)','door_sign_in(text)','door_mailed_link(text)','anybody_there()'] LOOP
    EXECUTE format('REVOKE ALL ON FUNCTION %s FROM PUBLIC', door);
    EXECUTE format('GRANT EXECUTE ON FUNCTION %s TO tropaeum_app', door);
    EXECUTE format('ALTER FUNCTION %s OWNER TO tropaeum_doors', door);
  END LOOP;
END $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION anybody_there() FROM tropaeum_app;--> statement-breakpoint
REVOKE CREATE ON SCHEMA public FROM tropaeum_doors;
