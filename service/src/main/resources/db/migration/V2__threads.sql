create table question_thread (
  id uuid primary key,
  account_id uuid not null references account on delete cascade,
  model_name varchar(80) not null,
  title varchar(200) not null,
  started_at timestamp with time zone not null,
  last_asked_at timestamp with time zone not null
);
create index question_thread_ix1 on question_thread (account_id, model_name, last_asked_at);

comment on table question_thread is 'A conversation of one person about one model.';

create table turn (
  id uuid primary key,
  thread_id uuid not null references question_thread on delete cascade,
  number integer not null,
  after_id uuid references turn on delete cascade,
  question text not null,
  status varchar(20) not null,
  restatement text not null,
  edition integer not null,
  asked_at timestamp with time zone not null,
  unique (thread_id, number)
);

comment on table turn is 'A question of a thread and how it was read. Rows of answers are not kept.';
comment on column turn.after_id is 'The question that it may lean on; none at the start.';
