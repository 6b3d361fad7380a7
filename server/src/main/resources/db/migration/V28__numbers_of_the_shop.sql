-- When a job began, and what it took: for the numbers of the shop. Every row is written anew in the background.
alter table book_entry add column planned_at timestamp(6) with time zone;
alter table book_entry add column cut_off_m double precision not null default 0;
alter table book_entry add column overshoots int not null default 0;
update book_entry set program = '';
