-- A formula keeps its identity wherever its file is taken, so that importing a file twice makes no duplicates.
alter table formula
    add column uid uuid not null default gen_random_uuid() unique;
