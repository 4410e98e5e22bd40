-- What is looked for by itself: deletions and reminders that are due, rations that have run out, an
-- invitation by its id, and a household's letters when it goes.
create index households_to_delete on households (delete_after) where delete_after is not null;
create index accounts_to_remind on accounts (remind_at) where remind_at is not null and removed is null;
create index rate_limits_run_out on rate_limits (expire);
create index invitations_by_id on invitations (id);
create index mails_of_household on mails (household_id);
