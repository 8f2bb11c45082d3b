import type { Knowledge } from '../src/core/knowledge';
import { toSi } from '../src/core/quantity';
import { believe, buildModel, rank, schoolViews } from '../src/core/trace';
import { readKnowledge } from '../src/server/knowledge/load';
import { Random } from '../test/chaos/random';
import { CaseMaker } from '../test/fixtures/case';
import { referenceLoop, timed, type Figures } from './figures';

/** Six findings present, twelve absent and four measured, all in one connected part. */
export function busyCase(): CaseMaker {
  const m = new CaseMaker(
    { 'no-start': 'present', pops: 'present', 'will-not-turn': 'absent', 'smells-of-fuel': 'absent' },
    {},
    { standingMonths: 30, storage: 'damp', ranWhenParked: 'yes', lastTouched: ['ignition'] },
  );
  m.test('spark-look', 'none', { position: '1' }).test('flick-points', 'none').test('points-look', 'bad').test('drain-bowl', 'dirty');
  for (const [test, outcome, position] of [
    ['bridge-points', 'spark', null],
    ['wiggle', 'steady', null],
    ['fuel-smell', 'fresh', null],
    ['tap-flow', 'good', null],
    ['hose-look', 'free', null],
    ['choke-feel', 'works', null],
    ['oil-check', 'right', null],
    ['wiring-look', 'sound', null],
    ['filter-look', 'clean', null],
    ['cam-marks', 'level', null],
  ] as const)
    m.test(test, outcome, { position });
  const measured = (test: string, quantity: string, unit: string, value: number, outcome: string, position: string | null) =>
    m.test(test, outcome, { position, readingId: m.reading(quantity, { kind: 'exact', value: toSi(value, unit) }, { position }) });
  measured('compression', 'compression', 'psi', 114, 'good', '1');
  measured('compression', 'compression', 'psi', 108, 'low', '2');
  measured('coil-volts', 'coil-supply', 'V', 5.55, 'good', null);
  measured('secondary', 'coil-secondary', 'kohm', 23.5, 'good', '1');
  return m;
}

const complaints = [
  'starts-hard-cold',
  'idle-rough',
  'bogs',
  'misfires',
  'will-not-rev',
  'surges',
  'pops',
  'one-cylinder-dead',
  'dies-hot',
  'smoke-black',
  'power-lost-slowly',
  'overheats',
  'pinks',
  'uses-oil',
];

/** The largest bike, a faired four with carburettors: some symptoms present, twelve tests absent, four measured. */
export function largestCase(present: number): CaseMaker {
  const m = new CaseMaker(
    Object.fromEntries(complaints.slice(0, present).map((id) => [id, 'present' as const])),
    {
      archetype: 'faired-four',
      cylinders: 4,
      cooling: 'liquid',
      ignition: 'electronic',
      fuelling: 'carburettor',
      starting: 'electric',
      voltage: 12,
    },
    { standingMonths: 8, storage: 'damp', lastTouched: ['fuel-system'] },
  );
  for (const [test, outcome] of [
    ['wiggle', 'steady'],
    ['fuel-smell', 'fresh'],
    ['tap-flow', 'good'],
    ['hose-look', 'free'],
    ['choke-feel', 'works'],
    ['oil-check', 'right'],
    ['wiring-look', 'sound'],
    ['filter-look', 'clean'],
    ['cam-marks', 'level'],
    ['exhaust-look', 'open'],
    ['kill-bypass', 'same'],
    ['drain-bowl', 'clean'],
  ] as const)
    m.test(test, outcome);
  for (const position of ['1', '2', '3', '4'])
    m.test('compression', 'good', {
      position,
      readingId: m.reading('compression', { kind: 'exact', value: toSi(160 + Number(position), 'psi') }, { position }),
    });
  return m;
}

/** The same knowledge with every fault and test there twice under other names. */
function doubled(k: Knowledge): Knowledge {
  return {
    ...k,
    faults: [...k.faults, ...k.faults.map((f) => ({ ...f, id: `${f.id}-two` }))],
    tests: [...k.tests, ...k.tests.map((t) => ({ ...t, id: `${t.id}-two` }))],
  };
}

/** The 99th percentile of a ranking by how much is complained of at once: random complaints on the largest bike. */
function byFindings(knowledge: Knowledge, quick: boolean): Figures {
  const symptoms = knowledge.findings.filter((f) => f.symptom).map((f) => f.id);
  const random = new Random(20261);
  const figures: Figures = {};
  for (const n of [6, 10, 14, 15, 16, 20, 25, 30, symptoms.length]) {
    const times: number[] = [];
    let rough = 0;
    for (let i = 0; i < (quick ? 4 : 60); i++) {
      const picked = [...symptoms].sort(() => random.next() - 0.5).slice(0, n);
      const { c } = largestCase(0);
      c.complaints[0].symptoms = Object.fromEntries(picked.map((s) => [s, 'present' as const]));
      const began = performance.now();
      const { rough: r } = rank(buildModel(knowledge, c));
      times.push(performance.now() - began);
      rough += Number(r);
    }
    times.sort((a, b) => a - b);
    figures[`rank.${n} findings p99 ms`] = times[Math.min(times.length - 1, Math.floor(times.length * 0.99))];
    figures[`rank.${n} findings rough share`] = rough / times.length;
  }
  figures['rank.heap MB after'] = process.memoryUsage().heapUsed / 1e6;
  figures['rank.resident MB after'] = process.memoryUsage().rss / 1e6;
  return figures;
}

export function benchRank(quick: boolean): Figures {
  const { knowledge } = readKnowledge('knowledge');
  const runs = quick ? 9 : 41;
  const { c } = busyCase();
  const full = (k: Knowledge) => rank(buildModel(k, c));
  const reference = timed(() => void referenceLoop(), runs, 3);
  const one = timed(() => void full(knowledge), runs, 8);
  const two = timed(() => void full(doubled(knowledge)), Math.ceil(runs / 2), 4);
  const ranking = full(knowledge);
  const beliefs = believe(buildModel(knowledge, c));
  return {
    'rank.reference ms': reference,
    'rank.full ms': one,
    'rank.full per reference': one / reference,
    'rank.doubled ms': two,
    'rank.growth when doubled': two / one,
    'rank.schools ms': timed(() => void schoolViews(beliefs), Math.ceil(runs / 5), 1),
    'rank.table entries': ranking.tableSize,
    'rank.fault sets': beliefs.sets.length,
    'rank.left out': ranking.leftOut,
    'rank.suspects': ranking.suspects.length,
    'rank.tests': ranking.tests.length,
    ...byFindings(knowledge, quick),
  };
}
