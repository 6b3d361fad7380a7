-- Named calibrations: raw readings of open, short and load, and what the three really are.
create table calibration (
    id               uuid             not null primary key,
    version          bigint           not null,
    name             varchar(120)     not null,
    instrument       varchar(120)     not null,
    cable            varchar(120)     not null,
    adapter          varchar(120)     not null,
    open_offset_m    double precision not null,
    open_farad       double precision not null,
    short_offset_m   double precision not null,
    short_henry      double precision not null,
    load_ohm         double precision not null,
    open_id          uuid             not null references sweep (id),
    short_id         uuid             not null references sweep (id),
    load_id          uuid             not null references sweep (id),
    checked_db       double precision,
    checked_at       timestamp(6) with time zone,
    removed          boolean          not null,
    made_by          uuid             not null references person (id),
    made_at          timestamp(6) with time zone not null
);

-- What a pass rests on, and readings at single channels instead of a sweep.
alter table sweep add column has_phase boolean not null default true;
alter table tuning_pass add column reading_kind varchar(30) not null default 'CALIBRATED_ANALYSER';
alter table tuning_pass add column declared varchar(300) not null default '';
update tuning_pass set reading_kind = 'UNCALIBRATED_ANALYSER'
    where sweep_id in (select id from sweep where source = 'FILE');

create table spot_reading (
    pass_id            uuid             not null references tuning_pass (id),
    position           int              not null,
    frequency_hz       double precision not null,
    swr                double precision not null,
    low_swr            double precision not null,
    high_swr           double precision,
    resistance_ohm     double precision,
    reactance_size_ohm double precision,
    primary key (pass_id, position)
);
