-- Up Migration
-- Every table of the workshop. shop_id leads every key, and row-level security lets a session see one shop only.
-- "versions" counts, for each field, how often it was set: {"name": 2}. A field that was never set again has no entry.

create table shop (
  id uuid primary key,
  name text not null,
  rate numeric not null default 35.00,
  currency text not null default '¤',
  demo boolean not null default false,
  seq bigint not null default 0
);

-- Personal data stand here and nowhere else; rows and the journal only carry the id, so they can be erased.
create table personal (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  name text,
  phone text,
  email text,
  primary key (shop_id, id)
);

create table session (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  token_hash bytea not null,
  person_id uuid,
  made_at timestamptz not null default now(),
  primary key (shop_id, id)
);

create table journal (
  shop_id uuid not null references shop (id) on delete cascade,
  seq bigint not null,
  id uuid not null,
  schema_version integer not null,
  type text not null,
  entity_kind text not null,
  entity_id uuid not null,
  job_id uuid,
  bike_id uuid,
  made_at timestamptz not null,
  after bigint,
  base jsonb not null,
  payload jsonb not null,
  changes jsonb not null,
  actor_id uuid,
  device_id uuid,
  received_at timestamptz not null default clock_timestamp(),
  primary key (shop_id, seq),
  unique (shop_id, id)
);
create index journal_by_job on journal (shop_id, job_id, seq);
create index journal_by_bike on journal (shop_id, bike_id, seq);

create table person (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  name text not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);

create table owner (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  personal_id uuid,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);

create table bike (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  owner_id uuid,
  name text not null,
  year integer,
  frame_no text,
  engine_no text,
  mileage_km integer,
  strokes text,
  cylinders integer,
  cooling text,
  ignition text,
  fuelling text,
  decompressor text,
  voltage integer,
  starting text,
  clutch text,
  bore_mm double precision,
  stroke_mm double precision,
  compression_ratio double precision,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);

