ALTER TABLE "sent_changes" ADD COLUMN "tray_id" integer;--> statement-breakpoint
ALTER TABLE "sent_changes" ADD COLUMN "page" uuid;--> statement-breakpoint
ALTER TABLE "sent_changes" ADD COLUMN "revision" integer;--> statement-breakpoint
CREATE INDEX "sent_changes_tray_id_revision_index" ON "sent_changes" USING btree ("tray_id","revision");