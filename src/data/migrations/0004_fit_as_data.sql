-- A fit was kept as a sentence; a sentence is not taken apart again, so lines held before say nothing of it.
ALTER TABLE "box_line" ALTER COLUMN "fit" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "box_line" ALTER COLUMN "fit" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "box_line" ALTER COLUMN "fit" SET DATA TYPE jsonb USING NULL;
