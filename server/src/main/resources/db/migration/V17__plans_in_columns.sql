-- A plan is what is wanted and where, the grounds that are compared, and the ways to the air: each number in a column, in SI. One of before
-- is the pages' own text until somebody opens it: only a page knows in which unit its bare numbers were typed.
alter table station_plan rename to plan;
alter table plan alter column body set null;

alter table plan add column carrier varchar(30);
alter table plan add column material varchar(30);
alter table plan add column roof_length_m double precision;
alter table plan add column roof_width_m double precision;
alter table plan add column along_m double precision;
alter table plan add column across_m double precision;
alter table plan add column room_length_m double precision;
alter table plan add column room_height_m double precision;
alter table plan add column mount_height_m double precision;
alter table plan add column clearance_m double precision;
alter table plan add column low_hz double precision;
alter table plan add column high_hz double precision;
alter table plan add column limit_swr double precision;
alter table plan add column target varchar(30);
alter table plan add column polarisation varchar(30);
alter table plan add column bearing_deg double precision;
alter table plan add column rod_radius_m double precision;
alter table plan add column wire_radius_m double precision;
alter table plan add column insulation_m double precision;
alter table plan add column holes_m double precision;
alter table plan add column candidate varchar(60);

create table plan_neighbour (
    plan_id  uuid             not null references plan (id),
    position int              not null,
    name     varchar(60)      not null,
    along_m  double precision not null,
    across_m double precision not null,
    from_m   double precision not null,
    to_m     double precision not null,
    radius_m double precision not null,
    primary key (plan_id, position)
);

alter table plan add column ground_low_hz double precision;
alter table plan add column ground_high_hz double precision;
alter table plan add column ground_limit_swr double precision;
alter table plan add column whip_m double precision;
alter table plan add column slope_deg double precision;
alter table plan add column whip_radius_m double precision;
alter table plan add column is_trimmed boolean;
alter table plan add column ground_chosen int;

create table plan_ground (
    plan_id   uuid             not null references plan (id),
    position  int              not null,
    name      varchar(60)      not null,
    kind      varchar(20)      not null,
    length_m  double precision not null,
    width_m   double precision not null,
    opening_m double precision not null,
    metal     varchar(20)      not null,
    primary key (plan_id, position)
);

create table plan_radial (
    plan_id     uuid             not null references plan (id),
    position    int              not null,
    ground      int              not null,
    azimuth_deg double precision not null,
    length_m    double precision not null,
    droop_deg   double precision not null,
    radius_m    double precision not null,
    primary key (plan_id, position)
);

alter table plan add column frequency_hz double precision;
alter table plan add column own_height_m double precision;
alter table plan add column largest_m double precision;
alter table plan add column total_height_m double precision;
alter table plan add column duty double precision;
alter table plan add column reflection varchar(20);
alter table plan add column at_body boolean;
alter table plan add column station_carrier varchar(30);

create table plan_way (
    plan_id           uuid             not null references plan (id),
    position          int              not null,
    name              varchar(60)      not null,
    rated_w           double precision not null,
    ceiling_swr       double precision not null,
    jumper            varchar(40)      not null,
    jumper_m          double precision not null,
    meter_loss_db     double precision not null,
    line              varchar(40)      not null,
    line_m            double precision not null,
    connectors        int              not null,
    connector_loss_db double precision,
    swr               double precision not null,
    gain_dbi          double precision not null,
    primary key (plan_id, position)
);

create table plan_station (
    plan_id    uuid             not null references plan (id),
    position   int              not null,
    name       varchar(60)      not null,
    distance_m double precision not null,
    height_m   double precision not null,
    gain_dbi   double precision not null,
    needed_dbm double precision not null,
    primary key (plan_id, position)
);
