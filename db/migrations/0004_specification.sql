-- Up Migration
-- A limit of a bike's own: also where it is done for, and what sort of source it has.

alter table spec
  add service_low double precision,
  add service_high double precision,
  add origin text not null default 'book';
