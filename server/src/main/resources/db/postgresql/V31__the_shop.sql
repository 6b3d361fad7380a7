-- All tables as the first 31 migrations leave them in the built-in database. From here on both are changed side by side.

create sequence revision_number start with 1;

create sequence shop_number start with 1;

create table access_token (
    id uuid not null,
    person_id uuid not null,
    name varchar(120) not null,
    token_hash varchar(64) not null,
    created_at timestamp(6) with time zone not null,
    expires_at timestamp(6) with time zone,
    primary key (id),
    unique (token_hash)
);

create table air_call (
    id uuid not null,
    installation_id uuid not null,
    station varchar(120) not null,
    frequency_hz double precision not null,
    distance_m double precision,
    power_w double precision not null,
    old_antenna boolean not null,
    report varchar(20) not null,
    note varchar(600) not null,
    called_by uuid not null,
    called_at timestamp(6) with time zone not null,
    taken_back_by uuid,
    taken_back_at timestamp(6) with time zone,
    primary key (id)
);

create table air_clip (
    id uuid not null,
    wav bytea not null,
    primary key (id)
);

create table air_comparison (
    id uuid not null,
    installation_id uuid not null,
    place varchar(300) not null,
    power_w double precision not null,
    frequency_hz double precision not null,
    begun_by uuid not null,
    begun_at timestamp(6) with time zone not null,
    primary key (id)
);

create table air_trial (
    comparison_id uuid not null,
    number integer not null,
    round integer not null,
    antenna varchar(120) not null,
    report varchar(20),
    clip_db double precision,
    clip_doubt_db double precision,
    clip_id uuid,
    primary key (comparison_id, number)
);

create table book_entry (
    installation_id uuid not null,
    version bigint not null,
    pass_count integer not null,
    program varchar(60) not null,
    built_at timestamp(6) with time zone not null,
    shop_number bigint not null,
    title varchar(200) not null,
    customer varchar(200) not null,
    carrier varchar(30) not null,
    mount varchar(1000) not null,
    kind varchar(30) not null,
    antenna varchar(1000) not null,
    middle_hz double precision not null,
    channels text not null,
    people varchar(4000) not null,
    named varchar(2000) not null,
    words text not null,
    faults varchar(2000) not null,
    state varchar(30) not null,
    final_length_m double precision,
    changes integer not null,
    readings integer not null,
    met boolean not null,
    worst_swr double precision,
    length_ratio double precision,
    length_ratio_doubt double precision,
    signed_at timestamp(6) with time zone,
    touched_at timestamp(6) with time zone not null,
    planned_at timestamp(6) with time zone,
    cut_off_m double precision default 0 not null,
    overshoots integer default 0 not null,
    primary key (installation_id)
);

create table calibration (
    id uuid not null,
    version bigint not null,
    name varchar(120) not null,
    instrument varchar(120) not null,
    cable varchar(120) not null,
    adapter varchar(120) not null,
    open_offset_m double precision not null,
    open_farad double precision not null,
    short_offset_m double precision not null,
    short_henry double precision not null,
    load_ohm double precision not null,
    open_id uuid not null,
    short_id uuid not null,
    load_id uuid not null,
    checked_db double precision,
    checked_at timestamp(6) with time zone,
    made_by uuid not null,
    made_at timestamp(6) with time zone not null,
    removed_at timestamp(6) with time zone,
    removed_by uuid,
    primary key (id)
);

create table catalogue_entry (
    id uuid not null,
    version bigint not null,
    sort varchar(20) not null,
    name varchar(160) not null,
    customer varchar(160) not null,
    detail varchar(600) not null,
    removed_at timestamp(6) with time zone,
    removed_by uuid,
    primary key (id)
);

create table cut_sheet (
    id uuid not null,
    version bigint not null,
    name varchar(160) not null,
    installation_id uuid,
    kind varchar(60) not null,
    body text not null,
    changed_by uuid not null,
    changed_at timestamp(6) with time zone not null,
    removed_at timestamp(6) with time zone,
    removed_by uuid,
    primary key (id)
);

