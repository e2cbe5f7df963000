CREATE TABLE "case_sheets" (
	"id" serial PRIMARY KEY NOT NULL,
	"maker" text NOT NULL,
	"reference" text NOT NULL,
	"retention" text NOT NULL,
	"case_diameter_mm" double precision,
	"case_height_mm" double precision,
	"bore_mm" double precision,
	"seat_depth_mm" double precision,
	"dial_opening_mm" double precision,
	"hands_below_seat_mm" double precision,
	"crystal_diameter_mm" double precision,
	"crystal_edge_mm" double precision,
	"crystal_centre_mm" double precision,
	"underside_rise_mm" double precision,
	"crystal_material" text,
	"crystal_profile" text,
	"gasket_wall_mm" double precision,
	"gasket_height_mm" double precision,
	"gasket_section" text,
	"gasket_material" text,
	"gasket_colour" text,
	"note" text DEFAULT '' NOT NULL,
	CONSTRAINT "case_sheets_maker_reference_unique" UNIQUE("maker","reference")
);
--> statement-breakpoint
CREATE TABLE "crystals" (
	"id" serial PRIMARY KEY NOT NULL,
	"code" text NOT NULL,
	"drawer" text NOT NULL,
	"diameter_mm" double precision NOT NULL,
	"edge_thickness_mm" double precision NOT NULL,
	"centre_thickness_mm" double precision NOT NULL,
	"underside_rise_mm" double precision DEFAULT 0 NOT NULL,
	"bevel_mm" double precision DEFAULT 0 NOT NULL,
	"material" text NOT NULL,
	"profile" text NOT NULL,
	"quantity" integer NOT NULL,
	"price_cents" integer DEFAULT 0 NOT NULL,
	CONSTRAINT "crystals_code_unique" UNIQUE("code")
);
--> statement-breakpoint
CREATE TABLE "dies" (
	"id" serial PRIMARY KEY NOT NULL,
	"code" text NOT NULL,
	"role" text NOT NULL,
	"material" text NOT NULL,
	"place" text NOT NULL,
	"outer_diameter_mm" double precision NOT NULL,
	"opening_mm" double precision DEFAULT 0 NOT NULL,
	"recess_depth_mm" double precision DEFAULT 0 NOT NULL,
	CONSTRAINT "dies_code_unique" UNIQUE("code")
);
--> statement-breakpoint
CREATE TABLE "gaskets" (
	"id" serial PRIMARY KEY NOT NULL,
	"code" text NOT NULL,
	"drawer" text NOT NULL,
	"outer_diameter_mm" double precision NOT NULL,
	"wall_mm" double precision NOT NULL,
	"height_mm" double precision NOT NULL,
	"section" text NOT NULL,
	"foot_mm" double precision DEFAULT 0 NOT NULL,
	"material" text NOT NULL,
	"colour" text NOT NULL,
	"quantity" integer NOT NULL,
	"price_cents" integer DEFAULT 0 NOT NULL,
	CONSTRAINT "gaskets_code_unique" UNIQUE("code")
);
--> statement-breakpoint
CREATE TABLE "instruments" (
	"id" serial PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"resolution_mm" double precision NOT NULL,
	"maximum_permissible_error_mm" double precision NOT NULL,
	"zero_offset_mm" double precision DEFAULT 0 NOT NULL,
	"calibration_due_on" date,
	CONSTRAINT "instruments_name_unique" UNIQUE("name")
);
--> statement-breakpoint
CREATE TABLE "owners" (
	"id" serial PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	CONSTRAINT "owners_name_unique" UNIQUE("name")
);
--> statement-breakpoint
CREATE TABLE "picks" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"crystal_id" integer NOT NULL,
	"gasket_id" integer NOT NULL,
	"evidence" jsonb NOT NULL,
	"picked_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "press_runs" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"pick_id" integer NOT NULL,
	"press_id" integer NOT NULL,
	"pusher_id" integer NOT NULL,
	"support_id" integer NOT NULL,
	"cushion" text DEFAULT '' NOT NULL,
	"quarter_turns" integer NOT NULL,
	"peak_force_n" double precision,
	"travel_mm" double precision,
	"outcome" text NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"ran_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "presses" (
	"id" serial PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"gauged" boolean DEFAULT false NOT NULL,
	CONSTRAINT "presses_name_unique" UNIQUE("name")
);
--> statement-breakpoint
CREATE TABLE "reading_voids" (
	"reading_id" integer PRIMARY KEY NOT NULL,
	"reason" text NOT NULL,
	"voided_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "readings" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"dimension" text NOT NULL,
	"place_index" integer NOT NULL,
	"shown_mm" double precision NOT NULL,
	"instrument_id" integer NOT NULL,
	"resolution_mm" double precision NOT NULL,
	"maximum_permissible_error_mm" double precision NOT NULL,
	"zero_offset_mm" double precision NOT NULL,
	"source" text NOT NULL,
	"taken_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "trays" (
	"id" serial PRIMARY KEY NOT NULL,
	"number" integer NOT NULL,
	"case_sheet_id" integer NOT NULL,
	"owner_id" integer NOT NULL,
	"owner_mark" text DEFAULT '' NOT NULL,
	"complaint" text DEFAULT '' NOT NULL,
	"crystal_state" text NOT NULL,
	"gasket_present" boolean DEFAULT true NOT NULL,
	"old_lume" boolean DEFAULT false NOT NULL,
	"stage" text NOT NULL,
	"opened_at" timestamp with time zone NOT NULL,
	"due_at" timestamp with time zone NOT NULL,
	"finished_at" timestamp with time zone,
	CONSTRAINT "trays_number_unique" UNIQUE("number")
);
--> statement-breakpoint
ALTER TABLE "picks" ADD CONSTRAINT "picks_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "picks" ADD CONSTRAINT "picks_crystal_id_crystals_id_fk" FOREIGN KEY ("crystal_id") REFERENCES "public"."crystals"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "picks" ADD CONSTRAINT "picks_gasket_id_gaskets_id_fk" FOREIGN KEY ("gasket_id") REFERENCES "public"."gaskets"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "press_runs" ADD CONSTRAINT "press_runs_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "press_runs" ADD CONSTRAINT "press_runs_pick_id_picks_id_fk" FOREIGN KEY ("pick_id") REFERENCES "public"."picks"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "press_runs" ADD CONSTRAINT "press_runs_press_id_presses_id_fk" FOREIGN KEY ("press_id") REFERENCES "public"."presses"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "press_runs" ADD CONSTRAINT "press_runs_pusher_id_dies_id_fk" FOREIGN KEY ("pusher_id") REFERENCES "public"."dies"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "press_runs" ADD CONSTRAINT "press_runs_support_id_dies_id_fk" FOREIGN KEY ("support_id") REFERENCES "public"."dies"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "reading_voids" ADD CONSTRAINT "reading_voids_reading_id_readings_id_fk" FOREIGN KEY ("reading_id") REFERENCES "public"."readings"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "readings" ADD CONSTRAINT "readings_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "readings" ADD CONSTRAINT "readings_instrument_id_instruments_id_fk" FOREIGN KEY ("instrument_id") REFERENCES "public"."instruments"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trays" ADD CONSTRAINT "trays_case_sheet_id_case_sheets_id_fk" FOREIGN KEY ("case_sheet_id") REFERENCES "public"."case_sheets"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trays" ADD CONSTRAINT "trays_owner_id_owners_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."owners"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "crystals_diameter_mm_index" ON "crystals" USING btree ("diameter_mm");--> statement-breakpoint
CREATE INDEX "gaskets_outer_diameter_mm_index" ON "gaskets" USING btree ("outer_diameter_mm");--> statement-breakpoint
CREATE INDEX "picks_tray_id_index" ON "picks" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "press_runs_tray_id_index" ON "press_runs" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "press_runs_pick_id_index" ON "press_runs" USING btree ("pick_id");--> statement-breakpoint
CREATE INDEX "readings_tray_id_index" ON "readings" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "trays_case_sheet_id_index" ON "trays" USING btree ("case_sheet_id");--> statement-breakpoint
CREATE INDEX "trays_finished_at_index" ON "trays" USING btree ("finished_at");