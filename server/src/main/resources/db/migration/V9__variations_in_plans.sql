-- Plans hold a room's own variations: one that is dropped stays for what was planned and lifted with it.
alter table variation add column dropped_on date;
drop index variation_name;
create unique index variation_name on variation (room_id, lower(name)) where dropped_on is null;
