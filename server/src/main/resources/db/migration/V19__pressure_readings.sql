-- Pressure and pulse that were read at a door: what a visit of somebody with known or borderline pressure rests on.
create table pressure_reading (
    id uuid primary key,
    client_id uuid not null references client (id),
    read_on date not null,
    read_at timestamptz not null,
    read_by text not null,
    reading jsonb not null
);
create index pressure_reading_of_client on pressure_reading (client_id, read_at);
