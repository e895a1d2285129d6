-- Whether somebody counts a batch when the kitchen learns from its batches, or leaves it out; null while nobody has said.
alter table batch add column counts boolean;
create index batch_finished on batch (kitchen_id, started_at desc) where finished_at is not null;
