-- A changed line of the drawers carries the transaction that changed it: copies in memory follow by it.
CREATE FUNCTION mark_stock_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  NEW.changed := pg_current_xact_id()::text::bigint;
  RETURN NEW;
END
$$;
--> statement-breakpoint
CREATE TRIGGER crystals_mark_change BEFORE UPDATE ON crystals FOR EACH ROW EXECUTE FUNCTION mark_stock_change();
--> statement-breakpoint
CREATE TRIGGER gaskets_mark_change BEFORE UPDATE ON gaskets FOR EACH ROW EXECUTE FUNCTION mark_stock_change();
