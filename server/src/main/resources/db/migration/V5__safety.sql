-- What was said of a caution beyond yes: which arm, which medicine, the day of the last dose.
alter table client add column caution_details text not null default '{}';

-- Whether somebody said the effort of a set. Sets from before may have been given the planned effort without a word; null says so.
alter table set_log add column effort_said boolean;
