alter table graphics_package add column house clob;

alter table overlay_revision add column name varchar(120);
