-- The kitchen's own pantry over the book: own ingredients, own figures with their source, prices, lots of flour.
alter table ingredient
    add column own boolean not null default false;

create table own_value (
    ingredient_code text             not null references ingredient (code) on delete cascade,
    field           text             not null,
    value           double precision not null,
    source          text             not null check (length(source) between 1 and 200),
    primary key (ingredient_code, field)
);

create table price (
    ingredient_code text primary key references ingredient (code) on delete cascade,
    amount          double precision not null check (amount >= 0),
    per             text             not null check (per in ('kg', 'l'))
);

create table flour_lot (
    id              bigint generated always as identity primary key,
    ingredient_code text        not null references ingredient (code) on delete cascade,
    name            text        not null check (length(name) between 1 and 60),
    milled_on       date,
    moisture_pct    double precision check (moisture_pct between 0 and 25),
    moisture_how    text check (moisture_how in ('typed', 'dried', 'meter', 'storage-air')),
    protein_pct     double precision check (protein_pct between 0 and 100),
    note            text        not null default '' check (length(note) <= 500),
    used_up         boolean     not null default false,
    created_at      timestamptz not null
);
create index flour_lot_ingredient on flour_lot (ingredient_code) where not used_up;
