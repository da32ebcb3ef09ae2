create table own_word (
  id uuid primary key,
  account_id uuid not null references account on delete cascade,
  model_name varchar(80) not null,
  words varchar(80) not null,
  item text not null,
  said_at timestamp with time zone not null,
  unique (account_id, model_name, words)
);
create index own_word_ix1 on own_word (model_name);

comment on table own_word is 'What one person means by words; they count for nobody else.';
comment on column own_word.item is 'A metric, a table, table.column, table.condition, or table.column=value.';
