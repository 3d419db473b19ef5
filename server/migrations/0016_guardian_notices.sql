-- What a guardian of a minor is told of a session on the same day, one row a guardian; sent by mail, and tried again until it has gone.
CREATE TABLE "guardian_notices" (
	"session_id" uuid NOT NULL REFERENCES "sessions"("id") ON DELETE cascade,
	"account_id" uuid NOT NULL REFERENCES "accounts"("id") ON DELETE cascade,
	"organisation_id" uuid NOT NULL REFERENCES "organisations"("id") ON DELETE cascade,
	"kind" text NOT NULL,
	"text" text NOT NULL,
	"noticed_at" timestamp with time zone NOT NULL,
	"sent_at" timestamp with time zone,
	PRIMARY KEY ("session_id", "account_id", "kind")
);
--> statement-breakpoint
CREATE INDEX "guardian_notices_waiting" ON "guardian_notices" USING btree ("noticed_at") WHERE "sent_at" IS NULL;--> statement-breakpoint
CREATE INDEX "guardian_notices_account_id_index" ON "guardian_notices" USING btree ("account_id");--> statement-breakpoint
ALTER TABLE "guardian_notices" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "guardian_notices" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY own_organisation ON "guardian_notices" USING (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid) WITH CHECK (organisation_id = nullif(current_setting('tropaeum.organisation', true), '')::uuid);--> statement-breakpoint
CREATE POLICY own_squads ON "guardian_notices" AS RESTRICTIVE TO tropaeum_app USING (NOT (SELECT is_limited()) OR sees_session(session_id));--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON "guardian_notices" TO tropaeum_app;
