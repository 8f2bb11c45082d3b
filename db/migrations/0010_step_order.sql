-- Up Migration
-- A step that was forgotten goes in where it belongs: before the step that it had to come off for.

alter table step add before uuid;
select link_rows('step', 'before', 'step');
