-- How a dough is made: method settings, preparation chains and acknowledged cautions, as the core's own JSON.
alter table formula_version add column making jsonb;

alter table formula_line
    add column prep_key      text check (length(prep_key) <= 40),
    add column stage         text,
    add column temperature_c double precision,
    drop constraint counts_or_is_open,
    add constraint counts_or_is_open check (
        (openness is null and prep_key is null and ingredient_code is not null and grams is not null)
        or (openness is null and prep_key is not null)
        or (openness = 'unknown-amount' and ingredient_code is not null and grams is null)
        or (openness = 'unread' and ingredient_code is null and grams is null));

-- A batch at the bench: when water met flour, and what was corrected.
create table batch (
    id             bigint generated always as identity primary key,
    formula_id     bigint      not null references formula (id) on delete cascade,
    version_number integer     not null,
    started_at     timestamptz not null,
    finished_at    timestamptz,
    foreign key (formula_id, version_number) references formula_version (formula_id, number)
);
create unique index batch_running on batch (formula_id) where finished_at is null;
create index batch_formula on batch (formula_id, started_at desc);

create table batch_correction (
    id        bigint generated always as identity primary key,
    batch_id  bigint           not null references batch (id) on delete cascade,
    minute    double precision not null check (minute >= 0),
    feel      text,
    action    text             not null,
    note      text             not null default '' check (length(note) <= 500),
    made_at   timestamptz      not null
);
create index batch_correction_batch on batch_correction (batch_id, id);

create table batch_addition (
    correction_id   bigint           not null references batch_correction (id) on delete cascade,
    position        integer          not null,
    ingredient_code text             not null references ingredient (code),
    grams           double precision not null,
    primary key (correction_id, position)
);
create index batch_addition_ingredient on batch_addition (ingredient_code);
