import type pg from 'pg';
import { readTransaction } from '../db/pool';
import { allRows } from '../db/rows';
import type { BikeSpecification } from '../../wire';

/** The limits of every bike of a shop that has any, so that one can be copied to another. */
export async function specifications(from: pg.Pool, shopId: string): Promise<BikeSpecification[]> {
  return readTransaction(from, shopId, async (db) => {
    const specs = await allRows(db, 'spec');
    const bikes = (await db.query('select id, name from bike order by name')).rows as { id: string; name: string }[];
    return bikes.flatMap((b) => {
      const own = specs.filter((s) => s.bikeId === b.id);
      return own.length ? [{ bikeId: b.id, bike: b.name, specs: own }] : [];
    });
  });
}
