-- What steps of preparation gave in this kitchen, weighed before and after: those of the newest version of each formula.
create table kitchen_yield (
    kitchen_id bigint           not null references kitchen (id),
    formula_id bigint           not null references formula (id) on delete cascade,
    step       text             not null,
    ingredient text             not null,
    share      double precision not null check (share > 0)
);
create index kitchen_yield_of on kitchen_yield (kitchen_id, ingredient, step);
create index kitchen_yield_formula on kitchen_yield (formula_id);
