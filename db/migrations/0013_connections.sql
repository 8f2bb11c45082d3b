-- Up Migration
-- Wires, hoses and cables that were parted, joints with the voltage lost at them, and pairings of like-coloured wires that were tried.

create table connection (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  step_id uuid,
  kind text not null,
  from_end text not null,
  to_end text not null,
  colour text,
  mark text,
  route text,
  drop_before double precision,
  drop_after double precision,
  made_at timestamptz not null,
  joined_at timestamptz,
  joined_to text,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
select bind_to_shop('connection');
select link_rows('connection', 'job_id', 'job');
select link_rows('connection', 'step_id', 'step');
create trigger find_keep after insert or update or delete on connection
  for each row execute function find_keep('from_end', 'to_end', 'colour', 'mark', 'route');

create table wire_try (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  pairing text not null,
  says text not null,
  result text not null,
  made_at timestamptz not null,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
select bind_to_shop('wire_try');
select link_rows('wire_try', 'job_id', 'job');
create trigger find_keep after insert or update or delete on wire_try for each row execute function find_keep('says');
