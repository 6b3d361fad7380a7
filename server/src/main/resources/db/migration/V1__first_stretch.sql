create table person (
    id            uuid         not null primary key,
    login         varchar(60)  not null unique,
    display_name  varchar(120) not null,
    role          varchar(20)  not null,
    password_hash varchar(200) not null,
    created_at    timestamp(6) with time zone not null,
    version       bigint       not null
);

create table access_token (
    id         uuid         not null primary key,
    person_id  uuid         not null references person (id),
    name       varchar(120) not null,
    token_hash varchar(64)  not null unique,
    created_at timestamp(6) with time zone not null
);

create sequence shop_number start with 1;

create table installation (
    id                uuid         not null primary key,
    shop_number       bigint       not null unique,
    title             varchar(160) not null,
    customer          varchar(160) not null,
    carrier           varchar(30)  not null,
    carrier_detail    varchar(600) not null,
    antenna_kind      varchar(30)  not null,
    antenna_detail    varchar(600) not null,
    one_way           boolean      not null,
    smallest_step_m   double precision not null,
    start_length_m    double precision,
    rated_power_w     double precision not null,
    swr_ceiling       double precision not null,
    rule_name         varchar(30)  not null,
    limit_swr         double precision not null,
    measured_at       varchar(20)  not null,
    stand_in_seed     bigint       not null,
    created_by        uuid         not null references person (id),
    created_at        timestamp(6) with time zone not null,
    signed_off_by     uuid references person (id),
    signed_off_at     timestamp(6) with time zone,
    signed_off_pass   int,
    sign_off_remark   varchar(2000),
    sign_off_reason   varchar(2000),
    version           bigint       not null
);

create table wanted_channel (
    installation_id uuid             not null references installation (id),
    position        int              not null,
    name            varchar(60)      not null,
    frequency_hz    double precision not null,
    is_primary      boolean          not null,
    primary key (installation_id, position)
);

create table sweep (
    id            uuid             not null primary key,
    points        blob             not null,
    point_count   int              not null,
    start_hz      double precision not null,
    stop_hz       double precision not null,
    reference_ohm double precision not null,
    dip_hz        double precision,
    dip_return_loss_db double precision,
    source        varchar(20)      not null,
    file_name     varchar(255),
    warnings      varchar(4000)    not null
);

create table sweep_original (
    sweep_id uuid not null primary key references sweep (id),
    bytes    blob not null
);

create table tuning_pass (
    id              uuid             not null primary key,
    installation_id uuid             not null references installation (id),
    number          int              not null,
    change_m        double precision not null,
    note            varchar(2000)    not null,
    plane           varchar(20)      not null,
    sweep_id        uuid             not null references sweep (id),
    request_key     uuid             not null unique,
    recorded_by     uuid             not null references person (id),
    recorded_at     timestamp(6) with time zone not null,
    unique (installation_id, number)
);
