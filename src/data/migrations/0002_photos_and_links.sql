CREATE TABLE "brief_link" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"client_id" uuid NOT NULL,
	"token_hash" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"revoked_at" timestamp with time zone,
	"draft" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"saved_at" timestamp with time zone,
	"sent_at" timestamp with time zone,
	"settled_at" timestamp with time zone,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "photo" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"garment_id" uuid,
	"owned_item_id" uuid,
	"brief_link_id" uuid,
	"jpeg" "bytea" NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"caption" text DEFAULT '' NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "client" ADD COLUMN "erased_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "brief_link" ADD CONSTRAINT "brief_link_client_id_client_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."client"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_garment_id_garment_id_fk" FOREIGN KEY ("garment_id") REFERENCES "public"."garment"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_owned_item_id_owned_item_id_fk" FOREIGN KEY ("owned_item_id") REFERENCES "public"."owned_item"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_brief_link_id_brief_link_id_fk" FOREIGN KEY ("brief_link_id") REFERENCES "public"."brief_link"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "brief_link_token" ON "brief_link" USING btree ("token_hash");--> statement-breakpoint
CREATE INDEX "brief_link_client" ON "brief_link" USING btree ("client_id","created_at");--> statement-breakpoint
CREATE UNIQUE INDEX "photo_garment" ON "photo" USING btree ("garment_id");--> statement-breakpoint
CREATE UNIQUE INDEX "photo_owned_item" ON "photo" USING btree ("owned_item_id");--> statement-breakpoint
CREATE INDEX "photo_brief_link" ON "photo" USING btree ("brief_link_id");