-- Stations of the shop: repeaters, bases and whoever answers, with distance from the shop and height above the ground around.
create table station (
    id           uuid             not null primary key,
    version      bigint           not null,
    name         varchar(120)     not null,
    frequency_hz double precision,
    distance_m   double precision,
    height_m     double precision,
    note         varchar(600)     not null,
    removed_at   timestamp(6) with time zone,
    removed_by   uuid references person (id)
);

-- The log: what was heard where. A wrong line is taken back and stays.
create table air_call (
    id              uuid             not null primary key,
    installation_id uuid             not null references installation (id),
    station         varchar(120)     not null,
    frequency_hz    double precision not null,
    distance_m      double precision,
    power_w         double precision not null,
    old_antenna     boolean          not null,
    report          varchar(20)      not null,
    note            varchar(600)     not null,
    called_by       uuid             not null references person (id),
    called_at       timestamp(6) with time zone not null,
    taken_back_by   uuid references person (id),
    taken_back_at   timestamp(6) with time zone
);

create index air_call_of on air_call (installation_id, called_at);

-- Antennas heard one after the other: the lot is drawn at the beginning, and each trial is filled in as it is done.
create table air_comparison (
    id              uuid             not null primary key,
    installation_id uuid             not null references installation (id),
    place           varchar(300)     not null,
    power_w         double precision not null,
    frequency_hz    double precision not null,
    begun_by        uuid             not null references person (id),
    begun_at        timestamp(6) with time zone not null
);

create table air_trial (
    comparison_id uuid         not null references air_comparison (id),
    number        int          not null,
    round         int          not null,
    antenna       varchar(120) not null,
    report        varchar(20),
    clip_db       double precision,
    clip_doubt_db double precision,
    clip_id       uuid,
    primary key (comparison_id, number)
);

-- Apart, so that a list of trials brings no sound along.
create table air_clip (
    id  uuid not null primary key,
    wav blob not null
);
