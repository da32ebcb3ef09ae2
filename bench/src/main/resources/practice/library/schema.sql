-- Mill Lane Libraries: invented lending libraries with invented data, the same on every run.
create schema library;
create function library.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table library.branch (branch_id int primary key, name text not null, district text not null, opened date not null, seats int not null, step_free boolean not null);
insert into library.branch values (1,'Mill Lane','Old Town','1931-04-11',120,true),(2,'Harbour Street','Harbour','1968-09-02',60,false),(3,'Northgate','North End','1994-05-20',80,true),(4,'Quarry Hill','Upper Quarry','2012-10-06',40,true);
create table library.title (title_id int primary key, title text not null, author text not null, genre text not null, language text not null, published int not null, pages int not null);
insert into library.title
select i, (array['The Silent','A Distant','The Last','Under the','The Glass','Winter in the','The Paper'])[1+library.r(i,'t1',7)] || ' ' || (array['Harbour','Orchard','Lantern','Bridge','Garden','River','Clock','Island'])[1+library.r(i,'t2',8)] || ' ' || i,
  (array['Ines','Tomas','Ruth','Ewan','Maeve','Oskar','Nadia','Pia'])[1+library.r(i,'a1',8)] || ' ' || (array['Calder','Voss','Lindgren','Okoro','Whit','Marsh'])[1+library.r(i,'a2',6)],
  (array['novel','crime','history','science','picture book','poetry'])[1+library.r(i,'g',6)],
  (array['EN','EN','EN','DE','FR'])[1+library.r(i,'l',5)], 1950 + library.r(i,'p',76)::int, 24 + library.r(i,'pg',600)::int
from generate_series(1,300) i;
create table library.copy (copy_id int primary key, title_id int not null references library.title, branch_id int not null references library.branch, acquired date not null, price numeric(6,2) not null, condition text not null);
insert into library.copy
select i, 1+library.r(i,'ct',300), 1+library.r(i,'cb',4), date '2015-01-01' + library.r(i,'ca',3900)::int, 6 + library.r(i,'cp',340)/10.0,
  (array['G','G','W','D'])[1+library.r(i,'cc',4)]
from generate_series(1,900) i;
create table library.reader (reader_id int primary key, name text not null, joined date not null, born date, district text, category text not null, email text);
insert into library.reader
select i, (array['Anna','Bela','Cleo','Dario','Esme','Finn','Gita','Hanno'])[1+library.r(i,'rf',8)] || ' ' || (array['Ash','Birch','Cole','Drew','Elm','Ford'])[1+library.r(i,'rl',6)] || ' ' || i,
  date '2018-02-01' + library.r(i,'rj',2900)::int, case when library.r(i,'rn',12)=0 then null else date '1940-01-01' + library.r(i,'rb',29000)::int end,
  case when library.r(i,'rd',9)=0 then null else (array['Old Town','Harbour','North End','Upper Quarry','Outer Ring'])[1+library.r(i,'rd2',5)] end,
  (array['A','A','C','S'])[1+library.r(i,'rc',4)], case when library.r(i,'re',5)=0 then null else 'm' || i || '@example.org' end
from generate_series(1,500) i;
create table library.loan (loan_id int primary key, copy_id int not null references library.copy, reader_id int not null references library.reader, branch_id int not null references library.branch, lent_on date not null, due_on date not null, returned_on date, renewals int not null, fine numeric(6,2) not null);
insert into library.loan
select i, 1+library.r(i,'lc',880), 1+library.r(i,'lr',470), 1+library.r(i,'lb',4), d, d + 21,
  case when d > date '2026-05-10' and library.r(i,'lo',2)=0 then null else d + 2 + library.r(i,'lt',34)::int end,
  library.r(i,'ln',3)::int, case when library.r(i,'lt',34) > 19 and not (d > date '2026-05-10' and library.r(i,'lo',2)=0) then (library.r(i,'lt',34)-19)*0.20 else 0 end
from (select i, date '2024-01-03' + (i*880/5200)::int as d from generate_series(1,5200) i) x;
create table library.hold (hold_id int primary key, title_id int not null references library.title, reader_id int not null references library.reader, placed_on date not null, filled_on date, cancelled boolean not null);
insert into library.hold
select i, 1+library.r(i,'ht',280), 1+library.r(i,'hr',460), date '2024-01-10' + i, case when library.r(i,'hc',8)=0 or i > 850 then null else date '2024-01-10' + i + 1 + library.r(i,'hf',25)::int end, library.r(i,'hc',8)=0
from generate_series(1,870) i;
create table library.visit (visit_id int primary key, branch_id int not null references library.branch, counted_at timestamp not null, people int not null);
insert into library.visit
select row_number() over (order by d, h, b), b, timestamp '2025-01-01' + (d || ' days')::interval + (h || ' hours')::interval, library.r(d*100+h*10+b,'vp',40)::int
from generate_series(0,530,3) d, generate_series(9,18,3) h, generate_series(1,4) b where extract(isodow from date '2025-01-01' + d::int) < 7;
create table library.event (event_id int primary key, branch_id int not null references library.branch, held_on date not null, name text not null, kind text not null, attendees int not null, cost numeric(7,2) not null);
insert into library.event
select i, 1+library.r(i,'eb',3), date '2024-01-20' + i*6, (array['Story hour','Author evening','Repair table','Book sale'])[1+library.r(i,'en',4)] || ' ' || i,
  (array['K','T','W','S'])[1+library.r(i,'en',4)], library.r(i,'ea',70)::int, library.r(i,'ec',40)*12.5
from generate_series(1,140) i;
