ALTER TABLE "case_sheets" ADD COLUMN "back_kind" text;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "notch_count" integer;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "notch_circle_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "back_screw_count" integer;