alter table asked_question add column used jsonb not null default '[]';
alter table asked_question add column theme text not null default '';

comment on column asked_question.used is 'Metrics, tables, columns and conditions that the reading makes use of.';
comment on column asked_question.theme is 'What was asked for, whatever it was limited to.';

create or replace view usage.question as
select q.id::text as question_id, q.model_name as model, q.model_name || ' ' || q.edition as edition_key,
  case when q.person = '' then null else left(q.person, 8) end as person,
  (q.asked_at at time zone 'UTC')::date as asked_on,
  q.asked_at at time zone 'UTC' as asked_at,
  lower(trim(q.question)) as words, q.status, nullif(q.restatement, '') as meaning,
  q.milliseconds / 1000 as seconds, q.row_count as rows_found,
  nullif(q.verdict, '') as verdict, nullif(q.verdict_part, '') as wrong_part,
  q.leans_on <> '' as is_follow_up, q.for_author as was_for_author,
  q.settled_by > 0 as was_settled, nullif(q.theme, '') as theme
from asked_question q;

create view usage.used_item as
select q.id || '/' || u.n as use_id, q.id::text as question_id, u.item,
  (q.asked_at at time zone 'UTC')::date as asked_on
from asked_question q, jsonb_array_elements_text(q.used) with ordinality u(item, n);
