-- How short and how long the piece can be made that is tuned with.
alter table installation add column shortest_length_m double precision;
alter table installation add column longest_length_m double precision;