create table cut_sheet_cut (
    sheet_id uuid not null,
    position integer not null,
    piece integer not null,
    length_m double precision not null,
    primary key (sheet_id, position)
);

create table cut_sheet_done (
    sheet_id uuid not null,
    step varchar(60) not null,
    primary key (sheet_id, step)
);

create table exercise_deed (
    run_id uuid not null,
    position integer not null,
    what varchar(10) not null,
    change_m double precision not null,
    suspect varchar(30),
    primary key (run_id, position)
);

create table exercise_run (
    id uuid not null,
    version bigint not null,
    drawn_from varchar(60) not null,
    seed bigint not null,
    drift double precision not null,
    start_m double precision not null,
    hidden varchar(30),
    limit_swr double precision not null,
    best_m double precision not null,
    begun_by uuid not null,
    begun_at timestamp(6) with time zone not null,
    ended_at timestamp(6) with time zone,
    primary key (id)
);

create table exercise_score (
    run_id uuid not null,
    rival varchar(10) not null,
    readings integer not null,
    changes integer not null,
    looks integer not null,
    minutes double precision not null,
    worst_swr double precision not null,
    met boolean not null,
    fault_left boolean not null,
    more_off_m double precision not null,
    primary key (run_id, rival)
);

create table installation (
    id uuid not null,
    shop_number bigint not null,
    title varchar(160) not null,
    customer varchar(160) not null,
    carrier varchar(30) not null,
    carrier_detail varchar(600) not null,
    antenna_kind varchar(30) not null,
    antenna_detail varchar(600) not null,
    one_way boolean not null,
    smallest_step_m double precision not null,
    start_length_m double precision,
    rated_power_w double precision not null,
    swr_ceiling double precision not null,
    rule_name varchar(30) not null,
    limit_swr double precision not null,
    measured_at varchar(20) not null,
    stand_in_seed bigint not null,
    created_by uuid not null,
    created_at timestamp(6) with time zone not null,
    version bigint not null,
    feedline_type varchar(40),
    feedline_length_m double precision,
    shortest_length_m double precision,
    longest_length_m double precision,
    plan_version bigint default 0 not null,
    visit_number integer not null,
    signed_off boolean not null,
    practice_kind varchar(30),
    practice_bands_hz double precision array,
    practice_start_m double precision,
    radio_id uuid,
    carried_by varchar(160) default '' not null,
    antenna_name varchar(160) default '' not null,
    base_name varchar(160) default '' not null,
    primary key (id),
    unique (shop_number)
);

create table installation_was (
    id uuid not null,
    revision bigint not null,
    revision_type smallint not null,
    title varchar(160),
    customer varchar(160),
    carrier varchar(30),
    carrier_detail varchar(600),
    antenna_kind varchar(30),
    antenna_detail varchar(600),
    one_way boolean,
    smallest_step_m double precision,
    start_length_m double precision,
    shortest_length_m double precision,
    longest_length_m double precision,
    rated_power_w double precision,
    swr_ceiling double precision,
    rule_name varchar(30),
    limit_swr double precision,
    measured_at varchar(20),
    feedline_type varchar(40),
    feedline_length_m double precision,
    radio_id uuid,
    carried_by varchar(160) default '',
    antenna_name varchar(160) default '',
    base_name varchar(160) default '',
    primary key (id, revision)
);

create table instrument (
    id uuid not null,
    version bigint not null,
    host varchar(120) not null,
    port integer not null,
    profile varchar(4000) not null,
    removed_at timestamp(6) with time zone,
    removed_by uuid,
    name varchar(80) not null,
    name_taken varchar(80) generated always as (case when removed_at is null then lower(name) end) stored,
    driver varchar(30) default 'scpi-tcp' not null,
    serial_port varchar(120),
    baud integer,
    lowest_hz double precision,
    highest_hz double precision,
    most_points integer,
    primary key (id),
    constraint instrument_name unique (name_taken)
);

create table other_radio (
    installation_id uuid not null,
    position integer not null,
    name varchar(60) not null,
    rated_power_w double precision not null,
    swr_ceiling double precision not null,
    primary key (installation_id, position)
);

