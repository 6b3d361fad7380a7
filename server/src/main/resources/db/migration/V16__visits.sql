-- A visit is one time that someone worked on an installation. A sign-off ends it, and is only ever added.
create table visit (
    id              uuid         not null primary key,
    installation_id uuid         not null references installation (id),
    number          int          not null,
    purpose         varchar(20)  not null,
    why             varchar(600) not null,
    opened_by       uuid         not null references person (id),
    opened_at       timestamp(6) with time zone not null,
    unique (installation_id, number)
);

create table sign_off (
    visit_id           uuid          not null primary key references visit (id),
    signed_by          uuid          not null references person (id),
    signed_at          timestamp(6) with time zone not null,
    pass_number        int           not null,
    remark             varchar(2000) not null,
    reason             varchar(2000),
    limit_w            double precision,
    due                date,
    cost_db            double precision,
    rule_name          varchar(30),
    limit_swr          double precision,
    swr_ceiling        double precision,
    worst_swr          double precision,
    length_ratio       double precision,
    length_ratio_doubt double precision
);

insert into visit (id, installation_id, number, purpose, why, opened_by, opened_at)
    select random_uuid(), id, 1, 'FITTING', '', created_by, created_at from installation;
insert into visit (id, installation_id, number, purpose, why, opened_by, opened_at)
    select random_uuid(), installation_id, position + 2, 'RETUNING', '', reopened_by, reopened_at from earlier_sign_off;

-- By which rule those were judged that were reopened is not known any more: the plan could be changed since.
insert into sign_off (visit_id, signed_by, signed_at, pass_number, remark, reason, limit_w, due, cost_db)
    select v.id, e.signed_by, e.signed_at, e.pass_number, e.remark, e.reason, e.limit_w, e.due, e.cost_db
    from earlier_sign_off e join visit v on v.installation_id = e.installation_id and v.number = e.position + 1;
insert into sign_off (visit_id, signed_by, signed_at, pass_number, remark, reason, limit_w, due, cost_db,
        rule_name, limit_swr, swr_ceiling, worst_swr, length_ratio, length_ratio_doubt)
    select v.id, i.signed_off_by, i.signed_off_at, i.signed_off_pass, coalesce(i.sign_off_remark, ''), i.sign_off_reason,
        i.sign_off_limit_w, i.sign_off_due, i.sign_off_cost_db,
        i.rule_name, i.limit_swr, i.swr_ceiling,
        (select j.worst_swr from tuning_pass p join pass_judgement j on j.pass_id = p.id
            where p.installation_id = i.id and p.number = i.signed_off_pass and j.plan_version = i.plan_version),
        i.learnt_set_per_electrical, i.learnt_doubt
    from installation i
    join visit v on v.installation_id = i.id
        and v.number = (select max(w.number) from visit w where w.installation_id = i.id)
    where i.signed_off_at is not null;

alter table tuning_pass add column visit_number int not null default 1;
update tuning_pass p set visit_number = (
    select max(v.number) from visit v
    where v.installation_id = p.installation_id and (v.number = 1 or v.opened_at <= p.recorded_at));
alter table tuning_pass alter column visit_number drop default;
alter table tuning_pass add constraint pass_of_a_visit
    foreign key (installation_id, visit_number) references visit (installation_id, number);

-- The newest visit, and whether it is ended: lists ask for nothing else.
alter table installation add column visit_number int not null default 1;
alter table installation add column signed_off boolean not null default false;
update installation i set
    visit_number = (select max(v.number) from visit v where v.installation_id = i.id),
    signed_off = i.signed_off_at is not null;
alter table installation alter column visit_number drop default;
alter table installation alter column signed_off drop default;

drop table earlier_sign_off;
alter table installation drop column signed_off_by;
alter table installation drop column signed_off_at;
alter table installation drop column signed_off_pass;
alter table installation drop column sign_off_remark;
alter table installation drop column sign_off_reason;
alter table installation drop column sign_off_limit_w;
alter table installation drop column sign_off_due;
alter table installation drop column sign_off_cost_db;
alter table installation drop column learnt_set_per_electrical;
alter table installation drop column learnt_doubt;

-- The antenna that practice sweeps stays what it was when it was swept first, whatever becomes of the plan.
alter table installation add column practice_kind varchar(30);
alter table installation add column practice_bands_hz double precision array;
alter table installation add column practice_start_m double precision;
