import { checklist } from '../../stage';
import type { Checkmark } from '../../state';
import { among, mark, oneOf, said, words } from '../slots';
import type { LineContext, Phrase } from '../types';
import { one } from './common';

const items = (c: LineContext) =>
  c.knowledge.checklists.flatMap((l) =>
    checklist(c.state, c.knowledge, c.jobId, l.id).map((i) => ({ list: l.id, item: i.id, text: i.text })),
  );
const item = oneOf('what was checked', (c) => items(c).map((i) => ({ value: i, names: [i.item.replace(/-/g, ' '), i.text] })));
const check: Phrase = {
  id: 'check',
  does: 'Something on a checklist',
  example: 'check kill switch',
  slots: [
    among<'done' | 'notNeeded' | 'open'>('check, not needed or open again', {
      check: 'done',
      checked: 'done',
      'not needed': 'notNeeded',
      'open again': 'open',
    }),
    mark,
    item,
    mark,
    words('note', [], true),
  ],
  mean([state, , i, , n], { context }) {
    const { list, item: id, text } = i as { list: string; item: string; text: string };
    const said = { done: 'checked', notNeeded: 'not needed', open: 'open again' }[state as 'done' | 'notNeeded' | 'open'];
    return one('check', `${text}: ${said}${n ? ` (${n as string})` : ''}`, {
      do: 'act',
      type: 'check.mark',
      id: null,
      payload: { jobId: context.jobId, list, item: id, state: state as Checkmark['state'], note: (n as string) || null },
    });
  },
};

const caution: Phrase = {
  id: 'caution',
  does: 'A caution that was read',
  example: 'caution fuel vapour',
  slots: [
    said('caution', 'aware of'),
    mark,
    oneOf('a caution', ({ knowledge }) => knowledge.hazards.map((h) => ({ value: h, names: [h.id.replace(/-/g, ' '), h.text] }))),
  ],
  mean([, , h], { context }) {
    const { id, text } = h as { id: string; text: string };
    return one('caution', `Read: ${text}`, {
      do: 'act',
      type: 'hazard.acknowledge',
      id: null,
      payload: { jobId: context.jobId, hazard: id, place: context.next?.testId ?? 'bench line' },
    });
  },
};

/** Checks and cautions. */
export const checksPhrases: Phrase[] = [check, caution];
