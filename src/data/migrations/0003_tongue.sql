ALTER TABLE "shop" ADD COLUMN "english" text DEFAULT 'british' NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "units" text DEFAULT 'cm' NOT NULL;