-- What was deleted can be brought back for a while.
alter table overlay add column deleted_at timestamp with time zone;
alter table graphics_package add column deleted_at timestamp with time zone;
