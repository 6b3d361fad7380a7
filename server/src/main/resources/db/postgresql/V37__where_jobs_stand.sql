-- A shop of a hundred thousand installations: how many are how far, and for how long, is told by an index and not by their rows.
create index book_entry_standing on book_entry (program, state, shop_number desc, installation_id);
create index book_entry_touched on book_entry (state, touched_at);
create index book_entry_touched_since on book_entry (touched_at);
create index book_entry_planned on book_entry (planned_at);