create table other_radio_was (
    installation_id uuid not null,
    revision bigint not null,
    revision_type smallint not null,
    position integer not null,
    name varchar(60),
    rated_power_w double precision,
    swr_ceiling double precision,
    primary key (installation_id, revision, revision_type, position)
);

create table pass_circumstance (
    pass_id uuid not null,
    circumstance varchar(30) not null,
    primary key (pass_id, circumstance)
);

create table pass_judgement (
    pass_id uuid not null,
    plan_version bigint not null,
    program varchar(40) not null,
    met boolean not null,
    worst_swr double precision,
    dip_hz double precision,
    dip_at_edge boolean not null,
    outline bytea not null,
    says bytea not null,
    fault varchar(100),
    primary key (pass_id)
);

create table pass_photo (
    id uuid not null,
    pass_id uuid not null,
    jpeg bytea not null,
    kept_at timestamp(6) with time zone not null,
    primary key (id)
);

create table person (
    id uuid not null,
    login varchar(60) not null,
    display_name varchar(120) not null,
    role varchar(20) not null,
    password_hash varchar(200) not null,
    created_at timestamp(6) with time zone not null,
    version bigint not null,
    active boolean default true not null,
    primary key (id),
    unique (login)
);

create table plan (
    id uuid not null,
    version bigint not null,
    name varchar(160) not null,
    installation_id uuid,
    body text,
    changed_by uuid not null,
    changed_at timestamp(6) with time zone not null,
    removed_at timestamp(6) with time zone,
    removed_by uuid,
    carrier varchar(30),
    material varchar(30),
    roof_length_m double precision,
    roof_width_m double precision,
    along_m double precision,
    across_m double precision,
    room_length_m double precision,
    room_height_m double precision,
    mount_height_m double precision,
    clearance_m double precision,
    low_hz double precision,
    high_hz double precision,
    limit_swr double precision,
    target varchar(30),
    polarisation varchar(30),
    bearing_deg double precision,
    rod_radius_m double precision,
    wire_radius_m double precision,
    insulation_m double precision,
    holes_m double precision,
    candidate varchar(60),
    ground_low_hz double precision,
    ground_high_hz double precision,
    ground_limit_swr double precision,
    whip_m double precision,
    slope_deg double precision,
    whip_radius_m double precision,
    is_trimmed boolean,
    ground_chosen integer,
    frequency_hz double precision,
    own_height_m double precision,
    largest_m double precision,
    total_height_m double precision,
    duty double precision,
    reflection varchar(20),
    at_body boolean,
    station_carrier varchar(30),
    primary key (id)
);

create table plan_ground (
    plan_id uuid not null,
    position integer not null,
    name varchar(60) not null,
    kind varchar(20) not null,
    length_m double precision not null,
    width_m double precision not null,
    opening_m double precision not null,
    metal varchar(20) not null,
    primary key (plan_id, position)
);

create table plan_neighbour (
    plan_id uuid not null,
    position integer not null,
    name varchar(60) not null,
    along_m double precision not null,
    across_m double precision not null,
    from_m double precision not null,
    to_m double precision not null,
    radius_m double precision not null,
    primary key (plan_id, position)
);

create table plan_radial (
    plan_id uuid not null,
    position integer not null,
    ground integer not null,
    azimuth_deg double precision not null,
    length_m double precision not null,
    droop_deg double precision not null,
    radius_m double precision not null,
    primary key (plan_id, position)
);

create table plan_station (
    plan_id uuid not null,
    position integer not null,
    name varchar(60) not null,
    distance_m double precision not null,
    height_m double precision not null,
    gain_dbi double precision not null,
    needed_dbm double precision not null,
    primary key (plan_id, position)
);

create table plan_way (
    plan_id uuid not null,
    position integer not null,
    name varchar(60) not null,
    rated_w double precision not null,
    ceiling_swr double precision not null,
    jumper varchar(40) not null,
    jumper_m double precision not null,
    meter_loss_db double precision not null,
    line varchar(40) not null,
    line_m double precision not null,
    connectors integer not null,
    connector_loss_db double precision,
    swr double precision not null,
    gain_dbi double precision not null,
    tuner_loss_db double precision,
    primary key (plan_id, position)
);

