-- Every step of a version up or down, with its reason; the last one says how far it has come. Versions themselves never change.
create table version_standing (
    id             bigint generated always as identity primary key,
    kitchen_id     bigint      not null references kitchen (id),
    uid            uuid        not null default gen_random_uuid(),
    formula_id     bigint      not null references formula (id) on delete cascade,
    version_number integer     not null,
    standing       text        not null,
    reason         text        not null,
    put_at         timestamptz not null,
    unique (kitchen_id, uid)
);
create index version_standing_of on version_standing (kitchen_id, formula_id, version_number, put_at desc, id desc);
