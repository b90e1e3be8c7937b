-- What is done of a run on its day: a task, by its place and words in the batch; or a wash, by the kit and the use it stands before.
create table prep_done (
    id      bigint generated always as identity primary key,
    served  date        not null,
    dish_id bigint      not null references dish (id) on delete cascade,
    kind    text        not null check (kind in ('task', 'wash')),
    what    text        not null,
    place   integer     not null check (place >= 0),
    done_at timestamptz not null,
    done_by text        not null default '',
    unique (served, dish_id, kind, what, place)
);
