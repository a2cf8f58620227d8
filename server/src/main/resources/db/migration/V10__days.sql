-- What is booked: one visit of a client a day. A cancelled one stays, so that a calendar can be told.
create table appointment (
    id uuid primary key,
    version bigint not null,
    client_id uuid not null references client,
    place_id uuid not null references place,
    visit_on date not null,
    starts_at time not null,
    minutes int not null,
    cancelled boolean not null,
    changed_at timestamptz not null,
    changed_by text not null
);
create unique index appointment_day on appointment (client_id, visit_on) where not cancelled;

-- Weeks with one aim. What was in them is what was done between their days.
create table training_block (
    id uuid primary key,
    version bigint not null,
    client_id uuid not null references client,
    starts_on date not null,
    weeks int not null,
    aim text not null,
    lighter_week int,
    new_exercises boolean not null,
    ended_on date,
    changed_at timestamptz not null,
    changed_by text not null
);
create unique index training_block_start on training_block (client_id, starts_on);

-- How places were right after the last set; nothing where nobody asked.
alter table training_session add column right_after jsonb;
