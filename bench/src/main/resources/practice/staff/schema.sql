-- Cindermoor Trams: an invented tram operator with invented people, the same on every run.
create schema staff;
create function staff.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table staff.depot (depot_code text primary key, name text not null, district text not null, opened date not null, places int not null);
insert into staff.depot values ('KH','Kiln Hill','North','1962-05-01',48),('BW','Beckwater','South','1988-10-01',64),('SP','Sparrow Park','North','2011-04-02',36),('MQ','Mill Quay','Harbour','2021-09-01',52);
create table staff.team (team_no int primary key, name text not null, depot_code text not null references staff.depot, budget int not null);
insert into staff.team values (1,'Drivers North','KH',2400000),(2,'Drivers South','BW',2600000),(3,'Workshop','BW',1400000),(4,'Track','SP',900000),(5,'Control Room','KH',700000),(6,'Tickets','MQ',500000),(7,'Drivers Harbour','MQ',1300000),(8,'Cleaning','SP',450000);
create table staff.employee (emp_no int primary key, name text not null, born date not null, hired date not null, left_on date, job text not null, contract char(1) not null, weekly_hours numeric(4,1) not null, salary int not null, union_member boolean not null, team_no int not null references staff.team, manager_no int references staff.employee);
insert into staff.employee
select i, (array['Ada','Ben','Cleo','Dirk','Esme','Finn','Greta','Hugo','Iris','Jon','Kaja','Leo','Mona','Nils','Olga','Piet','Rosa','Sven','Tess','Uwe'])[1+(i-1)%20] || ' ' || (array['Alder','Birk','Croft','Dane','Elm','Ford','Gale','Holt','Ives','Jarn','Kerr'])[1+(i-1)%11],
  date '1962-01-01' + staff.r(i,'b',15000)::int, h, case when staff.r(i,'l',4)=0 and i > 8 then h + 200 + staff.r(i,'m',900)::int end,
  case when i <= 8 then 'team leader' when i%8 in (1,2,7) then 'driver' when i%8=3 then 'mechanic' when i%8=4 then 'track worker' when i%8=5 then 'controller' when i%8=6 then 'clerk' else 'cleaner' end,
  (array['P','P','P','P','T','A'])[case when i <= 8 then 1 else 1+staff.r(i,'c',6) end], (array[38.5,38.5,38.5,30,20])[1+staff.r(i,'w',5)], 26000 + staff.r(i,'s',300)::int*100 + case when i<=8 then 14000 else 0 end, staff.r(i,'u',3)>0,
  case when i <= 8 then i else 1+(i-1)%8 end, case when i > 8 then 1+(i-1)%8 end
from (select i, case when i <= 8 then date '2008-04-01' + staff.r(i,'h',2500)::int else date '2015-01-05' + staff.r(i,'h',4160)::int end h from generate_series(1,180) i) x;
update staff.employee set left_on = null where left_on >= '2026-06-10';
create table staff.absence (absence_id int primary key, emp_no int not null references staff.employee, kind char(1) not null, first_day date not null, last_day date not null, days int not null, certified boolean);
insert into staff.absence select i, 1+staff.r(i,'ae',176), k, d, d + n - 1, n, case when k = 'S' then staff.r(i,'ac',3)>0 end
from (select i, (array['S','S','S','H','H','H','H','P','U'])[1+staff.r(i,'ak',9)] k, date '2023-01-02' + staff.r(i,'ad',1250)::int d, 1+staff.r(i,'an',14)::int n from generate_series(1,1400) i) x;
create table staff.shift (shift_id int primary key, emp_no int not null references staff.employee, day date not null, kind char(1) not null, line text, hours numeric(4,1) not null, overtime_hours numeric(4,1) not null);
insert into staff.shift select i, 1+staff.r(i,'fe',176), date '2024-01-01' + (i*888/9000), (array['E','E','L','N'])[1+staff.r(i,'fk',4)], case when staff.r(i,'fn',5)>0 then (array['Line 1','Line 2','Line 4','Line 7'])[1+staff.r(i,'fl',4)] end, 6 + staff.r(i,'fh',5)/2.0, case when staff.r(i,'fo',4)=0 then 0.5+staff.r(i,'fx',6)/2.0 else 0 end from generate_series(1,9000) i;
create table staff.course (course_code text primary key, title text not null, topic text not null, length_days int not null, mandatory boolean not null);
insert into staff.course values ('FA','First Aid','safety',2,true),('BR','Brake Systems','technical',3,false),('DS','Defensive Driving','safety',1,true),('CO','Conflict Calm','people',2,false),('LD','Leading a Team','people',5,false),('HV','High Voltage','technical',4,true);
create table staff.attendance (attendance_id int primary key, emp_no int not null references staff.employee, course_code text not null references staff.course, taken_on date not null, passed boolean, score int, fee numeric(7,2) not null);
insert into staff.attendance select i, 1+staff.r(i,'te',170), (array['FA','BR','DS','CO','LD','HV'])[1+staff.r(i,'tc',6)], date '2023-01-10' + staff.r(i,'td',1230)::int, staff.r(i,'tp',7)>0, case when staff.r(i,'tn',10)>0 then 40+staff.r(i,'ts',60) end, 80+staff.r(i,'tf',60)*10 from generate_series(1,520) i;
create table staff.vacancy (vacancy_no int primary key, team_no int not null references staff.team, job text not null, opened_on date not null, filled_on date);
insert into staff.vacancy select i, 1+staff.r(i,'vt',8), (array['driver','driver','mechanic','track worker','controller','clerk','cleaner'])[1+staff.r(i,'vj',7)], d, case when staff.r(i,'vf',6)>0 and d < '2026-04-01' then d + 14 + staff.r(i,'vd',90)::int end
from (select i, date '2023-01-15' + (i*1220/90) d from generate_series(1,90) i) x;
create table staff.application (application_id int primary key, vacancy_no int not null references staff.vacancy, received date not null, source text, stage char(1) not null, age int);
insert into staff.application select i, v.vacancy_no, least(date '2026-06-09', v.opened_on + 1 + staff.r(i,'pr',30)::int), case when staff.r(i,'pn',12)>0 then (array['web site','job fair','friend','newspaper'])[1+staff.r(i,'ps',4)] end, case when v.filled_on is not null and staff.r(i,'ph',6)=0 then 'H' else (array['N','I','O','R','R','R'])[1+staff.r(i,'pg',6)] end, case when staff.r(i,'pa',15)>0 then 17+staff.r(i,'pb',45) end
from generate_series(1,640) i join staff.vacancy v on v.vacancy_no = 1+staff.r(i,'pv',90);
