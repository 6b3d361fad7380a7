-- What a change was made to (one piece, or all of them alike), and whether somebody had looked for a fault before the reading.
alter table tuning_pass add column pieces varchar(10);
alter table tuning_pass add column looked_over boolean not null default false;
