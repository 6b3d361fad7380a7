-- A search of the board looks for letters anywhere in a text: an index of them by threes, where the database has the means (pg_trgm, which
-- belongs to PostgreSQL). Where it has not, or may not have them here, a search reads every row, as before.
do $$
begin
    create extension if not exists pg_trgm;
    create index installation_found on installation using gin (found_words gin_trgm_ops);
exception when insufficient_privilege or undefined_file or feature_not_supported then
    raise notice 'The board is searched without an index: %', sqlerrm;
end $$;
