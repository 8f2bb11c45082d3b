import { describe, expect, it } from 'vitest';
import { subject } from '../../../../test/fixtures/panel';
import type { Limit } from '../judge';
import { panelById, panels } from '../panels';
import { emptyDraft, fieldsOf, missingLimits, valuesOf, withAsked, type PanelSubject } from '.';

const own = (low: number | null, high: number | null): Limit => ({ low, high, source: 'page 12', general: false });
const idsOf = (id: string, s: PanelSubject) => fieldsOf(valuesOf(withAsked(panelById(id)!, s), s, emptyDraft).blocks).map((f) => f.id);

describe('limits that the sheet lacks', () => {
  it('are asked for on the panel, on the sides that the general value has', () => {
    expect(missingLimits(panelById('compression')!, subject())).toEqual(['compression']);
    expect(idsOf('compression', subject())).toContain('limit-compression-low');
    expect(idsOf('starter', subject())).toEqual(expect.arrayContaining(['limit-live-drop-high', 'limit-earth-drop-high']));
    expect(idsOf('starter', subject())).not.toContain('limit-live-drop-low');
    // Nothing at all is known of it: both sides.
    const blank = subject({ limit: () => null });
    expect(idsOf('chain', blank)).toEqual(expect.arrayContaining(['limit-chain-slack-low', 'limit-chain-slack-high']));
  });

  it('are not asked for where the sheet has them, or the panel asks in fields of its own', () => {
    const s = subject({ limit: (q) => (q === 'compression' ? own(8e5, null) : null) });
    const panel = panelById('compression')!;
    expect(withAsked(panel, s)).toBe(panel);
    expect(withAsked(panelById('rings')!, subject())).toBe(panelById('rings')!);
  });

  it('hold as soon as they are typed, in place of the general value', () => {
    const s = subject();
    const panel = withAsked(panelById('chain')!, s);
    const judged = (text: Record<string, string>) => panel.work(valuesOf(panel, s, { text, unit: {} }).values, s);
    const typed = { slack: '60', 'limit-chain-slack-low': '25', 'limit-chain-slack-high': '35' };
    expect(judged(typed)).toMatchObject({ tone: 'bad', words: expect.stringContaining('Too slack') as string });
    expect(judged(typed).lines[0].limit).toMatchObject({ source: 'as entered here', general: false });
    expect(judged({ ...typed, slack: '30' })).toMatchObject({ tone: 'good' });
    expect(judged({ ...typed, slack: '20' })).toMatchObject({ tone: 'bad', words: expect.stringContaining('Too tight') as string });
  });

  it('every limit that a panel looks up is asked for there, or it is one of its fields of the manual', () => {
    for (const p of panels) {
      const looked = new Set<string>();
      const s = subject({
        limit: (q) => {
          looked.add(q);
          return own(null, 1);
        },
      });
      const fields = fieldsOf(valuesOf(p, s, emptyDraft).blocks);
      for (const figure of ['1', '3', '12', '90']) {
        const text = Object.fromEntries(fields.map((f) => [f.id, f.kind === 'choice' ? (f.options[0]?.value ?? '') : figure]));
        p.work(valuesOf(p, s, { text, unit: {} }).values, s);
      }
      const asked = [...(p.limits ?? []), ...(p.book ?? []).map((b) => b.quantity)];
      for (const q of looked) expect(asked, `${p.id} looks up ${q}`).toContain(q);
      for (const q of p.limits ?? []) expect(s.quantity(q).name, `${p.id} asks for ${q}`).not.toBe(q);
    }
  });
});

describe('panels that suit a bike', () => {
  const idsFor = (s: PanelSubject) => panels.filter((p) => p.suits?.(s) ?? true).map((p) => p.id);
  it('a two-stroke single has no valves to set and nothing to balance', () => {
    const ids = idsFor(subject({ strokes: 'two', cylinders: ['1'] }));
    expect(ids).not.toEqual(expect.arrayContaining(['valves-shims']));
    expect(ids).not.toContain('balance');
    expect(ids).toContain('crankcase');
  });
  it('a four-stroke twin has no oil to mix; where nothing is known nothing is hidden', () => {
    const ids = idsFor(subject());
    expect(ids).not.toContain('mix');
    expect(ids).toEqual(expect.arrayContaining(['valves-shims', 'valves-screws', 'balance']));
    expect(idsFor(subject({ strokes: null, cooling: null }))).toHaveLength(panels.length);
  });
});
