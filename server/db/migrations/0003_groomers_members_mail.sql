-- Groomers with an account and the dogs kept in their room; members of a household with roles;
-- invitations; private calendar addresses; mail that waits to go; deletion with time to think.

alter table accounts
  add column role text not null default 'owner' check (role in ('owner', 'helper', 'viewer')),
  add column removed timestamptz,
  add column mail_notes boolean not null default true,
  -- Minutes after midnight at which a reminder comes; none by default.
  add column remind_at integer check (remind_at between 0 and 1439),
  add column reminded_on date;
alter table accounts drop constraint accounts_email_key;
create unique index accounts_email on accounts (email) where removed is null;

alter table households add column delete_after timestamptz;

create table groomers (
  id uuid primary key,
  name text not null check (length(name) between 1 and 40),
  room text not null check (length(room) between 1 and 60),
  email text not null unique check (length(email) <= 254 and email = lower(email)),
  password_hash text not null,
  mail_notes boolean not null default true,
  created timestamptz not null default now()
);

create table groomer_sessions (
  groomer_id uuid not null references groomers on delete cascade,
  id uuid not null unique,
  created timestamptz not null default now(),
  expires timestamptz not null,
  revoked timestamptz,
  primary key (groomer_id, id)
);

alter table shares drop constraint shares_scope_check;
alter table shares
  add constraint shares_scope_check check (scope in ('note', 'stretch', 'history')),
  add column groomer_id uuid references groomers on delete set null,
  -- A code is said or written down, serves once, and soon runs out.
  add column code_hash bytea unique check (length(code_hash) = 32),
  add column code_expires timestamptz,
  add column email text check (length(email) <= 254);
create index shares_of_groomer on shares (groomer_id) where groomer_id is not null;

alter table notes add column attached jsonb;

-- What a groomer's room says of a dog, worked out once and kept until the record changes.
create table arrivals (
  household_id uuid not null,
  dog_id uuid not null,
  day date not null,
  arrival jsonb not null,
  primary key (household_id, dog_id),
  foreign key (household_id, dog_id) references dogs on delete cascade
);

create table invitations (
  household_id uuid not null references households on delete cascade,
  id uuid not null,
  token_hash bytea not null unique check (length(token_hash) = 32),
  role text not null check (role in ('owner', 'helper', 'viewer')),
  name text not null check (length(name) between 1 and 40),
  created timestamptz not null default now(),
  expires timestamptz not null check (expires > created),
  used timestamptz,
  primary key (household_id, id)
);

create table feeds (
  household_id uuid not null,
  dog_id uuid not null,
  token_hash bytea not null unique check (length(token_hash) = 32),
  created timestamptz not null default now(),
  last_read timestamptz,
  primary key (household_id, dog_id),
  foreign key (household_id, dog_id) references dogs on delete cascade
);

-- Claimed a row at a time by whichever process is free.
create table mails (
  id uuid primary key,
  household_id uuid references households on delete cascade,
  recipient text not null check (length(recipient) <= 254),
  subject text not null check (length(subject) between 1 and 200),
  body text not null,
  html text not null,
  written timestamptz not null default now(),
  due timestamptz not null default now(),
  tries integer not null default 0,
  sent timestamptz,
  problem text
);
create index mails_to_send on mails (due) where sent is null;
