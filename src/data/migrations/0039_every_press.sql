ALTER TABLE "press_runs" ALTER COLUMN "pick_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "press_runs" ADD COLUMN "work" text DEFAULT 'crystal-in' NOT NULL;--> statement-breakpoint
ALTER TABLE "press_runs" ADD COLUMN "cell" text;--> statement-breakpoint
ALTER TABLE "presses" ADD COLUMN "most_force_n" double precision;--> statement-breakpoint
ALTER TABLE "shop_settings" ADD COLUMN "invented" boolean DEFAULT false NOT NULL;--> statement-breakpoint
CREATE INDEX "press_runs_work_index" ON "press_runs" USING btree ("work");