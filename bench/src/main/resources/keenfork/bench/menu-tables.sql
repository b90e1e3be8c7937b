create table substance (id int primary key, parent int references substance);
create table member (book int, grp int, substance int references substance, primary key (book, grp, substance));
create table exempt (book int, substance int references substance, primary key (book, substance));
-- what the law that the packs were printed under makes a maker name
create table named (substance int primary key references substance);
-- certainty: 0 contains, 1 may contain, 3 not known; until_read: a read pack stands for it
create table food_holds (food int, substance int references substance, certainty int, until_read int);
create table pack_says (pack int, substance int references substance, certainty int, vague int);
create table line (id int primary key, dish int, uses int, pack int);
-- a food with is_read 1 where a pack is read, or a substance: is_read 0 not known, 2 certain
create table line_names (line int references line, food int, substance int, is_read int);
create index on food_holds (food);
create index on pack_says (pack);
create index on line (dish);
create index on line (uses);
create index on line_names (line);
