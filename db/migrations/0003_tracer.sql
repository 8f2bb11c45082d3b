-- Up Migration
-- The kind of bike; theories that are held on a job, pairings of like wires that were tried, and whether the shop's own
-- closed jobs count.

alter table bike add archetype text;
alter table job add pinned jsonb, add pairings jsonb, add counts text;
