-- What an entry was made from, so that the same key with other content is noticed; null for entries before this.
alter table tuning_pass add column sent_digest varchar(64);
