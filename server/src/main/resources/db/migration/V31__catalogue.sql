-- What the shop knows by name. Installations name these; what was ever named as a customer is known from the start.
create table catalogue_entry (
    id         uuid         not null primary key,
    version    bigint       not null,
    sort       varchar(20)  not null,
    name       varchar(160) not null,
    customer   varchar(160) not null,
    detail     varchar(600) not null,
    removed_at timestamp(6) with time zone,
    removed_by uuid         references person (id)
);

create index catalogue_entry_name on catalogue_entry (sort, name);

insert into catalogue_entry (id, version, sort, name, customer, detail)
select random_uuid(), 0, 'CUSTOMER', min(trim(customer)), '', ''
from installation where trim(customer) <> '' group by lower(trim(customer));

alter table installation add column carried_by varchar(160) default '' not null;
alter table installation add column antenna_name varchar(160) default '' not null;
alter table installation add column base_name varchar(160) default '' not null;
alter table installation_was add column carried_by varchar(160) default '';
alter table installation_was add column antenna_name varchar(160) default '';
alter table installation_was add column base_name varchar(160) default '';
