-- Up Migration
-- The colour of a bike, so that two of a kind in one yard are told apart; it is found by it.

alter table bike add colour text;

drop trigger find_keep on bike;
create trigger find_keep after insert or update or delete on bike
  for each row execute function find_keep('name', 'year', 'frame_no', 'engine_no', 'colour');
