-- A dish made from another one for people who avoid something. A change of the original asks about it.
create table variant (
    dish_id         bigint      primary key references dish (id) on delete cascade,
    original_id     bigint      not null references dish (id) on delete cascade,
    original_number integer     not null,
    avoids          text        not null,
    made_at         timestamptz not null,
    made_by         text        not null default ''
);
create index variant_original on variant (original_id);

-- Portions of a dish that go out without something: a part held back, or taken off before it goes in.
create table set_aside (
    id      bigint generated always as identity primary key,
    dish_id bigint      not null references dish (id) on delete cascade,
    kind    text        not null check (kind in ('hold-back', 'take-off')),
    avoids  text        not null,
    people  integer     not null check (people between 0 and 100000),
    made_at timestamptz not null,
    made_by text        not null default ''
);
create index set_aside_dish on set_aside (dish_id);

-- The kitchen's own swaps, and swaps of the shipped table that it does not use.
create table own_swap (
    id          bigint generated always as identity primary key,
    replaces    text        not null,
    role        text        not null,
    goes_in     text        not null,
    preparation text        not null,
    lead        text        not null,
    closeness   text        not null,
    changed_at  timestamptz not null,
    changed_by  text        not null default ''
);
create table swap_off (
    swap       text        primary key,
    changed_at timestamptz not null,
    changed_by text        not null default ''
);
