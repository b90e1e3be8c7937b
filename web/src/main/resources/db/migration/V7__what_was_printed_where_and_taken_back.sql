-- A printed label keeps what it says apart by how surely, how many copies went where, and how many were taken back.
alter table printed_label
    add column says        text    not null default '',
    add column fingerprint text    not null default '',
    add column copies      integer not null default 1 check (copies between 1 and 10000),
    add column taken_back  integer not null default 0 check (taken_back >= 0),
    add column place       text    not null default '',
    add column printed_by  text    not null default '',
    add column why         text    not null default '',
    add column keep_by     date,
    add constraint printed_label_back check (taken_back <= copies);
