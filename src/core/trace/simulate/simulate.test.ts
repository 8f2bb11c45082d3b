import { describe, expect, it } from 'vitest';
import { bikeOf, jobOf } from '../../../../test/fixtures/case';
import { shipped } from '../../../../test/fixtures/knowledge';
import { buildModel } from '../model';
import { believe } from '../policy/beliefs';
import { caseAfter, checklist, seededRandom, follow, BikeKind, leastCost, perturbed, BeliefNode, type Event, type Setting } from '.';

const bike = bikeOf({ archetype: 'air-twin', starting: 'both', voltage: 12 });
const job = jobOf({ standingMonths: 8 });
const setting = (...symptoms: string[]): Setting => ({
  bike,
  job,
  symptoms: Object.fromEntries(symptoms.map((s) => [s, 'present' as const])),
});
const kind = new BikeKind(shipped, caseAfter({ bike, job, symptoms: {} }, []));

describe('drawn bikes', () => {
  it('are the same for the same random, whatever is asked of them first', () => {
    const test = (id: string) => shipped.tests.find((t) => t.id === id)!;
    const [one, two] = [kind.draw(seededRandom(5)), kind.draw(seededRandom(5))];
    const asked = ['spark-look', 'compression', 'drain-bowl', 'choke-feel'];
    const answers = (b: typeof one, ids: string[]) => new Map(ids.map((id) => [id, b.answer(test(id), test(id).per ? '1' : null)]));
    const a = answers(one, asked);
    const b = answers(two, [...asked].reverse());
    for (const id of asked) expect(b.get(id)).toBe(a.get(id));
  });

  it('have each fault about as often as its odds say', () => {
    const n = 3000;
    const count = (key: string) => {
      let there = 0;
      for (let i = 0; i < n; i++) if (kind.draw(seededRandom(i * 13 + 1)).has(key)) there++;
      return there / n;
    };
    for (const key of ['jets-gummed', 'points-dirty', 'fuel-stale']) {
      const { odds } = kind.model.byKey.get(key)!;
      const p = odds / (1 + odds);
      expect(Math.abs(count(key) - p)).toBeLessThan(4 * Math.sqrt(p / n));
    }
  });

  it('a repair of theirs mends it nearly always, and the complaint goes with it', () => {
    let mended = 0;
    let all = 0;
    for (let i = 0; all < 60; i++) {
      const b = kind.draw(seededRandom(i));
      const [key] = b.bringing(['no-start']);
      if (!key || b.bringing(['no-start']).length > 1) continue;
      all++;
      expect(b.shows('no-start')).toBe(true);
      expect(b.repair(key)).toBe(true);
      if (!b.shows('no-start')) mended++;
    }
    expect(mended / all).toBeGreaterThan(0.8);
  });

  it('a repair leaves its fault there as often as its own remedy says', () => {
    const often = 0.6;
    const faults = shipped.faults.map((f) => (f.id === 'jets-gummed' ? { ...f, remedy: { ...f.remedy, residual: often } } : f));
    const careless = new BikeKind({ ...shipped, faults }, caseAfter({ bike, job, symptoms: {} }, []));
    let had = 0;
    let left = 0;
    for (let i = 0; had < 200; i++) {
      const b = careless.draw(seededRandom(i * 7 + 2));
      if (!b.has('jets-gummed')) continue;
      had++;
      b.repair('jets-gummed');
      if (b.has('jets-gummed')) left++;
    }
    expect(Math.abs(left / had - often)).toBeLessThan(4 * Math.sqrt((often * (1 - often)) / had));
  });
});

describe('what is expected of a test', () => {
  it('comes about as often on drawn bikes, also where one answer does not shut out another', () => {
    const node = new BeliefNode(shipped, setting('no-start'));
    const counts = new Map<string, number>();
    let n = 0;
    for (let i = 0; n < 400; i++) {
      const b = kind.draw(seededRandom(i * 17 + 3));
      if (b.bringing(['no-start']).length === 0) continue;
      n++;
      const said = b.answer(
        shipped.tests.find((t) => t.id === 'read-plug')!,
        '1',
      );
      counts.set(said, (counts.get(said) ?? 0) + 1);
    }
    const { beliefs, situation } = node;
    const readPlug = beliefs.tests.find((t) => t.key === 'read-plug#1')!;
    for (const { id, likelihood } of readPlug.outcomes) {
      const p = likelihood.reduce((sum, l, h) => sum + l * situation.weights[h], 0);
      expect(Math.abs((counts.get(id) ?? 0) / n - p), id).toBeLessThan(4 * Math.sqrt((p * (1 - p)) / n) + 0.01);
    }
  });
});

describe('a perturbed model', () => {
  it('moves every odds by a factor of two at most, and keeps its shape', () => {
    const p = perturbed(shipped, seededRandom(3));
    const odds = (x: number) => x / (1 - x);
    p.faults.forEach((f, i) => {
      const ratio = odds(f.prior) / odds(shipped.faults[i].prior);
      expect(ratio).toBeGreaterThan(0.499);
      expect(ratio).toBeLessThan(2.001);
      expect(Object.keys(f.causes)).toEqual(Object.keys(shipped.faults[i].causes));
    });
  });
});

describe('what is believed on the way', () => {
  it('is what the application would believe of the same rows', () => {
    const start = new BeliefNode(shipped, setting('no-start'));
    const done: Event[] = [];
    let node = start;
    for (const [testId, position, outcome] of [
      ['drain-bowl', null, 'clean'],
      ['spark-look', '1', 'none'],
      ['flick-points', null, 'none'],
    ] as const) {
      done.push({ kind: 'test', testId, position, outcome });
      node = node.after(done[done.length - 1]);
    }
    const fresh = believe(buildModel(shipped, caseAfter(setting('no-start'), done)));
    const share = (faults: number[][], weights: Float64Array, key: string) =>
      faults.reduce((s, f, h) => s + (f.some((i) => fresh.model.suspects[i].key === key) ? weights[h] : 0), 0);
    for (const key of ['points-dirty', 'kill-switch', 'supply-bad', 'jets-gummed']) {
      const now = share(node.beliefs.faults, node.situation.weights, key);
      expect(Math.abs(now - share(fresh.faults, fresh.weights, key))).toBeLessThan(0.03);
    }
  });

  it('a policy cures a bike, pays for what it does, and the checklist is not better for it', () => {
    const lines = ['tap-flow', 'spark-look', 'drain-bowl', 'compression'];
    let own = 0;
    let list = 0;
    let bikes = 0;
    const start = new BeliefNode(shipped, setting('no-start'));
    for (let i = 0; bikes < 12; i++) {
      const random = seededRandom(i * 17 + 2);
      const drawn = kind.draw(random);
      if (!drawn.shows('no-start') || drawn.bringing(['no-start']).length === 0) continue;
      bikes++;
      const a = follow(leastCost, start, kind.draw(random), random, { cap: 3000 });
      expect(a.cured).toBe(true);
      expect(a.first).not.toBeNull();
      expect(a.money).toBeGreaterThan(0);
      own += a.money;
      list += follow(checklist(lines), start, kind.draw(random), random, { cap: 3000 }).money;
    }
    expect(own).toBeLessThan(list);
  });
});
