-- Up Migration
-- The kind of bike; theories that are held on a job, pairings of like wires that were tried, and whether the shop's own
-- closed jobs count.

alter table bike add archetype text;
alter table job add pinned jsonb, add pairings jsonb, add counts text;

-- What a shop knows itself, on top of the knowledge that ships.
create table own (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  what text not null,
  body jsonb not null,
  retired boolean not null default false,
  versions jsonb not null default '{}',
  made_after bigint,
  made_seq bigint,
  primary key (shop_id, id)
);
alter table own enable row level security;
alter table own force row level security;
create policy one_shop on own using (shop_id = current_shop()) with check (shop_id = current_shop());
grant select, insert, update, delete on own to ivrek_app;
