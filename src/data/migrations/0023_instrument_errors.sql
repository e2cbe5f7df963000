ALTER TABLE "instruments" ADD COLUMN "zero_uncertainty_mm" double precision;--> statement-breakpoint
ALTER TABLE "instruments" ADD COLUMN "scale_mm_per_m" double precision;--> statement-breakpoint
ALTER TABLE "instruments" ADD COLUMN "inside_zero" text;--> statement-breakpoint
ALTER TABLE "readings" ADD COLUMN "own_uncertainty_mm" double precision;--> statement-breakpoint
ALTER TABLE "readings" ADD COLUMN "zero_uncertainty_mm" double precision;--> statement-breakpoint
ALTER TABLE "readings" ADD COLUMN "scale_uncertainty" double precision;--> statement-breakpoint
ALTER TABLE "shape_readings" ADD COLUMN "shared" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
-- What the readings that are there leave unsaid follows from what they say: nothing of them is rewritten.
ALTER TABLE "readings" DISABLE TRIGGER readings_append_only;--> statement-breakpoint
UPDATE "readings" SET
	"own_uncertainty_mm" = "resolution_mm" / sqrt(12),
	"zero_uncertainty_mm" = "maximum_permissible_error_mm" / sqrt(3),
	"scale_uncertainty" = 0;--> statement-breakpoint
ALTER TABLE "readings" ENABLE TRIGGER readings_append_only;--> statement-breakpoint
ALTER TABLE "readings" ALTER COLUMN "own_uncertainty_mm" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "readings" ALTER COLUMN "zero_uncertainty_mm" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "readings" ALTER COLUMN "scale_uncertainty" SET NOT NULL;--> statement-breakpoint
-- Pictures of one gauge sheet shared about seven tenths of their uncertainty.
ALTER TABLE "shape_readings" DISABLE TRIGGER shape_readings_append_only;--> statement-breakpoint
UPDATE "shape_readings" SET "shared" = jsonb_build_object('gauge sheet', 0.7 * "standard_uncertainty_mm") WHERE "kind" = 'photo';--> statement-breakpoint
ALTER TABLE "shape_readings" ENABLE TRIGGER shape_readings_append_only;
