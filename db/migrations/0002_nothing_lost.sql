-- Up Migration
-- Photos and pins, errata, paired devices, the calendar, one search, and the physical order of what was entered.

create extension if not exists pg_trgm;
create extension if not exists btree_gin;

-- The physical order of rows: what a device knew when it wrote (after), then its place in the journal. Neither the arrival
-- of a late tablet nor a wrong clock changes it.
do $$
declare t text;
begin
  for t in select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace
           where n.nspname = 'public' and c.relkind = 'r'
             and exists (select 1 from pg_attribute a where a.attrelid = c.oid and a.attname = 'versions') loop
    execute format('alter table %I add made_after bigint, add made_seq bigint', t);
    execute format('alter table %I no force row level security', t);
  end loop;
  alter table journal no force row level security;
  -- Rows of the first release: their insert stands in the journal.
  create temporary table placed on commit drop as
    select distinct on (j.shop_id, c -> 'row' ->> 'id') j.shop_id, (c -> 'row' ->> 'id')::uuid as id, j.after, j.seq
    from journal j cross join lateral jsonb_array_elements(j.changes) c
    where c ->> 'op' = 'insert' order by j.shop_id, c -> 'row' ->> 'id', j.seq desc;
  for t in select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace
           where n.nspname = 'public' and c.relkind = 'r'
             and exists (select 1 from pg_attribute a where a.attrelid = c.oid and a.attname = 'made_seq') loop
    execute format('update %I r set made_after = p.after, made_seq = p.seq from placed p where p.shop_id = r.shop_id and p.id = r.id', t);
    execute format('alter table %I force row level security', t);
  end loop;
  alter table journal force row level security;
end $$;

alter table provisional add until_on date;

create table photo (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  subject text not null,
  subject_id uuid,
  bag text,
  sha256 text not null,
  width integer not null,
  height integer not null,
  bytes integer not null,
  caption text,
  taken_at timestamptz not null,
  versions jsonb not null default '{}',
  made_after bigint,
  made_seq bigint,
  primary key (shop_id, id)
);
create index photo_by_job on photo (shop_id, job_id);

create table pin (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  job_id uuid not null,
  photo_id uuid not null,
  x double precision not null,
  y double precision not null,
  note text not null,
  versions jsonb not null default '{}',
  made_after bigint,
  made_seq bigint,
  primary key (shop_id, id)
);
create index pin_by_job on pin (shop_id, job_id);
create index pin_by_photo on pin (shop_id, photo_id);

create table erratum (
  shop_id uuid not null references shop (id) on delete cascade,
  id uuid not null,
  bike_id uuid not null,
  book text not null,
  page text,
  quantity text,
  says text not null,
  "right" text not null,
  source text not null,
  versions jsonb not null default '{}',
  made_after bigint,
  made_seq bigint,
  primary key (shop_id, id)
);
create index erratum_by_bike on erratum (shop_id, bike_id);

-- Bytes of photos, addressed by the SHA-256 of what is stored. They never change; touched_at keeps fresh uploads from being
-- collected before the entry that names them has arrived.
create table blob (
  shop_id uuid not null references shop (id) on delete cascade,
  sha256 text not null check (sha256 ~ '^[0-9a-f]{64}$'),
  media_type text not null,
  bytes bytea not null,
  thumb bytea not null,
  touched_at timestamptz not null default now(),
  primary key (shop_id, sha256)
);
-- Pictures are packed already.
alter table blob alter column bytes set storage external, alter column thumb set storage external;
create index journal_by_photo on journal (shop_id, (payload ->> 'sha256')) where type = 'photo.add';
create index journal_by_decision on journal (shop_id, (payload ->> 'refusedId')) where type = 'tray.decide';

-- A session is a device: it has a name, was paired or not, and can be sent away.
alter table session add name text, add paired_at timestamptz, add seen_at timestamptz, add sent_away_at timestamptz;

create table pairing (
  shop_id uuid not null references shop (id) on delete cascade,
  code_hash bytea not null,
  expires_at timestamptz not null,
  primary key (shop_id, code_hash)
);

alter table shop add hidden boolean not null default false, add calendar_token text;

-- Attempts at pairing, before any shop is known (the table of the rate limiter).
create table attempt (
  key varchar(255) primary key,
  points integer not null default 0,
  expire bigint
);

