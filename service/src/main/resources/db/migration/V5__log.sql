create table log_rules (
  id integer primary key check (id = 1),
  people varchar(20) not null,
  keep_days integer not null,
  changed_by varchar(80) not null,
  changed_at timestamp with time zone not null
);
insert into log_rules values (1, 'PSEUDONYMS', 365, '', now());

comment on table log_rules is 'What a steward decided about the log of questions.';
comment on column log_rules.people is 'NAMES, PSEUDONYMS or NOBODY: how the log tells who asked.';

create table asked_question (
  id uuid primary key,
  model_name varchar(80) not null,
  edition integer not null,
  person varchar(64) not null,
  asked_at timestamp with time zone not null,
  question text not null,
  leans_on text not null,
  status varchar(20) not null,
  restatement text not null,
  unread jsonb not null,
  choices jsonb not null,
  milliseconds double precision not null,
  row_count integer not null,
  chosen text not null,
  verdict varchar(20) not null,
  verdict_part varchar(20) not null,
  verdict_about text not null,
  verdict_words text not null,
  for_author boolean not null,
  settled_by integer not null
);
create index asked_question_ix1 on asked_question (model_name, asked_at);
create index asked_question_ix2 on asked_question (person, asked_at);

comment on table asked_question is 'The log of questions. Rows of answers are not kept.';
comment on column asked_question.person is 'The account''s id, a pseudonym of it, or empty.';
comment on column asked_question.leans_on is 'The restatement of the question before, when it leans on it.';
comment on column asked_question.chosen is 'What the person chose when they were asked back.';
comment on column asked_question.verdict is 'RIGHT, WRONG, or empty.';
comment on column asked_question.settled_by is 'The edition that answers what was not answered; 0 for none.';
comment on column asked_question.verdict_about is 'What stood in the part that was judged wrong.';

create table asked_tally (
  model_name varchar(80) not null,
  day date not null,
  edition integer not null,
  status varchar(20) not null,
  questions bigint not null,
  judged_right bigint not null,
  judged_wrong bigint not null,
  primary key (model_name, day, edition, status)
);

comment on table asked_tally is 'How many questions there were; stays when questions are deleted, and names nobody.';

create table gap_state (
  id uuid primary key,
  model_name varchar(80) not null,
  gap_key text not null,
  state varchar(20) not null,
  assigned_to varchar(80) not null,
  note varchar(1000) not null,
  put_off_until date,
  edition integer not null,
  changed_by varchar(80) not null,
  changed_at timestamp with time zone not null,
  unique (model_name, gap_key)
);

comment on table gap_state is 'What authors decided about gaps; gaps themselves are found in the log each time.';
comment on column gap_state.edition is 'The newest edition when it was mended; a gap with questions on a later one has come back.';

create table news (
  id uuid primary key,
  account_id uuid not null references account on delete cascade,
  model_name varchar(80) not null,
  question text not null,
  edition integer not null,
  told_at timestamp with time zone not null
);
create index news_ix1 on news (account_id, told_at);

comment on table news is 'Questions that were not answered once and are now, for those who asked them.';
