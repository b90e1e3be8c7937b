-- Every dish under every rule book: the strongest certainty of each group, through dishes that use dishes and
-- substances under substances.
with recursive
uses(root, dish) as (
  select distinct dish, dish from line
  union
  select u.root, l.uses from uses u join line l on l.dish = u.dish where l.uses is not null
),
up(substance, above) as (
  select id, id from substance
  union
  select u.substance, s.parent from up u join substance s on s.id = u.above where s.parent is not null
),
-- where a substance stands in a book: under a listed member, or above listed members
place as (
  select p.book, p.grp, p.substance, bool_or(p.under) as under, count(distinct p.member) as listed,
    bool_or(n.substance is null) as reachable
  from (
    select m.book, m.grp, u.substance, m.substance as member, true as under, u.substance as reach from up u
      join member m on m.substance = u.above
    union
    select m.book, m.grp, u.above, m.substance, false, m.substance from up u join member m on m.substance = u.substance
     where not exists (select from up x join member y on y.substance = x.above and y.book = m.book
       and y.grp = m.grp where x.substance = u.above)
  ) p left join named n on n.substance = p.reach
  where not exists (select from up x join exempt e on e.substance = x.above and e.book = p.book
    where x.substance = p.substance)
  group by p.book, p.grp, p.substance
),
evidence as (
  select l.dish, h.substance, h.certainty, 0 as vague
    from line l join line_names w on w.line = l.id join food_holds h on h.food = w.food where not (w.is_read = 1
      and h.until_read = 1)
  union
  select l.dish, w.substance, case w.is_read when 2 then 0 else 3 end, 0 from line l
    join line_names w on w.line = l.id where w.substance is not null
  union
  select l.dish, p.substance, p.certainty, p.vague from line l join pack_says p on p.pack = l.pack
)
select u.root, p.book, p.grp, min(case when e.certainty = 0 and not p.under
  and p.listed = 1 then 3 else e.certainty end)
from uses u join evidence e on e.dish = u.dish join place p on p.substance = e.substance
where e.vague = 0 or p.reachable
group by u.root, p.book, p.grp
