-- What was measured at a review of a block, and what was decided. Never changed; a slip is measured again.
create table block_review (
    id uuid primary key,
    client_id uuid not null references client,
    taken_on date not null,
    taken_at timestamptz not null,
    taken_by text not null,
    outcomes jsonb not null,
    decision text not null
);
create index block_review_client on block_review (client_id, taken_on);
