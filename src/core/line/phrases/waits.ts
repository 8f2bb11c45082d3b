import { dayTimeWords, type Wait, type WaitKind, waitKinds } from '../../state';
import { among, mark, maybe, oneOf, perhaps, said, words } from '../slots';
import { time } from '../times';
import type { Found, LineContext, Phrase, Slot } from '../types';
import { one, rowsOf } from './common';

const when = (iso: string, { aheadMinutes }: LineContext) =>
  dayTimeWords(new Date(Date.parse(iso) + aheadMinutes * 60_000).toISOString(), 'UTC');
const kinds = Object.fromEntries(waitKinds.map((k) => [k, k])) as Record<WaitKind, WaitKind>;

interface WaitWords {
  what: string;
  until: string | null;
  lookAgain: string | null;
}
/** What is waited for, then "until" or "look again" and a time; either or both. */
const waitLine: Slot<WaitWords> = {
  hint: 'what, then until or look again, and when',
  read(line, at) {
    const stops = ['until', 'look', 'in', 'tomorrow', 'tonight', 'today'];
    const what = words('what', stops).read(line, at, [])[0];
    if (!what) return [];
    let found: Found<WaitWords>[] = [{ value: { what: what.value, until: null, lookAgain: null }, next: what.next }];
    for (let round = 0; round < 2; round++)
      found = found.flatMap((f) => {
        const i = /^[,;]$/.test(line.tokens[f.next]?.text ?? '') ? f.next + 1 : f.next;
        const until = line.tokens[i]?.low === 'until';
        const look = line.tokens[i]?.low === 'look' && line.tokens[i + 1]?.low === 'again';
        if (round === 1 && !until && !look) return [f];
        const times = time.read(line, until ? i + 1 : look ? i + 2 : i, []);
        if (times.length === 0) return [f];
        return times.map((t) => ({ value: { ...f.value, [look ? 'lookAgain' : 'until']: t.value }, next: t.next }));
      });
    return found.filter((f) => f.value.until ?? f.value.lookAgain);
  },
};
const wait: Phrase = {
  id: 'wait',
  does: 'Put on hold',
  example: 'wait soaking bores until tomorrow 9:00',
  slots: [
    said('wait', 'wait for', 'waiting'),
    mark,
    perhaps(among<WaitKind>('soaking, curing, cooling, part, owner, outside work, charging', kinds), 0.3),
    mark,
    waitLine,
  ],
  mean([, , k, , w], { context }) {
    const { what, until, lookAgain } = w as WaitWords;
    const kind = (k as WaitKind | null) ?? 'owner';
    if (!k) return [];
    return one(
      'wait',
      `On hold, ${kind}: ${what}${lookAgain ? `; check again ${when(lookAgain, context)}` : ''}${until ? `; until ${when(until, context)}` : ''}`,
      { do: 'act', type: 'wait.start', id: null, payload: { jobId: context.jobId, kind, what, until, lookAgain } },
    );
  },
};
const openWait: Slot<Wait> = oneOf('a wait', (c) =>
  rowsOf(c, 'wait')
    .filter((w) => !w.endedAt)
    .map((w) => ({ value: w, names: [w.what, `${w.kind} ${w.what}`] })),
);
const over: Phrase = {
  id: 'over',
  does: 'End a hold',
  example: 'over bores',
  slots: [said('over', 'wait over'), mark, openWait],
  mean: ([, , w], { context }) =>
    one('over', `Off hold: ${(w as Wait).what}`, {
      do: 'act',
      type: 'wait.end',
      id: (w as Wait).id,
      payload: { jobId: context.jobId },
    }),
};
const later: Phrase = {
  id: 'later',
  does: 'Snooze a hold',
  example: 'later bores in 2 hours',
  slots: [said('later'), mark, openWait, maybe(said('look again')), time],
  mean: ([, , w, , t], { context }) =>
    one('later', `${(w as Wait).what}: check again ${when(t as string, context)}`, {
      do: 'set',
      type: 'wait.set',
      id: (w as Wait).id,
      set: { lookAgain: t as string },
    }),
};

/** Waits. */
export const waitsPhrases: Phrase[] = [wait, over, later];
