import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { balanceAdvice } from '../measure/carburettor';
import { compressionVerdict } from '../measure/compression';
import { chances, hiddenBike, record, seedOf, simulators } from './simulate';
import { figureOf, heard, instrumentKinds, readLine, readRecording, silent, writeLine, type Live, type Message } from '.';

const name = fc.string({ minLength: 1, maxLength: 20 });
// JSON knows no negative zero.
const figure = fc.double({ noNaN: true, noDefaultInfinity: true, min: -1e6, max: 1e6 }).map((x) => x + 0);
const sample = fc.record({
  t: fc.integer({ min: 0, max: 1e6 }).map((x) => x / 1000),
  channel: name,
  value: fc.option(figure),
  over: fc.constant(null),
  settled: fc.boolean(),
});

describe('the line format', () => {
  it('a message becomes a line and a message again', () => {
    const message: fc.Arbitrary<Message> = fc.oneof(
      sample.map((s): Message => ({ kind: 'sample', sample: s })),
      fc
        .record({ control: name, option: fc.option(name), turns: fc.option(figure) })
        .map((turned): Message => ({ kind: 'turned', turned })),
      fc.constant<Message>({ kind: 'bye' }),
      fc.constantFrom(...instrumentKinds).map((k): Message => ({
        kind: 'hello',
        hello: simulators[k](hiddenBike(chances(3), { cylinders: 2, strokes: 'four', voltage: 12 }), chances(1)).hello,
      })),
    );
    fc.assert(
      fc.property(message, (m) => {
        const line = writeLine(m);
        expect(line).not.toContain('\n');
        expect(readLine(line)).toEqual({ ok: true, message: m });
      }),
    );
  });

  it('says what is wrong with a line, whatever comes', () => {
    for (const [line, problem] of [
      ['{', /not whole JSON/],
      ['[1]', /one object/],
      ['{"t":-1,"c":"1","v":2}', /seconds/],
      ['{"t":1,"v":2}', /channel/],
      ['{"t":1,"c":"1"}', /number/],
      ['{"t":1,"c":"1","v":1,"over":"much"}', /high/],
      ['{"hello":{"format":2}}', /has to be 1/],
      ['{"hello":{"format":1,"id":"a","name":"b","kind":"scale"}}', /one of/],
      ['{"hello":{"format":1,"id":"a","name":"b","kind":"dial","channels":[{"id":"1","unit":"ell"}]}}', /unit/],
      [`"${'x'.repeat(5000)}"`, /longer/],
    ] as const) {
      const r = readLine(line);
      expect(r.ok ? '' : r.problem, line.slice(0, 40)).toMatch(problem);
    }
    fc.assert(fc.property(fc.string(), (line) => void readLine(line)));
    fc.assert(fc.property(fc.json(), (line) => void readLine(line)));
  });

  it('a recording begins with hello, and names the line that is wrong', () => {
    expect(readRecording('{"t":0,"c":"1","v":1}\n')).toMatchObject({ ok: false, line: 1 });
    const s = simulators.dial(hiddenBike(chances(2), { cylinders: 1, strokes: 'two', voltage: 12 }), chances(2));
    const lines = record(s, 1).map(writeLine);
    expect(readRecording(lines.join('\r\n'))).toMatchObject({ ok: true });
    lines[5] = '{';
    expect(readRecording(lines.join('\n'))).toMatchObject({ ok: false, line: 6 });
  });
});

const listen = (messages: readonly Message[]): Live => messages.reduce(heard, silent);
const bikeOf = (seed: number, cylinders = 4) => hiddenBike(chances(seed), { cylinders, strokes: 'four', voltage: 12 });

describe('what is heard', () => {
  it('nothing before the hello, nothing of a channel that was not named; flutter is averaged, what has settled is not', () => {
    expect(listen([{ kind: 'sample', sample: { t: 0, channel: '1', value: 1, over: null, settled: false } }])).toEqual(silent);
    const hello: Message = {
      kind: 'hello',
      hello: {
        id: 'x',
        name: 'x',
        kind: 'vacuum',
        simulated: true,
        controls: [],
        channels: [{ id: '1', name: '1', quantity: null, unit: 'cmHg', resolution: 0.1 }],
      },
    };
    const at = (value: number, settled = false): Message => ({
      kind: 'sample',
      sample: { t: 0, channel: '1', value, over: null, settled },
    });
    const live = listen([
      hello,
      at(20),
      at(22),
      at(20),
      at(22),
      { kind: 'sample', sample: { t: 0, channel: '2', value: 5, over: null, settled: false } },
    ]);
    expect(live.channels.size).toBe(1);
    expect(figureOf(live.hello!, live.channels.get('1')!)).toEqual({ value: 21, decimals: 1 });
    const held = heard(live, at(25, true));
    expect(figureOf(held.hello!, held.channels.get('1')!)?.value).toBeCloseTo(25, 9);
    expect(heard(live, { kind: 'bye' }).ended).toBe(true);
  });
});

