import { describe, expect, it } from 'vitest';
import { withLive, withTaken, type LiveFigure } from './takeLive';

const shown = (text: string): LiveFigure[] => [{ field: 'dry#1', text, unit: 'psi', by: 'Gauge, simulated' }];

describe('what an instrument shows while it is on the bench', () => {
  it('stands in for an empty field, and for one that was imported from it', () => {
    expect(withLive({ text: {}, unit: {} }, shown('118')).text).toEqual({ 'dry#1': '118' });
    expect(withLive({ text: { 'dry#1': ' ' }, unit: {} }, shown('118')).text).toEqual({ 'dry#1': '118' });
    const taken = withTaken({ text: {}, unit: {} }, shown('90'));
    expect(withLive(taken, shown('118')).text).toEqual({ 'dry#1': '118' });
  });
  it('never judges in the place of what was typed, and says nothing at rest', () => {
    const typed = { text: { 'dry#1': '185' }, unit: {} };
    expect(withLive(typed, shown('12'))).toMatchObject({ text: { 'dry#1': '185' } });
    expect(withLive({ text: {}, unit: {} }, shown('0')).text).toEqual({});
    expect(withLive({ text: {}, unit: {} }, shown('0.0')).text).toEqual({});
  });
});
