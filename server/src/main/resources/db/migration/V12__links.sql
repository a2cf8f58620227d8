-- How a client may be reached outside the room, and since when they agree to be asked the morning after.
create table client_contact (
    client_id uuid primary key references client,
    version bigint not null,
    channel text not null,
    address text not null,
    consented_on date,
    wording text,
    asked_by text not null,
    changed_at timestamptz not null
);

-- A session to be done alone, planned beforehand; once its log has come in it is a session like any other.
create table home_session (
    id uuid primary key,
    version bigint not null,
    client_id uuid not null references client,
    due_on date not null,
    place_id uuid not null references place,
    plan jsonb not null,
    sore_sites jsonb not null,
    made_by text not null,
    made_at timestamptz not null,
    done_at timestamptz,
    withdrawn_at timestamptz
);
create index home_session_client on home_session (client_id, due_on);

-- What a private link opens. Of the link itself only a hash is kept.
create table private_link (
    id uuid primary key,
    version bigint not null,
    token_hash text not null,
    client_id uuid not null references client,
    session_id uuid references training_session,
    home_id uuid references home_session,
    opens_on date not null,
    expires_on date not null,
    made_at timestamptz not null,
    revoked_at timestamptz,
    spent_at timestamptz,
    last_answer uuid
);
create unique index private_link_token on private_link (token_hash);
create index private_link_client on private_link (client_id);

-- What would go out by mail or text message; nothing leaves the machine.
create table outbox_message (
    id uuid primary key,
    room_id uuid not null references room,
    client_id uuid not null references client,
    link_id uuid not null references private_link,
    channel text not null,
    address text not null,
    words text not null,
    path text not null,
    due_on date not null,
    made_at timestamptz not null
);
create index outbox_message_room on outbox_message (room_id, due_on);
