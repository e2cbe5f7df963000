-- What went in and out of the drawers is added to, never changed.
CREATE TRIGGER stock_moves_append_only BEFORE UPDATE OR DELETE ON stock_moves FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER o_rings_mark_change BEFORE UPDATE ON o_rings FOR EACH ROW EXECUTE FUNCTION mark_stock_change();
--> statement-breakpoint
CREATE TRIGGER bezels_mark_change BEFORE UPDATE ON bezels FOR EACH ROW EXECUTE FUNCTION mark_stock_change();
--> statement-breakpoint
CREATE TRIGGER inserts_mark_change BEFORE UPDATE ON inserts FOR EACH ROW EXECUTE FUNCTION mark_stock_change();
--> statement-breakpoint
CREATE TRIGGER supplies_mark_change BEFORE UPDATE ON supplies FOR EACH ROW EXECUTE FUNCTION mark_stock_change();
