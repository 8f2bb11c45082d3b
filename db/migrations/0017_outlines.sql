-- Up Migration
-- The outline of a cover and its holes, each with the kind of screw that goes into it.

create table outline (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  step_id uuid not null,
  shape text not null,
  corners jsonb not null,
  made_at timestamptz not null,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
select bind_to_shop('outline');
select link_rows('outline', 'job_id', 'job');
select link_rows('outline', 'step_id', 'step');

create table hole (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  outline_id uuid not null,
  x double precision not null,
  y double precision not null,
  fastener_id uuid,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
select bind_to_shop('hole');
select link_rows('hole', 'job_id', 'job');
select link_rows('hole', 'outline_id', 'outline');
select link_rows('hole', 'fastener_id', 'fastener');
