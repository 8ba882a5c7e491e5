CREATE TABLE "worker_beat" (
	"name" text PRIMARY KEY NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "limit_pass" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"box_line_id" uuid NOT NULL,
	"code" text NOT NULL,
	"about" text NOT NULL,
	"reason" text NOT NULL,
	"actor_id" text,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "rate_limit" (
	"key" varchar(255) PRIMARY KEY NOT NULL,
	"points" integer DEFAULT 0 NOT NULL,
	"expire" bigint
);
--> statement-breakpoint
CREATE TABLE "stock_proposal" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"variant_id" uuid NOT NULL,
	"location_id" uuid NOT NULL,
	"cause" text NOT NULL,
	"qty" integer NOT NULL,
	"reason" text NOT NULL,
	"actor_id" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"settled_at" timestamp with time zone,
	"settled_by" text,
	"accepted" boolean,
	CONSTRAINT "stock_proposal_qty" CHECK ("stock_proposal"."qty" > 0)
);
--> statement-breakpoint
ALTER TABLE "sign_in_try" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
DROP TABLE "sign_in_try" CASCADE;--> statement-breakpoint
ALTER TABLE "hold" ALTER COLUMN "expires_at" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "occasion" ADD COLUMN "version" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "owned_item" ADD COLUMN "version" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "limit_pass" ADD CONSTRAINT "limit_pass_box_line_id_box_line_id_fk" FOREIGN KEY ("box_line_id") REFERENCES "public"."box_line"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_proposal" ADD CONSTRAINT "stock_proposal_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_proposal" ADD CONSTRAINT "stock_proposal_variant_id_variant_id_fk" FOREIGN KEY ("variant_id") REFERENCES "public"."variant"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_proposal" ADD CONSTRAINT "stock_proposal_location_id_location_id_fk" FOREIGN KEY ("location_id") REFERENCES "public"."location"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "limit_pass_once" ON "limit_pass" USING btree ("box_line_id","code","about");--> statement-breakpoint
CREATE INDEX "stock_proposal_open" ON "stock_proposal" USING btree ("shop_id","created_at") WHERE "stock_proposal"."settled_at" is null;--> statement-breakpoint
CREATE INDEX "idempotency_age" ON "idempotency" USING btree ("created_at");--> statement-breakpoint
CREATE UNIQUE INDEX "hold_one_active" ON "hold" USING btree ("box_line_id") WHERE "hold"."state" = 'active';--> statement-breakpoint
CREATE UNIQUE INDEX "payment_once" ON "payment" USING btree ("box_id","kind") WHERE "payment"."kind" <> 'refund';--> statement-breakpoint
-- What is packed is on no clock.
UPDATE "hold" SET "expires_at" = NULL FROM "box_line", "box"
WHERE "hold"."state" = 'active' AND "box_line"."id" = "hold"."box_line_id" AND "box"."id" = "box_line"."box_id" AND "box"."state" = 'packed';
