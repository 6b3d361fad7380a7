-- An instrument says how it is talked to and what it can sweep; those from before are on the network, and nobody stated their limits.
alter table instrument add column driver varchar(30) not null default 'scpi-tcp';
alter table instrument add column serial_port varchar(120);
alter table instrument add column baud int;
alter table instrument add column lowest_hz double precision;
alter table instrument add column highest_hz double precision;
alter table instrument add column most_points int;
