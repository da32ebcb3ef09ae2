create table draft (
  model_id uuid primary key references model on delete cascade,
  files jsonb not null,
  revision bigint not null,
  based_on integer not null,
  proposals text not null,
  changed_by varchar(80) not null,
  changed_at timestamp with time zone not null
);

comment on table draft is 'The editable state of a model: its files as they stand.';
comment on column draft.revision is 'Counts changes, so that nobody overwrites what they have not seen.';
comment on column draft.based_on is 'The edition that it began from; 0 for none.';
comment on column draft.proposals is 'What a survey suggested and the author has not yet judged, as JSON.';

alter table edition add column overruled varchar(1000) not null default '';
comment on column edition.overruled is 'Why it was published although its rehearsal found something broken.';

create table job (
  id uuid primary key,
  kind varchar(20) not null,
  subject varchar(80) not null,
  revision bigint not null,
  state varchar(20) not null,
  stage varchar(40) not null,
  done integer not null,
  total integer not null,
  message text not null,
  result text not null,
  started_by varchar(80) not null,
  started_at timestamp with time zone not null,
  seen_at timestamp with time zone not null
);
create index job_ix1 on job (kind, subject, started_at);

comment on table job is 'Work that takes longer than a request: surveys and rehearsals.';
comment on column job.seen_at is 'When its process last said that it is alive; its end once it has ended.';
