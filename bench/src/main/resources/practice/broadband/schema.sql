-- Fenline: an invented country internet provider with invented data, the same on every run.
create schema broadband;
create function broadband.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table broadband.area (area_id int primary key, name text not null, county text not null, homes int not null, ready_on date);
insert into broadband.area values (1,'Sedgeby','Eastmark',2400,'2023-03-01'),(2,'Low Fen','Eastmark',900,'2023-09-15'),(3,'Pinder Hill','Wolddale',1750,'2024-05-20'),(4,'Osterley Bank','Wolddale',640,'2024-11-04'),(5,'Marrow Cross','Thornshire',3100,'2025-06-10'),(6,'Teal Haven','Thornshire',450,null);
create table broadband.person (person_id int primary key, name text not null, team text not null, hired date not null, team_lead_id int references broadband.person);
insert into broadband.person
select i, (array['Abel','Beth','Carl','Dora','Egon','Fay','Gil','Hope','Ilse','Joss','Kai','Lyra','Moss','Nell'])[i] || ' ' || (array['Acre','Birch','Copse','Drift'])[1+broadband.r(i,'pl',4)], (array['sales','sales','support','support','support','field'])[1+i%6], date '2022-11-07' + broadband.r(i,'ph',1200)::int,
  case when i > 6 then 1 + (i-1)%6 end from generate_series(1,14) i;
create table broadband.plan (plan_id int primary key, name text not null, technology text not null, speed int not null, monthly_price numeric(6,2) not null, on_sale boolean not null);
insert into broadband.plan values (1,'Reed','copper',40,24.90,false),(2,'Heron','fibre',150,32.90,true),(3,'Otter','fibre',500,44.90,true),(4,'Kingfisher','fibre',1000,59.90,true),(5,'Drake','radio',80,29.90,true),(6,'Workshop','fibre',1000,119.00,true);
create table broadband.customer (customer_id int primary key, name text not null, kind text not null, area_id int not null references broadband.area, joined date not null, came_by text not null, referred_by int references broadband.customer, email text, paperless boolean not null);
insert into broadband.customer
select i, case when broadband.r(i,'ck',8)=0 then (array['Fen Bakery','Marsh Motors','Bank Farm','Haven Boats','Cross Inn'])[1+broadband.r(i,'cb',5)] || ' ' || i else (array['Agnes','Boris','Clara','Davey','Elsa','Fritz','Greta','Hector','Ines','Jonas'])[1+broadband.r(i,'cf',10)] || ' ' || (array['Sluice','Tarn','Wold','Hythe','Mere','Dyke'])[1+broadband.r(i,'cl',6)] || ' ' || i end,
  case when broadband.r(i,'ck',8)=0 then 'B' else 'H' end, (array[1,1,2,3,3,4,5,5])[1+broadband.r(i,'ca',8)], date '2023-04-01' + (i*1270/900) + broadband.r(i,'cj',12)::int,
  (array['web','shop','referral','doorstep','web'])[1+broadband.r(i,'cs',5)], case when broadband.r(i,'cs',5)=2 and i > 40 then 1+broadband.r(i,'cr',40) end, case when broadband.r(i,'ce',9)=0 then null else 'c' || i || '@example.org' end, broadband.r(i,'cp',3)>0
from generate_series(1,900) i;
create table broadband.contract (contract_id int primary key, customer_id int not null references broadband.customer, plan_id int not null references broadband.plan, signed_on date not null, starts_on date not null, ended_on date, end_reason text, discount numeric(4,2) not null);
insert into broadband.contract
select i, 1+(i-1)%900, 1+broadband.r(i,'kp',6), s, s + 5 + broadband.r(i,'kd',30)::int,
  case when broadband.r(i,'ke',5)=0 and s < '2026-04-01' then s + 100 + broadband.r(i,'kf',90)::int end, case when broadband.r(i,'ke',5)=0 and s < '2026-04-01' then (array['moved away','too expensive','other provider','too many faults','unpaid'])[1+broadband.r(i,'kr',5)] end,
  (array[0,0,0,0.10,0.20])[1+broadband.r(i,'kx',5)]
