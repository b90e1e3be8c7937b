-- What was written, read or decided. Everything else is derived from it and not stored.
create table dish (
    id         bigint generated always as identity primary key,
    version    bigint      not null,
    name       text        not null check (length(name) between 1 and 200),
    text       text        not null,
    position   integer     not null,
    changed_at timestamptz not null
);
create unique index dish_name on dish (lower(name));

create table pack (
    id          bigint generated always as identity primary key,
    version     bigint not null,
    food        text   not null unique,
    label       text   not null,
    bar_code    text   not null,
    law         text   not null,
    declaration text   not null,
    read_on     date
);

create table prep_turn (
    id       bigint generated always as identity primary key,
    position integer not null unique,
    dish_id  bigint  not null references dish (id) on delete cascade,
    clean    text    not null check (clean in ('NONE', 'WIPE', 'RINSE', 'WASH'))
);

create table setting (
    name  text primary key,
    value text not null
);
