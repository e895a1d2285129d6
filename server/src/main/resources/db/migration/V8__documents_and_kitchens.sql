-- The book leaves the database: its tables are on the program's classpath, and codes of it are checked there. A version
-- keeps its formula as one document. Everything of a kitchen's own carries its kitchen.

create extension if not exists pg_trgm;

-- --- kitchens -------------------------------------------------------------------------------------------------------
alter table kitchen drop constraint kitchen_id_check;
alter table kitchen
    alter column id type bigint,
    add column pantry_revision bigint not null default 1;

-- --- versions as documents ------------------------------------------------------------------------------------------
drop trigger formula_version_is_immutable on formula_version;
alter table formula_version
    add column kitchen_id       bigint not null default 1 references kitchen (id),
    add column document_version integer,
    add column document         jsonb,
    add column idempotency_key  text check (length(idempotency_key) between 1 and 120);

update formula_version v
set document_version = 1,
    document = jsonb_strip_nulls(jsonb_build_object(
        'style', v.style_code,
        'kneading', v.kneading,
        'fatTiming', v.fat_timing,
        'waterTemperatureC', v.water_temperature_c,
        'restMinutes', v.rest_minutes,
        'sheetMm', v.sheet_mm,
        'softnessTarget', v.softness_target,
        'lines', (
            select coalesce(jsonb_agg(jsonb_build_object(
                'ingredient', l.ingredient_code,
                'grams', l.grams,
                'sd', l.sd,
                'part', l.part,
                'form', l.form_code,
                'waterPct', l.water_pct,
                'moisturePct', l.moisture_pct,
                'proteinPct', l.protein_pct,
                'absorptionPct', l.absorption_pct,
                'absorptionSdPct', l.absorption_sd_pct,
                'pieceMm', l.piece_mm,
                'fatState', l.fat_state,
                'open', l.openness,
                'origin', nullif(jsonb_strip_nulls(jsonb_build_object(
                    'text', l.source_text, 'measure', l.measure_code, 'quantity', l.quantity, 'lot', l.lot_id)), '{}'),
                'prep', l.prep_key,
                'stage', l.stage,
                'temperatureC', l.temperature_c) order by l.position), '[]')
            from formula_line l where l.version_id = v.id),
        'notes', nullif(jsonb_strip_nulls(jsonb_build_object(
            'pieces', v.pieces,
            'pieceGrams', v.piece_grams,
            'method', v.method,
            'setAside', (
                select jsonb_agg(jsonb_build_object('slip', s.slip, 'reason', s.reason) order by s.position)
                from formula_set_aside s where s.version_id = v.id),
            'acknowledged', v.making -> 'acknowledged')), '{}'),
        'method', v.making -> 'method',
        'preps', v.making -> 'preps'));

-- What each version names, to find what a change of the pantry would touch.
create table formula_use (
    kitchen_id bigint not null references kitchen (id),
    version_id bigint not null references formula_version (id) on delete cascade,
    kind       text   not null check (kind in ('ingredient', 'measure', 'lot')),
    code       text   not null,
    primary key (version_id, kind, code)
);
insert into formula_use (kitchen_id, version_id, kind, code)
select 1, version_id, 'ingredient', ingredient_code from formula_line where ingredient_code is not null
union select 1, version_id, 'measure', measure_code from formula_line where measure_code is not null
union select 1, version_id, 'lot', lot_id::text from formula_line where lot_id is not null
union select 1, id, 'ingredient', code #>> '{}' from formula_version,
    jsonb_path_query(making, '$.preps.**.ingredient') code where code #>> '{}' is not null;
create index formula_use_code on formula_use (kitchen_id, kind, code);

drop table formula_line;
drop table formula_set_aside;
alter table formula_version
    drop column kneading, drop column fat_timing, drop column water_temperature_c, drop column rest_minutes,
    drop column sheet_mm, drop column softness_target, drop column pieces, drop column piece_grams,
    drop column method, drop column making,
    alter column document_version set not null,
    alter column document set not null,
    alter column kitchen_id drop default;
create unique index formula_version_idempotency on formula_version (kitchen_id, idempotency_key);
create trigger formula_version_is_immutable before update on formula_version
    for each row execute function refuse_change();

-- --- the list of formulas: summaries, computed when a version is saved --------------------------------------------------
alter table formula
    add column kitchen_id    bigint           not null default 1 references kitchen (id),
    add column name          text             not null default '',
    add column saved_at      timestamptz      not null default now(),
    add column style_code    text             not null default '',
    add column summary       jsonb,
    add column summary_basis text             not null default '',
    add column search        text             not null default '',
    add column sort_name     text             not null default '',
    add column sort_style    text             not null default '',
    add column sort_flour    text             not null default '',
    add column sort_inclusion text            not null default '',
    add column sort_hydration double precision not null default 0,
    add column sort_state    integer          not null default 0;
update formula f
set name = v.name, saved_at = v.created_at, style_code = v.style_code,
    sort_name = lower(v.name), search = lower(v.name),
    sort_state = array_position(array ['draft', 'on-trial', 'in-use', 'set-aside'], f.state)
