-- A record's version rises with every change of it, and each entry bears the version it came with: a device
-- can be sent what is new, and a forecast is of one version.
alter table dogs add column version bigint not null default 0;
alter table entries add column version bigint not null default 0;
create index entries_by_version on entries (household_id, dog_id, version);
alter table arrivals
  add column version bigint not null default -1,
  -- Being worked out by some process, until then.
  add column taken_until timestamptz,
  alter column day drop not null,
  alter column arrival drop not null;

-- Whether letters may go to an address: nobody's word counts but that of whoever reads them there.
create table addresses (
  email text primary key check (length(email) <= 254 and email = lower(email)),
  confirmed timestamptz,
  stopped timestamptz
);
-- Those who have had letters until now go on having them, and can end them from any letter.
insert into addresses (email, confirmed)
  select email, now() from accounts where removed is null
  union
  select email, now() from groomers;

alter table mails
  add column groomer_id uuid references groomers on delete cascade,
  add column kind text not null default 'note' check (kind in ('confirm', 'invitation', 'note', 'reminder')),
  add column given_up timestamptz;
alter table mails drop constraint mails_subject_check;
-- What has gone is kept to be counted; its words, links and codes are not.
update mails set subject = '', body = '', html = '' where sent is not null;
drop index mails_to_send;
create index mails_to_send on mails (due) where sent is null and given_up is null;
create index mails_to_recipient on mails (recipient, written);
create index mails_of_room on mails (groomer_id, written);
drop index mails_of_household;
create index mails_of_household on mails (household_id, written);

-- The next instant at which somebody is to be reminded, so that nobody else is looked at.
alter table accounts add column remind_next timestamptz;
-- Looked at once, and put on to their hour.
update accounts set remind_next = to_timestamp(0) where remind_at is not null and removed is null;
drop index accounts_to_remind;
create index accounts_to_remind on accounts (remind_next) where remind_next is not null;
alter table accounts drop column reminded_on;