describe('the simulated instruments', () => {
  it('are the same for the same bike, stay on their scales and in their steps', () => {
    for (const kind of instrumentKinds) {
      const once = () =>
        record(simulators[kind](bikeOf(9), chances(5)), 4, [{ at: 1, turned: { control: 'crank', option: null, turns: null } }]);
      expect(once()).toEqual(once());
      const hello = once()[0];
      if (hello.kind !== 'hello') throw new Error('no hello');
      for (const m of once())
        if (m.kind === 'sample') {
          const channel = hello.hello.channels.find((c) => c.id === m.sample.channel)!;
          expect(channel).toBeDefined();
          if (m.sample.value !== null)
            expect(Math.abs(m.sample.value / channel.resolution - Math.round(m.sample.value / channel.resolution))).toBeLessThan(1e-6);
          else expect(m.sample.over ?? 'nothing yet').toBeTruthy();
        }
    }
    expect(seedOf('a')).not.toBe(seedOf('b'));
  });

  it('a compression gauge climbs stroke by stroke, and what it settles to says what is hidden', () => {
    for (let seed = 0; seed < 12; seed++) {
      const bike = bikeOf(seed, 2);
      const s = simulators.compression(bike, chances(seed));
      const peak = (cylinder: number, oil: boolean) => {
        const press = (control: string, option: string | null = null) => ({ at: 0, turned: { control, option, turns: null } });
        const heardAll = record(s, 6, [press('cylinder', String(cylinder + 1)), ...(oil ? [press('oil')] : []), press('crank')]);
        const values = heardAll.flatMap((m) => (m.kind === 'sample' && m.sample.value !== null ? [m.sample.value] : []));
        for (let i = 1; i < 70; i++) expect(values[i]).toBeGreaterThan(values[i - 1] - 3);
        const live = listen(heardAll);
        expect(live.channels.get('gauge')!.last.settled).toBe(true);
        return figureOf(live.hello!, live.channels.get('gauge')!)!.value * 6894.757;
      };
      const readings = bike.compression.map((_c, i) => ({ cylinder: String(i + 1), dryPa: peak(i, false), wetPa: peak(i, true) }));
      const found = compressionVerdict(readings, { lowPa: 9e5, highPa: null, spread: 0.15 }, {}).findings.map((f) =>
        'cylinder' in f ? `${f.kind} ${f.cylinder}` : f.kind,
      );
      bike.compression.forEach((c, i) => {
        const ill = c.peakPa < 9e5;
        expect(
          found.some((f) => f.endsWith(` ${i + 1}`)),
          `seed ${seed}, cylinder ${i + 1}: ${found.join()}`,
        ).toBe(ill);
        if (ill) expect(found).toContain(`${c.wetGain > 0.15 ? 'rings' : 'valves or gasket'} ${i + 1}`);
      });
    }
  });

  it('columns answer to the screws: whoever turns the one that is named gets them balanced', () => {
    for (const n of [2, 3, 4]) {
      for (let seed = 0; seed < 8; seed++) {
        const s = simulators.vacuum(bikeOf(seed, n), chances(seed));
        let t = 0;
        const settled = () => {
          let live = heard(silent, { kind: 'hello', hello: s.hello });
          for (let i = 0; i < 60; i++, t += 0.05) for (const x of s.read(t)) live = heard(live, { kind: 'sample', sample: x });
          return s.hello.channels.map((c) => live.channels.get(c.id)!.mean);
        };
        let turns = 0;
        for (; turns < 60; turns++) {
          const v = settled();
          const { good, screw } = balanceAdvice(v, 2);
          if (good) break;
          const mean = (at: readonly number[]) => at.reduce((x, i) => x + v[i], 0) / at.length;
          const apart = mean(screw!.after) - mean(screw!.before);
          s.turn({ control: screw!.id, option: null, turns: -Math.sign(apart) / 8 }, t);
        }
        expect(turns).toBeLessThan(60);
      }
    }
  });

  it('a dead bridge of the circuit shows on the meter, which first takes a moment', () => {
    const bike = bikeOf(4);
    const s = simulators.multimeter(bike, chances(4));
    s.turn({ control: 'probe', option: 'coil', turns: null }, 0);
    expect(s.read(0.1)[0].value).toBeNull();
    expect(s.read(2)[0].value).toBeCloseTo(bike.circuit[4].volts, 1);
  });

  it('a bore gauge shows the least where it stands square; a wrench clicks at its setting or where the nut moves', () => {
    const bike = bikeOf(6);
    const gauge = record(simulators.bore(bike, chances(6)), 8).flatMap((m) =>
      m.kind === 'sample' && m.sample.settled ? [m.sample.value!] : [],
    );
    for (const x of gauge) expect(Math.abs(x - 64 - bike.boreMm[0].top[0])).toBeLessThan(0.006);
    expect(gauge.length).toBeGreaterThan(0);
    const wrench = simulators.torque(bike, chances(6));
    const pull = (setting: string) => {
      for (const [control, option] of [
        ['bolt', '2'],
        ['setting', setting],
        ['pull', null],
      ] as const)
        wrench.turn({ control, option, turns: null }, 0);
      return wrench.read(8)[0];
    };
    const moves = bike.movesAtNm[1];
    const moved = pull('25');
    expect(moved.settled).toBe(true);
    expect(Math.abs(moved.value! - moves)).toBeLessThan(0.6);
    if (moves > 5) expect(pull('5')).toMatchObject({ value: null, over: 'high' });
  });
});
