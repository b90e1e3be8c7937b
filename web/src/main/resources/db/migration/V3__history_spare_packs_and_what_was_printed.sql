-- What a label was made from can be read later: every text a dish had, every declaration a pack had.
create table dish_version (
    id       bigint generated always as identity primary key,
    dish_id  bigint      not null references dish (id) on delete cascade,
    number   integer     not null,
    name     text        not null,
    text     text        not null,
    saved_at timestamptz not null,
    saved_by text        not null default '',
    how      text        not null,
    unique (dish_id, number)
);
insert into dish_version (dish_id, number, name, text, saved_at, how)
select id, 1, name, text, changed_at, 'as it stood when versions began' from dish;

-- A dish taken off the menu is kept, and may lend its name to another.
alter table dish add column off_menu_at timestamptz;
drop index dish_name;
create unique index dish_name on dish (lower(name)) where off_menu_at is null;

create table pack_version (
    id          bigint generated always as identity primary key,
    pack_id     bigint      not null references pack (id) on delete cascade,
    number      integer     not null,
    label       text        not null,
    food        text        not null,
    law         text        not null,
    declaration text        not null,
    read_on     date,
    saved_at    timestamptz not null,
    saved_by    text        not null default '',
    unique (pack_id, number)
);
insert into pack_version (pack_id, number, label, food, law, declaration, read_on, saved_at)
select id, 1, label, food, law, declaration, read_on, now() from pack;

-- One pack of a food is the usual one; others stand by, and may stand in for a day.
alter table pack drop constraint pack_food_key;
alter table pack add column spare boolean not null default false;
alter table pack add column stands_in_on date;
create unique index pack_usual on pack (food) where not spare;

-- A line of a recipe that uses a pack of its own, whatever its words are read as.
create table line_pack (
    id      bigint generated always as identity primary key,
    dish_id bigint not null references dish (id) on delete cascade,
    line    text   not null,
    pack_id bigint not null references pack (id) on delete cascade,
    unique (dish_id, line)
);

-- What the kitchen weighed itself: g of one, or g per ml.
create table own_weight (
    id         bigint generated always as identity primary key,
    food       text        not null,
    noun       text        not null,
    figures    text        not null,
    note       text        not null,
    changed_at timestamptz not null,
    changed_by text        not null default '',
    unique (food, noun)
);

-- The people to be fed, in groups.
create table guest_group (
    id       bigint generated always as identity primary key,
    version  bigint  not null,
    name     text    not null,
    people   integer not null check (people between 1 and 100000),
    avoids   text    not null
);

-- A label as it was printed: what it said stays, whatever changes behind it.
create table printed_label (
    id         bigint generated always as identity primary key,
    dish_id    bigint      not null references dish (id) on delete cascade,
    kind       text        not null,
    printed_at timestamptz not null,
    statement  text        not null
);
create index printed_label_dish on printed_label (dish_id, printed_at);
