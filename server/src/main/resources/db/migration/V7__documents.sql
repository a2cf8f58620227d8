-- What is kept as JSON becomes jsonb, each document under the version of its form: {"version": 1, "document": ...}.
-- A text that is no JSON is kept as it is, and whoever reads it is told that it cannot be read.
create function pg_temp.document(stored text) returns jsonb language plpgsql as $$
begin
    return jsonb_build_object('version', 1, 'document', stored::jsonb);
exception when others then
    return jsonb_build_object('unreadable', stored);
end
$$;

alter table place alter column equipment type jsonb using pg_temp.document(equipment);
alter table screen
    alter column answers type jsonb using pg_temp.document(answers),
    alter column assessment type jsonb using pg_temp.document(assessment);
alter table screen_draft alter column draft type jsonb using pg_temp.document(draft);
alter table clearance alter column clearance type jsonb using pg_temp.document(clearance);
alter table limit_change alter column change type jsonb using pg_temp.document(change);
alter table variation alter column adjustment type jsonb using pg_temp.document(adjustment);
alter table felt_trial alter column trial type jsonb using pg_temp.document(trial);
alter table composition alter column body type jsonb using pg_temp.document(body);
alter table session_template alter column body type jsonb using pg_temp.document(body);
alter table training_session
    alter column sore_sites type jsonb using pg_temp.document(sore_sites),
    alter column door type jsonb using pg_temp.document(door),
    alter column changes type jsonb using pg_temp.document(changes),
    alter column signals type jsonb using pg_temp.document(signals);
alter table session_plan alter column plan type jsonb using pg_temp.document(plan);
alter table set_log alter column faults type jsonb using pg_temp.document(faults);
alter table morning_check alter column answers type jsonb using pg_temp.document(answers);

-- A list of screens shows their outcomes without opening each judgement.
alter table screen add column outcome text;
update screen set outcome = assessment -> 'document' ->> 'outcome';

-- The seven small texts of an intake are one document.
alter table client add column intake jsonb;
update client set intake = pg_temp.document(
    '{"cautions":' || cautions || ',"cautionDetails":' || caution_details || ',"dislikes":' || dislikes
    || ',"heavyDays":' || heavy_days || ',"days":' || days || ',"events":' || events
    || ',"otherPlaces":' || other_places || '}');
alter table client
    alter column intake set not null,
    alter column other_training drop default,
    drop column cautions,
    drop column caution_details,
    drop column dislikes,
    drop column heavy_days,
    drop column days,
    drop column events,
    drop column other_places;
