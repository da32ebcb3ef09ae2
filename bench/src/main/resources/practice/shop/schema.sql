-- Fennel Row: an invented mail-order house for kitchen things with invented data, the same on every run.
create schema shop;
create function shop.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table shop.country (code text primary key, name text not null, region text not null);
insert into shop.country values ('NO','Norway','North'),('DK','Denmark','North'),('DE','Germany','Middle'),('AT','Austria','Middle'),('IT','Italy','South'),('ES','Spain','South');
create table shop.customer (customer_id int primary key, name text not null, country text not null references shop.country, since date not null, segment text not null, newsletter boolean not null, phone text);
insert into shop.customer
select i, (array['Alva','Bruno','Carla','Dag','Edda','Franco','Greta','Henrik'])[1+shop.r(i,'f',8)] || ' ' || (array['Amund','Berti','Conti','Dahl','Egger','Falk','Gomez'])[1+shop.r(i,'l',7)] || ' ' || i,
  (array['NO','DK','DE','DE','AT','IT','ES'])[1+shop.r(i,'c',7)], date '2022-01-05' + shop.r(i,'s',1600)::int,
  (array['H','H','H','R','W'])[1+shop.r(i,'g',5)], shop.r(i,'n',3)=0, case when shop.r(i,'p',4)=0 then null else '+00 555 ' || i end
from generate_series(1,400) i;
create table shop.product (product_id int primary key, name text not null, category text not null, brand text not null, list_price numeric(8,2) not null, cost_price numeric(8,2) not null, weight_g int not null, launched date not null, discontinued date);
insert into shop.product
select i, (array['Oak','Steel','Copper','Linen','Glass','Stone'])[1+shop.r(i,'n1',6)] || ' ' || (array['Board','Pan','Kettle','Apron','Jar','Whisk','Ladle','Mortar'])[1+shop.r(i,'n2',8)] || ' ' || i,
  (array['cookware','textiles','storage','utensils','tableware'])[1+shop.r(i,'c',5)], (array['Holm','Castagna','Birk','Own make'])[1+shop.r(i,'b',4)],
  8 + shop.r(i,'p',900)/10.0, 4 + shop.r(i,'p',900)/10.0*0.55, 60 + shop.r(i,'w',3800)::int, date '2021-03-01' + shop.r(i,'d',1700)::int,
  case when shop.r(i,'x',9)=0 then date '2026-01-10' + shop.r(i,'xd',120)::int end
from generate_series(1,120) i;
create table shop.orders (order_id int primary key, customer_id int not null references shop.customer, ordered_at timestamp not null, channel text not null, status text not null, shipped_on date, delivered_on date, voucher text, postage numeric(6,2) not null);
insert into shop.orders
select i, 1+shop.r(i,'c',385), t, (array['WEB','WEB','WEB','APP','TEL','CAT'])[1+shop.r(i,'h',6)],
  case when shop.r(i,'s',14)=0 then 'X' when t > '2026-06-08' then 'O' else 'D' end,
  case when shop.r(i,'s',14)=0 or t > '2026-06-08' then null else t::date + 1 + shop.r(i,'sh',5)::int end,
  case when shop.r(i,'s',14)=0 or t > '2026-06-08' then null else t::date + 1 + shop.r(i,'sh',5)::int + 1 + shop.r(i,'dl',7)::int end,
  (array[null,null,null,null,'SPRING10','WELCOME'])[1+shop.r(i,'v',6)], 3.90 + shop.r(i,'po',3)*2
from (select i, timestamp '2024-01-02 07:00' + (i*893/3600) * interval '1 day' + shop.r(i,'hr',14) * interval '1 hour' as t from generate_series(1,3600) i) x;
create table shop.order_line (line_id int primary key, order_id int not null references shop.orders, product_id int not null references shop.product, quantity int not null, unit_price numeric(8,2) not null);
insert into shop.order_line
select i, o, p.product_id, 1+shop.r(i,'q',4), round(p.list_price * (100 - shop.r(i,'d',4)*5)/100, 2)
from (select i, 1+(i-1)*3600/8000 as o, 1+shop.r(i,'pr',112) as pid from generate_series(1,8000) i) x join shop.product p on p.product_id = x.pid;
create table shop.returned (return_id int primary key, line_id int not null references shop.order_line, returned_on date not null, reason text not null, refund numeric(8,2) not null);
insert into shop.returned
select row_number() over (order by l.line_id), l.line_id, o.delivered_on + 3 + shop.r(l.line_id,'ro',20)::int, (array['BRK','SIZ','LAT','DIS'])[1+shop.r(l.line_id,'rr',4)], l.quantity * l.unit_price
from shop.order_line l join shop.orders o using (order_id) where o.delivered_on < '2026-05-20' and shop.r(l.line_id,'rt',11)=0;
create table shop.warehouse (warehouse_id int primary key, name text not null, country text not null references shop.country, floor_m2 int not null);
insert into shop.warehouse values (1,'Kolding','DK',4200),(2,'Linz','AT',3100),(3,'Modena','IT',1800);
create table shop.stock (stock_id int primary key, product_id int not null references shop.product, warehouse_id int not null references shop.warehouse, counted_on date not null, pieces int not null);
insert into shop.stock
select row_number() over (order by d, p, w), p, w, d::date, shop.r(p*1000+w*31+extract(epoch from d)::bigint/86400,'st',90)::int
from generate_series(1,120) p, generate_series(1,3) w, generate_series(timestamp '2025-01-31', timestamp '2026-05-31', interval '1 month') d;
create table shop.target (target_id int primary key, month date not null, category text not null, amount numeric(10,2) not null);
insert into shop.target
select row_number() over (order by m, c), m::date, c, 3000 + shop.r(extract(month from m)::bigint*7 + length(c),'tg',40)*100 from generate_series(timestamp '2025-01-01', timestamp '2026-12-01', interval '1 month') m, unnest(array['cookware','textiles','storage','utensils','tableware']) c;
create table shop.rating (rating_id int primary key, product_id int not null references shop.product, customer_id int not null references shop.customer, given_on date not null, stars int not null, remark text);
insert into shop.rating
select i, 1+shop.r(i,'rp',110), 1+shop.r(i,'rc',380), date '2024-03-01' + (i*830/900)::int, 1+greatest(shop.r(i,'r1',5), shop.r(i,'r2',5))::int,
  (array[null,'arrived broken','lovely colour','too small','handle is loose','would buy again'])[1+shop.r(i,'rm',6)]
from generate_series(1,900) i;
