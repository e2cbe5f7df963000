ALTER TABLE "trays" ALTER COLUMN "water_class" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "trays" ALTER COLUMN "water_class" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "hour_hand_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "minute_hand_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "second_hand_mm" double precision;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "class_bar" double precision;--> statement-breakpoint
ALTER TABLE "trays" ADD COLUMN "diver" boolean DEFAULT false NOT NULL;--> statement-breakpoint
-- A diver that stated no bar keeps none: the least its kind may state is assumed, and said to be.
UPDATE "trays" SET
	"class_bar" = CASE "water_class" WHEN '3-bar' THEN 3 WHEN '5-bar' THEN 5 WHEN '10-bar' THEN 10 WHEN '20-bar' THEN 20 END,
	"diver" = ("water_class" = 'diver');