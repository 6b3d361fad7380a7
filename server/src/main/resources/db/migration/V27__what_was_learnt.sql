-- Short notes of the shop for those who fit something like it next, and of which installations each holds.
create table shop_lesson (
    id              uuid          not null primary key,
    version         bigint        not null,
    says            varchar(600)  not null,
    kind            varchar(30),
    carrier         varchar(30),
    mount           varchar(200)  not null,
    part            varchar(200)  not null,
    installation_id uuid          references installation (id),
    learnt_by       uuid          not null references person (id),
    learnt_at       timestamp(6) with time zone not null,
    removed_at      timestamp(6) with time zone,
    removed_by      uuid          references person (id)
);
