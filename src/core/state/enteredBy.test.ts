import { describe, expect, it } from 'vitest';
import { id } from '../../../test/fixtures/commands';
import { after } from '../../../test/fixtures/state';
import { enteredBy, list } from '.';

describe('who entered a row', () => {
  const state = after('spec.add');
  const [spec] = list(state, 'spec');
  it('is whoever touched it last', () => {
    const entry = state.journal.findLast((e) => e.type === 'spec.add')!;
    expect(enteredBy(state, 'spec', spec.id)).toEqual({
      name: (entry.actorId && state.rows.person.get(entry.actorId)?.name) || null,
      at: entry.madeAt,
    });
    const changed = {
      ...state,
      journal: [
        ...state.journal,
        {
          ...entry,
          id: 'x',
          type: 'spec.set',
          actorId: id.person,
          madeAt: '2031-01-01T00:00:00.000Z',
          changes: [{ op: 'update' as const, table: 'spec' as const, id: spec.id, set: { source: 'p. 2' }, was: { source: 'p. 1' } }],
        },
      ],
    };
    expect(enteredBy(changed, 'spec', spec.id)).toEqual({
      name: state.rows.person.get(id.person)!.name,
      at: '2031-01-01T00:00:00.000Z',
    });
  });
  it('is unknown where the journal does not reach back', () => {
    expect(enteredBy({ ...state, journal: [] }, 'spec', spec.id)).toBeNull();
  });
});
