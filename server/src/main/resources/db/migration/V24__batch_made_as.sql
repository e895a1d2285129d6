-- How a batch is made other than its version is written, as one document; nothing for as it is written.
alter table batch add column made_as jsonb;
