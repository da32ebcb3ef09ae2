-- Millbrook Homes: an invented landlord with invented blocks, flats and people, the same on every run.
create schema homes;
create function homes.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table homes.block (block_code text primary key, name text not null, district text not null, built int not null, lift boolean not null, energy_class char(1) not null);
insert into homes.block values ('AC','Acorn Court','Westgate',1968,false,'E'),('BH','Bellhouse','Old Town',1924,false,'F'),('CT','Canal Terrace','Harbour',2006,true,'C'),('DG','Dyers Green','Westgate',1981,true,'D'),('EL','Elm Lodge','Northfield',2019,true,'A'),('FR','Ferry Row','Harbour',1952,false,'E'),('GP','Granary Place','Harbour',2014,true,'B'),('HV','Highview','Northfield',1976,true,'D');
create table homes.flat (flat_no int primary key, block_code text not null references homes.block, floor int not null, rooms int not null, square_metres numeric(5,1) not null, asking_rent numeric(8,2) not null, balcony boolean not null, let_as char(1) not null);
insert into homes.flat select i, b, homes.r(i,'ff',6), m, 18 + m*16 + homes.r(i,'fs',90)/10.0, round((260 + m*165 + homes.r(i,'fr',160) + case b when 'EL' then 140 when 'GP' then 110 when 'CT' then 60 else 0 end)::numeric, 2), homes.r(i,'fb',3) > 0,
 (array['U','U','U','F','S'])[1+homes.r(i,'fl',5)]
from (select i, (array['AC','BH','CT','DG','EL','FR','GP','HV'])[1+homes.r(i,'fk',8)] b, 1+homes.r(i,'fm',4)::int m from generate_series(1,160) i) x;
create table homes.tenant (tenant_no int primary key, name text not null, born date not null, household int not null, pays_by text not null);
insert into homes.tenant select i, (array['Agnes','Bert','Carla','Dirk','Edda','Finn','Gesa','Henk','Ilse','Joost','Kaya','Lars','Mette','Noor','Olaf','Pia'])[1+(i-1)%16] || ' ' || (array['Ahlers','Brandt','Coster','Dekker','Ebbing','Faber','Groot','Holm','Jonker','Kuiper','Linden','Meyer'])[1+((i-1)*5)%12],
 date '1944-02-01' + homes.r(i,'tb',21000)::int, 1 + homes.r(i,'th',5)::int, (array['standing order','direct debit','direct debit','cash'])[1+homes.r(i,'tp',4)]
from generate_series(1,420) i;
create table homes.tenancy (tenancy_no int primary key, flat_no int not null references homes.flat, tenant_no int not null references homes.tenant, begins date not null, ends date, monthly_rent numeric(8,2) not null, deposit numeric(8,2) not null, given_up_by text);
insert into homes.tenancy
select row_number() over (order by flat_no, k), flat_no, 1 + homes.r(flat_no*7+k,'nt',420), begins, case when next <= date '2026-10-31' then next - 5 - homes.r(flat_no*7+k,'nv',60)::int end, rent, rent*2, null
from (select f.flat_no, k, round(f.asking_rent * (0.82 + k*0.05), 2) rent,
  date '2018-03-01' + (homes.r(f.flat_no,'nb',500) + coalesce((select sum(260 + homes.r(f.flat_no*7+j,'nl',900)) from generate_series(1,k-1) j),0))::int begins,
  date '2018-03-01' + (homes.r(f.flat_no,'nb',500) + coalesce((select sum(260 + homes.r(f.flat_no*7+j,'nl',900)) from generate_series(1,k) j),0))::int next
 from homes.flat f, generate_series(1,12) k) x where begins < '2026-08-08';
