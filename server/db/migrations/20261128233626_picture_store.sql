CREATE TABLE "loose_pictures" (
	"household_id" uuid NOT NULL,
	"dog_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"since" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "loose_pictures_pkey" PRIMARY KEY("household_id","dog_id","id")
);
--> statement-breakpoint
ALTER TABLE "photographs" ALTER COLUMN "jpeg" DROP NOT NULL;--> statement-breakpoint
CREATE INDEX "loose_pictures_by_since" ON "loose_pictures" USING btree ("since");