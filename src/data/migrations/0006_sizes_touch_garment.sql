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
