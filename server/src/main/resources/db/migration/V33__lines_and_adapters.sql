-- Lines and adapters are known by name too.
alter table installation add column feedline_name varchar(160) default '' not null;
alter table installation add column adapter_name varchar(160) default '' not null;
alter table installation_was add column feedline_name varchar(160) default '';
alter table installation_was add column adapter_name varchar(160) default '';
