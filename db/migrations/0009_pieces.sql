-- Up Migration
-- Pieces that broke off, dropped or are missing: nothing is closed, turned or started until each is found or proved not to be inside.

create table piece (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  step_id uuid,
  name text not null,
  went text not null,
  note text,
  outcome text,
  proof text,
  settled_by text,
  made_at timestamptz not null,
  settled_at timestamptz,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id),
  constraint settled_whole check ((outcome is null) = (proof is null) and (outcome is null) = (settled_by is null) and (outcome is null) = (settled_at is null))
);
select bind_to_shop('piece');
select link_rows('piece', 'job_id', 'job');
select link_rows('piece', 'step_id', 'step');
create trigger find_keep after insert or update or delete on piece for each row execute function find_keep('name', 'note', 'proof');
