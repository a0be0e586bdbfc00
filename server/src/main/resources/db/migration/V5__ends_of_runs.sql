-- What came of a run, counted from its files. Runs of before keep the sentence they ended with.
alter table delivery_run add column delivered int default 0 not null;
alter table delivery_run add column failed int default 0 not null;
alter table delivery_run add column skipped int default 0 not null;
alter table delivery_run add column broken_off int default 0 not null;

-- Where the file lies that says where a delivered file lies on its frame.
alter table delivery add column side_file varchar(2000);
