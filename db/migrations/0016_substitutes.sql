-- Up Migration
-- Parts and settings that are not as the manual has them, with what they bring.

create table substitute (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  bike_id uuid not null,
  item text not null,
  as_found text,
  manual text,
  chosen text not null,
  why text,
  modified text,
  effects jsonb not null,
  fitted_at timestamptz not null,
  ended_at timestamptz,
  made_after bigint,
  made_seq bigint,
  versions jsonb not null default '{}',
  primary key (shop_id, id)
);
select bind_to_shop('substitute');
select link_rows('substitute', 'bike_id', 'bike');
create trigger find_keep after insert or update or delete on substitute
  for each row execute function find_keep('item', 'chosen', 'modified');
