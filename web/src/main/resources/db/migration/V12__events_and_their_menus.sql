-- Events, each with its guests and its menu. Without an event in force, the counter of every day is one.
create table event (
    id       bigint generated always as identity primary key,
    version  bigint  not null default 0,
    name     text    not null,
    day      date,
    service  text    not null default '',
    covers   integer not null default 0 check (covers between 0 and 100000),
    notes    text    not null default '',
    archived boolean not null default false,
    in_force boolean not null default false
);
create unique index event_in_force on event (in_force) where in_force;

create table event_dish (
    event_id bigint not null references event (id) on delete cascade,
    dish_id  bigint not null references dish (id) on delete cascade,
    course   text   not null,
    primary key (event_id, dish_id)
);

-- A group without an event stands at the counter.
alter table guest_group add column event_id bigint references event (id) on delete cascade;
create index guest_group_event on guest_group (event_id);