create table spec (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  bike_id uuid not null,
  quantity text not null,
  low double precision,
  high double precision,
  unit text not null,
  entered text not null,
  source text not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index spec_by_bike on spec (shop_id, bike_id);

create table job (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  bike_id uuid not null,
  opened_at timestamptz not null,
  standing_months integer,
  storage text,
  fuel_left text,
  crash text,
  ran_when_parked text,
  last_touched jsonb,
  last_touched_by text,
  last_touched_when text,
  notes text,
  school text not null,
  rate numeric not null,
  handed_over_at timestamptz,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index job_by_bike on job (shop_id, bike_id);

create table complaint (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  words text not null,
  symptoms jsonb not null,
  state text not null,
  explained boolean not null,
  linked_to uuid,
  after_repair_id uuid,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index complaint_by_job on complaint (shop_id, job_id);

create table prediction (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  test_id text not null,
  position text,
  words text not null,
  expected text,
  made_at timestamptz not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index prediction_by_job on prediction (shop_id, job_id);

create table reading (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  bike_id uuid not null,
  quantity text not null,
  position text,
  value jsonb not null,
  unit text not null,
  entered text not null,
  instrument text,
  conditions jsonb not null,
  taken_at timestamptz not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index reading_by_job on reading (shop_id, job_id);
create index reading_by_bike on reading (shop_id, bike_id, quantity);

create table evidence (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  test_id text not null,
  position text,
  outcome text not null,
  reading_id uuid,
  prediction_id uuid,
  held text,
  conditions jsonb not null,
  note text,
  taken_at timestamptz not null,
  after_repair_id uuid,
  knowledge_hash text not null,
  shown jsonb,
  withdrawn text,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index evidence_by_job on evidence (shop_id, job_id);

create table cause (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  complaint_id uuid not null,
  fault_id text,
  position text,
  words text not null,
  made_at timestamptz not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index cause_by_job on cause (shop_id, job_id);

create table repair (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  cause_id uuid,
  fault_id text,
  position text,
  words text not null,
  minutes integer not null,
  cost numeric not null,
  after_repair_id uuid,
  made_at timestamptz not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index repair_by_job on repair (shop_id, job_id);

create table retest (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  complaint_id uuid not null,
  repair_id uuid not null,
  result text not null,
  conditions jsonb not null,
  note text,
  new_complaint_id uuid,
  taken_at timestamptz not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index retest_by_job on retest (shop_id, job_id);

create table step (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  title text not null,
  access text,
  bag text,
  note text,
  made_at timestamptz not null,
  refitted_at timestamptz,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index step_by_job on step (shop_id, job_id);

create table fastener (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  step_id uuid not null,
  size text not null,
  count integer not null,
  place text,
  refitted integer not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index fastener_by_job on fastener (shop_id, job_id);

create table finding (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  step_id uuid,
  item text not null,
  position text,
  seen text not null,
  reading_id uuid,
  verdict text not null,
  fault_id text,
  after_repair_id uuid,
  taken_at timestamptz not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index finding_by_job on finding (shop_id, job_id);

create table part (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  finding_id uuid,
  name text not null,
  number text,
  source text,
  quantity integer not null,
  price numeric not null,
  status text not null,
  due_on date,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index part_by_job on part (shop_id, job_id);

create table torque (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  name text not null,
  thread text,
  count integer not null,
  figure_nm double precision not null,
  unit text not null,
  entered text not null,
  source text not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index torque_by_job on torque (shop_id, job_id);

create table torque_stage (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  torque_id uuid not null,
  n integer not null,
  kind text not null,
  value double precision not null,
  done_at timestamptz,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index torque_stage_by_job on torque_stage (shop_id, job_id);

create table signature (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  kind text not null,
  subject_id uuid not null,
  signed_by text not null,
  signed_at timestamptz not null,
  supersedes uuid,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index signature_by_job on signature (shop_id, job_id);

create table checkmark (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  list text not null,
  item text not null,
  state text not null,
  note text,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index checkmark_by_job on checkmark (shop_id, job_id);

create table wait (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  kind text not null,
  what text not null,
  until timestamptz,
  look_again timestamptz,
  ended_at timestamptz,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index wait_by_job on wait (shop_id, job_id);

create table provisional (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  what text not null,
  why text not null,
  until text,
  may_run boolean not null,
  may_ride boolean not null,
  may_leave boolean not null,
  ended_at timestamptz,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index provisional_by_job on provisional (shop_id, job_id);

create table watch (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  what text not null,
  due text not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index watch_by_job on watch (shop_id, job_id);

create table consent (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  words text not null,
  up_to numeric,
  given_at timestamptz not null,
  supersedes uuid,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index consent_by_job on consent (shop_id, job_id);

create table hazard_ack (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  hazard text not null,
  place text not null,
  acknowledged_at timestamptz not null,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
create index hazard_ack_by_job on hazard_ack (shop_id, job_id);

-- One rule for every table that carries a shop: the session's shop, or nothing.
create function current_shop() returns uuid language sql stable as
$$ select nullif(current_setting('ivrek.shop', true), '')::uuid $$;

do $$
declare t text;
begin
  for t in select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace
           where n.nspname = 'public' and c.relkind = 'r'
             and exists (select 1 from pg_attribute a where a.attrelid = c.oid and a.attname = 'shop_id') loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy one_shop on %I using (shop_id = current_shop()) with check (shop_id = current_shop())', t);
    execute format('grant select, insert, update, delete on %I to ivrek_app', t);
  end loop;
end $$;

-- The list of shops is the door itself; a shop's own row is changed only from inside it.
alter table shop enable row level security;
alter table shop force row level security;
create policy read_all on shop for select using (true);
create policy open_new on shop for insert with check (seq = 0);
create policy change_own on shop for update using (id = current_shop());
grant select, insert, update on shop to ivrek_app;

-- The journal is append-only.
revoke update, delete on journal from ivrek_app;
