-- In what a kitchen measures what a tape is laid on: pieces, pans and trays.
alter table kitchen add column length_unit text not null default 'cm' check (length_unit in ('cm', 'in'));
