
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
CREATE FUNCTION public.refuse_change() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
begin
    raise exception 'a saved version never changes';
end
$$;
SET default_tablespace = '';
SET default_table_access_method = heap;
CREATE TABLE public.batch (
    id bigint NOT NULL,
    formula_id bigint NOT NULL,
    version_number integer NOT NULL,
    started_at timestamp with time zone NOT NULL,
    finished_at timestamp with time zone
);
CREATE TABLE public.batch_addition (
    correction_id bigint NOT NULL,
    "position" integer NOT NULL,
    ingredient_code text NOT NULL,
    grams double precision NOT NULL
);
CREATE TABLE public.batch_correction (
    id bigint NOT NULL,
    batch_id bigint NOT NULL,
    minute double precision NOT NULL,
    feel text,
    action text NOT NULL,
    note text DEFAULT ''::text NOT NULL,
    made_at timestamp with time zone NOT NULL,
    CONSTRAINT batch_correction_minute_check CHECK ((minute >= (0)::double precision)),
    CONSTRAINT batch_correction_note_check CHECK ((length(note) <= 500))
);
ALTER TABLE public.batch_correction ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.batch_correction_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);
ALTER TABLE public.batch ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.batch_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);
CREATE TABLE public.feel (
    code text NOT NULL,
    "position" integer NOT NULL,
    name text NOT NULL,
    softness_from double precision NOT NULL,
    softness_to double precision NOT NULL,
    softness_mid double precision NOT NULL,
    touch_test text NOT NULL
);
CREATE TABLE public.flour_behaviour (
    ingredient_code text NOT NULL,
    absorption_pct double precision NOT NULL,
    uptake_tau_min double precision NOT NULL,
    gluten_quality double precision NOT NULL,
    particle_um double precision NOT NULL,
    confidence text NOT NULL,
    notes text NOT NULL
);
CREATE TABLE public.flour_lot (
    id bigint NOT NULL,
    ingredient_code text NOT NULL,
    name text NOT NULL,
    milled_on date,
    moisture_pct double precision,
    moisture_how text,
    protein_pct double precision,
    note text DEFAULT ''::text NOT NULL,
    used_up boolean DEFAULT false NOT NULL,
    created_at timestamp with time zone NOT NULL,
    CONSTRAINT flour_lot_moisture_how_check CHECK ((moisture_how = ANY (ARRAY['typed'::text, 'dried'::text, 'meter'::text, 'storage-air'::text]))),
    CONSTRAINT flour_lot_moisture_pct_check CHECK (((moisture_pct >= (0)::double precision) AND (moisture_pct <= (25)::double precision))),
    CONSTRAINT flour_lot_name_check CHECK (((length(name) >= 1) AND (length(name) <= 60))),
    CONSTRAINT flour_lot_note_check CHECK ((length(note) <= 500)),
    CONSTRAINT flour_lot_protein_pct_check CHECK (((protein_pct >= (0)::double precision) AND (protein_pct <= (100)::double precision)))
);
ALTER TABLE public.flour_lot ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.flour_lot_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);
CREATE TABLE public.flyway_schema_history (
    installed_rank integer NOT NULL,
    version character varying(50),
    description character varying(200) NOT NULL,
    type character varying(20) NOT NULL,
    script character varying(1000) NOT NULL,
    checksum integer,
    installed_by character varying(100) NOT NULL,
    installed_on timestamp without time zone DEFAULT now() NOT NULL,
    execution_time integer NOT NULL,
    success boolean NOT NULL
);
CREATE TABLE public.formula (
    id bigint NOT NULL,
    state text DEFAULT 'draft'::text NOT NULL,
    latest_number integer NOT NULL,
    created_at timestamp with time zone NOT NULL,
    uid uuid DEFAULT gen_random_uuid() NOT NULL,
    CONSTRAINT formula_state_check CHECK ((state = ANY (ARRAY['draft'::text, 'on-trial'::text, 'in-use'::text, 'set-aside'::text])))
);
ALTER TABLE public.formula ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.formula_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);
CREATE TABLE public.formula_line (
    version_id bigint NOT NULL,
    "position" integer NOT NULL,
    ingredient_code text,
    grams double precision,
    sd double precision,
    part text,
    form_code text,
    water_pct double precision,
    moisture_pct double precision,
    protein_pct double precision,
    absorption_pct double precision,
    absorption_sd_pct double precision,
    piece_mm double precision,
    fat_state text,
    openness text,
    source_text text,
    measure_code text,
    quantity double precision,
    lot_id bigint,
    prep_key text,
    stage text,
    temperature_c double precision,
    CONSTRAINT counts_or_is_open CHECK ((((openness IS NULL) AND (prep_key IS NULL) AND (ingredient_code IS NOT NULL) AND (grams IS NOT NULL)) OR ((openness IS NULL) AND (prep_key IS NOT NULL)) OR ((openness = 'unknown-amount'::text) AND (ingredient_code IS NOT NULL) AND (grams IS NULL)) OR ((openness = 'unread'::text) AND (ingredient_code IS NULL) AND (grams IS NULL)))),
    CONSTRAINT formula_line_grams_check CHECK ((grams >= (0)::double precision)),
    CONSTRAINT formula_line_openness_check CHECK ((openness = ANY (ARRAY['unknown-amount'::text, 'unread'::text]))),
    CONSTRAINT formula_line_prep_key_check CHECK ((length(prep_key) <= 40)),
    CONSTRAINT formula_line_source_text_check CHECK ((length(source_text) <= 500))
);
CREATE TABLE public.formula_set_aside (
    version_id bigint NOT NULL,
    "position" integer NOT NULL,
    slip text NOT NULL,
    reason text NOT NULL,
    CONSTRAINT formula_set_aside_reason_check CHECK (((length(reason) >= 1) AND (length(reason) <= 500)))
);
CREATE TABLE public.formula_version (
    id bigint NOT NULL,
    formula_id bigint NOT NULL,
    number integer NOT NULL,
    parent_number integer,
    name text NOT NULL,
    note text NOT NULL,
    created_at timestamp with time zone NOT NULL,
    style_code text NOT NULL,
    kneading text,
    fat_timing text,
    water_temperature_c double precision,
    rest_minutes double precision,
    sheet_mm double precision,
    softness_target double precision,
    pieces double precision,
    piece_grams double precision,
    method text,
    making jsonb,
    CONSTRAINT formula_version_method_check CHECK ((length(method) <= 20000)),
    CONSTRAINT formula_version_name_check CHECK (((length(name) >= 1) AND (length(name) <= 120))),
    CONSTRAINT formula_version_note_check CHECK ((length(note) <= 2000)),
    CONSTRAINT formula_version_number_check CHECK ((number > 0))
);
ALTER TABLE public.formula_version ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.formula_version_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);
CREATE TABLE public.inclusion_form (
    code text NOT NULL,
    "position" integer NOT NULL,
    name text NOT NULL,
    release_start double precision NOT NULL,
    release_end double precision NOT NULL,
    release_tau_min double precision NOT NULL,
    hold_g_per_g_solids double precision NOT NULL,
    weeps_in_filling double precision NOT NULL,
    piece_mm double precision NOT NULL,
    piece_is_soft boolean NOT NULL,
    notes text NOT NULL
);
CREATE TABLE public.ingredient (
    code text NOT NULL,
    "position" integer NOT NULL,
    name text NOT NULL,
    role text NOT NULL,
    family text NOT NULL,
    water_pct double precision NOT NULL,
    protein_pct double precision NOT NULL,
    fat_pct double precision NOT NULL,
    carb_pct double precision NOT NULL,
    fibre_pct double precision NOT NULL,
    sugars_pct double precision NOT NULL,
    sodium_mg double precision NOT NULL,
    bulk_density_g_per_ml double precision NOT NULL,
    piece_grams double precision,
    piece_name text,
    allergens text[] NOT NULL,
    whole_grain boolean NOT NULL,
    legume boolean NOT NULL,
    gluten_bearing boolean NOT NULL,
    fat_state text,
    notes text NOT NULL,
    own boolean DEFAULT false NOT NULL
);
CREATE TABLE public.kitchen (
    id integer DEFAULT 1 NOT NULL,
    name text NOT NULL,
    mass_unit text NOT NULL,
    temperature_unit text NOT NULL,
    decimal_mark text NOT NULL,
    date_order text NOT NULL,
    cup_ml double precision DEFAULT 240 NOT NULL,
    currency text DEFAULT '€'::text NOT NULL,
    CONSTRAINT kitchen_cup_ml_check CHECK (((cup_ml >= (200)::double precision) AND (cup_ml <= (300)::double precision))),
    CONSTRAINT kitchen_currency_check CHECK (((length(currency) >= 1) AND (length(currency) <= 5))),
    CONSTRAINT kitchen_date_order_check CHECK ((date_order = ANY (ARRAY['day-month'::text, 'month-day'::text, 'iso'::text]))),
    CONSTRAINT kitchen_decimal_mark_check CHECK ((decimal_mark = ANY (ARRAY['point'::text, 'comma'::text]))),
    CONSTRAINT kitchen_id_check CHECK ((id = 1)),
    CONSTRAINT kitchen_mass_unit_check CHECK ((mass_unit = ANY (ARRAY['g'::text, 'oz'::text]))),
    CONSTRAINT kitchen_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT kitchen_temperature_unit_check CHECK ((temperature_unit = ANY (ARRAY['C'::text, 'F'::text])))
);
CREATE TABLE public.measure (
    code text NOT NULL,
    "position" integer NOT NULL,
    name text NOT NULL,
    plural text NOT NULL,
    kind text NOT NULL,
    millilitres double precision,
    grams double precision,
    relative_sd double precision NOT NULL,
    notes text NOT NULL
);
CREATE TABLE public.own_value (
    ingredient_code text NOT NULL,
    field text NOT NULL,
    value double precision NOT NULL,
    source text NOT NULL,
    CONSTRAINT own_value_source_check CHECK (((length(source) >= 1) AND (length(source) <= 200)))
);
CREATE TABLE public.price (
    ingredient_code text NOT NULL,
    amount double precision NOT NULL,
    per text NOT NULL,
    CONSTRAINT price_amount_check CHECK ((amount >= (0)::double precision)),
    CONSTRAINT price_per_check CHECK ((per = ANY (ARRAY['kg'::text, 'l'::text])))
);
CREATE TABLE public.style (
    code text NOT NULL,
    "position" integer NOT NULL,
    name text NOT NULL,
    softness_target double precision NOT NULL,
    softness_low double precision NOT NULL,
    softness_high double precision NOT NULL,
    sheet_mm double precision NOT NULL,
    diameter_mm double precision NOT NULL,
    rest_min double precision NOT NULL,
    rest_max_min double precision NOT NULL,
    spring_limit_pct double precision NOT NULL,
    density_g_per_ml double precision NOT NULL,
    puffs boolean NOT NULL,
    griddle_low_c double precision NOT NULL,
    griddle_high_c double precision NOT NULL,
    side_one_s double precision NOT NULL,
    side_two_s double precision NOT NULL,
    cook_loss_pct double precision NOT NULL,
    leavened boolean NOT NULL,
    notes text NOT NULL
);
CREATE TABLE public.taught_name (
    name text NOT NULL,
    ingredient_code text NOT NULL,
    CONSTRAINT taught_name_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80)))
);
CREATE TABLE public.vessel (
    code text NOT NULL,
    name text NOT NULL,
    plural text NOT NULL,
    millilitres double precision NOT NULL,
    relative_sd double precision NOT NULL,
    notes text DEFAULT ''::text NOT NULL,
    CONSTRAINT vessel_millilitres_check CHECK ((millilitres > (0)::double precision)),
    CONSTRAINT vessel_name_check CHECK (((length(name) >= 1) AND (length(name) <= 40))),
    CONSTRAINT vessel_plural_check CHECK (((length(plural) >= 1) AND (length(plural) <= 40))),
    CONSTRAINT vessel_relative_sd_check CHECK ((relative_sd > (0)::double precision))
);
CREATE TABLE public.weigh_in (
    id bigint NOT NULL,
    measure_code text NOT NULL,
    ingredient_code text,
    grams double precision NOT NULL,
    count double precision NOT NULL,
    weighed_at timestamp with time zone NOT NULL,
    CONSTRAINT weigh_in_count_check CHECK ((count > (0)::double precision)),
    CONSTRAINT weigh_in_grams_check CHECK ((grams > (0)::double precision))
);
ALTER TABLE public.weigh_in ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME public.weigh_in_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);
COPY public.batch (id, formula_id, version_number, started_at, finished_at) FROM stdin;
1	1	2	2026-11-25 23:04:51.176594+00	2026-11-25 23:16:51.271834+00
2	2	1	2026-11-25 23:16:51.292092+00	\N
\.
COPY public.batch_addition (correction_id, "position", ingredient_code, grams) FROM stdin;
1	0	water	14.5
\.
COPY public.batch_correction (id, batch_id, minute, feel, action, note, made_at) FROM stdin;
1	1	12	stiff	add-water	a little	2026-11-25 23:16:51.234276+00
\.
COPY public.feel (code, "position", name, softness_from, softness_to, softness_mid, touch_test) FROM stdin;
crumbly	0	crumbly	0	0.8	0.74	does not hold when squeezed; dry flour left in the bowl
stiff	1	stiff	0.8	0.9	0.85	holds, but hard work to knead; edges crack when pressed flat
firm	2	firm	0.9	0.97	0.94	smooth, springs back at once, does not mark easily
soft	3	soft	0.97	1.06	1.01	a finger leaves a dent that stays; does not stick to a dry hand
very-soft	4	very soft	1.06	1.15	1.1	dents at a touch, clings lightly and lets go
slack	5	slack	1.15	1.35	1.24	spreads under its own weight; sticks to dry hands, not to wet or oiled ones
sticky	6	pourable	1.35	9.99	1.5	coats the hand; cannot be rolled, only pressed or spread
\.
COPY public.flour_behaviour (ingredient_code, absorption_pct, uptake_tau_min, gluten_quality, particle_um, confidence, notes) FROM stdin;
wheat-atta	70	3	0.7	150	high	Stone milling damages starch, usual range 65-75
wheat-whole-hard-red	68	4	0.75	220	high	Bran keeps drinking for 20-30 min
wheat-whole-hard-white	67	4	0.75	220	medium	As hard red with slightly lower protein
wheat-whole-soft-white	60	3	0.6	170	medium	Soft endosperm and low starch damage, so mostly bran water
wheat-fresh-milled-hard	68	6	0.7	300	medium	Coarser and warm; feels wet at first, then tightens; depends on mill setting
wheat-fresh-milled-soft	60	5	0.55	260	low	Depends on mill setting
wheat-plain-white	57	1	0.95	90	high	
wheat-strong-white	61	1	1	100	high	
wheat-very-strong-white	64	1.2	1	105	high	Farinograph 62-67
wheat-soft-white	53	0.8	0.7	60	medium	Farinograph 50-55; weak extensible gluten
semolina-fine-durum	60	3	0.6	180	medium	Remilling damages starch; farinograph 58-64
semolina-medium	57	8	0.6	350	medium	
semolina-coarse	56	12	0.6	550	medium	Needs a 20-30 min rest
spelt-white	54	1	0.6	90	medium	Takes less water than common wheat and slackens if overworked
spelt-whole	62	3.5	0.5	200	medium	
khorasan-whole	66	5	0.5	230	medium	Durum-like and slow
emmer-whole	60	4	0.35	220	medium	
einkorn-whole	56	5	0.25	200	medium	Slow uptake and sticky; do not chase stiffness with water
rye-whole	74	4	0.08	220	medium	Pentosans bind the water; feel is sticky rather than elastic; usual range 68-82
rye-light	65	2	0.08	110	medium	
barley-flour	68	4	0.03	160	low	Beta-glucan; hordein gives almost no network
barley-hulless-whole	76	6	0.03	240	low	Higher beta-glucan than pearled
oat-flour	68	5	0	200	low	Beta-glucan thickens over 10-15 min; 60-80 by grind
maize-flour-fine	80	8	0	180	medium	Assumes hot or boiling water; cold water about 62 and will not roll
cornmeal-coarse	72	20	0	600	low	Assumes hot water and rest; not truly rollable alone
maize-nixtamalised	130	6	0	220	medium	Partly gelatinised; usual range 115-145
rice-flour-brown	92	5	0	140	low	Assumes boiling water; cold about 72
rice-flour-white	98	4	0	120	low	Assumes boiling water or cooked dough, range 85-120; cold about 70 and will not roll
sorghum-flour	85	5	0	170	medium	Assumes hot water; range 75-95
finger-millet-flour	86	4	0	150	low	Assumes hot water; range 75-100
pearl-millet-flour	76	4	0	170	medium	Assumes warm to hot water; range 68-85
foxtail-millet-flour	80	4	0	160	low	Assumes hot water
teff-flour	84	5	0	150	low	Fine bran-rich seed; range 70-100
amaranth-flour	64	3	0	120	low	Gets gluey with more water
quinoa-flour	66	4	0	140	low	
buckwheat-flour	60	2	0	110	medium	Noodle practice 45-50 (stiff), flatbread 55-65
chickpea-flour	48	3	0	100	high	Turns sticky just above it
chickpea-roasted-flour	78	3	0	120	low	Heat-treated starch and protein drink more than raw
lentil-red-flour	55	3	0	110	low	
lentil-green-flour	58	4	0	140	low	Includes seed coat
mung-flour	54	3	0	110	low	
urad-flour	60	5	0	100	low	Mucilage thickens with time; stiff wafer dough uses 45-50
pea-yellow-flour	55	3	0	110	low	
fava-flour	56	3	0	110	low	
soy-flour-full-fat	85	5	0	100	low	Range 70-110 by heat treatment
soy-flour-defatted	125	5	0	90	low	Range 100-150 by protein dispersibility
lupin-flour	115	8	0	130	low	Fibre-rich kernel; range 90-160
almond-flour	28	4	0	450	low	Mostly oil; paste rather than dough
flax-meal	140	8	0	400	low	Mucilage; range 100-250
chia-ground	300	8	0	500	low	Free gel is 8-12 times its weight, dough-firm value is far lower; range 200-450
psyllium-husk	900	5	0	600	medium	Powder sets faster; free gel goes to 20-40 times its weight
potato-flakes	330	1.5	0	800	medium	Pregelatinised; range 280-400
potato-starch	45	0.5	0	45	low	Native granules; water held, not absorbed (cold); with boiling water over 100; as bought it is wetter than 14 %
tapioca-starch	46	0.5	0	15	low	Native granules, cold water; with boiling water over 80
wheat-gluten-vital	150	2	1	90	high	Range 140-180
milk-powder-skimmed	50	3	0	100	low	Incremental effect in a wheat dough; bread rules of thumb say up to 100, lactose itself slackens
milk-powder-whole	30	4	0	150	low	Incremental effect in a wheat dough
own-mill-sweepings	65	14	0.6	200	low	
own-turned-flour	65	14	0.6	200	low	
\.
COPY public.flour_lot (id, ingredient_code, name, milled_on, moisture_pct, moisture_how, protein_pct, note, used_up, created_at) FROM stdin;
1	wheat-atta	Atta, spring milling	2026-04-29	11.9	dried	\N		f	2026-11-25 23:16:49.194282+00
2	wheat-atta	Atta, new crop	2026-11-13	13.6	meter	12.1		f	2026-11-25 23:16:49.197663+00
3	emmer-whole	Emmer, upper terrace	2026-11-22	14.4	meter	\N	fresh from the stone, still warm in the sack	f	2026-11-25 23:16:49.198601+00
4	emmer-whole	Emmer, last year	2026-06-18	12.2	storage-air	\N		f	2026-11-25 23:16:49.199478+00
5	rye-whole	Rye, river field	2026-11-05	13.1	dried	\N		f	2026-11-25 23:16:49.200643+00
6	rye-whole	Rye, end of the bin	2026-03-30	11.4	storage-air	\N		t	2026-11-25 23:16:49.202574+00
7	wheat-strong-white	Strong white, pallet 7	2026-10-16	13.2	typed	12.6		f	2026-11-25 23:16:49.204108+00
8	wheat-strong-white	Strong white, pallet 8	2026-11-16	14.1	meter	13.3		f	2026-11-25 23:16:49.204795+00
9	wheat-plain-white	Plain, pallet 3	2026-10-01	13	typed	\N		f	2026-11-25 23:16:49.208303+00
10	wheat-plain-white	Plain, pallet 4	2026-11-10	14.2	meter	\N		f	2026-11-25 23:16:49.209138+00
\.
COPY public.flyway_schema_history (installed_rank, version, description, type, script, checksum, installed_by, installed_on, execution_time, success) FROM stdin;
1	1	book	SQL	V1__book.sql	1379012166	verdamen	2026-11-25 23:16:46.422525	17	t
2	2	formula	SQL	V2__formula.sql	-1786851667	verdamen	2026-11-25 23:16:46.50572	18	t
3	3	kitchen	SQL	V3__kitchen.sql	-1467305294	verdamen	2026-11-25 23:16:46.552769	7	t
4	4	intake	SQL	V4__intake.sql	-1486919299	verdamen	2026-11-25 23:16:46.57087	15	t
5	5	pantry	SQL	V5__pantry.sql	-623006186	verdamen	2026-11-25 23:16:46.606055	8	t
6	6	formula uid	SQL	V6__formula_uid.sql	-1133953903	verdamen	2026-11-25 23:16:46.629362	6	t
7	7	prep and method	SQL	V7__prep_and_method.sql	29801097	verdamen	2026-11-25 23:16:46.641783	18	t
\.
COPY public.formula (id, state, latest_number, created_at, uid) FROM stdin;
1	in-use	4	2026-08-30 21:16:49.11487+00	ddd76d77-2566-49ec-b76e-7b6067d00b91
2	on-trial	2	2026-10-16 03:16:49.11487+00	6f72d2e6-fd74-4b0f-bdee-04ba02d71130
3	in-use	3	2026-09-14 21:16:49.11487+00	c0a7ad20-51eb-4da1-ad07-05c5aa3babe8
4	in-use	2	2026-10-04 21:16:49.11487+00	0e444d55-0f93-49d3-ac7c-19e3178fdeec
5	on-trial	2	2026-10-30 07:16:49.11487+00	3c47af80-277f-4fd9-89e9-6ece3967c117
6	on-trial	3	2026-11-04 07:16:49.11487+00	b4165583-f532-4644-b0d2-4211313bbd22
7	draft	2	2026-11-11 09:16:49.11487+00	c350fde9-2e6e-4ea4-a8c7-19235022a52b
8	set-aside	2	2026-09-20 07:16:49.11487+00	fe44c47e-c347-4ee5-913c-b84bafe03896
9	draft	1	2026-11-25 23:16:51.045545+00	d6f0a649-d499-4c1f-b4a3-7b0f4099768c
10	draft	1	2026-11-25 23:16:51.140776+00	4467fb50-2ccd-487b-9636-546957454287
\.
COPY public.formula_line (version_id, "position", ingredient_code, grams, sd, part, form_code, water_pct, moisture_pct, protein_pct, absorption_pct, absorption_sd_pct, piece_mm, fat_state, openness, source_text, measure_code, quantity, lot_id, prep_key, stage, temperature_c) FROM stdin;
1	0	wheat-atta	400	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
1	1	water	267	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
1	2	neutral-oil	12	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
1	3	salt-fine	7	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
2	0	emmer-whole	100	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
2	1	wheat-atta	300	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
2	2	pumpkin-cooked	160	\N	\N	puree	88.5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
2	3	water	268	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
2	4	neutral-oil	12	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
2	5	salt-fine	7	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
3	0	emmer-whole	100	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
3	1	wheat-atta	300	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
3	2	pumpkin-cooked	160	\N	\N	puree	88.5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
3	3	water	142	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
3	4	neutral-oil	12	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
3	5	salt-fine	7	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
4	0	emmer-whole	180	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
4	1	wheat-atta	220	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
4	2	pumpkin-cooked	160	\N	\N	puree	88.5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
4	3	water	134	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
4	4	neutral-oil	12	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
4	5	salt-fine	7	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
5	0	wheat-plain-white	260	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
5	1	rye-whole	110	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
5	2	nettle-raw	45	\N	\N	wilted	80	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
5	3	water	190	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
5	4	lard	34	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
5	5	baking-powder	4	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
5	6	salt-fine	6	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
6	0	wheat-plain-white	270	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
6	1	rye-whole	100	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
6	2	nettle-raw	60	\N	\N	wilted	80	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
6	3	water	169	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
6	4	lard	30	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
6	5	baking-powder	4	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
6	6	salt-fine	6	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
7	0	wheat-plain-white	300	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
7	1	water	169	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
7	2	ghee	15	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
7	3	salt-fine	5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
7	4	parsnip-raw	280	\N	filling	mash-hot	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
7	5	salt-fine	3	\N	filling	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
7	6	cumin-seed	3	\N	filling	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	0	wheat-plain-white	150	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	1	wheat-atta	150	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	2	water	190	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	3	ghee	15	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	4	salt-fine	5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	5	parsnip-raw	260	\N	filling	mash	78	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	6	chickpea-roasted-flour	18	\N	filling	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	7	salt-fine	3	\N	filling	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	8	cumin-seed	3	\N	filling	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	9	ghee	20	\N	surface	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
9	0	wheat-plain-white	150	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
9	1	wheat-atta	150	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
9	2	water	190	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
9	3	ghee	15	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
9	4	salt-fine	5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
9	5	\N	\N	\N	filling	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	parsnip	\N	\N
9	6	chickpea-roasted-flour	18	\N	filling	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
9	7	salt-fine	1	\N	filling	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
9	8	cumin-seed	3	\N	filling	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
9	9	ghee	20	\N	surface	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
10	0	wheat-strong-white	400	\N	\N	\N	\N	13.2	12.6	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
10	1	pea-yellow-flour	100	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
10	2	water	330	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
10	3	olive-oil	15	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
10	4	yeast-instant	5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
10	5	salt-fine	9	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
10	6	sugar-white	8	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
11	0	wheat-strong-white	400	\N	\N	\N	\N	13.2	12.6	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
11	1	pea-yellow-flour	100	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
11	2	water	309	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
11	3	olive-oil	15	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
11	4	yeast-instant	5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
11	5	salt-fine	9	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
11	6	sugar-white	8	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
12	0	wheat-whole-hard-white	240	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
12	1	lentil-red-cooked	120	\N	\N	pulse-mash	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
12	2	kale-raw	50	\N	\N	raw-chopped	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
12	3	yogurt-whole	40	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
12	4	water	51	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
12	5	ghee	10	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
12	6	salt-fine	6	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
12	7	carom-seed	2	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	0	wheat-whole-hard-white	220	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	1	sourdough-starter	80	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	2	lentil-red-cooked	120	\N	\N	pulse-mash	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	3	kale-raw	40	\N	\N	wilted	78	\N	\N	\N	\N	2	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	4	flax-meal	12	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	5	yogurt-whole	40	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	6	water	26	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	7	ghee	10	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	8	salt-fine	6	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	9	honey	5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
14	0	wheat-whole-soft-white	210	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
14	1	barley-flour	90	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
14	2	courgette-raw	260	\N	\N	raw-grated	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
14	3	water	80	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
14	4	butter	30	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
14	5	salt-fine	6	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
15	0	wheat-strong-white	160	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
15	1	wheat-whole-soft-white	80	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
15	2	barley-flour	60	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
15	3	courgette-raw	120	\N	\N	pressed	90.2	\N	\N	\N	\N	1.5	\N	\N	\N	\N	\N	\N	\N	\N	\N
15	4	water	145	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
15	5	butter	30	\N	\N	\N	\N	\N	\N	\N	\N	\N	solid	\N	\N	\N	\N	\N	\N	\N	\N
15	6	salt-fine	6	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
16	0	wheat-strong-white	160	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
16	1	wheat-whole-soft-white	80	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
16	2	barley-flour	60	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
16	3	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	courgette	\N	\N
16	4	water	15	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
16	5	butter	30	\N	\N	\N	\N	\N	\N	\N	\N	\N	solid	\N	\N	\N	\N	\N	\N	\N	\N
16	6	salt-fine	3	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
17	0	potato-flakes	90	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
17	1	wheat-plain-white	140	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
17	2	turnip-raw	60	\N	\N	raw-grated	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
17	3	water	330	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
17	4	butter	40	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
17	5	milk-powder-skimmed	20	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
17	6	salt-fine	4	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
18	0	potato-flakes	70	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
18	1	wheat-plain-white	180	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
18	2	turnip-raw	120	\N	\N	mash	90	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
18	3	water	321	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
18	4	butter	40	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
18	5	milk-powder-skimmed	15	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
18	6	salt-fine	5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
19	0	semolina-medium	350	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
19	1	chard-raw	60	\N	\N	raw-chopped	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
19	2	water	190	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
19	3	butter	70	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
19	4	milk-powder-whole	20	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
19	5	salt-fine	5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
20	0	semolina-medium	250	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
20	1	semolina-fine-durum	100	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
20	2	chard-raw	60	\N	\N	wilted	86	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
20	3	water	126	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
20	4	butter	70	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
20	5	milk-powder-whole	20	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
20	6	salt-fine	5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
21	0	wheat-plain-white	260.25	20.8	\N	\N	\N	13.1	10.9	58.5	1.1	\N	\N	\N	2 cups flour	cup	2	9	\N	first	\N
21	1	own-mill-sweepings	30	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
21	2	water	120	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	30
21	3	nettle-raw	45	\N	\N	wilted	80	\N	\N	\N	\N	2.5	\N	\N	\N	\N	\N	\N	\N	\N	\N
21	4	\N	100	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	c	\N	\N
21	5	\N	\N	\N	filling	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	c	\N	\N
21	6	lard	34	\N	\N	\N	\N	\N	\N	\N	\N	\N	solid	\N	\N	\N	\N	\N	\N	\N	\N
21	7	salt-fine	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	unknown-amount	salt to taste	\N	\N	\N	\N	\N	\N
21	8	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	unread	a bit of that	\N	\N	\N	\N	\N	\N
22	0	own-turned-flour	200	\N	\N	\N	\N	12.5	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
22	1	water	120	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
\.
COPY public.formula_set_aside (version_id, "position", slip, reason) FROM stdin;
21	0	dry	it is meant so
\.
COPY public.formula_version (id, formula_id, number, parent_number, name, note, created_at, style_code, kneading, fat_timing, water_temperature_c, rest_minutes, sheet_mm, softness_target, pieces, piece_grams, method, making) FROM stdin;
1	1	1	\N	Pumpkin and emmer roti	The mill's plain roti, all atta. Starting point: rolls easily, dries by the afternoon.	2026-08-30 21:16:49.11487+00	roti	hand	\N	\N	\N	\N	\N	\N	\N	\N	\N
2	1	2	1	Pumpkin and emmer roti	A quarter emmer and roasted pumpkin, puréed. Kept the old water: far too soft, could not be lifted.	2026-09-27 19:16:49.11487+00	roti	hand	\N	\N	\N	\N	\N	\N	\N	\N	\N
3	1	3	2	Pumpkin and emmer roti	Water taken back to what the purée leaves. Puffed, still soft at four.	2026-11-08 21:16:49.11487+00	roti	hand	\N	\N	\N	\N	\N	\N	\N	\N	\N
4	1	4	3	Pumpkin and emmer roti	Emmer up to 45 %, 20 minutes' rest written down. Edges want a gentler hand.	2026-11-23 09:16:49.11487+00	roti	hand	\N	\N	20	\N	\N	\N	\N	\N	\N
5	2	1	\N	Nettle and rye tortilla	First try for the boat club: nettle tops wilted and squeezed, rye at 30 %.	2026-10-16 03:16:49.11487+00	tortilla	just-combined	coat-first	45	\N	\N	\N	\N	\N	\N	\N
6	2	2	1	Nettle and rye tortilla	Lard rubbed in first, warm water, kneaded only until it holds. Water brought down.	2026-11-18 21:16:49.11487+00	tortilla	just-combined	coat-first	45	\N	\N	\N	\N	\N	\N	\N
7	3	1	\N	Parsnip-filled paratha	Shell of plain flour, parsnip mash as filling. Burst at the seal: mash still warm.	2026-09-14 21:16:49.11487+00	stuffed-paratha	hand	\N	\N	\N	\N	\N	\N	\N	\N	\N
8	3	2	1	Parsnip-filled paratha	Half atta in the shell, parsnip boiled and mashed cold, roasted chickpea flour in the filling to bind.	2026-10-22 09:16:49.11487+00	stuffed-paratha	hand	\N	\N	30	\N	\N	\N	\N	\N	\N
9	3	3	2	Parsnip-filled paratha	Followed the parsnip from the sack to the seal. Cooled on a tray before mashing; nothing has burst since.	2026-11-23 19:16:49.11487+00	stuffed-paratha	hand	\N	\N	30	\N	\N	\N	\N	\N	{"preps": [{"key": "parsnip", "name": "Parsnip mash", "grams": 360.0, "steps": [{"kind": "trim", "added": null, "cooling": null, "drained": null, "pieceMm": null, "afterGrams": 300.0, "beforeGrams": null, "liquidGrams": null}, {"kind": "boil", "added": [{"grams": 2.0, "ingredient": "salt-fine"}], "cooling": null, "drained": null, "pieceMm": null, "afterGrams": 292.0, "beforeGrams": null, "liquidGrams": null}, {"kind": "cool", "added": null, "cooling": {"fromC": 90.0, "readC": 68.0, "roomC": 18.0, "spread": true, "targetC": null, "readMinute": 20.0}, "drained": null, "pieceMm": null, "afterGrams": null, "beforeGrams": null, "liquidGrams": null}, {"kind": "mash", "added": [{"grams": 8.0, "ingredient": "ghee"}], "cooling": null, "drained": null, "pieceMm": 1.5, "afterGrams": null, "beforeGrams": null, "liquidGrams": null}], "liquid": null, "ingredient": "parsnip-raw"}], "method": null, "acknowledged": null}
10	4	1	\N	Yellow-pea pita	One fifth pea flour in the schools' pita. Dense, pocket in half of them.	2026-10-04 21:16:49.11487+00	pita	machine	\N	\N	\N	\N	\N	\N	\N	\N	\N
11	4	2	1	Yellow-pea pita	Water down by twenty, flour from the new lot (protein on the pack 12.6 %). Nine pockets in ten.	2026-11-13 11:16:49.11487+00	pita	machine	\N	28	\N	\N	\N	\N	\N	\N	\N
12	5	1	\N	Red lentil and kale roti	Lentils boiled thick, kale raw and chopped. Rolled at once, tore at the ribs.	2026-10-30 07:16:49.11487+00	greens-roti	hand	\N	\N	\N	\N	\N	\N	\N	\N	\N
13	5	2	1	Red lentil and kale roti	Kale wilted and cut fine, some of the flour as starter, a spoon of flax against the afternoon dryness.	2026-11-23 23:16:49.11487+00	greens-roti	hand	\N	\N	15	2.4	\N	\N	\N	\N	\N
14	6	1	\N	Courgette and barley tortilla	Courgette grated, nothing pressed. Wept on the board after ten minutes.	2026-11-04 07:16:49.11487+00	tortilla	hand	\N	\N	\N	\N	\N	\N	\N	\N	\N
15	6	2	1	Courgette and barley tortilla	Salted, stood, pressed to 180 g. Barley down to a fifth, strong flour in for the sheet.	2026-11-21 01:16:49.11487+00	tortilla	hand	\N	\N	\N	2	\N	\N	\N	\N	\N
16	6	3	2	Courgette and barley tortilla	Every step weighed: what the press leaves is wetter than thought. Its liquid goes back as dough water.	2026-11-24 17:16:49.11487+00	tortilla	hand	\N	\N	\N	2	\N	\N	\N	\N	{"preps": [{"key": "courgette", "name": "Salted courgette", "grams": 300.0, "steps": [{"kind": "trim", "added": null, "cooling": null, "drained": null, "pieceMm": null, "afterGrams": 284.0, "beforeGrams": null, "liquidGrams": null}, {"kind": "grate", "added": null, "cooling": null, "drained": null, "pieceMm": 1.5, "afterGrams": null, "beforeGrams": null, "liquidGrams": null}, {"kind": "salt-stand", "added": [{"grams": 4.0, "ingredient": "salt-fine"}], "cooling": null, "drained": null, "pieceMm": null, "afterGrams": null, "beforeGrams": null, "liquidGrams": 52.0}, {"kind": "press", "added": null, "cooling": null, "drained": null, "pieceMm": null, "afterGrams": 142.0, "beforeGrams": null, "liquidGrams": 84.0}], "liquid": "dough-water", "ingredient": "courgette-raw"}], "method": {"heat": null, "seal": null, "phases": null, "sticking": "bench-flour", "firstStage": null, "pickupGrams": null, "temperatures": null, "pressedLiquid": null, "waterAddition": null, "standingMinutes": null, "pickupAfterGrams": 52.0, "pickupBeforeGrams": 60.0}, "acknowledged": null}
17	7	1	\N	Swede and wheat griddle flatbread	From flakes, for days without cold mash: flakes, plain flour, grated swede (turnip figures until ours are measured).	2026-11-11 09:16:49.11487+00	potato-flatbread	machine	\N	75	45	\N	\N	\N	\N	\N	\N
18	7	2	1	Swede and wheat griddle flatbread	More flour, fewer flakes, swede as cold mash. Water brought up to what the flakes drink.	2026-11-24 21:16:49.11487+00	potato-flatbread	machine	\N	75	20	\N	\N	\N	\N	\N	\N
19	8	1	\N	Semolina and chard round	Butter rubbed into medium semolina, raw chard. Far too wet to cut.	2026-09-20 07:16:49.11487+00	semolina-cut	just-combined	coat-first	\N	\N	\N	\N	\N	\N	\N	\N
20	8	2	1	Semolina and chard round	Less water and a longer rest. Cuts cleanly, but the boat club wants something to fold: set aside.	2026-09-24 01:16:49.11487+00	semolina-cut	just-combined	coat-first	\N	40	\N	\N	\N	\N	\N	\N
21	9	1	\N	Everything at once	every field	2026-11-25 23:16:51.045545+00	tortilla	machine	coat-first	45.5	45	1.7	1.02	8	52	Mix.\nRest.	{"preps": [{"key": "c", "name": "Courgette", "grams": 300.0, "steps": [{"kind": "grate", "added": null, "cooling": null, "drained": null, "pieceMm": null, "afterGrams": null, "beforeGrams": null, "liquidGrams": null}, {"kind": "salt-stand", "added": [{"grams": 4.0, "ingredient": "salt-fine"}], "cooling": null, "drained": null, "pieceMm": null, "afterGrams": null, "beforeGrams": null, "liquidGrams": null}, {"kind": "press", "added": null, "cooling": null, "drained": null, "pieceMm": null, "afterGrams": null, "beforeGrams": null, "liquidGrams": 60.0}], "liquid": null, "ingredient": "courgette-raw"}], "method": {"heat": null, "seal": null, "phases": [{"kind": "chill", "minutes": 30.0, "temperatureC": 6.0}, {"kind": "rest", "minutes": 15.0, "temperatureC": null}], "sticking": "bench-flour", "firstStage": "soaker", "pickupGrams": 6.0, "temperatures": {"hotC": null, "coldC": null, "doughC": 25.0, "flourC": 19.0, "kneadMinutes": null}, "pressedLiquid": null, "waterAddition": "in-additions", "standingMinutes": 60.0, "pickupAfterGrams": null, "pickupBeforeGrams": null}, "acknowledged": [{"at": "2026-11-24T08:00:00Z", "who": "Bench", "cause": "x", "caution": "raw-dough-dated"}]}
22	10	1	\N	Will break		2026-11-25 23:16:51.140776+00	roti	\N	\N	\N	\N	\N	\N	\N	\N	\N	\N
\.
COPY public.inclusion_form (code, "position", name, release_start, release_end, release_tau_min, hold_g_per_g_solids, weeps_in_filling, piece_mm, piece_is_soft, notes) FROM stdin;
raw-leaf	0	raw, whole leaf	0.02	0.2	25	0	0.1	4	t	intact leaves let go of little water until salted or crushed
raw-chopped	1	raw, chopped	0.05	0.3	25	0	0.15	3	t	
raw-grated	2	raw, grated	0.15	0.5	15	0	0.3	2.5	f	cut cells weep, more with salt and time
pressed	3	grated and pressed	0.05	0.25	25	0	0.06	2.5	f	water share comes from the press balance
cooked-pieces	4	cooked, in pieces	0.1	0.35	20	0	0.05	5	t	
wilted	5	wilted and chopped	0.3	0.6	15	0.5	0.12	2	t	water share comes from the cook-down balance
cooked-down	6	cooked down until no liquid runs	0.2	0.4	15	0.8	0.04	2	t	water share comes from the cook-down balance
puree	7	puréed	1	1	1	1.5	0.15	0	t	broken cells: all water is in play, fibre and starch hold some
mash	8	mashed, cold	0.85	1	40	1.5	0.03	1	t	gelled starch holds water, then weeps while it stands
mash-hot	9	mashed, still hot	1	1	1	0.9	0.08	1	t	sticky; gels only on cooling
pulse-whole	10	cooked pulse, whole	0.1	0.25	30	0	0.03	5	t	
pulse-mash	11	cooked pulse, mashed	0.9	1	20	1.2	0.04	1	t	
\.
COPY public.ingredient (code, "position", name, role, family, water_pct, protein_pct, fat_pct, carb_pct, fibre_pct, sugars_pct, sodium_mg, bulk_density_g_per_ml, piece_grams, piece_name, allergens, whole_grain, legume, gluten_bearing, fat_state, notes, own) FROM stdin;
wheat-atta	0	Atta (stone-ground whole durum or medium-hard wheat)	flour	wheat	11.1	11	1.7	74.8	11.2	1	2	0.53	\N	\N	{gluten}	t	f	t	\N	Protein 10-12.5; some retail atta is lightly sieved (fibre 8-10)	f
wheat-whole-hard-red	1	Whole wheat flour, hard red	flour	wheat	10.8	13.2	2.4	72	10.8	0.8	2	0.51	\N	\N	{gluten}	t	f	t	\N	Sugars 0.4-2 across tables	f
wheat-whole-hard-white	2	Whole wheat flour, hard white	flour	wheat	10.5	12.4	2	73.5	11.5	0.8	2	0.5	\N	\N	{gluten}	t	f	t	\N		f
wheat-whole-soft-white	3	Whole wheat flour, soft white	flour	wheat	10.6	10.5	2	75.3	12.2	0.8	2	0.48	\N	\N	{gluten}	t	f	t	\N	Whole pastry-type flour	f
wheat-fresh-milled-hard	4	Fresh-milled hard wheat (home stone or impact mill)	flour	wheat	12	13.2	1.9	71.2	12.2	0.9	2	0.42	\N	\N	{gluten}	t	f	t	\N	Fluffy straight from the mill; settles to about 0.50 after a day	f
wheat-fresh-milled-soft	5	Fresh-milled soft wheat (home stone or impact mill)	flour	wheat	11.7	10.4	1.8	74.5	12.5	0.9	2	0.39	\N	\N	{gluten}	t	f	t	\N	Fluffy straight from the mill; settles to about 0.47 after a day	f
wheat-plain-white	6	Plain (all-purpose) white wheat flour	flour	wheat	11.9	10.3	1	76.3	2.7	0.3	2	0.52	\N	\N	{gluten}	f	f	t	\N	European plain flours are nearer 14 % water and 9.5-10.5 protein	f
wheat-strong-white	7	Strong white bread flour	flour	wheat	13.3	12	1.6	72.6	2.4	0.3	2	0.54	\N	\N	{gluten}	f	f	t	\N		f
wheat-very-strong-white	8	Very strong white bread flour	flour	wheat	13	14.2	1.6	70.7	2.5	0.3	2	0.55	\N	\N	{gluten}	f	f	t	\N	Protein 13.5-15	f
wheat-soft-white	9	Soft white flour (pastry or cake type)	flour	wheat	12.4	8.8	0.9	77.5	2	0.3	2	0.47	\N	\N	{gluten}	f	f	t	\N	Unchlorinated	f
semolina-fine-durum	10	Durum semolina, fine (remilled)	flour	durum	12.7	12.5	1.3	72.7	3.8	0.8	2	0.64	\N	\N	{gluten}	f	f	t	\N		f
semolina-medium	11	Durum semolina, medium	flour	durum	12.7	12.6	1.1	72.8	3.9	0.7	2	0.69	\N	\N	{gluten}	f	f	t	\N		f
semolina-coarse	12	Durum semolina, coarse	flour	durum	12.7	12.6	1.1	72.8	3.9	0.7	2	0.71	\N	\N	{gluten}	f	f	t	\N	Indian sooji from common wheat is similar with protein 10-11	f
spelt-white	13	White spelt flour	flour	ancient-wheat	13	12.2	1.4	72.7	3.4	0.6	2	0.5	\N	\N	{gluten}	f	f	t	\N	Roughly 0.6-0.65 % ash grade	f
spelt-whole	14	Whole spelt flour	flour	ancient-wheat	11	14.2	2.4	70.6	10.5	2.5	6	0.48	\N	\N	{gluten}	t	f	t	\N	Sugars uncertain: one table prints 6.8; most 0.7-3	f
khorasan-whole	15	Whole khorasan wheat flour	flour	ancient-wheat	11.1	14.5	2.1	70.6	11.1	3	5	0.52	\N	\N	{gluten}	t	f	t	\N	Sugars uncertain: one table prints 7.8	f
emmer-whole	16	Whole emmer flour	flour	ancient-wheat	10.8	13.5	2.2	71.8	10	1.5	4	0.49	\N	\N	{gluten}	t	f	t	\N	Protein 12-15	f
einkorn-whole	17	Whole einkorn flour	flour	ancient-wheat	10.8	16	2.7	68.6	8.7	2	4	0.45	\N	\N	{gluten}	t	f	t	\N	Protein 13-18	f
rye-whole	18	Whole rye flour	flour	rye	11	10	1.7	75.7	14.9	1	2	0.45	\N	\N	{gluten}	t	f	t	\N		f
rye-light	19	Light rye flour	flour	rye	11.4	9.4	1.3	77.1	8	0.9	2	0.43	\N	\N	{gluten}	f	f	t	\N		f
barley-flour	20	Barley flour (pearled)	flour	barley	12	10.3	1.6	74.8	10.1	0.8	4	0.46	\N	\N	{gluten}	f	f	t	\N	Hordein only: allergen yes but almost no dough structure	f
barley-hulless-whole	21	Hulless (naked) barley flour, whole	flour	barley	10.5	12.6	2.3	72.5	13.5	0.9	8	0.48	\N	\N	{gluten}	t	f	t	\N	Fibre 11-17	f
oat-flour	22	Oat flour, whole	flour	oat	10.3	13.3	6.8	67.8	10	1	5	0.42	\N	\N	{gluten}	t	f	f	\N	Declared as a gluten cereal in EU and UK and often cross-contaminated; avenin forms no dough structure so gluten_bearing is false	f
maize-flour-fine	23	Maize flour, fine, whole yellow	flour	maize	10.9	7	3.9	76.8	7.3	0.6	5	0.5	\N	\N	{}	t	f	f	\N	Not the same as pure maize starch	f
cornmeal-coarse	24	Cornmeal, coarse, degermed	flour	maize	11.2	7.3	1.8	79.1	3.9	1.2	5	0.66	\N	\N	{}	f	f	f	\N	Whole-germ cornmeal: fat 3.6, fibre 7.3	f
maize-nixtamalised	25	Nixtamalised maize flour	flour	maize	9.6	8.5	3.7	76.6	6.4	1.6	5	0.48	\N	\N	{}	t	f	f	\N	Lime-cooked; some pericarp is lost so whole-grain status is debated	f
rice-flour-brown	26	Brown rice flour	flour	rice	12	7.2	2.8	76.5	4.6	0.8	8	0.58	\N	\N	{}	t	f	f	\N		f
rice-flour-white	27	White rice flour	flour	rice	11.9	6	1.4	80.1	2.4	0.1	1	0.6	\N	\N	{}	f	f	f	\N		f
sorghum-flour	28	Sorghum flour, whole	flour	millet-sorghum	10.3	8.5	3.3	76.6	6.8	1.9	3	0.51	\N	\N	{}	t	f	f	\N		f
finger-millet-flour	29	Finger millet flour (ragi)	flour	millet-sorghum	10.9	7.2	1.9	78	11.2	0.6	5	0.53	\N	\N	{}	t	f	f	\N		f
pearl-millet-flour	30	Pearl millet flour (bajra)	flour	millet-sorghum	9	11	5.4	73.2	11.4	1.2	5	0.52	\N	\N	{}	t	f	f	\N	Goes rancid quickly	f
foxtail-millet-flour	31	Foxtail millet flour (dehusked)	flour	millet-sorghum	11	10.8	3.8	72.8	6	1	5	0.52	\N	\N	{}	t	f	f	\N	Fibre depends strongly on dehusking (2-8)	f
teff-flour	32	Teff flour	flour	millet-sorghum	8.8	13	2.4	73.4	8	1.8	12	0.57	\N	\N	{}	t	f	f	\N	Protein 9-13.5	f
amaranth-flour	33	Amaranth flour	flour	pseudocereal	11.3	13.6	7	65.2	6.7	1.7	4	0.5	\N	\N	{}	t	f	f	\N		f
quinoa-flour	34	Quinoa flour	flour	pseudocereal	12.6	14.1	6.1	64.8	7	2.7	5	0.47	\N	\N	{}	t	f	f	\N		f
buckwheat-flour	35	Buckwheat flour, whole groat	flour	pseudocereal	11.2	12.6	3.1	70.6	10	2.6	11	0.51	\N	\N	{}	t	f	f	\N	Buckwheat is a declared allergen in Japan and Korea (not in the listed set)	f
chickpea-flour	36	Chickpea (gram) flour	flour	pulse-flour	10	22.2	6.4	58.6	10.5	9	40	0.41	\N	\N	{}	f	t	f	\N	Sugars 2.6-10.9 across tables (oligosaccharides counted or not); sodium 10-64	f
chickpea-roasted-flour	37	Roasted chickpea flour	flour	pulse-flour	7.5	22.5	5.8	61.3	11.5	8	40	0.42	\N	\N	{}	f	t	f	\N	Dehusked roasted; some grinds keep the skin (fibre 15 or more)	f
lentil-red-flour	38	Red lentil flour	flour	pulse-flour	9	24	2	62.4	10.8	2	7	0.55	\N	\N	{}	f	t	f	\N		f
lentil-green-flour	39	Green or brown lentil flour	flour	pulse-flour	8.8	24.5	1.1	62.9	10.9	2	6	0.54	\N	\N	{}	f	t	f	\N	Whole seed incl. skin; tables with enzymatic fibre print up to 30	f
mung-flour	40	Mung flour (dehusked)	flour	pulse-flour	9.8	23.9	1.3	61.8	9.5	5	15	0.56	\N	\N	{}	f	t	f	\N	Whole-seed mung flour: fibre about 16	f
urad-flour	41	Urad (black gram) flour, dehusked	flour	pulse-flour	9.2	23.5	1.7	62.5	11.9	3	25	0.57	\N	\N	{}	f	t	f	\N		f
pea-yellow-flour	42	Yellow pea flour (dehulled)	flour	pulse-flour	9.3	22.5	1.6	64	13	6	12	0.52	\N	\N	{}	f	t	f	\N	Fibre 9-22 across methods	f
fava-flour	43	Fava (broad) bean flour, dehulled	flour	pulse-flour	9.5	28	1.8	57.5	11	4.5	13	0.51	\N	\N	{}	f	t	f	\N	Whole seed: protein 26, fibre 25; hazardous in G6PD deficiency	f
soy-flour-full-fat	44	Soy flour, full fat	flour	pulse-flour	5.2	37.8	20.6	31.9	9.6	7.5	13	0.36	\N	\N	{soy}	f	t	f	\N		f
soy-flour-defatted	45	Soy flour, defatted	flour	pulse-flour	7.2	51.4	1.2	34	17.5	9.5	20	0.44	\N	\N	{soy}	f	t	f	\N	Sugars 8-18 across tables	f
lupin-flour	46	Lupin flour (sweet)	flour	pulse-flour	9.5	38.5	8.5	40.2	28	3.5	15	0.42	\N	\N	{lupin}	f	t	f	\N	Fibre 19-38 across tables	f
almond-flour	47	Almond flour (blanched)	dry-addition	nut-seed-meal	4.6	21.4	52.2	18.9	9.9	4.6	15	0.41	\N	\N	{nuts}	f	f	f	\N		f
flax-meal	48	Flax (linseed) meal	dry-addition	nut-seed-meal	7	18.3	42.2	28.9	27.3	1.6	30	0.45	\N	\N	{}	f	f	f	\N		f
chia-ground	49	Chia seed, ground	dry-addition	nut-seed-meal	5.8	17.5	30.8	41.2	34.4	0.5	16	0.47	\N	\N	{}	f	f	f	\N		f
sesame-seed	50	Sesame seed, whole	seed	oilseed	4.7	17.7	49.7	23.4	11.8	0.3	11	0.61	\N	\N	{sesame}	f	f	f	\N	Hulled: fibre lower and slightly more fat	f
hemp-seed	51	Hemp seed, hulled	seed	oilseed	5.5	31.5	47.5	9.6	4.5	1.5	5	0.65	\N	\N	{}	f	f	f	\N		f
sunflower-seed	52	Sunflower seed, hulled	seed	oilseed	4.7	20.8	51.2	20.3	8.6	2.6	9	0.59	\N	\N	{}	f	f	f	\N		f
psyllium-husk	53	Psyllium husk	dry-addition	fibre	8.5	2	0.6	86.4	80	0	50	0.33	\N	\N	{}	f	f	f	\N		f
potato-flakes	54	Potato flakes, dried, plain	dry-addition	potato	6.6	8.3	0.4	81.2	6.6	3.4	77	0.25	\N	\N	{sulphite}	f	f	f	\N	Sulphite is a common preservative: check the pack	f
potato-starch	55	Potato starch	dry-addition	starch	16	0.1	0.1	83.5	0.1	0	5	0.66	\N	\N	{}	f	f	f	\N		f
tapioca-starch	56	Tapioca (cassava) starch	dry-addition	starch	11.5	0.2	0.1	88	0.9	0.1	2	0.51	\N	\N	{}	f	f	f	\N		f
wheat-gluten-vital	57	Vital wheat gluten	dry-addition	protein	8	75.2	1.9	13.9	0.6	0	29	0.52	\N	\N	{gluten}	f	f	t	\N	Protein 70-80 %	f
milk-powder-skimmed	58	Skimmed milk powder	dairy	milk-powder	3.2	36.2	0.8	51.9	0	51.9	535	0.5	\N	\N	{milk}	f	f	f	\N	Non-instant; agglomerated instant powder 0.29 g/ml	f
milk-powder-whole	59	Whole milk powder	dairy	milk-powder	2.5	26.3	26.7	38.4	0	38.4	371	0.52	\N	\N	{milk}	f	f	f	\N		f
potato-raw	60	Potato, raw	inclusion	root-veg	79.3	2	0.1	17.5	2.1	0.8	6	0.6	170	medium, unpeeled	{}	f	f	f	\N	Peeled yield about 0.85; density is coarsely grated	f
sweet-potato-raw	61	Sweet potato, raw	inclusion	root-veg	77.3	1.6	0.1	20.1	3	4.2	55	0.5	200	medium, unpeeled	{}	f	f	f	\N	Peeled yield about 0.85; density is grated	f
cauliflower-raw	62	Cauliflower, raw	inclusion	brassica	92.1	1.9	0.3	5	2	1.9	30	0.45	600	medium head, trimmed	{}	f	f	f	\N	Density is riced or grated	f
carrot-raw	63	Carrot, raw	inclusion	root-veg	88.3	0.93	0.24	9.6	2.8	4.7	69	0.46	70	medium, unpeeled	{}	f	f	f	\N	Peeled yield about 0.88; density is grated	f
beetroot-raw	64	Beetroot, raw	inclusion	root-veg	87.6	1.6	0.2	9.6	2.8	6.8	78	0.5	110	medium, no tops, unpeeled	{}	f	f	f	\N	Peeled yield about 0.85; density is grated	f
pumpkin-raw	65	Pumpkin or winter squash, raw	inclusion	fruit-veg	89.9	1	0.1	8.2	1.6	2.5	3	0.48	1000	small squash, whole	{}	f	f	f	\N	Wide range: field pumpkin 92 % water, butternut 86 %; peeled and seeded yield about 0.7; density is grated	f
courgette-raw	66	Courgette, raw	inclusion	fruit-veg	94.8	1.2	0.3	3.1	1	2	8	0.5	200	medium	{}	f	f	f	\N	Density is grated, unsqueezed	f
parsnip-raw	67	Parsnip, raw	inclusion	root-veg	79.5	1.2	0.3	18	4.6	4.8	10	0.48	130	medium, unpeeled	{}	f	f	f	\N	Peeled yield about 0.8; density is grated	f
turnip-raw	68	Turnip, raw	inclusion	root-veg	91.9	0.9	0.1	6.4	1.8	3.8	67	0.5	150	medium, unpeeled	{}	f	f	f	\N	Peeled yield about 0.82; density is grated	f
daikon-raw	69	Daikon (white radish), raw	inclusion	root-veg	94.6	0.6	0.1	4.1	1.6	2.5	21	0.5	400	medium, unpeeled	{}	f	f	f	\N	Weeps strongly once grated and salted; density is grated	f
milk-whole	104	Milk, whole	dairy	milk	87.9	3.3	3.4	4.7	0	4.7	43	1.03	\N	\N	{milk}	f	f	f	\N		f
cabbage-raw	70	White cabbage, raw	inclusion	brassica	92.2	1.3	0.1	5.8	2.5	3.2	18	0.3	900	medium head	{}	f	f	f	\N	Trimmed yield about 0.8; density is finely shredded	f
onion-raw	71	Onion, raw	inclusion	allium	89.1	1.1	0.1	9.3	1.7	4.2	4	0.62	120	medium, unpeeled	{}	f	f	f	\N	Peeled yield about 0.9; density is finely chopped	f
spring-onion-raw	72	Spring onion, raw	inclusion	allium	89.8	1.8	0.2	7.4	2.6	2.3	16	0.42	15	stalk, trimmed	{}	f	f	f	\N	Density is sliced	f
spinach-raw	73	Spinach, raw	inclusion	leaf	91.5	2.8	0.4	3.6	2.2	0.4	79	0.18	200	bunch	{}	f	f	f	\N	Density is chopped loose; whole leaves 0.12; bunches run 150-340 g	f
chard-raw	74	Swiss chard, raw	inclusion	leaf	92.7	1.8	0.2	3.7	1.6	1.1	213	0.16	300	bunch	{}	f	f	f	\N	Density is chopped loose	f
kale-raw	75	Kale, raw	inclusion	brassica-leaf	89.1	2.9	1.3	5.1	4.1	1	53	0.14	200	bunch	{}	f	f	f	\N	Density is chopped loose; stems out yield about 0.7	f
nettle-raw	76	Nettle tops, raw	inclusion	leaf	85	5	0.6	7	5	0.4	6	0.15	\N	\N	{}	f	f	f	\N	Wild and very variable (protein 2.7-7.4); handle with gloves until wilted	f
mustard-greens-raw	77	Mustard greens, raw	inclusion	brassica-leaf	90.7	2.8	0.4	4.7	3.2	1.3	20	0.2	250	bunch	{mustard}	f	f	f	\N	Declared as mustard on the cautious reading	f
fenugreek-leaf	78	Fenugreek leaf (methi), raw	inclusion	leaf	86.5	3.9	0.8	7.1	4.5	0.6	70	0.16	150	bunch	{}	f	f	f	\N	Picked-leaf yield about 0.55; botanically a legume but flagged as a leaf; possible cross-reaction with peanut	f
moringa-leaf	79	Moringa (drumstick) leaf, raw	inclusion	leaf	77.5	7.5	1.5	11.2	5.5	0.8	12	0.09	100	bunch, with stems	{}	f	f	f	\N	Protein 6.4-9.4; fibre 2-8; picked-leaf yield about 0.5	f
amaranth-leaf	80	Amaranth leaf, raw	inclusion	leaf	91.2	2.6	0.3	4.3	2.4	0.4	20	0.15	200	bunch	{}	f	f	f	\N	Density is chopped loose	f
dill-leaf	81	Dill, fresh	inclusion	herb	86.2	3.4	1	7	3	0.5	61	0.15	40	bunch	{}	f	f	f	\N	Density is chopped; sprigs 0.04	f
coriander-leaf	82	Coriander leaf, fresh	inclusion	herb	92.2	2.1	0.5	3.7	2.8	0.9	46	0.16	60	bunch	{}	f	f	f	\N	Density is chopped; bunches run 30-100 g	f
leek-raw	83	Leek, raw	inclusion	allium	84	1.5	0.3	13.2	2	3.9	20	0.38	200	medium, untrimmed	{}	f	f	f	\N	Trimmed yield about 0.6; UK-type tables print 22 kcal (fructans left out)	f
peas-green-raw	84	Green peas, raw or frozen	inclusion	pulse-fresh	77.2	5.9	0.7	15.3	5.3	5.2	5	0.61	\N	\N	{}	f	t	f	\N		f
sweetcorn-raw	85	Sweetcorn kernels, raw	inclusion	fruit-veg	76.6	3.2	1.3	18.2	2.4	5.5	12	0.62	100	kernels of one medium ear	{}	f	f	f	\N		f
red-pepper-raw	86	Red (sweet) pepper, raw	inclusion	fruit-veg	91.6	1	0.3	6.6	1.9	4.2	4	0.6	150	medium, whole	{}	f	f	f	\N	Seeded yield about 0.82; density is chopped	f
tomato-raw	87	Tomato, raw	inclusion	fruit-veg	94.5	0.9	0.2	3.9	1.2	2.6	5	0.76	120	medium	{}	f	f	f	\N	Density is chopped with juice	f
mushroom-raw	88	Mushroom (white), raw	inclusion	fungus	92.9	2.3	0.3	3.6	1.2	1.7	5	0.32	18	medium	{}	f	f	f	\N	Protein set below nitrogen x 6.25 (3.1) because much nitrogen is not protein	f
garlic-raw	89	Garlic, raw	inclusion	aromatic	59	6.3	0.5	32.7	2.2	1	17	0.58	4	clove, peeled	{}	f	f	f	\N	Density is minced	f
ginger-raw	90	Ginger root, raw	inclusion	aromatic	78.9	1.8	0.7	17.8	2.1	1.7	13	0.6	15	thumb, about 2.5 cm	{}	f	f	f	\N	Density is grated	f
green-chilli-raw	91	Green chilli, raw	inclusion	aromatic	88.2	2	0.3	8.9	2.5	4.5	7	0.5	6	small slim chilli	{}	f	f	f	\N	Density is chopped	f
mung-cooked	92	Mung beans, boiled	inclusion	cooked-pulse	72.7	7.1	0.4	19	7.2	2	2	0.85	\N	\N	{}	f	t	f	\N	Boiled unsalted and drained	f
lentil-red-cooked	93	Red lentils, boiled	inclusion	cooked-pulse	72	7.8	0.4	19	4.2	1.2	4	0.95	\N	\N	{}	f	t	f	\N	Thick puree; water depends on how far it is cooked down (68-80)	f
lentil-green-cooked	94	Green or brown lentils, boiled	inclusion	cooked-pulse	69.7	9	0.5	20	7.4	1.8	2	0.84	\N	\N	{}	f	t	f	\N	Boiled unsalted and drained	f
chickpea-cooked	95	Chickpeas, boiled	inclusion	cooked-pulse	60.2	8.9	2.6	27.4	7.2	4.8	7	0.69	\N	\N	{}	f	t	f	\N	Boiled unsalted and drained; canned about 66 % water and 200-250 mg sodium	f
black-bean-cooked	96	Black beans, boiled	inclusion	cooked-pulse	65.7	8.9	0.5	23.7	8.7	0.3	1	0.73	\N	\N	{}	f	t	f	\N	Boiled unsalted and drained	f
white-bean-cooked	97	White beans, boiled	inclusion	cooked-pulse	63.1	9.6	0.4	25.2	6.5	0.3	6	0.76	\N	\N	{}	f	t	f	\N	Boiled unsalted and drained; small navy type fibre about 10.5	f
kidney-bean-cooked	98	Kidney beans, boiled	inclusion	cooked-pulse	66.9	8.7	0.5	22.8	6.6	0.3	2	0.75	\N	\N	{}	f	t	f	\N	Boiled unsalted and drained; raw beans must be boiled hard for 10 min	f
potato-boiled	99	Potato, boiled	inclusion	cooked-veg	77.3	1.8	0.1	20	1.9	0.9	5	0.85	150	medium, peeled	{}	f	f	f	\N	Density is mashed loosely; unsalted	f
sweet-potato-cooked	100	Sweet potato, boiled	inclusion	cooked-veg	80	1.4	0.1	17.8	2.5	5.7	27	0.95	150	medium, peeled	{}	f	f	f	\N	Density is mashed; baked flesh is drier (about 76 % water)	f
beetroot-cooked	101	Beetroot, boiled	inclusion	cooked-veg	87.1	1.7	0.2	9.9	2.1	7.7	77	0.72	100	medium, peeled	{}	f	f	f	\N	Density is grated; smooth puree about 1.0	f
pumpkin-cooked	102	Pumpkin or winter squash, cooked	inclusion	cooked-veg	91.3	0.9	0.2	6.9	2	2.8	2	1	\N	\N	{}	f	f	f	\N	Mash; steamed field pumpkin 94 % water, roasted dense squash 87 %	f
water	103	Water	liquid	water	100	0	0	0	0	0	1	1	\N	\N	{}	f	f	f	\N		f
milk-skimmed	105	Milk, skimmed	dairy	milk	90.8	3.4	0.1	5	0	5	42	1.035	\N	\N	{milk}	f	f	f	\N		f
buttermilk	106	Buttermilk, cultured low fat	dairy	cultured-dairy	90.4	3.3	0.9	4.6	0	4.6	105	1.03	\N	\N	{milk}	f	f	f	\N	Sodium 45-190 depending on whether salted	f
yogurt-whole	107	Yogurt, plain whole	dairy	cultured-dairy	87.9	3.5	3.3	4.6	0	4.6	46	1.03	\N	\N	{milk}	f	f	f	\N	Home-set and buffalo-milk yogurt is richer	f
yogurt-strained	108	Yogurt, thick strained, whole	dairy	cultured-dairy	81.3	8.8	5	4.1	0	4	35	1.05	\N	\N	{milk}	f	f	f	\N	Fat 2-10, protein 6-10	f
whey-liquid	109	Whey, liquid	dairy	milk	93.2	0.8	0.3	5.1	0	5.1	52	1.025	\N	\N	{milk}	f	f	f	\N	Sweet or acid; drained from fresh curd or strained yogurt	f
oat-drink	110	Oat drink, unsweetened	liquid	plant-drink	90.6	0.9	1.4	6.7	0.8	3.8	40	1.02	\N	\N	{gluten}	f	f	f	\N	Declared as a gluten cereal in EU and UK; products vary in added oil and calcium; sugars come from enzyme-treated starch	f
coconut-milk	111	Coconut milk, canned, full fat	liquid	plant-drink	73.6	2	20.4	3.1	0.3	2	15	0.97	\N	\N	{}	f	f	f	\N	Fat 12-24 by extraction; some cans carry sulphite	f
butter	112	Butter, unsalted	fat	animal-fat	16.5	0.8	82	0.6	0	0.6	11	0.95	\N	\N	{milk}	f	f	f	soft	Salted: 500-650 mg sodium	f
ghee	113	Ghee	fat	animal-fat	0.3	0.1	99.6	0	0	0	1	0.91	\N	\N	{milk}	f	f	f	soft	Density is melted	f
olive-oil	114	Olive oil	fat	plant-oil	0	0	100	0	0	0	1	0.915	\N	\N	{}	f	f	f	liquid		f
neutral-oil	115	Neutral vegetable oil	fat	plant-oil	0	0	100	0	0	0	0	0.92	\N	\N	{}	f	f	f	liquid	Refined sunflower, rapeseed or similar; soy oil would need a soy declaration check	f
sesame-oil	116	Sesame oil	fat	plant-oil	0	0	100	0	0	0	0	0.92	\N	\N	{sesame}	f	f	f	liquid		f
coconut-oil	117	Coconut oil	fat	plant-oil	0.1	0	99.9	0	0	0	0	0.92	\N	\N	{}	f	f	f	soft	Solid below about 24 C	f
lard	118	Lard	fat	animal-fat	0.1	0	99.9	0	0	0	1	0.87	\N	\N	{}	f	f	f	soft	Density is spooned soft; melted 0.92	f
vegetable-shortening	119	Vegetable shortening	fat	plant-fat	0.1	0	99.9	0	0	0	4	0.82	\N	\N	{}	f	f	f	soft	May be soy based: check the pack	f
sugar-white	120	Sugar, white	sweetener	sugar	0.1	0	0	99.9	0	99.9	1	0.85	\N	\N	{}	f	f	f	\N		f
honey	121	Honey	sweetener	syrup	17.3	0.3	0	82.2	0.2	81.5	4	1.42	\N	\N	{}	f	f	f	\N		f
molasses	122	Molasses	sweetener	syrup	21.9	0.1	0.1	74.6	0	66	37	1.41	\N	\N	{}	f	f	f	\N	Sugars 55-75 across tables; sulphured grades carry sulphite	f
date-syrup	123	Date syrup	sweetener	syrup	24	1.2	0.2	73	1.5	66	15	1.37	\N	\N	{}	f	f	f	\N		f
yeast-instant	124	Instant dried yeast	leavener	yeast	5.1	40.4	7.6	41.2	26.9	0	51	0.64	7	sachet	{}	f	f	f	\N		f
yeast-active-dry	125	Active dried yeast	leavener	yeast	6.5	40	6.8	41	26.5	0	51	0.64	7	sachet	{}	f	f	f	\N	Tables do not separate it from instant	f
yeast-fresh	126	Fresh compressed yeast	leavener	yeast	69	8.9	1.9	18.2	8.1	0	30	0.75	42	cube	{}	f	f	f	\N	Density is crumbled; tables differ (another: protein 11, 53 kcal)	f
baking-powder	127	Baking powder	leavener	chemical-leavener	5	0.1	0	27.7	0.2	0	10600	0.92	\N	\N	{}	f	f	f	\N	Carbohydrate is mostly starch filler (may be wheat starch: check); sodium 7900-11800 by acid system	f
baking-soda	128	Baking soda	leavener	chemical-leavener	0.2	0	0	0	0	0	27360	0.95	\N	\N	{}	f	f	f	\N	Remainder is sodium bicarbonate; tables print ash after carbon dioxide loss (about 37)	f
sourdough-starter	129	Sourdough starter, 100 % hydration, white wheat	leavener	sourdough	56.6	5.9	0.7	36.4	1.2	0.7	2	0.95	\N	\N	{gluten}	f	f	t	\N	Equal weights of strong white flour and water, before fermentation loss (1-2 % of solids); density is stirred down, ripe about 0.5	f
salt-fine	130	Salt, fine	salt	salt	0.2	0	0	0	0	0	38758	1.22	\N	\N	{}	f	f	f	\N		f
salt-coarse	131	Salt, coarse	salt	salt	0.3	0	0	0	0	0	38700	1	\N	\N	{}	f	f	f	\N	Flaky and hollow-crystal salts can be 0.5-0.7; damp sea salt holds 1-4 % water	f
cumin-seed	132	Cumin seed	seed	spice-seed	8.1	17.8	22.2	44.3	10.5	2.3	168	0.42	\N	\N	{}	f	f	f	\N		f
carom-seed	133	Carom (ajwain) seed	seed	spice-seed	8	16.5	21	46.5	21	2	60	0.46	\N	\N	{}	f	f	f	\N	Sparse data; older Indian table counts no energy from fibre	f
nigella-seed	134	Nigella seed	seed	spice-seed	6	19.5	35	35.1	18	2	60	0.55	\N	\N	{}	f	f	f	\N	Sparse data; fibre 8 (crude) to 25 (total)	f
coriander-ground	135	Coriander seed, ground	seasoning	spice	8.9	12.4	17.8	54.9	41.9	1	35	0.38	\N	\N	{}	f	f	f	\N		f
turmeric-ground	136	Turmeric, ground	seasoning	spice	12	8.8	5	67.5	21.5	3.2	30	0.6	\N	\N	{}	f	f	f	\N		f
chilli-powder	137	Chilli powder (pure ground dried chilli)	seasoning	spice	8.5	12	10	63	29	12	60	0.5	\N	\N	{}	f	f	f	\N	Not a salted blend	f
black-pepper-ground	138	Black pepper, ground	seasoning	spice	12.4	10.4	3.3	69.4	25.3	0.6	20	0.47	\N	\N	{}	f	f	f	\N	Carbohydrate is by difference; tables print 64 and do not sum to 100	f
mung-dry	139	Mung beans, dry	inclusion	dry-pulse	9.1	23.9	1.2	62.6	16.3	6.6	15	0.85	\N	\N	{}	f	t	f	\N		f
lentil-red-dry	140	Red lentils, dry	inclusion	dry-pulse	8.5	24.6	1.7	63.1	10.8	2	7	0.83	\N	\N	{}	f	t	f	\N		f
lentil-green-dry	141	Green or brown lentils, dry	inclusion	dry-pulse	8.8	24.6	1.1	63	10.7	2	6	0.83	\N	\N	{}	f	t	f	\N		f
chickpea-dry	142	Chickpeas, dry	inclusion	dry-pulse	10.5	20.5	6	60.2	12.2	10.7	24	0.8	\N	\N	{}	f	t	f	\N		f
black-bean-dry	143	Black beans, dry	inclusion	dry-pulse	11	21.6	1.4	62.4	15.5	2.1	5	0.8	\N	\N	{}	f	t	f	\N		f
white-bean-dry	144	White beans, dry	inclusion	dry-pulse	11.3	23.4	0.9	60.3	15.2	2.1	16	0.82	\N	\N	{}	f	t	f	\N		f
kidney-bean-dry	145	Kidney beans, dry	inclusion	dry-pulse	11.4	22.5	1.1	61	15.2	2.1	12	0.8	\N	\N	{}	f	t	f	\N	Poisonous raw or undercooked: boil hard for at least ten minutes	f
wheat-berry-dry	146	Wheat berries, dry	inclusion	dry-grain	11.5	12.5	2	72	12	0.6	3	0.8	\N	\N	{gluten}	t	f	t	\N		f
pressed-liquid	147	Pressed vegetable liquid	liquid	pressed-liquid	95	0.8	0.1	3.7	0.3	3	20	1.01	\N	\N	{}	f	f	f	\N	Counts with its solids; varies with the vegetable	f
own-mill-sweepings	100000	Mill sweepings	flour	own	14	10	2	72	10	1	5	0.5	\N	\N	{wheat}	t	f	t	\N	from the mill	t
own-turned-flour	100000	Turned flour	seed	own	14	10	2	72	10	1	5	0.5	\N	\N	{wheat}	f	f	f	\N		t
\.
COPY public.kitchen (id, name, mass_unit, temperature_unit, decimal_mark, date_order, cup_ml, currency) FROM stdin;
1	Orrin Weir's test kitchen	g	C	point	day-month	250	€
\.
COPY public.measure (code, "position", name, plural, kind, millilitres, grams, relative_sd, notes) FROM stdin;
g	0	gram	grams	mass	\N	1	0.005	at least 0.5 g
kg	1	kilogram	kilograms	mass	\N	1000	0.005	
oz	2	ounce	ounces	mass	\N	28.3495	0.01	
lb	3	pound	pounds	mass	\N	453.592	0.01	
ml	4	millilitre	millilitres	volume	1	\N	0.03	
l	5	litre	litres	volume	1000	\N	0.02	
tsp	6	teaspoon	teaspoons	volume	5	\N	0.1	
tbsp	7	tablespoon	tablespoons	volume	15	\N	0.08	
fl-oz	8	fluid ounce	fluid ounces	volume	29.5735	\N	0.05	
cup	9	cup	cups	volume	240	\N	0.08	kitchen setting: 200 to 300 ml
pint	10	pint	pints	volume	473.176	\N	0.04	kitchen setting
quart	11	quart	quarts	volume	946.353	\N	0.04	
glass	12	glass	glasses	volume	200	\N	0.15	kitchen setting or weigh-in
handful	13	handful	handfuls	volume	60	\N	0.3	weigh-in wanted; leaves are looser than flour
pinch	14	pinch	pinches	volume	0.4	\N	0.5	
dash	15	dash	dashes	volume	0.6	\N	0.5	
glug	16	glug	glugs	volume	12	\N	0.4	
knob	17	knob	knobs	volume	16	\N	0.35	of solid fat
stick	18	stick	sticks	mass	\N	113.4	0.01	butter only
piece	19	piece	pieces	count	\N	\N	0.2	needs the ingredient's piece weight
bunch	20	bunch	bunches	count	\N	\N	0.3	needs the ingredient's piece weight
\.
COPY public.own_value (ingredient_code, field, value, source) FROM stdin;
khorasan-whole	absorptionPct	68	six batches at our mill
yogurt-strained	proteinPct	9.4	pack says
\.
COPY public.price (ingredient_code, amount, per) FROM stdin;
wheat-atta	1.35	kg
emmer-whole	3.2	kg
rye-whole	1.5	kg
wheat-strong-white	0.98	kg
wheat-plain-white	0.85	kg
semolina-medium	1.4	kg
pea-yellow-flour	2.6	kg
pumpkin-cooked	1.1	kg
neutral-oil	2.1	l
olive-oil	8.5	l
butter	8.9	kg
ghee	11.5	kg
lard	4.2	kg
salt-fine	0.6	kg
\.
COPY public.style (code, "position", name, softness_target, softness_low, softness_high, sheet_mm, diameter_mm, rest_min, rest_max_min, spring_limit_pct, density_g_per_ml, puffs, griddle_low_c, griddle_high_c, side_one_s, side_two_s, cook_loss_pct, leavened, notes) FROM stdin;
roti	0	Roti	1	0.94	1.07	1.8	170	20	180	8	1.18	t	215	245	30	45	12	f	thin, dry griddle, finished on the flame or pressed
greens-roti	1	Greens roti	0.95	0.88	1.02	2	160	5	60	9	1.17	f	180	210	60	60	11	f	firm spiced dough with chopped leaves and yogurt, cooked with a little fat; rolled soon, before the leaves weep
stuffed-paratha	2	Filled paratha	1.06	1	1.13	4	190	20	180	6	1.17	f	175	205	120	120	9	f	soft shell sealed round a filling, rolled gently from the edges
layered-paratha	3	Layered paratha	0.98	0.92	1.05	3	180	20	180	7	1.12	f	165	195	150	150	9	f	rolled, fatted, folded or coiled, rolled again
tortilla	4	Wheat tortilla	1	0.94	1.1	1.6	205	20	120	8	1.16	f	200	235	45	30	10	f	fat in the dough, no yeast, must stay pliable
pita	5	Pita	1.08	1.02	1.16	5.5	155	60	150	8	1.05	t	240	270	120	60	11	t	yeasted, rolled even, very hot stone or steel
skillet-naan	6	Skillet naan	1.25	1.12	1.42	6	190	60	150	10	1	t	200	240	120	120	10	t	yeasted, slack, stretched with wet or oiled hands
semolina-cut	7	Semolina griddle bread, cut	1.1	1	1.25	12	70	30	120	20	1.15	f	150	180	300	300	12	f	semolina coated with fat, pressed out and cut
semolina-pressed	8	Semolina griddle bread, pressed in the pan	2.2	1.6	3	14	220	3	20	30	1.1	f	150	175	600	300	14	f	very wet at first; firms while it stands
potato-flatbread	9	Potato flatbread	1.2	0.95	1.4	2.5	200	0	20	12	1.12	f	190	230	75	60	10	f	cold mash or flakes with little flour, barely worked, rolled at once or well chilled
oil-flatbread	10	Oil-rich flatbread	1.05	0.98	1.12	5	150	0	60	20	1.12	f	165	195	180	150	9	f	short and flaky, not kneaded
cracker	11	Rolled cracker	0.92	0.85	1	1.2	300	20	120	10	1.18	f	190	205	1200	0	25	f	rolled on seeds, scored, baked crisp
\.
COPY public.taught_name (name, ingredient_code) FROM stdin;
the gate blend	wheat-plain-white
garden nettles	nettle-raw
sweepings	own-mill-sweepings
\.
COPY public.vessel (code, name, plural, millilitres, relative_sd, notes) FROM stdin;
mill-scoop	mill scoop	mill scoops	320	0.15	
soup-ladle	soup ladle	soup ladles	110	0.15	
\.
COPY public.weigh_in (id, measure_code, ingredient_code, grams, count, weighed_at) FROM stdin;
1	handful	nettle-raw	17	1	2026-10-27 19:16:49.11487+00
2	handful	nettle-raw	20	1	2026-10-27 21:16:49.11487+00
3	handful	nettle-raw	56	3	2026-11-04 07:16:49.11487+00
4	handful	chard-raw	31	1	2026-10-30 07:16:49.11487+00
5	handful	chard-raw	36	1	2026-10-30 08:16:49.11487+00
6	glass	\N	231	1	2026-11-09 07:16:49.11487+00
7	glass	\N	229	1	2026-11-09 07:16:49.11487+00
8	glass	\N	692	3	2026-11-09 08:16:49.11487+00
9	mill-scoop	wheat-atta	181	1	2026-11-10 03:16:49.11487+00
10	mill-scoop	wheat-atta	176	1	2026-11-10 03:16:49.11487+00
11	mill-scoop	wheat-atta	540	3	2026-11-17 15:16:49.11487+00
\.
SELECT pg_catalog.setval('public.batch_correction_id_seq', 1, true);
SELECT pg_catalog.setval('public.batch_id_seq', 2, true);
SELECT pg_catalog.setval('public.flour_lot_id_seq', 10, true);
SELECT pg_catalog.setval('public.formula_id_seq', 10, true);
SELECT pg_catalog.setval('public.formula_version_id_seq', 22, true);
SELECT pg_catalog.setval('public.weigh_in_id_seq', 11, true);
ALTER TABLE ONLY public.batch_addition
    ADD CONSTRAINT batch_addition_pkey PRIMARY KEY (correction_id, "position");
