import pg from 'pg';
import { photoHash } from '../fixtures/commands';
import { shopTransaction, makePool } from '../../src/server/db/pool';
import { openShop } from '../../src/server/queries/shops';

const need = (name: string): string => {
  const v = process.env[name];
  if (!v) throw new Error(`${name} is not set: run ./ivrek test db`);
  return v;
};

let n = 0;

export interface TestDatabase {
  pool: pg.Pool;
  /** As the owner: sees every shop, for looking behind the scenes. */
  owner: pg.Pool;
  /** What another process of the server would ask with; whoever opens it ends it. */
  another(): pg.Pool;
  drop(): Promise<void>;
}

/** A database of its own for one test file, made from the migrated template. */
export async function freshDatabase(): Promise<TestDatabase> {
  const name = `t_${process.pid}_${Date.now().toString(36)}_${n++}`;
  const maintenance = new pg.Client(need('IVREK_TEST_OWNER_URL'));
  await maintenance.connect();
  for (let tries = 0; ; tries++) {
    try {
      await maintenance.query(`create database ${name} template ${need('IVREK_TEST_TEMPLATE')}`);
      break;
    } catch (error) {
      // another test file is copying the template at this moment
      if (tries > 40) throw error;
      await new Promise((r) => setTimeout(r, 50 + 50 * tries));
    }
  }
  const at = (url: string) => url.replace(/\/postgres$/, `/${name}`);
  const pool = makePool(at(need('IVREK_TEST_APP_URL')), 4);
  const owner = new pg.Pool({ connectionString: at(need('IVREK_TEST_OWNER_URL')), max: 2 });
  owner.on('error', () => undefined);
  return {
    pool,
    owner,
    another: () => makePool(at(need('IVREK_TEST_APP_URL')), 2),
    async drop() {
      await pool.end();
      await owner.end();
      await maintenance.query(`drop database ${name} with (force)`);
      await maintenance.end();
    },
  };
}

export const shopA = '11111111-1111-4111-8111-111111111111';
export const shopB = '22222222-2222-4222-8222-222222222222';

export async function openBoth(pool: pg.Pool): Promise<void> {
  await openShop(pool, shopA, 'A');
  await openShop(pool, shopB, 'B');
  for (const shopId of [shopA, shopB]) await putBytes(pool, shopId, photoHash);
}

/** Something under a hash, as if a photo had arrived. */
export async function putBytes(pool: pg.Pool, shopId: string, sha256: string): Promise<void> {
  await shopTransaction(pool, shopId, (db) =>
    db.query(
      `insert into blob (shop_id, sha256, media_type, bytes, thumb) values ($1, $2, 'image/jpeg', '\\x00', '\\x00') on conflict do nothing`,
      [shopId, sha256],
    ),
  );
}