create table radio (
    id uuid not null,
    version bigint not null,
    name varchar(120) not null,
    rated_power_w double precision not null,
    swr_ceiling double precision not null,
    note varchar(600) not null,
    removed_at timestamp(6) with time zone,
    removed_by uuid,
    primary key (id)
);

create table radio_check (
    id uuid not null,
    radio_id uuid not null,
    channel_hz double precision not null,
    rated_power_w double precision not null,
    forward_w double precision,
    full_scale_w double precision,
    plug_low_hz double precision,
    plug_high_hz double precision,
    reflected_w double precision,
    reflected_full_scale_w double precision,
    carrier_hz double precision,
    counter_ppm double precision,
    tolerance double precision,
    tolerance_unit varchar(10),
    tolerance_source varchar(300),
    spurious_dbc double precision,
    spurious_hz double precision,
    note varchar(600) not null,
    checked_by uuid not null,
    checked_at timestamp(6) with time zone not null,
    taken_back_at timestamp(6) with time zone,
    taken_back_by uuid,
    primary key (id)
);

create table ready_answer (
    visit_id uuid not null,
    step varchar(30) not null,
    answer varchar(20) not null,
    primary key (visit_id, step)
);

create table ready_answer_was (
    visit_id uuid not null,
    revision bigint not null,
    revision_type smallint,
    step varchar(30) not null,
    answer varchar(20) not null,
    primary key (visit_id, revision, step, answer)
);

create table revision (
    id bigint not null,
    made_at timestamp(6) with time zone not null,
    made_by uuid,
    primary key (id)
);

create table shop_lesson (
    id uuid not null,
    version bigint not null,
    says varchar(600) not null,
    kind varchar(30),
    carrier varchar(30),
    mount varchar(200) not null,
    part varchar(200) not null,
    installation_id uuid,
    learnt_by uuid not null,
    learnt_at timestamp(6) with time zone not null,
    removed_at timestamp(6) with time zone,
    removed_by uuid,
    primary key (id)
);

create table shop_list (
    id uuid not null,
    version bigint not null,
    source varchar(300) not null,
    made_by uuid not null,
    made_at timestamp(6) with time zone not null,
    removed_at timestamp(6) with time zone,
    removed_by uuid,
    name varchar(120) not null,
    name_taken varchar(120) generated always as (case when removed_at is null then lower(name) end) stored,
    primary key (id),
    constraint shop_list_name unique (name_taken)
);

create table shop_list_channel (
    list_id uuid not null,
    position integer not null,
    name varchar(60) not null,
    transmit_hz double precision not null,
    receive_hz double precision not null,
    note varchar(200) not null,
    primary key (list_id, position)
);

create table sign_off (
    visit_id uuid not null,
    signed_by uuid not null,
    signed_at timestamp(6) with time zone not null,
    pass_number integer not null,
    remark varchar(2000) not null,
    reason varchar(2000),
    limit_w double precision,
    due date,
    cost_db double precision,
    rule_name varchar(30),
    limit_swr double precision,
    swr_ceiling double precision,
    worst_swr double precision,
    length_ratio double precision,
    length_ratio_doubt double precision,
    finding varchar(30),
    mended_by varchar(200),
    returned_by varchar(300),
    primary key (visit_id)
);

create table sign_off_part (
    visit_id uuid not null,
    position integer not null,
    name varchar(120) not null,
    length_m double precision,
    note varchar(300) not null,
    primary key (visit_id, position)
);

create table spot_reading (
    pass_id uuid not null,
    position integer not null,
    frequency_hz double precision not null,
    swr double precision not null,
    low_swr double precision not null,
    high_swr double precision,
    resistance_ohm double precision,
    reactance_size_ohm double precision,
    forward_w double precision,
    reflected_w double precision,
    forward_full_scale_w double precision,
    reflected_full_scale_w double precision,
    primary key (pass_id, position)
);

create table station (
    id uuid not null,
    version bigint not null,
    name varchar(120) not null,
    frequency_hz double precision,
    distance_m double precision,
    height_m double precision,
    note varchar(600) not null,
    removed_at timestamp(6) with time zone,
    removed_by uuid,
    primary key (id)
);

