CREATE TABLE "credit_note" (
	"shop_id" uuid NOT NULL,
	"no" integer NOT NULL,
	"box_id" uuid NOT NULL,
	"box_line_id" uuid NOT NULL,
	"amount_minor" integer NOT NULL,
	"tax_minor" integer NOT NULL,
	"withheld_minor" integer NOT NULL,
	"back_to" text NOT NULL,
	"actor_id" text,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "credit_note_shop_id_no_pk" PRIMARY KEY("shop_id","no"),
	CONSTRAINT "credit_note_no" CHECK ("credit_note"."no" > 0),
	CONSTRAINT "credit_note_amounts" CHECK ("credit_note"."amount_minor" >= 0 and "credit_note"."withheld_minor" >= 0 and "credit_note"."tax_minor" >= 0)
);
--> statement-breakpoint
CREATE TABLE "parcel" (
	"box_id" uuid NOT NULL,
	"no" integer NOT NULL,
	"tracking" text,
	"sent_at" timestamp with time zone NOT NULL,
	"actor_id" text,
	CONSTRAINT "parcel_box_id_no_pk" PRIMARY KEY("box_id","no"),
	CONSTRAINT "parcel_no" CHECK ("parcel"."no" > 0)
);
--> statement-breakpoint
ALTER TABLE "box_line" ADD COLUMN "exchange_of" uuid;--> statement-breakpoint
ALTER TABLE "box_line" ADD COLUMN "parcel_no" integer;--> statement-breakpoint
ALTER TABLE "box_line" ADD COLUMN "came_back_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "credit_note" ADD CONSTRAINT "credit_note_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "credit_note" ADD CONSTRAINT "credit_note_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "parcel" ADD CONSTRAINT "parcel_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "credit_note_line" ON "credit_note" USING btree ("box_line_id");--> statement-breakpoint
CREATE INDEX "credit_note_box" ON "credit_note" USING btree ("box_id");--> statement-breakpoint
ALTER TABLE "box_line" ADD CONSTRAINT "box_line_exchange_of_box_line_id_fk" FOREIGN KEY ("exchange_of") REFERENCES "public"."box_line"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "box_line_one_exchange" ON "box_line" USING btree ("exchange_of") WHERE removed_at is null;--> statement-breakpoint
-- What has gone out already was one parcel a box.
INSERT INTO "parcel" ("box_id", "no", "tracking", "sent_at")
SELECT "id", 1, "parcel", "out_at" FROM "box" WHERE "out_at" IS NOT NULL;
--> statement-breakpoint
UPDATE "box_line" SET "parcel_no" = 1 FROM "box" WHERE "box"."id" = "box_line"."box_id" AND "box"."out_at" IS NOT NULL AND "box_line"."removed_at" IS NULL;
--> statement-breakpoint
ALTER TABLE "box" DROP COLUMN "parcel";--> statement-breakpoint
CREATE TRIGGER credit_note_append_only BEFORE UPDATE OR DELETE ON credit_note FOR EACH ROW EXECUTE FUNCTION refuse_change();
