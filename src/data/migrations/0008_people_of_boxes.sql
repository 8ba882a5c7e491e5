CREATE TABLE "backup_run" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"file" text,
	"bytes" bigint,
	"fault" text
);
--> statement-breakpoint
CREATE TABLE "box_handover" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"box_id" uuid NOT NULL,
	"from_id" text NOT NULL,
	"to_id" text NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"actor_id" text,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "consent" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"client_id" uuid NOT NULL,
	"about" text NOT NULL,
	"way" text NOT NULL,
	"given_on" date NOT NULL,
	"withdrawn_on" date,
	"actor_id" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "rhythm" (
	"client_id" uuid PRIMARY KEY NOT NULL,
	"pace" text NOT NULL,
	"every" integer NOT NULL,
	"first_day" date NOT NULL,
	"next_day" date NOT NULL,
	"stylist_id" text NOT NULL,
	"paused_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "outbox" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"to_name" text NOT NULL,
	"to_address" text NOT NULL,
	"subject" text NOT NULL,
	"body" text NOT NULL,
	"link" text,
	"expires_at" timestamp with time zone NOT NULL,
	"invitation_id" uuid,
	"brief_link_id" uuid,
	"sent_at" timestamp with time zone,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "box" ADD COLUMN "stylist_id" text;--> statement-breakpoint
-- A box begun before boxes had a stylist is whose who began it, or else of the first who may style.
UPDATE "box" SET "stylist_id" = coalesce(
	(SELECT a."actor_id" FROM "audit" a JOIN "user" u ON u."id" = a."actor_id" AND u."role" <> 'packer'
		WHERE a."entity" = 'box' AND a."action" = 'start' AND a."entity_id" = "box"."id"::text ORDER BY a."at" LIMIT 1),
	(SELECT u."id" FROM "user" u WHERE u."shop_id" = "box"."shop_id" AND u."role" <> 'packer'
		ORDER BY u."ended_at" NULLS FIRST, u."created_at", u."id" LIMIT 1)
);--> statement-breakpoint
ALTER TABLE "box" ALTER COLUMN "stylist_id" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "box" ADD COLUMN "wanted_by" date;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "keep_measures_months" integer;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "keep_photos_months" integer;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "keep_boxes_months" integer;--> statement-breakpoint
ALTER TABLE "box_handover" ADD CONSTRAINT "box_handover_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box_handover" ADD CONSTRAINT "box_handover_from_id_user_id_fk" FOREIGN KEY ("from_id") REFERENCES "public"."user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box_handover" ADD CONSTRAINT "box_handover_to_id_user_id_fk" FOREIGN KEY ("to_id") REFERENCES "public"."user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "consent" ADD CONSTRAINT "consent_client_id_client_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."client"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rhythm" ADD CONSTRAINT "rhythm_client_id_client_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."client"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rhythm" ADD CONSTRAINT "rhythm_stylist_id_user_id_fk" FOREIGN KEY ("stylist_id") REFERENCES "public"."user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "outbox" ADD CONSTRAINT "outbox_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "outbox" ADD CONSTRAINT "outbox_invitation_id_invitation_id_fk" FOREIGN KEY ("invitation_id") REFERENCES "public"."invitation"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "outbox" ADD CONSTRAINT "outbox_brief_link_id_brief_link_id_fk" FOREIGN KEY ("brief_link_id") REFERENCES "public"."brief_link"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "backup_run_at" ON "backup_run" USING btree ("at");--> statement-breakpoint
CREATE INDEX "box_handover_box" ON "box_handover" USING btree ("box_id","at");--> statement-breakpoint
CREATE UNIQUE INDEX "consent_standing" ON "consent" USING btree ("client_id","about") WHERE withdrawn_on is null;--> statement-breakpoint
CREATE INDEX "outbox_shop" ON "outbox" USING btree ("shop_id","created_at");--> statement-breakpoint
ALTER TABLE "box" ADD CONSTRAINT "box_stylist_id_user_id_fk" FOREIGN KEY ("stylist_id") REFERENCES "public"."user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "box_of_rhythm" ON "box" USING btree ("client_id","wanted_by");