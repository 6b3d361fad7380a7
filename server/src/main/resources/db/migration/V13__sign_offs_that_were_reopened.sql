-- A sign-off that a lead reopens stays readable.
create table earlier_sign_off (
    installation_id uuid not null references installation (id),
    position        int  not null,
    signed_by       uuid not null references person (id),
    signed_at       timestamp(6) with time zone not null,
    pass_number     int  not null,
    remark          varchar(2000) not null,
    reason          varchar(2000),
    limit_w         double precision,
    due             date,
    cost_db         double precision,
    reopened_by     uuid not null references person (id),
    reopened_at     timestamp(6) with time zone not null,
    primary key (installation_id, position)
);
