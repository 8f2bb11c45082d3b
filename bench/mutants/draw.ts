import type { KnowledgeFile } from '../../src/core/knowledge';

// Errors as they slip into tables of the trade: a figure, a link, a caution, a sign. Each is planted alone, in the files as written.

/** Numbers between 0 and 1 that are the same for the same seed (mulberry32). */
export function randomBy(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** An error planted in a copy of the files, and what it is about, so that the cases that may notice can be found. */
export interface Planted {
  kind: string;
  says: string;
  about: string[];
  files: KnowledgeFile[];
}

interface FaultEntry {
  id: string;
  retired?: boolean;
  prior: number;
  stops?: string;
  causes: Record<string, unknown>;
  remedy: { minutes: number; does?: string[] };
}
interface OutcomeEntry {
  id: string;
  find?: Record<string, string>;
  normal?: boolean;
  sets?: Record<string, string>;
}
interface TestEntry {
  id: string;
  retired?: boolean;
  minutes: number;
  does?: string[];
  outcomes: OutcomeEntry[];
  measure?: { bands: { below?: number }[]; limit: { low?: number; high?: number } };
}
interface UsualEntry {
  id: string;
  steps: ({ id: string; after?: string[] } & Partial<Record<'check' | 'note' | 'fresh' | 'does', string[]>>)[];
}
interface DoingEntry {
  id: string;
  hazards: string[];
}

type Pick = <T>(from: readonly T[]) => T;

const all = <T>(files: readonly KnowledgeFile[], list: string) => files.flatMap((f) => (f.content[list] ?? []) as T[]);

interface Site {
  says: string;
  about: string[];
  plant: () => void;
}

/** Everywhere that an error of one kind can be planted in these files. */
const kinds: Record<string, (files: readonly KnowledgeFile[], pick: Pick) => Site | null> = {
  strength: (files, pick) => {
    const f = pick(faults(files));
    const links = Object.keys(f.causes).filter((c) => typeof f.causes[c] === 'number');
    if (!links.length) return null;
    const link = pick(links);
    const p = f.causes[link] as number;
    const q = p >= 0.5 ? pick([0.03, 0.1, 0.2]) : pick([0.7, 0.85, 0.95]);
    return { says: `${f.id} brings ${link}: ${p} → ${q}`, about: [f.id, link], plant: () => void (f.causes[link] = q) };
  },
  prior: (files, pick) => {
    const f = pick(faults(files));
    const q = f.prior > 0.001 ? f.prior / 30 : f.prior * 30;
    return { says: `prior of ${f.id}: ${f.prior} → ${q}`, about: [f.id], plant: () => void (f.prior = q) };
  },
  band: (files, pick) => {
    const t = pick(tests(files).filter((x) => x.measure?.bands.some((b) => b.below !== undefined)));
    const b = pick(t.measure!.bands.filter((x) => x.below !== undefined));
    const q = b.below! * pick([0.5, 2]);
    return { says: `band of ${t.id}: ${b.below} → ${q}`, about: [t.id], plant: () => void (b.below = q) };
  },
  limit: (files, pick) => {
    const t = pick(tests(files).filter((x) => x.measure && (x.measure.limit.low !== undefined || x.measure.limit.high !== undefined)));
    const limit = t.measure!.limit;
    const edge = pick((['low', 'high'] as const).filter((e) => limit[e] !== undefined));
    const q = limit[edge]! * pick([0.5, 2]);
    return { says: `limit of ${t.id}, ${edge}: ${limit[edge]} → ${q}`, about: [t.id], plant: () => void (limit[edge] = q) };
  },
  minutes: (files, pick) => {
    const t = pick(tests(files));
    const q = t.minutes >= 10 ? 1 : t.minutes * 20;
    return { says: `minutes of ${t.id}: ${t.minutes} → ${q}`, about: [t.id], plant: () => void (t.minutes = q) };
  },
  'caution removed': (files, pick) => {
    const d = pick(doings(files).filter((x) => x.hazards.length));
    const t = pick([...tests(files), ...faults(files).map((f) => f.remedy)].filter((x) => x.does?.length && !x.does.includes('harmless')));
    const i = Math.floor(pick([0, 0.34, 0.67]) * t.does!.length);
    if (pick([true, false])) return { says: `${d.id} no longer has its caution`, about: [], plant: () => void d.hazards.splice(0, 1) };
    const whose = 'id' in t ? (t as TestEntry).id : 'a remedy';
    return {
      says: `${whose} no longer says that it does ${t.does![i]}`,
      about: 'id' in t ? [whose] : [],
      plant: () => void t.does!.splice(i, 1),
    };
  },
  'caution swapped': (files, pick) => {
    const hazards = all<{ id: string }>(files, 'hazards').map((h) => h.id);
    const d = pick(doings(files).filter((x) => x.hazards.length));
    const [was] = d.hazards;
    const other = pick(hazards.filter((h) => h !== was));
    return { says: `${d.id}: ${was} → ${other}`, about: [], plant: () => void (d.hazards[0] = other) };
  },
  'link dropped': (files, pick) => {
    const f = pick(faults(files).filter((x) => Object.keys(x.causes).length > 1));
    const link = pick(Object.keys(f.causes));
    return { says: `${f.id} no longer brings ${link}`, about: [f.id, link], plant: () => void delete f.causes[link] };
  },
  'link added': (files, pick) => {
    const f = pick(faults(files));
    const link = pick(all<{ id: string; grades?: unknown }>(files, 'findings').filter((x) => !x.grades && !(x.id in f.causes))).id;
    const q = pick([0.5, 0.75, 0.9]);
    return { says: `${f.id} brings ${link} as well: ${q}`, about: [f.id, link], plant: () => void (f.causes[link] = q) };
  },
  'normal flipped': (files, pick) => {
    const t = pick(tests(files).filter((x) => x.outcomes.length > 1 && x.outcomes.some((o) => o.normal)));
    const was = t.outcomes.find((o) => o.normal)!;
    const other = pick(t.outcomes.filter((o) => !o.normal));
    return {
      says: `${t.id}: ${other.id} is normal, not ${was.id}`,
      about: [t.id],
      plant: () => {
        delete was.normal;
        other.normal = true;
      },
    };
  },
  'finding flipped': (files, pick) => {
    const t = pick(tests(files).filter((x) => x.outcomes.some((o) => Object.values(o.find ?? {}).some((v) => v === 'yes' || v === 'no'))));
    const o = pick(t.outcomes.filter((x) => Object.values(x.find ?? {}).some((v) => v === 'yes' || v === 'no')));
    const what = pick(Object.keys(o.find!).filter((w) => o.find![w] === 'yes' || o.find![w] === 'no'));
    return {
      says: `${t.id} ${o.id}: ${what} ${o.find![what]} the other way round`,
      about: [t.id, what],
      plant: () => void (o.find![what] = o.find![what] === 'yes' ? 'no' : 'yes'),
    };
  },
  'state not set': (files, pick) => {
    const stopping = faults(files).filter((f) => f.stops);
    const setting = tests(files).flatMap((t) => t.outcomes.filter((o) => o.sets).map((o) => ({ t, o })));
    if (setting.length && pick([true, false])) {
      const { t, o } = pick(setting);
      return { says: `${t.id} ${o.id} sets no state`, about: [t.id], plant: () => void delete o.sets };
    }
    const f = pick(stopping);
    return { says: `${f.id} no longer stops ${f.stops}`, about: [f.id], plant: () => void delete f.stops };
  },
  'strip order': (files, pick) => {
    const job = pick(all<UsualEntry>(files, 'strips'));
    const step = pick(job.steps.filter((s) => s.after));
    const was = pick(step.after!);
    return {
      says: `${job.id}: ${step.id} no longer waits for ${was}`,
      about: [job.id, step.id],
      plant: () => void (step.after!.length > 1 ? step.after!.splice(step.after!.indexOf(was), 1) : delete step.after),
    };
  },
  'strip owes less': (files, pick) => {
    const job = pick(all<UsualEntry>(files, 'strips'));
    const what = pick(['check', 'note', 'fresh', 'does'] as const);
    const step = pick(job.steps.filter((s) => s[what]).concat(job.steps.filter((s) => s.check)));
    if (!step?.[what]) return null;
    const [lost] = step[what];
    return {
      says: `${job.id}, ${step.id}: ${what} no longer says '${lost}'`,
      about: [job.id, step.id],
      plant: () => void (step[what]!.length > 1 ? step[what]!.splice(0, 1) : delete step[what]),
    };
  },
  'wire end misread': (files, pick) => {
    const end = pick(all<{ id: string; words: string[] }>(files, 'wireEnds').filter((e) => e.words.length > 1));
    const lost = pick(end.words);
    return {
      says: `wire end ${end.id}: no longer called '${lost}'`,
      about: ['wires'],
      plant: () => void end.words.splice(end.words.indexOf(lost), 1),
    };
  },
  'worn part misread': (files, pick) => {
    const part = pick(
      all<{ id: string; wears: Record<string, string[]> }>(files, 'wornParts').filter((p) => Object.keys(p.wears).length > 1),
    );
    const [wear, other] = [pick(Object.keys(part.wears)), pick(all<FaultEntry>(files, 'faults')).id];
    if (part.wears[wear].includes(other)) return null;
    return { says: `${part.id}, ${wear}: speaks of ${other}`, about: ['wear'], plant: () => void (part.wears[wear] = [other]) };
  },
  'part goes back with an old seal': (files, pick) => {
    const part = pick(all<{ id: string; renews?: string[] }>(files, 'wornParts').filter((p) => p.renews));
    const lost = pick(part.renews!);
    const left = part.renews!.filter((n) => n !== lost);
    return { says: `${part.id}: without a new ${lost}`, about: ['wear'], plant: () => void (part.renews = left.length ? left : undefined) };
  },
  'cleaner touches': (files, pick) => {
    const cleaner = pick(all<{ id: string; on: Record<string, string> }>(files, 'cleaners'));
    const material = pick(Object.keys(cleaner.on).filter((m) => cleaner.on[m] === 'no'));
    if (!material) return null;
    return {
      says: `${cleaner.id} may touch ${material}`,
      about: [cleaner.id],
      plant: () => void (cleaner.on[material] = 'yes'),
    };
  },
};

const faults = (files: readonly KnowledgeFile[]) => all<FaultEntry>(files, 'faults').filter((f) => !f.retired);
const tests = (files: readonly KnowledgeFile[]) => all<TestEntry>(files, 'tests').filter((t) => !t.retired);
const doings = (files: readonly KnowledgeFile[]) => all<DoingEntry>(files, 'doings');

/** So many errors, each in a copy of its own, the kinds in turn; the same for the same seed. */
export function* planted(files: readonly KnowledgeFile[], many: number, seed: number): Generator<Planted> {
  const random = randomBy(seed);
  const pick: Pick = (from) => from[Math.floor(random() * from.length)];
  const names = Object.keys(kinds);
  for (let n = 0; n < many;) {
    const kind = names[n % names.length];
    const copy = structuredClone(files) as KnowledgeFile[];
    const site = kinds[kind](copy, pick);
    if (!site) continue;
    site.plant();
    n++;
    yield { kind, says: site.says, about: site.about, files: copy };
  }
}
