-- What a person removes is laid aside and can be had back. A name is taken only by what is there.
alter table cut_sheet add column removed_at timestamp(6) with time zone;
alter table cut_sheet add column removed_by uuid references person (id);
alter table station_plan add column removed_at timestamp(6) with time zone;
alter table station_plan add column removed_by uuid references person (id);

alter table shop_list add column removed_at timestamp(6) with time zone;
alter table shop_list add column removed_by uuid references person (id);
alter table shop_list add column called varchar(120);
update shop_list set called = name;
alter table shop_list drop column name;
alter table shop_list alter column called rename to name;
alter table shop_list alter column name set not null;
alter table shop_list add column name_taken varchar(120)
    generated always as (case when removed_at is null then lower(name) end);
alter table shop_list add constraint shop_list_name unique (name_taken);

alter table instrument add column removed_at timestamp(6) with time zone;
alter table instrument add column removed_by uuid references person (id);
alter table instrument add column called varchar(80);
update instrument set called = name;
alter table instrument drop column name;
alter table instrument alter column called rename to name;
alter table instrument alter column name set not null;
alter table instrument add column name_taken varchar(80)
    generated always as (case when removed_at is null then lower(name) end);
alter table instrument add constraint instrument_name unique (name_taken);

alter table calibration add column removed_at timestamp(6) with time zone;
alter table calibration add column removed_by uuid references person (id);
update calibration set removed_at = made_at, removed_by = made_by where removed;
alter table calibration drop column removed;

-- A photo that takes the place of another does not erase it.
create table photo_of_a_pass (
    id      uuid not null primary key,
    pass_id uuid not null references tuning_pass (id),
    jpeg    blob not null,
    kept_at timestamp(6) with time zone not null
);
insert into photo_of_a_pass (id, pass_id, jpeg, kept_at) select random_uuid(), pass_id, jpeg, current_timestamp from pass_photo;
drop table pass_photo;
alter table photo_of_a_pass rename to pass_photo;
create index pass_photo_of on pass_photo (pass_id, kept_at);
