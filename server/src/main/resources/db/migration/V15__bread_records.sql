-- What pieces of the kitchen's own bread said against the typical values: timed, weighed or folded.
create table bread_record (
    id         bigint generated always as identity primary key,
    kitchen_id bigint      not null references kitchen (id),
    uid        uuid        not null default gen_random_uuid(),
    style      text        not null,
    noted_at   timestamptz not null,
    record     jsonb       not null,
    unique (kitchen_id, uid)
);
create index bread_record_of on bread_record (kitchen_id, style, noted_at desc);
