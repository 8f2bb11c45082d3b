import { doneWith } from './doings';
import type { Knowledge, Test } from './types';

/** Minutes that a test of a kind takes with nothing in its way. Judgement: beyond them a slip is likelier than the figure. */
const minutesOf: Readonly<Record<Test['kind'], { least: number; most: number }>> = {
  look: { least: 1, most: 30 },
  feel: { least: 1, most: 20 },
  sound: { least: 1, most: 15 },
  smell: { least: 1, most: 5 },
  ask: { least: 1, most: 5 },
  measure: { least: 2, most: 30 },
  swap: { least: 5, most: 20 },
  substitute: { least: 2, most: 10 },
  remove: { least: 5, most: 15 },
  isolate: { least: 2, most: 12 },
};

/** An engine is not warm and a bike not ridden in less. Judgement. */
const leastMinutes: Readonly<Record<string, number>> = { 'runs-hot': 4, rides: 4 };

/** A fault rarer than this is not worth a line, and none is there more often before anything is known. Judgement. */
const priors = { least: 0.00008, most: 0.01 };

/**
 * Entries that can be worked with and are hardly meant: odds before anything is known that no fault has, minutes that no such test takes, a result that is called normal and finds
 * something wrong, a band that ends elsewhere than the limit it stands for.
 */
export function unlikely(k: Knowledge): string[] {
  const problems: string[] = [];
  const grades = new Map(k.findings.map((f) => [f.id, f.grades]));
  for (const f of k.faults)
    if (!f.retired && f.id !== 'not-in-list' && (f.prior < priors.least * (1 - 1e-9) || f.prior > priors.most))
      problems.push(`fault ${f.id}: a prior of ${f.prior} is hardly meant: ${priors.least} to ${priors.most}`);
  for (const t of k.tests) {
    if (t.retired) continue;
    const say = (what: string) => void problems.push(`test ${t.id}: ${what}`);
    const { least, most } = minutesOf[t.kind];
    const does = doneWith(t.does ?? [], k.doings).map((d) => d.id);
    const floor = Math.max(least, ...does.map((d) => leastMinutes[d] ?? 0));
    if (t.minutes < floor || t.minutes > most) say(`${t.minutes} minutes are hardly meant for this: ${floor} to ${most}`);
    if (t.outcomes.filter((o) => o.normal).length !== 1) say('one result is the normal one, and only one');
    for (const o of t.outcomes) {
      const plain = Object.entries(o.find).filter(([id]) => !grades.get(id));
      if (plain.length === 0) continue;
      if (o.normal && plain.some(([, v]) => v === 'yes')) say(`'${o.id}' is called normal and finds something`);
      if (!o.normal && plain.length === Object.keys(o.find).length && plain.every(([, v]) => v === 'no') && !o.sets)
        say(`'${o.id}' finds nothing and is not called normal`);
    }
    if (t.measure) for (const m of [t.measure, ...(t.measure.variants ?? [])]) bandsAsLimits(t, m, say);
  }
  return problems;
}

/** Where the normal result begins or ends by its bands its limit has an edge. */
function bandsAsLimits(
  t: Test,
  { bands, limit }: Pick<NonNullable<Test['measure']>, 'bands' | 'limit'>,
  say: (what: string) => void,
): void {
  const normal = t.outcomes.find((o) => o.normal)?.id;
  bands.forEach((b, i) => {
    const next = bands[i + 1];
    if (b.below === undefined || !next || (b.outcome === normal) === (next.outcome === normal)) return;
    const edge = b.outcome === normal ? limit.high : limit.low;
    if (edge === undefined || Math.abs(edge - b.below) > 1e-9 * Math.abs(b.below))
      say(`a band ends at ${b.below} where its limit does not`);
  });
}
