-- Up Migration
-- The word of wear that a finding was seen by, and the sign of the past that it is.

alter table finding add wear text;
alter table finding add past text;
