-- What lists and searches of the shop tell of an installation: worked out from its plan, visits and passes, and again whenever one of
-- them is another. The search index is made from it.
create table book_entry (
    installation_id    uuid          not null primary key references installation (id) on delete cascade,
    version            bigint        not null,
    pass_count         int           not null,
    program            varchar(60)   not null,
    built_at           timestamp(6) with time zone not null,
    shop_number        bigint        not null,
    title              varchar(200)  not null,
    customer           varchar(200)  not null,
    carrier            varchar(30)   not null,
    mount              varchar(1000) not null,
    kind               varchar(30)   not null,
    antenna            varchar(1000) not null,
    middle_hz          double precision not null,
    channels           clob          not null,
    people             varchar(4000) not null,
    named              varchar(2000) not null,
    words              clob          not null,
    faults             varchar(2000) not null,
    state              varchar(30)   not null,
    final_length_m     double precision,
    changes            int           not null,
    readings           int           not null,
    met                boolean       not null,
    worst_swr          double precision,
    length_ratio       double precision,
    length_ratio_doubt double precision,
    signed_at          timestamp(6) with time zone,
    touched_at         timestamp(6) with time zone not null
);

create index book_entry_like on book_entry (kind, middle_hz);

-- What was to be looked for after a pass.
alter table pass_judgement add column fault varchar(100);
