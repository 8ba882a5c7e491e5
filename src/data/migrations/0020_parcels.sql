ALTER TABLE "box" ADD COLUMN "appointment_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "carrier" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "address" text DEFAULT '' NOT NULL;