ALTER TABLE "alteration" ADD COLUMN "mm" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "alteration" ALTER COLUMN "mm" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "alteration" ADD COLUMN "created_at" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "box_line" ADD COLUMN "fit_point" text;--> statement-breakpoint
ALTER TABLE "box_line" ADD COLUMN "scanned_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "look" ADD COLUMN "stages" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "look" ADD COLUMN "spoke" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "pull_settings" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "altered_may_return" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "garment" ADD COLUMN "cost_minor" integer;