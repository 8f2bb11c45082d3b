import { accessOf, comesBefore, routesOf, type Knowledge, type UsualStep } from '../knowledge';
import { groupBy, type Fact, type Part, type Piece, type Step, type TreatedPart } from '../state';
import { inOrder } from './order';
import { usedAgain } from './consumables';
import { owedAtClosing, type Owed, type OwedRows } from './owed';
import { treatedWords } from './cleaning';
import { piecesInTheWay, pieceWords } from './pieces';

/** What a step waits for before it can go back on. */
export interface WaitsFor {
  kind: 'step' | 'piece' | 'part' | 'cleaning';
  /** What it is, as it stands in a list. */
  words: string;
  id: string;
}

/** One step of the refit. */
export interface RefitStep {
  step: Step;
  /** The step of the usual job that it followed. */
  usual: UsualStep | null;
  /** It can go back on now. Checks do not keep it from being begun: they are made while it is open. */
  ready: boolean;
  waitsFor: WaitsFor[];
  /** Checks that are owed before it is closed, and fasteners that are not whole. */
  owed: Owed[];
}

export interface RefitPlan {
  /** What is off, in the order in which it goes back on. */
  steps: RefitStep[];
  /** How many of them can be worked on now, beside each other. */
  ready: number;
}

export interface RefitRows extends OwedRows {
  steps: readonly Step[];
  pieces: readonly Piece[];
  parts: readonly Part[];
  treated: readonly TreatedPart[];
}

/** Of the steps that stand in front of one, as many are named. */
const mostNamed = 3;

/**
 * The usual step that a step followed; null where it followed none, or none that is known any more.
 * @param k what ships and the workshop's own knowledge
 * @param step a logged step
 * @returns the step of the knowledge, or null
 */
export function usualOf(k: Pick<Knowledge, 'strips'>, step: Pick<Step, 'usual'>): UsualStep | null {
  if (!step.usual) return null;
  const [job, id] = step.usual.split('/');
  return k.strips.find((j) => j.id === job)?.steps.find((s) => s.id === id) ?? null;
}

/**
 * Says of two steps whether it is known that neither hides the other: they belong to one usual job in which neither stands after the
 * other, or they open the way to two things of which neither stands after the other. Where nothing is known the later step hides the
 * earlier one, so that knowing more never makes a plan longer.
 */
export function independence(k: Pick<Knowledge, 'strips' | 'access' | 'archetypes'>, archetype: string | null) {
  const access = accessOf(k, archetype).map((a) => ({ id: a.id, after: [...new Set(routesOf(a).flat())] }));
  const known = new Set(access.map((a) => a.id));
  const before = new Map<string, Set<string>>();
  const forerunners = (key: string, steps: readonly Pick<UsualStep, 'id' | 'after'>[], id: string) => {
    const made = before.get(key) ?? comesBefore(steps, id);
    before.set(key, made);
    return made;
  };
  const apart = (job: string, steps: readonly Pick<UsualStep, 'id' | 'after'>[], a: string, b: string) =>
    a !== b && !forerunners(`${job}/${a}`, steps, a).has(b) && !forerunners(`${job}/${b}`, steps, b).has(a);
  return (a: Step, b: Step): boolean => {
    const [[jobA, stepA], [jobB, stepB]] = [(a.usual ?? '').split('/'), (b.usual ?? '').split('/')];
    if (jobA && jobA === jobB) {
      const job = k.strips.find((j) => j.id === jobA);
      return job !== undefined && [stepA, stepB].every((id) => job.steps.some((s) => s.id === id)) && apart(jobA, job.steps, stepA, stepB);
    }
    return (
      a.access !== null && b.access !== null && known.has(a.access) && known.has(b.access) && apart('access', access, a.access, b.access)
    );
  };
}

/** Parts on the list that a step needs and that are not here yet, known by what the usual job says is new; not what goes back again. */
function partsAwaited(usual: UsualStep | null, parts: readonly Part[], facts: readonly Fact[]): Part[] {
  const wanted = new Set((usual?.fresh ?? []).filter((f) => !usedAgain(facts, f)).map((f) => f.toLowerCase()));
  return parts.filter((p) => (p.status === 'needed' || p.status === 'ordered') && wanted.has(p.name.trim().toLowerCase()));
}

/**
 * The refit, computed: what is off in the order in which it goes back on, and for each step whether it can be begun or what it waits
 * for: steps that hide it, pieces that are not accounted for, and parts that have not come. Checks are owed before it is closed; they do
 * not keep it from being begun.
 *
 * @param k usual jobs, ways in and kinds of bike
 * @param rows of one job
 * @param archetype the kind of bike, which may have other steps on the way to a thing
 * @returns every step that is off, each once; the first can always be begun unless a piece or a part stands in its way
 */
export function planOf(k: Pick<Knowledge, 'strips' | 'access' | 'archetypes'>, rows: RefitRows, archetype: string | null): RefitPlan {
  const apart = independence(k, archetype);
  const lost = piecesInTheWay(rows.pieces, rows.overrules).map((p): WaitsFor => ({ kind: 'piece', words: pieceWords(p), id: p.id }));
  const off = inOrder(rows.steps)
    .filter((s) => !s.refittedAt)
    .reverse();
  // Looked up by step: a whole restoration has thousands of screws.
  const of = <T extends { stepId: string | null }>(list: readonly T[]) => {
    const groups = groupBy(list, (r) => r.stepId ?? '');
    return (id: string) => groups.get(id) ?? [];
  };
  const [facts, fasteners, connections, treatedOf] = [of(rows.facts), of(rows.fasteners), of(rows.connections), of(rows.treated)];
  const steps = off.map((step, i): RefitStep => {
    const usual = usualOf(k, step);
    const inFront: WaitsFor[] = [];
    for (let at = i - 1; at >= 0 && inFront.length < mostNamed; at--)
      if (!apart(step, off[at])) inFront.push({ kind: 'step', words: off[at].title, id: off[at].id });
    const parts = partsAwaited(usual, rows.parts, facts(step.id)).map((p): WaitsFor => ({ kind: 'part', words: p.name, id: p.id }));
    const own = { facts: facts(step.id), fasteners: fasteners(step.id), connections: connections(step.id), overrules: rows.overrules };
    const owed = owedAtClosing(own, step.id);
    const treated = treatedOf(step.id)
      .filter((t) => t.state !== 'ready')
      .map((t): WaitsFor => ({ kind: 'cleaning', words: treatedWords(t), id: t.id }));
    const waitsFor = [...lost, ...inFront, ...parts, ...treated];
    return { step, usual, ready: waitsFor.length === 0, waitsFor, owed };
  });
  return { steps, ready: steps.filter((s) => s.ready).length };
}
