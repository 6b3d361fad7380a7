-- What happens on a wanted channel, how much it counts, and which radio uses it.
alter table wanted_channel add column channel_use varchar(20) not null default 'BOTH';
alter table wanted_channel add column weight double precision not null default 1;
alter table wanted_channel add column radio varchar(60) not null default '';

create table other_radio (
    installation_id uuid             not null references installation (id),
    position        int              not null,
    name            varchar(60)      not null,
    rated_power_w   double precision not null,
    swr_ceiling     double precision not null,
    primary key (installation_id, position)
);

-- The shop's own channels.
create table shop_list (
    id       uuid         not null primary key,
    version  bigint       not null,
    name     varchar(120) not null unique,
    source   varchar(300) not null,
    made_by  uuid         not null references person (id),
    made_at  timestamp(6) with time zone not null
);

create table shop_list_channel (
    list_id     uuid             not null references shop_list (id),
    position    int              not null,
    name        varchar(60)      not null,
    transmit_hz double precision not null,
    receive_hz  double precision not null,
    note        varchar(200)     not null,
    primary key (list_id, position)
);

-- Kept plans: what was asked of the planning pages, as they sent it.
create table station_plan (
    id              uuid         not null primary key,
    version         bigint       not null,
    name            varchar(160) not null,
    installation_id uuid references installation (id),
    body            clob         not null,
    changed_by      uuid         not null references person (id),
    changed_at      timestamp(6) with time zone not null
);
