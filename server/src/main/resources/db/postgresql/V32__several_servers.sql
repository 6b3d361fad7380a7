-- What several servers of one shop have in common: who is signed in, and long computations. The built-in database has one server,
-- which keeps these in its memory.

create table spring_session (
    primary_id            char(36) not null primary key,
    session_id            char(36) not null unique,
    creation_time         bigint   not null,
    last_access_time      bigint   not null,
    max_inactive_interval integer  not null,
    expiry_time           bigint   not null,
    principal_name        varchar(100)
);

create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36)     not null references spring_session (primary_id) on delete cascade,
    attribute_name     varchar(200) not null,
    attribute_bytes    bytea        not null,
    primary key (session_primary_id, attribute_name)
);

-- Who computes what, as db-scheduler keeps it.
create table scheduled_tasks (
    task_name            text                     not null,
    task_instance        text                     not null,
    task_data            bytea,
    execution_time       timestamp with time zone not null,
    picked               boolean                  not null,
    picked_by            text,
    last_success         timestamp with time zone,
    last_failure         timestamp with time zone,
    consecutive_failures integer,
    last_heartbeat       timestamp with time zone,
    version              bigint                   not null,
    priority             smallint,
    primary key (task_name, task_instance)
);

create index scheduled_tasks_time on scheduled_tasks (execution_time);
create index scheduled_tasks_heartbeat on scheduled_tasks (last_heartbeat);

-- What is computed, for whom, and what it gave.
create table long_job (
    id       uuid                     not null primary key,
    owner    uuid                     not null references person (id),
    work     varchar(40)              not null,
    asks     text                     not null,
    state    varchar(10)              not null,
    share    double precision         not null,
    stopped  boolean                  not null,
    result   text,
    trouble  text,
    begun_at timestamp with time zone not null
);
