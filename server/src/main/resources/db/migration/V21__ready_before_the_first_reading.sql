-- What was looked at before the first reading of a visit, with which instrument it was to be read, who answered and when.
alter table visit add column ready_method varchar(20);
alter table visit add column ready_by uuid references person (id);
alter table visit add column ready_at timestamp(6) with time zone;

create table ready_answer (
    visit_id uuid        not null references visit (id),
    step     varchar(30) not null,
    answer   varchar(20) not null,
    primary key (visit_id, step)
);
