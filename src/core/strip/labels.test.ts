import { describe, expect, it } from 'vitest';
import { id } from '../../../test/fixtures/commands';
import { after } from '../../../test/fixtures/state';
import { labelsOf } from '.';

describe('labels', () => {
  it('name each bag that is out with what is in it, and each part that lies by itself; what is refitted has none', () => {
    const s = after('step.add');
    const [fasteners, step] = [[...s.rows.fastener.values()], s.rows.step.get(id.step)!];
    expect(labelsOf([step], fasteners)).toEqual([
      { head: 'Bag 7', lines: ['Left cover', '4 × M6x25 rim, 2 × dowel'], opens: { bag: '7' } },
    ]);
    const tank = { ...step, id: 'tank', title: 'Tank', bag: null };
    const second = { ...step, id: 'second', title: 'Clip' };
    expect(labelsOf([step, tank, second], fasteners).map((l) => [l.head, l.lines.length, l.opens])).toEqual([
      ['Bag 7', 3, { bag: '7' }],
      ['Tank', 0, { step: 'tank' }],
    ]);
    expect(labelsOf([{ ...step, refittedAt: '2030-01-01T00:00:00.000Z' }], fasteners)).toEqual([]);
  });
});
