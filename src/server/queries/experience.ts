import type { Experience } from '../../core/state';
import type { Db } from '../db/pool';

/**
 * What the shop's closed jobs turned out to be: of every complaint that is gone, or has become another, in a job that was
 * handed over, the cause that was named last. Taking the hand-over back takes it out of the count again.
 */
export const experienceSql = `select coalesce(json_object_agg(id, n), '{}') from (
     select fault_id as id, count(*)::int as n from (
       select distinct on (c.complaint_id) c.fault_id
       from cause c
       join complaint p on p.shop_id = c.shop_id and p.id = c.complaint_id
       join job j on j.shop_id = c.shop_id and j.id = c.job_id
       where j.handed_over_at is not null and p.state in ('gone', 'changed')
       order by c.complaint_id, c.made_at desc, c.id
     ) as last
     where fault_id is not null
     group by fault_id
   ) as counted`;

export const experienceOf = (found: Record<string, number>): Experience => ({
  causes: Object.values(found).reduce((a, b) => a + b, 0),
  found,
});

export async function experienceIn(db: Db): Promise<Experience> {
  const { rows } = await db.query(`select (${experienceSql}) as found`);
  return experienceOf((rows[0] as { found: Record<string, number> }).found);
}
