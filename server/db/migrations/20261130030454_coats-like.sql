CREATE TABLE "coats_like" (
	"version" integer PRIMARY KEY NOT NULL,
	"made" timestamp with time zone DEFAULT now() NOT NULL,
	"households" integer NOT NULL,
	"times" jsonb NOT NULL,
	CONSTRAINT "coats_like_version_check" CHECK ((version >= 1) AND (version <= 1000000))
);
--> statement-breakpoint
ALTER TABLE "households" ADD COLUMN "shares_counts" boolean;