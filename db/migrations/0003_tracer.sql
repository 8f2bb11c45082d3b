-- Up Migration
-- The kind of bike; theories that are held on a job, and pairings of like wires that were tried.

alter table bike add archetype text;
alter table job add pinned jsonb, add pairings jsonb;
