ALTER TABLE "press_runs" ADD COLUMN "left_hour" integer;--> statement-breakpoint
ALTER TABLE "press_runs" ADD COLUMN "feel" text;--> statement-breakpoint
ALTER TABLE "press_runs" ADD COLUMN "cause" text;