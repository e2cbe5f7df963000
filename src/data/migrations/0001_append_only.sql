-- Nothing measured is lost: what was read, picked and pressed can be added to, never changed or deleted.
CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION '% is append-only: void or add a row instead', TG_TABLE_NAME USING ERRCODE = 'restrict_violation';
END $$;
--> statement-breakpoint
CREATE TRIGGER readings_append_only BEFORE UPDATE OR DELETE ON readings FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER reading_voids_append_only BEFORE UPDATE OR DELETE ON reading_voids FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER picks_append_only BEFORE UPDATE OR DELETE ON picks FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER press_runs_append_only BEFORE UPDATE OR DELETE ON press_runs FOR EACH ROW EXECUTE FUNCTION refuse_change();
