import { ensurePostgres } from './packages.mjs';
import { visibly } from './run.mjs';
import { Stop } from './say.mjs';

/**
 * Runs the forward-only migrations (with a dump before) and makes the application's own database role; `upTo` so many of them,
 * for data of an earlier version.
 */
export async function migrate(cluster, database, base, { upTo = null, fresh = false } = {}) {
  const bin = await ensurePostgres();
  const env = {
    ...process.env,
    ...(upTo !== null && { IVREK_UP_TO: String(upTo) }),
    ...(fresh && { IVREK_FRESH: '1' }),
    IVREK_MAINTENANCE_URL: cluster.ownerUrl('postgres'),
    IVREK_OWNER_URL: cluster.ownerUrl(database),
    IVREK_DB: database,
    IVREK_APP_PASSWORD: cluster.appPassword,
    IVREK_PG_BIN: bin.dir,
    IVREK_DUMPS: `${base}/dumps`,
  };
  const code = await visibly('node', ['scripts/migrate.mjs'], { env, stdio: ['ignore', 2, 2] });
  if (code !== 0)
    throw new Stop(
      'the database could not be brought up to date',
      'Nothing was half done: each migration is one transaction. See the message above.',
    );
}
