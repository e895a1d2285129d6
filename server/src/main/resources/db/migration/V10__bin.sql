-- A deleted formula stays in the bin for a while; its batches keep it for good.
alter table formula add column deleted_at timestamptz;
create index formula_bin on formula (kitchen_id, deleted_at) where deleted_at is not null;
