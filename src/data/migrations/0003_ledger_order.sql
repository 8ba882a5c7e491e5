DROP INDEX "stock_movement_variant";--> statement-breakpoint
ALTER TABLE "stock_movement" ADD COLUMN "no" bigint NOT NULL GENERATED ALWAYS AS IDENTITY (sequence name "stock_movement_no_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1);--> statement-breakpoint
ALTER TABLE "stock_movement" ADD COLUMN "reason" text;--> statement-breakpoint
CREATE INDEX "stock_movement_variant" ON "stock_movement" USING btree ("variant_id","no");