-- Flours whose absorption was learned from the same batches: how far what is still unknown of them goes together.
create table learned_together (
    kitchen_id  bigint           not null references kitchen (id),
    flour       text             not null,
    other       text             not null,
    correlation double precision not null check (correlation between -1 and 1),
    primary key (kitchen_id, flour, other),
    check (flour < other)
);
