ALTER TABLE "box_line" ADD COLUMN "laid_in" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "box_line" ADD COLUMN "lost_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "lost_fee_back" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "silent_keep_days" integer;