import type { Provisional } from '../../state';
import { mark, oneOf, said, words } from '../slots';
import { slice } from '../tokens';
import type { Phrase, Slot, SpokenReading } from '../types';
import { one, rowsOf } from './common';

interface ProvisionalWords {
  what: string;
  why: string;
  until: string | null;
  mayRun: boolean;
  mayRide: boolean;
  mayLeave: boolean;
}
const provisionalLine: Slot<ProvisionalWords> = {
  hint: 'what, because why, until …, may ride',
  read(line, at) {
    const { tokens, source } = line;
    const what = words('what', ['because', ':']).read(line, at, [])[0];
    if (!what || what.next >= tokens.length) return [];
    const isMay = (i: number) =>
      tokens[i]?.low === 'may' || (/^(not|no)$/.test(tokens[i]?.low ?? '') && tokens[i + 1]?.low === 'may') ? true : false;
    let end = what.next + 1;
    while (end < tokens.length && tokens[end].low !== 'until' && !isMay(end)) end++;
    const why = slice(source, tokens, what.next + 1, end)
      .replace(/[,;]$/, '')
      .trim();
    let until: string | null = null;
    if (tokens[end]?.low === 'until') {
      let stop = end + 1;
      while (stop < tokens.length && !isMay(stop) && !(tokens[stop].text === ',' && isMay(stop + 1))) stop++;
      until =
        slice(source, tokens, end + 1, stop)
          .replace(/[,;]$/, '')
          .trim() || null;
      end = stop;
    }
    const may = { mayRun: false, mayRide: false, mayLeave: false };
    while (end < tokens.length) {
      if (/^(,|;|and|may)$/.test(tokens[end].low)) {
        end++;
        continue;
      }
      const not = tokens[end].low === 'not';
      const verb = tokens[not ? end + 1 : end]?.low ?? '';
      const field = ({ run: 'mayRun', ride: 'mayRide', ridden: 'mayRide', leave: 'mayLeave' } as const)[verb as 'run'];
      if (!field) return [];
      may[field] = !not;
      end += not ? 2 : 1;
    }
    return why ? [{ value: { what: what.value, why, until, ...may }, next: end }] : [];
  },
};
const mayWords = (p: Pick<Provisional, 'mayRun' | 'mayRide' | 'mayLeave'>) =>
  [
    p.mayRun ? 'may run' : 'may not run',
    p.mayRide ? 'may be ridden' : 'may not be ridden',
    p.mayLeave ? 'may leave' : 'may not leave',
  ].join(', ');
const provisional: Phrase = {
  id: 'provisional',
  does: 'A temporary repair',
  example: 'temporary wire on the panel because the lug broke until new panel, may run, may ride',
  slots: [said('temporary', 'temporary repair', 'provisional', 'for now'), mark, provisionalLine],
  mean([, , v], { context }) {
    const p = v as ProvisionalWords;
    return one('provisional', `Temporary repair: ${p.what}, because ${p.why}${p.until ? `, until ${p.until}` : ''}; ${mayWords(p)}`, {
      do: 'act',
      type: 'provisional.add',
      id: null,
      payload: { jobId: context.jobId, ...p, untilOn: null },
    });
  },
};
const openProvisional: Slot<Provisional> = oneOf('a temporary repair', (c) =>
  rowsOf(c, 'provisional')
    .filter((p) => !p.endedAt)
    .map((p) => ({ value: p, names: [p.what] })),
);
const provisionalOver: Phrase = {
  id: 'provisional over',
  does: 'A temporary repair is fixed properly',
  example: 'proper wire on the panel',
  slots: [said('proper', 'fixed properly', 'provisional over', 'no longer provisional'), mark, openProvisional],
  mean: ([, , p], { context }) =>
    one('provisional over', `Fixed properly: ${(p as Provisional).what}`, {
      do: 'act',
      type: 'provisional.end',
      id: (p as Provisional).id,
      payload: { jobId: context.jobId },
    }),
};

const watch: Phrase = {
  id: 'watch',
  does: 'Something to keep an eye on',
  example: 'watch base gasket, after 500 km',
  slots: [said('watch', 'keep an eye on'), mark, words('what', [',', ';', 'after', 'at', 'every', 'until', 'when']), mark, words('when')],
  mean: ([, , what, , on], { context }) =>
    one('watch', `Watch: ${what as string}, ${on as string}`, {
      do: 'act',
      type: 'watch.add',
      id: null,
      payload: { jobId: context.jobId, what: what as string, due: on as string },
    }),
};

const handOver: Phrase = {
  id: 'hand over',
  does: 'The bike leaves',
  example: 'hand over',
  slots: [said('hand over', 'handed over')],
  mean: (_v, { context }: SpokenReading) =>
    one('hand over', 'The bike is handed over, and this job is closed.', {
      do: 'act',
      type: 'job.handOver',
      id: context.jobId,
      payload: {},
    }),
};

/** What is provisional, what is to be watched, and the hand-over. */
export const provisionalPhrases: Phrase[] = [provisional, provisionalOver, watch, handOver];
