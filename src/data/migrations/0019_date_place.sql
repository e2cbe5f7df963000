ALTER TABLE "case_sheets" ADD COLUMN "date_at" text;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "date_radius_mm" double precision;