-- Up Migration
-- Parts that are being made ready to go back, what they were cleaned with, and fluids that were drained and filled.

create table treated_part (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  step_id uuid,
  item text not null,
  materials jsonb not null,
  state text not null,
  at text,
  made_at timestamptz not null,
  changed_at timestamptz not null,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
select bind_to_shop('treated_part');
select link_rows('treated_part', 'job_id', 'job');
select link_rows('treated_part', 'step_id', 'step');
create trigger find_keep after insert or update or delete on treated_part for each row execute function find_keep('item', 'at');

create table cleaning (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  part_id uuid not null,
  cleaner text not null,
  litres double precision,
  rounds integer not null,
  note text,
  made_at timestamptz not null,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
select bind_to_shop('cleaning');
select link_rows('cleaning', 'job_id', 'job');
select link_rows('cleaning', 'part_id', 'treated_part');
create trigger find_keep after insert or update or delete on cleaning for each row execute function find_keep('note');

create table fluid (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  step_id uuid,
  fluid text not null,
  act text not null,
  ml double precision,
  grade text,
  note text,
  made_at timestamptz not null,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
select bind_to_shop('fluid');
select link_rows('fluid', 'job_id', 'job');
select link_rows('fluid', 'step_id', 'step');
create trigger find_keep after insert or update or delete on fluid for each row execute function find_keep('grade', 'note');
