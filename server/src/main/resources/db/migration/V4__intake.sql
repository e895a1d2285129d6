-- Lines that do not count yet, where a line's figures come from, and what a recipe says beside its lines.
alter table formula_line
    alter column ingredient_code drop not null,
    alter column grams drop not null,
    add column openness     text check (openness in ('unknown-amount', 'unread')),
    add column source_text  text check (length(source_text) <= 500),
    add column measure_code text,
    add column quantity     double precision,
    add column lot_id       bigint,
    add constraint counts_or_is_open check (
        (openness is null and ingredient_code is not null and grams is not null)
        or (openness = 'unknown-amount' and ingredient_code is not null and grams is null)
        or (openness = 'unread' and ingredient_code is null and grams is null));

alter table formula_version
    add column pieces      double precision,
    add column piece_grams double precision,
    add column method      text check (length(method) <= 20000);

create table formula_set_aside (
    version_id bigint not null references formula_version (id) on delete cascade,
    position   integer not null,
    slip       text    not null,
    reason     text    not null check (length(reason) between 1 and 500),
    primary key (version_id, position)
);
create trigger formula_set_aside_is_immutable before update on formula_set_aside
    for each row execute function refuse_change();

alter table kitchen
    add column cup_ml   double precision not null default 240 check (cup_ml between 200 and 300),
    add column currency text             not null default '€' check (length(currency) between 1 and 5);

-- The kitchen's own measures: vessels beside the book's, and what was weighed.
create table vessel (
    code        text primary key,
    name        text             not null check (length(name) between 1 and 40),
    plural      text             not null check (length(plural) between 1 and 40),
    millilitres double precision not null check (millilitres > 0),
    relative_sd double precision not null check (relative_sd > 0),
    notes       text             not null default ''
);

create table weigh_in (
    id              bigint generated always as identity primary key,
    measure_code    text             not null,
    ingredient_code text references ingredient (code),
    grams           double precision not null check (grams > 0),
    count           double precision not null check (count > 0),
    weighed_at      timestamptz      not null
);
create index weigh_in_measure on weigh_in (measure_code, ingredient_code);

-- Other names that this kitchen has taught.
create table taught_name (
    name            text primary key check (length(name) between 1 and 80),
    ingredient_code text not null references ingredient (code)
);
