CREATE TABLE "box_link" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"box_id" uuid NOT NULL,
	"token_hash" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"revoked_at" timestamp with time zone,
	"opened_at" timestamp with time zone,
	"answered_at" timestamp with time zone,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "receipt" (
	"shop_id" uuid NOT NULL,
	"no" integer NOT NULL,
	"box_id" uuid NOT NULL,
	"amount_minor" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "receipt_shop_id_no_pk" PRIMARY KEY("shop_id","no"),
	CONSTRAINT "receipt_no" CHECK ("receipt"."no" > 0)
);
--> statement-breakpoint
ALTER TABLE "box_line" ADD COLUMN "decided_by" text;--> statement-breakpoint
ALTER TABLE "outbox" ADD COLUMN "box_link_id" uuid;--> statement-breakpoint
ALTER TABLE "box_link" ADD CONSTRAINT "box_link_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "receipt" ADD CONSTRAINT "receipt_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "receipt" ADD CONSTRAINT "receipt_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "box_link_token" ON "box_link" USING btree ("token_hash");--> statement-breakpoint
CREATE INDEX "box_link_box" ON "box_link" USING btree ("box_id","created_at");--> statement-breakpoint
CREATE UNIQUE INDEX "receipt_box" ON "receipt" USING btree ("box_id");--> statement-breakpoint
ALTER TABLE "outbox" ADD CONSTRAINT "outbox_box_link_id_box_link_id_fk" FOREIGN KEY ("box_link_id") REFERENCES "public"."box_link"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
-- Boxes closed before receipts were numbered get theirs, in the order in which they were closed.
INSERT INTO "receipt" ("shop_id", "no", "box_id", "amount_minor", "at")
SELECT "shop_id", row_number() OVER (PARTITION BY "shop_id" ORDER BY "closed_at", "number"), "id",
  greatest(("total" ->> 'dueMinor')::int, 0), "closed_at"
FROM "box" WHERE "state" = 'closed' AND "total" IS NOT NULL AND "closed_at" IS NOT NULL;
--> statement-breakpoint
CREATE TRIGGER receipt_append_only BEFORE UPDATE OR DELETE ON receipt FOR EACH ROW EXECUTE FUNCTION refuse_change();
