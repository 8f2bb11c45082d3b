import type pg from 'pg';
import { knowledge as shipped } from 'virtual:knowledge';
import { withOwn, type Knowledge } from '../../core/knowledge';
import { boardLine, openComplaints, type Board } from '../../core/stage';
import { list, type State, type Tables } from '../../core/state';
import type { Ranking } from '../../core/trace';
import { log } from '../log';
import { rankJob } from '../work/ranking';
import { openJobs } from './openJobs';

/** How long the first screen waits for rankings; what is not there then shows with the next look. */
const patienceMs = 2500;

/**
 * Everything open in a shop: what can be done now, and what is waited for until when. Where a ranking is not there in time its line
 * does without, and `late` is called.
 */
export async function nextBoard(from: pg.Pool, shopId: string, now: string, late?: () => void): Promise<Board> {
  const { open, gone, own, nameOf, lasts } = await openJobs(from, shopId);
  const knowledge = knowledgeWith(own);
  // Worked out beside the server's thread and without a connection of the database in hand.
  const wanted = [...open].filter(
    ([, state]) => !rankings.has(state) && openComplaints({ complaints: list(state, 'complaint') }).length > 0,
  );
  if (wanted.length > 0)
    await within(
      patienceMs,
      wanted.map(([id, state]) => rankJob(shopId, state, id).then((ranking) => void rankings.set(state, ranking))),
    );
  if (wanted.some(([, state]) => !rankings.has(state))) late?.();
  const lines = [...open].map(([id, state]) => lineOf(state, id, { knowledge, nameOf, last: lasts.get(id) ?? 0, now }));
  return { now, lines, gone };
}

/** A state never changes, so what was worked out of it holds as long as it is held. */
const rankings = new WeakMap<State, Ranking>();
const knowledges = new WeakMap<ReadonlyMap<string, Tables['own']>, Knowledge>();

function knowledgeWith(own: ReadonlyMap<string, Tables['own']>): Knowledge {
  const known = knowledges.get(own) ?? withOwn(shipped, [...own.values()]);
  knowledges.set(own, known);
  return known;
}

interface Drawn {
  line: Board['lines'][number];
  ranking: Ranking | null;
  knowledge: Knowledge;
  /** From when it holds, and until when: the next wait that comes due. */
  from: string;
  until: string | undefined;
}
const drawn = new WeakMap<State, Drawn>();

function lineOf(state: State, id: string, around: Omit<Parameters<typeof boardLine>[2], 'ranking'>): Board['lines'][number] {
  const { knowledge, now, nameOf } = around;
  const ranking = rankings.get(state) ?? null;
  const known = drawn.get(state);
  const holds = known?.ranking === ranking && known.knowledge === knowledge && known.from <= now && (!known.until || now < known.until);
  const line = holds ? known.line : boardLine(state, id, { ...around, ranking });
  if (!holds) {
    const until = line.waiting.map((w) => w.due).sort((a, b) => (a < b ? -1 : 1))[0];
    drawn.set(state, { line, ranking, knowledge, from: now, until });
  }
  // A name may be erased while nothing else changes.
  const personalId = list(state, 'owner').find((o) => o.id === list(state, 'bike')[0].ownerId)?.personalId;
  return { ...line, owner: (personalId && nameOf(personalId)) || null };
}

/** Waits for several tasks, but not longer than that; what comes later is for the next one who asks. */
async function within(ms: number, tasks: readonly Promise<void>[]): Promise<void> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<void>((r) => (timer = setTimeout(r, ms)));
  const all = Promise.allSettled(tasks).then((ends) => {
    const failed = ends.flatMap((e) => (e.status === 'rejected' ? [e.reason as unknown] : []));
    if (failed.length > 0) log.warn({ err: failed[0], count: failed.length }, 'rankings were not worked out');
  });
  await Promise.race([all, late]);
  clearTimeout(timer);
}
