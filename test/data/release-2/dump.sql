--
-- PostgreSQL database dump
--

\restrict Z6omDtLg37uqDrgiSRz4JRDZdlOhc4Vyu4bgli6GQ1xTkZkeT1aGwS88VeHCcAB

-- Dumped from database version 15.18 (Debian 15.18-0+deb12u1)
-- Dumped by pg_dump version 15.18 (Debian 15.18-0+deb12u1)

SET statement_timeout = 0;
SET lock_timeout = 0;
SET idle_in_transaction_session_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;

--
-- Name: btree_gin; Type: EXTENSION; Schema: -; Owner: -
--

CREATE EXTENSION IF NOT EXISTS btree_gin WITH SCHEMA public;


--
-- Name: EXTENSION btree_gin; Type: COMMENT; Schema: -; Owner: -
--

COMMENT ON EXTENSION btree_gin IS 'support for indexing common datatypes in GIN';


--
-- Name: pg_trgm; Type: EXTENSION; Schema: -; Owner: -
--

CREATE EXTENSION IF NOT EXISTS pg_trgm WITH SCHEMA public;


--
-- Name: EXTENSION pg_trgm; Type: COMMENT; Schema: -; Owner: -
--

COMMENT ON EXTENSION pg_trgm IS 'text similarity measurement and index searching based on trigrams';


--
-- Name: current_shop(); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.current_shop() RETURNS uuid
    LANGUAGE sql STABLE
    AS $$ select nullif(current_setting('ivrek.shop', true), '')::uuid $$;


--
-- Name: find_keep(); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.find_keep() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public'
    AS $$
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


--
-- Name: find_lines(tsquery, text, integer); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.find_lines(wanted tsquery, near text, most integer) RETURNS TABLE(kind text, id uuid, job_id uuid, bike_id uuid, words text, score real)
    LANGUAGE plpgsql STABLE SECURITY DEFINER
    SET search_path TO 'public'
    SET "pg_trgm.word_similarity_threshold" TO '0.45'
    AS $$
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


--
-- Name: find_owners(text, integer); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.find_owners(near text, most integer) RETURNS TABLE(id uuid, bike_id uuid, words text, score real)
    LANGUAGE sql STABLE SECURITY DEFINER
    SET search_path TO 'public'
    AS $$
  select o.id, b.id, coalesce(p.name, ''), greatest(word_similarity(near, find_plain(p.name)),
      case when find_plain(p.name) like '%' || near || '%' then 1 else 0 end)::real as score
  from personal p join owner o on o.shop_id = p.shop_id and o.personal_id = p.id
    join bike b on b.shop_id = o.shop_id and b.owner_id = o.id
  where p.shop_id = current_shop() and p.name is not null
    and (find_plain(p.name) like '%' || near || '%' or word_similarity(near, find_plain(p.name)) >= 0.5)
  order by 4 desc, 1 limit most
$$;


--
-- Name: find_plain(text); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.find_plain(words text) RETURNS text
    LANGUAGE sql IMMUTABLE PARALLEL SAFE
    AS $_$ select trim(regexp_replace(regexp_replace(lower(words), '[^[:alnum:].]+', ' ', 'g'), '(^|\s)\.+|\.+(\s|$)', ' ', 'g')) $_$;


--
-- Name: find_rename(); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.find_rename() RETURNS trigger
    LANGUAGE plpgsql SECURITY DEFINER
    SET search_path TO 'public'
    AS $$
begin
  update find_line f set tokens = find_tokens(f.plain, 'A') || find_tokens(find_plain(new.name), 'D')
  where f.shop_id = new.shop_id and f.kind <> 'bike'
    and (f.bike_id = new.id or f.job_id in (select j.id from job j where j.shop_id = new.shop_id and j.bike_id = new.id));
  return null;
end $$;


--
-- Name: find_tokens(text, "char"); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.find_tokens(plain text, weight "char") RETURNS tsvector
    LANGUAGE sql IMMUTABLE PARALLEL SAFE
    AS $$ select setweight(array_to_tsvector(array_remove(regexp_split_to_array(plain, '\s+'), '')), weight) $$;


--
-- Name: take_pairing(bytea); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.take_pairing(hash bytea) RETURNS uuid
    LANGUAGE sql SECURITY DEFINER
    SET search_path TO 'public'
    AS $$ delete from pairing where code_hash = hash and expires_at > now() returning shop_id $$;


SET default_tablespace = '';

SET default_table_access_method = heap;

--
-- Name: attempt; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.attempt (
    key character varying(255) NOT NULL,
    points integer DEFAULT 0 NOT NULL,
    expire bigint
);


--
-- Name: bike; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.bike (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    owner_id uuid,
    name text NOT NULL,
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.bike FORCE ROW LEVEL SECURITY;


--
-- Name: blob; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.blob (
    shop_id uuid NOT NULL,
    sha256 text NOT NULL,
    media_type text NOT NULL,
    bytes bytea NOT NULL,
    thumb bytea NOT NULL,
    touched_at timestamp with time zone DEFAULT now() NOT NULL,
    CONSTRAINT blob_sha256_check CHECK ((sha256 ~ '^[0-9a-f]{64}$'::text))
);
ALTER TABLE ONLY public.blob ALTER COLUMN bytes SET STORAGE EXTERNAL;
ALTER TABLE ONLY public.blob ALTER COLUMN thumb SET STORAGE EXTERNAL;

ALTER TABLE ONLY public.blob FORCE ROW LEVEL SECURITY;


--
-- Name: cause; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.cause (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    complaint_id uuid NOT NULL,
    fault_id text,
    "position" text,
    words text NOT NULL,
    made_at timestamp with time zone NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.cause FORCE ROW LEVEL SECURITY;


--
-- Name: checkmark; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.checkmark (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    list text NOT NULL,
    item text NOT NULL,
    state text NOT NULL,
    note text,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.checkmark FORCE ROW LEVEL SECURITY;


--
-- Name: complaint; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.complaint (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    words text NOT NULL,
    symptoms jsonb NOT NULL,
    state text NOT NULL,
    explained boolean NOT NULL,
    linked_to uuid,
    after_repair_id uuid,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.complaint FORCE ROW LEVEL SECURITY;


--
-- Name: consent; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.consent (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    words text NOT NULL,
    up_to numeric,
    given_at timestamp with time zone NOT NULL,
    supersedes uuid,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.consent FORCE ROW LEVEL SECURITY;


--
-- Name: erratum; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.erratum (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    bike_id uuid NOT NULL,
    book text NOT NULL,
    page text,
    quantity text,
    says text NOT NULL,
    "right" text NOT NULL,
    source text NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.erratum FORCE ROW LEVEL SECURITY;


--
-- Name: evidence; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.evidence (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    test_id text NOT NULL,
    "position" text,
    outcome text NOT NULL,
    reading_id uuid,
    prediction_id uuid,
    held text,
    conditions jsonb NOT NULL,
    note text,
    taken_at timestamp with time zone NOT NULL,
    after_repair_id uuid,
    knowledge_hash text NOT NULL,
    shown jsonb,
    withdrawn text,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.evidence FORCE ROW LEVEL SECURITY;


--
-- Name: fastener; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.fastener (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    step_id uuid NOT NULL,
    size text NOT NULL,
    count integer NOT NULL,
    place text,
    refitted integer NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.fastener FORCE ROW LEVEL SECURITY;


--
-- Name: find_line; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.find_line (
    shop_id uuid NOT NULL,
    kind text NOT NULL,
    id uuid NOT NULL,
    job_id uuid,
    bike_id uuid,
    words text NOT NULL,
    plain text NOT NULL,
    tokens tsvector NOT NULL
);


--
-- Name: finding; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.finding (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    step_id uuid,
    item text NOT NULL,
    "position" text,
    seen text NOT NULL,
    reading_id uuid,
    verdict text NOT NULL,
    fault_id text,
    after_repair_id uuid,
    taken_at timestamp with time zone NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.finding FORCE ROW LEVEL SECURITY;


--
-- Name: hazard_ack; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.hazard_ack (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    hazard text NOT NULL,
    place text NOT NULL,
    acknowledged_at timestamp with time zone NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.hazard_ack FORCE ROW LEVEL SECURITY;


--
-- Name: job; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.job (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    bike_id uuid NOT NULL,
    opened_at timestamp with time zone NOT NULL,
    standing_months integer,
    storage text,
    fuel_left text,
    crash text,
    ran_when_parked text,
    last_touched jsonb,
    last_touched_by text,
    last_touched_when text,
    notes text,
    school text NOT NULL,
    rate numeric NOT NULL,
    handed_over_at timestamp with time zone,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.job FORCE ROW LEVEL SECURITY;


--
-- Name: journal; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.journal (
    shop_id uuid NOT NULL,
    seq bigint NOT NULL,
    id uuid NOT NULL,
    schema_version integer NOT NULL,
    type text NOT NULL,
    entity_kind text NOT NULL,
    entity_id uuid NOT NULL,
    job_id uuid,
    bike_id uuid,
    made_at timestamp with time zone NOT NULL,
    after bigint,
    base jsonb NOT NULL,
    payload jsonb NOT NULL,
    changes jsonb NOT NULL,
    actor_id uuid,
    device_id uuid,
    received_at timestamp with time zone DEFAULT clock_timestamp() NOT NULL
);

ALTER TABLE ONLY public.journal FORCE ROW LEVEL SECURITY;


--
-- Name: migrations; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.migrations (
    id integer NOT NULL,
    name character varying(255) NOT NULL,
    run_on timestamp without time zone NOT NULL
);


--
-- Name: migrations_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.migrations_id_seq
    AS integer
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: migrations_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.migrations_id_seq OWNED BY public.migrations.id;


--
-- Name: owner; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.owner (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    personal_id uuid,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.owner FORCE ROW LEVEL SECURITY;


--
-- Name: pairing; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.pairing (
    shop_id uuid NOT NULL,
    code_hash bytea NOT NULL,
    expires_at timestamp with time zone NOT NULL
);

ALTER TABLE ONLY public.pairing FORCE ROW LEVEL SECURITY;


--
-- Name: part; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.part (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    finding_id uuid,
    name text NOT NULL,
    number text,
    source text,
    quantity integer NOT NULL,
    price numeric NOT NULL,
    status text NOT NULL,
    due_on date,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.part FORCE ROW LEVEL SECURITY;


--
-- Name: person; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.person (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    name text NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.person FORCE ROW LEVEL SECURITY;


--
-- Name: personal; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.personal (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    name text,
    phone text,
    email text
);

ALTER TABLE ONLY public.personal FORCE ROW LEVEL SECURITY;


--
-- Name: photo; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.photo (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    subject text NOT NULL,
    subject_id uuid,
    bag text,
    sha256 text NOT NULL,
    width integer NOT NULL,
    height integer NOT NULL,
    bytes integer NOT NULL,
    caption text,
    taken_at timestamp with time zone NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.photo FORCE ROW LEVEL SECURITY;


--
-- Name: pin; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.pin (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    photo_id uuid NOT NULL,
    x double precision NOT NULL,
    y double precision NOT NULL,
    note text NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.pin FORCE ROW LEVEL SECURITY;


--
-- Name: prediction; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.prediction (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    test_id text NOT NULL,
    "position" text,
    words text NOT NULL,
    expected text,
    made_at timestamp with time zone NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.prediction FORCE ROW LEVEL SECURITY;


--
-- Name: provisional; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.provisional (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    what text NOT NULL,
    why text NOT NULL,
    until text,
    may_run boolean NOT NULL,
    may_ride boolean NOT NULL,
    may_leave boolean NOT NULL,
    ended_at timestamp with time zone,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint,
    until_on date
);

ALTER TABLE ONLY public.provisional FORCE ROW LEVEL SECURITY;


--
-- Name: reading; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.reading (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    bike_id uuid NOT NULL,
    quantity text NOT NULL,
    "position" text,
    value jsonb NOT NULL,
    unit text NOT NULL,
    entered text NOT NULL,
    instrument text,
    conditions jsonb NOT NULL,
    taken_at timestamp with time zone NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.reading FORCE ROW LEVEL SECURITY;


--
-- Name: repair; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.repair (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    cause_id uuid,
    fault_id text,
    "position" text,
    words text NOT NULL,
    minutes integer NOT NULL,
    cost numeric NOT NULL,
    after_repair_id uuid,
    made_at timestamp with time zone NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.repair FORCE ROW LEVEL SECURITY;


--
-- Name: retest; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.retest (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    complaint_id uuid NOT NULL,
    repair_id uuid NOT NULL,
    result text NOT NULL,
    conditions jsonb NOT NULL,
    note text,
    new_complaint_id uuid,
    taken_at timestamp with time zone NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.retest FORCE ROW LEVEL SECURITY;


--
-- Name: session; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.session (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    token_hash bytea NOT NULL,
    person_id uuid,
    made_at timestamp with time zone DEFAULT now() NOT NULL,
    name text,
    paired_at timestamp with time zone,
    seen_at timestamp with time zone,
    sent_away_at timestamp with time zone
);

ALTER TABLE ONLY public.session FORCE ROW LEVEL SECURITY;


--
-- Name: shop; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.shop (
    id uuid NOT NULL,
    name text NOT NULL,
    rate numeric DEFAULT 35.00 NOT NULL,
    currency text DEFAULT '¤'::text NOT NULL,
    demo boolean DEFAULT false NOT NULL,
    seq bigint DEFAULT 0 NOT NULL,
    hidden boolean DEFAULT false NOT NULL,
    calendar_token text
);

ALTER TABLE ONLY public.shop FORCE ROW LEVEL SECURITY;


--
-- Name: signature; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.signature (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    kind text NOT NULL,
    subject_id uuid NOT NULL,
    signed_by text NOT NULL,
    signed_at timestamp with time zone NOT NULL,
    supersedes uuid,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.signature FORCE ROW LEVEL SECURITY;


--
-- Name: spec; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.spec (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    bike_id uuid NOT NULL,
    quantity text NOT NULL,
    low double precision,
    high double precision,
    unit text NOT NULL,
    entered text NOT NULL,
    source text NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.spec FORCE ROW LEVEL SECURITY;


--
-- Name: step; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.step (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    title text NOT NULL,
    access text,
    bag text,
    note text,
    made_at timestamp with time zone NOT NULL,
    refitted_at timestamp with time zone,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.step FORCE ROW LEVEL SECURITY;


--
-- Name: torque; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.torque (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    name text NOT NULL,
    thread text,
    count integer NOT NULL,
    figure_nm double precision NOT NULL,
    unit text NOT NULL,
    entered text NOT NULL,
    source text NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.torque FORCE ROW LEVEL SECURITY;


--
-- Name: torque_stage; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.torque_stage (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    torque_id uuid NOT NULL,
    n integer NOT NULL,
    kind text NOT NULL,
    value double precision NOT NULL,
    done_at timestamp with time zone,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.torque_stage FORCE ROW LEVEL SECURITY;


--
-- Name: wait; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.wait (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    kind text NOT NULL,
    what text NOT NULL,
    until timestamp with time zone,
    look_again timestamp with time zone,
    ended_at timestamp with time zone,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.wait FORCE ROW LEVEL SECURITY;


--
-- Name: watch; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.watch (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    job_id uuid NOT NULL,
    what text NOT NULL,
    due text NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL,
    made_after bigint,
    made_seq bigint
);

ALTER TABLE ONLY public.watch FORCE ROW LEVEL SECURITY;


--
-- Name: migrations id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.migrations ALTER COLUMN id SET DEFAULT nextval('public.migrations_id_seq'::regclass);


--
-- Data for Name: attempt; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.attempt (key, points, expire) FROM stdin;
\.


--
-- Data for Name: bike; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.bike (shop_id, id, owner_id, name, year, frame_no, engine_no, mileage_km, strokes, cylinders, cooling, ignition, fuelling, decompressor, voltage, starting, clutch, bore_mm, stroke_mm, compression_ratio, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000004	00000000-0000-4000-8000-000000000002	Quillon 350	1969	\N	\N	\N	four	2	\N	\N	\N	\N	6	\N	\N	60.5	\N	\N	{"year": 1, "boreMm": 1, "strokes": 1, "voltage": 1, "cylinders": 1}	\N	2
0abaee06-7156-5397-a572-bd06c314c3ff	c666a275-e5b3-5b0a-af1e-2169dc69dbce	2da0a64f-3b8f-5555-aa81-760ca53cff6e	Osprane 650	1994	\N	\N	52110	four	4	liquid	electronic	carburettor	none	12	electric	hydraulic	65	48.8	11	{"year": 1, "boreMm": 1, "clutch": 1, "cooling": 1, "strokes": 1, "voltage": 1, "fuelling": 1, "ignition": 1, "starting": 1, "strokeMm": 1, "cylinders": 1, "mileageKm": 1, "decompressor": 1, "compressionRatio": 1}	\N	3
0abaee06-7156-5397-a572-bd06c314c3ff	5d561e70-ab84-5bc7-adbb-eba9944ba129	bf1bdc3c-f09f-5452-ae79-adbcad2ddd9c	Hollin 500	1955	\N	\N	\N	four	1	air	magneto	carburettor	manual	6	kick	cable	84	90	\N	{"year": 1, "boreMm": 1, "clutch": 1, "cooling": 1, "strokes": 1, "voltage": 1, "fuelling": 1, "ignition": 1, "starting": 1, "strokeMm": 1, "cylinders": 1, "decompressor": 1}	\N	56
0abaee06-7156-5397-a572-bd06c314c3ff	01c5d948-8b66-50ad-a5ae-75c2d34025f1	cdef0749-da69-5bc7-a379-e087d3ed8911	Marram 80	1979	\N	\N	18800	two	1	air	magneto	carburettor	none	6	kick	automatic	\N	\N	\N	{"year": 1, "clutch": 1, "cooling": 1, "strokes": 1, "voltage": 1, "fuelling": 1, "ignition": 1, "starting": 1, "cylinders": 1, "mileageKm": 1, "decompressor": 1}	\N	66
0abaee06-7156-5397-a572-bd06c314c3ff	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	8eb9975c-4358-5fef-af83-5975620a0581	Quillon 350	1968	Q350-20417	Q350-20417	31240	four	2	air	points	carburettor	none	6	kick	cable	60	61	8.5	{"year": 1, "boreMm": 1, "clutch": 1, "cooling": 1, "frameNo": 1, "strokes": 1, "voltage": 1, "engineNo": 1, "fuelling": 1, "ignition": 1, "starting": 1, "strokeMm": 1, "cylinders": 1, "mileageKm": 1, "decompressor": 1, "compressionRatio": 1}	\N	85
\.


--
-- Data for Name: blob; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.blob (shop_id, sha256, media_type, bytes, thumb, touched_at) FROM stdin;
11111111-1111-4111-8111-111111111111	a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1	image/jpeg	\\x00	\\x00	2026-11-25 10:23:19.092624+00
0abaee06-7156-5397-a572-bd06c314c3ff	e3a9645a5b192493408c9c05bee74dba31f991ea47a155ea1c7ab051abb334be	image/jpeg	\\xffd8ffdb0043000604040504040605050506060607090e0909080809120d0d0a0e1512161615121414171a211c17181f1914141d271d1f2223252525161c292c28242b21242524ffdb00430106060609080911090911241814182424242424242424242424242424242424242424242424242424242424242424242424242424242424242424242424242424ffc000110802ee03e803012200021101031101ffc4001c0001000203010101000000000000000000000104020506070308ffc4004c1000010301030807060405020404060300000102030405111406121321315291a1415153546171d1223281b1c1e10723427215334362f08292162473f1174463a2085593b2c2e28394d2ffc400190101000301010000000000000000000000000103040205ffc40023110101000300020203000301000000000000010203112131124104325113227152ffda000c03010002110311003f00e23031ef3f8a0c0c7bcfe2858079cdaaf818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f14058000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000007cb170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f92996863ecd9c106863ecd9c100c7170eff2518b877f9296696cc96ba4d152d1ba77eec71e72f23a5b3bf0c6d5abb9d531d351b17b4b9cee09f5543ac71b97a88b949edc8e2e1dfe4a3170eff253d5283f0b2c5a7b9d56b255bba53531abf04d7cce8e8727ec9b2ee5a3b3a961726c73634cee3b4b67e3e57daabba7d3c6e86c3b52d1bb0b6755c8d5d8fd139adff72a5c6f693f0dadba8b966c353274e7c97aff00edbcf550593f1f1fb5777dfa7034df854c4b96a6d372f5b638aee6abf436507e1b58717f316aa7fdf25df2443ab05935613e9cdd995fb6921c8ac9f83ddb3635fdee73be6a5b8ec0b221fe5d9744df1d0b6ff917d541d4c64fa73f2bfd7c1941491fb94b037ca3443e891b1ba9ac6a792192a904f105c975c62e8d8e4b9cc6af9a19104a1f07d0d249efd2c0ef38d14af2d81644befd9944be3a16dff22f9047227b5a59b232c09bdeb3a34fd8e737e4a509ff000e6c597dc5aa87f6497fcd14ea4839baf1bf4ea6794fb70953f860c5bd69ad272753648afe68bf435555f8756cc17ac4b4d509d08c7dcbff00b913e67a790aa7174615d4dd9478ad758969d9d7ad5505531a9b5c91ab9bc52f435b8b877f929ef850afb0ecbb4afc650534ce5fd4e8d33b8ed38bf8ff00caee6ffec78962e1dfe4a3170eff00253d36bbf0cec7a8bd69564a577426a7b53e0baf99ce5a1f87169525eea7653d5b3fb2e6bb82fa94e5a729f4b26dc6b95c5c3bfc9462e1dfe4a58a9b3a4a293455348e85fbb247729f1d0c7d9b38215ac638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f92832d0c7d9b3820033000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000ca38df33db1c6c73dee5b91ad4bd557c80c4944555b912f553b0b13f0dad1af46cb683d28615d79aa97c8bf0e8f8f03bcb23256c8b111169695ab327f5a4f69fc7a3e1716e1a72cbdabcb6e31e69646425b56ae6bd60c242bfd49fd9e0ddaa767657e1ad954573eb1f257489d0ef659c13eaa75c154d18e9c628cb6e55f1a6a5a7a28922a68228234d8d8da8d4e47d4105aa8200240800010aa1540021542a9001551a8ae72a2226b555e838ab73f14282825753d9b02d7ca8b72bd1d9b1dfe0bb5df0d5e252fc48ca0a896a62c9da072a3e54459d5abad6fd8cf2e95f8789f0b22c3a5b1e14546b5f35d7be6726bf875201f2ff00c47ca6bf3ff8343a2ffa327cef37161fe27d0574ada7b4615a09556e47abb3a3bfc576b7fcd650fe3f63ff00f35a0fff00b0cf53e76bd874b6c42aaad6b26baf64cd4d7f1eb4087a32391c88e454545d68a9d249e7df8716fd445532e4ed7b955f15eb02b975a5db59e5d29f1f03d00242010aa01540215402a8040020003e7514d05546b1d4431ccc5fd2f6a2a7339ab4bf0faccabbdf4ae7d1c8bd0df699c17e8a7500e72c25f71d4cacf4f2ab5322ed6b32f7a42953127eb875dde69b4d12a2a2dcba94f713576ae4dd996c22ad4d3b5255feac7ecbf8f4fc6f28cbf1ff00f2bb1dff00d79083aab5f202ba8f3a4a17255c49af3763d3e1d3f0e072f246f89eac918e63dab72b5c972a299f2c6e3ed7e394be98800e52000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000012897adc9b4dad8593368e50cb9b4915d122dcf99fa98df8f4af821e9b93d91366d828d973713569fd6913dd5fed4e8f9f89661aae4e33d931711607e1e5a36ae6cd5b7d1532ebf6d3f31c9e0de8f8f33d16c5c9bb32c18f368a9d12454b9d2bf5bddf1fa26a366154d786ac7166cb65c855200552c562a90080040000800010aa1540021542a90000200f258556b32fed4965d6e8a4951b7ff6b9189c8c72fed59aceb192185ae45aa72c6e913635b76b4f35d9c4fb65244b937974faa911529ab3f333bc1def7076b3676c5990db7664d4922a5d236f63f6e6bba14943c54f51c80b566b46c658666b95695c91b645d8e6dda93cd367039bff00c34b63bcd07fbdff00ff0093bdb1ecc86c4b321a48d52e8db7bdfb339dd2a06a275c1e5f5972c5a9d2c9123aef172b1791eae795e4e46b947972daa8d1569a93dbcef06ea6f176b3d4d5484c1540215402a804002000040000800010aa1548006bed6b06cfb6599b57022beeb9256ea7b7e3ea6c154822c97da65e7a79adb590f5d67674b497d5c09afd94f6da9e29d3f039bd9a94f6e3476e649d05b28e93374152bfd5626d5fee4e9f999f3d1f78afc377d64f2c06cad8b02bac49736a63be355b9b2b35b5df1e85f0535a65b2cf15a2597cc0000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000002e59564565b556da5a285d2c8bad57a1a9d6abd0824e8aac63a472318d5739cb722225eaaa779931f86cf9b32aeda458d9b5b4c8b7397f72f47926bf23a5c97c8aa2c9e63667e6d456aa6b99c9a99e0d4e8f3dbf23a255356bd1cf3933e7bbeb17ce0a7869616414f132289897358c4b9113c8cc05534338aa400aa482a90080040000800010aa1540021542a9000020000401a7ca7c9ba6ca6b3d69e65d1cac5ce86544bd58ef45e943ce1d3db991cfc25a348e969916e63eff6553fb5df45e47af983dad91aad7b51cd5d4a8a97a281e57ff1c50e65f87a9ceeab9b771bcacd9edccb17e12cea47454cab73df7fb289fdcefa2733d43f80d919fa4fe15419fbd8765fc6e2e35ad63518c6a35a9a91112e44071a9c99c9ca6c9ab3d29a15d24af5ce9a554b95eef44e8436e085500aa010008000100002000042a8552000550aa4000080040200c26863a889d14d1b648dc9739ae4bd150e27283211d16754d957bd9b569d56f54fdabd3e477241c6784cfdbbc73b8fa78ab9ae6395ae456b916e5454b951483d3f28325696da6acadba0ab44d52a26a7783bafccf3ab46cdaab2aa5d4f5512b1e9b17a1c9d68bd2863cf5dc1ab0d932550015bb0000000000000000000000000000000000000000000000000000000000000000000000000000015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f43abc8bc90aaca4952a6aa27d359ec5d6f5f7a55ea6fd549c71b95e445ca49daaf93592b59949517448b153316e927726a4f04eb5f03d72c6b128ac2a44a6a28b31bb5ce5d6e7af5aa96692920a0a68e9a9a26c50c697358d4d487d554dbaf54c7feb267b2e42a9071f959f88b49604aea2a38d2b2b93539b7fb11af52aa6d5f04e4728fca3cbbb4974b1c98662eb46358c6227fbbdae25aadeb6aa41e4f165b658586e47da3132b204db9ec6ecfdccd9f13bdc99cada0ca8a757d32ac73b13f3207afb4cf1f14f10376aa40200100002000042a8550008550aa6beb6ddb3a82f49aa599e9fa19ed3b826cf8817c1cad5e5cb52f4a4a455fee956ee49ea6a26ca3b62b9f98c99edbf63216dcbea0ebbe924644dce91ed637adcb721467b7ecba7bf3eb615bba18b9df238e65856cda0e47c90ccbfdd3bae5e7acbd0e4455bbf9d530c69fda8ae5fa01b5972cacd67ba93c9fb5977cd4a9265cc49fcba27bbf74889f453e916445237f9b533bff6a237d4b51e49d94cf7a17c9fba45fa5c06a9f9713afb9471a79bd54f92e5b56f453d3f077a9d0b3276ca66ca28fe2aabf353e9fc1acd4d9434ff00fd340398ff008d6d0ec697fdaef52532d6b7a69e9f82fa9d3ff09b3bb8d2ff00f49be862b6359abff91a7ff6201cfb72da64f7e8e35f27aa1f68f2da25fe6513dbfb5e8bf4436afc9fb2dfb68e3f82aa7c94f84992965bfdd89f1fed7afd6f03e71e5859cff79278ff00732ff929721b76cd9fdcac891577d737e66b25c8ca55fe554cccfdc88ef4294d91952dfe4d4c527ee456fa81d6324648dce63dae4eb6ade849c23ec3b5e85caf6432eafd50baf5e5ac98adfb5a89d98f95eebbf4ccdbfee077441ccd3659a2dc9554aa9d6e8d7e8bea6e292daa0adb922a862397f4bfd95e605e21545e4000aa154800010008040000d4650e535164f408ea8559267a7e5c2df79de3e09e206d81e6eeca9cabb6955f410b69a15d8ad626cfdcedbf0212d7cb5b3ff324762189ad5aac63fe5ac1d7a42a94ed3b2a96d7a6582aa3ce4fd2e4f798bd68a68f26f2e69ad991b49551a52d62ea44bfd9917a93a97c14e9d548b3be132ff1e576f64f5558735cff00cc81cbec4a89a97c17a94d51ec9534d0d5c0f8278db246f4b9cd726a53cd72ab26ea2c2934f4f13aa289cba9c8bae35ea76ae664dba7e3e67a69d7b7be2b4a0af8a93bbbf9fa0c549dddfcfd0a172c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e831527777f3f402c02be2a4eeefe7e800b00000000000000000000000000000000000000000000000000000000000000000000001d5e45646bede992b2b1ae65046be4b32f527875afc3ca71c6e5791196524ed65917914fb7246d6d6b5cca06aea4d8b32a7427875aff0089ead1451c11362898d8e362235ad6a5c889d48238d90c6d8e36358c62235ad6a5c8889d0864aa6ed7ae6318f3cee545539ecbaca0764ee4fcb3c2ebaa66548615ea72f4fc11157cee3a03cdff00195ef486ca625f98ae9557cd11977cd4b1c34f92d62b6281b68d4a692a26f6daaed79a8bd3e6bb6f2cda795b64d9356ea5aa9dc92b5115c8d62baebfc8d9bb3a2a45c3b11ee6c7f96d55b915513521e275934f515734b52ae59def557dfb73afd64a1ec364dbb67dbb1cab472e91235447b5cd5454bfc17a0d25a70cb9296bd35b366fb0ccff006989eedfd2df254bce4f216a2ae1ca18194cd57364456cade8cce95f87f9b4eff2b5ad5b0a7576d47315be79c9f4bc0f4ea1ac8ad0a282ae15be39e36c8df254bcfa9cf7e1f39efc8fb395f7df9af4f823dc89cae3a1212100002154f954d5414912cb512b628d3a5ca72f6a65b6d8ece8fc34b227c93d7801d45454c3491acb3cac8989d2e5b8e7ad0cb6a78af65144e99dbeff0065bc36af2341059f6b6504ba55d24a8bfd5956e6a797d8e86cec8ca4a7b9f58f5a87eea7b2d4faa81cf4d69daf6e48b135d2c88bfd3892e6a79ddf52e51e45d6cd73aa64653b7abde772d5ccece1822a68d23862646c4fd2c4b90cc0d2d26495994d72bd8f9dc9d323b570436d0c10d3333218991b7a98d4443e84000080040215402a8042a8055008004000080001f39a18aa1b9b2c6c91bd4e6a2a19803515592f67545ead8dd0bbae35d5c14d355e48d5c57ad3c8c9dbd4becbbd399d7aa90070b15a16a58ef4639d2c689fd3952f6af95ff43734595d0c9736ae258977d9adbc36a7337d3451cec58e58db23576a392f43495d9294b35eea572c0fdd5d6df5403730544552c49219192357a5ab79f43869a86d2b124d2267c689fd48d6f6af9fdcd9d9f959b195d1ff00fc8c4f9a7a01d2907ce0a986a63492191b2317a5aa66000200f8d6554745493554ab7470b15eef244bcf32b229a4ca7b52a2d6b47db623fd962ec55e86f9225c76d970e73725abd59b73589f057b6fe473d924d6a58502b76aabd5de79cbf4b81562d6b76cfb0a3896b25d1a48aa8c6b5aaaab77827415ecdcadb26d6ab6d2d2cee595c8aad47315b7dde670197551573650ceca96e6b62446c4de8ccda8bf1fb741a5a39a7a7ab865a65724ec7a2b3376e75fa8943d432a6c564d03ad0a66e65443ed395bab3913a7cd36de7559216d3adbb1639a55be78d7452af5aa74fc51539945b9d2d2262188c73a3fcc6a2de88aa9ad0d67e16b9da2b45abeea3a354f3f6aff0092103bb3092364cc7472351ec725ce6b92f45432012f3bca8c967d94f5aaa5457d1b975a6d5897a97c3c4e70f64918d958e63da8e6b92e56aa5e8a879e654e4cbac9916a69915d46f5f358d7a97c3a94c9b7573cc6ad5b3be2b9e0019d7000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000001b4c9eb06a3286d1652417b589ed4b25daa36f5f9f52093b790b79e6af647e4a4b947599f22399430afe6bf797753c7e5c0f608208a961641046d8e28da8d6b5a9722221f1b3acea6b2a8a2a3a58d19146972274af5aaf8a96554ddaf5cc631e79fca8aa400aa58ac55392fc4ab11f6be4eba481aae9a8dda6444daadbae7270d7f03ac21491e579336b32d1a0644e7269e16a35ede9544d8a6b6d9c81a4b5ad092b1b54fa75975b98d622a2bba57e274594ff873531d63ad4c9c7a4722aab9d4c8ecdb97a731765de0bf639f75b994166ae8abec8973d35673a2732ffa2fc0942e64de4a5364e2ccf64ae9e596e4cf736eb9bd49f1fa14b2a2b1f69554162d1269667c899c8dded88de77a994736556502e8686cd96063b52c88c56a27faddab86b3b5c8dc848727171956f6d45a0e4bb3d3dd89176a36fdabe3fe2c0e86c8b3d964d974b42c5bd2089acbfad5135afc56f2d02b5a1695359902cd5322313a13a5cbd48812b2ab725ea7396ce584146ab0d1236a254d4afbfd86fa9a2b5b28ab6da930f035f1c2e5b9b1335b9fe7d7e46c6c6c8d55cd9ad2d49b5216afff0072fd100d3c70dab94b539dedcca8b72bdda98cfa21d3599921474774953ff332a74393d84f874fc4de45147046d8e26358c6ea46b52e443200888d444444444d4889d0010000200004002010aa01540215402a804002000040000800010a2f2000550aa400008021511c8a8a97a2f429a6b4726696aaf7c1ff002f27827b2bf0e8f81b9200e1df0da3614f9ded44bd0e6eb6bbd4ded9994d0d4dd155224326f7e95f4373246c958ac918d7b176a392f4539cb4f25eebe5a15f1589cbf2503a4befd9b01c6d9d6d55596fd0ca8e7c4d5b9637ea56f975791d55257415f169207a393a53a53cd00c2d5a26da76754d1b96e49a3565fd4bd0bc4f3bc95ad759f513d8f589a295b22e6a3b7b62b795e87a71cce55e47456eae2a99ed82b9a9ef2fbb25db2ff1f1034b9499294d946b0bdf2ba0962bd33dadbef6f52ff9d651b1b20292c9b423ac7553ea162d6d63988888ee85dbd016b729ac3fc9ada0927637523d5aaeff00dcdd5c7591ff0010db95ff00974365bd1cbab392373aefa27c49436594d6b32cea07c4d7269e66ab58de9445daa6df20ec97d996235f2b7365a976955176a36ef65386bf89abb0321ea25aa4b46de7e924bf392055cebd7fb9767c13ec76e424200007ce68a3a889d14ac47c6f4b9cd5d8a866401e6994993efb16a73997ba9645fcb7757f6af8fccd31ebb5d470da14cfa6a866746f4b97c3c53c4f31b66c99ac6ad753cbadbb58fe87b7acc5bb57c7ccf4d7ab67cbc5f6a000295a00000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000fb52524d5d53152d3c6b24d2b91ad6a74a9ed393393d064e59ada665ce99ded4d26fbbd13a0d17e1e64b7f0ea54b56ad9ff353b7f2daa9fcb62fd57e5f13b35535e9d7c9f2acbb73ede415480154bd48aa400aa482a9008004000080737945952da3cea4a1723a7d8f936a47e09d6a05cb732929ec86ac6cba5a954d51a2ea6f8bbd0e460a6b4729ab9cf572bd7f548ed4d62757d8fbd8993d516d4ab5350e7b29d56f748bef48be1ea7714b4905140d829e36c71b7622014ec8b0696c865f1a692654f6a5726b5f2ea4362aa154800010000200004002010aa01540215402a80400200004000080001178552000550aa40000800402000040000855028da76453da4df6d332544d523535fc7ad0e5e682b6c2ab4722ab57f4bdbeebd3fce83b63e5514f15544e8a6623d8bb5140a3655b70da2d463ae8e744d6ce85f23627216ad8d3598fd342ae7437de8f4dac5f1f5369635be9539b4f54a8d97635fd0ffb81bb2000040000804000aa1548006baddb1e2b6689d03ae6c8df6a37eebbd0d82a822c9672a65e5ec790d453cb4b3be0998ac9235cd7357a14f99de658d858c816be9dbf9f127b689fadbea870660d987c6f1b70cfe53a000e1d0000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000753905933fc72d1c4d432fa3a6545722ec91dd0dfaafdce7a868a6b46b21a4a76e74b3391ad4ff3a0f6fb16c982c4b361a183dd8d3da774bddd2aa5da75fcaf6fa55b73f8ce45e2005536320aa400aa482a900800400008072f951949a0cfa0a27fe6ec9644fd3e09e3f2031ca5ca8d167d1503fdbd924a9fa7c13c7c4a3939932b5cadabad6aa53ed6b1752c9e3e5f332c99c9bc5ab6b6b19f909ad91aff0053c57c3e6768888897225c8804318d8da8c6351ad6a5c8889722212aa154800010000200004002010aa01540215402a804002000040000800010aa1548001542a90000200100800010000215402a8042a8055200021cd6b9aad7222a2a5ca8bd272d6d584b4b7d45322ac3b5cde967d8ea42dd76b0341625bb9f9b4b56ef6b63245e9f0537c7316e58b8757555337f2b6bd89fa3c53c0b3615b5a5cda4a977b7b18f5fd5e0be206f8804000aa15480042a855000804003cf32b2c4fe175ba685b7534eaaadbb631dd2df4fb1e8654b4ecf8ad4a292965d8f4d4edd5e852bd987ce7166bcfe35e540fad5534b4751253ccdcd923766b90f9181b00000000000000000000000000000000000000000000000000000000000015f32afb5670fb0ccabed59c3ec580057ccabed59c3ec332afb5670fb160015f32afb5670fb0ccabed59c3ec580057ccabed59c3ec332afb5670fb160015f32afb5670fb0ccabed59c3ec580057ccabed59c3ec332afb5670fb160015f32afb5670fb0ccabed59c3ec580057ccabed59c3ec332afb5670fb160015f32afb5670fb0ccabed59c3ec580057ccabed59c3ec332afb5670fb160015f32afb5670fb0ccabed59c3ec580057ccabed59c3ec332afb5670fb160015f32afb5670fb0ccabed59c3ec580057ccabed59c3ec332afb5670fb160015f32afb5670fb0ccabed59c3ec5836593d63c96edad05132f46bd6f91c9fa589b57fce9b8993b790be3cbb3fc2dc9c969e07db35973a496f653a5deeb7a5df15d5e49e277e610431d3431c30b1191c6d46b5a9b11136219aa9bf0c7e338c3965f2bd15480154edc8aa4020010000201aeb72d78ec7a35956e74aed51b3ad7d100a394f940966c4b4b4eeff9a9135aa7f4d3afccd1e4cd80b69cb8baa455a66aea45fea3bd3acad63d993e50da2e92773963cecf9a4ebf04f153d022899046d8a26a318c4b9ad4d888064888d444444444d48881542a90000200004000080040215402a8042a8055008004000080001000021542a90002a8552000040020100002000042a80550085500aa400008000100010a88a8a8a97a29cadb764ad14988811742e5d89fa17d0ea8c648db2b1cc7b51cd725ca8bd206aec3b5f1acd04cbf9ed4dbbe9d7e66d554e42d1a296c8ac6be272a32fce8dff43a2b32d065a34e8f4b9246ea7b7a97d00b842a8550008040000800010071f97d6448f89969d32a35597326d5b53a1df0d9f14ea389ccabed59c3ec7b1cd0c7510be195a8f8e46ab5cd5d8a8bb50f2ab428a4b26d29ecf95555635be372feb62ec5326fc397e51a74e7df154732afb5670fb0ccabed59c3ec580675eaf9957dab387d86655f6ace1f62c002be655f6ace1f619957dab387d8b000af9957dab387d86655f6ace1f62c002be655f6ace1f619957dab387d8b000af9957dab387d86655f6ace1f62c002be655f6ace1f619957dab387d8b000af9957dab387d86655f6ace1f62c002be655f6ace1f619957dab387d8b000af9957dab387d86655f6ace1f62c002be655f6ace1f619957dab387d8b000af9957dab387d86655f6ace1f62c002be655f6ace1f619957dab387d8b000af9957dab387d86655f6ace1f62c002be655f6ace1f605800000000000000000000000000000000000000000000000000000000000f53fc35b0f0365bad195b74d57ee5fb5234d9c575f03cf2c0b25f6ddaf4d42dbd12477b6e4fd2c4d6abc0f718e364313228da8d631a8d6b5362226c4347e3e1dbf251bb2f1c66aa400aa6b66154804002000040007ce79e3a685f34ae46c6c4ce72af421e7b59535394b6ba246d5f6d736367431be3f353679656ce9a5fe1d0bbd88d6f9553a5dd5f0f9f91b4c94b152cfa4c54cdbaa264bf5fe86f427d40da59b67c36652329a14d4dd6e774b97a554b2aa154800010000200004002010aa01540215402a804002000040000800010aa1548001542a90000200100800010000215402a8042a8055200004000080001008001542a9007c2b68e3aea7743226a5d8bbabd672b4f34f62d7aa3917d95cd7b7790ec154d55bd6762e0d3c6dfcd8d3a3f537a80d9452b268db246e4735c97a2991cee4eda3a37e1245f65cb7b157a17a8e8400040000800010aa0154e4ff102c95a9a065a5037f3a93debba58bb782ebe2756632c6c9a37c52351cc7a2b5c8bb15176a11963f29c758de5ebc8a195268d1e9f14ea333e55f46fb0ad8a8a17aae8daef6557a5abadabc0fa9e759cbc6d97b3a0008480000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000001f4a7824aaa88e089b9d24ae46353ad556e403d13f0bac7d1534f6ac8df6a55d144abba9b57e2babfd277656b32823b32cfa7a28bdc8588cbfad7a57e2bacb2aa7a1863f1c6461cf2f95e8aa4020edc84000080001adb7ad54b2acf7ca8a9a577b11a7f775fc369b1553cff28ad07db16b6860bdf1b1da28913f52dfad7e2bf4033c97b256d4af5a89d15d0c2b9ce55fd6ee84faafdcef154a764d9ccb2e823a66dcae44bdeede72ed52d800080001000020010085500aa010aa015402001000020000400008550aa4000aa154800010008040000800010aa01540215402a900002000040000804000aa15480042a855000850401cb5b742b435492c57b6391739b77e95ea37d65d725752364554cf4f65e9e267685236b695f0bb52aeb6af52f41ce59356eb3ebb4727b2d72e63d17a17ac0ea802000042a80552005500aa4000715f891656929e0b4e36fb512e8a4fdabb17e0bf3391a29f4b1e6aafb4de687acda344cb4a867a493dd998adbfa97a17e0a78ddd25055ba39115af8dcac7b7c96e5326fc397ad3a72f1c6cc04547222a6b450675e000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000001d67e1bd978eb7b14f6df1d2333ff00d4ba9bf55f81c99eb1f87166e0b27d2a1cdba4ab7ac9fe94d49f255f89669c7b92bdb9731756aa4020dec6100002000042a855006a329ed3fe1b663f316e966fcb67875af0fa1a1c8cb334f52eae91bec43ecb3c5cbe89f32ae54573ad2b5d608af73215d13113a5d7ebe7abe07676550b6cda086992ebd8df697adcbb57881680200004000080040215402a8042a8055008004000080001000021542a9abaeca1a1a1bdba4d3489fa23d7779aec0366439c8d455554444e95392a8ca7b42b1da3a48922bf6231339dfe7c0f87f0ab56bd73aa24727fd57dfc80ea65b5a821d4fab8517a91d7af22b3f296cc6ec9d5de4c77a1a78f25d3fab52be4d6961b937469b5f33bcdc9e805cff8a2cddf93fd8a66dca5b31db6756f9b1de852ff0087687aa4ff00718bb26e8d763e66f9393d00dbc56ad0cdee55c2abd4aeb97996915152f45454eb43969325d3fa552be4e695ff00855ab40b9d4ef72a7fe93eee407600e520ca4afa47665546925db51c99aeff003e06e68adfa2adb9a8fd148bfa64d57f92ec0362aa010aa015480001000020000402000550aa40021542a800402000040039dca2a2d14cda9627b326a7783bfcf91d115eba992b29648576b9352f52f4015ec7acc651b7396f7c7ecbbc7a94be72f62d4ad1d7e8dfa9b27b0e45e85e8e674eaa01548015402a9000020000798e5fd9d83b6f10d6dd1d5373ff00d49a97e8bf13d34e672fecfc5d86b3b52f7d2bd1ff00e95d4bf45f815edc7b8acd7799382a09b398b1aed6ecf22d1a882558656bfa136f91b745bd2f4d861ad7000109000000000000000000000000000000000000000000000000015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe2805ca781f55511411a5ef95e8c6a75aaadc87bc51d3328a921a68fdc858d8dbe48971e3ff0087b62c7559514d27b4e6d322cea8be1a939aa1ecaaa8897aea4357e3e3e2d66df7cf035f5b94164d9cf5655da5490bd36b1d2a6727c369e7d94d96968e515a0fb26c07ba3a66aab5f3316e593ad6fe86fcfe371429722695adbeaaa259645db99eca7a9a5475ea1456fd9368bd194969524cf5fd0c9515dc36978f21aac89a6736fa4a8962913667fb49ea5fc98cb3b42c0af65916fbdd253b951ac9deb7ac7d4b7f4b7e5c81d7a790aa2fbf66c000a56c57259d674f517fb4d6dcdfdcba90b8aa7259715bae9e89abff00aaf4e49f5028648d0ad65aba77a673204cf555e972ecfaafc0eecd2e49d1252592c9152e7ceba45f2e8e5afe26e40004000080040215402a8042a80550080040000800010000295a56b535991df33ef72fbac6fbce285b9944ca1be9e995afa8d8abb519f734b4364545a5262ab1ef46b96fbd7de7fa2013556b5a36dc8b0c0d73235fd0c5e8fee52cd1e4dc6cb9d54fcf76e37527136f053c54d1a470b118d4e843324610c1153b73228dac6f5352e33000000000000000c26822a86e64b1b5edea725e6a2b326e37deea57e8d771dad389ba007354f69da362c890ced73a34fd0fd977f6a9d1d05a74f68b2f85d7393de62ed4227a78aa6358e6623dabd0a73d5d644f673f1348f7ab1baef4f799ea8075841a7b1ede6d6dd0545cc9f622f43fee6e08020000402000550aa40021542a800402000040000800010aa07336f5361eb74add4d97da4bbafa7fcf137d4352957491cbd2a9ed79f495adca6d3d0b9c89ed44b9c9e5d253c9ca9fe6d3aaff007b7e4bf40378aa400008070d6ce51575b95aeb32c6573614d4e95ab72bfad6fe86fcf901d6d55af67d1395b515b4f1393f4b9e97f0229ad7b3eb5d994f5b4f2b97635af4bf81c9d2e44d2b5a8b55512cb22edccf653d45564452b9aab4b3cb13fa33ee727a83aedcf8d5d3b2b2966a793dc958ac5f254b8e36c8ca1aeb0ab5b66db2ae7c2ba9b2b96f56a742dfd2df9723b745bd2f403c46785f4f3c90c8973e372b1c9e28b717e865cf873576b357c0b197166b69728aa1c97a36744993e3b79a29a6a589893351caeb9da8f3f2c7978db8def96e415f031ef3f8a0c0c7bcfe2870ed6015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe28058057c0c7bcfe283031ef3f8a016015f031ef3f8a0c0c7bcfe28058057c0c7bcfe2800b00000000000000000000000000000000000000000000000000003d0ff000ae8ae8ebab9536ab616af96b5f9b4dc7e225a8fb3325ea56272b64a854a76aa74676dff00da8a7d320693099314caa973a6574abf15b939221aefc56a77cd92ed91a8b74352c7bbcae737e6e437ea9cc6316cbdcab9ec94a0651d951cb7269274d2397c3a1387cce7f2a72e6aacfb51d4766ac4ad85336473db9d7bfa513cbe779d55853367b1e91cd5d491358be68972fc8f2cca9b1e4b1ad89a172b9d1c8ba48deed6ae6aaf5f5a6c2d56eab2572e2a6d1b4d28ed25891264ba2731b9b73ba97ccdf65659ecacb29f35c9a5a7f6dabe1d29c3e479ce4a58f25b36cc31355cd8e2549647b752b5a8bd0bd6aba8f50b7e66c16355b9cbef46ac4f35d5f503a5fc3fb4df6a64bd2ba572ba482f81cabd39bb392a1d12a9c7fe16c0f8325f3dc8a893543e46f95c8df9b54ebc84879e5a0f75b5940f6b575492a46d5ea6a6abf86b3b8b5aaf0366d4545f72b18b9be6ba939aa1c8e46d2e9ed559953d9818ab7f8aea4fa81db46c6c4c6b189735a88889d488640800010008042a80550085500aa010008000100002000073f9436fe11169295df9cbefbd3f4787996adfb612cca6cd8d534f225ccfed4eb34962596b3bb1b528ae4bef623bf52f5a81959162df754d5b6f55d6d63be6a6f4024000000000000000000000000000068ad8b16ebea691b72a6b7313e6859b0edac4a25354bbf353dd72febfb9b439fb72cb585d8da74544bef7a27e95eb403a620d6d8d6a25a1066bd534d1ea7275f89b12002a85520010aa154002010000200004000085500aa400aa043da8f6ab5c97a2a5ca872b4ae5b3ed46a397531f98be5b0ea8e6edf83475a9226c91a8bf14d5e8074841f0a29f114914b7deae6a5fe7d27dc0d2658573a82c19dcc5b9f2dd122f55fb795e6b32528194765325b934951edb97c3a1387ccb397d0ba5b073d3645335ebe5ad3ea84d813367b1a91cd5d91a317cd357d021cbe5565c5559d69ad1d9cb12a42974ae7b73af7752797cc8c96cb9aab42d46d1da4b0a3664cd8dcd6e6dcfe845f3f9dc73195763c9635b3344e573a3955658dee5bd5cd55e95eb45d46392d63c96cdb10c2d573638d52491edd4ad6a2f5f5aec247a4e55d9ecacb2a497353494e99ed5f0e94e1f22fe47d73abac2855eb7be1558957aeed9c950f95bd3360b1eadce5d4b13989e6ba93e67cb20a174561abddb2599ce4f2b913e8a08d67e24d25eca2ac44d8ae89cbcd3e4a70db0f52cb7a5c4e4ed42dd7ba256c89f05b9792a9e5a63dd39935eabdc5b7864d2c4d7f5a19952ce92f6398bd0b7a16cceb800000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000b963d3e2ed6a2a754bd249d8d5f25725e2792bdaecca6c159d4b4d75da1898ce088845a7410dab413d0d425f14ec562ddb53c53c5369641e94f0c0f1aa69aab232d39acab4d8ed02bb39b2226abba1c9d68a7468da2b4a36cb9b054b3f4b9511d71d95b361d9f6f5361ebe9db2b535b5db1cc5eb45e8388aafc25923955f675aee8dabb1b2b35a7fa9abaf812e5f554a2b36374aad82998bef39111b7fa9cdd44b559696a4365d9ac7253b5d9ce915352274bd7a913a10dfd2fe133e4951f68daee91a9b5b1335affa9cbab81db58f61d05854d87a0a76c4d5d6e76d73d7ad57a4278fb59d430d994305153a5d140c4637ad6ee95f12c0200e7b2d6a74766c70a2eb9644bfc935fcee2322a9f4767cb3aa6b964b93c5113d554d765bcf9f5f0437ea8e3cef8aafd90e8ec2830f645232ebbf2d1cbe6bafea05f0080040215402a8042a805500800400008000100003e553511d2c0f9a45b98c4bd4fa2a9cc656da0ae747411af53df775f427d7801ae8192dbf69be69afd1a2deef06f4353fceb3a76b51ad46b5111112e444e82a5954494348d62a7b6ef69ebe25b2400000000000000000000000000000000039a8e6ab5c88a8a972a2f480072f5314961da4d962bf46ab7b7c53a5a7510ceca88592c6b7b1e97a152d5a24aea473113f31bed317c4d6e4d56aa39f46f5fee65fcd3fcf12074042a8550008040000800010000215402a9002a8055200006a72862cfa5649d2c75df05ff10da956d28f4b413b7fb6fe1ac0ab93f2e7d23a35dac7725ff14d99a0c9e9336a648f7997f05fb9be03e35b491d7524b4b325f1cad56af8789c159f593e49da1259d6835d8773b39af44d5fb93c17a4f422a5a565525ad0686ae1491a9eeaec7357ad140a089456946d951b054b13dd72a23aef40ada2b36374b9b4f4ccfd4e4446de69a7fc3f7c722ba86d173117a1edd69f14f410fe1fc92c88eaeb45cf44e8636f55f8afa12850b46b67cabaf8eceb3daed035d7b9ea9a97fb97a910eea8a923a0a48a9614b991351a9e3e27caceb2e8ec98743490a3117de5dae72f8a96884abda34f8ba0a9a7bafd2c4e6714b8f193db8f1bb520c35a75705d724733da9e48aa67df3d55fa6fb8f9d1bf32a1bd4ed46d0d2a2ab551536a6b372d723da8e4d8a97996b444800848000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000006f721e1d3e5450b553535ce7f06aafccd11d5fe1b45a4ca35776703ddcd13ea75ae7728e73bcc6bd508550aa0f458421542a9000020000401e7f942f5abb7e6626fb634e089f33be631236358dd48d4444380a6ff9cca56bb6a3ea95ff000cebcf400040215402a8042a8055008004000080001000021542a900632c8d8637c8f5b9ac4572af821c659ad75a96bbea654bd11cb22fd13fcea37d9515587b2dcc45b9d33919f0dabf2e651c9ca7d1512caa9ae575ff0004d5ea06d400480000000000000000000000000000000000001ccda91bacdb59b511a5c8e5d227d53fceb3a63559474fa5a2495135c4ebfe0babd00dac6f6cb1b5ed5bdae44545f024d6e4fd469ace6b556f744aacf86d4f99b12000200004000085500aa400aa0154800010000317223daad5d8a9712401ccd96e582d38dabd6ac53a539997f22d655d88d9b3be17de74c0810aa1540021542a900002001e5595f0e8728eb1b76a739aee2d453d54f36cbf8f32decebbdf85aef9a7d0a77feab757b7366ce89f9d4edf0d46b0bd66bb53dbe28a63ad5170004240000000000000000000000000000000000000000000007cb170eff2518b877f9281f507cb170eff002518b877f9281f507cb170eff2518b877f9281f507cb170eff002518b877f9281f507cb170eff2518b877f9281f507cb170eff002518b877f9281f507cb170eff2518b877f9281f507cb170eff002518b877f9281f507cb170eff2518b877f9281f507cb170eff002518b877f9281f507cb170eff2518b877f9281f507cb170eff002518b877f9281f53b4fc2e65f6ad649bb066f1727a1c362e1dfe4a77bf8512325a8b49cc5bf3591a2eaeb577a166afde38dbfad7a310aa154837b1001000020018bdc8c639cbb112f322bd7bb368aa1c9d113979281c3e4bb7496ec0abaeece72ffb54ef8e1f23db7db17eec4e5f91dbaa820aa010aa015402001000020000400008550aa4000aa15480396cb19f3aa29e04fd2d57f15bbe86d6922d0534516e31117cee3476e2e2328922da88e8d9f2f53a12400000000000000000000000000000000000000000f955c5a7a5962df62a7c6e3ea00e7b2625ba69a1de6a3b82fdce84e66cbfc8b75d1f4673d9f3f43a5208004000085500aa400aa01548000100002010008000e6ad84cdb46554e9b97921d223b391153a50e7add4babafeb621bda75cea7897ad89f203e842a855200004000080079ffe2332eb4a95fd70ddc1cbea7a01c1fe24ab5b3d03956ebdaf4e69ea57bbf559abf671e59b3dd74f775a14f4acebe47d69aa18c9d8aaed57f518ab546e01f2c5c3bfc9462e1dfe4a72e9f507cb170eff002518b877f9281f507cb170eff2518b877f9281f507cb170eff002518b877f9281f507cb170eff2518b877f9281f507cb170eff002518b877f9281f507cb170eff2518b877f9281f507cb170eff002518b877f9281f507cb170eff2518b877f9281f507cb170eff002518b877f9281f507cb170eff2518b877f9281f507cb170eff00250065a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367041a18fb36704330061a18fb367043bff00c296358b6a2b5ad6ea8b627ef3833befc2b5d769a7fd2fff0032cd3fbc57b7f5aef8020dec6004000080055b516eb32ad7aa17ff00f6a964ab6a7b566d5a75c2ff00fed50393c8c4bed593c2177cda76a715918b75ab278c2ef9b4ed1541055008004000080001000021542a90002a85520000401c7d4fb7950b7f6a9c90e88e72a7d8ca85bfb54e6887464800000000000000000000000000000000000000000000e699ece51adddaaf343a439a67b5946bff00557921d2100010aa01548015402a9000020000402001000021542a8039fb793fe75bff004d3e6a6ea917fe520ffa6df91a5b797fe75bff004d3e6a6e6912ea4853ff004dbf203ea01000020000400388fc496a2ad9caa88bfcdfff0013b6389fc485f6acf4ff00a9ff00e257b7f4ab35fed1c4e63775381946d6a48d5cd6ea54e800c4d4dbe863ecd9c106863ecd9c10cd16f445072e986863ecd9c106863ecd9c10cc0186863ecd9c106863ecd9c10cc0186863ecd9c106863ecd9c10cc0186863ecd9c106863ecd9c10cc0186863ecd9c106863ecd9c10cc0186863ecd9c106863ecd9c10cc0186863ecd9c106863ecd9c10cc0186863ecd9c106863ecd9c10cc0186863ecd9c106863ecd9c10cc0186863ecd9c106863ecd9c10cc0186863ecd9c1019800000000000000000000000000000000000000000000000000775f85aebaa2d16f5b235e6ef53853b3fc307dd6ad5c7bd06770727a966afde38dbfad7a40041bd880080040215402a9f0ae6e7d15437ae3727253ee62f4ce6ab7ad2e0389c90766daf76f46e4f91db9c1e4c3b476e408baafce6aff00b54eec102000040000800010aa1548001542a9000020010080391b6ff2328525d88ae8dff2f43a234995f0dd3d3cfbcd56705bfea6da926d3d3452efb11491f5000000000000000000000000000000000000000000f955cda0a5965dd62aa7981cf599f9f6e3a4e8ce7bfe7ea74873f93515f34d2eeb51bc7fec6fd5480552005500aa400008000100800400008550aa0010aa1548039fb716faef26221bca74cda7893a989f23416bae75a1222745c9c90e8512e444ea0240200004002005500aa70df88cebe7a16f535ebcd0ee0e07f111f7da54acea86fe2e5f42bddfaacd5fb39400189a9b88d6f8d8be0864610ff263fda9f2333974000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000001d4fe1c4ba3ca256f6903dbcd17e872c6f322a6d0653d0b957539ce6716aa1d6bbcca39ce771af5e0083d16108042a80550085500aa01007054fff0029948d6ec4654e6fc33ae3bc384b7dab4b6eccf4de6c89c117e6774c7a3d8d7b76392f402480001000021542a90002a855200004002010000200d565353622cc73d12f744e47fc362fcf9153272a34b44b12aeb89d77c175fa9be9236cb1ba37a5ed7a2b553c14e42cc7bacbb5dd4d22dc8aab1afd17fceb03a6001200000000000000000000000000000000000006ab28ea345449122eb95d77c135fa1b5398b5645b4ad56c11aded6ae8d3eabfe7501b3b0a0d0d035ca972c8aaef8741b0218c6c6c6b1a9735a88889e04aa900aa400008000100800400008550aa0010aa154800018b9c8d6ab976225e073b2fe7daaa9b6f96ee771d19ce59a8b35a2c72f5ab94e881000800400aa01548015402a9e71979267dbb9bb90b5bf35fa9e8c797656cba6ca1ac5bf52391bc1a8853bff55babdb50003234b6f07f263fda9f2333187544cfda86472e8000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000002dd935184b568ea2fb923998e5f24721500857bc9055b2eab1d6652555f7e9a163d7e288a59553d2f6c02a8042a928154020010001c8659c39b5b04d76a7c79bf145fba1d05893e22c9a57df7dd1a357e1abe850cb0a7d259ec99135c526bf25d5f3b8c723aa33e82585575c4fbfe0a9ea8a06fc800010aa1548001542a90000200100800010000215402a9cde54d0aa3995b1a7f6beee4bf4e07487caa21654c2f8644bd8f4b940d7d955a95d48d7aafe637d97a7896ce629e492c2b4dd14b7ac6ab73bc53a1c9fe759d3b5c8e6a39aa8a8a97a2a7492000000000000000000000000000000000007391ad5739511112f555e8029dab5a94348e7a2fe63bd962789abc9ea45557d5bd3fb597f352b55cd25b768b638afd1a6a6f8274a9d143132089b1469735a9721033552000040000804002000042a8550008550aa4000080057b424d1514cefedbb8ea2c1acb725cda7647d2f75ff04ff100ad61477d448fdd6ddc7fec6ecd75891e652b9ebfaddc93fc5360008015402a9002a8055201000f21b4e7c4da55535f7a4933dc9e4aaa7ab5a15185a1a8a8beed1c6e7f043c80cff917d45fa67ba001a97aa275a9997b72c4b98d4ea4240397400000000000000000000000000000000000000000000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000f53fc3cae5adc97a74722a3e07be1722f45cebd392a1d21c07e16d6dd25a540abd2c9d89e699aef934ef954dfaef718c5b2732a2a8041638080001000156d4a6c659f5105d7ab98b779a6b4e672b92753a1b496155d533153e29ad3ea7667075cd75916e39cd4d51ca92353adabaeefa01de10aa62c91b231af62ded7222a2f5a12002a8552000040020100002000042a80550085500aa40006b6dcb2d2d1a7ce62224f1eb6af5a751a9b0ed4585d82a9556a5f7315dfa57a94e9cd25bb62e2516aa9dbf9c9ef353f5fdc0da0345645b575d4d56eb953535ebf2537a4800000000000000000000000000001cfdb96a2ccec1d3ade97dcf54fd4bd48676c5b57df4d48ebd57539e9f2432b1ec9c3a2544edfcd5f75abfa7ee058b26cf4a186f7a2699fef2f57817802008000100800400008550aa0010aa1548000100002001a1b6a6d255e626c625df1da6f5ce46355cab72225ea73b4e8b5b6822aa7bcfce5f2da06f2922d053471ec546ebf3e93ea02a80552005500aa4020010001a3cb4abc2e4fcf75eae955b1a7c56f5e48a798e91dd9a9dc7e21d5fb149488bb55d2b93927d4e2cc9baf7269d53fd5f3d23bb353286472cacfca72eb4d4647de89b9d50df0bd4a56ade2a4eeefe7e831527777f3f42c03974af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa0c549dddfcfd0b000af8a93bbbf9fa02c0000000000000000000000000000000000000000000000000000003719155ff00c3f2b68d556e65531d4eef8eb4e6887af1e093cb252be1aa896e92091b2357a9516f4e771ee945571d751c15716b64f1b646f92a5e6bfc7cbc719b7cf3d7d8800d0a0208739ac6ab9ce46b512f5555b910d2d565ae4f523d5925a712b93b347489c5a8a806ec83554195562da6f48e96d185cf5d48c75ec72f923aebcda80397cb1a4d7055b53ff4dcbcd3ea74eaa54b528d2be82682ef69cdbdbfb935a014f266b31566318ab7be15cc5f2e8e5f236caa71993158b4968e85eb73664cc545e87747a7c4ec800040020100002000042a80550085500aa40000800010001a8b5ec26565f3c17327e94e87fdcd650daf3d9cfc355b1eac6eab97de67aa1d4952bacda7b41974adf69363d36a0194151154c69242f47b57a50fa1cccf67d7d8d22cb039ce66fb3abc50b9479491bee6d5333177dbad38123740c219e2a86e7c5235edeb6ade6600000000000000184d3c54edcf9646b1bd6e5b8d45665246cbdb4acd22efbb5270036d3d4454d1ac933d18d4e9539fafb627b41f87a46b9ac76ad5ef3fd10f9c5455f6bc892cee7359bcff00a21bba3a082859744df6976bd76a902a59963b692e966b9f37427437ee6cc00040000804002000042a8550008550aa40000800010000200a56bcfa2a456a2fb527b29f52ad870ff32654fed4fafd0f85af3e9aab46dd691fb3f1e936f490e1e9d9174a26bf3e903ecaa400aa0154835f576f59942e564f59135c9b5adbdca9e68979f38329ec8a8723595d1a2aefa2b3e68806cc808e4722391515175a2a74800403e55550da5a696a1feec4c57af9225e079ce58d662edd99116f6c289127c36f35534a6734ae9e69267adef91cae72f8aade6060caf6f5b64e4e05bb39b7bdeeea4b8a86c2cf6dd0abb794e6a62d000e5d0000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000003e750ccf85edf03d2bf0c6d4c764e25339d7c946f58fc73575b7e6a9f03ce4dc7e1bda7fc33295f44f75d155b563ff00526b6fd53e25ba72e64af6cee2f5c3e5535315253c9513bd19144d57bdcbd0887d0e37f142d07d358b0d231553132fb5e2d6ebbb8e69b98dce5a36ada99755cf8a17ba9acd8d7537a2ee85775bbc3a399729f23ecb8588924724eee973dea9f2b8bd635132cfb32085a888b9a8e7af5b975a9c15bd97768bad499b665568a958b98db98d767ddb5dad176fc8943aaadc8ca1998ab4ae7d3bfa35ab9bf1bf5f33ef92f9535d625a0db16da7aba172a36395eb7ab2fd9afa5abc8d0e45657d55a15cfa1b4e7491f225f0bd5a8dd69b5ba913a3e46e32ce89b3d9a95489f9903935ff006aadd771b80f4a0aa6a7256d07da793d435322aba458f35cabb555aaad55e46d484b8bca2a37505a7a58ef6b655d23553a1dd3cf5fc4eaacead6d7d14550975ee4f693a97a4ad941418fb3dd9a97cb17b6df1eb434d92968686a1d46f5f625d6cf077dd3e4075640200004000085500aa010aa015480001000020000402000550aa40035f596251d5deeccd13d7f5335722faa8039996c0aea5767d2c99f76c56ae6bbfcf898a5ad6a50ae6ced554ffd567d4e9c854454b952f403451e5427f56997cdae2c372928d76b266ffa53d4bb259d472eb7d344abd68db979159d61503b642adf27a818ff00c4543d727fb4c5d949469b1933bfd29ea65ff0fd0eebff00dc4b6c2a06ff004557cdca48a9265427f4a997cdce2b2daf69d6ae6c0d56a2f64cfa9bb8ecea48bdca68917ad5b79635225c89721039d8ac3acaa767d4c9997ed572e738da5258f4b4b73b3348f4fd4fd7c8ba15405e400008000100800400008550aa0010aa154800010000200004003e3573a5353be55da89abc54fa9a5b66ab492a40d5f659ad7cc0f959902d4d5e7bb5a33da55eb5e837c54b369b0f4c97a5cf7fb4a5b5500aa71b6cdb5596cd72d95652aa468aa8f91ab76775ebe86fcce83282add4363554ec5b9e8ccd6af52aadd7f335191b44d82cd5aa544d24ee5d7fda8b75dc6f2445164650c2c45aa73ea1fd3ad5adf85daf99f5a8c8fb2e662a471c903ba1cd7aafcef34796b95f5567d73286cc9d237c697ccf46a3b5aec6eb45e8f99acb072eed16da90b6d3aad2d2bd731f7b1adccbf63af444d9f2bc21ba8a7b4323ead914ce59e85ebaaed9e69d4be07670ccca8899344e4731e88e6aa74a29afb66899685993c2a88ab9aae62f53935a1afc87ab74d66490396fd03fd9f045d7f3bc25d19cee5bd7616c7581ab73ea1c8cff004a6b5fa27c4e8554f3ccb7afc5dafa06adeca66e67fa975afd13e055b72e62b35cee4e7800626a0dbd3b3321637c0d5c2cd24ad6f5a9b722a6000212000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000152a24928eb61ab8573646391ed5ea7356f4fa16cf856c79f02af4b758857b859768456ad9d4f5d17b93c68fbba97a53e0ba8e3ff15a99f259b4552897b6295cc5f0ce4fff0053e1f8536d69696a2c891ded42ba68917757de4f82dcbfea3b3b62cb86d9b367a19f53256dc8ee96aed45f829e8e197675872c7978e5a9248ed0b3a372fb51cd1222a79a6b43c8adeb1a5b12d49a91c8e5622e746ebbde62ec5ff3a8ee68ab6ab24ab64b2ad48dc90a2ded7a25e89fdc9d6d53a7a7aea6ab623e09e3911775c76e1e6d90561bad1b552b256aa4148a8fbf6673ff004a7d7fee76d95d50d86c5918abed4ae6b1a9f1bfe85eadb5e86cf62ba7a8622a7e845bdcbf034367d155e5d5b0d7b98e8ace817da5ea4eabf797901dbe44533a9725e818f4b9ce62c9f073955392a1bc31635b1b1ac6351ad6a5c889b11092121c55b944eb2ed2d2c57b58f5d246a9d0bd29f053b428db167a5a544f8d11348df698be207d2cdae6da346c9db722aea72753ba50b271d93f68ad9f58b0ccaad8a45cd75ffa5dd0a7617800085500aa010aa015480001000020000402000550aa40021542a800402000040000800010aa01548015402a9000020000402001000021542a80042a855200004000080001000801540f8d654a52c0e9176ec44eb534b67d3ad5d567bf5b5ab9ce5eb532b4eab153a46cd6c62dc9774a9b5a1a64a4a7467eb5d6e5f102c2a900803559530ba7b06adad4bd51a8ff00822a2af24529e48d4366b163622fb5139cc727c6ff00a9bf7351ed56b9115ae4b9517a50e224654e475a8e7b58e928665d5e29d5fb9399256872f6c3759d6aad644d5582ad55f7eebff527d7fec6a2c1b1a5b6ed48691a8e462ae748edd626d5ff003a54f5ba2b5e86d0623a0a862aafe855b9c9f03eb515d4d48c57cf3c71a26f3821855c91d9f66caf4b9b1c312a353c92e4434b9090b9b455332a6a7c88d4f827dca56a5a73e5354b2ceb398ed05f7b9ca976778af5221d659f431d9d47152c5eec6975fd6bd2a13135f56ca0a39aaa4f76262baeebea43c9a695f3ccf9a45bdef72b9cbd6aa76797b69e6410d9ec5f6a45d249fb536271f91c49937e5dbc69d58f27400142d5ab3e3be473f750d81f0a28f32045e976b3ee735d4000000000000000000000000000000000000000000000000015f32afb5670fb0ccabed59c3ec058057ccabed59c3ec332afb5670fb016015f32afb5670fb0ccabed59c3ec058057ccabed59c3ec332afb5670fb016015f32afb5670fb0ccabed59c3ec058057ccabed59c3ec332afb5670fb016015f32afb5670fb0ccabed59c3ec058057ccabed59c3ec332afb5670fb016015f32afb5670fb0ccabed59c3ec058057ccabed59c3ec332afb5670fb016015f32afb5670fb0ccabed59c3ec058057ccabed59c3ec332afb5670fb016015f32afb5670fb0ccabed59c3ec0580a88a8a8bb14af9957dab387d86655f6ace1f6026c3b4e4c9eb720ac6dea913ee7a27ea62ea54e07bac52b278992c6e4746f6a39ae4d8a8bb14fcfb5d05422a48e7b56fd4b77fd8f4ffc2fb75d5d653acca87a2cf47ee75ba35d9c175795c69d197d33eec7edd4da963d0db30682ba9d93353dd55d4e6af5a2ed4392aafc2ba37bd569ad19e26eec8c47ddf1bd0ee55483533b8ca0fc30b369de8faba99eaaefd08998d5f3bb5f33aea6a5828a06414d132189897358c4b910fa9000804000080398ca8b3347263626fb2f5ba444e85ebf897f276d4c653e1e577e7449d3fa9bd66d668993c4e8a46a398f4b9514e2eaa09ec2b45158abecae731dbcdff3501db2a82bd0d6c75f4cd9e25d4bb53a5abd47dd5402a900002000040000804000aa15480042a8550008040000800010000215402a9002a80552000040000804002000042a8550008550aa400008000100002001002a8055285ab59a08b44c5fcc7a7042cd4d4329a2591fd1b13ad7a8d1c51c968d52ab976adee5ea42459b22933dd887a6a6ea6f8af59b731631b1b118d4b9ad4b910920080001f39e08aaa27453c6d92376d6b92f4533007355790d452b95d4f3cb05ff00a57da44faf33e50641d335d7cd592c8dea6b51bea752aa00ad436752d9b168a9616c6de954daef35e93ed248d8a3748f72358d4573957a110c954e632ead5752d0368a17224b51ef783136f15d5c48cb2f8cebac676f1c7daf683ad4b466aa75e88f77b28bd0d4d489c0a67cf365de419b2ef2182f9f2d73c3e8651334923589d2a7c7365de42d50c150aab235ed4bb525ff00f62131b444444b936202be655f6ace1f619957dab387d8e5d2c02be655f6ace1f619957dab387d80b00af9957dab387d86655f6ace1f602c02be655f6ace1f619957dab387d80b00af9957dab387d86655f6ace1f602c02be655f6ace1f619957dab387d80b00af9957dab387d86655f6ace1f602c02be655f6ace1f619957dab387d80b00af9957dab387d86655f6ace1f602c02be655f6ace1f619957dab387d80b00af9957dab387d86655f6ace1f602c02be655f6ace1f619957dab387d80b00af9957dab387d8016000000000000000000000000000000000000000000000000000000006134692c4e675a6af33e593d6c4b605b1056b2fb98ecd91a9fa98bb53fce9442c1aeaf8b325cf4d8ef9938de54653af7d8278ea608e785e8f8e46a3d8e4d8a8bad14cce03f0c328b4d03ec5a87fb715ef8157a5bd2df86df8af51df1e86397ca758b2c797810083a72004000085500aa52b56cd65a54cb1adc92375b1dd4be85d21540e32cdae9ac6ad73256b9197e6cacfa9d847232563646391cd725e8a9d26aaddb1d2ba3d3c29f9ec4d9be9d5e66aac3b616824c3ceaba072f4fe85f403ac2022a392f45bd17a40020000402000550aa40021542a800402000040000800010aa01548015402a9000020000402001000021542a80042a8552000040000800010008015402a98bdcd6355ce544444bd554955b92f5d868ed2af5a9768a25fcb45e8fd4a48f9d5d4bed0a846b11736fb98dfa9b7a2a46d2459a9adcbadcbd6a7c6cda0c3b749227e6393fda85d00400401000021542a80042a85520918cb2b2089f2c8e46b188ae72af4221e576c5a4fb56d096a9d7a2396e6357f4b53621d4e5cdb1a389b6642ef69f73a554e86f427c76ffdce28c9bf3edf8c68d58f27400142e1115551136a9b7863d144d67526bf328d0459f2e7aec6fccd89153000109000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000f9d445a6895bd3b53ccfa00359435b3d9b5b155d3bb32685e8e6af8a742f81ee5625af05b966435d06a4913da6dfad8ee9453c42be1cc7e911353b6f99bec82ca6fe0768e1aa1f75154aa23957646ee877d17ec5fa73e5e553b70ec7af0041b1940085500aa010aa015480001a0b7ac4d36755d337dbdaf627eaf14f137c00e62c2b6f0ea94b52efca5d4d7afe8f05f03a6befd69b0d05b7616933aaa91bed6d7c69d3e2856b1adc5a554a7a955587635dd2cfb01d41042391ed4735515abad153a4000aa15480042a8550008040000800010000215402a9002a80552000040000804002000042a8550008550aa400008000100002001002a80552085546a2aaaa2226d5534d68da4b3df142aa91f4aef7d8913695a3a5be1857d8fd4e4fd5f63eb6659d9974f327b5b5ad5e8f122ceb3736e9a74d7b5ad5e8f1536640100002000042a8550008550aa412054b52d18acaa196aa5d68c4d4dde5e842daadc79d6565b9fc52b7430bafa6816e6ddb1eee977a7dcaf667f18ef0c7e55a7aaa996b6a64a899d9d248e57394f900626a0222aadc9b416a821cf7e91535376799095ca78b431237a76af99f400e5d0000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000319234958ac76c5350f62c6f563b6a1b92ad7419edd2353da6edf142622bd07f0f32a7f88d2a59556fbea606fe5b957f98c4faa7cbe27687e7fa4ab9a86a63a9a791639a27239ae4e853da72672861ca3b35b50cb9b337d99a3dc77a2f41b3567d9f1acbb30e798db2a8042a972a15480001000020000692d8b092a73aa29511b2ed733a1ff7374401c9d976bcb66bf433239d0df72b176b17c3d0ea20a88aa6249617a3d8bd2852b52c786d0457b6e8e64d8febf339e8a6acb12a95aa8ad5e962fbae403b12154a767dab05a0df6173244dac5dbf0eb2e002010000200004000085500aa401780552000040000804002000042a8550008550aa400008000100002001002a80553e72cac858af91c8d6a74a9f1abae8a91bed2e73fa1a9b4d3c92545a53225caabd0d4d8d24675b684958ed1c68a91dfa9a9b5c5ca0b3122ba5992f7ed46eefdcfb5159eca54ce5b9d26f75791680100100400008552dd9f46db4247c092e64ee6fe4b553548eddbfa1553678ea2a39aad72b5c8a8a8b72a2f40021542a90480550aa6b6dcb622b1a89d33ae74aef66366f3bd108b793b53277c3559636f60e05a0a777e7ca9edaa7e86faafc8e10fa54544b553be799eaf9245ce7397a54f99873cfe57ad78e3f19c00070e92c62c8f46376a9b78e348988c6ec42bd0c198dd2393da76cf042d1153000109000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000006b2ae9f42fbda9ec3b67817327adea8c9eb4595705ee67bb2c77ea91bd5e7d4a7d658db2b158ed8a6a658dd13d58eda9cceb1bc7363de2ceb469ad5a28ab292447c5225e8bd29d68be28583c772432aa5c9caccd915cfa2957f3589fa57793c7e7c0f5e82a22a98593c123648e46a39ae6ade8a86dd79fca326787c6be840058e0200007de86cfa9b4a6586962591e8d572a5e89a93ccae76f90741a2a49ab5c9ae576637f6a6de7f217c2638da9a4a8a37e8ea219227753daa87c554f5e9a08aa6358e68992b176b5ed4543435f91167555eea757d2bd777da6f05fa291d38f3e3e157490d6c5a39988e4e85e94f23a4afc8cb528ef744c6d5313a625d7c175f0bcd1c913e17ab246398f4dad725ca848e46bec8a9b35fa5895cf8d16f47b76b7ccb967651aa5d1d625fd092227cd0dfa9a8b42c08aa2f929ee8a4ddfd2be810dab2464ac47b1c8e6aec545bd1493916c95d634d77b51ff6aeb6b8dcd165053d45cd9bf25fe3eeafc40da02115152f454545e90000215402a900280bc800010000201000800010aa1540021542a9000020000400008004055444bd752142aad7861bdb17e63bc3627c40baf7b58d5739c8d6a6d55355596c6d6537fbd7e85473eaad192ed6ff0004d4886c292c98e1b9f35d23faba13d40a54b413563b48f556b175ab976af91b8829e3a666646db93a57a54fa904810010040007d696967ad9d94f4d13a595eb735ad4bd54f4cc96c8882c84655d72367acda89b5b17975af8f029fe1b54598ea59618e26b2d06eb91ce5bd646dfa953a913a8ed8e6d7523cc72e72596caa85b4a8997524aef69adfe93fd17edd4696a6eb6a95d58c4ff009d85b7d4353faaded13c77b8f59ec7514f155c12413c6d92291aad735762a1e4b6fd8d579236c35f039da255cf825bb6a74b57c7a153a53cc99516340154b15f2d34d50b2d2c6e898f4472c6bb18ee944f0ea29cd347044e9657a318c4bdce5d8884a1f3adac86cfa67d4d43f363625eabd7e09e2799db16b4d6c56baa25d4dd8c67431bd45aca3b7df6d54e6b2f6d2c6bec37affb97c4d39936ecf9789e9a75e1cf340014ad0fbd253e99f7b93d86edf1f03e5146e95e8c6ed5e46da28db13118dd8845a991900084800000000000000000000000000000000000000000000000000000002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f141818f79fc50b000af818f79fc506063de7f142c002be063de7f143e73d991c8cf655d9c9b2f52e01d38d0ad3a35551739150eaf2272b9d604a94756f7be8245f35857ad3c3ad3e3e7a8aca5d2269189ed26d4eb35e778e565ec719632f8af7f8e564d1b648ded7b1e88e6b9ab7a2a75a12794e46e59bec47b68ab5ce7d0b9752ed5857ad3c3ad3fc5f538a58e789b2c4f6be37a6735cd5bd153ad0db867328cb9e371acc8041db864c63a47b58c4bdce544444e953d5ecea36d9f43052b7644c46aaf5af4af13cae96a9f4753154468d57c4e47351c97a5e87614197d0bee6d7533a35df8b5a705d69cc8a98eb41528ad5a2b452fa5a98e55db9a8bed27c3696ce5d057abb3e92bd999554f1cc9d19cdbd53c97a0b000e56bf206926bdd453be9ddbaef69bebf33869a3d14af8f39afcc72b739bb16ee943d4328ed0fe1b63d44e8b73d5b98cfdcbab96df81e5f4f03eaaa238234bdf23918d4f155b8ea39af84d0c750c564ac6bdabd0a8696b72736be91ff00e872fc94f7193272cc9e922a79a9237a46c4623d12e76a4eb4d6682d0fc3d6adeea0aa56ff0064dad38a7a0e9c78ec5555d653f33db626e3d352ff009e06d693286096e6d43562775a6b69bcb52cb7d1d449455b1315ecbaf6de8e4d697a1a1aac9d89f7ba9e458d775dad3d49436cc9593373a37b5edeb6ade49cac9475f66bf3d1af6ddfae35bd3fcf33ef4f943531dc9335b2a75ec5075d1aa906be0b768e5b91ce744bfdc9f542eb258e56e746f6bd3adab781990000201000800010aa1540021542a900002000060f9191a5ef7b5a9d6ab7019028cd6bd2c57a35cb22ff006a1467b6e67ea89ad8d3af6a81b9924646dce7b91adeb55b8d7d45b50c77a428b23baf621af65356573b3951eefee7aea2f4162c6db9667abd775ba9091424a8abb41f99ed3bfb5a9a90b94d62ec7543bfd0df53671c6c89b9b1b51a9d48864aa40c238d90b73236a353a90c8100080001035aadc877192b902e9b32b6d762b63daca65d4aef177527804b5193191d556f3d26973a0a245d722a6b7f837d761d3655643533ecc64964d3a473d336ecc6ed95bd37f5bbfedd4764c63636358c6a35ad4b91a897222191cf53c78550d754599591d5533d592c4ebd17e8be07b164fdb905bf67b2aa1b9af4f6658efd6c77579751c6e5fe4ae19eeb5e899f94f5be76353dc55fd49e0bd3e273593d6fd464f57a54c299ec7266c912adc8f4f5ea527da3d3d86d0b4696cba57d555ccd8a26f4af4af52274a9e5595795d3e514891319a1a38dd9cc62fbcabd6abf4285b76f56dbd54b3d5c97a27b91b7dd627827d4d5c9232263a491c8c6352f57396e444121d1ef6c6c73dee46b5a97ab956e4443cf72a7289d6c4986a7739b46c5e8d5a45eb5f0ea433ca6ca775a8e5a5a5556d23575aec5917ad7c3c0e7ccdb76f7c45faf5f3cd7cf40deb51a06f5a9f4052b5f3d037ad4253a39511339554fa1b0a3a5d1a691e9ed2ec4ea23a9918c166471b3da73b3976dca7d3031ef3f8a1601cf5d715f031ef3f8a0c0c7bcfe28580057c0c7bcfe283031ef3f8a160015f031ef3f8a0c0c7bcfe28580057c0c7bcfe283031ef3f8a160015f031ef3f8a0c0c7bcfe28580057c0c7bcfe283031ef3f8a160015f031ef3f8a0c0c7bcfe28580057c0c7bcfe283031ef3f8a160015f031ef3f8a0c0c7bcfe28580057c0c7bcfe283031ef3f8a160015f031ef3f8a0c0c7bcfe28580057c0c7bcfe283031ef3f8a160015f031ef3f8a0c0c7bcfe28580057c0c7bcfe283031ef3f8a160015f031ef3f8a02c0000000000000000000000000000000000000000000000000000000000000000000000052aca4bef9634fdc9f52e8034a7499279633d812253d4674d42e5d6ce98d7adbe869eae92ebe48d3574b4a6778e565ec71963df15ef3495705753b2a29a56cb14897b5cd5d4a7d554f1ac9cca8acc9da8be3559299ebf9902aea5f14ea53d5ac8b668edca54a9a3951c9fa98ba9cc5ea54366bd932ff00acd9e1715e21542a82c5696b9cc7239aaad726b4545b950dcd0657dab4373567c4313f4cc99dcf69a4207b1dfd065e50545cdab8a4a676f7bede5af91d0d35653d6c7a4a69e399bd6c722dc78f99c33cb4f22490caf89e9b1cc72a2a11c4f5d67e20da19f353d035753134af4f15d49cafe252c85b3f156bad4392f653373bfd4ba93eabf034355553564ce9ea2474923aebdcedab725c7599196dd956751ba9e799619e47e739cf6fb2bd0897faf58fa1db184b2b2089f2c8b9ac6355ce5ea44114b1ccc49227b6462ec7356f45f89a0cb9b45286c47c48e46bea1733c9bb5cbf4f89cba72167c6fca2ca46ac897b669564913a9a9aeee1a8ef2d0c98b2ad2bd65a56b245fea45ecbb96a5f89e3149f8b567e4b4f50b4142eb4eadc891b5f9f991b52fd7aee5576bbb65de665ff008ef9659da4ff0087e8743b7f9135f77eecebb91d595ccb1dfda1f87b3c77ba82a5b2a6e4becbb8ec5e47216b64c494ce54afa07c2aabefe6dc8bfea4d4a6e3253f1eac7b5e76525b54ceb26772e6a4aafcf8557c56e456fc52eeb53d3fd89a3fd3231e9e68e423b6279d7e7c9f271bb609d53c1e9f54293ec9afa676736372ddfaa35bfee7bb5a19196457dee6c2b4d22fea856e4e1b0e62d0fc3fb469af752491d5313a3dc7f05d5cc9ea38f2f6da56852ae6ba493ca44bfe6588f28a74fe6431bbcaf43a3aca29a964586ae9df1bb7646ddf328c966d1c9ef53c69fb52ef912853665140befc3237cae53ecdb6e89db5ee6f9b57e860fb0691deeac8cf277a9f1764eb17dca87279b6f02eb6d4a276ca86fc6f432fe2148bff00988bfdc86add93d227bb3b57cdb7182e4fd4744b173f4036f8da5ef30ffbd085afa54ffcc45fee4351fc02a7b4878afa129604fd32c5cfd00d9bad3a36ed9dbf0bd4f93ed9a36ec7b9de4d5fa94d2c07fea9da9e4dbccdb60313de9dcbe4db80cdf6f429ee4523bcee42bc96f4cbee44c6f9aaa96db6252b76ac8ef353eecb3e963f76067c75fcc0d2bad0ada85b9b23fc98977c89659b5b3ae7398a97f4bd7fc53a06b5ac4b9a8889d4884b18f95d9ac6b9cbd4d4bd40d4456126d96555f06a7d4bd0d05341ad9125fd6bad4d9c763da537f2ecfab7fed85cbf42cc792d6dcbeed99529fb9b9bf3071aa5520d46565b8fc99aa759cb0b64b411133a3ce472477ecceb976f81a16c19556a2691f52ea56aeb4457e8f9375f12476aaa41c53a0caab2d348ca97553535aa23f49c9daf81b7b072a62b51c94d50c482af77f4bfcbc7c081bd20e9323726e9328a4aa6d54b3c7a1462b744a897df7dfb517a90eba3fc39b119ef62a4fdd27a220ea78f2d3e94b4b3d754329e9a274b2bd6e6b1a97aa9e8394f92163d9d93f57514948ac9e346ab5eb239553da4bf52addb2f3ebf873fc2dd673d69a3cdae6ea9d5dadcbd577f6f87811dfb38fb64b6444163a32aeb51b3d6ed44dad8bcbad7c781d50072e8062f7b63639ef7235ad4bd5ce5b9113acf3dcabcbf74d9f4563bd5b1fbafa94d4aef06f52788906e32bb2d296cb8e5a0a66c75554e4563d1dad91a2edceeb5f0e2796aa855bd6f5d6a53b4ad3a6b2a9d67a993353f4b53de72f5221d7891cfb7dea2a62a485f3cf23638d897b9cbd079f6516534b6c3d61873a3a46aea6f4bfc57d0ad6ddbf536d4d7bd7470357d889175278af5a9ac336cdbf2f13d3461af9e6800285a005ca4a4bee9244d5d0804d1d26c9644fda9f52e8072e800000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000002955d1df7c91279b4ba00d296eccb56aec7aa6d4d1ccb1bd36a74393a953a50fad551a497be3d4ee94eb35ea8ad55454b953a0ea5fe39b1eb7935963476f35b0beea7acbb5c4aba9de2d5e9f2da740782b5ce6391cd556b916f4545b9514edf26ff10df166d2db0ab233636a512f727ee4e9f3dbe66ac3777c64cf9eafb8f4206105445530b6682464b1bd2f6bd8b7a29917a9002000042a816292d0aaa07e7d2d4490bba731d722f9a749c97e25e58da96f54d2d8892a3e446dd22b13373b3b622ddf055f0b8e90f3fb3ffe6b2dad0924d6e89d266dfe0a8d4e406dec8b0a96c885151ad7cf77b72b935fc3a90b5fc4a87be537ff0055bea51ca5ac7d2d0e6468a8b32e62bba93a78fa9c81e77e5fe7ff00873f8633ad7a3f17fc98fcad7676bd854b6bc2aaad6b27bbd895a9afe3d6875bf81b96754daa9b23ed5915cf85ae751b9eb7aa237de8fc52ed69e08be071d93558fa9a1cc91155615cc4775a7470f431b365759ff8a760cf0ae6ba5a881ae54ea73b31791b756c9b7099cfb66cf1b86571afd320146dbb412cbb2aa6aefb9cc62e67ee5d49cd5094bce72bed1fe236ecee6adf1c3f92cf24dbcef2f64e64732dbb2df552cf240f73d5b12a222a2a26d554e9d7e3d0732d6be79118d4573deeb913a5554f62b3289b66d9f4f48cbae8988d554e95e95e379d5f0e63ceed1c86b5a8af744c6d5c69d312fb5fed5d7c2f34915154cd56da3642ec439d9a91aea5bfab59ed2796b247c596f9cf72aaa57e6aaaf567ddf2129611e43dbafdb48d67ee95bf452cc7f8796bbfde92923fdcf55f921e9208ea78f3f8ff000d6ad7f995f037f6b157d0b31fe19c69fccb4dcefdb0ddf53b703b4e3918ff000dacd4fe655d5bbc95a9f4534b965933456152d34b49a5557bd5ae57bafe8d5d1e67a41ca7e24479d61c2fdca86f0cd7094b1c9e4651d2da16db69eb216cd1ba372a35db2f4d67a2c793963c5eed9949fea891df33ce72264d1e5351af4395ede2c53d605235f5965d1a50544715240c5744e44cd8d13a14f3efc3e933328d8ddf89edfafd0f5054454545d8a793e47aad3655d2357a1ef62ffb5c8215eb273f979949ff0009e4a57daacb9668d9990a2f4c8e5cd6f9dcab7f9229d01e65ff00c41e93fe07a7ccbf371f1e7f96649f5b8889af27c96b39d519f6c56b9d354cef739af7adeb7dfadcbe2ab79b5b42dba5b3656c52a48f7aa5f731116ef3bd4cec4cdfe11479bb342de376be672169e9ff00884f88fe6672dfd5e17785c65fcefc8cb4e12e3eeadfc6d536657e4eb2cfb6e96d295d1449231e897dcf444bfcae535195b64a31896a53268e68dc8b22b755faf53bcd16e3556669ff00884187fe6e725df5bfc2e3afb6f37f8456676cd0bb8ddab98fc1fc8cb7616e5ee1f93aa6bcb98bb8fc17b53f892cb2add9f253def44de6b9117e7ccf553c33ff0087f91ccaa91abb1fa56a795cc5fa1ee66bbed4c6af29e3d2e4f5a2dea81eee097fd0e27f0c25bad7ab8b7a9f3b8393d4efed56a496655c6e54447c2f6ebf16a9e65901590d15bf9f3cd1c31ba17b55d2391a9d0bb57c84f457ac15ad0b4696caa5755564cd8a26f4aed55ea44e953556b65ad8f66d33a48eaa2ab97636281e8e572f8aa6c4f13cc2dbb7ab6deaa59eae4bd13dc8dbeeb13c13ea242d6cb2a32caaadf7ac116741448baa345d6ff177a6c39c55309a68e9e374b2bdb1b1a97ab9cb7221c6dbb96ae933a9eccbd8dd8b3aa6b5fda9d1e632ce633c98e372f4dd5bb94f4d63b5636dd3555daa345d4df1775791c057da15369d42cf5522bdebb3a9a9d489d087c1ce57b95ce55572adeaabb5483267b2e4d38e13100056ec01115ca88897aaf41b0a5a348ee7c972bba13a874e30a4a3bae9254f26fa974039740000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000001f1a8a56ce97ec77429f60069e489f13b35e972fccc4dc491b256e6bd2f435d5146f87da4f699d7d44ca8b172c5ca2b42c1973a965fcb55bdd13f5b1df0e85f143d1ec0cb2b3adb46c4ae4a6aa5fe8c8bef2ff006af4fccf251b35a16e1b2e2af2c264f780797585979685999b0d5df594e9abda5f6da9e0ee9f89df593943675b6cbe927457dd7ba276a7b7e1e86ac764cbd33e585c5b255200553b702a9e7f6adf93f962b53225d4f53ed2bbc1db783b59df9acb7ec382dda2d048b992375c72226b6afa0152ba923b4291f0b952e7a5ed7752f429ce7fc275ddad37fb9de87ce3afb63251c94b5d4cb35322dcc75faaefed77d179177fe38a1ccbf0f539dd5736ee3799f7fe26bdd7b9c5baf7e7ae7316ea8a923b3e9190b55111897b9dd6bd2a73b65df6fe58254c697d3d37b48ef06ece2bacf9495f6be553b0b434cb0d32adcf75faaefee77d1399d858362416151e8235cf91dae492ed6e5f42fc7198c922ab6dbdae9ececa7b56ccb9b0d5b9d1a7f4e4f69bcf67c0b56f6574f6ed0454b240d855afcf7ab1da9fab56ae8daa73e09e25bfc89a04aeb7a273eecca74595517a553673545f81ea078835ee6391cc72b5c9ad1516e543796765a5b167dcd59f131a7e99fdae7b7991612bd4cf2ab77fe572ba776ccda96c9cd14e969ff12285d15f534750c93aa3b9c8bf155438fca0b4a2b5ad79eba063e36499b723eebd2e6a2747909135ec00e11ff898ebae659897f5ba6fff0052b49f89368aff002e8e91bfbb397ea84729d7a203cc64fc41b69feead3c7fb63f5552ac996d6f49ff009f56a75363627d070ebd60e772f63cfc9a9ddb8f63bff7227d4f3f93296d997deb4ea93f6c8adf914e7b42b2a5aad9eaa795abb51f22bafe24f0eade4dcc90dbf40f55444d3b51557a2f5bbea7ac496b59d0ff0032be919fba66a7d4f140aa2c44af61932a6c48bdeb4e997f6bf3be4799d2d7414794edac47df4ecaa57e7226d6676dbbc8d485527875e9d27e2358b1fba95527ed8d3eaa873197995167656e4c56d911d2542492b51d13df9a99af6aa2b7a57aaef25397208e1d7239256aa318b65d4ae8e689ca8c476abf5eb6f9a2de6ded0b1296d295b2cab231e8975ec544bfcef43e16f64b456abf134ef482aba57f4bfcfa97c4d4b6a32a6cb4d1be99d54d4d48aacd2736ebe2467af1ce7c729d86395c6f716f6cfb1296cd95d2c4b23dea975ef545bbcae435195b6aa3d8965d32e92691c8922375ddaf537cd56e3e2ea8ca9b51346ca7752b576aa3347cddaf81b5b0b25e2b2df89a87a4f55bdfa59e5d6be230d78e13e38ce432cae57b93699390cf605153c74f33e19d8d5ce7c6e545bd76eb4f3b8d9cb6bda337f32beadffba672fd4a8aa0e9097c8f916f7bdce5eb55bcc5542a942d3b6e86c965f533223eebd236eb7afc05b279a993be978d3db39514564a3a3ced3d427f498bb17c57a0e56d8cb2adb433a2a6be9605d5ecafb6ef35e8f81cf99f3dff0058aec757f57ed5b72b6d8933aa24b988becc6dd4d6fc3ea5000cf6dbe6ae939e8001090ca289f33b35897afc8fad3d23e6f697d9675f59b18e3644dcd625c845a991f3a7a56c097ed774a9f600848000000000000000000000000000000000000000000000000000000000000000000000003e58b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce08052a8653bef746f46bbaae5b94a6e7b5ab72adcbe46e7431f66ce0843e9a191b73a265de44f51c69b4acebe464ca9d13d1f1c8e63dab7a39b7a2a16a7b3b335c6d472755dacaaac6a6a56a70250ea6c7fc47ada246c55c8959126ace5d5227c7a7e3c4edec8ca9b26dab9b4b54d4957fa327b2fe0bb7e179e3d98ddd4e04a35a8b7a2222a781763bac5596b95eec41e5165e5a5af6666b74f89893f44ded705da75b66fe2159957736adb251c9d6bed338a6be45d8edc6aacb5d8ea5cd6bdaad72239abb5152f4529ff08b373f3ff87d26775e85b7fc8fbd3d541591a4b4f3473317f531c8e4e47d0b55a1ad6b1a8d6a235a9b111352000010aa1540021542a900002000040000800400aa01548015402a90080040000800010aa7ce7a8869a3592795913136b9ee4443416865c59d4b7b6991f54ffedf65bc57e8845ca4f6ea636fa7466aed4ca3b36c8454a8a86ac89fd267b4fe1d1f1388b4b2b6d4b46f66970f12fe88b5715da6955ad55bd512ff00228cb7ff0016e3a7fae8ad4cbcaaabbe3a3ff958d75676d7afc7a3e1c4e75f51a47abdf239ce72deae75eaaa4663775380cc6eea7028cb2b97b5b3193d234acebe434acebe44e63775380cc6eea702128d2b3af90d2b3af91966357635381660b395fae46a353aaed642555af6b96e45bd7c8b94eca765ce91e8e7755cb7217194d0c6db9b133813a18fb3670422d4f18e2e1dfe4a3170eff2532d0c7d9b3820d0c7d9b382109638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f928c5c3bfc94cb431f66ce083431f66ce080638b877f92832d0c7d9b382003300000000000000000000000000000000000000000000000000000000000000000000000000000000000000003e73534737bc9afad369f4006b66a1923d6df6dbe1b4ae6e8f9cb4f1cdef375f5a6d27a8e3520b52d9ef6eb8d51c9d5b14ace6b98b7391517c4943e94d57514726929a79617ef46e56af23a0a0cbfb5a9511b3e8aad89be973b8a7d514e681d4cacf4e6e32fb7a3d17e225993dc95514f4cee95bb3da9f14d7c8ded25b36757dc94d5b04aabfa51e99dc369e360b66fcbedc5d53e9ee042a9e3d4b6eda7457253d7d431136373d55bc1751b7a6cbfb621b925d05427f7b2e5e57164df8fdabbaafd3d241c4d3fe24b56e4a8b3953c6392fe4a9f53610fe2058f2fbe9530fee65ff002553b9b71bf6e6ebcbf8e941a78b2bac39bddb4234fded737e685a65b965cbee5a348be1a66dff0033af94bf6e7e35741f0656d2bfdca985de4f453e89231db1ed5f25246440bd2ebcc5d231bb5cd4f350864aa41f17565333dfa885be6f443e125b76645efda1489e1a56fa8ec89e55d5520d44b95962c5ef57b17f6b5cef9214a6cbdb263f712a25fdacbbe6a87373c67da7e37f8e8c838d9ff111bad20a055f1924bb9227d4d6d465ddad35e91a4102742b197af3bce2eec63a9ab27a214eaed6a0a1bf13570c6a9fa55c97f0da799555b76956dfa7ad9de8bfa73ae4e09a8a47177ff23b9a7fb5dfd665ed9d05e94d1cb52ee85bb31bc575f23435d97169d55ed83474acfec4bddc57d0e781565b72aee6bc63e951533d53f49513492bfadee5553e601c2c00040025ad73d6e6a2aaf81662b3deed722e6a756d502a9621a1924d6ef61be3b4bd153c70fbadd7d6bb4fa11d4f1f2869a387dd4bd7ad769f50084800000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000043d8d7a5ce6a2a789200ab259f1bb5b155abc50ad2514d1fe9ce4fed366074e34aa8a8b72a5ca0dc3e36489739a8ef343e0fa089deededf227a8e35c0b4fb3a44f75cd7723e2ea6999b6377c35928e3e606c00000000000000000000000000000001f4653ccfd91bbe3a8fb32cf917de735bcc7455088aab7225ea6c5941137debdde67dd91b234b9ad46f9211d4f1ae8e8e693f4e6a75b8b31d9ec6eb7aab97ab6216811d4f10c63589735a889e048000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000004398d77bcd45f343e4ea481dfd344f2d47d80155d67c4bb1ce4f8982d9bd527142e81d38d7ad9d2743d8a62b41326eafc4d901d38d66067dd4e28460a7dce686d013d471abc14fb9cd09c0cfba9c50d981d38d6a504cbba9f1324b3a4e97b10d801d4f1492cdeb938219b6cf8936b9cbf12d023a71f16d240dd91a2f9eb3ead635beeb513c90900000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f418a93bbbf9fa016015f1527777f3f40058000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000001fffd9	\\xffd8ffdb00430007050506050407060606080707080b120b0b0a0a0b160f100d121a161b1a191619181c2028221c1e261e1819233024262a2b2d2e2d1b223235312c35282c2d2cffdb0043010708080b090b150b0b152c1d191d2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2c2cffc0001108010e016803012200021101031101ffc4001b00010100020301000000000000000000000002010403050607ffc40047100001030202070309060403080301000001000203041105131221315152919206416114222353627181a1d1153242a2b1c1243372e14382f00716253444637393355455d2ffc4001801010003010000000000000000000000000001030402ffc40023110101000300010402030100000000000000010203113112132141225132426171ffda000c03010002110311003f00f2b951f037926547c0de4a91606b4e547c0de49951f03792a4413951f037926547c0de4a9104e547c0de49951f03792a4413951f037926547c0de4a9104e547c0de49951f03792a4413951f037926547c0de4a9104e547c0de49951f03792a4413951f037926547c0de4a9104e547c0de49951f03792a4413951f037926547c0de4a9104e547c0de49951f03792a4413951f037926547c0de4a9104e547c0de49951f03792a4413951f037926547c0de4a9104e547c0de49951f03792a4413951f037926547c0de4a9104e547c0de49951f03792a4413951f037926547c0de4a9104e547c0de49951f03792a4413951f037926547c0de4a9104e547c0de49951f03792a4413951f037922a44045196389fd4996389fd482d14658e27f52658e27f520b45196389fd4996389fd482d14658e27f52658e27f520b45196389fd4996389fd482d14658e27f52658e27f520b45196389fd4996389fd482d14658e27f52658e27f520b45196389fd4bb1c3bb3b8962b63494f2b99eb1ced16733fb2993be0b78d145eda87fd9c3753abebdfe2c83ffe8fd177d49d91c128ec5b442570fc5338c87e7abe4ad9ab2aaeec91f2b6f9c6cdf38ee1ad6c330fac93ee51d43bdd138fecbec31c10c02d1431c607731a1bfa2a73f4412e758017249d4177347fae7ddff1f20fb2312fff003eabff004bbe8b8df41591fdfa4a86fbe270fd97d28f6af05cdd0f2e16bdb3341d977febb5976c1fa4d05aeb83ac1076a7b13f68f76fe9f1720b4d9c344ee3a917d8e6821985a5863906e7b41fd575357d95c1aaefa5462271fc50b8b0fcb528ba6fd54cdb3edf3245ec2b7fd9fb75ba86b9f7e09bea3e8bcdd7e035f865cd4c12b59eb1aed26f30aab8658f9593297c34d14658e27f52658e27f52e1dad14658e27f52658e27f522168a32c713fa932c713fa905a28cb1c4fea4cb1c4fea4168a32c713fa932c713fa905a28cb1c4fea4cb1c4fea4168a32c713fa932c713fa905a28cb1c4fea4cb1c4fea4168a32c713fa9105a22202222022220222202222022220222202ec709c06bf1a9746962f460d9d2bf531bf1eff00705e87b3bd88754359578b35d1c475b69f639dfd5b8786df72f791451d3c2d8a18db1c6c166b5a2c0057e1aadf9aab2d9cf88f3f84762b0ec38364a81e5b5035e9483cc07c1bf5baf43a80000b01b2ddc84ac12b4cc663e145b6f909582509524a9404ae87b5ce77d8ac8ee443354471cc7d82758f71361f15dead5ac6d25453494f546274520d1735ee02e107cdbcbf19ff007b7c83c97fe1d7d1d1cbf3343476e95be5f05ed3b26f77d8cf8ee4c30d4491c24f003a87b81b8f82d4fb0a92f97f6f4fe4feaf319a56dda7b7f75ded236929e9a3a7a5313628c68b5ac70b00886c5d610a9251212b06c41045c1ee42b04a0e8714ec9d057693e06f924c75dd83cd3ef6fd178cc4f06acc264d1a98fcc26cd91badaef8fec57d3c95c72c71cd13a3958d7b1c2c5ae17055596a9978598ecb1f2545ea31cec9ba00ea9c3817c7b5d0ed737fa778f0dabcbacb96371f8ad132997811117291111011110111101111011110111104e8bfd67e509a2ff59f942a4413a2ff0059f94268bfd67e50a9104e8bfd67e509a2ff0059f942a4413a2ff59f94268bfd67e50a9104e8bfd67e509a2ff59f942a4413a2ff0059f94268bfd67e50a9104b6391ce0d6bcb9c4d800db9257d1bb29d8f18735b5d89012559d6c8c8168beaefd14f637b30292366275b1ff10f17858e1fcb1c47c4fc97af5a75ebfbaa3667f51e4bb47da19e0aba9a782a8515351b41a8a80d0e797117d16df66a235edd6b4b04ed4cc5f04df683b11c3e69442f74ad0d922713606e00b8b9170477ae4ed460723ea6b24752cb55435e1a65c91a4f89e0017b6d20d81b8d842ebfb3fd9cb886929696a61a16cc279e7a96e839fa2410d683627581aed6016850fa1952480093a805a78862b0d13830874d50ff00b90c7adc7e81690c3eb3123a789ca638b68a688d87f98f7a25cd3e394ed90c34cd7d64dc308b81ef3b1715b1aabdae828187b80cc7fd17650c10d344238236c6c1dcd165483abfb0d92ebaaacaaa93e32688e4153702c319ff0048c71dee24feebb1254941a6708c3bff00a50f4ae27e0786bbfe918d3bda485d82925075a705647ae9aaea69cf83f48722a48c5e9763e1ad60ee2341ff0045d9ac1283af8b1881d2655435f492f0ca2c3e0762deb822e0ed5134314f198e58db234f7385d75a686a680e9d0485f1ed34f21b8f81ee41da2f238b7681e33a77d7ba8282294c2c744d06495c0d89bd8d85c1d40772f454988c7544b2c639d9f7a27ea70faaf278d606c31c947594d51251998cd0cf4edd22cb924b48172369eed6110ecf06c665927a78e4a9f2ca6ab69304e5a1af0e02fa2eb6dd57e4a3b45d9a15a1d574368ea06b73001693e87f55c580e14592d265d3cb4f4344098f3859f2bc822f6ddaceb3b495e9d4658cca72bac6d97af931648d710e79041b105bb1345feb3f285ed3b4d810a863aba959e99a2f2307e31bfdff00aaf1ab1678dc6f1ab1ca653a9d17facfca1345feb3f28548b8749d17facfca1345feb3f2854882745feb3f284d17facfca152209d17facfca1345feb3f2854882745feb3f284d17facfca152209d17facfca115220228f49b99cca7a4dcce6505a28f49b99cca7a4dcce6505a28f49b99cca7a4dcce6505a28f49b99cca7a4dcce6505a28f49b99cca7a4dcce6505af53d8aecf8c46afcbea597a5a7779ad23548ff00a0fa2f3987d155625884347086664aed1075ea1de7e017d8e868e1c3a861a4a76da389ba23c7c4f89daaed587aaf6abd997271b04ac1297524ad6cc12baaafc4a57d4f90e1e04954479ef3f7621bcf8f82ce275d2b656505158d5cc2f7ee89bc4573d050c587d3654777389bbde76bcef2822830d8a8439fa466a87eb9267eb738fec16e212a501609425492804ac25d60941825609425609402549284ac12804a92509582506ad650c757675cc73335b256ed1fd970d2d6c8d9fc92b0064e3eeb87dd906f1e2b7895af59491d643a0fd446b6b86d69de1073ac12b4a8aaa42f752d4eaa88fbfb9e3785b64a05d789ed361028aa7cae06da098eb03f03be857b5257055d347594b253ca2ec9058f878ae33c7d538eb1cbd35f33457554f5147572d3c819a71bb44edd7b8fc42e1f49b99ccac2d6b451e93733994f49b99cca0b451e93733994f49b99cca0b451e93733994f49b99cca0b451e93733994f49b99cca0b451e937339944168888088880888808888088ae185f513c70c62ef91c18d1e24d820f73fecff0ad0826c5246f9d25e28bc1a3ef1f89d5f05ed095af45491d050414917dc858183c6db4f35cc4adf863e99c64caf6f4256a6235ccc3e89f3bc6911a9ade271d816d12ba61ff0014c78b8eba6a0361b9d21fa2e9cb9f0aa27d344f9ea0e955d41d395dbb737dc16fdd14a05d609425492804ac128a49402560945ad3d752d39b4d511b0ee2ed683609524ad1fb6b0fbffccb7df63f45cd15752d46a8aa2379dc1daf920e7254928560940254dd2eb0804ac1284a92506a6214ce998d9613a35111d261dfe0ae92a5b554cd95ba89d4e1b8f785ce575c7f82c4c11aa1aad47c1ffdd06f92b04a153741e5fb6345a2d8b1160fbb68a6f71fba7e0757c57995f46ada5657514d4b27dc958587c3c57cd61d3617c12ea961716387bb52cbbb1e5eb46acbb38e4444542d11110111101111011110469bbd5bb984d377ab7730ad10469bbd5bb984d377ab7730ad10469bbd5bb984d377ab7730ad10469bbd5bb984d377ab7730ad10469bbd5bb985e8bb0f486b3b4d1bdd19d0a66994dedb760f99f92e817b9ec0d238e1d88d434e8be422263b759a4fea42ef5cee51c67798bb6aaed531b52f8686866ae1138b5f235ed63011b40276dbc352dec2b19a7c599265b64866888124320b3997d877107785f32c4f0dc4ebf09a2830e90c7252de3a88b4f2dcd78d4493efbf3baf57d9964aec7c1cc12ba9a8f2aa2403539e48207bf513f15b991e9f11ab143874d51f898df37dfb07cd716134a68b0c8a377f31c34e43bdc7595af8bff115b4143b4492e63c7b2dd6bb3bdd122c1284a9ba05d6114928324ad5acad8a8a30e92ee738d98c6eb738f80555754ca3a67cd26b0dd806d27b805d6d3c2f7486aaa7cea878d9dcc1c2101cdabadd753218233fe0c46c7e2e57151d3c03d1c2c69df6b9e6b99102c3705c32d1d3ce3d242c71df6b1e6b99106a08aaa8f5d348668c7f8329b9f8396dd3564756c25976b9ba9ec76a734f8a2d5aaa77e98a9a7d550c1f078e12837d6095c54f50caaa76cacd8eee3b41ef0ac9402560942a4940256b57c1e5146f60fbe3ce69dc42d8254dd07152cfe534b1cbdee1afdfdeb82bb118e8431a58f9669090c8a31773adb7dc3c4a9a1f453d5537735fa6df715d6e28d7b7189009044fa8a5cba7908d4d782491efd60fc106db3197365632b28e4a4121d16bcb83d973b012362f21da887c87b4ef9034e854b449f1d87e6172e1d87e2586e0f5d0e272991f5368e088bf4c97ef07972badcedbd31f22a19ddadec26271f78bfea0aaf6cee2ef5dfc9d0e9bbd59e6134ddeaddcc2c40fcc85aeefb58ae4589a91a6ef56ee6134ddeaddcc2b4411a6ef56ee6134ddeaddcc2b4411a6ef56ee6134ddeaddcc2b4411a6ef56ee6115a20228cd6fb5d25335bed7494168a335bed7494cd6fb5d2505a28cd6fb5d25335bed7494168a335bed7494cd6fb5d2505afa6f62a2caecb42eb6b91ef7fcedfb2f97e6b7dae92beb1d9601bd95c3eddf15f992aed33f255b7c396bb01c33119f3ea691ae9ad62f6b8b1c46e24117f8ad9a5a4a6a0a71052c0c8226ec6b0587bd739524ad6ceeadbe9bb5521eea7a7007bdc57664aeae80e96378a3f7398df92ec8a012b174582506095828b083aaab779562cd88eb8e99ba6e1bde76720b9d6ad11cc7d54ddf24eee43505b4808888088880888834e3fe1b1474635475234c0dce1b7985ba4ad2c47cc14f28db1ccde47515b6500958284a92502eb08b04a0d277a3c65a7d6c44722b9aa69e1ab84c551136561fc2e175c155ab10a33bcb87c96d1283529b0aa2a39736180092d60f712e207812752ebbb5f1e6767253eadec77cedfbaeec95d5f690697672b7c23bf22173978a9c7cbc150baec73771bada5d7d1c81b311af58dcb7735bed749586b645a28cd6fb5d25335bed749502d1466b7dae9299adf6ba4a0b4519adf6ba4a66b7dae9282d1466b7dae92882d111011110111101111017d5bb346fd98c3fff00081f32be52be9dd919333b2d49ece933938abf4ff255b7c3ba2b04a12a495a99dd661dab17c5477991a7f2aec97594c72fb475acf5913241fa2ec49402560942562e804a9beb42560941d4e1daa095a76b66783cd6dad667a0c5aa623a84d699bfa15b2808888088880888834f13d74d1b7bdd2b00e6b689d6b52a4e76234f08d622bcaefd02d94025611609402549284a941a957aeba8c7b64fc96d5d6a4c74f14a76f031cefd96d202eb3b426dd9eaeffc47f50bb125751da89343b3955ed68b79b828cbc54e3e5e0694daa5bf15d8aeba97fe659febb9762b056c8222280444404444044441398ce36f34cc671b79acd86e1c92c370e483198ce36f34cc671b79acd86e1c92c370e483198ce36f34cc671b79acd86e1c92c370e483198ce36f34cc671b79acd86e1c92c370e483198ce36f35f40ec155365c1678038130cc4ea3dce00fec5780b0dc392f4fd84ab10e333529d42a22b8f7b4dff42559aaf3271b27e2f7e4ac5d095837b5ec6cb6b2bacabf418fd14df8666ba13efda176375a18d44e930e7491ff003207095bf0fecb6a199b514f1ccc376c8d0e083909524a12b04a012a4942560941a788c0f918c9e1179e03a4d1c43bdbf1482765442d963376bbe5e0b6895a13d34b4f33aa691ba41dae487669788dc506ca2e1a7aa8aa41cb779c3ef30ea737de17320222202e39e7653c2e964366b7e7e0a6a2aa2a60331de71d8c1adc7dc16b32296a666cf52344375c716dd1f13bca0aa389ed6be6985a698e938708ee0b611609402549284a92500ac1297512482289d23b6345d06b42733129e4ee60118fdd6d12b568585b4a1cefbf212f3f15b0804af37db49c4784c515ec659472009fa2f444af15db3a9ccc4a1a71ac431dcfbddfd805c6cbcc5de13b5d0d239be522ee1a81ef5d866338dbcd69d0b4191c6c3505bb61b87258ab5463319c6de6998ce36f359b0dc392586e1c940c66338dbcd3319c6de6b361b8724b0dc3920c66338dbcd3319c6de6b361b8724b0dc3920c66338dbcd166c370e488328964b2022592c808964b2022592c80b9e86b4e1b8952d68d90481cef16ec77c895c165873749a5a46a22c54cbc2fcbea18ee21251e1cc34ae6e75448d86279170dbebd2f1b004af14dc5a8dd8f9c3db5b880ad0ed0f2933120bed7b5af6f0b5acbb8c0de7b45d916d21972eb681e1ad7917b16fdc27c08d456b8c0ea86286b0604c6d79d467338cbbdad7db7d9e175be5eceb159cbc7a5c16ba4c430cd2a80dce8dee865b0d4e2d36b8f78b15186134b513e1cf3fcb3a7178b0fd17361541f66e1eda72fcc9092f91f6b693c9b92b8f1481f68eb20179a9cdedc4def0a46f92a495c705432a69d93466ed78b8564a012a6e8b080b04a12a4941c151470549d27b6cf1b1ed3670f8ae0f27ad8bf9556d906e99973cc2dd2549283534b11e1a5f7ddcb061ad93f9954d8c6e89963ccadb2549283861a4869c9731b779daf71bb8fc572a2c12804a9250952500958250958405a55873a48e95bf88e93fc1a16ccd2b6189cf71b068bad7a48dd674f20f492ebf70ee082712a992968c64019b23db14648d4093b7e0bcebabf0e6e3a30d754d71ac2e0cf29cd360fb6cb5edf0b597a3afa5f2ca531b5f96f043d8fb5f45c0dc15d41a271c4456bb056babc6c984a32ef6b5f6eef0ba21d961f5324b4d20a870cd81ee8dee02c0dbf17c415f3ec4aacd76253d4f748f247bb60f92f578c4a708ecfc911934ea6adc749c355c9fbc47801a978b0092001b567db97d2fd73edbd44db425dc456c298d9a11b5a3b82ab2ccbc44b2590112c964044b2590112c8823299c213299c215a208ca67084ca6708568823299c213299c215a208ca67084ca6708568823299c213299c215a20ddecf626302c7e399c74696a4654de1b9df03fbafa8dd7c7a58c4b1161ef5edbb158f79750fd9d52efe2a9459b7daf6777c46ce4b469cffad53b71fb7aa2549284ac12b4a8756ebe13565e3fe4e6779c07f84edfee2bb2b822e0dc1ef58918d963731ed0e6b85883debac6bdf84bc47292fa371f31fb4c7e07c10766b04ac070734381041d608ef582500958284a92500958250a9ba012b08b04a012a4942549280b04a12b080a49b0d651ce0d0492001deb45cf75738b1976d38fbceef7f80f0401fc74e1dff4f19d5ed9fa2db256006b1a1ad00346a00212804a9256495e7fb518b7925279242ef4f38f388fc2dfeff5516f2753276f1e73b41888c4f14739a6f0c5e647e23bcfc4ad2a481b24b72dd4dd6b87c02ece08b2a20def3acac595efcb549c67299c213299c215a2e1d23299c213299c215a208ca67084ca6708568823299c213299c215a208ca67084568808a32fdb7f34cbf6dfcd05a28cbf6dfcd32fdb7f34168a32fdb7f34cbf6dfcd05a28cbf6dfcd32fdb7f34168a32fdb7f34cbf6dfcd05ae2ce9e82b22afa57e84b11bdfebe1dc5565fb6fe69977162f7f3532f0b3afa660b8cc18de1cda986cd78f3648efad8eddeedcb7c95f24c3ebea7b3f8936aa99c5d1bb53d8e3a9e371fd8afa76198a5362f44da9a57dda7539a7ef30ee2b66bcfd51973c3d2dd00b88005c9360172d761b53480b2ae95ec69d47485da7e3b172e13253438ac12d5b8b6163b489b5f58d9f35f4182a69ab622609639d876e89bf30bbb5c3e3e60a8c39c5d4a0cd4e759849d6dfe92b669ab21ab65e276b1b5a75387bc2fa063381e162867aa74590e8d85d788dae7bb56cdabc80ec755629411d7c0d6891d7d1d0768bf56abee2a7a34c95825693fed1a1716cf1794b1a4b4b9ba9c08da2ddeb31e254d21d13265bf8641a2506d5d616010e1706e3c109402549284a92500958251c401726c3c56b495f4f19b69e9bb859aca0d85c33d4c74edbbddacec68da7e0b80beaea3531a29d87bddaddc95c54b1c2ed2d6f90ed7bb5941c5972d590670638b688fbcfbd6d001ad0d68000d80212bd3767bb232e21a1555e1d152ed6b363a4fa041d6e09d9fabc6e6f4632a9da6cf99c350f01bcad6c470e970fa8920959a32c3a9e36823b9e3c0fc97a96492f62f1a31485f2613546ed75ae633f51dfbc2f31db4ed753d53c54be310c1082c8fd6497eefeddca3a71d162b89c585d1ba6935b8ea633bdc772f9e54d4cb5752f9e676948f372572e25884f8a5619e6710363180ea60dc170c14e667db49c1a3695973cfd4d1863c7351c3a4ecc76c1b3deb75408ac000f7803c532fdb7f3552d5a28cbf6dfcd32fdb7f3502d1465fb6fe6997edbf9a0b45197edbf9a65fb6fe682d1465fb6fe6997edbf9a0b45197edbf9a20b44440444404444044440444404444187343da5ae170571d0d7566035c2a295fa8ea734fdd78dc42e55873439a4117054cbc2cebe8382e3f498dc1784e5ced177c2e3e737c46f1e2bb5648f89e1f1bdcc78d8e69b15f1e31cd473367a691ec730dc39a6ce6af598376e1af0d87151a0ed82760d47fa8777bc2d586d97e2b3e5aecf0fa0d46398855503a9279f3237106ee1e76af15dcbfb698661bd9d95c592c0ea686cc611a5a46d60011de4af251cd1cf136589ed918ed61cd3707e2b431c8649b0c2626191d148c9b406d7069b903e0ade2a76543db7c4e96863a5381d04b4e2ee74334e735f73726f6d107fd5d7a6a4c1300ed7e0d1e23431be984976b98e1731bc1b39ae69d841dc57ca1f1d34d890c4c62313600438ddd670b0d9fd97b4ec476827c1a8aa5cfa50f82b2a0ced63896bc0b0683f1d1bd9718dcaf7b38eac939cbd455764cc38b4d43479934b10d23e4e48d5abb8fbc2d36e1188195d1452d597b76b0c65c47bd7b3ecae2544dabaca8aca96475752fd41fa85b6edd9b7f45d9c3594f4fdb0ae749531323929a321c6416b836b5eebbeb97816766bb4127dd65511e305bf5535bd9cc5a8616cb5b24f146f76883e68b9f82fa7c98fe131fdfc469fe0fbfe8bce76b71ac3711c21b052d4b6595b287001a765883aede29d4bced47616b292865acaa6b5ec89ba6ed29b48dbdc16dbfb22ec3f0593139eaa969e962873de5ad7121b6beed657798876b30ca9c126a406674b2c197fcbb00ed1df7deba6c6bb434f89f61e7c15b04c279299b1079203749b623c6d709f23c49acc424735c67a4a4326b8e091a5ce23bae6fb7dcbd3f62e821ed2cf57055ba4a69a940d364641b9276827b88d8bc4551a1acaa65454d51a49980092078b3811bbfb5d7a5ecae315584e215b89c5037f8b6b636325041d06ec711bc9f92e31b95b7b3fe26f39395ee28bb3d86d076b5b48f6493814f9f1e6904690758dc5b5f75977f8c6374982d366543b4a470f3226fde7fd078af9f5576bebbed06626f34f0490c463d2d1f3434eb37b95e0f1fedc4b575123a9e474f3bfef5449b07f48ff414e564f2496f87a3ed676cdd2c99b5b2693bfc1a661d43fd6f2be698862351895499aa1d73b1ad1b1a3705c12cb24d2ba495ee7bdc6e5ce372572414ce9759f359bf7acf9e7725f8e1c4430ba67d86a0369dcbb1631b1b035a2c02cb18d63435a2c02caa96411114022220222202222022220222208b49c6de94b49c6de9568822d271b7a52d271b7a55a208b49c6de94b49c6de9568822d271b7a52d271b7a55a208b49c6de94b49c6de9568822d271b7a52d271b7a55a208b49c6de94b49c6de9568822d2718e95c12d1979d26bc35dfd3a96d220d5a3c4312c1e5d2a69dd15f6b6d763bde362f5387f6ee2780cc429cc6ef5916b6f2da3e6bcf901c2c4023715af25131dad8744eeda1598e7638b84afa2534d8462328a8a7f249a5dba41add31cf5adf275f8af923a9a588e906936ef6adba6c7f15a4b08eb65d11f85e7487cd5d377ed55d7fa7d38958d5b82f090f6db1260b49153cbfe52d3f22b699dba7fe3c3dbfe594fd17736e2e7dbc9ec2eb04af25fefd36dffc7bbff68fa2e37f6e1ff8281a3faa43f453ee63fb3d193d792a6ebc3cbdb2c45faa38e08bfca5c7e6575d518e627540896b25d13f8587447c97376c4cd75efaaebe8a8c6954cf14646c0e3e77c06d5d0d7f6ca3682da184c8ef5926a1cb695e40dcbae7593dfdeb9594f2c9b1a40de752aeedb5dcd71c95b88d6e20fd2a9a8326e6dacd1ee0b5d91c921b3759f72dc8e89a35bdda5e0362d96b43459a001e0a9b56c8d58a88b6ce7b9a4eeb6a5b16938dbd2ad142516938dbd296938dbd2ad1408b49c6de94b49c6de9568822d271b7a52d271b7a55a208b49c6de94b49c6de9568822d271b7a52d271b7a55a208b49c6de94b49c6de9568822d271b7a515a20228bc9c0dea4bc9c0dea4168a2f27037a92f27037a905a28bc9c0dea4bc9c0dea4168a2f27037a92f27037a905a28bc9c0dea4bc9c0dea4168a2f27037a92f27037a905a28bc9c0dea4bc9c0dea4168a2f27037a92f27037a905a28bc9c0dea4bc9c0dea416a5cc63fef341f7858bc9c0dea4bc9c0dea41c6ea484fe123dc541a16773dc173de4e06f525e4e06f520d7f20ff00b9f24f20ff00b9f25b179381bd4979381bd4a7a71c0285bdef71f82b6d1c436827de5725e4e06f525e4e06f520cb63633eeb40f82a5179381bd4979381bd4a05a28bc9c0dea4bc9c0dea4168a2f27037a92f27037a905a28bc9c0dea4bc9c0dea4168a2f27037a92f27037a905a28bc9c0dea4bc9c0dea4168a2f27037a92f27037a905a28bc9c0dea4bc9c0dea4168a2f27037a92f27037a905a28bc9c0dea44168888088880888808888088880888808888088880888808888088880888808888088880888808888088880888808888088880888808888088883ffd9	2026-11-25 10:23:20.248532+00
\.


--
-- Data for Name: cause; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.cause (shop_id, id, job_id, complaint_id, fault_id, "position", words, made_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000013	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000006	points-dirty	\N	Oxide on the contacts	2030-01-01 08:15:00+00	{}	\N	16
0abaee06-7156-5397-a572-bd06c314c3ff	c9324725-e6b5-5980-a38c-c6e0ecbc2251	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	d1b484c3-f4ca-53e2-a51c-aae8a8be37c8	pickup-gap	\N	Pick-up wires cut by the cover after the slide	2030-05-15 10:00:00+00	{}	\N	29
0abaee06-7156-5397-a572-bd06c314c3ff	7a8b0b4e-bb70-59f8-a8a9-29b942784380	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	7d2191f7-4638-5c3a-ad3d-c15c34753289	exhaust-blocked	\N	Exhaust port coked to a third	2030-06-05 11:00:00+00	{}	\N	77
\.


--
-- Data for Name: checkmark; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.checkmark (shop_id, id, job_id, list, item, state, note, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000027	00000000-0000-4000-8000-000000000005	first-start	oil	open	drained again	{"note": 1, "state": 1}	\N	28
0abaee06-7156-5397-a572-bd06c314c3ff	11b9e89d-630d-545a-a9e2-97098a5f8cf4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	first-start	oil	done	\N	{}	\N	54
0abaee06-7156-5397-a572-bd06c314c3ff	8a9628cf-3431-500e-af7d-d2abee5570a8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	first-start	extinguisher	done	\N	{}	\N	55
\.


--
-- Data for Name: complaint; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.complaint (shop_id, id, job_id, words, symptoms, state, explained, linked_to, after_repair_id, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000016	00000000-0000-4000-8000-000000000005	It also leaks	{"smells-of-fuel": "present"}	open	t	\N	\N	{"symptoms": 1, "explained": 1}	\N	6
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000033	00000000-0000-4000-8000-000000000005	Starts and dies	{"starts-and-dies": "present"}	open	f	00000000-0000-4000-8000-000000000006	00000000-0000-4000-8000-000000000014	{}	\N	18
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000006	00000000-0000-4000-8000-000000000005	Will not start	{"no-start": "present", "smells-of-fuel": "absent"}	changed	f	\N	\N	{"state": 1}	\N	2
0abaee06-7156-5397-a572-bd06c314c3ff	d1b484c3-f4ca-53e2-a51c-aae8a8be37c8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Went down on the wet quay. Ran home on three, next morning nothing.	{"misfires": "present", "no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}	gone	t	\N	\N	{"state": 1, "explained": 1}	\N	3
0abaee06-7156-5397-a572-bd06c314c3ff	e1d2b14b-e17f-5251-a298-444ccd4dc554	e1d22e87-5809-5ee5-adfe-4402c8b52b27	Father took it apart in the eighties and never went back. Will not turn.	{"will-not-turn": "present"}	open	f	\N	\N	{}	\N	56
0abaee06-7156-5397-a572-bd06c314c3ff	7d2191f7-4638-5c3a-ad3d-c15c34753289	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	Pulls up the harbour hill cold. When it is hot it gives up half way and stalls at the top.	{"dies-hot": "present", "no-start": "absent", "starts-and-dies": "present"}	open	f	\N	\N	{}	\N	66
0abaee06-7156-5397-a572-bd06c314c3ff	7f4d3b79-4be9-5ece-a76c-41337e643dff	88086454-1aeb-52ca-a41d-04c3e5d85277	Stood in the boathouse since before the flood. Kicks over lovely, not a cough out of it.	{"no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}	open	f	\N	\N	{}	\N	85
\.


--
-- Data for Name: consent; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.consent (shop_id, id, job_id, words, up_to, given_at, supersedes, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000007	00000000-0000-4000-8000-000000000005	Up to four hundred	400.00	2030-01-01 08:07:00+00	\N	{}	\N	8
0abaee06-7156-5397-a572-bd06c314c3ff	a2884a36-fd54-5760-a56c-547a24e4782e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Repair, side panel left as it is.	900.00	2030-05-12 11:20:00+00	\N	{}	\N	6
0abaee06-7156-5397-a572-bd06c314c3ff	e32e7f42-847c-58d7-abca-7feec863578e	e1d22e87-5809-5ee5-adfe-4402c8b52b27	Free it and say what it needs. Nothing bought without a call.	150.00	2030-05-25 16:20:00+00	\N	{}	\N	59
0abaee06-7156-5397-a572-bd06c314c3ff	f2d64238-44d2-540b-a460-f604ad3e494c	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	Up to two hundred without asking.	200.00	2030-06-03 14:10:00+00	\N	{}	\N	69
0abaee06-7156-5397-a572-bd06c314c3ff	17316857-14eb-5c1a-a279-329cefd9849b	88086454-1aeb-52ca-a41d-04c3e5d85277	Find out why, and get it running if that stays under the limit. Ask before the engine is opened.	400.00	2030-06-09 09:30:00+00	\N	{}	\N	88
\.


--
-- Data for Name: erratum; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.erratum (shop_id, id, bike_id, book, page, quantity, says, "right", source, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000038	00000000-0000-4000-8000-000000000004	book of this bike	61	compression	195 psi	186 psi	later edition	{"right": 1}	\N	45
\.


--
-- Data for Name: evidence; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.evidence (shop_id, id, job_id, test_id, "position", outcome, reading_id, prediction_id, held, conditions, note, taken_at, after_repair_id, knowledge_hash, shown, withdrawn, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000011	00000000-0000-4000-8000-000000000005	compression	1	good	00000000-0000-4000-8000-000000000010	00000000-0000-4000-8000-000000000009	yes	{"battery": "own", "temperature": "cold"}	warm day	2030-01-01 08:11:00+00	\N	abc	{"next": "flick-points", "suspects": [["points-dirty", 0.25]]}	\N	{}	\N	12
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000012	00000000-0000-4000-8000-000000000005	flick-points	\N	none	\N	\N	\N	{}	\N	2030-01-01 08:12:00+00	\N	abc	\N	battery was dying	{"withdrawn": 1}	\N	13
0abaee06-7156-5397-a572-bd06c314c3ff	f125cbe7-f904-5983-a3ed-3a25e1473924	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	turn-by-hand	\N	free	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 09:00:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	7
0abaee06-7156-5397-a572-bd06c314c3ff	a434fb64-7350-5cca-a378-05fd83aebd25	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	oil-check	\N	right	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 09:10:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	8
0abaee06-7156-5397-a572-bd06c314c3ff	96838266-ab72-5162-a9b5-da0ad108790d	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	battery-rest	\N	good	7ebc1fe0-cf6d-518f-a2e3-449e29ac27b3	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 09:20:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	9
0abaee06-7156-5397-a572-bd06c314c3ff	88a1c9a7-728a-53f5-a595-28122a363c91	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	fuel-smell	\N	fresh	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 09:30:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	10
0abaee06-7156-5397-a572-bd06c314c3ff	b7d948b1-1142-5e0a-ace8-e4c04197476b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	read-plug	1	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 09:40:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	11
0abaee06-7156-5397-a572-bd06c314c3ff	3167c117-e748-5157-a482-a5121941f9f4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	read-plug	2	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 09:40:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	12
0abaee06-7156-5397-a572-bd06c314c3ff	f9bb386f-0725-5183-a2b3-41204f0913d1	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	read-plug	3	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 09:40:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	13
0abaee06-7156-5397-a572-bd06c314c3ff	e0e09eb0-9f88-51b7-a2a4-083f663fe727	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	read-plug	4	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 09:40:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	14
0abaee06-7156-5397-a572-bd06c314c3ff	adc526fd-15dc-52e7-a16b-f2084e42487c	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	crank-volts	\N	good	274d8866-934e-5eda-ae58-b7e26db57c47	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 10:00:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	15
0abaee06-7156-5397-a572-bd06c314c3ff	3b657c4c-f231-55c4-aa83-d6e6e5916e17	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	spark-look	1	none	\N	5cc7dd56-e058-51d9-a699-a833bd003a89	yes	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 10:20:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	17
0abaee06-7156-5397-a572-bd06c314c3ff	4e13eee7-5826-55cd-a9ba-13072d15aaa5	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	spark-look	2	none	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 10:25:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	18
0abaee06-7156-5397-a572-bd06c314c3ff	9f9977f4-f32c-5641-a351-23ce4333e9d7	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	coil-volts	\N	good	032535cb-bcb6-57cd-ae6b-397079e7e406	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-13 11:00:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	19
0abaee06-7156-5397-a572-bd06c314c3ff	7a8a2553-5258-5806-ada2-aa3aee8afa5f	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	pickup-ohms	\N	good	e8523333-91a5-558f-a165-3fd6942cc17e	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-14 09:00:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	20
0abaee06-7156-5397-a572-bd06c314c3ff	4be08759-7cb9-5258-a161-2ea8fc9d4799	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	pickup-gap	\N	bad	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-14 11:35:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	28
0abaee06-7156-5397-a572-bd06c314c3ff	b04f578f-6add-5986-a817-dc5aa2c5dc20	e1d22e87-5809-5ee5-adfe-4402c8b52b27	turn-by-hand	\N	stuck	\N	\N	\N	{"battery": "own", "temperature": "cold"}	Solid at about half stroke.	2030-05-26 09:00:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	60
0abaee06-7156-5397-a572-bd06c314c3ff	849ff785-2f75-590f-a29b-194ff5d710b5	e1d22e87-5809-5ee5-adfe-4402c8b52b27	oil-check	\N	low	\N	\N	\N	{"battery": "own", "temperature": "cold"}	Tank dry; a dry-sump tank may only have drained down.	2030-05-26 09:10:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	61
0abaee06-7156-5397-a572-bd06c314c3ff	5d29d675-f8f3-52c4-a714-4c14b3d0c53d	e1d22e87-5809-5ee5-adfe-4402c8b52b27	bore-look	1	rust	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-05-26 09:20:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	62
0abaee06-7156-5397-a572-bd06c314c3ff	5e50b114-8137-5028-af8b-92bf9cbdb9ae	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	turn-by-hand	\N	free	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-06-04 09:00:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	70
0abaee06-7156-5397-a572-bd06c314c3ff	814c136a-70d1-5368-ad9d-7fa99176b1a8	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	oil-check	\N	right	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-06-04 09:10:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	71
0abaee06-7156-5397-a572-bd06c314c3ff	5a15e4c2-33c9-541c-a9ac-8e52dd828a56	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	fuel-smell	\N	fresh	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-06-04 09:15:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	72
0abaee06-7156-5397-a572-bd06c314c3ff	8f889a1f-e106-5ddd-acfa-a3d8bac1db73	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	read-plug	1	bad	\N	\N	\N	{"battery": "own", "temperature": "cold"}	Black and wet.	2030-06-04 09:20:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	73
0abaee06-7156-5397-a572-bd06c314c3ff	5514ff71-4c2d-5901-aeaa-374ac14e63f0	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	exhaust-look	\N	choked	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-06-04 10:30:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	76
0abaee06-7156-5397-a572-bd06c314c3ff	1fc22d50-511d-5d43-acf0-6d18856b8135	88086454-1aeb-52ca-a41d-04c3e5d85277	turn-by-hand	\N	free	\N	\N	\N	{"battery": "own", "temperature": "cold"}	Oil in the holes, turned two full turns.	2030-06-09 10:00:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	90
0abaee06-7156-5397-a572-bd06c314c3ff	f4d75bcb-cc56-5b33-abe4-51fad74be2a3	88086454-1aeb-52ca-a41d-04c3e5d85277	oil-check	\N	right	\N	\N	\N	{"battery": "own", "temperature": "cold"}	Fresh oil put in by the owner.	2030-06-09 10:10:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	91
0abaee06-7156-5397-a572-bd06c314c3ff	1e97cb2d-b9a5-5c22-a336-8ae939e711c8	88086454-1aeb-52ca-a41d-04c3e5d85277	fuel-smell	\N	fresh	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-06-09 10:20:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	92
0abaee06-7156-5397-a572-bd06c314c3ff	792fc535-3820-5384-a3c2-8c0b5701e5c4	88086454-1aeb-52ca-a41d-04c3e5d85277	read-plug	1	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-06-10 09:00:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	93
0abaee06-7156-5397-a572-bd06c314c3ff	cd200a1b-efe6-5f8c-ac9a-a7ffc9f98073	88086454-1aeb-52ca-a41d-04c3e5d85277	read-plug	2	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-06-10 09:05:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	94
0abaee06-7156-5397-a572-bd06c314c3ff	589147e7-5761-52dc-add2-6511e1781d56	88086454-1aeb-52ca-a41d-04c3e5d85277	compression	1	good	7c619a3d-c40b-5ae7-a862-fa9ee2ecc7b8	b2746599-8395-59ff-a677-27cf29b0011d	yes	{"battery": "own", "temperature": "cold"}	\N	2030-06-10 09:30:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	96
0abaee06-7156-5397-a572-bd06c314c3ff	156b04b2-8c72-5f21-ae11-c64f4c3ae30d	88086454-1aeb-52ca-a41d-04c3e5d85277	compression	2	good	4f20a9ab-2571-5f37-a752-c4c6558b7f39	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2030-06-10 09:40:00+00	\N	b0d15066685ed088	\N	\N	{}	\N	97
\.


--
-- Data for Name: fastener; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.fastener (shop_id, id, job_id, step_id, size, count, place, refitted, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000018	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000017	M6x25	4	rim	4	{"refitted": 1}	\N	19
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000019	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000017	dowel	2	\N	2	{"refitted": 1}	\N	19
0abaee06-7156-5397-a572-bd06c314c3ff	634e8c0f-47a8-5263-a844-ebead9990acf	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	a54e99db-d686-5070-a0d2-120d15b72efd	M6x16	5	edge	0	{}	\N	21
0abaee06-7156-5397-a572-bd06c314c3ff	5426cc02-0f23-596d-ab1a-4ac0dd7b4212	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	a54e99db-d686-5070-a0d2-120d15b72efd	M5x12	2	nose	0	{}	\N	21
0abaee06-7156-5397-a572-bd06c314c3ff	3db67222-1ad2-52a7-a93f-c1b04180d484	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3aa0481c-6618-5682-af0d-f6040c87444e	M6x45	2	lower edge	0	{}	\N	22
0abaee06-7156-5397-a572-bd06c314c3ff	00733be5-0dc3-594f-aeae-62a66cdbbc8a	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3aa0481c-6618-5682-af0d-f6040c87444e	M6x30	7	rim	7	{"refitted": 1}	\N	22
0abaee06-7156-5397-a572-bd06c314c3ff	782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3aa0481c-6618-5682-af0d-f6040c87444e	dowel	2	top and bottom	2	{"refitted": 1}	\N	22
0abaee06-7156-5397-a572-bd06c314c3ff	24a1b704-f3d5-5bc7-a9f6-3c3d27c22a3c	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	04d7a6b8-3979-507c-af7f-18e0fc9db031	M6x20	2	flange	0	{}	\N	74
0abaee06-7156-5397-a572-bd06c314c3ff	ac5e0a63-75a6-5323-a5d6-24aa45cefbba	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	04d7a6b8-3979-507c-af7f-18e0fc9db031	M8x30	1	hanger	0	{}	\N	74
\.


--
-- Data for Name: find_line; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.find_line (shop_id, kind, id, job_id, bike_id, words, plain, tokens) FROM stdin;
11111111-1111-4111-8111-111111111111	complaint	00000000-0000-4000-8000-000000000016	00000000-0000-4000-8000-000000000005	\N	It also leaks	it also leaks	'350' 'also' 'it' 'leaks' 'quillon'
11111111-1111-4111-8111-111111111111	consent	00000000-0000-4000-8000-000000000007	00000000-0000-4000-8000-000000000005	\N	Up to four hundred	up to four hundred	'350' 'four' 'hundred' 'quillon' 'to' 'up'
11111111-1111-4111-8111-111111111111	spec	00000000-0000-4000-8000-000000000008	\N	00000000-0000-4000-8000-000000000004	compression · 142 to … psi · book, page 62	compression 142 to psi book page 62	'142' '350' '62' 'book' 'compression' 'page' 'psi' 'quillon' 'to'
11111111-1111-4111-8111-111111111111	prediction	00000000-0000-4000-8000-000000000009	00000000-0000-4000-8000-000000000005	\N	Well over 140	well over 140	'140' '350' 'over' 'quillon' 'well'
11111111-1111-4111-8111-111111111111	reading	00000000-0000-4000-8000-000000000010	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	compression · 1 · 170 psi · psi	compression 1 170 psi psi	'1' '170' '350' 'compression' 'psi' 'quillon'
11111111-1111-4111-8111-111111111111	evidence	00000000-0000-4000-8000-000000000011	00000000-0000-4000-8000-000000000005	\N	compression · 1 · good · warm day	compression 1 good warm day	'1' '350' 'compression' 'day' 'good' 'quillon' 'warm'
11111111-1111-4111-8111-111111111111	evidence	00000000-0000-4000-8000-000000000012	00000000-0000-4000-8000-000000000005	\N	flick-points · none	flick points none	'350' 'flick' 'none' 'points' 'quillon'
11111111-1111-4111-8111-111111111111	reading	00000000-0000-4000-8000-000000000032	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	compression · 2 · 170 psi · psi	compression 2 170 psi psi	'170' '2' '350' 'compression' 'psi' 'quillon'
11111111-1111-4111-8111-111111111111	cause	00000000-0000-4000-8000-000000000013	00000000-0000-4000-8000-000000000005	\N	Oxide on the contacts	oxide on the contacts	'350' 'contacts' 'on' 'oxide' 'quillon' 'the'
11111111-1111-4111-8111-111111111111	repair	00000000-0000-4000-8000-000000000014	00000000-0000-4000-8000-000000000005	\N	Cleaned and set	cleaned and set	'350' 'and' 'cleaned' 'quillon' 'set'
11111111-1111-4111-8111-111111111111	complaint	00000000-0000-4000-8000-000000000033	00000000-0000-4000-8000-000000000005	\N	Starts and dies	starts and dies	'350' 'and' 'dies' 'quillon' 'starts'
11111111-1111-4111-8111-111111111111	retest	00000000-0000-4000-8000-000000000015	00000000-0000-4000-8000-000000000005	\N	changed	changed	'350' 'changed' 'quillon'
11111111-1111-4111-8111-111111111111	complaint	00000000-0000-4000-8000-000000000006	00000000-0000-4000-8000-000000000005	\N	Will not start	will not start	'350' 'not' 'quillon' 'start' 'will'
11111111-1111-4111-8111-111111111111	fastener	00000000-0000-4000-8000-000000000018	00000000-0000-4000-8000-000000000005	\N	M6x25 · rim	m6x25 rim	'350' 'm6x25' 'quillon' 'rim'
11111111-1111-4111-8111-111111111111	fastener	00000000-0000-4000-8000-000000000019	00000000-0000-4000-8000-000000000005	\N	dowel	dowel	'350' 'dowel' 'quillon'
11111111-1111-4111-8111-111111111111	step	00000000-0000-4000-8000-000000000017	00000000-0000-4000-8000-000000000005	\N	Left cover · bag 7 · gasket reused	left cover bag 7 gasket reused	'350' '7' 'bag' 'cover' 'gasket' 'left' 'quillon' 'reused'
11111111-1111-4111-8111-111111111111	reading	00000000-0000-4000-8000-000000000021	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	compression · 170 psi · psi	compression 170 psi psi	'170' '350' 'compression' 'psi' 'quillon'
11111111-1111-4111-8111-111111111111	finding	00000000-0000-4000-8000-000000000020	00000000-0000-4000-8000-000000000005	\N	Contacts · blue film · clean	contacts blue film clean	'350' 'blue' 'clean' 'contacts' 'film' 'quillon'
11111111-1111-4111-8111-111111111111	part	00000000-0000-4000-8000-000000000022	00000000-0000-4000-8000-000000000005	\N	Condenser · C-12 · Harbour Stores · ordered	condenser c 12 harbour stores ordered	'12' '350' 'c' 'condenser' 'harbour' 'ordered' 'quillon' 'stores'
11111111-1111-4111-8111-111111111111	torque	00000000-0000-4000-8000-000000000023	00000000-0000-4000-8000-000000000005	\N	Head nuts · M8 · 18 lbf·ft · book	head nuts m8 18 lbf ft book	'18' '350' 'book' 'ft' 'head' 'lbf' 'm8' 'nuts' 'quillon'
11111111-1111-4111-8111-111111111111	checkmark	00000000-0000-4000-8000-000000000027	00000000-0000-4000-8000-000000000005	\N	drained again	drained again	'350' 'again' 'drained' 'quillon'
11111111-1111-4111-8111-111111111111	wait	00000000-0000-4000-8000-000000000028	00000000-0000-4000-8000-000000000005	\N	part · Condenser	part condenser	'350' 'condenser' 'part' 'quillon'
11111111-1111-4111-8111-111111111111	provisional	00000000-0000-4000-8000-000000000029	00000000-0000-4000-8000-000000000005	\N	Tie on the panel · lug broken	tie on the panel lug broken	'350' 'broken' 'lug' 'on' 'panel' 'quillon' 'the' 'tie'
11111111-1111-4111-8111-111111111111	watch	00000000-0000-4000-8000-000000000030	00000000-0000-4000-8000-000000000005	\N	Oil level · after 100 km	oil level after 100 km	'100' '350' 'after' 'km' 'level' 'oil' 'quillon'
11111111-1111-4111-8111-111111111111	photo	00000000-0000-4000-8000-000000000035	00000000-0000-4000-8000-000000000005	\N	How the wires run	how the wires run	'350' 'how' 'quillon' 'run' 'the' 'wires'
11111111-1111-4111-8111-111111111111	pin	00000000-0000-4000-8000-000000000036	00000000-0000-4000-8000-000000000005	\N	Short screw here	short screw here	'350' 'here' 'quillon' 'screw' 'short'
11111111-1111-4111-8111-111111111111	erratum	00000000-0000-4000-8000-000000000038	\N	00000000-0000-4000-8000-000000000004	book of this bike · 61 · 195 psi · 186 psi	book of this bike 61 195 psi 186 psi	'186' '195' '350' '61' 'bike' 'book' 'of' 'psi' 'quillon' 'this'
11111111-1111-4111-8111-111111111111	bike	00000000-0000-4000-8000-000000000004	\N	00000000-0000-4000-8000-000000000004	Quillon 350 · 1969	quillon 350 1969	'1969' '350' 'quillon'
0abaee06-7156-5397-a572-bd06c314c3ff	bike	c666a275-e5b3-5b0a-af1e-2169dc69dbce	\N	c666a275-e5b3-5b0a-af1e-2169dc69dbce	Osprane 650 · 1994	osprane 650 1994	'1994' '650' 'osprane'
0abaee06-7156-5397-a572-bd06c314c3ff	job	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	roadside help · the night of the slide	roadside help the night of the slide	'650' 'help' 'night' 'of' 'osprane' 'roadside' 'slide' 'the'
0abaee06-7156-5397-a572-bd06c314c3ff	consent	a2884a36-fd54-5760-a56c-547a24e4782e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Repair, side panel left as it is.	repair side panel left as it is	'650' 'as' 'is' 'it' 'left' 'osprane' 'panel' 'repair' 'side'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	f125cbe7-f904-5983-a3ed-3a25e1473924	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	turn-by-hand · free	turn by hand free	'650' 'by' 'free' 'hand' 'osprane' 'turn'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	a434fb64-7350-5cca-a378-05fd83aebd25	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	oil-check · right	oil check right	'650' 'check' 'oil' 'osprane' 'right'
0abaee06-7156-5397-a572-bd06c314c3ff	reading	7ebc1fe0-cf6d-518f-a2e3-449e29ac27b3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	battery-rest · 12.62 V · V	battery rest 12.62 v v	'12.62' '650' 'battery' 'osprane' 'rest' 'v'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	96838266-ab72-5162-a9b5-da0ad108790d	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	battery-rest · good	battery rest good	'650' 'battery' 'good' 'osprane' 'rest'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	88a1c9a7-728a-53f5-a595-28122a363c91	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	fuel-smell · fresh	fuel smell fresh	'650' 'fresh' 'fuel' 'osprane' 'smell'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	b7d948b1-1142-5e0a-ace8-e4c04197476b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	read-plug · 1 · normal	read plug 1 normal	'1' '650' 'normal' 'osprane' 'plug' 'read'
0abaee06-7156-5397-a572-bd06c314c3ff	complaint	d1b484c3-f4ca-53e2-a51c-aae8a8be37c8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Went down on the wet quay. Ran home on three, next morning nothing.	went down on the wet quay ran home on three next morning nothing	'650' 'down' 'home' 'morning' 'next' 'nothing' 'on' 'osprane' 'quay' 'ran' 'the' 'three' 'went' 'wet'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	3167c117-e748-5157-a482-a5121941f9f4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	read-plug · 2 · normal	read plug 2 normal	'2' '650' 'normal' 'osprane' 'plug' 'read'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	f9bb386f-0725-5183-a2b3-41204f0913d1	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	read-plug · 3 · normal	read plug 3 normal	'3' '650' 'normal' 'osprane' 'plug' 'read'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	e0e09eb0-9f88-51b7-a2a4-083f663fe727	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	read-plug · 4 · normal	read plug 4 normal	'4' '650' 'normal' 'osprane' 'plug' 'read'
0abaee06-7156-5397-a572-bd06c314c3ff	reading	274d8866-934e-5eda-ae58-b7e26db57c47	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	battery-cranking · 10.4 V · V	battery cranking 10.4 v v	'10.4' '650' 'battery' 'cranking' 'osprane' 'v'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	adc526fd-15dc-52e7-a16b-f2084e42487c	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	crank-volts · good	crank volts good	'650' 'crank' 'good' 'osprane' 'volts'
0abaee06-7156-5397-a572-bd06c314c3ff	prediction	5cc7dd56-e058-51d9-a699-a833bd003a89	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	If the slide hurt the pick-up, all four are dead.	if the slide hurt the pick up all four are dead	'650' 'all' 'are' 'dead' 'four' 'hurt' 'if' 'osprane' 'pick' 'slide' 'the' 'up'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	3b657c4c-f231-55c4-aa83-d6e6e5916e17	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	spark-look · 1 · none	spark look 1 none	'1' '650' 'look' 'none' 'osprane' 'spark'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	4e13eee7-5826-55cd-a9ba-13072d15aaa5	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	spark-look · 2 · none	spark look 2 none	'2' '650' 'look' 'none' 'osprane' 'spark'
0abaee06-7156-5397-a572-bd06c314c3ff	reading	032535cb-bcb6-57cd-ae6b-397079e7e406	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	coil-supply · 12.3 V · V	coil supply 12.3 v v	'12.3' '650' 'coil' 'osprane' 'supply' 'v'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	9f9977f4-f32c-5641-a351-23ce4333e9d7	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	coil-volts · good	coil volts good	'650' 'coil' 'good' 'osprane' 'volts'
0abaee06-7156-5397-a572-bd06c314c3ff	reading	e8523333-91a5-558f-a165-3fd6942cc17e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	pickup · 214 ohm · ohm	pickup 214 ohm ohm	'214' '650' 'ohm' 'osprane' 'pickup'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	7a8a2553-5258-5806-ada2-aa3aee8afa5f	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	pickup-ohms · good	pickup ohms good	'650' 'good' 'ohms' 'osprane' 'pickup'
0abaee06-7156-5397-a572-bd06c314c3ff	step	a54e99db-d686-5070-a0d2-120d15b72efd	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Left fairing side off · bag 11	left fairing side off bag 11	'11' '650' 'bag' 'fairing' 'left' 'off' 'osprane' 'side'
0abaee06-7156-5397-a572-bd06c314c3ff	fastener	634e8c0f-47a8-5263-a844-ebead9990acf	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	M6x16 · edge	m6x16 edge	'650' 'edge' 'm6x16' 'osprane'
0abaee06-7156-5397-a572-bd06c314c3ff	fastener	5426cc02-0f23-596d-ab1a-4ac0dd7b4212	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	M5x12 · nose	m5x12 nose	'650' 'm5x12' 'nose' 'osprane'
0abaee06-7156-5397-a572-bd06c314c3ff	step	3aa0481c-6618-5682-af0d-f6040c87444e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Generator cover off · bag 12 · Rubbed through at the bottom; a dowel was lost.	generator cover off bag 12 rubbed through at the bottom a dowel was lost	'12' '650' 'a' 'at' 'bag' 'bottom' 'cover' 'dowel' 'generator' 'lost' 'off' 'osprane' 'rubbed' 'the' 'through' 'was'
0abaee06-7156-5397-a572-bd06c314c3ff	fastener	3db67222-1ad2-52a7-a93f-c1b04180d484	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	M6x45 · lower edge	m6x45 lower edge	'650' 'edge' 'lower' 'm6x45' 'osprane'
0abaee06-7156-5397-a572-bd06c314c3ff	pin	9cf2120a-6197-5c39-ab04-35ba92e3f1ff	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Dowel lost from here	dowel lost from here	'650' 'dowel' 'from' 'here' 'lost' 'osprane'
0abaee06-7156-5397-a572-bd06c314c3ff	pin	123f64fb-c619-5d0f-a866-dbd654db9d8f	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	The two long screws, M6x45	the two long screws m6x45	'650' 'long' 'm6x45' 'osprane' 'screws' 'the' 'two'
0abaee06-7156-5397-a572-bd06c314c3ff	pin	c6716b6b-1ca2-546c-a93c-8b4b159fb367	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Rubbed through by the slide	rubbed through by the slide	'650' 'by' 'osprane' 'rubbed' 'slide' 'the' 'through'
0abaee06-7156-5397-a572-bd06c314c3ff	finding	6e1436d3-9d18-5c71-ad87-d9111a801def	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Pick-up wires · Cut half through by the cover; gap wide open. · repair	pick up wires cut half through by the cover gap wide open repair	'650' 'by' 'cover' 'cut' 'gap' 'half' 'open' 'osprane' 'pick' 'repair' 'the' 'through' 'up' 'wide' 'wires'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	4be08759-7cb9-5258-a161-2ea8fc9d4799	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	pickup-gap · bad	pickup gap bad	'650' 'bad' 'gap' 'osprane' 'pickup'
0abaee06-7156-5397-a572-bd06c314c3ff	cause	c9324725-e6b5-5980-a38c-c6e0ecbc2251	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Pick-up wires cut by the cover after the slide	pick up wires cut by the cover after the slide	'650' 'after' 'by' 'cover' 'cut' 'osprane' 'pick' 'slide' 'the' 'up' 'wires'
0abaee06-7156-5397-a572-bd06c314c3ff	repair	61391f6e-6987-521a-a470-f917e26987f4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Wires mended and led away from the cover, pick-up gap set	wires mended and led away from the cover pick up gap set	'650' 'and' 'away' 'cover' 'from' 'gap' 'led' 'mended' 'osprane' 'pick' 'set' 'the' 'up' 'wires'
0abaee06-7156-5397-a572-bd06c314c3ff	retest	f3ddece8-c0f9-5f1f-a6ca-3d2c0bd4d3be	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	gone · Starts at once, all four.	gone starts at once all four	'650' 'all' 'at' 'four' 'gone' 'once' 'osprane' 'starts'
0abaee06-7156-5397-a572-bd06c314c3ff	part	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Generator cover gasket · Quayside Spares · fitted	generator cover gasket quayside spares fitted	'650' 'cover' 'fitted' 'gasket' 'generator' 'osprane' 'quayside' 'spares'
0abaee06-7156-5397-a572-bd06c314c3ff	part	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Dowel 8 mm · Quayside Spares · fitted	dowel 8 mm quayside spares fitted	'650' '8' 'dowel' 'fitted' 'mm' 'osprane' 'quayside' 'spares'
0abaee06-7156-5397-a572-bd06c314c3ff	part	b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Coolant 2 l · Harbour Stores · arrived	coolant 2 l harbour stores arrived	'2' '650' 'arrived' 'coolant' 'harbour' 'l' 'osprane' 'stores'
0abaee06-7156-5397-a572-bd06c314c3ff	fastener	00733be5-0dc3-594f-aeae-62a66cdbbc8a	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	M6x30 · rim	m6x30 rim	'650' 'm6x30' 'osprane' 'rim'
0abaee06-7156-5397-a572-bd06c314c3ff	fastener	782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	dowel · top and bottom	dowel top and bottom	'650' 'and' 'bottom' 'dowel' 'osprane' 'top'
0abaee06-7156-5397-a572-bd06c314c3ff	torque	531fee56-9ea0-5f7e-ac08-e0b495241e77	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Generator cover, rim · M6 · 8 lbf·ft · book of this bike	generator cover rim m6 8 lbf ft book of this bike	'650' '8' 'bike' 'book' 'cover' 'ft' 'generator' 'lbf' 'm6' 'of' 'osprane' 'rim' 'this'
0abaee06-7156-5397-a572-bd06c314c3ff	torque	d2c7b4dd-d1b3-5844-a82e-80198c925be4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Generator cover, lower edge · M6 · 8 lbf·ft · book of this bike	generator cover lower edge m6 8 lbf ft book of this bike	'650' '8' 'bike' 'book' 'cover' 'edge' 'ft' 'generator' 'lbf' 'lower' 'm6' 'of' 'osprane' 'this'
0abaee06-7156-5397-a572-bd06c314c3ff	torque	9cf08170-eaf2-582c-a2a9-4448e13e7173	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Sump plug · M12x1.25 · 25 N·m · book of this bike	sump plug m12x1.25 25 n m book of this bike	'25' '650' 'bike' 'book' 'm' 'm12x1.25' 'n' 'of' 'osprane' 'plug' 'sump' 'this'
0abaee06-7156-5397-a572-bd06c314c3ff	provisional	986a007d-eff9-517c-a1d1-e3a28001a86d	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Left panel held by two ties · Lug broken in the slide, new panel not wanted	left panel held by two ties lug broken in the slide new panel not wanted	'650' 'broken' 'by' 'held' 'in' 'left' 'lug' 'new' 'not' 'osprane' 'panel' 'slide' 'the' 'ties' 'two' 'wanted'
0abaee06-7156-5397-a572-bd06c314c3ff	watch	a2fc65e9-807f-59aa-a199-8ac9801b0a28	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Coolant level cold · after the first 100 km	coolant level cold after the first 100 km	'100' '650' 'after' 'cold' 'coolant' 'first' 'km' 'level' 'osprane' 'the'
0abaee06-7156-5397-a572-bd06c314c3ff	complaint	e1d2b14b-e17f-5251-a298-444ccd4dc554	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	Father took it apart in the eighties and never went back. Will not turn.	father took it apart in the eighties and never went back will not turn	'500' 'and' 'apart' 'back' 'eighties' 'father' 'hollin' 'in' 'it' 'never' 'not' 'the' 'took' 'turn' 'went' 'will'
0abaee06-7156-5397-a572-bd06c314c3ff	bike	5d561e70-ab84-5bc7-adbb-eba9944ba129	\N	5d561e70-ab84-5bc7-adbb-eba9944ba129	Hollin 500 · 1955	hollin 500 1955	'1955' '500' 'hollin'
0abaee06-7156-5397-a572-bd06c314c3ff	job	e1d22e87-5809-5ee5-adfe-4402c8b52b27	e1d22e87-5809-5ee5-adfe-4402c8b52b27	5d561e70-ab84-5bc7-adbb-eba9944ba129	the owner’s father · about forty years ago	the owner s father about forty years ago	'500' 'about' 'ago' 'father' 'forty' 'hollin' 'owner' 's' 'the' 'years'
0abaee06-7156-5397-a572-bd06c314c3ff	consent	e32e7f42-847c-58d7-abca-7feec863578e	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	Free it and say what it needs. Nothing bought without a call.	free it and say what it needs nothing bought without a call	'500' 'a' 'and' 'bought' 'call' 'free' 'hollin' 'it' 'needs' 'nothing' 'say' 'what' 'without'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	b04f578f-6add-5986-a817-dc5aa2c5dc20	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	turn-by-hand · stuck · Solid at about half stroke.	turn by hand stuck solid at about half stroke	'500' 'about' 'at' 'by' 'half' 'hand' 'hollin' 'solid' 'stroke' 'stuck' 'turn'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	849ff785-2f75-590f-a29b-194ff5d710b5	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	oil-check · low · Tank dry; a dry-sump tank may only have drained down.	oil check low tank dry a dry sump tank may only have drained down	'500' 'a' 'check' 'down' 'drained' 'dry' 'have' 'hollin' 'low' 'may' 'oil' 'only' 'sump' 'tank'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	5d29d675-f8f3-52c4-a714-4c14b3d0c53d	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	bore-look · 1 · rust	bore look 1 rust	'1' '500' 'bore' 'hollin' 'look' 'rust'
0abaee06-7156-5397-a572-bd06c314c3ff	finding	e14e7db2-4869-5cd1-af41-3dd4f03ec44b	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	Oil tank · Dry, clean inside, a film of old oil. · clean	oil tank dry clean inside a film of old oil clean	'500' 'a' 'clean' 'dry' 'film' 'hollin' 'inside' 'of' 'oil' 'old' 'tank'
0abaee06-7156-5397-a572-bd06c314c3ff	wait	9f393c66-0803-5c26-a700-90c3afdc8e1c	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	soaking · 50 ml of penetrant in the cylinder	soaking 50 ml of penetrant in the cylinder	'50' '500' 'cylinder' 'hollin' 'in' 'ml' 'of' 'penetrant' 'soaking' 'the'
0abaee06-7156-5397-a572-bd06c314c3ff	complaint	7d2191f7-4638-5c3a-ad3d-c15c34753289	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Pulls up the harbour hill cold. When it is hot it gives up half way and stalls at the top.	pulls up the harbour hill cold when it is hot it gives up half way and stalls at the top	'80' 'and' 'at' 'cold' 'gives' 'half' 'harbour' 'hill' 'hot' 'is' 'it' 'marram' 'pulls' 'stalls' 'the' 'top' 'up' 'way' 'when'
0abaee06-7156-5397-a572-bd06c314c3ff	bike	01c5d948-8b66-50ad-a5ae-75c2d34025f1	\N	01c5d948-8b66-50ad-a5ae-75c2d34025f1	Marram 80 · 1979	marram 80 1979	'1979' '80' 'marram'
0abaee06-7156-5397-a572-bd06c314c3ff	job	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	01c5d948-8b66-50ad-a5ae-75c2d34025f1	the owner · oil brand changed in spring	the owner oil brand changed in spring	'80' 'brand' 'changed' 'in' 'marram' 'oil' 'owner' 'spring' 'the'
0abaee06-7156-5397-a572-bd06c314c3ff	consent	f2d64238-44d2-540b-a460-f604ad3e494c	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Up to two hundred without asking.	up to two hundred without asking	'80' 'asking' 'hundred' 'marram' 'to' 'two' 'up' 'without'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	5e50b114-8137-5028-af8b-92bf9cbdb9ae	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	turn-by-hand · free	turn by hand free	'80' 'by' 'free' 'hand' 'marram' 'turn'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	814c136a-70d1-5368-ad9d-7fa99176b1a8	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	oil-check · right	oil check right	'80' 'check' 'marram' 'oil' 'right'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	5a15e4c2-33c9-541c-a9ac-8e52dd828a56	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	fuel-smell · fresh	fuel smell fresh	'80' 'fresh' 'fuel' 'marram' 'smell'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	8f889a1f-e106-5ddd-acfa-a3d8bac1db73	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	read-plug · 1 · bad · Black and wet.	read plug 1 bad black and wet	'1' '80' 'and' 'bad' 'black' 'marram' 'plug' 'read' 'wet'
0abaee06-7156-5397-a572-bd06c314c3ff	step	04d7a6b8-3979-507c-af7f-18e0fc9db031	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Exhaust off · bag 3 · Gasket broke up.	exhaust off bag 3 gasket broke up	'3' '80' 'bag' 'broke' 'exhaust' 'gasket' 'marram' 'off' 'up'
0abaee06-7156-5397-a572-bd06c314c3ff	fastener	24a1b704-f3d5-5bc7-a9f6-3c3d27c22a3c	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	M6x20 · flange	m6x20 flange	'80' 'flange' 'm6x20' 'marram'
0abaee06-7156-5397-a572-bd06c314c3ff	fastener	ac5e0a63-75a6-5323-a5d6-24aa45cefbba	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	M8x30 · hanger	m8x30 hanger	'80' 'hanger' 'm8x30' 'marram'
0abaee06-7156-5397-a572-bd06c314c3ff	finding	95f5cbf6-aaf6-5073-a860-769faeeb493a	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Exhaust port · Carbon to a third of its area, hard and shiny. · clean	exhaust port carbon to a third of its area hard and shiny clean	'80' 'a' 'and' 'area' 'carbon' 'clean' 'exhaust' 'hard' 'its' 'marram' 'of' 'port' 'shiny' 'third' 'to'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	5514ff71-4c2d-5901-aeaa-374ac14e63f0	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	exhaust-look · choked	exhaust look choked	'80' 'choked' 'exhaust' 'look' 'marram'
0abaee06-7156-5397-a572-bd06c314c3ff	cause	7a8b0b4e-bb70-59f8-a8a9-29b942784380	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Exhaust port coked to a third	exhaust port coked to a third	'80' 'a' 'coked' 'exhaust' 'marram' 'port' 'third' 'to'
0abaee06-7156-5397-a572-bd06c314c3ff	repair	5cdfb2e0-783f-5725-a421-3f79cbe5b534	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Port and pipe cleared with the piston covering the port	port and pipe cleared with the piston covering the port	'80' 'and' 'cleared' 'covering' 'marram' 'pipe' 'piston' 'port' 'the' 'with'
0abaee06-7156-5397-a572-bd06c314c3ff	part	5444756e-4c1a-51d0-abfb-15a3c25b96e6	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Exhaust gasket · Harbour Stores · ordered	exhaust gasket harbour stores ordered	'80' 'exhaust' 'gasket' 'harbour' 'marram' 'ordered' 'stores'
0abaee06-7156-5397-a572-bd06c314c3ff	part	88b310bc-39ce-596c-a700-550130831769	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Plug, right heat range · Harbour Stores · arrived	plug right heat range harbour stores arrived	'80' 'arrived' 'harbour' 'heat' 'marram' 'plug' 'range' 'right' 'stores'
0abaee06-7156-5397-a572-bd06c314c3ff	wait	95201365-6e65-5dec-afb0-df3992de1bac	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	part · Exhaust gasket from Harbour Stores	part exhaust gasket from harbour stores	'80' 'exhaust' 'from' 'gasket' 'harbour' 'marram' 'part' 'stores'
0abaee06-7156-5397-a572-bd06c314c3ff	bike	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	\N	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	Quillon 350 · 1968 · Q350-20417 · Q350-20417	quillon 350 1968 q350 20417 q350 20417	'1968' '20417' '350' 'q350' 'quillon'
0abaee06-7156-5397-a572-bd06c314c3ff	complaint	7f4d3b79-4be9-5ece-a76c-41337e643dff	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	Stood in the boathouse since before the flood. Kicks over lovely, not a cough out of it.	stood in the boathouse since before the flood kicks over lovely not a cough out of it	'350' 'a' 'before' 'boathouse' 'cough' 'flood' 'in' 'it' 'kicks' 'lovely' 'not' 'of' 'out' 'over' 'quillon' 'since' 'stood' 'the'
0abaee06-7156-5397-a572-bd06c314c3ff	job	88086454-1aeb-52ca-a41d-04c3e5d85277	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	a neighbour · new plug and points cover off, a year ago	a neighbour new plug and points cover off a year ago	'350' 'a' 'ago' 'and' 'cover' 'neighbour' 'new' 'off' 'plug' 'points' 'quillon' 'year'
0abaee06-7156-5397-a572-bd06c314c3ff	consent	17316857-14eb-5c1a-a279-329cefd9849b	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	Find out why, and get it running if that stays under the limit. Ask before the engine is opened.	find out why and get it running if that stays under the limit ask before the engine is opened	'350' 'and' 'ask' 'before' 'engine' 'find' 'get' 'if' 'is' 'it' 'limit' 'opened' 'out' 'quillon' 'running' 'stays' 'that' 'the' 'under' 'why'
0abaee06-7156-5397-a572-bd06c314c3ff	spec	d0df22d6-cb47-5c46-af5a-e6b384e2648b	\N	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	compression · 142 to 195 psi · book of this bike, page 61	compression 142 to 195 psi book of this bike page 61	'142' '195' '350' '61' 'bike' 'book' 'compression' 'of' 'page' 'psi' 'quillon' 'this' 'to'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	1fc22d50-511d-5d43-acf0-6d18856b8135	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	turn-by-hand · free · Oil in the holes, turned two full turns.	turn by hand free oil in the holes turned two full turns	'350' 'by' 'free' 'full' 'hand' 'holes' 'in' 'oil' 'quillon' 'the' 'turn' 'turned' 'turns' 'two'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	f4d75bcb-cc56-5b33-abe4-51fad74be2a3	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	oil-check · right · Fresh oil put in by the owner.	oil check right fresh oil put in by the owner	'350' 'by' 'check' 'fresh' 'in' 'oil' 'owner' 'put' 'quillon' 'right' 'the'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	1e97cb2d-b9a5-5c22-a336-8ae939e711c8	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	fuel-smell · fresh	fuel smell fresh	'350' 'fresh' 'fuel' 'quillon' 'smell'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	792fc535-3820-5384-a3c2-8c0b5701e5c4	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	read-plug · 1 · normal	read plug 1 normal	'1' '350' 'normal' 'plug' 'quillon' 'read'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	cd200a1b-efe6-5f8c-ac9a-a7ffc9f98073	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	read-plug · 2 · normal	read plug 2 normal	'2' '350' 'normal' 'plug' 'quillon' 'read'
0abaee06-7156-5397-a572-bd06c314c3ff	prediction	b2746599-8395-59ff-a677-27cf29b0011d	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	If it was parked running, both are well over 140.	if it was parked running both are well over 140	'140' '350' 'are' 'both' 'if' 'it' 'over' 'parked' 'quillon' 'running' 'was' 'well'
0abaee06-7156-5397-a572-bd06c314c3ff	reading	7c619a3d-c40b-5ae7-a862-fa9ee2ecc7b8	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	compression · 1 · 170 psi · psi	compression 1 170 psi psi	'1' '170' '350' 'compression' 'psi' 'quillon'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	589147e7-5761-52dc-add2-6511e1781d56	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	compression · 1 · good	compression 1 good	'1' '350' 'compression' 'good' 'quillon'
0abaee06-7156-5397-a572-bd06c314c3ff	reading	4f20a9ab-2571-5f37-a752-c4c6558b7f39	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	compression · 2 · 180 psi · psi	compression 2 180 psi psi	'180' '2' '350' 'compression' 'psi' 'quillon'
0abaee06-7156-5397-a572-bd06c314c3ff	evidence	156b04b2-8c72-5f21-ae11-c64f4c3ae30d	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	compression · 2 · good	compression 2 good	'2' '350' 'compression' 'good' 'quillon'
\.


--
-- Data for Name: finding; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.finding (shop_id, id, job_id, step_id, item, "position", seen, reading_id, verdict, fault_id, after_repair_id, taken_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000020	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000017	Contacts	\N	blue film	00000000-0000-4000-8000-000000000021	clean	points-dirty	00000000-0000-4000-8000-000000000014	2030-01-01 08:20:00+00	{}	\N	21
0abaee06-7156-5397-a572-bd06c314c3ff	6e1436d3-9d18-5c71-ad87-d9111a801def	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3aa0481c-6618-5682-af0d-f6040c87444e	Pick-up wires	\N	Cut half through by the cover; gap wide open.	\N	repair	pickup-gap	\N	2030-05-14 11:30:00+00	{}	\N	27
0abaee06-7156-5397-a572-bd06c314c3ff	e14e7db2-4869-5cd1-af41-3dd4f03ec44b	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	Oil tank	\N	Dry, clean inside, a film of old oil.	\N	clean	\N	\N	2030-05-26 10:00:00+00	{}	\N	63
0abaee06-7156-5397-a572-bd06c314c3ff	95f5cbf6-aaf6-5073-a860-769faeeb493a	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	04d7a6b8-3979-507c-af7f-18e0fc9db031	Exhaust port	\N	Carbon to a third of its area, hard and shiny.	\N	clean	exhaust-blocked	\N	2030-06-04 10:20:00+00	{}	\N	75
\.


--
-- Data for Name: hazard_ack; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.hazard_ack (shop_id, id, job_id, hazard, place, acknowledged_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000031	00000000-0000-4000-8000-000000000005	fuel-vapour	trace	2030-01-01 08:35:00+00	{}	\N	36
0abaee06-7156-5397-a572-bd06c314c3ff	1eb43a26-1693-5d10-a49a-c085dd1b51e2	e1d22e87-5809-5ee5-adfe-4402c8b52b27	penetrant	soaking	2030-06-12 17:10:00+00	{}	\N	65
\.


--
-- Data for Name: job; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.job (shop_id, id, bike_id, opened_at, standing_months, storage, fuel_left, crash, ran_when_parked, last_touched, last_touched_by, last_touched_when, notes, school, rate, handed_over_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	2030-01-01 08:01:00+00	30	\N	\N	\N	\N	["ignition"]	\N	\N	\N	spark-first	35.00	2030-01-01 08:47:00+00	{"school": 1, "lastTouched": 1, "handedOverAt": 1, "standingMonths": 1}	\N	2
0abaee06-7156-5397-a572-bd06c314c3ff	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	2030-05-12 11:00:00+00	1	dry	yes	yes	no	["electrics"]	roadside help	the night of the slide	\N	least-cost	35.00	\N	{"crash": 1, "storage": 1, "fuelLeft": 1, "lastTouched": 1, "lastTouchedBy": 1, "ranWhenParked": 1, "standingMonths": 1, "lastTouchedWhen": 1}	\N	3
0abaee06-7156-5397-a572-bd06c314c3ff	e1d22e87-5809-5ee5-adfe-4402c8b52b27	5d561e70-ab84-5bc7-adbb-eba9944ba129	2030-05-25 16:00:00+00	480	damp	no	no	yes	["top-end"]	the owner’s father	about forty years ago	\N	least-cost	35.00	\N	{"crash": 1, "storage": 1, "fuelLeft": 1, "lastTouched": 1, "lastTouchedBy": 1, "ranWhenParked": 1, "standingMonths": 1, "lastTouchedWhen": 1}	\N	56
0abaee06-7156-5397-a572-bd06c314c3ff	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	01c5d948-8b66-50ad-a5ae-75c2d34025f1	2030-06-03 14:00:00+00	0	dry	\N	no	yes	["exhaust"]	the owner	oil brand changed in spring	\N	least-cost	35.00	\N	{"crash": 1, "storage": 1, "lastTouched": 1, "lastTouchedBy": 1, "ranWhenParked": 1, "standingMonths": 1, "lastTouchedWhen": 1}	\N	66
0abaee06-7156-5397-a572-bd06c314c3ff	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	2030-06-09 09:15:00+00	30	flooded	no	no	yes	["ignition"]	a neighbour	new plug and points cover off, a year ago	\N	least-cost	35.00	\N	{"crash": 1, "storage": 1, "fuelLeft": 1, "lastTouched": 1, "lastTouchedBy": 1, "ranWhenParked": 1, "standingMonths": 1, "lastTouchedWhen": 1}	\N	85
\.


--
-- Data for Name: journal; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal (shop_id, seq, id, schema_version, type, entity_kind, entity_id, job_id, bike_id, made_at, after, base, payload, changes, actor_id, device_id, received_at) FROM stdin;
11111111-1111-4111-8111-111111111111	1	00000000-0000-4000-8000-000000001000	2	person.add	person	00000000-0000-4000-8000-000000000001	\N	\N	2030-01-01 08:00:00+00	\N	{}	{"name": "Ines Corrow"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000001", "name": "Ines Corrow", "versions": {}}, "table": "person"}]	\N	\N	2026-11-25 10:23:18.523693+00
11111111-1111-4111-8111-111111111111	2	00000000-0000-4000-8000-000000001001	2	bike.bookIn	bike	00000000-0000-4000-8000-000000000004	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	2030-01-01 08:01:00+00	\N	{}	{"name": "Quillon 350", "rate": "35.00", "words": "Will not start", "bikeId": "00000000-0000-4000-8000-000000000004", "ownerId": "00000000-0000-4000-8000-000000000002", "newJobId": "00000000-0000-4000-8000-000000000005", "symptoms": {"no-start": "present", "smells-of-fuel": "absent"}, "personalId": "00000000-0000-4000-8000-000000000003", "complaintId": "00000000-0000-4000-8000-000000000006"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000002", "versions": {}, "personalId": "00000000-0000-4000-8000-000000000003"}, "table": "owner"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000004", "name": "Quillon 350", "year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "ownerId": "00000000-0000-4000-8000-000000000002", "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "versions": {}, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000005", "rate": "35.00", "crash": null, "notes": null, "bikeId": "00000000-0000-4000-8000-000000000004", "school": "least-cost", "storage": null, "fuelLeft": null, "openedAt": "2030-01-01T08:01:00.000Z", "versions": {}, "lastTouched": null, "handedOverAt": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000006", "jobId": "00000000-0000-4000-8000-000000000005", "state": "open", "words": "Will not start", "linkedTo": null, "symptoms": {"no-start": "present", "smells-of-fuel": "absent"}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	\N	\N	2026-11-25 10:23:18.562313+00
11111111-1111-4111-8111-111111111111	3	00000000-0000-4000-8000-000000001002	2	bike.set	bike	00000000-0000-4000-8000-000000000004	\N	00000000-0000-4000-8000-000000000004	2030-01-01 08:02:00+00	\N	{"boreMm": 0, "strokes": 0, "voltage": 0, "cylinders": 0}	{"set": {"boreMm": 60.5, "strokes": "four", "voltage": 6, "cylinders": 2}}	[{"id": "00000000-0000-4000-8000-000000000004", "op": "update", "set": {"boreMm": 60.5, "strokes": "four", "voltage": 6, "cylinders": 2}, "was": {"boreMm": null, "strokes": null, "voltage": null, "cylinders": null}, "table": "bike"}]	\N	\N	2026-11-25 10:23:18.572609+00
11111111-1111-4111-8111-111111111111	4	00000000-0000-4000-8000-000000001003	2	job.set	job	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:03:00+00	\N	{"school": 0, "lastTouched": 0, "standingMonths": 0}	{"set": {"school": "spark-first", "lastTouched": ["ignition"], "standingMonths": 30}}	[{"id": "00000000-0000-4000-8000-000000000005", "op": "update", "set": {"school": "spark-first", "lastTouched": ["ignition"], "standingMonths": 30}, "was": {"school": "least-cost", "lastTouched": null, "standingMonths": null}, "table": "job"}]	\N	\N	2026-11-25 10:23:18.582971+00
11111111-1111-4111-8111-111111111111	5	00000000-0000-4000-8000-000000001004	2	owner.set	owner	00000000-0000-4000-8000-000000000002	\N	00000000-0000-4000-8000-000000000004	2030-01-01 08:04:00+00	\N	{"personalId": 0}	{"set": {"personalId": "00000000-0000-4000-8000-000000000034"}}	[{"id": "00000000-0000-4000-8000-000000000002", "op": "update", "set": {"personalId": "00000000-0000-4000-8000-000000000034"}, "was": {"personalId": "00000000-0000-4000-8000-000000000003"}, "table": "owner"}]	\N	\N	2026-11-25 10:23:18.590156+00
11111111-1111-4111-8111-111111111111	6	00000000-0000-4000-8000-000000001005	2	complaint.add	complaint	00000000-0000-4000-8000-000000000016	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:05:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "words": "It also leaks", "symptoms": {}, "afterRepairId": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000016", "jobId": "00000000-0000-4000-8000-000000000005", "state": "open", "words": "It also leaks", "linkedTo": null, "symptoms": {}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	\N	\N	2026-11-25 10:23:18.600373+00
11111111-1111-4111-8111-111111111111	7	00000000-0000-4000-8000-000000001006	2	complaint.set	complaint	00000000-0000-4000-8000-000000000016	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:06:00+00	\N	{"symptoms": 0, "explained": 0}	{"set": {"symptoms": {"smells-of-fuel": "present"}, "explained": true}}	[{"id": "00000000-0000-4000-8000-000000000016", "op": "update", "set": {"symptoms": {"smells-of-fuel": "present"}, "explained": true}, "was": {"symptoms": {}, "explained": false}, "table": "complaint"}]	\N	\N	2026-11-25 10:23:18.610172+00
11111111-1111-4111-8111-111111111111	8	00000000-0000-4000-8000-000000001007	2	consent.give	consent	00000000-0000-4000-8000-000000000007	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:07:00+00	\N	{}	{"upTo": "400.00", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Up to four hundred", "supersedes": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000007", "upTo": "400.00", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Up to four hundred", "givenAt": "2030-01-01T08:07:00.000Z", "versions": {}, "supersedes": null}, "table": "consent"}]	\N	\N	2026-11-25 10:23:18.622377+00
11111111-1111-4111-8111-111111111111	9	00000000-0000-4000-8000-000000001008	2	spec.add	spec	00000000-0000-4000-8000-000000000008	\N	00000000-0000-4000-8000-000000000004	2030-01-01 08:08:00+00	\N	{}	{"low": 979055.5, "high": null, "unit": "psi", "bikeId": "00000000-0000-4000-8000-000000000004", "source": "book, page 61", "entered": "142 to … psi", "quantity": "compression"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000008", "low": 979055.5, "high": null, "unit": "psi", "bikeId": "00000000-0000-4000-8000-000000000004", "source": "book, page 61", "entered": "142 to … psi", "quantity": "compression", "versions": {}}, "table": "spec"}]	\N	\N	2026-11-25 10:23:18.635302+00
11111111-1111-4111-8111-111111111111	10	00000000-0000-4000-8000-000000001009	2	spec.set	spec	00000000-0000-4000-8000-000000000008	\N	00000000-0000-4000-8000-000000000004	2030-01-01 08:09:00+00	\N	{"high": 0, "source": 0}	{"set": {"high": 1275530.1, "source": "book, page 62"}}	[{"id": "00000000-0000-4000-8000-000000000008", "op": "update", "set": {"high": 1275530.1, "source": "book, page 62"}, "was": {"high": null, "source": "book, page 61"}, "table": "spec"}]	\N	\N	2026-11-25 10:23:18.644809+00
11111111-1111-4111-8111-111111111111	11	00000000-0000-4000-8000-000000001010	2	prediction.write	prediction	00000000-0000-4000-8000-000000000009	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:10:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "words": "Well over 140", "testId": "compression", "expected": "good", "position": "1"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000009", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Well over 140", "madeAt": "2030-01-01T08:10:00.000Z", "testId": "compression", "expected": "good", "position": "1", "versions": {}}, "table": "prediction"}]	\N	\N	2026-11-25 10:23:18.65573+00
11111111-1111-4111-8111-111111111111	12	00000000-0000-4000-8000-000000001011	2	evidence.add	evidence	00000000-0000-4000-8000-000000000011	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:11:00+00	\N	{}	{"held": "yes", "note": "warm day", "jobId": "00000000-0000-4000-8000-000000000005", "shown": {"next": "flick-points", "suspects": [["points-dirty", 0.25]]}, "testId": "compression", "outcome": "good", "reading": {"id": "00000000-0000-4000-8000-000000000010", "unit": "psi", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "quantity": "compression", "instrument": null}, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "00000000-0000-4000-8000-000000000009", "afterRepairId": null, "knowledgeHash": "abc"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000010", "unit": "psi", "jobId": "00000000-0000-4000-8000-000000000005", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "takenAt": "2030-01-01T08:11:00.000Z", "position": "1", "quantity": "compression", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000011", "held": "yes", "note": "warm day", "jobId": "00000000-0000-4000-8000-000000000005", "shown": {"next": "flick-points", "suspects": [["points-dirty", 0.25]]}, "testId": "compression", "outcome": "good", "takenAt": "2030-01-01T08:11:00.000Z", "position": "1", "versions": {}, "readingId": "00000000-0000-4000-8000-000000000010", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "00000000-0000-4000-8000-000000000009", "afterRepairId": null, "knowledgeHash": "abc"}, "table": "evidence"}]	\N	\N	2026-11-25 10:23:18.676797+00
11111111-1111-4111-8111-111111111111	13	00000000-0000-4000-8000-000000001012	2	evidence.add	evidence	00000000-0000-4000-8000-000000000012	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:12:00+00	\N	{}	{"held": null, "note": null, "jobId": "00000000-0000-4000-8000-000000000005", "shown": null, "testId": "flick-points", "outcome": "none", "reading": null, "position": null, "conditions": {}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "abc"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000012", "held": null, "note": null, "jobId": "00000000-0000-4000-8000-000000000005", "shown": null, "testId": "flick-points", "outcome": "none", "takenAt": "2030-01-01T08:12:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "abc"}, "table": "evidence"}]	\N	\N	2026-11-25 10:23:18.692003+00
11111111-1111-4111-8111-111111111111	14	00000000-0000-4000-8000-000000001013	2	evidence.withdraw	evidence	00000000-0000-4000-8000-000000000012	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:13:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "reason": "battery was dying"}	[{"id": "00000000-0000-4000-8000-000000000012", "op": "update", "set": {"withdrawn": "battery was dying"}, "was": {"withdrawn": null}, "table": "evidence"}]	\N	\N	2026-11-25 10:23:18.704851+00
11111111-1111-4111-8111-111111111111	15	00000000-0000-4000-8000-000000001014	2	reading.add	reading	00000000-0000-4000-8000-000000000032	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:14:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "reading": {"id": "00000000-0000-4000-8000-000000000032", "unit": "psi", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "quantity": "compression", "instrument": null}, "position": "2", "conditions": {}}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000032", "unit": "psi", "jobId": "00000000-0000-4000-8000-000000000005", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "takenAt": "2030-01-01T08:14:00.000Z", "position": "2", "quantity": "compression", "versions": {}, "conditions": {}, "instrument": null}, "table": "reading"}]	\N	\N	2026-11-25 10:23:18.716234+00
11111111-1111-4111-8111-111111111111	16	00000000-0000-4000-8000-000000001015	2	cause.name	cause	00000000-0000-4000-8000-000000000013	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:15:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "words": "Oxide on the contacts", "faultId": "points-dirty", "position": null, "complaintId": "00000000-0000-4000-8000-000000000006"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000013", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Oxide on the contacts", "madeAt": "2030-01-01T08:15:00.000Z", "faultId": "points-dirty", "position": null, "versions": {}, "complaintId": "00000000-0000-4000-8000-000000000006"}, "table": "cause"}]	\N	\N	2026-11-25 10:23:18.732191+00
11111111-1111-4111-8111-111111111111	17	00000000-0000-4000-8000-000000001016	2	repair.log	repair	00000000-0000-4000-8000-000000000014	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:16:00+00	\N	{}	{"cost": "2.50", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Cleaned and set", "causeId": "00000000-0000-4000-8000-000000000013", "faultId": "points-dirty", "minutes": 20, "position": null, "afterRepairId": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000014", "cost": "2.50", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Cleaned and set", "madeAt": "2030-01-01T08:16:00.000Z", "causeId": "00000000-0000-4000-8000-000000000013", "faultId": "points-dirty", "minutes": 20, "position": null, "versions": {}, "afterRepairId": null}, "table": "repair"}]	\N	\N	2026-11-25 10:23:18.744402+00
11111111-1111-4111-8111-111111111111	18	00000000-0000-4000-8000-000000001017	2	retest.log	retest	00000000-0000-4000-8000-000000000015	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:17:00+00	\N	{}	{"note": null, "jobId": "00000000-0000-4000-8000-000000000005", "result": "changed", "changed": {"id": "00000000-0000-4000-8000-000000000033", "words": "Starts and dies", "symptoms": {"starts-and-dies": "present"}}, "repairId": "00000000-0000-4000-8000-000000000014", "conditions": {"battery": "own", "temperature": "cold"}, "complaintId": "00000000-0000-4000-8000-000000000006"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000033", "jobId": "00000000-0000-4000-8000-000000000005", "state": "open", "words": "Starts and dies", "linkedTo": "00000000-0000-4000-8000-000000000006", "symptoms": {"starts-and-dies": "present"}, "versions": {}, "explained": false, "afterRepairId": "00000000-0000-4000-8000-000000000014"}, "table": "complaint"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000015", "note": null, "jobId": "00000000-0000-4000-8000-000000000005", "result": "changed", "takenAt": "2030-01-01T08:17:00.000Z", "repairId": "00000000-0000-4000-8000-000000000014", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "complaintId": "00000000-0000-4000-8000-000000000006", "newComplaintId": "00000000-0000-4000-8000-000000000033"}, "table": "retest"}, {"id": "00000000-0000-4000-8000-000000000006", "op": "update", "set": {"state": "changed"}, "was": {"state": "open"}, "table": "complaint"}]	\N	\N	2026-11-25 10:23:18.765319+00
11111111-1111-4111-8111-111111111111	27	00000000-0000-4000-8000-000000001026	2	signature.sign	signature	00000000-0000-4000-8000-000000000026	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:26:00+00	\N	{}	{"kind": "torque", "jobId": "00000000-0000-4000-8000-000000000005", "signedBy": "Ines Corrow", "subjectId": "00000000-0000-4000-8000-000000000023", "supersedes": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000026", "kind": "torque", "jobId": "00000000-0000-4000-8000-000000000005", "signedAt": "2030-01-01T08:26:00.000Z", "signedBy": "Ines Corrow", "versions": {}, "subjectId": "00000000-0000-4000-8000-000000000023", "supersedes": null}, "table": "signature"}]	\N	\N	2026-11-25 10:23:18.905045+00
11111111-1111-4111-8111-111111111111	19	00000000-0000-4000-8000-000000001018	2	step.add	step	00000000-0000-4000-8000-000000000017	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:18:00+00	\N	{}	{"bag": "7", "note": "gasket reused", "jobId": "00000000-0000-4000-8000-000000000005", "title": "Left cover", "access": "points-cover", "fasteners": [{"id": "00000000-0000-4000-8000-000000000018", "size": "M6x25", "count": 4, "place": "rim"}, {"id": "00000000-0000-4000-8000-000000000019", "size": "dowel", "count": 2, "place": null}]}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000017", "bag": "7", "note": "gasket reused", "jobId": "00000000-0000-4000-8000-000000000005", "title": "Left cover", "access": "points-cover", "madeAt": "2030-01-01T08:18:00.000Z", "versions": {}, "refittedAt": null}, "table": "step"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000018", "size": "M6x25", "count": 4, "jobId": "00000000-0000-4000-8000-000000000005", "place": "rim", "stepId": "00000000-0000-4000-8000-000000000017", "refitted": 0, "versions": {}}, "table": "fastener"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000019", "size": "dowel", "count": 2, "jobId": "00000000-0000-4000-8000-000000000005", "place": null, "stepId": "00000000-0000-4000-8000-000000000017", "refitted": 0, "versions": {}}, "table": "fastener"}]	\N	\N	2026-11-25 10:23:18.788309+00
11111111-1111-4111-8111-111111111111	20	00000000-0000-4000-8000-000000001019	2	step.refit	step	00000000-0000-4000-8000-000000000017	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:19:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "counts": {"00000000-0000-4000-8000-000000000018": 4, "00000000-0000-4000-8000-000000000019": 2}}	[{"id": "00000000-0000-4000-8000-000000000018", "op": "update", "set": {"refitted": 4}, "was": {"refitted": 0}, "table": "fastener"}, {"id": "00000000-0000-4000-8000-000000000019", "op": "update", "set": {"refitted": 2}, "was": {"refitted": 0}, "table": "fastener"}, {"id": "00000000-0000-4000-8000-000000000017", "op": "update", "set": {"refittedAt": "2030-01-01T08:19:00.000Z"}, "was": {"refittedAt": null}, "table": "step"}]	\N	\N	2026-11-25 10:23:18.804369+00
11111111-1111-4111-8111-111111111111	21	00000000-0000-4000-8000-000000001020	2	finding.add	finding	00000000-0000-4000-8000-000000000020	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:20:00+00	\N	{}	{"item": "Contacts", "seen": "blue film", "jobId": "00000000-0000-4000-8000-000000000005", "stepId": "00000000-0000-4000-8000-000000000017", "faultId": "points-dirty", "reading": {"id": "00000000-0000-4000-8000-000000000021", "unit": "psi", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "quantity": "compression", "instrument": null}, "verdict": "clean", "position": null, "conditions": {}, "afterRepairId": "00000000-0000-4000-8000-000000000014"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000021", "unit": "psi", "jobId": "00000000-0000-4000-8000-000000000005", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "takenAt": "2030-01-01T08:20:00.000Z", "position": null, "quantity": "compression", "versions": {}, "conditions": {}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000020", "item": "Contacts", "seen": "blue film", "jobId": "00000000-0000-4000-8000-000000000005", "stepId": "00000000-0000-4000-8000-000000000017", "faultId": "points-dirty", "takenAt": "2030-01-01T08:20:00.000Z", "verdict": "clean", "position": null, "versions": {}, "readingId": "00000000-0000-4000-8000-000000000021", "afterRepairId": "00000000-0000-4000-8000-000000000014"}, "table": "finding"}]	\N	\N	2026-11-25 10:23:18.824346+00
11111111-1111-4111-8111-111111111111	22	00000000-0000-4000-8000-000000001021	2	part.add	part	00000000-0000-4000-8000-000000000022	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:21:00+00	\N	{}	{"name": "Condenser", "dueOn": "2030-02-01", "jobId": "00000000-0000-4000-8000-000000000005", "price": "9.00", "number": "C-12", "source": "Harbour Stores", "quantity": 1, "findingId": "00000000-0000-4000-8000-000000000020"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000022", "name": "Condenser", "dueOn": "2030-02-01", "jobId": "00000000-0000-4000-8000-000000000005", "price": "9.00", "number": "C-12", "source": "Harbour Stores", "status": "needed", "quantity": 1, "versions": {}, "findingId": "00000000-0000-4000-8000-000000000020"}, "table": "part"}]	\N	\N	2026-11-25 10:23:18.834896+00
11111111-1111-4111-8111-111111111111	23	00000000-0000-4000-8000-000000001022	2	part.set	part	00000000-0000-4000-8000-000000000022	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:22:00+00	\N	{"price": 0, "status": 0}	{"set": {"price": "8.5", "status": "ordered"}}	[{"id": "00000000-0000-4000-8000-000000000022", "op": "update", "set": {"price": "8.5", "status": "ordered"}, "was": {"price": "9.00", "status": "needed"}, "table": "part"}]	\N	\N	2026-11-25 10:23:18.846061+00
11111111-1111-4111-8111-111111111111	24	00000000-0000-4000-8000-000000001023	2	torque.plan	torque	00000000-0000-4000-8000-000000000023	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:23:00+00	\N	{}	{"name": "Head nuts", "unit": "lbf·ft", "count": 4, "jobId": "00000000-0000-4000-8000-000000000005", "source": "book", "stages": [{"id": "00000000-0000-4000-8000-000000000024", "kind": "torque", "value": 12}, {"id": "00000000-0000-4000-8000-000000000025", "kind": "angle", "value": 90}], "thread": "M8", "entered": "18 lbf·ft", "figureNm": 24.4}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000023", "name": "Head nuts", "unit": "lbf·ft", "count": 4, "jobId": "00000000-0000-4000-8000-000000000005", "source": "book", "thread": "M8", "entered": "18 lbf·ft", "figureNm": 24.4, "versions": {}}, "table": "torque"}, {"op": "insert", "row": {"n": 1, "id": "00000000-0000-4000-8000-000000000024", "kind": "torque", "jobId": "00000000-0000-4000-8000-000000000005", "value": 12, "doneAt": null, "torqueId": "00000000-0000-4000-8000-000000000023", "versions": {}}, "table": "torqueStage"}, {"op": "insert", "row": {"n": 2, "id": "00000000-0000-4000-8000-000000000025", "kind": "angle", "jobId": "00000000-0000-4000-8000-000000000005", "value": 90, "doneAt": null, "torqueId": "00000000-0000-4000-8000-000000000023", "versions": {}}, "table": "torqueStage"}]	\N	\N	2026-11-25 10:23:18.863+00
11111111-1111-4111-8111-111111111111	25	00000000-0000-4000-8000-000000001024	2	torque.stage	torqueStage	00000000-0000-4000-8000-000000000024	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:24:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "torqueId": "00000000-0000-4000-8000-000000000023"}	[{"id": "00000000-0000-4000-8000-000000000024", "op": "update", "set": {"doneAt": "2030-01-01T08:24:00.000Z"}, "was": {"doneAt": null}, "table": "torqueStage"}]	\N	\N	2026-11-25 10:23:18.874869+00
11111111-1111-4111-8111-111111111111	26	00000000-0000-4000-8000-000000001025	2	torque.stage	torqueStage	00000000-0000-4000-8000-000000000025	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:25:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "torqueId": "00000000-0000-4000-8000-000000000023"}	[{"id": "00000000-0000-4000-8000-000000000025", "op": "update", "set": {"doneAt": "2030-01-01T08:25:00.000Z"}, "was": {"doneAt": null}, "table": "torqueStage"}]	\N	\N	2026-11-25 10:23:18.893223+00
0abaee06-7156-5397-a572-bd06c314c3ff	36	aba72f86-f901-571c-aa9d-a79b5f4aaa34	2	part.set	part	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:00:00+00	\N	{"status": 2}	{"set": {"status": "fitted"}}	[{"id": "b6c7510b-ffc9-5006-aee9-4fafb3a91635", "op": "update", "set": {"status": "fitted"}, "was": {"status": "arrived"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.439281+00
11111111-1111-4111-8111-111111111111	28	00000000-0000-4000-8000-000000001027	2	check.mark	checkmark	00000000-0000-4000-8000-000000000027	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:27:00+00	\N	{}	{"item": "oil", "list": "first-start", "note": null, "jobId": "00000000-0000-4000-8000-000000000005", "state": "done"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000027", "item": "oil", "list": "first-start", "note": null, "jobId": "00000000-0000-4000-8000-000000000005", "state": "done", "versions": {}}, "table": "checkmark"}]	\N	\N	2026-11-25 10:23:18.920552+00
11111111-1111-4111-8111-111111111111	29	00000000-0000-4000-8000-000000001028	2	check.mark	checkmark	00000000-0000-4000-8000-000000000099	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:28:00+00	\N	{}	{"item": "oil", "list": "first-start", "note": "drained again", "jobId": "00000000-0000-4000-8000-000000000005", "state": "open"}	[{"id": "00000000-0000-4000-8000-000000000027", "op": "update", "set": {"note": "drained again", "state": "open"}, "was": {"note": null, "state": "done"}, "table": "checkmark"}]	\N	\N	2026-11-25 10:23:18.934025+00
11111111-1111-4111-8111-111111111111	30	00000000-0000-4000-8000-000000001029	2	wait.start	wait	00000000-0000-4000-8000-000000000028	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:29:00+00	\N	{}	{"kind": "part", "what": "Condenser", "jobId": "00000000-0000-4000-8000-000000000005", "until": "2030-02-01T12:00:00.000Z", "lookAgain": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000028", "kind": "part", "what": "Condenser", "jobId": "00000000-0000-4000-8000-000000000005", "until": "2030-02-01T12:00:00.000Z", "endedAt": null, "versions": {}, "lookAgain": null}, "table": "wait"}]	\N	\N	2026-11-25 10:23:18.946879+00
11111111-1111-4111-8111-111111111111	31	00000000-0000-4000-8000-000000001030	2	wait.set	wait	00000000-0000-4000-8000-000000000028	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:30:00+00	\N	{"lookAgain": 0}	{"set": {"lookAgain": "2030-01-20T09:00:00.000Z"}}	[{"id": "00000000-0000-4000-8000-000000000028", "op": "update", "set": {"lookAgain": "2030-01-20T09:00:00.000Z"}, "was": {"lookAgain": null}, "table": "wait"}]	\N	\N	2026-11-25 10:23:18.960874+00
11111111-1111-4111-8111-111111111111	32	00000000-0000-4000-8000-000000001031	2	wait.end	wait	00000000-0000-4000-8000-000000000028	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:31:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005"}	[{"id": "00000000-0000-4000-8000-000000000028", "op": "update", "set": {"endedAt": "2030-01-01T08:31:00.000Z"}, "was": {"endedAt": null}, "table": "wait"}]	\N	\N	2026-11-25 10:23:18.971759+00
11111111-1111-4111-8111-111111111111	33	00000000-0000-4000-8000-000000001032	2	provisional.add	provisional	00000000-0000-4000-8000-000000000029	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:32:00+00	\N	{}	{"why": "lug broken", "what": "Tie on the panel", "jobId": "00000000-0000-4000-8000-000000000005", "until": null, "mayRun": true, "mayRide": true, "untilOn": null, "mayLeave": false}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000029", "why": "lug broken", "what": "Tie on the panel", "jobId": "00000000-0000-4000-8000-000000000005", "until": null, "mayRun": true, "endedAt": null, "mayRide": true, "untilOn": null, "mayLeave": false, "versions": {}}, "table": "provisional"}]	\N	\N	2026-11-25 10:23:18.983982+00
11111111-1111-4111-8111-111111111111	34	00000000-0000-4000-8000-000000001033	2	provisional.end	provisional	00000000-0000-4000-8000-000000000029	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:33:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005"}	[{"id": "00000000-0000-4000-8000-000000000029", "op": "update", "set": {"endedAt": "2030-01-01T08:33:00.000Z"}, "was": {"endedAt": null}, "table": "provisional"}]	\N	\N	2026-11-25 10:23:18.999358+00
11111111-1111-4111-8111-111111111111	35	00000000-0000-4000-8000-000000001034	2	watch.add	watch	00000000-0000-4000-8000-000000000030	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:34:00+00	\N	{}	{"due": "after 100 km", "what": "Oil level", "jobId": "00000000-0000-4000-8000-000000000005"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000030", "due": "after 100 km", "what": "Oil level", "jobId": "00000000-0000-4000-8000-000000000005", "versions": {}}, "table": "watch"}]	\N	\N	2026-11-25 10:23:19.011622+00
11111111-1111-4111-8111-111111111111	36	00000000-0000-4000-8000-000000001035	2	hazard.acknowledge	hazardAck	00000000-0000-4000-8000-000000000031	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:35:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "place": "trace", "hazard": "fuel-vapour"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000031", "jobId": "00000000-0000-4000-8000-000000000005", "place": "trace", "hazard": "fuel-vapour", "versions": {}, "acknowledgedAt": "2030-01-01T08:35:00.000Z"}, "table": "hazardAck"}]	\N	\N	2026-11-25 10:23:19.021028+00
11111111-1111-4111-8111-111111111111	37	00000000-0000-4000-8000-000000001036	2	photo.add	photo	00000000-0000-4000-8000-000000000035	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:36:00+00	\N	{}	{"bag": null, "bytes": 34567, "jobId": "00000000-0000-4000-8000-000000000005", "width": 1200, "height": 900, "sha256": "a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1", "caption": null, "subject": "step", "subjectId": "00000000-0000-4000-8000-000000000017"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000035", "bag": null, "bytes": 34567, "jobId": "00000000-0000-4000-8000-000000000005", "width": 1200, "height": 900, "sha256": "a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1", "caption": null, "subject": "step", "takenAt": "2030-01-01T08:36:00.000Z", "versions": {}, "subjectId": "00000000-0000-4000-8000-000000000017"}, "table": "photo"}]	\N	\N	2026-11-25 10:23:19.03592+00
11111111-1111-4111-8111-111111111111	38	00000000-0000-4000-8000-000000001037	2	photo.set	photo	00000000-0000-4000-8000-000000000035	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:37:00+00	\N	{"caption": 0}	{"set": {"caption": "How the wires run"}}	[{"id": "00000000-0000-4000-8000-000000000035", "op": "update", "set": {"caption": "How the wires run"}, "was": {"caption": null}, "table": "photo"}]	\N	\N	2026-11-25 10:23:19.047083+00
11111111-1111-4111-8111-111111111111	39	00000000-0000-4000-8000-000000001038	2	pin.add	pin	00000000-0000-4000-8000-000000000036	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:38:00+00	\N	{}	{"x": 0.25, "y": 0.5, "note": "Short screw", "jobId": "00000000-0000-4000-8000-000000000005", "photoId": "00000000-0000-4000-8000-000000000035"}	[{"op": "insert", "row": {"x": 0.25, "y": 0.5, "id": "00000000-0000-4000-8000-000000000036", "note": "Short screw", "jobId": "00000000-0000-4000-8000-000000000005", "photoId": "00000000-0000-4000-8000-000000000035", "versions": {}}, "table": "pin"}]	\N	\N	2026-11-25 10:23:19.059361+00
11111111-1111-4111-8111-111111111111	40	00000000-0000-4000-8000-000000001039	2	pin.set	pin	00000000-0000-4000-8000-000000000036	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:39:00+00	\N	{"x": 0, "note": 0}	{"set": {"x": 0.3, "note": "Short screw here"}}	[{"id": "00000000-0000-4000-8000-000000000036", "op": "update", "set": {"x": 0.3, "note": "Short screw here"}, "was": {"x": 0.25, "note": "Short screw"}, "table": "pin"}]	\N	\N	2026-11-25 10:23:19.069259+00
11111111-1111-4111-8111-111111111111	41	00000000-0000-4000-8000-000000001040	2	pin.add	pin	00000000-0000-4000-8000-000000000037	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:40:00+00	\N	{}	{"x": 1, "y": 0, "note": "Dowel", "jobId": "00000000-0000-4000-8000-000000000005", "photoId": "00000000-0000-4000-8000-000000000035"}	[{"op": "insert", "row": {"x": 1, "y": 0, "id": "00000000-0000-4000-8000-000000000037", "note": "Dowel", "jobId": "00000000-0000-4000-8000-000000000005", "photoId": "00000000-0000-4000-8000-000000000035", "versions": {}}, "table": "pin"}]	\N	\N	2026-11-25 10:23:19.080133+00
11111111-1111-4111-8111-111111111111	42	00000000-0000-4000-8000-000000001041	2	pin.remove	pin	00000000-0000-4000-8000-000000000037	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:41:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005"}	[{"op": "delete", "row": {"x": 1, "y": 0, "id": "00000000-0000-4000-8000-000000000037", "note": "Dowel", "jobId": "00000000-0000-4000-8000-000000000005", "photoId": "00000000-0000-4000-8000-000000000035", "versions": {}}, "table": "pin"}]	\N	\N	2026-11-25 10:23:19.088856+00
11111111-1111-4111-8111-111111111111	43	00000000-0000-4000-8000-000000001042	2	photo.add	photo	00000000-0000-4000-8000-000000000039	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:42:00+00	\N	{}	{"bag": "7", "bytes": 34567, "jobId": "00000000-0000-4000-8000-000000000005", "width": 1200, "height": 900, "sha256": "a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1", "caption": null, "subject": "bag", "subjectId": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000039", "bag": "7", "bytes": 34567, "jobId": "00000000-0000-4000-8000-000000000005", "width": 1200, "height": 900, "sha256": "a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1", "caption": null, "subject": "bag", "takenAt": "2030-01-01T08:42:00.000Z", "versions": {}, "subjectId": null}, "table": "photo"}]	\N	\N	2026-11-25 10:23:19.098802+00
11111111-1111-4111-8111-111111111111	44	00000000-0000-4000-8000-000000001043	2	photo.remove	photo	00000000-0000-4000-8000-000000000039	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:43:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005"}	[{"op": "delete", "row": {"id": "00000000-0000-4000-8000-000000000039", "bag": "7", "bytes": 34567, "jobId": "00000000-0000-4000-8000-000000000005", "width": 1200, "height": 900, "sha256": "a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1", "caption": null, "subject": "bag", "takenAt": "2030-01-01T08:42:00.000Z", "versions": {}, "subjectId": null}, "table": "photo"}]	\N	\N	2026-11-25 10:23:19.108709+00
11111111-1111-4111-8111-111111111111	45	00000000-0000-4000-8000-000000001044	2	erratum.add	erratum	00000000-0000-4000-8000-000000000038	\N	00000000-0000-4000-8000-000000000004	2030-01-01 08:44:00+00	\N	{}	{"book": "book of this bike", "page": "61", "says": "195 psi", "right": "185 psi", "bikeId": "00000000-0000-4000-8000-000000000004", "source": "later edition", "quantity": "compression"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000038", "book": "book of this bike", "page": "61", "says": "195 psi", "right": "185 psi", "bikeId": "00000000-0000-4000-8000-000000000004", "source": "later edition", "quantity": "compression", "versions": {}}, "table": "erratum"}]	\N	\N	2026-11-25 10:23:19.120352+00
11111111-1111-4111-8111-111111111111	46	00000000-0000-4000-8000-000000001045	2	erratum.set	erratum	00000000-0000-4000-8000-000000000038	\N	00000000-0000-4000-8000-000000000004	2030-01-01 08:45:00+00	\N	{"right": 0}	{"set": {"right": "186 psi"}}	[{"id": "00000000-0000-4000-8000-000000000038", "op": "update", "set": {"right": "186 psi"}, "was": {"right": "185 psi"}, "table": "erratum"}]	\N	\N	2026-11-25 10:23:19.130247+00
11111111-1111-4111-8111-111111111111	47	00000000-0000-4000-8000-000000001046	2	tray.decide	bike	00000000-0000-4000-8000-000000000004	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	2030-01-01 08:46:00+00	\N	{"year": 0}	{"set": {"year": 1969}, "ofJob": "00000000-0000-4000-8000-000000000005", "yours": {"year": 1969}, "choice": "mine", "theirs": {"year": 1968}, "refusedId": "00000000-0000-4000-8000-000000000098", "refusedType": "bike.set"}	[{"id": "00000000-0000-4000-8000-000000000004", "op": "update", "set": {"year": 1969}, "was": {"year": null}, "table": "bike"}]	\N	\N	2026-11-25 10:23:19.14498+00
11111111-1111-4111-8111-111111111111	48	00000000-0000-4000-8000-000000001047	2	job.handOver	job	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:47:00+00	\N	{}	{}	[{"id": "00000000-0000-4000-8000-000000000005", "op": "update", "set": {"handedOverAt": "2030-01-01T08:47:00.000Z"}, "was": {"handedOverAt": null}, "table": "job"}]	\N	\N	2026-11-25 10:23:19.154587+00
0abaee06-7156-5397-a572-bd06c314c3ff	1	d73a88a0-3597-50b7-a102-f78a3c10c1dd	2	person.add	person	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	\N	2029-11-27 10:00:00+00	\N	{}	{"name": "Ines Corrow"}	[{"op": "insert", "row": {"id": "12124b89-4c99-5aa1-a528-aa6b78dfe994", "name": "Ines Corrow", "versions": {}}, "table": "person"}]	\N	\N	2026-11-25 10:23:19.879901+00
0abaee06-7156-5397-a572-bd06c314c3ff	2	7a94d014-ce72-503c-aa82-316a533313ac	2	person.add	person	c6db4a06-d893-5c04-a0f0-11374178cc79	\N	\N	2029-11-27 10:00:00+00	\N	{}	{"name": "Tam Veley"}	[{"op": "insert", "row": {"id": "c6db4a06-d893-5c04-a0f0-11374178cc79", "name": "Tam Veley", "versions": {}}, "table": "person"}]	\N	\N	2026-11-25 10:23:19.893761+00
0abaee06-7156-5397-a572-bd06c314c3ff	3	fd6797fb-98ee-5292-ad39-0b636777fcbe	2	bike.bookIn	bike	c666a275-e5b3-5b0a-af1e-2169dc69dbce	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	2030-05-12 11:00:00+00	\N	{}	{"name": "Osprane 650", "rate": "35.00", "words": "Went down on the wet quay. Ran home on three, next morning nothing.", "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "ownerId": "2da0a64f-3b8f-5555-aa81-760ca53cff6e", "newJobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "symptoms": {"misfires": "present", "no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}, "personalId": "59c2b511-dd3d-5458-a9ae-3ceeb4771d2e", "complaintId": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8"}	[{"op": "insert", "row": {"id": "2da0a64f-3b8f-5555-aa81-760ca53cff6e", "versions": {}, "personalId": "59c2b511-dd3d-5458-a9ae-3ceeb4771d2e"}, "table": "owner"}, {"op": "insert", "row": {"id": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "name": "Osprane 650", "year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "ownerId": "2da0a64f-3b8f-5555-aa81-760ca53cff6e", "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "versions": {}, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}, {"op": "insert", "row": {"id": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "rate": "35.00", "crash": null, "notes": null, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "school": "least-cost", "storage": null, "fuelLeft": null, "openedAt": "2030-05-12T11:00:00.000Z", "versions": {}, "lastTouched": null, "handedOverAt": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}, {"op": "insert", "row": {"id": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "state": "open", "words": "Went down on the wet quay. Ran home on three, next morning nothing.", "linkedTo": null, "symptoms": {"misfires": "present", "no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:19.926102+00
0abaee06-7156-5397-a572-bd06c314c3ff	4	22509148-dfa9-50b3-acd6-20782cb43a54	2	bike.set	bike	c666a275-e5b3-5b0a-af1e-2169dc69dbce	\N	c666a275-e5b3-5b0a-af1e-2169dc69dbce	2030-05-12 11:00:00+00	\N	{"year": 0, "boreMm": 0, "clutch": 0, "cooling": 0, "strokes": 0, "voltage": 0, "fuelling": 0, "ignition": 0, "starting": 0, "strokeMm": 0, "cylinders": 0, "mileageKm": 0, "decompressor": 0, "compressionRatio": 0}	{"set": {"year": 1994, "boreMm": 65, "clutch": "hydraulic", "cooling": "liquid", "strokes": "four", "voltage": 12, "fuelling": "carburettor", "ignition": "electronic", "starting": "electric", "strokeMm": 48.8, "cylinders": 4, "mileageKm": 52110, "decompressor": "none", "compressionRatio": 11}}	[{"id": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "op": "update", "set": {"year": 1994, "boreMm": 65, "clutch": "hydraulic", "cooling": "liquid", "strokes": "four", "voltage": 12, "fuelling": "carburettor", "ignition": "electronic", "starting": "electric", "strokeMm": 48.8, "cylinders": 4, "mileageKm": 52110, "decompressor": "none", "compressionRatio": 11}, "was": {"year": null, "boreMm": null, "clutch": null, "cooling": null, "strokes": null, "voltage": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:19.937191+00
0abaee06-7156-5397-a572-bd06c314c3ff	65	24387b21-2f05-5ae3-a56a-b9495a985e07	2	hazard.acknowledge	hazardAck	1eb43a26-1693-5d10-a49a-c085dd1b51e2	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2030-06-12 17:10:00+00	\N	{}	{"jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "place": "soaking", "hazard": "penetrant"}	[{"op": "insert", "row": {"id": "1eb43a26-1693-5d10-a49a-c085dd1b51e2", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "place": "soaking", "hazard": "penetrant", "versions": {}, "acknowledgedAt": "2030-06-12T17:10:00.000Z"}, "table": "hazardAck"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.749893+00
0abaee06-7156-5397-a572-bd06c314c3ff	5	c214a5d9-979d-52b1-afcc-d1ff9b1a0f82	2	job.set	job	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-12 11:00:00+00	\N	{"crash": 0, "storage": 0, "fuelLeft": 0, "lastTouched": 0, "lastTouchedBy": 0, "ranWhenParked": 0, "standingMonths": 0, "lastTouchedWhen": 0}	{"set": {"crash": "yes", "storage": "dry", "fuelLeft": "yes", "lastTouched": ["electrics"], "lastTouchedBy": "roadside help", "ranWhenParked": "no", "standingMonths": 1, "lastTouchedWhen": "the night of the slide"}}	[{"id": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "op": "update", "set": {"crash": "yes", "storage": "dry", "fuelLeft": "yes", "lastTouched": ["electrics"], "lastTouchedBy": "roadside help", "ranWhenParked": "no", "standingMonths": 1, "lastTouchedWhen": "the night of the slide"}, "was": {"crash": null, "storage": null, "fuelLeft": null, "lastTouched": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:19.94905+00
0abaee06-7156-5397-a572-bd06c314c3ff	6	ca73b36d-e0bc-5726-afe8-dc0df66a2574	2	consent.give	consent	a2884a36-fd54-5760-a56c-547a24e4782e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-12 11:20:00+00	\N	{}	{"upTo": "900.00", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Repair, side panel left as it is.", "supersedes": null}	[{"op": "insert", "row": {"id": "a2884a36-fd54-5760-a56c-547a24e4782e", "upTo": "900.00", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Repair, side panel left as it is.", "givenAt": "2030-05-12T11:20:00.000Z", "versions": {}, "supersedes": null}, "table": "consent"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:19.960243+00
0abaee06-7156-5397-a572-bd06c314c3ff	7	e06b7ce5-76ca-599f-ab70-87d2ca10ec10	2	evidence.add	evidence	f125cbe7-f904-5983-a3ed-3a25e1473924	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 09:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "turn-by-hand", "outcome": "free", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "f125cbe7-f904-5983-a3ed-3a25e1473924", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "turn-by-hand", "outcome": "free", "takenAt": "2030-05-13T09:00:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:19.972349+00
0abaee06-7156-5397-a572-bd06c314c3ff	8	cb009d9b-e523-580e-ab3b-ac696c5d4704	2	evidence.add	evidence	a434fb64-7350-5cca-a378-05fd83aebd25	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 09:10:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "oil-check", "outcome": "right", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "a434fb64-7350-5cca-a378-05fd83aebd25", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "oil-check", "outcome": "right", "takenAt": "2030-05-13T09:10:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:19.982978+00
0abaee06-7156-5397-a572-bd06c314c3ff	9	2a39c920-11eb-57ab-a81c-2811509daa2e	2	evidence.add	evidence	96838266-ab72-5162-a9b5-da0ad108790d	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 09:20:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "battery-rest", "outcome": "good", "reading": {"id": "7ebc1fe0-cf6d-518f-a2e3-449e29ac27b3", "unit": "V", "value": {"kind": "exact", "value": 12.62}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "12.62 V", "quantity": "battery-rest", "instrument": null}, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "7ebc1fe0-cf6d-518f-a2e3-449e29ac27b3", "unit": "V", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": {"kind": "exact", "value": 12.62}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "12.62 V", "takenAt": "2030-05-13T09:20:00.000Z", "position": null, "quantity": "battery-rest", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "96838266-ab72-5162-a9b5-da0ad108790d", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "battery-rest", "outcome": "good", "takenAt": "2030-05-13T09:20:00.000Z", "position": null, "versions": {}, "readingId": "7ebc1fe0-cf6d-518f-a2e3-449e29ac27b3", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.000068+00
0abaee06-7156-5397-a572-bd06c314c3ff	10	ca75b476-2d8d-535d-a3fc-9fa5d5e0158d	2	evidence.add	evidence	88a1c9a7-728a-53f5-a595-28122a363c91	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 09:30:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "88a1c9a7-728a-53f5-a595-28122a363c91", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "takenAt": "2030-05-13T09:30:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.00916+00
0abaee06-7156-5397-a572-bd06c314c3ff	11	f20f4e12-a21c-5bc7-aa4b-81fcfacd9c41	2	evidence.add	evidence	b7d948b1-1142-5e0a-ace8-e4c04197476b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 09:40:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "b7d948b1-1142-5e0a-ace8-e4c04197476b", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2030-05-13T09:40:00.000Z", "position": "1", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.018419+00
0abaee06-7156-5397-a572-bd06c314c3ff	82	ca9e6035-4d03-5ab8-a2bf-a9822f766e4f	2	part.set	part	88b310bc-39ce-596c-a700-550130831769	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-05 11:32:00+00	\N	{"status": 0}	{"set": {"status": "ordered"}}	[{"id": "88b310bc-39ce-596c-a700-550130831769", "op": "update", "set": {"status": "ordered"}, "was": {"status": "needed"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.9527+00
0abaee06-7156-5397-a572-bd06c314c3ff	12	627c302f-26ef-5f46-a736-9555aac4248f	2	evidence.add	evidence	3167c117-e748-5157-a482-a5121941f9f4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 09:40:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "2", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "3167c117-e748-5157-a482-a5121941f9f4", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2030-05-13T09:40:00.000Z", "position": "2", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.031559+00
0abaee06-7156-5397-a572-bd06c314c3ff	13	526d34d1-a29a-5483-abf1-3d3bd8a985e7	2	evidence.add	evidence	f9bb386f-0725-5183-a2b3-41204f0913d1	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 09:40:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "3", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "f9bb386f-0725-5183-a2b3-41204f0913d1", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2030-05-13T09:40:00.000Z", "position": "3", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.043731+00
0abaee06-7156-5397-a572-bd06c314c3ff	14	6b229e1c-50f7-50a1-a7c2-de0d6185e96a	2	evidence.add	evidence	e0e09eb0-9f88-51b7-a2a4-083f663fe727	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 09:40:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "4", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "e0e09eb0-9f88-51b7-a2a4-083f663fe727", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2030-05-13T09:40:00.000Z", "position": "4", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.058477+00
0abaee06-7156-5397-a572-bd06c314c3ff	15	b6a7d350-28b9-54e2-a5d9-f5fd605be410	2	evidence.add	evidence	adc526fd-15dc-52e7-a16b-f2084e42487c	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 10:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "crank-volts", "outcome": "good", "reading": {"id": "274d8866-934e-5eda-ae58-b7e26db57c47", "unit": "V", "value": {"kind": "exact", "value": 10.4}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "10.4 V", "quantity": "battery-cranking", "instrument": null}, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "274d8866-934e-5eda-ae58-b7e26db57c47", "unit": "V", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": {"kind": "exact", "value": 10.4}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "10.4 V", "takenAt": "2030-05-13T10:00:00.000Z", "position": null, "quantity": "battery-cranking", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "adc526fd-15dc-52e7-a16b-f2084e42487c", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "crank-volts", "outcome": "good", "takenAt": "2030-05-13T10:00:00.000Z", "position": null, "versions": {}, "readingId": "274d8866-934e-5eda-ae58-b7e26db57c47", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.073617+00
0abaee06-7156-5397-a572-bd06c314c3ff	16	965501ca-bb21-5034-a05e-c0d7ee55d689	2	prediction.write	prediction	5cc7dd56-e058-51d9-a699-a833bd003a89	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 10:20:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "If the slide hurt the pick-up, all four are dead.", "testId": "spark-look", "expected": null, "position": "1"}	[{"op": "insert", "row": {"id": "5cc7dd56-e058-51d9-a699-a833bd003a89", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "If the slide hurt the pick-up, all four are dead.", "madeAt": "2030-05-13T10:20:00.000Z", "testId": "spark-look", "expected": null, "position": "1", "versions": {}}, "table": "prediction"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.08369+00
0abaee06-7156-5397-a572-bd06c314c3ff	17	0149f766-592a-5a1c-af7b-26d9dd603d8e	2	evidence.add	evidence	3b657c4c-f231-55c4-aa83-d6e6e5916e17	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 10:20:00+00	\N	{}	{"held": "yes", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "spark-look", "outcome": "none", "reading": null, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "5cc7dd56-e058-51d9-a699-a833bd003a89", "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "3b657c4c-f231-55c4-aa83-d6e6e5916e17", "held": "yes", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "spark-look", "outcome": "none", "takenAt": "2030-05-13T10:20:00.000Z", "position": "1", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "5cc7dd56-e058-51d9-a699-a833bd003a89", "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.092016+00
0abaee06-7156-5397-a572-bd06c314c3ff	18	8ef2dde0-7019-5f9c-adee-3ab1eecce98a	2	evidence.add	evidence	4e13eee7-5826-55cd-a9ba-13072d15aaa5	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 10:25:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "spark-look", "outcome": "none", "reading": null, "position": "2", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "4e13eee7-5826-55cd-a9ba-13072d15aaa5", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "spark-look", "outcome": "none", "takenAt": "2030-05-13T10:25:00.000Z", "position": "2", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.105801+00
0abaee06-7156-5397-a572-bd06c314c3ff	83	c26f5a4c-6a73-5acd-a423-ecad94fab8b4	2	part.set	part	88b310bc-39ce-596c-a700-550130831769	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-05 11:32:00+00	\N	{"status": 1}	{"set": {"status": "arrived"}}	[{"id": "88b310bc-39ce-596c-a700-550130831769", "op": "update", "set": {"status": "arrived"}, "was": {"status": "ordered"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.959958+00
0abaee06-7156-5397-a572-bd06c314c3ff	19	74ed99a8-2e47-5c82-a032-532fea595ee2	2	evidence.add	evidence	9f9977f4-f32c-5641-a351-23ce4333e9d7	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-13 11:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "coil-volts", "outcome": "good", "reading": {"id": "032535cb-bcb6-57cd-ae6b-397079e7e406", "unit": "V", "value": {"kind": "exact", "value": 12.3}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "12.3 V", "quantity": "coil-supply", "instrument": null}, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "032535cb-bcb6-57cd-ae6b-397079e7e406", "unit": "V", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": {"kind": "exact", "value": 12.3}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "12.3 V", "takenAt": "2030-05-13T11:00:00.000Z", "position": null, "quantity": "coil-supply", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "9f9977f4-f32c-5641-a351-23ce4333e9d7", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "coil-volts", "outcome": "good", "takenAt": "2030-05-13T11:00:00.000Z", "position": null, "versions": {}, "readingId": "032535cb-bcb6-57cd-ae6b-397079e7e406", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.121389+00
0abaee06-7156-5397-a572-bd06c314c3ff	20	13528c69-7fa9-56c9-abcc-ef86e8edb6aa	2	evidence.add	evidence	7a8a2553-5258-5806-ada2-aa3aee8afa5f	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-14 09:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "pickup-ohms", "outcome": "good", "reading": {"id": "e8523333-91a5-558f-a165-3fd6942cc17e", "unit": "ohm", "value": {"kind": "exact", "value": 214}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "214 ohm", "quantity": "pickup", "instrument": null}, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "e8523333-91a5-558f-a165-3fd6942cc17e", "unit": "ohm", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": {"kind": "exact", "value": 214}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "214 ohm", "takenAt": "2030-05-14T09:00:00.000Z", "position": null, "quantity": "pickup", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "7a8a2553-5258-5806-ada2-aa3aee8afa5f", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "pickup-ohms", "outcome": "good", "takenAt": "2030-05-14T09:00:00.000Z", "position": null, "versions": {}, "readingId": "e8523333-91a5-558f-a165-3fd6942cc17e", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.131482+00
0abaee06-7156-5397-a572-bd06c314c3ff	21	f3672c5c-5d55-51fa-aced-dc801904e074	2	step.add	step	a54e99db-d686-5070-a0d2-120d15b72efd	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-14 10:00:00+00	\N	{}	{"bag": "11", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "title": "Left fairing side off", "access": null, "fasteners": [{"id": "634e8c0f-47a8-5263-a844-ebead9990acf", "size": "M6x16", "count": 5, "place": "edge"}, {"id": "5426cc02-0f23-596d-ab1a-4ac0dd7b4212", "size": "M5x12", "count": 2, "place": "nose"}]}	[{"op": "insert", "row": {"id": "a54e99db-d686-5070-a0d2-120d15b72efd", "bag": "11", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "title": "Left fairing side off", "access": null, "madeAt": "2030-05-14T10:00:00.000Z", "versions": {}, "refittedAt": null}, "table": "step"}, {"op": "insert", "row": {"id": "634e8c0f-47a8-5263-a844-ebead9990acf", "size": "M6x16", "count": 5, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "place": "edge", "stepId": "a54e99db-d686-5070-a0d2-120d15b72efd", "refitted": 0, "versions": {}}, "table": "fastener"}, {"op": "insert", "row": {"id": "5426cc02-0f23-596d-ab1a-4ac0dd7b4212", "size": "M5x12", "count": 2, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "place": "nose", "stepId": "a54e99db-d686-5070-a0d2-120d15b72efd", "refitted": 0, "versions": {}}, "table": "fastener"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.146272+00
0abaee06-7156-5397-a572-bd06c314c3ff	22	b6e4d988-620b-5cb9-a47b-bd7b25b605fe	2	step.add	step	3aa0481c-6618-5682-af0d-f6040c87444e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-14 11:00:00+00	\N	{}	{"bag": "12", "note": "Rubbed through at the bottom; a dowel was lost.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "title": "Generator cover off", "access": "generator-cover", "fasteners": [{"id": "00733be5-0dc3-594f-aeae-62a66cdbbc8a", "size": "M6x30", "count": 7, "place": "rim"}, {"id": "3db67222-1ad2-52a7-a93f-c1b04180d484", "size": "M6x45", "count": 2, "place": "lower edge"}, {"id": "782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c", "size": "dowel", "count": 2, "place": "top and bottom"}]}	[{"op": "insert", "row": {"id": "3aa0481c-6618-5682-af0d-f6040c87444e", "bag": "12", "note": "Rubbed through at the bottom; a dowel was lost.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "title": "Generator cover off", "access": "generator-cover", "madeAt": "2030-05-14T11:00:00.000Z", "versions": {}, "refittedAt": null}, "table": "step"}, {"op": "insert", "row": {"id": "00733be5-0dc3-594f-aeae-62a66cdbbc8a", "size": "M6x30", "count": 7, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "place": "rim", "stepId": "3aa0481c-6618-5682-af0d-f6040c87444e", "refitted": 0, "versions": {}}, "table": "fastener"}, {"op": "insert", "row": {"id": "3db67222-1ad2-52a7-a93f-c1b04180d484", "size": "M6x45", "count": 2, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "place": "lower edge", "stepId": "3aa0481c-6618-5682-af0d-f6040c87444e", "refitted": 0, "versions": {}}, "table": "fastener"}, {"op": "insert", "row": {"id": "782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c", "size": "dowel", "count": 2, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "place": "top and bottom", "stepId": "3aa0481c-6618-5682-af0d-f6040c87444e", "refitted": 0, "versions": {}}, "table": "fastener"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.166827+00
0abaee06-7156-5397-a572-bd06c314c3ff	23	7205511e-6be3-5767-ade8-57563b9d54f3	2	photo.add	photo	80942a26-41f6-533f-abaa-33fda726deb8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-14 11:05:00+00	\N	{}	{"bag": null, "bytes": 34259, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "width": 1000, "height": 750, "sha256": "e3a9645a5b192493408c9c05bee74dba31f991ea47a155ea1c7ab051abb334be", "caption": null, "subject": "step", "subjectId": "3aa0481c-6618-5682-af0d-f6040c87444e"}	[{"op": "insert", "row": {"id": "80942a26-41f6-533f-abaa-33fda726deb8", "bag": null, "bytes": 34259, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "width": 1000, "height": 750, "sha256": "e3a9645a5b192493408c9c05bee74dba31f991ea47a155ea1c7ab051abb334be", "caption": null, "subject": "step", "takenAt": "2030-05-14T11:05:00.000Z", "versions": {}, "subjectId": "3aa0481c-6618-5682-af0d-f6040c87444e"}, "table": "photo"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.254446+00
0abaee06-7156-5397-a572-bd06c314c3ff	24	cc608d3a-bf04-5ac9-a4ef-5f8c7b151424	2	pin.add	pin	9cf2120a-6197-5c39-ab04-35ba92e3f1ff	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-14 11:05:00+00	\N	{}	{"x": 0.5, "y": 0.13, "note": "Dowel lost from here", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "photoId": "80942a26-41f6-533f-abaa-33fda726deb8"}	[{"op": "insert", "row": {"x": 0.5, "y": 0.13, "id": "9cf2120a-6197-5c39-ab04-35ba92e3f1ff", "note": "Dowel lost from here", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "photoId": "80942a26-41f6-533f-abaa-33fda726deb8", "versions": {}}, "table": "pin"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.277187+00
0abaee06-7156-5397-a572-bd06c314c3ff	25	4bd5f0c4-1811-5720-aaf0-091f8ef72f40	2	pin.add	pin	123f64fb-c619-5d0f-a866-dbd654db9d8f	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-14 11:05:00+00	\N	{}	{"x": 0.41, "y": 0.81, "note": "The two long screws, M6x45", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "photoId": "80942a26-41f6-533f-abaa-33fda726deb8"}	[{"op": "insert", "row": {"x": 0.41, "y": 0.81, "id": "123f64fb-c619-5d0f-a866-dbd654db9d8f", "note": "The two long screws, M6x45", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "photoId": "80942a26-41f6-533f-abaa-33fda726deb8", "versions": {}}, "table": "pin"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.29418+00
0abaee06-7156-5397-a572-bd06c314c3ff	26	2e1e02e1-5fca-5ee3-a6d7-ffc1dcaebea5	2	pin.add	pin	c6716b6b-1ca2-546c-a93c-8b4b159fb367	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-14 11:05:00+00	\N	{}	{"x": 0.64, "y": 0.79, "note": "Rubbed through by the slide", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "photoId": "80942a26-41f6-533f-abaa-33fda726deb8"}	[{"op": "insert", "row": {"x": 0.64, "y": 0.79, "id": "c6716b6b-1ca2-546c-a93c-8b4b159fb367", "note": "Rubbed through by the slide", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "photoId": "80942a26-41f6-533f-abaa-33fda726deb8", "versions": {}}, "table": "pin"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.31222+00
0abaee06-7156-5397-a572-bd06c314c3ff	27	680df7d7-c381-5758-a8ce-bb8802e00d9b	2	finding.add	finding	6e1436d3-9d18-5c71-ad87-d9111a801def	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-14 11:30:00+00	\N	{}	{"item": "Pick-up wires", "seen": "Cut half through by the cover; gap wide open.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "stepId": "3aa0481c-6618-5682-af0d-f6040c87444e", "faultId": "pickup-gap", "reading": null, "verdict": "repair", "position": null, "conditions": {}, "afterRepairId": null}	[{"op": "insert", "row": {"id": "6e1436d3-9d18-5c71-ad87-d9111a801def", "item": "Pick-up wires", "seen": "Cut half through by the cover; gap wide open.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "stepId": "3aa0481c-6618-5682-af0d-f6040c87444e", "faultId": "pickup-gap", "takenAt": "2030-05-14T11:30:00.000Z", "verdict": "repair", "position": null, "versions": {}, "readingId": null, "afterRepairId": null}, "table": "finding"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.333087+00
0abaee06-7156-5397-a572-bd06c314c3ff	28	48c148a7-baf1-5487-aa97-82e4a32a7808	2	evidence.add	evidence	4be08759-7cb9-5258-a161-2ea8fc9d4799	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-14 11:35:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "pickup-gap", "outcome": "bad", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "4be08759-7cb9-5258-a161-2ea8fc9d4799", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "pickup-gap", "outcome": "bad", "takenAt": "2030-05-14T11:35:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.34695+00
0abaee06-7156-5397-a572-bd06c314c3ff	29	0a5eab4e-38f1-5471-a074-4dbc90e5ba78	2	cause.name	cause	c9324725-e6b5-5980-a38c-c6e0ecbc2251	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 10:00:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Pick-up wires cut by the cover after the slide", "faultId": "pickup-gap", "position": null, "complaintId": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8"}	[{"op": "insert", "row": {"id": "c9324725-e6b5-5980-a38c-c6e0ecbc2251", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Pick-up wires cut by the cover after the slide", "madeAt": "2030-05-15T10:00:00.000Z", "faultId": "pickup-gap", "position": null, "versions": {}, "complaintId": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8"}, "table": "cause"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.356978+00
0abaee06-7156-5397-a572-bd06c314c3ff	30	a13e8d33-827d-515e-aed0-4d9fa57f084d	2	repair.log	repair	61391f6e-6987-521a-a470-f917e26987f4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 10:00:00+00	\N	{}	{"cost": "6.40", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Wires mended and led away from the cover, pick-up gap set", "causeId": "c9324725-e6b5-5980-a38c-c6e0ecbc2251", "faultId": "pickup-gap", "minutes": 70, "position": null, "afterRepairId": null}	[{"op": "insert", "row": {"id": "61391f6e-6987-521a-a470-f917e26987f4", "cost": "6.40", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Wires mended and led away from the cover, pick-up gap set", "madeAt": "2030-05-15T10:00:00.000Z", "causeId": "c9324725-e6b5-5980-a38c-c6e0ecbc2251", "faultId": "pickup-gap", "minutes": 70, "position": null, "versions": {}, "afterRepairId": null}, "table": "repair"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.366173+00
0abaee06-7156-5397-a572-bd06c314c3ff	31	196bd38a-e299-5a3d-ad6b-e85dddf4c9c2	2	retest.log	retest	f3ddece8-c0f9-5f1f-a6ca-3d2c0bd4d3be	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 12:00:00+00	\N	{}	{"note": "Starts at once, all four.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "result": "gone", "changed": null, "repairId": "61391f6e-6987-521a-a470-f917e26987f4", "conditions": {"tries": 4, "battery": "own", "temperature": "cold"}, "complaintId": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8"}	[{"op": "insert", "row": {"id": "f3ddece8-c0f9-5f1f-a6ca-3d2c0bd4d3be", "note": "Starts at once, all four.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "result": "gone", "takenAt": "2030-05-15T12:00:00.000Z", "repairId": "61391f6e-6987-521a-a470-f917e26987f4", "versions": {}, "conditions": {"tries": 4, "battery": "own", "temperature": "cold"}, "complaintId": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8", "newComplaintId": null}, "table": "retest"}, {"id": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8", "op": "update", "set": {"state": "gone"}, "was": {"state": "open"}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.384761+00
0abaee06-7156-5397-a572-bd06c314c3ff	32	d66eaf10-9031-503d-a787-5aa0e80b3394	2	complaint.set	complaint	d1b484c3-f4ca-53e2-a51c-aae8a8be37c8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 12:30:00+00	\N	{"explained": 0}	{"set": {"explained": true}}	[{"id": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8", "op": "update", "set": {"explained": true}, "was": {"explained": false}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.395145+00
0abaee06-7156-5397-a572-bd06c314c3ff	33	cf7aa12f-9adb-5417-a413-334b23f5e824	2	part.add	part	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:00:00+00	\N	{}	{"name": "Generator cover gasket", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "18.90", "number": null, "source": "Quayside Spares", "quantity": 1, "findingId": null}	[{"op": "insert", "row": {"id": "b6c7510b-ffc9-5006-aee9-4fafb3a91635", "name": "Generator cover gasket", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "18.90", "number": null, "source": "Quayside Spares", "status": "needed", "quantity": 1, "versions": {}, "findingId": null}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.407887+00
0abaee06-7156-5397-a572-bd06c314c3ff	34	3c7cfce8-56d5-517f-a5e9-c6c900284189	2	part.set	part	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:00:00+00	\N	{"status": 0}	{"set": {"status": "ordered"}}	[{"id": "b6c7510b-ffc9-5006-aee9-4fafb3a91635", "op": "update", "set": {"status": "ordered"}, "was": {"status": "needed"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.41963+00
0abaee06-7156-5397-a572-bd06c314c3ff	35	922cdf1f-8b3c-527a-ad87-53fcd9686fa1	2	part.set	part	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:00:00+00	\N	{"status": 1}	{"set": {"status": "arrived"}}	[{"id": "b6c7510b-ffc9-5006-aee9-4fafb3a91635", "op": "update", "set": {"status": "arrived"}, "was": {"status": "ordered"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.430559+00
0abaee06-7156-5397-a572-bd06c314c3ff	37	f016b460-455e-593e-a5fb-4cf6305e9f60	2	part.add	part	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:05:00+00	\N	{}	{"name": "Dowel 8 mm", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "1.10", "number": null, "source": "Quayside Spares", "quantity": 2, "findingId": null}	[{"op": "insert", "row": {"id": "9f2ba940-c09c-5a04-af73-055101632e4b", "name": "Dowel 8 mm", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "1.10", "number": null, "source": "Quayside Spares", "status": "needed", "quantity": 2, "versions": {}, "findingId": null}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.450433+00
0abaee06-7156-5397-a572-bd06c314c3ff	38	a6c3a733-3bb6-5871-abb0-7641fffd56a4	2	part.set	part	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:05:00+00	\N	{"status": 0}	{"set": {"status": "ordered"}}	[{"id": "9f2ba940-c09c-5a04-af73-055101632e4b", "op": "update", "set": {"status": "ordered"}, "was": {"status": "needed"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.465282+00
0abaee06-7156-5397-a572-bd06c314c3ff	39	636d7516-4468-5983-a786-466d3f009321	2	part.set	part	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:05:00+00	\N	{"status": 1}	{"set": {"status": "arrived"}}	[{"id": "9f2ba940-c09c-5a04-af73-055101632e4b", "op": "update", "set": {"status": "arrived"}, "was": {"status": "ordered"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.471711+00
0abaee06-7156-5397-a572-bd06c314c3ff	40	bdc8bd3c-f2bd-5c67-a224-4255466087f2	2	part.set	part	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:05:00+00	\N	{"status": 2}	{"set": {"status": "fitted"}}	[{"id": "9f2ba940-c09c-5a04-af73-055101632e4b", "op": "update", "set": {"status": "fitted"}, "was": {"status": "arrived"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.479972+00
0abaee06-7156-5397-a572-bd06c314c3ff	41	77d94007-7110-5941-a311-d7877124644d	2	part.add	part	b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:10:00+00	\N	{}	{"name": "Coolant 2 l", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "14.00", "number": null, "source": "Harbour Stores", "quantity": 1, "findingId": null}	[{"op": "insert", "row": {"id": "b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3", "name": "Coolant 2 l", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "14.00", "number": null, "source": "Harbour Stores", "status": "needed", "quantity": 1, "versions": {}, "findingId": null}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.493795+00
0abaee06-7156-5397-a572-bd06c314c3ff	42	d38d66cf-c052-5d76-aaa7-3c8e2b00722e	2	part.set	part	b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:10:00+00	\N	{"status": 0}	{"set": {"status": "ordered"}}	[{"id": "b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3", "op": "update", "set": {"status": "ordered"}, "was": {"status": "needed"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.504779+00
0abaee06-7156-5397-a572-bd06c314c3ff	43	dda20fe5-4445-5ab0-a72d-3e35d378bec4	2	part.set	part	b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-05-15 13:10:00+00	\N	{"status": 1}	{"set": {"status": "arrived"}}	[{"id": "b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3", "op": "update", "set": {"status": "arrived"}, "was": {"status": "ordered"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.512563+00
0abaee06-7156-5397-a572-bd06c314c3ff	44	ce358ba6-c4fb-5844-aa1e-60f3577d1aee	2	step.refit	step	3aa0481c-6618-5682-af0d-f6040c87444e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-12 15:00:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "counts": {"00733be5-0dc3-594f-aeae-62a66cdbbc8a": 7, "3db67222-1ad2-52a7-a93f-c1b04180d484": 0, "782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c": 2}}	[{"id": "00733be5-0dc3-594f-aeae-62a66cdbbc8a", "op": "update", "set": {"refitted": 7}, "was": {"refitted": 0}, "table": "fastener"}, {"id": "782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c", "op": "update", "set": {"refitted": 2}, "was": {"refitted": 0}, "table": "fastener"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.521823+00
0abaee06-7156-5397-a572-bd06c314c3ff	45	730c5575-042b-587f-ab21-7a6a64a8f525	2	torque.plan	torque	531fee56-9ea0-5f7e-ac08-e0b495241e77	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-12 15:30:00+00	\N	{}	{"name": "Generator cover, rim", "unit": "lbf·ft", "count": 7, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "stages": [{"id": "f3360d8e-f456-5164-ab64-ec7b22eb2c4b", "kind": "torque", "value": 5.4232717933256005}, {"id": "c46a5b76-6f5e-58cb-a624-ab2f1ad8f5b6", "kind": "torque", "value": 10.846543586651201}], "thread": "M6", "entered": "8 lbf·ft", "figureNm": 10.846543586651201}	[{"op": "insert", "row": {"id": "531fee56-9ea0-5f7e-ac08-e0b495241e77", "name": "Generator cover, rim", "unit": "lbf·ft", "count": 7, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "thread": "M6", "entered": "8 lbf·ft", "figureNm": 10.846543586651201, "versions": {}}, "table": "torque"}, {"op": "insert", "row": {"n": 1, "id": "f3360d8e-f456-5164-ab64-ec7b22eb2c4b", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": 5.4232717933256005, "doneAt": null, "torqueId": "531fee56-9ea0-5f7e-ac08-e0b495241e77", "versions": {}}, "table": "torqueStage"}, {"op": "insert", "row": {"n": 2, "id": "c46a5b76-6f5e-58cb-a624-ab2f1ad8f5b6", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": 10.846543586651201, "doneAt": null, "torqueId": "531fee56-9ea0-5f7e-ac08-e0b495241e77", "versions": {}}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.532773+00
0abaee06-7156-5397-a572-bd06c314c3ff	46	cb3007ca-0cbc-57b7-a177-b8b4ae917a37	2	torque.stage	torqueStage	f3360d8e-f456-5164-ab64-ec7b22eb2c4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-12 15:30:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "torqueId": "531fee56-9ea0-5f7e-ac08-e0b495241e77"}	[{"id": "f3360d8e-f456-5164-ab64-ec7b22eb2c4b", "op": "update", "set": {"doneAt": "2030-06-12T15:30:00.000Z"}, "was": {"doneAt": null}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.541228+00
0abaee06-7156-5397-a572-bd06c314c3ff	47	88a57d36-f624-5042-abe9-516c9da93cda	2	torque.stage	torqueStage	c46a5b76-6f5e-58cb-a624-ab2f1ad8f5b6	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-12 15:30:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "torqueId": "531fee56-9ea0-5f7e-ac08-e0b495241e77"}	[{"id": "c46a5b76-6f5e-58cb-a624-ab2f1ad8f5b6", "op": "update", "set": {"doneAt": "2030-06-12T15:30:00.000Z"}, "was": {"doneAt": null}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.548043+00
0abaee06-7156-5397-a572-bd06c314c3ff	48	8d9f93a7-a873-5796-a254-d493e14b01b0	2	signature.sign	signature	5057312d-f96e-51a6-a031-5853fb8285a9	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-12 15:30:00+00	\N	{}	{"kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "signedBy": "Ines Corrow", "subjectId": "531fee56-9ea0-5f7e-ac08-e0b495241e77", "supersedes": null}	[{"op": "insert", "row": {"id": "5057312d-f96e-51a6-a031-5853fb8285a9", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "signedAt": "2030-06-12T15:30:00.000Z", "signedBy": "Ines Corrow", "versions": {}, "subjectId": "531fee56-9ea0-5f7e-ac08-e0b495241e77", "supersedes": null}, "table": "signature"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.564089+00
0abaee06-7156-5397-a572-bd06c314c3ff	49	8767d1f0-c1c6-505b-a952-f697cfef0b30	2	torque.plan	torque	d2c7b4dd-d1b3-5844-a82e-80198c925be4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-12 15:40:00+00	\N	{}	{"name": "Generator cover, lower edge", "unit": "lbf·ft", "count": 2, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "stages": [{"id": "1789efba-5bf9-5df6-a966-93a219728356", "kind": "torque", "value": 5.4232717933256005}, {"id": "6be9b2b0-9342-510a-a120-0fd4c8c9d0e3", "kind": "torque", "value": 10.846543586651201}], "thread": "M6", "entered": "8 lbf·ft", "figureNm": 10.846543586651201}	[{"op": "insert", "row": {"id": "d2c7b4dd-d1b3-5844-a82e-80198c925be4", "name": "Generator cover, lower edge", "unit": "lbf·ft", "count": 2, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "thread": "M6", "entered": "8 lbf·ft", "figureNm": 10.846543586651201, "versions": {}}, "table": "torque"}, {"op": "insert", "row": {"n": 1, "id": "1789efba-5bf9-5df6-a966-93a219728356", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": 5.4232717933256005, "doneAt": null, "torqueId": "d2c7b4dd-d1b3-5844-a82e-80198c925be4", "versions": {}}, "table": "torqueStage"}, {"op": "insert", "row": {"n": 2, "id": "6be9b2b0-9342-510a-a120-0fd4c8c9d0e3", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": 10.846543586651201, "doneAt": null, "torqueId": "d2c7b4dd-d1b3-5844-a82e-80198c925be4", "versions": {}}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.578556+00
0abaee06-7156-5397-a572-bd06c314c3ff	50	0e06dada-0759-5b1f-ad0c-8bc89670edcf	2	torque.stage	torqueStage	1789efba-5bf9-5df6-a966-93a219728356	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-12 15:40:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "torqueId": "d2c7b4dd-d1b3-5844-a82e-80198c925be4"}	[{"id": "1789efba-5bf9-5df6-a966-93a219728356", "op": "update", "set": {"doneAt": "2030-06-12T15:40:00.000Z"}, "was": {"doneAt": null}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.587241+00
0abaee06-7156-5397-a572-bd06c314c3ff	51	7d1bc2f9-8869-581d-a1e7-e651645854b7	2	torque.plan	torque	9cf08170-eaf2-582c-a2a9-4448e13e7173	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-12 16:00:00+00	\N	{}	{"name": "Sump plug", "unit": "N·m", "count": 1, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "stages": [{"id": "008e21fd-427e-5d4e-a5cc-bb66a73028be", "kind": "torque", "value": 25}], "thread": "M12x1.25", "entered": "25 N·m", "figureNm": 25}	[{"op": "insert", "row": {"id": "9cf08170-eaf2-582c-a2a9-4448e13e7173", "name": "Sump plug", "unit": "N·m", "count": 1, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "thread": "M12x1.25", "entered": "25 N·m", "figureNm": 25, "versions": {}}, "table": "torque"}, {"op": "insert", "row": {"n": 1, "id": "008e21fd-427e-5d4e-a5cc-bb66a73028be", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": 25, "doneAt": null, "torqueId": "9cf08170-eaf2-582c-a2a9-4448e13e7173", "versions": {}}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.597778+00
0abaee06-7156-5397-a572-bd06c314c3ff	52	63dd5b1a-8298-5c3b-a860-78139a2d8385	2	provisional.add	provisional	986a007d-eff9-517c-a1d1-e3a28001a86d	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-12 16:30:00+00	\N	{}	{"why": "Lug broken in the slide, new panel not wanted", "what": "Left panel held by two ties", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "until": "when a used panel turns up", "mayRun": true, "mayRide": true, "untilOn": null, "mayLeave": true}	[{"op": "insert", "row": {"id": "986a007d-eff9-517c-a1d1-e3a28001a86d", "why": "Lug broken in the slide, new panel not wanted", "what": "Left panel held by two ties", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "until": "when a used panel turns up", "mayRun": true, "endedAt": null, "mayRide": true, "untilOn": null, "mayLeave": true, "versions": {}}, "table": "provisional"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.607916+00
0abaee06-7156-5397-a572-bd06c314c3ff	53	104ea440-9b32-5514-a953-fec469712e0a	2	watch.add	watch	a2fc65e9-807f-59aa-a199-8ac9801b0a28	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-12 16:40:00+00	\N	{}	{"due": "after the first 100 km", "what": "Coolant level cold", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a"}	[{"op": "insert", "row": {"id": "a2fc65e9-807f-59aa-a199-8ac9801b0a28", "due": "after the first 100 km", "what": "Coolant level cold", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "versions": {}}, "table": "watch"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.618971+00
0abaee06-7156-5397-a572-bd06c314c3ff	54	ea37d01c-cd4c-59cf-a9c6-240639e874c7	2	check.mark	checkmark	11b9e89d-630d-545a-a9e2-97098a5f8cf4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-13 09:00:00+00	\N	{}	{"item": "oil", "list": "first-start", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "state": "done"}	[{"op": "insert", "row": {"id": "11b9e89d-630d-545a-a9e2-97098a5f8cf4", "item": "oil", "list": "first-start", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "state": "done", "versions": {}}, "table": "checkmark"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.626306+00
0abaee06-7156-5397-a572-bd06c314c3ff	55	373830c6-498d-5f3c-a976-278ee743c3bc	2	check.mark	checkmark	8a9628cf-3431-500e-af7d-d2abee5570a8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2030-06-13 09:05:00+00	\N	{}	{"item": "extinguisher", "list": "first-start", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "state": "done"}	[{"op": "insert", "row": {"id": "8a9628cf-3431-500e-af7d-d2abee5570a8", "item": "extinguisher", "list": "first-start", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "state": "done", "versions": {}}, "table": "checkmark"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.635866+00
0abaee06-7156-5397-a572-bd06c314c3ff	56	c955ad7c-5ea7-5408-af67-12c6eacc3d90	2	bike.bookIn	bike	5d561e70-ab84-5bc7-adbb-eba9944ba129	e1d22e87-5809-5ee5-adfe-4402c8b52b27	5d561e70-ab84-5bc7-adbb-eba9944ba129	2030-05-25 16:00:00+00	\N	{}	{"name": "Hollin 500", "rate": "35.00", "words": "Father took it apart in the eighties and never went back. Will not turn.", "bikeId": "5d561e70-ab84-5bc7-adbb-eba9944ba129", "ownerId": "bf1bdc3c-f09f-5452-ae79-adbcad2ddd9c", "newJobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "symptoms": {"will-not-turn": "present"}, "personalId": "70bf23c1-d01c-5f7e-afa7-378f8d3d75fd", "complaintId": "e1d2b14b-e17f-5251-a298-444ccd4dc554"}	[{"op": "insert", "row": {"id": "bf1bdc3c-f09f-5452-ae79-adbcad2ddd9c", "versions": {}, "personalId": "70bf23c1-d01c-5f7e-afa7-378f8d3d75fd"}, "table": "owner"}, {"op": "insert", "row": {"id": "5d561e70-ab84-5bc7-adbb-eba9944ba129", "name": "Hollin 500", "year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "ownerId": "bf1bdc3c-f09f-5452-ae79-adbcad2ddd9c", "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "versions": {}, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}, {"op": "insert", "row": {"id": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "rate": "35.00", "crash": null, "notes": null, "bikeId": "5d561e70-ab84-5bc7-adbb-eba9944ba129", "school": "least-cost", "storage": null, "fuelLeft": null, "openedAt": "2030-05-25T16:00:00.000Z", "versions": {}, "lastTouched": null, "handedOverAt": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}, {"op": "insert", "row": {"id": "e1d2b14b-e17f-5251-a298-444ccd4dc554", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "state": "open", "words": "Father took it apart in the eighties and never went back. Will not turn.", "linkedTo": null, "symptoms": {"will-not-turn": "present"}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.668534+00
0abaee06-7156-5397-a572-bd06c314c3ff	84	378b4786-cf3d-5b3b-a1f8-ea9871a57464	2	wait.start	wait	95201365-6e65-5dec-afb0-df3992de1bac	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-05 11:40:00+00	\N	{}	{"kind": "part", "what": "Exhaust gasket from Harbour Stores", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "until": "2030-06-17T12:00:00.000Z", "lookAgain": null}	[{"op": "insert", "row": {"id": "95201365-6e65-5dec-afb0-df3992de1bac", "kind": "part", "what": "Exhaust gasket from Harbour Stores", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "until": "2030-06-17T12:00:00.000Z", "endedAt": null, "versions": {}, "lookAgain": null}, "table": "wait"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.971009+00
0abaee06-7156-5397-a572-bd06c314c3ff	57	a304c259-604c-5310-a9b0-bd7e10005335	2	bike.set	bike	5d561e70-ab84-5bc7-adbb-eba9944ba129	\N	5d561e70-ab84-5bc7-adbb-eba9944ba129	2030-05-25 16:00:00+00	\N	{"year": 0, "boreMm": 0, "clutch": 0, "cooling": 0, "strokes": 0, "voltage": 0, "fuelling": 0, "ignition": 0, "starting": 0, "strokeMm": 0, "cylinders": 0, "decompressor": 0}	{"set": {"year": 1955, "boreMm": 84, "clutch": "cable", "cooling": "air", "strokes": "four", "voltage": 6, "fuelling": "carburettor", "ignition": "magneto", "starting": "kick", "strokeMm": 90, "cylinders": 1, "decompressor": "manual"}}	[{"id": "5d561e70-ab84-5bc7-adbb-eba9944ba129", "op": "update", "set": {"year": 1955, "boreMm": 84, "clutch": "cable", "cooling": "air", "strokes": "four", "voltage": 6, "fuelling": "carburettor", "ignition": "magneto", "starting": "kick", "strokeMm": 90, "cylinders": 1, "decompressor": "manual"}, "was": {"year": null, "boreMm": null, "clutch": null, "cooling": null, "strokes": null, "voltage": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "cylinders": null, "decompressor": null}, "table": "bike"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.677056+00
0abaee06-7156-5397-a572-bd06c314c3ff	58	39aea2ae-d63e-5bbc-aa4b-14f444cd8af8	2	job.set	job	e1d22e87-5809-5ee5-adfe-4402c8b52b27	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2030-05-25 16:00:00+00	\N	{"crash": 0, "storage": 0, "fuelLeft": 0, "lastTouched": 0, "lastTouchedBy": 0, "ranWhenParked": 0, "standingMonths": 0, "lastTouchedWhen": 0}	{"set": {"crash": "no", "storage": "damp", "fuelLeft": "no", "lastTouched": ["top-end"], "lastTouchedBy": "the owner’s father", "ranWhenParked": "yes", "standingMonths": 480, "lastTouchedWhen": "about forty years ago"}}	[{"id": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "op": "update", "set": {"crash": "no", "storage": "damp", "fuelLeft": "no", "lastTouched": ["top-end"], "lastTouchedBy": "the owner’s father", "ranWhenParked": "yes", "standingMonths": 480, "lastTouchedWhen": "about forty years ago"}, "was": {"crash": null, "storage": null, "fuelLeft": null, "lastTouched": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.685362+00
0abaee06-7156-5397-a572-bd06c314c3ff	59	602a6e14-3682-560b-a357-5957c092d799	2	consent.give	consent	e32e7f42-847c-58d7-abca-7feec863578e	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2030-05-25 16:20:00+00	\N	{}	{"upTo": "150.00", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "words": "Free it and say what it needs. Nothing bought without a call.", "supersedes": null}	[{"op": "insert", "row": {"id": "e32e7f42-847c-58d7-abca-7feec863578e", "upTo": "150.00", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "words": "Free it and say what it needs. Nothing bought without a call.", "givenAt": "2030-05-25T16:20:00.000Z", "versions": {}, "supersedes": null}, "table": "consent"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.695113+00
0abaee06-7156-5397-a572-bd06c314c3ff	60	bdbf701f-860b-524e-af70-9ba037da84af	2	evidence.add	evidence	b04f578f-6add-5986-a817-dc5aa2c5dc20	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2030-05-26 09:00:00+00	\N	{}	{"held": null, "note": "Solid at about half stroke.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "turn-by-hand", "outcome": "stuck", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "b04f578f-6add-5986-a817-dc5aa2c5dc20", "held": null, "note": "Solid at about half stroke.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "turn-by-hand", "outcome": "stuck", "takenAt": "2030-05-26T09:00:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.706265+00
0abaee06-7156-5397-a572-bd06c314c3ff	61	7131fd84-c359-5dee-a5d6-80d8ed12ce6c	2	evidence.add	evidence	849ff785-2f75-590f-a29b-194ff5d710b5	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2030-05-26 09:10:00+00	\N	{}	{"held": null, "note": "Tank dry; a dry-sump tank may only have drained down.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "oil-check", "outcome": "low", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "849ff785-2f75-590f-a29b-194ff5d710b5", "held": null, "note": "Tank dry; a dry-sump tank may only have drained down.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "oil-check", "outcome": "low", "takenAt": "2030-05-26T09:10:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.714527+00
0abaee06-7156-5397-a572-bd06c314c3ff	62	d34da806-6879-5d6b-a15e-49698ff38fb1	2	evidence.add	evidence	5d29d675-f8f3-52c4-a714-4c14b3d0c53d	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2030-05-26 09:20:00+00	\N	{}	{"held": null, "note": null, "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "bore-look", "outcome": "rust", "reading": null, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "5d29d675-f8f3-52c4-a714-4c14b3d0c53d", "held": null, "note": null, "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "bore-look", "outcome": "rust", "takenAt": "2030-05-26T09:20:00.000Z", "position": "1", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.722951+00
0abaee06-7156-5397-a572-bd06c314c3ff	63	493a011d-0847-53b7-aced-959252b1c8de	2	finding.add	finding	e14e7db2-4869-5cd1-af41-3dd4f03ec44b	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2030-05-26 10:00:00+00	\N	{}	{"item": "Oil tank", "seen": "Dry, clean inside, a film of old oil.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "stepId": null, "faultId": null, "reading": null, "verdict": "clean", "position": null, "conditions": {}, "afterRepairId": null}	[{"op": "insert", "row": {"id": "e14e7db2-4869-5cd1-af41-3dd4f03ec44b", "item": "Oil tank", "seen": "Dry, clean inside, a film of old oil.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "stepId": null, "faultId": null, "takenAt": "2030-05-26T10:00:00.000Z", "verdict": "clean", "position": null, "versions": {}, "readingId": null, "afterRepairId": null}, "table": "finding"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.73201+00
0abaee06-7156-5397-a572-bd06c314c3ff	64	e8a04862-7447-5f94-ae6b-3684c3757b80	2	wait.start	wait	9f393c66-0803-5c26-a700-90c3afdc8e1c	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2030-06-12 17:00:00+00	\N	{}	{"kind": "soaking", "what": "50 ml of penetrant in the cylinder", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "until": "2030-06-19T09:00:00.000Z", "lookAgain": "2030-06-16T09:00:00.000Z"}	[{"op": "insert", "row": {"id": "9f393c66-0803-5c26-a700-90c3afdc8e1c", "kind": "soaking", "what": "50 ml of penetrant in the cylinder", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "until": "2030-06-19T09:00:00.000Z", "endedAt": null, "versions": {}, "lookAgain": "2030-06-16T09:00:00.000Z"}, "table": "wait"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.739239+00
0abaee06-7156-5397-a572-bd06c314c3ff	66	80687b68-8b60-57be-ac06-bad18f80dbac	2	bike.bookIn	bike	01c5d948-8b66-50ad-a5ae-75c2d34025f1	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	01c5d948-8b66-50ad-a5ae-75c2d34025f1	2030-06-03 14:00:00+00	\N	{}	{"name": "Marram 80", "rate": "35.00", "words": "Pulls up the harbour hill cold. When it is hot it gives up half way and stalls at the top.", "bikeId": "01c5d948-8b66-50ad-a5ae-75c2d34025f1", "ownerId": "cdef0749-da69-5bc7-a379-e087d3ed8911", "newJobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "symptoms": {"dies-hot": "present", "no-start": "absent", "starts-and-dies": "present"}, "personalId": "60f25fbb-f875-557c-a0b8-2f57ffb0b4d2", "complaintId": "7d2191f7-4638-5c3a-ad3d-c15c34753289"}	[{"op": "insert", "row": {"id": "cdef0749-da69-5bc7-a379-e087d3ed8911", "versions": {}, "personalId": "60f25fbb-f875-557c-a0b8-2f57ffb0b4d2"}, "table": "owner"}, {"op": "insert", "row": {"id": "01c5d948-8b66-50ad-a5ae-75c2d34025f1", "name": "Marram 80", "year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "ownerId": "cdef0749-da69-5bc7-a379-e087d3ed8911", "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "versions": {}, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}, {"op": "insert", "row": {"id": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "rate": "35.00", "crash": null, "notes": null, "bikeId": "01c5d948-8b66-50ad-a5ae-75c2d34025f1", "school": "least-cost", "storage": null, "fuelLeft": null, "openedAt": "2030-06-03T14:00:00.000Z", "versions": {}, "lastTouched": null, "handedOverAt": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}, {"op": "insert", "row": {"id": "7d2191f7-4638-5c3a-ad3d-c15c34753289", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "state": "open", "words": "Pulls up the harbour hill cold. When it is hot it gives up half way and stalls at the top.", "linkedTo": null, "symptoms": {"dies-hot": "present", "no-start": "absent", "starts-and-dies": "present"}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.76323+00
0abaee06-7156-5397-a572-bd06c314c3ff	67	547cc4b4-7192-558e-a7fe-5e6155f7c577	2	bike.set	bike	01c5d948-8b66-50ad-a5ae-75c2d34025f1	\N	01c5d948-8b66-50ad-a5ae-75c2d34025f1	2030-06-03 14:00:00+00	\N	{"year": 0, "clutch": 0, "cooling": 0, "strokes": 0, "voltage": 0, "fuelling": 0, "ignition": 0, "starting": 0, "cylinders": 0, "mileageKm": 0, "decompressor": 0}	{"set": {"year": 1979, "clutch": "automatic", "cooling": "air", "strokes": "two", "voltage": 6, "fuelling": "carburettor", "ignition": "magneto", "starting": "kick", "cylinders": 1, "mileageKm": 18800, "decompressor": "none"}}	[{"id": "01c5d948-8b66-50ad-a5ae-75c2d34025f1", "op": "update", "set": {"year": 1979, "clutch": "automatic", "cooling": "air", "strokes": "two", "voltage": 6, "fuelling": "carburettor", "ignition": "magneto", "starting": "kick", "cylinders": 1, "mileageKm": 18800, "decompressor": "none"}, "was": {"year": null, "clutch": null, "cooling": null, "strokes": null, "voltage": null, "fuelling": null, "ignition": null, "starting": null, "cylinders": null, "mileageKm": null, "decompressor": null}, "table": "bike"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.772372+00
0abaee06-7156-5397-a572-bd06c314c3ff	68	aad510f8-e0a9-5b75-a845-cccbe5d64208	2	job.set	job	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-03 14:00:00+00	\N	{"crash": 0, "storage": 0, "lastTouched": 0, "lastTouchedBy": 0, "ranWhenParked": 0, "standingMonths": 0, "lastTouchedWhen": 0}	{"set": {"crash": "no", "storage": "dry", "lastTouched": ["exhaust"], "lastTouchedBy": "the owner", "ranWhenParked": "yes", "standingMonths": 0, "lastTouchedWhen": "oil brand changed in spring"}}	[{"id": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "op": "update", "set": {"crash": "no", "storage": "dry", "lastTouched": ["exhaust"], "lastTouchedBy": "the owner", "ranWhenParked": "yes", "standingMonths": 0, "lastTouchedWhen": "oil brand changed in spring"}, "was": {"crash": null, "storage": null, "lastTouched": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.780612+00
0abaee06-7156-5397-a572-bd06c314c3ff	69	88bea65d-7150-590f-ac64-991051e39899	2	consent.give	consent	f2d64238-44d2-540b-a460-f604ad3e494c	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-03 14:10:00+00	\N	{}	{"upTo": "200.00", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Up to two hundred without asking.", "supersedes": null}	[{"op": "insert", "row": {"id": "f2d64238-44d2-540b-a460-f604ad3e494c", "upTo": "200.00", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Up to two hundred without asking.", "givenAt": "2030-06-03T14:10:00.000Z", "versions": {}, "supersedes": null}, "table": "consent"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.795088+00
0abaee06-7156-5397-a572-bd06c314c3ff	70	c6295d8e-34a8-5044-a2b1-fd2837794d46	2	evidence.add	evidence	5e50b114-8137-5028-af8b-92bf9cbdb9ae	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-04 09:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "turn-by-hand", "outcome": "free", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "5e50b114-8137-5028-af8b-92bf9cbdb9ae", "held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "turn-by-hand", "outcome": "free", "takenAt": "2030-06-04T09:00:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.807802+00
0abaee06-7156-5397-a572-bd06c314c3ff	71	2eaf5ed7-079f-5634-abf6-d4acca1ee15d	2	evidence.add	evidence	814c136a-70d1-5368-ad9d-7fa99176b1a8	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-04 09:10:00+00	\N	{}	{"held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "oil-check", "outcome": "right", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "814c136a-70d1-5368-ad9d-7fa99176b1a8", "held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "oil-check", "outcome": "right", "takenAt": "2030-06-04T09:10:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.816212+00
0abaee06-7156-5397-a572-bd06c314c3ff	72	c90c95ac-f2b1-521c-adae-c2dd4becbbfb	2	evidence.add	evidence	5a15e4c2-33c9-541c-a9ac-8e52dd828a56	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-04 09:15:00+00	\N	{}	{"held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "5a15e4c2-33c9-541c-a9ac-8e52dd828a56", "held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "takenAt": "2030-06-04T09:15:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.826005+00
0abaee06-7156-5397-a572-bd06c314c3ff	73	d9d5fbda-5b30-53dc-aabe-d6382db68b2d	2	evidence.add	evidence	8f889a1f-e106-5ddd-acfa-a3d8bac1db73	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-04 09:20:00+00	\N	{}	{"held": null, "note": "Black and wet.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "read-plug", "outcome": "bad", "reading": null, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "8f889a1f-e106-5ddd-acfa-a3d8bac1db73", "held": null, "note": "Black and wet.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "read-plug", "outcome": "bad", "takenAt": "2030-06-04T09:20:00.000Z", "position": "1", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.835212+00
0abaee06-7156-5397-a572-bd06c314c3ff	74	60b03b3b-47a0-5893-a6fe-0f3b8ebb5d23	2	step.add	step	04d7a6b8-3979-507c-af7f-18e0fc9db031	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-04 10:00:00+00	\N	{}	{"bag": "3", "note": "Gasket broke up.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "title": "Exhaust off", "access": "exhaust", "fasteners": [{"id": "24a1b704-f3d5-5bc7-a9f6-3c3d27c22a3c", "size": "M6x20", "count": 2, "place": "flange"}, {"id": "ac5e0a63-75a6-5323-a5d6-24aa45cefbba", "size": "M8x30", "count": 1, "place": "hanger"}]}	[{"op": "insert", "row": {"id": "04d7a6b8-3979-507c-af7f-18e0fc9db031", "bag": "3", "note": "Gasket broke up.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "title": "Exhaust off", "access": "exhaust", "madeAt": "2030-06-04T10:00:00.000Z", "versions": {}, "refittedAt": null}, "table": "step"}, {"op": "insert", "row": {"id": "24a1b704-f3d5-5bc7-a9f6-3c3d27c22a3c", "size": "M6x20", "count": 2, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "place": "flange", "stepId": "04d7a6b8-3979-507c-af7f-18e0fc9db031", "refitted": 0, "versions": {}}, "table": "fastener"}, {"op": "insert", "row": {"id": "ac5e0a63-75a6-5323-a5d6-24aa45cefbba", "size": "M8x30", "count": 1, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "place": "hanger", "stepId": "04d7a6b8-3979-507c-af7f-18e0fc9db031", "refitted": 0, "versions": {}}, "table": "fastener"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.856076+00
0abaee06-7156-5397-a572-bd06c314c3ff	75	9dffd13b-2543-5e6f-a9d9-61b929ccc31f	2	finding.add	finding	95f5cbf6-aaf6-5073-a860-769faeeb493a	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-04 10:20:00+00	\N	{}	{"item": "Exhaust port", "seen": "Carbon to a third of its area, hard and shiny.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "stepId": "04d7a6b8-3979-507c-af7f-18e0fc9db031", "faultId": "exhaust-blocked", "reading": null, "verdict": "clean", "position": null, "conditions": {}, "afterRepairId": null}	[{"op": "insert", "row": {"id": "95f5cbf6-aaf6-5073-a860-769faeeb493a", "item": "Exhaust port", "seen": "Carbon to a third of its area, hard and shiny.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "stepId": "04d7a6b8-3979-507c-af7f-18e0fc9db031", "faultId": "exhaust-blocked", "takenAt": "2030-06-04T10:20:00.000Z", "verdict": "clean", "position": null, "versions": {}, "readingId": null, "afterRepairId": null}, "table": "finding"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.873788+00
0abaee06-7156-5397-a572-bd06c314c3ff	76	5fbe0f32-15b0-545a-af89-2722db1f74fe	2	evidence.add	evidence	5514ff71-4c2d-5901-aeaa-374ac14e63f0	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-04 10:30:00+00	\N	{}	{"held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "exhaust-look", "outcome": "choked", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "5514ff71-4c2d-5901-aeaa-374ac14e63f0", "held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "exhaust-look", "outcome": "choked", "takenAt": "2030-06-04T10:30:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.887284+00
0abaee06-7156-5397-a572-bd06c314c3ff	77	c2c75705-1e8c-5595-a5cf-a8402a642edc	2	cause.name	cause	7a8b0b4e-bb70-59f8-a8a9-29b942784380	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-05 11:00:00+00	\N	{}	{"jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Exhaust port coked to a third", "faultId": "exhaust-blocked", "position": null, "complaintId": "7d2191f7-4638-5c3a-ad3d-c15c34753289"}	[{"op": "insert", "row": {"id": "7a8b0b4e-bb70-59f8-a8a9-29b942784380", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Exhaust port coked to a third", "madeAt": "2030-06-05T11:00:00.000Z", "faultId": "exhaust-blocked", "position": null, "versions": {}, "complaintId": "7d2191f7-4638-5c3a-ad3d-c15c34753289"}, "table": "cause"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.896897+00
0abaee06-7156-5397-a572-bd06c314c3ff	78	31a06f1d-995b-52f9-a1b9-ff9cc2192a21	2	repair.log	repair	5cdfb2e0-783f-5725-a421-3f79cbe5b534	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-05 11:00:00+00	\N	{}	{"cost": "0.00", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Port and pipe cleared with the piston covering the port", "causeId": "7a8b0b4e-bb70-59f8-a8a9-29b942784380", "faultId": "exhaust-blocked", "minutes": 55, "position": null, "afterRepairId": null}	[{"op": "insert", "row": {"id": "5cdfb2e0-783f-5725-a421-3f79cbe5b534", "cost": "0.00", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Port and pipe cleared with the piston covering the port", "madeAt": "2030-06-05T11:00:00.000Z", "causeId": "7a8b0b4e-bb70-59f8-a8a9-29b942784380", "faultId": "exhaust-blocked", "minutes": 55, "position": null, "versions": {}, "afterRepairId": null}, "table": "repair"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.912035+00
0abaee06-7156-5397-a572-bd06c314c3ff	79	439483b5-b067-5380-a083-73dfafe22aa3	2	part.add	part	5444756e-4c1a-51d0-abfb-15a3c25b96e6	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-05 11:30:00+00	\N	{}	{"name": "Exhaust gasket", "dueOn": "2030-06-17", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "price": "4.20", "number": null, "source": "Harbour Stores", "quantity": 1, "findingId": null}	[{"op": "insert", "row": {"id": "5444756e-4c1a-51d0-abfb-15a3c25b96e6", "name": "Exhaust gasket", "dueOn": "2030-06-17", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "price": "4.20", "number": null, "source": "Harbour Stores", "status": "needed", "quantity": 1, "versions": {}, "findingId": null}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.9265+00
0abaee06-7156-5397-a572-bd06c314c3ff	80	362f516c-208c-5476-a89b-da91d8ebc531	2	part.set	part	5444756e-4c1a-51d0-abfb-15a3c25b96e6	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-05 11:30:00+00	\N	{"status": 0}	{"set": {"status": "ordered"}}	[{"id": "5444756e-4c1a-51d0-abfb-15a3c25b96e6", "op": "update", "set": {"status": "ordered"}, "was": {"status": "needed"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.933822+00
0abaee06-7156-5397-a572-bd06c314c3ff	81	d2c18c68-d404-59f2-a4e4-a6e618a646ce	2	part.add	part	88b310bc-39ce-596c-a700-550130831769	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2030-06-05 11:32:00+00	\N	{}	{"name": "Plug, right heat range", "dueOn": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "price": "6.50", "number": null, "source": "Harbour Stores", "quantity": 1, "findingId": null}	[{"op": "insert", "row": {"id": "88b310bc-39ce-596c-a700-550130831769", "name": "Plug, right heat range", "dueOn": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "price": "6.50", "number": null, "source": "Harbour Stores", "status": "needed", "quantity": 1, "versions": {}, "findingId": null}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.944027+00
0abaee06-7156-5397-a572-bd06c314c3ff	85	42f25ac9-d30e-5d94-aebe-67aafc803bc5	2	bike.bookIn	bike	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	2030-06-09 09:15:00+00	\N	{}	{"name": "Quillon 350", "rate": "35.00", "words": "Stood in the boathouse since before the flood. Kicks over lovely, not a cough out of it.", "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "ownerId": "8eb9975c-4358-5fef-af83-5975620a0581", "newJobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "symptoms": {"no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}, "personalId": "b6a886c6-5cb9-568f-a348-bf69a1a3f61f", "complaintId": "7f4d3b79-4be9-5ece-a76c-41337e643dff"}	[{"op": "insert", "row": {"id": "8eb9975c-4358-5fef-af83-5975620a0581", "versions": {}, "personalId": "b6a886c6-5cb9-568f-a348-bf69a1a3f61f"}, "table": "owner"}, {"op": "insert", "row": {"id": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "name": "Quillon 350", "year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "ownerId": "8eb9975c-4358-5fef-af83-5975620a0581", "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "versions": {}, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}, {"op": "insert", "row": {"id": "88086454-1aeb-52ca-a41d-04c3e5d85277", "rate": "35.00", "crash": null, "notes": null, "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "school": "least-cost", "storage": null, "fuelLeft": null, "openedAt": "2030-06-09T09:15:00.000Z", "versions": {}, "lastTouched": null, "handedOverAt": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}, {"op": "insert", "row": {"id": "7f4d3b79-4be9-5ece-a76c-41337e643dff", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "state": "open", "words": "Stood in the boathouse since before the flood. Kicks over lovely, not a cough out of it.", "linkedTo": null, "symptoms": {"no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.986298+00
0abaee06-7156-5397-a572-bd06c314c3ff	86	b08b0fe1-496a-5fd7-af44-eaff58effb2d	2	bike.set	bike	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	\N	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	2030-06-09 09:15:00+00	\N	{"year": 0, "boreMm": 0, "clutch": 0, "cooling": 0, "frameNo": 0, "strokes": 0, "voltage": 0, "engineNo": 0, "fuelling": 0, "ignition": 0, "starting": 0, "strokeMm": 0, "cylinders": 0, "mileageKm": 0, "decompressor": 0, "compressionRatio": 0}	{"set": {"year": 1968, "boreMm": 60, "clutch": "cable", "cooling": "air", "frameNo": "Q350-20417", "strokes": "four", "voltage": 6, "engineNo": "Q350-20417", "fuelling": "carburettor", "ignition": "points", "starting": "kick", "strokeMm": 61, "cylinders": 2, "mileageKm": 31240, "decompressor": "none", "compressionRatio": 8.5}}	[{"id": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "op": "update", "set": {"year": 1968, "boreMm": 60, "clutch": "cable", "cooling": "air", "frameNo": "Q350-20417", "strokes": "four", "voltage": 6, "engineNo": "Q350-20417", "fuelling": "carburettor", "ignition": "points", "starting": "kick", "strokeMm": 61, "cylinders": 2, "mileageKm": 31240, "decompressor": "none", "compressionRatio": 8.5}, "was": {"year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.99285+00
0abaee06-7156-5397-a572-bd06c314c3ff	87	7cafd484-9651-5cec-a621-a7be550f481a	2	job.set	job	88086454-1aeb-52ca-a41d-04c3e5d85277	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2030-06-09 09:15:00+00	\N	{"crash": 0, "storage": 0, "fuelLeft": 0, "lastTouched": 0, "lastTouchedBy": 0, "ranWhenParked": 0, "standingMonths": 0, "lastTouchedWhen": 0}	{"set": {"crash": "no", "storage": "flooded", "fuelLeft": "no", "lastTouched": ["ignition"], "lastTouchedBy": "a neighbour", "ranWhenParked": "yes", "standingMonths": 30, "lastTouchedWhen": "new plug and points cover off, a year ago"}}	[{"id": "88086454-1aeb-52ca-a41d-04c3e5d85277", "op": "update", "set": {"crash": "no", "storage": "flooded", "fuelLeft": "no", "lastTouched": ["ignition"], "lastTouchedBy": "a neighbour", "ranWhenParked": "yes", "standingMonths": 30, "lastTouchedWhen": "new plug and points cover off, a year ago"}, "was": {"crash": null, "storage": null, "fuelLeft": null, "lastTouched": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:20.999295+00
0abaee06-7156-5397-a572-bd06c314c3ff	88	196dd81f-b254-515c-a705-45795b227ad9	2	consent.give	consent	17316857-14eb-5c1a-a279-329cefd9849b	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2030-06-09 09:30:00+00	\N	{}	{"upTo": "400.00", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "words": "Find out why, and get it running if that stays under the limit. Ask before the engine is opened.", "supersedes": null}	[{"op": "insert", "row": {"id": "17316857-14eb-5c1a-a279-329cefd9849b", "upTo": "400.00", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "words": "Find out why, and get it running if that stays under the limit. Ask before the engine is opened.", "givenAt": "2030-06-09T09:30:00.000Z", "versions": {}, "supersedes": null}, "table": "consent"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:21.008657+00
0abaee06-7156-5397-a572-bd06c314c3ff	89	f1fd35df-4e50-5252-a30c-fd77bd6bcd7a	2	spec.add	spec	d0df22d6-cb47-5c46-af5a-e6b384e2648b	\N	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	2030-06-09 09:40:00+00	\N	{}	{"low": 979055.5356298559, "high": 1344477.6721677599, "unit": "psi", "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "source": "book of this bike, page 61", "entered": "142 to 195 psi", "quantity": "compression"}	[{"op": "insert", "row": {"id": "d0df22d6-cb47-5c46-af5a-e6b384e2648b", "low": 979055.5356298559, "high": 1344477.6721677599, "unit": "psi", "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "source": "book of this bike, page 61", "entered": "142 to 195 psi", "quantity": "compression", "versions": {}}, "table": "spec"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:21.01675+00
0abaee06-7156-5397-a572-bd06c314c3ff	90	63912686-058e-5f40-ae66-2f66ed6f8f47	2	evidence.add	evidence	1fc22d50-511d-5d43-acf0-6d18856b8135	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2030-06-09 10:00:00+00	\N	{}	{"held": null, "note": "Oil in the holes, turned two full turns.", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "turn-by-hand", "outcome": "free", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "1fc22d50-511d-5d43-acf0-6d18856b8135", "held": null, "note": "Oil in the holes, turned two full turns.", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "turn-by-hand", "outcome": "free", "takenAt": "2030-06-09T10:00:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:21.035679+00
0abaee06-7156-5397-a572-bd06c314c3ff	91	142c5c8f-519a-5ddc-a26d-5edaeebebc0d	2	evidence.add	evidence	f4d75bcb-cc56-5b33-abe4-51fad74be2a3	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2030-06-09 10:10:00+00	\N	{}	{"held": null, "note": "Fresh oil put in by the owner.", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "oil-check", "outcome": "right", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "f4d75bcb-cc56-5b33-abe4-51fad74be2a3", "held": null, "note": "Fresh oil put in by the owner.", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "oil-check", "outcome": "right", "takenAt": "2030-06-09T10:10:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:21.041744+00
0abaee06-7156-5397-a572-bd06c314c3ff	92	ae8bdeef-efdb-509e-ab44-18b4d9124858	2	evidence.add	evidence	1e97cb2d-b9a5-5c22-a336-8ae939e711c8	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2030-06-09 10:20:00+00	\N	{}	{"held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "1e97cb2d-b9a5-5c22-a336-8ae939e711c8", "held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "takenAt": "2030-06-09T10:20:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:21.048227+00
0abaee06-7156-5397-a572-bd06c314c3ff	93	be42d6de-5c73-5524-ad42-9f6b8a960641	2	evidence.add	evidence	792fc535-3820-5384-a3c2-8c0b5701e5c4	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2030-06-10 09:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "792fc535-3820-5384-a3c2-8c0b5701e5c4", "held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2030-06-10T09:00:00.000Z", "position": "1", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:21.056698+00
0abaee06-7156-5397-a572-bd06c314c3ff	94	be211d97-ae5e-5355-af7a-4fb9ce34f94a	2	evidence.add	evidence	cd200a1b-efe6-5f8c-ac9a-a7ffc9f98073	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2030-06-10 09:05:00+00	\N	{}	{"held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "2", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "cd200a1b-efe6-5f8c-ac9a-a7ffc9f98073", "held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2030-06-10T09:05:00.000Z", "position": "2", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:21.066278+00
0abaee06-7156-5397-a572-bd06c314c3ff	95	0ab32aff-c8c6-586e-ac4d-7c1584a83379	2	prediction.write	prediction	b2746599-8395-59ff-a677-27cf29b0011d	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2030-06-10 09:30:00+00	\N	{}	{"jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "words": "If it was parked running, both are well over 140.", "testId": "compression", "expected": null, "position": "1"}	[{"op": "insert", "row": {"id": "b2746599-8395-59ff-a677-27cf29b0011d", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "words": "If it was parked running, both are well over 140.", "madeAt": "2030-06-10T09:30:00.000Z", "testId": "compression", "expected": null, "position": "1", "versions": {}}, "table": "prediction"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:21.075056+00
0abaee06-7156-5397-a572-bd06c314c3ff	96	e779b88b-a1b3-5d84-a83e-29ad535b0bbd	2	evidence.add	evidence	589147e7-5761-52dc-add2-6511e1781d56	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2030-06-10 09:30:00+00	\N	{}	{"held": "yes", "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "compression", "outcome": "good", "reading": {"id": "7c619a3d-c40b-5ae7-a862-fa9ee2ecc7b8", "unit": "psi", "value": {"kind": "exact", "value": 1172108.7398386213}, "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "entered": "170 psi", "quantity": "compression", "instrument": null}, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "b2746599-8395-59ff-a677-27cf29b0011d", "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "7c619a3d-c40b-5ae7-a862-fa9ee2ecc7b8", "unit": "psi", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "value": {"kind": "exact", "value": 1172108.7398386213}, "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "entered": "170 psi", "takenAt": "2030-06-10T09:30:00.000Z", "position": "1", "quantity": "compression", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "589147e7-5761-52dc-add2-6511e1781d56", "held": "yes", "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "compression", "outcome": "good", "takenAt": "2030-06-10T09:30:00.000Z", "position": "1", "versions": {}, "readingId": "7c619a3d-c40b-5ae7-a862-fa9ee2ecc7b8", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "b2746599-8395-59ff-a677-27cf29b0011d", "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:21.089552+00
0abaee06-7156-5397-a572-bd06c314c3ff	97	4e9be542-f3b7-5e55-a9e1-d083622a2498	2	evidence.add	evidence	156b04b2-8c72-5f21-ae11-c64f4c3ae30d	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2030-06-10 09:40:00+00	\N	{}	{"held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "compression", "outcome": "good", "reading": {"id": "4f20a9ab-2571-5f37-a752-c4c6558b7f39", "unit": "psi", "value": {"kind": "exact", "value": 1241056.312770305}, "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "entered": "180 psi", "quantity": "compression", "instrument": null}, "position": "2", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "4f20a9ab-2571-5f37-a752-c4c6558b7f39", "unit": "psi", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "value": {"kind": "exact", "value": 1241056.312770305}, "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "entered": "180 psi", "takenAt": "2030-06-10T09:40:00.000Z", "position": "2", "quantity": "compression", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "156b04b2-8c72-5f21-ae11-c64f4c3ae30d", "held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "compression", "outcome": "good", "takenAt": "2030-06-10T09:40:00.000Z", "position": "2", "versions": {}, "readingId": "4f20a9ab-2571-5f37-a752-c4c6558b7f39", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 10:23:21.102329+00
\.


--
-- Data for Name: migrations; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.migrations (id, name, run_on) FROM stdin;
1	0001_workshop	2026-11-25 10:22:58.198017
2	0002_nothing_lost	2026-11-25 10:22:58.295893
\.


--
-- Data for Name: owner; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.owner (shop_id, id, personal_id, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000002	00000000-0000-4000-8000-000000000034	{"personalId": 1}	\N	2
0abaee06-7156-5397-a572-bd06c314c3ff	2da0a64f-3b8f-5555-aa81-760ca53cff6e	59c2b511-dd3d-5458-a9ae-3ceeb4771d2e	{}	\N	3
0abaee06-7156-5397-a572-bd06c314c3ff	bf1bdc3c-f09f-5452-ae79-adbcad2ddd9c	70bf23c1-d01c-5f7e-afa7-378f8d3d75fd	{}	\N	56
0abaee06-7156-5397-a572-bd06c314c3ff	cdef0749-da69-5bc7-a379-e087d3ed8911	60f25fbb-f875-557c-a0b8-2f57ffb0b4d2	{}	\N	66
0abaee06-7156-5397-a572-bd06c314c3ff	8eb9975c-4358-5fef-af83-5975620a0581	b6a886c6-5cb9-568f-a348-bf69a1a3f61f	{}	\N	85
\.


--
-- Data for Name: pairing; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.pairing (shop_id, code_hash, expires_at) FROM stdin;
\.


--
-- Data for Name: part; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.part (shop_id, id, job_id, finding_id, name, number, source, quantity, price, status, due_on, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000022	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000020	Condenser	C-12	Harbour Stores	1	8.5	ordered	2030-02-01	{"price": 1, "status": 1}	\N	22
0abaee06-7156-5397-a572-bd06c314c3ff	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Generator cover gasket	\N	Quayside Spares	1	18.90	fitted	\N	{"status": 3}	\N	33
0abaee06-7156-5397-a572-bd06c314c3ff	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Dowel 8 mm	\N	Quayside Spares	2	1.10	fitted	\N	{"status": 3}	\N	37
0abaee06-7156-5397-a572-bd06c314c3ff	b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Coolant 2 l	\N	Harbour Stores	1	14.00	arrived	\N	{"status": 2}	\N	41
0abaee06-7156-5397-a572-bd06c314c3ff	5444756e-4c1a-51d0-abfb-15a3c25b96e6	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Exhaust gasket	\N	Harbour Stores	1	4.20	ordered	2030-06-17	{"status": 1}	\N	79
0abaee06-7156-5397-a572-bd06c314c3ff	88b310bc-39ce-596c-a700-550130831769	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Plug, right heat range	\N	Harbour Stores	1	6.50	arrived	\N	{"status": 2}	\N	81
\.


--
-- Data for Name: person; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.person (shop_id, id, name, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000001	Ines Corrow	{}	\N	1
0abaee06-7156-5397-a572-bd06c314c3ff	12124b89-4c99-5aa1-a528-aa6b78dfe994	Ines Corrow	{}	\N	1
0abaee06-7156-5397-a572-bd06c314c3ff	c6db4a06-d893-5c04-a0f0-11374178cc79	Tam Veley	{}	\N	2
\.


--
-- Data for Name: personal; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.personal (shop_id, id, name, phone, email) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	59c2b511-dd3d-5458-a9ae-3ceeb4771d2e	Juna Aldercott	014 221 905	\N
0abaee06-7156-5397-a572-bd06c314c3ff	70bf23c1-d01c-5f7e-afa7-378f8d3d75fd	Brannoc Teague	014 223 440	\N
0abaee06-7156-5397-a572-bd06c314c3ff	60f25fbb-f875-557c-a0b8-2f57ffb0b4d2	Piet Hallam	014 220 118	\N
0abaee06-7156-5397-a572-bd06c314c3ff	b6a886c6-5cb9-568f-a348-bf69a1a3f61f	Orla Fennimore	014 220 731	\N
\.


--
-- Data for Name: photo; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.photo (shop_id, id, job_id, subject, subject_id, bag, sha256, width, height, bytes, caption, taken_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000035	00000000-0000-4000-8000-000000000005	step	00000000-0000-4000-8000-000000000017	\N	a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1a1	1200	900	34567	How the wires run	2030-01-01 08:36:00+00	{"caption": 1}	\N	37
0abaee06-7156-5397-a572-bd06c314c3ff	80942a26-41f6-533f-abaa-33fda726deb8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	step	3aa0481c-6618-5682-af0d-f6040c87444e	\N	e3a9645a5b192493408c9c05bee74dba31f991ea47a155ea1c7ab051abb334be	1000	750	34259	\N	2030-05-14 11:05:00+00	{}	\N	23
\.


--
-- Data for Name: pin; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.pin (shop_id, id, job_id, photo_id, x, y, note, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000036	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000035	0.3	0.5	Short screw here	{"x": 1, "note": 1}	\N	39
0abaee06-7156-5397-a572-bd06c314c3ff	9cf2120a-6197-5c39-ab04-35ba92e3f1ff	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	80942a26-41f6-533f-abaa-33fda726deb8	0.5	0.13	Dowel lost from here	{}	\N	24
0abaee06-7156-5397-a572-bd06c314c3ff	123f64fb-c619-5d0f-a866-dbd654db9d8f	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	80942a26-41f6-533f-abaa-33fda726deb8	0.41	0.81	The two long screws, M6x45	{}	\N	25
0abaee06-7156-5397-a572-bd06c314c3ff	c6716b6b-1ca2-546c-a93c-8b4b159fb367	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	80942a26-41f6-533f-abaa-33fda726deb8	0.64	0.79	Rubbed through by the slide	{}	\N	26
\.


--
-- Data for Name: prediction; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.prediction (shop_id, id, job_id, test_id, "position", words, expected, made_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000009	00000000-0000-4000-8000-000000000005	compression	1	Well over 140	good	2030-01-01 08:10:00+00	{}	\N	11
0abaee06-7156-5397-a572-bd06c314c3ff	5cc7dd56-e058-51d9-a699-a833bd003a89	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	spark-look	1	If the slide hurt the pick-up, all four are dead.	\N	2030-05-13 10:20:00+00	{}	\N	16
0abaee06-7156-5397-a572-bd06c314c3ff	b2746599-8395-59ff-a677-27cf29b0011d	88086454-1aeb-52ca-a41d-04c3e5d85277	compression	1	If it was parked running, both are well over 140.	\N	2030-06-10 09:30:00+00	{}	\N	95
\.


--
-- Data for Name: provisional; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.provisional (shop_id, id, job_id, what, why, until, may_run, may_ride, may_leave, ended_at, versions, made_after, made_seq, until_on) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000029	00000000-0000-4000-8000-000000000005	Tie on the panel	lug broken	\N	t	t	f	2030-01-01 08:33:00+00	{"endedAt": 1}	\N	33	\N
0abaee06-7156-5397-a572-bd06c314c3ff	986a007d-eff9-517c-a1d1-e3a28001a86d	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Left panel held by two ties	Lug broken in the slide, new panel not wanted	when a used panel turns up	t	t	t	\N	{}	\N	52	\N
\.


--
-- Data for Name: reading; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.reading (shop_id, id, job_id, bike_id, quantity, "position", value, unit, entered, instrument, conditions, taken_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000010	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	compression	1	{"kind": "exact", "value": 1172108.7}	psi	170 psi	\N	{"battery": "own", "temperature": "cold"}	2030-01-01 08:11:00+00	{}	\N	12
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000032	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	compression	2	{"kind": "exact", "value": 1172108.7}	psi	170 psi	\N	{}	2030-01-01 08:14:00+00	{}	\N	15
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000021	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	compression	\N	{"kind": "exact", "value": 1172108.7}	psi	170 psi	\N	{}	2030-01-01 08:20:00+00	{}	\N	21
0abaee06-7156-5397-a572-bd06c314c3ff	7ebc1fe0-cf6d-518f-a2e3-449e29ac27b3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	battery-rest	\N	{"kind": "exact", "value": 12.62}	V	12.62 V	\N	{"battery": "own", "temperature": "cold"}	2030-05-13 09:20:00+00	{}	\N	9
0abaee06-7156-5397-a572-bd06c314c3ff	274d8866-934e-5eda-ae58-b7e26db57c47	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	battery-cranking	\N	{"kind": "exact", "value": 10.4}	V	10.4 V	\N	{"battery": "own", "temperature": "cold"}	2030-05-13 10:00:00+00	{}	\N	15
0abaee06-7156-5397-a572-bd06c314c3ff	032535cb-bcb6-57cd-ae6b-397079e7e406	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	coil-supply	\N	{"kind": "exact", "value": 12.3}	V	12.3 V	\N	{"battery": "own", "temperature": "cold"}	2030-05-13 11:00:00+00	{}	\N	19
0abaee06-7156-5397-a572-bd06c314c3ff	e8523333-91a5-558f-a165-3fd6942cc17e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	pickup	\N	{"kind": "exact", "value": 214}	ohm	214 ohm	\N	{"battery": "own", "temperature": "cold"}	2030-05-14 09:00:00+00	{}	\N	20
0abaee06-7156-5397-a572-bd06c314c3ff	7c619a3d-c40b-5ae7-a862-fa9ee2ecc7b8	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	compression	1	{"kind": "exact", "value": 1172108.7398386213}	psi	170 psi	\N	{"battery": "own", "temperature": "cold"}	2030-06-10 09:30:00+00	{}	\N	96
0abaee06-7156-5397-a572-bd06c314c3ff	4f20a9ab-2571-5f37-a752-c4c6558b7f39	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	compression	2	{"kind": "exact", "value": 1241056.312770305}	psi	180 psi	\N	{"battery": "own", "temperature": "cold"}	2030-06-10 09:40:00+00	{}	\N	97
\.


--
-- Data for Name: repair; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.repair (shop_id, id, job_id, cause_id, fault_id, "position", words, minutes, cost, after_repair_id, made_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000014	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000013	points-dirty	\N	Cleaned and set	20	2.50	\N	2030-01-01 08:16:00+00	{}	\N	17
0abaee06-7156-5397-a572-bd06c314c3ff	61391f6e-6987-521a-a470-f917e26987f4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c9324725-e6b5-5980-a38c-c6e0ecbc2251	pickup-gap	\N	Wires mended and led away from the cover, pick-up gap set	70	6.40	\N	2030-05-15 10:00:00+00	{}	\N	30
0abaee06-7156-5397-a572-bd06c314c3ff	5cdfb2e0-783f-5725-a421-3f79cbe5b534	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	7a8b0b4e-bb70-59f8-a8a9-29b942784380	exhaust-blocked	\N	Port and pipe cleared with the piston covering the port	55	0.00	\N	2030-06-05 11:00:00+00	{}	\N	78
\.


--
-- Data for Name: retest; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.retest (shop_id, id, job_id, complaint_id, repair_id, result, conditions, note, new_complaint_id, taken_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000015	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000006	00000000-0000-4000-8000-000000000014	changed	{"battery": "own", "temperature": "cold"}	\N	00000000-0000-4000-8000-000000000033	2030-01-01 08:17:00+00	{}	\N	18
0abaee06-7156-5397-a572-bd06c314c3ff	f3ddece8-c0f9-5f1f-a6ca-3d2c0bd4d3be	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	d1b484c3-f4ca-53e2-a51c-aae8a8be37c8	61391f6e-6987-521a-a470-f917e26987f4	gone	{"tries": 4, "battery": "own", "temperature": "cold"}	Starts at once, all four.	\N	2030-05-15 12:00:00+00	{}	\N	31
\.


--
-- Data for Name: session; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.session (shop_id, id, token_hash, person_id, made_at, name, paired_at, seen_at, sent_away_at) FROM stdin;
\.


--
-- Data for Name: shop; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.shop (id, name, rate, currency, demo, seq, hidden, calendar_token) FROM stdin;
11111111-1111-4111-8111-111111111111	A	35.00	¤	f	48	f	\N
8547cc24-1a0e-5922-a6d5-053684d3d5e3	My workshop	35.00	¤	f	0	f	\N
0abaee06-7156-5397-a572-bd06c314c3ff	Lantern Yard (demo)	35.00	¤	t	97	f	\N
\.


--
-- Data for Name: signature; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.signature (shop_id, id, job_id, kind, subject_id, signed_by, signed_at, supersedes, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000026	00000000-0000-4000-8000-000000000005	torque	00000000-0000-4000-8000-000000000023	Ines Corrow	2030-01-01 08:26:00+00	\N	{}	\N	27
0abaee06-7156-5397-a572-bd06c314c3ff	5057312d-f96e-51a6-a031-5853fb8285a9	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	torque	531fee56-9ea0-5f7e-ac08-e0b495241e77	Ines Corrow	2030-06-12 15:30:00+00	\N	{}	\N	48
\.


--
-- Data for Name: spec; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.spec (shop_id, id, bike_id, quantity, low, high, unit, entered, source, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000008	00000000-0000-4000-8000-000000000004	compression	979055.5	1275530.1	psi	142 to … psi	book, page 62	{"high": 1, "source": 1}	\N	9
0abaee06-7156-5397-a572-bd06c314c3ff	d0df22d6-cb47-5c46-af5a-e6b384e2648b	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	compression	979055.5356298559	1344477.6721677599	psi	142 to 195 psi	book of this bike, page 61	{}	\N	89
\.


--
-- Data for Name: step; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.step (shop_id, id, job_id, title, access, bag, note, made_at, refitted_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000017	00000000-0000-4000-8000-000000000005	Left cover	points-cover	7	gasket reused	2030-01-01 08:18:00+00	2030-01-01 08:19:00+00	{"refittedAt": 1}	\N	19
0abaee06-7156-5397-a572-bd06c314c3ff	a54e99db-d686-5070-a0d2-120d15b72efd	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Left fairing side off	\N	11	\N	2030-05-14 10:00:00+00	\N	{}	\N	21
0abaee06-7156-5397-a572-bd06c314c3ff	3aa0481c-6618-5682-af0d-f6040c87444e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Generator cover off	generator-cover	12	Rubbed through at the bottom; a dowel was lost.	2030-05-14 11:00:00+00	\N	{}	\N	22
0abaee06-7156-5397-a572-bd06c314c3ff	04d7a6b8-3979-507c-af7f-18e0fc9db031	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	Exhaust off	exhaust	3	Gasket broke up.	2030-06-04 10:00:00+00	\N	{}	\N	74
\.


--
-- Data for Name: torque; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.torque (shop_id, id, job_id, name, thread, count, figure_nm, unit, entered, source, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000023	00000000-0000-4000-8000-000000000005	Head nuts	M8	4	24.4	lbf·ft	18 lbf·ft	book	{}	\N	24
0abaee06-7156-5397-a572-bd06c314c3ff	531fee56-9ea0-5f7e-ac08-e0b495241e77	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Generator cover, rim	M6	7	10.846543586651201	lbf·ft	8 lbf·ft	book of this bike	{}	\N	45
0abaee06-7156-5397-a572-bd06c314c3ff	d2c7b4dd-d1b3-5844-a82e-80198c925be4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Generator cover, lower edge	M6	2	10.846543586651201	lbf·ft	8 lbf·ft	book of this bike	{}	\N	49
0abaee06-7156-5397-a572-bd06c314c3ff	9cf08170-eaf2-582c-a2a9-4448e13e7173	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Sump plug	M12x1.25	1	25	N·m	25 N·m	book of this bike	{}	\N	51
\.


--
-- Data for Name: torque_stage; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.torque_stage (shop_id, id, job_id, torque_id, n, kind, value, done_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000024	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000023	1	torque	12	2030-01-01 08:24:00+00	{"doneAt": 1}	\N	24
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000025	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000023	2	angle	90	2030-01-01 08:25:00+00	{"doneAt": 1}	\N	24
0abaee06-7156-5397-a572-bd06c314c3ff	f3360d8e-f456-5164-ab64-ec7b22eb2c4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	531fee56-9ea0-5f7e-ac08-e0b495241e77	1	torque	5.4232717933256005	2030-06-12 15:30:00+00	{"doneAt": 1}	\N	45
0abaee06-7156-5397-a572-bd06c314c3ff	c46a5b76-6f5e-58cb-a624-ab2f1ad8f5b6	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	531fee56-9ea0-5f7e-ac08-e0b495241e77	2	torque	10.846543586651201	2030-06-12 15:30:00+00	{"doneAt": 1}	\N	45
0abaee06-7156-5397-a572-bd06c314c3ff	6be9b2b0-9342-510a-a120-0fd4c8c9d0e3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	d2c7b4dd-d1b3-5844-a82e-80198c925be4	2	torque	10.846543586651201	\N	{}	\N	49
0abaee06-7156-5397-a572-bd06c314c3ff	1789efba-5bf9-5df6-a966-93a219728356	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	d2c7b4dd-d1b3-5844-a82e-80198c925be4	1	torque	5.4232717933256005	2030-06-12 15:40:00+00	{"doneAt": 1}	\N	49
0abaee06-7156-5397-a572-bd06c314c3ff	008e21fd-427e-5d4e-a5cc-bb66a73028be	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	9cf08170-eaf2-582c-a2a9-4448e13e7173	1	torque	25	\N	{}	\N	51
\.


--
-- Data for Name: wait; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.wait (shop_id, id, job_id, kind, what, until, look_again, ended_at, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000028	00000000-0000-4000-8000-000000000005	part	Condenser	2030-02-01 12:00:00+00	2030-01-20 09:00:00+00	2030-01-01 08:31:00+00	{"endedAt": 1, "lookAgain": 1}	\N	30
0abaee06-7156-5397-a572-bd06c314c3ff	9f393c66-0803-5c26-a700-90c3afdc8e1c	e1d22e87-5809-5ee5-adfe-4402c8b52b27	soaking	50 ml of penetrant in the cylinder	2030-06-19 09:00:00+00	2030-06-16 09:00:00+00	\N	{}	\N	64
0abaee06-7156-5397-a572-bd06c314c3ff	95201365-6e65-5dec-afb0-df3992de1bac	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	part	Exhaust gasket from Harbour Stores	2030-06-17 12:00:00+00	\N	\N	{}	\N	84
\.


--
-- Data for Name: watch; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.watch (shop_id, id, job_id, what, due, versions, made_after, made_seq) FROM stdin;
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000030	00000000-0000-4000-8000-000000000005	Oil level	after 100 km	{}	\N	35
0abaee06-7156-5397-a572-bd06c314c3ff	a2fc65e9-807f-59aa-a199-8ac9801b0a28	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Coolant level cold	after the first 100 km	{}	\N	53
\.


--
-- Name: migrations_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.migrations_id_seq', 2, true);


--
-- Name: attempt attempt_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.attempt
    ADD CONSTRAINT attempt_pkey PRIMARY KEY (key);


--
-- Name: bike bike_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bike
    ADD CONSTRAINT bike_pkey PRIMARY KEY (shop_id, id);


--
-- Name: blob blob_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.blob
    ADD CONSTRAINT blob_pkey PRIMARY KEY (shop_id, sha256);


--
-- Name: cause cause_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cause
    ADD CONSTRAINT cause_pkey PRIMARY KEY (shop_id, id);


--
-- Name: checkmark checkmark_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.checkmark
    ADD CONSTRAINT checkmark_pkey PRIMARY KEY (shop_id, id);


--
-- Name: complaint complaint_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.complaint
    ADD CONSTRAINT complaint_pkey PRIMARY KEY (shop_id, id);


--
-- Name: consent consent_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.consent
    ADD CONSTRAINT consent_pkey PRIMARY KEY (shop_id, id);


--
-- Name: erratum erratum_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.erratum
    ADD CONSTRAINT erratum_pkey PRIMARY KEY (shop_id, id);


--
-- Name: evidence evidence_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.evidence
    ADD CONSTRAINT evidence_pkey PRIMARY KEY (shop_id, id);


--
-- Name: fastener fastener_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.fastener
    ADD CONSTRAINT fastener_pkey PRIMARY KEY (shop_id, id);


--
-- Name: find_line find_line_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.find_line
    ADD CONSTRAINT find_line_pkey PRIMARY KEY (shop_id, kind, id);


--
-- Name: finding finding_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.finding
    ADD CONSTRAINT finding_pkey PRIMARY KEY (shop_id, id);


--
-- Name: hazard_ack hazard_ack_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.hazard_ack
    ADD CONSTRAINT hazard_ack_pkey PRIMARY KEY (shop_id, id);


--
-- Name: job job_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.job
    ADD CONSTRAINT job_pkey PRIMARY KEY (shop_id, id);


--
-- Name: journal journal_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal
    ADD CONSTRAINT journal_pkey PRIMARY KEY (shop_id, seq);


--
-- Name: journal journal_shop_id_id_key; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal
    ADD CONSTRAINT journal_shop_id_id_key UNIQUE (shop_id, id);


--
-- Name: migrations migrations_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.migrations
    ADD CONSTRAINT migrations_pkey PRIMARY KEY (id);


--
-- Name: owner owner_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.owner
    ADD CONSTRAINT owner_pkey PRIMARY KEY (shop_id, id);


--
-- Name: pairing pairing_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pairing
    ADD CONSTRAINT pairing_pkey PRIMARY KEY (shop_id, code_hash);


--
-- Name: part part_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.part
    ADD CONSTRAINT part_pkey PRIMARY KEY (shop_id, id);


--
-- Name: person person_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.person
    ADD CONSTRAINT person_pkey PRIMARY KEY (shop_id, id);


--
-- Name: personal personal_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.personal
    ADD CONSTRAINT personal_pkey PRIMARY KEY (shop_id, id);


--
-- Name: photo photo_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.photo
    ADD CONSTRAINT photo_pkey PRIMARY KEY (shop_id, id);


--
-- Name: pin pin_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pin
    ADD CONSTRAINT pin_pkey PRIMARY KEY (shop_id, id);


--
-- Name: prediction prediction_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.prediction
    ADD CONSTRAINT prediction_pkey PRIMARY KEY (shop_id, id);


--
-- Name: provisional provisional_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.provisional
    ADD CONSTRAINT provisional_pkey PRIMARY KEY (shop_id, id);


--
-- Name: reading reading_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.reading
    ADD CONSTRAINT reading_pkey PRIMARY KEY (shop_id, id);


--
-- Name: repair repair_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.repair
    ADD CONSTRAINT repair_pkey PRIMARY KEY (shop_id, id);


--
-- Name: retest retest_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.retest
    ADD CONSTRAINT retest_pkey PRIMARY KEY (shop_id, id);


--
-- Name: session session_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.session
    ADD CONSTRAINT session_pkey PRIMARY KEY (shop_id, id);


--
-- Name: shop shop_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.shop
    ADD CONSTRAINT shop_pkey PRIMARY KEY (id);


--
-- Name: signature signature_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.signature
    ADD CONSTRAINT signature_pkey PRIMARY KEY (shop_id, id);


--
-- Name: spec spec_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.spec
    ADD CONSTRAINT spec_pkey PRIMARY KEY (shop_id, id);


--
-- Name: step step_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.step
    ADD CONSTRAINT step_pkey PRIMARY KEY (shop_id, id);


--
-- Name: torque torque_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.torque
    ADD CONSTRAINT torque_pkey PRIMARY KEY (shop_id, id);


--
-- Name: torque_stage torque_stage_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.torque_stage
    ADD CONSTRAINT torque_stage_pkey PRIMARY KEY (shop_id, id);


--
-- Name: wait wait_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.wait
    ADD CONSTRAINT wait_pkey PRIMARY KEY (shop_id, id);


--
-- Name: watch watch_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.watch
    ADD CONSTRAINT watch_pkey PRIMARY KEY (shop_id, id);


--
-- Name: cause_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX cause_by_job ON public.cause USING btree (shop_id, job_id);


--
-- Name: checkmark_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX checkmark_by_job ON public.checkmark USING btree (shop_id, job_id);


--
-- Name: complaint_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX complaint_by_job ON public.complaint USING btree (shop_id, job_id);


--
-- Name: consent_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX consent_by_job ON public.consent USING btree (shop_id, job_id);


--
-- Name: erratum_by_bike; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX erratum_by_bike ON public.erratum USING btree (shop_id, bike_id);


--
-- Name: evidence_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX evidence_by_job ON public.evidence USING btree (shop_id, job_id);


--
-- Name: fastener_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX fastener_by_job ON public.fastener USING btree (shop_id, job_id);


--
-- Name: find_line_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX find_line_job ON public.find_line USING btree (shop_id, job_id);


--
-- Name: find_line_near; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX find_line_near ON public.find_line USING gin (shop_id, plain public.gin_trgm_ops);


--
-- Name: find_line_tokens; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX find_line_tokens ON public.find_line USING gin (shop_id, tokens);


--
-- Name: finding_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX finding_by_job ON public.finding USING btree (shop_id, job_id);


--
-- Name: hazard_ack_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX hazard_ack_by_job ON public.hazard_ack USING btree (shop_id, job_id);


--
-- Name: job_by_bike; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX job_by_bike ON public.job USING btree (shop_id, bike_id);


--
-- Name: journal_by_bike; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX journal_by_bike ON public.journal USING btree (shop_id, bike_id, seq);


--
-- Name: journal_by_decision; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX journal_by_decision ON public.journal USING btree (shop_id, ((payload ->> 'refusedId'::text))) WHERE (type = 'tray.decide'::text);


--
-- Name: journal_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX journal_by_job ON public.journal USING btree (shop_id, job_id, seq);


--
-- Name: journal_by_photo; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX journal_by_photo ON public.journal USING btree (shop_id, ((payload ->> 'sha256'::text))) WHERE (type = 'photo.add'::text);


--
-- Name: part_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX part_by_job ON public.part USING btree (shop_id, job_id);


--
-- Name: photo_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX photo_by_job ON public.photo USING btree (shop_id, job_id);


--
-- Name: pin_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX pin_by_job ON public.pin USING btree (shop_id, job_id);


--
-- Name: pin_by_photo; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX pin_by_photo ON public.pin USING btree (shop_id, photo_id);


--
-- Name: prediction_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX prediction_by_job ON public.prediction USING btree (shop_id, job_id);


--
-- Name: provisional_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX provisional_by_job ON public.provisional USING btree (shop_id, job_id);


--
-- Name: reading_by_bike; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX reading_by_bike ON public.reading USING btree (shop_id, bike_id, quantity);


--
-- Name: reading_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX reading_by_job ON public.reading USING btree (shop_id, job_id);


--
-- Name: repair_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX repair_by_job ON public.repair USING btree (shop_id, job_id);


--
-- Name: retest_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX retest_by_job ON public.retest USING btree (shop_id, job_id);


--
-- Name: signature_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX signature_by_job ON public.signature USING btree (shop_id, job_id);


--
-- Name: spec_by_bike; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX spec_by_bike ON public.spec USING btree (shop_id, bike_id);


--
-- Name: step_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX step_by_job ON public.step USING btree (shop_id, job_id);


--
-- Name: torque_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX torque_by_job ON public.torque USING btree (shop_id, job_id);


--
-- Name: torque_stage_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX torque_stage_by_job ON public.torque_stage USING btree (shop_id, job_id);


--
-- Name: wait_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX wait_by_job ON public.wait USING btree (shop_id, job_id);


--
-- Name: watch_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX watch_by_job ON public.watch USING btree (shop_id, job_id);


--
-- Name: bike find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.bike FOR EACH ROW EXECUTE FUNCTION public.find_keep('name', 'year', 'frame_no', 'engine_no');


--
-- Name: cause find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.cause FOR EACH ROW EXECUTE FUNCTION public.find_keep('words');


--
-- Name: checkmark find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.checkmark FOR EACH ROW EXECUTE FUNCTION public.find_keep('note');


--
-- Name: complaint find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.complaint FOR EACH ROW EXECUTE FUNCTION public.find_keep('words');


--
-- Name: consent find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.consent FOR EACH ROW EXECUTE FUNCTION public.find_keep('words');


--
-- Name: erratum find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.erratum FOR EACH ROW EXECUTE FUNCTION public.find_keep('book', 'page', 'says', 'right');


--
-- Name: evidence find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.evidence FOR EACH ROW EXECUTE FUNCTION public.find_keep('test_id', 'position', 'outcome', 'note');


--
-- Name: fastener find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.fastener FOR EACH ROW EXECUTE FUNCTION public.find_keep('size', 'place');


--
-- Name: finding find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.finding FOR EACH ROW EXECUTE FUNCTION public.find_keep('item', 'seen', 'verdict');


--
-- Name: job find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.job FOR EACH ROW EXECUTE FUNCTION public.find_keep('notes', 'last_touched_by', 'last_touched_when');


--
-- Name: part find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.part FOR EACH ROW EXECUTE FUNCTION public.find_keep('name', 'number', 'source', 'status');


--
-- Name: photo find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.photo FOR EACH ROW EXECUTE FUNCTION public.find_keep('caption');


--
-- Name: pin find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.pin FOR EACH ROW EXECUTE FUNCTION public.find_keep('note');


--
-- Name: prediction find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.prediction FOR EACH ROW EXECUTE FUNCTION public.find_keep('words');


--
-- Name: provisional find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.provisional FOR EACH ROW EXECUTE FUNCTION public.find_keep('what', 'why');


--
-- Name: reading find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.reading FOR EACH ROW EXECUTE FUNCTION public.find_keep('quantity', 'position', 'entered', 'unit');


--
-- Name: repair find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.repair FOR EACH ROW EXECUTE FUNCTION public.find_keep('words');


--
-- Name: retest find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.retest FOR EACH ROW EXECUTE FUNCTION public.find_keep('result', 'note');


--
-- Name: spec find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.spec FOR EACH ROW EXECUTE FUNCTION public.find_keep('quantity', 'entered', 'source');


--
-- Name: step find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.step FOR EACH ROW EXECUTE FUNCTION public.find_keep('title', 'bag', 'note');


--
-- Name: torque find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.torque FOR EACH ROW EXECUTE FUNCTION public.find_keep('name', 'thread', 'entered', 'source');


--
-- Name: wait find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.wait FOR EACH ROW EXECUTE FUNCTION public.find_keep('kind', 'what');


--
-- Name: watch find_keep; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_keep AFTER INSERT OR DELETE OR UPDATE ON public.watch FOR EACH ROW EXECUTE FUNCTION public.find_keep('what', 'due');


--
-- Name: bike find_rename; Type: TRIGGER; Schema: public; Owner: -
--

CREATE TRIGGER find_rename AFTER UPDATE OF name ON public.bike FOR EACH ROW EXECUTE FUNCTION public.find_rename();


--
-- Name: bike bike_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bike
    ADD CONSTRAINT bike_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: blob blob_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.blob
    ADD CONSTRAINT blob_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: cause cause_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.cause
    ADD CONSTRAINT cause_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: checkmark checkmark_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.checkmark
    ADD CONSTRAINT checkmark_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: complaint complaint_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.complaint
    ADD CONSTRAINT complaint_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: consent consent_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.consent
    ADD CONSTRAINT consent_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: erratum erratum_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.erratum
    ADD CONSTRAINT erratum_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: evidence evidence_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.evidence
    ADD CONSTRAINT evidence_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: fastener fastener_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.fastener
    ADD CONSTRAINT fastener_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: find_line find_line_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.find_line
    ADD CONSTRAINT find_line_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: finding finding_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.finding
    ADD CONSTRAINT finding_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: hazard_ack hazard_ack_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.hazard_ack
    ADD CONSTRAINT hazard_ack_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: job job_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.job
    ADD CONSTRAINT job_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: journal journal_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.journal
    ADD CONSTRAINT journal_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: owner owner_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.owner
    ADD CONSTRAINT owner_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: pairing pairing_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pairing
    ADD CONSTRAINT pairing_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: part part_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.part
    ADD CONSTRAINT part_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: person person_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.person
    ADD CONSTRAINT person_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: personal personal_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.personal
    ADD CONSTRAINT personal_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: photo photo_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.photo
    ADD CONSTRAINT photo_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: pin pin_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pin
    ADD CONSTRAINT pin_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: prediction prediction_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.prediction
    ADD CONSTRAINT prediction_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: provisional provisional_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.provisional
    ADD CONSTRAINT provisional_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: reading reading_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.reading
    ADD CONSTRAINT reading_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: repair repair_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.repair
    ADD CONSTRAINT repair_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: retest retest_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.retest
    ADD CONSTRAINT retest_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: session session_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.session
    ADD CONSTRAINT session_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: signature signature_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.signature
    ADD CONSTRAINT signature_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: spec spec_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.spec
    ADD CONSTRAINT spec_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: step step_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.step
    ADD CONSTRAINT step_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: torque torque_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.torque
    ADD CONSTRAINT torque_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: torque_stage torque_stage_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.torque_stage
    ADD CONSTRAINT torque_stage_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: wait wait_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.wait
    ADD CONSTRAINT wait_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: watch watch_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.watch
    ADD CONSTRAINT watch_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


--
-- Name: bike; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.bike ENABLE ROW LEVEL SECURITY;

--
-- Name: blob; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.blob ENABLE ROW LEVEL SECURITY;

--
-- Name: cause; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.cause ENABLE ROW LEVEL SECURITY;

--
-- Name: shop change_own; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY change_own ON public.shop FOR UPDATE USING ((id = public.current_shop()));


--
-- Name: checkmark; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.checkmark ENABLE ROW LEVEL SECURITY;

--
-- Name: complaint; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.complaint ENABLE ROW LEVEL SECURITY;

--
-- Name: consent; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.consent ENABLE ROW LEVEL SECURITY;

--
-- Name: erratum; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.erratum ENABLE ROW LEVEL SECURITY;

--
-- Name: evidence; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.evidence ENABLE ROW LEVEL SECURITY;

--
-- Name: fastener; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.fastener ENABLE ROW LEVEL SECURITY;

--
-- Name: finding; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.finding ENABLE ROW LEVEL SECURITY;

--
-- Name: hazard_ack; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.hazard_ack ENABLE ROW LEVEL SECURITY;

--
-- Name: job; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.job ENABLE ROW LEVEL SECURITY;

--
-- Name: journal; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.journal ENABLE ROW LEVEL SECURITY;

--
-- Name: bike one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.bike USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: blob one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.blob USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: cause one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.cause USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: checkmark one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.checkmark USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: complaint one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.complaint USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: consent one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.consent USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: erratum one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.erratum USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: evidence one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.evidence USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: fastener one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.fastener USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: finding one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.finding USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: hazard_ack one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.hazard_ack USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: job one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.job USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: journal one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.journal USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: owner one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.owner USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: pairing one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.pairing USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: part one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.part USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: person one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.person USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: personal one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.personal USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: photo one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.photo USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: pin one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.pin USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: prediction one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.prediction USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: provisional one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.provisional USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: reading one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.reading USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: repair one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.repair USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: retest one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.retest USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: session one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.session USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: signature one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.signature USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: spec one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.spec USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: step one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.step USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: torque one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.torque USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: torque_stage one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.torque_stage USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: wait one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.wait USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: watch one_shop; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY one_shop ON public.watch USING ((shop_id = public.current_shop())) WITH CHECK ((shop_id = public.current_shop()));


--
-- Name: shop open_new; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY open_new ON public.shop FOR INSERT WITH CHECK ((seq = 0));


--
-- Name: owner; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.owner ENABLE ROW LEVEL SECURITY;

--
-- Name: pairing; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.pairing ENABLE ROW LEVEL SECURITY;

--
-- Name: part; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.part ENABLE ROW LEVEL SECURITY;

--
-- Name: person; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.person ENABLE ROW LEVEL SECURITY;

--
-- Name: personal; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.personal ENABLE ROW LEVEL SECURITY;

--
-- Name: photo; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.photo ENABLE ROW LEVEL SECURITY;

--
-- Name: pin; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.pin ENABLE ROW LEVEL SECURITY;

--
-- Name: prediction; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.prediction ENABLE ROW LEVEL SECURITY;

--
-- Name: provisional; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.provisional ENABLE ROW LEVEL SECURITY;

--
-- Name: shop read_all; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY read_all ON public.shop FOR SELECT USING (true);


--
-- Name: reading; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.reading ENABLE ROW LEVEL SECURITY;

--
-- Name: shop remove_demo; Type: POLICY; Schema: public; Owner: -
--

CREATE POLICY remove_demo ON public.shop FOR DELETE USING ((demo AND (id = public.current_shop())));


--
-- Name: repair; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.repair ENABLE ROW LEVEL SECURITY;

--
-- Name: retest; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.retest ENABLE ROW LEVEL SECURITY;

--
-- Name: session; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.session ENABLE ROW LEVEL SECURITY;

--
-- Name: shop; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.shop ENABLE ROW LEVEL SECURITY;

--
-- Name: signature; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.signature ENABLE ROW LEVEL SECURITY;

--
-- Name: spec; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.spec ENABLE ROW LEVEL SECURITY;

--
-- Name: step; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.step ENABLE ROW LEVEL SECURITY;

--
-- Name: torque; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.torque ENABLE ROW LEVEL SECURITY;

--
-- Name: torque_stage; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.torque_stage ENABLE ROW LEVEL SECURITY;

--
-- Name: wait; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.wait ENABLE ROW LEVEL SECURITY;

--
-- Name: watch; Type: ROW SECURITY; Schema: public; Owner: -
--

ALTER TABLE public.watch ENABLE ROW LEVEL SECURITY;

--
-- PostgreSQL database dump complete
--

\unrestrict Z6omDtLg37uqDrgiSRz4JRDZdlOhc4Vyu4bgli6GQ1xTkZkeT1aGwS88VeHCcAB

