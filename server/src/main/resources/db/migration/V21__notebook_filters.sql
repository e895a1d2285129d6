-- What the notebook was asked for, kept under a name for everybody of the kitchen.
create table notebook_filter (
    kitchen_id bigint not null references kitchen (id),
    name       text   not null,
    address    text   not null,
    primary key (kitchen_id, name)
);
