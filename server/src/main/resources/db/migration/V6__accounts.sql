-- Any change of an account ends the sign-ins of before.
alter table account add column version bigint not null default 0;
