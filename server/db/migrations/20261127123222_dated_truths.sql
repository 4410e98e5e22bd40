-- What is true of a dog has its day: the profile is the dog as it is now, and this what it was when its record
-- began, once something has become otherwise. A row of before is what was true from its first day.
ALTER TABLE "dogs" ADD COLUMN "began" jsonb;