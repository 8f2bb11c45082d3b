import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { script } from '../../test/fixtures/commands';
import { checkCommand } from '.';

const good = script();

describe('the contract', () => {
  it('takes each valid command and hands on exactly what was sent', () => {
    for (const c of good) {
      const checked = checkCommand(c);
      expect(checked.ok ? checked.command : checked.faults).toEqual(c);
    }
  });

  it('names the field and says what to write', () => {
    const c = structuredClone(good.find((x) => x.type === 'part.add')!);
    (c.payload as Record<string, unknown>).price = '12,50';
    expect(checkCommand(c)).toEqual({ ok: false, faults: [{ path: 'payload.price', message: 'Write an amount like 12 or 12.50.' }] });
    (c.payload as Record<string, unknown>).price = '12.50';
    (c.payload as Record<string, unknown>).name = '   ';
    expect(checkCommand(c)).toMatchObject({ faults: [{ path: 'payload.name', message: 'Write something here.' }] });
  });

  it('refuses what is not declared, unstorable characters, and foreign shapes', () => {
    const c = good[0];
    expect(checkCommand({ ...c, shop: 'other' }).ok).toBe(false);
    expect(checkCommand({ ...c, payload: { name: 'a\u0000b' } }).ok).toBe(false);
    expect(checkCommand({ ...c, type: 'constructor' }).ok).toBe(false);
    expect(checkCommand({ ...c, entity: { ...c.entity, kind: 'bike' } }).ok).toBe(false);
    expect(checkCommand({ ...c, base: { name: -1 } }).ok).toBe(false);
    for (const x of [null, 3, 'x', [], undefined, {}]) expect(checkCommand(x).ok).toBe(false);
  });

  it('refuses a name that every object has by itself, wherever it stands', () => {
    const c = script().find((x) => x.type === 'own.change')!;
    for (const name of ['toString', 'valueOf', 'hasOwnProperty', 'constructor', '__proto__']) {
      const figure = JSON.parse(`{"${name}": "x"}`) as unknown;
      expect(checkCommand({ ...c, payload: { ...(c.payload as object), figure } }), name).toMatchObject({ ok: false });
    }
    expect(checkCommand({ ...c, payload: { ...(c.payload as object), figure: null } }).ok).toBe(true);
  });

  it('never throws and never lets through a command with a leaf replaced by rubbish it should not take', () => {
    const rubbish = fc.oneof(
      fc.constant(null),
      fc.constant(undefined),
      fc.integer(),
      fc.double(),
      fc.string(),
      fc.boolean(),
      fc.constant([]),
      fc.constant({}),
      fc.constant({ a: 1 }),
      fc.constant('\ud800'),
    );
    const paths = (o: unknown, at: string[] = []): string[][] =>
      typeof o === 'object' && o !== null ? Object.entries(o).flatMap(([k, v]) => [[...at, k], ...paths(v, [...at, k])]) : [];
    fc.assert(
      fc.property(fc.nat(good.length - 1), fc.nat(), rubbish, (i, j, junk) => {
        const c = structuredClone(good[i]) as unknown as Record<string, unknown>;
        const all = paths(c);
        const path = all[j % all.length];
        const holder = path.slice(0, -1).reduce((o, k) => o[k] as Record<string, unknown>, c);
        holder[path.at(-1)!] = junk;
        const r = checkCommand(c);
        if (!r.ok) expect(r.faults[0].message.length).toBeGreaterThan(3);
        else expect(JSON.stringify(r.command)).not.toMatch(/\\ud800/);
      }),
      { numRuns: 1500 },
    );
  });
});