-- A code is good for one device, once. Whoever tries one knows no shop yet.
create function take_pairing(hash bytea) returns uuid language sql volatile security definer set search_path = public as
$$ delete from pairing where code_hash = hash and expires_at > now() returning shop_id $$;

do $$
declare t text;
begin
  foreach t in array array['photo', 'pin', 'erratum', 'blob', 'pairing'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy one_shop on %I using (shop_id = current_shop()) with check (shop_id = current_shop())', t);
    execute format('grant select, insert, update, delete on %I to ivrek_app', t);
  end loop;
end $$;
grant select, insert, update, delete on attempt to ivrek_app;

-- A demo shop, and only a demo shop, can be removed as a whole.
create policy remove_demo on shop for delete using (demo and id = current_shop());
grant delete on shop to ivrek_app;

-- One search over everything written. Kept by triggers, so that no way in can forget it.
create table find_line (
  shop_id uuid not null references shop (id) on delete cascade,
  kind text not null,
  id uuid not null,
  job_id uuid,
  bike_id uuid,
  words text not null,
  plain text not null,
  tokens tsvector not null,
  primary key (shop_id, kind, id)
);
create index find_line_tokens on find_line using gin (shop_id, tokens);
create index find_line_near on find_line using gin (shop_id, plain gin_trgm_ops);
create index find_line_job on find_line (shop_id, job_id);

/* Words as they are compared: small letters, and nothing but letters, digits and decimal points between blanks. */
create function find_plain(words text) returns text language sql immutable parallel safe as
$$ select trim(regexp_replace(regexp_replace(lower(words), '[^[:alnum:].]+', ' ', 'g'), '(^|\s)\.+|\.+(\s|$)', ' ', 'g')) $$;

create function find_tokens(plain text, weight "char") returns tsvector language sql immutable parallel safe as
$$ select setweight(array_to_tsvector(array_remove(regexp_split_to_array(plain, '\s+'), '')), weight) $$;

/* The columns worth finding come as arguments of the trigger. A bag is found as "bag 7". The bike's name counts a little. */
create function find_keep() returns trigger language plpgsql security definer set search_path = public as $$
declare
  r jsonb;
  said text;
  bike text;
begin
  if tg_op = 'DELETE' then
    delete from find_line where shop_id = old.shop_id and kind = tg_table_name and id = old.id;
    return null;
  end if;
  r := to_jsonb(new);
  select string_agg(case when a = 'bag' then 'bag ' || (r ->> a) else r ->> a end, ' · ' order by n)
    into said from unnest(tg_argv) with ordinality as x (a, n) where coalesce(r ->> a, '') <> '';
  if said is null then
    delete from find_line where shop_id = new.shop_id and kind = tg_table_name and id = new.id;
    return null;
  end if;
  if r ? 'job_id' then
    select b.name into bike from job j join bike b on b.shop_id = j.shop_id and b.id = j.bike_id
      where j.shop_id = new.shop_id and j.id = (r ->> 'job_id')::uuid;
  elsif r ? 'bike_id' then
    select b.name into bike from bike b where b.shop_id = new.shop_id and b.id = (r ->> 'bike_id')::uuid;
  end if;
  insert into find_line (shop_id, kind, id, job_id, bike_id, words, plain, tokens)
  values (
    new.shop_id, tg_table_name, new.id,
    case when tg_table_name = 'job' then new.id else (r ->> 'job_id')::uuid end,
    case when tg_table_name = 'bike' then new.id else (r ->> 'bike_id')::uuid end,
    said, find_plain(said),
    find_tokens(find_plain(said), 'A') || find_tokens(find_plain(coalesce(bike, '')), 'D')
  )
  on conflict (shop_id, kind, id) do update set words = excluded.words, plain = excluded.plain, tokens = excluded.tokens;
  return null;
end $$;

/* A bike that gets another name is found by it in everything that belongs to it. */
create function find_rename() returns trigger language plpgsql security definer set search_path = public as $$
begin
  update find_line f set tokens = find_tokens(f.plain, 'A') || find_tokens(find_plain(new.name), 'D')
  where f.shop_id = new.shop_id and f.kind <> 'bike'
    and (f.bike_id = new.id or f.job_id in (select j.id from job j where j.shop_id = new.shop_id and j.bike_id = new.id));
  return null;
end $$;
create trigger find_rename after update of name on bike for each row execute function find_rename();

do $$
declare
  t text;
  args text;
begin
  for t, args in select * from (values
    ('bike', 'name,year,frame_no,engine_no'),
    ('job', 'notes,last_touched_by,last_touched_when'),
    ('complaint', 'words'),
    ('prediction', 'words'),
    ('reading', 'quantity,position,entered,unit'),
    ('evidence', 'test_id,position,outcome,note'),
    ('cause', 'words'),
    ('repair', 'words'),
    ('retest', 'result,note'),
    ('step', 'title,bag,note'),
    ('fastener', 'size,place'),
    ('finding', 'item,seen,verdict'),
    ('part', 'name,number,source,status'),
    ('torque', 'name,thread,entered,source'),
    ('spec', 'quantity,entered,source'),
    ('checkmark', 'note'),
    ('wait', 'kind,what'),
    ('provisional', 'what,why'),
    ('watch', 'what,due'),
    ('consent', 'words'),
    ('photo', 'caption'),
    ('pin', 'note'),
    ('erratum', 'book,page,says,right')
  ) as v (tbl, cols) loop
    execute format('create trigger find_keep after insert or update or delete on %I for each row execute function find_keep(%s)',
      t, (select string_agg(quote_literal(c), ', ') from unnest(string_to_array(args, ',')) c));
    -- What is there already is written once more, unchanged, so that the trigger sees it.
    execute format('alter table %I no force row level security', t);
    execute format('update %I set id = id', t);
    execute format('alter table %I force row level security', t);
  end loop;
end $$;

/*
 * Lines that match, best first, inside the session's shop only. Row-level security alone would keep the search indexes from
 * being used (its rule must be checked first), so the shop is part of the question here.
 */
create function find_lines(wanted tsquery, near text, most integer)
returns table (kind text, id uuid, job_id uuid, bike_id uuid, words text, score real)
language plpgsql stable security definer set search_path = public set pg_trgm.word_similarity_threshold = 0.45 as $$
declare
  shop uuid := current_shop();
  said text[];
  sought text[];
begin
  if wanted is not null then
    return query select f.kind, f.id, f.job_id, f.bike_id, f.words, ts_rank('{0.05, 0.1, 0.1, 1}', f.tokens, wanted)
      from find_line f where f.shop_id = shop and f.tokens @@ wanted order by 6 desc, f.kind, f.id limit most;
  else
    -- Every word must be near one of the line, or begin one of the line or of the bike's name.
    said := string_to_array(near, ' ');
    -- Short words are in too many lines to look them up by; they only narrow.
    sought := array(select w from unnest(said) w where length(w) > 3);
    if cardinality(sought) = 0 then sought := said; end if;
    return query select f.kind, f.id, f.job_id, f.bike_id, f.words,
        (select avg(word_similarity(w, f.plain)) from unnest(said) w)::real
      from find_line f where f.shop_id = shop and f.plain %> any (sought)
        and (select bool_and(word_similarity(w, f.plain) >= 0.45 or f.tokens @@ format('%L:*', w)::tsquery) from unnest(said) w)
      order by 6 desc, f.kind, f.id limit most;
  end if;
end $$;

/* Owners by name: their data stand apart, so that they can be erased; no copy of them is kept for the search. */
create function find_owners(near text, most integer)
returns table (id uuid, bike_id uuid, words text, score real)
language sql stable security definer set search_path = public as $$
  select o.id, b.id, coalesce(p.name, ''), greatest(word_similarity(near, find_plain(p.name)),
      case when find_plain(p.name) like '%' || near || '%' then 1 else 0 end)::real as score
  from personal p join owner o on o.shop_id = p.shop_id and o.personal_id = p.id
    join bike b on b.shop_id = o.shop_id and b.owner_id = o.id
  where p.shop_id = current_shop() and p.name is not null
    and (find_plain(p.name) like '%' || near || '%' or word_similarity(near, find_plain(p.name)) >= 0.5)
  order by 4 desc, 1 limit most
$$;
revoke all on function take_pairing(bytea), find_lines(tsquery, text, integer), find_owners(text, integer) from public;
grant execute on function take_pairing(bytea), find_lines(tsquery, text, integer), find_owners(text, integer) to ivrek_app;
