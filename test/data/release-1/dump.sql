--
-- PostgreSQL database dump
--

\restrict OWgAhxbNGv2zS9Kur6KTjhoM4caWAWq4HmiOPSYCGfWc6xc3dJP1BuJbTWhG29a

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
-- Name: current_shop(); Type: FUNCTION; Schema: public; Owner: -
--

CREATE FUNCTION public.current_shop() RETURNS uuid
    LANGUAGE sql STABLE
    AS $$ select nullif(current_setting('ivrek.shop', true), '')::uuid $$;


SET default_tablespace = '';

SET default_table_access_method = heap;

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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
);

ALTER TABLE ONLY public.bike FORCE ROW LEVEL SECURITY;


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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
);

ALTER TABLE ONLY public.consent FORCE ROW LEVEL SECURITY;


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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
);

ALTER TABLE ONLY public.fastener FORCE ROW LEVEL SECURITY;


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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
);

ALTER TABLE ONLY public.owner FORCE ROW LEVEL SECURITY;


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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
);

ALTER TABLE ONLY public.part FORCE ROW LEVEL SECURITY;


--
-- Name: person; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.person (
    shop_id uuid NOT NULL,
    id uuid NOT NULL,
    name text NOT NULL,
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    made_at timestamp with time zone DEFAULT now() NOT NULL
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
    seq bigint DEFAULT 0 NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
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
    versions jsonb DEFAULT '{}'::jsonb NOT NULL
);

ALTER TABLE ONLY public.watch FORCE ROW LEVEL SECURITY;


--
-- Name: migrations id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.migrations ALTER COLUMN id SET DEFAULT nextval('public.migrations_id_seq'::regclass);


