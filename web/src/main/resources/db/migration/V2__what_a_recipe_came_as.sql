-- A recipe that came as JSON-LD keeps the object it came as, so that what the text cannot hold is written out again.
alter table dish add column original text not null default '';
