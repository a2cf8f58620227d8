-- The intake asks for visits so far, for training in the last five years and for rising from a chair in place of "new to
-- training": of clients there are the first is known as far as that told, the others were not asked.
update client set intake = jsonb_build_object(
    'version', 2,
    'document', (intake -> 'document') || jsonb_build_object('story', jsonb_build_object(
        'visits', case when new_to_training then 0 else 24 end,
        'trainedBefore', false,
        'risesWithoutHands', null)))
where jsonb_typeof(intake -> 'document') = 'object';
alter table client drop column new_to_training;
