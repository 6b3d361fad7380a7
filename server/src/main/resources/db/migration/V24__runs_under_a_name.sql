-- A build that was read under a name of its own, to be held against others, and what it weighs.
alter table tuning_pass add column run_name varchar(120);
alter table tuning_pass add column run_weight_kg double precision;
