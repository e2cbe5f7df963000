CREATE TABLE "reopenings" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"handed_back_at" timestamp with time zone NOT NULL,
	"reason" text NOT NULL,
	"reopened_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "revision" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "reopenings" ADD CONSTRAINT "reopenings_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "reopenings_tray_id_index" ON "reopenings" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "stock_moves_tray_id_index" ON "stock_moves" USING btree ("tray_id");--> statement-breakpoint
CREATE TRIGGER reopenings_append_only BEFORE UPDATE OR DELETE ON reopenings FOR EACH ROW EXECUTE FUNCTION refuse_change();
