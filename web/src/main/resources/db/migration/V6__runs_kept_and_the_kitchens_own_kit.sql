-- Runs are kept: a change makes a new one and remembers which it was made from, so that it can be taken back.
create table prep_run (
    id        bigint generated always as identity primary key,
    before_id bigint      references prep_run (id),
    how       text        not null,
    made_at   timestamptz not null,
    made_by   text        not null default '',
    in_force  boolean     not null
);
create unique index prep_run_in_force on prep_run (in_force) where in_force;

insert into prep_run (how, made_at, in_force) select 'as it stood when runs began to be kept', now(), true where exists (select from prep_turn);
alter table prep_turn drop constraint prep_turn_position_key;
alter table prep_turn
    add column run_id   bigint references prep_run (id) on delete cascade,
    add column portions integer not null default 0 check (portions between 0 and 100000),
    add column locked   boolean not null default false;
update prep_turn set run_id = (select id from prep_run);
alter table prep_turn alter column run_id set not null;
create unique index prep_turn_place on prep_turn (run_id, position);

-- What is done before each use of a kit, and the piece that is taken.
alter table prep_clean drop constraint prep_clean_dish_id_kit_key;
alter table prep_clean
    add column turn_id bigint references prep_turn (id) on delete cascade,
    add column use_no  integer not null default 0 check (use_no >= 0);
update prep_clean c set turn_id = (select min(t.id) from prep_turn t where t.dish_id = c.dish_id);
delete from prep_clean where turn_id is null;
alter table prep_clean alter column turn_id set not null;
alter table prep_clean drop column dish_id;
create unique index prep_clean_use on prep_clean (turn_id, kit, use_no);
create table prep_piece (
    id      bigint generated always as identity primary key,
    turn_id bigint not null references prep_turn (id) on delete cascade,
    kit     text   not null,
    piece   text   not null,
    unique (turn_id, kit)
);

-- What was laid on the day before, by the day all is served.
create table prep_laid (
    id      bigint generated always as identity primary key,
    served  date        not null,
    what    text        not null,
    laid_at timestamptz not null,
    laid_by text        not null default '',
    unique (served, what)
);

-- The kitchen's own pieces of kit and its own figures for what stays on kit and what cleans do; every change of either with who, when and why.
create table kit_piece (
    id        bigint generated always as identity primary key,
    kit       text    not null,
    name      text    not null check (length(name) between 1 and 60),
    kept_from text    not null default '',
    retired   boolean not null default false
);
create unique index kit_piece_name on kit_piece (lower(name)) where not retired;
create table kit_figure (
    what   text primary key,
    figure text not null
);
create table kit_change (
    id         bigint generated always as identity primary key,
    what       text        not null,
    was        text        not null,
    now        text        not null,
    why        text        not null default '',
    changed_at timestamptz not null,
    changed_by text        not null default ''
);
