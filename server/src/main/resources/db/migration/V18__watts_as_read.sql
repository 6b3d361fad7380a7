-- What an SWR was worked out from, where it was watts: for correction, and for whoever looks at it later.
alter table spot_reading add column forward_w double precision;
alter table spot_reading add column reflected_w double precision;
alter table spot_reading add column forward_full_scale_w double precision;
alter table spot_reading add column reflected_full_scale_w double precision;
