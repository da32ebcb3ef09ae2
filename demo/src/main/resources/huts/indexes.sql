create index on hut.stay (arrival);
create index on hut.stay (hut_id);
create index on hut.stay (member_id);
create index on hut.charge (stay_id);
create index on hut.capacity (day);
create index on safety.callout (started_at);
create index on safety.inspection (bridge_id);
alter table member.member add foreign key (sponsor_id) references member.member;
analyze;