ALTER TABLE ONLY public.batch_correction
    ADD CONSTRAINT batch_correction_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.batch
    ADD CONSTRAINT batch_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.feel
    ADD CONSTRAINT feel_pkey PRIMARY KEY (code);
ALTER TABLE ONLY public.flour_behaviour
    ADD CONSTRAINT flour_behaviour_pkey PRIMARY KEY (ingredient_code);
ALTER TABLE ONLY public.flour_lot
    ADD CONSTRAINT flour_lot_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);
ALTER TABLE ONLY public.formula_line
    ADD CONSTRAINT formula_line_pkey PRIMARY KEY (version_id, "position");
ALTER TABLE ONLY public.formula
    ADD CONSTRAINT formula_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.formula_set_aside
    ADD CONSTRAINT formula_set_aside_pkey PRIMARY KEY (version_id, "position");
ALTER TABLE ONLY public.formula
    ADD CONSTRAINT formula_uid_key UNIQUE (uid);
ALTER TABLE ONLY public.formula_version
    ADD CONSTRAINT formula_version_formula_id_number_key UNIQUE (formula_id, number);
ALTER TABLE ONLY public.formula_version
    ADD CONSTRAINT formula_version_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.inclusion_form
    ADD CONSTRAINT inclusion_form_pkey PRIMARY KEY (code);
