-- What the kitchen has of an ingredient, where it stands, and where it is bought.
create table ingredient_stock (
    kitchen_id      bigint      not null references kitchen (id),
    ingredient_code text        not null,
    in_hand_grams   double precision,
    shelf           text,
    store           text,
    noted_at        timestamptz not null,
    primary key (kitchen_id, ingredient_code)
);
