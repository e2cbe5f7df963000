CREATE TABLE "bezels" (
	"id" serial PRIMARY KEY NOT NULL,
	"bezel_kind" text NOT NULL,
	"material" text NOT NULL,
	"outer_mm" double precision NOT NULL,
	"inner_mm" double precision NOT NULL,
	"bore_mm" double precision,
	"key_spacing_mm" double precision,
	"key_width_mm" double precision,
	"recess_outer_mm" double precision,
	"recess_inner_mm" double precision,
	"recess_depth_mm" double precision,
	"clicks" integer,
	"family" text DEFAULT '' NOT NULL,
	"code" text NOT NULL,
	"drawer" text NOT NULL,
	"quantity" integer NOT NULL,
	"minimum" integer DEFAULT 0 NOT NULL,
	"price_cents" integer DEFAULT 0 NOT NULL,
	"supplier" text DEFAULT '' NOT NULL,
	"supplier_code" text DEFAULT '' NOT NULL,
	"changed" bigint DEFAULT (pg_current_xact_id()::text::bigint) NOT NULL,
	CONSTRAINT "bezels_code_unique" UNIQUE("code")
);
--> statement-breakpoint
CREATE TABLE "import_mappings" (
	"id" serial PRIMARY KEY NOT NULL,
	"supplier" text NOT NULL,
	"part_kind" text NOT NULL,
	"columns" jsonb NOT NULL,
	CONSTRAINT "import_mappings_supplier_part_kind_unique" UNIQUE("supplier","part_kind")
);
--> statement-breakpoint
CREATE TABLE "inserts" (
	"id" serial PRIMARY KEY NOT NULL,
	"outer_mm" double precision NOT NULL,
	"inner_mm" double precision NOT NULL,
	"thickness_mm" double precision NOT NULL,
	"form" text NOT NULL,
	"material" text NOT NULL,
	"colour" text DEFAULT '' NOT NULL,
	"family" text DEFAULT '' NOT NULL,
	"code" text NOT NULL,
	"drawer" text NOT NULL,
	"quantity" integer NOT NULL,
	"minimum" integer DEFAULT 0 NOT NULL,
	"price_cents" integer DEFAULT 0 NOT NULL,
	"supplier" text DEFAULT '' NOT NULL,
	"supplier_code" text DEFAULT '' NOT NULL,
	"changed" bigint DEFAULT (pg_current_xact_id()::text::bigint) NOT NULL,
	CONSTRAINT "inserts_code_unique" UNIQUE("code")
);
--> statement-breakpoint
CREATE TABLE "o_rings" (
	"id" serial PRIMARY KEY NOT NULL,
	"inner_diameter_mm" double precision NOT NULL,
	"section_mm" double precision NOT NULL,
	"material" text NOT NULL,
	"code" text NOT NULL,
	"drawer" text NOT NULL,
	"quantity" integer NOT NULL,
	"minimum" integer DEFAULT 0 NOT NULL,
	"price_cents" integer DEFAULT 0 NOT NULL,
	"supplier" text DEFAULT '' NOT NULL,
	"supplier_code" text DEFAULT '' NOT NULL,
	"changed" bigint DEFAULT (pg_current_xact_id()::text::bigint) NOT NULL,
	CONSTRAINT "o_rings_code_unique" UNIQUE("code")
);
--> statement-breakpoint
CREATE TABLE "stock_moves" (
	"id" serial PRIMARY KEY NOT NULL,
	"part_kind" text NOT NULL,
	"part_id" integer NOT NULL,
	"change" integer NOT NULL,
	"left_there" integer NOT NULL,
	"reason" text NOT NULL,
	"tray_id" integer,
	"moved_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "supplies" (
	"id" serial PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"code" text NOT NULL,
	"drawer" text NOT NULL,
	"quantity" integer NOT NULL,
	"minimum" integer DEFAULT 0 NOT NULL,
	"price_cents" integer DEFAULT 0 NOT NULL,
	"supplier" text DEFAULT '' NOT NULL,
	"supplier_code" text DEFAULT '' NOT NULL,
	"changed" bigint DEFAULT (pg_current_xact_id()::text::bigint) NOT NULL,
	CONSTRAINT "supplies_code_unique" UNIQUE("code")
);
--> statement-breakpoint
ALTER TABLE "picks" ALTER COLUMN "gasket_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "press_runs" ALTER COLUMN "press_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "press_runs" ALTER COLUMN "pusher_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "press_runs" ALTER COLUMN "support_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "insert_form" text;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "bezel_clicks" integer;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "bezel_family" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "rebate_corner_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "recess_inner_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "recess_depth_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "bezel_outer_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_groove_inner_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_groove_width_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_groove_depth_mm" double precision;--> statement-breakpoint
ALTER TABLE "crystals" ADD COLUMN "build" text DEFAULT 'disc' NOT NULL;--> statement-breakpoint
ALTER TABLE "crystals" ADD COLUMN "width_mm" double precision;--> statement-breakpoint
ALTER TABLE "crystals" ADD COLUMN "corner_radius_mm" double precision;--> statement-breakpoint
ALTER TABLE "crystals" ADD COLUMN "skirt_inner_mm" double precision;--> statement-breakpoint
ALTER TABLE "crystals" ADD COLUMN "ring_height_mm" double precision;--> statement-breakpoint
ALTER TABLE "crystals" ADD COLUMN "magnifier" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "crystals" ADD COLUMN "ar_coating" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "crystals" ADD COLUMN "minimum" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "crystals" ADD COLUMN "supplier" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "crystals" ADD COLUMN "supplier_code" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "gaskets" ADD COLUMN "use" text DEFAULT 'crystal' NOT NULL;--> statement-breakpoint
ALTER TABLE "gaskets" ADD COLUMN "family" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "gaskets" ADD COLUMN "minimum" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "gaskets" ADD COLUMN "supplier" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "gaskets" ADD COLUMN "supplier_code" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "picks" ADD COLUMN "bezel_gasket_id" integer;--> statement-breakpoint
ALTER TABLE "shop_settings" ADD COLUMN "fit_policy" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_moves" ADD CONSTRAINT "stock_moves_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "o_rings_section_mm_inner_diameter_mm_index" ON "o_rings" USING btree ("section_mm","inner_diameter_mm");--> statement-breakpoint
CREATE INDEX "stock_moves_part_kind_part_id_index" ON "stock_moves" USING btree ("part_kind","part_id");--> statement-breakpoint
ALTER TABLE "picks" ADD CONSTRAINT "picks_bezel_gasket_id_gaskets_id_fk" FOREIGN KEY ("bezel_gasket_id") REFERENCES "public"."gaskets"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "crystals_supplier_supplier_code_index" ON "crystals" USING btree ("supplier","supplier_code");--> statement-breakpoint
CREATE INDEX "gaskets_supplier_supplier_code_index" ON "gaskets" USING btree ("supplier","supplier_code");