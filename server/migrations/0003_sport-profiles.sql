CREATE TABLE "sport_profiles" (
	"id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL,
	"sport_id" text NOT NULL,
	"profile" jsonb NOT NULL,
	"revision" integer DEFAULT 1 NOT NULL,
	"removed" boolean DEFAULT false NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "sport_profiles_organisation_id_sport_id_unique" UNIQUE("organisation_id","sport_id")
);
--> statement-breakpoint
ALTER TABLE "athletes" ADD COLUMN "history" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "athletes" ADD COLUMN "tests" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "athletes" ADD COLUMN "moved" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "sport_profiles" ADD CONSTRAINT "sport_profiles_organisation_id_organisations_id_fk" FOREIGN KEY ("organisation_id") REFERENCES "public"."organisations"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE sport_profiles ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_organisation ON sport_profiles USING (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid) WITH CHECK (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid);
--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON sport_profiles TO tropaeum_app;
