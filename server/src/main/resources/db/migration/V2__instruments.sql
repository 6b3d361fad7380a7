-- Analysers on the network, with the texts that each understands.
create table instrument (
    id uuid primary key,
    version bigint not null,
    name varchar(80) not null unique,
    host varchar(120) not null,
    port integer not null,
    profile varchar(4000) not null
);
