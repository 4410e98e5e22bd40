CREATE TABLE "doors" (
	"key" "bytea" NOT NULL,
	"household_id" uuid NOT NULL,
	"dog_id" uuid,
	"id" uuid NOT NULL,
	CONSTRAINT "doors_pkey" PRIMARY KEY("key","household_id","id"),
	CONSTRAINT "doors_key_check" CHECK (length(key) = 32)
);
--> statement-breakpoint
ALTER TABLE "invitations" DROP CONSTRAINT "invitations_token_hash_key";--> statement-breakpoint
ALTER TABLE "sessions" DROP CONSTRAINT "sessions_id_key";--> statement-breakpoint
ALTER TABLE "feeds" DROP CONSTRAINT "feeds_token_hash_key";--> statement-breakpoint
ALTER TABLE "shares" DROP CONSTRAINT "shares_token_hash_key";--> statement-breakpoint
ALTER TABLE "shares" DROP CONSTRAINT "shares_code_hash_key";--> statement-breakpoint
ALTER TABLE "mails" DROP CONSTRAINT "mails_household_id_fkey";
--> statement-breakpoint
ALTER TABLE "account_links" DROP CONSTRAINT "account_links_account_fkey";
--> statement-breakpoint
ALTER TABLE "passkeys" DROP CONSTRAINT "passkeys_account_fkey";
--> statement-breakpoint
ALTER TABLE "shares" DROP CONSTRAINT "shares_groomer_id_fkey";
--> statement-breakpoint
DROP INDEX "accounts_email";--> statement-breakpoint
DROP INDEX "invitations_by_id";--> statement-breakpoint
DROP INDEX "shares_of_groomer";--> statement-breakpoint
CREATE INDEX "doors_of_household" ON "doors" USING btree ("household_id","dog_id");--> statement-breakpoint
-- Doors to what is there already: links and codes by the hashes their rows have, addresses and rooms by what they are.
INSERT INTO "doors" ("key", "household_id", "dog_id", "id")
SELECT "token_hash", "household_id", "dog_id", "id" FROM "shares"
UNION ALL SELECT "code_hash", "household_id", "dog_id", "id" FROM "shares" WHERE "code_hash" IS NOT NULL
UNION ALL SELECT sha256(convert_to('room' || chr(10) || "groomer_id", 'UTF8')), "household_id", "dog_id", "id" FROM "shares" WHERE "groomer_id" IS NOT NULL
UNION ALL SELECT "token_hash", "household_id", NULL, "id" FROM "invitations"
UNION ALL SELECT "token_hash", "household_id", "dog_id", "dog_id" FROM "feeds"
UNION ALL SELECT sha256(convert_to('address' || chr(10) || "email", 'UTF8')), "household_id", NULL, "id" FROM "accounts" WHERE "removed" IS NULL;
