CREATE TABLE "owner_words" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"key" text NOT NULL,
	"words" text,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "disc_ring_inner_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "disc_ring_section_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "disc_groove_inner_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "disc_groove_width_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "disc_groove_depth_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_thread_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_pitch_mm" double precision;--> statement-breakpoint
ALTER TABLE "running_checks" ADD COLUMN "current_ua" double precision;--> statement-breakpoint
ALTER TABLE "shop_settings" ADD COLUMN "letterhead" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "shop_settings" ADD COLUMN "decimals" text DEFAULT 'point' NOT NULL;--> statement-breakpoint
ALTER TABLE "shop_settings" ADD COLUMN "hour_cents" integer;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "quote_cents" integer;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "quote_minutes" integer;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "quote_specialist" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "owner_words" ADD CONSTRAINT "owner_words_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "owner_words_tray_id_index" ON "owner_words" USING btree ("tray_id");--> statement-breakpoint
CREATE TRIGGER owner_words_append_only BEFORE UPDATE OR DELETE ON owner_words FOR EACH ROW EXECUTE FUNCTION refuse_change();--> statement-breakpoint
SELECT keep_history();
