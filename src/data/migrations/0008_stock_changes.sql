ALTER TABLE "crystals" ADD COLUMN "changed" bigint DEFAULT (pg_current_xact_id()::text::bigint) NOT NULL;--> statement-breakpoint
ALTER TABLE "gaskets" ADD COLUMN "changed" bigint DEFAULT (pg_current_xact_id()::text::bigint) NOT NULL;--> statement-breakpoint
CREATE INDEX "crystals_changed_index" ON "crystals" USING btree ("changed");--> statement-breakpoint
CREATE INDEX "gaskets_changed_index" ON "gaskets" USING btree ("changed");