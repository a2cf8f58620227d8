-- Copies one demo client with her screens, sessions, plans, sets and mornings; for measuring only. Settings: who the copies are
-- called, how many clients there are, how many sessions each has, how many screens.
begin;
create temp table who as select * from client where name like 'Maren%' limit 1;
create temp table src as
  select s.*, row_number() over (order by s.visit_on) - 1 as n, count(*) over () as total
  from training_session s where s.client_id = (select id from who) and s.status = 'DONE';
create temp table copy as
  select md5(:'who' || 'c' || i)::uuid as client, md5(:'who' || 's' || i || '-' || k)::uuid as id, s.id as of, i, k
  from generate_series(1, :clients) i, generate_series(1, :sessions) k, src s where s.n = (k - 1) % s.total;
insert into client select (jsonb_populate_record(null::client, to_jsonb(w) ||
  jsonb_build_object('id', md5(:'who' || 'c' || i)::uuid, 'name', concat(:'who', ' ', i)))).* from who w, generate_series(1, :clients) i;
insert into screen select (jsonb_populate_record(null::screen, to_jsonb(s) ||
  jsonb_build_object('id', md5(:'who' || 'v' || i || '-' || k)::uuid, 'client_id', md5(:'who' || 'c' || i)::uuid,
    'taken_on', s.taken_on - (:screens - k) * 28, 'taken_at', s.taken_at - (:screens - k) * interval '28 days'))).*
  from (select * from screen where client_id = (select id from who) order by taken_at desc limit 1) s,
    generate_series(1, :clients) i, generate_series(1, :screens) k;
insert into training_session select (jsonb_populate_record(null::training_session, to_jsonb(s) - 'n' - 'total' ||
  jsonb_build_object('id', c.id, 'client_id', c.client, 'visit_on', current_date - ((:sessions - c.k) * 3.5)::int - 1))).*
  from copy c join src s on s.id = c.of;
insert into session_plan select c.id, p.plan from copy c join session_plan p on p.session_id = c.of;
insert into set_log select (jsonb_populate_record(null::set_log, to_jsonb(l) ||
  jsonb_build_object('id', md5(c.id || '-' || l.id)::uuid, 'session_id', c.id))).*
  from copy c join set_log l on l.session_id = c.of;
insert into morning_check select c.id, m.version, m.answers, m.answered_at from copy c join morning_check m on m.session_id = c.of;
commit;
analyze;
