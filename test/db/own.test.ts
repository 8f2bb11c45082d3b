import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { parse } from 'yaml';
import { id } from '../fixtures/commands';
import { shipped } from '../fixtures/knowledge';
import { own } from '../fixtures/own';
import { readKnowledge } from '../../src/server/knowledge/load';
import { bringIn, ownRows, ownYaml } from '../../src/server/files/ownKnowledge';
import { exportJob } from '../../src/server/files/export';
import { jobSnapshot } from '../../src/server/queries/job';
import { workshopOf } from '../../src/server/queries/shops';
import { rankJob } from '../../src/server/work/ranking';
import { stateOf } from '../../src/core/state';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freshDatabase, openBoth, shopA, shopB, type TestDatabase } from './database';
import { openScript, sendAll } from './filled';

// A shop's own faults, tests and figures: through the door, out as YAML, in again, and never into another shop.

let db: TestDatabase;
const speaker = (shopId: string) => ({ shopId, actorId: null, deviceId: null });
beforeAll(async () => {
  db = await freshDatabase();
  await openBoth(db.pool);
  await sendAll(db.pool, shopA, openScript());
});
afterAll(() => db.drop());

describe('own knowledge', () => {
  it('stands with every job of the shop and is reckoned with there; another shop sees nothing of it', async () => {
    const snapshot = (await jobSnapshot(db.pool, shopA, id.job, null))!;
    expect(snapshot.rows.own?.map((r) => r.id).sort()).toEqual([id.ownFault, id.ownFinding, id.ownTest, id.ownFigure].sort());
    const ranking = await rankJob(shopA, stateOf(snapshot), id.job);
    expect(ranking.suspects.some((s) => s.faultId === own.fault.id)).toBe(true);
    expect((await workshopOf(db.pool, shopA, null)).own).toHaveLength(4);
    expect(await ownRows(db.pool, shopB)).toEqual([]);
    // The journal of the bike does not tell it, nor does the job's file.
    expect(snapshot.journal.some((e) => e.type.startsWith('own.'))).toBe(false);
    expect((await exportJob(db.pool, shopA, id.job))!.rows.own).toBeUndefined();
  });

  it('goes out as YAML that the command line takes, and comes in again without a change', async () => {
    const text = ownYaml(await ownRows(db.pool, shopA), 'Lantern Yard');
    expect(text.split('\n')[0]).toMatch(/^# What Lantern Yard knows itself.*judgement/);
    expect(parse(text)).toEqual({ faults: [{ ...own.fault, prior: 0.004 }], findings: [own.finding], tests: [own.test] });
    const file = join(mkdtempSync(join(tmpdir(), 'ivrek-own-')), 'own.yaml');
    writeFileSync(file, text);
    const read = readKnowledge('knowledge', [file]);
    expect(read.problems).toEqual([]);
    expect(read.knowledge.faults.some((f) => f.id === own.fault.id)).toBe(true);
    expect(await bringIn(db.pool, speaker(shopA), shipped, text)).toMatchObject({ ok: true, brought: { added: 0, changed: 0, same: 3 } });
    expect(await bringIn(db.pool, speaker(shopB), shipped, text)).toMatchObject({ ok: true, brought: { added: 3, changed: 0, same: 0 } });
    expect(parse(ownYaml(await ownRows(db.pool, shopB), 'B'))).toEqual(parse(text));
  });

  it('a file changes what is here under the same id, takes out and puts back', async () => {
    const text = ownYaml(await ownRows(db.pool, shopA), 'Lantern Yard');
    const changed = text.replace('prior: 0.004', 'prior: 0.005').replace('    minutes: 4\n', '    minutes: 4\n    retired: true\n');
    expect(await bringIn(db.pool, speaker(shopA), shipped, changed)).toMatchObject({
      ok: true,
      brought: { added: 0, changed: 1, same: 2 },
    });
    const rows = await ownRows(db.pool, shopA);
    expect(rows.find((r) => r.id === id.ownFault)?.body).toMatchObject({ prior: 0.005 });
    expect(rows.find((r) => r.id === id.ownTest)?.retired).toBe(true);
    expect(await bringIn(db.pool, speaker(shopA), shipped, text)).toMatchObject({ ok: true, brought: { changed: 1 } });
    expect((await ownRows(db.pool, shopA)).find((r) => r.id === id.ownTest)?.retired).toBe(false);
  });

  it('says what is wrong with a file, at its place, and keeps nothing of it', async () => {
    const before = await ownRows(db.pool, shopA);
    const said = async (text: string) => {
      const answer = await bringIn(db.pool, speaker(shopA), shipped, text);
      return answer.ok ? [] : answer.problems;
    };
    expect((await said('faults: [{'))[0]).toMatch(/line 1/);
    expect(await said('')).toEqual(['There is no fault, finding, test or figure in it.']);
    expect(await said('[1, 2]')).toEqual(['the file: must be object']);
    expect((await said('faults:\n  - {id: own-a, name: A}'))[0]).toBe(`faults, entry 1 (own-a): must have required property 'system'`);
    expect(await said('access: []')).toEqual([`'access' ships with Ivrek and cannot be a shop's own`]);
    expect(await said('figures: [{fault: no-such, prior: 0.1}]')).toEqual([`figure for no-such: there is no fault 'no-such'`]);
    expect((await said('findings:\n  - {id: own-b, name: B, leak: 0.9}'))[0]).toMatch(/^finding own-b: its leak 0.9/);
    const bomb = `label: &a [x, x]\n${'bcdefghi'
      .split('')
      .map((k, i) => `${k}: &${k} [*${'abcdefgh'[i]}, *${'abcdefgh'[i]}, *${'abcdefgh'[i]}]`)
      .join('\n')}`;
    expect((await said(bomb)).length).toBeGreaterThan(0);
    // Thirty thousand names, in one line or in many: looked through once, not each against each.
    const names = Array.from({ length: 30_000 }, (_x, i) => `k${i}: 1`);
    expect((await said(`{${names.join(', ')}}`))[0]).toMatch(/must NOT have additional properties/);
    expect((await said(names.join('\n')))[0]).toMatch(/^It has 30000 lines/);
    expect(await said('label: a\nfaults: []\nlabel: b')).toEqual([`'label' stands twice in the same place.`]);
    expect(await ownRows(db.pool, shopA)).toEqual(before);
  });
});
