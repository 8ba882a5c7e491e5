DROP INDEX "stock_balance_on_shelf";--> statement-breakpoint
CREATE INDEX "garment_words" ON "garment" USING btree ("shop_id","title","label","id") WHERE "garment"."archived_at" is null;--> statement-breakpoint
CREATE INDEX "variant_sku_begins" ON "variant" USING btree ("shop_id",upper("sku") text_pattern_ops);--> statement-breakpoint
CREATE INDEX "stock_balance_on_shelf" ON "stock_balance" USING btree ("variant_id","qty") WHERE "stock_balance"."place" = 'shelf' and "stock_balance"."qty" > 0;