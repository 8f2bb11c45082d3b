-- Up Migration
-- Entries that are one act; what refers to what is held by the database too, and looked up by an index; how a table is bound to its
-- workshop stands in one place.

-- Entries of one act: applied together, shown as one line, taken back with one press.
alter table journal add group_id uuid;

/* Binds a table to the session's workshop and gives the application its rights on it. Every new table with a shop_id calls this. */
create function bind_to_shop(t text) returns void language plpgsql as $$
begin
  execute format('alter table %I enable row level security', t);
  execute format('alter table %I force row level security', t);
  execute format('drop policy if exists one_shop on %I', t);
  execute format('create policy one_shop on %I using (shop_id = current_shop()) with check (shop_id = current_shop())', t);
  execute format('grant select, insert, update, delete on %I to ivrek_app', t);
end $$;

/*
 * Rows of `t` that name a row of `parent` in `col` can only name one that is there, at the end of a transaction; and they are found by it.
 * A row of an earlier version that names nothing does not keep anything from starting: the link then holds for new rows only.
 */
create function link_rows(t text, col text, parent text) returns void language plpgsql as $$
declare
  name text := format('%s_%s_there', t, col);
begin
  if not exists (
    select from pg_index x join pg_attribute a on a.attrelid = x.indrelid and a.attnum = x.indkey[1]
    where x.indrelid = t::regclass and a.attname = col
  ) then
    execute format('create index %I on %I (shop_id, %I)', format('%s_by_%s', t, col), t, col);
  end if;
  execute format(
    'alter table %I add constraint %I foreign key (shop_id, %I) references %I (shop_id, id) deferrable initially deferred not valid',
    t, name, col, parent);
  begin
    execute format('alter table %I validate constraint %I', t, name);
  exception when foreign_key_violation then
    raise notice '% keeps rows of an earlier version that name no %', t, parent;
  end;
end $$;

do $$
declare
  t text;
  col text;
  parent text;
begin
  for t, col, parent in select * from (values
    ('bike', 'owner_id', 'owner'),
    ('spec', 'bike_id', 'bike'),
    ('job', 'bike_id', 'bike'),
    ('complaint', 'job_id', 'job'),
    ('complaint', 'linked_to', 'complaint'),
    ('prediction', 'job_id', 'job'),
    ('reading', 'job_id', 'job'),
    ('evidence', 'job_id', 'job'),
    ('evidence', 'reading_id', 'reading'),
    ('evidence', 'prediction_id', 'prediction'),
    ('evidence', 'after_repair_id', 'repair'),
    ('cause', 'job_id', 'job'),
    ('cause', 'complaint_id', 'complaint'),
    ('repair', 'job_id', 'job'),
    ('repair', 'cause_id', 'cause'),
    ('repair', 'after_repair_id', 'repair'),
    ('retest', 'job_id', 'job'),
    ('retest', 'complaint_id', 'complaint'),
    ('retest', 'repair_id', 'repair'),
    ('retest', 'new_complaint_id', 'complaint'),
    ('step', 'job_id', 'job'),
    ('fastener', 'job_id', 'job'),
    ('fastener', 'step_id', 'step'),
    ('finding', 'job_id', 'job'),
    ('finding', 'step_id', 'step'),
    ('finding', 'reading_id', 'reading'),
    ('part', 'job_id', 'job'),
    ('torque', 'job_id', 'job'),
    ('torque_stage', 'job_id', 'job'),
    ('torque_stage', 'torque_id', 'torque'),
    ('signature', 'job_id', 'job'),
    ('checkmark', 'job_id', 'job'),
    ('wait', 'job_id', 'job'),
    ('provisional', 'job_id', 'job'),
    ('overrule', 'job_id', 'job'),
    ('start_attempt', 'job_id', 'job'),
    ('start_attempt', 'after_repair_id', 'repair'),
    ('watch', 'job_id', 'job'),
    ('consent', 'job_id', 'job'),
    ('hazard_ack', 'job_id', 'job'),
    ('photo', 'job_id', 'job'),
    ('pin', 'job_id', 'job'),
    ('pin', 'photo_id', 'photo'),
    ('erratum', 'bike_id', 'bike')
  ) as v (t, col, parent) loop
    perform link_rows(t, col, parent);
  end loop;
end $$;

-- What the way in has always seen to: never more back than came off, and pins on their photo.
alter table fastener add constraint no_more_than_came_off check (refitted between 0 and count) not valid;
alter table pin add constraint on_the_photo check (x between 0 and 1 and y between 0 and 1) not valid;
