-- Photographs, re-encoded. Each is the picture of one entry of the diary, and has its id.

create table photographs (
  household_id uuid not null,
  dog_id uuid not null,
  id uuid not null,
  jpeg bytea not null check (length(jpeg) between 1 and 4000000),
  width integer not null check (width between 1 and 4000),
  height integer not null check (height between 1 and 4000),
  received timestamptz not null default now(),
  primary key (household_id, dog_id, id),
  foreign key (household_id, dog_id, id) references entries on delete cascade
);
