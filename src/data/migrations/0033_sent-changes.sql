CREATE TABLE "sent_changes" (
	"key" uuid PRIMARY KEY NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"answer" jsonb
);
