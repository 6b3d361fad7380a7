-- Of earlier ones nobody knows any more.
alter table pass_photo add column kept_by uuid;
alter table pass_photo add foreign key (kept_by) references person (id);
