-- One kitchen, one row: how it writes weights, temperatures, decimals and dates.
create table kitchen (
    id               integer primary key default 1 check (id = 1),
    name             text not null check (length(name) between 1 and 80),
    mass_unit        text not null check (mass_unit in ('g', 'oz')),
    temperature_unit text not null check (temperature_unit in ('C', 'F')),
    decimal_mark     text not null check (decimal_mark in ('point', 'comma')),
    date_order       text not null check (date_order in ('day-month', 'month-day', 'iso'))
);

insert into kitchen (name, mass_unit, temperature_unit, decimal_mark, date_order)
values ('My kitchen', 'g', 'C', 'point', 'day-month');
