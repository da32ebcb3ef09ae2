alter table asked_question add column reason text not null default '';

comment on column asked_question.reason is 'Why it was not answered in full, as the person was told.';
