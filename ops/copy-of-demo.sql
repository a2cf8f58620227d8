-- A copy of the demo rooms with everything in them, for one test. The setting kinesia.copy is its number: every id of the copy
-- is made of the demo's and that number, and the e-mails begin with it.
do $$
declare
    number text := current_setting('kinesia.copy');
    rooms text := '(select room_id from account where email in (''trainer@tidewheel.example'', ''trainer@lanternloft.example''))';
    clients text := '(select id from client where room_id in ' || rooms || ')';
    sessions text := '(select id from training_session where client_id in ' || clients || ')';
    one record;
    names text;
    made text;
begin
    for one in
        select * from (values
            ('room', 'id in ' || rooms),
            ('account', 'room_id in ' || rooms),
            ('place', 'room_id in ' || rooms),
            ('client', 'room_id in ' || rooms),
            ('client_contact', 'client_id in ' || clients),
            ('appointment', 'client_id in ' || clients),
            ('training_block', 'client_id in ' || clients),
            ('ruling', 'client_id in ' || clients),
            ('block_review', 'client_id in ' || clients),
            ('screen', 'client_id in ' || clients),
            ('training_session', 'client_id in ' || clients),
            ('session_plan', 'session_id in ' || sessions),
            ('set_log', 'session_id in ' || sessions),
            ('morning_check', 'session_id in ' || sessions)) as t(name, which)
    loop
        select string_agg(column_name, ', ' order by ordinal_position),
            string_agg(
                case
                    when column_name = 'email' then quote_literal(number || '.') || ' || email'
                    when data_type = 'uuid' then 'md5(' || column_name || '::text || ' || quote_literal(number) || ')::uuid'
                    else column_name
                end, ', ' order by ordinal_position)
            into names, made
            from information_schema.columns where table_name = one.name and table_schema = 'public';
        execute format('insert into %I (%s) select %s from %I where %s', one.name, names, made, one.name, one.which);
    end loop;
end
$$;
