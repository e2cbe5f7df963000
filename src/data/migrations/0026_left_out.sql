CREATE TABLE "left_out" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"subject" text NOT NULL,
	"reason" text,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "left_out" ADD CONSTRAINT "left_out_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "left_out_tray_id_index" ON "left_out" USING btree ("tray_id");--> statement-breakpoint
CREATE TRIGGER left_out_append_only BEFORE UPDATE OR DELETE ON left_out FOR EACH ROW EXECUTE FUNCTION refuse_change();
