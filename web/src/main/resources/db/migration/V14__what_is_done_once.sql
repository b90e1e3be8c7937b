-- Acts that must happen once, by the key of the page they were pressed on: a button that is pressed twice prints once.
create table done_once (
    act  text        primary key,
    done timestamptz not null
);
create index done_once_done on done_once (done);
