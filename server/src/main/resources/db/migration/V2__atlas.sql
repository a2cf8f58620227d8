-- A room's own variations of catalogue entries: an entry and what was turned on the workbench.
create table variation (
    id uuid primary key,
    version bigint not null,
    room_id uuid not null references room,
    name text not null,
    exercise_key text not null,
    adjustment text not null,
    kept_by text not null,
    kept_on date not null
);
create unique index variation_name on variation (room_id, lower(name));

create table felt_trial (
    id uuid primary key,
    client_id uuid not null references client,
    trial text not null,
    tried_on date not null,
    tried_at timestamptz not null,
    tried_by text not null
);
create index felt_trial_client on felt_trial (client_id, tried_at);
