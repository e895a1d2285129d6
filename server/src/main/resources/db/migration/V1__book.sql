-- The book: typical values, written by the program at every start from the core's tables.
create table ingredient (
    code                  text primary key,
    position              integer          not null,
    name                  text             not null,
    role                  text             not null,
    family                text             not null,
    water_pct             double precision not null,
    protein_pct           double precision not null,
    fat_pct               double precision not null,
    carb_pct              double precision not null,
    fibre_pct             double precision not null,
    sugars_pct            double precision not null,
    sodium_mg             double precision not null,
    bulk_density_g_per_ml double precision not null,
    piece_grams           double precision,
    piece_name            text,
    allergens             text[]           not null,
    whole_grain           boolean          not null,
    legume                boolean          not null,
    gluten_bearing        boolean          not null,
    fat_state             text,
    notes                 text             not null
);

create table flour_behaviour (
    ingredient_code text primary key references ingredient (code) on delete cascade,
    absorption_pct  double precision not null,
    uptake_tau_min  double precision not null,
    gluten_quality  double precision not null,
    particle_um     double precision not null,
    confidence      text             not null,
    notes           text             not null
);

create table style (
    code             text primary key,
    position         integer          not null,
    name             text             not null,
    softness_target  double precision not null,
    softness_low     double precision not null,
    softness_high    double precision not null,
    sheet_mm         double precision not null,
    diameter_mm      double precision not null,
    rest_min         double precision not null,
    rest_max_min     double precision not null,
    spring_limit_pct double precision not null,
    density_g_per_ml double precision not null,
    puffs            boolean          not null,
    griddle_low_c    double precision not null,
    griddle_high_c   double precision not null,
    side_one_s       double precision not null,
    side_two_s       double precision not null,
    cook_loss_pct    double precision not null,
    leavened         boolean          not null,
    notes            text             not null
);

create table inclusion_form (
    code                  text primary key,
    position              integer          not null,
    name                  text             not null,
    release_start         double precision not null,
    release_end           double precision not null,
    release_tau_min       double precision not null,
    hold_g_per_g_solids   double precision not null,
    weeps_in_filling      double precision not null,
    piece_mm              double precision not null,
    piece_is_soft         boolean          not null,
    notes                 text             not null
);

create table feel (
    code          text primary key,
    position      integer          not null,
    name          text             not null,
    softness_from double precision not null,
    softness_to   double precision not null,
    softness_mid  double precision not null,
    touch_test    text             not null
);

create table measure (
    code        text primary key,
    position    integer          not null,
    name        text             not null,
    plural      text             not null,
    kind        text             not null,
    millilitres double precision,
    grams       double precision,
    relative_sd double precision not null,
    notes       text             not null
);
