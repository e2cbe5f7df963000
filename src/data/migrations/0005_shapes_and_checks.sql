CREATE TABLE "instrument_checks" (
	"id" serial PRIMARY KEY NOT NULL,
	"instrument_id" integer NOT NULL,
	"nominal_mm" double precision NOT NULL,
	"readings_mm" jsonb NOT NULL,
	"drift_mm" double precision NOT NULL,
	"verdict" text NOT NULL,
	"corrected" boolean NOT NULL,
	"checked_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "shape_reading_voids" (
	"shape_reading_id" integer PRIMARY KEY NOT NULL,
	"reason" text NOT NULL,
	"voided_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "shape_readings" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"kind" text NOT NULL,
	"diameter_mm" double precision NOT NULL,
	"standard_uncertainty_mm" double precision NOT NULL,
	"words" text NOT NULL,
	"input" jsonb NOT NULL,
	"taken_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "instrument_checks" ADD CONSTRAINT "instrument_checks_instrument_id_instruments_id_fk" FOREIGN KEY ("instrument_id") REFERENCES "public"."instruments"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shape_reading_voids" ADD CONSTRAINT "shape_reading_voids_shape_reading_id_shape_readings_id_fk" FOREIGN KEY ("shape_reading_id") REFERENCES "public"."shape_readings"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shape_readings" ADD CONSTRAINT "shape_readings_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "instrument_checks_instrument_id_index" ON "instrument_checks" USING btree ("instrument_id");--> statement-breakpoint
CREATE INDEX "shape_readings_tray_id_index" ON "shape_readings" USING btree ("tray_id");