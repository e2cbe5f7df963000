-- Like the readings they stand beside, shape readings and instrument checks are added to, never changed.
CREATE TRIGGER shape_readings_append_only BEFORE UPDATE OR DELETE ON shape_readings FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER shape_reading_voids_append_only BEFORE UPDATE OR DELETE ON shape_reading_voids FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER instrument_checks_append_only BEFORE UPDATE OR DELETE ON instrument_checks FOR EACH ROW EXECUTE FUNCTION refuse_change();
