create table formula (
    id            bigint generated always as identity primary key,
    state         text        not null default 'draft'
        check (state in ('draft', 'on-trial', 'in-use', 'set-aside')),
    latest_number integer     not null,
    created_at    timestamptz not null
);

create table formula_version (
    id                  bigint generated always as identity primary key,
    formula_id          bigint      not null references formula (id) on delete cascade,
    number              integer     not null check (number > 0),
    parent_number       integer,
    name                text        not null check (length(name) between 1 and 120),
    note                text        not null check (length(note) <= 2000),
    created_at          timestamptz not null,
    style_code          text        not null references style (code),
    kneading            text,
    fat_timing          text,
    water_temperature_c double precision,
    rest_minutes        double precision,
    sheet_mm            double precision,
    softness_target     double precision,
    unique (formula_id, number),
    foreign key (formula_id, parent_number) references formula_version (formula_id, number)
);

create table formula_line (
    version_id        bigint           not null references formula_version (id) on delete cascade,
    position          integer          not null,
    ingredient_code   text             not null references ingredient (code),
    grams             double precision not null check (grams >= 0),
    sd                double precision,
    part              text,
    form_code         text references inclusion_form (code),
    water_pct         double precision,
    moisture_pct      double precision,
    protein_pct       double precision,
    absorption_pct    double precision,
    absorption_sd_pct double precision,
    piece_mm          double precision,
    fat_state         text,
    primary key (version_id, position)
);

create index formula_line_ingredient on formula_line (ingredient_code);
create index formula_state on formula (state);

-- A version, once saved, never changes.
create function refuse_change() returns trigger language plpgsql as
$$
begin
    raise exception 'a saved version never changes';
end
$$;

create trigger formula_version_is_immutable before update on formula_version
    for each row execute function refuse_change();
create trigger formula_line_is_immutable before update on formula_line
    for each row execute function refuse_change();
