create schema if not exists usage;

create view usage.question as
select q.id::text as question_id, q.model_name as model, q.model_name || ' ' || q.edition as edition_key,
  case when q.person = '' then null else left(q.person, 8) end as person,
  (q.asked_at at time zone 'UTC')::date as asked_on,
  q.asked_at at time zone 'UTC' as asked_at,
  lower(trim(q.question)) as words, q.status, nullif(q.restatement, '') as meaning,
  q.milliseconds / 1000 as seconds, q.row_count as rows_found,
  nullif(q.verdict, '') as verdict, nullif(q.verdict_part, '') as wrong_part,
  q.leans_on <> '' as is_follow_up, q.for_author as was_for_author,
  q.settled_by > 0 as was_settled
from asked_question q;

create view usage.unread_phrase as
select q.id || '/' || u.n as phrase_id, q.id::text as question_id, lower(u.phrase) as phrase,
  (q.asked_at at time zone 'UTC')::date as asked_on
from asked_question q, jsonb_array_elements_text(q.unread) with ordinality u(phrase, n);

create view usage.edition as
select m.name || ' ' || e.number as edition_key, m.name as model, m.name || ', edition ' || e.number as label,
  e.number as edition_number, (e.published_at at time zone 'UTC')::date as published_on, e.published_by, e.note
from edition e join model m on m.id = e.model_id;

comment on schema usage is 'What the model of use reads: the log of questions, by pseudonym.';
