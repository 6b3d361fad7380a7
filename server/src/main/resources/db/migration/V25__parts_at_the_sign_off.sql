-- The parts that an antenna was signed off with, numbered as they are put together again, with their final lengths or places.
create table sign_off_part (
    visit_id uuid         not null references sign_off (visit_id),
    position integer      not null,
    name     varchar(120) not null,
    length_m double precision,
    note     varchar(300) not null,
    primary key (visit_id, position)
);
