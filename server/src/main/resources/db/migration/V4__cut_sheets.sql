-- Kept cut sheets: what was asked, what is ticked off, and what was really cut.
create table cut_sheet (
    id              uuid         not null primary key,
    version         bigint       not null,
    name            varchar(160) not null,
    installation_id uuid references installation (id),
    kind            varchar(60)  not null,
    body            clob         not null,
    changed_by      uuid         not null references person (id),
    changed_at      timestamp(6) with time zone not null
);

create table cut_sheet_done (
    sheet_id uuid        not null references cut_sheet (id),
    step     varchar(60) not null,
    primary key (sheet_id, step)
);

create table cut_sheet_cut (
    sheet_id uuid             not null references cut_sheet (id),
    position int              not null,
    piece    int              not null,
    length_m double precision not null,
    primary key (sheet_id, position)
);
