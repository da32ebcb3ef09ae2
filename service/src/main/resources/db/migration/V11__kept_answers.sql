create table kept_answer (
  id uuid primary key,
  account_id uuid not null references account on delete cascade,
  model_name varchar(80) not null,
  question text not null,
  seen_by text not null,
  answer text not null,
  kept_at timestamp with time zone not null
);
create index kept_answer_ix1 on kept_answer (account_id, kept_at);

comment on table kept_answer is 'Answers as they were, kept by a person to be shown by a link.';
comment on column kept_answer.seen_by is 'What the person could see of the model; others see the answer only if they see just that.';
comment on column kept_answer.answer is 'The answer as it was sent, as JSON.';
