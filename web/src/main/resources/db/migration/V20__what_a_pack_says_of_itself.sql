-- What a label on packed food says of the pack: what its day means, how much is in it, how it is made ready.
alter table printed_label
    add column mark    text not null default 'USE_BY' check (mark in ('USE_BY', 'BEST_BEFORE')),
    add column net     text not null default '',
    add column used_so text not null default '';
