-- Swiftmere parcels: an invented carrier with invented depots, people and parcels, the same on every run.
create schema parcels;
create function parcels.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table parcels.depot (depot_code text primary key, name text not null, region text not null, opened date not null, gates int not null);
insert into parcels.depot values ('AL','Alderhythe','North','2009-04-01',14),('BR','Brackenford','North','2012-09-15',8),('CO','Coldwater','East','2015-02-02',11),('DU','Dunsel','East','2011-06-20',22),('EL','Elmsworth','South','2018-10-01',16),('FA','Fallowby','South','2021-03-08',6),('GR','Greyholm','West','2014-11-11',10);
create table parcels.courier (courier_no int primary key, name text not null, depot_code text not null references parcels.depot, hired date not null, left_on date, hourly_wage numeric(6,2) not null, self_employed boolean not null);
insert into parcels.courier select i, (array['Ada','Bela','Cato','Dora','Emil','Fenja','Gero','Hanne','Ivo','Jule','Kaspar','Lioba'])[1+(i-1)%12] || ' ' || (array['Hartwin','Kestel','Lorne','Marbach','Nessel'])[1+((i-1)*7)%5],
 (array['AL','BR','CO','DU','EL','FA','GR'])[1+(i-1)%7], date '2015-01-05' + parcels.r(i,'ch',3900)::int, case when i % 9 = 4 then date '2026-02-01' + parcels.r(i,'cl',150)::int end, 13 + parcels.r(i,'cw',90)/10.0, i % 5 = 2
from generate_series(1,42) i;
create table parcels.client (client_no int primary key, company text not null, trade text not null, city text not null, since date not null);
insert into parcels.client select i, (array['Nordic','Bright','Old Mill','Harbour','Silver','Green','Royal','Little','Crown','River','Sunny','Stone'])[1+(i-1)%12] || ' ' || (array['Books','Wines','Toys','Shoes','Garden','Pharmacy','Coffee','Lamps','Bikes','Cloth'])[1+((i-1)*3)%10],
 (array['books','food and drink','toys','fashion','home and garden','health','food and drink','home and garden','sports','fashion'])[1+((i-1)*3)%10], (array['Alderhythe','Brackenford','Coldwater','Dunsel','Elmsworth','Fallowby','Greyholm'])[1+parcels.r(i,'cc',7)], date '2016-01-10' + parcels.r(i,'cs',3700)::int
from generate_series(1,60) i;
create table parcels.parcel (parcel_no int primary key, client_no int not null references parcels.client, from_depot text not null references parcels.depot, to_depot text not null references parcels.depot, courier_no int references parcels.courier, service char(1) not null, handed_in timestamp not null, promised date not null, delivered timestamp, weight_kg numeric(6,2) not null, price numeric(8,2) not null, status char(1) not null, insured boolean not null, attempts int not null);
insert into parcels.parcel
select i, 1+parcels.r(i,'pc',60), f, t, 1+parcels.r(i,'pk',42), s, h, (h + case s when 'X' then interval '1 day' when 'S' then interval '3 days' else interval '5 days' end)::date,
 h + (case s when 'X' then 10 when 'S' then 30 else 60 end + parcels.r(i,'pd',case s when 'X' then 34 when 'S' then 60 else 90 end)) * interval '1 hour',
 0.2 + parcels.r(i,'pw',220)/10.0, case s when 'X' then 14.5 when 'S' then 7.9 else 4.9 end + (0.2 + parcels.r(i,'pw',220)/10.0)*0.35, 'D', parcels.r(i,'pi',6)=0, 1
from (select i, (array['AL','BR','CO','DU','EL','FA','GR'])[1+parcels.r(i,'pf',7)] f, (array['AL','BR','CO','DU','EL','FA','GR'])[1+parcels.r(i,'pt',7)] t, (array['X','S','S','E','E','E'])[1+parcels.r(i,'ps',6)] s,
 timestamp '2025-01-02 08:00' + parcels.r(i,'ph',550)*interval '1 day' + parcels.r(i,'pm',600)*interval '1 minute' h from generate_series(1,9000) i) x;
update parcels.parcel set status = case when delivered > timestamp '2026-07-06 12:00' then 'W' when parcels.r(parcel_no,'px',60)=0 then 'L' when parcels.r(parcel_no,'px',40)=1 then 'R' else 'D' end;
update parcels.parcel set delivered = null where status in ('W','L','R');
update parcels.parcel set courier_no = null where status = 'W';
update parcels.parcel set attempts = case when parcels.r(parcel_no,'pq',7)=0 then 2 when parcels.r(parcel_no,'pq',23)=1 then 3 else 1 end where status <> 'W';
create table parcels.complaint (complaint_no int primary key, parcel_no int not null references parcels.parcel, made_on date not null, about text not null, answered date, refund numeric(8,2) not null);
insert into parcels.complaint select row_number() over (order by parcel_no), parcel_no, (handed_in + (2+parcels.r(parcel_no,'qm',9))*interval '1 day')::date, (array['late','damaged','left outside','rude courier','wrong address','lost'])[1+parcels.r(parcel_no,'qa',6)],
 case when parcels.r(parcel_no,'qn',8) > 0 then (handed_in + (4+parcels.r(parcel_no,'qm',9)+parcels.r(parcel_no,'qo',12))*interval '1 day')::date end, case when parcels.r(parcel_no,'qr',3)=0 then 5 + parcels.r(parcel_no,'qs',60) else 0 end
from parcels.parcel where parcels.r(parcel_no,'qc',28)=0 and handed_in < '2026-06-25';
create table parcels.van (van_no int primary key, plate text not null, depot_code text not null references parcels.depot, bought date not null, electric boolean not null, load_kg int not null);
insert into parcels.van select i, 'SW-' || (100 + i*7), (array['AL','BR','CO','DU','EL','FA','GR'])[1+(i-1)%7], date '2017-01-15' + parcels.r(i,'vb',3300)::int, parcels.r(i,'ve',3)=0, 600 + parcels.r(i,'vl',9)*100 from generate_series(1,28) i;
create table parcels.tour (tour_no int primary key, van_no int not null references parcels.van, courier_no int not null references parcels.courier, driven_on date not null, planned_km int not null, driven_km int not null, hours numeric(4,1) not null, stops int not null);
insert into parcels.tour select i, 1+parcels.r(i,'tv',28), 1+parcels.r(i,'tc',42), date '2025-01-02' + parcels.r(i,'td',550)::int, 40 + parcels.r(i,'tp',90), 40 + parcels.r(i,'tp',90) - 8 + parcels.r(i,'tk',34), 4 + parcels.r(i,'th',60)/10.0, 20 + parcels.r(i,'ts',80) from generate_series(1,5200) i;
