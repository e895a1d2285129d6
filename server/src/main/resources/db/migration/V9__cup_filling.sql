-- How a kitchen fills a cup with flour; absent until it was asked.
alter table kitchen add column cup_filling text check (cup_filling in ('spooned', 'scooped', 'not-told'));
