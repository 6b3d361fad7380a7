-- Of earlier sign-offs nobody kept it.
alter table sign_off add column moved_hz double precision;
