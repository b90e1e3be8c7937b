-- Where a step allows either of two kits, the order takes one; empty where nobody has chosen.
alter table prep_turn add column way text not null default '';
