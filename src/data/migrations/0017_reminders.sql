ALTER TABLE "box" ADD COLUMN "reminded_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "box" ADD COLUMN "chased_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "remind_days" integer;