-- What a weight of a food costs, in the kitchen's own money; both are set, or none.
alter table provision
    add column price_amount numeric(9, 2) check (price_amount >= 0),
    add column price_grams  integer not null default 0 check (price_grams >= 0),
    add constraint a_price_is_for_a_weight check ((price_amount is null) = (price_grams = 0));
