-- The kitchen's own pans, presses, cutters and peels, as one document.
alter table kitchen add column pans jsonb not null default '[]';
