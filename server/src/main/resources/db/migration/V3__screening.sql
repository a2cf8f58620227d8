-- Two people may change a place's equipment; the second is told.
alter table place add column version bigint not null default 0;

-- What the intake asks besides.
alter table client
    add column other_training text not null default '',
    add column heavy_days text not null default '[]',
    add column days text not null default '[]',
    add column events text not null default '[]',
    add column other_places text not null default '[]';

-- A screen while it is being taken: one for each client, so that it goes on wherever it was left, on any device.
create table screen_draft (
    client_id uuid primary key references client,
    version bigint not null,
    draft text not null,
    changed_at timestamptz not null,
    changed_by text not null
);

-- What licensed clinicians allowed, as recorded. Never changed; one that no longer holds is withdrawn.
create table clearance (
    id uuid primary key,
    client_id uuid not null references client,
    clearance text not null,
    recorded_at timestamptz not null,
    recorded_by text not null,
    withdrawn_on date,
    withdrawn_by text
);
create index clearance_client on clearance (client_id, recorded_at);

-- Who changed which limit, when and why.
create table limit_change (
    id uuid primary key,
    client_id uuid not null references client,
    change text not null,
    made_at timestamptz not null
);
create index limit_change_client on limit_change (client_id, made_at);

-- A referral as it was handed over: the findings of one screen and what the trainer wrote to it.
create table referral (
    id uuid primary key,
    client_id uuid not null references client,
    screen_id uuid not null references screen,
    addressed_to text not null,
    note text not null,
    made_on date not null,
    made_at timestamptz not null,
    made_by text not null
);
create index referral_client on referral (client_id, made_at);
