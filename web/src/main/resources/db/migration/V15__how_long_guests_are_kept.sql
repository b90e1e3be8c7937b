-- What guests avoid says something of their health: it is kept no longer than the kitchen says.
alter table event add column guests_until date;