from (select i, (select joined from broadband.customer where customer_id = 1+(i-1)%900) + case when i > 900 then 60 + broadband.r(i,'ks',200)::int else broadband.r(i,'ks',9)::int end as s from generate_series(1,1050) i) x where s < '2026-10-15';
create table broadband.bill (bill_id int primary key, contract_id int not null references broadband.contract, billed_on date not null, due_on date not null, paid_on date, amount numeric(8,2) not null, reminders int not null);
insert into broadband.bill
select row_number() over (order by m, contract_id), contract_id, m, m + 14, case when m > '2026-09-15' and broadband.r(contract_id*50+n,'bo',2)=0 or broadband.r(contract_id*50+n,'bn',25)=0 then null else m + 1 + broadband.r(contract_id*50+n,'bd',24)::int end, round(monthly_price * (1-discount), 2), case when broadband.r(contract_id*50+n,'bn',25) < 3 then 1+broadband.r(contract_id*50+n,'br',3)::int else 0 end
from (select c.*, p.monthly_price, extract(epoch from g)::bigint/86400/28 % 50 n, g::date m from broadband.contract c join broadband.plan p using (plan_id), generate_series(date_trunc('month', c.starts_on) + interval '1 month', least(coalesce(c.ended_on, '2026-10-15'), '2026-10-15'), interval '1 month') g) x;
create table broadband.usage (usage_id int primary key, contract_id int not null references broadband.contract, month date not null, gb_down numeric(8,1) not null, gb_up numeric(8,1) not null);
insert into broadband.usage
select bill_id, contract_id, (billed_on - interval '1 month')::date, 20 + broadband.r(bill_id,'ud',4000)/10.0, 2 + broadband.r(bill_id,'uu',600)/10.0 from broadband.bill;
create table broadband.lead (lead_id int primary key, company text not null, area_id int not null references broadband.area, seller_id int not null references broadband.person, opened_on date not null, stage text not null, value numeric(10,2) not null, decided_on date, lost_because text);
insert into broadband.lead
select i, (array['Alder','Bittern','Crane','Dunlin','Egret','Fulmar'])[1+broadband.r(i,'lc',6)] || ' ' || (array['Mill','Foods','Garage','School','Surgery','Print'])[1+broadband.r(i,'ld',6)] || ' ' || i, 1+broadband.r(i,'la',6), (array[5,6,11,12])[1+broadband.r(i,'ls',4)], o,
  st, 400+broadband.r(i,'lv',900)*10, case when st in ('W','L') then least(o + 10 + broadband.r(i,'lo',80)::int, date '2026-10-14') end, case when st = 'L' then (array['price','no need','other provider','no reply'])[1+broadband.r(i,'lb',4)] end
from (select i, date '2024-06-03' + (i*810/420) o, case when date '2024-06-03' + (i*810/420) > '2026-06-01' then (array['N','C','O','O','W'])[1+broadband.r(i,'lt',5)] else (array['W','W','L','L','L'])[1+broadband.r(i,'lt',5)] end st from generate_series(1,420) i) x;
create table broadband.ticket (ticket_id int primary key, customer_id int not null references broadband.customer, agent_id int not null references broadband.person, opened_at timestamp not null, first_reply_at timestamp, closed_at timestamp, topic text not null, priority int not null, channel text not null, rating int);
insert into broadband.ticket
select i, 1+broadband.r(i,'tc',700), (array[2,3,4,8,9,10])[1+broadband.r(i,'ta',6)], o, case when done or broadband.r(i,'tn',2)=0 then o + (5+broadband.r(i,'tf',600)) * interval '1 minute' end, case when done then o + (30+broadband.r(i,'tz',9000)) * interval '1 minute' end,
  (array['slow line','no connection','billing','router','moving house'])[1+broadband.r(i,'tt',5)], (array[1,2,2,2,3,4])[1+broadband.r(i,'tp',6)], (array['P','P','M','C'])[1+broadband.r(i,'th',4)], case when done and broadband.r(i,'tr',3)=0 then 1+broadband.r(i,'ts',5)::int end
from (select i, o, o < '2026-09-20' or broadband.r(i,'tq',3)=0 done from (select i, timestamp '2024-02-01 08:00' + (i*985/2600) * interval '1 day' + broadband.r(i,'to',640) * interval '1 minute' o from generate_series(1,2600) i) y) x;
create table broadband.visit (visit_id int primary key, ticket_id int references broadband.ticket, contract_id int references broadband.contract, technician_id int not null references broadband.person, visited_on date not null, purpose text not null, minutes int not null, km numeric(5,1) not null, solved boolean);
insert into broadband.visit
select row_number() over (order by d, k), t, c, (array[5,11])[1+broadband.r(k,'vt',2)], d, p, 20+broadband.r(k,'vm',140), 1+broadband.r(k,'vk',400)/10.0, case when p = 'R' then broadband.r(k,'vs',4)>0 end
from (select ticket_id k, ticket_id t, null::int c, opened_at::date + 1 d, 'R' p from broadband.ticket where topic in ('no connection','router') and broadband.r(ticket_id,'vv',2)=0 and opened_at < '2026-10-10'
  union all select 100000+contract_id, null, contract_id, starts_on, 'I' from broadband.contract where starts_on < '2026-10-15') x;
create table broadband.outage (outage_id int primary key, area_id int not null references broadband.area, began timestamp not null, ended timestamp, cause text not null, homes_cut_off int not null);
insert into broadband.outage
select i, (array[1,1,2,3,4,5])[1+broadband.r(i,'oa',6)], b, case when i < 139 then b + (15+broadband.r(i,'ol',900)) * interval '1 minute' end, (array['power cut','digger','storm','hardware','planned work'])[1+broadband.r(i,'oc',5)], 10+broadband.r(i,'oh',600)
from (select i, timestamp '2024-01-05 00:00' + (i*1010/140) * interval '1 day' + broadband.r(i,'ob',1440) * interval '1 minute' b from generate_series(1,140) i) x;
