-- Rows belong to an organisation, and the database itself holds that: the server's login sees only the rows of the
-- organisation named in the setting tropaeum.organisation, and none when nothing is named.
DO $$
DECLARE
  owned text;
BEGIN
  FOREACH owned IN ARRAY ARRAY['coaches','sign_ins','squads','phases','fixtures','athletes','restrictions','sessions','set_logs','session_reports','decisions','messages','athlete_links'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', owned);
    EXECUTE format(
      'CREATE POLICY own_organisation ON %I USING (organisation_id = nullif(current_setting(''tropaeum.organisation'', true), '''')::uuid) WITH CHECK (organisation_id = nullif(current_setting(''tropaeum.organisation'', true), '''')::uuid)',
      owned
    );
    EXECUTE format('GRANT SELECT, INSERT, UPDATE, DELETE ON %I TO tropaeum_app', owned);
  END LOOP;
END $$;
--> statement-breakpoint
ALTER TABLE organisations ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_organisation ON organisations USING (id = nullif(current_setting('tropaeum.organisation', true), '')::uuid);
--> statement-breakpoint
GRANT SELECT ON organisations TO tropaeum_app;
--> statement-breakpoint
-- The three doors through which somebody comes in before an organisation is known.
CREATE FUNCTION door_coach(wanted_email text) RETURNS TABLE (id uuid, organisation_id uuid, password_hash text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT id, organisation_id, password_hash FROM coaches WHERE email = wanted_email $$;
--> statement-breakpoint
CREATE FUNCTION door_sign_in(wanted_hash text) RETURNS TABLE (organisation_id uuid, coach_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT organisation_id, coach_id FROM sign_ins WHERE token_hash = wanted_hash AND expires_at > now() $$;
--> statement-breakpoint
CREATE FUNCTION door_link(wanted_hash text) RETURNS TABLE (organisation_id uuid, athlete_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT organisation_id, athlete_id FROM athlete_links WHERE token_hash = wanted_hash AND expires_at > now() $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION door_coach(text), door_sign_in(text), door_link(text) FROM PUBLIC;
--> statement-breakpoint
GRANT EXECUTE ON FUNCTION door_coach(text), door_sign_in(text), door_link(text) TO tropaeum_app;
