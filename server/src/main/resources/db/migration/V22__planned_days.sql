-- Days that are planned: what is asked, kept under a name, with its plan as it was last seen; and while a day is run, what of it stands in the run.
create table planned_day (
    id               bigint generated always as identity primary key,
    kitchen_id       bigint      not null references kitchen (id),
    uid              uuid        not null,
    name             text        not null,
    day              date        not null,
    document_version integer     not null,
    document         jsonb       not null,
    plan             jsonb,
    run              jsonb,
    revision         integer     not null,
    saved_at         timestamptz not null,
    unique (kitchen_id, uid)
);
create index planned_day_by_day on planned_day (kitchen_id, day, id);
create index planned_day_by_name on planned_day (kitchen_id, name, id);
create index planned_day_running on planned_day (kitchen_id, day, id) where run is not null;

-- The key of the address under which the kitchen's days are given to calendar programs; none until somebody asks for one.
alter table kitchen add column feed_key uuid;
