CREATE TABLE "own_parts" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"part" text NOT NULL,
	"seen" text NOT NULL,
	"goes_back" boolean NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "picks" ALTER COLUMN "crystal_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "picks" ADD COLUMN "own_crystal" jsonb;--> statement-breakpoint
ALTER TABLE "picks" ADD COLUMN "own_gasket" jsonb;--> statement-breakpoint
ALTER TABLE "own_parts" ADD CONSTRAINT "own_parts_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "own_parts_tray_id_index" ON "own_parts" USING btree ("tray_id");--> statement-breakpoint
ALTER TABLE "picks" ADD CONSTRAINT "picks_one_crystal" CHECK (("picks"."crystal_id" is null) <> ("picks"."own_crystal" is null));--> statement-breakpoint
ALTER TABLE "picks" ADD CONSTRAINT "picks_one_gasket" CHECK ("picks"."gasket_id" is null or "picks"."own_gasket" is null);--> statement-breakpoint
CREATE TRIGGER own_parts_append_only BEFORE UPDATE OR DELETE ON own_parts FOR EACH ROW EXECUTE FUNCTION refuse_change();
