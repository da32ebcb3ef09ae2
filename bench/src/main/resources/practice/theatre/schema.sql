-- The Lamplight Theatre: an invented house with invented data, the same on every run.
create schema theatre;
create function theatre.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table theatre.stage (stage_id int primary key, name text not null, seats int not null, opened date);
insert into theatre.stage values (1, 'Main House', 420, '1998-09-01'), (2, 'Studio', 120, '2009-03-15'), (3, 'Cellar', 60, null);
create table theatre.production (production_id int primary key, title text not null, genre text not null, director text, premiere date not null, budget numeric(10,2) not null, running_minutes int not null);
insert into theatre.production
select i, (array['The Salt Road','Winter Letters','A Fox in the Attic','Three Clocks','Harbour Lights','The Long Tide','Ashes and Plums','Mirror Maze','The Quiet Orchard','Paper Boats','Moth Hour','The Glass Ferry','Nine Lanterns','Saint Vitus Street','The Borrowed Coat','Low Water'])[i],
  (array['drama','comedy','musical','dance'])[1 + theatre.r(i,'g',4)],
  case when i % 7 = 0 then null else (array['Ida Brandt','Tomas Reyes','Leonie Hart','Pavel Ostrow'])[1 + theatre.r(i,'d',4)] end,
  date '2023-09-01' + (i * 66)::int, 8000 + theatre.r(i,'b',60) * 1000, 60 + theatre.r(i,'m',100)::int
from generate_series(1,16) i;
create table theatre.performance (performance_id int primary key, production_id int not null references theatre.production, stage_id int not null references theatre.stage, starts_at timestamp not null, cancelled boolean not null);
insert into theatre.performance
select row_number() over (order by p.production_id, k), p.production_id, 1 + theatre.r(p.production_id,'s',3),
  p.premiere + (k * 2) + (array[time '14:30', time '19:30', time '20:00'])[1 + theatre.r(p.production_id*100+k,'t',3)],
  theatre.r(p.production_id*100+k,'c',31) = 0
from theatre.production p, generate_series(0,29) k
where p.premiere + (k*2) <= date '2026-09-30';
create table theatre.patron (patron_id int primary key, name text not null, town text, joined date not null, kind text not null, email text, referred_by int references theatre.patron);
insert into theatre.patron
select i, (array['Ana','Bo','Cleo','Dov','Elin','Finn','Gus','Hana','Ivo','Jun'])[1+theatre.r(i,'f',10)] || ' ' || (array['Marsh','Okafor','Lindqvist','d''Arcy','Peña','Novak','Silva','Weber','Young-Lee','Zola'])[1+theatre.r(i,'l',10)] || ' ' || i,
  case when theatre.r(i,'w',12) = 0 then null else (array['Brackwater','Old Mill','Northgate','Seaholm','Tarn End'])[1+theatre.r(i,'o',5)] end,
  date '2022-01-01' + theatre.r(i,'j',1700)::int, (array['F','F','S','P'])[1+theatre.r(i,'k',4)],
  case when theatre.r(i,'e',9) = 0 then null else 'p' || i || '@example.org' end,
  case when i > 50 and theatre.r(i,'r',5) = 0 then 1 + theatre.r(i,'rb',50) end
from generate_series(1,900) i;
create table theatre.booking (booking_id int primary key, performance_id int not null references theatre.performance, patron_id int references theatre.patron, booked_at timestamp not null, channel text not null, seats int not null, amount numeric(10,2) not null, status text not null);
insert into theatre.booking
select row_number() over (order by performance_id, k), performance_id,
  case when theatre.r(performance_id*1000+k,'n',4) = 0 then null else 1 + theatre.r(performance_id*1000+k,'p',880) end,
  starts_at - (theatre.r(performance_id*1000+k,'d',40) || ' days')::interval - (theatre.r(performance_id*1000+k,'h',20) || ' hours')::interval,
  (array['web','web','box','tel'])[1+theatre.r(performance_id*1000+k,'ch',4)],
  1 + theatre.r(performance_id*1000+k,'s',6),
  round((1 + theatre.r(performance_id*1000+k,'s',6)) * (12 + theatre.r(performance_id,'pr',30)), 2),
  case when theatre.r(performance_id*1000+k,'st',12) = 0 then 'R' else 'K' end
from theatre.performance, generate_series(1, 18) k
where theatre.r(performance_id*1000+k,'x',5) > 0;
create table theatre.review (review_id int primary key, production_id int not null references theatre.production, published date not null, outlet text not null, stars int, body text);
insert into theatre.review
select row_number() over (), production_id, premiere + theatre.r(production_id*10+k,'d',30)::int, (array['The Courier','Stage Post','Evening Herald','Harbour FM'])[k],
  case when theatre.r(production_id*10+k,'nn',9)=0 then null else 1 + theatre.r(production_id*10+k,'s',5) end,
  (array['A brilliant evening with a slow second act.','Funny and brilliant.','A tired staging, lovely music.','Slow, but the lighting is a wonder.',null])[1+theatre.r(production_id*10+k,'b',5)]
from theatre.production, generate_series(1,4) k where theatre.r(production_id*10+k,'y',6) > 0;
create table theatre.shift (shift_id int primary key, performance_id int not null references theatre.performance, person text not null, duty text not null, hours numeric(4,1) not null, pay numeric(8,2) not null);
insert into theatre.shift
select row_number() over (), performance_id, (array['Mara','Nils','Orla','Pete','Quinn','Rosa'])[1+theatre.r(performance_id*10+k,'p',6)],
  (array['lights','sound','stage door','bar'])[k], 3 + theatre.r(performance_id*10+k,'h',8)*0.5, (3 + theatre.r(performance_id*10+k,'h',8)*0.5)*(14+k)
from theatre.performance, generate_series(1,4) k where theatre.r(performance_id*10+k,'z',4) > 0;
