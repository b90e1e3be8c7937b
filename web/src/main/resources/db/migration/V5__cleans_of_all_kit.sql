-- What is done to each kit before a batch, not to the blender alone.
create table prep_clean (
    id      bigint generated always as identity primary key,
    dish_id bigint not null references dish (id) on delete cascade,
    kit     text   not null,
    clean   text   not null,
    unique (dish_id, kit)
);
insert into prep_clean (dish_id, kit, clean)
select distinct on (dish_id) dish_id, 'blender', clean from prep_turn where clean <> 'NONE' order by dish_id, position;
alter table prep_turn drop column clean;
