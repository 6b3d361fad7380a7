-- What somebody practised on a virtual antenna: the exercise as it was drawn, what was done, and what it came to. None of it is
-- the shop's work.
create table exercise_run (
    id         uuid             not null primary key,
    version    bigint           not null,
    drawn_from varchar(60)      not null,
    seed       bigint           not null,
    drift      double precision not null,
    start_m    double precision not null,
    hidden     varchar(30),
    limit_swr  double precision not null,
    best_m     double precision not null,
    begun_by   uuid             not null references person (id),
    begun_at   timestamp(6) with time zone not null,
    ended_at   timestamp(6) with time zone
);

create index exercise_run_by on exercise_run (begun_by, begun_at);

create table exercise_deed (
    run_id   uuid             not null references exercise_run (id),
    position int              not null,
    what     varchar(10)      not null,
    change_m double precision not null,
    suspect  varchar(30),
    primary key (run_id, position)
);

-- Of whoever practised, of the adviser, and of somebody who knew everything.
create table exercise_score (
    run_id     uuid             not null references exercise_run (id),
    rival      varchar(10)      not null,
    readings   int              not null,
    changes    int              not null,
    looks      int              not null,
    minutes    double precision not null,
    worst_swr  double precision not null,
    met        boolean          not null,
    fault_left boolean          not null,
    more_off_m double precision not null,
    primary key (run_id, rival)
);