--
-- Data for Name: bike; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.bike (shop_id, id, owner_id, name, year, frame_no, engine_no, mileage_km, strokes, cylinders, cooling, ignition, fuelling, decompressor, voltage, starting, clutch, bore_mm, stroke_mm, compression_ratio, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	c666a275-e5b3-5b0a-af1e-2169dc69dbce	2da0a64f-3b8f-5555-aa81-760ca53cff6e	Osprane 650	1994	\N	\N	52110	four	4	liquid	electronic	carburettor	none	12	electric	hydraulic	65	48.8	11	{"year": 1, "boreMm": 1, "clutch": 1, "cooling": 1, "strokes": 1, "voltage": 1, "fuelling": 1, "ignition": 1, "starting": 1, "strokeMm": 1, "cylinders": 1, "mileageKm": 1, "decompressor": 1, "compressionRatio": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	5d561e70-ab84-5bc7-adbb-eba9944ba129	bf1bdc3c-f09f-5452-ae79-adbcad2ddd9c	Hollin 500	1955	\N	\N	\N	four	1	air	magneto	carburettor	manual	6	kick	cable	84	90	\N	{"year": 1, "boreMm": 1, "clutch": 1, "cooling": 1, "strokes": 1, "voltage": 1, "fuelling": 1, "ignition": 1, "starting": 1, "strokeMm": 1, "cylinders": 1, "decompressor": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	01c5d948-8b66-50ad-a5ae-75c2d34025f1	cdef0749-da69-5bc7-a379-e087d3ed8911	Marram 80	1979	\N	\N	18800	two	1	air	magneto	carburettor	none	6	kick	automatic	\N	\N	\N	{"year": 1, "clutch": 1, "cooling": 1, "strokes": 1, "voltage": 1, "fuelling": 1, "ignition": 1, "starting": 1, "cylinders": 1, "mileageKm": 1, "decompressor": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	8eb9975c-4358-5fef-af83-5975620a0581	Quillon 350	1968	Q350-20417	Q350-20417	31240	four	2	air	points	carburettor	none	6	kick	cable	60	61	8.5	{"year": 1, "boreMm": 1, "clutch": 1, "cooling": 1, "frameNo": 1, "strokes": 1, "voltage": 1, "engineNo": 1, "fuelling": 1, "ignition": 1, "starting": 1, "strokeMm": 1, "cylinders": 1, "mileageKm": 1, "decompressor": 1, "compressionRatio": 1}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000004	00000000-0000-4000-8000-000000000002	Quillon 350	\N	\N	\N	\N	four	2	\N	\N	\N	\N	6	\N	\N	60.5	\N	\N	{"boreMm": 1, "strokes": 1, "voltage": 1, "cylinders": 1}
\.


--
-- Data for Name: cause; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.cause (shop_id, id, job_id, complaint_id, fault_id, "position", words, made_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	c9324725-e6b5-5980-a38c-c6e0ecbc2251	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	d1b484c3-f4ca-53e2-a51c-aae8a8be37c8	pickup-gap	\N	Pick-up wires cut by the cover after the slide	2026-10-25 10:00:00+00	{}
0abaee06-7156-5397-a572-bd06c314c3ff	7a8b0b4e-bb70-59f8-a8a9-29b942784380	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	7d2191f7-4638-5c3a-ad3d-c15c34753289	exhaust-blocked	\N	Exhaust port coked to a third	2026-11-15 11:00:00+00	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000013	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000006	points-dirty	\N	Oxide on the contacts	2030-01-01 08:15:00+00	{}
\.


--
-- Data for Name: checkmark; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.checkmark (shop_id, id, job_id, list, item, state, note, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	11b9e89d-630d-545a-a9e2-97098a5f8cf4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	first-start	oil	done	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	8a9628cf-3431-500e-af7d-d2abee5570a8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	first-start	extinguisher	done	\N	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000027	00000000-0000-4000-8000-000000000005	first-start	oil	open	drained again	{"note": 1, "state": 1}
\.


--
-- Data for Name: complaint; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.complaint (shop_id, id, job_id, words, symptoms, state, explained, linked_to, after_repair_id, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	d1b484c3-f4ca-53e2-a51c-aae8a8be37c8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Went down on the wet quay. Ran home on three, next morning nothing.	{"misfires": "present", "no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}	gone	t	\N	\N	{"state": 1, "explained": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	e1d2b14b-e17f-5251-a298-444ccd4dc554	e1d22e87-5809-5ee5-adfe-4402c8b52b27	Father took it apart in the eighties and never went back. Will not turn.	{"will-not-turn": "present"}	open	f	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	7d2191f7-4638-5c3a-ad3d-c15c34753289	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	Pulls up the harbour hill cold. When it is hot it gives up half way and stalls at the top.	{"dies-hot": "present", "no-start": "absent", "starts-and-dies": "present"}	open	f	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	7f4d3b79-4be9-5ece-a76c-41337e643dff	88086454-1aeb-52ca-a41d-04c3e5d85277	Stood in the boathouse since before the flood. Kicks over lovely, not a cough out of it.	{"no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}	open	f	\N	\N	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000016	00000000-0000-4000-8000-000000000005	It also leaks	{"smells-of-fuel": "present"}	open	t	\N	\N	{"symptoms": 1, "explained": 1}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000033	00000000-0000-4000-8000-000000000005	Starts and dies	{"starts-and-dies": "present"}	open	f	00000000-0000-4000-8000-000000000006	00000000-0000-4000-8000-000000000014	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000006	00000000-0000-4000-8000-000000000005	Will not start	{"no-start": "present", "smells-of-fuel": "absent"}	changed	f	\N	\N	{"state": 1}
\.


--
-- Data for Name: consent; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.consent (shop_id, id, job_id, words, up_to, given_at, supersedes, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	aa13a459-27ad-5e52-a47c-003dbff27e5b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Repair, side panel left as it is.	900.00	2026-10-22 11:20:00+00	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	052b4edc-b264-583b-a95a-c08650f0e85e	e1d22e87-5809-5ee5-adfe-4402c8b52b27	Free it and say what it needs. Nothing bought without a call.	150.00	2026-11-04 16:20:00+00	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	5bb7c7dd-0feb-5d2c-a5b4-54245513005e	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	Up to two hundred without asking.	200.00	2026-11-13 14:10:00+00	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	a12f867e-b4ef-585b-a71b-1e7668652396	88086454-1aeb-52ca-a41d-04c3e5d85277	Find out why, and get it running if that stays under the limit. Ask before the engine is opened.	400.00	2026-11-19 09:30:00+00	\N	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000007	00000000-0000-4000-8000-000000000005	Up to four hundred	400.00	2030-01-01 08:07:00+00	\N	{}
\.


--
-- Data for Name: evidence; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.evidence (shop_id, id, job_id, test_id, "position", outcome, reading_id, prediction_id, held, conditions, note, taken_at, after_repair_id, knowledge_hash, shown, withdrawn, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	ca52392c-42d1-501c-acac-ebaf98e5de69	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	turn-by-hand	\N	free	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 09:00:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	cef1ae13-e9c9-5096-aded-b9b9d6f1d0d0	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	oil-check	\N	right	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 09:10:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	d32453c0-9684-5021-a004-92e8b5cf1666	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	battery-rest	\N	good	486dbc27-e31f-5724-adcf-c1b6046ee23e	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 09:20:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	f87aeeaf-f85a-5439-a1f9-f0afceda4ab3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	fuel-smell	\N	fresh	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 09:30:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	3cc5a8a7-b3ff-5796-a1c9-28340890af1d	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	read-plug	1	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 09:40:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	7cecd0f4-5822-599f-a77a-f1c2fe81c7bb	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	read-plug	2	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 09:40:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	3659aceb-498c-5e4c-ac1c-fc27971d4d92	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	read-plug	3	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 09:40:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	e2628aee-72a1-5326-a13a-8be7daaf4d7e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	read-plug	4	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 09:40:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	ce3dd5e2-09b3-580c-a441-6c42385f50b6	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	crank-volts	\N	good	889c8b16-e671-5670-a085-72902dc7d670	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 10:00:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	437561ef-d739-5bde-afe5-fd4e699bf255	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	spark-look	1	none	\N	d416ae61-a21e-5744-ad9b-e1a973d12855	yes	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 10:20:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	e97b8d32-21af-595b-abfb-a242d8fa68b2	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	spark-look	2	none	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 10:25:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	ff3e6246-995a-54e1-a7fb-9d5c2f14d4f4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	coil-volts	\N	good	d717c9ab-03c3-5d04-a14b-959ab81a6d47	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-23 11:00:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	c0f0b627-9277-5fa0-a5a0-ad3275218db2	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	pickup-ohms	\N	good	6e1efc6b-02ce-5cc9-a896-9e7eeb0606fc	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-24 09:00:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	cf01816b-b17d-5851-a495-14b843c6d29e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	pickup-gap	\N	bad	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-10-24 11:35:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	1f961d17-c5d1-5fd9-adbf-dde71d79bd32	e1d22e87-5809-5ee5-adfe-4402c8b52b27	turn-by-hand	\N	stuck	\N	\N	\N	{"battery": "own", "temperature": "cold"}	Solid at about half stroke.	2026-11-05 09:00:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	2ad842b6-8248-565f-a267-8a13839f2c3a	e1d22e87-5809-5ee5-adfe-4402c8b52b27	oil-check	\N	low	\N	\N	\N	{"battery": "own", "temperature": "cold"}	Tank dry; a dry-sump tank may only have drained down.	2026-11-05 09:10:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	ac22c519-81ba-56fd-a5ff-b372ec21988f	e1d22e87-5809-5ee5-adfe-4402c8b52b27	bore-look	1	rust	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-11-05 09:20:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	441c37f3-3fc4-5b96-adee-51c5b674db3b	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	turn-by-hand	\N	free	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-11-14 09:00:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	42f1f3ec-975a-51d9-a6f0-395364b6e4d9	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	oil-check	\N	right	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-11-14 09:10:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	e13b3b0d-4682-56a4-a1b2-3277183d1bc3	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	fuel-smell	\N	fresh	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-11-14 09:15:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	d018eef2-69e7-53a6-ab04-056bddc80d46	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	read-plug	1	bad	\N	\N	\N	{"battery": "own", "temperature": "cold"}	Black and wet.	2026-11-14 09:20:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	b577b9ff-2dfd-5ab4-a6cd-9c45d3530e5f	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	exhaust-look	\N	choked	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-11-14 10:30:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	7bd8806c-ffe6-531a-aa4a-248c6331df24	88086454-1aeb-52ca-a41d-04c3e5d85277	turn-by-hand	\N	free	\N	\N	\N	{"battery": "own", "temperature": "cold"}	Oil in the holes, turned two full turns.	2026-11-19 10:00:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	cd8e7135-b419-5907-a4aa-a942a66e3ce1	88086454-1aeb-52ca-a41d-04c3e5d85277	oil-check	\N	right	\N	\N	\N	{"battery": "own", "temperature": "cold"}	Fresh oil put in by the owner.	2026-11-19 10:10:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	b22be5d9-ae16-5321-ab14-a173ce57109d	88086454-1aeb-52ca-a41d-04c3e5d85277	fuel-smell	\N	fresh	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-11-19 10:20:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	fb4678ae-0137-5d41-a7f4-1ca3d2ae4c19	88086454-1aeb-52ca-a41d-04c3e5d85277	read-plug	1	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-11-20 09:00:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	70c9f343-bee8-5861-add7-8b915f8adf24	88086454-1aeb-52ca-a41d-04c3e5d85277	read-plug	2	normal	\N	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-11-20 09:05:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	43010069-dd13-5652-a469-52718f9689fc	88086454-1aeb-52ca-a41d-04c3e5d85277	compression	1	good	9b40f214-87c8-57f3-a18c-32a25b675382	4c884d4a-539a-5edb-a9fe-f14219f8a033	yes	{"battery": "own", "temperature": "cold"}	\N	2026-11-20 09:30:00+00	\N	b0d15066685ed088	\N	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	db4abc29-cd6a-534c-af54-3edbaf406a57	88086454-1aeb-52ca-a41d-04c3e5d85277	compression	2	good	1c1f555d-68a3-5a66-ab78-dd9ef2ef8c67	\N	\N	{"battery": "own", "temperature": "cold"}	\N	2026-11-20 09:40:00+00	\N	b0d15066685ed088	\N	\N	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000011	00000000-0000-4000-8000-000000000005	compression	1	good	00000000-0000-4000-8000-000000000010	00000000-0000-4000-8000-000000000009	yes	{"battery": "own", "temperature": "cold"}	warm day	2030-01-01 08:11:00+00	\N	abc	{"next": "flick-points", "suspects": [["points-dirty", 0.25]]}	\N	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000012	00000000-0000-4000-8000-000000000005	flick-points	\N	none	\N	\N	\N	{}	\N	2030-01-01 08:12:00+00	\N	abc	\N	battery was dying	{"withdrawn": 1}
\.


--
-- Data for Name: fastener; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.fastener (shop_id, id, job_id, step_id, size, count, place, refitted, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	634e8c0f-47a8-5263-a844-ebead9990acf	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	a54e99db-d686-5070-a0d2-120d15b72efd	M6x16	5	edge	0	{}
0abaee06-7156-5397-a572-bd06c314c3ff	5426cc02-0f23-596d-ab1a-4ac0dd7b4212	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	a54e99db-d686-5070-a0d2-120d15b72efd	M5x12	2	nose	0	{}
0abaee06-7156-5397-a572-bd06c314c3ff	3db67222-1ad2-52a7-a93f-c1b04180d484	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3aa0481c-6618-5682-af0d-f6040c87444e	M6x45	2	lower edge	0	{}
0abaee06-7156-5397-a572-bd06c314c3ff	00733be5-0dc3-594f-aeae-62a66cdbbc8a	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3aa0481c-6618-5682-af0d-f6040c87444e	M6x30	7	rim	7	{"refitted": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3aa0481c-6618-5682-af0d-f6040c87444e	dowel	2	top and bottom	2	{"refitted": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	24a1b704-f3d5-5bc7-a9f6-3c3d27c22a3c	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	04d7a6b8-3979-507c-af7f-18e0fc9db031	M6x20	2	flange	0	{}
0abaee06-7156-5397-a572-bd06c314c3ff	ac5e0a63-75a6-5323-a5d6-24aa45cefbba	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	04d7a6b8-3979-507c-af7f-18e0fc9db031	M8x30	1	hanger	0	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000018	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000017	M6x25	4	rim	4	{"refitted": 1}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000019	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000017	dowel	2	\N	2	{"refitted": 1}
\.


--
-- Data for Name: finding; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.finding (shop_id, id, job_id, step_id, item, "position", seen, reading_id, verdict, fault_id, after_repair_id, taken_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	6e1436d3-9d18-5c71-ad87-d9111a801def	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3aa0481c-6618-5682-af0d-f6040c87444e	Pick-up wires	\N	Cut half through by the cover; gap wide open.	\N	repair	pickup-gap	\N	2026-10-24 11:30:00+00	{}
0abaee06-7156-5397-a572-bd06c314c3ff	e14e7db2-4869-5cd1-af41-3dd4f03ec44b	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	Oil tank	\N	Dry, clean inside, a film of old oil.	\N	clean	\N	\N	2026-11-05 10:00:00+00	{}
0abaee06-7156-5397-a572-bd06c314c3ff	95f5cbf6-aaf6-5073-a860-769faeeb493a	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	04d7a6b8-3979-507c-af7f-18e0fc9db031	Exhaust port	\N	Carbon to a third of its area, hard and shiny.	\N	clean	exhaust-blocked	\N	2026-11-14 10:20:00+00	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000020	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000017	Contacts	\N	blue film	00000000-0000-4000-8000-000000000021	clean	points-dirty	00000000-0000-4000-8000-000000000014	2030-01-01 08:20:00+00	{}
\.


--
-- Data for Name: hazard_ack; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.hazard_ack (shop_id, id, job_id, hazard, place, acknowledged_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	1eb43a26-1693-5d10-a49a-c085dd1b51e2	e1d22e87-5809-5ee5-adfe-4402c8b52b27	penetrant	soaking	2026-11-22 17:10:00+00	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000031	00000000-0000-4000-8000-000000000005	fuel-vapour	trace	2030-01-01 08:34:00+00	{}
\.


--
-- Data for Name: job; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.job (shop_id, id, bike_id, opened_at, standing_months, storage, fuel_left, crash, ran_when_parked, last_touched, last_touched_by, last_touched_when, notes, school, rate, handed_over_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	2026-10-22 11:00:00+00	1	dry	yes	yes	no	["electrics"]	roadside help	the night of the slide	\N	least-cost	35.00	\N	{"crash": 1, "storage": 1, "fuelLeft": 1, "lastTouched": 1, "lastTouchedBy": 1, "ranWhenParked": 1, "standingMonths": 1, "lastTouchedWhen": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	e1d22e87-5809-5ee5-adfe-4402c8b52b27	5d561e70-ab84-5bc7-adbb-eba9944ba129	2026-11-04 16:00:00+00	480	damp	no	no	yes	["top-end"]	the owner’s father	about forty years ago	\N	least-cost	35.00	\N	{"crash": 1, "storage": 1, "fuelLeft": 1, "lastTouched": 1, "lastTouchedBy": 1, "ranWhenParked": 1, "standingMonths": 1, "lastTouchedWhen": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	01c5d948-8b66-50ad-a5ae-75c2d34025f1	2026-11-13 14:00:00+00	0	dry	\N	no	yes	["exhaust"]	the owner	oil brand changed in spring	\N	least-cost	35.00	\N	{"crash": 1, "storage": 1, "lastTouched": 1, "lastTouchedBy": 1, "ranWhenParked": 1, "standingMonths": 1, "lastTouchedWhen": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	2026-11-19 09:15:00+00	30	flooded	no	no	yes	["ignition"]	a neighbour	new plug and points cover off, a year ago	\N	least-cost	35.00	\N	{"crash": 1, "storage": 1, "fuelLeft": 1, "lastTouched": 1, "lastTouchedBy": 1, "ranWhenParked": 1, "standingMonths": 1, "lastTouchedWhen": 1}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	2030-01-01 08:01:00+00	30	\N	\N	\N	\N	["ignition"]	\N	\N	\N	spark-first	35.00	2030-01-01 08:35:00+00	{"school": 1, "lastTouched": 1, "handedOverAt": 3, "standingMonths": 1}
\.


--
-- Data for Name: journal; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.journal (shop_id, seq, id, schema_version, type, entity_kind, entity_id, job_id, bike_id, made_at, after, base, payload, changes, actor_id, device_id, received_at) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	1	d73a88a0-3597-50b7-a102-f78a3c10c1dd	1	person.add	person	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	\N	2026-05-09 10:00:00+00	\N	{}	{"name": "Ines Corrow"}	[{"op": "insert", "row": {"id": "12124b89-4c99-5aa1-a528-aa6b78dfe994", "name": "Ines Corrow", "versions": {}}, "table": "person"}]	\N	\N	2026-11-25 04:07:21.754803+00
0abaee06-7156-5397-a572-bd06c314c3ff	2	7a94d014-ce72-503c-aa82-316a533313ac	1	person.add	person	c6db4a06-d893-5c04-a0f0-11374178cc79	\N	\N	2026-05-09 10:00:00+00	\N	{}	{"name": "Tam Veley"}	[{"op": "insert", "row": {"id": "c6db4a06-d893-5c04-a0f0-11374178cc79", "name": "Tam Veley", "versions": {}}, "table": "person"}]	\N	\N	2026-11-25 04:07:21.765422+00
0abaee06-7156-5397-a572-bd06c314c3ff	3	fd6797fb-98ee-5292-ad39-0b636777fcbe	1	bike.bookIn	bike	c666a275-e5b3-5b0a-af1e-2169dc69dbce	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	2026-10-22 11:00:00+00	\N	{}	{"name": "Osprane 650", "rate": "35.00", "words": "Went down on the wet quay. Ran home on three, next morning nothing.", "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "ownerId": "2da0a64f-3b8f-5555-aa81-760ca53cff6e", "newJobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "symptoms": {"misfires": "present", "no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}, "personalId": "59c2b511-dd3d-5458-a9ae-3ceeb4771d2e", "complaintId": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8"}	[{"op": "insert", "row": {"id": "2da0a64f-3b8f-5555-aa81-760ca53cff6e", "versions": {}, "personalId": "59c2b511-dd3d-5458-a9ae-3ceeb4771d2e"}, "table": "owner"}, {"op": "insert", "row": {"id": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "name": "Osprane 650", "year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "ownerId": "2da0a64f-3b8f-5555-aa81-760ca53cff6e", "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "versions": {}, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}, {"op": "insert", "row": {"id": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "rate": "35.00", "crash": null, "notes": null, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "school": "least-cost", "storage": null, "fuelLeft": null, "openedAt": "2026-10-22T11:00:00.000Z", "versions": {}, "lastTouched": null, "handedOverAt": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}, {"op": "insert", "row": {"id": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "state": "open", "words": "Went down on the wet quay. Ran home on three, next morning nothing.", "linkedTo": null, "symptoms": {"misfires": "present", "no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.786408+00
0abaee06-7156-5397-a572-bd06c314c3ff	4	22509148-dfa9-50b3-acd6-20782cb43a54	1	bike.set	bike	c666a275-e5b3-5b0a-af1e-2169dc69dbce	\N	c666a275-e5b3-5b0a-af1e-2169dc69dbce	2026-10-22 11:00:00+00	\N	{"year": 0, "boreMm": 0, "clutch": 0, "cooling": 0, "strokes": 0, "voltage": 0, "fuelling": 0, "ignition": 0, "starting": 0, "strokeMm": 0, "cylinders": 0, "mileageKm": 0, "decompressor": 0, "compressionRatio": 0}	{"set": {"year": 1994, "boreMm": 65, "clutch": "hydraulic", "cooling": "liquid", "strokes": "four", "voltage": 12, "fuelling": "carburettor", "ignition": "electronic", "starting": "electric", "strokeMm": 48.8, "cylinders": 4, "mileageKm": 52110, "decompressor": "none", "compressionRatio": 11}}	[{"id": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "op": "update", "set": {"year": 1994, "boreMm": 65, "clutch": "hydraulic", "cooling": "liquid", "strokes": "four", "voltage": 12, "fuelling": "carburettor", "ignition": "electronic", "starting": "electric", "strokeMm": 48.8, "cylinders": 4, "mileageKm": 52110, "decompressor": "none", "compressionRatio": 11}, "was": {"year": null, "boreMm": null, "clutch": null, "cooling": null, "strokes": null, "voltage": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.796817+00
0abaee06-7156-5397-a572-bd06c314c3ff	5	c214a5d9-979d-52b1-afcc-d1ff9b1a0f82	1	job.set	job	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-22 11:00:00+00	\N	{"crash": 0, "storage": 0, "fuelLeft": 0, "lastTouched": 0, "lastTouchedBy": 0, "ranWhenParked": 0, "standingMonths": 0, "lastTouchedWhen": 0}	{"set": {"crash": "yes", "storage": "dry", "fuelLeft": "yes", "lastTouched": ["electrics"], "lastTouchedBy": "roadside help", "ranWhenParked": "no", "standingMonths": 1, "lastTouchedWhen": "the night of the slide"}}	[{"id": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "op": "update", "set": {"crash": "yes", "storage": "dry", "fuelLeft": "yes", "lastTouched": ["electrics"], "lastTouchedBy": "roadside help", "ranWhenParked": "no", "standingMonths": 1, "lastTouchedWhen": "the night of the slide"}, "was": {"crash": null, "storage": null, "fuelLeft": null, "lastTouched": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.804958+00
0abaee06-7156-5397-a572-bd06c314c3ff	6	2207fc4d-e160-59dc-a313-dbc1705163ab	1	consent.give	consent	aa13a459-27ad-5e52-a47c-003dbff27e5b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-22 11:20:00+00	\N	{}	{"upTo": "900.00", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Repair, side panel left as it is.", "supersedes": null}	[{"op": "insert", "row": {"id": "aa13a459-27ad-5e52-a47c-003dbff27e5b", "upTo": "900.00", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Repair, side panel left as it is.", "givenAt": "2026-10-22T11:20:00.000Z", "versions": {}, "supersedes": null}, "table": "consent"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.811464+00
0abaee06-7156-5397-a572-bd06c314c3ff	7	a2fef98d-ef2d-58b4-ac76-6a1b955970dd	1	evidence.add	evidence	ca52392c-42d1-501c-acac-ebaf98e5de69	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 09:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "turn-by-hand", "outcome": "free", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "ca52392c-42d1-501c-acac-ebaf98e5de69", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "turn-by-hand", "outcome": "free", "takenAt": "2026-10-23T09:00:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.81838+00
0abaee06-7156-5397-a572-bd06c314c3ff	8	90d3ba5a-7f53-5383-a319-e3e93a125a02	1	evidence.add	evidence	cef1ae13-e9c9-5096-aded-b9b9d6f1d0d0	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 09:10:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "oil-check", "outcome": "right", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "cef1ae13-e9c9-5096-aded-b9b9d6f1d0d0", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "oil-check", "outcome": "right", "takenAt": "2026-10-23T09:10:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.82342+00
0abaee06-7156-5397-a572-bd06c314c3ff	31	609f6654-7531-5299-aa56-b4abbf21a0ab	1	part.set	part	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:00:00+00	\N	{"status": 1}	{"set": {"status": "arrived"}}	[{"id": "b6c7510b-ffc9-5006-aee9-4fafb3a91635", "op": "update", "set": {"status": "arrived"}, "was": {"status": "ordered"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.014334+00
0abaee06-7156-5397-a572-bd06c314c3ff	9	48e863be-a138-5973-a0e9-fe09ad282c79	1	evidence.add	evidence	d32453c0-9684-5021-a004-92e8b5cf1666	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 09:20:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "battery-rest", "outcome": "good", "reading": {"id": "486dbc27-e31f-5724-adcf-c1b6046ee23e", "unit": "V", "value": {"kind": "exact", "value": 12.62}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "12.62 V", "quantity": "battery-rest", "instrument": null}, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "486dbc27-e31f-5724-adcf-c1b6046ee23e", "unit": "V", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": {"kind": "exact", "value": 12.62}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "12.62 V", "takenAt": "2026-10-23T09:20:00.000Z", "position": null, "quantity": "battery-rest", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "d32453c0-9684-5021-a004-92e8b5cf1666", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "battery-rest", "outcome": "good", "takenAt": "2026-10-23T09:20:00.000Z", "position": null, "versions": {}, "readingId": "486dbc27-e31f-5724-adcf-c1b6046ee23e", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.831977+00
0abaee06-7156-5397-a572-bd06c314c3ff	10	74bb5d3a-2a21-5ee4-ae01-ff3276f6b222	1	evidence.add	evidence	f87aeeaf-f85a-5439-a1f9-f0afceda4ab3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 09:30:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "f87aeeaf-f85a-5439-a1f9-f0afceda4ab3", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "takenAt": "2026-10-23T09:30:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.839645+00
0abaee06-7156-5397-a572-bd06c314c3ff	11	d755102e-da7f-5aec-a3e4-f00bde0cecd9	1	evidence.add	evidence	3cc5a8a7-b3ff-5796-a1c9-28340890af1d	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 09:40:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "3cc5a8a7-b3ff-5796-a1c9-28340890af1d", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2026-10-23T09:40:00.000Z", "position": "1", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.846174+00
0abaee06-7156-5397-a572-bd06c314c3ff	12	f16fee0f-7e05-5517-a67e-680c30266e9e	1	evidence.add	evidence	7cecd0f4-5822-599f-a77a-f1c2fe81c7bb	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 09:40:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "2", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "7cecd0f4-5822-599f-a77a-f1c2fe81c7bb", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2026-10-23T09:40:00.000Z", "position": "2", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.852861+00
0abaee06-7156-5397-a572-bd06c314c3ff	13	d5409f65-270f-53e6-a196-503aba9d28a1	1	evidence.add	evidence	3659aceb-498c-5e4c-ac1c-fc27971d4d92	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 09:40:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "3", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "3659aceb-498c-5e4c-ac1c-fc27971d4d92", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2026-10-23T09:40:00.000Z", "position": "3", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.859023+00
0abaee06-7156-5397-a572-bd06c314c3ff	14	1a7e5d60-124d-52fa-a9c2-85279fafb90b	1	evidence.add	evidence	e2628aee-72a1-5326-a13a-8be7daaf4d7e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 09:40:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "4", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "e2628aee-72a1-5326-a13a-8be7daaf4d7e", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2026-10-23T09:40:00.000Z", "position": "4", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.865401+00
0abaee06-7156-5397-a572-bd06c314c3ff	29	0fbc24ff-ab5d-5db3-acfd-284e049bdb39	1	part.add	part	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:00:00+00	\N	{}	{"name": "Generator cover gasket", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "18.90", "number": null, "source": "Quayside Spares", "quantity": 1, "findingId": null}	[{"op": "insert", "row": {"id": "b6c7510b-ffc9-5006-aee9-4fafb3a91635", "name": "Generator cover gasket", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "18.90", "number": null, "source": "Quayside Spares", "status": "needed", "quantity": 1, "versions": {}, "findingId": null}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.002073+00
0abaee06-7156-5397-a572-bd06c314c3ff	30	bf9b8024-9a85-506f-a59e-c16ea3b9c566	1	part.set	part	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:00:00+00	\N	{"status": 0}	{"set": {"status": "ordered"}}	[{"id": "b6c7510b-ffc9-5006-aee9-4fafb3a91635", "op": "update", "set": {"status": "ordered"}, "was": {"status": "needed"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.008905+00
0abaee06-7156-5397-a572-bd06c314c3ff	15	2b0674e3-b3df-585b-ae24-fc26a6b535cb	1	evidence.add	evidence	ce3dd5e2-09b3-580c-a441-6c42385f50b6	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 10:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "crank-volts", "outcome": "good", "reading": {"id": "889c8b16-e671-5670-a085-72902dc7d670", "unit": "V", "value": {"kind": "exact", "value": 10.4}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "10.4 V", "quantity": "battery-cranking", "instrument": null}, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "889c8b16-e671-5670-a085-72902dc7d670", "unit": "V", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": {"kind": "exact", "value": 10.4}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "10.4 V", "takenAt": "2026-10-23T10:00:00.000Z", "position": null, "quantity": "battery-cranking", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "ce3dd5e2-09b3-580c-a441-6c42385f50b6", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "crank-volts", "outcome": "good", "takenAt": "2026-10-23T10:00:00.000Z", "position": null, "versions": {}, "readingId": "889c8b16-e671-5670-a085-72902dc7d670", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.873493+00
0abaee06-7156-5397-a572-bd06c314c3ff	16	0c975d00-9301-5b2a-a512-51d3bdf81ef9	1	prediction.write	prediction	d416ae61-a21e-5744-ad9b-e1a973d12855	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 10:20:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "If the slide hurt the pick-up, all four are dead.", "testId": "spark-look", "expected": null, "position": "1"}	[{"op": "insert", "row": {"id": "d416ae61-a21e-5744-ad9b-e1a973d12855", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "If the slide hurt the pick-up, all four are dead.", "madeAt": "2026-10-23T10:20:00.000Z", "testId": "spark-look", "expected": null, "position": "1", "versions": {}}, "table": "prediction"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.885643+00
0abaee06-7156-5397-a572-bd06c314c3ff	17	9797fca9-e85b-5e0e-a1b7-3075d6446229	1	evidence.add	evidence	437561ef-d739-5bde-afe5-fd4e699bf255	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 10:20:00+00	\N	{}	{"held": "yes", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "spark-look", "outcome": "none", "reading": null, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "d416ae61-a21e-5744-ad9b-e1a973d12855", "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "437561ef-d739-5bde-afe5-fd4e699bf255", "held": "yes", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "spark-look", "outcome": "none", "takenAt": "2026-10-23T10:20:00.000Z", "position": "1", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "d416ae61-a21e-5744-ad9b-e1a973d12855", "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.894246+00
0abaee06-7156-5397-a572-bd06c314c3ff	18	ee396e80-c4ad-5da9-ab9d-c47fdbeb6f7a	1	evidence.add	evidence	e97b8d32-21af-595b-abfb-a242d8fa68b2	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 10:25:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "spark-look", "outcome": "none", "reading": null, "position": "2", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "e97b8d32-21af-595b-abfb-a242d8fa68b2", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "spark-look", "outcome": "none", "takenAt": "2026-10-23T10:25:00.000Z", "position": "2", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.905497+00
0abaee06-7156-5397-a572-bd06c314c3ff	19	a9b646fb-8683-5a66-ac89-a0e6671de586	1	evidence.add	evidence	ff3e6246-995a-54e1-a7fb-9d5c2f14d4f4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-23 11:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "coil-volts", "outcome": "good", "reading": {"id": "d717c9ab-03c3-5d04-a14b-959ab81a6d47", "unit": "V", "value": {"kind": "exact", "value": 12.3}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "12.3 V", "quantity": "coil-supply", "instrument": null}, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "d717c9ab-03c3-5d04-a14b-959ab81a6d47", "unit": "V", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": {"kind": "exact", "value": 12.3}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "12.3 V", "takenAt": "2026-10-23T11:00:00.000Z", "position": null, "quantity": "coil-supply", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "ff3e6246-995a-54e1-a7fb-9d5c2f14d4f4", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "coil-volts", "outcome": "good", "takenAt": "2026-10-23T11:00:00.000Z", "position": null, "versions": {}, "readingId": "d717c9ab-03c3-5d04-a14b-959ab81a6d47", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.914244+00
0abaee06-7156-5397-a572-bd06c314c3ff	20	af7fa4d2-2492-5860-aea5-a22c15945371	1	evidence.add	evidence	c0f0b627-9277-5fa0-a5a0-ad3275218db2	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-24 09:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "pickup-ohms", "outcome": "good", "reading": {"id": "6e1efc6b-02ce-5cc9-a896-9e7eeb0606fc", "unit": "ohm", "value": {"kind": "exact", "value": 214}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "214 ohm", "quantity": "pickup", "instrument": null}, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "6e1efc6b-02ce-5cc9-a896-9e7eeb0606fc", "unit": "ohm", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": {"kind": "exact", "value": 214}, "bikeId": "c666a275-e5b3-5b0a-af1e-2169dc69dbce", "entered": "214 ohm", "takenAt": "2026-10-24T09:00:00.000Z", "position": null, "quantity": "pickup", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "c0f0b627-9277-5fa0-a5a0-ad3275218db2", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "pickup-ohms", "outcome": "good", "takenAt": "2026-10-24T09:00:00.000Z", "position": null, "versions": {}, "readingId": "6e1efc6b-02ce-5cc9-a896-9e7eeb0606fc", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.922784+00
0abaee06-7156-5397-a572-bd06c314c3ff	21	f3672c5c-5d55-51fa-aced-dc801904e074	1	step.add	step	a54e99db-d686-5070-a0d2-120d15b72efd	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-24 10:00:00+00	\N	{}	{"bag": "11", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "title": "Left fairing side off", "access": null, "fasteners": [{"id": "634e8c0f-47a8-5263-a844-ebead9990acf", "size": "M6x16", "count": 5, "place": "edge"}, {"id": "5426cc02-0f23-596d-ab1a-4ac0dd7b4212", "size": "M5x12", "count": 2, "place": "nose"}]}	[{"op": "insert", "row": {"id": "a54e99db-d686-5070-a0d2-120d15b72efd", "bag": "11", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "title": "Left fairing side off", "access": null, "madeAt": "2026-10-24T10:00:00.000Z", "versions": {}, "refittedAt": null}, "table": "step"}, {"op": "insert", "row": {"id": "634e8c0f-47a8-5263-a844-ebead9990acf", "size": "M6x16", "count": 5, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "place": "edge", "stepId": "a54e99db-d686-5070-a0d2-120d15b72efd", "refitted": 0, "versions": {}}, "table": "fastener"}, {"op": "insert", "row": {"id": "5426cc02-0f23-596d-ab1a-4ac0dd7b4212", "size": "M5x12", "count": 2, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "place": "nose", "stepId": "a54e99db-d686-5070-a0d2-120d15b72efd", "refitted": 0, "versions": {}}, "table": "fastener"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.936204+00
0abaee06-7156-5397-a572-bd06c314c3ff	22	b6e4d988-620b-5cb9-a47b-bd7b25b605fe	1	step.add	step	3aa0481c-6618-5682-af0d-f6040c87444e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-24 11:00:00+00	\N	{}	{"bag": "12", "note": "Rubbed through at the bottom; a dowel was lost.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "title": "Generator cover off", "access": "generator-cover", "fasteners": [{"id": "00733be5-0dc3-594f-aeae-62a66cdbbc8a", "size": "M6x30", "count": 7, "place": "rim"}, {"id": "3db67222-1ad2-52a7-a93f-c1b04180d484", "size": "M6x45", "count": 2, "place": "lower edge"}, {"id": "782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c", "size": "dowel", "count": 2, "place": "top and bottom"}]}	[{"op": "insert", "row": {"id": "3aa0481c-6618-5682-af0d-f6040c87444e", "bag": "12", "note": "Rubbed through at the bottom; a dowel was lost.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "title": "Generator cover off", "access": "generator-cover", "madeAt": "2026-10-24T11:00:00.000Z", "versions": {}, "refittedAt": null}, "table": "step"}, {"op": "insert", "row": {"id": "00733be5-0dc3-594f-aeae-62a66cdbbc8a", "size": "M6x30", "count": 7, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "place": "rim", "stepId": "3aa0481c-6618-5682-af0d-f6040c87444e", "refitted": 0, "versions": {}}, "table": "fastener"}, {"op": "insert", "row": {"id": "3db67222-1ad2-52a7-a93f-c1b04180d484", "size": "M6x45", "count": 2, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "place": "lower edge", "stepId": "3aa0481c-6618-5682-af0d-f6040c87444e", "refitted": 0, "versions": {}}, "table": "fastener"}, {"op": "insert", "row": {"id": "782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c", "size": "dowel", "count": 2, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "place": "top and bottom", "stepId": "3aa0481c-6618-5682-af0d-f6040c87444e", "refitted": 0, "versions": {}}, "table": "fastener"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.944429+00
0abaee06-7156-5397-a572-bd06c314c3ff	23	1e6b4109-ec56-5952-a1ca-d3665cb27170	1	finding.add	finding	6e1436d3-9d18-5c71-ad87-d9111a801def	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-24 11:30:00+00	\N	{}	{"item": "Pick-up wires", "seen": "Cut half through by the cover; gap wide open.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "stepId": "3aa0481c-6618-5682-af0d-f6040c87444e", "faultId": "pickup-gap", "reading": null, "verdict": "repair", "position": null, "conditions": {}, "afterRepairId": null}	[{"op": "insert", "row": {"id": "6e1436d3-9d18-5c71-ad87-d9111a801def", "item": "Pick-up wires", "seen": "Cut half through by the cover; gap wide open.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "stepId": "3aa0481c-6618-5682-af0d-f6040c87444e", "faultId": "pickup-gap", "takenAt": "2026-10-24T11:30:00.000Z", "verdict": "repair", "position": null, "versions": {}, "readingId": null, "afterRepairId": null}, "table": "finding"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.953091+00
0abaee06-7156-5397-a572-bd06c314c3ff	24	54844d61-9eaf-5f7f-ab2d-380070c2dddb	1	evidence.add	evidence	cf01816b-b17d-5851-a495-14b843c6d29e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-24 11:35:00+00	\N	{}	{"held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "pickup-gap", "outcome": "bad", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "cf01816b-b17d-5851-a495-14b843c6d29e", "held": null, "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "shown": null, "testId": "pickup-gap", "outcome": "bad", "takenAt": "2026-10-24T11:35:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.961399+00
0abaee06-7156-5397-a572-bd06c314c3ff	25	2651a265-0499-584b-a1ae-f1ad24ccba4a	1	cause.name	cause	c9324725-e6b5-5980-a38c-c6e0ecbc2251	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 10:00:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Pick-up wires cut by the cover after the slide", "faultId": "pickup-gap", "position": null, "complaintId": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8"}	[{"op": "insert", "row": {"id": "c9324725-e6b5-5980-a38c-c6e0ecbc2251", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Pick-up wires cut by the cover after the slide", "madeAt": "2026-10-25T10:00:00.000Z", "faultId": "pickup-gap", "position": null, "versions": {}, "complaintId": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8"}, "table": "cause"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.972438+00
0abaee06-7156-5397-a572-bd06c314c3ff	26	7200e380-4368-589d-af7f-d11e69523342	1	repair.log	repair	61391f6e-6987-521a-a470-f917e26987f4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 10:00:00+00	\N	{}	{"cost": "6.40", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Wires mended and led away from the cover, pick-up gap set", "causeId": "c9324725-e6b5-5980-a38c-c6e0ecbc2251", "faultId": "pickup-gap", "minutes": 70, "position": null, "afterRepairId": null}	[{"op": "insert", "row": {"id": "61391f6e-6987-521a-a470-f917e26987f4", "cost": "6.40", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "words": "Wires mended and led away from the cover, pick-up gap set", "madeAt": "2026-10-25T10:00:00.000Z", "causeId": "c9324725-e6b5-5980-a38c-c6e0ecbc2251", "faultId": "pickup-gap", "minutes": 70, "position": null, "versions": {}, "afterRepairId": null}, "table": "repair"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.979006+00
0abaee06-7156-5397-a572-bd06c314c3ff	27	6256d738-fc03-5632-a94d-6e0718c3b8e5	1	retest.log	retest	dec8bbf5-a7f0-5d1e-a5a3-118399ccc77b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 12:00:00+00	\N	{}	{"note": "Starts at once, all four.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "result": "gone", "changed": null, "repairId": "61391f6e-6987-521a-a470-f917e26987f4", "conditions": {"tries": 4, "battery": "own", "temperature": "cold"}, "complaintId": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8"}	[{"op": "insert", "row": {"id": "dec8bbf5-a7f0-5d1e-a5a3-118399ccc77b", "note": "Starts at once, all four.", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "result": "gone", "takenAt": "2026-10-25T12:00:00.000Z", "repairId": "61391f6e-6987-521a-a470-f917e26987f4", "versions": {}, "conditions": {"tries": 4, "battery": "own", "temperature": "cold"}, "complaintId": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8", "newComplaintId": null}, "table": "retest"}, {"id": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8", "op": "update", "set": {"state": "gone"}, "was": {"state": "open"}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.989797+00
0abaee06-7156-5397-a572-bd06c314c3ff	28	ba0b406f-0889-5e67-a524-9ae6588a7688	1	complaint.set	complaint	d1b484c3-f4ca-53e2-a51c-aae8a8be37c8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 12:30:00+00	\N	{"explained": 0}	{"set": {"explained": true}}	[{"id": "d1b484c3-f4ca-53e2-a51c-aae8a8be37c8", "op": "update", "set": {"explained": true}, "was": {"explained": false}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:21.99702+00
0abaee06-7156-5397-a572-bd06c314c3ff	32	375e6aa6-f408-5e55-af32-26bfdf153ea3	1	part.set	part	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:00:00+00	\N	{"status": 2}	{"set": {"status": "fitted"}}	[{"id": "b6c7510b-ffc9-5006-aee9-4fafb3a91635", "op": "update", "set": {"status": "fitted"}, "was": {"status": "arrived"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.022053+00
0abaee06-7156-5397-a572-bd06c314c3ff	33	13570c8e-0429-5297-a1d7-9a2349b9ecac	1	part.add	part	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:05:00+00	\N	{}	{"name": "Dowel 8 mm", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "1.10", "number": null, "source": "Quayside Spares", "quantity": 2, "findingId": null}	[{"op": "insert", "row": {"id": "9f2ba940-c09c-5a04-af73-055101632e4b", "name": "Dowel 8 mm", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "1.10", "number": null, "source": "Quayside Spares", "status": "needed", "quantity": 2, "versions": {}, "findingId": null}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.026917+00
0abaee06-7156-5397-a572-bd06c314c3ff	34	c2e58dc8-d0e1-5146-a606-5f74bf8430c8	1	part.set	part	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:05:00+00	\N	{"status": 0}	{"set": {"status": "ordered"}}	[{"id": "9f2ba940-c09c-5a04-af73-055101632e4b", "op": "update", "set": {"status": "ordered"}, "was": {"status": "needed"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.031862+00
0abaee06-7156-5397-a572-bd06c314c3ff	35	1b145b1f-4c8e-51d5-a36b-a62b7909596b	1	part.set	part	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:05:00+00	\N	{"status": 1}	{"set": {"status": "arrived"}}	[{"id": "9f2ba940-c09c-5a04-af73-055101632e4b", "op": "update", "set": {"status": "arrived"}, "was": {"status": "ordered"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.036739+00
0abaee06-7156-5397-a572-bd06c314c3ff	36	b63eea59-12cb-59f6-aedb-e1ad4ff59527	1	part.set	part	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:05:00+00	\N	{"status": 2}	{"set": {"status": "fitted"}}	[{"id": "9f2ba940-c09c-5a04-af73-055101632e4b", "op": "update", "set": {"status": "fitted"}, "was": {"status": "arrived"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.040737+00
0abaee06-7156-5397-a572-bd06c314c3ff	37	a31d237a-4097-5dba-a1cd-fcace61bc068	1	part.add	part	b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:10:00+00	\N	{}	{"name": "Coolant 2 l", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "14.00", "number": null, "source": "Harbour Stores", "quantity": 1, "findingId": null}	[{"op": "insert", "row": {"id": "b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3", "name": "Coolant 2 l", "dueOn": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "price": "14.00", "number": null, "source": "Harbour Stores", "status": "needed", "quantity": 1, "versions": {}, "findingId": null}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.045885+00
0abaee06-7156-5397-a572-bd06c314c3ff	38	4c36122e-0d4a-5e44-a855-8e4093879ecc	1	part.set	part	b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:10:00+00	\N	{"status": 0}	{"set": {"status": "ordered"}}	[{"id": "b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3", "op": "update", "set": {"status": "ordered"}, "was": {"status": "needed"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.050723+00
0abaee06-7156-5397-a572-bd06c314c3ff	39	662b313e-ae8e-5eed-a55a-841bca58509a	1	part.set	part	b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-10-25 13:10:00+00	\N	{"status": 1}	{"set": {"status": "arrived"}}	[{"id": "b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3", "op": "update", "set": {"status": "arrived"}, "was": {"status": "ordered"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.058545+00
0abaee06-7156-5397-a572-bd06c314c3ff	40	2b0019c0-53a6-5817-ac6a-e213989e763c	1	step.refit	step	3aa0481c-6618-5682-af0d-f6040c87444e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-22 15:00:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "counts": {"00733be5-0dc3-594f-aeae-62a66cdbbc8a": 7, "3db67222-1ad2-52a7-a93f-c1b04180d484": 0, "782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c": 2}}	[{"id": "00733be5-0dc3-594f-aeae-62a66cdbbc8a", "op": "update", "set": {"refitted": 7}, "was": {"refitted": 0}, "table": "fastener"}, {"id": "782c13a8-dab2-5b03-aa67-4e9f3d9c2f6c", "op": "update", "set": {"refitted": 2}, "was": {"refitted": 0}, "table": "fastener"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.069511+00
0abaee06-7156-5397-a572-bd06c314c3ff	41	f6056363-31c7-5bc9-ae05-500095097609	1	torque.plan	torque	531fee56-9ea0-5f7e-ac08-e0b495241e77	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-22 15:30:00+00	\N	{}	{"name": "Generator cover, rim", "unit": "lbf·ft", "count": 7, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "stages": [{"id": "f3360d8e-f456-5164-ab64-ec7b22eb2c4b", "kind": "torque", "value": 5.4232717933256005}, {"id": "c46a5b76-6f5e-58cb-a624-ab2f1ad8f5b6", "kind": "torque", "value": 10.846543586651201}], "thread": "M6", "entered": "8 lbf·ft", "figureNm": 10.846543586651201}	[{"op": "insert", "row": {"id": "531fee56-9ea0-5f7e-ac08-e0b495241e77", "name": "Generator cover, rim", "unit": "lbf·ft", "count": 7, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "thread": "M6", "entered": "8 lbf·ft", "figureNm": 10.846543586651201, "versions": {}}, "table": "torque"}, {"op": "insert", "row": {"n": 1, "id": "f3360d8e-f456-5164-ab64-ec7b22eb2c4b", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": 5.4232717933256005, "doneAt": null, "torqueId": "531fee56-9ea0-5f7e-ac08-e0b495241e77", "versions": {}}, "table": "torqueStage"}, {"op": "insert", "row": {"n": 2, "id": "c46a5b76-6f5e-58cb-a624-ab2f1ad8f5b6", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": 10.846543586651201, "doneAt": null, "torqueId": "531fee56-9ea0-5f7e-ac08-e0b495241e77", "versions": {}}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.078374+00
0abaee06-7156-5397-a572-bd06c314c3ff	42	b4497b00-5628-53f0-ab00-acc80d27d39f	1	torque.stage	torqueStage	f3360d8e-f456-5164-ab64-ec7b22eb2c4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-22 15:30:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "torqueId": "531fee56-9ea0-5f7e-ac08-e0b495241e77"}	[{"id": "f3360d8e-f456-5164-ab64-ec7b22eb2c4b", "op": "update", "set": {"doneAt": "2026-11-22T15:30:00.000Z"}, "was": {"doneAt": null}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.083424+00
0abaee06-7156-5397-a572-bd06c314c3ff	43	462690de-8d27-575f-a69c-fed80a6fb9f0	1	torque.stage	torqueStage	c46a5b76-6f5e-58cb-a624-ab2f1ad8f5b6	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-22 15:30:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "torqueId": "531fee56-9ea0-5f7e-ac08-e0b495241e77"}	[{"id": "c46a5b76-6f5e-58cb-a624-ab2f1ad8f5b6", "op": "update", "set": {"doneAt": "2026-11-22T15:30:00.000Z"}, "was": {"doneAt": null}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.087911+00
0abaee06-7156-5397-a572-bd06c314c3ff	44	cd5dd7c1-0913-5908-afa0-564a9d8e6556	1	signature.sign	signature	5057312d-f96e-51a6-a031-5853fb8285a9	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-22 15:30:00+00	\N	{}	{"kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "signedBy": "Ines Corrow", "subjectId": "531fee56-9ea0-5f7e-ac08-e0b495241e77", "supersedes": null}	[{"op": "insert", "row": {"id": "5057312d-f96e-51a6-a031-5853fb8285a9", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "signedAt": "2026-11-22T15:30:00.000Z", "signedBy": "Ines Corrow", "versions": {}, "subjectId": "531fee56-9ea0-5f7e-ac08-e0b495241e77", "supersedes": null}, "table": "signature"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.094664+00
0abaee06-7156-5397-a572-bd06c314c3ff	45	503d6ed0-9378-5b4e-ad5b-1db988e3fb61	1	torque.plan	torque	d2c7b4dd-d1b3-5844-a82e-80198c925be4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-22 15:40:00+00	\N	{}	{"name": "Generator cover, lower edge", "unit": "lbf·ft", "count": 2, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "stages": [{"id": "1789efba-5bf9-5df6-a966-93a219728356", "kind": "torque", "value": 5.4232717933256005}, {"id": "6be9b2b0-9342-510a-a120-0fd4c8c9d0e3", "kind": "torque", "value": 10.846543586651201}], "thread": "M6", "entered": "8 lbf·ft", "figureNm": 10.846543586651201}	[{"op": "insert", "row": {"id": "d2c7b4dd-d1b3-5844-a82e-80198c925be4", "name": "Generator cover, lower edge", "unit": "lbf·ft", "count": 2, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "thread": "M6", "entered": "8 lbf·ft", "figureNm": 10.846543586651201, "versions": {}}, "table": "torque"}, {"op": "insert", "row": {"n": 1, "id": "1789efba-5bf9-5df6-a966-93a219728356", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": 5.4232717933256005, "doneAt": null, "torqueId": "d2c7b4dd-d1b3-5844-a82e-80198c925be4", "versions": {}}, "table": "torqueStage"}, {"op": "insert", "row": {"n": 2, "id": "6be9b2b0-9342-510a-a120-0fd4c8c9d0e3", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": 10.846543586651201, "doneAt": null, "torqueId": "d2c7b4dd-d1b3-5844-a82e-80198c925be4", "versions": {}}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.103091+00
0abaee06-7156-5397-a572-bd06c314c3ff	46	c9cd1276-a848-55ce-a03b-59d8052cb2ce	1	torque.stage	torqueStage	1789efba-5bf9-5df6-a966-93a219728356	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-22 15:40:00+00	\N	{}	{"jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "torqueId": "d2c7b4dd-d1b3-5844-a82e-80198c925be4"}	[{"id": "1789efba-5bf9-5df6-a966-93a219728356", "op": "update", "set": {"doneAt": "2026-11-22T15:40:00.000Z"}, "was": {"doneAt": null}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.109272+00
0abaee06-7156-5397-a572-bd06c314c3ff	47	9f41216d-0252-5b25-a82b-5e6182cbbb5e	1	torque.plan	torque	9cf08170-eaf2-582c-a2a9-4448e13e7173	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-22 16:00:00+00	\N	{}	{"name": "Sump plug", "unit": "N·m", "count": 1, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "stages": [{"id": "008e21fd-427e-5d4e-a5cc-bb66a73028be", "kind": "torque", "value": 25}], "thread": "M12x1.25", "entered": "25 N·m", "figureNm": 25}	[{"op": "insert", "row": {"id": "9cf08170-eaf2-582c-a2a9-4448e13e7173", "name": "Sump plug", "unit": "N·m", "count": 1, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "source": "book of this bike", "thread": "M12x1.25", "entered": "25 N·m", "figureNm": 25, "versions": {}}, "table": "torque"}, {"op": "insert", "row": {"n": 1, "id": "008e21fd-427e-5d4e-a5cc-bb66a73028be", "kind": "torque", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "value": 25, "doneAt": null, "torqueId": "9cf08170-eaf2-582c-a2a9-4448e13e7173", "versions": {}}, "table": "torqueStage"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.117983+00
0abaee06-7156-5397-a572-bd06c314c3ff	48	18bb3054-10f3-5686-a224-f81d045c8039	1	provisional.add	provisional	986a007d-eff9-517c-a1d1-e3a28001a86d	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-22 16:30:00+00	\N	{}	{"why": "Lug broken in the slide, new panel not wanted", "what": "Left panel held by two ties", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "until": "when a used panel turns up", "mayRun": true, "mayRide": true, "mayLeave": true}	[{"op": "insert", "row": {"id": "986a007d-eff9-517c-a1d1-e3a28001a86d", "why": "Lug broken in the slide, new panel not wanted", "what": "Left panel held by two ties", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "until": "when a used panel turns up", "mayRun": true, "endedAt": null, "mayRide": true, "mayLeave": true, "versions": {}}, "table": "provisional"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.12968+00
0abaee06-7156-5397-a572-bd06c314c3ff	49	18188e8c-b41d-541d-a770-efa644851be3	1	watch.add	watch	a2fc65e9-807f-59aa-a199-8ac9801b0a28	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-22 16:40:00+00	\N	{}	{"due": "after the first 100 km", "what": "Coolant level cold", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a"}	[{"op": "insert", "row": {"id": "a2fc65e9-807f-59aa-a199-8ac9801b0a28", "due": "after the first 100 km", "what": "Coolant level cold", "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "versions": {}}, "table": "watch"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.136409+00
0abaee06-7156-5397-a572-bd06c314c3ff	50	e87c1ab0-4710-5a02-a089-b56ade54afd3	1	check.mark	checkmark	11b9e89d-630d-545a-a9e2-97098a5f8cf4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-23 09:00:00+00	\N	{}	{"item": "oil", "list": "first-start", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "state": "done"}	[{"op": "insert", "row": {"id": "11b9e89d-630d-545a-a9e2-97098a5f8cf4", "item": "oil", "list": "first-start", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "state": "done", "versions": {}}, "table": "checkmark"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.150733+00
0abaee06-7156-5397-a572-bd06c314c3ff	51	97968a64-5051-532b-a862-e2bfa5742d15	1	check.mark	checkmark	8a9628cf-3431-500e-af7d-d2abee5570a8	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	2026-11-23 09:05:00+00	\N	{}	{"item": "extinguisher", "list": "first-start", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "state": "done"}	[{"op": "insert", "row": {"id": "8a9628cf-3431-500e-af7d-d2abee5570a8", "item": "extinguisher", "list": "first-start", "note": null, "jobId": "3b7a9117-f1d3-5aca-a2b4-06fbd085de0a", "state": "done", "versions": {}}, "table": "checkmark"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.16154+00
0abaee06-7156-5397-a572-bd06c314c3ff	52	363449f8-7c84-5ae1-a444-263fcff836c4	1	bike.bookIn	bike	5d561e70-ab84-5bc7-adbb-eba9944ba129	e1d22e87-5809-5ee5-adfe-4402c8b52b27	5d561e70-ab84-5bc7-adbb-eba9944ba129	2026-11-04 16:00:00+00	\N	{}	{"name": "Hollin 500", "rate": "35.00", "words": "Father took it apart in the eighties and never went back. Will not turn.", "bikeId": "5d561e70-ab84-5bc7-adbb-eba9944ba129", "ownerId": "bf1bdc3c-f09f-5452-ae79-adbcad2ddd9c", "newJobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "symptoms": {"will-not-turn": "present"}, "personalId": "70bf23c1-d01c-5f7e-afa7-378f8d3d75fd", "complaintId": "e1d2b14b-e17f-5251-a298-444ccd4dc554"}	[{"op": "insert", "row": {"id": "bf1bdc3c-f09f-5452-ae79-adbcad2ddd9c", "versions": {}, "personalId": "70bf23c1-d01c-5f7e-afa7-378f8d3d75fd"}, "table": "owner"}, {"op": "insert", "row": {"id": "5d561e70-ab84-5bc7-adbb-eba9944ba129", "name": "Hollin 500", "year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "ownerId": "bf1bdc3c-f09f-5452-ae79-adbcad2ddd9c", "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "versions": {}, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}, {"op": "insert", "row": {"id": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "rate": "35.00", "crash": null, "notes": null, "bikeId": "5d561e70-ab84-5bc7-adbb-eba9944ba129", "school": "least-cost", "storage": null, "fuelLeft": null, "openedAt": "2026-11-04T16:00:00.000Z", "versions": {}, "lastTouched": null, "handedOverAt": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}, {"op": "insert", "row": {"id": "e1d2b14b-e17f-5251-a298-444ccd4dc554", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "state": "open", "words": "Father took it apart in the eighties and never went back. Will not turn.", "linkedTo": null, "symptoms": {"will-not-turn": "present"}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.170442+00
0abaee06-7156-5397-a572-bd06c314c3ff	61	d698b1f6-051c-5c1e-acab-b40c447faf96	1	hazard.acknowledge	hazardAck	1eb43a26-1693-5d10-a49a-c085dd1b51e2	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2026-11-22 17:10:00+00	\N	{}	{"jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "place": "soaking", "hazard": "penetrant"}	[{"op": "insert", "row": {"id": "1eb43a26-1693-5d10-a49a-c085dd1b51e2", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "place": "soaking", "hazard": "penetrant", "versions": {}, "acknowledgedAt": "2026-11-22T17:10:00.000Z"}, "table": "hazardAck"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.228973+00
0abaee06-7156-5397-a572-bd06c314c3ff	53	132cd9fe-837f-528a-a3eb-ca21e3ff8076	1	bike.set	bike	5d561e70-ab84-5bc7-adbb-eba9944ba129	\N	5d561e70-ab84-5bc7-adbb-eba9944ba129	2026-11-04 16:00:00+00	\N	{"year": 0, "boreMm": 0, "clutch": 0, "cooling": 0, "strokes": 0, "voltage": 0, "fuelling": 0, "ignition": 0, "starting": 0, "strokeMm": 0, "cylinders": 0, "decompressor": 0}	{"set": {"year": 1955, "boreMm": 84, "clutch": "cable", "cooling": "air", "strokes": "four", "voltage": 6, "fuelling": "carburettor", "ignition": "magneto", "starting": "kick", "strokeMm": 90, "cylinders": 1, "decompressor": "manual"}}	[{"id": "5d561e70-ab84-5bc7-adbb-eba9944ba129", "op": "update", "set": {"year": 1955, "boreMm": 84, "clutch": "cable", "cooling": "air", "strokes": "four", "voltage": 6, "fuelling": "carburettor", "ignition": "magneto", "starting": "kick", "strokeMm": 90, "cylinders": 1, "decompressor": "manual"}, "was": {"year": null, "boreMm": null, "clutch": null, "cooling": null, "strokes": null, "voltage": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "cylinders": null, "decompressor": null}, "table": "bike"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.176892+00
0abaee06-7156-5397-a572-bd06c314c3ff	54	d606c16a-4edb-5471-a3a6-634ceecc88b0	1	job.set	job	e1d22e87-5809-5ee5-adfe-4402c8b52b27	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2026-11-04 16:00:00+00	\N	{"crash": 0, "storage": 0, "fuelLeft": 0, "lastTouched": 0, "lastTouchedBy": 0, "ranWhenParked": 0, "standingMonths": 0, "lastTouchedWhen": 0}	{"set": {"crash": "no", "storage": "damp", "fuelLeft": "no", "lastTouched": ["top-end"], "lastTouchedBy": "the owner’s father", "ranWhenParked": "yes", "standingMonths": 480, "lastTouchedWhen": "about forty years ago"}}	[{"id": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "op": "update", "set": {"crash": "no", "storage": "damp", "fuelLeft": "no", "lastTouched": ["top-end"], "lastTouchedBy": "the owner’s father", "ranWhenParked": "yes", "standingMonths": 480, "lastTouchedWhen": "about forty years ago"}, "was": {"crash": null, "storage": null, "fuelLeft": null, "lastTouched": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.182032+00
0abaee06-7156-5397-a572-bd06c314c3ff	55	0d692323-82e0-5988-ad24-329d696a5ca4	1	consent.give	consent	052b4edc-b264-583b-a95a-c08650f0e85e	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2026-11-04 16:20:00+00	\N	{}	{"upTo": "150.00", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "words": "Free it and say what it needs. Nothing bought without a call.", "supersedes": null}	[{"op": "insert", "row": {"id": "052b4edc-b264-583b-a95a-c08650f0e85e", "upTo": "150.00", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "words": "Free it and say what it needs. Nothing bought without a call.", "givenAt": "2026-11-04T16:20:00.000Z", "versions": {}, "supersedes": null}, "table": "consent"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.188916+00
0abaee06-7156-5397-a572-bd06c314c3ff	56	61895319-7a0c-54e3-aa80-b228c22295d8	1	evidence.add	evidence	1f961d17-c5d1-5fd9-adbf-dde71d79bd32	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2026-11-05 09:00:00+00	\N	{}	{"held": null, "note": "Solid at about half stroke.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "turn-by-hand", "outcome": "stuck", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "1f961d17-c5d1-5fd9-adbf-dde71d79bd32", "held": null, "note": "Solid at about half stroke.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "turn-by-hand", "outcome": "stuck", "takenAt": "2026-11-05T09:00:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.196461+00
0abaee06-7156-5397-a572-bd06c314c3ff	57	9360d96d-7c14-56bd-a1f4-2144dd0cb4db	1	evidence.add	evidence	2ad842b6-8248-565f-a267-8a13839f2c3a	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2026-11-05 09:10:00+00	\N	{}	{"held": null, "note": "Tank dry; a dry-sump tank may only have drained down.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "oil-check", "outcome": "low", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "2ad842b6-8248-565f-a267-8a13839f2c3a", "held": null, "note": "Tank dry; a dry-sump tank may only have drained down.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "oil-check", "outcome": "low", "takenAt": "2026-11-05T09:10:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.203983+00
0abaee06-7156-5397-a572-bd06c314c3ff	58	018a5279-ee8a-5818-a465-a45934cfc092	1	evidence.add	evidence	ac22c519-81ba-56fd-a5ff-b372ec21988f	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2026-11-05 09:20:00+00	\N	{}	{"held": null, "note": null, "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "bore-look", "outcome": "rust", "reading": null, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "ac22c519-81ba-56fd-a5ff-b372ec21988f", "held": null, "note": null, "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "shown": null, "testId": "bore-look", "outcome": "rust", "takenAt": "2026-11-05T09:20:00.000Z", "position": "1", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.209981+00
0abaee06-7156-5397-a572-bd06c314c3ff	59	8ce3e58c-0e90-5462-a4d3-976df95aedb7	1	finding.add	finding	e14e7db2-4869-5cd1-af41-3dd4f03ec44b	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2026-11-05 10:00:00+00	\N	{}	{"item": "Oil tank", "seen": "Dry, clean inside, a film of old oil.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "stepId": null, "faultId": null, "reading": null, "verdict": "clean", "position": null, "conditions": {}, "afterRepairId": null}	[{"op": "insert", "row": {"id": "e14e7db2-4869-5cd1-af41-3dd4f03ec44b", "item": "Oil tank", "seen": "Dry, clean inside, a film of old oil.", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "stepId": null, "faultId": null, "takenAt": "2026-11-05T10:00:00.000Z", "verdict": "clean", "position": null, "versions": {}, "readingId": null, "afterRepairId": null}, "table": "finding"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.215344+00
0abaee06-7156-5397-a572-bd06c314c3ff	60	035c336a-dff9-5dd2-a159-fd0ff2865d43	1	wait.start	wait	9f393c66-0803-5c26-a700-90c3afdc8e1c	e1d22e87-5809-5ee5-adfe-4402c8b52b27	\N	2026-11-22 17:00:00+00	\N	{}	{"kind": "soaking", "what": "50 ml of penetrant in the cylinder", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "until": "2026-11-29T09:00:00.000Z", "lookAgain": "2026-11-26T09:00:00.000Z"}	[{"op": "insert", "row": {"id": "9f393c66-0803-5c26-a700-90c3afdc8e1c", "kind": "soaking", "what": "50 ml of penetrant in the cylinder", "jobId": "e1d22e87-5809-5ee5-adfe-4402c8b52b27", "until": "2026-11-29T09:00:00.000Z", "endedAt": null, "versions": {}, "lookAgain": "2026-11-26T09:00:00.000Z"}, "table": "wait"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.222402+00
0abaee06-7156-5397-a572-bd06c314c3ff	62	0ca8c74a-28bb-58b5-aa6f-e09ae787058a	1	bike.bookIn	bike	01c5d948-8b66-50ad-a5ae-75c2d34025f1	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	01c5d948-8b66-50ad-a5ae-75c2d34025f1	2026-11-13 14:00:00+00	\N	{}	{"name": "Marram 80", "rate": "35.00", "words": "Pulls up the harbour hill cold. When it is hot it gives up half way and stalls at the top.", "bikeId": "01c5d948-8b66-50ad-a5ae-75c2d34025f1", "ownerId": "cdef0749-da69-5bc7-a379-e087d3ed8911", "newJobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "symptoms": {"dies-hot": "present", "no-start": "absent", "starts-and-dies": "present"}, "personalId": "60f25fbb-f875-557c-a0b8-2f57ffb0b4d2", "complaintId": "7d2191f7-4638-5c3a-ad3d-c15c34753289"}	[{"op": "insert", "row": {"id": "cdef0749-da69-5bc7-a379-e087d3ed8911", "versions": {}, "personalId": "60f25fbb-f875-557c-a0b8-2f57ffb0b4d2"}, "table": "owner"}, {"op": "insert", "row": {"id": "01c5d948-8b66-50ad-a5ae-75c2d34025f1", "name": "Marram 80", "year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "ownerId": "cdef0749-da69-5bc7-a379-e087d3ed8911", "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "versions": {}, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}, {"op": "insert", "row": {"id": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "rate": "35.00", "crash": null, "notes": null, "bikeId": "01c5d948-8b66-50ad-a5ae-75c2d34025f1", "school": "least-cost", "storage": null, "fuelLeft": null, "openedAt": "2026-11-13T14:00:00.000Z", "versions": {}, "lastTouched": null, "handedOverAt": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}, {"op": "insert", "row": {"id": "7d2191f7-4638-5c3a-ad3d-c15c34753289", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "state": "open", "words": "Pulls up the harbour hill cold. When it is hot it gives up half way and stalls at the top.", "linkedTo": null, "symptoms": {"dies-hot": "present", "no-start": "absent", "starts-and-dies": "present"}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.245136+00
0abaee06-7156-5397-a572-bd06c314c3ff	63	7923ab0f-bd56-58b8-a4b3-44730f3ff111	1	bike.set	bike	01c5d948-8b66-50ad-a5ae-75c2d34025f1	\N	01c5d948-8b66-50ad-a5ae-75c2d34025f1	2026-11-13 14:00:00+00	\N	{"year": 0, "clutch": 0, "cooling": 0, "strokes": 0, "voltage": 0, "fuelling": 0, "ignition": 0, "starting": 0, "cylinders": 0, "mileageKm": 0, "decompressor": 0}	{"set": {"year": 1979, "clutch": "automatic", "cooling": "air", "strokes": "two", "voltage": 6, "fuelling": "carburettor", "ignition": "magneto", "starting": "kick", "cylinders": 1, "mileageKm": 18800, "decompressor": "none"}}	[{"id": "01c5d948-8b66-50ad-a5ae-75c2d34025f1", "op": "update", "set": {"year": 1979, "clutch": "automatic", "cooling": "air", "strokes": "two", "voltage": 6, "fuelling": "carburettor", "ignition": "magneto", "starting": "kick", "cylinders": 1, "mileageKm": 18800, "decompressor": "none"}, "was": {"year": null, "clutch": null, "cooling": null, "strokes": null, "voltage": null, "fuelling": null, "ignition": null, "starting": null, "cylinders": null, "mileageKm": null, "decompressor": null}, "table": "bike"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.250739+00
0abaee06-7156-5397-a572-bd06c314c3ff	64	6b61126a-a91e-5cec-ad3c-244d6c2637d6	1	job.set	job	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-13 14:00:00+00	\N	{"crash": 0, "storage": 0, "lastTouched": 0, "lastTouchedBy": 0, "ranWhenParked": 0, "standingMonths": 0, "lastTouchedWhen": 0}	{"set": {"crash": "no", "storage": "dry", "lastTouched": ["exhaust"], "lastTouchedBy": "the owner", "ranWhenParked": "yes", "standingMonths": 0, "lastTouchedWhen": "oil brand changed in spring"}}	[{"id": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "op": "update", "set": {"crash": "no", "storage": "dry", "lastTouched": ["exhaust"], "lastTouchedBy": "the owner", "ranWhenParked": "yes", "standingMonths": 0, "lastTouchedWhen": "oil brand changed in spring"}, "was": {"crash": null, "storage": null, "lastTouched": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.25695+00
0abaee06-7156-5397-a572-bd06c314c3ff	65	380e7a11-6393-5c80-ad53-8cceaf56b36e	1	consent.give	consent	5bb7c7dd-0feb-5d2c-a5b4-54245513005e	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-13 14:10:00+00	\N	{}	{"upTo": "200.00", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Up to two hundred without asking.", "supersedes": null}	[{"op": "insert", "row": {"id": "5bb7c7dd-0feb-5d2c-a5b4-54245513005e", "upTo": "200.00", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Up to two hundred without asking.", "givenAt": "2026-11-13T14:10:00.000Z", "versions": {}, "supersedes": null}, "table": "consent"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.262419+00
0abaee06-7156-5397-a572-bd06c314c3ff	66	06de9701-6cfc-5915-a6a1-a7701a3cf332	1	evidence.add	evidence	441c37f3-3fc4-5b96-adee-51c5b674db3b	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-14 09:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "turn-by-hand", "outcome": "free", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "441c37f3-3fc4-5b96-adee-51c5b674db3b", "held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "turn-by-hand", "outcome": "free", "takenAt": "2026-11-14T09:00:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.28303+00
0abaee06-7156-5397-a572-bd06c314c3ff	67	75cf4ae7-ffb5-586a-ad48-c909d9e27fae	1	evidence.add	evidence	42f1f3ec-975a-51d9-a6f0-395364b6e4d9	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-14 09:10:00+00	\N	{}	{"held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "oil-check", "outcome": "right", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "42f1f3ec-975a-51d9-a6f0-395364b6e4d9", "held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "oil-check", "outcome": "right", "takenAt": "2026-11-14T09:10:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.291204+00
0abaee06-7156-5397-a572-bd06c314c3ff	68	cdb96e75-a508-5e40-a8db-3720d15951c0	1	evidence.add	evidence	e13b3b0d-4682-56a4-a1b2-3277183d1bc3	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-14 09:15:00+00	\N	{}	{"held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "e13b3b0d-4682-56a4-a1b2-3277183d1bc3", "held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "takenAt": "2026-11-14T09:15:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.296105+00
0abaee06-7156-5397-a572-bd06c314c3ff	78	cf6172eb-1ef0-58b2-a4bf-41414ca4746f	1	part.set	part	88b310bc-39ce-596c-a700-550130831769	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-15 11:32:00+00	\N	{"status": 0}	{"set": {"status": "ordered"}}	[{"id": "88b310bc-39ce-596c-a700-550130831769", "op": "update", "set": {"status": "ordered"}, "was": {"status": "needed"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.352595+00
0abaee06-7156-5397-a572-bd06c314c3ff	69	6f4f1296-46b2-59fc-a0d8-9911b66ed2c4	1	evidence.add	evidence	d018eef2-69e7-53a6-ab04-056bddc80d46	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-14 09:20:00+00	\N	{}	{"held": null, "note": "Black and wet.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "read-plug", "outcome": "bad", "reading": null, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "d018eef2-69e7-53a6-ab04-056bddc80d46", "held": null, "note": "Black and wet.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "read-plug", "outcome": "bad", "takenAt": "2026-11-14T09:20:00.000Z", "position": "1", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.301274+00
0abaee06-7156-5397-a572-bd06c314c3ff	70	4ac94180-c566-5f79-a4d9-05b5044cc7d5	1	step.add	step	04d7a6b8-3979-507c-af7f-18e0fc9db031	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-14 10:00:00+00	\N	{}	{"bag": "3", "note": "Gasket broke up.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "title": "Exhaust off", "access": "exhaust", "fasteners": [{"id": "24a1b704-f3d5-5bc7-a9f6-3c3d27c22a3c", "size": "M6x20", "count": 2, "place": "flange"}, {"id": "ac5e0a63-75a6-5323-a5d6-24aa45cefbba", "size": "M8x30", "count": 1, "place": "hanger"}]}	[{"op": "insert", "row": {"id": "04d7a6b8-3979-507c-af7f-18e0fc9db031", "bag": "3", "note": "Gasket broke up.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "title": "Exhaust off", "access": "exhaust", "madeAt": "2026-11-14T10:00:00.000Z", "versions": {}, "refittedAt": null}, "table": "step"}, {"op": "insert", "row": {"id": "24a1b704-f3d5-5bc7-a9f6-3c3d27c22a3c", "size": "M6x20", "count": 2, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "place": "flange", "stepId": "04d7a6b8-3979-507c-af7f-18e0fc9db031", "refitted": 0, "versions": {}}, "table": "fastener"}, {"op": "insert", "row": {"id": "ac5e0a63-75a6-5323-a5d6-24aa45cefbba", "size": "M8x30", "count": 1, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "place": "hanger", "stepId": "04d7a6b8-3979-507c-af7f-18e0fc9db031", "refitted": 0, "versions": {}}, "table": "fastener"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.308711+00
0abaee06-7156-5397-a572-bd06c314c3ff	71	3f56d27c-3706-5889-a89a-286d9bd3fa59	1	finding.add	finding	95f5cbf6-aaf6-5073-a860-769faeeb493a	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-14 10:20:00+00	\N	{}	{"item": "Exhaust port", "seen": "Carbon to a third of its area, hard and shiny.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "stepId": "04d7a6b8-3979-507c-af7f-18e0fc9db031", "faultId": "exhaust-blocked", "reading": null, "verdict": "clean", "position": null, "conditions": {}, "afterRepairId": null}	[{"op": "insert", "row": {"id": "95f5cbf6-aaf6-5073-a860-769faeeb493a", "item": "Exhaust port", "seen": "Carbon to a third of its area, hard and shiny.", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "stepId": "04d7a6b8-3979-507c-af7f-18e0fc9db031", "faultId": "exhaust-blocked", "takenAt": "2026-11-14T10:20:00.000Z", "verdict": "clean", "position": null, "versions": {}, "readingId": null, "afterRepairId": null}, "table": "finding"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.314139+00
0abaee06-7156-5397-a572-bd06c314c3ff	72	ec4154dc-5c3b-52ae-a133-969793c3e653	1	evidence.add	evidence	b577b9ff-2dfd-5ab4-a6cd-9c45d3530e5f	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-14 10:30:00+00	\N	{}	{"held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "exhaust-look", "outcome": "choked", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "b577b9ff-2dfd-5ab4-a6cd-9c45d3530e5f", "held": null, "note": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "shown": null, "testId": "exhaust-look", "outcome": "choked", "takenAt": "2026-11-14T10:30:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.318912+00
0abaee06-7156-5397-a572-bd06c314c3ff	73	0178a9bc-bf29-59d0-a554-7ef6695edd81	1	cause.name	cause	7a8b0b4e-bb70-59f8-a8a9-29b942784380	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-15 11:00:00+00	\N	{}	{"jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Exhaust port coked to a third", "faultId": "exhaust-blocked", "position": null, "complaintId": "7d2191f7-4638-5c3a-ad3d-c15c34753289"}	[{"op": "insert", "row": {"id": "7a8b0b4e-bb70-59f8-a8a9-29b942784380", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Exhaust port coked to a third", "madeAt": "2026-11-15T11:00:00.000Z", "faultId": "exhaust-blocked", "position": null, "versions": {}, "complaintId": "7d2191f7-4638-5c3a-ad3d-c15c34753289"}, "table": "cause"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.324449+00
0abaee06-7156-5397-a572-bd06c314c3ff	74	a0010746-9db2-5caf-af2d-3376baae645d	1	repair.log	repair	5cdfb2e0-783f-5725-a421-3f79cbe5b534	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-15 11:00:00+00	\N	{}	{"cost": "0.00", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Port and pipe cleared with the piston covering the port", "causeId": "7a8b0b4e-bb70-59f8-a8a9-29b942784380", "faultId": "exhaust-blocked", "minutes": 55, "position": null, "afterRepairId": null}	[{"op": "insert", "row": {"id": "5cdfb2e0-783f-5725-a421-3f79cbe5b534", "cost": "0.00", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "words": "Port and pipe cleared with the piston covering the port", "madeAt": "2026-11-15T11:00:00.000Z", "causeId": "7a8b0b4e-bb70-59f8-a8a9-29b942784380", "faultId": "exhaust-blocked", "minutes": 55, "position": null, "versions": {}, "afterRepairId": null}, "table": "repair"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.329748+00
0abaee06-7156-5397-a572-bd06c314c3ff	75	6a779c28-d47a-5e96-a074-2f4613c6f237	1	part.add	part	5444756e-4c1a-51d0-abfb-15a3c25b96e6	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-15 11:30:00+00	\N	{}	{"name": "Exhaust gasket", "dueOn": "2026-11-27", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "price": "4.20", "number": null, "source": "Harbour Stores", "quantity": 1, "findingId": null}	[{"op": "insert", "row": {"id": "5444756e-4c1a-51d0-abfb-15a3c25b96e6", "name": "Exhaust gasket", "dueOn": "2026-11-27", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "price": "4.20", "number": null, "source": "Harbour Stores", "status": "needed", "quantity": 1, "versions": {}, "findingId": null}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.335273+00
0abaee06-7156-5397-a572-bd06c314c3ff	76	9ea2c78f-f28a-593a-aeaf-0b32c5860b78	1	part.set	part	5444756e-4c1a-51d0-abfb-15a3c25b96e6	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-15 11:30:00+00	\N	{"status": 0}	{"set": {"status": "ordered"}}	[{"id": "5444756e-4c1a-51d0-abfb-15a3c25b96e6", "op": "update", "set": {"status": "ordered"}, "was": {"status": "needed"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.343393+00
0abaee06-7156-5397-a572-bd06c314c3ff	77	5bb3c27a-192a-53c1-a1f8-875ef92dfae2	1	part.add	part	88b310bc-39ce-596c-a700-550130831769	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-15 11:32:00+00	\N	{}	{"name": "Plug, right heat range", "dueOn": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "price": "6.50", "number": null, "source": "Harbour Stores", "quantity": 1, "findingId": null}	[{"op": "insert", "row": {"id": "88b310bc-39ce-596c-a700-550130831769", "name": "Plug, right heat range", "dueOn": null, "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "price": "6.50", "number": null, "source": "Harbour Stores", "status": "needed", "quantity": 1, "versions": {}, "findingId": null}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.348102+00
0abaee06-7156-5397-a572-bd06c314c3ff	79	6f839cb0-0815-5b4b-a3bd-b6499e1bbc39	1	part.set	part	88b310bc-39ce-596c-a700-550130831769	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-15 11:32:00+00	\N	{"status": 1}	{"set": {"status": "arrived"}}	[{"id": "88b310bc-39ce-596c-a700-550130831769", "op": "update", "set": {"status": "arrived"}, "was": {"status": "ordered"}, "table": "part"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.357152+00
0abaee06-7156-5397-a572-bd06c314c3ff	80	3fcdff1c-8bb3-5087-af7f-60802e32e998	1	wait.start	wait	95201365-6e65-5dec-afb0-df3992de1bac	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	2026-11-15 11:40:00+00	\N	{}	{"kind": "part", "what": "Exhaust gasket from Harbour Stores", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "until": "2026-11-27T12:00:00.000Z", "lookAgain": null}	[{"op": "insert", "row": {"id": "95201365-6e65-5dec-afb0-df3992de1bac", "kind": "part", "what": "Exhaust gasket from Harbour Stores", "jobId": "e8ed2d1a-1c8a-5a42-a11c-4296c719efd0", "until": "2026-11-27T12:00:00.000Z", "endedAt": null, "versions": {}, "lookAgain": null}, "table": "wait"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.362071+00
0abaee06-7156-5397-a572-bd06c314c3ff	81	38d33638-81e9-5937-a4e4-aab28dd4b6c8	1	bike.bookIn	bike	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	2026-11-19 09:15:00+00	\N	{}	{"name": "Quillon 350", "rate": "35.00", "words": "Stood in the boathouse since before the flood. Kicks over lovely, not a cough out of it.", "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "ownerId": "8eb9975c-4358-5fef-af83-5975620a0581", "newJobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "symptoms": {"no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}, "personalId": "b6a886c6-5cb9-568f-a348-bf69a1a3f61f", "complaintId": "7f4d3b79-4be9-5ece-a76c-41337e643dff"}	[{"op": "insert", "row": {"id": "8eb9975c-4358-5fef-af83-5975620a0581", "versions": {}, "personalId": "b6a886c6-5cb9-568f-a348-bf69a1a3f61f"}, "table": "owner"}, {"op": "insert", "row": {"id": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "name": "Quillon 350", "year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "ownerId": "8eb9975c-4358-5fef-af83-5975620a0581", "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "versions": {}, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}, {"op": "insert", "row": {"id": "88086454-1aeb-52ca-a41d-04c3e5d85277", "rate": "35.00", "crash": null, "notes": null, "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "school": "least-cost", "storage": null, "fuelLeft": null, "openedAt": "2026-11-19T09:15:00.000Z", "versions": {}, "lastTouched": null, "handedOverAt": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}, {"op": "insert", "row": {"id": "7f4d3b79-4be9-5ece-a76c-41337e643dff", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "state": "open", "words": "Stood in the boathouse since before the flood. Kicks over lovely, not a cough out of it.", "linkedTo": null, "symptoms": {"no-start": "present", "will-not-turn": "absent", "smells-of-fuel": "absent"}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.376862+00
0abaee06-7156-5397-a572-bd06c314c3ff	82	cb781831-c042-5381-aa87-9a1ba8c6deec	1	bike.set	bike	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	\N	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	2026-11-19 09:15:00+00	\N	{"year": 0, "boreMm": 0, "clutch": 0, "cooling": 0, "frameNo": 0, "strokes": 0, "voltage": 0, "engineNo": 0, "fuelling": 0, "ignition": 0, "starting": 0, "strokeMm": 0, "cylinders": 0, "mileageKm": 0, "decompressor": 0, "compressionRatio": 0}	{"set": {"year": 1968, "boreMm": 60, "clutch": "cable", "cooling": "air", "frameNo": "Q350-20417", "strokes": "four", "voltage": 6, "engineNo": "Q350-20417", "fuelling": "carburettor", "ignition": "points", "starting": "kick", "strokeMm": 61, "cylinders": 2, "mileageKm": 31240, "decompressor": "none", "compressionRatio": 8.5}}	[{"id": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "op": "update", "set": {"year": 1968, "boreMm": 60, "clutch": "cable", "cooling": "air", "frameNo": "Q350-20417", "strokes": "four", "voltage": 6, "engineNo": "Q350-20417", "fuelling": "carburettor", "ignition": "points", "starting": "kick", "strokeMm": 61, "cylinders": 2, "mileageKm": 31240, "decompressor": "none", "compressionRatio": 8.5}, "was": {"year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.382699+00
0abaee06-7156-5397-a572-bd06c314c3ff	83	73bde480-8aea-5dc1-a631-aa1d9d7d0376	1	job.set	job	88086454-1aeb-52ca-a41d-04c3e5d85277	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2026-11-19 09:15:00+00	\N	{"crash": 0, "storage": 0, "fuelLeft": 0, "lastTouched": 0, "lastTouchedBy": 0, "ranWhenParked": 0, "standingMonths": 0, "lastTouchedWhen": 0}	{"set": {"crash": "no", "storage": "flooded", "fuelLeft": "no", "lastTouched": ["ignition"], "lastTouchedBy": "a neighbour", "ranWhenParked": "yes", "standingMonths": 30, "lastTouchedWhen": "new plug and points cover off, a year ago"}}	[{"id": "88086454-1aeb-52ca-a41d-04c3e5d85277", "op": "update", "set": {"crash": "no", "storage": "flooded", "fuelLeft": "no", "lastTouched": ["ignition"], "lastTouchedBy": "a neighbour", "ranWhenParked": "yes", "standingMonths": 30, "lastTouchedWhen": "new plug and points cover off, a year ago"}, "was": {"crash": null, "storage": null, "fuelLeft": null, "lastTouched": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.392964+00
0abaee06-7156-5397-a572-bd06c314c3ff	84	17565378-2f57-52ab-afe2-ca94ea625175	1	consent.give	consent	a12f867e-b4ef-585b-a71b-1e7668652396	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2026-11-19 09:30:00+00	\N	{}	{"upTo": "400.00", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "words": "Find out why, and get it running if that stays under the limit. Ask before the engine is opened.", "supersedes": null}	[{"op": "insert", "row": {"id": "a12f867e-b4ef-585b-a71b-1e7668652396", "upTo": "400.00", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "words": "Find out why, and get it running if that stays under the limit. Ask before the engine is opened.", "givenAt": "2026-11-19T09:30:00.000Z", "versions": {}, "supersedes": null}, "table": "consent"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.406081+00
0abaee06-7156-5397-a572-bd06c314c3ff	85	2d56d825-9985-5f37-afc5-43cf9eea840c	1	spec.add	spec	d0df22d6-cb47-5c46-af5a-e6b384e2648b	\N	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	2026-11-19 09:40:00+00	\N	{}	{"low": 979055.5356298559, "high": 1344477.6721677599, "unit": "psi", "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "source": "book of this bike, page 61", "entered": "142 to 195 psi", "quantity": "compression"}	[{"op": "insert", "row": {"id": "d0df22d6-cb47-5c46-af5a-e6b384e2648b", "low": 979055.5356298559, "high": 1344477.6721677599, "unit": "psi", "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "source": "book of this bike, page 61", "entered": "142 to 195 psi", "quantity": "compression", "versions": {}}, "table": "spec"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.413819+00
11111111-1111-4111-8111-111111111111	9	00000000-0000-4000-8000-000000001008	1	spec.add	spec	00000000-0000-4000-8000-000000000008	\N	00000000-0000-4000-8000-000000000004	2030-01-01 08:08:00+00	\N	{}	{"low": 979055.5, "high": null, "unit": "psi", "bikeId": "00000000-0000-4000-8000-000000000004", "source": "book, page 61", "entered": "142 to … psi", "quantity": "compression"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000008", "low": 979055.5, "high": null, "unit": "psi", "bikeId": "00000000-0000-4000-8000-000000000004", "source": "book, page 61", "entered": "142 to … psi", "quantity": "compression", "versions": {}}, "table": "spec"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.682871+00
0abaee06-7156-5397-a572-bd06c314c3ff	86	ef353d43-0da0-5d8d-a064-8e1fc558d27e	1	evidence.add	evidence	7bd8806c-ffe6-531a-aa4a-248c6331df24	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2026-11-19 10:00:00+00	\N	{}	{"held": null, "note": "Oil in the holes, turned two full turns.", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "turn-by-hand", "outcome": "free", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "7bd8806c-ffe6-531a-aa4a-248c6331df24", "held": null, "note": "Oil in the holes, turned two full turns.", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "turn-by-hand", "outcome": "free", "takenAt": "2026-11-19T10:00:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.426197+00
0abaee06-7156-5397-a572-bd06c314c3ff	87	b7a314b4-e6ed-5ece-a2fc-66811c5165c2	1	evidence.add	evidence	cd8e7135-b419-5907-a4aa-a942a66e3ce1	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2026-11-19 10:10:00+00	\N	{}	{"held": null, "note": "Fresh oil put in by the owner.", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "oil-check", "outcome": "right", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "cd8e7135-b419-5907-a4aa-a942a66e3ce1", "held": null, "note": "Fresh oil put in by the owner.", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "oil-check", "outcome": "right", "takenAt": "2026-11-19T10:10:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.437064+00
0abaee06-7156-5397-a572-bd06c314c3ff	88	3f34bf94-b63a-5069-a24d-f1f8db8ac14b	1	evidence.add	evidence	b22be5d9-ae16-5321-ab14-a173ce57109d	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2026-11-19 10:20:00+00	\N	{}	{"held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "reading": null, "position": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "b22be5d9-ae16-5321-ab14-a173ce57109d", "held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "fuel-smell", "outcome": "fresh", "takenAt": "2026-11-19T10:20:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.451107+00
0abaee06-7156-5397-a572-bd06c314c3ff	89	b05be0e1-644a-5322-a94c-5c33cb9c436e	1	evidence.add	evidence	fb4678ae-0137-5d41-a7f4-1ca3d2ae4c19	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2026-11-20 09:00:00+00	\N	{}	{"held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "fb4678ae-0137-5d41-a7f4-1ca3d2ae4c19", "held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2026-11-20T09:00:00.000Z", "position": "1", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.461639+00
0abaee06-7156-5397-a572-bd06c314c3ff	90	7bbb3bb7-b81e-5441-aa1d-5223cfa6799d	1	evidence.add	evidence	70c9f343-bee8-5861-add7-8b915f8adf24	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2026-11-20 09:05:00+00	\N	{}	{"held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "read-plug", "outcome": "normal", "reading": null, "position": "2", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "70c9f343-bee8-5861-add7-8b915f8adf24", "held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "read-plug", "outcome": "normal", "takenAt": "2026-11-20T09:05:00.000Z", "position": "2", "versions": {}, "readingId": null, "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.472902+00
0abaee06-7156-5397-a572-bd06c314c3ff	91	e813e670-15b1-51bf-a265-dde1f93be6df	1	prediction.write	prediction	4c884d4a-539a-5edb-a9fe-f14219f8a033	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2026-11-20 09:30:00+00	\N	{}	{"jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "words": "If it was parked running, both are well over 140.", "testId": "compression", "expected": null, "position": "1"}	[{"op": "insert", "row": {"id": "4c884d4a-539a-5edb-a9fe-f14219f8a033", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "words": "If it was parked running, both are well over 140.", "madeAt": "2026-11-20T09:30:00.000Z", "testId": "compression", "expected": null, "position": "1", "versions": {}}, "table": "prediction"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.477637+00
0abaee06-7156-5397-a572-bd06c314c3ff	92	2ae55ce4-2c81-562e-a812-1f7e783ed8ef	1	evidence.add	evidence	43010069-dd13-5652-a469-52718f9689fc	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2026-11-20 09:30:00+00	\N	{}	{"held": "yes", "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "compression", "outcome": "good", "reading": {"id": "9b40f214-87c8-57f3-a18c-32a25b675382", "unit": "psi", "value": {"kind": "exact", "value": 1172108.7398386213}, "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "entered": "170 psi", "quantity": "compression", "instrument": null}, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "4c884d4a-539a-5edb-a9fe-f14219f8a033", "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "9b40f214-87c8-57f3-a18c-32a25b675382", "unit": "psi", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "value": {"kind": "exact", "value": 1172108.7398386213}, "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "entered": "170 psi", "takenAt": "2026-11-20T09:30:00.000Z", "position": "1", "quantity": "compression", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "43010069-dd13-5652-a469-52718f9689fc", "held": "yes", "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "compression", "outcome": "good", "takenAt": "2026-11-20T09:30:00.000Z", "position": "1", "versions": {}, "readingId": "9b40f214-87c8-57f3-a18c-32a25b675382", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "4c884d4a-539a-5edb-a9fe-f14219f8a033", "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.486089+00
11111111-1111-4111-8111-111111111111	37	00000000-0000-4000-8000-000000003000	1	undo	job	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:36:00+00	\N	{}	{"targetId": "00000000-0000-4000-8000-000000001035"}	[{"id": "00000000-0000-4000-8000-000000000005", "op": "update", "set": {"handedOverAt": null}, "was": {"handedOverAt": "2030-01-01T08:35:00.000Z"}, "table": "job"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.953697+00
0abaee06-7156-5397-a572-bd06c314c3ff	93	17c19802-e5d1-5f95-a9d6-8bce47d663f2	1	evidence.add	evidence	db4abc29-cd6a-534c-af54-3edbaf406a57	88086454-1aeb-52ca-a41d-04c3e5d85277	\N	2026-11-20 09:40:00+00	\N	{}	{"held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "compression", "outcome": "good", "reading": {"id": "1c1f555d-68a3-5a66-ab78-dd9ef2ef8c67", "unit": "psi", "value": {"kind": "exact", "value": 1241056.312770305}, "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "entered": "180 psi", "quantity": "compression", "instrument": null}, "position": "2", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}	[{"op": "insert", "row": {"id": "1c1f555d-68a3-5a66-ab78-dd9ef2ef8c67", "unit": "psi", "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "value": {"kind": "exact", "value": 1241056.312770305}, "bikeId": "02b27b62-4bc0-57fb-a1f9-d228266fe9f1", "entered": "180 psi", "takenAt": "2026-11-20T09:40:00.000Z", "position": "2", "quantity": "compression", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "db4abc29-cd6a-534c-af54-3edbaf406a57", "held": null, "note": null, "jobId": "88086454-1aeb-52ca-a41d-04c3e5d85277", "shown": null, "testId": "compression", "outcome": "good", "takenAt": "2026-11-20T09:40:00.000Z", "position": "2", "versions": {}, "readingId": "1c1f555d-68a3-5a66-ab78-dd9ef2ef8c67", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "b0d15066685ed088"}, "table": "evidence"}]	12124b89-4c99-5aa1-a528-aa6b78dfe994	\N	2026-11-25 04:07:22.497392+00
11111111-1111-4111-8111-111111111111	1	00000000-0000-4000-8000-000000001000	1	person.add	person	00000000-0000-4000-8000-000000000001	\N	\N	2030-01-01 08:00:00+00	\N	{}	{"name": "Ines Corrow"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000001", "name": "Ines Corrow", "versions": {}}, "table": "person"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.584281+00
11111111-1111-4111-8111-111111111111	2	00000000-0000-4000-8000-000000001001	1	bike.bookIn	bike	00000000-0000-4000-8000-000000000004	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	2030-01-01 08:01:00+00	\N	{}	{"name": "Quillon 350", "rate": "35.00", "words": "Will not start", "bikeId": "00000000-0000-4000-8000-000000000004", "ownerId": "00000000-0000-4000-8000-000000000002", "newJobId": "00000000-0000-4000-8000-000000000005", "symptoms": {"no-start": "present", "smells-of-fuel": "absent"}, "personalId": "00000000-0000-4000-8000-000000000003", "complaintId": "00000000-0000-4000-8000-000000000006"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000002", "versions": {}, "personalId": "00000000-0000-4000-8000-000000000003"}, "table": "owner"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000004", "name": "Quillon 350", "year": null, "boreMm": null, "clutch": null, "cooling": null, "frameNo": null, "ownerId": "00000000-0000-4000-8000-000000000002", "strokes": null, "voltage": null, "engineNo": null, "fuelling": null, "ignition": null, "starting": null, "strokeMm": null, "versions": {}, "cylinders": null, "mileageKm": null, "decompressor": null, "compressionRatio": null}, "table": "bike"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000005", "rate": "35.00", "crash": null, "notes": null, "bikeId": "00000000-0000-4000-8000-000000000004", "school": "least-cost", "storage": null, "fuelLeft": null, "openedAt": "2030-01-01T08:01:00.000Z", "versions": {}, "lastTouched": null, "handedOverAt": null, "lastTouchedBy": null, "ranWhenParked": null, "standingMonths": null, "lastTouchedWhen": null}, "table": "job"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000006", "jobId": "00000000-0000-4000-8000-000000000005", "state": "open", "words": "Will not start", "linkedTo": null, "symptoms": {"no-start": "present", "smells-of-fuel": "absent"}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.610359+00
11111111-1111-4111-8111-111111111111	3	00000000-0000-4000-8000-000000001002	1	bike.set	bike	00000000-0000-4000-8000-000000000004	\N	00000000-0000-4000-8000-000000000004	2030-01-01 08:02:00+00	\N	{"boreMm": 0, "strokes": 0, "voltage": 0, "cylinders": 0}	{"set": {"boreMm": 60.5, "strokes": "four", "voltage": 6, "cylinders": 2}}	[{"id": "00000000-0000-4000-8000-000000000004", "op": "update", "set": {"boreMm": 60.5, "strokes": "four", "voltage": 6, "cylinders": 2}, "was": {"boreMm": null, "strokes": null, "voltage": null, "cylinders": null}, "table": "bike"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.622716+00
11111111-1111-4111-8111-111111111111	4	00000000-0000-4000-8000-000000001003	1	job.set	job	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:03:00+00	\N	{"school": 0, "lastTouched": 0, "standingMonths": 0}	{"set": {"school": "spark-first", "lastTouched": ["ignition"], "standingMonths": 30}}	[{"id": "00000000-0000-4000-8000-000000000005", "op": "update", "set": {"school": "spark-first", "lastTouched": ["ignition"], "standingMonths": 30}, "was": {"school": "least-cost", "lastTouched": null, "standingMonths": null}, "table": "job"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.633144+00
11111111-1111-4111-8111-111111111111	5	00000000-0000-4000-8000-000000001004	1	owner.set	owner	00000000-0000-4000-8000-000000000002	\N	00000000-0000-4000-8000-000000000004	2030-01-01 08:04:00+00	\N	{"personalId": 0}	{"set": {"personalId": "00000000-0000-4000-8000-000000000034"}}	[{"id": "00000000-0000-4000-8000-000000000002", "op": "update", "set": {"personalId": "00000000-0000-4000-8000-000000000034"}, "was": {"personalId": "00000000-0000-4000-8000-000000000003"}, "table": "owner"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.642286+00
11111111-1111-4111-8111-111111111111	6	00000000-0000-4000-8000-000000001005	1	complaint.add	complaint	00000000-0000-4000-8000-000000000016	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:05:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "words": "It also leaks", "symptoms": {}, "afterRepairId": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000016", "jobId": "00000000-0000-4000-8000-000000000005", "state": "open", "words": "It also leaks", "linkedTo": null, "symptoms": {}, "versions": {}, "explained": false, "afterRepairId": null}, "table": "complaint"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.651694+00
11111111-1111-4111-8111-111111111111	7	00000000-0000-4000-8000-000000001006	1	complaint.set	complaint	00000000-0000-4000-8000-000000000016	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:06:00+00	\N	{"symptoms": 0, "explained": 0}	{"set": {"symptoms": {"smells-of-fuel": "present"}, "explained": true}}	[{"id": "00000000-0000-4000-8000-000000000016", "op": "update", "set": {"symptoms": {"smells-of-fuel": "present"}, "explained": true}, "was": {"symptoms": {}, "explained": false}, "table": "complaint"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.661031+00
11111111-1111-4111-8111-111111111111	8	00000000-0000-4000-8000-000000001007	1	consent.give	consent	00000000-0000-4000-8000-000000000007	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:07:00+00	\N	{}	{"upTo": "400.00", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Up to four hundred", "supersedes": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000007", "upTo": "400.00", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Up to four hundred", "givenAt": "2030-01-01T08:07:00.000Z", "versions": {}, "supersedes": null}, "table": "consent"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.673868+00
11111111-1111-4111-8111-111111111111	10	00000000-0000-4000-8000-000000001009	1	spec.set	spec	00000000-0000-4000-8000-000000000008	\N	00000000-0000-4000-8000-000000000004	2030-01-01 08:09:00+00	\N	{"high": 0, "source": 0}	{"set": {"high": 1275530.1, "source": "book, page 62"}}	[{"id": "00000000-0000-4000-8000-000000000008", "op": "update", "set": {"high": 1275530.1, "source": "book, page 62"}, "was": {"high": null, "source": "book, page 61"}, "table": "spec"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.691426+00
11111111-1111-4111-8111-111111111111	11	00000000-0000-4000-8000-000000001010	1	prediction.write	prediction	00000000-0000-4000-8000-000000000009	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:10:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "words": "Well over 140", "testId": "compression", "expected": "good", "position": "1"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000009", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Well over 140", "madeAt": "2030-01-01T08:10:00.000Z", "testId": "compression", "expected": "good", "position": "1", "versions": {}}, "table": "prediction"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.699892+00
11111111-1111-4111-8111-111111111111	12	00000000-0000-4000-8000-000000001011	1	evidence.add	evidence	00000000-0000-4000-8000-000000000011	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:11:00+00	\N	{}	{"held": "yes", "note": "warm day", "jobId": "00000000-0000-4000-8000-000000000005", "shown": {"next": "flick-points", "suspects": [["points-dirty", 0.25]]}, "testId": "compression", "outcome": "good", "reading": {"id": "00000000-0000-4000-8000-000000000010", "unit": "psi", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "quantity": "compression", "instrument": null}, "position": "1", "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "00000000-0000-4000-8000-000000000009", "afterRepairId": null, "knowledgeHash": "abc"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000010", "unit": "psi", "jobId": "00000000-0000-4000-8000-000000000005", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "takenAt": "2030-01-01T08:11:00.000Z", "position": "1", "quantity": "compression", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000011", "held": "yes", "note": "warm day", "jobId": "00000000-0000-4000-8000-000000000005", "shown": {"next": "flick-points", "suspects": [["points-dirty", 0.25]]}, "testId": "compression", "outcome": "good", "takenAt": "2030-01-01T08:11:00.000Z", "position": "1", "versions": {}, "readingId": "00000000-0000-4000-8000-000000000010", "withdrawn": null, "conditions": {"battery": "own", "temperature": "cold"}, "predictionId": "00000000-0000-4000-8000-000000000009", "afterRepairId": null, "knowledgeHash": "abc"}, "table": "evidence"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.714007+00
11111111-1111-4111-8111-111111111111	13	00000000-0000-4000-8000-000000001012	1	evidence.add	evidence	00000000-0000-4000-8000-000000000012	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:12:00+00	\N	{}	{"held": null, "note": null, "jobId": "00000000-0000-4000-8000-000000000005", "shown": null, "testId": "flick-points", "outcome": "none", "reading": null, "position": null, "conditions": {}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "abc"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000012", "held": null, "note": null, "jobId": "00000000-0000-4000-8000-000000000005", "shown": null, "testId": "flick-points", "outcome": "none", "takenAt": "2030-01-01T08:12:00.000Z", "position": null, "versions": {}, "readingId": null, "withdrawn": null, "conditions": {}, "predictionId": null, "afterRepairId": null, "knowledgeHash": "abc"}, "table": "evidence"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.722378+00
11111111-1111-4111-8111-111111111111	14	00000000-0000-4000-8000-000000001013	1	evidence.withdraw	evidence	00000000-0000-4000-8000-000000000012	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:13:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "reason": "battery was dying"}	[{"id": "00000000-0000-4000-8000-000000000012", "op": "update", "set": {"withdrawn": "battery was dying"}, "was": {"withdrawn": null}, "table": "evidence"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.729825+00
11111111-1111-4111-8111-111111111111	15	00000000-0000-4000-8000-000000001014	1	reading.add	reading	00000000-0000-4000-8000-000000000032	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:14:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "reading": {"id": "00000000-0000-4000-8000-000000000032", "unit": "psi", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "quantity": "compression", "instrument": null}, "position": "2", "conditions": {}}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000032", "unit": "psi", "jobId": "00000000-0000-4000-8000-000000000005", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "takenAt": "2030-01-01T08:14:00.000Z", "position": "2", "quantity": "compression", "versions": {}, "conditions": {}, "instrument": null}, "table": "reading"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.742215+00
11111111-1111-4111-8111-111111111111	16	00000000-0000-4000-8000-000000001015	1	cause.name	cause	00000000-0000-4000-8000-000000000013	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:15:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "words": "Oxide on the contacts", "faultId": "points-dirty", "position": null, "complaintId": "00000000-0000-4000-8000-000000000006"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000013", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Oxide on the contacts", "madeAt": "2030-01-01T08:15:00.000Z", "faultId": "points-dirty", "position": null, "versions": {}, "complaintId": "00000000-0000-4000-8000-000000000006"}, "table": "cause"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.749257+00
11111111-1111-4111-8111-111111111111	17	00000000-0000-4000-8000-000000001016	1	repair.log	repair	00000000-0000-4000-8000-000000000014	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:16:00+00	\N	{}	{"cost": "2.50", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Cleaned and set", "causeId": "00000000-0000-4000-8000-000000000013", "faultId": "points-dirty", "minutes": 20, "position": null, "afterRepairId": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000014", "cost": "2.50", "jobId": "00000000-0000-4000-8000-000000000005", "words": "Cleaned and set", "madeAt": "2030-01-01T08:16:00.000Z", "causeId": "00000000-0000-4000-8000-000000000013", "faultId": "points-dirty", "minutes": 20, "position": null, "versions": {}, "afterRepairId": null}, "table": "repair"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.755864+00
11111111-1111-4111-8111-111111111111	38	00000000-0000-4000-8000-000000003001	1	redo	job	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:37:00+00	\N	{}	{"targetId": "00000000-0000-4000-8000-000000003000"}	[{"id": "00000000-0000-4000-8000-000000000005", "op": "update", "set": {"handedOverAt": "2030-01-01T08:35:00.000Z"}, "was": {"handedOverAt": null}, "table": "job"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.960838+00
11111111-1111-4111-8111-111111111111	18	00000000-0000-4000-8000-000000001017	1	retest.log	retest	00000000-0000-4000-8000-000000000015	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:17:00+00	\N	{}	{"note": null, "jobId": "00000000-0000-4000-8000-000000000005", "result": "changed", "changed": {"id": "00000000-0000-4000-8000-000000000033", "words": "Starts and dies", "symptoms": {"starts-and-dies": "present"}}, "repairId": "00000000-0000-4000-8000-000000000014", "conditions": {"battery": "own", "temperature": "cold"}, "complaintId": "00000000-0000-4000-8000-000000000006"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000033", "jobId": "00000000-0000-4000-8000-000000000005", "state": "open", "words": "Starts and dies", "linkedTo": "00000000-0000-4000-8000-000000000006", "symptoms": {"starts-and-dies": "present"}, "versions": {}, "explained": false, "afterRepairId": "00000000-0000-4000-8000-000000000014"}, "table": "complaint"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000015", "note": null, "jobId": "00000000-0000-4000-8000-000000000005", "result": "changed", "takenAt": "2030-01-01T08:17:00.000Z", "repairId": "00000000-0000-4000-8000-000000000014", "versions": {}, "conditions": {"battery": "own", "temperature": "cold"}, "complaintId": "00000000-0000-4000-8000-000000000006", "newComplaintId": "00000000-0000-4000-8000-000000000033"}, "table": "retest"}, {"id": "00000000-0000-4000-8000-000000000006", "op": "update", "set": {"state": "changed"}, "was": {"state": "open"}, "table": "complaint"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.769379+00
11111111-1111-4111-8111-111111111111	19	00000000-0000-4000-8000-000000001018	1	step.add	step	00000000-0000-4000-8000-000000000017	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:18:00+00	\N	{}	{"bag": "7", "note": "gasket reused", "jobId": "00000000-0000-4000-8000-000000000005", "title": "Left cover", "access": "points-cover", "fasteners": [{"id": "00000000-0000-4000-8000-000000000018", "size": "M6x25", "count": 4, "place": "rim"}, {"id": "00000000-0000-4000-8000-000000000019", "size": "dowel", "count": 2, "place": null}]}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000017", "bag": "7", "note": "gasket reused", "jobId": "00000000-0000-4000-8000-000000000005", "title": "Left cover", "access": "points-cover", "madeAt": "2030-01-01T08:18:00.000Z", "versions": {}, "refittedAt": null}, "table": "step"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000018", "size": "M6x25", "count": 4, "jobId": "00000000-0000-4000-8000-000000000005", "place": "rim", "stepId": "00000000-0000-4000-8000-000000000017", "refitted": 0, "versions": {}}, "table": "fastener"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000019", "size": "dowel", "count": 2, "jobId": "00000000-0000-4000-8000-000000000005", "place": null, "stepId": "00000000-0000-4000-8000-000000000017", "refitted": 0, "versions": {}}, "table": "fastener"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.78159+00
11111111-1111-4111-8111-111111111111	20	00000000-0000-4000-8000-000000001019	1	step.refit	step	00000000-0000-4000-8000-000000000017	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:19:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "counts": {"00000000-0000-4000-8000-000000000018": 4, "00000000-0000-4000-8000-000000000019": 2}}	[{"id": "00000000-0000-4000-8000-000000000018", "op": "update", "set": {"refitted": 4}, "was": {"refitted": 0}, "table": "fastener"}, {"id": "00000000-0000-4000-8000-000000000019", "op": "update", "set": {"refitted": 2}, "was": {"refitted": 0}, "table": "fastener"}, {"id": "00000000-0000-4000-8000-000000000017", "op": "update", "set": {"refittedAt": "2030-01-01T08:19:00.000Z"}, "was": {"refittedAt": null}, "table": "step"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.792802+00
11111111-1111-4111-8111-111111111111	21	00000000-0000-4000-8000-000000001020	1	finding.add	finding	00000000-0000-4000-8000-000000000020	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:20:00+00	\N	{}	{"item": "Contacts", "seen": "blue film", "jobId": "00000000-0000-4000-8000-000000000005", "stepId": "00000000-0000-4000-8000-000000000017", "faultId": "points-dirty", "reading": {"id": "00000000-0000-4000-8000-000000000021", "unit": "psi", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "quantity": "compression", "instrument": null}, "verdict": "clean", "position": null, "conditions": {}, "afterRepairId": "00000000-0000-4000-8000-000000000014"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000021", "unit": "psi", "jobId": "00000000-0000-4000-8000-000000000005", "value": {"kind": "exact", "value": 1172108.7}, "bikeId": "00000000-0000-4000-8000-000000000004", "entered": "170 psi", "takenAt": "2030-01-01T08:20:00.000Z", "position": null, "quantity": "compression", "versions": {}, "conditions": {}, "instrument": null}, "table": "reading"}, {"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000020", "item": "Contacts", "seen": "blue film", "jobId": "00000000-0000-4000-8000-000000000005", "stepId": "00000000-0000-4000-8000-000000000017", "faultId": "points-dirty", "takenAt": "2030-01-01T08:20:00.000Z", "verdict": "clean", "position": null, "versions": {}, "readingId": "00000000-0000-4000-8000-000000000021", "afterRepairId": "00000000-0000-4000-8000-000000000014"}, "table": "finding"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.804223+00
11111111-1111-4111-8111-111111111111	22	00000000-0000-4000-8000-000000001021	1	part.add	part	00000000-0000-4000-8000-000000000022	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:21:00+00	\N	{}	{"name": "Condenser", "dueOn": "2030-02-01", "jobId": "00000000-0000-4000-8000-000000000005", "price": "9.00", "number": "C-12", "source": "Harbour Stores", "quantity": 1, "findingId": "00000000-0000-4000-8000-000000000020"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000022", "name": "Condenser", "dueOn": "2030-02-01", "jobId": "00000000-0000-4000-8000-000000000005", "price": "9.00", "number": "C-12", "source": "Harbour Stores", "status": "needed", "quantity": 1, "versions": {}, "findingId": "00000000-0000-4000-8000-000000000020"}, "table": "part"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.813436+00
11111111-1111-4111-8111-111111111111	23	00000000-0000-4000-8000-000000001022	1	part.set	part	00000000-0000-4000-8000-000000000022	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:22:00+00	\N	{"price": 0, "status": 0}	{"set": {"price": "8.5", "status": "ordered"}}	[{"id": "00000000-0000-4000-8000-000000000022", "op": "update", "set": {"price": "8.5", "status": "ordered"}, "was": {"price": "9.00", "status": "needed"}, "table": "part"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.81947+00
11111111-1111-4111-8111-111111111111	24	00000000-0000-4000-8000-000000001023	1	torque.plan	torque	00000000-0000-4000-8000-000000000023	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:23:00+00	\N	{}	{"name": "Head nuts", "unit": "lbf·ft", "count": 4, "jobId": "00000000-0000-4000-8000-000000000005", "source": "book", "stages": [{"id": "00000000-0000-4000-8000-000000000024", "kind": "torque", "value": 12}, {"id": "00000000-0000-4000-8000-000000000025", "kind": "angle", "value": 90}], "thread": "M8", "entered": "18 lbf·ft", "figureNm": 24.4}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000023", "name": "Head nuts", "unit": "lbf·ft", "count": 4, "jobId": "00000000-0000-4000-8000-000000000005", "source": "book", "thread": "M8", "entered": "18 lbf·ft", "figureNm": 24.4, "versions": {}}, "table": "torque"}, {"op": "insert", "row": {"n": 1, "id": "00000000-0000-4000-8000-000000000024", "kind": "torque", "jobId": "00000000-0000-4000-8000-000000000005", "value": 12, "doneAt": null, "torqueId": "00000000-0000-4000-8000-000000000023", "versions": {}}, "table": "torqueStage"}, {"op": "insert", "row": {"n": 2, "id": "00000000-0000-4000-8000-000000000025", "kind": "angle", "jobId": "00000000-0000-4000-8000-000000000005", "value": 90, "doneAt": null, "torqueId": "00000000-0000-4000-8000-000000000023", "versions": {}}, "table": "torqueStage"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.829653+00
11111111-1111-4111-8111-111111111111	25	00000000-0000-4000-8000-000000001024	1	torque.stage	torqueStage	00000000-0000-4000-8000-000000000024	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:24:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "torqueId": "00000000-0000-4000-8000-000000000023"}	[{"id": "00000000-0000-4000-8000-000000000024", "op": "update", "set": {"doneAt": "2030-01-01T08:24:00.000Z"}, "was": {"doneAt": null}, "table": "torqueStage"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.83863+00
11111111-1111-4111-8111-111111111111	26	00000000-0000-4000-8000-000000001025	1	torque.stage	torqueStage	00000000-0000-4000-8000-000000000025	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:25:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "torqueId": "00000000-0000-4000-8000-000000000023"}	[{"id": "00000000-0000-4000-8000-000000000025", "op": "update", "set": {"doneAt": "2030-01-01T08:25:00.000Z"}, "was": {"doneAt": null}, "table": "torqueStage"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.848224+00
11111111-1111-4111-8111-111111111111	27	00000000-0000-4000-8000-000000001026	1	signature.sign	signature	00000000-0000-4000-8000-000000000026	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:26:00+00	\N	{}	{"kind": "torque", "jobId": "00000000-0000-4000-8000-000000000005", "signedBy": "Ines Corrow", "subjectId": "00000000-0000-4000-8000-000000000023", "supersedes": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000026", "kind": "torque", "jobId": "00000000-0000-4000-8000-000000000005", "signedAt": "2030-01-01T08:26:00.000Z", "signedBy": "Ines Corrow", "versions": {}, "subjectId": "00000000-0000-4000-8000-000000000023", "supersedes": null}, "table": "signature"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.856435+00
11111111-1111-4111-8111-111111111111	28	00000000-0000-4000-8000-000000001027	1	check.mark	checkmark	00000000-0000-4000-8000-000000000027	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:27:00+00	\N	{}	{"item": "oil", "list": "first-start", "note": null, "jobId": "00000000-0000-4000-8000-000000000005", "state": "done"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000027", "item": "oil", "list": "first-start", "note": null, "jobId": "00000000-0000-4000-8000-000000000005", "state": "done", "versions": {}}, "table": "checkmark"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.871032+00
11111111-1111-4111-8111-111111111111	29	00000000-0000-4000-8000-000000001028	1	check.mark	checkmark	00000000-0000-4000-8000-000000000099	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:28:00+00	\N	{}	{"item": "oil", "list": "first-start", "note": "drained again", "jobId": "00000000-0000-4000-8000-000000000005", "state": "open"}	[{"id": "00000000-0000-4000-8000-000000000027", "op": "update", "set": {"note": "drained again", "state": "open"}, "was": {"note": null, "state": "done"}, "table": "checkmark"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.879225+00
11111111-1111-4111-8111-111111111111	30	00000000-0000-4000-8000-000000001029	1	wait.start	wait	00000000-0000-4000-8000-000000000028	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:29:00+00	\N	{}	{"kind": "part", "what": "Condenser", "jobId": "00000000-0000-4000-8000-000000000005", "until": "2030-02-01T12:00:00.000Z", "lookAgain": null}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000028", "kind": "part", "what": "Condenser", "jobId": "00000000-0000-4000-8000-000000000005", "until": "2030-02-01T12:00:00.000Z", "endedAt": null, "versions": {}, "lookAgain": null}, "table": "wait"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.88911+00
11111111-1111-4111-8111-111111111111	31	00000000-0000-4000-8000-000000001030	1	wait.end	wait	00000000-0000-4000-8000-000000000028	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:30:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005"}	[{"id": "00000000-0000-4000-8000-000000000028", "op": "update", "set": {"endedAt": "2030-01-01T08:30:00.000Z"}, "was": {"endedAt": null}, "table": "wait"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.899991+00
11111111-1111-4111-8111-111111111111	32	00000000-0000-4000-8000-000000001031	1	provisional.add	provisional	00000000-0000-4000-8000-000000000029	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:31:00+00	\N	{}	{"why": "lug broken", "what": "Tie on the panel", "jobId": "00000000-0000-4000-8000-000000000005", "until": null, "mayRun": true, "mayRide": true, "mayLeave": false}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000029", "why": "lug broken", "what": "Tie on the panel", "jobId": "00000000-0000-4000-8000-000000000005", "until": null, "mayRun": true, "endedAt": null, "mayRide": true, "mayLeave": false, "versions": {}}, "table": "provisional"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.908598+00
11111111-1111-4111-8111-111111111111	33	00000000-0000-4000-8000-000000001032	1	provisional.end	provisional	00000000-0000-4000-8000-000000000029	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:32:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005"}	[{"id": "00000000-0000-4000-8000-000000000029", "op": "update", "set": {"endedAt": "2030-01-01T08:32:00.000Z"}, "was": {"endedAt": null}, "table": "provisional"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.914425+00
11111111-1111-4111-8111-111111111111	34	00000000-0000-4000-8000-000000001033	1	watch.add	watch	00000000-0000-4000-8000-000000000030	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:33:00+00	\N	{}	{"due": "after 100 km", "what": "Oil level", "jobId": "00000000-0000-4000-8000-000000000005"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000030", "due": "after 100 km", "what": "Oil level", "jobId": "00000000-0000-4000-8000-000000000005", "versions": {}}, "table": "watch"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.927128+00
11111111-1111-4111-8111-111111111111	35	00000000-0000-4000-8000-000000001034	1	hazard.acknowledge	hazardAck	00000000-0000-4000-8000-000000000031	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:34:00+00	\N	{}	{"jobId": "00000000-0000-4000-8000-000000000005", "place": "trace", "hazard": "fuel-vapour"}	[{"op": "insert", "row": {"id": "00000000-0000-4000-8000-000000000031", "jobId": "00000000-0000-4000-8000-000000000005", "place": "trace", "hazard": "fuel-vapour", "versions": {}, "acknowledgedAt": "2030-01-01T08:34:00.000Z"}, "table": "hazardAck"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.935445+00
11111111-1111-4111-8111-111111111111	36	00000000-0000-4000-8000-000000001035	1	job.handOver	job	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000005	\N	2030-01-01 08:35:00+00	\N	{}	{}	[{"id": "00000000-0000-4000-8000-000000000005", "op": "update", "set": {"handedOverAt": "2030-01-01T08:35:00.000Z"}, "was": {"handedOverAt": null}, "table": "job"}]	00000000-0000-4000-8000-000000000001	\N	2026-11-25 04:07:22.942601+00
\.


--
-- Data for Name: migrations; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.migrations (id, name, run_on) FROM stdin;
1	0001_workshop	2026-11-25 04:07:20.111339
\.


--
-- Data for Name: owner; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.owner (shop_id, id, personal_id, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	2da0a64f-3b8f-5555-aa81-760ca53cff6e	59c2b511-dd3d-5458-a9ae-3ceeb4771d2e	{}
0abaee06-7156-5397-a572-bd06c314c3ff	bf1bdc3c-f09f-5452-ae79-adbcad2ddd9c	70bf23c1-d01c-5f7e-afa7-378f8d3d75fd	{}
0abaee06-7156-5397-a572-bd06c314c3ff	cdef0749-da69-5bc7-a379-e087d3ed8911	60f25fbb-f875-557c-a0b8-2f57ffb0b4d2	{}
0abaee06-7156-5397-a572-bd06c314c3ff	8eb9975c-4358-5fef-af83-5975620a0581	b6a886c6-5cb9-568f-a348-bf69a1a3f61f	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000002	00000000-0000-4000-8000-000000000034	{"personalId": 1}
\.


--
-- Data for Name: part; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.part (shop_id, id, job_id, finding_id, name, number, source, quantity, price, status, due_on, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	b6c7510b-ffc9-5006-aee9-4fafb3a91635	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Generator cover gasket	\N	Quayside Spares	1	18.90	fitted	\N	{"status": 3}
0abaee06-7156-5397-a572-bd06c314c3ff	9f2ba940-c09c-5a04-af73-055101632e4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Dowel 8 mm	\N	Quayside Spares	2	1.10	fitted	\N	{"status": 3}
0abaee06-7156-5397-a572-bd06c314c3ff	b8a811df-e4c9-57dc-a3ee-cfa5c6e0bfa3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	\N	Coolant 2 l	\N	Harbour Stores	1	14.00	arrived	\N	{"status": 2}
0abaee06-7156-5397-a572-bd06c314c3ff	5444756e-4c1a-51d0-abfb-15a3c25b96e6	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Exhaust gasket	\N	Harbour Stores	1	4.20	ordered	2026-11-27	{"status": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	88b310bc-39ce-596c-a700-550130831769	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	\N	Plug, right heat range	\N	Harbour Stores	1	6.50	arrived	\N	{"status": 2}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000022	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000020	Condenser	C-12	Harbour Stores	1	8.5	ordered	2030-02-01	{"price": 1, "status": 1}
\.


--
-- Data for Name: person; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.person (shop_id, id, name, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	12124b89-4c99-5aa1-a528-aa6b78dfe994	Ines Corrow	{}
0abaee06-7156-5397-a572-bd06c314c3ff	c6db4a06-d893-5c04-a0f0-11374178cc79	Tam Veley	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000001	Ines Corrow	{}
\.


--
-- Data for Name: personal; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.personal (shop_id, id, name, phone, email) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	59c2b511-dd3d-5458-a9ae-3ceeb4771d2e	Juna Aldercott	014 221 905	\N
0abaee06-7156-5397-a572-bd06c314c3ff	70bf23c1-d01c-5f7e-afa7-378f8d3d75fd	Brannoc Teague	014 223 440	\N
0abaee06-7156-5397-a572-bd06c314c3ff	60f25fbb-f875-557c-a0b8-2f57ffb0b4d2	Piet Hallam	014 220 118	\N
0abaee06-7156-5397-a572-bd06c314c3ff	b6a886c6-5cb9-568f-a348-bf69a1a3f61f	Orla Fennimore	014 220 731	\N
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000003	Orla Fennimore	\N	\N
\.


--
-- Data for Name: prediction; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.prediction (shop_id, id, job_id, test_id, "position", words, expected, made_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	d416ae61-a21e-5744-ad9b-e1a973d12855	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	spark-look	1	If the slide hurt the pick-up, all four are dead.	\N	2026-10-23 10:20:00+00	{}
0abaee06-7156-5397-a572-bd06c314c3ff	4c884d4a-539a-5edb-a9fe-f14219f8a033	88086454-1aeb-52ca-a41d-04c3e5d85277	compression	1	If it was parked running, both are well over 140.	\N	2026-11-20 09:30:00+00	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000009	00000000-0000-4000-8000-000000000005	compression	1	Well over 140	good	2030-01-01 08:10:00+00	{}
\.


--
-- Data for Name: provisional; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.provisional (shop_id, id, job_id, what, why, until, may_run, may_ride, may_leave, ended_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	986a007d-eff9-517c-a1d1-e3a28001a86d	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Left panel held by two ties	Lug broken in the slide, new panel not wanted	when a used panel turns up	t	t	t	\N	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000029	00000000-0000-4000-8000-000000000005	Tie on the panel	lug broken	\N	t	t	f	2030-01-01 08:32:00+00	{"endedAt": 1}
\.


--
-- Data for Name: reading; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.reading (shop_id, id, job_id, bike_id, quantity, "position", value, unit, entered, instrument, conditions, taken_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	486dbc27-e31f-5724-adcf-c1b6046ee23e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	battery-rest	\N	{"kind": "exact", "value": 12.62}	V	12.62 V	\N	{"battery": "own", "temperature": "cold"}	2026-10-23 09:20:00+00	{}
0abaee06-7156-5397-a572-bd06c314c3ff	889c8b16-e671-5670-a085-72902dc7d670	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	battery-cranking	\N	{"kind": "exact", "value": 10.4}	V	10.4 V	\N	{"battery": "own", "temperature": "cold"}	2026-10-23 10:00:00+00	{}
0abaee06-7156-5397-a572-bd06c314c3ff	d717c9ab-03c3-5d04-a14b-959ab81a6d47	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	coil-supply	\N	{"kind": "exact", "value": 12.3}	V	12.3 V	\N	{"battery": "own", "temperature": "cold"}	2026-10-23 11:00:00+00	{}
0abaee06-7156-5397-a572-bd06c314c3ff	6e1efc6b-02ce-5cc9-a896-9e7eeb0606fc	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c666a275-e5b3-5b0a-af1e-2169dc69dbce	pickup	\N	{"kind": "exact", "value": 214}	ohm	214 ohm	\N	{"battery": "own", "temperature": "cold"}	2026-10-24 09:00:00+00	{}
0abaee06-7156-5397-a572-bd06c314c3ff	9b40f214-87c8-57f3-a18c-32a25b675382	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	compression	1	{"kind": "exact", "value": 1172108.7398386213}	psi	170 psi	\N	{"battery": "own", "temperature": "cold"}	2026-11-20 09:30:00+00	{}
0abaee06-7156-5397-a572-bd06c314c3ff	1c1f555d-68a3-5a66-ab78-dd9ef2ef8c67	88086454-1aeb-52ca-a41d-04c3e5d85277	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	compression	2	{"kind": "exact", "value": 1241056.312770305}	psi	180 psi	\N	{"battery": "own", "temperature": "cold"}	2026-11-20 09:40:00+00	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000010	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	compression	1	{"kind": "exact", "value": 1172108.7}	psi	170 psi	\N	{"battery": "own", "temperature": "cold"}	2030-01-01 08:11:00+00	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000032	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	compression	2	{"kind": "exact", "value": 1172108.7}	psi	170 psi	\N	{}	2030-01-01 08:14:00+00	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000021	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000004	compression	\N	{"kind": "exact", "value": 1172108.7}	psi	170 psi	\N	{}	2030-01-01 08:20:00+00	{}
\.


--
-- Data for Name: repair; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.repair (shop_id, id, job_id, cause_id, fault_id, "position", words, minutes, cost, after_repair_id, made_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	61391f6e-6987-521a-a470-f917e26987f4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	c9324725-e6b5-5980-a38c-c6e0ecbc2251	pickup-gap	\N	Wires mended and led away from the cover, pick-up gap set	70	6.40	\N	2026-10-25 10:00:00+00	{}
0abaee06-7156-5397-a572-bd06c314c3ff	5cdfb2e0-783f-5725-a421-3f79cbe5b534	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	7a8b0b4e-bb70-59f8-a8a9-29b942784380	exhaust-blocked	\N	Port and pipe cleared with the piston covering the port	55	0.00	\N	2026-11-15 11:00:00+00	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000014	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000013	points-dirty	\N	Cleaned and set	20	2.50	\N	2030-01-01 08:16:00+00	{}
\.


--
-- Data for Name: retest; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.retest (shop_id, id, job_id, complaint_id, repair_id, result, conditions, note, new_complaint_id, taken_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	dec8bbf5-a7f0-5d1e-a5a3-118399ccc77b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	d1b484c3-f4ca-53e2-a51c-aae8a8be37c8	61391f6e-6987-521a-a470-f917e26987f4	gone	{"tries": 4, "battery": "own", "temperature": "cold"}	Starts at once, all four.	\N	2026-10-25 12:00:00+00	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000015	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000006	00000000-0000-4000-8000-000000000014	changed	{"battery": "own", "temperature": "cold"}	\N	00000000-0000-4000-8000-000000000033	2030-01-01 08:17:00+00	{}
\.


--
-- Data for Name: session; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.session (shop_id, id, token_hash, person_id, made_at) FROM stdin;
\.


--
-- Data for Name: shop; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.shop (id, name, rate, currency, demo, seq) FROM stdin;
8547cc24-1a0e-5922-a6d5-053684d3d5e3	My workshop	35.00	¤	f	0
0abaee06-7156-5397-a572-bd06c314c3ff	Lantern Yard (demo)	35.00	¤	t	93
11111111-1111-4111-8111-111111111111	A	35.00	¤	f	38
\.


--
-- Data for Name: signature; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.signature (shop_id, id, job_id, kind, subject_id, signed_by, signed_at, supersedes, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	5057312d-f96e-51a6-a031-5853fb8285a9	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	torque	531fee56-9ea0-5f7e-ac08-e0b495241e77	Ines Corrow	2026-11-22 15:30:00+00	\N	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000026	00000000-0000-4000-8000-000000000005	torque	00000000-0000-4000-8000-000000000023	Ines Corrow	2030-01-01 08:26:00+00	\N	{}
\.


--
-- Data for Name: spec; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.spec (shop_id, id, bike_id, quantity, low, high, unit, entered, source, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	d0df22d6-cb47-5c46-af5a-e6b384e2648b	02b27b62-4bc0-57fb-a1f9-d228266fe9f1	compression	979055.5356298559	1344477.6721677599	psi	142 to 195 psi	book of this bike, page 61	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000008	00000000-0000-4000-8000-000000000004	compression	979055.5	1275530.1	psi	142 to … psi	book, page 62	{"high": 1, "source": 1}
\.


--
-- Data for Name: step; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.step (shop_id, id, job_id, title, access, bag, note, made_at, refitted_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	a54e99db-d686-5070-a0d2-120d15b72efd	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Left fairing side off	\N	11	\N	2026-10-24 10:00:00+00	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	3aa0481c-6618-5682-af0d-f6040c87444e	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Generator cover off	generator-cover	12	Rubbed through at the bottom; a dowel was lost.	2026-10-24 11:00:00+00	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	04d7a6b8-3979-507c-af7f-18e0fc9db031	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	Exhaust off	exhaust	3	Gasket broke up.	2026-11-14 10:00:00+00	\N	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000017	00000000-0000-4000-8000-000000000005	Left cover	points-cover	7	gasket reused	2030-01-01 08:18:00+00	2030-01-01 08:19:00+00	{"refittedAt": 1}
\.


--
-- Data for Name: torque; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.torque (shop_id, id, job_id, name, thread, count, figure_nm, unit, entered, source, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	531fee56-9ea0-5f7e-ac08-e0b495241e77	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Generator cover, rim	M6	7	10.846543586651201	lbf·ft	8 lbf·ft	book of this bike	{}
0abaee06-7156-5397-a572-bd06c314c3ff	d2c7b4dd-d1b3-5844-a82e-80198c925be4	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Generator cover, lower edge	M6	2	10.846543586651201	lbf·ft	8 lbf·ft	book of this bike	{}
0abaee06-7156-5397-a572-bd06c314c3ff	9cf08170-eaf2-582c-a2a9-4448e13e7173	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Sump plug	M12x1.25	1	25	N·m	25 N·m	book of this bike	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000023	00000000-0000-4000-8000-000000000005	Head nuts	M8	4	24.4	lbf·ft	18 lbf·ft	book	{}
\.


--
-- Data for Name: torque_stage; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.torque_stage (shop_id, id, job_id, torque_id, n, kind, value, done_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	f3360d8e-f456-5164-ab64-ec7b22eb2c4b	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	531fee56-9ea0-5f7e-ac08-e0b495241e77	1	torque	5.4232717933256005	2026-11-22 15:30:00+00	{"doneAt": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	c46a5b76-6f5e-58cb-a624-ab2f1ad8f5b6	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	531fee56-9ea0-5f7e-ac08-e0b495241e77	2	torque	10.846543586651201	2026-11-22 15:30:00+00	{"doneAt": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	6be9b2b0-9342-510a-a120-0fd4c8c9d0e3	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	d2c7b4dd-d1b3-5844-a82e-80198c925be4	2	torque	10.846543586651201	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	1789efba-5bf9-5df6-a966-93a219728356	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	d2c7b4dd-d1b3-5844-a82e-80198c925be4	1	torque	5.4232717933256005	2026-11-22 15:40:00+00	{"doneAt": 1}
0abaee06-7156-5397-a572-bd06c314c3ff	008e21fd-427e-5d4e-a5cc-bb66a73028be	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	9cf08170-eaf2-582c-a2a9-4448e13e7173	1	torque	25	\N	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000024	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000023	1	torque	12	2030-01-01 08:24:00+00	{"doneAt": 1}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000025	00000000-0000-4000-8000-000000000005	00000000-0000-4000-8000-000000000023	2	angle	90	2030-01-01 08:25:00+00	{"doneAt": 1}
\.


--
-- Data for Name: wait; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.wait (shop_id, id, job_id, kind, what, until, look_again, ended_at, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	9f393c66-0803-5c26-a700-90c3afdc8e1c	e1d22e87-5809-5ee5-adfe-4402c8b52b27	soaking	50 ml of penetrant in the cylinder	2026-11-29 09:00:00+00	2026-11-26 09:00:00+00	\N	{}
0abaee06-7156-5397-a572-bd06c314c3ff	95201365-6e65-5dec-afb0-df3992de1bac	e8ed2d1a-1c8a-5a42-a11c-4296c719efd0	part	Exhaust gasket from Harbour Stores	2026-11-27 12:00:00+00	\N	\N	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000028	00000000-0000-4000-8000-000000000005	part	Condenser	2030-02-01 12:00:00+00	\N	2030-01-01 08:30:00+00	{"endedAt": 1}
\.


--
-- Data for Name: watch; Type: TABLE DATA; Schema: public; Owner: -
--

COPY public.watch (shop_id, id, job_id, what, due, versions) FROM stdin;
0abaee06-7156-5397-a572-bd06c314c3ff	a2fc65e9-807f-59aa-a199-8ac9801b0a28	3b7a9117-f1d3-5aca-a2b4-06fbd085de0a	Coolant level cold	after the first 100 km	{}
11111111-1111-4111-8111-111111111111	00000000-0000-4000-8000-000000000030	00000000-0000-4000-8000-000000000005	Oil level	after 100 km	{}
\.


--
-- Name: migrations_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.migrations_id_seq', 1, true);


--
-- Name: bike bike_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bike
    ADD CONSTRAINT bike_pkey PRIMARY KEY (shop_id, id);


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
-- Name: evidence_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX evidence_by_job ON public.evidence USING btree (shop_id, job_id);


--
-- Name: fastener_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX fastener_by_job ON public.fastener USING btree (shop_id, job_id);


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
-- Name: journal_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX journal_by_job ON public.journal USING btree (shop_id, job_id, seq);


--
-- Name: part_by_job; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX part_by_job ON public.part USING btree (shop_id, job_id);


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
-- Name: bike bike_shop_id_fkey; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.bike
    ADD CONSTRAINT bike_shop_id_fkey FOREIGN KEY (shop_id) REFERENCES public.shop(id) ON DELETE CASCADE;


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

\unrestrict OWgAhxbNGv2zS9Kur6KTjhoM4caWAWq4HmiOPSYCGfWc6xc3dJP1BuJbTWhG29a

