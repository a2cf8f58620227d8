-- A trainer's private address of the room's visits as a calendar; the address itself is kept nowhere.
create table calendar_feed (
    account_id uuid primary key references account on delete cascade,
    room_id uuid not null references room,
    token_hash text not null unique,
    made_at timestamptz not null
);

-- That somebody's record was erased, and how much of it there was; nothing of whom it was.
create table erasure (
    id uuid primary key,
    room_id uuid not null references room,
    erased_on date not null,
    erased_by text not null,
    sessions integer not null,
    sets integer not null
);