create table sweep (
    id uuid not null,
    points bytea not null,
    point_count integer not null,
    start_hz double precision not null,
    stop_hz double precision not null,
    reference_ohm double precision not null,
    dip_hz double precision,
    dip_return_loss_db double precision,
    source varchar(20) not null,
    file_name varchar(255),
    warnings varchar(4000) not null,
    has_phase boolean default true not null,
    digest bytea generated always as (sha256(points)) stored,
    primary key (id)
);

create table sweep_original (
    sweep_id uuid not null,
    bytes bytea not null,
    digest bytea generated always as (sha256(bytes)) stored,
    primary key (sweep_id)
);

create table tuning_pass (
    id uuid not null,
    installation_id uuid not null,
    number integer not null,
    change_m double precision not null,
    note varchar(2000) not null,
    plane varchar(20) not null,
    sweep_id uuid not null,
    request_key uuid not null,
    recorded_by uuid not null,
    recorded_at timestamp(6) with time zone not null,
    reading_kind varchar(30) default 'CALIBRATED_ANALYSER' not null,
    declared varchar(300) default '' not null,
    second_change_m double precision default 0 not null,
    old_antenna boolean default false not null,
    final_sweep boolean default false not null,
    has_photo boolean default false not null,
    pieces varchar(10),
    looked_over boolean default false not null,
    sent_digest varchar(64),
    newest boolean default false not null,
    visit_number integer not null,
    run_name varchar(120),
    run_weight_kg double precision,
    primary key (id),
    unique (installation_id, number),
    unique (request_key)
);

create table tuning_pass_was (
    id uuid not null,
    revision bigint not null,
    revision_type smallint not null,
    installation_id uuid,
    number integer,
    primary key (id, revision)
);

create table visit (
    id uuid not null,
    installation_id uuid not null,
    number integer not null,
    purpose varchar(20) not null,
    why varchar(600) not null,
    opened_by uuid not null,
    opened_at timestamp(6) with time zone not null,
    ready_method varchar(20),
    ready_by uuid,
    ready_at timestamp(6) with time zone,
    primary key (id),
    unique (installation_id, number)
);

create table visit_was (
    id uuid not null,
    revision bigint not null,
    revision_type smallint not null,
    installation_id uuid,
    number integer,
    purpose varchar(20),
    why varchar(600),
    ready_method varchar(20),
    ready_at timestamp(6) with time zone,
    primary key (id, revision)
);

create table wanted_channel (
    installation_id uuid not null,
    position integer not null,
    name varchar(60) not null,
    frequency_hz double precision not null,
    is_primary boolean not null,
    channel_use varchar(20) default 'BOTH' not null,
    weight double precision default 1 not null,
    radio varchar(60) default '' not null,
    primary key (installation_id, position)
);

create table wanted_channel_was (
    installation_id uuid not null,
    revision bigint not null,
    revision_type smallint not null,
    position integer not null,
    name varchar(60),
    frequency_hz double precision,
    is_primary boolean,
    channel_use varchar(20),
    weight double precision,
    radio varchar(60),
    primary key (installation_id, revision, revision_type, position)
);

create index newest_pass on tuning_pass (newest, installation_id);

create index pass_photo_of on pass_photo (pass_id, kept_at);

create index air_call_of on air_call (installation_id, called_at);

create index radio_check_of on radio_check (radio_id, checked_at);

create index book_entry_like on book_entry (kind, middle_hz);

create index visit_was_of on visit_was (installation_id);

create index tuning_pass_was_of on tuning_pass_was (installation_id);

create index exercise_run_by on exercise_run (begun_by, begun_at);

create index catalogue_entry_name on catalogue_entry (sort, name);

alter table access_token add foreign key (person_id) references person (id);

alter table air_call add foreign key (installation_id) references installation (id);

alter table air_call add foreign key (called_by) references person (id);

alter table air_call add foreign key (taken_back_by) references person (id);

alter table air_comparison add foreign key (installation_id) references installation (id);

alter table air_comparison add foreign key (begun_by) references person (id);

