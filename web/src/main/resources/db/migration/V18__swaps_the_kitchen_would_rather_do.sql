-- Swaps that the kitchen would rather do than others: cooks differ, and where the rest is alike theirs goes first.
create table swap_liked (
    swap       text        primary key,
    changed_at timestamptz not null,
    changed_by text        not null default ''
);
