-- Who left can no longer sign in, and what they recorded stays theirs; tokens end.
alter table person add column active boolean not null default true;
alter table access_token add column expires_at timestamp(6) with time zone;
