-- The shop's radios, and what each did into a dummy load. A check is never altered; a wrong one is taken back and stays.
create table radio (
    id            uuid             not null primary key,
    version       bigint           not null,
    name          varchar(120)     not null,
    rated_power_w double precision not null,
    swr_ceiling   double precision not null,
    note          varchar(600)     not null,
    removed_at    timestamp(6) with time zone,
    removed_by    uuid references person (id)
);

create table radio_check (
    id                     uuid             not null primary key,
    radio_id               uuid             not null references radio (id),
    channel_hz             double precision not null,
    rated_power_w          double precision not null,
    forward_w              double precision,
    full_scale_w           double precision,
    plug_low_hz            double precision,
    plug_high_hz           double precision,
    reflected_w            double precision,
    reflected_full_scale_w double precision,
    carrier_hz             double precision,
    counter_ppm            double precision,
    tolerance              double precision,
    tolerance_unit         varchar(10),
    tolerance_source       varchar(300),
    spurious_dbc           double precision,
    spurious_hz            double precision,
    note                   varchar(600)     not null,
    checked_by             uuid             not null references person (id),
    checked_at             timestamp(6) with time zone not null,
    taken_back_at          timestamp(6) with time zone,
    taken_back_by          uuid references person (id)
);

create index radio_check_of on radio_check (radio_id, checked_at);

-- Which of the shop's radios an installation is for, where that is known.
alter table installation add column radio_id uuid;
