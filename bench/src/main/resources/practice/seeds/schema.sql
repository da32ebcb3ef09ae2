-- The Cold Harbour seed bank: an invented collection with invented data, the same on every run.
create schema seeds;
create function seeds.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table seeds.family (family_id int primary key, name text not null);
insert into seeds.family values (1,'grasses'),(2,'legumes'),(3,'daisies'),(4,'mustards'),(5,'mints');
create table seeds.species (species_id int primary key, name text not null, family_id int not null references seeds.family, status text, annual boolean not null);
insert into seeds.species select i, (array['dune rye','silver oat','hill barley','sand fescue','red vetch','moor lentil','stone pea','field clover','marsh aster','golden hawkbit','cliff marigold','sea kale','wild radish','bog mint','tall sage','creeping thyme'])[i], (array[1,1,1,1,2,2,2,2,3,3,3,4,4,5,5,5])[i],
 case when i % 5 = 0 then null else (array['safe','rare','threatened'])[1+seeds.r(i,'s',3)] end, seeds.r(i,'a',2)=0 from generate_series(1,16) i;
create table seeds.vault (vault_id int primary key, name text not null, country text not null, temperature_c int not null, shelves int not null);
insert into seeds.vault values (1,'Cold Harbour','Norland',-18,400),(2,'Hill Store','Norland',-10,150),(3,'Desert Annex','Sandia',-18,220);
create table seeds.collector (collector_id int primary key, name text not null, country text not null, active boolean not null);
insert into seeds.collector select i, (array['Asta Berg','Bruno Klee','Chidi Obi','Dana Ruiz','Erik Lund','Farah Aziz','Greta Moss','Hugo Pine','Inés Prado','Jon O''Dell'])[i], (array['Norland','Sandia','Isla Verde'])[1+seeds.r(i,'c',3)], i % 4 > 0 from generate_series(1,10) i;
create table seeds.accession (accession_id int primary key, code text not null, species_id int not null references seeds.species, collector_id int references seeds.collector, vault_id int not null references seeds.vault, collected date not null, received date not null, altitude_m int, seed_count int not null, mass_g numeric(8,1) not null, habitat text, remark text);
insert into seeds.accession select i, 'CH-' || lpad(i::text,4,'0'), 1+seeds.r(i,'s',15), case when seeds.r(i,'nc',9)=0 then null else 1+seeds.r(i,'c',9) end, 1+seeds.r(i,'v',3), d, d + (5+seeds.r(i,'rr',90))::int,
 case when seeds.r(i,'na',11)=0 then null else seeds.r(i,'alt',2600)::int end, 50+seeds.r(i,'n',9000)::int, round(1+seeds.r(i,'m',4000)/10.0,1), case when seeds.r(i,'nh',10)=0 then null else (array['meadow','dune','forest edge','rock'])[1+seeds.r(i,'h',4)] end,
 (array['found near old wall','damp seeds, dried on arrival','insects found','good lot',null])[1+seeds.r(i,'re',5)]
from (select i, date '2018-03-01'+seeds.r(i,'d',3000)::int d from generate_series(1,600) i) x;
create table seeds.trial (trial_id int primary key, accession_id int not null references seeds.accession, sown_on date not null, sown int not null, germinated int not null, medium text not null);
insert into seeds.trial select row_number() over (), accession_id, received + (100*k + seeds.r(accession_id*7+k,'d',50))::int, 50, (50*(20+seeds.r(accession_id*7+k,'g',80))/100)::int, (array['agar','paper','soil'])[1+seeds.r(accession_id*7+k,'m',3)]
from seeds.accession, generate_series(1,4) k where seeds.r(accession_id*7+k,'y',5)>1 and received + (100*k+60) < date '2026-05-31';
create table seeds.institution (institution_id int primary key, name text not null, kind text not null, country text not null);
insert into seeds.institution select i, (array['Norland Botanic Garden','Sandia University','Green Acre School','Isla Verde Institute','Plain Fields Farm Co-op','Ridge Museum','Harbour College','Delta Gardens'])[i], (array['G','U','S','U','F','M','U','G'])[i], (array['Norland','Sandia','Norland','Isla Verde','Norland','Sandia','Norland','Isla Verde'])[i] from generate_series(1,8) i;
create table seeds.request (request_id int primary key, institution_id int not null references seeds.institution, accession_id int not null references seeds.accession, asked_on date not null, sent_on date, packets int not null, fee numeric(8,2) not null, state text not null);
insert into seeds.request select i, 1+seeds.r(i,'i',7), 1+seeds.r(i,'a',600), d, case when st in ('S') then d+(3+seeds.r(i,'w',40))::int end, 1+seeds.r(i,'p',12), round((1+seeds.r(i,'p',12))*4.5,2), st
from (select i, date '2022-01-10'+seeds.r(i,'d',1590)::int d, (array['S','S','S','O','J'])[1+seeds.r(i,'st',5)] st from generate_series(1,1500) i) x;
create table seeds.stock (stock_id int primary key, vault_id int not null references seeds.vault, month date not null, packets int not null, free_shelves int not null);
insert into seeds.stock select row_number() over (), vault_id, m::date, 4000+seeds.r(vault_id*999+extract(month from m)::int+extract(year from m)::int*12,'p',3000)::int, seeds.r(vault_id*99+extract(month from m)::int,'f',60)::int from seeds.vault, generate_series(date '2023-01-01', date '2026-05-01', interval '1 month') m;
