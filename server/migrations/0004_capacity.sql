ALTER TABLE "athletes" ADD COLUMN "battery" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "set_logs" ADD COLUMN "reserve" smallint;