-- How the kitchen buys a food, and what of it was there when somebody looked.
create table provision (
    food       text primary key,
    pack_grams integer     not null check (pack_grams >= 0),
    have_grams integer     not null check (have_grams >= 0),
    supplier   text        not null,
    counted_at timestamptz not null,
    counted_by text        not null
);

-- When guests come in, and where a dish stands.
alter table event add column doors text not null default '';
alter table event_dish add column station text not null default '', add column turn integer not null default 0;
alter table dish_course add column station text not null default '', add column turn integer not null default 0;
