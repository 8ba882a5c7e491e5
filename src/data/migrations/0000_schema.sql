CREATE TABLE "audit" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"actor_id" text,
	"action" text NOT NULL,
	"entity" text NOT NULL,
	"entity_id" text NOT NULL,
	"details" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "idempotency" (
	"key" text PRIMARY KEY NOT NULL,
	"use_case" text NOT NULL,
	"request_hash" text NOT NULL,
	"status" integer NOT NULL,
	"answer" jsonb,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "alteration" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"box_line_id" uuid NOT NULL,
	"job" text NOT NULL,
	"mm" integer NOT NULL,
	"price_minor" integer NOT NULL,
	"lead_days" integer NOT NULL,
	"may_return" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "box" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"number" integer NOT NULL,
	"state" text DEFAULT 'brief' NOT NULL,
	"budget_minor" integer,
	"mood" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"not_to_send" text DEFAULT '' NOT NULL,
	"letter" jsonb,
	"parcel" text,
	"terms" jsonb,
	"total" jsonb,
	"out_at" timestamp with time zone,
	"decide_by" date,
	"return_by" date,
	"closed_at" timestamp with time zone,
	"notes_next" text DEFAULT '' NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "box_ask" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"box_id" uuid NOT NULL,
	"position" integer NOT NULL,
	"ask" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "box_line" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"box_id" uuid NOT NULL,
	"variant_id" uuid NOT NULL,
	"location_id" uuid NOT NULL,
	"ask_id" uuid,
	"position" integer NOT NULL,
	"fit" text DEFAULT '' NOT NULL,
	"price_minor" integer,
	"tax_bp" integer,
	"decision" text DEFAULT 'undecided' NOT NULL,
	"reason" text,
	"fit_point" text,
	"note" text DEFAULT '' NOT NULL,
	"scanned_at" timestamp with time zone,
	"checked_in_at" timestamp with time zone,
	"net_minor" integer,
	"tax_minor" integer,
	"removed_at" timestamp with time zone,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "box_occasion" (
	"box_id" uuid NOT NULL,
	"occasion_id" uuid NOT NULL,
	CONSTRAINT "box_occasion_box_id_occasion_id_pk" PRIMARY KEY("box_id","occasion_id")
);
--> statement-breakpoint
CREATE TABLE "hold" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"box_line_id" uuid NOT NULL,
	"variant_id" uuid NOT NULL,
	"location_id" uuid NOT NULL,
	"state" text DEFAULT 'active' NOT NULL,
	"actor_id" text,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "look" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"box_id" uuid NOT NULL,
	"occasion_id" uuid,
	"position" integer NOT NULL,
	"title" text DEFAULT '' NOT NULL,
	"pieces" jsonb NOT NULL,
	"overrules" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"stages" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"spoke" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "payment" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"box_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"amount_minor" integer NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"actor_id" text
);
--> statement-breakpoint
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
CREATE TABLE "client" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"name" text NOT NULL,
	"about" text DEFAULT '' NOT NULL,
	"email" text,
	"phone" text,
	"address" jsonb,
	"sizes" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"profile" jsonb NOT NULL,
	"box_budget_minor" integer,
	"piece_budget_minor" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"notes" text DEFAULT '' NOT NULL,
	"erased_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "client_measure" (
	"client_id" uuid NOT NULL,
	"name" text NOT NULL,
	"mm" integer NOT NULL,
	"origin" text NOT NULL,
	"taken_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "client_measure_client_id_name_pk" PRIMARY KEY("client_id","name")
);
--> statement-breakpoint
CREATE TABLE "occasion" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"client_id" uuid NOT NULL,
	"title" text NOT NULL,
	"day" date,
	"formality_lo" real NOT NULL,
	"formality_hi" real NOT NULL,
	"details" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "occasion_stage" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"occasion_id" uuid NOT NULL,
	"position" integer NOT NULL,
	"title" text NOT NULL,
	"details" jsonb DEFAULT '{}'::jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "owned_item" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"client_id" uuid NOT NULL,
	"title" text NOT NULL,
	"category" text NOT NULL,
	"formality" real NOT NULL,
	"colours" jsonb NOT NULL,
	"attributes" jsonb NOT NULL,
	"origins" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"assumed" boolean DEFAULT false NOT NULL,
	"loved" boolean DEFAULT false NOT NULL,
	"worn_weekly" boolean DEFAULT false NOT NULL,
	"retired_at" timestamp with time zone,
	"box_line_id" uuid,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "owned_item_box_line_id_unique" UNIQUE("box_line_id")
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
CREATE TABLE "location" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"title" text NOT NULL,
	"kind" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "promotion" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"code" text NOT NULL,
	"kind" text NOT NULL,
	"value" integer NOT NULL,
	"from_day" text NOT NULL,
	"to_day" text NOT NULL,
	"scope" jsonb DEFAULT '{}'::jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "shop" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"name" text NOT NULL,
	"town" text NOT NULL,
	"currency" text NOT NULL,
	"zone" text NOT NULL,
	"tax_included" boolean DEFAULT true NOT NULL,
	"tax_bp" integer NOT NULL,
	"rounding" text DEFAULT 'half-up' NOT NULL,
	"style_fee_minor" integer NOT NULL,
	"keep_all_bp" integer NOT NULL,
	"hold_days" integer DEFAULT 3 NOT NULL,
	"exchange_days" integer DEFAULT 5 NOT NULL,
	"try_on_days" integer DEFAULT 5 NOT NULL,
	"transit_days" integer DEFAULT 2 NOT NULL,
	"pack_days" integer DEFAULT 1 NOT NULL,
	"style_days" integer DEFAULT 2 NOT NULL,
	"closed_weekdays" jsonb DEFAULT '[0]'::jsonb NOT NULL,
	"holidays" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"schools" jsonb NOT NULL,
	"rule_settings" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"pull_settings" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"altered_may_return" boolean DEFAULT false NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "account" (
	"id" text PRIMARY KEY NOT NULL,
	"account_id" text NOT NULL,
	"provider_id" text NOT NULL,
	"user_id" text NOT NULL,
	"access_token" text,
	"refresh_token" text,
	"id_token" text,
	"access_token_expires_at" timestamp with time zone,
	"refresh_token_expires_at" timestamp with time zone,
	"scope" text,
	"password" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "session" (
	"id" text PRIMARY KEY NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"token" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone NOT NULL,
	"ip_address" text,
	"user_agent" text,
	"user_id" text NOT NULL,
	CONSTRAINT "session_token_unique" UNIQUE("token")
);
--> statement-breakpoint
CREATE TABLE "sign_in_try" (
	"key" text PRIMARY KEY NOT NULL,
	"count" integer NOT NULL,
	"window_start_ms" bigint NOT NULL
);
--> statement-breakpoint
CREATE TABLE "user" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"email_verified" boolean DEFAULT false NOT NULL,
	"image" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"role" text NOT NULL,
	"shop_id" uuid NOT NULL,
	CONSTRAINT "user_email_unique" UNIQUE("email")
);
--> statement-breakpoint
CREATE TABLE "verification" (
	"id" text PRIMARY KEY NOT NULL,
	"identifier" text NOT NULL,
	"value" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "garment" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"style_id" text NOT NULL,
	"set_id" text,
	"label" text DEFAULT '' NOT NULL,
	"title" text NOT NULL,
	"category" text NOT NULL,
	"formality" real NOT NULL,
	"price_minor" integer NOT NULL,
	"cost_minor" integer,
	"tax_bp" integer,
	"colours" jsonb NOT NULL,
	"main_l" real NOT NULL,
	"main_a" real NOT NULL,
	"main_b" real NOT NULL,
	"attributes" jsonb NOT NULL,
	"archived_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "garment_price" CHECK ("garment"."price_minor" >= 0)
);
--> statement-breakpoint
CREATE TABLE "stock_balance" (
	"variant_id" uuid NOT NULL,
	"location_id" uuid NOT NULL,
	"place" text NOT NULL,
	"qty" integer NOT NULL,
	CONSTRAINT "stock_balance_variant_id_location_id_place_pk" PRIMARY KEY("variant_id","location_id","place"),
	CONSTRAINT "stock_balance_not_negative" CHECK ("stock_balance"."place" = 'supplier' or "stock_balance"."qty" >= 0)
);
--> statement-breakpoint
CREATE TABLE "stock_movement" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"no" bigint GENERATED ALWAYS AS IDENTITY (sequence name "stock_movement_no_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"variant_id" uuid NOT NULL,
	"location_id" uuid NOT NULL,
	"qty" integer NOT NULL,
	"from_place" text NOT NULL,
	"to_place" text NOT NULL,
	"cause" text NOT NULL,
	"box_line_id" uuid,
	"reason" text,
	"actor_id" text,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "stock_movement_qty" CHECK ("stock_movement"."qty" > 0),
	CONSTRAINT "stock_movement_moves" CHECK ("stock_movement"."from_place" <> "stock_movement"."to_place")
);
--> statement-breakpoint
CREATE TABLE "variant" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"shop_id" uuid NOT NULL,
	"garment_id" uuid NOT NULL,
	"size" text NOT NULL,
	"length" text DEFAULT '' NOT NULL,
	"position" integer DEFAULT 0 NOT NULL,
	"sku" text NOT NULL,
	"ean" text,
	"measures" jsonb DEFAULT '{}'::jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "audit" ADD CONSTRAINT "audit_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "alteration" ADD CONSTRAINT "alteration_box_line_id_box_line_id_fk" FOREIGN KEY ("box_line_id") REFERENCES "public"."box_line"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box" ADD CONSTRAINT "box_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box" ADD CONSTRAINT "box_client_id_client_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."client"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box_ask" ADD CONSTRAINT "box_ask_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box_line" ADD CONSTRAINT "box_line_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box_line" ADD CONSTRAINT "box_line_variant_id_variant_id_fk" FOREIGN KEY ("variant_id") REFERENCES "public"."variant"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box_line" ADD CONSTRAINT "box_line_location_id_location_id_fk" FOREIGN KEY ("location_id") REFERENCES "public"."location"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box_line" ADD CONSTRAINT "box_line_ask_id_box_ask_id_fk" FOREIGN KEY ("ask_id") REFERENCES "public"."box_ask"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box_occasion" ADD CONSTRAINT "box_occasion_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "box_occasion" ADD CONSTRAINT "box_occasion_occasion_id_occasion_id_fk" FOREIGN KEY ("occasion_id") REFERENCES "public"."occasion"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "hold" ADD CONSTRAINT "hold_box_line_id_box_line_id_fk" FOREIGN KEY ("box_line_id") REFERENCES "public"."box_line"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "hold" ADD CONSTRAINT "hold_variant_id_variant_id_fk" FOREIGN KEY ("variant_id") REFERENCES "public"."variant"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "hold" ADD CONSTRAINT "hold_location_id_location_id_fk" FOREIGN KEY ("location_id") REFERENCES "public"."location"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "look" ADD CONSTRAINT "look_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "look" ADD CONSTRAINT "look_occasion_id_occasion_id_fk" FOREIGN KEY ("occasion_id") REFERENCES "public"."occasion"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "payment" ADD CONSTRAINT "payment_box_id_box_id_fk" FOREIGN KEY ("box_id") REFERENCES "public"."box"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "brief_link" ADD CONSTRAINT "brief_link_client_id_client_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."client"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "client" ADD CONSTRAINT "client_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "client_measure" ADD CONSTRAINT "client_measure_client_id_client_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."client"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "occasion" ADD CONSTRAINT "occasion_client_id_client_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."client"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "occasion_stage" ADD CONSTRAINT "occasion_stage_occasion_id_occasion_id_fk" FOREIGN KEY ("occasion_id") REFERENCES "public"."occasion"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "owned_item" ADD CONSTRAINT "owned_item_client_id_client_id_fk" FOREIGN KEY ("client_id") REFERENCES "public"."client"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_garment_id_garment_id_fk" FOREIGN KEY ("garment_id") REFERENCES "public"."garment"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_owned_item_id_owned_item_id_fk" FOREIGN KEY ("owned_item_id") REFERENCES "public"."owned_item"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_brief_link_id_brief_link_id_fk" FOREIGN KEY ("brief_link_id") REFERENCES "public"."brief_link"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "location" ADD CONSTRAINT "location_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "promotion" ADD CONSTRAINT "promotion_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "account" ADD CONSTRAINT "account_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "session" ADD CONSTRAINT "session_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "user" ADD CONSTRAINT "user_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "garment" ADD CONSTRAINT "garment_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_balance" ADD CONSTRAINT "stock_balance_variant_id_variant_id_fk" FOREIGN KEY ("variant_id") REFERENCES "public"."variant"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_balance" ADD CONSTRAINT "stock_balance_location_id_location_id_fk" FOREIGN KEY ("location_id") REFERENCES "public"."location"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_movement" ADD CONSTRAINT "stock_movement_variant_id_variant_id_fk" FOREIGN KEY ("variant_id") REFERENCES "public"."variant"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_movement" ADD CONSTRAINT "stock_movement_location_id_location_id_fk" FOREIGN KEY ("location_id") REFERENCES "public"."location"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "variant" ADD CONSTRAINT "variant_shop_id_shop_id_fk" FOREIGN KEY ("shop_id") REFERENCES "public"."shop"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "variant" ADD CONSTRAINT "variant_garment_id_garment_id_fk" FOREIGN KEY ("garment_id") REFERENCES "public"."garment"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "audit_entity" ON "audit" USING btree ("entity","entity_id","at");--> statement-breakpoint