ALTER TABLE ONLY public.ingredient
    ADD CONSTRAINT ingredient_pkey PRIMARY KEY (code);
ALTER TABLE ONLY public.kitchen
    ADD CONSTRAINT kitchen_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.measure
    ADD CONSTRAINT measure_pkey PRIMARY KEY (code);
ALTER TABLE ONLY public.own_value
    ADD CONSTRAINT own_value_pkey PRIMARY KEY (ingredient_code, field);
ALTER TABLE ONLY public.price
    ADD CONSTRAINT price_pkey PRIMARY KEY (ingredient_code);
ALTER TABLE ONLY public.style
    ADD CONSTRAINT style_pkey PRIMARY KEY (code);
ALTER TABLE ONLY public.taught_name
    ADD CONSTRAINT taught_name_pkey PRIMARY KEY (name);
ALTER TABLE ONLY public.vessel
    ADD CONSTRAINT vessel_pkey PRIMARY KEY (code);
ALTER TABLE ONLY public.weigh_in
    ADD CONSTRAINT weigh_in_pkey PRIMARY KEY (id);
CREATE INDEX batch_addition_ingredient ON public.batch_addition USING btree (ingredient_code);
CREATE INDEX batch_correction_batch ON public.batch_correction USING btree (batch_id, id);
CREATE INDEX batch_formula ON public.batch USING btree (formula_id, started_at DESC);
CREATE UNIQUE INDEX batch_running ON public.batch USING btree (formula_id) WHERE (finished_at IS NULL);
CREATE INDEX flour_lot_ingredient ON public.flour_lot USING btree (ingredient_code) WHERE (NOT used_up);
CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);
CREATE INDEX formula_line_ingredient ON public.formula_line USING btree (ingredient_code);
CREATE INDEX formula_state ON public.formula USING btree (state);
CREATE INDEX weigh_in_measure ON public.weigh_in USING btree (measure_code, ingredient_code);
CREATE TRIGGER formula_line_is_immutable BEFORE UPDATE ON public.formula_line FOR EACH ROW EXECUTE FUNCTION public.refuse_change();
CREATE TRIGGER formula_set_aside_is_immutable BEFORE UPDATE ON public.formula_set_aside FOR EACH ROW EXECUTE FUNCTION public.refuse_change();
CREATE TRIGGER formula_version_is_immutable BEFORE UPDATE ON public.formula_version FOR EACH ROW EXECUTE FUNCTION public.refuse_change();
ALTER TABLE ONLY public.batch_addition
    ADD CONSTRAINT batch_addition_correction_id_fkey FOREIGN KEY (correction_id) REFERENCES public.batch_correction(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.batch_addition
    ADD CONSTRAINT batch_addition_ingredient_code_fkey FOREIGN KEY (ingredient_code) REFERENCES public.ingredient(code);
ALTER TABLE ONLY public.batch_correction
    ADD CONSTRAINT batch_correction_batch_id_fkey FOREIGN KEY (batch_id) REFERENCES public.batch(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.batch
    ADD CONSTRAINT batch_formula_id_fkey FOREIGN KEY (formula_id) REFERENCES public.formula(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.batch
    ADD CONSTRAINT batch_formula_id_version_number_fkey FOREIGN KEY (formula_id, version_number) REFERENCES public.formula_version(formula_id, number);
ALTER TABLE ONLY public.flour_behaviour
    ADD CONSTRAINT flour_behaviour_ingredient_code_fkey FOREIGN KEY (ingredient_code) REFERENCES public.ingredient(code) ON DELETE CASCADE;
ALTER TABLE ONLY public.flour_lot
    ADD CONSTRAINT flour_lot_ingredient_code_fkey FOREIGN KEY (ingredient_code) REFERENCES public.ingredient(code) ON DELETE CASCADE;
ALTER TABLE ONLY public.formula_line
    ADD CONSTRAINT formula_line_form_code_fkey FOREIGN KEY (form_code) REFERENCES public.inclusion_form(code);
ALTER TABLE ONLY public.formula_line
    ADD CONSTRAINT formula_line_ingredient_code_fkey FOREIGN KEY (ingredient_code) REFERENCES public.ingredient(code);
ALTER TABLE ONLY public.formula_line
    ADD CONSTRAINT formula_line_version_id_fkey FOREIGN KEY (version_id) REFERENCES public.formula_version(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.formula_set_aside
    ADD CONSTRAINT formula_set_aside_version_id_fkey FOREIGN KEY (version_id) REFERENCES public.formula_version(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.formula_version
    ADD CONSTRAINT formula_version_formula_id_fkey FOREIGN KEY (formula_id) REFERENCES public.formula(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.formula_version
    ADD CONSTRAINT formula_version_formula_id_parent_number_fkey FOREIGN KEY (formula_id, parent_number) REFERENCES public.formula_version(formula_id, number);
ALTER TABLE ONLY public.formula_version
    ADD CONSTRAINT formula_version_style_code_fkey FOREIGN KEY (style_code) REFERENCES public.style(code);
ALTER TABLE ONLY public.own_value
    ADD CONSTRAINT own_value_ingredient_code_fkey FOREIGN KEY (ingredient_code) REFERENCES public.ingredient(code) ON DELETE CASCADE;
ALTER TABLE ONLY public.price
    ADD CONSTRAINT price_ingredient_code_fkey FOREIGN KEY (ingredient_code) REFERENCES public.ingredient(code) ON DELETE CASCADE;
ALTER TABLE ONLY public.taught_name
    ADD CONSTRAINT taught_name_ingredient_code_fkey FOREIGN KEY (ingredient_code) REFERENCES public.ingredient(code);
ALTER TABLE ONLY public.weigh_in
    ADD CONSTRAINT weigh_in_ingredient_code_fkey FOREIGN KEY (ingredient_code) REFERENCES public.ingredient(code);
