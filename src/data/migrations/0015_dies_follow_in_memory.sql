-- Copies in memory follow dies and chapter rings as they do every other line of the drawers.
CREATE TRIGGER dies_mark_change BEFORE UPDATE ON dies FOR EACH ROW EXECUTE FUNCTION mark_stock_change();
--> statement-breakpoint
CREATE TRIGGER chapter_rings_mark_change BEFORE UPDATE ON chapter_rings FOR EACH ROW EXECUTE FUNCTION mark_stock_change();