CREATE UNIQUE INDEX "box_number" ON "box" USING btree ("shop_id","number");--> statement-breakpoint
CREATE INDEX "box_client" ON "box" USING btree ("client_id","created_at");--> statement-breakpoint
CREATE INDEX "box_state" ON "box" USING btree ("shop_id","state");--> statement-breakpoint
CREATE INDEX "box_line_box" ON "box_line" USING btree ("box_id");--> statement-breakpoint
CREATE INDEX "hold_active" ON "hold" USING btree ("state","expires_at");--> statement-breakpoint
CREATE INDEX "hold_variant" ON "hold" USING btree ("variant_id","state");--> statement-breakpoint
CREATE INDEX "look_box" ON "look" USING btree ("box_id","position");--> statement-breakpoint
CREATE UNIQUE INDEX "brief_link_token" ON "brief_link" USING btree ("token_hash");--> statement-breakpoint
CREATE INDEX "brief_link_client" ON "brief_link" USING btree ("client_id","created_at");--> statement-breakpoint
CREATE INDEX "client_shop" ON "client" USING btree ("shop_id","name");--> statement-breakpoint
CREATE INDEX "occasion_client" ON "occasion" USING btree ("client_id","day");--> statement-breakpoint
CREATE INDEX "owned_item_client" ON "owned_item" USING btree ("client_id","category");--> statement-breakpoint
CREATE UNIQUE INDEX "photo_garment" ON "photo" USING btree ("garment_id");--> statement-breakpoint
CREATE UNIQUE INDEX "photo_owned_item" ON "photo" USING btree ("owned_item_id");--> statement-breakpoint
CREATE INDEX "photo_brief_link" ON "photo" USING btree ("brief_link_id");--> statement-breakpoint
CREATE UNIQUE INDEX "location_title" ON "location" USING btree ("shop_id","title");--> statement-breakpoint
CREATE INDEX "garment_shop_category" ON "garment" USING btree ("shop_id","category","title");--> statement-breakpoint
CREATE INDEX "garment_style" ON "garment" USING btree ("shop_id","style_id");--> statement-breakpoint
CREATE INDEX "garment_colour" ON "garment" USING btree ("shop_id","main_l","main_a","main_b","id") WHERE "garment"."archived_at" is null;--> statement-breakpoint
CREATE INDEX "garment_words" ON "garment" USING btree ("shop_id","title","label","id") WHERE "garment"."archived_at" is null;--> statement-breakpoint
CREATE INDEX "garment_newest" ON "garment" USING btree ("shop_id","created_at" DESC NULLS LAST,"id") WHERE "garment"."archived_at" is null;--> statement-breakpoint
CREATE INDEX "stock_balance_on_shelf" ON "stock_balance" USING btree ("variant_id","qty") WHERE "stock_balance"."place" = 'shelf' and "stock_balance"."qty" > 0;--> statement-breakpoint
CREATE INDEX "stock_movement_variant" ON "stock_movement" USING btree ("variant_id","no");--> statement-breakpoint
CREATE UNIQUE INDEX "variant_sku" ON "variant" USING btree ("shop_id","sku");--> statement-breakpoint
CREATE UNIQUE INDEX "variant_ean" ON "variant" USING btree ("shop_id","ean");--> statement-breakpoint
CREATE INDEX "variant_sku_begins" ON "variant" USING btree ("shop_id",upper("sku") text_pattern_ops);--> statement-breakpoint
CREATE UNIQUE INDEX "variant_size" ON "variant" USING btree ("garment_id","size","length");