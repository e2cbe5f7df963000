CREATE TABLE "bezel_actions" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"clicks" integer,
	"other_way" text,
	"back_play_deg" double precision,
	"zero_on_mark" boolean NOT NULL,
	"feel" text NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "straight_looks" (
	"id" serial PRIMARY KEY NOT NULL,
	"tray_id" integer NOT NULL,
	"pair" text NOT NULL,
	"method" text NOT NULL,
	"radius_mm" double precision NOT NULL,
	"limit_mm" double precision,
	"offsets" jsonb NOT NULL,
	"moves" boolean,
	"after" text,
	"after_words" text DEFAULT '' NOT NULL,
	"by_picture" jsonb,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "bezel_actions" ADD CONSTRAINT "bezel_actions_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "straight_looks" ADD CONSTRAINT "straight_looks_tray_id_trays_id_fk" FOREIGN KEY ("tray_id") REFERENCES "public"."trays"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "bezel_actions_tray_id_index" ON "bezel_actions" USING btree ("tray_id");--> statement-breakpoint
CREATE INDEX "straight_looks_tray_id_index" ON "straight_looks" USING btree ("tray_id");--> statement-breakpoint
CREATE TRIGGER straight_looks_append_only BEFORE UPDATE OR DELETE ON straight_looks FOR EACH ROW EXECUTE FUNCTION refuse_change();--> statement-breakpoint
CREATE TRIGGER bezel_actions_append_only BEFORE UPDATE OR DELETE ON bezel_actions FOR EACH ROW EXECUTE FUNCTION refuse_change();--> statement-breakpoint
SELECT keep_history();
