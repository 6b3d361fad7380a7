-- A second piece, the circumstances of a pass, the old antenna as a reference, the last sweep, a photo.
alter table tuning_pass add column second_change_m double precision not null default 0;
alter table tuning_pass add column old_antenna boolean not null default false;
alter table tuning_pass add column final_sweep boolean not null default false;
alter table tuning_pass add column has_photo boolean not null default false;

create table pass_circumstance (
    pass_id      uuid        not null references tuning_pass (id),
    circumstance varchar(30) not null,
    primary key (pass_id, circumstance)
);

create table pass_photo (
    pass_id uuid not null primary key references tuning_pass (id),
    jpeg    blob not null
);

-- The line between antenna and radio; what a sign-off allows, until when, and what it costs; what the antenna taught.
alter table installation add column feedline_type varchar(40);
alter table installation add column feedline_length_m double precision;
alter table installation add column sign_off_limit_w double precision;
alter table installation add column sign_off_due date;
alter table installation add column sign_off_cost_db double precision;
alter table installation add column learnt_set_per_electrical double precision;
alter table installation add column learnt_doubt double precision;
