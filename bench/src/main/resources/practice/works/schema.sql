-- Larch Works: an invented maker of chairs and tables with invented people and data, the same on every run.
create schema works;
create function works.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table works.department (department_id int primary key, name text not null, floor int not null, annual_budget numeric(10,2) not null);
insert into works.department values (1,'Sawmill',0,420000),(2,'Joinery',0,610000),(3,'Upholstery',1,380000),(4,'Paint Shop',1,260000),(5,'Dispatch',0,240000),(6,'Office',2,350000);
create table works.employee (employee_id int primary key, name text not null, department_id int not null references works.department, manager_id int references works.employee, job text not null, grade text not null, monthly_pay numeric(8,2) not null, weekly_hours numeric(4,1) not null, hired date not null, left_on date, born date not null, remote boolean not null);
insert into works.employee
select i, (array['Aino','Bert','Celia','Dov','Elin','Faro','Gunn','Hale','Iris'])[1+works.r(i,'f',9)] || ' ' || (array['Ahlers','Brandt','Corvin','Dietz','Engel','Fahr'])[1+works.r(i,'l',6)] || ' ' || i,
  1+works.r(i,'d',6), case when i <= 6 then null else 1+works.r(i,'m',6) end,
  case when i <= 6 then 'head of department' else (array['joiner','machinist','painter','packer','clerk','fitter'])[1+works.r(i,'j',6)] end,
  (array['J','J','S','S','M'])[1+works.r(i,'g',5)], 2100 + works.r(i,'p',300)*10, case when works.r(i,'h',5)=0 then 20 else 38.5 end,
  date '2008-02-01' + works.r(i,'hi',6500)::int, case when works.r(i,'le',8)=0 then date '2025-02-01' + works.r(i,'lo',480)::int end,
  date '1962-01-01' + works.r(i,'b',15000)::int, works.r(i,'re',7)=0
from generate_series(1,160) i;
create table works.absence (absence_id int primary key, employee_id int not null references works.employee, first_day date not null, last_day date not null, kind text not null);
insert into works.absence
select i, 1+works.r(i,'e',155), d, d + works.r(i,'n',9)::int, (array['SICK','SICK','HOL','HOL','PAR'])[1+works.r(i,'k',5)]
from (select i, date '2024-01-02' + (i*890/1400)::int as d from generate_series(1,1400) i) x;
create table works.course (course_id int primary key, title text not null, fee numeric(7,2) not null, mandatory boolean not null);
insert into works.course values (1,'Fire safety',20,true),(2,'First aid',90,true),(3,'Lathe basics',240,false),(4,'Forklift licence',480,false),(5,'Colour mixing',160,false);
create table works.training (training_id int primary key, course_id int not null references works.course, employee_id int not null references works.employee, taken_on date not null, passed boolean, score int);
insert into works.training
select i, 1+works.r(i,'c',4), 1+works.r(i,'te',150), date '2024-01-15' + i*2, case when works.r(i,'pa',10)=0 then null else works.r(i,'pb',6)>0 end, case when works.r(i,'pa',10)=0 then null else 40 + works.r(i,'sc',60)::int end
from generate_series(1,420) i;
create table works.machine (machine_id int primary key, name text not null, department_id int not null references works.department, maker text not null, bought date not null, price numeric(10,2) not null, rated_kw int not null);
insert into works.machine
select i, (array['Saw','Lathe','Planer','Press','Sprayer','Sander'])[1+works.r(i,'n',6)] || ' ' || i, 1+works.r(i,'md',4), (array['Orvik','Stahlgrund','Tenno'])[1+works.r(i,'mm',3)], date '2005-05-01' + works.r(i,'mb',7400)::int, 8000 + works.r(i,'mp',90)*1000, 3 + works.r(i,'mk',40)::int
from generate_series(1,24) i;
create table works.item (item_id int primary key, name text not null, line text not null, list_price numeric(8,2) not null, wood text);
insert into works.item
select i, (array['Chair','Stool','Table','Bench','Shelf'])[1+works.r(i,'in',5)] || ' ' || (array['Alder','Birk','Cedar','Drift','Elk'])[1+works.r(i,'in2',5)] || ' ' || i, (array['Nord','Classic','Garden'])[1+works.r(i,'il',3)], 60 + works.r(i,'ip',800), case when works.r(i,'iw',6)=0 then null else (array['oak','ash','pine','beech'])[1+works.r(i,'iw2',4)] end
from generate_series(1,40) i;
create table works.batch (batch_id int primary key, item_id int not null references works.item, machine_id int not null references works.machine, operator_id int not null references works.employee, started timestamp not null, finished timestamp, shift text not null, made int not null, scrapped int not null, kwh numeric(7,1) not null);
insert into works.batch
select i, 1+works.r(i,'bi',38), 1+works.r(i,'bm',22), 7+works.r(i,'bo',140), t, case when t > '2026-06-13' then null else t + (40 + works.r(i,'bf',400)) * interval '1 minute' end,
  (array['E','E','L','N'])[1+works.r(i,'bs',4)], 20 + works.r(i,'bmd',180)::int, works.r(i,'bsc',14)::int, 12 + works.r(i,'bk',300)/2.0
from (select i, timestamp '2024-01-03 06:00' + (i*892/4200) * interval '1 day' + works.r(i,'bt',16) * interval '1 hour' as t from generate_series(1,4200) i) x;
create table works.stoppage (stoppage_id int primary key, machine_id int not null references works.machine, began timestamp not null, ended timestamp, cause text not null, repair_cost numeric(8,2));
insert into works.stoppage
select i, 1+works.r(i,'sm',23), t, case when works.r(i,'se',25)=0 and t > '2026-05-01' then null else t + (20 + works.r(i,'sd',900)) * interval '1 minute' end,
  (array['blade broken','jam','power cut','operator error','maintenance'])[1+works.r(i,'sca',5)], case when works.r(i,'sr',3)=0 then null else 30 + works.r(i,'srr',600) end
from (select i, date '2024-01-05' + least(works.r(i,'st',890), 880)::int + (6 + least(works.r(i,'sh',14), works.r(i,'sh2',14))) * interval '1 hour' as t from generate_series(1,570) i) x;
