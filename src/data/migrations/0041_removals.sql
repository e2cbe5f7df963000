CREATE TABLE "heat_bursts" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"seconds" integer NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "removals" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"part" text NOT NULL,
	"way" text NOT NULL,
	"outcome" text NOT NULL,
	"minutes" integer,
	"note" text DEFAULT '' NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "heat_bursts" ADD CONSTRAINT "heat_bursts_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "removals" ADD CONSTRAINT "removals_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "heat_bursts_tray_id_index" ON "heat_bursts" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "removals_tray_id_index" ON "removals" USING btree ("tray_id");--> statement-breakpoint
CREATE TRIGGER removals_append_only BEFORE UPDATE OR DELETE ON removals FOR EACH ROW EXECUTE FUNCTION refuse_change();--> statement-breakpoint
CREATE TRIGGER heat_bursts_append_only BEFORE UPDATE OR DELETE ON heat_bursts FOR EACH ROW EXECUTE FUNCTION refuse_change();--> statement-breakpoint
SELECT keep_history();
