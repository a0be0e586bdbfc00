-- A vector picture's size is not always a whole number of its units.
alter table picture alter column width double precision not null;
alter table picture alter column height double precision not null;
