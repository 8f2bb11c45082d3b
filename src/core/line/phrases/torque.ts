import { show } from '../../quantity';
import type { Torque, TorqueUnit } from '../../state';
import { parseStages, parseThread } from '../../torque';
import { plainFigure } from '../figure';
import { mark, maybe, oneOf, said, words } from '../slots';
import { slice } from '../tokens';
import type { Found, LineAct, LineContext, Phrase, Slot } from '../types';
import { one, rowsOf } from './common';

interface TorqueWords {
  name: string;
  count: number;
  thread: string | null;
  torque: { si: number; unit: string; entered: string };
  rest: string;
  done: boolean;
}
const torqueFigure = plainFigure('torque', 'nm');

/** Fasteners, perhaps how many of which thread, the figure, stages after it, "done". */
const torqueLine: Slot<TorqueWords> = {
  hint: 'which fasteners and their figure, like sump plug 25 nm',
  read(line, at) {
    const { tokens, source } = line;
    const found: Found<TorqueWords>[] = [];
    for (let i = at + 1; i < tokens.length; i++) {
      for (const f of torqueFigure.read(line, i, []).slice(0, 1)) {
        let end = i;
        let thread: string | null = null;
        let count = 1;
        const sized = /^m\d+(\.\d)?(x[\d.]+)?$/i.test(tokens[end - 1].text) && parseThread(tokens[end - 1].text);
        if (sized) thread = tokens[--end].text.toUpperCase().replace('X', 'x');
        const many =
          /^(\d+)[x×]?$/.exec(tokens[end - 1]?.low ?? '') ??
          (/^[x×]$/.test(tokens[end - 1]?.low ?? '') ? /^(\d+)$/.exec(tokens[end - 2]?.low ?? '') : null);
        if (many && end - 1 > at) {
          count = Number(many[1]);
          end -= /^[x×]$/.test(tokens[end - 1].low) ? 2 : 1;
        }
        let stop = tokens.length;
        const done = tokens[stop - 1].low === 'done';
        if (done) stop--;
        const name = slice(source, tokens, at, end)
          .replace(/[,;:]$/, '')
          .trim();
        const rest = stop > f.next ? slice(source, tokens, f.next, stop).replace(/^(then|and|,)\s*/i, '') : '';
        if (name && count >= 1 && count <= 99)
          found.push({ value: { name, count, thread, torque: f.value, rest, done }, next: tokens.length });
      }
      if (found.length) break;
    }
    return found;
  },
};

const same = (a: string, b: string) => a.toLowerCase().replace(/\W+/g, ' ').trim() === b.toLowerCase().replace(/\W+/g, ' ').trim();

/** All stages of a torque that are still open, as acts in their order. */
function stageActs(c: LineContext, torqueId: string): LineAct[] {
  return rowsOf(c, 'torqueStage')
    .filter((s) => s.torqueId === torqueId && !s.doneAt)
    .sort((a, b) => a.n - b.n)
    .map((s) => ({ do: 'act', type: 'torque.stage', id: s.id, payload: { jobId: c.jobId, torqueId } }));
}

const torque: Phrase = {
  id: 'torque',
  does: 'Plan a torque, or tick it done',
  example: 'sump plug 25 nm done',
  slots: [maybe(said('torque')), mark, torqueLine],
  mean([, , v], { context, problems, tokens }) {
    const { name, count, thread, torque: t, rest, done } = v as TorqueWords;
    const planned = rowsOf(context, 'torque').find((x) => same(x.name, name) && Math.abs(x.figureNm - t.si) < 0.05 + 0.01 * t.si);
    if (planned && done && !rest) {
      const acts = stageActs(context, planned.id);
      if (acts.length === 0) return [];
      return one(
        'torque',
        `${planned.name}, ${planned.entered}: ${acts.length === 1 ? 'the last stage' : `all ${acts.length} stages`} done`,
        ...acts,
      );
    }
    const stages = parseStages(rest ? `${t.entered}, ${rest.replace(/\bthen\b/gi, ',')}` : '', t.unit, t.si);
    if (!stages.ok) {
      problems.push({ at: tokens.length, message: stages.message });
      return [];
    }
    const list = stages.stages.map((s) => ({ kind: s.kind, value: s.value }));
    const said = list.map((s) => (s.kind === 'angle' ? `${s.value}°` : `${show(s.value, t.unit)} ${t.unit}`)).join(', then ');
    return [
      {
        phrase: 'torque',
        words: `Torque: ${name}${count > 1 || thread ? `, ${count} × ${thread ?? 'thread not noted'}` : ''}, ${t.entered} in ${list.length === 1 ? 'one go' : `${list.length} stages (${said})`}${done ? '; done' : ''}`,
        acts: [
          {
            do: 'act',
            type: 'torque.plan',
            id: null,
            payload: {
              jobId: context.jobId,
              name,
              thread,
              count,
              figureNm: t.si,
              unit: t.unit as TorqueUnit,
              entered: t.entered,
              source: 'as said at the bench',
              stages: list,
            },
            needIds: ['stages'],
            ...(done && { allDone: true }),
          },
        ],
        cost: 0,
      },
    ];
  },
};

const openTorque: Slot<Torque> = oneOf('a torque', (c) => rowsOf(c, 'torque').map((t) => ({ value: t, names: [t.name] })));

const torqueDone: Phrase = {
  id: 'done',
  does: 'Next stage done',
  example: 'head nuts done',
  slots: [openTorque, maybe(said('stage', 'next stage')), said('done')],
  mean([t], { context }) {
    const it = t as Torque;
    const acts = stageActs(context, it.id);
    if (acts.length === 0) return [];
    const all = rowsOf(context, 'torqueStage').filter((s) => s.torqueId === it.id).length;
    return one('done', `${it.name}: stage ${all - acts.length + 1} of ${all} done`, acts[0]);
  },
};

const sign: Phrase = {
  id: 'sign',
  does: 'Sign for a torque',
  example: 'sign head nuts',
  slots: [said('sign', 'signed'), mark, openTorque, maybe(said('by')), words('who signs', [], true)],
  mean([, , t, , who], { context }) {
    const it = t as Torque;
    // Whoever works with this device signs, and nobody in the name of another.
    const name = context.actor?.name;
    if (!name || (who && (who as string).toLowerCase() !== name.toLowerCase())) return [];
    const old = [...context.state.rows.signature.values()].filter((s) => s.subjectId === it.id).at(-1);
    return one('sign', `${it.name}, ${it.entered}: signed by ${name}. A signature is never undone.`, {
      do: 'act',
      type: 'signature.sign',
      id: null,
      payload: { jobId: context.jobId, kind: 'torque', subjectId: it.id, signedBy: name, supersedes: old?.id ?? null },
    });
  },
};

/** Torques, their stages and signatures. */
export const torquePhrases: Phrase[] = [torque, torqueDone, sign];
