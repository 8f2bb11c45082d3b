-- Up Migration
-- What is known of a strip step and comes back at its refit: which way round it stood, and what is checked before it is closed in. A
-- step may follow a usual job.

alter table step add usual text;
create table fact (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  step_id uuid not null,
  kind text not null,
  about text not null,
  says text,
  made_at timestamptz not null,
  said_at timestamptz,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
select bind_to_shop('fact');
select link_rows('fact', 'job_id', 'job');
select link_rows('fact', 'step_id', 'step');
create trigger find_keep after insert or update or delete on fact for each row execute function find_keep('about', 'says');
