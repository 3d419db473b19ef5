-- Physios, guardians and athletes with a sign-in of their own; consent of guardians; how long data is kept; clubs that found, export and erase themselves.
ALTER TABLE "accounts" DROP CONSTRAINT "accounts_role_known";--> statement-breakpoint
ALTER TABLE "accounts" ADD CONSTRAINT "accounts_role_known" CHECK (role IN ('owner', 'coach', 'assistant', 'physio', 'guardian', 'athlete'));--> statement-breakpoint
ALTER TABLE "mailed_links" ADD COLUMN "athlete_ids" uuid[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "restrictions" ADD COLUMN "criteria" text;--> statement-breakpoint
ALTER TABLE "restrictions" ADD COLUMN "physio_id" uuid REFERENCES "accounts"("id") ON DELETE SET NULL;--> statement-breakpoint
ALTER TABLE "restriction_changes" ADD COLUMN "changed_by" uuid;--> statement-breakpoint
ALTER TABLE "athletes" ADD COLUMN "assumed" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "athletes" ADD COLUMN "consent_missing_since" date;--> statement-breakpoint
CREATE INDEX "restrictions_physio_id_index" ON "restrictions" USING btree ("physio_id");--> statement-breakpoint

-- Minors of whom nothing but the name may be kept yet. The same id goes on as that of the athlete, and back.
CREATE TABLE "pending_athletes" (
	"id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"squad_id" uuid NOT NULL REFERENCES "squads"("id") ON DELETE cascade,
	"name" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE INDEX "pending_athletes_squad_id_index" ON "pending_athletes" USING btree ("squad_id");--> statement-breakpoint
-- Whom a physio treats, whose guardian somebody is, which athlete somebody is: also of those of whom only the name is kept.
CREATE TABLE "account_athletes" (
	"account_id" uuid NOT NULL REFERENCES "accounts"("id") ON DELETE cascade,
	"athlete_id" uuid NOT NULL,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	CONSTRAINT "account_athletes_account_id_athlete_id_pk" PRIMARY KEY("account_id","athlete_id")
);
--> statement-breakpoint
CREATE INDEX "account_athletes_athlete_id_index" ON "account_athletes" USING btree ("athlete_id");--> statement-breakpoint
-- What a guardian agreed to, word for word; stays when it is withdrawn.
CREATE TABLE "consents" (
	"id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"athlete_id" uuid NOT NULL,
	"version" text NOT NULL,
	"wording" text NOT NULL,
	"given_at" timestamp with time zone DEFAULT now() NOT NULL,
	"given_by" uuid,
	"given_name" text NOT NULL,
	"withdrawn_at" timestamp with time zone,
	"withdrawn_name" text
);
--> statement-breakpoint
CREATE UNIQUE INDEX "consents_standing" ON "consents" USING btree ("athlete_id") WHERE withdrawn_at is null;--> statement-breakpoint
CREATE TABLE "release_requests" (
	"id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"athlete_id" uuid NOT NULL REFERENCES "athletes"("id") ON DELETE cascade,
	"region" text NOT NULL,
	"side" text,
	"words" text NOT NULL,
	"asked_by" text NOT NULL,
	"asked_at" timestamp with time zone DEFAULT now() NOT NULL,
	"answered_at" timestamp with time zone,
	"answer" text
);
--> statement-breakpoint
CREATE INDEX "release_requests_athlete_id_index" ON "release_requests" USING btree ("athlete_id");--> statement-breakpoint

DO $$
DECLARE
  owned text;
BEGIN
  FOREACH owned IN ARRAY ARRAY['pending_athletes','account_athletes','consents','release_requests'] LOOP
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

-- Who is limited sees squads it was given, and athletes it was given with the squads they are in.
CREATE FUNCTION sees_member(which uuid, of_squad uuid) RETURNS boolean LANGUAGE plpgsql STABLE SECURITY INVOKER SET search_path = public
  AS $$
    BEGIN
      RETURN EXISTS (SELECT 1 FROM account_squads WHERE account_id = nullif(current_setting('tropaeum.account', true), '')::uuid AND squad_id = of_squad)
        OR EXISTS (SELECT 1 FROM account_athletes WHERE account_id = nullif(current_setting('tropaeum.account', true), '')::uuid AND athlete_id = which);
    END
  $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION sees_squad(which uuid) RETURNS boolean LANGUAGE plpgsql STABLE SECURITY INVOKER SET search_path = public
  AS $$
    BEGIN
      RETURN EXISTS (
        SELECT 1 FROM account_squads WHERE account_id = nullif(current_setting('tropaeum.account', true), '')::uuid AND squad_id = which
      ) OR EXISTS (
        SELECT 1 FROM account_athletes g
        WHERE g.account_id = nullif(current_setting('tropaeum.account', true), '')::uuid
          AND (EXISTS (SELECT 1 FROM athletes a WHERE a.id = g.athlete_id AND a.squad_id = which)
            OR EXISTS (SELECT 1 FROM pending_athletes p WHERE p.id = g.athlete_id AND p.squad_id = which))
      );
    END
  $$;
--> statement-breakpoint
-- Of a consent: the name stays when the athlete has gone back to being one.
CREATE FUNCTION sees_name(which uuid) RETURNS boolean LANGUAGE plpgsql STABLE SECURITY INVOKER SET search_path = public
  AS $$
    BEGIN
      RETURN EXISTS (SELECT 1 FROM athletes WHERE id = which) OR EXISTS (SELECT 1 FROM pending_athletes WHERE id = which);
    END
  $$;
--> statement-breakpoint
GRANT EXECUTE ON FUNCTION sees_member(uuid, uuid), sees_name(uuid) TO tropaeum_app;--> statement-breakpoint
DROP POLICY own_squads ON athletes;--> statement-breakpoint
CREATE POLICY own_squads ON athletes AS RESTRICTIVE TO tropaeum_app USING (NOT (SELECT is_limited()) OR sees_member(id, squad_id));--> statement-breakpoint
CREATE POLICY own_squads ON pending_athletes AS RESTRICTIVE TO tropaeum_app USING (NOT (SELECT is_limited()) OR sees_member(id, squad_id));--> statement-breakpoint
CREATE POLICY own_squads ON consents AS RESTRICTIVE TO tropaeum_app USING (NOT (SELECT is_limited()) OR sees_name(athlete_id));--> statement-breakpoint
CREATE POLICY own_squads ON release_requests AS RESTRICTIVE TO tropaeum_app USING (NOT (SELECT is_limited()) OR sees_athlete(athlete_id));--> statement-breakpoint

-- Consent is put down as a change of health data is; of sets one line for all that came at once, whoever they came from.
CREATE TRIGGER note_change AFTER INSERT OR UPDATE OR DELETE ON consents FOR EACH ROW EXECUTE FUNCTION note_change();--> statement-breakpoint
CREATE FUNCTION note_sets() RETURNS trigger
  LANGUAGE plpgsql SECURITY INVOKER SET search_path = public
  AS $$
    BEGIN
      IF session_user <> 'tropaeum_app' THEN RETURN NULL; END IF;
      INSERT INTO audit_entries (id, organisation_id, account_id, action, subject, athlete_id, fields, address)
        SELECT gen_random_uuid(), sets.organisation_id, nullif(current_setting('tropaeum.account', true), '')::uuid, lower(TG_OP), 'set_logs',
          sessions.athlete_id, array_agg(DISTINCT sets.variant ORDER BY sets.variant), nullif(current_setting('tropaeum.address', true), '')
        FROM changed sets JOIN sessions ON sessions.id = sets.session_id
        GROUP BY sets.organisation_id, sessions.athlete_id;
      RETURN NULL;
    END
  $$;
--> statement-breakpoint
CREATE TRIGGER note_sets AFTER INSERT ON set_logs REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION note_sets();--> statement-breakpoint
CREATE TRIGGER note_set_changes AFTER UPDATE ON set_logs REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION note_sets();--> statement-breakpoint
CREATE TRIGGER note_set_losses AFTER DELETE ON set_logs REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION note_sets();--> statement-breakpoint

-- The doors: who sees single athletes is always limited, an athlete's own sign-in opens what a link opens, and clubs come and go.
GRANT CREATE ON SCHEMA public TO tropaeum_doors;--> statement-breakpoint
GRANT SELECT ON account_athletes, organisations TO tropaeum_doors;--> statement-breakpoint
GRANT INSERT, DELETE ON organisations TO tropaeum_doors;--> statement-breakpoint
CREATE POLICY doors ON organisations FOR SELECT TO tropaeum_doors USING (current_user = 'tropaeum_doors');--> statement-breakpoint
GRANT INSERT ON accounts, mailed_links TO tropaeum_doors;--> statement-breakpoint
GRANT SELECT, INSERT, DELETE ON audit_entries TO tropaeum_doors;--> statement-breakpoint
-- What goes with a club is put down on its way, and for that it is looked up whose it was.
GRANT SELECT (id, organisation_id, athlete_id) ON sessions TO tropaeum_doors;--> statement-breakpoint
CREATE POLICY doors ON account_athletes FOR SELECT TO tropaeum_doors USING (current_user = 'tropaeum_doors');--> statement-breakpoint
CREATE OR REPLACE FUNCTION door_sign_in(wanted_hash text) RETURNS TABLE (organisation_id uuid, account_id uuid, role text, limited boolean)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    SELECT s.organisation_id, s.account_id, a.role,
      a.role IN ('physio', 'guardian', 'athlete') OR (a.role <> 'owner' AND EXISTS (SELECT 1 FROM account_squads l WHERE l.account_id = a.id))
    FROM sign_ins s JOIN accounts a ON a.id = s.account_id
    WHERE s.token_hash = wanted_hash AND s.expires_at > now()
  $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION door_link(wanted_hash text) RETURNS TABLE (organisation_id uuid, athlete_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$
    SELECT organisation_id, athlete_id FROM athlete_links WHERE token_hash = wanted_hash AND ended_at IS NULL AND expires_at > now()
    UNION ALL
    SELECT s.organisation_id, g.athlete_id
    FROM sign_ins s JOIN accounts a ON a.id = s.account_id AND a.role = 'athlete' JOIN account_athletes g ON g.account_id = a.id
    WHERE s.token_hash = wanted_hash AND s.expires_at > now()
  $$;
--> statement-breakpoint
-- A club that founds itself, where the installation allows that: with its owner, whose password nobody knows yet, and the link that sets one.
CREATE FUNCTION door_found_club(club_id uuid, club text, owner_id uuid, owner_name text, owner_email text, nobodys_hash text, link_id uuid, link_hash text, minutes integer)
  RETURNS TABLE (founded boolean)
  LANGUAGE plpgsql SECURITY DEFINER SET search_path = public
  AS $$
    BEGIN
      IF EXISTS (SELECT 1 FROM accounts WHERE email = owner_email) THEN RETURN QUERY SELECT false; RETURN; END IF;
      PERFORM set_config('tropaeum.organisation', club_id::text, true);
      INSERT INTO organisations (id, name) VALUES (club_id, club);
      INSERT INTO accounts (id, organisation_id, email, name, role, password_hash) VALUES (owner_id, club_id, owner_email, owner_name, 'owner', nobodys_hash);
      INSERT INTO mailed_links (token_hash, id, organisation_id, kind, account_id, email, expires_at)
        VALUES (link_hash, link_id, club_id, 'reset', owner_id, owner_email, now() + make_interval(mins => minutes));
      RETURN QUERY SELECT true;
    END
  $$;
--> statement-breakpoint
-- Takes away the club in whose name it is asked, with everything. What stays is one line: that it was erased, when and from where, without a name.
CREATE FUNCTION erase_club() RETURNS void
  LANGUAGE plpgsql SECURITY DEFINER SET search_path = public
  AS $$
    DECLARE
      club uuid := nullif(current_setting('tropaeum.organisation', true), '')::uuid;
    BEGIN
      DELETE FROM organisations WHERE id = club;
      DELETE FROM audit_entries WHERE organisation_id = club;
      INSERT INTO audit_entries (id, organisation_id, account_id, action, subject, address)
        VALUES (gen_random_uuid(), club, nullif(current_setting('tropaeum.account', true), '')::uuid, 'delete', 'club', nullif(current_setting('tropaeum.address', true), ''));
    END
  $$;
--> statement-breakpoint
-- The trail loses what is older than the club keeps it; never what is younger than a year, whoever asks.
CREATE FUNCTION purge_audit(months integer) RETURNS bigint
  LANGUAGE sql SECURITY DEFINER SET search_path = public
  AS $$
    WITH gone AS (
      DELETE FROM audit_entries
      WHERE organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid AND at < now() - make_interval(months => greatest(months, 12))
      RETURNING 1
    ) SELECT count(*) FROM gone
  $$;
--> statement-breakpoint
-- Clubs whose kept data is to be looked at.
CREATE FUNCTION door_clubs() RETURNS TABLE (organisation_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT id FROM organisations $$;
--> statement-breakpoint
DO $$
DECLARE
  door text;
BEGIN
  FOREACH door IN ARRAY ARRAY['door_found_club(uuid,text,uuid,text,text,text,uuid,text,integer)','erase_club()','purge_audit(integer)','door_clubs()'] LOOP
    EXECUTE format('REVOKE ALL ON FUNCTION %s FROM PUBLIC', door);
    EXECUTE format('GRANT EXECUTE ON FUNCTION %s TO tropaeum_app', door);
    EXECUTE format('ALTER FUNCTION %s OWNER TO tropaeum_doors', door);
  END LOOP;
END $$;
--> statement-breakpoint
REVOKE CREATE ON SCHEMA public FROM tropaeum_doors;
