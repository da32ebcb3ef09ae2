-- The Seven Springs water works: an invented utility with invented data, the same on every run.
create schema water;
create function water.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table water.district (district_id int primary key, name text not null, region text not null, households int not null);
insert into water.district values (1,'Upper Fell','north',2100),(2,'Lower Fell','north',3400),(3,'Quarry','east',900),(4,'Harbour','south',5200),(5,'Meadows','south',2800),(6,'Chapel Hill','west',1500);
create table water.reservoir (reservoir_id int primary key, name text not null, district_id int not null references water.district, volume_m3 int not null, built date not null);
insert into water.reservoir values (1,'High Tarn',1,90000,'1931-05-01'),(2,'Quarry Pond',3,15000,'1987-06-10'),(3,'Chapel Lake',6,42000,'1962-08-20'),(4,'South Basin',4,60000,'2011-04-02');
create table water.level (reservoir_id int not null references water.reservoir, day date not null, stored_m3 int not null, level_id int primary key);
insert into water.level select r.reservoir_id, d::date, (r.volume_m3 * (50 + water.r(extract(epoch from d)::bigint/86400/10 + r.reservoir_id*977,'l',50)) / 100)::int, row_number() over ()
from water.reservoir r, generate_series(date '2024-01-01', date '2026-06-14', interval '1 day') d;
create table water.pipe (pipe_id int primary key, code text not null, from_district int not null references water.district, to_district int not null references water.district, material text not null, laid date, length_m int not null, diameter_mm int not null);
insert into water.pipe select i, 'P-' || lpad(i::text,3,'0'), 1+water.r(i,'f',6), 1+water.r(i,'t',6), (array['cast iron','steel','plastic','concrete'])[1+water.r(i,'m',4)],
  case when water.r(i,'n',10)=0 then null else date '1950-01-01' + water.r(i,'l',27000)::int end, 80+water.r(i,'len',2400)::int, (array[100,150,200,300])[1+water.r(i,'d',4)] from generate_series(1,160) i;
create table water.leak (leak_id int primary key, pipe_id int not null references water.pipe, reported timestamp not null, repaired timestamp, severity text not null, cause text, lost_m3 numeric(8,1) not null, note text);
insert into water.leak select i, 1+water.r(i,'p',150), ts, case when water.r(i,'nr',15)=0 then null else ts + (2+water.r(i,'h',120) || ' hours')::interval end,
  (array['minor','moderate','major'])[1+water.r(i,'s',3)], case when water.r(i,'nc',8)=0 then null else (array['corrosion','frost','digging','age','pressure'])[1+water.r(i,'c',5)] end, 1+water.r(i,'v',900)/10.0,
  (array['valve replaced','clamp fitted, road closed','burst under road','awaiting parts',null])[1+water.r(i,'no',5)]
from (select i, timestamp '2024-01-03 06:00' + (water.r(i,'d',890) || ' days')::interval + (water.r(i,'hh',24) || ' hours')::interval ts from generate_series(1,700) i) x;
create table water.connection (connection_id int primary key, account_no text not null, district_id int not null references water.district, customer_kind text not null, connected date not null, closed date);
insert into water.connection select i, 'A' || (10000+i), 1+water.r(i,'d',6), (array['D','D','D','B','P'])[1+water.r(i,'k',5)], date '2010-01-01'+water.r(i,'c',5600)::int, case when water.r(i,'x',14)=0 then date '2025-03-01'+water.r(i,'xx',300)::int end from generate_series(1,500) i;
create table water.reading (reading_id int primary key, connection_id int not null references water.connection, month date not null, used_m3 numeric(8,1));
insert into water.reading select row_number() over (), connection_id, m::date, case when water.r(connection_id*100+extract(month from m)::int,'n',40)=0 then null else (4+water.r(connection_id*1000+extract(month from m)::int+extract(year from m)::int*12,'u',300)/10.0) * case customer_kind when 'B' then 6 when 'P' then 3 else 1 end end
from water.connection, generate_series(date '2024-01-01', date '2026-05-01', interval '1 month') m where m >= connected and (closed is null or m <= closed);
create table water.bill (bill_id int primary key, connection_id int not null references water.connection, issued date not null, due date not null, paid date, amount numeric(8,2) not null);
insert into water.bill select row_number() over (), connection_id, q::date, q::date+30, case when water.r(connection_id*31+extract(quarter from q)::int+extract(year from q)::int,'u',9)=0 then null else q::date+water.r(connection_id*7+extract(doy from q)::int,'pd',60)::int end, 18+water.r(connection_id*5+extract(doy from q)::int,'a',9000)/100.0
from water.connection, generate_series(date '2024-01-15', date '2026-04-15', interval '3 months') q where q >= connected and (closed is null or q <= closed);
create table water.sample (sample_id int primary key, district_id int not null references water.district, taken date not null, substance text not null, result numeric(8,3) not null, passed boolean not null);
insert into water.sample select i, 1+water.r(i,'d',6), date '2024-01-05'+water.r(i,'t',880)::int, (array['nitrate','lead','chlorine','turbidity'])[1+water.r(i,'s',4)], water.r(i,'v',500)/10.0, water.r(i,'p',18)>0 from generate_series(1,900) i;
