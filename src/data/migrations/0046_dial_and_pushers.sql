ALTER TABLE "case_sheets" ADD COLUMN "dial_below_seat_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "pusher_post_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "pusher_bore_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "pusher_room_mm" double precision;--> statement-breakpoint
SELECT keep_history();
