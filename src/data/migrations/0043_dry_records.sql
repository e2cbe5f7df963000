CREATE TABLE "dry_records" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"tester_id" integer NOT NULL,
	"kind" text NOT NULL,
	"trace" jsonb NOT NULL,
	"pressure_bar" double precision,
	"air_cm3" double precision,
	"temperature_c" double precision NOT NULL,
	"blank" jsonb,
	"verdict" text,
	"um_per_bar" double precision,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "leak_places" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"dry_record_id" integer NOT NULL,
	"place" text NOT NULL,
	"reason" text NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "testers" (
	"id" serial PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"mode" text NOT NULL,
	"most_bar" double precision NOT NULL,
	CONSTRAINT "testers_name_unique" UNIQUE("name")
);
--> statement-breakpoint
ALTER TABLE "dry_records" ADD CONSTRAINT "dry_records_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "dry_records" ADD CONSTRAINT "dry_records_tester_id_testers_id_fk" FOREIGN KEY ("tester_id") REFERENCES "public"."testers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "leak_places" ADD CONSTRAINT "leak_places_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "leak_places" ADD CONSTRAINT "leak_places_dry_record_id_dry_records_id_fk" FOREIGN KEY ("dry_record_id") REFERENCES "public"."dry_records"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "dry_records_tray_id_index" ON "dry_records" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "dry_records_tester_id_index" ON "dry_records" USING btree ("tester_id");--> statement-breakpoint
CREATE INDEX "leak_places_tray_id_index" ON "leak_places" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "leak_places_dry_record_id_index" ON "leak_places" USING btree ("dry_record_id");--> statement-breakpoint
CREATE TRIGGER dry_records_append_only BEFORE UPDATE OR DELETE ON dry_records FOR EACH ROW EXECUTE FUNCTION refuse_change();--> statement-breakpoint
CREATE TRIGGER leak_places_append_only BEFORE UPDATE OR DELETE ON leak_places FOR EACH ROW EXECUTE FUNCTION refuse_change();--> statement-breakpoint
SELECT keep_history();
