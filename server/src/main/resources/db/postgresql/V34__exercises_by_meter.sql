-- Those of before were swept.
alter table exercise_run add column by_meter boolean default false not null;
