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
SET default_tablespace = '';
SET default_table_access_method = heap;
CREATE TABLE public.failed_jobs (
    id bigint NOT NULL,
    uuid character varying(255) NOT NULL,
    connection text NOT NULL,
    queue text NOT NULL,
    payload text NOT NULL,
    exception text NOT NULL,
    failed_at timestamp(0) without time zone DEFAULT CURRENT_TIMESTAMP NOT NULL
);
CREATE SEQUENCE public.failed_jobs_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.failed_jobs_id_seq OWNED BY public.failed_jobs.id;
CREATE TABLE public.household_user (
    household_id character(26) NOT NULL,
    user_id character(26) NOT NULL,
    role character varying(16) NOT NULL
);
CREATE TABLE public.households (
    id character(26) NOT NULL,
    name character varying(255) NOT NULL,
    created_at timestamp(0) without time zone,
    updated_at timestamp(0) without time zone
);
CREATE TABLE public.jobs (
    id bigint NOT NULL,
    queue character varying(255) NOT NULL,
    payload text NOT NULL,
    attempts smallint NOT NULL,
    reserved_at integer,
    available_at integer NOT NULL,
    created_at integer NOT NULL
);
CREATE SEQUENCE public.jobs_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.jobs_id_seq OWNED BY public.jobs.id;
CREATE TABLE public.layout_searches (
    id character(26) NOT NULL,
    project_id character(26) NOT NULL,
    user_id character(26) NOT NULL,
    revision integer NOT NULL,
    seed integer NOT NULL,
    effort smallint NOT NULL,
    status character varying(16) NOT NULL,
    percent smallint DEFAULT '0'::smallint NOT NULL,
    layouts text,
    created_at timestamp(0) without time zone,
    updated_at timestamp(0) without time zone
);
CREATE TABLE public.migrations (
    id integer NOT NULL,
    migration character varying(255) NOT NULL,
    batch integer NOT NULL
);
CREATE SEQUENCE public.migrations_id_seq
    AS integer
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.migrations_id_seq OWNED BY public.migrations.id;
CREATE TABLE public.plans (
    hash character varying(64) NOT NULL,
    project_id character(26) NOT NULL,
    body text NOT NULL,
    created_at timestamp(0) without time zone DEFAULT CURRENT_TIMESTAMP NOT NULL
);
CREATE TABLE public.projects (
    id character(26) NOT NULL,
    household_id character(26) NOT NULL,
    owner_id character(26) NOT NULL,
    name character varying(255) NOT NULL,
    revision integer DEFAULT 0 NOT NULL,
    document text NOT NULL,
    created_at timestamp(0) without time zone,
    updated_at timestamp(0) without time zone
);
CREATE TABLE public.revisions (
    id bigint NOT NULL,
    project_id character(26) NOT NULL,
    number integer NOT NULL,
    change_id character varying(26) NOT NULL,
    user_id character(26) NOT NULL,
    operations text NOT NULL,
    inverse text NOT NULL,
    touched json NOT NULL,
    snapshot text,
    created_at timestamp(0) without time zone DEFAULT CURRENT_TIMESTAMP NOT NULL
);
CREATE SEQUENCE public.revisions_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.revisions_id_seq OWNED BY public.revisions.id;
CREATE TABLE public.users (
    id character(26) NOT NULL,
    name character varying(255) NOT NULL,
    email character varying(255) NOT NULL,
    password character varying(255),
    profile json NOT NULL,
    remember_token character varying(100),
    created_at timestamp(0) without time zone,
    updated_at timestamp(0) without time zone
);
ALTER TABLE ONLY public.failed_jobs ALTER COLUMN id SET DEFAULT nextval('public.failed_jobs_id_seq'::regclass);
ALTER TABLE ONLY public.jobs ALTER COLUMN id SET DEFAULT nextval('public.jobs_id_seq'::regclass);
ALTER TABLE ONLY public.migrations ALTER COLUMN id SET DEFAULT nextval('public.migrations_id_seq'::regclass);
ALTER TABLE ONLY public.revisions ALTER COLUMN id SET DEFAULT nextval('public.revisions_id_seq'::regclass);
INSERT INTO public.household_user VALUES ('01j0lder00000000000000h0vs', '01j0lder00000000000000vser', 'owner');
INSERT INTO public.households VALUES ('01j0lder00000000000000h0vs', 'Korsvik', '2026-11-24 00:00:00', '2026-11-24 00:00:00');
INSERT INTO public.migrations VALUES (1, '2026_11_23_000001_people', 1);
INSERT INTO public.migrations VALUES (2, '2026_11_23_000002_projects', 1);
INSERT INTO public.migrations VALUES (3, '2026_11_23_000003_queue', 1);
INSERT INTO public.projects VALUES ('01j01der00000000000000pr0j', '01j0lder00000000000000h0vs', '01j0lder00000000000000vser', 'Chart room, left niche', 3, '{"as_of":"2026-11-23","facts":{"01J8R00000000000000TAKE009":{"kind":"take","reading":"01J8R00000000000000READ008","typed":"1048","value":1048},"01J8R00000000000000TAKE011":{"kind":"take","reading":"01J8R00000000000000READ010","typed":"1043.5","value":1043.5},"01J8R00000000000000TAKE013":{"kind":"take","reading":"01J8R00000000000000READ012","typed":"1039","value":1039},"01J8R00000000000000TAKE015":{"kind":"take","reading":"01J8R00000000000000READ014","typed":"2391","value":2391},"01J8R00000000000000TAKE017":{"kind":"take","reading":"01J8R00000000000000READ016","typed":"2384","value":2384},"01J8R00000000000000TAKE019":{"kind":"take","reading":"01J8R00000000000000READ018","typed":"402","value":402},"01J8R00000000000000TAKE021":{"kind":"take","reading":"01J8R00000000000000READ020","typed":"398","value":398},"01J8R00000000000000TAKE023":{"kind":"take","reading":"01J8R00000000000000READ022","typed":"2607","value":2607},"01J8R00000000000000TAKE025":{"kind":"take","reading":"01J8R00000000000000READ024","typed":"2604","value":2604},"01J8R00000000000000TAKE027":{"kind":"take","reading":"01J8R00000000000000READ026","typed":"6","value":6},"01J8R00000000000000TAKE029":{"kind":"take","reading":"01J8R00000000000000READ028","typed":"3","value":3},"01J8R00000000000000TAKE031":{"kind":"take","reading":"01J8R00000000000000READ030","typed":"4","value":4}},"format":"incastro-project","id":"01J01DER00000000000000PR0J","layouts":{},"methods":{"back":false,"front":"banded","shelves":"pins","top":"between"},"name":"Chart room, left niche","pieces":{"01J8R0000000000000P1ECE004":{"back_material":"01J8R00000000000000BACK002","depth":360,"height":2300,"left":{"kind":"filler","set_off":30},"material":"01J8R0000000000000BPRCH001","methods":{},"name":"Chart shelves","order":"a","right":{"kind":"filler","set_off":30},"runs":{"01J8R000000000000000RVN005":{"bands":{"01J8R000000000000000B0X007":{"bays":{"01J8R000000000000000BAY036":{"order":"00","shelves":{"01J8R0000000000000SHEVF032":{"clear_below":322.4,"order":"00"},"01J8R0000000000000SHEVF033":{"clear_below":322.4,"order":"01"},"01J8R0000000000000SHEVF034":{"order":"02"},"01J8R0000000000000SHEVF035":{"order":"03"}}},"01J8R000000000000000BAY040":{"order":"01","shelves":{"01J8R0000000000000SHEVF037":{"clear_below":480,"order":"00"},"01J8R0000000000000SHEVF038":{"order":"01"},"01J8R0000000000000SHEVF039":{"order":"02"}}}},"kind":"box","order":"b"},"01J8R000000000000PV1NTH006":{"height":90,"kind":"plinth","order":"a","set_back":40}},"order":"a"}},"space":"01J8R0000000000000SPACE003"}},"spaces":{"01J8R0000000000000SPACE003":{"kind":"niche","name":"Left niche","order":"a","readings":{"01J8R00000000000000READ008":{"kind":"width","order":"01","plane":"front","z":100},"01J8R00000000000000READ010":{"kind":"width","order":"02","plane":"front","z":1200},"01J8R00000000000000READ012":{"kind":"width","order":"03","plane":"front","z":2300},"01J8R00000000000000READ014":{"kind":"height","order":"04","side":"left"},"01J8R00000000000000READ016":{"kind":"height","order":"05","side":"right"},"01J8R00000000000000READ018":{"kind":"depth","order":"06","side":"left"},"01J8R00000000000000READ020":{"kind":"depth","order":"07","side":"right"},"01J8R00000000000000READ022":{"kind":"diagonal","order":"08","rise":"rising_right"},"01J8R00000000000000READ024":{"kind":"diagonal","order":"09","rise":"rising_left"},"01J8R00000000000000READ026":{"from_z":100,"kind":"plumb","order":"10","side":"left","z":2300},"01J8R00000000000000READ028":{"from_z":100,"kind":"plumb","order":"11","side":"right","z":2300},"01J8R00000000000000READ030":{"kind":"level","order":"12"}}}},"stock":{"01J8R00000000000000BACK002":{"grain":true,"name":"Birch ply 6","order":"b","price_cents":4150,"sheet_length":2440,"sheet_width":1220,"thickness":6.2},"01J8R0000000000000BPRCH001":{"grain":true,"name":"Birch ply 18","order":"a","price_cents":9400,"sheet_length":2440,"sheet_width":1220,"thickness":17.6}},"unit":"mm","version":1,"workshop":{"banding":1,"kerf":2.4,"level_per_metre":0.5,"part_tolerance":1,"slide_in":6,"tape_base":0.3,"tape_bend":1,"tape_per_metre":0.2,"trim":8}}', '2026-11-24 00:00:00', '2026-11-24 00:00:00');
INSERT INTO public.revisions VALUES (1, '01j01der00000000000000pr0j', 2, '01J0LDER0000000000000CHA02', '01j0lder00000000000000vser', '[{"op":"set","path":["methods","back"],"value":false}]', '[{"op":"set","path":["methods","back"],"value":true}]', '["/methods/back"]', NULL, '2026-11-26 00:55:07');
INSERT INTO public.revisions VALUES (2, '01j01der00000000000000pr0j', 3, '01J0LDER0000000000000CHA03', '01j0lder00000000000000vser', '[{"op":"set","path":["pieces","01J8R0000000000000P1ECE004","depth"],"value":360}]', '[{"op":"set","path":["pieces","01J8R0000000000000P1ECE004","depth"],"value":380}]', '["/pieces/01J8R0000000000000P1ECE004/depth"]', NULL, '2026-11-26 00:55:07');
INSERT INTO public.users VALUES ('01j0lder00000000000000vser', 'Edda Korsvik', 'edda@lee-shore.example', '$2y$06$ootqmUgZQAC4reMwwiRsDeip4xjik/y11lANuyYUsGnCKH7g.6VCO', '{"unit":"in"}', NULL, '2026-11-24 00:00:00', '2026-11-24 00:00:00');
SELECT pg_catalog.setval('public.failed_jobs_id_seq', 1, false);
SELECT pg_catalog.setval('public.jobs_id_seq', 1, false);
SELECT pg_catalog.setval('public.migrations_id_seq', 3, true);
SELECT pg_catalog.setval('public.revisions_id_seq', 2, true);
ALTER TABLE ONLY public.failed_jobs
    ADD CONSTRAINT failed_jobs_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.failed_jobs
    ADD CONSTRAINT failed_jobs_uuid_unique UNIQUE (uuid);
