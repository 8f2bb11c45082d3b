import { expect, it } from 'vitest';
import { chaos } from './run';

// The history of several devices over a bad line, with kills of server and database. `./ivrek bench chaos` is the long form.
it('fifty cuts: every acknowledged entry is in the journal once, tables and screens are what it says', async () => {
  const seed = Number(process.env.IVREK_SEED ?? 1);
  const report = await chaos(50, seed, `.data/test/chaos-${process.pid}`);
  expect(report.wrong, JSON.stringify(report)).toEqual([]);
  expect(report.made).toBeGreaterThan(50);
  expect(report.acknowledged).toBeGreaterThan(40);
}, 900_000);
