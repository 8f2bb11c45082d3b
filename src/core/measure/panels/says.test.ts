import { describe, expect, it } from 'vitest';
import { stringify } from 'yaml';
import { run, subject } from '../../../../test/fixtures/panel';
import { cases, examples, type Example } from '../../../../test/fixtures/panelCases';
import { fromSi } from '../../quantity';
import type { PanelLine, Result } from '../panel';
import { panels } from '.';

// All that a panel says of the cases, to the last word: says/*.yaml, read through line by line and reckoned after. A panel that says
// otherwise is wrong, or `npx vitest run -u` writes it down anew and the difference is read through again.

const num = (si: number, unit: string) => `${Number(fromSi(si, unit).toPrecision(5))}`;

function value({ value: v, unit }: PanelLine): string {
  if (v.kind === 'exact') return `${num(v.value, unit)} ${unit}`.trim();
  if (v.kind === 'interval') return `${num(v.low, unit)} to ${num(v.high, unit)} ${unit}`;
  return v.kind;
}

function line(l: PanelLine): string {
  const edge = (x: number | null | undefined) => (x == null ? '-' : num(x, l.unit));
  const { limit: lim, keep } = l;
  const limit = lim
    ? `, limit ${edge(lim.low)} to ${edge(lim.high)}${lim.serviceLow != null || lim.serviceHigh != null ? `, service ${edge(lim.serviceLow)} to ${edge(lim.serviceHigh)}` : ''} (${lim.source}${lim.general ? ', general' : ''})`
    : '';
  // An error is a difference, also of temperatures.
  const difference = (si: number) => Number((fromSi(si, l.unit) - fromSi(0, l.unit)).toPrecision(5));
  const error = l.error ? `, error ${difference(l.error.absolute)} and ${l.error.relative}` : '';
  return `${l.label}: ${value(l)}${limit}${error}${l.note ? `, ${l.note}` : ''}${keep ? `, kept as ${keep.quantity} ${keep.position ?? ''}` : ''}`.trim();
}

const told = (r: Result) => ({
  tone: r.tone,
  says: r.words,
  ...(r.lines.length ? { lines: r.lines.map(line) } : {}),
  ...(r.steps.length ? { steps: r.steps } : {}),
  ...(r.warnings.length ? { warnings: r.warnings } : {}),
  ...(r.handed.length ? { handed: r.handed.map((h) => `${h.testId} ${h.position ?? '-'} ${h.outcome || `by ${h.fieldId}`}`) } : {}),
  ...(r.conditions && Object.keys(r.conditions).length ? { conditions: r.conditions } : {}),
  ...(r.notes?.length ? { notes: r.notes.map((n) => `${n.about}: ${n.says}`) } : {}),
  ...(r.checks?.length ? { checks: r.checks.map((c) => `${c.about}: ${c.says === undefined ? 'owed' : (c.says ?? 'failed')}`) } : {}),
  ...(r.drawing ? { drawing: r.drawing } : {}),
});

describe('what the panels say', () => {
  it.each(panels.map((p) => p.id))('%s', async (id) => {
    const own = [...cases.map(([what, panel, typed]): Example => [what, panel, typed]), ...examples].filter(([, panel]) => panel === id);
    expect(own.length).toBeGreaterThan(0);
    const all = Object.fromEntries(own.map(([what, , typed, on]) => [what, { typed, ...told(run(id, typed, subject(on))) }]));
    expect(Object.keys(all).length).toBe(own.length);
    await expect(stringify(all, { lineWidth: 0 })).toMatchFileSnapshot(`says/${id}.yaml`);
  });
});
