-- A batch is what was noted of it: entries in order, each with a key of its own, kept also when they are undone. What is
-- searched and sorted stands beside, written with the entries.
alter table batch
    add column uid uuid not null default gen_random_uuid(),
    add column factor double precision not null default 1 check (factor > 0),
    add column wetted_at timestamptz,
    add column verdict text,
    add column practice boolean not null default false;
update batch set wetted_at = started_at;
drop index batch_running;
create index batch_running on batch (kitchen_id, started_at) where finished_at is null;
create unique index batch_uid on batch (kitchen_id, uid);

create table batch_entry (
    id         bigint generated always as identity primary key,
    kitchen_id bigint      not null references kitchen (id),
    batch_id   bigint      not null references batch (id) on delete cascade,
    key        text        not null check (length(key) between 1 and 120),
    noted_at   timestamptz not null,
    undone_at  timestamptz,
    entry      jsonb       not null,
    unique (kitchen_id, key)
);
create index batch_entry_batch on batch_entry (batch_id, id);
create index batch_entry_says on batch_entry using gin (entry jsonb_path_ops);

-- What the short batches of Handling held.
insert into batch_entry (kitchen_id, batch_id, key, noted_at, entry)
select o.kitchen_id, o.batch_id, o.key, o.noted_at, jsonb_strip_nulls(o.entry || jsonb_build_object('key', o.key))
from (
    select b.kitchen_id, b.id as batch_id, 'wetted-' || b.id as key, b.started_at as noted_at, 0 as rank, 0 as part, 0::bigint as id,
           jsonb_build_object('kind', 'wetted', 'at', to_jsonb(b.started_at)) as entry
    from batch b
    union all
    select c.kitchen_id, c.batch_id, 'felt-' || c.id, c.made_at, 1, 1, c.id,
           jsonb_build_object('kind', 'felt', 'at', to_jsonb(b.started_at + c.minute * interval '1 minute'), 'outcome', c.feel)
    from batch_correction c join batch b on b.id = c.batch_id
    where c.feel is not null
    union all
    select c.kitchen_id, c.batch_id, 'correction-' || c.id, c.made_at, 1, 2, c.id,
           case when c.action like 'came-out-%'
               then jsonb_build_object('kind', 'verdict', 'outcome', substr(c.action, 10))
               else jsonb_build_object('kind', 'correction', 'outcome', c.action, 'additions', (
                   select jsonb_agg(jsonb_build_object('ingredient', a.ingredient_code, 'grams', a.grams) order by a.position)
                   from batch_addition a where a.correction_id = c.id))
           end
           || jsonb_build_object(
               'at', to_jsonb(b.started_at + c.minute * interval '1 minute'),
               'text', nullif(c.note, ''))
    from batch_correction c join batch b on b.id = c.batch_id
    union all
    select b.kitchen_id, b.id, 'finished-' || b.id, b.finished_at, 2, 0, 0::bigint,
           jsonb_build_object('kind', 'finished', 'at', to_jsonb(b.finished_at))
    from batch b
    where b.finished_at is not null
) o
order by o.batch_id, o.rank, o.id, o.part;

update batch b set verdict = (
    select e.entry ->> 'outcome' from batch_entry e
    where e.batch_id = b.id and e.entry ->> 'kind' = 'verdict' order by e.id desc limit 1);

drop table batch_addition, batch_correction;

-- The kitchen's clock, when it does not run with the world's: for practice with simulated devices.
alter table kitchen add column practice_clock jsonb;
