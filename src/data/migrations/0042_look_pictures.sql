ALTER TABLE "straight_looks" ADD COLUMN "photo_id" integer;--> statement-breakpoint
ALTER TABLE "straight_looks" ADD COLUMN "second_photo_id" integer;