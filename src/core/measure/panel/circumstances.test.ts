import { describe, expect, it } from 'vitest';
import { run, subject } from '../../../../test/fixtures/panel';
import { circumstanceWords } from '../../state';
import { panelById, panels } from '../panels';
import { circumstanceFields, emptyDraft, fieldsOf, valuesOf, withAsked, withCircumstances, type Panel } from '.';

const s = subject();
const idsOf = (p: Panel) => fieldsOf(valuesOf(p, s, emptyDraft).blocks).map((f) => f.id);
const conditionsOf = (id: string, text: Record<string, string>) => {
  const p = withAsked(withCircumstances(panelById(id)!), s);
  return p.work(valuesOf(p, s, { text, unit: {} }).values, s).conditions;
};

describe('circumstances', () => {
  it('are asked for on every panel, each once', () => {
    for (const p of panels) {
      const ids = idsOf(withAsked(withCircumstances(p), s));
      expect(new Set(ids).size, p.id).toBe(ids.length);
      expect(ids, p.id).toEqual(expect.arrayContaining(['air', 'circumstance']));
    }
    expect(idsOf(withCircumstances(panelById('points')!))).toContain('engine');
    expect(idsOf(withCircumstances(panelById('forks')!))).not.toContain('engine');
  });

  it('go along with what the panel says, in SI; what is not said is left out', () => {
    const band = { 'in-low': '0.05', 'in-high': '0.10', 'ex-low': '0.10', 'ex-high': '0.15', 'found#in-1': '0.08' };
    expect(conditionsOf('valves-screws', { ...band, engine: 'cold', air: '18', circumstance: ' after a night in the shed ' })).toEqual({
      temperature: 'cold',
      air: 291.15,
      note: 'after a night in the shed',
    });
    expect(conditionsOf('valves-screws', band)).toEqual({});
    expect(conditionsOf('forks', { air: '5', engine: 'hot' })).toMatchObject({ air: 278.15 });
  });

  it('keep what the panel itself makes of them', () => {
    const typed = { 'dry#1': '150', throttle: 'open', engine: 'warm', battery: 'weak', air: '12' };
    expect(conditionsOf('compression', typed)).toEqual({ temperature: 'warm', battery: 'weak', air: 285.15 });
  });

  it('clearances of a warm engine are warned of', () => {
    const band = { 'in-low': '0.05', 'in-high': '0.10', 'ex-low': '0.10', 'ex-high': '0.15', 'found#in-1': '0.08' };
    expect(run('valves-screws', { ...band, engine: 'warm' }).warnings.join()).toMatch(/cold engine/);
    expect(run('valves-screws', { ...band, engine: 'cold' }).warnings).toEqual([]);
  });

  it('an air temperature that cannot be is caught at its field', () => {
    const p = withCircumstances(panelById('chain')!);
    const { read } = valuesOf(p, s, { text: { air: '180' }, unit: {} });
    expect(read.get('air')).toMatchObject({ ok: false });
  });

  it('stand in words', () => {
    expect(circumstanceWords({ temperature: 'cold', battery: 'own', air: 291.15, note: 'in the shed' })).toBe(
      'engine cold, air 18 °C, in the shed',
    );
    expect(circumstanceWords({ battery: 'weak', tries: 3 })).toBe('weak battery, 3 tries');
    expect(circumstanceWords({})).toBe('');
    expect(circumstanceFields).toEqual(['engine', 'air', 'circumstance']);
  });
});
