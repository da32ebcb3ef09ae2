alter table source add column uploads_user varchar(120);
alter table source add column uploads_secret bytea;
alter table source add column uploads_schema varchar(60);

comment on column source.uploads_user is 'A role that may make tables in the uploads schema; null while files cannot be brought.';

create table upload (
  id uuid primary key,
  source varchar(80) not null,
  file_name varchar(200) not null,
  bytes bigint not null,
  spooled boolean not null,
  opening text not null,
  look uuid not null,
  intake uuid,
  schema_name varchar(60) not null,
  table_name varchar(60),
  rows_taken bigint not null,
  rows_aside bigint not null,
  brought_by varchar(80) not null,
  created_at timestamp with time zone not null,
  brought_at timestamp with time zone
);
create index upload_ix1 on upload (source, created_at);

comment on table upload is 'Files that authors brought: each is looked at, and becomes a table when its author says so.';
comment on column upload.spooled is 'Whether the file itself is still kept.';
comment on column upload.opening is 'How it is opened, as far as the author said so, as JSON.';
comment on column upload.look is 'The job that looked at it last.';
comment on column upload.table_name is 'The table that it became; null before that.';
