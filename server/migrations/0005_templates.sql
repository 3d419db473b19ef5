CREATE TABLE "templates" (
	"id" uuid PRIMARY KEY NOT NULL,
	"organisation_id" uuid NOT NULL,
	"name" text NOT NULL,
	"content" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "templates_organisation_id_name_unique" UNIQUE("organisation_id","name")
);
--> statement-breakpoint
ALTER TABLE "templates" ADD CONSTRAINT "templates_organisation_id_organisations_id_fk" FOREIGN KEY ("organisation_id") REFERENCES "public"."organisations"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE templates ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_organisation ON templates USING (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid) WITH CHECK (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid);
--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON templates TO tropaeum_app;
