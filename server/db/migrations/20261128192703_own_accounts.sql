CREATE TABLE "account_links" (
	"token_hash" "bytea" PRIMARY KEY NOT NULL,
	"kind" text NOT NULL,
	"household_id" uuid,
	"account_id" uuid,
	"groomer_id" uuid,
	"email" text,
	"created" timestamp with time zone DEFAULT now() NOT NULL,
	"expires" timestamp with time zone NOT NULL,
	"used" timestamp with time zone,
	CONSTRAINT "account_links_token_hash_check" CHECK (length(token_hash) = 32),
	CONSTRAINT "account_links_kind_check" CHECK (kind = ANY (ARRAY['reset'::text, 'move'::text])),
	CONSTRAINT "account_links_email_check" CHECK ((length(email) <= 254) AND (email = lower(email))),
	CONSTRAINT "account_links_whose_check" CHECK (((groomer_id IS NULL) <> (account_id IS NULL)) AND ((account_id IS NULL) = (household_id IS NULL)))
);
--> statement-breakpoint
CREATE TABLE "passkeys" (
	"id" text PRIMARY KEY NOT NULL,
	"household_id" uuid,
	"account_id" uuid,
	"groomer_id" uuid,
	"public_key" "bytea" NOT NULL,
	"counter" bigint DEFAULT 0 NOT NULL,
	"name" text NOT NULL,
	"created" timestamp with time zone DEFAULT now() NOT NULL,
	"last_used" timestamp with time zone,
	CONSTRAINT "passkeys_id_check" CHECK ((length(id) >= 1) AND (length(id) <= 1400)),
	CONSTRAINT "passkeys_name_check" CHECK ((length(name) >= 1) AND (length(name) <= 60)),
	CONSTRAINT "passkeys_whose_check" CHECK (((groomer_id IS NULL) <> (account_id IS NULL)) AND ((account_id IS NULL) = (household_id IS NULL)))
);
--> statement-breakpoint
ALTER TABLE "groomers" DROP CONSTRAINT "groomers_email_key";--> statement-breakpoint
ALTER TABLE "mails" DROP CONSTRAINT "mails_kind_check";--> statement-breakpoint
DROP INDEX "accounts_email";--> statement-breakpoint
ALTER TABLE "accounts" ADD COLUMN "claimed" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "last_seen" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "proved_until" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "device" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "dogs" ADD COLUMN "delete_after" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "groomer_sessions" ADD COLUMN "last_seen" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "groomer_sessions" ADD COLUMN "proved_until" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "groomer_sessions" ADD COLUMN "device" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "groomers" ADD COLUMN "claimed" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "groomers" ADD COLUMN "delete_after" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "shares" ADD COLUMN "made_by" text;--> statement-breakpoint
ALTER TABLE "shares" ADD COLUMN "closed_by" text;--> statement-breakpoint
ALTER TABLE "account_links" ADD CONSTRAINT "account_links_account_fkey" FOREIGN KEY ("household_id","account_id") REFERENCES "public"."accounts"("household_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "account_links" ADD CONSTRAINT "account_links_groomer_fkey" FOREIGN KEY ("groomer_id") REFERENCES "public"."groomers"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "passkeys" ADD CONSTRAINT "passkeys_account_fkey" FOREIGN KEY ("household_id","account_id") REFERENCES "public"."accounts"("household_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "passkeys" ADD CONSTRAINT "passkeys_groomer_fkey" FOREIGN KEY ("groomer_id") REFERENCES "public"."groomers"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "account_links_run_out" ON "account_links" USING btree ("expires");--> statement-breakpoint
CREATE INDEX "passkeys_of_account" ON "passkeys" USING btree ("household_id","account_id");--> statement-breakpoint
CREATE INDEX "passkeys_of_groomer" ON "passkeys" USING btree ("groomer_id");--> statement-breakpoint
CREATE INDEX "sessions_of_account" ON "sessions" USING btree ("household_id","account_id");--> statement-breakpoint
CREATE INDEX "dogs_to_delete" ON "dogs" USING btree ("delete_after") WHERE (delete_after IS NOT NULL);--> statement-breakpoint
CREATE INDEX "groomers_email" ON "groomers" USING btree ("email");--> statement-breakpoint
CREATE INDEX "groomers_to_delete" ON "groomers" USING btree ("delete_after") WHERE (delete_after IS NOT NULL);--> statement-breakpoint
CREATE INDEX "accounts_email" ON "accounts" USING btree ("email") WHERE (removed IS NULL);--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_device_check" CHECK ((length(device) >= 0) AND (length(device) <= 60));--> statement-breakpoint
ALTER TABLE "mails" ADD CONSTRAINT "mails_kind_check" CHECK (kind = ANY (ARRAY['confirm'::text, 'invitation'::text, 'note'::text, 'reminder'::text, 'reset'::text, 'move'::text, 'account'::text]));--> statement-breakpoint
ALTER TABLE "groomer_sessions" ADD CONSTRAINT "groomer_sessions_device_check" CHECK ((length(device) >= 0) AND (length(device) <= 60));--> statement-breakpoint
UPDATE "accounts" SET "claimed" = a.confirmed FROM "addresses" a WHERE a.email = "accounts".email;--> statement-breakpoint
UPDATE "groomers" SET "claimed" = a.confirmed FROM "addresses" a WHERE a.email = "groomers".email;
