-- The ledger, the money that moved and the audit are written once: the database refuses to change them.
CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION '% is append-only', TG_TABLE_NAME USING ERRCODE = 'restrict_violation';
END $$;
--> statement-breakpoint
CREATE TRIGGER stock_movement_append_only BEFORE UPDATE OR DELETE ON stock_movement FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER payment_append_only BEFORE UPDATE OR DELETE ON payment FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER audit_append_only BEFORE UPDATE OR DELETE ON audit FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
-- A garment's row is written anew when one of its sizes changes, so that its row version (xmin, ctid) stands for all
-- that is known of it; src/data/known-garments.ts remembers by it. Units on the shelf are not part of that.
CREATE FUNCTION touch_garments() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE garment SET version = version WHERE id IN (SELECT garment_id FROM changed);
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE TRIGGER variant_added AFTER INSERT ON variant REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION touch_garments();
--> statement-breakpoint
CREATE TRIGGER variant_changed AFTER UPDATE ON variant REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION touch_garments();
--> statement-breakpoint
CREATE TRIGGER variant_gone AFTER DELETE ON variant REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION touch_garments();
