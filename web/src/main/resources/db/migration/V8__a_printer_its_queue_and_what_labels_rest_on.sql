-- Labels go to a printer that can run out of paper or be off: what was asked, and how much of it came out.
create table print_job (
    id        bigint generated always as identity primary key,
    version   bigint      not null default 0,
    title     text        not null,
    kind      text        not null,
    sheet     text        not null,
    pages     integer     not null check (pages >= 0),
    done      integer     not null default 0 check (done >= 0 and done <= pages),
    state     text        not null check (state in ('waiting', 'sending', 'unsure', 'held', 'done', 'thrown away')),
    note      text        not null default '',
    asked_at  timestamptz not null,
    asked_by  text        not null
);

alter table printed_label
    drop constraint printed_label_copies_check,
    add constraint printed_label_copies_check check (copies between 0 and 10000),
    alter column dish_id drop not null,
    add column guests   bigint  not null default 0,
    add column asked    integer not null default 1 check (asked between 1 and 10000),
    add column job_id   bigint references print_job (id) on delete set null,
    add column batch    text    not null default '',
    add column made     date;
update printed_label set asked = greatest(copies, 1);
create index printed_label_job on printed_label (job_id);

create table label_printer (
    id          smallint primary key check (id = 1),
    is_on       boolean not null,
    paper       integer not null check (paper >= 0),
    drops_next  boolean not null
);

-- The kitchen's own keeping times, each change a row: null days mean the shipped time again.
create table keep_time (
    id      bigint generated always as identity primary key,
    what    text        not null,
    days    integer check (days between 1 and 60),
    why     text        not null,
    set_by  text        not null,
    set_at  timestamptz not null
);

-- What a laboratory found in a dish, and what the dish said when it was tested.
create table gluten_report (
    id         bigint generated always as identity primary key,
    dish_id    bigint        not null references dish (id) on delete cascade,
    mg_per_kg  numeric(8, 2) not null check (mg_per_kg >= 0),
    tested_on  date          not null,
    reference  text          not null,
    said       text          not null,
    filed_by   text          not null,
    filed_at   timestamptz   not null
);
