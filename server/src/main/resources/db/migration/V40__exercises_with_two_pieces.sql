-- A tap, strap or ring beside the length: where it was found, where it does best, and which piece was changed.
alter table exercise_run add column second_start_m double precision;
alter table exercise_run add column second_best_m double precision;
alter table exercise_deed add column piece int default 0 not null;
