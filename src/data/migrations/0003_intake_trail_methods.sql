CREATE TABLE "findings" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"kind" text NOT NULL,
	"words" text NOT NULL,
	"stage" text NOT NULL,
	"found_at" timestamp with time zone NOT NULL,
	"taken_back_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "method_runs" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"process" text NOT NULL,
	"scope" text NOT NULL,
	"started_at" timestamp with time zone NOT NULL,
	"ended_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "photos" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"caption" text DEFAULT '' NOT NULL,
	"width_px" integer NOT NULL,
	"height_px" integer NOT NULL,
	"bytes" "bytea" NOT NULL,
	"taken_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "trail_events" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"kind" text NOT NULL,
	"part" text,
	"count" integer DEFAULT 1 NOT NULL,
	"size" text DEFAULT '' NOT NULL,
	"clock_hour" integer,
	"photo_id" integer,
	"photo_x" double precision,
	"photo_y" double precision,
	"refers_to" integer,
	"reason" text DEFAULT '' NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "tray_ticks" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"subject" text NOT NULL,
	"done" boolean NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "case_material" text;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "magnifier" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "ar_coating" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "bezel_kind" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "bezel_entry" text;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "insert_material" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "insert_hold" text;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "chapter_ring" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "notch_shape" text;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_grip_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_sides" integer;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "lip_hour" integer;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "two_part_back" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_seal" text DEFAULT 'o-ring' NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "movement_kind" text DEFAULT 'mechanical' NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "stem_release" text;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "stem_release_crown" text;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "movement_hold" text;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "crown_kind" text DEFAULT 'push-pull' NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "crown_hour" integer;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "pusher_hours" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "dies" ADD COLUMN "sides" integer;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "promises" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "asked" jsonb DEFAULT '["crystal"]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "found_material" text;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "loose_markers" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "steamed_up" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "water_class" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "use" text DEFAULT 'everyday' NOT NULL;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "wear" integer;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "schools" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "findings" ADD CONSTRAINT "findings_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "method_runs" ADD CONSTRAINT "method_runs_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trail_events" ADD CONSTRAINT "trail_events_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tray_ticks" ADD CONSTRAINT "tray_ticks_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "findings_tray_id_index" ON "findings" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "method_runs_tray_id_index" ON "method_runs" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "method_runs_ended_at_index" ON "method_runs" USING btree ("ended_at");--> statement-breakpoint
CREATE INDEX "photos_tray_id_index" ON "photos" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "trail_events_tray_id_index" ON "trail_events" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "tray_ticks_tray_id_index" ON "tray_ticks" USING btree ("tray_id");