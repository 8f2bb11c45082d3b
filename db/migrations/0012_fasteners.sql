-- Up Migration
-- What is wrong with a fastener, with how many of its kind, and what was tried on it.

alter table fastener add state text;
alter table fastener add affected integer not null default 0 check (affected >= 0);
create table fastener_attempt (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  fastener_id uuid not null,
  way text not null,
  result text not null,
  note text,
  made_at timestamptz not null,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
select bind_to_shop('fastener_attempt');
select link_rows('fastener_attempt', 'job_id', 'job');
select link_rows('fastener_attempt', 'fastener_id', 'fastener');
create trigger find_keep after insert or update or delete on fastener_attempt for each row execute function find_keep('note');
