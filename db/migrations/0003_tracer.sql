-- Up Migration
-- The kind of bike.

alter table bike add archetype text;
