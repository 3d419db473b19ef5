CREATE TABLE "calendar_links" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"athlete_id" uuid,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "feeds" (
	"id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"url" text NOT NULL,
	"otherwise" text NOT NULL,
	"copy" text,
	"read_at" timestamp with time zone,
	"tried_at" timestamp with time zone,
	"problem" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "feeds_squad_id_url_unique" UNIQUE("squad_id","url")
);
--> statement-breakpoint
CREATE TABLE "own_seasons" (
	"athlete_id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL,
	"content" jsonb NOT NULL,
	"revision" integer DEFAULT 1 NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "seasons" (
	"squad_id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL,
	"content" jsonb NOT NULL,
	"revision" integer DEFAULT 1 NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "dose" jsonb;--> statement-breakpoint
ALTER TABLE "calendar_links" ADD CONSTRAINT "calendar_links_organisation_id_organisations_id_fk" FOREIGN KEY ("organisation_id") REFERENCES "public"."organisations"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "calendar_links" ADD CONSTRAINT "calendar_links_squad_id_squads_id_fk" FOREIGN KEY ("squad_id") REFERENCES "public"."squads"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "calendar_links" ADD CONSTRAINT "calendar_links_athlete_id_athletes_id_fk" FOREIGN KEY ("athlete_id") REFERENCES "public"."athletes"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "feeds" ADD CONSTRAINT "feeds_organisation_id_organisations_id_fk" FOREIGN KEY ("organisation_id") REFERENCES "public"."organisations"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "feeds" ADD CONSTRAINT "feeds_squad_id_squads_id_fk" FOREIGN KEY ("squad_id") REFERENCES "public"."squads"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "own_seasons" ADD CONSTRAINT "own_seasons_athlete_id_athletes_id_fk" FOREIGN KEY ("athlete_id") REFERENCES "public"."athletes"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "own_seasons" ADD CONSTRAINT "own_seasons_organisation_id_organisations_id_fk" FOREIGN KEY ("organisation_id") REFERENCES "public"."organisations"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "seasons" ADD CONSTRAINT "seasons_squad_id_squads_id_fk" FOREIGN KEY ("squad_id") REFERENCES "public"."squads"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "seasons" ADD CONSTRAINT "seasons_organisation_id_organisations_id_fk" FOREIGN KEY ("organisation_id") REFERENCES "public"."organisations"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "calendar_links_squad_id_index" ON "calendar_links" USING btree ("squad_id");--> statement-breakpoint
CREATE INDEX "calendar_links_athlete_id_index" ON "calendar_links" USING btree ("athlete_id");--> statement-breakpoint
CREATE INDEX "own_seasons_organisation_id_index" ON "own_seasons" USING btree ("organisation_id");--> statement-breakpoint
CREATE INDEX "feeds_tried_at_index" ON "feeds" USING btree ("tried_at");--> statement-breakpoint
CREATE INDEX "seasons_organisation_id_index" ON "seasons" USING btree ("organisation_id");
--> statement-breakpoint
ALTER TABLE seasons ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_organisation ON seasons USING (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid) WITH CHECK (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid);
--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON seasons TO tropaeum_app;
--> statement-breakpoint
ALTER TABLE own_seasons ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_organisation ON own_seasons USING (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid) WITH CHECK (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid);
--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON own_seasons TO tropaeum_app;
--> statement-breakpoint
ALTER TABLE feeds ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_organisation ON feeds USING (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid) WITH CHECK (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid);
--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON feeds TO tropaeum_app;
--> statement-breakpoint
ALTER TABLE calendar_links ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_organisation ON calendar_links USING (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid) WITH CHECK (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid);
--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON calendar_links TO tropaeum_app;
--> statement-breakpoint
-- Doors: a calendar that is subscribed to is known by its address alone, and feeds fall due whoever's they are.
CREATE FUNCTION door_calendar(wanted_hash text) RETURNS TABLE (organisation_id uuid, squad_id uuid, athlete_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT organisation_id, squad_id, athlete_id FROM calendar_links WHERE token_hash = wanted_hash $$;
--> statement-breakpoint
CREATE FUNCTION door_due_feeds(untried_since text) RETURNS TABLE (organisation_id uuid, feed_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public
  AS $$ SELECT organisation_id, id FROM feeds WHERE tried_at IS NULL OR tried_at < untried_since::timestamptz ORDER BY tried_at NULLS FIRST LIMIT 50 $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION door_calendar(text), door_due_feeds(text) FROM PUBLIC;
--> statement-breakpoint
GRANT EXECUTE ON FUNCTION door_calendar(text), door_due_feeds(text) TO tropaeum_app;
