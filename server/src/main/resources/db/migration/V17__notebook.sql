-- What the notebook searches and sorts batches by, written with what is noted of them.
alter table batch
    add column name text not null default '',
    add column said text not null default '',
    add column tags text[] not null default '{}',
    add column uses text[] not null default '{}',
    add column ingredients text not null default '',
    add column search tsvector not null default ''::tsvector;
update batch b set name = v.name, uses = array(
        select u.code from formula_use u where u.version_id = v.id and u.kind = 'ingredient' order by u.code)
from formula_version v
where v.formula_id = b.formula_id and v.number = b.version_number;
update batch b set said = coalesce((
    select e.entry ->> 'text' from batch_entry e
    where e.batch_id = b.id and e.entry ->> 'kind' = 'verdict' and e.undone_at is null order by e.id desc limit 1), '');
update batch b set search = to_tsvector('simple', b.name || ' ' || array_to_string(b.uses, ' ') || ' ' || coalesce((
    select string_agg(e.entry ->> 'text', ' ') from batch_entry e
    where e.batch_id = b.id and e.undone_at is null), ''));
create index batch_search on batch using gin (search);
create index batch_uses on batch using gin (uses);
create index batch_tags on batch using gin (tags);
create index batch_newest on batch (kitchen_id, started_at desc, id desc);
create index batch_name on batch (kitchen_id, name, id);

-- What pieces of a batch taught; it goes with the batch.
alter table bread_record add column batch_id bigint references batch (id) on delete cascade;
create index bread_record_batch on bread_record (batch_id) where batch_id is not null;
