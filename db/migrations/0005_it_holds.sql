-- Up Migration
-- Search lines that any words fit into and that can be made anew at any time; sessions that end; who worked with a device;
-- and what was refused at the door.

/* Words as they are compared: small letters, and nothing but letters, digits, decimal points and pictograms between blanks. */
create or replace function find_plain(words text) returns text language sql immutable parallel safe as
$$ select trim(regexp_replace(regexp_replace(lower(words), '[^[:alnum:].\u2600-\u27BF\U0001F000-\U0001FAFF]+', ' ', 'g'), '(^|\s)\.+|\.+(\s|$)', ' ', 'g')) $$;

/*
 * array_to_tsvector takes words longer than a tsvector can hold (2,046 bytes), and what it makes of them can be neither dumped
 * nor read back. A word is looked for by its first 200 letters: no search is longer.
 */
create or replace function find_tokens(plain text, weight "char") returns tsvector language sql immutable parallel safe as
$$ select setweight(array_to_tsvector(array(select distinct left(w, 200) from regexp_split_to_table(plain, '\s+') w where w <> '')), weight) $$;

/* Makes every search line anew from the rows. They are never part of a backup. */
create function find_rebuild() returns void language plpgsql as $$
declare
  t text;
begin
  delete from find_line;
  for t in select c.relname from pg_trigger g join pg_class c on c.oid = g.tgrelid
           where g.tgname = 'find_keep' order by case c.relname when 'bike' then 0 when 'job' then 1 else 2 end, c.relname loop
    -- What is there is written once more, unchanged, so that the trigger sees it.
    execute format('update %I set id = id', t);
  end loop;
end $$;
revoke all on function find_rebuild() from public;

-- Who has worked with a device, as the device said when they took it up: only these can have made what it sends.
create table session_person (
  shop_id uuid not null references shop (id) on delete cascade,
  session_id uuid not null,
  person_id uuid not null,
  since timestamptz not null default now(),
  primary key (shop_id, session_id, person_id)
);
do $$
declare
  t text;
  bound text[];
begin
  -- The owner is bound by row-level security as well; for this it must see every workshop.
  select array_agg(c.relname::text) into bound from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where n.nspname = 'public' and c.relkind = 'r' and c.relforcerowsecurity;
  foreach t in array bound loop execute format('alter table %I no force row level security', t); end loop;
  perform find_rebuild();
  insert into session_person (shop_id, session_id, person_id, since)
    select shop_id, id, person_id, made_at from session where person_id is not null;
  foreach t in array bound loop execute format('alter table %I force row level security', t); end loop;
end $$;

-- A session ends when someone leaves, and by itself when it was not used for long.
alter table session add ended_at timestamptz;

alter table session_person enable row level security;
alter table session_person force row level security;
create policy one_shop on session_person using (shop_id = current_shop()) with check (shop_id = current_shop());
grant select, insert, update, delete on session_person to ivrek_app;

-- Devices that asked to be let in and were not, the last few of them. No workshop is known of them.
create table refusal (
  id bigint generated always as identity primary key,
  at timestamptz not null default now(),
  address text not null,
  name text not null,
  why text not null
);
grant select, insert, delete on refusal to ivrek_app;
