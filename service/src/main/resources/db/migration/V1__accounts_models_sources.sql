create table account (
  id uuid primary key,
  name varchar(80) not null unique,
  display_name varchar(120) not null,
  password_hash varchar(200) not null,
  role varchar(20) not null check (role in ('ASKER', 'AUTHOR', 'STEWARD')),
  access_roles jsonb not null,
  attributes jsonb not null,
  created_at timestamp with time zone not null
);

create table access_token (
  id uuid primary key,
  account_id uuid not null references account on delete cascade,
  label varchar(120) not null,
  hash varchar(64) not null unique,
  created_at timestamp with time zone not null,
  expires_at timestamp with time zone not null
);

create table source (
  id uuid primary key,
  name varchar(80) not null unique,
  kind varchar(40) not null,
  url varchar(400) not null,
  user_name varchar(120) not null,
  secret bytea not null,
  created_at timestamp with time zone not null
);

create table model (
  id uuid primary key,
  name varchar(80) not null unique,
  created_at timestamp with time zone not null
);

create table edition (
  id uuid primary key,
  model_id uuid not null references model on delete cascade,
  number integer not null,
  files jsonb not null,
  note varchar(1000) not null,
  published_by varchar(80) not null,
  published_at timestamp with time zone not null,
  unique (model_id, number)
);

comment on table edition is 'A published state of a model. Rows are never changed.';

create table spring_session (
  primary_id char(36) not null primary key,
  session_id char(36) not null,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);

create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  primary key (session_primary_id, attribute_name)
);
