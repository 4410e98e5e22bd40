-- The household and all that is its own. Every table carries the household first in its keys, so that
-- the data can be spread by household later. Rows of the record are only ever added.

create table households (
  id uuid primary key,
  name text not null check (length(name) between 1 and 60),
  time_zone text not null check (length(time_zone) between 1 and 60),
  created timestamptz not null default now()
);

create table accounts (
  household_id uuid not null references households on delete cascade,
  id uuid not null,
  name text not null check (length(name) between 1 and 40),
  email text not null unique check (length(email) <= 254 and email = lower(email)),
  password_hash text not null,
  created timestamptz not null default now(),
  primary key (household_id, id)
);

create table sessions (
  household_id uuid not null,
  account_id uuid not null,
  id uuid not null unique,
  created timestamptz not null default now(),
  expires timestamptz not null,
  revoked timestamptz,
  primary key (household_id, id),
  foreign key (household_id, account_id) references accounts on delete cascade
);

create table dogs (
  household_id uuid not null references households on delete cascade,
  id uuid not null,
  profile jsonb not null check (
    (profile ->> 'weightKg')::numeric between 0.5 and 120 and length(profile ->> 'name') between 1 and 40
  ),
  created timestamptz not null default now(),
  changed timestamptz not null default now(),
  primary key (household_id, id)
);

create table entries (
  household_id uuid not null,
  dog_id uuid not null,
  id uuid not null,
  day date not null,
  kind text not null check (length(kind) between 1 and 20),
  entry jsonb not null,
  author_id uuid,
  received timestamptz not null default now(),
  primary key (household_id, dog_id, id),
  foreign key (household_id, dog_id) references dogs on delete cascade
);
create index entries_by_day on entries (household_id, dog_id, day);

create table shares (
  household_id uuid not null,
  dog_id uuid not null,
  id uuid not null,
  token_hash bytea not null unique check (length(token_hash) = 32),
  scope text not null check (scope in ('note', 'stretch')),
  groomer text not null check (length(groomer) between 1 and 40),
  created timestamptz not null default now(),
  expires timestamptz not null check (expires > created),
  revoked timestamptz,
  last_opened timestamptz,
  primary key (household_id, dog_id, id),
  foreign key (household_id, dog_id) references dogs on delete cascade
);

create table notes (
  household_id uuid not null,
  dog_id uuid not null,
  id uuid not null,
  author text not null check (author in ('owner', 'groomer')),
  author_name text not null check (length(author_name) between 1 and 40),
  body text not null check (length(body) between 1 and 4000),
  share_id uuid,
  sent timestamptz not null default now(),
  read timestamptz,
  primary key (household_id, dog_id, id),
  foreign key (household_id, dog_id) references dogs on delete cascade,
  foreign key (household_id, dog_id, share_id) references shares on delete set null (share_id)
);
create index notes_in_order on notes (household_id, dog_id, sent);

-- Kept by rate-limiter-flexible.
create table rate_limits (
  key varchar(255) primary key,
  points integer not null default 0,
  expire bigint
);
