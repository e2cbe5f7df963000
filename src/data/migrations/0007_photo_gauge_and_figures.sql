CREATE TABLE "shop_settings" (
	"id" serial PRIMARY KEY NOT NULL,
	"level_bar_mm" double precision,
	"upright_bar_mm" double precision,
	"camera_height_mm" double precision,
	"bridge_token_hash" text,
	"bridge_token_made_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "neck_outer_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "skirt_inner_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "skirt_outer_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "bezel_inner_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "bezel_bore_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "bezel_gasket_wall_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "key_spacing_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "key_width_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "groove_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "dome_height_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "ring_height_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "rebate_length_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "rebate_width_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "rebate_depth_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "crystal_length_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "crystal_width_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "gasket_outer_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "insert_outer_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "insert_inner_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "insert_thickness_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "recess_outer_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "chapter_ring_inner_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_ring_inner_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_ring_section_mm" double precision;--> statement-breakpoint
ALTER TABLE "shape_readings" ADD COLUMN "dimension" text DEFAULT 'crystal-diameter' NOT NULL;--> statement-breakpoint
ALTER TABLE "shape_readings" ADD COLUMN "photo_id" integer;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "past_counts" boolean DEFAULT true NOT NULL;