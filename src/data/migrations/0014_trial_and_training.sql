ALTER TABLE "look" ADD COLUMN "against" jsonb;--> statement-breakpoint
ALTER TABLE "user" ADD COLUMN "in_training" boolean DEFAULT false NOT NULL;