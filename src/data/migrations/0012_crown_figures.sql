ALTER TABLE "case_sheets" ADD COLUMN "crown_tube_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "crown_bore_mm" double precision;