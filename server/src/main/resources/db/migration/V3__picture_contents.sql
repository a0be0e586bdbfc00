-- The same bytes are kept once, however many pictures of however many packages they are.
create table picture_content (
  sha256 varchar(64) primary key,
  content blob not null
);

insert into picture_content (sha256, content)
  select sha256, content from picture where id in (select min(id) from picture group by sha256);

alter table picture drop column content;
alter table picture add foreign key (sha256) references picture_content (sha256);
alter table picture add column facts clob;

create index picture_by_content on picture (sha256);
