-- What was said of a version when it was saved, and by which revision of the model; null where it could not be read then.
create table version_said (
    version_id bigint   primary key references formula_version (id) on delete cascade,
    kitchen_id bigint   not null references kitchen (id),
    revision   smallint not null check (revision >= 1),
    said       jsonb
);
create trigger version_said_is_immutable before update on version_said
    for each row execute function refuse_change();
