-- Series of trials: what is varied and the runs to make, as one document, and what came of each run.
create table trial_series (
    id               bigint generated always as identity primary key,
    kitchen_id       bigint      not null references kitchen (id),
    formula_id       bigint      not null references formula (id) on delete cascade,
    uid              uuid        not null default gen_random_uuid(),
    name             text        not null check (length(name) between 1 and 80),
    made_at          timestamptz not null,
    document_version integer     not null,
    document         jsonb       not null,
    unique (kitchen_id, uid)
);
create index trial_series_formula on trial_series (formula_id, made_at desc);

create table trial_result (
    kitchen_id bigint  not null references kitchen (id),
    series_id  bigint  not null references trial_series (id) on delete cascade,
    run        integer not null check (run >= 0),
    result     jsonb   not null,
    primary key (series_id, run)
);
