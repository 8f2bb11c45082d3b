-- Up Migration
-- What is so on a bike beside its fields; a person's word that something may be done all the same; tries to start it.

alter table bike add traits jsonb;

create table overrule (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  act text not null,
  reason text not null,
  codes jsonb not null,
  said_by text not null,
  made_at timestamptz not null,
  ended_at timestamptz,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index overrule_by_job on overrule (shop_id, job_id);

create table start_attempt (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  choke text,
  throttle text,
  kicks integer,
  seconds double precision,
  volts double precision,
  did text not null,
  after_repair_id uuid,
  made_at timestamptz not null,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index start_attempt_by_job on start_attempt (shop_id, job_id);

do $$
declare
  t text;
begin
  foreach t in array array['overrule', 'start_attempt'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy one_shop on %I using (shop_id = current_shop()) with check (shop_id = current_shop())', t);
    execute format('grant select, insert, update, delete on %I to ivrek_app', t);
  end loop;
end $$;

create trigger find_keep after insert or update or delete on overrule for each row execute function find_keep('act', 'reason');
create trigger find_keep after insert or update or delete on start_attempt for each row execute function find_keep('did');
