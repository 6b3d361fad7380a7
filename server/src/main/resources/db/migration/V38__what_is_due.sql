-- What is due, and what a search of the board looks in, stand with the installation: lists read an index, however many there are.
alter table installation add column recheck_on date;
alter table installation add column limited boolean default false not null;
alter table installation add column mend_on date;
alter table installation add column found_words varchar(4000) default '' not null;

update installation i set (recheck_on, limited, mend_on) = (
    select dateadd(month, case i.carrier when 'INDOOR' then 24 when 'PORTABLE' then 6 when 'HANDHELD' then 6 else 12 end
                / case s.finding when 'WATCH' then 2 when 'CHANGED' then 4 when 'SUSPICIOUSLY_BETTER' then 4 else 1 end, cast(s.signed_at as date)),
        s.limit_w is not null or s.due is not null, s.due
    from sign_off s join visit v on v.id = s.visit_id
    where v.installation_id = i.id and v.number = i.visit_number)
where i.signed_off and exists (
    select 1 from sign_off s join visit v on v.id = s.visit_id
    where v.installation_id = i.id and v.number = i.visit_number);

update installation set found_words = lower(concat_ws(chr(10),
    'fs-' || case when shop_number > 9999 then cast(shop_number as varchar) else lpad(cast(shop_number as varchar), 4, '0') end,
    title, customer, carrier_detail, antenna_detail, carried_by, antenna_name, base_name, feedline_name, adapter_name));

create index installation_recheck on installation (recheck_on, shop_number);
create index installation_mend on installation (limited, mend_on, shop_number);
create index installation_found on installation (shop_number desc, id, found_words);
