import type { Knowledge } from '../knowledge';
import { Epochs, lastRepairId } from '../repairs';
import { fitnessActs, type FitnessAct } from '../state';
import { condemned, lostPieces, openSteps, openTorques, wantedFluids, wrongConnections } from './parts';
import type { FitnessRows } from './rows';
import { lastSeen, reasonsSeen } from './seen';
import type { Fitness, FitnessVerdict, FitnessReason } from './types';
import { brakesUnproved, openChecks, temporary, unseen, unsettled, waiting } from './work';

/**
 * How far an act goes: riding implies running implies cranking implies turning.
 * @param act turn, crank, run, ride or hand over
 * @returns a rank: the higher, the further
 */
export const reachOf = (act: FitnessAct): number => fitnessActs.indexOf(act);

function verdict(act: FitnessAct, all: readonly FitnessReason[], c: FitnessRows): FitnessVerdict {
  const against = all.filter((r) => reachOf(r.act) <= reachOf(act));
  const by = (r: FitnessReason) =>
    (c.overrules ?? []).find((o) => !o.endedAt && reachOf(o.act) >= reachOf(act) && o.codes.includes(r.code));
  const overruled = against.flatMap((reason) => {
    const person = by(reason);
    return person ? [{ reason, by: person }] : [];
  });
  const reasons = against.filter((r) => !overruled.some((o) => o.reason === r));
  return { act, may: reasons.length === 0, reasons, overruled };
}

/**
 * Whether a bike may be turned, cranked, run, ridden and handed over, from everything on record; what stands against each, and
 * what lifts it. The one decision that every view, the tracer and the bench line ask. Common practice throughout.
 * @param k what ships and the workshop's own knowledge
 * @param c the rows of the job
 * @param epochs the repairs in their order, where they are worked out already
 * @returns for each act whether it may be done, and what stands against it
 */
export function fitnessOf(k: Knowledge, c: FitnessRows, epochs = new Epochs(k, c.repairs)): Fitness {
  const now = lastRepairId(c.repairs);
  const all = [
    ...lostPieces(c),
    ...wrongConnections(c),
    ...reasonsSeen(k, c, epochs, now),
    ...condemned(k, c),
    ...unseen(k, c),
    ...openSteps(k, c),
    ...openTorques(c),
    ...wantedFluids(k, c),
    ...brakesUnproved(k, c),
    ...temporary(c),
    ...waiting(c),
    ...unsettled(c),
    // What is only to be gone through comes after what is wrong.
    ...openChecks(k, c),
  ];
  const of = (act: FitnessAct) => verdict(act, all, c);
  return {
    turn: of('turn'),
    crank: of('crank'),
    run: of('run'),
    ride: of('ride'),
    handOver: of('handOver'),
    advice: adviceOf(k, c, epochs, now),
  };
}

const hidden = ['frame-marks', 'crash-marks', 'hand-seen', 'mileage-doubtful', 'oil-metal', 'crack-seen'];

/** What shuts nothing and comes first all the same. */
function adviceOf(k: Knowledge, c: FitnessRows, epochs: Epochs, now: string | null): string[] {
  const seen = lastSeen(k, c, epochs, now);
  const there = (id: string) => [...seen.values()].some((s) => s.kind.id === id && s.grade === 'yes');
  const bought = there('bought-lately');
  return bought && hidden.some(there)
    ? [
        'Bought days ago, and hidden damage shows: stop stripping, keep the evidence, photograph it, and let the buyer settle with the seller first.',
      ]
    : [];
}
