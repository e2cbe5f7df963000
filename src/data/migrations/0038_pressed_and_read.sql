ALTER TABLE "press_runs" ADD COLUMN "left_hour" integer;--> statement-breakpoint
ALTER TABLE "press_runs" ADD COLUMN "feel" text;--> statement-breakpoint
ALTER TABLE "press_runs" ADD COLUMN "cause" text;--> statement-breakpoint
ALTER TABLE "press_runs" ADD COLUMN "trace" jsonb;--> statement-breakpoint
ALTER TABLE "press_runs" ADD COLUMN "slide_force_n" double precision;--> statement-breakpoint
ALTER TABLE "press_runs" ADD COLUMN "verdict" text;