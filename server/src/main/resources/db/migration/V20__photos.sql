-- Photographs of batches: re-encoded, without metadata, the right way up, each with a small picture of it.
create table photo (
    id         bigint generated always as identity primary key,
    kitchen_id bigint      not null references kitchen (id),
    uid        uuid        not null,
    batch_id   bigint      not null references batch (id) on delete cascade,
    caption    text        not null,
    width      integer     not null,
    height     integer     not null,
    kept_at    timestamptz not null,
    jpeg       bytea       not null,
    small      bytea       not null,
    unique (kitchen_id, uid)
);
create index photo_of on photo (kitchen_id, batch_id, id);
