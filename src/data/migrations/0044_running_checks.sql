CREATE TABLE "running_checks" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"kind" text NOT NULL,
	"ahead_s" double precision,
	"position" text,
	"rate_s_per_day" double precision,
	"amplitude_deg" double precision,
	"beat_error_ms" double precision,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "running_checks" ADD CONSTRAINT "running_checks_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "running_checks_tray_id_index" ON "running_checks" USING btree ("tray_id");--> statement-breakpoint
CREATE TRIGGER running_checks_append_only BEFORE UPDATE OR DELETE ON running_checks FOR EACH ROW EXECUTE FUNCTION refuse_change();--> statement-breakpoint
SELECT keep_history();
