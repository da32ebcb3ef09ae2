create schema hut;
create schema member;
create schema safety;

create table hut.valley (
  valley_id integer primary key,
  name text not null unique,
  outline jsonb not null
);
create table hut.hut (
  hut_id integer primary key,
  name text not null unique,
  valley_id integer not null references hut.valley,
  altitude_m integer not null,
  beds integer not null,
  opened_on date not null,
  closed_on date,
  kind text not null,
  warden text,
  fuel text,
  latitude numeric(8, 5) not null,
  longitude numeric(8, 5) not null
);
create table hut.capacity (
  capacity_id bigint primary key,
  hut_id integer not null references hut.hut,
  day date not null,
  beds integer not null,
  unique (hut_id, day)
);
create table member.member (
  member_id integer primary key,
  name text not null,
  joined date not null,
  home_region text,
  born date,
  type char(1) not null,
  email text,
  phone text,
  sponsor_id integer
);
create table hut.stay (
  stay_id integer primary key,
  hut_id integer not null references hut.hut,
  member_id integer references member.member,
  booked_on date not null,
  arrival date not null,
  departure date not null,
  party_size integer not null,
  channel char(1),
  status char(1) not null,
  guest_kind char(1),
  warden_note text
);
create table hut.charge (
  charge_id integer primary key,
  stay_id integer not null references hut.stay,
  item text not null,
  category text not null,
  amount numeric(10, 2) not null,
  refunded boolean not null
);
create table hut.supply (
  supply_id integer primary key,
  hut_id integer not null references hut.hut,
  item text not null,
  flown_in_on date not null,
  weight_kg integer not null,
  cost numeric(10, 2) not null
);
create table safety.bridge (
  bridge_id integer primary key,
  name text not null unique,
  from_hut_id integer not null references hut.hut,
  to_hut_id integer not null references hut.hut,
  built date,
  span_m integer not null,
  material text not null
);
create table safety.inspection (
  inspection_id integer primary key,
  bridge_id integer not null references safety.bridge,
  inspected_on date not null,
  result text not null,
  inspector text not null
);
create table safety.callout (
  callout_id integer primary key,
  hut_id integer not null references hut.hut,
  bridge_id integer references safety.bridge,
  started_at timestamp not null,
  cleared_at timestamp,
  cause text not null,
  severity text not null,
  note text
);
