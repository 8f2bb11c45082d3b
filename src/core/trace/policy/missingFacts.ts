import { applicability, type Test } from '../../knowledge';
import type { Model } from '../model/build';
import type { OpenOutcome } from './outcomes';

const questions: Record<string, string> = {
  strokes: 'Two-stroke or four-stroke?',
  ignition: 'Ignition: points, an electronic box, or a magneto?',
  fuelling: 'Carburettor or injection?',
  decompressor: 'Is there a decompressor, and what works it?',
  starting: 'Kick, electric, or both?',
  cooling: 'Air-cooled or liquid-cooled?',
  clutch: 'What works the clutch?',
};

/** Attributes nobody has filled in yet are tests as well: looking costs a minute or two. */
export function missingFacts(model: Model, faults: readonly (readonly number[])[]): { test: Test; outcomes: OpenOutcome[] }[] {
  return model.knowledge.attributes.flatMap((a) => {
    if (model.facts[a.id] !== undefined || !questions[a.id]) return [];
    const bearing = new Set(faults.flat());
    if (![...bearing].some((i) => model.suspects[i].fault.applies?.[a.id] !== undefined)) return [];
    const values = Object.keys(a.share);
    const fits = (i: number, v: string) => {
      const wanted = model.suspects[i].fault.applies?.[a.id];
      return wanted === undefined ? 1 : applicability({ [a.id]: wanted }, { [a.id]: v }, []);
    };
    const raw = values.map((v) => Float64Array.from(faults, (f) => a.share[v] * f.reduce((x, i) => x * fits(i, v), 1)));
    for (let h = 0; h < faults.length; h++) {
      const all = raw.reduce((s, r) => s + r[h], 0);
      raw.forEach((r, v) => (r[h] = all > 0 ? r[h] / all : a.share[values[v]]));
    }
    const test: Test = {
      id: `ask:${a.id}`,
      name: questions[a.id],
      system: 'mechanical',
      kind: 'ask',
      how: 'Look at the bike or its manual and fill it in.',
      minutes: 2,
      outcomes: [],
    };
    return [{ test, outcomes: values.map((v, i) => ({ id: v, says: v, likelihood: raw[i] })) }];
  });
}
