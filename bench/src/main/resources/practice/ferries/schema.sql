-- Sound Line: an invented ferry line with invented data, the same on every run.
create schema ferries;
create function ferries.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table ferries.port (port_id int primary key, name text not null, island text not null, berths int not null);
insert into ferries.port values (1,'Skarn','Mainland',4),(2,'Vell','Vell',2),(3,'Orrin','Great Orrin',2),(4,'Tarsk','Great Orrin',1),(5,'Nessby','Ness',2),(6,'Little Holm','Holm',1);
create table ferries.route (route_id int primary key, name text not null, from_port int not null references ferries.port, to_port int not null references ferries.port, distance_nm numeric(5,1) not null, season_only boolean not null);
insert into ferries.route values (1,'Skarn-Vell',1,2,9.5,false),(2,'Skarn-Orrin',1,3,21.0,false),(3,'Orrin-Tarsk',3,4,6.2,true),(4,'Vell-Nessby',2,5,14.8,false),(5,'Nessby-Little Holm',5,6,3.4,true),(6,'Skarn-Nessby',1,5,25.5,false);
create table ferries.vessel (vessel_id int primary key, name text not null, launched date not null, seats int not null, car_lanes_m int not null, drive text not null, home_port int not null references ferries.port);
insert into ferries.vessel values (1,'Gannet','1994-05-02',220,140,'D',1),(2,'Petrel','2008-03-17',310,210,'D',1),(3,'Eider','2021-09-30',180,90,'E',2),(4,'Tern','2016-06-11',90,0,'H',3),(5,'Puffin','2001-01-20',60,0,'D',5);
create table ferries.crew (crew_id int primary key, name text not null, rank text not null, hired date not null, wage numeric(8,2) not null);
insert into ferries.crew
select i, (array['Aino','Brage','Carin','Dagny','Eskil','Frida','Gorm','Hedda'])[1+ferries.r(i,'f',8)] || ' ' || (array['Holt','Lund','Myhre','Rask','Sandvik','Tveit'])[1+ferries.r(i,'l',6)] || ' ' || i,
  case when i <= 8 then 'master' else (array['mate','engineer','deckhand','steward'])[1+ferries.r(i,'k',4)] end,
  date '2010-01-01' + ferries.r(i,'h',5800)::int, 2400 + ferries.r(i,'w',30)*100 + case when i <= 8 then 1500 else 0 end
from generate_series(1,42) i;
create table ferries.sailing (sailing_id int primary key, route_id int not null references ferries.route, vessel_id int not null references ferries.vessel, captain_id int not null references ferries.crew, leaves_at timestamp not null, minutes_late int, called_off boolean not null, reason text, wave_m numeric(3,1) not null, fuel_l int);
insert into ferries.sailing
select row_number() over (order by d, rt), rt, 1+ferries.r(d*7+rt,'v',5), 1+ferries.r(d*7+rt,'c',8),
  timestamp '2024-01-01 07:00' + (d || ' days')::interval + ((rt*2) || ' hours')::interval,
  case when ferries.r(d*7+rt,'x',18)=0 then null else greatest(0, ferries.r(d*7+rt,'m',45)-12) end,
  ferries.r(d*7+rt,'x',18)=0,
  case when ferries.r(d*7+rt,'x',18)=0 then (array['wind','wind','fog','tech'])[1+ferries.r(d*7+rt,'rs',4)] end,
  (ferries.r(d*7+rt,'w',40)/10.0)::numeric(3,1),
  case when ferries.r(d*7+rt,'x',18)=0 then null else 80 + rt*60 + ferries.r(d*7+rt,'fu',120) end
from generate_series(0, 863, 1) d, generate_series(1,6) rt
where (rt not in (3,5) or extract(month from date '2024-01-01' + d::int) between 4 and 10) and (d + rt) % 3 = 0;
create table ferries.passenger (passenger_id int primary key, name text not null, signed_up date not null, island text, email text);
insert into ferries.passenger
select i, (array['Alva','Birk','Cilla','Dan','Edda','Folke','Greta','Hugo'])[1+ferries.r(i,'pf',8)] || ' ' || (array['Berg','Dahl','Ek','Falk','Gran','Hav'])[1+ferries.r(i,'pl',6)] || ' ' || i,
  date '2022-06-01' + ferries.r(i,'su',1400)::int, case when ferries.r(i,'ni',10)=0 then null else (array['Vell','Great Orrin','Ness','Holm','Mainland'])[1+ferries.r(i,'is',5)] end,
  case when ferries.r(i,'em',6)=0 then null else 'r' || i || '@example.org' end
from generate_series(1,400) i;
create table ferries.ticket (ticket_id int primary key, sailing_id int not null references ferries.sailing, passenger_id int references ferries.passenger, sold_at timestamp not null, fare text not null, persons int not null, cars int not null, price numeric(8,2) not null, paid_by text not null);
insert into ferries.ticket
select row_number() over (order by sailing_id, k), sailing_id, case when ferries.r(sailing_id*100+k,'hp',3)=0 then null else 1+ferries.r(sailing_id*100+k,'pp',390) end,
  leaves_at - (ferries.r(sailing_id*100+k,'sd',20) || ' days')::interval, (array['S','R','I'])[1+ferries.r(sailing_id*100+k,'fa',3)],
  1+ferries.r(sailing_id*100+k,'pe',5), case when ferries.r(sailing_id*100+k,'ca',3)=0 then 1 else 0 end,
  round((1+ferries.r(sailing_id*100+k,'pe',5))*(6+route_id*1.5)+ferries.r(sailing_id*100+k,'pr',9),2), (array['card','card','cash','app'])[1+ferries.r(sailing_id*100+k,'pb',4)]
from ferries.sailing, generate_series(1,8) k where ferries.r(sailing_id*100+k,'y',4) > 0;
create table ferries.work (work_id int primary key, vessel_id int not null references ferries.vessel, began date not null, ended date, part text not null, cost numeric(9,2) not null, remark text);
insert into ferries.work
select i, 1+ferries.r(i,'wv',4), date '2024-01-05' + (i*9)::int, case when i > 90 then null else date '2024-01-05' + (i*9)::int + 1 + ferries.r(i,'wd',12)::int end,
  (array['engine','hull','ramp','radar','galley'])[1+ferries.r(i,'wp',5)], 400 + ferries.r(i,'wc',90)*75,
  case when ferries.r(i,'wr',3)=0 then 'unplanned stop' when ferries.r(i,'wr',3)=1 then 'yearly overhaul' end
from generate_series(1,94) i;
create table ferries.delivery (delivery_id int primary key, port_id int not null references ferries.port, delivered date not null, litres int not null, supplier text not null, paid numeric(9,2) not null);
insert into ferries.delivery
select i, 1+ferries.r(i,'dp',3), date '2024-01-03' + (i*6)::int, 4000+ferries.r(i,'dl',60)*100, (array['Norfuel','Island Oil'])[1+ferries.r(i,'ds',2)], (4000+ferries.r(i,'dl',60)*100)*(1.2+ferries.r(i,'dq',30)/100.0)
from generate_series(1,140) i;
