-- What a recheck found against the sign-off before it; who mends what is limited; who returned an aircraft to service.
alter table sign_off add column finding varchar(30);
alter table sign_off add column mended_by varchar(200);
alter table sign_off add column returned_by varchar(300);
