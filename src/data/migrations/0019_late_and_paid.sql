CREATE TABLE "card_sum" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"box_id" uuid NOT NULL,
	"amount_minor" integer NOT NULL,
	"voucher_id" uuid,
	"state" text DEFAULT 'asked' NOT NULL,
	"actor_id" text,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "card_sum_amount" CHECK ("card_sum"."amount_minor" > 0)
);
--> statement-breakpoint
CREATE TABLE "voucher" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"code" text NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "voucher_movement" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"voucher_id" uuid NOT NULL,
	"cause" text NOT NULL,
	"amount_minor" integer NOT NULL,
	"box_id" uuid,
	"actor_id" text,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "voucher_movement_sign" CHECK (("voucher_movement"."cause" = 'spend') = ("voucher_movement"."amount_minor" < 0))
);
--> statement-breakpoint
DROP INDEX "payment_once";--> statement-breakpoint
ALTER TABLE "payment" ADD COLUMN "voucher_id" uuid;--> statement-breakpoint
ALTER TABLE "payment" ADD COLUMN "card_id" uuid;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "terminal" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "late_return_days" integer;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "late_keep_all" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "damage_share_bp" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "card_sum" ADD CONSTRAINT "card_sum_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "card_sum" ADD CONSTRAINT "card_sum_voucher_id_voucher_id_fk" FOREIGN KEY ("voucher_id") REFERENCES "public"."voucher"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "voucher" ADD CONSTRAINT "voucher_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "voucher_movement" ADD CONSTRAINT "voucher_movement_voucher_id_voucher_id_fk" FOREIGN KEY ("voucher_id") REFERENCES "public"."voucher"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "voucher_movement" ADD CONSTRAINT "voucher_movement_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "card_sum_open" ON "card_sum" USING btree ("box_id") WHERE "card_sum"."state" in ('asked', 'approved');--> statement-breakpoint
CREATE UNIQUE INDEX "voucher_code" ON "voucher" USING btree ("shop_id","code");--> statement-breakpoint
CREATE INDEX "voucher_movement_voucher" ON "voucher_movement" USING btree ("voucher_id","at");--> statement-breakpoint
ALTER TABLE "payment" ADD CONSTRAINT "payment_voucher_id_voucher_id_fk" FOREIGN KEY ("voucher_id") REFERENCES "public"."voucher"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "payment" ADD CONSTRAINT "payment_card_id_card_sum_id_fk" FOREIGN KEY ("card_id") REFERENCES "public"."card_sum"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "payment_once" ON "payment" USING btree ("box_id","kind",coalesce("voucher_id", "box_id")) WHERE "payment"."kind" <> 'refund';--> statement-breakpoint
CREATE TRIGGER voucher_movement_append_only BEFORE UPDATE OR DELETE ON voucher_movement FOR EACH ROW EXECUTE FUNCTION refuse_change();
