CREATE TABLE "sheet_figures" (
	"id" serial PRIMARY KEY NOT NULL,
	"case_sheet_id" integer NOT NULL,
	"tray_id" integer NOT NULL,
	"dimension" text NOT NULL,
	"value_mm" double precision NOT NULL,
	"standard_uncertainty_mm" double precision NOT NULL,
	"readings" integer NOT NULL,
	"instruments" text NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "sheet_figures" ADD CONSTRAINT "sheet_figures_case_sheet_id_case_sheets_id_fk" FOREIGN KEY ("case_sheet_id") REFERENCES "public"."case_sheets"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sheet_figures" ADD CONSTRAINT "sheet_figures_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "sheet_figures_case_sheet_id_index" ON "sheet_figures" USING btree ("case_sheet_id");--> statement-breakpoint
CREATE TRIGGER sheet_figures_append_only BEFORE UPDATE OR DELETE ON sheet_figures FOR EACH ROW EXECUTE FUNCTION refuse_change();
