-- What a pass says is worked out when it is recorded, and again when the plan or the program changed; lists and pages read it here.
alter table installation add column plan_version bigint not null default 0;
create table pass_judgement (
    pass_id      uuid        not null primary key references tuning_pass (id) on delete cascade,
    plan_version bigint      not null,
    program      varchar(40) not null,
    met          boolean     not null,
    worst_swr    double precision,
    dip_hz       double precision,
    dip_at_edge  boolean     not null,
    outline      blob        not null,
    says         blob        not null
);

-- Which pass of an installation is the newest that counts and is not of the old antenna: lists ask for nothing else.
alter table tuning_pass add column newest boolean not null default false;
update tuning_pass p set newest = true
    where p.number > 0 and p.number = (
        select max(q.number) from tuning_pass q where q.installation_id = p.installation_id and not q.old_antenna);
create index newest_pass on tuning_pass (newest, installation_id);
