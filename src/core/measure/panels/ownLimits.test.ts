import { describe, expect, it } from 'vitest';
import { run, subject } from '../../../../test/fixtures/panel';
import { cases, examples, type Example } from '../../../../test/fixtures/panelCases';
import { judge, type Limit } from '..';
import type { PanelLine, Result, PanelSubject } from '../panel';
import { panelById, panels } from '.';

// Whatever limit the bike's manual gives for a figure that a panel shows, the panel's colour and words never say the opposite of the
// bar that it draws against that limit. Every case of every panel, with limits of every kind around each of its quantities.

const all: Example[] = [...cases.map(([what, panel, typed]): Example => [what, panel, typed]), ...examples];

/** Quantities that a panel holds against limits of the bike. */
const held = (id: string): string[] => {
  const p = panelById(id)!;
  return [...new Set([...(p.limits ?? []), ...(p.book ?? []).map((b) => b.quantity)])];
};

const withLimit = (quantity: string, limit: Limit, on: Partial<PanelSubject> = {}) => {
  const usual = subject(on);
  return subject({ ...on, limit: (q) => (q === quantity ? limit : usual.limit(q)) });
};

const source = 'page 7';
const barsOf = (r: Result): PanelLine[] => r.lines.filter((l) => l.limit?.source === source);
const middle = ({ value: v }: PanelLine) => (v.kind === 'exact' ? v.value : v.kind === 'interval' ? (v.low + v.high) / 2 : null);
const isOut = (l: PanelLine) => ['low', 'high', 'past service'].includes(judge(l.value, l.limit!, { relative: 0, absolute: 0 }).verdict);

/** Limits that a figure holds or misses by a fifth or a half, some of them with a service limit that it still holds or misses. */
const limitsAround = (x: number, general: Limit | null): Limit[] => {
  const span = Math.abs(x) || 1;
  // A manual gives no least figure for what is best at nothing, and no most where more is better; both where both matter.
  const sides = (['low', 'high'] as const).filter(
    (side) => !general || (general.low === null && general.high === null) || general[side] !== null,
  );
  const far = (side: 'low' | 'high') => (sides.length === 2 && general ? x + (side === 'high' ? 20 : -20) * span : null);
  return sides.flatMap((side) =>
    [-0.5, -0.2, 0.2, 0.5].flatMap((by) =>
      [null, 0.1, 0.35].map((further) => {
        const edge = x + span * by;
        const service = further === null ? null : edge + (side === 'low' ? -1 : 1) * span * further;
        return {
          low: side === 'low' ? edge : far('low'),
          high: side === 'high' ? edge : far('high'),
          serviceLow: side === 'low' ? service : null,
          serviceHigh: side === 'high' ? service : null,
          source,
          general: false,
        };
      }),
    ),
  );
};

const praise =
  /within (its |their |the )?(limits|manual|band)|all good|is right|^good|tight enough|: (tight|fair)\b|strong enough|holds while|as the (book|maker)/i;

/** What contradicts its bar: praised though the bar is out, or condemned for that figure though the bar is in. */
function contradictions(id: string, quantity: string): string[] {
  const found = new Set<string>();
  for (const [what, panel, typed, on] of all) {
    if (panel !== id) continue;
    const anything: Limit = { low: -1e12, high: 1e12, source, general: false };
    const free = run(id, typed, withLimit(quantity, anything, on));
    const at = barsOf(free)
      .map(middle)
      .find((x) => x !== null);
    if (at === undefined) continue;
    // With a limit that allows anything, what is still bad is said by something else.
    const otherwise = free.tone === 'bad';
    const slip = /cannot be|look (at the figures )?again|read wrongly|measure both again|engine itself turns hard/i.test(free.words);
    if (otherwise && !slip && free.lines.length === 1 && free.warnings.length === 0)
      found.add(`${what}: condemned whatever is allowed: ${free.words}`);
    for (const limit of limitsAround(at, subject(on).limit(quantity))) {
      const r = run(id, typed, withLimit(quantity, limit, on));
      const bars = barsOf(r);
      if (bars.some(isOut)) {
        if (r.tone === 'good') found.add(`${what}: out and green: ${r.words}`);
        else if (r.lines.length === 1 && praise.test(r.words)) found.add(`${what}: out and praised: ${r.words}`);
      } else if (r.tone === 'bad' && !otherwise) found.add(`${what}: in and red: ${r.words}`);
    }
  }
  return [...found];
}

describe('a panel against own limits of every kind', () => {
  it.each(panels.flatMap((p) => held(p.id).map((quantity) => [p.id, quantity] as const)))('%s, %s', (id, quantity) =>
    expect(contradictions(id, quantity)).toEqual([]),
  );
});