from formula_version v
where v.formula_id = f.id and v.number = f.latest_number;
alter table formula_version drop column style_code;
alter table formula
    alter column kitchen_id drop default,
    alter column name drop default,
    alter column saved_at drop default,
    alter column style_code drop default,
    alter column search drop default,
    alter column summary_basis drop default,
    alter column sort_name drop default,
    alter column sort_style drop default,
    alter column sort_flour drop default,
    alter column sort_inclusion drop default,
    alter column sort_hydration drop default,
    alter column sort_state drop default,
    drop constraint formula_uid_key,
    add unique (kitchen_id, uid);
drop index formula_state;
create index formula_by_saved on formula (kitchen_id, saved_at, id);
create index formula_by_name on formula (kitchen_id, sort_name, id);
create index formula_by_style on formula (kitchen_id, sort_style, id);
create index formula_by_flour on formula (kitchen_id, sort_flour, id);
create index formula_by_inclusion on formula (kitchen_id, sort_inclusion, id);
create index formula_by_hydration on formula (kitchen_id, sort_hydration, id);
create index formula_by_state on formula (kitchen_id, sort_state, id);
create index formula_search on formula using gin (search gin_trgm_ops);
create index formula_basis on formula (kitchen_id, summary_basis);

-- --- the kitchen's own pantry -----------------------------------------------------------------------------------------
create table own_ingredient (
    kitchen_id bigint not null references kitchen (id),
    code       text   not null,
    name       text   not null,
    sheet      jsonb  not null,
    primary key (kitchen_id, code)
);
insert into own_ingredient (kitchen_id, code, name, sheet)
select 1, i.code, i.name, jsonb_strip_nulls(jsonb_build_object(
    'name', i.name, 'role', i.role, 'group', i.family,
    'waterPct', i.water_pct, 'proteinPct', i.protein_pct, 'fatPct', i.fat_pct, 'carbPct', i.carb_pct,
    'fibrePct', i.fibre_pct, 'sugarsPct', i.sugars_pct,
    'ashPct', case when 100 - i.water_pct - i.protein_pct - i.fat_pct - i.carb_pct > 0
              then 100 - i.water_pct - i.protein_pct - i.fat_pct - i.carb_pct end,
    'sodiumMg', i.sodium_mg, 'bulkDensityGPerMl', i.bulk_density_g_per_ml,
    'pieceGrams', i.piece_grams, 'pieceName', i.piece_name, 'allergens', to_jsonb(i.allergens),
    'wholeGrain', i.whole_grain, 'legume', i.legume, 'glutenBearing', i.gluten_bearing, 'fatState', i.fat_state,
    'absorptionPct', b.absorption_pct, 'uptakeTauMin', b.uptake_tau_min, 'glutenQuality', b.gluten_quality,
    'notes', i.notes))
from ingredient i left join flour_behaviour b on b.ingredient_code = i.code
where i.own;

alter table own_value
    add column kitchen_id bigint not null default 1 references kitchen (id),
    drop constraint own_value_pkey,
    add primary key (kitchen_id, ingredient_code, field);
alter table own_value alter column kitchen_id drop default;
alter table price
    add column kitchen_id bigint not null default 1 references kitchen (id),
    drop constraint price_pkey,
    add primary key (kitchen_id, ingredient_code);
alter table price alter column kitchen_id drop default;
alter table flour_lot
    add column kitchen_id bigint not null default 1 references kitchen (id),
    add column uid uuid not null default gen_random_uuid();
alter table flour_lot
    alter column kitchen_id drop default,
    add unique (kitchen_id, uid);
drop index flour_lot_ingredient;
create index flour_lot_ingredient on flour_lot (kitchen_id, ingredient_code);
alter table vessel
    add column kitchen_id bigint not null default 1 references kitchen (id),
    drop constraint vessel_pkey,
    add primary key (kitchen_id, code);
alter table vessel alter column kitchen_id drop default;
alter table weigh_in
    add column kitchen_id bigint not null default 1 references kitchen (id);
alter table weigh_in alter column kitchen_id drop default;
drop index weigh_in_measure;
create index weigh_in_measure on weigh_in (kitchen_id, measure_code, ingredient_code);
create index weigh_in_ingredient on weigh_in (kitchen_id, ingredient_code);
alter table taught_name
    add column kitchen_id bigint not null default 1 references kitchen (id),
    drop constraint taught_name_pkey,
    add primary key (kitchen_id, name);
alter table taught_name alter column kitchen_id drop default;
create index taught_name_ingredient on taught_name (kitchen_id, ingredient_code);

-- --- batches --------------------------------------------------------------------------------------------------------
alter table batch
    add column kitchen_id bigint not null default 1 references kitchen (id);
alter table batch alter column kitchen_id drop default;
create index batch_version on batch (formula_id, version_number);
alter table batch_correction
    add column kitchen_id bigint not null default 1 references kitchen (id);
alter table batch_correction alter column kitchen_id drop default;
alter table batch_addition
    add column kitchen_id bigint not null default 1 references kitchen (id);
alter table batch_addition alter column kitchen_id drop default;
drop index batch_addition_ingredient;
create index batch_addition_ingredient on batch_addition (kitchen_id, ingredient_code);

-- --- the book is not in the database ------------------------------------------------------------------------------------
drop table ingredient, flour_behaviour, style, inclusion_form, feel, measure cascade;