ALTER TABLE ONLY public.household_user
    ADD CONSTRAINT household_user_pkey PRIMARY KEY (household_id, user_id);
ALTER TABLE ONLY public.households
    ADD CONSTRAINT households_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.jobs
    ADD CONSTRAINT jobs_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.layout_searches
    ADD CONSTRAINT layout_searches_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.migrations
    ADD CONSTRAINT migrations_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.plans
    ADD CONSTRAINT plans_pkey PRIMARY KEY (hash);
ALTER TABLE ONLY public.projects
    ADD CONSTRAINT projects_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.revisions
    ADD CONSTRAINT revisions_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.revisions
    ADD CONSTRAINT revisions_project_id_change_id_unique UNIQUE (project_id, change_id);
ALTER TABLE ONLY public.revisions
    ADD CONSTRAINT revisions_project_id_number_unique UNIQUE (project_id, number);
ALTER TABLE ONLY public.users
    ADD CONSTRAINT users_email_unique UNIQUE (email);
ALTER TABLE ONLY public.users
    ADD CONSTRAINT users_pkey PRIMARY KEY (id);
CREATE INDEX household_user_user_id_index ON public.household_user USING btree (user_id);
CREATE INDEX jobs_queue_index ON public.jobs USING btree (queue);
CREATE INDEX layout_searches_project_id_created_at_index ON public.layout_searches USING btree (project_id, created_at);
CREATE INDEX plans_project_id_index ON public.plans USING btree (project_id);
CREATE INDEX projects_household_id_updated_at_index ON public.projects USING btree (household_id, updated_at);
ALTER TABLE ONLY public.household_user
    ADD CONSTRAINT household_user_household_id_foreign FOREIGN KEY (household_id) REFERENCES public.households(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.household_user
    ADD CONSTRAINT household_user_user_id_foreign FOREIGN KEY (user_id) REFERENCES public.users(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.layout_searches
    ADD CONSTRAINT layout_searches_project_id_foreign FOREIGN KEY (project_id) REFERENCES public.projects(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.layout_searches
    ADD CONSTRAINT layout_searches_user_id_foreign FOREIGN KEY (user_id) REFERENCES public.users(id);
ALTER TABLE ONLY public.plans
    ADD CONSTRAINT plans_project_id_foreign FOREIGN KEY (project_id) REFERENCES public.projects(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.projects
    ADD CONSTRAINT projects_household_id_foreign FOREIGN KEY (household_id) REFERENCES public.households(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.projects
    ADD CONSTRAINT projects_owner_id_foreign FOREIGN KEY (owner_id) REFERENCES public.users(id);
ALTER TABLE ONLY public.revisions
    ADD CONSTRAINT revisions_project_id_foreign FOREIGN KEY (project_id) REFERENCES public.projects(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.revisions
    ADD CONSTRAINT revisions_user_id_foreign FOREIGN KEY (user_id) REFERENCES public.users(id);
