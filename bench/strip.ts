import { planOf, type RefitRows } from '../src/core/strip';
import type { Step } from '../src/core/state';
import { readKnowledge } from '../src/server/knowledge/load';
import { referenceLoop, timed, type Figures } from './figures';

/** A strip of many steps, most of them of no usual job, as a whole restoration has them. */
function longStrip(many: number, usual: readonly string[], access: readonly string[]): Step[] {
  return Array.from({ length: many }, (_x, i) => ({
    id: `s${i}`,
    jobId: 'j',
    title: `Step ${i}`,
    access: i % 5 === 0 ? access[i % access.length] : null,
    bag: null,
    note: null,
    usual: i % 3 === 0 ? usual[i % usual.length] : null,
    before: i % 50 === 7 ? `s${i - 3}` : null,
    madeAt: '2030-01-01T08:00:00.000Z',
    refittedAt: i % 4 === 0 ? '2030-02-01T08:00:00.000Z' : null,
    versions: {},
  }));
}

/** How long the refit plan takes as the strip grows. */
export function benchStrip(quick: boolean): Figures {
  const { knowledge } = readKnowledge('knowledge');
  const usual = knowledge.strips.flatMap((j) => j.steps.map((s) => `${j.id}/${s.id}`));
  const access = knowledge.access.map((a) => a.id);
  const figures: Figures = {};
  const loop = timed(referenceLoop, 9, 2);
  for (const many of [20, 200, 2000]) {
    const rows: RefitRows = {
      steps: longStrip(many, usual, access),
      fasteners: [],
      facts: [],
      connections: [],
      pieces: [],
      overrules: [],
      parts: [],
      treated: [],
    };
    const ms = timed(() => void planOf(knowledge, rows, null), quick ? 9 : 40, 3);
    figures[`strip.plan of ${many} steps ms`] = ms;
    figures[`strip.plan of ${many} steps over the reference loop`] = ms / loop;
  }
  return figures;
}
