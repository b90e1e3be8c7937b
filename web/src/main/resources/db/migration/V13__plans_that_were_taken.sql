-- What a plan over the whole menu did, so that one press takes it back. A plan without an event is of the counter.
create table taken_plan (
    id       bigint      generated always as identity primary key,
    event_id bigint      references event (id) on delete cascade,
    taken_at timestamptz not null,
    taken_by text        not null default ''
);

create table taken_change (
    id      bigint  generated always as identity primary key,
    plan_id bigint  not null references taken_plan (id) on delete cascade,
    words   text    not null,
    how     text    not null,
    dish_id bigint  not null references dish (id) on delete cascade,
    was     integer not null,
    asides  bigint[] not null,
    lines   text[]  not null
);
create index taken_change_plan on taken_change (plan_id);
