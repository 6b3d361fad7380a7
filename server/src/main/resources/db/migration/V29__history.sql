-- Who changed what: each transaction that changed a plan, a visit or the place of a pass is a revision, and beside each table
-- stands how its rows were after it. Only ever added to.
create sequence revision_number start with 1;

create table revision (
    id      bigint not null primary key,
    made_at timestamp(6) with time zone not null,
    made_by uuid references person (id)
);

create table installation_was (
    id                uuid     not null,
    revision          bigint   not null references revision (id),
    revision_type     smallint not null,
    title             varchar(160),
    customer          varchar(160),
    carrier           varchar(30),
    carrier_detail    varchar(600),
    antenna_kind      varchar(30),
    antenna_detail    varchar(600),
    one_way           boolean,
    smallest_step_m   double precision,
    start_length_m    double precision,
    shortest_length_m double precision,
    longest_length_m  double precision,
    rated_power_w     double precision,
    swr_ceiling       double precision,
    rule_name         varchar(30),
    limit_swr         double precision,
    measured_at       varchar(20),
    feedline_type     varchar(40),
    feedline_length_m double precision,
    radio_id          uuid,
    primary key (id, revision)
);

create table wanted_channel_was (
    installation_id uuid     not null,
    revision        bigint   not null references revision (id),
    revision_type   smallint not null,
    position        int      not null,
    name            varchar(60),
    frequency_hz    double precision,
    is_primary      boolean,
    channel_use     varchar(20),
    weight          double precision,
    radio           varchar(60),
    primary key (installation_id, revision, revision_type, position)
);

create table other_radio_was (
    installation_id uuid     not null,
    revision        bigint   not null references revision (id),
    revision_type   smallint not null,
    position        int      not null,
    name            varchar(60),
    rated_power_w   double precision,
    swr_ceiling     double precision,
    primary key (installation_id, revision, revision_type, position)
);

create table visit_was (
    id              uuid     not null,
    revision        bigint   not null references revision (id),
    revision_type   smallint not null,
    installation_id uuid,
    number          int,
    purpose         varchar(20),
    why             varchar(600),
    ready_method    varchar(20),
    ready_at        timestamp(6) with time zone,
    primary key (id, revision)
);

create index visit_was_of on visit_was (installation_id);

create table ready_answer_was (
    visit_id      uuid        not null,
    revision      bigint      not null references revision (id),
    revision_type smallint,
    step          varchar(30) not null,
    answer        varchar(20) not null,
    primary key (visit_id, revision, step, answer)
);

create table tuning_pass_was (
    id              uuid     not null,
    revision        bigint   not null references revision (id),
    revision_type   smallint not null,
    installation_id uuid,
    number          int,
    primary key (id, revision)
);

create index tuning_pass_was_of on tuning_pass_was (installation_id);

-- What is older begins here: how it was before is not known.
insert into revision (id, made_at, made_by)
    select next value for revision_number, current_timestamp, null
    where exists (select 1 from installation);
insert into installation_was
    select i.id, r.id, 0, title, customer, carrier, carrier_detail, antenna_kind, antenna_detail, one_way, smallest_step_m,
        start_length_m, shortest_length_m, longest_length_m, rated_power_w, swr_ceiling, rule_name, limit_swr, measured_at,
        feedline_type, feedline_length_m, radio_id
    from installation i cross join revision r;
insert into wanted_channel_was
    select installation_id, r.id, 0, position, name, frequency_hz, is_primary, channel_use, weight, radio
    from wanted_channel cross join revision r;
insert into other_radio_was
    select installation_id, r.id, 0, position, name, rated_power_w, swr_ceiling
    from other_radio cross join revision r;
insert into visit_was
    select v.id, r.id, 0, installation_id, number, purpose, why, ready_method, ready_at
    from visit v cross join revision r;
insert into ready_answer_was
    select visit_id, r.id, 0, step, answer
    from ready_answer cross join revision r;
insert into tuning_pass_was
    select p.id, r.id, 0, installation_id, number
    from tuning_pass p cross join revision r;
