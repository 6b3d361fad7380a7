-- What happened to an installation before an archive brought it here.
create table told_elsewhere (
    id              uuid primary key,
    installation_id uuid not null references installation (id),
    happened_at     timestamp with time zone not null,
    done_by         varchar(120),
    number          integer not null,
    says            text not null,
    unique (installation_id, happened_at, number)
);
