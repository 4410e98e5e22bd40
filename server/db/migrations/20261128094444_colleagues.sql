CREATE TABLE "room_invitations" (
	"room_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"token_hash" "bytea" NOT NULL,
	"name" text NOT NULL,
	"created" timestamp with time zone DEFAULT now() NOT NULL,
	"expires" timestamp with time zone NOT NULL,
	"used" timestamp with time zone,
	CONSTRAINT "room_invitations_pkey" PRIMARY KEY("room_id","id"),
	CONSTRAINT "room_invitations_token_hash_key" UNIQUE("token_hash"),
	CONSTRAINT "room_invitations_token_hash_check" CHECK (length(token_hash) = 32),
	CONSTRAINT "room_invitations_name_check" CHECK ((length(name) >= 1) AND (length(name) <= 40)),
	CONSTRAINT "room_invitations_check" CHECK (expires > created)
);
--> statement-breakpoint
CREATE TABLE "share_reads" (
	"household_id" uuid NOT NULL,
	"dog_id" uuid NOT NULL,
	"share_id" uuid NOT NULL,
	"groomer_id" uuid NOT NULL,
	"name" text NOT NULL,
	"last" timestamp with time zone NOT NULL,
	CONSTRAINT "share_reads_pkey" PRIMARY KEY("household_id","dog_id","share_id","groomer_id"),
	CONSTRAINT "share_reads_name_check" CHECK ((length(name) >= 1) AND (length(name) <= 40))
);
--> statement-breakpoint
ALTER TABLE "groomers" ADD COLUMN "works_in" uuid;--> statement-breakpoint
ALTER TABLE "room_invitations" ADD CONSTRAINT "room_invitations_room_id_fkey" FOREIGN KEY ("room_id") REFERENCES "public"."groomers"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "share_reads" ADD CONSTRAINT "share_reads_share_fkey" FOREIGN KEY ("household_id","dog_id","share_id") REFERENCES "public"."shares"("household_id","dog_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "groomers" ADD CONSTRAINT "groomers_works_in_fkey" FOREIGN KEY ("works_in") REFERENCES "public"."groomers"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "groomers_of_room" ON "groomers" USING btree ("works_in") WHERE (works_in IS NOT NULL);