import { migrate } from './migrate.mjs';

/**
 * Makes a database of what is in a dump. Nothing in the file is ever run: the tables are made by our own migrations, up to
 * where the dump was made, and only lines of data are taken from it, by the application's role that owns nothing; then the
 * later migrations follow. Answers how many entries the journal has. Throws with the reason where it is no sound dump.
 */
export async function load(bin, cluster, base, database, file) {
  const { levelOf, loadData } = await import('../scripts/loadData.mjs');
  const level = await levelOf(bin, file);
  await migrate(cluster, database, base, { upTo: level, fresh: true });
  const done = await loadData(bin, { owner: cluster.ownerUrl(database), app: cluster.appUrl(database) }, file);
  await migrate(cluster, database, base, { fresh: true });
  return done;
}

/** Runs `work` on an empty database of that name that is gone afterwards. */
export async function withScratch(cluster, name, work) {
  const { onMaintenance } = await import('../scripts/loadData.mjs');
  const drop = () => onMaintenance(cluster.ownerUrl('postgres'), (db) => db.query(`drop database if exists ${name} with (force)`));
  await drop();
  try {
    return await work(name);
  } finally {
    await drop();
  }
}
