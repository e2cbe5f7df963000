-- What came off, and what was ticked when, is a record: it is undone by a further row, never changed or deleted.
CREATE TRIGGER trail_events_append_only BEFORE UPDATE OR DELETE ON trail_events FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER tray_ticks_append_only BEFORE UPDATE OR DELETE ON tray_ticks FOR EACH ROW EXECUTE FUNCTION refuse_change();
