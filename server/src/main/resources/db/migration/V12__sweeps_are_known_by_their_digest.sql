-- Worked out by the database when a row is written, and again whenever it is checked.
alter table sweep add column digest varbinary(32) generated always as (hash('SHA256', points));
alter table sweep_original add column digest varbinary(32) generated always as (hash('SHA256', bytes));
