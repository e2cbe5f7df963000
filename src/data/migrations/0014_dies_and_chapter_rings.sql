CREATE TABLE "chapter_rings" (
	"id" serial PRIMARY KEY NOT NULL,
	"outer_mm" double precision NOT NULL,
	"inner_mm" double precision NOT NULL,
	"height_mm" double precision NOT NULL,
	"form" text NOT NULL,
	"material" text NOT NULL,
	"colour" text DEFAULT '' NOT NULL,
	"family" text DEFAULT '' NOT NULL,
	"code" text NOT NULL,
	"drawer" text NOT NULL,
	"quantity" integer NOT NULL,
	"minimum" integer DEFAULT 0 NOT NULL,
	"price_cents" integer DEFAULT 0 NOT NULL,
	"supplier" text DEFAULT '' NOT NULL,
	"supplier_code" text DEFAULT '' NOT NULL,
	"changed" bigint DEFAULT (pg_current_xact_id()::text::bigint) NOT NULL,
	CONSTRAINT "chapter_rings_code_unique" UNIQUE("code")
);
--> statement-breakpoint
ALTER TABLE "dies" RENAME COLUMN "place" TO "drawer";--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "chapter_ring_outer_mm" double precision;--> statement-breakpoint
ALTER TABLE "case_sheets" ADD COLUMN "chapter_ring_height_mm" double precision;--> statement-breakpoint
ALTER TABLE "dies" ADD COLUMN "quantity" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "dies" ALTER COLUMN "quantity" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "dies" ADD COLUMN "minimum" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "dies" ADD COLUMN "price_cents" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "dies" ADD COLUMN "supplier" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "dies" ADD COLUMN "supplier_code" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "dies" ADD COLUMN "changed" bigint DEFAULT (pg_current_xact_id()::text::bigint) NOT NULL;