-- The course a dish belongs to at the table. A dish without a row is of the one course there is.
create table dish_course (
    dish_id bigint primary key references dish (id) on delete cascade,
    course  text   not null
);
