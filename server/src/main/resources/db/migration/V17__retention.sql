-- How long a room keeps who does not come any more, and how long its backups; nothing where nobody chose.
alter table room add column keep_months integer check (keep_months between 6 and 360);
alter table room add column backup_days integer check (backup_days between 1 and 3660);
