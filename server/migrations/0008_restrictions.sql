CREATE TABLE "restriction_changes" (
	"id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	"before" jsonb,
	"after" jsonb,
	"release" jsonb,
	"changed_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "restrictions" ADD COLUMN "cause" text;--> statement-breakpoint
ALTER TABLE "restrictions" ADD COLUMN "since" date;--> statement-breakpoint
ALTER TABLE "restrictions" ADD COLUMN "range_degrees" jsonb;--> statement-breakpoint
ALTER TABLE "restrictions" ADD COLUMN "weight_bearing" text;--> statement-breakpoint
ALTER TABLE "restrictions" ADD COLUMN "stage" integer;--> statement-breakpoint
ALTER TABLE "restrictions" ADD COLUMN "without" jsonb;--> statement-breakpoint
ALTER TABLE "restrictions" ADD COLUMN "set_by" text;--> statement-breakpoint
ALTER TABLE "restriction_changes" ADD CONSTRAINT "restriction_changes_organisation_id_organisations_id_fk" FOREIGN KEY ("organisation_id") REFERENCES "public"."organisations"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "restriction_changes" ADD CONSTRAINT "restriction_changes_athlete_id_athletes_id_fk" FOREIGN KEY ("athlete_id") REFERENCES "public"."athletes"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "restriction_changes_athlete_id_changed_at_index" ON "restriction_changes" USING btree ("athlete_id","changed_at");--> statement-breakpoint
ALTER TABLE restriction_changes ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_organisation ON restriction_changes USING (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid) WITH CHECK (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid);
--> statement-breakpoint
-- What was written down stays: it is added to, never changed.
GRANT SELECT, INSERT ON restriction_changes TO tropaeum_app;
