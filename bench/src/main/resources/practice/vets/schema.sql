-- Marten Lane: invented animal clinics with invented data, the same on every run.
create schema vets;
create function vets.r(i bigint, salt text, n bigint) returns bigint language sql immutable as
  $$ select ('x' || substr(md5(i::text || salt), 1, 8))::bit(32)::bigint % n $$;
create table vets.clinic (clinic_id int primary key, name text not null, town text not null, opened date not null, rooms int not null, night_service boolean not null);
insert into vets.clinic values (1,'Marten Lane','Aldford','1998-03-02',7,true),(2,'Canal Gate','Aldford','2011-09-19',4,false),(3,'Heron Hill','Bexley Moor','2006-05-08',5,true),(4,'Old Tannery','Cray','2019-11-04',3,false);
create table vets.vet (vet_id int primary key, name text not null, clinic_id int not null references vets.clinic, speciality text not null, hired date not null, left_on date);
insert into vets.vet
select i, (array['Ada','Bram','Cleo','Dirk','Enid','Floris','Gwen','Hal','Ivy','Jory','Kit','Lena'])[i] || ' ' || (array['Marsh','Oakes','Pell','Quist','Rowe','Stark','Tarn','Ural','Vane','Wick','York','Zell'])[1+vets.r(i,'vl',12)], 1+(i-1)%4,
  (array['general','surgery','dental','general','skin'])[1+vets.r(i,'sp',5)], date '2012-01-09' + vets.r(i,'h',4700)::int, case when i in (4,9) then date '2025-10-31' end
from generate_series(1,12) i;
create table vets.owner (owner_id int primary key, name text not null, town text not null, registered date not null, born date not null, care_plan boolean not null, email text);
insert into vets.owner
select i, (array['Amy','Ben','Cora','Dan','Esme','Finn','Gail','Hugh','Iris','Jack'])[1+vets.r(i,'of',10)] || ' ' || (array['Ash','Brook','Cole','Dale','East','Frost','Green','Hale'])[1+vets.r(i,'ol',8)] || ' ' || i,
  (array['Aldford','Aldford','Bexley Moor','Cray','Dunmere'])[1+vets.r(i,'ot',5)], date '2019-02-01' + vets.r(i,'re',2750)::int, date '1944-01-01' + vets.r(i,'bo',22000)::int, vets.r(i,'cp',3)=0,
  case when vets.r(i,'em',6)=0 then null else 'owner' || i || '@example.org' end
from generate_series(1,500) i;
create table vets.animal (animal_id int primary key, name text not null, owner_id int not null references vets.owner, species text not null, breed text, born date not null, sex text not null, weight_kg numeric(6,1) not null, died_on date);
insert into vets.animal
select i, (array['Biscuit','Clover','Domino','Ember','Fig','Ginger','Hazel','Inky','Jasper','Koko','Luna','Milo','Nutmeg','Otis','Pixel'])[1+vets.r(i,'an',15)], 1+vets.r(i,'ao',480),
  (array['D','D','D','C','C','R','B'])[1+vets.r(i,'as',7)],
  case (array['D','D','D','C','C','R','B'])[1+vets.r(i,'as',7)] when 'D' then (array['collie','terrier','hound','spaniel'])[1+vets.r(i,'br',4)] when 'C' then (array['shorthair','longhair'])[1+vets.r(i,'br',2)] end,
  date '2010-06-01' + vets.r(i,'ab',5600)::int, (array['F','M'])[1+vets.r(i,'ax',2)], 0.3 + vets.r(i,'aw',420)/10.0, case when vets.r(i,'ad',14)=0 then date '2025-11-01' + vets.r(i,'dd',300)::int end
