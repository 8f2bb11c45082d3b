import type pg from 'pg';
import type { Yard } from '../../core/record';
import { inShop } from '../db/pool';
import { servesLan } from '../lan/mode';

export interface ShopLine {
  id: string;
  name: string;
  demo: boolean;
}

/** The workshops a device can enter, the demo last. */
export async function listShops(from: pg.Pool): Promise<ShopLine[]> {
  return (await from.query('select id, name, demo from shop order by demo, name, id')).rows as ShopLine[];
}

export async function openShop(from: pg.Pool, id: string, name: string, demo = false): Promise<void> {
  await from.query('insert into shop (id, name, demo) values ($1, $2, $3) on conflict (id) do nothing', [id, name, demo]);
}

export async function shopPeople(from: pg.Pool, shopId: string): Promise<{ id: string; name: string }[]> {
  return inShop(
    from,
    shopId,
    async (db) => (await db.query('select id, name from person order by name')).rows as { id: string; name: string }[],
  );
}

/** The workshop of a device, with its people. */
export async function yardOf(from: pg.Pool, shopId: string, personId: string | null): Promise<Yard> {
  const people = await shopPeople(from, shopId);
  const { rows } = await from.query('select id, name, rate, currency, seq, demo from shop where id = $1', [shopId]);
  return { shop: rows[0] as Yard['shop'], actor: people.find((p) => p.id === personId) ?? null, people, home: !servesLan() };
}
