import type pg from 'pg';
import type { WorkshopContext } from '../../core/state';
import { shopTransaction } from '../db/pool';
import { allRows } from '../db/rows';
import { servesLan } from '../lan/mode';

export interface ShopLine {
  id: string;
  name: string;
  demo: boolean;
}

/** The workshops a device can enter, the demo last; a hidden one is left out. */
export async function listShops(from: pg.Pool): Promise<ShopLine[]> {
  return (await from.query('select id, name, demo from shop where not hidden order by demo, name, id')).rows as ShopLine[];
}

/** Puts the demo workshop out of sight, or back into it. */
export async function hideDemo(from: pg.Pool, shopId: string, hidden: boolean): Promise<void> {
  await shopTransaction(from, shopId, (db) => db.query('update shop set hidden = $2 where id = $1 and demo', [shopId, hidden]));
}

/** Takes the demo workshop away with everything in it. A workshop that is no demo is never removed. */
export async function removeDemo(from: pg.Pool, shopId: string): Promise<void> {
  await shopTransaction(from, shopId, (db) => db.query('delete from shop where id = $1 and demo', [shopId]));
}

/** Whether the demo is there, and in sight. */
export async function demoState(from: pg.Pool): Promise<'shown' | 'hidden' | 'gone'> {
  const { rows } = await from.query('select hidden from shop where demo limit 1');
  return rows[0] ? ((rows[0] as { hidden: boolean }).hidden ? 'hidden' : 'shown') : 'gone';
}

export async function openShop(from: pg.Pool, id: string, name: string, demo = false): Promise<void> {
  await from.query('insert into shop (id, name, demo) values ($1, $2, $3) on conflict (id) do nothing', [id, name, demo]);
}

export async function shopPeople(from: pg.Pool, shopId: string): Promise<{ id: string; name: string }[]> {
  return shopTransaction(
    from,
    shopId,
    async (db) => (await db.query('select id, name from person order by name')).rows as { id: string; name: string }[],
  );
}

/** The workshop of a device, with its people. */
export async function workshopOf(from: pg.Pool, shopId: string, personId: string | null): Promise<WorkshopContext> {
  const people = await shopPeople(from, shopId);
  const own = await shopTransaction(from, shopId, (db) => allRows(db, 'own'));
  const { rows } = await from.query('select id, name, rate, currency, seq, demo from shop where id = $1', [shopId]);
  return {
    shop: rows[0] as WorkshopContext['shop'],
    actor: people.find((p) => p.id === personId) ?? null,
    people,
    own,
    home: !servesLan(),
  };
}