from generate_series(1,700) i;
create table vets.appointment (appointment_id int primary key, animal_id int not null references vets.animal, vet_id int not null references vets.vet, clinic_id int not null references vets.clinic, booked_on date not null, starts_at timestamp not null, minutes int not null, kind text not null, status text not null, waited int);
insert into vets.appointment
select i, 1+vets.r(i,'pa',690), v, 1+(v-1)%4, t::date - vets.r(i,'pb',21)::int, t, (array[15,15,20,30,45,60])[1+vets.r(i,'pm',6)], (array['CHK','CHK','VAC','OPR','EMG','DEN'])[1+vets.r(i,'pk',6)],
  case when t > '2026-09-20' then 'B' else (array['K','K','K','K','K','K','N','X'])[1+vets.r(i,'ps',8)] end,
  case when t > '2026-09-20' or vets.r(i,'ps',8) > 5 then null else vets.r(i,'pw',48)::int end
from (select i, 1+vets.r(i,'pv',12) v, timestamp '2024-01-03 08:00' + (i*1005/5200) * interval '1 day' + vets.r(i,'ph',20) * interval '30 minutes' as t from generate_series(1,5200) i) x;
create table vets.treatment (treatment_id int primary key, appointment_id int not null references vets.appointment, what text not null, category text not null, cost numeric(8,2) not null, price numeric(8,2) not null);
insert into vets.treatment
select row_number() over (order by a.appointment_id, k), a.appointment_id, (array['blood test','x-ray','stitches','scale and polish','claw trim','ultrasound','tooth removal','ear flush'])[1+vets.r(a.appointment_id*3+k,'tw',8)],
  (array['tests','tests','surgery','dental','care','tests','dental','care'])[1+vets.r(a.appointment_id*3+k,'tw',8)], 4+vets.r(a.appointment_id*3+k,'tc',600)/10.0, 12+vets.r(a.appointment_id*3+k,'tp',1600)/10.0
from vets.appointment a, generate_series(1,2) k where a.status = 'K' and vets.r(a.appointment_id*3+k,'tk',3) > 0;
create table vets.medicine (medicine_id int primary key, name text not null, maker text not null, kind text not null, pack_price numeric(8,2) not null, needs_fridge boolean not null);
insert into vets.medicine
select i, (array['Calmol','Dermavet','Earex','Felipen','Gastrol','Harnol','Itchaway','Jointease','Kennelin','Larvex'])[i], (array['Norvet','Lakepharm','Norvet','Pastel Labs'])[1+(i-1)%4], (array['painkiller','ointment','drops','antibiotic'])[1+(i-1)%4], 5+i*2.5, i%3=0 from generate_series(1,10) i;
create table vets.prescription (prescription_id int primary key, appointment_id int not null references vets.appointment, medicine_id int not null references vets.medicine, packs int not null);
insert into vets.prescription
select row_number() over (order by appointment_id), appointment_id, 1+vets.r(appointment_id,'me',9), 1+vets.r(appointment_id,'mp',4) from vets.appointment where status = 'K' and vets.r(appointment_id,'mm',3)=0;
create table vets.invoice (invoice_id int primary key, appointment_id int not null references vets.appointment, issued_on date not null, due_on date not null, paid_on date, amount numeric(8,2) not null);
insert into vets.invoice
select row_number() over (order by a.appointment_id), a.appointment_id, a.starts_at::date + vets.r(a.appointment_id,'ii',4)::int, a.starts_at::date + 30, case when a.starts_at > '2026-08-25' or vets.r(a.appointment_id,'ip',12)=0 then null else a.starts_at::date + 5 + vets.r(a.appointment_id,'id',45)::int end, 28 + coalesce(sum(t.price),0)
from vets.appointment a left join vets.treatment t using (appointment_id) where a.status = 'K' group by a.appointment_id, a.starts_at;
create table vets.vaccination (vaccination_id int primary key, animal_id int not null references vets.animal, vaccine text not null, given_on date not null, valid_until date not null);
insert into vets.vaccination
select row_number() over (order by appointment_id), animal_id, (array['rabies','distemper','cat flu','kennel cough'])[1+vets.r(appointment_id,'vv',4)], starts_at::date, starts_at::date + 365 from vets.appointment where status = 'K' and kind = 'VAC';