alter table air_trial add foreign key (comparison_id) references air_comparison (id);

alter table book_entry add foreign key (installation_id) references installation (id) on delete cascade;

alter table calibration add foreign key (open_id) references sweep (id);

alter table calibration add foreign key (short_id) references sweep (id);

alter table calibration add foreign key (load_id) references sweep (id);

alter table calibration add foreign key (made_by) references person (id);

alter table calibration add foreign key (removed_by) references person (id);

alter table catalogue_entry add foreign key (removed_by) references person (id);

alter table cut_sheet add foreign key (installation_id) references installation (id);

alter table cut_sheet add foreign key (changed_by) references person (id);

alter table cut_sheet add foreign key (removed_by) references person (id);

alter table cut_sheet_cut add foreign key (sheet_id) references cut_sheet (id);

alter table cut_sheet_done add foreign key (sheet_id) references cut_sheet (id);

alter table exercise_deed add foreign key (run_id) references exercise_run (id);

alter table exercise_run add foreign key (begun_by) references person (id);

alter table exercise_score add foreign key (run_id) references exercise_run (id);

alter table installation add foreign key (created_by) references person (id);

alter table installation_was add foreign key (revision) references revision (id);

alter table instrument add foreign key (removed_by) references person (id);

alter table other_radio add foreign key (installation_id) references installation (id);

alter table other_radio_was add foreign key (revision) references revision (id);

alter table pass_circumstance add foreign key (pass_id) references tuning_pass (id);

alter table pass_judgement add foreign key (pass_id) references tuning_pass (id) on delete cascade;

alter table pass_photo add foreign key (pass_id) references tuning_pass (id);

alter table plan add foreign key (installation_id) references installation (id);

alter table plan add foreign key (changed_by) references person (id);

alter table plan add foreign key (removed_by) references person (id);

alter table plan_ground add foreign key (plan_id) references plan (id);

alter table plan_neighbour add foreign key (plan_id) references plan (id);

alter table plan_radial add foreign key (plan_id) references plan (id);

alter table plan_station add foreign key (plan_id) references plan (id);

alter table plan_way add foreign key (plan_id) references plan (id);

alter table radio add foreign key (removed_by) references person (id);

alter table radio_check add foreign key (radio_id) references radio (id);

alter table radio_check add foreign key (checked_by) references person (id);

alter table radio_check add foreign key (taken_back_by) references person (id);

alter table ready_answer add foreign key (visit_id) references visit (id);

alter table ready_answer_was add foreign key (revision) references revision (id);

alter table revision add foreign key (made_by) references person (id);

alter table shop_lesson add foreign key (installation_id) references installation (id);

alter table shop_lesson add foreign key (learnt_by) references person (id);

alter table shop_lesson add foreign key (removed_by) references person (id);

alter table shop_list add foreign key (made_by) references person (id);

alter table shop_list add foreign key (removed_by) references person (id);

alter table shop_list_channel add foreign key (list_id) references shop_list (id);

alter table sign_off add foreign key (visit_id) references visit (id);

alter table sign_off add foreign key (signed_by) references person (id);

alter table sign_off_part add foreign key (visit_id) references sign_off (visit_id);

alter table spot_reading add foreign key (pass_id) references tuning_pass (id);

alter table station add foreign key (removed_by) references person (id);

alter table sweep_original add foreign key (sweep_id) references sweep (id);

alter table tuning_pass add foreign key (installation_id) references installation (id);

alter table tuning_pass add foreign key (sweep_id) references sweep (id);

alter table tuning_pass add foreign key (recorded_by) references person (id);

alter table tuning_pass add constraint pass_of_a_visit foreign key (installation_id, visit_number) references visit (installation_id, number);

alter table tuning_pass_was add foreign key (revision) references revision (id);

alter table visit add foreign key (installation_id) references installation (id);

alter table visit add foreign key (opened_by) references person (id);

alter table visit add foreign key (ready_by) references person (id);

alter table visit_was add foreign key (revision) references revision (id);

alter table wanted_channel add foreign key (installation_id) references installation (id);

alter table wanted_channel_was add foreign key (revision) references revision (id);
