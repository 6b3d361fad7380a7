-- A search of the board that counts how many are how far asks the book alone, and rows of any program: their words stand there as well.
alter table book_entry add column found_words varchar(4000) default '' not null;
update book_entry b set found_words = i.found_words from installation i where i.id = b.installation_id;

drop index book_entry_standing;
create index book_entry_standing on book_entry (state, shop_number desc, installation_id);

-- As the words of the installations (V39).
do $$
begin
    create index book_entry_found on book_entry using gin (found_words gin_trgm_ops);
exception when undefined_object then
    raise notice 'The book is searched without an index: %', sqlerrm;
end $$;

-- The numbers of the shop read no rows, but all that they need of them out of an index.
drop index book_entry_touched_since;
create index book_entry_touched_since
    on book_entry (touched_at, planned_at, signed_at, changes, readings, cut_off_m, overshoots, faults);
