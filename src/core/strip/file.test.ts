import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { id } from '../../../test/fixtures/commands';
import { after } from '../../../test/fixtures/state';
import { connectionKinds, fluidActs, list, verdicts } from '../state';
import { linesOf, readStrip, stripFileOf, stripJson, stripTable, type StripFile } from '.';

const fluids = new Set(['engine-oil', 'coolant']);
const word = fc.stringMatching(/^[a-z][a-z ,;"'→0-9]{0,20}[a-z]$/);
const maybe = fc.option(word, { nil: null });
const files: fc.Arbitrary<StripFile> = fc.integer({ min: 0, max: 5 }).chain((n) => {
  const step = n ? fc.option(fc.integer({ min: 1, max: n }), { nil: null }) : fc.constant(null);
  return fc.record({
    steps: fc.array(fc.record({ title: word, bag: maybe, note: maybe }), { minLength: n, maxLength: n }),
    fasteners: n
      ? fc.array(fc.record({ step: fc.integer({ min: 1, max: n }), size: word, count: fc.integer({ min: 1, max: 999 }), place: maybe }), {
          maxLength: 5,
        })
      : fc.constant([]),
    connections: fc.array(
      fc.record({ step, kind: fc.constantFrom(...connectionKinds), fromEnd: word, toEnd: word, colour: maybe, mark: maybe, route: maybe }),
      { maxLength: 4 },
    ),
    findings: fc.array(fc.record({ step, item: word, seen: word, verdict: fc.constantFrom(...verdicts) }), { maxLength: 3 }),
    fluids: fc.array(
      fc.record({
        step,
        fluid: fc.constantFrom(...fluids),
        act: fc.constantFrom(...fluidActs),
        ml: fc.integer({ min: 0, max: 9000 }),
        grade: maybe,
        note: maybe,
      }),
      { maxLength: 3 },
    ),
  });
});

describe('a strip as a file', () => {
  it('comes back as it was, as a table and as JSON', () => {
    fc.assert(
      fc.property(files, (file) => {
        const table = stripTable(file);
        if (table.length === 1) return;
        expect(readStrip(linesOf(table), fluids)).toEqual({ ok: true, file });
        const json = JSON.parse(JSON.stringify(stripJson('Osprane 650', file))) as { lines: Record<string, string>[] };
        expect(readStrip(json.lines, fluids)).toEqual({ ok: true, file });
      }),
    );
  });

  it('holds what a job has, by the number of its step', () => {
    const s = after('finding.add');
    const file = stripFileOf({
      steps: list(s, 'step').filter((x) => x.jobId === id.job),
      fasteners: list(s, 'fastener'),
      connections: list(s, 'connection'),
      findings: list(s, 'finding'),
      fluids: list(s, 'fluid'),
    });
    expect(file.steps.map((x) => x.title)).toEqual(['Left cover']);
    expect(file.fasteners).toContainEqual({ step: 1, size: 'M6x25', count: 4, place: 'rim' });
    expect(file.fluids.map((f) => [f.act, f.ml])).toEqual([
      ['drained', 1450],
      ['filled', 1600],
    ]);
  });

  it.each([
    [{ kind: 'fastener', step: '1', size: 'M6' }, 'Line 2: there is no step 1.'],
    [{ kind: 'step', name: '' }, 'Line 2: it has no name.'],
    [{ kind: 'step', step: '7', name: 'x' }, 'Line 2: there is no step 7.'],
    [{ kind: 'connection', name: 'a', to: 'b', type: 'rope' }, 'Line 2: "rope" is none of wire, hose, cable, earth, connector.'],
    [{ kind: 'finding', name: 'a', seen: 'b', verdict: 'nice' }, 'Line 2: "nice" is none of'],
    [{ kind: 'fluid', name: 'wine', type: 'filled' }, 'Line 2: "wine" is none of engine-oil, coolant.'],
    [{ kind: 'fluid', name: 'coolant', type: 'left in' }, 'Line 2: what stays in has an amount.'],
    [{ kind: 'fluid', name: 'coolant', type: 'filled', ml: '-4' }, 'Line 2: ml is a number'],
    [{ kind: 'cover' }, 'Line 2: "cover" is no kind of line.'],
    [{}, 'Line 2: it has no kind.'],
  ])('is not read where a line is wrong: %o', (bad, says) => {
    const lines = [{ kind: 'finding', name: 'Piston', seen: 'scored', verdict: 'replace' }, bad];
    const read = readStrip(lines, fluids);
    expect(read.ok).toBe(false);
    expect((read as { problems: string[] }).problems.join('\n')).toContain(says);
  });

  it('with nothing in it says so', () => {
    expect(readStrip([], fluids)).toEqual({ ok: false, problems: ['There is nothing in it.'] });
  });
});