update homes.tenancy set given_up_by = case when ends is not null then (array['tenant','tenant','tenant','landlord','both'])[1+homes.r(tenancy_no,'ng',5)] end;
create table homes.rent_charge (charge_no int primary key, tenancy_no int not null references homes.tenancy, due_on date not null, amount numeric(8,2) not null, paid_on date, reminders int not null);
insert into homes.rent_charge select row_number() over (order by t.tenancy_no, m), t.tenancy_no, m::date, t.monthly_rent,
 case when homes.r(t.tenancy_no*13 + extract(month from m)::int, 'cp', 41) = 0 and m > '2025-09-01' then null else m::date - 4 + case when homes.r(t.tenancy_no*17+extract(doy from m)::int,'cd',6)=0 then homes.r(t.tenancy_no*19+extract(doy from m)::int,'ce',40)::int else homes.r(t.tenancy_no*19+extract(doy from m)::int,'cf',5)::int end end, 0
from homes.tenancy t, generate_series(timestamp '2024-01-01', timestamp '2026-08-01', interval '1 month') m where m >= t.begins and m < coalesce(t.ends, date '2099-01-01');
update homes.rent_charge set paid_on = null where paid_on > '2026-08-09';
update homes.rent_charge set reminders = case when paid_on is null and due_on < '2026-07-20' then 1 + homes.r(charge_no,'cr',3)::int when paid_on - due_on > 14 then 1 else 0 end;
create table homes.firm (firm_no int primary key, name text not null, trade text not null, hourly_rate numeric(6,2) not null);
insert into homes.firm values (1,'Voss Plumbing','plumbing',62),(2,'Brightwire','electrics',58.5),(3,'Hammer and Daughter','carpentry',49),(4,'Roofwell','roofing',71),(5,'Tiny Drains','plumbing',55),(6,'Warmhouse','heating',66),(7,'Colour Brothers','painting',43);
create table homes.repair (repair_no int primary key, flat_no int not null references homes.flat, firm_no int references homes.firm, reported date not null, visited date, finished date, fault text not null, urgency char(1) not null, hours_worked numeric(5,1), cost numeric(8,2), rating int);
insert into homes.repair select i, 1+homes.r(i,'pf',160), null, d, d + case u when 'H' then homes.r(i,'pv',3)::int when 'M' then 2+homes.r(i,'pv',9)::int else 5+homes.r(i,'pv',20)::int end, null, k, u, null, null, null
from (select i, date '2024-01-03' + homes.r(i,'pr',948)::int d, (array['leak','no heating','broken window','blocked drain','mould','door lock','power cut','roof','noise from pipes'])[1+homes.r(i,'pk',9)] k, (array['H','M','M','L'])[1+homes.r(i,'pu',4)] u from generate_series(1,1900) i) x;
update homes.repair set firm_no = case fault when 'leak' then 1 when 'blocked drain' then 5 when 'noise from pipes' then 1 when 'no heating' then 6 when 'power cut' then 2 when 'roof' then 4 when 'mould' then 7 else 3 end where homes.r(repair_no,'pq',30) > 0;
update homes.repair set finished = visited + homes.r(repair_no,'px',12)::int where firm_no is not null and homes.r(repair_no,'py',25) > 0;
update homes.repair set visited = null where visited > '2026-08-09' or firm_no is null;
update homes.repair set finished = null where finished > '2026-08-09' or visited is null;
update homes.repair r set hours_worked = 0.5 + homes.r(repair_no,'ph',90)/10.0 where finished is not null;
update homes.repair r set cost = round(hours_worked * f.hourly_rate + homes.r(repair_no,'pz',240), 2), rating = case when homes.r(repair_no,'pg',3) > 0 then 1 + homes.r(repair_no,'pn',5)::int end from homes.firm f where f.firm_no = r.firm_no and finished is not null;
create table homes.viewing (viewing_no int primary key, flat_no int not null references homes.flat, held_on date not null, visitors int not null, found_by text not null, applications int not null);
insert into homes.viewing select i, 1+homes.r(i,'vf',160), date '2024-01-05' + homes.r(i,'vd',945)::int, homes.r(i,'vv',14)::int, (array['website','newspaper','word of mouth','agency'])[1+homes.r(i,'vw',4)], homes.r(i,'va',1+homes.r(i,'vv',14))::int from generate_series(1,620) i;
